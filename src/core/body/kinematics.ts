import {
  type ArmJoints,
  BOTH,
  carryingFeet,
  type Figure,
  type LegJoints,
  opposite,
  outward,
  type Room,
  type Side,
  STANDARD_ROOM,
  SUPPORT,
} from './joints'
import { bodyMassPoints } from './massPoints'
import { type Arm, type FootContact, type HandContact, HOLDS, type Leg, type Pose } from './pose'
import { type Body, GRIP, LENGTH } from './skeleton'
import {
  aboutX,
  aboutY,
  aboutZ,
  add,
  apply,
  compose,
  cosDeg,
  cross,
  dot,
  type Frame,
  length,
  mix,
  scale,
  sinDeg,
  sub,
  unit,
  type Vec,
  WORLD,
} from './vector'

const PELVIS_TO_LUMBAR = 0.05
const LUMBAR_TO_WAIST = 0.09
const WAIST_TO_NECK = LENGTH.trunk - PELVIS_TO_LUMBAR - LUMBAR_TO_WAIST
const NECK_TO_HEAD_CENTRE = 0.112
const BALL = 0.085
const TOE = 0.118
const HEEL = 0.034
/** Half thickness of the trunk over what it lies on, as a fraction of stature. */
const THICKNESS = { seat: 0.05, supine: 0.056, prone: 0.056, side: 0.118, incline: 0.056, longSit: 0.052 } as const
const KNEE_THICKNESS = 0.03

function pelvisFrameOf(pose: Pose, leanDeg: number): Frame {
  const turned = aboutZ(-pose.yaw)
  if (pose.stance === 'side') return compose(compose(turned, aboutX(90)), aboutZ(-90))
  return compose(turned, aboutX(-leanDeg))
}

const spineStep = (spine: Pose['spine'], flexionShare: number, twistShare: number): Frame =>
  compose(compose(aboutX(-spine.flexion * flexionShare), aboutY(spine.sideBend * flexionShare)), aboutZ(-spine.twist * twistShare))

/** Turns `from` onto `to` by the shortest way and carries `along` with it. */
function carried(from: Vec, to: Vec, along: Vec): Vec {
  const axis = cross(from, to)
  const sine = length(axis)
  const cosine = dot(from, to)
  if (sine < 1e-6) return cosine > 0 ? along : scale(along, -1)
  const k = scale(axis, 1 / sine)
  return add(add(scale(along, cosine), scale(cross(k, along), sine)), scale(k, dot(k, along) * (1 - cosine)))
}

const DOWN: Vec = [0, 0, -1]

/** Upper arm and forearm directions in the thorax frame. */
function armDirections(arm: Arm, side: Side): { upper: Vec; fore: Vec } {
  const out = outward(side)
  const upper: Vec = [sinDeg(arm.raise) * cosDeg(arm.plane) * out, sinDeg(arm.raise) * sinDeg(arm.plane), -cosDeg(arm.raise)]
  const reference = carried(DOWN, upper, [0, 1, 0])
  const bend = add(scale(reference, cosDeg(arm.rotation)), scale(cross(upper, reference), sinDeg(arm.rotation) * out))
  return { upper, fore: add(scale(upper, cosDeg(arm.elbow)), scale(bend, sinDeg(arm.elbow))) }
}

const thighFrame = (pelvis: Frame, leg: Leg, side: Side): Frame =>
  compose(pelvis, compose(compose(aboutX(leg.flexion), aboutY(-leg.abduction * outward(side))), aboutZ(-leg.rotation * outward(side))))

/** Middle joint of two links from `root` that end at `target`, bending towards `pole`; a target out of reach is approached. */
function twoLink(root: Vec, target: Vec, first: number, second: number, pole: Vec): { middle: Vec; end: Vec } {
  const whole = sub(target, root)
  const reach = Math.min(length(whole), (first + second) * 0.9995)
  const distance = Math.max(reach, Math.abs(first - second) + 1e-4)
  const axis = unit(whole)
  const along = (first * first - second * second + distance * distance) / (2 * distance)
  const across = Math.sqrt(Math.max(0, first * first - along * along))
  const bend = unit(sub(pole, scale(axis, dot(pole, axis))), [0, 1, 0])
  return { middle: add(add(root, scale(axis, along)), scale(bend, across)), end: add(root, scale(axis, distance)) }
}

