/** A limb pointing: elevation and plane of elevation for the arm as in the ISB convention, plus rotation about its own axis. */
export interface Arm {
  /** deg from hanging beside the trunk, 0 to 180 */
  raise: number
  /** 0 out to the side, 90 to the front, over 90 across the body, -90 behind */
  plane: number
  /** external rotation positive; with the arm hanging and elbow bent, 0 points the forearm forward */
  rotation: number
  /** elbow flexion, deg */
  elbow: number
}
export interface Leg {
  /** hip flexion positive, extension negative, relative to the pelvis */
  flexion: number
  /** away from the midline positive */
  abduction: number
  /** external rotation positive */
  rotation: number
  /** knee flexion */
  knee: number
  /** dorsiflexion positive; worked out for a foot that is flat on the floor */
  ankle: number
}

/** Where a foot is: on the floor, whole or in part, off it, flat on a step, or touching the floor with its toes without weight. */
export const FOOT_CONTACTS = ['flat', 'ball', 'heel', 'free', 'step', 'touch'] as const
export type FootContact = (typeof FOOT_CONTACTS)[number]
/**
 * What a hand rests on. `free` follows the arm's angles. `seat` is what is sat on, `chairSeat` that of a heavy chair ahead, `shin` is that of the leg that is lifted, `ownBack` the back of the chair that is
 * sat on, `banister` a rail beside the body, along the way it faces. On `counterForearm` and `floorForearm` the whole forearm lies, elbow and all.
 */
export const HAND_CONTACTS = [
  'free',
  'thigh',
  'knee',
  'hip',
  'chairBack',
  'seat',
  'chairSeat',
  'chairArm',
  'wall',
  'rail',
  'counter',
  'counterForearm',
  'floor',
  'floorForearm',
  'chest',
  'belly',
  'head',
  'shoulder',
  'otherShoulder',
  'shin',
  'foot',
  'ownBack',
  'banister',
  'rim',
] as const
export type HandContact = (typeof HAND_CONTACTS)[number]
/** Supports that are held: they stand in the room, steady a stand and are drawn where the hands are. */
export const HOLDS: readonly HandContact[] = ['chairBack', 'chairSeat', 'wall', 'rail', 'banister', 'counter', 'counterForearm']
/** Supports that the forearm lies on: the wrist carries nothing. */
export const FOREARMS: readonly HandContact[] = ['counterForearm', 'floorForearm']
/** Whatever a hand can press on that does not give way. */
export const FIXED_HOLDS: readonly HandContact[] = [...HOLDS, 'floor', 'floorForearm', 'seat', 'chairArm', 'ownBack']

/** What carries the pelvis and how the trunk lies. */
export const STANCES = ['stand', 'seat', 'supine', 'prone', 'side', 'incline', 'quadruped', 'kneel', 'longSit', 'plank'] as const
export type Stance = (typeof STANCES)[number]

export interface Pose {
  stance: Stance
  /** forward inclination of the pelvis, deg; for a free stand undefined = found so that the centre of mass lies over the feet */
  lean?: number
  /** turn of the whole body about the vertical, deg */
  yaw: number
  spine: { flexion: number; sideBend: number; twist: number }
  neck: { flexion: number; tilt: number; turn: number }
  leftArm: Arm
  rightArm: Arm
  leftLeg: Leg
  rightLeg: Leg
  leftFoot: FootContact
  rightFoot: FootContact
  leftHand: HandContact
  rightHand: HandContact
  /** the trunk rests against the back of the chair */
  backRests: boolean
  /** how far somebody who sits has lifted off the seat, m */
  offSeat?: number
  /** where over the feet of a free stand the weight is: 0 in the middle, 1 at the front edge, -1 at the back edge */
  weightOn?: number
  /** the foot that stayed where it was on the way to this pose; found from how far each goes where it is not said */
  planted?: 'left' | 'right'
  /** how far a jump has carried a stand off the floor, m; the feet are as they push off and land */
  airborne?: number
  /** top of what carries the shoulder blades of somebody on the back whose feet stand on the floor, m over it */
  backOn?: number
}

type Side = 'left' | 'right'
export type PosePart = (pose: Pose) => Pose

const HANG: Arm = { raise: 6, plane: 0, rotation: 0, elbow: 12 }
const STRAIGHT: Leg = { flexion: 0, abduction: 3, rotation: 5, knee: 0, ankle: 0 }
const SEATED_LEG: Leg = { flexion: 90, abduction: 6, rotation: 5, knee: 90, ankle: 0 }

