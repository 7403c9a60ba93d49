import { type Body, balanceMarginCm, type Load, type Moments, moments, solve } from '../body'
import type { Variant } from './movement'

const MOMENT_NAMES = ['shoulder', 'elbow', 'hip', 'knee', 'lumbar'] as const
export type MomentName = (typeof MOMENT_NAMES)[number]
export { MOMENT_NAMES }

const LIMB_LOAD = { dumbbell: 'handKg', ball: 'handKg', cuff: 'ankleKg' } as const

/** What the limbs carry with a load of this many kg, by the kit of the variant. */
export function loadOf(variant: Pick<Variant, 'kit'>, loadKg: number): Load {
  const kit = variant.kit.find((item): item is keyof typeof LIMB_LOAD => item in LIMB_LOAD)
  return kit && loadKg > 0 ? { [LIMB_LOAD[kit]]: loadKg } : {}
}

export interface Effort {
  moments: Moments
  /** cm inside the edge of the base at the least steady moment; undefined for bodies that lie */
  balanceMarginCm?: number
}

/**
 * The greatest static moment at each joint over the poses of a variant, N·m, and the least balance margin, for a body and a load.
 * Bands are not in it: their pull is told apart from weight by `bandInPose`.
 */
export function effortOf(variant: Pick<Variant, 'poses' | 'room' | 'kit'>, body: Body, loadKg: number): Effort {
  const load = loadOf(variant, loadKg)
  const figures = variant.poses.map((pose) => solve(pose, body, variant.room))
  const all = figures.map((figure) => moments(figure, load))
  const margins = figures.map((figure) => balanceMarginCm(figure, load)).filter((margin) => margin !== undefined)
  return {
    moments: Object.fromEntries(MOMENT_NAMES.map((name) => [name, Math.max(...all.map((moment) => moment[name]))])) as unknown as Moments,
    ...(margins.length > 0 && { balanceMarginCm: Math.min(...margins) }),
  }
}
