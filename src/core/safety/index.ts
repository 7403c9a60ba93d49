export { type Alternative, alternatives, type Candidate, type SessionFor } from './alternatives'
export { AssessmentError, type EvaluatedCondition, stageOf } from './assemble'
export { type Assessment, assess } from './assess'
export { type Change, changesBetween, type SessionChange, withChanges } from './changes'
export {
  BODY_PARTS,
  type BodyPart,
  type BodyResponse,
  CONDITION_GROUPS,
  type ConditionDefinition,
  EVIDENCE_WORDS,
  type Evidence,
  type GateOutcome,
  LIMIT_MERGE,
  type LimitName,
  type Limits,
  MEDICINES,
  type Medicine,
  type Question,
  type RuleOutcome,
} from './condition'
export {
  type IndividualPlan,
  type Overrule,
  type OverruledDose,
  overruledDose,
  type PersonFacts,
  type RecordedCondition,
  type SessionFacts,
} from './facts'
export {
  CONDITION_FIELDS,
  type ConditionFields,
  contextField,
  encodeSession,
  type FieldDefinition,
  PERSON_FIELDS,
  type PersonFields,
  SESSION_FIELDS,
  SESSION_NAMES,
  SESSION_SLOT,
  type SessionFields,
  type SessionName,
  sessionDefaults,
} from './fields'
export type { GateHit, Pending } from './gates'
export type { CompiledRule, Hit } from './hit'
export {
  demandingHits,
  isAbsolute,
  isSessionHit,
  type Judgement,
  type JudgeOptions,
  judge,
  mustOf,
  type SwapReason,
  underOverrule,
  VERDICTS,
  type Verdict,
} from './judge'
export { type Comparison, type Expression, type Literal, namesIn, PredicateError, parsePredicate } from './predicate'
export { buildProgram, holding } from './program'
export { type Context, holds, type Residual, type Scene, specialize } from './residual'
export { buildRuleBase, type Condition, fieldsRead, namesRead, type Rule, type RuleBase, RuleBaseError } from './ruleBase'
export { changeWords, sayChange } from './words'