const neutral = (stance: Stance, leg: Leg, hands: HandContact): Pose => ({
  stance,
  yaw: 0,
  spine: { flexion: 0, sideBend: 0, twist: 0 },
  neck: { flexion: 0, tilt: 0, turn: 0 },
  leftArm: HANG,
  rightArm: HANG,
  leftLeg: leg,
  rightLeg: leg,
  leftFoot: 'flat',
  rightFoot: 'flat',
  leftHand: hands,
  rightHand: hands,
  backRests: false,
})

const lying = (stance: Stance, leg: Leg): Pose => ({ ...neutral(stance, leg, 'free'), leftFoot: 'free', rightFoot: 'free' })

/** The resting pose of each stance, from which every other pose is written as a difference. */
export const REST: Record<Stance, Pose> = {
  stand: neutral('stand', STRAIGHT, 'free'),
  seat: { ...neutral('seat', SEATED_LEG, 'thigh'), lean: 0 },
  supine: { ...lying('supine', { flexion: 45, abduction: 4, rotation: 0, knee: 90, ankle: 0 }), leftFoot: 'flat', rightFoot: 'flat', lean: -90 },
  incline: { ...lying('incline', { flexion: 65, abduction: 4, rotation: 0, knee: 75, ankle: 0 }), leftFoot: 'flat', rightFoot: 'flat', lean: -48 },
  prone: { ...lying('prone', { flexion: 0, abduction: 4, rotation: 0, knee: 0, ankle: -72 }), lean: 90 },
  // lying on the right side: the lower arm in front under the head, the upper hand before the chest
  side: {
    ...lying('side', { flexion: 35, abduction: 0, rotation: 0, knee: 45, ankle: 0 }),
    lean: 0,
    rightArm: { raise: 100, plane: 102, rotation: 0, elbow: 95 },
    leftArm: { raise: 45, plane: 95, rotation: 0, elbow: 70 },
  },
  quadruped: {
    ...neutral('quadruped', { flexion: 90, abduction: 3, rotation: 0, knee: 90, ankle: -74 }, 'floor'),
    leftFoot: 'free',
    rightFoot: 'free',
    lean: 84,
  },
  kneel: {
    ...neutral('kneel', { flexion: 0, abduction: 4, rotation: 0, knee: 90, ankle: -74 }, 'free'),
    leftFoot: 'free',
    rightFoot: 'free',
    lean: 0,
  },
  longSit: {
    ...neutral('longSit', { flexion: 90, abduction: 4, rotation: 3, knee: 5, ankle: 0 }, 'thigh'),
    leftFoot: 'free',
    rightFoot: 'free',
    lean: 0,
  },
  plank: {
    ...neutral('plank', { flexion: 0, abduction: 2, rotation: 0, knee: 0, ankle: 60 }, 'floor'),
    leftFoot: 'ball',
    rightFoot: 'ball',
    lean: 68,
  },
}

const limb =
  <K extends 'Arm' | 'Leg'>(kind: K) =>
  (side: Side | 'both', change: Partial<K extends 'Arm' ? Arm : Leg>): PosePart =>
  (pose) => {
    const sides: Side[] = side === 'both' ? ['left', 'right'] : [side]
    const changed = sides.map((one) => [`${one}${kind}`, { ...pose[`${one}${kind}`], ...change }])
    // an arm that is given angles has left what it rested on
    const freed = kind === 'Arm' ? sides.map((one) => [`${one}Hand`, 'free']) : []
    return { ...pose, ...Object.fromEntries([...changed, ...freed]) }
  }

export const arm = limb('Arm')
export const leg = limb('Leg')
export const hands =
  (side: Side | 'both', on: HandContact): PosePart =>
  (pose) => ({ ...pose, ...(side !== 'right' && { leftHand: on }), ...(side !== 'left' && { rightHand: on }) })
export const feet =
  (side: Side | 'both', on: FootContact): PosePart =>
  (pose) => ({ ...pose, ...(side !== 'right' && { leftFoot: on }), ...(side !== 'left' && { rightFoot: on }) })
export const spine =
  (change: Partial<Pose['spine']>): PosePart =>
  (pose) => ({ ...pose, spine: { ...pose.spine, ...change } })
export const neck =
  (change: Partial<Pose['neck']>): PosePart =>
  (pose) => ({ ...pose, neck: { ...pose.neck, ...change } })
export const lean =
  (deg: number): PosePart =>
  (pose) => ({ ...pose, lean: deg })
