'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { DOOR_FINDINGS } from '@/content/screening/door'
import { checkInSchema, daySchema, withDoorFinding } from '@/core/client'
import { sessionOf } from '@/core/evaluate'
import { assess } from '@/core/safety'
import type { Database } from '../db/connection'
import { getClient } from '../repositories/clients'
import { changeStanding } from '../repositories/screenings'
import { getSession, openSession, saveAttendance, setCheckIn } from '../repositories/sessions'
import { peopleOn } from '../roster'
import { RULE_BASE } from '../ruleBase'
import { here } from '../studio'
import { answer, InvalidError, idSchema, type Outcome } from './outcome'

export async function beginSession(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(z.strictObject({ classId: idSchema, day: daySchema }), input, async ({ classId, day }) => {
    const { db, studio } = await here()
    return { id: (await openSession(db, studio.id, randomUUID(), classId, day)).id }
  })
}

const rating = z.number().min(0).max(10).nullable()
const logSchema = z.strictObject({
  id: idSchema,
  note: z.string().max(2000).nullable(),
  rows: z
    .array(
      z.strictObject({
        clientId: idSchema,
        came: z.boolean(),
        checkIn: checkInSchema.nullable(),
        exertion: rating,
        painDuring: rating,
        painNextDay: rating,
        note: z.string().max(500).nullable(),
      }),
    )
    .max(100),
  entries: z.array(z.strictObject({ clientId: idSchema, item: z.string().max(40), variant: z.string().max(90) })).max(5000),
})

export async function saveLog(input: unknown): Promise<Outcome<object>> {
  return answer(logSchema, input, async ({ id, note, rows, entries }) => {
    const { db, studio } = await here()
    await saveAttendance(db, studio.id, id, rows, entries, note)
    return {}
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

const doorSchema = z.strictObject({ id: idSchema, clientId: idSchema, came: z.boolean(), checkIn: checkInSchema.nullable() })

export async function saveCheckIn(input: unknown): Promise<Outcome<{ closed?: string }>> {
  return answer(doorSchema, input, async ({ id, clientId, came, checkIn }) => {
    const { db, studio } = await here()
    await setCheckIn(db, studio.id, id, clientId, came, checkIn)
    return closedOn(db, studio.id, id, clientId)
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
