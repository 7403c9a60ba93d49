import { arm, feet, leg, type PosePart, pose } from '@/core/body'

type Side = 'left' | 'right'

/** Several parts as one, so that shapes can be built from shapes. */
const parts =
  (...list: PosePart[]): PosePart =>
  (from) =>
    pose(from, ...list)

/** Both arms to the front, elevation in degrees. */
export const front = (raise: number, elbow = 8, rotation = 0) => arm('both', { raise, plane: 88, elbow, rotation })
/** Both arms out to the side. */
export const wide = (raise: number, elbow = 8, rotation = 0) => arm('both', { raise, plane: 4, elbow, rotation })
/** Both arms between front and side. */
export const diagonal = (raise: number, elbow = 8, rotation = 0) => arm('both', { raise, plane: 45, elbow, rotation })
/** Both arms behind the body. */
export const behind = (raise: number, elbow = 8) => arm('both', { raise, plane: -80, elbow })
/** One arm: elevation, plane (0 side, 90 front, over 90 across, -80 behind), elbow. */
export const reach = (side: Side, raise: number, plane = 88, elbow = 8, rotation = 0) => arm(side, { raise, plane, elbow, rotation })
/** Arms as in walking: right forward, left back. */
export const swing = (raise = 38, elbow = 75) => parts(reach('right', raise, 90, elbow), reach('left', 22, -85, elbow))
export const swingBack = (raise = 38, elbow = 75) => parts(reach('left', raise, 90, elbow), reach('right', 22, -85, elbow))

/** One foot off the floor: hip and knee bend. */
export const lift = (side: Side, hip: number, knee = 80, abduction = 4) => parts(leg(side, { flexion: hip, knee, abduction }), feet(side, 'free'))
/** One leg behind, off the floor. */
export const legBack = (side: Side, deg: number, knee = 5) => parts(leg(side, { flexion: -deg, knee }), feet(side, 'free'))
/** One leg out to the side, off the floor. */
export const legOut = (side: Side, deg: number, hip = 0, knee = 0) => parts(leg(side, { abduction: deg, flexion: hip, knee }), feet(side, 'free'))
/** Both knees bent over the feet. */
export const bend = (knee: number, hip = Math.round(knee * 1.12), abduction = 7, rotation = 6) =>
  leg('both', { flexion: hip, knee, abduction, rotation })
/** One foot forward, one back with its heel lifted; the depth is the bend of the front knee. */
export const split = (frontSide: Side, depth: number) => {
  const other = frontSide === 'right' ? 'left' : 'right'
  return parts(
    leg(frontSide, { flexion: 22 + depth * 0.8, knee: 8 + depth, abduction: 4 }),
    leg(other, { flexion: -14, knee: 12 + depth * 0.75, abduction: 4, ankle: -30 }),
    feet(other, 'ball'),
  )
}
/** Toes of one foot on the floor in a direction; weight on the other. */
export const tap = (side: Side, to: 'front' | 'side' | 'back') =>
  to === 'front'
    ? leg(side, { flexion: 26, knee: 8 })
    : to === 'side'
      ? leg(side, { abduction: 20, flexion: 4, knee: 4 })
      : parts(leg(side, { flexion: -18, knee: 14, ankle: -30 }), feet(side, 'ball'))
/** Heel of one foot on the floor in front, toes up. */
export const heelDig = (side: Side, seated = false) =>
  parts(leg(side, seated ? { flexion: 84, knee: 30, ankle: 12 } : { flexion: 30, knee: 4, ankle: 14 }), feet(side, 'heel'))
/** Seated: one leg stretched out before the chair. */
export const kick = (side: Side, knee = 12, hip = 92) => parts(leg(side, { flexion: hip, knee, ankle: 8 }), feet(side, 'free'))
export { parts }
