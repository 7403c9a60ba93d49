import {
  type Catalogue,
  type CatalogueEntry,
  completeDemands,
  type DemandsInput,
  type Dose,
  demandsOf,
  encodeDemands,
  type PlannedDemands,
  type RepKind,
  repKind,
  type SideUse,
} from '../movement'
import type { Kit } from '../vocabulary'
import { doseInVersion, judgedDose, type PlanDose, type SetWork, setsOf } from './dose'
import { type Block, type Placed, type Step, setVersionId, setVersions, stepsOf } from './formats'
import { type Item, movementIdOf } from './item'
import { itemsOf, type PlanDraft } from './plan'

/** What is wrong with a draft; sentences are made where it is shown. */
export type PlanProblem =
  | { code: 'unknown-variant'; item: string; variant: string }
  | { code: 'other-movement'; item: string; variant: string }
  | { code: 'id-twice'; id: string }

declare const sound: unique symbol
/** A draft that every check has accepted; made only by `checkPlan`. */
export type Plan = PlanDraft & { readonly [sound]: true }

/** Accepts a draft or says everything that is wrong with it. */
export function checkPlan(draft: PlanDraft, catalogue: Catalogue): { plan: Plan } | { problems: PlanProblem[] } {
  const problems: PlanProblem[] = []
  const seen = new Set<string>()
  const note = (id: string) => {
    if (seen.has(id)) problems.push({ code: 'id-twice', id })
    seen.add(id)
  }
  for (const phase of draft.phases) {
    note(phase.id)
    for (const block of phase.blocks) note(block.id)
  }
  const items = itemsOf(draft)
  for (const { item } of items) {
    note(item.id)
    const beside = [...setVersions(item), ...(item.levels ?? [])]
    for (const variant of new Set([...(item.variant === undefined ? [] : [item.variant]), ...beside]))
      if (!catalogue.byId.has(variant)) problems.push({ code: 'unknown-variant', item: item.id, variant })
    for (const variant of beside)
      if (movementIdOf({ variant }) !== movementIdOf(item)) problems.push({ code: 'other-movement', item: item.id, variant })
  }
  return problems.length > 0 ? { problems } : { plan: draft as Plan }
}

export const problemText = (problem: PlanProblem): string => {
  switch (problem.code) {
    case 'unknown-variant':
      return `item ${problem.item}: the library has no variant "${problem.variant}"`
    case 'other-movement':
      return `item ${problem.item}: "${problem.variant}" is another movement; expected a version of the item's own`
    case 'id-twice':
      return `the id "${problem.id}" is used twice`
  }
}

/** What an item comes to in its block: everything that timing and judgement read. */
export interface Prescription {
  item: Item
  block: Block
  name: string
  movement: string
  entry?: CatalogueEntry
  /** why the planned variant is gone and `entry` stands in its place */
  replaced?: string
  /** the dose as it is judged in this block: the most that any set or stretch asks */
  dose: Dose
  /** the dose as the plan says it, of the library where it says nothing */
  planDose: PlanDose
  side: SideUse
  /** sets on the first and on the second side, as they are done when no clock of the block says otherwise */
  sets: readonly [readonly SetWork[], readonly SetWork[]]
  /** s of one visit to the item on one side */
  workSeconds: number
  demands: PlannedDemands
  vector: Float64Array
  /** s of one repetition in the group */
  repSeconds: number
}

/** Steps by the clock that give way and side in one stretch leave this for the change, s: a house estimate. */
export const SIDE_CHANGE_SECONDS = 5

type Work = Step & { kind: 'work' }

/** Whether an item is done in place of a rest: only where movements take turns. */
export const isRestIn = (block: Block, item: Item): boolean => item.asRest === true && (block.format === 'alternated' || block.format === 'circuit')
/** So hard a moving rest may be, 0 to 10: talking is easy. An estimate. */
const RESTING_RPE = 2

/** A position taken and kept, rather than repetitions with a pause in each. */
const isHeld = (dose: Dose) => dose.holdSeconds > 0 && dose.workSeconds === undefined && (dose.reps ?? 1) <= 2

/** The judged dose with what the block makes of it: rounds for sets, and by the clock as long as its longest stretch lasts. */
function inBlock(dose: Dose, block: Block, works: readonly Work[]): Dose {
  if (block.format === 'straight') return dose
  const sets = Math.max(1, ...works.map((step) => step.sets))
  const clocks = works.flatMap(({ clockSeconds }) => clockSeconds ?? [])
  const rpe = Math.max(0, ...works.flatMap((step) => step.rpe ?? []))
  const judged: Dose = { ...dose, sets, ...(rpe > 0 && { rpe }) }
  if (clocks.length === 0) return judged
  const seconds = Math.max(...clocks)
  const { reps: _reps, ...rest } = judged
  return isHeld(dose) ? { ...rest, reps: 1, holdSeconds: seconds } : { ...rest, workSeconds: seconds }
}

