'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { checkPlan, type PlanDraft, planSchema, problemText } from '@/core/plan'
import { studioLibrary } from '../library'
import { addClass, type RosterPlaceOf, savePlan, setPlaces } from '../repositories/classes'
import { here, today } from '../studio'
import { answer, InvalidError, idSchema, type Outcome, repeated, revisionSchema } from './outcome'

const saveSchema = z.strictObject({ id: idSchema, revision: revisionSchema, plan: planSchema })

/** Saves a plan in which everything is known to the library. */
export async function saveClass(input: unknown): Promise<Outcome<{ revision: number; begun: boolean }, PlanDraft>> {
  return answer<typeof saveSchema, { revision: number; begun: boolean }, PlanDraft>(saveSchema, input, async ({ id, revision, plan }) => {
    const { db, studio } = await here()
    const { catalogue } = await studioLibrary(db, studio.id)
    const checked = checkPlan(plan, catalogue)
    if ('problems' in checked) throw new InvalidError(checked.problems.map((problem) => ({ path: '$.plan', message: problemText(problem) })))
    return savePlan(db, studio.id, id, revision, plan, today(studio))
  })
}

const newSchema = z.strictObject({
  title: z.string().trim().min(1, 'a title is needed').max(120),
  promisedMinutes: z.number().int().min(5).max(120),
  weekday: z.number().int().min(0).max(6).nullable(),
  startTime: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'expected a time, HH:MM')
    .nullable(),
})

const EMPTY_PHASES = [
  { id: 'warm', kind: 'warm-up', title: 'Warm up', blocks: [{ id: 'warm-a', items: [] }] },
  { id: 'main', kind: 'main', title: 'Main', blocks: [{ id: 'main-a', items: [] }] },
  { id: 'cool', kind: 'cool-down', title: 'Come down', blocks: [{ id: 'cool-a', items: [] }] },
] as const

export async function createClass(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(newSchema, input, async ({ title, promisedMinutes, weekday, startTime }) => {
    const { db, studio } = await here()
    const id = randomUUID()
    await addClass(db, studio.id, { id, plan: planSchema.parse({ title, promisedMinutes, phases: EMPTY_PHASES }), weekday, startTime })
    return { id }
  })
}

const rosterSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  people: z.array(z.strictObject({ clientId: idSchema, place: z.enum(['enrolled', 'waiting', 'guest']) })).max(60),
})

export async function saveRoster(input: unknown): Promise<Outcome<{ revision: number }, RosterPlaceOf[]>> {
  return answer<typeof rosterSchema, { revision: number }, RosterPlaceOf[]>(rosterSchema, input, async ({ id, revision, people }) => {
    const { db, studio } = await here()
    const twice = repeated(people, ({ clientId }) => clientId)
    if (twice) throw new InvalidError([{ path: '$.people', message: `person ${twice.clientId} is there twice` }])
    return { revision: await setPlaces(db, studio.id, id, revision, people) }
  })
}
