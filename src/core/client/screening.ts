import { assess, type RuleBase } from '../safety'
import { addDays, type Day } from './calendar'
import { factsOn } from './facts'
import {
  type About,
  type Answers,
  dueQuestions,
  type FollowAnswers,
  type Form,
  type ProposedSets,
  type ScreeningOption,
  type ScreeningOutcome,
  type ScreeningQuestion,
  stricter,
} from './form'
import type { ClientRecord, ConditionRecord, Finding } from './record'

/** A condition for the record, from all answers that speak of it. */
export interface Proposal {
  record: ConditionRecord
  /** question and key of every answer behind it */
  from: { question: string; key: string }[]
  /** fields on which the answers differ: the stricter value is in the record, both are shown */
  differing: { field: string; values: string[] }[]
}

export interface ScreeningResult {
  /** every question that was due and was not answered; `go` needs an answer to each */
  skipped: string[]
  /** answers with an outcome of their own, strictest first */
  findings: Finding[]
  proposals: Proposal[]
  sets: ProposedSets
  /** due date or birth that an answer gave */
  dates: Pick<ClientRecord, 'dueDate' | 'lastBirth'>
  /** what the free words said */
  words: string[]
}

interface Chosen {
  question: ScreeningQuestion
  option: ScreeningOption
  follow: FollowAnswers
}

const WEEKS_OF_PREGNANCY = 40

/** The last day of a year, a month or the day itself: what is known only roughly counts as the shorter time. */
export function lastDayOf(when: string, today: Day): Day | undefined {
  const match = /^(\d{4})(?:-(\d{2}))?(?:-(\d{2}))?$/.exec(when)
  if (!match) return undefined
  const [, year, month, date] = match
  const day = date
    ? `${year}-${month}-${date}`
    : month
      ? new Date(Date.UTC(Number(year), Number(month), 0)).toISOString().slice(0, 10)
      : `${year}-12-31`
  return day > today ? today : day
}

/** The stage that a pain names, for an answer that names none; undefined = not known, which is read as the strictest. */
function painStage(form: Form, slug: string, { pain, nights }: FollowAnswers, asked: ScreeningOption): string | undefined {
  const table = form.painStages.find(({ slugs }) => slugs.includes(slug))
  if (!table || pain === undefined) return undefined
  if (table.nights && asked.next?.includes('nights') && nights !== false) return table.worst
  return table.stages.find(({ upTo }) => pain <= upTo)?.variant ?? table.worst
}

function proposed(form: Form, { option, follow }: Chosen, today: Day): ConditionRecord[] {
  return (option.record ?? []).map(({ slug, weeks, ...fields }): ConditionRecord => {
    const since = weeks === 0 ? today : follow.when === undefined ? undefined : lastDayOf(follow.when, today)
    const variant = fields.variant ?? painStage(form, slug, follow, option)
    return {
      slug,
      ...(fields as Partial<ConditionRecord>),
      ...(variant !== undefined && { variant }),
      ...(follow.side && { side: follow.side }),
      ...(since && { since }),
      ...(follow.pain !== undefined && { painToday: follow.pain }),
      ...(fields.severeHypo24h && { severeHypoOn: today }),
    }
  })
}

const FALSE_IS_STRICT = new Set(['standingOk'])

/** The stricter of two values of one field (rule base 4.0): earlier stage, shorter time, higher pain, both sides, yes (of `standingOk` no). */
function stricterValue(base: RuleBase, slug: string, field: string, a: unknown, b: unknown): unknown {
  if (a === b) return a
  if (field === 'variant') {
    const variants = base.conditions.get(slug)?.variants ?? []
    return variants.indexOf(String(a)) <= variants.indexOf(String(b)) ? a : b
  }
  if (field === 'side') return 'both'
  if (typeof a === 'boolean') return !FALSE_IS_STRICT.has(field)
  if (typeof a === 'number' && typeof b === 'number') return field === 'painToday' ? Math.max(a, b) : Math.min(a, b)
  if (field === 'since' || field === 'severeHypoOn') return String(a) > String(b) ? a : b
  return b
}

/** Two records of one condition as one: nothing is dropped, where they differ the stricter wins. */
export function joined(base: RuleBase, a: ConditionRecord, b: ConditionRecord): { record: ConditionRecord; differing: Proposal['differing'] } {
  const left = a as Record<string, unknown>
  const right = b as Record<string, unknown>
  const fields = [...new Set([...Object.keys(left), ...Object.keys(right)])]
  const differing: Proposal['differing'] = []
  const record = Object.fromEntries(
    fields.map((field) => {
      if (left[field] === undefined) return [field, right[field]]
      if (right[field] === undefined) return [field, left[field]]
      if (left[field] !== right[field]) differing.push({ field, values: [String(left[field]), String(right[field])] })
      return [field, stricterValue(base, a.slug, field, left[field], right[field])]
    }),
  ) as ConditionRecord
  return { record, differing }
}

/** Whether a record asks for a letter by itself, with the fields it carries (0.3 step 2). */
export type NeedsLetter = (records: readonly ConditionRecord[]) => boolean

