export { BAND_RUNS, type Band, type BandChoice, type BandRun, bandPath, chooseBand } from './band'
export { draw, layersOf } from './draw'
export { BOTH, type Figure, type Room, STANDARD_ROOM } from './joints'
export { solve } from './kinematics'
export { legAngles, measure, type PoseDemands } from './measure'
export type { Drawing, Layer, Tone, Yaw } from './paint'
export {
  againstBack,
  arm,
  backOn,
  FOOT_CONTACTS,
  FOREARMS,
  feet,
  HAND_CONTACTS,
  HOLDS,
  hands,
  interpolate,
  jumps,
  lean,
  leg,
  mirrored,
  neck,
  offSeat,
  type Pose,
  type PosePart,
  plants,
  pose,
  REST,
  STANCES,
  samePose,
  spine,
  weightOn,
  yaw,
} from './pose'
export type { PropKind } from './props'
export { type Body, bodyOfStature, GRAVITY, REFERENCE_BODY } from './skeleton'
export { feetStay, stage, stagedBetween } from './stage'
export { balanceMarginCm, type Load, type Moments, moments, notEstimated } from './statics'
export { distance, turnBetween, type Vec } from './vector'
