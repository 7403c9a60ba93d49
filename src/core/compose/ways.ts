import { type Quality, qualityOf } from '../coverage'
import { type Alone, aloneOf, isAvailable, type Placement, pacingOf, placeGroup, type Roster, settlesAt, tracksFor } from '../evaluate'
import { type Catalogue, type CatalogueEntry, type EverydayFunction, ladderOf, type Muscle } from '../movement'
import { asPlanDose, type Block, type Item, kitKey, type Plan, type Prescription, prescriptionOf } from '../plan'
import { expand, HOUSE_RATES, type Rates } from '../timing'
import { type ClassBrief, MOST_RPE, type Place } from './brief'

/** Parts of a composed class. */
export const PARTS = ['warm-up', 'main', 'cool-down'] as const
export type Part = (typeof PARTS)[number]

/** A movement as a whole class would do it: the planned version and dose, and what the others take beside it. */
export interface Way {
  /** variant and sets: "squat/free ×2" */
  id: string
  movement: string
  variant: string
  sets: number
  parts: readonly Part[]
  /** of the whole item with its rests, showing and sides; ways to it are not in it */
  seconds: number
  workSeconds: number
  /** so much longer its work by the clock may be, s; the seconds around it stay */
  mostExtra: number
  /** work and the rests in it, s: what a cool-down is counted by (rule base 5.5) */
  quietSeconds: number
  /** work that trains, s: that of somebody who could do a higher step counts by how far up their own ladder they are, mean over the people */
  trainingSeconds: number
  /** what is changed, and versions that are shown beside the first, mean over the people */
  loss: number
  place: Place
  /** what is in the hands or under the feet; '' = nothing to fetch */
  kit: string
  quality: Quality
  serves: EverydayFunction
  main: readonly Muscle[]
  helping: readonly Muscle[]
  rpe: number
  isNew: boolean
  wasLately: boolean
  /** versions shown, the planned one first */
  shown: readonly string[]
  prescription: Prescription
}

/** Effort that warm-up and cool-down stay under (rule base 5.5), 0 to 10. */
const PART_RPE: Readonly<Record<Part, number>> = { 'warm-up': 3, main: 10, 'cool-down': 2 }
/** From this effort on work is hard for its muscles. */
export const HARD_RPE = 5
/** Impact from which a landing is one (rule base, impactLevel). */
const LANDING = 2
const EXTRA_VERSION_LOSS = 0.15
const CHANGE_LOSS = 0.25
/** Another version is said and shown beside the first, s: a house estimate. */
const EXTRA_VERSION_SECONDS = 5
/** A lift of the pelvic floor is strength for itself, and little of what a class means by it. */
const PELVIC_FLOOR_SHARE = 0.3
/** Sets that are offered, by what is trained. */
const SETS: Readonly<Record<Quality, readonly number[]>> = {
  strength: [1, 2, 3],
  balance: [1, 2, 3],
  power: [1, 2],
  heart: [1, 2, 3],
  mobility: [1, 2],
  stretch: [1],
  skill: [1, 2],
  calm: [1],
}

/** What a warm-up may do for longer than a set. */
const AT_EASE: ReadonlySet<Quality> = new Set(['heart', 'mobility'])
/** So long is work by the clock in one go, s: what is worth to begin, and what a group keeps its mind on. */
const WORK = { least: 30, most: 180 } as const

export function placeOf({ planned: { basePosition } }: CatalogueEntry): Place {
  if (basePosition.startsWith('bed-')) return 'bed'
  if (basePosition.startsWith('seated')) return 'seat'
  return basePosition.startsWith('standing') ? 'stand' : 'floor'
}

/** What belongs into which part: a warm-up moves, a cool-down lets go. */
const PART_QUALITIES: Readonly<Record<Part, ReadonlySet<Quality>>> = {
  'warm-up': new Set(['heart', 'mobility', 'skill']),
  main: new Set(['strength', 'balance', 'power', 'heart', 'mobility', 'skill']),
  'cool-down': new Set(['stretch', 'calm', 'mobility']),
}

