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
import { judgedDose, type PlanDose, type SetWork, setsOf } from './dose'
import { type Block, type Placed, stepsOf } from './formats'
import type { Item } from './item'
import { itemsOf, type PlanDraft } from './plan'

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

/** A position taken and kept, rather than repetitions with a pause in each. */
const isHeld = (dose: Dose) => dose.holdSeconds > 0 && dose.workSeconds === undefined && (dose.reps ?? 1) <= 2

/** The judged dose with what the block makes of it: rounds for sets, and by the clock as long as its longest stretch lasts. */
function inBlock(dose: Dose, block: Block, placed: Placed): Dose {
  if (block.format === 'straight' || block.format === 'quiet') return dose
  const own = stepsOf(block, block.items.length > 0 ? placedOf(block, placed) : []).flatMap((step) =>
    step.kind === 'work' && step.item === placed.id ? [step] : [],
  )
  const sets = Math.max(1, ...own.map((step) => step.sets))
  const clocks = own.flatMap(({ clockSeconds }) => clockSeconds ?? [])
  const rpe = Math.max(0, ...own.flatMap((step) => step.rpe ?? []))
  const judged: Dose = { ...dose, sets, ...(rpe > 0 && { rpe }) }
  if (clocks.length === 0) return judged
  const seconds = Math.max(...clocks)
  const { reps: _reps, ...rest } = judged
  return isHeld(dose) ? { ...rest, reps: 1, holdSeconds: seconds } : { ...rest, workSeconds: seconds }
}

/** Who stands beside it does not matter to one item but for the turns of stretches and the most sets. */
const placedOf = (block: Block, placed: Placed): Placed[] =>
  block.items.map(({ id, dose, optional }) => (id === placed.id ? placed : { id, optional, side: 'both', dose: dose ?? { sets: 1, holdSeconds: 0 } }))

/** The dose that hand-written demands imply: what they leave out has its neutral value (rule base 1.2). */
function doseOf(demands: DemandsInput): Dose {
  const { isometricHoldSec, externalLoadKg, intendedRpe, reps } = completeDemands(demands)
  return { sets: 1, reps: Math.max(1, reps), holdSeconds: isometricHoldSec, restSeconds: 30, loadKg: externalLoadKg, rpe: intendedRpe }
}

const asPlanDose = ({ repSeconds: _rep, fastestSeconds: _fastest, ...dose }: Dose): PlanDose => dose

/** Parts of a prescription that library variants and described movements share. */
function worked(item: Item, block: Block, library: Dose, kind: RepKind, bpm: number | undefined) {
  const planDose = item.dose ?? asPlanDose(library)
  const side = planDose.sides ?? kind.side
  const placed: Placed = { id: item.id, dose: planDose, side, optional: item.optional }
  const dose = item.dose ? inBlock(judgedDose(planDose, library, bpm), block, placed) : inBlock(library, block, placed)
  const sets = [setsOf(planDose, library, kind, bpm, 0), setsOf(planDose, library, kind, bpm, 1)] as const
  const first = sets[0][0]
  const visit = first ? first.clockSeconds + first.countedSeconds + first.heldSeconds : 0
  const workSeconds = dose.workSeconds ?? visit
  return { planDose, side, dose, sets, workSeconds, repSeconds: first?.repSeconds ?? kind.groupSeconds }
}

function describedPrescription(item: Item, block: Block, bpm: number | undefined): Prescription {
  const described = item.described!
  const written = completeDemands(described.demands)
  const side: SideUse = written.side === 'alternating' ? 'alternating' : 'both'
  const kind: RepKind = { groupSeconds: described.repSeconds, controlledSeconds: described.repSeconds, staySeconds: 0, side }
  const parts = worked(item, block, doseOf(described.demands), kind, bpm)
  const { dose, workSeconds, repSeconds } = parts
  // what is done is what the dose says; a pause inside the repetition stays
  const done = {
    isometricHoldSec: Math.max(dose.holdSeconds, written.isometricHoldSec),
    reps: dose.reps ?? Math.max(1, Math.round(workSeconds / repSeconds)),
    ...(item.dose && { externalLoadKg: dose.loadKg, intendedRpe: dose.rpe }),
  }
  const demands = { ...written, ...done }
  return { ...parts, item, block, name: described.name, movement: `described:${item.id}`, demands, vector: encodeDemands(demands) }
}

/**
 * What an item of a sound plan comes to in its block.
 *
 * @param bpm of the music of the class, where the block has none of its own
 * @throws when the library does not have the variant: the plan was not checked
 */
export function prescriptionOf(item: Item, block: Block, catalogue: Catalogue, bpm?: number): Prescription {
  const known = made.get(item)
  if (known && known.block === block && known.catalogue === catalogue && known.bpm === bpm) return known.prescription
  const prescription = prescribe(item, block, catalogue, bpm)
  made.set(item, { block, catalogue, bpm, prescription })
  return prescription
}

/** What was made of an item last: plans are not changed but replaced, so an item in the same block comes to the same. */
const made = new WeakMap<Item, { block: Block; catalogue: Catalogue; bpm: number | undefined; prescription: Prescription }>()

function prescribe(item: Item, block: Block, catalogue: Catalogue, bpm: number | undefined): Prescription {
  const beats = block.bpm ?? bpm
  if (item.described) return describedPrescription(item, block, beats)
  const entry = catalogue.byId.get(item.variant!)
  if (!entry) throw new Error(`the library has no variant "${item.variant}": the plan was not checked`)
  const parts = worked(item, block, entry.variant.dose, repKind(entry.variant), beats)
  const { dose, side } = parts
  const asInLibrary = item.dose === undefined && dose === entry.variant.dose
  const demands = asInLibrary ? entry.planned : demandsOf(entry.movement, { ...entry.variant, side }, dose)
  return {
    ...parts,
    item,
    block,
    name: `${entry.movement.name}: ${entry.variant.name}`,
    movement: entry.movement.id,
    entry,
    ...(entry.variant.id !== item.variant && { replaced: catalogue.successors[item.variant!]?.because ?? '' }),
    demands,
    vector: asInLibrary ? entry.vector : encodeDemands(demands),
  }
}

/** s of one repetition of a library variant at its own dose in a group. */
export const libraryRepSeconds = ({ variant }: Pick<CatalogueEntry, 'variant'>): number =>
  setsOf(asPlanDose(variant.dose), variant.dose, repKind(variant), undefined)[0]?.repSeconds ?? 0

/** A library variant judged by itself, at its own dose, as the library and the choices for a block show it. */
export const aloneInBlock = (variant: string): { item: Item; block: Block } => {
  const item: Item = { id: 'alone', variant }
  return { item, block: { id: 'alone', title: '', format: 'straight', pauseAfter: 0, items: [item] } }
}

/** Every item of a plan with what it comes to, in order. */
export const prescriptionsOf = (plan: PlanDraft, catalogue: Catalogue): Prescription[] =>
  itemsOf(plan).map(({ item, block }) => prescriptionOf(item, block, catalogue, plan.bpm))

/** How an item stands in the order of its block. */
export const placedIn = ({ item, planDose, side }: Prescription): Placed => ({ id: item.id, dose: planDose, side, optional: item.optional })
