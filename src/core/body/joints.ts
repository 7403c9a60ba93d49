import type { Pose } from './pose'
import type { Body } from './skeleton'
import type { Frame, Vec } from './vector'

export type Side = 'left' | 'right'
export const BOTH: readonly Side[] = ['left', 'right']
/** +1 on the right, -1 on the left: turns "outward" into a direction along x. */
export const outward = (side: Side) => (side === 'right' ? 1 : -1)
export const opposite = (side: Side): Side => (side === 'left' ? 'right' : 'left')

/** Where the furniture is, m. */
export interface Room {
  seatHeight: number
  /** top of the mat or bed that a lying, sitting or kneeling body rests on */
  surface: number
}
export const STANDARD_ROOM: Room = { seatHeight: 0.45, surface: 0 }
/** Heights of what hands rest on, and how far beside the middle they hold it, m. */
export const SUPPORT = {
  chairBackZ: 0.9,
  chairSeatZ: 0.48,
  railZ: 0.95,
  counterZ: 0.92,
  beside: 0.4,
  banister: 0.4,
  banisterZ: 1,
  stepZ: 0.15,
} as const

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
  /** where the furniture of a movement stands while the body moves, if it is placed with its other poses */
  furniture?: Furniture
}
/** What stays where it is through a movement, m. */
export interface Furniture {
  /** middle of the hands that hold a support */
  support?: Vec
  /** middle of the seat that is sat on or risen from */
  seat?: Vec
  /** right ankle where it is highest: what carries the lower legs is there */
  raised?: Vec
  /** middle of a step at the balls of the feet, and half its width */
  step?: { at: Vec; half: number }
}

/** Feet that carry part of the body. */
export const carryingFeet = (pose: Pose): Side[] => BOTH.filter((side) => pose[`${side}Foot`] !== 'free' && pose[`${side}Foot`] !== 'touch')

/** Pelvis leaning back past level, deg. */
const HIPS_LIFTED = -95
/** A bridge: on the back, the hips off what carries the body. */
export const hipsLifted = ({ pose, lean }: Pick<Figure, 'pose' | 'lean'>): boolean =>
  pose.stance === 'supine' && (lean < HIPS_LIFTED || pose.backOn !== undefined)
