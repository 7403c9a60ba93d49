/**
 * The forty-one demand attributes, the dose fields and the tags that every planned variant carries.
 * Scales, neutral values and tunability follow section 1 of the rule base (docs/safety.md).
 */

export const BASE_POSITIONS = [
  'seated-back-supported',
  'seated-unsupported',
  'bed-edge-sitting',
  'standing-two-hand',
  'standing-one-hand',
  'standing-free',
  'floor-supine',
  'bed-supine',
  'incline-supine',
  'bed-incline',
  'side-lying',
  'bed-side-lying',
  'floor-prone',
  'bed-prone',
  'hands-and-knees',
  'kneeling',
  'long-sitting',
  'bed-long-sitting',
] as const
export type BasePosition = (typeof BASE_POSITIONS)[number]

export const FAMILIES = {
  seated: ['seated-back-supported', 'seated-unsupported', 'bed-edge-sitting'],
  standing: ['standing-two-hand', 'standing-one-hand', 'standing-free'],
  supine: ['floor-supine', 'bed-supine'],
  incline: ['incline-supine', 'bed-incline'],
  sideLying: ['side-lying', 'bed-side-lying'],
  prone: ['floor-prone', 'bed-prone'],
  quadruped: ['hands-and-knees'],
  kneeling: ['kneeling'],
  longSitting: ['long-sitting', 'bed-long-sitting'],
} as const satisfies Record<string, readonly BasePosition[]>
export type Family = keyof typeof FAMILIES

const FAMILY_OF = Object.fromEntries(Object.entries(FAMILIES).flatMap(([family, bases]) => bases.map((base) => [base, family]))) as Record<
  BasePosition,
  Family
>

/** Position family of a base position (rule base 1.4). */
export const familyOf = (base: BasePosition): Family => FAMILY_OF[base]

export const TRAVELS = ['none', 'on-spot', 'forward', 'sideways', 'backward', 'turn-in-place', 'mixed'] as const
export const LOAD_TYPES = ['none', 'bodyweight', 'band', 'dumbbell', 'cuff', 'ball', 'bar', 'partner', 'platform'] as const
export const PURPOSES = [
  'mobility',
  'strength-legs',
  'strength-arms',
  'strength-trunk',
  'power',
  'balance',
  'aerobic',
  'flexibility',
  'coordination',
  'relaxation',
  'pelvic-floor',
] as const
export type Purpose = (typeof PURPOSES)[number]
export const SIDES = ['left', 'right', 'both', 'alternating'] as const
export const CUE_CHANNELS = ['visual', 'auditory', 'both', 'tactile-needed'] as const
export const LOAD_LIMBS = ['arm', 'leg', 'trunk', 'none'] as const

/** How far an instructor may change the attribute without making another variant. */
export type Tunability =
  /** tunable by word, prop or dose */
  | 'tunable'
  /** tunable downward only, within the same position */
  | 'downward'
  /** changing it makes another variant */
  | 'structural'

interface Common {
  label: string
  /** What the instructor sees; for `scale`, the words of each step. */
  seen: string
  tune: Tunability
}
export type AttributeDefinition = Common &
  (
    | { kind: 'enum'; values: readonly string[]; neutral: string | null }
    | { kind: 'flag'; neutral: boolean }
    /** `scale` is a whole number from 0 to `max`, each step with its own words; others are quantities with a unit. */
    | {
        kind: 'number'
        unit: 'deg' | 's' | 'min' | 'kg' | 'MET' | '0-10' | 'reps' | 'step'
        min: number
        max: number
        neutral: number
        steps?: readonly string[]
      }
  )

type Flag = Extract<AttributeDefinition, { kind: 'flag' }>
type Quantity = Extract<AttributeDefinition, { kind: 'number' }>
type Choice = Extract<AttributeDefinition, { kind: 'enum' }>

