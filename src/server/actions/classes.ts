'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { calendarSchema, checkPlan, type PlanDraft, planSchema, problemText, timeSchema } from '@/core/plan'
import type { Database } from '../db/connection'
import { studioLibrary } from '../library'
import { addClass, type RosterPlaceOf, savePlan, setPlaces } from '../repositories/classes'
import { getClients } from '../repositories/clients'
import { once } from '../repositories/requests'
import { copyClass, eraseClass as erase, putBackClass as putBack, removeClass as remove, saveTime, type TimeOfClass } from '../repositories/timetable'
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

const titleSchema = z.string().trim().min(1, 'a title is needed').max(120)
const weekdaySchema = z.number().int().min(0).max(6).nullable()
const newSchema = z.strictObject({
  key: idSchema,
  title: titleSchema,
  promisedMinutes: z.number().int().min(5).max(120),
  weekday: weekdaySchema,
  startTime: timeSchema.nullable(),
})

const EMPTY_PHASES = [
  { id: 'warm', kind: 'warm-up', title: 'Warm up', blocks: [{ id: 'warm-a', items: [] }] },
  { id: 'main', kind: 'main', title: 'Main', blocks: [{ id: 'main-a', items: [] }] },
  { id: 'cool', kind: 'cool-down', title: 'Come down', blocks: [{ id: 'cool-a', items: [] }] },
] as const

export async function createClass(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(newSchema, input, async ({ key, ...made }) => {
    const { title, promisedMinutes, weekday, startTime } = made
    const { db, studio } = await here()
    return once(db, studio.id, key, made, async (tx) => {
      const id = randomUUID()
      await addClass(tx, studio.id, { id, plan: planSchema.parse({ title, promisedMinutes, phases: EMPTY_PHASES }), weekday, startTime })
      return { id }
    })
  })
}

const copySchema = z.strictObject({ key: idSchema, id: idSchema, title: titleSchema, withPeople: z.boolean() })

export async function duplicateClass(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(copySchema, input, async ({ key, ...copy }) => {
    const { db, studio } = await here()
    return once(db, studio.id, key, copy, async (tx) => {
      const id = randomUUID()
      await copyClass(tx, studio.id, copy.id, id, copy.title, copy.withPeople)
      return { id }
    })
  })
}

const timeOfClassSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  weekday: weekdaySchema,
  startTime: timeSchema.nullable(),
  calendar: calendarSchema,
})

/** Moves a class to another weekday and time, and sets its single days. */
export async function moveClass(input: unknown): Promise<Outcome<{ revision: number }, TimeOfClass>> {
  return answer<typeof timeOfClassSchema, { revision: number }, TimeOfClass>(timeOfClassSchema, input, async ({ id, revision, ...time }) => {
    const { db, studio } = await here()
    return { revision: await saveTime(db, studio.id, id, revision, time) }
  })
}

const oneSchema = z.strictObject({ id: idSchema })
const forOne = (input: unknown, run: (db: Database, studioId: string, id: string) => Promise<void>): Promise<Outcome<object>> =>
  answer(oneSchema, input, async ({ id }) => {
    const { db, studio } = await here()
    await run(db, studio.id, id)
    return {}
  })

/** Takes a class off the desk; its log stays and it can be put back. */
export async function removeClass(input: unknown): Promise<Outcome<object>> {
  return forOne(input, remove)
}

export async function putBackClass(input: unknown): Promise<Outcome<object>> {
  return forOne(input, putBack)
}

/** Deletes a removed class for good, with its sessions and their logs. */
export async function eraseClass(input: unknown): Promise<Outcome<object>> {
  return forOne(input, erase)
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
    const withdrawn = (
      await getClients(
        db,
        studio.id,
        people.map(({ clientId }) => clientId),
      )
    ).find(({ record }) => record.consentWithdrawnOn !== undefined)
    if (withdrawn)
      throw new InvalidError([
        {
          path: '$.people',
          message: `${withdrawn.record.given} no longer agrees that health data are kept, and can be in no class until that changes`,
        },
      ])
    return { revision: await setPlaces(db, studio.id, id, revision, people) }
  })
}
