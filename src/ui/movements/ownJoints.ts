import type { Pose } from '@/core/body'

/** An angle of the figure that has a slider. */
export interface Joint {
  label: string
  min: number
  max: number
  read: (pose: Pose) => number
  write: (pose: Pose, value: number) => Pose
}

/** A slider for an angle of both limbs or of one. */
const limb = (part: 'Arm' | 'Leg', side: 'left' | 'right', angle: string, label: string, min: number, max: number): Joint => ({
  label: `${side} ${label}`,
  min,
  max,
  read: (pose) => (pose[`${side}${part}`] as unknown as Record<string, number>)[angle]!,
  write: (pose, value) => ({
    ...pose,
    [`${side}${part}`]: { ...pose[`${side}${part}`], [angle]: value },
    // a limb that is given angles leaves what it rested on
    ...(part === 'Arm' && { [`${side}Hand`]: 'free' }),
  }),
})
const SIDES = ['right', 'left'] as const
export const JOINTS: { group: string; joints: Joint[] }[] = [
  {
    group: 'Trunk and head',
    joints: [
      { label: 'lean from the hips', min: -110, max: 90, read: (pose) => pose.lean ?? 0, write: (pose, lean) => ({ ...pose, lean }) },
      {
        label: 'rounding',
        min: -30,
        max: 70,
        read: (pose) => pose.spine.flexion,
        write: (pose, flexion) => ({ ...pose, spine: { ...pose.spine, flexion } }),
      },
      { label: 'twist', min: -60, max: 60, read: (pose) => pose.spine.twist, write: (pose, twist) => ({ ...pose, spine: { ...pose.spine, twist } }) },
      {
        label: 'side bend',
        min: -40,
        max: 40,
        read: (pose) => pose.spine.sideBend,
        write: (pose, sideBend) => ({ ...pose, spine: { ...pose.spine, sideBend } }),
      },
      { label: 'head turn', min: -70, max: 70, read: (pose) => pose.neck.turn, write: (pose, turn) => ({ ...pose, neck: { ...pose.neck, turn } }) },
    ],
  },
  {
    group: 'Arms',
    joints: SIDES.flatMap((side) => [
      limb('Arm', side, 'raise', 'arm raised', 0, 175),
      limb('Arm', side, 'plane', 'arm direction (0 side, 90 front)', -90, 120),
      limb('Arm', side, 'elbow', 'elbow bend', 0, 145),
    ]),
  },
  {
    group: 'Legs',
    joints: SIDES.flatMap((side) => [
      limb('Leg', side, 'flexion', 'hip bend', -30, 125),
      limb('Leg', side, 'abduction', 'leg out', -15, 50),
      limb('Leg', side, 'knee', 'knee bend', 0, 135),
    ]),
  },
]
