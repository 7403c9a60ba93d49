import { z } from 'zod'
import { daySchema, daysBetween } from '../vocabulary'
import { DEPENDS, type Depends, HOUSE_RATES, type Rates } from './rates'
import type { Segment } from './segment'

/** Seconds at the house's pace by what they depend on. */
export type HouseSeconds = Record<Depends, number>

const seconds = z.number().min(0).max(36_000)
/** A stretch of a class that was led, from one tap to the next: how long the house takes for it, and how long it took. */
export const ledStretchSchema = z.strictObject({
  day: daySchema,
  house: z.strictObject({ clock: seconds, counted: seconds, held: seconds, between: seconds }),
  /** s, pauses left out */
  seconds,
  /** when its counted and held time is of one movement only */
  movement: z.string().max(120).optional(),
})
export type LedStretch = z.output<typeof ledStretchSchema>

/** Factors that can be learned, in the order of the arithmetic. */
export const LEARNED = ['counted', 'held', 'between'] as const
export type Learned = (typeof LEARNED)[number]

/** How an instructor's times differ from the house's, what it rests on, and how sure it is. */
export interface Pace {
  rates: Rates
  /** covariance of the logarithms of the three factors, in the order of `LEARNED` */
  covariance: readonly (readonly number[])[]
  /** what it rests on */
  classes: number
  stretches: number
}

/** What the user set by hand. */
export interface PaceWish {
  /** factors that are not learned */
  pinned?: Partial<Record<Learned, number>>
  /** nothing before this day counts */
  since?: string
}

/** Standard deviations on the log scale: of instructors about the house, and of movements and their stretches above that. */
const PRIOR_SD: Record<Learned, number> = { counted: 0.3, held: 0.25, between: 0.35 }
/** Of one stretch about its forecast, on the log scale. */
export const NOISE_SD = 0.2
const MOVEMENT_PRIOR_SD = 0.22
const MOVEMENT_NOISE_SD = 0.15
/** The noise is that of a stretch of so much scaled time, s: an estimate. With the noise on whole blocks a class stayed 5.9 % off after eight. */
const EVEN_SECONDS = 90
/** After so many days a stretch counts half, days: an estimate. */
const HALF_LIFE_DAYS = 120
/** Gauss-Newton steps; it settles in four or five. */
const STEPS = 12
/** Below this a stretch says nothing of the pace, s: it was kept by a clock. */
const LEAST_SCALED_SECONDS = 2

export const square = (x: number) => x * x

export type Vector = [number, number, number]
type Matrix = [Vector, Vector, Vector]

/** Solution of a symmetric positive system of three, and its inverse, by elimination. */
function inverted(matrix: Matrix): Matrix {
  const work = matrix.map((row, i) => [...row, ...[0, 1, 2].map((j) => (i === j ? 1 : 0))])
  for (let column = 0; column < 3; column++) {
    const pivotRow = work[column]!
    const pivot = pivotRow[column]!
    for (let k = 0; k < 6; k++) pivotRow[k]! /= pivot
    for (let row = 0; row < 3; row++) {
      if (row === column) continue
      const factor = work[row]![column]!
      for (let k = 0; k < 6; k++) work[row]![k]! -= factor * pivotRow[k]!
    }
  }
  return work.map((row) => row.slice(3) as Vector) as Matrix
}
const times = (matrix: Matrix, vector: Vector): Vector => matrix.map((row) => row.reduce((sum, one, j) => sum + one * vector[j]!, 0)) as Vector

const scaledOf = (house: HouseSeconds): Vector => [house.counted, house.held, house.between]
export const sumOf = (vector: Vector) => vector[0] + vector[1] + vector[2]

interface Evidence {
  scaled: Vector
  /** logarithm of what it took without the part a clock keeps */
  observed: number
  /** inverse variance, decayed */
  weight: number
}

function evidenceOf({ house, seconds, day }: LedStretch, today: string): Evidence[] {
  const scaled = scaledOf(house)
  const whole = sumOf(scaled)
  const took = seconds - house.clock
  if (whole < LEAST_SCALED_SECONDS || took <= 0) return []
  // in a long stretch the noise of its parts evens out; one that a clock mostly keeps says little of the rest
  const sd = NOISE_SD * Math.sqrt(Math.min(1, EVEN_SECONDS / whole)) * (1 + house.clock / (4 * whole))
  const decay = 0.5 ** (Math.max(0, daysBetween(day, today)) / HALF_LIFE_DAYS)
  return [{ scaled, observed: Math.log(took), weight: decay / square(sd) }]
}

