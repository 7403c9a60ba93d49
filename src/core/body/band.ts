import { type Figure, outward, type Side } from './joints'
import { add, apply, length, mix, sub, type Vec } from './vector'

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
export const BAND_RUNS = ['feet', 'hands', 'thighs', 'back', 'side', 'ankle'] as const
export type BandRun = (typeof BAND_RUNS)[number]

/** Where a band that goes round the back leaves it on either side. */
export function roundTheBack(figure: Figure): Record<Side, Vec> {
  const H = figure.body.stature
  const at = (side: Side) => add(figure.neckBase, apply(figure.thoraxFrame, [0.11 * H * outward(side), -0.06 * H, -0.09 * H]))
  return { left: at('left'), right: at('right') }
}

/** Something fixed at the left of the body, at the height of the breastbone, an arm and a half away. */
export const sideAnchor = (figure: Figure): Vec => [
  -0.95,
  figure.furniture?.seat?.[1] ?? figure.pelvis[1],
  0.72 * (figure.neckBase[2] - figure.pelvis[2]) + figure.pelvis[2],
]

/** Something fixed ahead of a chair, at the height of the ankles. */
export const ankleAnchor = (figure: Figure): Vec => [figure.legs.right.hip[0], (figure.furniture?.seat?.[1] ?? figure.pelvis[1]) + 1.25, 0.12]

/** Length of the band's path in a figure, m. */
export function bandPath(figure: Figure, runs: BandRun): number {
  const { left, right } = figure.arms
  const { legs } = figure
  const along = (...points: readonly Vec[]) => points.slice(1).reduce((sum, point, index) => sum + length(sub(point, points[index]!)), 0)
  switch (runs) {
    case 'hands':
      return along(left.hand, right.hand)
    case 'feet':
      return along(left.hand, legs.left.ball, legs.right.ball, right.hand)
    case 'thighs':
      return along(mix(legs.left.hip, legs.left.knee, ABOVE_KNEE), mix(legs.right.hip, legs.right.knee, ABOVE_KNEE))
    case 'back': {
      const back = roundTheBack(figure)
      return along(left.hand, back.left, back.right, right.hand)
    }
    case 'side':
      return along(mix(left.hand, right.hand, 0.5), sideAnchor(figure))
    case 'ankle':
      return along(legs.right.ankle, ankleAnchor(figure))
  }
}

/** Where a loop lies on the thigh, from the hip down. */
const ABOVE_KNEE = 0.82
