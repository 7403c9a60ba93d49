import type { Prescription } from '../plan'
import {
  type Assessment,
  assess,
  CONDITION_FIELDS,
  type Condition,
  fieldsRead,
  type GateHit,
  PERSON_FIELDS,
  type PersonFacts,
  type RecordedCondition,
  type RuleBase,
  type SessionFacts,
  VERDICTS,
} from '../safety'
import { judgePlanned } from './options'

/** Something that is not known of a person, and what an answer would change in this plan. */
export interface OpenQuestion {
  /** `p.floorTransferOk`, `osteoporosis.variant`, `pregnancy.cleared` */
  id: string
  condition?: string
  field: string
  label: string
  /** the question to put, where the rule base has words for it */
  text?: string
  /** the answer that loosens most */
  answer: Answer
  /** items of the plan whose verdict that answer loosens */
  loosens: string[]
  /** the answer is one of those that open the door */
  opensDoor?: boolean
}

type Answer = string | number | boolean

/** Answers worth trying for a field of the person: the best that can be found out. */
const PERSON_ANSWERS: Partial<Record<keyof typeof PERSON_FIELDS, readonly Answer[]>> = {
  floorTransferOk: [true],
  riseNoHands: [true],
  singleLegTestSec: [30],
  impactTrained: [true],
  pfLoadTestOk: [true],
  coning: [false],
  noBirth12m: [true],
  gestationalWeek: [12, 24, 36],
  weeksPostpartum: [8, 12, 26, 60],
  screenOutcome: ['go'],
}
/** Long enough after any operation, injury or diagnosis that no rule asks for more. */
const LONG_AGO_WEEKS = 260

interface Trial {
  id: string
  condition?: string
  field: string
  label: string
  text?: string
  answers: readonly Answer[]
  apply: (facts: PersonFacts, answer: Answer) => PersonFacts
}

const isOpen = (facts: PersonFacts, field: string): boolean => {
  const value = (facts as Record<string, unknown>)[field]
  return value === undefined || value === -1 || (field === 'screenOutcome' && value !== 'go')
}

const aboutPerson = (facts: PersonFacts): Trial[] =>
  Object.entries(PERSON_ANSWERS).flatMap(([field, answers]): Trial[] =>
    isOpen(facts, field)
      ? [
          {
            id: `p.${field}`,
            field,
            label: PERSON_FIELDS[field as keyof typeof PERSON_FIELDS].label,
            answers,
            apply: (given, answer) => ({ ...given, [field]: answer }),
          },
        ]
      : [],
  )

function answersFor(field: string): readonly Answer[] {
  const definition = CONDITION_FIELDS[field as keyof typeof CONDITION_FIELDS]
  if (field === 'weeks') return [LONG_AGO_WEEKS]
  if (definition.kind === 'flag') return [!definition.default]
  if (definition.kind === 'enum') return definition.values
  return definition.max === undefined ? [] : [definition.max]
}

/** @param record nothing for a condition that the calendar adds */
function aboutCondition(base: RuleBase, condition: Condition, record: RecordedCondition | undefined): Trial[] {
  const { slug, variants, asks = [] } = condition
  const apply = (field: string) => (given: PersonFacts, answer: Answer) => {
    const there = given.conditions.some((one) => one.slug === slug && !one.today)
    const conditions = there ? given.conditions : [...given.conditions, { slug }]
    return { ...given, conditions: conditions.map((one) => (one.slug === slug && !one.today ? { ...one, [field]: answer } : one)) }
  }
  const unknown = (field: string) => (record as Record<string, unknown> | undefined)?.[field] === undefined
  const trial = (field: string, answers: readonly Answer[]): Trial => {
    const text = asks.find((ask) => ask.field === `c.${field}`)?.text
    const { label } = CONDITION_FIELDS[field as keyof typeof CONDITION_FIELDS]
    return { id: `${slug}.${field}`, condition: slug, field, label, ...(text && { text }), answers, apply: apply(field) }
  }
  const fields = [...fieldsRead(base, slug)].filter((field) => field !== 'variant' && field !== 'cleared' && unknown(field))
  return [
    ...(unknown('variant') && variants.length > 1 ? [trial('variant', variants)] : []),
    ...(record?.cleared ? [] : [trial('cleared', [true])]),
    ...fields.map((field) => trial(field, answersFor(field))).filter(({ answers }) => answers.length > 0),
  ]
}

