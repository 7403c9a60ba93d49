import { type Coverage, coverageOf } from '../coverage'
import type { Dose } from '../movement'
import { isSetVersion, type PlanDose, type PlanDraft, wholeItem } from '../plan'
import type { Change, GateHit, Pending, SessionChange, Verdict } from '../safety'
import {
  type Base,
  type BlockForecast,
  baseOf,
  type Forecast,
  forecastsOf,
  HOUSE_PACE,
  type Pace,
  type Rates,
  type Timeline,
  type TreadLine,
} from '../timing'
import { type EffortForecast, effortForecast } from './effort'
import type { EvaluatedItem, Evaluation, Use } from './evaluate'
import { toFill } from './fill'
import { type KitNeed, kitList } from './kitList'
import type { Placement } from './options'
import type { OwnRest } from './pacing'
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
  | { kind: 'does'; variant: string; changes: Change[]; sessionChanges: SessionChange[] }
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
  coverage: Coverage
  /** how hard it is expected to become */
  effort: EffortForecast
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

export function viewOfUse(use: Use): UseView {
  switch (use.kind) {
    case 'does':
      return { kind: 'does', variant: use.option.id, changes: use.option.changes, sessionChanges: use.option.sessionChanges }
    case 'rests':
      return { kind: 'rests', ...(use.with && { with: use.with.variant.id }) }
    case 'closed':
      return { kind: 'closed', outcome: use.gate.outcome, text: use.gate.text }
  }
}

function cellOf(placement: Placement, use: Use): Cell {
  const { judgement } = placement
  const because = judgement.gate?.text ?? judgement.hits.find((hit) => hit.then === 'avoid' || hit.then === 'modify')?.why
  return { verdict: judgement.verdict, mark: markOf(placement, use), use: viewOfUse(use), ...(because && { because }) }
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
  names: readonly string[],
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
    cells: placements.map((placement, index) => cellOf(placement, uses[index]!)),
    shown: [...shown],
    ...(levels.length > 0 && { levels: levels.map(({ id, may }) => ({ id, notFor: names.filter((_, person) => !may[person]) })) }),
    ...(sets && { sets }),
  }
}

/** An evaluation as it goes over to a screen. @param pace the one it was made at; the house's when left out */
export function classModel(plan: PlanDraft, { people, items, timeline, tread, warnings }: Evaluation, pace: Pace = HOUSE_PACE): ClassModel {
  const { whole: forecast, blocks } = forecastsOf(
    timeline,
    plan.phases.flatMap((phase) => phase.blocks),
    pace,
  )
  const names = people.map(({ name }) => name)
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
    items: items.map((item) => itemView(item, plan.familiar, names, versioned)),
    timeline,
    tread,
    warnings: [...warnings],
    coverage: coverageOf(
      plan,
      items.map(({ prescription }) => prescription),
      timeline,
    ),
    effort: effortForecast(plan, { people, items, timeline }),
    kit: kitList({ items, people }),
    toFillSeconds: toFill(plan, timeline),
    forecast,
    blocks,
    pace: { classes: pace.classes, rates: pace.rates },
  }
}
