import { type Body, type Drawing, draw, interpolate, type Pose, REFERENCE_BODY, solve, type Yaw } from '../body'
import type { Movement, Variant } from './movement'

/** The pose that tells the movement when it stands still. */
export const tellingPose = (variant: Pick<Variant, 'poses' | 'still'>): Pose => variant.poses[variant.still]!

/** One still picture of a variant. */
export const pictureOf = (variant: Variant, body: Body = REFERENCE_BODY, pose = tellingPose(variant), view: Yaw = variant.view): Drawing =>
  draw(solve(pose, body, variant.room), view, variant.props)

const ease = (t: number) => t * t * (3 - 2 * t)

/**
 * The pose at a moment of a repetition, following the tempo: out through the poses, stay, back, rest.
 *
 * @param second seconds since the repetition began; repeats
 */
export function poseAt(variant: Pick<Variant, 'poses' | 'tempo'>, second: number): Pose {
  const { out, stay, back, rest } = variant.tempo
  const whole = out + stay + back + rest
  const at = ((second % whole) + whole) % whole
  const share = at < out ? at / out : at < out + stay ? 1 : at < out + stay + back ? 1 - (at - out - stay) / back : 0
  const along = ease(Math.min(1, Math.max(0, share))) * (variant.poses.length - 1)
  const index = Math.min(variant.poses.length - 2, Math.floor(along))
  return variant.poses.length === 1 ? variant.poses[0]! : interpolate(variant.poses[index]!, variant.poses[index + 1]!, along - index)
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
