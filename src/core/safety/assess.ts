import { type GateOutcome, LIMIT_MERGE, type LimitName, type Limits } from './condition'
import { type ConditionFields, conditionDefaults, type PersonFields, personDefaults, type SessionFields, sessionDefaults } from './fields'
import { byImportance, type CompiledRule, type Hit, harmOf } from './hit'
import { type Context, type Expression, holds, type Literal, specialize } from './predicate'
import { buildProgram, type Program } from './program'
import type { Condition, Gate, Rule, RuleBase } from './ruleBase'

/** A condition as the record holds it: what is left out is unknown. */
export type RecordedCondition = { slug: string } & Partial<ConditionFields>

/** A clinician's written individual plan: loosens the rules of one condition for one named movement until its date (principle P8). */
export interface IndividualPlan {
  condition: string
  movement: string
  note: string
}

/** The instructor's own word on one variant, given on the day. */
export interface Overrule {
  variant: string
  reason: string
  by: string
}

/** What is known of a person on the day; unknown fields are left out. */
export type PersonFacts = Partial<PersonFields> & {
  conditions: readonly RecordedCondition[]
  individualPlans?: readonly IndividualPlan[]
  overrules?: readonly Overrule[]
}
export type SessionFacts = Partial<SessionFields>

/** How a condition came to be evaluated. */
export type Presence =
  /** in the record */
  | 'recorded'
  /** by age or calendar, without a record of its own */
  | 'added'
  /** through a condition that inherits it */
  | 'inherited'

export interface EvaluatedCondition {
  condition: Condition
  fields: ConditionFields
  presence: Presence
  /** the child through which it was inherited */
  via?: string
}

export interface GateHit {
  id: string
  condition: string
  outcome: GateOutcome
  text: string
}

/** A merged limit with the conditions that set it. */
export interface MergedLimit {
  value: number
  from: string[]
}
export type MergedLimits = Record<LimitName, MergedLimit>

/** A person on a day, ready to be held against any variant. */
export interface Assessment {
  person: PersonFields
  session: SessionFields
  conditions: EvaluatedCondition[]
  gates: GateHit[]
  /** The gate that closes the session, strongest first; none when the person may take part. */
  closed?: GateHit
  /** Conditions whose clearance is advised and not on file. */
  pending: string[]
  limits: MergedLimits
  heartRate: { condition: string; text: string }[]
  /** sorted, so that what fires comes out with the deciding rule first */
  rules: CompiledRule[]
  /** their conditions, flattened */
  program: Program
  individualPlans: readonly IndividualPlan[]
  overrules: readonly Overrule[]
  stopSigns: string[]
}

/** Somebody cannot be judged: the age, which has no default, was not given, or a condition is not in the rule base. */
export class AssessmentError extends Error {
  constructor(
    readonly code: 'age-missing' | 'unknown-condition' | 'unknown-variant',
    readonly detail: string,
  ) {
    super(code === 'age-missing' ? 'the age must be asked before anything can be judged' : `${code}: ${detail}`)
    this.name = 'AssessmentError'
  }
}

const GATE_ORDER: GateOutcome[] = ['emergency', 'not-today', 'clearance-first', 'hold']

/** Stages that follow the weeks since the event, worked out anew for every class (rule base 1.5a). `weeks` undefined = not known. */
function stageByWeeks(slug: string, recorded: string | undefined, weeks: number | undefined, cleared: boolean): string | undefined {
  switch (slug) {
    case 'coronary-disease-cleared':
      if (recorded === undefined) return 'sternotomy-under-12wk'
      if (recorded === 'no-surgery') return recorded
      return weeks !== undefined && weeks >= 12 ? 'sternotomy-over-12wk' : 'sternotomy-under-12wk'
    case 'stoma':
      return weeks !== undefined && weeks >= 12 ? 'over-12wk' : 'under-12wk'
    case 'arm-fracture-healing':
      if (recorded === undefined) return 'shoulder-in-sling'
      if (recorded === 'shoulder-in-sling' || recorded === 'wrist-in-cast') return recorded
      return weeks !== undefined && weeks >= 12 && cleared ? 'healed' : 'cast-off-under-12wk'
    case 'dialysis-fistula':
      if (weeks === undefined) return recorded ?? 'new-under-6wk'
      return weeks < 6 ? 'new-under-6wk' : 'established'
    case 'osteoporosis-vertebral-fracture':
      if (recorded === undefined || (weeks !== undefined && weeks < 12)) return 'recent'
      return recorded
    default:
      return recorded
  }
}