/** Whether records ask for a letter by themselves on a day, whatever letters are on file (0.3 step 2). */
export const letterNeeded =
  (base: RuleBase, record: ClientRecord, day: Day): NeedsLetter =>
  (records) => {
    const { screening: _screening, ...rest } = record
    const facts = factsOn(base, { ...rest, conditions: [...records], clearances: [] }, day)
    const { gates } = assess(base, { ...facts, screenOutcome: 'go' })
    return gates.some(({ outcome, condition }) => outcome === 'clearance-first' && records.some(({ slug }) => slug === condition))
  }

function chosenOf(questions: readonly ScreeningQuestion[], answers: Answers): Chosen[] {
  return questions.flatMap((question) =>
    (answers[question.id]?.keys ?? []).flatMap((key): Chosen[] => {
      const option = question.options.find((one) => one.key === key)
      return option ? [{ question, option, follow: answers[question.id]?.follow?.[key] ?? {} }] : []
    }),
  )
}

function findingOf({ question, option }: Chosen, records: readonly ConditionRecord[], needsLetter: NeedsLetter, on: Day): Finding {
  const outcome = records.length > 0 && needsLetter(records) ? stricter(option.outcome, 'clearance-first') : option.outcome
  return {
    question: question.id,
    key: option.key,
    outcome,
    slugs: records.map(({ slug }) => slug),
    on,
    ...(option.again && { again: true }),
    ...(option.later && { later: option.later }),
  }
}

/**
 * What the answers of a form lead to (rule base 4.0). The private section is not read: its answers stay with the one who asked.
 *
 * @param today the day on which the form is filled in
 * @param needsLetter tells whether proposed records ask for a letter by themselves: such an answer is at least clearance-first
 */
export function screen(form: Form, base: RuleBase, answers: Answers, about: About, today: Day, needsLetter: NeedsLetter): ScreeningResult {
  const hidden = new Set(form.sections.filter((section) => section.private).map(({ id }) => id))
  const due = dueQuestions(form, answers, about).filter(({ section }) => !hidden.has(section))
  const chosen = chosenOf(due, answers)
  const withRecords = chosen.map((one) => ({ one, records: proposed(form, one, today) }))
  const proposals = new Map<string, Proposal>()
  for (const { one, records } of withRecords) {
    for (const record of records) {
      const from = { question: one.question.id, key: one.option.key }
      const before = proposals.get(record.slug)
      if (!before) {
        proposals.set(record.slug, { record, from: [from], differing: [] })
        continue
      }
      const { record: both, differing } = joined(base, before.record, record)
      proposals.set(record.slug, { record: both, from: [...before.from, from], differing: [...before.differing, ...differing] })
    }
  }
  const findings = withRecords
    .map(({ one, records }) => findingOf(one, records, needsLetter, today))
    .filter(({ outcome, slugs, later }) => outcome !== 'go' || slugs.length > 0 || later !== undefined)
  const week = chosen.find(({ follow }) => follow.week !== undefined || follow.due !== undefined)?.follow
  const birth = chosen.find(({ follow }) => follow.birth !== undefined)
  const dueDate = week?.due ?? (week?.week === undefined ? undefined : addDays(today, (WEEKS_OF_PREGNANCY - week.week) * 7))
  const byKind = birth?.option.record?.some(({ slug }) => {
    const added = base.conditions.get(slug)?.addedBy
    return added?.by === 'birth' && added.kind === 'caesarean'
  })
  return {
    skipped: due.filter(({ id }) => (answers[id]?.keys.length ?? 0) === 0).map(({ id }) => id),
    findings: findings.sort((a, b) => rank(b.outcome) - rank(a.outcome)),
    proposals: [...proposals.values()],
    sets: Object.assign({}, ...chosen.map(({ option }) => option.set ?? {})),
    dates: {
      ...(dueDate && { dueDate }),
      ...(birth?.follow.birth && { lastBirth: { on: birth.follow.birth, kind: byKind ? 'caesarean' : 'vaginal' } }),
    },
    words: due.flatMap(({ id, kind }) => (kind === 'text' && answers[id]?.text ? [answers[id].text] : [])),
  }
}

const rank = (outcome: ScreeningOutcome): number =>
  stricter(outcome, 'limits') === 'limits' ? 0 : stricter(outcome, 'not-today') === 'not-today' ? 1 : 2

/** The first answer that interrupts the form: help comes before the rest of the questions. */
export const interruptOf = (form: Form, answers: Answers): { question: ScreeningQuestion; option: ScreeningOption } | undefined =>
  form.questions
    .flatMap((question) => question.options.map((option) => ({ question, option })))
    .find(({ question, option }) => option.interrupt && answers[question.id]?.keys.includes(option.key))

/** Adds proposals to a record: each joined with what stands there. */
export function withProposals(base: RuleBase, conditions: readonly ConditionRecord[], proposals: readonly Proposal[]): ConditionRecord[] {
  let all = [...conditions]
  for (const { record } of proposals) {
    // of two of a kind the one of that side
    const same = all.filter(({ slug }) => slug === record.slug)
    const before = same.find(({ side }) => record.side !== undefined && side === record.side) ?? same[0]
    if (before) all = all.map((one) => (one === before ? joined(base, before, record).record : one))
    else all.push(record)
  }
  return all
}

