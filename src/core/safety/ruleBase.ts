import { type AttributeName, isAttributeName } from '../movement/demands'
import type { BodyResponse, ConditionDefinition, GateDefinition, Limits, RuleDefinition } from './condition'
import { contextField, type Namespace } from './fields'
import { type Expression, namesIn, type PredicateError, parsePredicate } from './predicate'

export interface Rule extends Omit<RuleDefinition, 'if' | 'must'> {
  ifText: string
  mustText?: string
  when: Expression
  must?: Expression
  /** First attribute named in `must` (0.3.1), or the session field when that comes first. */
  lead?: string
}
export interface Gate extends GateDefinition {
  when: Expression
}
export interface Condition
  extends Omit<ConditionDefinition, 'rules' | 'gates' | 'limitsWhen' | 'stableWhen' | 'noPulseFormula' | 'response' | 'implies' | 'fieldDefaults'> {
  rules: Rule[]
  gates: Gate[]
  limitsWhen: { when: Expression; set: Limits }[]
  requiredWhen?: Expression
  stableWhen?: Expression
  noPulseFormula?: Expression
  response: { when: Expression; set: Partial<BodyResponse> }[]
  implies: { field: 'coning'; when: Expression }[]
  fieldDefaults: { when: Expression; field: string; value: boolean }[]
}

/** The compiled rule base: every predicate parsed and type-checked. */
export interface RuleBase {
  conditions: ReadonlyMap<string, Condition>
}

export class RuleBaseError extends Error {
  constructor(readonly problems: string[]) {
    super(problems.join('\n'))
    this.name = 'RuleBaseError'
  }
}

/** The prefix "NOT affected OR" only says that leaving the side out is fine; it never leads (0.3.1). */
function leadOf(must: Expression): string | undefined {
  return namesIn(must).find((name) => name !== 'affected' && !/^[pc]\./.test(name))
}

/** Derived names stand on one attribute for the purpose of counting what must change. */
const LEAD_ATTRIBUTE: Record<string, AttributeName> = {
  family: 'basePosition',
  flatSupine: 'basePosition',
  freeStanding: 'basePosition',
  supported: 'basePosition',
  lying: 'basePosition',
  headMotion: 'headTurn',
  armLoadKg: 'externalLoadKg',
  legLoadKg: 'externalLoadKg',
  overheadLoaded: 'overheadReachDeg',
}
export const attributeOfLead = (lead: string): AttributeName | undefined => (isAttributeName(lead) ? lead : LEAD_ATTRIBUTE[lead])

/**
 * Parses every predicate of the conditions.
 *
 * @throws RuleBaseError with all problems found: unknown names, wrong types, unknown parents, ids used twice
 */
