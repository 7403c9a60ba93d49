import type { AttributeName } from '../movement/demands'
import type { Evidence, RuleOutcome } from './condition'
import type { Residual } from './residual'
import type { Rule } from './ruleBase'

/** A rule for one person on one day: person and condition filled in; it still reads the variant and the session. */
export interface CompiledRule {
  rule: Rule
  /** what it says when it fires; the same object every time */
  hit: Hit
  condition: string
  via?: string
  /** place among all rules of the person, in the order of the rule base */
  order: number
  residual: Residual
  must: Residual
  /** `must` as an acceptance test for a calmer held position (0.3 step 7) */
  mustFor: (balanceDemand: number) => Residual
}

/** A rule or a limit that fires on a variant. */
export interface Hit {
  id: string
  then: RuleOutcome
  condition: string
  via?: string
  /** the person has no such condition: they are sore there today */
  today?: true
  why: string
  offer?: string
  cue?: string
  evidence: Evidence
  sources: string[]
  contested?: string
  omit: boolean
  /** rank of the harm that it guards against; greater is explained first among equals */
  harm: number
  /** Implicit limit rules have the attribute they read and the value they allow. */
  limit?: { attribute: AttributeName; planned: number; allowed: number; from: string[] }
  /** The rule that fired; absent for limits. */
  compiled?: CompiledRule
}

const STRENGTH: Record<RuleOutcome, number> = { avoid: 3, modify: 2, caution: 1, prefer: 0 }

/**
 * Principle P6: life or organ > fracture, dislocation, pregnancy > nerve > tissue flare > comfort.
 * The rank of a condition's group decides which of two equal verdicts is explained first.
 */
const HARM_BY_GROUP: Record<string, number> = {
  'heart-circulation': 5,
  lung: 5,
  metabolic: 5,
  bone: 4,
  perinatal: 4,
  'surgery-cancer': 4,
  neuro: 3,
  'eye-ear-balance': 3,
  function: 3,
  spine: 2,
  'lower-limb': 2,
  'upper-limb': 2,
  'systemic-pain-joint': 2,
  other: 2,
  general: 1,
}

export const harmOf = (group: string): number => HARM_BY_GROUP[group] ?? 0

/** The deciding hit first: strength, then closing the purpose, then harm. */
export const byImportance = (a: Hit, b: Hit): number => STRENGTH[b.then] - STRENGTH[a.then] || Number(b.omit) - Number(a.omit) || b.harm - a.harm
