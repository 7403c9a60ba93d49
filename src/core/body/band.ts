import type { Figure } from './joints'
import { length, sub } from './vector'

/** A band as it was measured: pull at stretched lengths of one metre of it. */
export interface Band {
  id: string
  name: string
  /** slack length, m */
  length: number
  /** stretch ratio (1 = slack) to pull in N, rising; measured on the single band */
  measured: readonly { ratio: number; pullN: number }[]
}

export class BandRangeError extends Error {
  constructor(
    readonly ratio: number,
    readonly greatest: number,
  ) {
    super(`the band would be stretched to ${ratio.toFixed(2)} times its length; it was measured up to ${greatest.toFixed(2)}`)
    this.name = 'BandRangeError'
  }
}

/**
 * Pull of a band in newtons over a path, by linear interpolation in the measured table.
 *
 * @param pathM length of the band's path from anchor to hand (both ends when it is doubled), m
 * @param usedM slack length of the part in use: shorter when it is gripped nearer, m
 * @param strands 1 single, 2 doubled
 * @throws BandRangeError when stretched beyond the table: bands are not judged where they were not measured
 */
export function bandPull(band: Band, pathM: number, usedM = band.length, strands: 1 | 2 = 1): number {
  const ratio = pathM / usedM
  const table = band.measured
  if (ratio <= 1) return 0
  const greatest = table.at(-1)!.ratio
  if (ratio > greatest) throw new BandRangeError(ratio, greatest)
  const above = table.findIndex((row) => row.ratio >= ratio)
  const high = table[above]!
  const low = table[above - 1] ?? { ratio: 1, pullN: 0 }
  return strands * (low.pullN + ((high.pullN - low.pullN) * (ratio - low.ratio)) / (high.ratio - low.ratio))
}

export interface BandChoice {
  band: Band
  /** slack length between the hands or from anchor to hand, m */
  usedM: number
  strands: 1 | 2
  pullN: number
}

/**
 * The band, grip and doubling that come nearest to a wanted pull over a path.
 *
 * @param wantedN pull in newtons
 * @param pathM path at the hardest moment, m
 * @returns nothing when no band of the set can be gripped so
 */
export function chooseBand(bands: readonly Band[], wantedN: number, pathM: number): BandChoice | undefined {
  const choices = bands.flatMap((band) =>
    ([1, 2] as const).flatMap((strands) => {
      const longest = band.length / strands
      // grips every 5 cm, from the whole band down to the length at which the table ends
      const grips = Array.from({ length: 40 }, (_, step) => longest - step * 0.05).filter(
        (used) => used >= pathM / band.measured.at(-1)!.ratio && used > 0.1,
      )
      return grips.map((usedM): BandChoice => ({ band, usedM, strands, pullN: bandPull(band, pathM, usedM, strands) }))
    }),
  )
  return choices.sort((a, b) => Math.abs(a.pullN - wantedN) - Math.abs(b.pullN - wantedN))[0]
}

/** Where a band runs in a figure. */
export type BandRun = 'feet' | 'hands'

/**
 * Length of the band's path in a figure, m: from hand to hand, or from one hand under the feet to the other.
 */
export function bandPath(figure: Figure, runs: BandRun): number {
  const { left, right } = figure.arms
  if (runs === 'hands') return length(sub(left.hand, right.hand))
  const [a, b] = [figure.legs.left.ball, figure.legs.right.ball]
  return length(sub(left.hand, a)) + length(sub(a, b)) + length(sub(b, right.hand))
}