export function buildRuleBase(definitions: readonly ConditionDefinition[]): RuleBase {
  const problems: string[] = []
  const bySlug = new Map(definitions.map((definition) => [definition.slug, definition]))
  const seenIds = new Set<string>()

  // a rule of a parent may be read with the stage of any condition that inherits from it
  const stagesFor = (slug: string): string[] => [
    ...(bySlug.get(slug)?.variants ?? []),
    ...definitions.filter((other) => other.inherits?.includes(slug)).flatMap((child) => stagesFor(child.slug)),
  ]

  const conditions = new Map<string, Condition>()
  for (const definition of definitions) {
    const stages = stagesFor(definition.slug)
    const parse = (text: string, where: string): Expression => {
      try {
        return parsePredicate(text, stages)
      } catch (error) {
        problems.push(`${definition.slug} ${where}: ${(error as PredicateError).message}`)
        return { kind: 'constant', value: true }
      }
    }
    for (const parent of definition.inherits ?? []) if (!bySlug.has(parent)) problems.push(`${definition.slug}: unknown parent ${parent}`)
    for (const { id } of [...definition.rules, ...(definition.gates ?? [])]) {
      if (seenIds.has(id)) problems.push(`${definition.slug}: id ${id} is used twice`)
      seenIds.add(id)
    }
    const { requiredWhen } = definition.clearance
    const { stableWhen, noPulseFormula, response, implies, fieldDefaults, ...plain } = definition
    for (const { use, recorded } of definition.stages ?? [])
      for (const stage of [...(use === 'as-recorded' ? [] : [use]), ...(recorded ?? [])])
        if (!definition.variants.includes(stage)) problems.push(`${definition.slug} stages: there is no stage "${stage}"`)
    for (const { field } of definition.asks ?? [])
      if (!contextField(field[0] as Namespace, field.slice(2))) problems.push(`${definition.slug} asks: there is no field "${field}"`)
    conditions.set(definition.slug, {
      ...plain,
      // how it comes in is no part of what it is called
      name: definition.name.replace(/ \(added automatically\)$/, ''),
      rules: definition.rules.map(({ if: ifText, must: mustText, ...rest }) => {
        const must = mustText === undefined ? undefined : parse(mustText, `${rest.id} must`)
        if (!must && !rest.omit && (rest.then === 'avoid' || rest.then === 'modify')) problems.push(`${rest.id}: ${rest.then} needs a must`)
        return { ...rest, ifText, when: parse(ifText, `${rest.id} if`), ...(must && { must, mustText, lead: leadOf(must) }) }
      }),
      gates: (definition.gates ?? []).map((gate) => ({ ...gate, when: parse(gate.if, `${gate.id} if`) })),
      limitsWhen: (definition.limitsWhen ?? []).map(({ when, set }) => ({ when: parse(when, 'limitsWhen'), set })),
      ...(requiredWhen && { requiredWhen: parse(requiredWhen, 'clearance.requiredWhen') }),
      ...(stableWhen && { stableWhen: parse(stableWhen, 'stableWhen') }),
      ...(noPulseFormula && { noPulseFormula: parse(noPulseFormula, 'noPulseFormula') }),
      response: (response ?? []).map(({ when, ...set }) => ({ when: parse(when, 'response'), set })),
      implies: (implies ?? []).map(({ field, when }) => ({ field, when: parse(when, 'implies') })),
      fieldDefaults: (fieldDefaults ?? []).map(({ when, field, value }) => ({ when: parse(when, 'fieldDefaults'), field, value })),
    })
  }
  if (problems.length > 0) throw new RuleBaseError(problems)
  return { conditions }
}

/** Every expression of a condition that is read when somebody is judged. */
const expressionsOf = (condition: Condition): Expression[] => [
  ...condition.rules.flatMap((rule) => [rule.when, ...(rule.must ? [rule.must] : [])]),
  ...condition.gates.map((gate) => gate.when),
  ...condition.limitsWhen.map((limit) => limit.when),
  ...[condition.requiredWhen, condition.stableWhen, condition.noPulseFormula].flatMap((one) => one ?? []),
  ...condition.response.map(({ when }) => when),
  ...condition.implies.map(({ when }) => when),
  ...condition.fieldDefaults.map(({ when }) => when),
]

/** The names a condition reads, those of its parents included: attributes bare, fields as `p.`, `c.` and `s.`. */
export function namesRead(base: RuleBase, slug: string): Set<string> {
  const condition = base.conditions.get(slug)
  if (!condition) return new Set()
  const names = expressionsOf(condition).flatMap(namesIn)
  const inLimits = [condition.limits ?? {}, ...condition.limitsWhen.map(({ set }) => set)].flatMap((limits) =>
    Object.values(limits).filter((value): value is string => typeof value === 'string' && value.startsWith('c.')),
  )
  const parents = (condition.inherits ?? []).flatMap((parent) => [...namesRead(base, parent)])
  return new Set([...names, ...(names.includes('affected') ? ['c.side'] : []), ...(condition.stages ? ['c.weeks'] : []), ...inLimits, ...parents])
}

/** The `c.` fields that a condition reads: what is worth asking about it. */
export const fieldsRead = (base: RuleBase, slug: string): Set<string> =>
  new Set([...namesRead(base, slug)].flatMap((name) => (name.startsWith('c.') ? [name.slice(2)] : [])))
