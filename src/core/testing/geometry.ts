import type { Pose } from '../body'

/** Left and right exchanged. */
export const mirrored = (p: Pose): Pose => ({
  ...p,
  yaw: -p.yaw,
  spine: { ...p.spine, sideBend: -p.spine.sideBend, twist: -p.spine.twist },
  neck: { ...p.neck, tilt: -p.neck.tilt, turn: -p.neck.turn },
  leftArm: p.rightArm,
  rightArm: p.leftArm,
  leftLeg: p.rightLeg,
  rightLeg: p.leftLeg,
  leftFoot: p.rightFoot,
  rightFoot: p.leftFoot,
  leftHand: p.rightHand,
  rightHand: p.leftHand,
})

/** Area of a polygon by the shoelace formula. */
export const hullArea = (points: readonly (readonly [number, number])[]): number =>
  Math.abs(points.reduce((sum, [x, y], i) => sum + x * points[(i + 1) % points.length]![1] - points[(i + 1) % points.length]![0] * y, 0)) / 2
