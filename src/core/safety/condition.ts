import type { AttributeName } from '../movement/demands'

/** Result of a rule that fires. Strength: avoid > modify > caution > prefer. */
export type RuleOutcome =
  /** the variant is not for this person */
  | 'avoid'
  /** the variant with something changed */
  | 'modify'
  /** as it is, with words to say */
  | 'caution'
  /** wanted: ranks the survivors, never loosens */
  | 'prefer'

export type GateOutcome =
  /** stop signs: emergency plan */
  | 'emergency'
  /** no class today */
  | 'not-today'
  /** written agreement of a clinician first */
  | 'clearance-first'
  /** closed until the person has answered the question in the text */
  | 'ask'
  /** correct, check again, then go */
  | 'hold'
  /** attend under further limits */
  | 'limits'

export type Evidence = 'guideline' | 'trial-or-review' | 'expert-consensus' | 'common-practice'
/** How well a rule is founded. */
export const EVIDENCE_WORDS: Record<Evidence, string> = {
  guideline: 'guideline',
  'trial-or-review': 'trial or review',
  'expert-consensus': 'expert consensus',
  'common-practice': 'common practice, no source claimed',
}

/** Dose limits. Lowest wins for caps and maxima, highest for rests and minutes of warm-up. Units are in the names; `hr` is text for display. */
export interface Limits {
  rpeCap?: number
  holdMaxSec?: number
  supineMaxMin?: number
  maxMet?: number | string
  loadMaxKg?: number
  sessionMaxMin?: number
  stretchMaxSec?: number
  restMult?: number
  warmMin?: number
  coolMin?: number
  pauseSec?: number
  hr?: string
}

export interface RuleDefinition {
  id: string
  if: string
  then: RuleOutcome
  why: string
  offer?: string
  must?: string
  cue?: string
  ev: Evidence
  src: string[]
  omit?: boolean
  contested?: string
}

export interface GateDefinition {
  id: string
  if: string
  outcome: GateOutcome
  set?: Limits
  text: string
}

export const CONDITION_GROUPS = [
  'general',
  'bone',
  'spine',
  'upper-limb',
  'lower-limb',
  'systemic-pain-joint',
  'perinatal',
  'heart-circulation',
  'lung',
  'metabolic',
  'eye-ear-balance',
  'neuro',
  'function',
  'surgery-cancer',
  'other',
] as const

/** Medicines that change how effort is read or what a fall means; the record asks about each. */
export const MEDICINES = ['betaBlocker', 'bloodThinner', 'insulinOrSulfonylurea'] as const
export type Medicine = (typeof MEDICINES)[number]

/** Parts of the body that can be sore on a day. */
export const BODY_PARTS = [
  'head',
  'neck',
  'shoulder',
  'chest',
  'upper-back',
  'elbow',
  'hand',
  'belly',
  'low-back',
  'hip',
  'thigh',
  'knee',
  'shin',
  'foot',
] as const
export type BodyPart = (typeof BODY_PARTS)[number]

/** What brings a condition in beside a record of its own. */
export type Addition =
  | { by: 'always' }
  /** completed years */
  | { by: 'age'; from: number }
  | { by: 'gestation' }
  /** in the 52 weeks after a birth; with `kind` only after a birth of that kind, in place of the one without */
  | { by: 'birth'; kind?: 'caesarean' }
  /** today's answers at the door */
  | { by: 'unwell' }
  /** only by being sore somewhere today */
  | { by: 'sore' }
  | { by: 'medicine'; medicine: Medicine }

/**
 * One row of a table of stages that follow the weeks (rule base 1.5a); the first row that fits decides.
 * `recorded`: left out = whatever is recorded, empty = nothing is recorded. `weeks`: completed weeks, from and to inclusive, known.
 */
export interface StageRow {
  recorded?: readonly string[]
  weeks?: readonly [from: number, to?: number]
  cleared?: boolean
  use: string | 'as-recorded'
}