/** The three factors on the log scale with their covariance: Gauss-Newton on the logarithm of each stretch, about the prior. */
function factors(evidence: readonly Evidence[], pinned: PaceWish['pinned'] = {}): { log: Vector; covariance: Matrix } {
  const centre = LEARNED.map((name) => Math.log(pinned[name] ?? 1)) as Vector
  // what is pinned does not move
  const precision = LEARNED.map((name) => 1 / square(pinned[name] === undefined ? PRIOR_SD[name] : 1e-4)) as Vector
  let log: Vector = [...centre]
  let covariance: Matrix = inverted([
    [precision[0], 0, 0],
    [0, precision[1], 0],
    [0, 0, precision[2]],
  ])
  for (let step = 0; step < STEPS; step++) {
    const normal: Matrix = [
      [precision[0], 0, 0],
      [0, precision[1], 0],
      [0, 0, precision[2]],
    ]
    const right = log.map((value, i) => precision[i]! * (centre[i]! - value)) as Vector
    for (const { scaled, observed, weight } of evidence) {
      const parts = scaled.map((seconds, i) => seconds * Math.exp(log[i]!)) as Vector
      const whole = sumOf(parts)
      const slope = parts.map((part) => part / whole) as Vector
      const missing = observed - Math.log(whole)
      for (let i = 0; i < 3; i++) {
        right[i]! += weight * slope[i]! * missing
        for (let j = 0; j < 3; j++) normal[i]![j]! += weight * slope[i]! * slope[j]!
      }
    }
    covariance = inverted(normal)
    const move = times(covariance, right)
    log = log.map((value, i) => value + move[i]!) as Vector
    if (Math.max(...move.map(Math.abs)) < 1e-9) break
  }
  return { log, covariance }
}

/** Each movement's own factor above the three, from stretches in which it alone was counted or held. */
function movementFactors(stretches: readonly LedStretch[], today: string, rates: Rates): Record<string, number> {
  const found = new Map<string, { sum: number; weight: number }>()
  for (const { movement, house, seconds, day } of stretches) {
    if (movement === undefined) continue
    const own = house.counted * rates.counted + house.held * rates.held
    const took = seconds - house.clock - house.between * rates.between
    if (own < LEAST_SCALED_SECONDS || took <= 0) continue
    const decay = 0.5 ** (Math.max(0, daysBetween(day, today)) / HALF_LIFE_DAYS)
    const weight = decay / square(MOVEMENT_NOISE_SD)
    const before = found.get(movement) ?? { sum: 0, weight: 0 }
    found.set(movement, { sum: before.sum + weight * Math.log(took / own), weight: before.weight + weight })
  }
  const prior = 1 / square(MOVEMENT_PRIOR_SD)
  return Object.fromEntries(
    [...found].sort(([a], [b]) => (a < b ? -1 : 1)).map(([movement, { sum, weight }]) => [movement, Math.exp(sum / (prior + weight))]),
  )
}

/**
 * An instructor's pace, learned from what was led. No log gives exactly the house's; the order of the log does not matter; what is older
 * counts less.
 *
 * @param today day from which age is counted, YYYY-MM-DD
 */
export function learnPace(log: readonly LedStretch[], today: string, wish: PaceWish = {}): Pace {
  const { since } = wish
  const counting = since === undefined ? log : log.filter(({ day }) => day >= since)
  const evidence = counting.flatMap((stretch) => evidenceOf(stretch, today))
  const { log: fitted, covariance } = factors(evidence, wish.pinned)
  const exact = evidence.length === 0 && wish.pinned === undefined
  const [counted, held, between] = fitted.map(Math.exp) as Vector
  const rates: Rates = exact ? HOUSE_RATES : { counted, held, between, movements: {} }
  return {
    rates: exact ? rates : { ...rates, movements: movementFactors(counting, today, rates) },
    covariance,
    classes: new Set(counting.map(({ day }) => day)).size,
    stretches: evidence.length,
  }
}
export const HOUSE_PACE: Pace = learnPace([], '2000-01-01')

const NOTHING: HouseSeconds = { clock: 0, counted: 0, held: 0, between: 0 }
/** House seconds of some segments. */
export function houseOf(segments: readonly Segment[]): HouseSeconds {
  const sum = { ...NOTHING }
  for (const { house } of segments) for (const depends of DEPENDS) sum[depends] += house[depends] ?? 0
  return sum
}