const flag = (label: string, seen: string): Flag => ({ kind: 'flag', label, seen, tune: 'tunable', neutral: false })
const degrees = (label: string, seen: string, max = 180): Quantity => ({
  kind: 'number',
  unit: 'deg',
  label,
  seen,
  tune: 'tunable',
  min: 0,
  max,
  neutral: 0,
})
const scale = (label: string, seen: string, steps: readonly string[], tune: Tunability = 'tunable', neutral = 0): Quantity => ({
  kind: 'number',
  unit: 'step',
  label,
  seen,
  tune,
  min: 0,
  max: steps.length - 1,
  neutral,
  steps,
})
const quantity = (
  unit: 's' | 'min' | 'kg' | 'MET' | '0-10' | 'reps',
  label: string,
  seen: string,
  neutral: number,
  max: number,
  tune: Tunability = 'tunable',
): Quantity => ({ kind: 'number', unit, label, seen, tune, min: 0, max, neutral })
const choice = (label: string, seen: string, values: readonly string[], neutral: string | null, tune: Tunability = 'tunable'): Choice => ({
  kind: 'enum',
  label,
  seen,
  tune,
  values,
  neutral,
})

/** D01 to D41 of the rule base, in its order. */
export const DEMAND_ATTRIBUTES = {
  basePosition: choice('Base position', 'What the body rests on at the hardest moment', BASE_POSITIONS, null, 'structural'),
  transferLevel: scale(
    'Getting there',
    'How they get into and out of the start position',
    [
      'none',
      'a shuffle or roll',
      'chair to standing, or in and out of bed',
      'to and from the floor with furniture',
      'to and from the floor without support',
    ],
    'structural',
  ),
  travel: choice('Travel', 'Do the feet leave their start area? Any pivot?', TRAVELS, 'none'),
  impactLevel: scale('Impact', 'Listen for the landing', [
    'no landing',
    'soft step, one foot down, a held low step down',
    'brisk step, stamp or heel drop',
    'jump, hop or run',
  ]),
  baseWidth: scale('Width of base', 'The gap between the feet', [
    'seated or lying',
    'wider than the shoulders',
    'hip width',
    'feet together or semi-tandem',
    'heel to toe',
    'one foot',
  ]),
  singleLegSec: quantity('s', 'One-leg time', 'Seconds with one foot, or one knee on all fours, carrying alone', 0, 300),
  balanceDemand: scale('Balance', 'Would a small nudge make them step?', [
    'lying or back supported',
    'sitting free, or standing with two hands',
    'one hand, or free and still at hip width',
    'free with steps or weight shift',
    'heel to toe or one leg with a hand',
    'one leg free, or an unstable surface',
  ]),
  headTurn: scale('Head movement', 'How far the head moves on the trunk', [
    'still',
    'slow, up to 30°',
    'to 60° or repeated',
    'over 60°, fast, or circles',
  ]),
  neckExtensionDeg: degrees('Looking up', 'Level gaze is 0, top of the wall 20 to 30, ceiling 50 and more', 90),
  eyesClosed: flag('Eyes closed', 'Are the eyes closed or covered?'),
  tempo: scale('Tempo', 'Seconds in each direction', ['held', 'slow, 3 s or more', 'moderate, 1 to 2 s', 'fast, under 1 s'], 'tunable', 1),
  fallContactRisk: scale(
    'Fall or contact',
    'What happens if it goes wrong',
    [
      'lying or back supported',
      'sitting free, at fixed support, or a held low step',
      'free standing, stepping, a free low step, jumping on the spot',
      'contact, unstable surface, a high step, jumping that travels',
    ],
    'downward',
  ),
  spinalFlexionDeg: degrees('Rounding of the back', 'Hip crease folds with a flat back is 0', 120),
  spinalLoaded: flag('Bent spine carries load', 'Weight in the hands, or the trunk lifted or lowered, while bent or twisted'),
  twistDeg: degrees('Twist', 'Breastbone against the front of the pelvis', 90),
  twistEndRange: flag('Twist to the end', 'Do the hands pull the body round?'),
  spinalExtensionDeg: degrees('Bending back', 'Ribs flare, the low back hollow deepens', 60),
  sideBendDeg: degrees('Side bend', 'Shoulder line tilts against the pelvis', 60),
  headBelowHeartSec: quantity('s', 'Head below heart', 'Ear lower than armpit', 0, 600, 'downward'),
  overheadReachDeg: degrees('Arms raised in front', 'Upper arm against the trunk from the side'),
  shoulderAbductionDeg: degrees('Arms raised sideways', 'Upper arm from the front'),
  combinedAbdER: flag('Goal-post arms', 'Elbow level with the shoulder and hand behind the elbow'),
  shoulderExtensionDeg: degrees('Arms behind', 'Elbow behind the ribs from the side', 90),
  gripDemand: scale('Grip', 'White knuckles, shaking forearm', [
    'open hand',
    'strap, thick soft handle or loose fist',
    'held 1 to 3 kg, a bare band, or a firm fist',
    'over 3 kg, a clenched fist, or over 60 s',
  ]),
  wristExtLoad: scale(
    'Weight through the wrist',
    'Weight on the heel of a bent-back hand',
    [
      'none',
      'hands flat on a wall, thighs or chair arms, palms together',
      'counter lean, chair dip, hands and knees, palms pressed hard',
      'plank, push-up, one arm',
    ],
    'downward',
  ),
  hipFlexionDeg: degrees('Hip bend', 'Thigh to trunk from the side; upright on a chair is 90', 150),
  hipAdductionPastMidline: flag('Leg crosses the midline', 'Ankles or knees cross'),
  hipInternalRotationDeg: degrees('Hip turned in', 'Toes and kneecap turn in', 90),
  hipExtensionDeg: degrees('Thigh behind', 'Back leg behind the pelvis, trunk upright', 60),
  hipExternalRotationDeg: degrees('Hip turned out', 'Ankle on knee is 45 or more', 90),
  hipAbductionDeg: degrees('Legs apart', 'Per leg; a shoulder-width stance is about 10', 90),
  kneeFlexionLoadedDeg: degrees('Knee bend under weight', 'Standing up from a standard chair is 90', 150),
  kneelingLoad: scale(
    'Kneeling',
    'Is the kneecap on the floor, for how long, on what',
    ['none', 'padded and short, or all fours on a pad', 'bare, tall kneeling, or over 60 s'],
    'downward',
  ),
  ankleLoad: scale('Ankle', 'Heel height and number of feet', [
    'none',
    'seated heel or toe raise',
    'two-leg heel raise',
    'one-leg raise, hop, deep bend',
  ]),
  abdominalPressure: scale(
    'Pressure on the belly wall',
    'A ridge down the midline, bearing down',
    ['none', 'light', 'moderate: bird-dog, wall plank', 'high: curl-up, full plank'],
    'downward',
  ),
  breathHoldRisk: scale('Breath holding', 'Cannot say three words; a red face', [
    'flows with breath',
    'slight',
    'likely',
    'near certain, or planned for over 5 s',
  ]),
  endRangeStretch: flag('Stretch at end of range', 'Stops because tissue is tight'),
  met: quantity('MET', 'Energy', 'Full sentences about 1.3 to 3, phrases 3 to 5', 1.3, 15),
  cognitiveLoad: scale('Thinking', 'Steps to remember', [
    'one simple action',
    'two-part pattern',
    'three or four parts',
    'added task or quick changes',
  ]),
  externalLoadType: choice('Load', 'What is held or pushed', LOAD_TYPES, 'none'),
  headSweep: scale('Head carried', 'How far the trunk carries the head through the room', [
    'up to 10°',
    'slow, up to 30°',
    'to 60°, or repeated',
    'over 60°, or faster than 1 s',
  ]),
} as const satisfies Record<string, AttributeDefinition>