/** Parts in which a movement has its place. */
function partsOf({ movement, planned }: CatalogueEntry): Part[] {
  const quality = qualityOf(movement.purpose)
  const fits = PARTS.filter((part) => planned.intendedRpe <= PART_RPE[part] && PART_QUALITIES[part].has(quality))
  switch (movement.phase) {
    case 'warm-up':
      return fits.filter((part) => part === 'warm-up')
    case 'main':
      return fits.filter((part) => part === 'main')
    case 'cool-down':
      return fits.filter((part) => part === 'cool-down')
    case 'any':
      return fits
  }
}

const oneItem = (item: Item): Block => ({ id: 'alone', title: '', format: 'straight', pauseAfter: 0, items: [item] })

/** Seconds of an item by itself; how people come to it, and kit to it, is counted apart. */
function secondsOf(
  plan: Plan,
  block: Block,
  prescription: Prescription,
  alone: readonly Alone[],
  { people }: Roster,
  catalogue: Catalogue,
  rates: Rates,
) {
  const pacing = pacingOf(people, [prescription], new Map([[prescription.item.id, alone]]))
  const { segments } = expand({ ...plan, phases: [{ id: 'alone', kind: 'main', title: '', blocks: [block] }] }, catalogue, pacing, rates)
  const sum = (kinds: (kind: string) => boolean) => segments.filter(({ kind }) => kinds(kind)).reduce((all, { seconds }) => all + seconds, 0)
  return {
    seconds: sum((kind) => kind !== 'change' && kind !== 'kit' && kind !== 'pause'),
    workSeconds: sum((kind) => kind === 'work'),
    quietSeconds: sum((kind) => ['work', 'rest', 'side-change'].includes(kind)),
  }
}

/** Doses in which a version is offered: a number of sets, and the work of each where a clock says it, s. */
interface DoseChoice {
  sets: number
  workSeconds?: number
  mostExtra: number
}
/** A version with a dose, as an item of a plan; the library's dose is not said. */
function itemWith({ variant }: CatalogueEntry, { sets, workSeconds }: Omit<DoseChoice, 'mostExtra'>): Item {
  const { dose } = variant
  const isOwn = sets === dose.sets && (workSeconds === undefined || workSeconds === dose.workSeconds)
  return {
    id: 'alone',
    variant: variant.id,
    ...(!isOwn && { dose: { ...asPlanDose(dose), sets, ...(workSeconds !== undefined && { workSeconds }) } }),
  }
}
/** Whether everybody is told the same of both. */
const isJudgedAlike = (one: readonly Placement[], other: readonly Placement[]): boolean =>
  one.every(({ judgement, options }, person) => {
    const { judgement: then, options: thenOptions } = other[person]!
    return judgement.verdict === then.verdict && options.map(({ id }) => id).join() === thenOptions.map(({ id }) => id).join()
  })

/**
 * Every way of running a movement in which everybody who may take part has an allowed version, with no more versions side by side than the brief
 * allows. Verdicts, versions and times are those of the one evaluation, each item judged by itself; the ordered class is judged again as a whole.
 *
 * @param plan the empty class: its room, its tracks and what the group has met
 */
export function waysOf(brief: ClassBrief, plan: Plan, roster: Roster, catalogue: Catalogue, rates: Rates = HOUSE_RATES): readonly Way[] {
  const known = waysBefore.get(roster)
  // goals, minutes and counts change nothing of a way
  const { level, places, resting, banned, familiar, lately, tracks, pinned, room, goals, areas } = brief
  const key = JSON.stringify([
    level,
    places,
    resting,
    banned,
    familiar,
    lately,
    tracks,
    pinned,
    room,
    goals.power > 0,
    areas.includes('pelvic-floor'),
    rates,
  ])
  if (known?.key === key && known.catalogue === catalogue) return known.ways
  const ways = everyWay(brief, plan, roster, catalogue, rates)
  waysBefore.set(roster, { key, catalogue, ways })
  return ways
}
const waysBefore = new WeakMap<Roster, { key: string; catalogue: Catalogue; ways: readonly Way[] }>()

