import { BOTH, carryingFeet, type Figure, hipsLifted, opposite, outward, type Side } from './joints'
import type { HandContact } from './pose'
import { LENGTH } from './skeleton'
import { angleBetween, dot, into, sub, toDeg, type Vec } from './vector'

/** Demands that a pose shows, all degrees unless named otherwise; the numbers of section 1.1 of the rule base. */
export interface PoseDemands {
  baseWidth: number
  neckExtensionDeg: number
  spinalFlexionDeg: number
  spinalExtensionDeg: number
  twistDeg: number
  sideBendDeg: number
  headBelowHeart: boolean
  overheadReachDeg: number
  shoulderAbductionDeg: number
  shoulderExtensionDeg: number
  combinedAbdER: boolean
  hipFlexionDeg: number
  hipExtensionDeg: number
  hipAbductionDeg: number
  hipInternalRotationDeg: number
  hipExternalRotationDeg: number
  hipAdductionPastMidline: boolean
  kneeFlexionLoadedDeg: number
  /** legs through which part of the body's weight goes */
  legsCarrying: number
}

export interface ArmAngles {
  raise: number
  plane: number
  elbow: number
}
export interface LegAngles {
  flexion: number
  abduction: number
  knee: number
}

/** Elevation and plane of elevation of the upper arm as it was placed. */
export function armAngles(figure: Figure, side: Side): ArmAngles {
  const { shoulder, elbow, wrist } = figure.arms[side]
  const upper = into(figure.thoraxFrame, sub(elbow, shoulder))
  return {
    raise: angleBetween(upper, [0, 0, -1]),
    plane: toDeg(Math.atan2(upper[1], upper[0] * outward(side))),
    elbow: angleBetween(sub(elbow, shoulder), sub(wrist, elbow)),
  }
}

export function legAngles(figure: Figure, side: Side): LegAngles {
  const { hip, knee, ankle } = figure.legs[side]
  const thigh = into(figure.pelvisFrame, sub(knee, hip))
  const size = Math.hypot(...thigh)
  // the rule base counts an upright seat on a chair as 90 although the thigh slopes a little to the knee
  const seated = figure.pose.stance === 'seat' && figure.pose[`${side}Foot`] !== 'free'
  return {
    flexion: seated && !figure.pose.offSeat ? 90 + Math.max(0, figure.lean) : toDeg(Math.atan2(thigh[1], -thigh[2])),
    abduction: toDeg(Math.asin((thigh[0] * outward(side)) / size)),
    knee: angleBetween(sub(knee, hip), sub(ankle, knee)),
  }
}

/** Below this elevation an arm counts as hanging. */
const HANGING = 20
/** Leaning back by less than this, or lying back in a chair, carries head and trunk as one: the neck stays long. */
const LEVEL_GAZE = 10
/** A hand that lies on the own body or the chair holds nothing up. */
const RESTING: readonly HandContact[] = ['thigh', 'knee', 'hip', 'belly', 'chest', 'otherShoulder', 'seat', 'chairArm', 'rim']
/** Arms crossed on the chest lie on it at any height. */
const ON_THE_CHEST: readonly HandContact[] = ['chest', 'otherShoulder']
/** Elevation in planes between out-to-side and scapular counts for both readings. */
const SCAPULAR_FROM = 25
const SIDE_UP_TO = 40

const isUnderneath = (figure: Figure, side: Side) => figure.arms[side].shoulder[2] < figure.arms[opposite(side)].shoulder[2]

function shoulderDemands(figure: Figure, side: Side) {
  const { raise, plane, elbow } = armAngles(figure, side)
  const behind = plane < -50 || plane > 160
  const hand = figure.pose[`${side}Hand`]
  // the arm underneath in side-lying lies on what carries the body
  const resting =
    (RESTING.includes(hand) && raise < 50) || ON_THE_CHEST.includes(hand) || (figure.pose.stance === 'side' && isUnderneath(figure, side))
  const raised = raise >= HANGING && !behind && !resting
  const { shoulder, elbow: elbowAt, wrist } = figure.arms[side]
  const fore = into(figure.thoraxFrame, sub(wrist, elbowAt))
  const upright = toDeg(Math.atan2(fore[2], Math.hypot(fore[0], fore[1])))
  const openSide = raise >= 75 && raise <= 150 && Math.abs(plane) < 55
  const handBehindElbow = into(figure.thoraxFrame, sub(wrist, elbowAt))[1] < -0.02
  const handAboveShoulder = sub(wrist, shoulder)
  return {
    front: raised && plane >= SCAPULAR_FROM ? raise : 0,
    side: raised && plane < SIDE_UP_TO ? raise : 0,
    behind: behind && raise > 12 && !resting ? raise : 0,
    goalPost: openSide && elbow > 40 && (upright > 60 || handBehindElbow) && dot(handAboveShoulder, figure.thoraxFrame[2]) > 0,
  }
}

