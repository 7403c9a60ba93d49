import {
  type Catalogue,
  type CatalogueEntry,
  completeDemands,
  type DemandsInput,
  type Dose,
  demandsOf,
  encodeDemands,
  groupRepSeconds,
  type PlannedDemands,
} from '../movement'
import { type Block, type Item, itemsOf, type PlanDraft } from './plan'

/** What is wrong with a draft; sentences are made where it is shown. */
export type PlanProblem = { code: 'unknown-variant'; item: string; variant: string } | { code: 'id-twice'; id: string }

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
    if (item.variant !== undefined && !catalogue.byId.has(item.variant))
      problems.push({ code: 'unknown-variant', item: item.id, variant: item.variant })
  }
  return problems.length > 0 ? { problems } : { plan: draft as Plan }
}

export const problemText = (problem: PlanProblem): string => {
  switch (problem.code) {
    case 'unknown-variant':
      return `item ${problem.item}: the library has no variant "${problem.variant}"`
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
  /** the dose as it is done in this block: intervals and rounds count */
  dose: Dose
  /** s of one visit to the item on one side */
  workSeconds: number
  demands: PlannedDemands
  vector: Float64Array
  repSeconds: number
}

const INTERVAL_SECONDS = 30
/** A position taken and kept, rather than repetitions with a pause in each. */
const isHeld = (dose: Dose) => dose.holdSeconds > 0 && dose.workSeconds === undefined && (dose.reps ?? 1) <= 2

/** The dose that a block makes of an item's: rounds for sets, and by the clock as long as the interval lasts. */
export function doseInBlock(dose: Dose, block: Pick<Block, 'format' | 'rounds' | 'workSeconds'>, mostSets = dose.sets): Dose {
  switch (block.format) {
    case 'straight':
      return dose
    case 'circuit':
      return { ...dose, sets: block.rounds ?? mostSets }
    case 'intervals': {
      const seconds = block.workSeconds ?? INTERVAL_SECONDS
      const { reps: _reps, ...rest } = dose
      const sets = block.rounds ?? 1
      return isHeld(dose) ? { ...rest, sets, reps: 1, holdSeconds: seconds } : { ...rest, sets, workSeconds: seconds }
    }
  }
}

/** The dose that hand-written demands imply: what they leave out has its neutral value (rule base 1.2). */
function doseOf(demands: DemandsInput): Dose {
  const { isometricHoldSec, externalLoadKg, intendedRpe, reps } = completeDemands(demands)
  return { sets: 1, reps: Math.max(1, reps), holdSeconds: isometricHoldSec, restSeconds: 30, loadKg: externalLoadKg, rpe: intendedRpe }
}

const visitSeconds = (dose: Dose, repSeconds: number): number =>
  dose.workSeconds ?? (isHeld(dose) ? Math.max(dose.holdSeconds, repSeconds) * (dose.reps ?? 1) : (dose.reps ?? 1) * repSeconds)

function describedPrescription(item: Item, block: Block, mostSets: number): Prescription {
  const described = item.described!
  const dose = doseInBlock(item.dose ?? doseOf(described.demands), block, mostSets)
  const { repSeconds } = described
  const workSeconds = block.format === 'intervals' ? (block.workSeconds ?? INTERVAL_SECONDS) : visitSeconds(dose, repSeconds)
  const written = completeDemands(described.demands)
  // what is done is what the dose says; a pause inside the repetition stays
  const done = {
    isometricHoldSec: Math.max(dose.holdSeconds, written.isometricHoldSec),
    reps: dose.reps ?? Math.max(1, Math.round(workSeconds / repSeconds)),
    ...(item.dose && { externalLoadKg: dose.loadKg, intendedRpe: dose.rpe }),
  }
  const demands = { ...written, ...done }
  return {
    item,
    block,
    name: described.name,
    movement: `described:${item.id}`,
    dose,
    workSeconds,
    demands,
    vector: encodeDemands(demands),
    repSeconds,
  }
}

/**
 * What an item of a sound plan comes to in its block.
 *
 * @throws when the library does not have the variant: the plan was not checked
 */
export function prescriptionOf(item: Item, block: Block, catalogue: Catalogue): Prescription {
  const setsOf = (one: Item) => one.dose?.sets ?? (one.variant === undefined ? 1 : (catalogue.byId.get(one.variant)?.variant.dose.sets ?? 1))
  const mostSets = Math.max(1, ...block.items.map(setsOf))
  if (item.described) return describedPrescription(item, block, mostSets)
  const entry = catalogue.byId.get(item.variant!)
  if (!entry) throw new Error(`the library has no variant "${item.variant}": the plan was not checked`)
  const dose = doseInBlock(item.dose ?? entry.variant.dose, block, mostSets)
  const asInLibrary = item.dose === undefined && dose === entry.variant.dose
  const demands = asInLibrary ? entry.planned : demandsOf(entry.movement, entry.variant, dose)
  const rep = groupRepSeconds(entry.variant, dose)
  return {
    item,
    block,
    name: `${entry.movement.name}: ${entry.variant.name}`,
    movement: entry.movement.id,
    entry,
    ...(entry.variant.id !== item.variant && { replaced: catalogue.successors[item.variant!]?.because ?? '' }),
    dose,
    workSeconds: block.format === 'intervals' ? (block.workSeconds ?? INTERVAL_SECONDS) : (dose.workSeconds ?? (dose.reps ?? 1) * rep),
    demands,
    vector: asInLibrary ? entry.vector : encodeDemands(demands),
    repSeconds: rep,
  }
}

/** A library variant judged by itself, at its own dose, as the library and the choices for a block show it. */
export const aloneInBlock = (variant: string): { item: Item; block: Block } => {
  const item: Item = { id: 'alone', variant }
  return { item, block: { id: 'alone', title: '', format: 'straight', pauseAfter: 0, items: [item] } }
}

/** Every item of a plan with what it comes to, in order. */
export const prescriptionsOf = (plan: PlanDraft, catalogue: Catalogue): Prescription[] =>
  itemsOf(plan).map(({ item, block }) => prescriptionOf(item, block, catalogue))
