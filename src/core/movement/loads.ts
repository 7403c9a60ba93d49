import { type Body, balanceMarginCm, interpolate, type Load, type Moments, moments, notEstimated, type Pose, solve } from '../body'
import type { Variant } from './movement'

const MOMENT_NAMES = ['shoulder', 'elbow', 'hip', 'knee', 'lumbar'] as const
export type MomentName = (typeof MOMENT_NAMES)[number]
export { MOMENT_NAMES }

const LIMB_LOAD = { dumbbell: 'handKg', ball: 'handKg', cuff: 'ankleKg' } as const

/** What the limbs carry with a load of this many kg, by the kit of the variant. */
export function loadOf(variant: Pick<Variant, 'kit' | 'declared'>, loadKg: number): Load {
  const kit = variant.kit.find((item): item is keyof typeof LIMB_LOAD => item in LIMB_LOAD)
  if (!kit || loadKg <= 0) return {}
  return { [kit === 'cuff' && variant.declared.loadLimb === 'arm' ? 'wristKg' : LIMB_LOAD[kit]]: loadKg }
}

export interface Effort {
  /** N·m; a joint that is left out is not estimated */
  moments: Partial<Moments>
  /** cm inside the edge of the base at the least steady moment; undefined for bodies that lie */
  balanceMarginCm?: number
}

/** Parts of the way from one pose to the next that are looked at: the longest lever is often half-way. */
const BETWEEN = 6

const between = (poses: readonly Pose[]): Pose[] =>
  poses.slice(1).flatMap((next, index) => Array.from({ length: BETWEEN - 1 }, (_, step) => interpolate(poses[index]!, next, (step + 1) / BETWEEN)))

/**
 * The greatest static moment at each joint along the way through the poses of a variant, N·m, and the least balance margin at them, for
 * a body and a load. Bands are not in it: their pull is told apart from weight by `bandInPose`.
 */
export function effortOf(variant: Pick<Variant, 'poses' | 'room' | 'kit' | 'declared'>, body: Body, loadKg: number): Effort {
  const load = loadOf(variant, loadKg)
  const placed = (pose: Pose) => solve(pose, body, variant.room)
  const ends = variant.poses.map(placed)
  const figures = [...ends, ...between(variant.poses).map(placed)]
  const all = figures.map((figure) => moments(figure, load))
  const unknown = new Set(figures.flatMap(notEstimated))
  const margins = ends.map((figure) => balanceMarginCm(figure, load)).filter((margin) => margin !== undefined)
  return {
    moments: Object.fromEntries(
      MOMENT_NAMES.filter((name) => !unknown.has(name)).map((name) => [name, Math.max(...all.map((moment) => moment[name]))]),
    ),
    ...(margins.length > 0 && { balanceMarginCm: Math.min(...margins) }),
  }
}
