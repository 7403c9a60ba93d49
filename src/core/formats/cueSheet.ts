import { type Catalogue, ladderOf } from '../movement'
import {
  type Block,
  doseWords,
  formatLabel,
  formatWords,
  kitOf,
  LEVEL_LETTERS,
  type PlanDraft,
  type Prescription,
  QUIET_KINDS,
  wholeItem,
} from '../plan'
import { type Base, baseOf, clock, type Timeline } from '../timing'
import { DEFAULT_HOUSE_RULES, type HouseRules, type Kit } from '../vocabulary'
import { type CueWords, countOf, feelOf, gripOf, houseRulesOn, stanceOf, standOf } from './cueParts'

/** One line of a cue sheet: an item, or a block in which nobody works. */
export interface CueLine {
  /** m:ss from the beginning */
  at: string
  seconds: number
  part: string
  /** title and how the block runs */
  block: string
  /** id of the item; none where it is a quiet block */
  item?: string
  movement: string
  version: string
  dose: string
  /** said before the change to it; empty when nothing changes */
  announce: string
  /** which way the instructor stands to the group */
  stand: string
  stance: string
  grip: string
  say: string
  breath: string
  /** where it is felt, what it is for in daily life, the common fault, what is counted aloud */
  feel: string
  serves: string
  watch: string
  count: string
  /** what this house says of it */
  house: string[]
  /** of an item with levels: their letters and names */
  levels: string[]
  gentler: string
  harder: string
  /** s to read set-up and action aloud, and whether there is the time */
  readingSeconds: number
  fits: boolean
}

/** Words a minute at which a class is spoken to, between the slow and the quick: an estimate. */
const WORDS_A_MINUTE = 150
const PLACE_WORDS: Record<Base, string> = {
  floor: 'down to the mat',
  bed: 'onto the bed',
  seat: 'sit down',
  heldStand: 'stand up, a hand on the chair',
  freeStand: 'stand up, room on all sides',
}
const LET_GO = 'hands off the chair'
const TAKE_HOLD = 'a hand on the chair'
const KIT_WORDS: Partial<Record<Kit, string>> = {
  dumbbell: 'weights',
  band: 'bands',
  ball: 'balls',
  cuff: 'cuffs',
  towel: 'towels',
  step: 'steps',
  mat: 'mats',
  wedge: 'wedges',
}
const isStanding = (base: Base) => base === 'heldStand' || base === 'freeStand'

function announced(base: Base, before: Base, kit: readonly Kit[], kitBefore: readonly Kit[]): string {
  const place = base === before ? '' : isStanding(base) && isStanding(before) ? (base === 'freeStand' ? LET_GO : TAKE_HOLD) : PLACE_WORDS[base]
  const named = (list: readonly Kit[], without: readonly Kit[]) => list.flatMap((one) => (without.includes(one) ? [] : (KIT_WORDS[one] ?? [])))
  const [take, away] = [named(kit, kitBefore), named(kitBefore, kit)]
  return [place, take.length > 0 ? `take ${take.join(' and ')}` : '', away.length > 0 ? `${away.join(' and ')} aside` : '']
    .filter((words) => words !== '')
    .join(', ')
}

const NO_PARTS = { stand: '', stance: '', grip: '', feel: '', serves: '', count: '', house: [], levels: [] }

const byClock = (block: Block): boolean =>
  block.format === 'intervals' ||
  block.format === 'song' ||
  block.format === 'laps' ||
  (block.format === 'circuit' && block.workSeconds !== undefined)

const wordsIn = (text: string) => text.split(/\s+/).filter(Boolean).length

/**
 * The class as it is said, line by line, in the order in which things begin.
 *
 * @param timeline of the same plan, with the people's rests and pauses in it
 * @param rules of the house
 */
