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
  clearance: { need: 'none' | 'advised' | 'required'; requiredWhen?: string; validMonths: number; voidIf?: string }
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
