import type { PlannedItem } from '../plan'
import { assess, CONDITION_FIELDS, fieldsRead, judge, PERSON_FIELDS, type PersonFacts, type RuleBase, type SessionFacts, VERDICTS } from '../safety'

/** Something that is not known of a person, and what an answer would change in this plan. */
export interface OpenQuestion {
  /** `p.floorTransferOk`, `osteoporosis.variant`, `pregnancy.cleared` */
  id: string
  condition?: string
  field: string
  label: string
  /** the answer that loosens most */
  answer: string | number | boolean
  /** items of the plan whose verdict that answer loosens */
  loosens: string[]
}

/** Answers worth trying for a field of the person: the best that can be found out. */
const PERSON_ANSWERS: Partial<Record<keyof typeof PERSON_FIELDS, string | number | boolean>> = {
  floorTransferOk: true,
  riseNoHands: true,
  singleLegTestSec: 30,
  impactTrained: true,
  pfLoadTestOk: true,
  coning: false,
  noBirth12m: true,
}
/** Long enough after any operation, injury or diagnosis that no rule asks for more. */
const LONG_AGO_WEEKS = 260

interface Trial {
  id: string
  condition?: string
  field: string
  label: string
  answers: readonly (string | number | boolean)[]
  facts: (answer: string | number | boolean) => PersonFacts
}

function trials(base: RuleBase, facts: PersonFacts): Trial[] {
  const aboutPerson = Object.entries(PERSON_ANSWERS)
    .filter(([field]) => (facts as Record<string, unknown>)[field] === undefined)
    .map(
      ([field, answer]): Trial => ({
        id: `p.${field}`,
        field,
        label: PERSON_FIELDS[field as keyof typeof PERSON_FIELDS].label,
        answers: [answer],
        facts: (given) => ({ ...facts, [field]: given }),
      }),
    )
  const aboutConditions = facts.conditions.flatMap((record): Trial[] => {
    const condition = base.conditions.get(record.slug)
    if (!condition) return []
    const withField = (field: string) => (given: string | number | boolean) => ({
      ...facts,
      conditions: facts.conditions.map((one) => (one === record ? { ...record, [field]: given } : one)),
    })
    const trial = (field: string, label: string, answers: readonly (string | number | boolean)[]): Trial => ({
      id: `${record.slug}.${field}`,
      condition: record.slug,
      field,
      label,
      answers,
      facts: withField(field),
    })
    const found: Trial[] = []
    if (record.variant === undefined && condition.variants.length > 1)
      found.push(trial('variant', CONDITION_FIELDS.variant.label, condition.variants))
    if (!record.cleared) found.push(trial('cleared', CONDITION_FIELDS.cleared.label, [true]))
    for (const field of fieldsRead(base, record.slug)) {
      if ((record as Record<string, unknown>)[field] !== undefined || field === 'variant' || field === 'cleared') continue
      const definition = CONDITION_FIELDS[field as keyof typeof CONDITION_FIELDS]
      if (field === 'weeks') found.push(trial(field, definition.label, [LONG_AGO_WEEKS]))
      else if (definition.kind === 'flag') found.push(trial(field, definition.label, [!definition.default]))
      else if (definition.kind === 'enum') found.push(trial(field, definition.label, definition.values))
      else if (definition.max !== undefined) found.push(trial(field, definition.label, [definition.max]))
    }
    return found
  })
  return [...aboutPerson, ...aboutConditions]
}

/**
 * What is worth asking a person: the unknown answers, which are read on the strict side, ranked by how many verdicts of this plan a
 * known answer would loosen. Exact: every answer is tried and everything judged again; answers that loosen nothing are left out.
 */
export function openQuestions(base: RuleBase, facts: PersonFacts, session: SessionFacts, items: readonly PlannedItem[]): OpenQuestion[] {
  const ranks = (given: PersonFacts) => {
    const assessment = assess(base, given, session)
    return items.map((planned) => VERDICTS.indexOf(judge(assessment, planned.demands, planned.vector, planned.movement).verdict))
  }
  const now = ranks(facts)
  return trials(base, facts)
    .flatMap(({ answers, facts: factsFor, ...question }): OpenQuestion[] => {
      const tried = answers.map((answer) => {
        const then = ranks(factsFor(answer))
        return { answer, loosens: items.filter((_, index) => then[index]! < now[index]!).map(({ item }) => item.id) }
      })
      const best = tried.sort((a, b) => b.loosens.length - a.loosens.length)[0]
      return best && best.loosens.length > 0 ? [{ ...question, ...best }] : []
    })
    .sort((a, b) => b.loosens.length - a.loosens.length || a.id.localeCompare(b.id))
}
