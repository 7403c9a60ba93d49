import {
  type Body,
  balanceMarginCm,
  distance,
  type Figure,
  feetStay,
  type Load,
  type Moments,
  moments,
  notEstimated,
  REFERENCE_BODY,
  stage,
  stagedBetween,
} from '../body'
import type { Variant } from './movement'

const MOMENT_NAMES = ['shoulder', 'elbow', 'hip', 'knee', 'lumbar'] as const
export type MomentName = (typeof MOMENT_NAMES)[number]
export { MOMENT_NAMES }

const LIMB_LOAD = { dumbbell: 'handKg', ball: 'handKg', cuff: 'ankleKg' } as const

/** Hands nearer than this hold one weight between them, m. */
const TOGETHER = 0.3
const heldTogether = (variant: Pick<Variant, 'poses' | 'room'>): boolean =>
  stage(variant.poses, REFERENCE_BODY, variant.room).every(({ arms }) => distance(arms.left.hand, arms.right.hand) < TOGETHER)

/** What the limbs carry with a load of this many kg, by the kit of the variant. */
export function loadOf(variant: Pick<Variant, 'kit' | 'declared' | 'props' | 'poses' | 'room'>, loadKg: number): Load {
  const kit = variant.kit.find((item): item is keyof typeof LIMB_LOAD => item in LIMB_LOAD)
  if (!kit || loadKg <= 0) return {}
  if (variant.props.includes('weight')) return heldTogether(variant) ? { handKg: loadKg / 2 } : { rightHandKg: loadKg }
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

/** Figures between two poses, and whether the same feet carry all the way: while the weight goes over from foot to foot nothing stands still. */
const between = (figures: readonly Figure[]): { figure: Figure; steady: boolean }[] =>
  figures.slice(1).flatMap((to, index) => {
    const from = figures[index]!
    const steady = feetStay(from, to)
    return Array.from({ length: BETWEEN - 1 }, (_, step) => ({ figure: stagedBetween(from, to, (step + 1) / BETWEEN), steady }))
  })

/** Moments that the ground under the feet makes. */
const FROM_THE_GROUND: readonly MomentName[] = ['hip', 'knee']

/**
 * The greatest static moment at each joint along the way through the poses of a variant, N·m, and the least balance margin at them, for
 * a body and a load. Bands are not in it: their pull is told apart from weight by `bandInPose`.
 */
export function effortOf(variant: Pick<Variant, 'poses' | 'room' | 'kit' | 'declared' | 'props'>, body: Body, loadKg: number): Effort {
  const load = loadOf(variant, loadKg)
  const ends = stage(variant.poses, body, variant.room)
  const all = [...ends.map((figure) => ({ figure, steady: true })), ...between(ends)].map(({ figure, steady }) => ({
    unknown: notEstimated(figure),
    moments: moments(figure, load),
    steady,
  }))
  const unknown = new Set(all.flatMap((one) => one.unknown))
  const greatest = (name: MomentName) =>
    Math.max(...all.filter(({ steady }) => steady || !FROM_THE_GROUND.includes(name)).map((one) => one.moments[name]))
  const margins = ends.map((figure) => balanceMarginCm(figure, load)).filter((margin) => margin !== undefined)
  return {
    moments: Object.fromEntries(MOMENT_NAMES.filter((name) => !unknown.has(name)).map((name) => [name, greatest(name)])),
    ...(margins.length > 0 && { balanceMarginCm: Math.min(...margins) }),
  }
}