/** Dose fields and tags (1.2, 1.3) with the neutral values used for a field that a set leaves out. */
export const DOSE_ATTRIBUTES = {
  isometricHoldSec: quantity('s', 'Hold', 'Seconds per hold, a pause inside a repetition too; 0 is moving', 0, 600),
  supineMin: quantity('min', 'Flat on the back', 'Unbroken minutes, rest and talk included; in a class worked out from the timeline', 0, 240),
  externalLoadKg: quantity('kg', 'Load', 'Per hand or limb; for a band the peak pull', 0, 60),
  intendedRpe: quantity('0-10', 'Effort', '0 rest, 3 moderate, 5 hard, 10 most', 2, 10),
  reps: quantity('reps', 'Repetitions', 'Per set', 8, 200),
} as const satisfies Record<string, AttributeDefinition>

export const TAG_ATTRIBUTES = {
  purpose: choice('Purpose', 'What it is for', PURPOSES, 'mobility', 'structural'),
  side: choice('Side', 'Which limbs work', SIDES, 'both', 'structural'),
  cueChannel: choice('How it is taught', 'By showing, by words, or by touch', CUE_CHANNELS, 'both'),
  loadLimb: choice('Load acts on', 'Where the load acts', LOAD_LIMBS, 'none', 'structural'),
} as const satisfies Record<string, AttributeDefinition>