function footGap(figure: Figure): number {
  const down = BOTH.filter((side) => figure.pose[`${side}Foot`] !== 'free')
  if (figure.pose.stance !== 'stand') return 0
  if (down.length < 2) return 5
  const { left, right } = figure.legs
  const H = figure.body.stature
  const apart: Vec = into(figure.pelvisFrame, sub(right.ankle, left.ankle))
  const across = Math.abs(apart[0])
  const along = Math.abs(apart[1])
  if (across < 0.045 * H && along > 0.1 * H) return 4
  if (across < 0.09 * H) return 3
  return across > 0.27 * H ? 1 : 2
}

/** A knee this near to what carries the body kneels on it, as a share of stature. */
const KNEE_DOWN = 0.06

/** Whether part of the body's weight goes through a leg: on the foot in a stand or a bridge, on the knee or the foot before it in kneeling. */
function carries(figure: Figure, side: Side): boolean {
  const { pose, room, body } = figure
  const footDown = pose[`${side}Foot`] !== 'free'
  switch (pose.stance) {
    case 'stand':
      // toes that touch steady the body and carry none of it
      return footDown && pose[`${side}Foot`] !== 'touch'
    case 'seat':
      return footDown && (pose.offSeat ?? 0) > 0
    case 'supine':
      return footDown && hipsLifted(figure)
    case 'kneel':
    case 'quadruped':
      return footDown || figure.legs[side].knee[2] < room.surface + KNEE_DOWN * body.stature
    default:
      return false
  }
}

const positive = (value: number) => Math.max(0, value)
const rounded = (value: number) => Math.round(value)

/** What one pose asks of the body, measured on the placed figure. */
export function measure(figure: Figure): PoseDemands {
  const { pose } = figure
  const shoulders = BOTH.map((side) => shoulderDemands(figure, side))
  const legs = BOTH.map((side) => ({ side, ...legAngles(figure, side) }))
  const upright = pose.stance === 'stand' || pose.stance === 'seat' || pose.stance === 'kneel' || pose.stance === 'longSit'
  const gazeUp = toDeg(Math.asin(Math.max(-1, Math.min(1, figure.headFrame[1][2]))))
  const extends_ =
    upright && pose.spine.flexion > -5
      ? Math.min(positive(gazeUp), positive(-pose.neck.flexion) + (pose.backRests ? 0 : positive(-figure.lean - LEVEL_GAZE)))
      : positive(-pose.neck.flexion)
  const chest: Vec = [0, 0, figure.waist[2] * 0.5 + figure.neckBase[2] * 0.5]
  const loaded = legs.filter(({ side }) => carries(figure, side))
  const carrying = carryingFeet(pose)
  const onOneLeg = pose.stance === 'stand' && carrying.length === 1
  const acrossMidline = legs.some(({ side }) => {
    // a foot that carries the whole body stands under its centre and does not cross anything
    if (onOneLeg && carrying.includes(side)) return false
    const { knee, ankle } = figure.legs[side]
    return [knee, ankle].some((joint) => into(figure.pelvisFrame, sub(joint, figure.pelvis))[0] * outward(side) < -0.012 * figure.body.stature)
  })
  return {
    baseWidth: footGap(figure),
    neckExtensionDeg: rounded(extends_),
    spinalFlexionDeg: rounded(positive(pose.spine.flexion)),
    spinalExtensionDeg: rounded(positive(-pose.spine.flexion)),
    twistDeg: rounded(Math.abs(pose.spine.twist)),
    sideBendDeg: rounded(Math.abs(pose.spine.sideBend)),
    headBelowHeart:
      (upright || pose.stance === 'quadruped' || pose.stance === 'plank' || hipsLifted(figure)) &&
      figure.head[2] < chest[2] - LENGTH.headAndNeck * 0.05,
    overheadReachDeg: rounded(Math.max(...shoulders.map((shoulder) => shoulder.front))),
    shoulderAbductionDeg: rounded(Math.max(...shoulders.map((shoulder) => shoulder.side))),
    shoulderExtensionDeg: rounded(Math.max(...shoulders.map((shoulder) => shoulder.behind))),
    combinedAbdER: shoulders.some((shoulder) => shoulder.goalPost),
    hipFlexionDeg: rounded(positive(Math.max(...legs.map((leg) => leg.flexion)))),
    hipExtensionDeg: rounded(positive(Math.max(...legs.map((leg) => -leg.flexion)))),
    hipAbductionDeg: rounded(positive(Math.max(...legs.map((leg) => leg.abduction)))),
    hipInternalRotationDeg: rounded(positive(Math.max(-pose.leftLeg.rotation, -pose.rightLeg.rotation))),
    hipExternalRotationDeg: rounded(positive(Math.max(pose.leftLeg.rotation, pose.rightLeg.rotation))),
    hipAdductionPastMidline: acrossMidline,
    kneeFlexionLoadedDeg: rounded(Math.max(0, ...loaded.map((leg) => leg.knee))),
    legsCarrying: loaded.length,
  }
}
