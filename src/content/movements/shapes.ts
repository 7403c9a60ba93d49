import { arm, feet, hands, jumps, lean, leg, type PosePart, pose } from '@/core/body'

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
/** Both hands together before the body, as round one weight. */
export const together = (raise: number, elbow = 12) => arm('both', { raise, plane: 106, elbow, rotation: -elbow * 0.35 })
/** Hands at the ears, elbows out a little above the shoulders. */
export const atTheEars = (side: Side | 'both') => arm(side, { raise: 102, plane: 8, elbow: 148, rotation: 84 })
/** Hands at the shoulders, elbows down. */
export const racked = arm('both', { raise: 34, plane: 55, elbow: 138 })
/** Arms up, a little before the head. */
export const pressed = arm('both', { raise: 150, plane: 70, elbow: 14 })
/** Both arms between front and side. */
export const diagonal = (raise: number, elbow = 8, rotation = 0) => arm('both', { raise, plane: 45, elbow, rotation })
/** Both arms behind the body. */
export const behind = (raise: number, elbow = 8) => arm('both', { raise, plane: -80, elbow })
/** One arm: elevation, plane (0 side, 90 front, over 90 across, -80 behind), elbow. */
export const reach = (side: Side, raise: number, plane = 88, elbow = 8, rotation = 0) => arm(side, { raise, plane, elbow, rotation })
/** Both feet off the floor by so many metres, toes down. */
export const offTheFloor = (m: number) => parts(feet('both', 'ball'), leg('both', { ankle: -34 }), jumps(m))
/** Both forearms lie on the counter, the trunk leans over them. */
export const onForearms = (deg: number) => parts(hands('both', 'counterForearm'), lean(deg))
/** Arms as in walking: right forward, left back. */
export const swing = (raise = 38, elbow = 75) => parts(reach('right', raise, 90, elbow), reach('left', 22, -85, elbow))
export const swingBack = (raise = 38, elbow = 75) => parts(reach('left', raise, 90, elbow), reach('right', 22, -85, elbow))

/** One foot off the floor: hip and knee bend. */
export const lift = (side: Side, hip: number, knee = 80, abduction = 4) => parts(leg(side, { flexion: hip, knee, abduction }), feet(side, 'free'))
/** One leg behind, off the floor. */
export const legBack = (side: Side, deg: number, knee = 5) => parts(leg(side, { flexion: -deg, knee }), feet(side, 'free'))
/** One leg out to the side, off the floor. */
export const legOut = (side: Side, deg: number, hip = 0, knee = 0) => parts(leg(side, { abduction: deg, flexion: hip, knee }), feet(side, 'free'))
/** Length of a shank over that of a thigh (Drillis and Contini, as in the skeleton). */
const SHANK = 0.246 / 0.245
const sin = (deg: number) => Math.sin((deg * Math.PI) / 180)
const cos = (deg: number) => Math.cos((deg * Math.PI) / 180)
const degrees = (rad: number) => (rad * 180) / Math.PI

/**
 * Abduction at which the foot of a bent leg is as far out as that of a straight leg abducted by `width`: feet that are planted stay
 * while the knees bend. All in degrees.
 */
export function overFeet(knee: number, rotation: number, width: number): number {
  const across = 1 + SHANK * cos(knee)
  const inward = SHANK * sin(knee) * sin(rotation)
  const wanted = (1 + SHANK) * sin(width)
  return degrees(Math.asin(wanted / Math.hypot(across, inward)) + Math.atan2(inward, across))
}
/** How far the leg of a plain stand is abducted, deg. */
const HIP_WIDE = 3
/** Both knees bent over the feet, which stay where they stood: hip-wide unless said otherwise. */
export const bend = (knee: number, hip = Math.round(knee * 1.12), width = HIP_WIDE, rotation = 6) =>
  leg('both', { flexion: hip, knee, abduction: overFeet(knee, rotation, width), rotation })

/** A leg of thigh and shank 1 whose ankle is `ahead` of the hip and `down` below it: hip flexion and knee in degrees. */
function reaching(ahead: number, down: number): { flexion: number; knee: number } {
  const far = Math.min(Math.hypot(ahead, down), 1.999)
  const half = degrees(Math.acos(far / 2))
  return { flexion: degrees(Math.atan2(ahead, down)) + half, knee: 2 * half }
}
/** How far the feet of a split stance are before and behind the hips, in thigh lengths. */
interface Stance {
  front: number
  back: number
}
const LONG: Stance = { front: 0.7, back: -0.88 }
/** For two hands on a chair ahead: the front foot stays behind the chair, so the body does not go far back. */
export const SHORT: Stance = { front: 0.22, back: -0.6 }
/** The back hip opens. */
export const OPEN: Stance = { front: 0.2, back: -0.78 }
/** How far a risen heel lifts the back ankle, in thigh lengths. */
const RISEN = 0.15
/**
 * One foot forward, one back with its heel lifted; the feet stay at any depth.
 *
 * @param depth bend of the front knee beyond 8, deg
 * @param over how far the trunk leans over the front leg, deg
 */
export const split = (frontSide: Side, depth: number, { front, back }: Stance = LONG, over = 0) => {
  const other = frontSide === 'right' ? 'left' : 'right'
  const knee = 8 + depth
  const down = Math.sqrt((2 * cos(knee / 2)) ** 2 - front ** 2)
  const behind = reaching(back, down - RISEN)
  return parts(
    leg(frontSide, { flexion: degrees(Math.atan2(front, down)) + knee / 2 + over, knee, abduction: 4 }),
    leg(other, { flexion: behind.flexion + over, knee: behind.knee, abduction: 4, ankle: -30 }),
    feet(other, 'ball'),
    ...(over > 0 ? [lean(over)] : []),
  )
}
/** Toes of one foot touch the floor in a direction; the weight stays on the other. */
export const tap = (side: Side, to: 'front' | 'side' | 'back') =>
  parts(
    leg(
      side,
      to === 'front'
        ? { flexion: 24, knee: 6, ankle: -24 }
        : to === 'side'
          ? { abduction: 18, flexion: 2, knee: 3, ankle: -24 }
          : { flexion: -16, knee: 14, ankle: -30 },
    ),
    feet(side, 'touch'),
  )
/** A stride of walking: one foot ahead, the other behind on its ball. */
export const stride = (ahead: Side, long = 16) => {
  const other = ahead === 'right' ? 'left' : 'right'
  return parts(leg(ahead, { flexion: long, knee: 5 }), leg(other, { flexion: -long * 0.7, knee: 12, ankle: -16 }), feet(other, 'ball'))
}
/** Heel of one foot on the floor in front, toes up. */
export const heelDig = (side: Side, seated = false) =>
  parts(leg(side, seated ? { flexion: 84, knee: 30, ankle: 12 } : { flexion: 30, knee: 4, ankle: 14 }), feet(side, 'heel'))
/** Seated: one leg stretched out before the chair. */
export const kick = (side: Side, knee = 12, hip = 92) => parts(leg(side, { flexion: hip, knee, ankle: 8 }), feet(side, 'free'))
export { parts }
