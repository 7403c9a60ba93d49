import { BAND_RUNS, type Band, type BandChoice, type BandRun, type Body, bandPath, chooseBand, GRAVITY, type PropKind, stage } from '../body'
import type { Variant } from './movement'

/** How a band is drawn, by where it runs. */
export const BAND_PROPS = {
  feet: 'band',
  hands: 'bandHands',
  thighs: 'loop',
  back: 'bandBack',
  side: 'bandSide',
  ankle: 'bandAnkle',
} as const satisfies Record<BandRun, PropKind>

/** How the band of a variant runs, or nothing where it has none. */
export const bandRunOf = (variant: Pick<Variant, 'props'>): BandRun | undefined => BAND_RUNS.find((run) => variant.props.includes(BAND_PROPS[run]))

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
  // a loop is not cut or gripped to length
  if (!runs || runs === 'thighs' || pullKg <= 0) return undefined
  const ofVariant = known.get(variant) ?? new Map<string, { bands: readonly Band[]; advice: BandAdvice | undefined }>()
  known.set(variant, ofVariant)
  const key = `${body.stature} ${body.shape} ${body.gestationalWeek ?? ''} ${pullKg}`
  const before = ofVariant.get(key)
  if (before?.bands === bands) return before.advice
  const pathM = Math.max(...stage(variant.poses, body, variant.room).map((figure) => bandPath(figure, runs)))
  const wantedN = pullKg * GRAVITY
  const choice = chooseBand(bands, wantedN, pathM)
  const advice = choice && { ...choice, pathM, wantedN }
  ofVariant.set(key, { bands, advice })
  return advice
}

/** A class asks for the same few again and again. */
const known = new WeakMap<object, Map<string, { bands: readonly Band[]; advice: BandAdvice | undefined }>>()