export function cueSheet(
  plan: PlanDraft,
  items: readonly Prescription[],
  timeline: Timeline,
  catalogue: Catalogue,
  words: CueWords,
  rules: HouseRules = DEFAULT_HOUSE_RULES,
): CueLine[] {
  let base: Base = 'seat'
  let kit: readonly Kit[] = []
  return plan.phases.flatMap((phase) =>
    phase.blocks.flatMap((block): CueLine[] => {
      const label = formatLabel(block.format)
      const runs = [block.title === label ? '' : block.title, label, formatWords(block)].filter(Boolean).join(' · ')
      const shared = { part: phase.title || phase.kind, block: runs }
      if (block.format === 'quiet') {
        const own = timeline.segments.filter((segment) => segment.block === block.id)
        const now = block.position ? baseOf(block.position) : base
        const announce = announced(now, base, kit, kit)
        base = now
        const readingSeconds = Math.round((wordsIn(block.words) * 60) / WORDS_A_MINUTE)
        const nothing = { ...NO_PARTS, version: '', dose: `${block.seconds} s`, breath: '', watch: '', gentler: '', harder: '' }
        return [
          {
            ...shared,
            ...nothing,
            block: block.title || QUIET_KINDS[block.what],
            at: clock(own[0]?.startSeconds ?? 0),
            seconds: own.reduce((sum, { seconds }) => sum + seconds, 0),
            movement: block.title || QUIET_KINDS[block.what],
            announce,
            say: block.words,
            readingSeconds,
            fits: readingSeconds <= block.seconds,
          },
        ]
      }
      const rows = block.items.flatMap(({ id }) => items.filter(({ item }) => wholeItem(item.id) === id))
      return rows.flatMap((item): CueLine[] => {
        const { id } = item.item
        const own = timeline.segments.filter((segment) => segment.item === id)
        const firstWork = own.findIndex(({ kind }) => kind === 'work')
        const { entry } = item
        const cues = entry?.variant.cues
        const now = baseOf(item.demands.basePosition)
        const itsKit = kitOf(item)
        const announce = announced(now, base, itsKit, kit)
        base = now
        kit = itsKit
        const ladder = entry ? ladderOf(catalogue, entry.movement.id) : []
        const step = entry ? ladder.indexOf(entry) : -1
        // what is there before the work, and its first half, is for words
        const before = own.slice(0, Math.max(0, firstWork)).reduce((sum, { seconds }) => sum + seconds, 0)
        const readingSeconds = Math.round((wordsIn(`${announce} ${cues?.setup ?? ''} ${cues?.do ?? ''}`) * 60) / WORDS_A_MINUTE)
        const levels = (item.item.levels ?? []).map((level, at) => `${LEVEL_LETTERS[at]} ${catalogue.byId.get(level)?.variant.name ?? level}`)
        return [
          {
            ...shared,
            stand: standOf(item),
            stance: stanceOf(item, words),
            grip: gripOf(item, words),
            feel: feelOf(item, words),
            serves: entry?.movement.everyday ?? '',
            count: countOf(item, rules),
            house: houseRulesOn(item).flatMap((rule) => words.house(rule) || []),
            levels,
            at: clock(own[0]?.startSeconds ?? 0),
            seconds: own.reduce((sum, { seconds }) => sum + seconds, 0),
            item: item.item.id,
            movement: entry?.movement.name ?? item.name,
            version: entry?.variant.name ?? '',
            // where a clock says how long, the dose does not
            dose: byClock(block) && item.dose.workSeconds !== undefined ? `${item.dose.workSeconds} s` : doseWords(item.planDose, rules.masses),
            announce,
            say: [cues?.setup, cues?.do].filter(Boolean).join(' '),
            breath: cues?.breath ?? '',
            watch: cues?.watch ?? '',
            gentler: step > 0 ? (ladder[step - 1]?.variant.name ?? '') : '',
            harder: step >= 0 ? (ladder[step + 1]?.variant.name ?? '') : '',
            readingSeconds,
            fits: readingSeconds <= before + (own[firstWork]?.seconds ?? 0) / 2,
          },
        ]
      })
    }),
  )
}
