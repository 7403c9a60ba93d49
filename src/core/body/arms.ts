import { type ArmJoints, BOTH, type Figure, opposite, outward, type Side, SUPPORT } from './joints'
import { twoLink } from './links'
import { type Arm, FOREARMS, type HandContact } from './pose'
import { GRIP, LENGTH } from './skeleton'
import { add, apply, cosDeg, cross, dot, length, mix, scale, sinDeg, sub, unit, type Vec, WORLD } from './vector'

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

/** A forearm is this thick over what it lies on, m. */
const FOREARM_OVER = 0.03
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
  /** The wrist of a forearm that lies ahead of its elbow, which is as far ahead of the shoulder as the upper arm reaches. */
  const forearmOn = (z: number): Vec => {
    const drop = shoulder[2] - z
    const elbowAhead = Math.sqrt(Math.max(0, (LENGTH.upperArm * H) ** 2 - drop ** 2))
    return [shoulder[0], shoulder[1] + elbowAhead + LENGTH.forearm * H, z]
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
      return [figure.pelvis[0] + 0.2 * out, ahead(SUPPORT.railZ, figure.pelvis[0] + 0.2 * out), SUPPORT.railZ]
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
    case 'counterForearm':
      return forearmOn(SUPPORT.counterZ + FOREARM_OVER)
    case 'floorForearm':
      return forearmOn(figure.room.surface + FOREARM_OVER)
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

/**
 * Elbow of a forearm that lies level with its wrist: where the upper arm reaches that level, out to the side as the shoulder comes nearer.
 * A shoulder that has gone too far off takes the elbow with it.
 */
function lyingForearm(shoulder: Vec, wrist: Vec, upper: number, fore: number, out: number): { middle: Vec; end: Vec } {
  const level: Vec = [shoulder[0], shoulder[1], wrist[2]]
  const reach = Math.sqrt(Math.max(0, upper ** 2 - (shoulder[2] - wrist[2]) ** 2))
  const whole = sub(wrist, level)
  if (length(whole) >= reach + fore || reach === 0) return twoLink(shoulder, wrist, upper, fore, DOWN)
  return { middle: twoLink(level, wrist, reach, fore, [out, 0, 0]).middle, end: wrist }
}

export function placeArm(figure: Omit<Figure, 'arms'>, side: Side, fixed?: Vec): ArmJoints {
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
  const { middle: elbow, end: wrist } = FOREARMS.includes(on)
    ? lyingForearm(shoulder, target, upperLength, foreLength, out)
    : twoLink(shoulder, target, upperLength, foreLength, pole)
  const along = unit(sub(wrist, elbow))
  // a hand that rests on something lies along it rather than sticking out of the forearm
  const ahead: Vec = [thoraxFrame[2][0], thoraxFrame[2][1], 0]
  const rest: Vec =
    FOREARMS.includes(on) || pose[`${side}Hand`] === 'floor'
      ? unit(ahead, [0, 1, 0])
      : unit(add(scale(along, 0.5), pose[`${side}Hand`] === 'wall' ? [0, 0, 1] : apply(thoraxFrame, [-0.25 * out, 0.75, 0])))
  return { shoulder, elbow, wrist, hand: add(wrist, scale(rest, LENGTH.hand * 0.5 * H)) }
}
