import { assemble, contextOf, type EvaluatedCondition } from './assemble'
import type { BodyResponse, Limits } from './condition'
import type { IndividualPlan, Overrule, PersonFacts, SessionFacts } from './facts'
import { encodeSession, type PersonFields, type SessionFields, sessionDefaults } from './fields'
import { clearanceOf, closes, type GateHit, gateHit, inOrder, isTrue, type Pending } from './gates'
import { byImportance, type CompiledRule, type Hit, harmOf } from './hit'
import { type LimitSet, type MergedLimits, mergeLimits, PENDING_RPE } from './limits'
import { buildProgram, type Program } from './program'
import { type Residual, specialize } from './residual'
import type { Rule, RuleBase } from './ruleBase'

/** A person on a day, ready to be held against any variant. */
export interface Assessment {
  person: PersonFields
  /** the session as this person finds it, and the same as numbers */
  session: SessionFields
  situation: Float64Array
  conditions: EvaluatedCondition[]
  gates: GateHit[]
  /** The gate that closes the session, strongest first; none when the person may take part. */
  closed?: GateHit
  /** Clearance that is advised and not on file. */
  pending: Pending[]
  /** conditions that the rule base does not hold, in words: cautious limits hold for them */
  unlisted: readonly string[]
  /** what the limits of a pending clearance come from: slugs, and conditions in words */
  pendingFrom: readonly string[]
  groupOf: (slug: string) => string
  limits: MergedLimits
  heartRate: { condition: string; text: string }[]
  /** name of a condition with which no pulse formula may be used */
  noPulseFormula?: string
  /** how the body answers to work, where it is not as in healthy people of the age (3.6) */
  response: Partial<BodyResponse>
  /** sorted, so that what fires comes out with the deciding rule first */
  rules: CompiledRule[]
  /** their conditions, flattened */
  program: Program
  individualPlans: readonly IndividualPlan[]
  overrules: readonly Overrule[]
  stopSigns: string[]
}

/** The strictest part of each: the least capacity and rise, the slowest pulse. */
function strictest(one: Partial<BodyResponse>, other: Partial<BodyResponse>): Partial<BodyResponse> {
  const merged: Partial<BodyResponse> = { ...one }
  for (const [name, value] of Object.entries(other) as [keyof BodyResponse, number][]) {
    const before = merged[name]
    merged[name] = before === undefined ? value : name === 'capacity' || name === 'rise' ? Math.min(before, value) : Math.max(before, value)
  }
  return merged
}

const NOTHING_ASKED: Residual = { kind: 'constant', value: true }

function compileRule(entry: EvaluatedCondition, rule: Rule, person: PersonFields, order: number): CompiledRule | undefined {
  const context = contextOf(person, entry.fields)
  const when = specialize(rule.when, context)
  if (when.kind === 'constant' && !when.value) return undefined
  const { slug, group, soreHere } = entry.condition
  const isSore = entry.presence === 'today'
  const hit: Hit = {
    id: rule.id,
    then: rule.then,
    condition: slug,
    ...(entry.via && { via: entry.via }),
    ...(isSore && { today: true as const }),
    why: (isSore && soreHere?.why) || rule.why,
    ...(rule.offer && { offer: rule.offer }),
    ...(rule.cue && { cue: rule.cue }),
    evidence: rule.ev,
    sources: rule.src,
    ...(rule.contested && { contested: rule.contested }),
    omit: rule.omit ?? false,
    harm: harmOf(group),
  }
  const { must } = rule
  const compiled: CompiledRule = {
    rule,
    hit,
    condition: slug,
    ...(entry.via && { via: entry.via }),
    order,
    residual: when,
    must: must ? specialize(must, context) : NOTHING_ASKED,
    mustFor: (balanceDemand) => (must ? specialize(must, context, { heldMoreThan: { balanceDemand } }) : NOTHING_ASKED),
  }
  hit.compiled = compiled
  return compiled
}

/**
 * Everything about a person on a day that does not depend on the variant: conditions with their stages, gates, merged limits
 * and the rules that can still fire (rule base 0.3, steps 1 to 4).
 *
 * @throws AssessmentError when the age is missing or a condition or stage is not in the rule base
 */
export function assess(base: RuleBase, facts: PersonFacts, sessionFacts: SessionFacts = {}): Assessment {
  const { person, conditions } = assemble(base, facts)
  const given = Object.fromEntries(Object.entries(sessionFacts).filter(([, value]) => value !== undefined))
  const session: SessionFields = { ...sessionDefaults(), ...given }
  const situation = encodeSession(session)

  const gates: GateHit[] = []
  const limitSets: LimitSet[] = []
  const pending: Pending[] = []
  let noPulseFormula: string | undefined
  let response: Partial<BodyResponse> = {}
  for (const entry of conditions) {
    const { condition, fields } = entry
    const standing = { entry, person, session: situation }
    const add = (limits: Limits) => limitSets.push({ from: condition.slug, limits, fields })
    if (condition.limits) add(condition.limits)
    for (const { when, set } of condition.limitsWhen) if (isTrue(when, standing)) add(set)
    for (const gate of condition.gates) {
      if (!isTrue(gate.when, standing)) continue
      gates.push(gateHit(gate, condition.slug))
      if (gate.set) add(gate.set)
    }
    if (condition.noPulseFormula && isTrue(condition.noPulseFormula, standing)) noPulseFormula ??= condition.name
    for (const { when, set } of condition.response) if (isTrue(when, standing)) response = strictest(response, set)
    const clearance = clearanceOf(standing, facts)
    if (clearance.gate) gates.push(clearance.gate)
    if (clearance.pending) pending.push(clearance.pending)
  }
  const unlisted = facts.unlisted ?? []
  const pendingFrom = [...pending.map(({ condition }) => condition), ...unlisted]
  for (const from of pendingFrom) limitSets.push({ from, limits: { rpeCap: PENDING_RPE } })

  const { limits, heartRate } = mergeLimits(limitSets)
  if (person.dayFeel === 'a-bit-off') limits.rpeCap = { value: Math.max(1, limits.rpeCap.value - 1), from: [...limits.rpeCap.from, 'check-in'] }

  const ordered = inOrder(gates)
  const closed = ordered.find(closes)
  // most of the work of an assessment, and lists that only ask who may take part never need it
  let compiled: Pick<Assessment, 'rules' | 'program'> | undefined
  const compile = () => {
    if (compiled) return compiled
    let order = 0
    const rules = conditions
      .flatMap((entry) => entry.condition.rules.flatMap((rule) => compileRule(entry, rule, person, order++) ?? []))
      .sort((one, other) => byImportance(one.hit, other.hit))
    compiled = { rules, program: buildProgram(rules.map(({ residual }) => residual)) }
    return compiled
  }
  return {
    person,
    session,
    situation,
    conditions,
    gates: ordered,
    ...(closed && { closed }),
    pending,
    unlisted,
    pendingFrom,
    groupOf: (slug) => base.conditions.get(slug)?.group ?? 'general',
    limits,
    heartRate,
    ...(noPulseFormula && { noPulseFormula }),
    response,
    get rules() {
      return compile().rules
    },
    get program() {
      return compile().program
    },
    individualPlans: facts.individualPlans ?? [],
    overrules: facts.overrules ?? [],
    stopSigns: [...new Set(conditions.flatMap(({ condition }) => condition.stop ?? []))],
  }
}