/** A foot whose heel is up. */
const risen = (contact: FootContact) => contact === 'ball' || contact === 'touch'

/** Height of the ankle joint over what the foot stands on. */
function ankleHeight(contact: FootContact, leg: Leg, stature: number): number {
  const flat = LENGTH.ankleHeight * stature
  if (contact === 'step') return flat + SUPPORT.stepZ
  const rise = risen(contact) ? Math.max(0, -leg.ankle) : 0
  return flat * cosDeg(rise) + BALL * stature * sinDeg(rise)
}

function legJoints(figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body'>, leg: Leg, side: Side): LegJoints & { frame: Frame } {
  const H = figure.body.stature
  const hip = add(figure.pelvis, scale(figure.pelvisFrame[0], LENGTH.halfHips * H * outward(side)))
  const thigh = thighFrame(figure.pelvisFrame, leg, side)
  const shank = compose(thigh, aboutX(-leg.knee))
  const knee = add(hip, scale(thigh[2], -LENGTH.thigh * H))
  const ankle = add(knee, scale(shank[2], -LENGTH.shank * H))
  return { hip, knee, ankle, frame: shank, ...footPoints(ankle, compose(shank, aboutX(leg.ankle)), H) }
}

function footPoints(ankle: Vec, foot: Frame, stature: number): Pick<LegJoints, 'heel' | 'ball' | 'toe' | 'forward'> {
  const sole = add(ankle, scale(foot[2], -LENGTH.ankleHeight * stature))
  return {
    heel: add(sole, scale(foot[1], -HEEL * stature)),
    ball: add(sole, scale(foot[1], BALL * stature)),
    toe: add(sole, scale(foot[1], TOE * stature)),
    forward: foot[1],
  }
}

/** A foot on the ground is level (or risen on its ball) and points where the shank's front points. */
function groundedFrame(shank: Frame, riseDeg: number): Frame {
  const front = shank[1]
  const forward = unit([front[0], front[1], 0], [0, 1, 0])
  const right = cross(forward, WORLD[2])
  const level: Frame = [right, forward, WORLD[2]]
  return compose(level, aboutX(-riseDeg))
}

