import { z } from 'zod'
import { BASE_POSITIONS, type BasePosition } from '../movement'
import { PHASE_KINDS, type PhaseKind } from '../plan'
import { BASES, type Base } from './bases'
import { DEPENDS, type Depends } from './rates'

/** What a second is for. */
export const SEGMENT_KINDS = [
  'work',
  'side-change',
  /** between sets, or left over of a stated rest */
  'rest',
  /** standing or sitting still after rising (rule base 5.7) */
  'pause',
  /** a name, a word of praise */
  'link',
  'count-in',
  /** of place, floor to chair say */
  'change',
  'kit',
  'showing',
  'talk',
  'water',
] as const
export type SegmentKind = (typeof SEGMENT_KINDS)[number]

export interface Segment {
  kind: SegmentKind
  startSeconds: number
  seconds: number
  phase: string
  phaseKind: PhaseKind
  block: string
  /** the item at work; of a rest the one before, of what leads to an item that one */
  item?: string
  base: Base
  /** intended exertion, 0 to 10 */
  rpe: number
  /** 1-based */
  set?: number
  sets?: number
  side?: 'first' | 'second'
  reps?: number
  repSeconds?: number
  /** of a quiet block that says it: how people are held */
  position?: BasePosition
  /** weight is taken off (rule base 1.6) */
  relief?: true
  /** an easy movement in place of a rest */
  moving?: true
  /** left out when time is short */
  optional?: true
  /** house seconds by what they depend on; they sum to the segment's at the house's pace */
  house: Partial<Record<Depends, number>>
}

export interface Timeline {
  segments: Segment[]
  totalSeconds: number
  /** without what is left out when time is short */
  leastSeconds: number
  phases: { id: string; kind: PhaseKind; startSeconds: number; seconds: number }[]
}

const seconds = z.number().min(0).max(100_000)
const count = z.number().int().min(0).max(10_000)
const segmentSchema: z.ZodType<Segment> = z.strictObject({
  kind: z.enum(SEGMENT_KINDS),
  startSeconds: seconds,
  seconds,
  phase: z.string(),
  phaseKind: z.enum(PHASE_KINDS),
  block: z.string(),
  item: z.string().exactOptional(),
  base: z.enum(BASES),
  rpe: z.number().min(0).max(10),
  set: count.exactOptional(),
  sets: count.exactOptional(),
  side: z.enum(['first', 'second']).exactOptional(),
  reps: count.exactOptional(),
  repSeconds: seconds.exactOptional(),
  position: z.enum(BASE_POSITIONS).exactOptional(),
  relief: z.literal(true).exactOptional(),
  moving: z.literal(true).exactOptional(),
  optional: z.literal(true).exactOptional(),
  house: z.partialRecord(z.enum(DEPENDS), z.number()) as z.ZodType<Segment['house']>,
})
/** A timeline that was kept, as it is read. */
export const timelineSchema: z.ZodType<Timeline> = z.strictObject({
  segments: z.array(segmentSchema).max(5000),
  totalSeconds: seconds,
  leastSeconds: seconds,
  phases: z.array(z.strictObject({ id: z.string(), kind: z.enum(PHASE_KINDS), startSeconds: seconds, seconds })),
})

/** How the people who take part change the times of the plan (rule base 5.7). */
export interface Pacing {
  /** factor on the rests of an item, 1 to 2 */
  restFactor: (item: string) => number
  /** s of standing or sitting still after rising to an item from the one before (none before the first), or after a head-down one */
  pauseSeconds: (item: string, before: string | undefined) => number
  /** factor on the time to come to an item's place, 1 to 2; 1 when left out */
  changeFactor?: (item: string) => number
}
export const AS_WRITTEN: Pacing = { restFactor: () => 1, pauseSeconds: () => 0 }

/** A rest made longer, in whole 5 s; a rest that is not made longer stays as it is written. */
export const restSeconds = (planned: number, factor: number): number =>
  factor > 1 && planned > 0 ? Math.ceil((planned * factor) / 5 - 1e-9) * 5 : planned

/** Index of the segment at a second of the timeline; the last one at and after the end. */
export function segmentAt(timeline: Pick<Timeline, 'segments'>, second: number): number {
  let low = 0
  let high = timeline.segments.length - 1
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if (timeline.segments[middle]!.startSeconds <= second) low = middle
    else high = middle - 1
  }
  return low
}

/** m:ss, minutes uncapped; whole seconds. */
export const clock = (seconds: number): string => {
  const whole = Math.max(0, Math.round(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