/** A question to put to the person, quietly and away from the others, when the field is not on file. */
export interface Question {
  /** `c.` or `p.` field */
  field: string
  text: string
  /** what a yes sets a yes-or-no field to; true unless said otherwise */
  yesSets?: boolean
}

/** How a body answers to work, beside its age (rule base 3.6): factors on what healthy people of the age have; all estimates. */
export interface BodyResponse {
  /** of the energy that can be spent at most */
  capacity: number
  /** s in which two thirds of a rise, and of a fall, of the pulse are done; in place of those of the age */
  onSec: number
  offSec: number
  /** on these seconds */
  onFactor: number
  offFactor: number
  /** of the rise of the pulse */
  rise: number
}

export interface ConditionDefinition {
  slug: string
  name: string
  group: (typeof CONDITION_GROUPS)[number]
  /** Parents whose rules, gates and limits apply with this condition's own fields. */
  inherits?: string[]
  /** Allowed stages or kinds, strictest first; unknown = the first. */
  variants: string[]
  variantNotes?: string
  /** What "symptomatic" means for this condition. */
  symptomaticMeans?: string
  addedBy?: Addition
  /** somebody who is sore in one of these parts is judged by it for the day, at this stage, and told so in these words and not as a diagnosis */
  soreHere?: { parts: readonly BodyPart[]; variant: string; why: string }
  /** it goes with the pregnancy, or with the year after a birth, whatever is recorded (0.3 step 1) */
  lasts?: 'gestation' | 'birth-year'
  /** stages that follow the weeks since the event */
  stages?: readonly StageRow[]
  /** predicate: no pulse formula may be used (3.1) */
  noPulseFormula?: string
  /** how the pulse and the breath answer to work (3.6); of several that hold the strictest part of each */
  response?: readonly ({ when: string } & Partial<BodyResponse>)[]
  /** two of these recorded, each at its strictest, make `p.dualSensoryLoss` (1.5) */
  senseLost?: 'sight' | 'hearing'
  /** yes-or-no fields of the person that are true while the predicate is, unless answered (1.5) */
  implies?: readonly { field: 'coning'; when: string }[]
  /** defaults of `c.` fields that depend on the stage (1.5) */
  fieldDefaults?: readonly { when: string; field: string; value: boolean }[]
  /** nothing is ever made harder by the log (5.2 D6) */
  neverProgress?: true
  /** pain in class above which nothing is made harder, 0 to 10, where it is less than the 3 of everybody (5.3) */
  progressPainMax?: number
  clearance: { need: 'none' | 'advised' | 'required'; requiredWhen?: string; validMonths: number; voidIf?: string }
  /** while it is true, advised clearance is not missed (0.1) */
  stableWhen?: string
  asks?: readonly Question[]
  rationale: string
  limits?: Limits
  limitsWhen?: { when: string; set: Limits }[]
  gates?: GateDefinition[]
  rules: RuleDefinition[]
  stop?: string[]
}

/** The limits that are numbers, with the way two of them merge. */
export const LIMIT_MERGE = {
  rpeCap: 'lowest',
  holdMaxSec: 'lowest',
  supineMaxMin: 'lowest',
  maxMet: 'lowest',
  loadMaxKg: 'lowest',
  sessionMaxMin: 'lowest',
  stretchMaxSec: 'lowest',
  restMult: 'highest',
  warmMin: 'highest',
  coolMin: 'highest',
  pauseSec: 'highest',
} as const satisfies Partial<Record<keyof Limits, 'lowest' | 'highest'>>
export type LimitName = keyof typeof LIMIT_MERGE

/** Attribute that an implicit limit rule reads and changes (rule base 0.3 step 4 and 6b). */
export const LIMIT_ATTRIBUTE: Record<string, AttributeName> = {
  'LIM-hold': 'isometricHoldSec',
  'LIM-stretch': 'isometricHoldSec',
  'LIM-rpe': 'intendedRpe',
  'PEND-rpe': 'intendedRpe',
  'LIM-supine': 'supineMin',
  'LIM-met': 'met',
  'LIM-load': 'externalLoadKg',
  'PEND-impact': 'impactLevel',
}
