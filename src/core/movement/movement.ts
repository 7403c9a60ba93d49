import type { Pose, PropKind, Room, Yaw } from '../body'
import type { Kit } from '../vocabulary'
import type { AttributeName, PlannedDemands, Purpose } from './demands'

export const MUSCLES = [
  'neck',
  'shoulders',
  'rotator-cuff',
  'upper-back',
  'lower-back',
  'chest',
  'biceps',
  'triceps',
  'forearms-hands',
  'abdominals',
  'obliques',
  'pelvic-floor',
  'hip-flexors',
  'glutes',
  'outer-hip',
  'inner-thigh',
  'quadriceps',
  'hamstrings',
  'calves',
  'shins',
  'feet',
] as const
export type Muscle = (typeof MUSCLES)[number]
/** Muscles of the arms with what carries them, and those of the legs: the others are of the trunk. */
export const ARM_MUSCLES: readonly Muscle[] = ['shoulders', 'rotator-cuff', 'biceps', 'triceps', 'chest', 'upper-back', 'forearms-hands']
export const LEG_MUSCLES: readonly Muscle[] = [
  'hip-flexors',
  'glutes',
  'outer-hip',
  'inner-thigh',
  'quadriceps',
  'hamstrings',
  'calves',
  'shins',
  'feet',
]

/** How a dose counts: repetitions, seconds of work, a held position, or breaths (one breath = 5 s unless the class says otherwise). */
export interface Dose {
  sets: number
  /** per side when the sides take turns */
  reps?: number
  /** seconds of work, per side when one side follows the other */
  workSeconds?: number
  /** seconds held in each repetition; 0 = moving */
  holdSeconds: number
  restSeconds: number
  /** kg per hand or limb; for a band the peak pull in kg */
  loadKg: number
  /** intended exertion, 0 to 10 */
  rpe: number
  /** s of one whole repetition where somebody says so, and of its faster way; else the movement's own */
  repSeconds?: number
  fastestSeconds?: number
}

/** Both limbs together, sides in turn within a set, or one whole side after the other. */
export const SIDE_USES = ['both', 'alternating', 'one-then-other', 'left', 'right'] as const
export type SideUse = (typeof SIDE_USES)[number]

/** Seconds of each part of a repetition. */
export interface Tempo {
  out: number
  stay: number
  back: number
  rest: number
}

/** How a group does one repetition: what its length follows from when nobody says otherwise. `as-written`: by its own tempo. */
export const TEMPO_CLASSES = ['on-the-beat', 'jump-or-punch', 'single-joint', 'whole-body', 'two-moves', 'breath', 'as-written'] as const
export type TempoClass = (typeof TEMPO_CLASSES)[number]

/** What kind of movement it is. */
export const PATTERNS = ['push', 'pull', 'hinge', 'squat', 'lunge', 'carry', 'rotate', 'step', 'balance', 'reach', 'breathe'] as const
export type Pattern = (typeof PATTERNS)[number]

/** What it serves in everyday life, as a kind; `everyday` says it in words. */
export const EVERYDAY_FUNCTIONS = [
  'getting-up',
  'walking',
  'stairs',
  'staying-steady',
  'turning',
  'looking-round',
  'reaching',
  'lifting',
  'hands',
  'dressing',
  'moving-in-bed',
  'to-the-floor',
  'standing-tall',
  'calming-down',
] as const
export type EverydayFunction = (typeof EVERYDAY_FUNCTIONS)[number]

/** What cannot be seen in a pose and is declared. */
export type DeclaredDemands = Partial<
  Pick<
    PlannedDemands,
    | 'transferLevel'
    | 'travel'
    | 'impactLevel'
    | 'balanceDemand'
    | 'eyesClosed'
    | 'fallContactRisk'
    | 'spinalLoaded'
    | 'twistEndRange'
    | 'gripDemand'
    | 'wristExtLoad'
    | 'kneelingLoad'
    | 'ankleLoad'
    | 'abdominalPressure'
    | 'breathHoldRisk'
    | 'endRangeStretch'
    | 'met'
    | 'cognitiveLoad'
    | 'externalLoadType'
    | 'loadLimb'
    | 'headTurn'
    | 'kneeFlexionLoadedDeg'
    | 'cueChannel'
  >
>

export interface Cues {
  setup: string
  do: string
  breath: string
  watch: string
}

export interface Variant {
  /** `movement/variant` */
  id: string
  name: string
  /** what is harder than on the step below; empty on the lowest step */
  step: string
  poses: readonly Pose[]
  tempo: Tempo
  tempoClass: TempoClass
  side: SideUse
  kit: readonly Kit[]
  props: readonly PropKind[]
  room: Room
  view: Yaw
  /** index of the pose that tells the movement when it stands still */
  still: number
  declared: DeclaredDemands
  cues: Cues
  dose: Dose
}

export interface Movement {
  id: string
  name: string
  purpose: Purpose
  /** Where in a class it belongs. */
  phase: 'warm-up' | 'main' | 'cool-down' | 'any'
  main: readonly Muscle[]
  helping: readonly Muscle[]
  /** What it is good for in everyday life, in words to say. */
  everyday: string
  /** the kind of movement, the leading one first */
  pattern: readonly Pattern[]
  serves: EverydayFunction
  /** ids of movements that go well before or after it: the opposite, or the same in another way */
  partners: readonly string[]
  /** Demands that rise from step to step; a test compares neighbours on them. */
  gradedBy: readonly AttributeName[]
  /** Gentlest first. */
  variants: readonly Variant[]
}
