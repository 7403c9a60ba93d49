'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { wishesSchema } from '@/core/compose'
import { calendarSchema, checkPlan, type PlanDraft, planSchema, problemText, timeSchema } from '@/core/plan'
import { type Series, seriesSchema } from '@/core/progress'
import { type TreadLine, treadLine } from '@/core/timing'
import type { Database } from '../db/connection'
import { studioLibrary } from '../library'
import { addClass, keepWishes, type RosterPlaceOf, setPlaces } from '../repositories/classes'
import { getClients } from '../repositories/clients'
import { savePlan, saveSeries, saveTime } from '../repositories/planning'
import { once } from '../repositories/requests'
import { copyClass, eraseClass as erase, putBackClass as putBack, removeClass as remove, type TimeOfClass } from '../repositories/timetable'
import { here, today } from '../studio'
import { briefSchema, planFor } from './newClass'
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
const newSchema = briefSchema.extend({
  key: idSchema,
  title: titleSchema,
  weekday: weekdaySchema,
  startTime: timeSchema.nullable(),
  /** the only person of it, for a visit */
  clientId: idSchema.optional(),
})

/** A class from a brief: what it is begun from, for how long, with what kit. */
export async function createClass(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(newSchema, input, async ({ key, ...made }) => {
    const { title, weekday, startTime, clientId, ...brief } = made
    const { db, studio } = await here()
    return once(db, studio.id, key, made, async (tx) => {
      const { plan } = await planFor(tx, studio, brief)
      const id = randomUUID()
      await addClass(tx, studio.id, { id, plan: { ...plan, title }, weekday, startTime })
      if (clientId !== undefined) {
        await mayJoin(tx, studio.id, [clientId])
        await setPlaces(tx, studio.id, id, 1, [{ clientId, place: 'enrolled' }])
      }
      return { id }
    })
  })
}

const wishedSchema = z.strictObject({ id: idSchema, wishes: wishesSchema })
/** Keeps with a class what it was composed for, so that it is there the next time: of the brief what was wished. */
export async function keepBrief(input: unknown): Promise<Outcome<object>> {
  return answer(wishedSchema, input, async ({ id, wishes }) => {
    const { db, studio } = await here()
    await keepWishes(db, studio.id, id, wishes)
    return {}
  })
}

/** How a class of a brief would be, before it is made. */
export interface ProposedClass {
  title: string
  minutes: number
  line: TreadLine
  seconds: number
  /** its phases with their movements, by name */
  parts: { title: string; movements: string[] }[]
  swapped: { movement: string; from: string; to: string }[]
  lacking: string[]
  cut: string[]
}

export async function proposeClass(input: unknown): Promise<Outcome<ProposedClass>> {
  return answer(briefSchema, input, async (brief) => {
    const { db, studio } = await here()
    const { plan, timeline, catalogue, ...changed } = await planFor(db, studio, brief)
    return {
      title: plan.title,
      minutes: plan.promisedMinutes,
      line: treadLine(timeline),
      seconds: timeline.totalSeconds,
      parts: plan.phases.map(({ title, blocks }) => ({
        title,
        movements: blocks.flatMap(({ items }) =>
          items.map(({ variant, described }) => (variant ? (catalogue.byId.get(variant)?.movement.name ?? variant) : described!.name)),
        ),
      })),
      ...changed,
    }
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
    return { revision: await saveTime(db, studio.id, id, revision, time, today(studio)) }
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

/** Whoever no longer agrees that health data are kept is in no class. */
async function mayJoin(db: Database, studioId: string, ids: readonly string[]): Promise<void> {
  const withdrawn = (await getClients(db, studioId, ids)).find(({ record }) => record.consentWithdrawnOn !== undefined)
  if (withdrawn)
    throw new InvalidError([
      {
        path: '$.people',
        message: `${withdrawn.record.given} no longer agrees that health data are kept, and can be in no class until that changes`,
      },
    ])
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
    await mayJoin(
      db,
      studio.id,
      people.map(({ clientId }) => clientId),
    )
    return { revision: await setPlaces(db, studio.id, id, revision, people) }
  })
}

const seriesOfSchema = z.strictObject({ id: idSchema, revision: revisionSchema, series: seriesSchema.nullable() })
/** Keeps the series of a class, or ends it. */
export async function keepSeries(input: unknown): Promise<Outcome<{ revision: number }, Series | null>> {
  return answer<typeof seriesOfSchema, { revision: number }, Series | null>(seriesOfSchema, input, async ({ id, revision, series }) => {
    const { db, studio } = await here()
    return { revision: await saveSeries(db, studio.id, id, revision, series, today(studio)) }
  })
}
