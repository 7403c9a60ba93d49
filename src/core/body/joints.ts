import type { Pose } from './pose'
import type { Body } from './skeleton'
import type { Frame, Vec } from './vector'

export type Side = 'left' | 'right'
export const BOTH: readonly Side[] = ['left', 'right']
/** +1 on the right, -1 on the left: turns "outward" into a direction along x. */
export const outward = (side: Side) => (side === 'right' ? 1 : -1)

/** Where the furniture is, m. */
export interface Room {
  seatHeight: number
  /** top of the mat or bed that a lying, sitting or kneeling body rests on */
  surface: number
}
export const STANDARD_ROOM: Room = { seatHeight: 0.45, surface: 0 }
/** Heights and distances of what hands rest on, m, before the toes of a standing person. */
export const SUPPORT = { chairBackZ: 0.9, railZ: 0.95, counterZ: 0.92, reach: 0.36, wallReach: 0.5 } as const

export interface ArmJoints {
  shoulder: Vec
  elbow: Vec
  wrist: Vec
  hand: Vec
}
export interface LegJoints {
  hip: Vec
  knee: Vec
  ankle: Vec
  heel: Vec
  ball: Vec
  toe: Vec
  /** where the foot points, unit */
  forward: Vec
}
/** A body whose contacts are where they belong. */
export interface Figure {
  pose: Pose
  body: Body
  room: Room
  pelvis: Vec
  lumbar: Vec
  waist: Vec
  neckBase: Vec
  head: Vec
  pelvisFrame: Frame
  abdomenFrame: Frame
  thoraxFrame: Frame
  headFrame: Frame
  arms: Record<Side, ArmJoints>
  legs: Record<Side, LegJoints>
  /** pelvis inclination that was used, deg */
  lean: number
}

/** Pelvis leaning back past level, deg. */
const HIPS_LIFTED = -95
/** A bridge: on the back, the hips off what carries the body. */
export const hipsLifted = ({ pose, lean }: Pick<Figure, 'pose' | 'lean'>): boolean => pose.stance === 'supine' && lean < HIPS_LIFTED
