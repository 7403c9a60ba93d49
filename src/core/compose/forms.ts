import type { Quality } from '../coverage'
import type { Catalogue, CatalogueEntry } from '../movement'
import { blockSchema, type Item, type PlanInput, type Prescription, prescriptionOf } from '../plan'
import { BETWEEN, REST_BETWEEN_FACTOR, REST_BETWEEN_SECONDS } from '../timing'
import { type ClassBrief, type MainForm, musicOf } from './brief'
import type { Chosen } from './model'
import { HARD_RPE, type Part, type Way } from './way'

type BlockInput = PlanInput['phases'][number]['blocks'][number]
type Shared = Pick<BlockInput, 'id' | 'pauseAfter' | 'items'>

/** How movements of a main part are run together; straight sets are no form, they stand by themselves. */
interface Form {
  /** whether a version is run so */
  takes: (entry: CatalogueEntry, quality: Quality) => boolean
  /** what is not run so has no place in the main part unless it is wished for; left out = it stands in sets beside the others */
  isWhole?: true
  /** the same muscles may follow each other: there is rest between, or the whole is meant to go on */
  sharesMuscles?: true
  /** some movements fit it and others do not: so many at least make it one */
  isOfSome?: true
  /** so many together, at least and at most */
  together: readonly [number, number]
  /** so often each comes, with the work of the others as its rest */
  turns?: number
  /** its work is that of the block and not of the library: what is done in it is judged anew */
  ownWork?: { dose?: Item['dose'] }
  block: (shared: Shared, brief: ClassBrief) => BlockInput
}

/** Power is not repeated when people are tired: in three rounds and by the clock it stands only where it is wished for, and then in its own sets. */
const isTiring = (quality: Quality) => quality === 'power'
/** What is done again and again, and is not held or breathed. */
const isRepeated = ({ variant }: CatalogueEntry) =>
  variant.dose.holdSeconds === 0 && variant.tempo.stay < 3 && variant.tempoClass !== 'breath' && variant.tempoClass !== 'as-written'
const MOVES_TO_A_BEAT: ReadonlySet<string> = new Set(['on-the-beat', 'two-moves', 'jump-or-punch'])
/** What a pattern of steps is made of. */
const STEPS: ReadonlySet<Quality> = new Set(['heart', 'skill'])
/** Two sets of four bars of eight, which is a verse, and a part of a pattern in two bars of eight. */
const VERSE = { sets: 2, workCounts: 32, holdSeconds: 0 } as const
const PATTERN = { sets: 2, workCounts: 16, holdSeconds: 0 } as const
/** So often the whole of a pattern runs at the end. */
const WHOLE_TIMES = 3
const MANY = 14

const FORMS: Readonly<Record<Exclude<MainForm, 'sets'>, Form>> = {
  pairs: { takes: () => true, together: [2, 2], turns: 2, block: (shared) => ({ ...shared, format: 'alternated' }) },
  'rounds-2': { takes: () => true, together: [2, MANY], turns: 2, block: (shared) => ({ ...shared, format: 'circuit', rounds: 2 }) },
  'rounds-3': {
    takes: (_, quality) => !isTiring(quality),
    isWhole: true,
    together: [2, MANY],
    turns: 3,
    block: (shared) => ({ ...shared, format: 'circuit', rounds: 3 }),
  },
  clock: {
    takes: (entry, quality) => isRepeated(entry) && !isTiring(quality),
    isWhole: true,
    together: [1, MANY],
    ownWork: {},
    block: (shared, { clock }) => ({ ...shared, format: 'intervals', ...clock }),
  },
  sides: {
    takes: ({ variant }) => variant.side === 'one-then-other',
    isOfSome: true,
    sharesMuscles: true,
    together: [2, 5],
    block: (shared) => ({ ...shared, format: 'stations' }),
  },
  counts: {
    // two verses without a rest are no place for a hard set
    takes: (entry, quality) => isRepeated(entry) && !isTiring(quality) && entry.planned.intendedRpe < HARD_RPE,
    together: [1, 6],
    ownWork: { dose: VERSE },
    block: (shared) => ({ ...shared, format: 'counts' }),
  },
  phrases: {
    takes: (entry, quality) =>
      isRepeated(entry) && STEPS.has(quality) && entry.movement.pattern.includes('step') && MOVES_TO_A_BEAT.has(entry.variant.tempoClass),
    isOfSome: true,
    sharesMuscles: true,
    together: [1, 4],
    ownWork: { dose: PATTERN },
    block: (shared) => ({ ...shared, format: 'phrase', wholeTimes: WHOLE_TIMES }),
  },
}

const formIn = (form: MainForm): Form | undefined => (form === 'sets' ? undefined : FORMS[form])

/** How a version stands in the main part: together with others, by itself in sets, or not at all. */
export function standsIn(form: MainForm, entry: CatalogueEntry, quality: Quality, isPinned: boolean): 'together' | 'alone' | 'not' {
  const own = formIn(form)
  if (!own) return 'alone'
  if (own.takes(entry, quality)) return 'together'
  return own.isWhole && !isPinned ? 'not' : 'alone'
}

/** Whether those that stand together must work other muscles than their neighbours. */
export const needsOtherMuscles = (form: MainForm): boolean => formIn(form)?.sharesMuscles === undefined && form !== 'sets'

