import { placeArm } from './arms'
import { BOTH, carryingFeet, type Figure, outward, type Room, type Side, STANDARD_ROOM } from './joints'
import { ankleHeight, askedAnkle, footEnds, keyedLeg, legJoints, pelvisFrameOf, placeLeg } from './legs'
import { bodyMassPoints } from './massPoints'
import { HOLDS, type Leg, type Pose } from './pose'
import { type Body, LENGTH } from './skeleton'
import { aboutX, aboutY, aboutZ, add, compose, cosDeg, type Frame, scale, type Vec } from './vector'

const PELVIS_TO_LUMBAR = 0.05
const LUMBAR_TO_WAIST = 0.09
const WAIST_TO_NECK = LENGTH.trunk - PELVIS_TO_LUMBAR - LUMBAR_TO_WAIST
const NECK_TO_HEAD_CENTRE = 0.112
/** Half thickness of the trunk over what it lies on, as a fraction of stature. */
const THICKNESS = { seat: 0.05, supine: 0.056, prone: 0.056, side: 0.118, incline: 0.056, longSit: 0.052 } as const
const KNEE_THICKNESS = 0.03
/** From the pelvis up to the shoulder blades, as a fraction of stature. */
const SHOULDER_BLADES = 0.75 * LENGTH.trunk

const spineStep = (spine: Pose['spine'], flexionShare: number, twistShare: number): Frame =>
  compose(compose(aboutX(-spine.flexion * flexionShare), aboutY(spine.sideBend * flexionShare)), aboutZ(-spine.twist * twistShare))

/** Where the pelvis is when the lowest part of the body rests on what carries it. */
function pelvisHeight(pose: Pose, room: Room, body: Body, frame: Frame): number {
  const H = body.stature
  const origin: Vec = [0, 0, 0]
  const placed = { pelvis: origin, pelvisFrame: frame, body }
  switch (pose.stance) {
    case 'seat':
      return room.seatHeight + THICKNESS.seat * H + (pose.offSeat ?? 0)
    case 'supine':
      // on a bench the shoulder blades stay and the hips hang or rise before it
      if (pose.backOn !== undefined) return room.surface + pose.backOn + (THICKNESS.supine - SHOULDER_BLADES * cosDeg(pose.lean ?? -90)) * H
      // past level the hips are lifted and the shoulders stay on the mat
      return room.surface + (THICKNESS.supine + LENGTH.trunk * Math.max(0, -cosDeg(pose.lean ?? -90))) * H
    case 'prone':
    case 'side':
    case 'incline':
    case 'longSit':
      return room.surface + THICKNESS[pose.stance] * H
    case 'stand':
    case 'plank':
    case 'kneel':
    case 'quadruped': {
      const needed = BOTH.flatMap((side) => {
        const leg = pose[`${side}Leg`]
        const contact = pose[`${side}Foot`]
        const joints = legJoints(placed, leg, side)
        if (contact !== 'free') return [ankleHeight(contact, leg, H) - joints.ankle[2] + (pose.stance === 'stand' ? 0 : room.surface)]
        return pose.stance === 'stand' || pose.stance === 'plank' ? [] : [room.surface + KNEE_THICKNESS * H - joints.knee[2]]
      })
      if (needed.length === 0) return LENGTH.thigh * H + LENGTH.shank * H
      return pose.stance === 'stand' ? standingHeight(pose, placed) : Math.max(...needed)
    }
  }
}

/**
 * Height of a standing pelvis at which every foot that is down reaches the floor. A foot that is flat beside one on its ball or heel
 * carries, and its leg keeps its angles; the other leg lengthens or slides. Between feet of one kind the shorter leg keeps its angles.
 */
function standingHeight(pose: Pose, figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body'>): number {
  const down = BOTH.filter((side) => pose[`${side}Foot`] !== 'free')
  const needed = (side: Side, leg: Leg) => ankleHeight(pose[`${side}Foot`], leg, figure.body.stature) - askedAnkle(figure, leg, side)
  const flat = down.filter((side) => pose[`${side}Foot`] === 'flat')
  // a foot set on a step carries no more than its own weight while the other is on the floor
  if (down.length === 2 && flat.length === 1 && down.some((side) => pose[`${side}Foot`] === 'step')) return needed(flat[0]!, pose[`${flat[0]!}Leg`])
  if (flat.length !== 1 || down.length !== 2) return Math.min(...down.map((side) => needed(side, pose[`${side}Leg`])))
  return Math.min(...down.map((side) => needed(side, flat.includes(side) ? pose[`${side}Leg`] : { ...pose[`${side}Leg`], knee: 0 })))
}

