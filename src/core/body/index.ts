export { type Band, type BandChoice, type BandRun, bandPath, chooseBand } from './band'
export { type Drawing, draw, type Layer, layersOf, type PropKind, type Tone, type Yaw } from './draw'
export { BOTH, type Figure, type Room, STANDARD_ROOM } from './joints'
export { solve } from './kinematics'
export { legAngles, measure, type PoseDemands } from './measure'
export {
  againstBack,
  arm,
  FOOT_CONTACTS,
  feet,
  HAND_CONTACTS,
  hands,
  interpolate,
  lean,
  leg,
  neck,
  type Pose,
  type PosePart,
  pose,
  REST,
  STANCES,
  spine,
  yaw,
} from './pose'
export { type Body, GRAVITY, REFERENCE_BODY } from './skeleton'
export { balanceMarginCm, type Load, type Moments, moments, notEstimated } from './statics'
export { turnBetween } from './vector'