function everyWay(brief: ClassBrief, plan: Plan, roster: Roster, catalogue: Catalogue, rates: Rates): Way[] {
  const people = roster.people.filter(({ assessment }) => !assessment.closed)
  const open: Roster = { people }
  const [familiar, lately, banned, resting] = [brief.familiar, brief.lately, brief.banned, brief.resting].map((list) => new Set<string>(list)) as [
    Set<string>,
    Set<string>,
    Set<string>,
    Set<string>,
  ]
  const pinned = new Set(brief.pinned)
  const ways: Way[] = []
  for (const movement of catalogue.movements) {
    if (banned.has(movement.id)) continue
    const ladder = ladderOf(catalogue, movement.id)
    const isPinned = pinned.has(movement.id)
    const judged = ladder.map((entry) => {
      const item: Item = { id: 'alone', variant: entry.variant.id }
      const block = oneItem(item)
      const prescription = prescriptionOf(item, block, catalogue)
      return { entry, prescription, placements: placeGroup(people, prescription, ladder, plan.room) }
    })
    // the highest step that each may do as it stands or adjusted
    const highest = people.map((_, person) =>
      judged.reduce(
        (most, { entry, placements }) =>
          ['as-planned', 'modify'].includes(placements[person]!.judgement.verdict) ? Math.max(most, entry.step) : most,
        0,
      ),
    )
    for (const { entry, prescription, placements } of judged) {
      const quality = qualityOf(movement.purpose)
      const isTired = entry.planned.intendedRpe >= HARD_RPE && movement.main.some((muscle) => resting.has(muscle))
      // a landing is nobody's filler: whoever wants power asks for it, and names the movement
      const lands = entry.planned.impactLevel >= LANDING && !isPinned && brief.goals.power === 0
      if (!isAvailable(entry, plan.room) || !brief.places.includes(placeOf(entry)) || isTired || lands) continue
      if (entry.planned.intendedRpe > MOST_RPE[brief.level]) continue
      const parts = partsOf(entry)
      const { shown, assignment } = tracksFor(placements, brief.tracks, entry.variant.id)
      const isForAll = people.every((_, person) => assignment[person] !== undefined)
      if (parts.length === 0 || !isForAll || shown.length > brief.tracks || (people.length > 0 && shown[0] !== entry.variant.id)) continue
      const steps = shown.map((id) => catalogue.byId.get(id)!.step)
      const changes = people.map((_, person) => {
        const option = placements[person]!.options.find(({ id }) => id === shown[assignment[person]!])
        return CHANGE_LOSS * ((option?.changes.length ?? 0) + (option?.sessionChanges.length ?? 0))
      })
      const heights = people.map((_, person) => Math.min(1, (steps[assignment[person]!]! + 1) / (highest[person]! + 1)))
      const isAside = movement.purpose === 'pelvic-floor' && !brief.areas.includes('pelvic-floor')
      const training = (heights.reduce((sum, one) => sum + one, 0) / Math.max(1, people.length) || 1) * (isAside ? PELVIC_FLOOR_SHARE : 1)
      const extra = Math.max(0, shown.length - 1)
      const loss = changes.reduce((sum, one) => sum + one, 0) / Math.max(1, people.length) + EXTRA_VERSION_LOSS * extra
      const own = entry.variant.dose.sets
      const timesOf = (item: Item, planned: Prescription) => secondsOf(plan, oneItem(item), planned, placements.map(aloneOf), open, catalogue, rates)
      const byClock = (): DoseChoice | undefined => {
        const { sets, workSeconds, holdSeconds } = entry.variant.dose
        if (sets !== 1 || workSeconds === undefined || holdSeconds > 0 || workSeconds >= WORK.most) return undefined
        const at = (seconds: number) => {
          const item = itemWith(entry, { sets, workSeconds: seconds })
          const planned = prescriptionOf(item, oneItem(item), catalogue)
          return { planned, seconds: timesOf(item, planned).seconds }
        }
        // for whom it would settle above their cap, or who is told otherwise, it is no longer than the library has it
        const isTooMuch = people.some((person, index) => {
          const option = placements[index]!.options.find(({ id }) => id === shown[assignment[index]!])
          return option !== undefined && settlesAt(option, person) > person.assessment.limits.rpeCap.value
        })
        const most = !isTooMuch && isJudgedAlike(placements, placeGroup(people, at(WORK.most).planned, ladder, plan.room)) ? WORK.most : workSeconds
        const least = Math.min(workSeconds, WORK.least)
        // where sides take turns a second more is two: those keep their sets
        return at(most).seconds - at(least).seconds === most - least ? { sets, workSeconds: least, mostExtra: most - least } : undefined
      }
      const timed = byClock()
      const inSets = parts.includes('main') || (parts.includes('warm-up') && AT_EASE.has(quality)) ? [...new Set([...SETS[quality], own])] : [own]
      const doses: DoseChoice[] = timed ? [timed] : inSets.sort((a, b) => a - b).map((sets) => ({ sets, mostExtra: 0 }))
      for (const { sets: many, workSeconds, mostExtra } of doses) {
        const item = itemWith(entry, { sets: many, ...(workSeconds !== undefined && { workSeconds }) })
        const planned = item.dose ? prescriptionOf(item, oneItem(item), catalogue) : prescription
        const times = timesOf(item, planned)
        ways.push({
          id: `${entry.variant.id} ×${many}`,
          movement: movement.id,
          variant: entry.variant.id,
          sets: many,
          parts: many === own ? parts : parts.filter((part) => part === 'main' || (part === 'warm-up' && AT_EASE.has(quality))),
          seconds: times.seconds + EXTRA_VERSION_SECONDS * extra,
          workSeconds: times.workSeconds,
          mostExtra,
          quietSeconds: times.quietSeconds,
          trainingSeconds: times.workSeconds * training,
          loss,
          place: placeOf(entry),
          kit: kitKey(planned),
          quality,
          serves: movement.serves,
          main: movement.main,
          helping: movement.helping,
          rpe: entry.planned.intendedRpe,
          isNew: !familiar.has(movement.id),
          wasLately: lately.has(movement.id),
          shown: people.length > 0 ? shown : [entry.variant.id],
          prescription: planned,
        })
      }
    }
  }
  return undominated(ways)
}

