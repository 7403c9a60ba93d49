import { contextOf, type EvaluatedCondition, fieldsOf } from './assemble'
import type { GateOutcome, Question } from './condition'
import type { PersonFacts, RecordedCondition } from './facts'
import { CONDITION_FIELDS, type ConditionFields, type PersonFields } from './fields'
import type { Expression, Literal } from './predicate'
import { holdsInSession, specialize } from './residual'
import type { Condition, Gate } from './ruleBase'

export interface GateHit {
  id: string
  condition: string
  outcome: GateOutcome
  text: string
  /** the questions whose answers may open it */
  asks?: readonly Question[]
}

/** Clearance that is advised and not on file: what holds meanwhile is in the implicit limit rules. */
export interface Pending {
  condition: string
  /** questions of which an answer could make the clearance unnecessary */
  asks: readonly Question[]
}

/** Strongest first (rule base 0.3 step 2); `limits` closes nothing. */
const CLOSING: readonly GateOutcome[] = ['emergency', 'not-today', 'clearance-first', 'ask', 'hold']
export const closes = (gate: GateHit): boolean => gate.outcome !== 'limits'

/** Each gate once, however many children inherit it, the strongest first, those that only limit at the end. */
export function inOrder(gates: readonly GateHit[]): GateHit[] {
  const unique = gates.filter((gate, index) => gates.findIndex((other) => other.id === gate.id) === index)
  return [...CLOSING, 'limits' as const].flatMap((outcome) => unique.filter((gate) => gate.outcome === outcome))
}

/** A condition with all that its predicates read. */
export interface Standing {
  entry: EvaluatedCondition
  person: PersonFields
  session: Float64Array
}

export const isTrue = (expression: Expression, { entry, person, session }: Standing): boolean =>
  holdsInSession(specialize(expression, contextOf(person, entry.fields)), session)

export const gateHit = (gate: Gate, condition: string): GateHit => ({ id: gate.id, condition, outcome: gate.outcome, text: gate.text })

const ANSWER_WEEKS = [0, 6, 12, 26, 52, 520]
const ANSWER_WEEKS_AFTER_BIRTH = [0, 6, 8, 12, 26]

/** The answers that 0.3 step 2 tries for a field. */
function answersTo(condition: Condition, field: string): readonly Literal[] {
  if (field === 'p.weeksPostpartum') return ANSWER_WEEKS_AFTER_BIRTH
  if (field === 'c.variant') return condition.variants
  if (field === 'c.weeks') return ANSWER_WEEKS
  const definition = CONDITION_FIELDS[field.slice(2) as keyof ConditionFields]
  return definition?.kind === 'flag' ? [false, true] : []
}

/** Whether a field was answered: a default is not an answer. */
function onFile(field: string, record: RecordedCondition | undefined, given: PersonFacts): boolean {
  const name = field.slice(2)
  const value = field.startsWith('p.') ? (given as Record<string, unknown>)[name] : (record as Record<string, unknown> | undefined)?.[name]
  // -1 stands for weeks that are not known
  return value !== undefined && value !== '' && value !== -1
}

/** Whether some answer to the open questions gives the predicate the wanted value. */
function someAnswerMakes(wanted: boolean, expression: Expression, open: readonly Question[], standing: Standing): boolean {
  const { entry, person, session } = standing
  const attempt = (rest: readonly Question[], record: RecordedCondition, someone: PersonFields): boolean => {
    const [first, ...others] = rest
    if (!first) {
      const fields = fieldsOf(entry.condition, someone, record)
      return isTrue(expression, { entry: { ...entry, fields }, person: someone, session }) === wanted
    }
    const name = first.field.slice(2)
    return answersTo(entry.condition, first.field).some((answer) =>
      first.field.startsWith('p.')
        ? attempt(others, record, { ...someone, [name]: answer })
        : attempt(others, { ...record, [name]: answer }, someone),
    )
  }
  return attempt(open, entry.record ?? { slug: entry.condition.slug }, person)
}

/** A pain that was never answered is read as the worst where it would end a reminder (0.1). */
const WORST_PAIN = 10

function isStable(standing: Standing): boolean {
  const { entry } = standing
  const { stableWhen } = entry.condition
  if (!stableWhen) return false
  const fields = entry.record?.painToday === undefined ? { ...entry.fields, painToday: WORST_PAIN } : entry.fields
  return isTrue(stableWhen, { ...standing, entry: { ...entry, fields } })
}

/**
 * What a missing letter comes to (rule base 0.3 step 2): closed, a question that may open it, or limits while it is pending.
 * Inherited conditions ask for none, the child's clearance covers them; a soreness of today is no diagnosis and asks for none.
 */
export function clearanceOf(standing: Standing, given: PersonFacts): { gate?: GateHit; pending?: Pending } {
  const { entry } = standing
  const { condition, fields, presence, record, overdue } = entry
  const { slug, name, clearance, requiredWhen, asks = [], stableWhen } = condition
  if (presence === 'inherited' || presence === 'today' || overdue || fields.cleared) return {}
  const open = asks.filter(({ field }) => !onFile(field, record, given))
  if (clearance.need === 'required' || (requiredWhen && isTrue(requiredWhen, standing))) {
    if (clearance.need !== 'required' && requiredWhen && open.length > 0 && someAnswerMakes(false, requiredWhen, open, standing))
      return { gate: { id: `${slug} ask`, condition: slug, outcome: 'ask', text: open.map(({ text }) => text).join(' '), asks: open } }
    return {
      gate: {
        id: `${slug} clearance`,
        condition: slug,
        outcome: 'clearance-first',
        text: `Before joining in, a letter from the doctor, nurse, midwife or therapist about this: ${name}. None that is valid is on file.`,
      },
    }
  }
  if (clearance.need !== 'advised' || isStable(standing)) return {}
  const helps = stableWhen !== undefined && open.length > 0 && someAnswerMakes(true, stableWhen, open, standing)
  return { pending: { condition: slug, asks: helps ? open : [] } }
}