function fieldsOf(condition: Condition, recorded: RecordedCondition | undefined): ConditionFields {
  const known = Object.fromEntries(Object.entries(recorded ?? {}).filter(([name, value]) => name !== 'slug' && value !== undefined))
  if (recorded?.variant !== undefined && !condition.variants.includes(recorded.variant)) {
    throw new AssessmentError(
      'unknown-variant',
      `${condition.slug} has no stage "${recorded.variant}"; expected one of ${condition.variants.join(', ')}`,
    )
  }
  const variant = stageByWeeks(condition.slug, recorded?.variant, recorded?.weeks, recorded?.cleared ?? false) ?? condition.variants[0]!
  return { ...conditionDefaults(), ...known, variant }
}

/** Slugs that age and calendar add, and the records that the calendar drops (rule base 0.3 step 1). */
function present(person: PersonFields, recorded: readonly RecordedCondition[]): { slug: string; record?: RecordedCondition }[] {
  const birthIsOver = person.weeksPostpartum > 52 || (person.weeksPostpartum === -1 && person.noBirth12m)
  const kept = recorded.filter(({ slug }) => !(birthIsOver && (slug === 'postnatal' || slug === 'caesarean')))
  const slugs = new Set(kept.map(({ slug }) => slug))
  const added = ['everyone']
  if (person.age >= 65) added.push('older-adult')
  if (person.gestationalWeek >= 0) added.push('pregnancy')
  if (person.weeksPostpartum >= 0 && person.weeksPostpartum <= 52 && !slugs.has('caesarean')) added.push('postnatal')
  return [...added.filter((slug) => !slugs.has(slug)).map((slug) => ({ slug })), ...kept.map((record) => ({ slug: record.slug, record }))]
}

function completePerson(facts: PersonFacts): PersonFields {
  if (facts.age === undefined) throw new AssessmentError('age-missing', 'age')
  const has = (slug: string) => facts.conditions.find((condition) => condition.slug === slug)
  const { conditions: _conditions, individualPlans: _plans, overrules: _overrules, ...given } = facts
  const known = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
  const birthRecorded = has('postnatal') ?? has('caesarean')
  const neverAsked = birthRecorded && (facts.weeksPostpartum ?? -1) === -1 && !facts.noBirth12m
  return {
    ...personDefaults(),
    coning: has('diastasis-recti') !== undefined,
    painAboveUsual: facts.painNow ?? 0,
    ...known,
    age: facts.age,
    ...(neverAsked && { weeksPostpartum: 0 }),
    dualSensoryLoss: ['low-vision', 'hearing-loss'].every((slug) => {
      const record = has(slug)
      return record !== undefined && (record.variant ?? 'severe') === 'severe'
    }),
  }
}

function evaluatedConditions(base: RuleBase, person: PersonFields, recorded: readonly RecordedCondition[]): EvaluatedCondition[] {
  const find = (slug: string): Condition => {
    const condition = base.conditions.get(slug)
    if (!condition) throw new AssessmentError('unknown-condition', slug)
    return condition
  }
  const direct = present(person, recorded)
  const directSlugs = new Set(direct.map(({ slug }) => slug))
  return direct.flatMap(({ slug, record }) => {
    const condition = find(slug)
    const fields = fieldsOf(condition, record)
    const own: EvaluatedCondition = { condition, fields, presence: record ? 'recorded' : 'added' }
    const ancestors = new Set<string>()
    const climb = (from: Condition) => {
      for (const parent of from.inherits ?? []) {
        if (!ancestors.has(parent)) climb(find(parent))
        ancestors.add(parent)
      }
    }
    climb(condition)
    const inherited = [...ancestors]
      .filter((parent) => !directSlugs.has(parent))
      .map((parent): EvaluatedCondition => ({ condition: find(parent), fields, presence: 'inherited', via: slug }))
    return [own, ...inherited]
  })
}

const contextOf =
  (person: PersonFields, session: SessionFields, fields: ConditionFields, openSession = false): Context =>
  (name) => {
    const table = name[0] === 'p' ? person : name[0] === 's' ? session : fields
    if (openSession && name[0] === 's') return undefined
    return (table as Record<string, Literal>)[name.slice(2)]
  }

const EMPTY_VECTOR = new Float64Array(0)
/** A predicate that reads only person, condition and session. */
const known = (expression: Expression, context: Context): boolean => holds(specialize(expression, context), EMPTY_VECTOR)

function mergeLimits(sets: { from: string; limits: Limits; fields?: ConditionFields }[]): Pick<Assessment, 'limits' | 'heartRate'> {
  const merged = {} as MergedLimits
  const heartRate: Assessment['heartRate'] = []
  for (const { from, limits, fields } of sets) {
    for (const [name, raw] of Object.entries(limits)) {
      if (name === 'hr') {
        if (raw !== 'none') heartRate.push({ condition: from, text: String(raw) })
        continue
      }
      const limit = name as LimitName
      const value = typeof raw === 'string' ? Number((fields as Record<string, unknown>)[raw.slice(2)]) : Number(raw)
      const present = merged[limit]
      const stronger = !present || (LIMIT_MERGE[limit] === 'lowest' ? value < present.value : value > present.value)
      if (stronger) merged[limit] = { value, from: [from] }
      else if (present.value === value && !present.from.includes(from)) present.from.push(from)
    }
  }
  const unlimited: MergedLimit = { value: Number.POSITIVE_INFINITY, from: [] }
  for (const name of Object.keys(LIMIT_MERGE) as LimitName[]) merged[name] ??= LIMIT_MERGE[name] === 'lowest' ? unlimited : { value: 0, from: [] }
  return { limits: merged, heartRate }
}

