import type { BodyResponse } from '../safety'
import { between, RESERVE_SHARE } from './ceiling'

/** What of somebody decides how breath and pulse answer to work. */
export interface Answering {
  /** years */
  age: number
  /** unknown = the lower capacity */
  sex?: 'female' | 'male' | undefined
  /** weeks in which they came (rule base 1.5) */
  weeksInProgramme: number
  response: Partial<BodyResponse>
}

/** Energy at rest, MET (rule base 3.6). */
const RESTING_MET = 1
const LEAST_CAPACITY_MET = 2.5
/** In the first weeks somebody counts as out of condition: the factor is of rule base 3.6, the weeks are an estimate. */
const NEW_WEEKS = 8
const NEW_FACTOR = 0.75

/**
 * The most energy that somebody can spend, MET (rule base 3.6): by age and sex [MORRIS-1993, GULATI-2005], times the factors of conditions;
 * an estimate.
 */
export function capacityMet({ age, sex, weeksInProgramme, response }: Answering): number {
  const healthy = 14.7 - (sex === 'male' ? 0.11 : 0.13) * age
  const factor = Math.min(response.capacity ?? 1, weeksInProgramme < NEW_WEEKS ? NEW_FACTOR : 1)
  return Math.max(LEAST_CAPACITY_MET, healthy * factor)
}

/** Share of the reserve, 0 to 1, at which work of this energy settles (rule base 3.6). @param met MET */
export const steadyShare = (met: number, capacity: number): number =>
  Math.min(1, Math.max(0, (met - RESTING_MET) / Math.max(0.1, capacity - RESTING_MET)))

/** s, by age (rule base 3.6): straight lines between the rows of the table. */
const ON_SECONDS = [
  [40, 25],
  [60, 45],
] as const
const OFF_SECONDS = [
  [40, 50],
  [60, 80],
] as const
/** Before the pulse begins to rise, s (rule base 3.6). */
export const DELAY_SECONDS = 5

export interface Kinetics {
  capacity: number
  /** time constants of a rise and of a fall, s */
  onSec: number
  offSec: number
}

export function kineticsOf(answering: Answering): Kinetics {
  const { age, response } = answering
  return {
    capacity: capacityMet(answering),
    onSec: (response.onSec ?? between(ON_SECONDS, age)) * (response.onFactor ?? 1),
    offSec: (response.offSec ?? between(OFF_SECONDS, age)) * (response.offFactor ?? 1),
  }
}

/**
 * Share of the reserve after some time of work, first order (rule base 3.6).
 *
 * @param share now, 0 to 1
 * @param target at which it settles
 */
export const shareAfter = (share: number, target: number, seconds: number, { onSec, offSec }: Kinetics): number =>
  target + (share - target) * Math.exp(-seconds / (target > share ? onSec : offSec))

const EFFORT_OF_SHARE = RESERVE_SHARE.map(([effort, share]) => [share, effort] as const)
/** Effort, 0 to 10, at a share of the reserve: the mapping of the ceilings read the other way, 0 below its light band; an estimate. */
export const effortAt = (share: number): number => between(EFFORT_OF_SHARE, share)
