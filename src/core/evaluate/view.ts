import type { Band } from '../body'
import { type Coverage, coverageOf } from '../coverage'
import { type Dose, SLOT } from '../movement'
import { isSetVersion, type PlanDose, type PlanDraft, wholeItem } from '../plan'
import type { Change, GateHit, Pending, SessionChange, Verdict } from '../safety'
import {
  type Base,
  type BlockForecast,
  baseOf,
  type Forecast,
  forecastsOf,
  HOUSE_PACE,
  type MusicPlan,
  musicOf,
  type Pace,
  type Rates,
  type Timeline,
  type TreadLine,
} from '../timing'
import { type EffortForecast, effortForecast } from './effort'
import type { EvaluatedItem, Evaluation, Use } from './evaluate'
import { toFill } from './fill'
import { type KitNeed, kitList, kitMoves } from './kitList'
import type { Placement } from './options'
import type { OwnRest } from './pacing'
import { type Trouble, troublesOf } from './troubles'
import type { PlanWarning } from './warnings'

/** How a cell of the fit grid reads. */
export const MARKS = [
  /** as planned */
  'planned',
  /** as planned on the instructor's own word */
  'word',
  /** the same variant, adjusted */
  'adjust',
  /** another variant */
  'swap',
  /** rest with breathing, or no class today */
  'out',
  /** a clinician or a question comes first */
  'ask',
] as const
export type Mark = (typeof MARKS)[number]

/** A use as it goes over to a screen: names and changes, no figures and no rules. */
export type UseView =
  /** `ownKg`: what the person lifts in it, where that is not what the plan says */
  | { kind: 'does'; variant: string; changes: Change[]; sessionChanges: SessionChange[]; ownKg?: number }
  | { kind: 'rests'; with?: string }
  | { kind: 'closed'; outcome: GateHit['outcome']; text: string }

export interface Cell {
  verdict: Verdict
  mark: Mark
  use: UseView
  /** the deciding reason, in a few words */
  because?: string
}

export interface ModelItem {
  id: string
  /** library variant; nothing for a described movement */
  variant?: string
  movement: string
  name: string
  block: string
  base: Base
  /** as it is judged: the most that any set asks */
  dose: Dose
  /** as the plan says it, of the library where it says nothing */
  planDose: PlanDose
  startSeconds: number
  seconds: number
  /** the group has met the movement, so it is not shown */
  known: boolean
  /** one per person, in the order of the roster */
  cells: Cell[]
  /** versions shown to the group */
  shown: string[]
  /** of an item with levels, gentlest first: who must not choose it, by first name */
  levels?: { id: string; notFor: string[] }[]
  /** it stands for these sets of the item, 1-based, which are done in this version; `of` is the item of the plan */
  sets?: { of: string; numbers: number[]; amount: PlanDose }
}

export interface ModelPerson {
  id: string
  name: string
  /** the gate that closes the session for this person */
  closed?: GateHit
  /** limits that the day or the health questions set, in the words of their gates */
  limited: GateHit[]
  /** clearance advised and not on file */
  pending: Pending[]
  /** conditions that the rule base does not hold, in words */
  unlisted: string[]
  rpeCap: number
  ownRests: OwnRest[]
}

/** What the designer, the grid and the leading screen show of a class. */
export interface ClassModel {
  people: ModelPerson[]
  items: ModelItem[]
  timeline: Timeline
  tread: TreadLine
  warnings: PlanWarning[]
  /** what does not go with its people, its room or its leader */
  troubles: Trouble[]
  coverage: Coverage
  /** how hard it is expected to become */
  effort: EffortForecast
  /** when kit is taken up, changed or put away, s */
  kitMoves: number[]
  /** what plays when, and where nothing does */
  music: MusicPlan
  /** to set out before the start */
  kit: KitNeed[]
  /** s that are left of the promise, when it is worth to fill them; else 0 */
  toFillSeconds: number
  /** how sure the length is, of the class and of each block */
  forecast: Forecast
  blocks: Record<string, BlockForecast>
  /** what the pace rests on; no class = the house's estimates */
  pace: Pick<Pace, 'classes'> & { rates: Rates }
}

const CLOSED_BY_ASKING = new Set(['clearance-first', 'ask', 'hold'])

export function markOf({ judgement }: Placement, use: Use): Mark {
  if (use.kind === 'closed') return CLOSED_BY_ASKING.has(use.gate.outcome) ? 'ask' : 'out'
  if (use.kind === 'rests') return 'out'
  if (judgement.overruled) return 'word'
  switch (judgement.verdict) {
    case 'as-planned':
      return 'planned'
    case 'modify':
      return 'adjust'
    case 'swap':
      return 'swap'
    case 'leave-out':
      return 'out'
  }
}

/** @param ownKg what the person lifts in the movement of the item, where it is not what the plan says */
export function viewOfUse(use: Use, ownKg?: number): UseView {
  switch (use.kind) {
    case 'does': {
      const { id: variant, changes, sessionChanges, judgement } = use.option
      const kg = judgement.settled.demands[SLOT.externalLoadKg] ?? 0
      return { kind: 'does', variant, changes, sessionChanges, ...(ownKg !== undefined && kg > 0 && { ownKg: kg }) }
    }
    case 'rests':
      return { kind: 'rests', ...(use.with && { with: use.with.variant.id }) }
    case 'closed':
      return { kind: 'closed', outcome: use.gate.outcome, text: use.gate.text }
  }
}

