import { type Coverage, QUALITIES, type Quality } from '../coverage'
import { MUSCLES, type Muscle } from '../movement'
import type { Day } from '../vocabulary'

/** What a group has trained in some classes together. */
export interface Trained {
  /** s of work, the most first */
  qualities: { quality: Quality; seconds: number }[]
  /** working sets; one in which it only helps counts half; the most first */
  muscles: { muscle: Muscle; sets: number }[]
  /** what no class of these had anything for */
  forgotten: { qualities: Quality[]; muscles: Muscle[] }
}

/** Adds up what classes trained. @param classes what each of them covers, as it was led */
export function trainedIn(classes: readonly Pick<Coverage, 'qualities' | 'muscles'>[]): Trained {
  const seconds = new Map<Quality, number>()
  const sets = new Map<Muscle, number>()
  for (const one of classes) {
    for (const { quality, seconds: more } of one.qualities) seconds.set(quality, (seconds.get(quality) ?? 0) + more)
    for (const { muscle, sets: more } of one.muscles) sets.set(muscle, (sets.get(muscle) ?? 0) + more)
  }
  return {
    qualities: [...seconds].map(([quality, all]) => ({ quality, seconds: all })).toSorted((a, b) => b.seconds - a.seconds),
    muscles: [...sets].map(([muscle, all]) => ({ muscle, sets: all })).toSorted((a, b) => b.sets - a.sets),
    forgotten: {
      qualities: QUALITIES.filter((quality) => (seconds.get(quality) ?? 0) === 0),
      muscles: MUSCLES.filter((muscle) => (sets.get(muscle) ?? 0) === 0),
    },
  }
}

/** How often one of a group came. */
export interface Attendance {
  person: string
  came: number
  of: number
  /** classes missed running, up to the last */
  missed: number
}

/**
 * Who came how often; of somebody who joined in between, only the classes since their first count. Whoever never came is counted from the start.
 *
 * @param days on which the class was led, in their order
 * @param came days on which each was there
 */
export function attendanceIn(days: readonly Day[], came: ReadonlyMap<string, readonly Day[]>): Attendance[] {
  return [...came].map(([person, theirs]) => {
    const there = new Set(theirs)
    const first = days.find((day) => there.has(day))
    const since = first === undefined ? days : days.filter((day) => day >= first)
    const last = since.findLastIndex((day) => there.has(day))
    return { person, came: since.filter((day) => there.has(day)).length, of: since.length, missed: since.length - 1 - last }
  })
}

/** So many classes missed running are a reason to ring: a house estimate. */
export const RING_AFTER = 2
