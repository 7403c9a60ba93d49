'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { checkInSchema, daySchema } from '@/core/client'
import { openSession, saveAttendance, setCheckIn } from '../repositories/sessions'
import { here } from '../studio'
import { answer, idSchema, type Outcome } from './outcome'

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

const doorSchema = z.strictObject({ id: idSchema, clientId: idSchema, came: z.boolean(), checkIn: checkInSchema.nullable() })

export async function saveCheckIn(input: unknown): Promise<Outcome<object>> {
  return answer(doorSchema, input, async ({ id, clientId, came, checkIn }) => {
    const { db, studio } = await here()
    await setCheckIn(db, studio.id, id, clientId, came, checkIn)
    return {}
  })
}