/** A class of so many minutes has one movement more in the form that was wished for, up to the most. */
const MINUTES_EACH = 8
const MOST_ASKED = 4
/** Movements of the main part that stand in its form, at least. */
export function leastTogether({ mainForm, minutes }: Pick<ClassBrief, 'mainForm' | 'minutes'>): number {
  const form = formIn(mainForm)
  return form?.isOfSome ? Math.max(form.together[0], Math.min(MOST_ASKED, Math.floor(minutes / MINUTES_EACH))) : 0
}

/** How often a movement comes in turn with others, where the form has turns. */
export const turnsOf = (form: MainForm): number | undefined => formIn(form)?.turns

/**
 * What a version comes to as its form runs it, by itself in its block: what is judged and timed before its neighbours are known. Undefined where its work is
 * that of the library.
 */
export function prescribedIn(brief: ClassBrief, { variant }: CatalogueEntry, catalogue: Catalogue): Prescription | undefined {
  const form = formIn(brief.mainForm)
  if (!form?.ownWork) return undefined
  const { dose } = form.ownWork
  const item: Item = { id: 'alone', variant: variant.id, ...(dose && { dose: { ...dose, loadKg: variant.dose.loadKg, rpe: variant.dose.rpe } }) }
  const block = blockSchema.parse(form.block({ id: 'alone', pauseAfter: 0, items: [item] }, brief))
  return prescriptionOf(block.items[0]!, block, catalogue, musicOf(brief))
}

/** What comes after each turn of it within its block, s: rest by the clock is of the item that it follows. */
export const afterEach = ({ mainForm, clock }: ClassBrief): number => (mainForm === 'clock' ? clock.restSeconds : 0)

/** From one movement to the next that takes turns with it, s. @param factor on rests, of those who take part */
export const changeOverSeconds = (factor: number, between: number, hasKit: boolean): number =>
  Math.max(factor >= REST_BETWEEN_FACTOR ? REST_BETWEEN_SECONDS : 0, (BETWEEN.changeOver + (hasKit ? BETWEEN.changeOverKit : 0)) * between)

/** The dose of what was chosen, where it is not that of the library. */
function doseOf({ way: { prescription }, extra }: Chosen): Pick<Item, 'dose'> {
  const { item, planDose } = prescription
  if (extra === 0) return item.dose ? { dose: item.dose } : {}
  return { dose: { ...planDose, workSeconds: (planDose.workSeconds ?? 0) + extra } }
}

/** Movements that can stand together without anybody changing place: on floor and bed in the same position too. */
const standOf = ({ place, prescription }: Way): string => (place === 'floor' || place === 'bed' ? prescription.demands.basePosition : place)

/** Whether one may follow another in a block: where both stand, and never the same muscles again after a change-over alone (rule base 5.1). */
const goesOn = (before: Way, way: Way, form: Form | undefined): boolean =>
  before.isTogether === way.isTogether &&
  (!way.isTogether ||
    (standOf(before) === standOf(way) && (form?.sharesMuscles === true || !way.main.some((muscle) => before.main.includes(muscle)))))

/** Neighbours that may stand in a block with each other, in the order of the part. */
function runsOf(chosen: readonly Chosen[], form: Form | undefined): Chosen[][] {
  const runs: Chosen[][] = []
  for (const one of chosen) {
    const last = runs.at(-1)
    if (last && goesOn(last.at(-1)!.way, one.way, form)) last.push(one)
    else runs.push([one])
  }
  return runs
}

/** A run in groups as like in size as can be, none of one: of three that stand in pairs the third goes with the first two. */
function groupsOf(run: readonly Chosen[], [least, most]: Form['together']): Chosen[][] {
  const many = Math.max(1, least === most ? Math.floor(run.length / most) : Math.ceil(run.length / most))
  const groups: Chosen[][] = []
  for (let at = 0; groups.length < many; ) {
    const size = Math.ceil((run.length - at) / (many - groups.length))
    groups.push(run.slice(at, at + size))
    at += size
  }
  return groups
}

const PREFIX: Readonly<Record<Part, string>> = { 'warm-up': 'w', main: 'm', 'cool-down': 'c' }

/**
 * The blocks of a composed part: one movement after the other, or together as the brief wishes the main part to run where enough of them stand together.
 *
 * @param pause water after the part, s
 */
export function blocksOf(part: Part, chosen: readonly Chosen[], brief: ClassBrief, pause: number): BlockInput[] {
  const form = formIn(brief.mainForm)
  const itemOf = new Map(
    chosen.map((one, index): [Chosen, Item] => [one, { id: `${PREFIX[part]}${index + 1}`, variant: one.way.variant, ...doseOf(one) }]),
  )
  const groups = runsOf(chosen, form).flatMap((run) => (form && run[0]!.way.isTogether ? groupsOf(run, form.together) : [run]))
  return groups.map((group, index): BlockInput => {
    const shared = { id: `${part}-${index + 1}`, pauseAfter: index === groups.length - 1 ? pause : 0, items: group.map((one) => itemOf.get(one)!) }
    return form && group[0]!.way.isTogether && group.length >= form.together[0] ? form.block(shared, brief) : { ...shared, format: 'straight' }
  })
}