function compileRule(entry: EvaluatedCondition, rule: Rule, person: PersonFields, session: SessionFields): CompiledRule | undefined {
  const context = contextOf(person, session, entry.fields)
  const when = specialize(rule.when, context)
  if (when.kind === 'constant' && !when.value) return undefined
  const openContext = contextOf(person, session, entry.fields, true)
  const acceptance = (from: Context) => (balanceDemand: number) =>
    rule.must ? specialize(rule.must, from, { heldMoreThan: { balanceDemand } }) : ({ kind: 'constant', value: true } as const)
  const { slug, group } = entry.condition
  const hit: Hit = {
    id: rule.id,
    then: rule.then,
    condition: slug,
    ...(entry.via && { via: entry.via }),
    why: rule.why,
    ...(rule.offer && { offer: rule.offer }),
    ...(rule.cue && { cue: rule.cue }),
    evidence: rule.ev,
    sources: rule.src,
    ...(rule.contested && { contested: rule.contested }),
    omit: rule.omit ?? false,
    harm: harmOf(group),
  }
  const compiled: CompiledRule = {
    rule,
    hit,
    condition: slug,
    ...(entry.via && { via: entry.via }),
    residual: when,
    ...(rule.must && { must: specialize(rule.must, context), mustOpen: specialize(rule.must, openContext) }),
    mustFor: acceptance(context),
    mustOpenFor: acceptance(openContext),
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
  const person = completePerson(facts)
  const session: SessionFields = { ...sessionDefaults(), ...sessionFacts }
  const conditions = evaluatedConditions(base, person, facts.conditions)

  const gates: GateHit[] = []
  const limitSets: { from: string; limits: Limits; fields?: ConditionFields }[] = []
  const pending: string[] = []
  for (const { condition, fields, presence } of conditions) {
    const context = contextOf(person, session, fields)
    const hit = (gate: Gate) => ({ id: gate.id, condition: condition.slug, outcome: gate.outcome, text: gate.text })
    if (condition.limits) limitSets.push({ from: condition.slug, limits: condition.limits, fields })
    for (const { when, set } of condition.limitsWhen) if (known(when, context)) limitSets.push({ from: condition.slug, limits: set, fields })
    for (const gate of condition.gates) {
      if (!known(gate.when, context)) continue
      gates.push(hit(gate))
      if (gate.set) limitSets.push({ from: condition.slug, limits: gate.set, fields })
    }
    // the child's clearance covers what it inherits
    if (presence === 'inherited' || fields.cleared) continue
    const required = condition.clearance.need === 'required' || (condition.requiredWhen !== undefined && known(condition.requiredWhen, context))
    if (required) {
      gates.push({
        id: `CLEARANCE:${condition.slug}`,
        condition: condition.slug,
        outcome: 'clearance-first',
        text: `Written clearance is needed for ${condition.name} before taking part, and none that is valid is on file.`,
      })
    } else if (condition.clearance.need === 'advised') {
      pending.push(condition.slug)
    }
  }
  for (const slug of pending) limitSets.push({ from: slug, limits: { rpeCap: 4 } })

  const { limits, heartRate } = mergeLimits(limitSets)
  if (person.dayFeel === 'a-bit-off') limits.rpeCap = { value: Math.max(1, limits.rpeCap.value - 1), from: [...limits.rpeCap.from, 'check-in'] }

  const unique = gates.filter((gate, index) => gates.findIndex((other) => other.id === gate.id) === index)
  const closing = GATE_ORDER.flatMap((outcome) => unique.filter((gate) => gate.outcome === outcome))
  // most of the work of an assessment, and lists that only ask who may take part never need it
  let compiled: Pick<Assessment, 'rules' | 'program'> | undefined
  const compile = () => {
    if (compiled) return compiled
    const rules = conditions
      .flatMap((entry) => entry.condition.rules.flatMap((rule) => compileRule(entry, rule, person, session) ?? []))
      .sort((one, other) => byImportance(one.hit, other.hit))
    compiled = { rules, program: buildProgram(rules.map(({ residual }) => residual)) }
    return compiled
  }
  return {
    person,
    session,
    conditions,
    gates: [...closing, ...unique.filter((gate) => gate.outcome === 'limits')],
    ...(closing[0] && { closed: closing[0] }),
    pending,
    limits,
    heartRate,
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