/** Fields that plain answers set, put where the record keeps them. */
export function withSets(record: ClientRecord, { noBirth12m, latexAllergy, ...abilities }: ProposedSets): ClientRecord {
  return {
    ...record,
    ...(noBirth12m !== undefined && { noBirth12m }),
    ...(latexAllergy !== undefined && { latexAllergy }),
    capability: { ...record.capability, ...abilities },
  }
}

/** Findings that only the form's being filled in again can close. */
const ASKED_AT_THE_DOOR = 'D4'

/**
 * The record after a form was filled in: its outcome binds from now on, and what an emergency or not-today answer proposes is in the
 * record at once, without waiting for the leader (rule base 4.0). Open answers of an earlier form that need somebody else's word stay open.
 *
 * @param completed false when the form was interrupted: it is then no completed form
 */
export function withForm(base: RuleBase, record: ClientRecord, result: ScreeningResult, day: Day, completed: boolean): ClientRecord {
  const urgent = new Set(result.findings.filter(({ outcome }) => outcome === 'emergency' || outcome === 'not-today').flatMap(({ slugs }) => slugs))
  const before = record.screening
  const answeredNow = new Set(result.findings.map(({ question, key }) => `${question} ${key}`))
  const kept = (before?.findings ?? []).filter(({ question, key, outcome, again, settledOn }) => {
    if (answeredNow.has(`${question} ${key}`) || settledOn !== undefined) return false
    if (question === ASKED_AT_THE_DOOR) return !completed
    return outcome !== 'go' && outcome !== 'limits' && !again
  })
  return {
    ...record,
    conditions: withProposals(
      base,
      record.conditions,
      result.proposals.filter(({ record: { slug } }) => urgent.has(slug)),
    ),
    screening: {
      ...(completed ? { completedOn: day } : before?.completedOn !== undefined && { completedOn: before.completedOn }),
      skipped: completed ? result.skipped : (before?.skipped ?? []),
      findings: [...kept, ...result.findings],
      ...(!completed && before?.askAgainOn !== undefined && { askAgainOn: before.askAgainOn }),
    },
  }
}

/**
 * The record after the leader has confirmed proposals: what they carry is joined with what stands there, plain answers are set, and
 * every answer whose conditions are all in is marked.
 *
 * @param slugs the proposals that were confirmed
 * @param spoken answers with nothing to confirm that the leader has gone through with the person, as `question key`
 */
export function withConfirmed(
  base: RuleBase,
  record: ClientRecord,
  result: ScreeningResult,
  { slugs, spoken, day, by }: { slugs: readonly string[]; spoken: readonly string[]; day: Day; by: string },
): ClientRecord {
  const chosen = result.proposals.filter(({ record: { slug } }) => slugs.includes(slug))
  const next = withSets({ ...record, ...result.dates, conditions: withProposals(base, record.conditions, chosen) }, result.sets)
  const there = new Set(next.conditions.map(({ slug }) => slug))
  const findings = (record.screening?.findings ?? []).map((finding): Finding => {
    const easy = finding.outcome === 'go' || finding.outcome === 'limits'
    if (finding.slugs.length > 0)
      return finding.slugs.every((slug) => there.has(slug)) ? { ...finding, confirmedOn: finding.confirmedOn ?? day } : finding
    return easy && spoken.includes(`${finding.question} ${finding.key}`) ? { ...finding, settledOn: day, settledBy: by } : finding
  })
  return { ...next, screening: { skipped: [], ...record.screening, findings } }
}

/** The record after a clinician's word about one answer is on file: it may come again as far as that answer goes. */
export const withSettled = (record: ClientRecord, answer: { question: string; key: string; by: string; on: Day }): ClientRecord => ({
  ...record,
  ...(record.screening && {
    screening: {
      ...record.screening,
      findings: record.screening.findings.map((finding) =>
        finding.question === answer.question && finding.key === answer.key ? { ...finding, settledOn: answer.on, settledBy: answer.by } : finding,
      ),
    },
  }),
})

/** The record after an answer to a day question that outlasts the day, or after it was taken back on that day. */
export function withDoorFinding(
  record: ClientRecord,
  { question, key, outcome, askAgain }: { question: string; key: string; outcome: ScreeningOutcome; askAgain?: boolean },
  day: Day,
  said: boolean,
): ClientRecord {
  const { askAgainOn, ...before } = record.screening ?? { skipped: [], findings: [] }
  const others = before.findings.filter((finding) => finding.question !== question || finding.key !== key || finding.on !== day)
  const again = askAgain ? (said ? day : undefined) : askAgainOn
  return {
    ...record,
    screening: {
      ...before,
      findings: said ? [...others, { question, key, outcome, slugs: [], on: day }] : others,
      ...(again !== undefined && { askAgainOn: again }),
    },
  }
}
