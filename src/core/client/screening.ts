import { z } from 'zod'

/** From the freest to the strictest; the strongest outcome of all answers wins (rule base section 4). */
export const SCREENING_OUTCOMES = ['go', 'limits', 'clearance', 'not-today', 'emergency'] as const
export type ScreeningOutcome = (typeof SCREENING_OUTCOMES)[number]

export interface ScreeningOption {
  value: string
  text: string
  outcome: ScreeningOutcome
  /** what is said about it */
  says?: string
  /** conditions that the instructor may confirm into the record */
  proposes?: readonly string[]
  /** answers about abilities */
  sets?: Partial<Record<'riseNoHands' | 'floorTransferOk', boolean>>
}
export interface ScreeningQuestion {
  id: string
  section: 'general' | 'pregnancy' | 'after-birth'
  text: string
  options: readonly ScreeningOption[]
}

/** Answers by question; a question that was skipped has none and counts as its cautious answer. */
export const screeningAnswersSchema = z.record(z.string().max(8), z.string().max(40))
export type ScreeningAnswers = z.infer<typeof screeningAnswersSchema>

export interface ScreeningReason {
  question: string
  text: string
  answer: string
  outcome: ScreeningOutcome
  says: string
  skipped: boolean
}
export interface ScreeningResult {
  outcome: ScreeningOutcome
  reasons: ScreeningReason[]
  /** slugs worth recording, each once; nothing is recorded until the instructor confirms */
  proposes: string[]
  sets: Partial<Record<'riseNoHands' | 'floorTransferOk', boolean>>
}

const rank = (outcome: ScreeningOutcome) => SCREENING_OUTCOMES.indexOf(outcome)

const NOT_ANSWERED: ScreeningOption = { value: '', text: 'not answered', outcome: 'clearance', says: 'Ask before the first class.' }

/** The cautious reading of a skipped question: its strictest answer with which somebody may still come, else the class waits; never an emergency. */
function cautious(question: ScreeningQuestion): ScreeningOption {
  const strictest = (outcomes: readonly ScreeningOutcome[]) =>
    question.options.filter(({ outcome }) => outcomes.includes(outcome)).sort((a, b) => rank(b.outcome) - rank(a.outcome))[0]
  return strictest(['limits', 'clearance']) ?? strictest(['not-today']) ?? NOT_ANSWERED
}

/**
 * What the answers lead to, with the reasons. An answer that is not among the options counts as skipped.
 *
 * @param sections the parts of the form that concern this person
 */
export function screen(
  questions: readonly ScreeningQuestion[],
  answers: ScreeningAnswers,
  sections: readonly ScreeningQuestion['section'][],
): ScreeningResult {
  const asked = questions.filter(({ section }) => sections.includes(section))
  const read = asked.map((question) => {
    const given = question.options.find(({ value }) => value === answers[question.id])
    return { question, option: given ?? cautious(question), skipped: given === undefined }
  })
  const reasons = read
    .filter(({ option }) => option.outcome !== 'go')
    .map(
      ({ question, option, skipped }): ScreeningReason => ({
        question: question.id,
        text: question.text,
        answer: option.text,
        outcome: option.outcome,
        says: option.says ?? '',
        skipped,
      }),
    )
    .sort((a, b) => rank(b.outcome) - rank(a.outcome))
  return {
    outcome: reasons[0]?.outcome ?? 'go',
    reasons,
    // a skipped question limits, but records nothing
    proposes: [...new Set(read.filter(({ skipped }) => !skipped).flatMap(({ option }) => option.proposes ?? []))],
    sets: Object.assign({}, ...read.map(({ option }) => option.sets ?? {})),
  }
}

/** A clean form holds twelve months, or until something changes. */
export const SCREENING_MONTHS = 12
