import { z } from 'zod'
import type { ConditionFields } from '../safety'
import { daySchema } from './calendar'

/** Outcomes of the health questions, mildest first (rule base 4.0). */
export const SCREENING_OUTCOMES = ['go', 'limits', 'clearance-first', 'not-today', 'emergency'] as const
export type ScreeningOutcome = (typeof SCREENING_OUTCOMES)[number]

export const stricter = (a: ScreeningOutcome, b: ScreeningOutcome): ScreeningOutcome =>
  SCREENING_OUTCOMES.indexOf(a) >= SCREENING_OUTCOMES.indexOf(b) ? a : b

/** Questions behind an answer, that fill in what a record still needs. */
export const FOLLOW_UPS = ['side', 'when', 'pain', 'week', 'birth', 'nights'] as const
export type FollowUp = (typeof FOLLOW_UPS)[number]

/** A condition that an answer proposes for the record, with the fields it carries. */
export type ProposedRecord = { slug: string } & Partial<ConditionFields>

/** Fields of the person that a plain answer may set. */
export type ProposedSets = Partial<Record<'noBirth12m' | 'latexAllergy' | 'riseNoHands' | 'floorTransferOk' | 'impactTrained' | 'coning', boolean>>

export interface ScreeningOption {
  key: string
  say: string
  outcome: ScreeningOutcome
  /** excludes the other answers of its question */
  only?: boolean
  /** the form stops and the page shows what to do now */
  interrupt?: boolean
  /** closed when the question has been answered again on a later day */
  again?: boolean
  record?: readonly ProposedRecord[]
  set?: ProposedSets
  next?: readonly FollowUp[]
  /** what it counts as from a week of pregnancy on, whatever was ticked earlier */
  later?: { week: number; outcome: ScreeningOutcome; slug: string }
}

export interface ScreeningQuestion {
  id: string
  section: string
  /** heading under which it stands */
  topic?: string
  /** one answer, every answer that is true, or free words read by a person */
  kind: 'one' | 'many' | 'text'
  /** when it is asked; left out = of everybody in its section */
  when?: string
  ask: string
  options: readonly ScreeningOption[]
}

export interface ScreeningSection {
  id: string
  /** left out = it concerns everybody */
  when?: string
  /** an answer after which the rest of the section waits until the leader has spoken with the person */
  endsWith?: { question: string; key: string }
  /** never opened by a skipped question, never stored with the form */
  private?: boolean
  /** what the calendar knows that opens it too */
  opensIn?: 'gestation' | 'birth-year'
}

/** How a pain (and pain at night) names the stage, for answers that name none. */
export interface PainStage {
  slugs: readonly string[]
  /** highest pain of each stage, mildest first; pain above the last is that of `worst` */
  stages: readonly { variant: string; upTo: number }[]
  worst: string
  /** pain at night makes it the worst stage */
  nights?: boolean
}

export interface Form {
  sections: readonly ScreeningSection[]
  questions: readonly ScreeningQuestion[]
  painStages: readonly PainStage[]
}

const roughDay = z.string().regex(/^\d{4}(-\d{2}(-\d{2})?)?$/, 'expected a year, a month or a day')
/** What is answered behind one answer; what is not sure is left out. */
export const followAnswersSchema = z.strictObject({
  side: z.enum(['left', 'right', 'both']).optional(),
  /** YYYY, YYYY-MM or YYYY-MM-DD */
  when: roughDay.optional(),
  /** 0 to 10 */
  pain: z.number().int().min(0).max(10).optional(),
  /** completed weeks of pregnancy */
  week: z.number().int().min(0).max(45).optional(),
  due: daySchema.optional(),
  birth: daySchema.optional(),
  nights: z.boolean().optional(),
})
export type FollowAnswers = z.infer<typeof followAnswersSchema>

export const answerSchema = z.strictObject({
  keys: z.array(z.string().max(40)).max(20),
  /** free words */
  text: z.string().max(1000).optional(),
  /** by key of the answer */
  follow: z.record(z.string().max(40), followAnswersSchema).optional(),
})
export type Answer = z.infer<typeof answerSchema>
/** Answers by question; a question that was skipped has none. */
export const answersSchema = z.record(z.string().max(8), answerSchema)
export type Answers = z.infer<typeof answersSchema>

/** Who fills in the form, as far as it decides what is asked. */
export interface About {
  /** completed years */
  age: number
  /** the calendar says pregnant, or within a year of a birth */
  pregnant: boolean
  afterBirth: boolean
}

