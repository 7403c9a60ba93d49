import type { PlannedDemands } from '../movement'
import type { ConditionFields, PersonFields, SessionFields } from './fields'

/** A condition as the record holds it: what is left out is unknown. `today`: it is in no record, somebody is sore there on the day. */
export type RecordedCondition = { slug: string; today?: 'sore' } & Partial<ConditionFields>

/** A clinician's written individual plan: loosens the rules of one condition for one named movement until its date (principle P8). */
export interface IndividualPlan {
  condition: string
  movement: string
  note: string
}

/** The instructor's own word on one variant, given on the day for a dose and a hold; it reaches no further than these. */
export interface Overrule {
  variant: string
  reason: string
  by: string
  /** what it was given for */
  upTo: OverruledDose
}

/** The parts of a prescription that an overrule was given for: upper ends, and whether hand support was in reach. */
export interface OverruledDose {
  sets: number
  loadKg: number
  rpe: number
  holdSeconds: number
  reps: number
  supportInReach: boolean
}

/** What an overrule holds for when it is given at these demands and sets. */
export const overruledDose = (
  { externalLoadKg, intendedRpe, isometricHoldSec, reps }: PlannedDemands,
  sets: number,
  supportInReach: boolean,
): OverruledDose => ({ sets, loadKg: externalLoadKg, rpe: intendedRpe, holdSeconds: isometricHoldSec, reps, supportInReach })

/** What is known of a person on the day; unknown fields are left out. */
export type PersonFacts = Partial<PersonFields> & {
  conditions: readonly RecordedCondition[]
  /** conditions that the rule base does not hold, in words */
  unlisted?: readonly string[]
  individualPlans?: readonly IndividualPlan[]
  overrules?: readonly Overrule[]
}
export type SessionFacts = Partial<SessionFields>
