import { type AttributeName, attribute, type Catalogue } from '../movement'
import { type Plan, prescriptionsOf } from '../plan'
import { BASES, type Base, type Timeline, type TreadLine, treadLine } from '../timing'

/** Under which heading a clinician looks for it. */
export const ASK_GROUPS = ['effort', 'load', 'balance', 'spine', 'arms', 'legs', 'other'] as const
export type AskGroup = (typeof ASK_GROUPS)[number]

/** What a class asks of the body in one respect, where it asks most. */
export interface BodyAsk {
  group: AskGroup
  attribute: AttributeName
  /** in the attribute's own unit; of a scale the step, of a flag 1 */
  most: number
  /** names of the movements that ask it */
  movements: string[]
}

export interface BodyAsks {
  asks: BodyAsk[]
  /** s on each base by the timeline, in all and at one go, the most held first; rests and talk count where they are spent */
  positions: { base: Base; seconds: number; longestSeconds: number }[]
  /** s of work at a planned effort of 4 and more */
  hardSeconds: number
  totalSeconds: number
}

/** In the order in which they are read. */
const GROUP_OF: Partial<Record<AttributeName, AskGroup>> = {
  intendedRpe: 'effort',
  met: 'effort',
  isometricHoldSec: 'effort',
  breathHoldRisk: 'effort',
  abdominalPressure: 'effort',
  tempo: 'effort',
  externalLoadKg: 'load',
  gripDemand: 'load',
  wristExtLoad: 'load',
  impactLevel: 'load',
  kneelingLoad: 'load',
  transferLevel: 'balance',
  balanceDemand: 'balance',
  singleLegSec: 'balance',
  eyesClosed: 'balance',
  spinalFlexionDeg: 'spine',
  spinalLoaded: 'spine',
  spinalExtensionDeg: 'spine',
  twistDeg: 'spine',
  sideBendDeg: 'spine',
  neckExtensionDeg: 'spine',
  headTurn: 'spine',
  headBelowHeartSec: 'spine',
  overheadReachDeg: 'arms',
  shoulderAbductionDeg: 'arms',
  shoulderExtensionDeg: 'arms',
  combinedAbdER: 'arms',
  hipFlexionDeg: 'legs',
  hipExtensionDeg: 'legs',
  hipAbductionDeg: 'legs',
  hipAdductionPastMidline: 'legs',
  hipInternalRotationDeg: 'legs',
  hipExternalRotationDeg: 'legs',
  kneeFlexionLoadedDeg: 'legs',
  ankleLoad: 'legs',
  endRangeStretch: 'other',
}
/** Less than this is what sitting and walking ask of everybody, degrees. */
const EVERYDAY_DEGREES = 15
const HARD_RPE = 4

/**
 * What a class asks of the body at its most, as it is planned: for whom it is not planned so, less. Ranges that everybody uses in sitting down and
 * walking are left out.
 *
 * @param timeline of the plan, with the rests that its people need
 */
export function bodyAsks(plan: Plan, catalogue: Catalogue, timeline: Timeline): BodyAsks {
  const items = prescriptionsOf(plan, catalogue)
  const asks = (Object.entries(GROUP_OF) as [AttributeName, AskGroup][]).flatMap(([name, group]): BodyAsk[] => {
    const most = Math.max(0, ...items.map(({ demands }) => Number(demands[name])))
    const definition = attribute(name)
    const least = definition.kind === 'number' && definition.unit === 'deg' ? EVERYDAY_DEGREES : Number(definition.neutral)
    if (most <= least) return []
    const asking = items.filter(({ demands }) => Number(demands[name]) === most)
    return [{ group, attribute: name, most, movements: [...new Set(asking.map(({ entry, name: own }) => entry?.movement.name ?? own))] }]
  })
  const hardSeconds = timeline.segments.reduce((sum, { kind, rpe, seconds }) => sum + (kind === 'work' && rpe >= HARD_RPE ? seconds : 0), 0)
  return { asks, positions: positionsIn(treadLine(timeline)), hardSeconds, totalSeconds: timeline.totalSeconds }
}

/** Neighbouring treads on one base are one stay, also where a phase ends between them. */
function positionsIn({ treads }: TreadLine): BodyAsks['positions'] {
  const stays: { base: Base; seconds: number }[] = []
  for (const { base, startSeconds, endSeconds } of treads) {
    const last = stays.at(-1)
    if (last?.base === base) last.seconds += endSeconds - startSeconds
    else stays.push({ base, seconds: endSeconds - startSeconds })
  }
  return BASES.flatMap((base) => {
    const all = stays.flatMap((stay) => (stay.base === base ? [stay.seconds] : []))
    return all.length === 0 ? [] : [{ base, seconds: all.reduce((sum, one) => sum + one, 0), longestSeconds: Math.max(...all) }]
  })
}
