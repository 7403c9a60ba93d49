import { type Body, type Drawing, draw, type Figure, mirrored, type Pose, REFERENCE_BODY, samePose, stage, stagedBetween, type Yaw } from '../body'
import type { Movement, Tempo, Variant } from './movement'

/** The figures of a variant's poses in one room, with what they hold and sit on. */
export const figuresOf = (variant: Pick<Variant, 'poses' | 'room'>, body: Body = REFERENCE_BODY): Figure[] => stage(variant.poses, body, variant.room)

/** The pose that tells the movement when it stands still. */
export const tellingPose = (variant: Pick<Variant, 'poses' | 'still'>): Pose => variant.poses[variant.still]!

/** One still picture of a variant, at the pose that tells it unless another is asked for. */
export const pictureOf = (variant: Variant, body: Body = REFERENCE_BODY, pose = variant.still, view: Yaw = variant.view): Drawing =>
  draw(figuresOf(variant, body)[pose]!, view, variant.props)

const ease = (t: number) => t * t * (3 - 2 * t)

/**
 * How far a repetition is at a moment, following the tempo: out through the poses, stay, back, rest.
 *
 * @param second seconds since the work began
 * @returns 0 at the first pose to 1 at the last
 */
export function shareAt({ out, stay, back, rest }: Tempo, second: number): number {
  const whole = out + stay + back + rest
  const at = ((second % whole) + whole) % whole
  const share = at < out ? at / out : at < out + stay ? 1 : at < out + stay + back ? 1 - (at - out - stay) / back : 0
  return ease(Math.min(1, Math.max(0, share)))
}

/** Whether the poses show both sides already, as the steps of a march do. */
export function showsBothSides(poses: readonly Pose[]): boolean {
  return poses.some((pose, index) => {
    const other = mirrored(pose)
    return !samePose(other, pose) && poses.slice(index + 1).some((later) => samePose(other, later))
  })
}

/** The poses of the other side: an alternating movement does them in every second repetition. */
export const otherSide = (variant: Pick<Variant, 'poses' | 'side'>): readonly Pose[] | undefined =>
  variant.side === 'alternating' && !showsBothSides(variant.poses) ? variant.poses.map(mirrored) : undefined

/**
 * What moves in a variant on a body: its figure at any second of the work. Both ways of an alternating movement are placed once.
 */
export function motionOf(variant: Pick<Variant, 'poses' | 'room' | 'tempo' | 'side'>, body: Body = REFERENCE_BODY) {
  const one = stage(variant.poses, body, variant.room)
  const mirroredPoses = otherSide(variant)
  const other = mirroredPoses && stage(mirroredPoses, body, variant.room, one)
  // a gait comes back by the next step, not by undoing the last
  const gait = one.length === 2 && !other && showsBothSides(variant.poses) ? stage(variant.poses.map(mirrored), body, variant.room, one) : undefined
  const { out, stay, back, rest } = variant.tempo
  const whole = out + stay + back + rest
  return {
    /** seconds after which it repeats */
    period: other ? 2 * whole : whole,
    ends: [...one, ...(other ?? [])],
    at: (second: number): Figure => {
      const figures = other && Math.floor(second / whole) % 2 !== 0 ? other : one
      if (figures.length === 1) return figures[0]!
      if (gait && second % whole >= out + stay) return stagedBetween(gait[0]!, gait[1]!, 1 - shareAt(variant.tempo, second))
      const along = shareAt(variant.tempo, second) * (figures.length - 1)
      const index = Math.min(figures.length - 2, Math.floor(along))
      return stagedBetween(figures[index]!, figures[index + 1]!, along - index)
    },
  }
}

/** Seconds of a breath in, or out, that can be followed without hurry and without holding. */
const PHASE = { least: 2, most: 6 }
/** A pause this long is breathed through. */
const HELD_FROM = 2
/** A repetition up to this length is a step: one breath goes over four of them. */
const STEP_SECONDS = 2.5
const STEPS_A_BREATH = 4

/**
 * Whether the breath goes in or out at a moment, by the breath cue: out on the effort unless it begins with "In". Undefined where the
 * movement gives the breath no phases of its own: holds and stretches are breathed through.
 *
 * @param second s from the start of the work
 */
export function breathAt(variant: Pick<Variant, 'tempo' | 'cues'>, second: number): 'in' | 'out' | undefined {
  const { out, stay, back, rest } = variant.tempo
  const whole = out + stay + back + rest
  const cue = variant.cues.breath.trim()
  if (whole <= STEP_SECONDS) {
    const breath = STEPS_A_BREATH * whole
    return second % breath < breath / 2 ? 'in' : 'out'
  }
  const phases = [out + stay, back + rest]
  if (stay >= HELD_FROM || !/\b(in|out)\b/i.test(cue) || phases.some((seconds) => seconds < PHASE.least || seconds > PHASE.most)) return undefined
  const leaving = ((second % whole) + whole) % whole < out + stay
  return leaving === !/^in\b/i.test(cue) ? 'out' : 'in'
}

const WORDS = {
  stand: 'standing',
  seat: 'sitting on a chair',
  supine: 'lying on the back with bent knees',
  prone: 'lying face down',
  side: 'lying on the side',
  incline: 'lying with the trunk raised',
  quadruped: 'on hands and knees',
  kneel: 'kneeling',
  longSit: 'sitting with legs stretched out',
  plank: 'leaning on straight arms and toes',
} as const

/** The picture in words, for those who do not see it. */
export const describePicture = (movement: Pick<Movement, 'name'>, variant: Variant): string =>
  `${movement.name}, ${variant.name}: a person ${WORDS[tellingPose(variant).stance]}. ${variant.cues.do}`
