import type { Catalogue, Dose } from '../movement'
import { itemsOf, type Plan, type PlannedItem, type PlanWarning, plannedItem, planWarnings } from '../plan'
import type { Assessment, Change, GateHit, Verdict } from '../safety'
import { type Base, baseOf, expand, type Timeline, type TreadLine, treadLine } from '../timing'
import { type Placement, placeGroup } from './options'
import { versionsFor } from './tracks'

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

export interface Cell {
  verdict: Verdict
  mark: Mark
  /** what this person does: a variant id, or nothing = rest */
  use?: string
  changes: Change[]
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
  dose: Dose
  startSeconds: number
  seconds: number
  /** one per person, in the order of the roster */
  cells: Cell[]
  /** versions shown to the group */
  shown: string[]
}

export interface ModelPerson {
  id: string
  name: string
  /** the gate that closes the session for this person */
  closed?: GateHit
  /** clearance advised and not on file */
  pending: string[]
  rpeCap: number
}

/** What the designer, the grid and the leading screen show of a class. */
export interface ClassModel {
  people: ModelPerson[]
  items: ModelItem[]
  timeline: Timeline
  tread: TreadLine
  warnings: PlanWarning[]
}

/** A class roster on a day, ready to be judged. */
export interface RosterPerson {
  id: string
  name: string
  assessment: Assessment
}

/** The same people as a list of assessments, which is what placements are remembered by. */
export interface Roster {
  people: readonly RosterPerson[]
  assessments: readonly Assessment[]
}
export const rosterOf = (people: readonly RosterPerson[]): Roster => ({ people, assessments: people.map(({ assessment }) => assessment) })

export function markOf(placement: Placement): Mark {
  const { judgement, options } = placement
  if (judgement.overruled) return 'word'
  if (judgement.gate) return judgement.gate.outcome === 'clearance-first' || judgement.gate.outcome === 'hold' ? 'ask' : 'out'
  switch (judgement.verdict) {
    case 'as-planned':
      return 'planned'
    case 'modify':
      return 'adjust'
    case 'swap':
      return options.length > 0 ? 'swap' : 'out'
    case 'leave-out':
      return 'out'
  }
}

const memo = new WeakMap<readonly Assessment[], Map<string, Placement[]>>()
/** `placeGroup`, remembered per assessed group: an edit of one item leaves the others as they were. */
export function placeGroupOnce(assessments: readonly Assessment[], planned: PlannedItem, catalogue: Catalogue, room: Plan['room']): Placement[] {
  let known = memo.get(assessments)
  if (!known) {
    known = new Map()
    memo.set(assessments, known)
  }
  const key = JSON.stringify([planned.item.variant ?? planned.item.described, planned.dose, room.kit, room.floorWork])
  let placements = known.get(key)
  if (!placements) {
    placements = placeGroup(assessments, planned, catalogue.entries, room)
    known.set(key, placements)
  }
  return placements
}

function cellOf(placement: Placement, use: string | undefined): Cell {
  const { judgement, options } = placement
  const taken = options.find((option) => option.id === use)
  const because = judgement.gate?.text ?? judgement.hits.find((hit) => hit.then === 'avoid' || hit.then === 'modify')?.why
  return { verdict: judgement.verdict, mark: markOf(placement), ...(use && { use }), changes: taken?.changes ?? [], ...(because && { because }) }
}

/** Judges every item for everybody, chooses the versions to show, and times the class. */
export function classModel(plan: Plan, roster: Roster, catalogue: Catalogue): ClassModel {
  const { people, assessments } = roster
  const timeline = expand(plan, catalogue)
  const tread = treadLine(timeline)
  const spans = new Map<string, { start: number; seconds: number }>()
  for (const segment of timeline.segments) {
    if (!segment.item) continue
    const span = spans.get(segment.item)
    if (span) span.seconds += segment.seconds
    else spans.set(segment.item, { start: segment.startSeconds, seconds: segment.seconds })
  }
  const items = itemsOf(plan).map(({ item, block }): ModelItem => {
    const planned = plannedItem(item, catalogue)
    const placements = placeGroupOnce(assessments, planned, catalogue, plan.room)
    const { shown, uses } = versionsFor(placements, plan.tracks, planned)
    const span = spans.get(item.id)
    return {
      id: item.id,
      ...(item.variant && { variant: item.variant }),
      movement: planned.entry?.movement.name ?? planned.name,
      name: planned.entry?.variant.name ?? '',
      block: block.id,
      base: baseOf(planned.demands.basePosition),
      dose: planned.dose,
      startSeconds: span?.start ?? 0,
      seconds: span?.seconds ?? 0,
      cells: placements.map((placement, index) => cellOf(placement, uses[index])),
      shown,
    }
  })
  const highestRpe = Math.max(0, ...timeline.segments.map((segment) => segment.rpe))
  return {
    people: people.map(({ id, name, assessment }) => ({
      id,
      name,
      ...(assessment.closed && { closed: assessment.closed }),
      pending: assessment.pending,
      rpeCap: assessment.limits.rpeCap.value,
    })),
    items,
    timeline,
    tread,
    warnings: planWarnings(plan, { ...timeline, highestRpe, floorTrips: tread.floorTrips }, people),
  }
}
