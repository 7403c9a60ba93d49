import { type Band, type BandChoice, type BandRun, type Body, bandPath, chooseBand, GRAVITY, solve } from '../body'
import type { Variant } from './movement'

/** How the band of a variant runs, or nothing where it has none that the hands pull. */
export function bandRunOf(variant: Pick<Variant, 'props'>): BandRun | undefined {
  if (variant.props.includes('bandHands')) return 'hands'
  return variant.props.includes('band') ? 'feet' : undefined
}

export interface BandAdvice extends BandChoice {
  /** longest path over the poses for this body, m */
  pathM: number
  wantedN: number
}

/**
 * The band and grip that come nearest to the planned pull for a body of this height: the same band pulls harder on a taller body,
 * whose path is longer.
 *
 * @param pullKg planned peak pull, kg
 * @returns nothing when the variant pulls no band or no band of the set can be gripped so
 */
export function bandFor(
  variant: Pick<Variant, 'poses' | 'room' | 'props'>,
  body: Body,
  pullKg: number,
  bands: readonly Band[],
): BandAdvice | undefined {
  const runs = bandRunOf(variant)
  if (!runs || pullKg <= 0) return undefined
  const pathM = Math.max(...variant.poses.map((pose) => bandPath(solve(pose, body, variant.room), runs)))
  const wantedN = pullKg * GRAVITY
  const choice = chooseBand(bands, wantedN, pathM)
  return choice && { ...choice, pathM, wantedN }
}
