'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { FORM } from '@/content/screening/form'
import {
  type Answers,
  aboutOn,
  answersSchema,
  type ClientRecord,
  checkAnswers,
  type Day,
  FormError,
  interruptOf,
  letterNeeded,
  type ScreeningResult,
  screen,
  withConfirmed,
  withForm,
  withSettled,
} from '@/core/client'
import { getClient, saveClient } from '../repositories/clients'
import { confirmForm, getScreening, keepForm } from '../repositories/screenings'
import { RULE_BASE } from '../ruleBase'
import { here, today } from '../studio'
import { answer, InvalidError, idSchema, type Outcome, revisionSchema } from './outcome'

function resultOf(record: ClientRecord, answers: Answers, day: Day): ScreeningResult {
  return screen(FORM, RULE_BASE, answers, aboutOn(record, day), day, letterNeeded(RULE_BASE, record, day))
}

/** Private answers stay with the one who asked: they are in no form that is kept (rule base 4.6). */
function withoutPrivate(answers: Answers): Answers {
  const hidden = new Set(FORM.sections.filter((section) => section.private).map(({ id }) => id))
  return Object.fromEntries(
    Object.entries(answers).filter(([id]) => !FORM.questions.some((question) => question.id === id && hidden.has(question.section))),
  )
}

/** Keeps the answers of a form. What it comes to binds at once; the proposals wait for the leader, but for those of an urgent answer. */
export async function keepScreening(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(z.strictObject({ clientId: idSchema, answers: answersSchema }), input, async ({ clientId, answers: given }) => {
    const answers = withoutPrivate(given)
    try {
      checkAnswers(FORM, answers)
    } catch (error) {
      if (error instanceof FormError) throw new InvalidError([{ path: `$.answers.${error.question}`, message: error.detail }])
      throw error
    }
    const { db, studio } = await here()
    const id = randomUUID()
    const day = today(studio)
    const completed = interruptOf(FORM, answers) === undefined
    await keepForm(db, studio.id, { id, clientId, day, answers }, (record) =>
      withForm(RULE_BASE, record, resultOf(record, answers, day), day, completed),
    )
    return { id }
  })
}

const confirmSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  /** proposals that go into the record */
  slugs: z.array(z.string().max(60)).max(40),
  /** answers without a proposal that were gone through with the person, as "question key" */
  spoken: z.array(z.string().max(60)).max(80),
})

/** The leader's confirmation: the chosen proposals with all they carry, and the abilities, become part of the record. */
export async function confirmProposals(input: unknown): Promise<Outcome<object>> {
  return answer(confirmSchema, input, async ({ id, revision, slugs, spoken }) => {
    const { db, studio } = await here()
    const { answers, clientId, day } = await getScreening(db, studio.id, id)
    if (!answers) throw new InvalidError([{ path: '$.id', message: 'this form is of an earlier kind; ask the questions again' }])
    const now = today(studio)
    await confirmForm(db, studio.id, { id, clientId, day: now }, revision, (record) => {
      const result = resultOf(record, answers, day)
      const foreign = slugs.find((slug) => !result.proposals.some((proposal) => proposal.record.slug === slug))
      if (foreign) throw new InvalidError([{ path: '$.slugs', message: `"${foreign}" was not proposed by these answers` }])
      return withConfirmed(RULE_BASE, record, result, { slugs, spoken, day: now, by: studio.instructor })
    })
    return {}
  })
}

const settleSchema = z.strictObject({
  clientId: idSchema,
  revision: revisionSchema,
  question: z.string().max(8),
  key: z.string().max(40),
  by: z.string().trim().min(2, 'say who gave their word').max(120),
})

/** A clinician's word about one answer is on file. */
export async function settleAnswer(input: unknown): Promise<Outcome<object, ClientRecord>> {
  return answer<typeof settleSchema, object, ClientRecord>(settleSchema, input, async ({ clientId, revision, ...said }) => {
    const { db, studio } = await here()
    const { record } = await getClient(db, studio.id, clientId)
    if (!record.screening?.findings.some(({ question, key }) => question === said.question && key === said.key))
      throw new InvalidError([{ path: '$.key', message: 'this answer is not open' }])
    await saveClient(db, studio.id, clientId, revision, withSettled(record, { ...said, on: today(studio) }))
    return {}
  })
}