/** The dose that hand-written demands imply: what they leave out has its neutral value (rule base 1.2). */
function doseOf(demands: DemandsInput): Dose {
  const { isometricHoldSec, externalLoadKg, intendedRpe, reps } = completeDemands(demands)
  return { sets: 1, reps: Math.max(1, reps), holdSeconds: isometricHoldSec, restSeconds: 30, loadKg: externalLoadKg, rpe: intendedRpe }
}

/** The dose of the library as a plan says it. */
export const asPlanDose = ({ repSeconds: _rep, fastestSeconds: _fastest, ...dose }: Dose): PlanDose => dose

/** An item before its block: what it is, and the dose as it is said. */
interface Source {
  item: Item
  /** what it does when nothing is said */
  library: Dose
  kind: RepKind
  planDose: PlanDose
  /** what of it is done in this version */
  ownDose: PlanDose
  side: SideUse
  entry?: CatalogueEntry
}

/** @param version in which some sets are done, where it is not the item's own */
function sourceOf(whole: Item, catalogue: Catalogue, version?: { id: string; variant: string }): Source {
  const item: Item = version ? { ...whole, ...version } : whole
  const made = (library: Dose, kind: RepKind): Source => {
    const planDose = item.dose ?? asPlanDose(library)
    return { item, library, kind, planDose, ownDose: doseInVersion(planDose, item.variant, whole.variant), side: planDose.sides ?? kind.side }
  }
  if (item.described) {
    const { demands, repSeconds } = item.described
    const side: SideUse = completeDemands(demands).side === 'alternating' ? 'alternating' : 'both'
    return made(doseOf(demands), { groupSeconds: repSeconds, controlledSeconds: repSeconds, staySeconds: 0, side })
  }
  const entry = catalogue.byId.get(item.variant!)
  if (!entry) throw new Error(`the library has no variant "${item.variant}": the plan was not checked`)
  return { ...made(entry.variant.dose, repKind(entry.variant)), entry }
}

function prescribe(source: Source, block: Block, works: readonly Work[], catalogue: Catalogue, bpm: number | undefined): Prescription {
  const { item, library, kind, planDose, ownDose, side, entry } = source
  const said = inBlock(item.dose ? judgedDose(ownDose, library, bpm) : library, block, works)
  // a rest is done easily, or it is none
  const dose = isRestIn(block, item) ? { ...said, rpe: Math.min(said.rpe, RESTING_RPE) } : said
  const first = setsOf(planDose, library, kind, bpm, 0)
  // only a number that is counted in all differs from side to side
  const sets = [first, planDose.counted === 'in-all' ? setsOf(planDose, library, kind, bpm, 1) : first] as const
  const visit = first[0] ? first[0].clockSeconds + first[0].countedSeconds + first[0].heldSeconds : 0
  const workSeconds = dose.workSeconds ?? visit
  const repSeconds = first[0]?.repSeconds ?? kind.groupSeconds
  const shared = { item, block, planDose, side, dose, sets, workSeconds, repSeconds }
  if (!entry) {
    const described = item.described!
    const written = completeDemands(described.demands)
    // what is done is what the dose says; a pause inside the repetition stays
    const demands = {
      ...written,
      isometricHoldSec: Math.max(dose.holdSeconds, written.isometricHoldSec),
      reps: dose.reps ?? Math.max(1, Math.round(workSeconds / repSeconds)),
      ...(item.dose && { externalLoadKg: dose.loadKg, intendedRpe: dose.rpe }),
    }
    return { ...shared, name: described.name, movement: `described:${item.id}`, demands, vector: encodeDemands(demands) }
  }
  const asInLibrary = dose === entry.variant.dose
  const demands = asInLibrary ? entry.planned : demandsOf(entry.movement, { ...entry.variant, side }, dose)
  return {
    ...shared,
    name: `${entry.movement.name}: ${entry.variant.name}`,
    movement: entry.movement.id,
    entry,
    ...(entry.variant.id !== item.variant && { replaced: catalogue.successors[item.variant!]?.because ?? '' }),
    demands,
    vector: asInLibrary ? entry.vector : encodeDemands(demands),
  }
}

/**
 * A draft that is known to be sound, as the plan it is.
 *
 * @throws when it is not: with what is wrong, by item
 */
