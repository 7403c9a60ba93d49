/**
 * Segment lengths as fractions of stature after Drillis and Contini (1966), segment masses and centres of mass as fractions of
 * body mass and segment length after Dempster, both as tabulated in Winter, Biomechanics and Motor Control of Human Movement
 * (anthropometric table of chapter 4). Half the distance between the hip joint centres is an estimate: the published hip width
 * is measured over the soft tissue.
 */

export const LENGTH = {
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  thigh: 0.245,
  shank: 0.246,
  footLength: 0.152,
  ankleHeight: 0.039,
  /** hip joint to the level of the shoulder joint: 0.818 - 0.530 */
  trunk: 0.288,
  /** shoulder level to the top of the head: 1 - 0.818 */
  headAndNeck: 0.182,
  halfShoulders: 0.129,
  /** estimate */
  halfHips: 0.052,
} as const

/** Where the hand grips, as a fraction of the hand's length from the wrist; the point `hand` of a figure. An estimate. */
export const GRIP = 0.62

export interface SegmentMass {
  /** fraction of body mass */
  mass: number
  /** centre of mass as a fraction of the way from the proximal joint */
  centre: number
}

/** One side for the limbs. The trunk is split after the same table into thorax, abdomen and pelvis. */
export const SEGMENT = {
  hand: { mass: 0.006, centre: 0.506 },
  forearm: { mass: 0.016, centre: 0.43 },
  upperArm: { mass: 0.028, centre: 0.436 },
  foot: { mass: 0.0145, centre: 0.5 },
  shank: { mass: 0.0465, centre: 0.433 },
  thigh: { mass: 0.1, centre: 0.433 },
  headAndNeck: { mass: 0.081, centre: 0.55 },
  // the table counts the trunk's parts from their upper end (0.82, 0.44, 0.105); here they go from the lower end up
  thorax: { mass: 0.216, centre: 0.18 },
  abdomen: { mass: 0.139, centre: 0.56 },
  pelvis: { mass: 0.142, centre: 0.895 },
} as const satisfies Record<string, SegmentMass>

export const SHAPES = ['older', 'pregnant', 'larger', 'wheelchair'] as const
export type Shape = (typeof SHAPES)[number]

export interface Body {
  /** m, 1.3 to 2.1 */
  stature: number
  /** kg, 35 to 200 */
  mass: number
  shape: Shape
  /** completed weeks of pregnancy; moves mass to the front of the abdomen */
  gestationalWeek?: number
}

/** The body of the drawings and of the library's figures. */
export const REFERENCE_BODY: Body = { stature: 1.65, mass: 68, shape: 'older' }

/** Kilograms a square metre of height at which the reference body is built. */
const REFERENCE_BUILD = 25
/** The reference body at another height: mass goes with it. @param statureCm cm */
export const bodyOfStature = (statureCm: number): Body => ({
  ...REFERENCE_BODY,
  stature: statureCm / 100,
  mass: Math.round(REFERENCE_BUILD * (statureCm / 100) ** 2),
})

export const GRAVITY = 9.81

/**
 * Mass carried at the front of the abdomen in pregnancy, kg, and how far it lies before the spine, m. An estimate: linear from
 * week 12, reaching 6.5 kg (baby, fluid, womb and placenta at term) at 0.16 m in week 40.
 */
export function pregnancyLoad(week: number | undefined): { massKg: number; forwardM: number } {
  const share = Math.min(1, Math.max(0, ((week ?? 0) - 12) / 28))
  return { massKg: 6.5 * share, forwardM: 0.1 + 0.06 * share }
}
