import type { Addition } from './condition'
import type { PersonFacts, RecordedCondition } from './facts'
import { type ConditionFields, conditionDefaults, type PersonFields, personDefaults } from './fields'
import type { Literal } from './predicate'
import { type Context, holdsInSession, specialize } from './residual'
import type { Condition, RuleBase } from './ruleBase'

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

/** How a condition came to be evaluated. */
export type Presence =
  /** in the record */
  | 'recorded'
  /** in no record: sore there today */
  | 'today'
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
  /** what the record or the day holds; nothing for an added one */
  record?: RecordedCondition
  /** added only because a birth is overdue: its clearance is not asked, the birth is */
  overdue?: boolean
}

/** Completed weeks of pregnancy from which a birth ends it, and after which one without a recorded birth is overdue. */
const BIRTH_FROM_WEEK = 22
const OVERDUE_AFTER_WEEK = 42
/** Weeks in which somebody counts as having given birth. */
const AFTER_BIRTH_WEEKS = 52

export const contextOf =
  (person: PersonFields, fields: ConditionFields): Context =>
  (name) => {
    const table = name[0] === 'p' ? person : fields
    return (table as Record<string, Literal>)[name.slice(2)]
  }

const NO_SESSION = new Float64Array(0)

/**
 * The stage in use: that of the weeks where the condition's table says so (rule base 1.5a), else the recorded one, else the strictest.
 * Worked out anew for every class, so that a record never goes stale.
 */
export function stageOf(condition: Pick<Condition, 'stages' | 'variants'>, record: Pick<RecordedCondition, 'variant' | 'weeks' | 'cleared'>): string {
  const { variant, weeks, cleared = false } = record
  const row = condition.stages?.find(
    (one) =>
      (one.recorded === undefined || (one.recorded.length === 0 ? variant === undefined : variant !== undefined && one.recorded.includes(variant))) &&
      (one.weeks === undefined || (weeks !== undefined && weeks >= one.weeks[0] && weeks <= (one.weeks[1] ?? Number.POSITIVE_INFINITY))) &&
      (one.cleared === undefined || one.cleared === cleared),
  )
  const used = row && row.use !== 'as-recorded' ? row.use : variant
  return used ?? condition.variants[0]!
}

/** All `c.` fields of a condition: what is recorded, the stage in use, and the defaults of 1.5 for the rest. */
export function fieldsOf(condition: Condition, person: PersonFields, record: RecordedCondition | undefined): ConditionFields {
  const known = Object.fromEntries(Object.entries(record ?? {}).filter(([name, value]) => name !== 'slug' && name !== 'today' && value !== undefined))
  if (record?.variant !== undefined && !condition.variants.includes(record.variant)) {
    throw new AssessmentError(
      'unknown-variant',
      `${condition.slug} has no stage "${record.variant}"; expected one of ${condition.variants.join(', ')}`,
    )
  }
  const fields: ConditionFields = { ...conditionDefaults(), ...known, variant: stageOf(condition, record ?? {}) }
  const byStage = condition.fieldDefaults.flatMap(({ when, field, value }): [string, boolean][] =>
    known[field] === undefined && holdsInSession(specialize(when, contextOf(person, fields)), NO_SESSION) ? [[field, value]] : [],
  )
  return { ...fields, ...Object.fromEntries(byStage) }
}

const lasting = (base: RuleBase, lasts: NonNullable<Condition['lasts']>): Set<string> =>
  new Set([...base.conditions.values()].filter((condition) => condition.lasts === lasts).map(({ slug }) => slug))

interface Stand {
  person: PersonFields
  recorded: readonly RecordedCondition[]
  overdue: boolean
}

/**
 * Where somebody stands between pregnancy and the year after a birth (rule base 0.3 step 1): a birth ends the pregnancy, an overdue one
 * keeps it and adds the time after birth, a birth that was never asked about counts as just now.
 */
function perinatalStand(base: RuleBase, person: PersonFields, recorded: readonly RecordedCondition[], given: PersonFacts): Stand {
  const afterBirth = lasting(base, 'birth-year')
  const inPregnancy = lasting(base, 'gestation')
  const { gestationalWeek, weeksPostpartum } = person
  const asked = given.weeksPostpartum !== undefined && given.weeksPostpartum >= 0
  // an assumed birth ends nothing: only one with a date does
  const ended = asked && gestationalWeek >= 0 && gestationalWeek - weeksPostpartum >= BIRTH_FROM_WEEK
  const kept = recorded.filter(({ slug }) => !(ended && inPregnancy.has(slug)))
  const overdue = !ended && gestationalWeek > OVERDUE_AFTER_WEEK
  const neverAsked = !asked && !person.noBirth12m && kept.some(({ slug }) => afterBirth.has(slug))
  const weeks = overdue || neverAsked ? 0 : weeksPostpartum
  const over = weeks > AFTER_BIRTH_WEEKS || (weeks === -1 && person.noBirth12m)
  return {
    person: { ...person, weeksPostpartum: weeks, gestationalWeek: ended ? -1 : gestationalWeek },
    recorded: over ? kept.filter(({ slug }) => !afterBirth.has(slug)) : kept,
    overdue,
  }
}