export class FormError extends Error {
  constructor(
    readonly code: 'when-unreadable' | 'unknown-question' | 'unknown-answer' | 'only-one' | 'excludes-others',
    readonly question: string,
    readonly detail: string,
  ) {
    super(`${question}: ${code}: ${detail}`)
    this.name = 'FormError'
  }
}

type WhenPart = { kind: 'age'; from: number } | { kind: 'is'; question: string; keys: string[] }

/**
 * Parses `G9 is once or more; or age >= 65` (rule base 4.0).
 *
 * @throws FormError when a part cannot be read
 */
export function parseWhen(text: string, of: string): WhenPart[] {
  return text.split(/; or /).map((part): WhenPart => {
    const age = /^age >= (\d+)$/.exec(part)
    if (age) return { kind: 'age', from: Number(age[1]) }
    const is = /^(\w+) is (.+)$/.exec(part)
    if (!is) throw new FormError('when-unreadable', of, `expected "question is key, key or key" or "age >= n", found "${part}"`)
    return { kind: 'is', question: is[1]!, keys: is[2]!.split(/, | or /) }
  })
}

const answered = (answers: Answers, id: string): boolean => (answers[id]?.keys.length ?? 0) > 0

/**
 * Which questions concern this person with the answers given so far, in the order in which they are asked.
 *
 * @param wasAsked whether a question without an answer was left out, rather than not come to yet; all were when left out
 */
export function dueQuestions(form: Form, answers: Answers, about: About, wasAsked: (question: string) => boolean = () => true): ScreeningQuestion[] {
  const byId = new Map(form.questions.map((question) => [question.id, question]))
  const sections = new Map(form.sections.map((section) => [section.id, section]))
  const known = new Map<string, boolean>()
  const holdsFor = (when: string, of: string, skippingOpens: boolean): boolean =>
    parseWhen(when, of).some((part) => {
      if (part.kind === 'age') return about.age >= part.from
      const named = byId.get(part.question)
      if (!named) throw new FormError('unknown-question', of, part.question)
      if (answered(answers, part.question)) return answers[part.question]!.keys.some((key) => part.keys.includes(key))
      return skippingOpens && wasAsked(part.question) && isDue(named)
    })
  const ended = ({ endsWith }: ScreeningSection, question: ScreeningQuestion): boolean =>
    endsWith !== undefined && question.id !== endsWith.question && (answers[endsWith.question]?.keys.includes(endsWith.key) ?? false)
  const isDue = (question: ScreeningQuestion): boolean => {
    const seen = known.get(question.id)
    if (seen !== undefined) return seen
    // a question that leads back to itself is not due by that way
    known.set(question.id, false)
    const section = sections.get(question.section)
    if (!section) throw new FormError('unknown-question', question.id, `there is no section "${question.section}"`)
    const byCalendar = (section.opensIn === 'gestation' && about.pregnant) || (section.opensIn === 'birth-year' && about.afterBirth)
    const open = section.when === undefined || byCalendar || holdsFor(section.when, section.id, false)
    const due = open && !ended(section, question) && (question.when === undefined || holdsFor(question.when, question.id, !section.private))
    known.set(question.id, due)
    return due
  }
  return form.questions.filter(isDue)
}

/**
 * Refuses answers that the form does not know.
 *
 * @throws FormError
 */
export function checkAnswers(form: Form, answers: Answers): void {
  for (const [id, { keys }] of Object.entries(answers)) {
    const question = form.questions.find((one) => one.id === id)
    if (!question) throw new FormError('unknown-question', id, 'the form has no such question')
    for (const key of keys) {
      const option = question.options.find((one) => one.key === key)
      if (!option) throw new FormError('unknown-answer', id, `expected one of ${question.options.map((one) => one.key).join(', ')}, found "${key}"`)
      if (option.only && keys.length > 1) throw new FormError('excludes-others', id, `"${option.say}" excludes the other answers`)
    }
    if (question.kind === 'one' && keys.length > 1) throw new FormError('only-one', id, 'expected one answer')
  }
}

/** The answer after one more press: of one kind it replaces, "none of these" excludes the others and they it. */
export function pressed(question: ScreeningQuestion, answer: Answer | undefined, key: string): Answer {
  const before = answer?.keys ?? []
  const option = question.options.find((one) => one.key === key)
  const only = new Set(question.options.filter((one) => one.only).map((one) => one.key))
  const keys = before.includes(key)
    ? before.filter((one) => one !== key)
    : question.kind === 'many' && !option?.only
      ? [...before.filter((one) => !only.has(one)), key]
      : [key]
  const follow = Object.fromEntries(Object.entries(answer?.follow ?? {}).filter(([one]) => keys.includes(one)))
  return { ...answer, keys, ...(answer?.follow && { follow }) }
}
