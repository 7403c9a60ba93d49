import type { PhaseKind } from '../plan'
import { BASES, type Base } from './bases'
import type { Timeline } from './segment'

/** One tread of the stair: a stretch of time on one base. */
export interface Tread {
  startSeconds: number
  endSeconds: number
  base: Base
  /** 0 floor to 4 free stand */
  level: number
  phaseKind: PhaseKind
}

export interface TreadLine {
  treads: Tread[]
  /** exertion along the time, one point a change */
  effort: { atSeconds: number; rpe: number }[]
  totalSeconds: number
  /** changes of base, and of those the trips to the floor or bed */
  changes: number
  floorTrips: number
}

/** The class as a stair line: neighbours on one base become one tread. */
export function treadLine(timeline: Timeline): TreadLine {
  const treads: Tread[] = []
  const effort: TreadLine['effort'] = []
  for (const segment of timeline.segments) {
    const endSeconds = segment.startSeconds + segment.seconds
    const last = treads.at(-1)
    if (last && last.base === segment.base && last.phaseKind === segment.phaseKind) last.endSeconds = endSeconds
    else
      treads.push({
        startSeconds: segment.startSeconds,
        endSeconds,
        base: segment.base,
        level: BASES.indexOf(segment.base),
        phaseKind: segment.phaseKind,
      })
    if (effort.at(-1)?.rpe !== segment.rpe) effort.push({ atSeconds: segment.startSeconds, rpe: segment.rpe })
  }
  const bases = treads.filter((tread, index) => index === 0 || tread.base !== treads[index - 1]!.base)
  const low = (base: Base) => base === 'floor' || base === 'bed'
  return {
    treads,
    effort,
    totalSeconds: timeline.totalSeconds,
    changes: Math.max(0, bases.length - 1),
    floorTrips: bases.filter((tread, index) => low(tread.base) && (index === 0 || !low(bases[index - 1]!.base))).length,
  }
}