/** Where the pelvis is when the lowest part of the body rests on what carries it. */
function pelvisHeight(pose: Pose, room: Room, body: Body, frame: Frame): number {
  const H = body.stature
  const origin: Vec = [0, 0, 0]
  const placed = { pelvis: origin, pelvisFrame: frame, body }
  switch (pose.stance) {
    case 'seat':
      return room.seatHeight + THICKNESS.seat * H + (pose.offSeat ?? 0)
    case 'supine':
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

/** Ankle over the floor of a leg as it was asked for, from a pelvis at height 0. */
const askedAnkle = (figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body'>, leg: Leg, side: Side): number => legJoints(figure, leg, side).ankle[2]

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

/** The farthest that a hip, or a knee, goes beyond what was asked so that the foot reaches the floor, deg. */
const MOST_SLIDE = 45
const MOST_BEND = 90
/** A knee asked for with no more bend than this is meant straight. */
const STRAIGHT_KNEE = 8
const SLIDE_STEPS = 24

/**
 * A standing leg behind or to the side whose foot reaches the floor. One that is too long keeps its hip and bends its knee more, or keeps
 * its straight knee and slides farther out; one that is too short straightens its knee. Undefined for a leg in front whose foot is
 * flat and stays under where it was asked, and where this is not enough.
 */
function slidLeg(figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body' | 'pose'>, leg: Leg, side: Side, ankleZ: number): Leg | undefined {
  const aside = Math.abs(leg.abduction) > Math.max(15, Math.abs(leg.flexion))
  const heel = figure.pose[`${side}Foot`] === 'heel'
  if (leg.flexion > -5 && !aside && !heel) return undefined
  const over = (changed: Leg) => askedAnkle(figure, changed, side) - ankleZ
  const before = over(leg)
  if (Math.abs(before) < 1e-4) return leg
  const along = (share: number): Leg => {
    if (before > 0) return { ...leg, knee: leg.knee * (1 - share) }
    const deg = MOST_SLIDE * share
    if (aside) return { ...leg, abduction: leg.abduction + Math.sign(leg.abduction) * deg }
    if (heel) return { ...leg, flexion: leg.flexion + deg }
    return leg.knee > STRAIGHT_KNEE ? { ...leg, knee: leg.knee + MOST_BEND * share } : { ...leg, flexion: leg.flexion - deg }
  }
  if (Math.sign(over(along(1))) === Math.sign(before)) return undefined
  let [low, high] = [0, 1]
  for (let step = 0; step < SLIDE_STEPS; step++) {
    const middle = (low + high) / 2
    if (Math.sign(over(along(middle))) === Math.sign(before)) low = middle
    else high = middle
  }
  return along(high)
}

function placeLeg(figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body' | 'room' | 'pose'>, side: Side): LegJoints {
  const { pose, body, room } = figure
  const leg = pose[`${side}Leg`]
  const contact = pose[`${side}Foot`]
  if (contact === 'free') return legJoints(figure, leg, side)
  // the feet of somebody who sits stay where they stand when the trunk leans over them
  const upright = pose.stance === 'seat' ? { ...figure, pelvisFrame: pelvisFrameOf(pose, 0) } : figure
  const free = legJoints(upright, leg, side)
  const H = body.stature
  const ground = pose.stance === 'stand' || pose.stance === 'seat' ? 0 : room.surface
  const height = ankleHeight(contact, leg, H)
  const slid = pose.stance === 'stand' && slidLeg(figure, leg, side, ground + height)
  const target: Vec = [free.ankle[0], free.ankle[1], ground + height * (contact === 'heel' ? 1.05 : 1)]
  const { hip, knee, ankle, frame } = slid ? legJoints(figure, slid, side) : bentTo(free, target, H)
  const level = groundedFrame(frame, risen(contact) ? Math.max(0, -leg.ankle) : 0)
  return { hip, knee, ankle, ...footPoints(ankle, contact === 'heel' ? compose(level, aboutX(leg.ankle)) : level, H) }
}

/** The leg with its ankle at the target, bending the way it was asked to. */
function bentTo({ hip, knee: asked, ankle: free, frame }: LegJoints & { frame: Frame }, target: Vec, H: number) {
  const offset = sub(asked, mix(hip, free, 0.5))
  const pole = length(offset) > 0.012 * H ? offset : frame[1]
  const { middle: knee, end: ankle } = twoLink(hip, target, LENGTH.thigh * H, LENGTH.shank * H, pole)
  return { hip, knee, ankle, frame }
}

/** How straight an arm is that leans on something or reaches for it, and one that holds something ahead, as a share of its length. */
const STRETCH = 0.95
const HOLDING = 0.93

/** Where a hand rests; null where it follows the arm's angles. */
function handTarget(figure: Omit<Figure, 'arms'>, shoulder: Vec, side: Side, on: HandContact): Vec | null {
  const H = figure.body.stature
  const out = outward(side)
  const leg = figure.legs[side]
  const ankles = BOTH.filter((one) => figure.pose[`${one}Foot`] !== 'free').map((one) => figure.legs[one].ankle[1])
  // a support stands before the middle of the feet, so that a long step still reaches it
  const front = figure.pose.stance === 'stand' && ankles.length > 0 ? ankles.reduce((sum, y) => sum + y, 0) / ankles.length : figure.pelvis[1] + 0.2
  /** As far ahead as an arm reaches at a height. */
  const ahead = (z: number, aside: number, straight = HOLDING) => {
    const stretch = (straight * (LENGTH.upperArm + LENGTH.forearm) * H) ** 2 - (shoulder[2] - z) ** 2 - (shoulder[0] - aside) ** 2
    return shoulder[1] + Math.sqrt(Math.max(0.02, stretch))
  }
  /** A place on the thigh, or as near to it as the hand reaches. */
  const onThigh = (share: number, over: number) => {
    const at = (t: number) => add(mix(leg.hip, leg.knee, t), scale(unit(add(figure.pelvisFrame[1], WORLD[2])), over * H))
    let t = share
    while (t > 0.2 && length(sub(at(t), shoulder)) > STRETCH * (LENGTH.upperArm + LENGTH.forearm) * H) t -= 0.04
    return at(t)
  }
  const onThorax = (v: Vec) => add(figure.waist, apply(figure.thoraxFrame, v))
  switch (on) {
    case 'free':
      return null
    case 'thigh':
      return onThigh(0.62, 0.05)
    case 'knee':
      return onThigh(0.95, 0.045)
    case 'hip':
      return add(figure.lumbar, apply(figure.pelvisFrame, [0.105 * H * out, 0.02 * H, 0.015 * H]))
    case 'chairBack':
      // one hand holds a chair beside, two hands one that is before the person
      return figure.pose[`${opposite(side)}Hand`] === 'chairBack'
        ? [0.16 * out, ahead(SUPPORT.chairBackZ, 0.16 * out), SUPPORT.chairBackZ]
        : [SUPPORT.beside * out, front + 0.16, SUPPORT.chairBackZ]
    case 'banister':
      return [SUPPORT.banister * out, front + 0.1, SUPPORT.banisterZ]
    case 'rail':
      return [0.2 * out, ahead(SUPPORT.railZ, 0.2 * out), SUPPORT.railZ]
    case 'counter':
      return [0.18 * out, ahead(SUPPORT.counterZ, 0.18 * out), SUPPORT.counterZ]
    case 'wall':
      return [0.17 * out, ahead(Math.min(shoulder[2], 1.34), 0.17 * out, STRETCH), Math.min(shoulder[2], 1.34)]
    case 'chairSeat':
      // one hand has the chair beside
      if (figure.pose[`${opposite(side)}Hand`] !== 'chairSeat') return [SUPPORT.beside * out, figure.pelvis[1] + 0.2, SUPPORT.chairSeatZ]
      return [0.15 * out, ahead(SUPPORT.chairSeatZ, 0.15 * out), SUPPORT.chairSeatZ]
    case 'seat':
      return [0.19 * out, figure.pelvis[1] - 0.03, figure.room.seatHeight + 0.02]
    case 'chairArm':
      return [0.27 * out, figure.pelvis[1] + 0.12, figure.room.seatHeight + 0.22]
    case 'otherShoulder': {
      const other = add(figure.neckBase, apply(figure.thoraxFrame, [-LENGTH.halfShoulders * H * out, 0.045 * H, -0.012 * H]))
      return add(other, apply(figure.thoraxFrame, [0.02 * H * out, 0, 0]))
    }
    case 'shin': {
      const lifted = BOTH.find((one) => figure.pose[`${one}Foot`] === 'free' && figure.pose[`${opposite(one)}Foot`] !== 'free') ?? side
      const held = figure.legs[lifted]
      const onto = scale(unit(cross(figure.pelvisFrame[0], unit(sub(held.ankle, held.knee)))), -0.035 * H)
      return add(add(mix(held.knee, held.ankle, 0.18), onto), scale(figure.pelvisFrame[0], 0.03 * H * out))
    }
    case 'foot':
      return add(mix(leg.ankle, leg.ball, 0.3), [0.01 * H * out, 0, 0.02 * H])
    case 'ownBack':
      return [0.19 * out, figure.pelvis[1] - 0.2, figure.room.seatHeight + 0.3]
    case 'rim':
      return [0.3 * out, figure.pelvis[1] + 0.12, 0.52]
    case 'floor':
      return [shoulder[0], shoulder[1], figure.room.surface + 0.02]
    case 'chest':
      return onThorax([0.035 * H * out, 0.085 * H, 0.085 * H])
    case 'belly':
      return onThorax([0.04 * H * out, 0.085 * H, -0.05 * H])
    case 'head':
      return add(figure.head, apply(figure.headFrame, [0.055 * H * out, -0.035 * H, 0]))
    case 'shoulder':
      return add(shoulder, apply(figure.thoraxFrame, [0.015 * H * out, 0.03 * H, 0.015 * H]))
  }
}

function placeArm(figure: Omit<Figure, 'arms'>, side: Side, fixed?: Vec): ArmJoints {
  const { pose, body, thoraxFrame } = figure
  const H = body.stature
  const out = outward(side)
  const shoulder = add(figure.neckBase, apply(thoraxFrame, [LENGTH.halfShoulders * H * out, 0, -0.012 * H]))
  const target = fixed ?? handTarget(figure, shoulder, side, pose[`${side}Hand`])
  const upperLength = LENGTH.upperArm * H
  const foreLength = LENGTH.forearm * H
  if (!target) {
    const { upper, fore } = armDirections(pose[`${side}Arm`], side)
    const elbow = add(shoulder, scale(apply(thoraxFrame, upper), upperLength))
    const direction = apply(thoraxFrame, fore)
    const wrist = add(elbow, scale(direction, foreLength))
    return { shoulder, elbow, wrist, hand: add(wrist, scale(direction, LENGTH.hand * GRIP * H)) }
  }
  const overhead = pose[`${side}Hand`] === 'head'
  // an elbow hangs down where the hand is beside the body, points out where it lies before it, and up where it is behind the head
  const on = pose[`${side}Hand`]
  const aside = on === 'banister' || on === 'ownBack' || (on === 'chairBack' && Math.abs(target[0]) > SUPPORT.beside - 0.01)
  const pole = apply(thoraxFrame, overhead ? [out, 0, 0.25] : aside ? [0, 0, -1] : [0.75 * out, -0.5, -0.8])
  const { middle: elbow, end: wrist } = twoLink(shoulder, target, upperLength, foreLength, pole)
  const along = unit(sub(wrist, elbow))
  // a hand that rests on something lies along it rather than sticking out of the forearm
  const ahead: Vec = [thoraxFrame[2][0], thoraxFrame[2][1], 0]
  const rest: Vec =
    pose[`${side}Hand`] === 'floor'
      ? unit(ahead, [0, 1, 0])
      : unit(add(scale(along, 0.5), pose[`${side}Hand`] === 'wall' ? [0, 0, 1] : apply(thoraxFrame, [-0.25 * out, 0.75, 0])))
  return { shoulder, elbow, wrist, hand: add(wrist, scale(rest, LENGTH.hand * 0.5 * H)) }
}

/** Where pelvis and ankles are when that is known and not to be found from the pose. */
interface Keyed {
  pelvis: Vec
  ankles: Record<Side, Vec>
}

/** A leg between two moments: its ankle is where it is, its foot as its contact says. */
function keyedLeg(figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body' | 'pose'>, side: Side, target: Vec): LegJoints {
  const leg = figure.pose[`${side}Leg`]
  const contact = figure.pose[`${side}Foot`]
  const H = figure.body.stature
  const { hip, knee, ankle, frame } = bentTo(legJoints(figure, leg, side), target, H)
  const foot =
    contact === 'free'
      ? compose(frame, aboutX(leg.ankle))
      : groundedFrame(frame, risen(contact) ? Math.max(0, -leg.ankle) : contact === 'heel' ? -leg.ankle : 0)
  return { hip, knee, ankle, ...footPoints(ankle, foot, H) }
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

/** What of a foot is on the floor: its two ends, back and front. */
export function footEnds(figure: Pick<Figure, 'pose' | 'legs' | 'body'>, side: Side): readonly [Vec, Vec] | undefined {
  const { heel, ball, toe, forward } = figure.legs[side]
  switch (figure.pose[`${side}Foot`]) {
    case 'free':
      return undefined
    case 'ball':
    case 'touch':
      return [ball, toe]
    case 'heel':
      return [heel, add(heel, scale(forward, HEEL_PAD * figure.body.stature))]
    default:
      return [heel, toe]
  }
}
/** Length of the heel's pad, an estimate. */
const HEEL_PAD = 0.025

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

/**
 * Places every joint: the pelvis on what carries it, feet and hands on what they touch.
 * For a stand without a given lean, the lean (and on one leg the shift to the side) is found by the secant method so that the
 * centre of mass lies over the feet, as a standing body must.
 */
export function solve(pose: Pose, body: Body, room: Room = STANDARD_ROOM): Figure {
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