function trials(base: RuleBase, facts: PersonFacts): Trial[] {
  const recorded = facts.conditions.flatMap((record) => {
    const condition = base.conditions.get(record.slug)
    // what is sore today is no condition to ask about
    return condition && !record.today ? aboutCondition(base, condition, record) : []
  })
  return [...aboutPerson(facts), ...recorded]
}

const question = ({ id, condition, field, label, text }: Trial, answer: Answer): OpenQuestion => ({
  id,
  ...(condition !== undefined && { condition }),
  field,
  label,
  ...(text && { text }),
  answer,
  loosens: [],
})

/** As many answers as may be needed together to open a door; more is a conversation, not a question. */
const MOST_TOGETHER = 3

/** Trials that a closing gate can depend on: fields of the person, and those of the conditions whose gates close. */
function atTheDoor(base: RuleBase, facts: PersonFacts, gates: readonly GateHit[]): Trial[] {
  const closing = new Set(gates.filter(({ outcome }) => outcome !== 'limits').map(({ condition }) => condition))
  const known = trials(base, facts)
  const added = [...closing].flatMap((slug) => {
    const condition = base.conditions.get(slug)
    return condition && !facts.conditions.some((record) => record.slug === slug) ? aboutCondition(base, condition, undefined) : []
  })
  const person = new Set(['gestationalWeek', 'weeksPostpartum', 'screenOutcome'])
  return (
    [...known, ...added]
      .filter(({ condition, field }) => (condition === undefined ? person.has(field) : closing.has(condition)))
      // an answer is nearer than a letter
      .sort((a, b) => Number(a.field === 'cleared') - Number(b.field === 'cleared'))
  )
}

/**
 * The smallest set of answers that opens a closed door, as questions; empty when the door is open, or when no answer opens it: fever is
 * not a matter of asking.
 */
export function doorQuestions(base: RuleBase, facts: PersonFacts, session: SessionFacts): OpenQuestion[] {
  const now = assess(base, facts, session)
  if (!now.closed) return []
  const candidates = atTheDoor(base, facts, now.gates)
  const opens = (given: PersonFacts): boolean => {
    try {
      return assess(base, given, session).closed === undefined
    } catch {
      return false
    }
  }
  const search = (from: number, left: number, given: PersonFacts, asked: OpenQuestion[]): OpenQuestion[] | undefined => {
    if (left === 0) return opens(given) ? asked : undefined
    for (let index = from; index < candidates.length; index++) {
      const trial = candidates[index]!
      for (const answer of trial.answers) {
        const found = search(index + 1, left - 1, trial.apply(given, answer), [...asked, { ...question(trial, answer), opensDoor: true }])
        if (found) return found
      }
    }
    return undefined
  }
  for (let size = 1; size <= Math.min(MOST_TOGETHER, candidates.length); size++) {
    const found = search(0, size, facts, [])
    if (found) return found
  }
  return []
}

/**
 * What is worth asking a person: the answers that open a closed door, else the unknown answers, which are read on the strict side, ranked
 * by how many verdicts of this plan a known answer would loosen. Exact: every answer is tried and everything judged again; answers that
 * loosen nothing are left out.
 */
export function openQuestions(base: RuleBase, facts: PersonFacts, session: SessionFacts, items: readonly Prescription[]): OpenQuestion[] {
  const door = doorQuestions(base, facts, session)
  if (door.length > 0) return door
  const ranks = (assessment: Assessment) => items.map((planned) => VERDICTS.indexOf(judgePlanned(assessment, planned).verdict))
  const now = ranks(assess(base, facts, session))
  return trials(base, facts)
    .flatMap((trial): OpenQuestion[] => {
      const tried = trial.answers.map((answer) => {
        const then = ranks(assess(base, trial.apply(facts, answer), session))
        return { answer, loosens: items.filter((_, index) => then[index]! < now[index]!).map(({ item }) => item.id) }
      })
      const best = tried.sort((a, b) => b.loosens.length - a.loosens.length)[0]
      return best && best.loosens.length > 0 ? [{ ...question(trial, best.answer), loosens: best.loosens }] : []
    })
    .sort((a, b) => b.loosens.length - a.loosens.length || a.id.localeCompare(b.id))
}