export function soundPlan(draft: PlanDraft, catalogue: Catalogue): Plan {
  const checked = checkPlan(draft, catalogue)
  if ('problems' in checked) throw new Error(`the plan "${draft.title}" is not sound: ${checked.problems.map(problemText).join('; ')}`)
  return checked.plan
}

/** What an item uses. */
export const kitOf = ({ entry, item }: Pick<Prescription, 'entry' | 'item'>): readonly Kit[] => entry?.variant.kit ?? item.described?.kit ?? []
/** What of it is handed out and put away again: a chair, a wall and something to hold stay where they are. */
export const handedOut = (item: Pick<Prescription, 'entry' | 'item'>): readonly Kit[] =>
  kitOf(item).filter((kit) => kit !== 'chair' && kit !== 'support' && kit !== 'wall')
/** The same for two items when nothing has to be handed out or put away between them. */
export const kitKey = (item: Pick<Prescription, 'entry' | 'item'>): string => handedOut(item).toSorted().join('+')

/** How an item stands in the order of its block. */
export const placedIn = ({ item, planDose, side }: Pick<Prescription, 'item' | 'planDose' | 'side'>): Placed => ({
  id: item.id,
  variant: item.variant,
  dose: planDose,
  side,
  optional: item.optional,
  asRest: item.asRest,
})

/** What was made of a block last: plans are not changed but replaced, so the same block comes to the same. */
const known = new WeakMap<Block, { catalogue: Catalogue; bpm: number | undefined; made: ReadonlyMap<string, Prescription> }>()

/** The items of a block are worked out together: how many rounds there are, and whose turn is when, depends on all of them. */
function prescribeBlock(block: Block, catalogue: Catalogue, bpm: number | undefined): ReadonlyMap<string, Prescription> {
  const before = known.get(block)
  if (before && before.catalogue === catalogue && before.bpm === bpm) return before.made
  const sources = block.items.flatMap((item) => [
    sourceOf(item, catalogue),
    ...setVersions(item).map((variant, at) => sourceOf(item, catalogue, { id: setVersionId(item.id, at), variant })),
  ])
  const works = new Map<string, Work[]>()
  for (const step of stepsOf(block, sources.map(placedIn))) {
    if (step.kind === 'work') works.set(step.item, [...(works.get(step.item) ?? []), step])
  }
  const made = new Map(
    sources.map((source) => [source.item.id, prescribe(source, block, works.get(source.item.id) ?? [], catalogue, block.bpm ?? bpm)]),
  )
  known.set(block, { catalogue, bpm, made })
  return made
}

/**
 * What an item of a sound plan comes to in its block.
 *
 * @param bpm of the music of the class, where the block has none of its own
 * @throws when the library does not have the variant, or the block not the item: the plan was not checked
 */
export function prescriptionOf(item: Item, block: Block, catalogue: Catalogue, bpm?: number): Prescription {
  const found = prescribeBlock(block, catalogue, bpm).get(item.id)
  if (!found) throw new Error(`the block ${block.id} has no item "${item.id}"`)
  return found
}

/** s of one repetition of a library variant at its own dose in a group. */
export const libraryRepSeconds = ({ variant }: Pick<CatalogueEntry, 'variant'>): number =>
  setsOf(asPlanDose(variant.dose), variant.dose, repKind(variant), undefined)[0]?.repSeconds ?? 0

/** A library variant judged by itself, at its own dose, as the library and the choices for a block show it. */
export const aloneInBlock = (variant: string): { item: Item; block: Block } => {
  const item: Item = { id: 'alone', variant }
  return { item, block: { id: 'alone', title: '', format: 'straight', pauseAfter: 0, items: [item] } }
}

/** Every item of a block with what it comes to, in order; after it the versions in which some of its sets are done. */
export const prescriptionsIn = (block: Block, catalogue: Catalogue, bpm?: number): Prescription[] => [
  ...prescribeBlock(block, catalogue, bpm).values(),
]

/** Every item of a plan with what it comes to, in order, versions of single sets after their item. */
export const prescriptionsOf = (plan: PlanDraft, catalogue: Catalogue): Prescription[] =>
  plan.phases.flatMap(({ blocks }) => blocks.flatMap((block) => prescriptionsIn(block, catalogue, plan.bpm)))

/** The movement of an item of a plan, by their ids. */
export function movementsOf(plan: PlanDraft, catalogue: Catalogue): (item: string) => string | undefined {
  const movements = new Map(prescriptionsOf(plan, catalogue).map(({ item, movement }) => [item.id, movement]))
  return (item) => movements.get(item)
}