/** Less than this is no difference that anybody would notice: a share of seconds, and a loss. */
const NOTICED = { share: 0.05, loss: 0.1 } as const

/**
 * Of a movement and a number of sets, the ways that no other beats in everything that a class is built from. Of two that nobody would tell apart the
 * one that trains more stays.
 */
function undominated(ways: readonly Way[]): Way[] {
  const groups = new Map<string, Way[]>()
  for (const way of ways) {
    const key = `${way.movement} ${way.sets}`
    groups.set(key, [...(groups.get(key) ?? []), way])
  }
  const serves = (a: Way, b: Way) =>
    (a.place === b.place || a.place === 'seat') && (a.kit === b.kit || a.kit === '') && b.parts.every((part) => a.parts.includes(part))
  const isAsGood = (a: Way, b: Way) =>
    serves(a, b) &&
    a.loss <= b.loss + NOTICED.loss &&
    a.seconds <= b.seconds * (1 + NOTICED.share) &&
    a.workSeconds >= b.workSeconds * (1 - NOTICED.share) &&
    a.trainingSeconds >= b.trainingSeconds * (1 - NOTICED.share) &&
    a.mostExtra >= b.mostExtra
  return [...groups.values()].flatMap((group) => {
    const kept: Way[] = []
    const byTraining = group.toSorted((a, b) => b.trainingSeconds - a.trainingSeconds || a.loss - b.loss || (a.id < b.id ? -1 : 1))
    for (const way of byTraining) if (!kept.some((other) => isAsGood(other, way))) kept.push(way)
    return kept
  })
}