function completePerson(facts: PersonFacts): PersonFields {
  if (facts.age === undefined) throw new AssessmentError('age-missing', 'age')
  const { conditions: _conditions, unlisted: _unlisted, individualPlans: _plans, overrules: _overrules, ...given } = facts
  const known = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
  return { ...personDefaults(), painAboveUsual: facts.painNow ?? 0, ...known, age: facts.age }
}

/** Fields of the person that follow from what is recorded, unless they were answered (rule base 1.5). */
function impliedFields(base: RuleBase, facts: PersonFacts, person: PersonFields): Partial<PersonFields> {
  const records = facts.conditions.flatMap((record) => {
    const condition = base.conditions.get(record.slug)
    return condition ? [{ condition, fields: fieldsOf(condition, person, record) }] : []
  })
  const flags = records.flatMap(({ condition, fields }) =>
    condition.implies.flatMap(({ field, when }): [string, boolean][] =>
      facts[field] === undefined && holdsInSession(specialize(when, contextOf(person, fields)), NO_SESSION) ? [[field, true]] : [],
    ),
  )
  const lost = new Set(
    records.flatMap(({ condition, fields }) => (condition.senseLost && fields.variant === condition.variants[0] ? [condition.senseLost] : [])),
  )
  return { ...Object.fromEntries(flags), dualSensoryLoss: lost.size > 1 }
}

const adds = (addition: Addition | undefined, person: PersonFields, others: ReadonlySet<string>, slug: string): boolean => {
  switch (addition?.by) {
    case 'always':
      return true
    case 'age':
      return person.age >= addition.from
    case 'gestation':
      return person.gestationalWeek >= 0
    // one that is recorded inherits the other
    case 'birth':
      return addition.kind === undefined && person.weeksPostpartum >= 0 && person.weeksPostpartum <= AFTER_BIRTH_WEEKS && !others.has(slug)
    default:
      return false
  }
}

export interface Assembled {
  person: PersonFields
  conditions: EvaluatedCondition[]
}

/**
 * Step 1 of the rule base (0.3): the person with every field, and every condition that is evaluated, with its stage, those of the
 * calendar first and each followed by what it inherits.
 *
 * @throws AssessmentError when the age is missing or a condition or stage is not in the rule base
 */
export function assemble(base: RuleBase, facts: PersonFacts): Assembled {
  const find = (slug: string): Condition => {
    const condition = base.conditions.get(slug)
    if (!condition) throw new AssessmentError('unknown-condition', slug)
    return condition
  }
  for (const { slug } of facts.conditions) find(slug)
  const asGiven = completePerson(facts)
  const { person, recorded, overdue } = perinatalStand(base, { ...asGiven, ...impliedFields(base, facts, asGiven) }, facts.conditions, facts)
  const slugs = new Set(recorded.map(({ slug }) => slug))
  const ancestorsOf = (condition: Condition, found = new Set<string>()): Set<string> => {
    for (const parent of condition.inherits ?? []) {
      ancestorsOf(find(parent), found)
      found.add(parent)
    }
    return found
  }
  const inherited = new Set([...slugs].flatMap((slug) => [...ancestorsOf(find(slug))]))
  const added = [...base.conditions.values()].filter(({ slug, addedBy }) => !slugs.has(slug) && adds(addedBy, person, inherited, slug))
  const direct = [
    ...added.map((condition) => ({ condition, record: undefined })),
    // in the order of the rule base, so that the order in which they were recorded changes nothing
    ...[...base.conditions.values()].flatMap((condition) =>
      recorded.filter(({ slug }) => slug === condition.slug).map((record) => ({ condition, record })),
    ),
  ]
  const directSlugs = new Set(direct.map(({ condition }) => condition.slug))
  const conditions = direct.flatMap(({ condition, record }) => {
    const fields = fieldsOf(condition, person, record)
    const own: EvaluatedCondition = {
      condition,
      fields,
      presence: record ? (record.today ? 'today' : 'recorded') : 'added',
      ...(record && { record }),
      ...(overdue && !record && condition.lasts === 'birth-year' && { overdue }),
    }
    const parents = [...ancestorsOf(condition)]
      .filter((parent) => !directSlugs.has(parent))
      .map((parent): EvaluatedCondition => ({ condition: find(parent), fields, presence: 'inherited', via: condition.slug }))
    return [own, ...parents]
  })
  return { person, conditions }
}
