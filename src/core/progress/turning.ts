import type { PersonFacts, RecordedCondition } from '../safety'

/** What of somebody is other on one day than on another, though nobody has said anything: the calendar has moved on. */
export type Turning =
  /** completed weeks; nothing = no longer pregnant by the record */
  | { kind: 'gestation'; weeks?: number }
  | { kind: 'after-birth'; weeks?: number }
  /** completed weeks since it happened, by the slug of the condition */
  | { kind: 'since'; condition: string; weeks: number }
  /** a clinician's letter for a condition that counts no longer, or from now on */
  | { kind: 'letter'; condition: string; counts: boolean }
  /** a condition that the calendar or the record brings in or ends */
  | { kind: 'condition'; condition: string; begins: boolean }
  /** the answered health questions count otherwise */
  | { kind: 'form' }
  | { kind: 'age'; years: number }
  /** weeks in which they came, since the last long pause */
  | { kind: 'programme'; weeks: number }
  /** what the instructor or a clinician has said for one movement holds no longer, or from now on */
  | { kind: 'word' }
  /** what was said at the door, or anything else of the record */
  | { kind: 'said' }

/** A turning with a way back: the facts of the later day as if it had not come. */
export interface Turned {
  what: Turning
  undone(after: PersonFacts): PersonFacts
}

const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other)
/** The same facts with some as they were; what was not known is not known again. */
function withFields(facts: PersonFacts, before: PersonFacts, fields: readonly (keyof PersonFacts)[]): PersonFacts {
  const back: Record<string, unknown> = { ...facts }
  for (const field of fields) {
    if (before[field] === undefined) delete back[field]
    else back[field] = before[field]
  }
  return back as PersonFacts
}

/** Facts that have a turning of their own. */
const OWN_FIELDS = {
  gestation: ['gestationalWeek'],
  'after-birth': ['weeksPostpartum'],
  form: ['screenOutcome'],
  age: ['age'],
  programme: ['weeksInProgramme'],
  word: ['overrules', 'individualPlans'],
} as const satisfies Partial<Record<Turning['kind'], readonly (keyof PersonFacts)[]>>

function turningOf(kind: keyof typeof OWN_FIELDS, { gestationalWeek, weeksPostpartum, age, weeksInProgramme }: PersonFacts): Turning {
  switch (kind) {
    case 'gestation':
      return { kind, ...(gestationalWeek !== undefined && { weeks: gestationalWeek }) }
    case 'after-birth':
      return { kind, ...(weeksPostpartum !== undefined && { weeks: weeksPostpartum }) }
    case 'age':
      return { kind, years: age ?? 0 }
    case 'programme':
      return { kind, weeks: weeksInProgramme ?? 0 }
    case 'form':
    case 'word':
      return { kind }
  }
}

/** The same condition of the same side, in two lists of it. */
const nameOf = ({ slug, side, today }: RecordedCondition): string => `${slug} ${side ?? ''} ${today ?? ''}`

function conditionTurnings(before: PersonFacts, after: PersonFacts): Turned[] {
  const was = new Map(before.conditions.map((one) => [nameOf(one), one]))
  const is = new Map(after.conditions.map((one) => [nameOf(one), one]))
  const put = (name: string, one: RecordedCondition | undefined) => (facts: PersonFacts) => ({
    ...facts,
    conditions: facts.conditions.some((there) => nameOf(there) === name)
      ? facts.conditions.flatMap((there) => (nameOf(there) === name ? (one ?? []) : there))
      : [...facts.conditions, ...(one ? [one] : [])],
  })
  return [...new Set([...was.keys(), ...is.keys()])].flatMap((name): Turned[] => {
    const [old, now] = [was.get(name), is.get(name)]
    if (!old || !now) {
      const condition = (old ?? now)!
      const counts = now !== undefined
      // what the calendar brings in stands in the record only while there is a letter for it
      const what: Turning = condition.cleared
        ? { kind: 'letter', condition: condition.slug, counts }
        : { kind: 'condition', condition: condition.slug, begins: counts }
      return [{ what, undone: put(name, old) }]
    }
    const { weeks: oldWeeks, cleared: oldCleared, ...oldRest } = old
    const { weeks, cleared, ...rest } = now
    /** Where the condition is no longer there, it was undone by another. */
    const changed = (change: (there: RecordedCondition) => RecordedCondition) => (facts: PersonFacts) => {
      const there = facts.conditions.find((one) => nameOf(one) === name)
      return there ? put(name, change(there))(facts) : facts
    }
    return [
      ...(weeks !== oldWeeks
        ? [
            {
              what: { kind: 'since', condition: now.slug, weeks: weeks ?? 0 } as const,
              undone: changed(({ weeks: _weeks, ...there }) => (oldWeeks === undefined ? there : { ...there, weeks: oldWeeks })),
            },
          ]
        : []),
      ...(cleared !== oldCleared
        ? [
            {
              what: { kind: 'letter', condition: now.slug, counts: cleared === true } as const,
              undone: changed((there) => ({ ...there, cleared: oldCleared === true })),
            },
          ]
        : []),
      ...(same(oldRest, rest)
        ? []
        : [
            {
              what: { kind: 'said' } as const,
              undone: put(name, { ...oldRest, ...(weeks !== undefined && { weeks }), ...(cleared !== undefined && { cleared }) }),
            },
          ]),
    ]
  })
}

/** Everything in which the facts of a later day are other than those of an earlier one. Undone together they give the earlier ones. */
export function turnings(before: PersonFacts, after: PersonFacts): Turned[] {
  const own = (Object.keys(OWN_FIELDS) as (keyof typeof OWN_FIELDS)[]).flatMap((kind): Turned[] => {
    const fields = OWN_FIELDS[kind]
    if (fields.every((field) => same(before[field], after[field]))) return []
    return [{ what: turningOf(kind, after), undone: (facts) => withFields(facts, before, fields) }]
  })
  const named = new Set<string>(['conditions', ...Object.values(OWN_FIELDS).flat()])
  const others = [...new Set([...Object.keys(before), ...Object.keys(after)])].filter((field) => !named.has(field)) as (keyof PersonFacts)[]
  const said = others.filter((field) => !same(before[field], after[field]))
  return [
    ...own,
    ...conditionTurnings(before, after),
    ...(said.length > 0 ? [{ what: { kind: 'said' } as const, undone: (facts: PersonFacts) => withFields(facts, before, said) }] : []),
  ]
}
