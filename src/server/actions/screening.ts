'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { QUESTIONS } from '@/content/screening/questions'
import { clientSchema, screen, screeningAnswersSchema } from '@/core/client'
import { getClient, saveClient } from '../repositories/clients'
import { addScreening, confirmScreening, getScreening } from '../repositories/screenings'
import { here, today } from '../studio'
import { answer, InvalidError, idSchema, type Outcome, revisionSchema } from './outcome'

/** Keeps the answers of a form. Nothing of the record changes. */
export async function keepScreening(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(z.strictObject({ clientId: idSchema, answers: screeningAnswersSchema }), input, async ({ clientId, answers }) => {
    const wrong = Object.entries(answers).find(
      ([id, value]) => !QUESTIONS.find((question) => question.id === id)?.options.some((one) => one.value === value),
    )
    if (wrong) throw new InvalidError([{ path: `$.answers.${wrong[0]}`, message: `"${wrong[1]}" is no answer to this question` }])
    const { db, studio } = await here()
    await getClient(db, studio.id, clientId)
    const id = randomUUID()
    await addScreening(db, studio.id, id, clientId, today(), answers)
    return { id }
  })
}

const confirmSchema = z.strictObject({ id: idSchema, revision: revisionSchema, slugs: z.array(z.string().max(60)).max(30) })

/** The instructor's confirmation: the chosen proposals and abilities become part of the record, and the day of screening is noted. */
export async function confirmProposals(input: unknown): Promise<Outcome<object>> {
  return answer(confirmSchema, input, async ({ id, revision, slugs }) => {
    const { db, studio } = await here()
    const screening = await getScreening(db, studio.id, id)
    const { proposes, sets } = screen(QUESTIONS, screening.answers, ['general', 'pregnancy', 'after-birth'])
    const foreign = slugs.find((slug) => !proposes.includes(slug))
    if (foreign) throw new InvalidError([{ path: '$.slugs', message: `"${foreign}" was not proposed by these answers` }])
    const { record } = await getClient(db, studio.id, screening.clientId)
    const known = new Set(record.conditions.map(({ slug }) => slug))
    const next = clientSchema.parse({
      ...record,
      screenedOn: screening.day,
      conditions: [...record.conditions, ...slugs.filter((slug) => !known.has(slug)).map((slug) => ({ slug }))],
      capability: { ...record.capability, ...sets },
    })
    await saveClient(db, studio.id, screening.clientId, revision, next)
    await confirmScreening(db, studio.id, id, today())
    return {}
  })
}