/** Why somebody has another version that no rule asks for. */
const KEPT_LOWER = 'The log took them a step down in this movement; they stay there till you take them up again.'

const cells = new WeakMap<Placement, Map<string, Cell>>()
/** The cell of a placement: the very same as before while nothing of it is other, so that what did not change need not be told again. */
function cellOf(placement: Placement, use: Use, ownKg: number | undefined): Cell {
  const key = `${use.kind} ${use.kind === 'does' ? use.option.id : use.kind === 'rests' ? (use.with?.variant.id ?? '') : use.gate.id} ${ownKg ?? ''}`
  const known = cells.get(placement) ?? new Map<string, Cell>()
  cells.set(placement, known)
  let cell = known.get(key)
  if (!cell) {
    const { judgement } = placement
    const because =
      (judgement.swapBecause === 'kept-lower' ? KEPT_LOWER : undefined) ??
      judgement.gate?.text ??
      judgement.hits.find((hit) => hit.then === 'avoid' || hit.then === 'modify')?.why
    cell = { verdict: judgement.verdict, mark: markOf(placement, use), use: viewOfUse(use, ownKg), ...(because && { because }) }
    known.set(key, cell)
  }
  return cell
}

const cellsBefore = new WeakMap<readonly Use[], Cell[]>()
/** A cell for everybody; the very same list while everybody does the same. */
function cellsOfItem(placements: readonly Placement[], uses: readonly Use[], people: Evaluation['people'], movement: string): Cell[] {
  let known = cellsBefore.get(uses)
  if (!known) {
    known = placements.map((placement, index) => cellOf(placement, uses[index]!, people[index]?.ownLoads?.[movement]))
    cellsBefore.set(uses, known)
  }
  return known
}

/** Of an item some of whose sets have a version of their own: which sets are done in this one. */
function setsIn({ item, planDose }: EvaluatedItem['prescription'], versioned: ReadonlySet<string>): ModelItem['sets'] {
  const of = wholeItem(item.id)
  if (!versioned.has(of)) return undefined
  const own = isSetVersion(item.id) ? item.variant : undefined
  const isOwn = (variant: string | undefined) => (own === undefined ? variant === undefined || variant === item.variant : variant === own)
  const numbers = (planDose.eachSet ?? []).flatMap(({ variant }, index) => (isOwn(variant) ? [index + 1] : []))
  const eachSet = (planDose.eachSet ?? []).filter(({ variant }) => isOwn(variant))
  return { of, numbers, amount: { ...planDose, sets: eachSet.length, eachSet } }
}

function itemView(
  { prescription, placements, uses, shown, levels, startSeconds, seconds }: EvaluatedItem,
  familiar: readonly string[],
  people: Evaluation['people'],
  versioned: ReadonlySet<string>,
): ModelItem {
  const { item, block, entry, name, movement, demands, dose, planDose } = prescription
  const sets = setsIn(prescription, versioned)
  return {
    id: item.id,
    ...(item.variant && { variant: item.variant }),
    movement: entry?.movement.name ?? name,
    name: entry?.variant.name ?? '',
    block: block.id,
    base: baseOf(demands.basePosition),
    dose,
    planDose,
    startSeconds,
    seconds,
    known: familiar.includes(movement),
    cells: cellsOfItem(placements, uses, people, movement),
    shown: [...shown],
    ...(levels.length > 0 && {
      levels: levels.map(({ id, may }) => ({ id, notFor: people.flatMap(({ name: one }, person) => (may[person] ? [] : [one])) })),
    }),
    ...(sets && { sets }),
  }
}

/**
 * An evaluation as it goes over to a screen.
 *
 * @param pace the one it was made at; the house's when left out
 * @param bands those that there are
 */
export function classModel(
  plan: PlanDraft,
  { people, items, timeline, tread, warnings }: Evaluation,
  pace: Pace = HOUSE_PACE,
  bands: readonly Band[] = [],
): ClassModel {
  const { whole: forecast, blocks } = forecastsOf(
    timeline,
    plan.phases.flatMap((phase) => phase.blocks),
    pace,
  )
  const versioned = new Set(items.flatMap(({ prescription: { item } }) => (isSetVersion(item.id) ? [wholeItem(item.id)] : [])))
  return {
    people: people.map(({ id, name, assessment, ownRests }) => ({
      id,
      name,
      ...(assessment.closed && { closed: assessment.closed }),
      limited: assessment.gates.filter(({ outcome }) => outcome === 'limits'),
      pending: assessment.pending,
      unlisted: [...assessment.unlisted],
      rpeCap: assessment.limits.rpeCap.value,
      ownRests,
    })),
    items: items.map((item) => itemView(item, plan.familiar, people, versioned)),
    timeline,
    tread,
    warnings: [...warnings],
    troubles: troublesOf(plan, { items, people }),
    coverage: coverageOf(
      plan,
      items.map(({ prescription }) => prescription),
      timeline,
    ),
    effort: effortForecast(plan, { people, items, timeline }),
    kitMoves: kitMoves(
      items.map(({ prescription }) => prescription),
      timeline,
    ),
    music: musicOf(plan, timeline),
    kit: kitList({ items, people }, bands),
    toFillSeconds: toFill(plan, timeline),
    forecast,
    blocks,
    pace: { classes: pace.classes, rates: pace.rates },
  }
}