/** Where pelvis and ankles are when that is known and not to be found from the pose. */
interface Keyed {
  pelvis: Vec
  ankles: Record<Side, Vec>
}

function placed(pose: Pose, body: Body, room: Room, leanDeg: number, keyed?: Keyed): Figure {
  const H = body.stature
  const pelvisFrame = pelvisFrameOf(pose, leanDeg)
  const pelvis: Vec = keyed?.pelvis ?? [0, 0, pelvisHeight(pose, room, body, pelvisFrame)]
  const abdomenFrame = compose(pelvisFrame, spineStep(pose.spine, 0.5, 0.25))
  const thoraxFrame = compose(abdomenFrame, spineStep(pose.spine, 0.5, 0.75))
  const { neck } = pose
  const headFrame = compose(thoraxFrame, compose(compose(aboutX(-neck.flexion), aboutY(neck.tilt)), aboutZ(-neck.turn)))
  const lumbar = add(pelvis, scale(pelvisFrame[2], PELVIS_TO_LUMBAR * H))
  const waist = add(lumbar, scale(abdomenFrame[2], LUMBAR_TO_WAIST * H))
  const neckBase = add(waist, scale(thoraxFrame[2], WAIST_TO_NECK * H))
  const head = add(neckBase, add(scale(headFrame[2], NECK_TO_HEAD_CENTRE * H), scale(headFrame[1], 0.012 * H)))
  const core = { pose, body, room, pelvis, lumbar, waist, neckBase, head, pelvisFrame, abdomenFrame, thoraxFrame, headFrame, lean: leanDeg }
  const leg = (side: Side) => (keyed ? keyedLeg(core, side, keyed.ankles[side]) : placeLeg(core, side))
  const legs = { left: leg('left'), right: leg('right') }
  const withLegs = { ...core, legs }
  return { ...withLegs, arms: { left: placeArm(withLegs, 'left'), right: placeArm(withLegs, 'right') } }
}

/**
 * The figure at a known place: pelvis, lean and ankles are given, the rest follows from the pose.
 *
 * @param leanDeg forward inclination of the pelvis, deg
 */
export const placeAt = (pose: Pose, { body, room }: Pick<Figure, 'body' | 'room'>, leanDeg: number, keyed: Keyed): Figure =>
  placed(pose, body, room, leanDeg, keyed)

/** The figure with the wrist of one arm at a place, or as near to it as the arm reaches. */
export const withWristAt = (figure: Figure, side: Side, wrist: Vec): Figure => ({
  ...figure,
  arms: { ...figure.arms, [side]: placeArm(figure, side, wrist) },
})

/** Where over the feet that carry the weight belongs, along y. */
function footMiddle(figure: Figure): number {
  const carrying = carryingFeet(figure.pose)
  const all = carrying.flatMap((side) => footEnds(figure, side) ?? [])
  // a foot on its ball or heel beside a flat one is taken where it would stand whole
  const whole = carrying.some((side) => figure.pose[`${side}Foot`] === 'flat')
  const middles = carrying.map((side) => {
    const { heel, ball } = figure.legs[side]
    if (whole) return (heel[1] + ball[1]) / 2
    const [back, front] = footEnds(figure, side)!
    return (back[1] + front[1]) / 2
  })
  const middle = middles.reduce((sum, y) => sum + y, 0) / middles.length
  const share = figure.pose.weightOn ?? 0
  const edge = share > 0 ? Math.max(...all.map((end) => end[1])) : Math.min(...all.map((end) => end[1]))
  return middle + Math.abs(share) * (edge - middle)
}

/** How much of the weight a hand that steadies a stand takes: an estimate of a light hold. */
const HAND_SHARE = 0.03

/** Centre of mass of the body alone, m. */
export function centreOfMass(figure: Figure): Vec {
  const points = bodyMassPoints(figure)
  const total = points.reduce((sum, point) => sum + point.massKg, 0)
  return points.reduce<Vec>((sum, { at, massKg }) => add(sum, scale(at, massKg / total)), [0, 0, 0])
}

