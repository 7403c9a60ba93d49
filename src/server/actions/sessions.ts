'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { DOOR_FINDINGS } from '@/content/screening/door'
import { type CheckIn, checkInSchema, dayNumber, daySchema, withDoorFinding } from '@/core/client'
import { sessionOf } from '@/core/evaluate'
import type { Catalogue } from '@/core/movement'
import { type PlanDraft, rowIds } from '@/core/plan'
import { assess } from '@/core/safety'
import type { Database } from '../db/connection'
import { studioLibrary } from '../library'
import { getClient } from '../repositories/clients'
import { changeStanding } from '../repositories/screenings'
import { getSession, saveLog as keepLog, openSession, setCheckIn } from '../repositories/sessions'
import { peopleOn } from '../roster'
import { RULE_BASE } from '../ruleBase'
import { here, today } from '../studio'
import { answer, InvalidError, idSchema, type Outcome, repeated, revisionSchema } from './outcome'

/** A class is opened at most a year ahead or back. */
const FARTHEST_DAYS = 366

export async function beginSession(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(z.strictObject({ classId: idSchema, day: daySchema }), input, async ({ classId, day }) => {
    const { db, studio } = await here()
    if (Math.abs(dayNumber(day) - dayNumber(today(studio))) > FARTHEST_DAYS)
      throw new InvalidError([{ path: '$.day', message: 'expected a day within a year of today' }])
    return { id: (await openSession(db, studio.id, randomUUID(), classId, day)).id }
  })
}

const rating = z.number().min(0).max(10).nullable()
const logSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  note: z.string().max(2000).nullable(),
  rows: z
    .array(
      z.strictObject({
        clientId: idSchema,
        came: z.boolean(),
        exertion: rating,
        painDuring: rating,
        painNextDay: rating,
        note: z.string().max(500).nullable(),
      }),
    )
    .max(100),
  entries: z.array(z.strictObject({ clientId: idSchema, item: z.string().max(44), variant: z.string().max(90) })).max(5000),
})

/** The log names each person once, and only items and versions that there are. */
function checkLog({ rows, entries }: Pick<z.output<typeof logSchema>, 'rows' | 'entries'>, plan: PlanDraft, catalogue: Catalogue) {
  const items = new Set(rowIds(plan))
  const twice = repeated(rows, ({ clientId }) => clientId)
  const taken = new Set<string>()
  const problems = [
    ...(twice ? [{ path: '$.rows', message: `person ${twice.clientId} is there twice` }] : []),
    ...entries.flatMap(({ clientId, item, variant }, index) => {
      const path = `$.entries[${index}]`
      if (!items.has(item)) return [{ path: `${path}.item`, message: `the plan has no item "${item}"` }]
      const described = variant === item
      if (variant !== 'rest' && !described && !catalogue.byId.has(variant))
        return [{ path: `${path}.variant`, message: `there is no version "${variant}"` }]
      const key = `${clientId} ${item}`
      if (taken.has(key)) return [{ path, message: `${item} of person ${clientId} is there twice` }]
      taken.add(key)
      return []
    }),
  ]
  if (problems.length > 0) throw new InvalidError(problems)
}

export async function saveLog(input: unknown): Promise<Outcome<{ revision: number }, { note: string | null }>> {
  return answer<typeof logSchema, { revision: number }, { note: string | null }>(logSchema, input, async ({ id, revision, ...log }) => {
    const { db, studio } = await here()
    const session = await getSession(db, studio.id, id)
    checkLog(log, session.plan, (await studioLibrary(db, studio.id)).catalogue)
    return { revision: await keepLog(db, studio.id, id, revision, log) }
  })
}

/** Why somebody may not take part on the day of a session, in the words of the gate; nothing when they may. */
async function closedOn(db: Database, studioId: string, sessionId: string, clientId: string): Promise<{ closed?: string }> {
  const session = await getSession(db, studioId, sessionId)
  const [person] = await peopleOn(db, studioId, [await getClient(db, studioId, clientId)], session.day, session.classId)
  if (!person) return {}
  // the ratio of the whole class, which this one person does not change, is judged on the class page
  const { closed } = assess(RULE_BASE, person.facts, sessionOf(session.plan))
  return closed ? { closed: closed.text } : {}
}

const doorSchema = z.strictObject({
  id: idSchema,
  clientId: idSchema,
  revision: z.number().int().min(0),
  came: z.boolean(),
  checkIn: checkInSchema.nullable(),
})

interface Said {
  came: boolean
  checkIn: CheckIn | null
}

export async function saveCheckIn(input: unknown): Promise<Outcome<{ revision: number; closed?: string }, Said>> {
  return answer<typeof doorSchema, { revision: number; closed?: string }, Said>(doorSchema, input, async ({ id, clientId, revision, ...said }) => {
    const { db, studio } = await here()
    const kept = await setCheckIn(db, studio.id, id, clientId, revision, said)
    return { revision: kept, ...(await closedOn(db, studio.id, id, clientId)) }
  })
}

const findingSchema = z.strictObject({ id: idSchema, clientId: idSchema, key: z.string().max(40), said: z.boolean() })

/** Keeps an answer to a day question that outlasts the day, or takes it back on the same day. */
export async function sayAtDoor(input: unknown): Promise<Outcome<{ closed?: string }>> {
  return answer(findingSchema, input, async ({ id, clientId, key, said }) => {
    const { db, studio } = await here()
    const { day } = await getSession(db, studio.id, id)
    const known = DOOR_FINDINGS.find((one) => one.key === key)
    if (!known) throw new InvalidError([{ path: '$.key', message: `expected one of ${DOOR_FINDINGS.map((one) => one.key).join(', ')}` }])
    await changeStanding(db, studio.id, clientId, (record) => withDoorFinding(record, known, day, said))
    return closedOn(db, studio.id, id, clientId)
  })
}
