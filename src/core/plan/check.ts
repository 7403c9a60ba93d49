import {
  type Catalogue,
  type CatalogueEntry,
  completeDemands,
  type DemandsInput,
  type Dose,
  demandsOf,
  encodeDemands,
  type PlannedDemands,
  repSeconds,
} from '../movement'
import { type Item, itemsOf, type PlanDraft } from './plan'

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

/** An item with everything that timing and judgement read. */
export interface PlannedItem {
  item: Item
  name: string
  movement: string
  entry?: CatalogueEntry
  dose: Dose
  demands: PlannedDemands
  vector: Float64Array
  repSeconds: number
}

/** The dose that hand-written demands imply: what they leave out has its neutral value (rule base 1.2). */
function doseOf(demands: DemandsInput): Dose {
  const { isometricHoldSec, externalLoadKg, intendedRpe, reps } = completeDemands(demands)
  return { sets: 1, reps: Math.max(1, reps), holdSeconds: isometricHoldSec, restSeconds: 30, loadKg: externalLoadKg, rpe: intendedRpe }
}

/** Resolves an item of a sound plan. */
export function plannedItem(item: Item, catalogue: Catalogue): PlannedItem {
  if (item.described) {
    const { described } = item
    const dose = item.dose ?? doseOf(described.demands)
    const fields = { isometricHoldSec: dose.holdSeconds, externalLoadKg: dose.loadKg, intendedRpe: dose.rpe, reps: dose.reps ?? 8 }
    const demands = completeDemands({ ...fields, ...described.demands })
    return {
      item,
      name: described.name,
      movement: `described:${item.id}`,
      dose,
      demands,
      vector: encodeDemands(demands),
      repSeconds: described.repSeconds,
    }
  }
  const entry = catalogue.byId.get(item.variant!)
  if (!entry) throw new Error(`the library has no variant "${item.variant}": the plan was not checked`)
  const dose = item.dose ?? entry.variant.dose
  const demands = item.dose ? demandsOf(entry.movement, entry.variant, dose) : entry.planned
  return {
    item,
    name: `${entry.movement.name}: ${entry.variant.name}`,
    movement: entry.movement.id,
    entry,
    dose,
    demands,
    vector: item.dose ? encodeDemands(demands) : entry.vector,
    repSeconds: repSeconds(entry.variant, dose),
  }
}
