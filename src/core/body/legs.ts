import { type Figure, type LegJoints, outward, type Side, SUPPORT } from './joints'
import { twoLink } from './links'
import type { FootContact, Leg, Pose } from './pose'
import { LENGTH } from './skeleton'
import { aboutX, aboutY, aboutZ, add, compose, cosDeg, cross, type Frame, length, mix, scale, sinDeg, sub, unit, type Vec, WORLD } from './vector'

const HEEL = 0.034
const TOE = 0.118
const BALL = 0.085

/** How the pelvis lies in the room. */
export function pelvisFrameOf(pose: Pose, leanDeg: number): Frame {
  const turned = aboutZ(-pose.yaw)
  if (pose.stance === 'side') return compose(compose(turned, aboutX(90)), aboutZ(-90))
  return compose(turned, aboutX(-leanDeg))
}

const thighFrame = (pelvis: Frame, leg: Leg, side: Side): Frame =>
  compose(pelvis, compose(compose(aboutX(leg.flexion), aboutY(-leg.abduction * outward(side))), aboutZ(-leg.rotation * outward(side))))

/** A foot whose heel is up. */
const risen = (contact: FootContact) => contact === 'ball' || contact === 'touch'

/** Height of the ankle joint over what the foot stands on. */
export function ankleHeight(contact: FootContact, leg: Leg, stature: number): number {
  const flat = LENGTH.ankleHeight * stature
  if (contact === 'step') return flat + SUPPORT.stepZ
  const rise = risen(contact) ? Math.max(0, -leg.ankle) : 0
  return flat * cosDeg(rise) + BALL * stature * sinDeg(rise)
}

export function legJoints(figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body'>, leg: Leg, side: Side): LegJoints & { frame: Frame } {
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

/** Ankle over the floor of a leg as it was asked for, from a pelvis at height 0. */
export const askedAnkle = (figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body'>, leg: Leg, side: Side): number =>
  legJoints(figure, leg, side).ankle[2]

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

export function placeLeg(figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body' | 'room' | 'pose'>, side: Side): LegJoints {
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

/** A leg between two moments: its ankle is where it is, its foot as its contact says. */
export function keyedLeg(figure: Pick<Figure, 'pelvis' | 'pelvisFrame' | 'body' | 'pose'>, side: Side, target: Vec): LegJoints {
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