/** How far the centre of mass lies before (y) where it belongs, and beside (x) the feet that carry. */
function imbalance(figure: Figure): { ahead: number; aside: number } {
  const centre = centreOfMass(figure)
  const carrying = carryingFeet(figure.pose)
  const xs = carrying.map((side) => (figure.legs[side].heel[0] + figure.legs[side].ball[0]) / 2)
  const [least, most] = [Math.min(...xs), Math.max(...xs)]
  const aside = centre[0] - Math.min(most, Math.max(least, centre[0]))
  const hands = BOTH.filter((side) => HOLDS.includes(figure.pose[`${side}Hand`])).map((side) => figure.arms[side].wrist[1])
  // hands that hold lightly take a little of the weight, so that its centre may lie nearer to them
  const wanted = hands.reduce((y, hand) => y + HAND_SHARE * (hand - y), footMiddle(figure))
  return { ahead: centre[1] - wanted, aside }
}

/** The body moves to the side over the feet that carry: their hips adduct or abduct by this many degrees, positive to the left. */
const withShift = (pose: Pose, sides: readonly Side[], deg: number): Pose => ({
  ...pose,
  ...Object.fromEntries(
    sides.map((side) => {
      const leg = pose[`${side}Leg`]
      return [`${side}Leg`, { ...leg, abduction: leg.abduction + outward(side) * deg }]
    }),
  ),
})

/** The farthest that hips sway to the side over the feet, deg. */
const MOST_SHIFT = 12

const overPoints = <T extends object>(value: T, by: Vec, names: readonly (keyof T)[]): T =>
  Object.assign({ ...value }, ...names.map((name) => ({ [name]: add(value[name] as Vec, by) })))

/** The whole figure at another place of the room. */
export function moved(figure: Figure, by: Vec): Figure {
  const sides = <T extends object>(of: Record<Side, T>, names: readonly (keyof T)[]) => ({
    left: overPoints(of.left, by, names),
    right: overPoints(of.right, by, names),
  })
  return {
    ...overPoints(figure, by, ['pelvis', 'lumbar', 'waist', 'neckBase', 'head']),
    arms: sides(figure.arms, ['shoulder', 'elbow', 'wrist', 'hand']),
    legs: sides(figure.legs, ['hip', 'knee', 'ankle', 'heel', 'ball', 'toe']),
  }
}

/**
 * Places every joint: the pelvis on what carries it, feet and hands on what they touch.
 * For a stand without a given lean, the lean (and on one leg the shift to the side) is found by the secant method so that the
 * centre of mass lies over the feet, as a standing body must.
 */
export function solve(pose: Pose, body: Body, room: Room = STANDARD_ROOM): Figure {
  const stood = onTheGround(pose, body, room)
  return pose.airborne ? moved(stood, [0, 0, pose.airborne]) : stood
}

function onTheGround(pose: Pose, body: Body, room: Room): Figure {
  if (pose.stance !== 'stand' || pose.lean !== undefined) return placed(pose, body, room, pose.lean ?? 0)
  const carrying = carryingFeet(pose)
  if (carrying.length === 0) return placed(pose, body, room, 0)
  let shift = 0
  const asideAt = (deg: number) => imbalance(placed(withShift(pose, carrying, deg), body, room, 0)).aside
  const none = asideAt(0)
  if (Math.abs(none) > 0.001) {
    const way = Math.sign(none) * 5
    const five = asideAt(way)
    shift = Math.min(MOST_SHIFT, Math.max(-MOST_SHIFT, none === five ? 0 : (-way * none) / (five - none)))
  }
  const shifted = shift === 0 ? pose : withShift(pose, carrying, shift)
  let [before, now] = [0, 8]
  let aheadBefore = imbalance(placed(shifted, body, room, before)).ahead
  let figure = placed(shifted, body, room, now)
  for (let step = 0; step < 6; step++) {
    const { ahead } = imbalance(figure)
    if (Math.abs(ahead) < 0.004 || ahead === aheadBefore) break
    const next = now - (ahead * (now - before)) / (ahead - aheadBefore)
    ;[before, aheadBefore, now] = [now, ahead, Math.min(85, Math.max(-25, next))]
    figure = placed(shifted, body, room, now)
  }
  return figure
}
