import type { ArmJoints, Figure, LegJoints } from './joints'
import { GRIP, pregnancyLoad, SEGMENT } from './skeleton'
import { add, mix, scale, type Vec } from './vector'

export type SegmentName = keyof typeof SEGMENT
export interface MassPoint {
  segment: SegmentName | 'carried'
  at: Vec
  massKg: number
}

export const armMassPoints = (arm: ArmJoints, bodyMassKg: number): MassPoint[] => [
  { segment: 'upperArm', at: mix(arm.shoulder, arm.elbow, SEGMENT.upperArm.centre), massKg: SEGMENT.upperArm.mass * bodyMassKg },
  { segment: 'forearm', at: mix(arm.elbow, arm.wrist, SEGMENT.forearm.centre), massKg: SEGMENT.forearm.mass * bodyMassKg },
  { segment: 'hand', at: mix(arm.wrist, arm.hand, SEGMENT.hand.centre / GRIP), massKg: SEGMENT.hand.mass * bodyMassKg },
]

export const legMassPoints = (leg: LegJoints, bodyMassKg: number): MassPoint[] => [
  { segment: 'thigh', at: mix(leg.hip, leg.knee, SEGMENT.thigh.centre), massKg: SEGMENT.thigh.mass * bodyMassKg },
  { segment: 'shank', at: mix(leg.knee, leg.ankle, SEGMENT.shank.centre), massKg: SEGMENT.shank.mass * bodyMassKg },
  { segment: 'foot', at: mix(leg.heel, leg.toe, SEGMENT.foot.centre), massKg: SEGMENT.foot.mass * bodyMassKg },
]

/** Thorax, abdomen, pelvis and head, and what is carried in pregnancy. */
export function trunkMassPoints(figure: Pick<Figure, 'pelvis' | 'lumbar' | 'waist' | 'neckBase' | 'head' | 'abdomenFrame' | 'body'>): MassPoint[] {
  const { mass, gestationalWeek } = figure.body
  const carried = pregnancyLoad(gestationalWeek)
  const points: MassPoint[] = [
    { segment: 'pelvis', at: mix(figure.pelvis, figure.lumbar, SEGMENT.pelvis.centre), massKg: SEGMENT.pelvis.mass * mass },
    { segment: 'abdomen', at: mix(figure.lumbar, figure.waist, SEGMENT.abdomen.centre), massKg: SEGMENT.abdomen.mass * mass },
    { segment: 'thorax', at: mix(figure.waist, figure.neckBase, SEGMENT.thorax.centre), massKg: SEGMENT.thorax.mass * mass },
    { segment: 'headAndNeck', at: mix(figure.neckBase, figure.head, SEGMENT.headAndNeck.centre + 0.2), massKg: SEGMENT.headAndNeck.mass * mass },
  ]
  if (carried.massKg > 0) {
    points.push({ segment: 'carried', at: add(figure.lumbar, scale(figure.abdomenFrame[1], carried.forwardM)), massKg: carried.massKg })
  }
  return points
}

export const bodyMassPoints = (figure: Figure): MassPoint[] => [
  ...trunkMassPoints(figure),
  ...armMassPoints(figure.arms.left, figure.body.mass),
  ...armMassPoints(figure.arms.right, figure.body.mass),
  ...legMassPoints(figure.legs.left, figure.body.mass),
  ...legMassPoints(figure.legs.right, figure.body.mass),
]