export const yaw =
  (deg: number): PosePart =>
  (pose) => ({ ...pose, yaw: deg })
/** The seat leaves the chair by this many metres, feet and hands stay. */
export const offSeat =
  (m: number): PosePart =>
  (pose) => ({ ...pose, offSeat: m })
/** The weight goes towards the toes (up to 1) or the heels (down to -1). */
export const weightOn =
  (share: number): PosePart =>
  (pose) => ({ ...pose, weightOn: share })
/** The other foot steps, this one stays. */
export const plants =
  (side: Side): PosePart =>
  (pose) => ({ ...pose, planted: side })
/** The shoulder blades lie on something this high, m. */
export const backOn =
  (m: number): PosePart =>
  (pose) => ({ ...pose, backOn: m })
/** The whole body is this many metres off the floor. */
export const jumps =
  (m: number): PosePart =>
  (pose) => ({ ...pose, airborne: m })
export const againstBack: PosePart = (pose) => ({ ...pose, backRests: true, lean: -6 })

/** A pose from a resting stance and the parts that differ, applied in order. */
export const pose = (stance: Stance | Pose, ...parts: PosePart[]): Pose =>
  parts.reduce((made, part) => part(made), typeof stance === 'string' ? REST[stance] : stance)

const between = <T extends object>(a: T, b: T, t: number): T =>
  Object.fromEntries(
    Object.entries(a).map(([key, from]) => [key, (from as number) + ((b as Record<string, number>)[key]! - (from as number)) * t]),
  ) as T

/** The same pose to the other side; a hand that alone holds a support keeps it. */
export function mirrored(pose: Pose): Pose {
  const { spine, neck } = pose
  const keeps = HOLDS.includes(pose.leftHand) !== HOLDS.includes(pose.rightHand)
  return {
    ...pose,
    yaw: -pose.yaw,
    spine: { ...spine, sideBend: -spine.sideBend, twist: -spine.twist },
    neck: { ...neck, tilt: -neck.tilt, turn: -neck.turn },
    ...(pose.planted && { planted: pose.planted === 'left' ? 'right' : 'left' }),
    leftLeg: pose.rightLeg,
    rightLeg: pose.leftLeg,
    leftFoot: pose.rightFoot,
    rightFoot: pose.leftFoot,
    ...(!keeps && { leftArm: pose.rightArm, rightArm: pose.leftArm, leftHand: pose.rightHand, rightHand: pose.leftHand }),
  }
}

/** Angles that differ by less than this are the same, deg. */
const SAME = 3
const close = (a: object, b: object) => Object.entries(a).every(([key, value]) => Math.abs(value - (b as Record<string, number>)[key]!) < SAME)

/** Whether two poses hold limbs, trunk and head alike. */
export const samePose = (a: Pose, b: Pose): boolean =>
  (['leftLeg', 'rightLeg', 'leftArm', 'rightArm', 'spine', 'neck'] as const).every((part) => close(a[part], b[part])) &&
  (['leftFoot', 'rightFoot', 'leftHand', 'rightHand'] as const).every((part) => a[part] === b[part]) &&
  Math.abs(a.yaw - b.yaw) < SAME &&
  (a.airborne === undefined) === (b.airborne === undefined)

/** What most poses leave out, and is nothing then. */
const NOTHING_UNLESS_SAID = ['offSeat', 'weightOn', 'airborne', 'backOn'] as const

/** The pose a share `t` (0 to 1) of the way from one to the other; contacts change half-way. */
export function interpolate(a: Pose, b: Pose, t: number): Pose {
  const contacts = t < 0.5 ? a : b
  return {
    ...contacts,
    ...(a.lean !== undefined && b.lean !== undefined && { lean: a.lean + (b.lean - a.lean) * t }),
    ...Object.fromEntries(
      NOTHING_UNLESS_SAID.filter((name) => (a[name] ?? b[name]) !== undefined).map((name) => [name, (a[name] ?? 0) * (1 - t) + (b[name] ?? 0) * t]),
    ),
    yaw: a.yaw + (b.yaw - a.yaw) * t,
    spine: between(a.spine, b.spine, t),
    neck: between(a.neck, b.neck, t),
    leftArm: between(a.leftArm, b.leftArm, t),
    rightArm: between(a.rightArm, b.rightArm, t),
    leftLeg: between(a.leftLeg, b.leftLeg, t),
    rightLeg: between(a.rightLeg, b.rightLeg, t),
  }
}