export const ATTRIBUTES = { ...DEMAND_ATTRIBUTES, ...DOSE_ATTRIBUTES, ...TAG_ATTRIBUTES }
export type AttributeName = keyof typeof ATTRIBUTES
export const ATTRIBUTE_NAMES = Object.keys(ATTRIBUTES) as AttributeName[]

export const isAttributeName = (name: string): name is AttributeName => Object.hasOwn(ATTRIBUTES, name)
export const attribute = (name: AttributeName): AttributeDefinition => ATTRIBUTES[name]

interface EnumValues {
  basePosition: BasePosition
  travel: (typeof TRAVELS)[number]
  externalLoadType: (typeof LOAD_TYPES)[number]
  purpose: Purpose
  side: (typeof SIDES)[number]
  cueChannel: (typeof CUE_CHANNELS)[number]
  loadLimb: (typeof LOAD_LIMBS)[number]
}

/** One variant as planned: its demands, its dose and its tags, every attribute present. */
export type PlannedDemands = {
  [K in AttributeName]: K extends keyof EnumValues ? EnumValues[K] : (typeof ATTRIBUTES)[K] extends { kind: 'flag' } ? boolean : number
}
/** What a person may write down: neutral values left out, the base position always given. */
export type DemandsInput = Partial<PlannedDemands> & Pick<PlannedDemands, 'basePosition'>

const NEUTRAL = Object.fromEntries(ATTRIBUTE_NAMES.map((name) => [name, ATTRIBUTES[name].neutral]))

/** Fills the attributes that were left out with their neutral values. */
export const completeDemands = (input: DemandsInput): PlannedDemands => ({ ...NEUTRAL, ...input }) as PlannedDemands

/** Place of each attribute in an encoded vector. */
export const SLOT = Object.fromEntries(ATTRIBUTE_NAMES.map((name, index) => [name, index])) as Record<AttributeName, number>

/** One attribute value as a number: flags 0/1, enum values by their place in the list. */
export function encodeValue(name: AttributeName, value: string | number | boolean): number {
  const definition = attribute(name)
  if (definition.kind !== 'enum') return Number(value)
  const place = definition.values.indexOf(String(value))
  if (place < 0) throw new Error(`${name} has no value "${value}"`)
  return place
}

export function decodeValue(name: AttributeName, code: number): string | number | boolean {
  const definition = attribute(name)
  if (definition.kind === 'enum') return definition.values[code]!
  return definition.kind === 'flag' ? code !== 0 : code
}

/** The planned demands as a vector of numbers, the form that compiled rules read. */
export function encodeDemands(planned: PlannedDemands): Float64Array {
  const vector = new Float64Array(ATTRIBUTE_NAMES.length)
  ATTRIBUTE_NAMES.forEach((name, index) => {
    vector[index] = encodeValue(name, planned[name])
  })
  return vector
}
