'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { dayNumber, daySchema } from '@/core/client'
import { classNotesSchema, logEntrySchema, logRowSchema } from '@/core/lead'
import type { Catalogue } from '@/core/movement'
import { type PlanDraft, rowIds } from '@/core/plan'
import { studioLibrary } from '../library'
import { saveLog as keepLog, sayNextDay } from '../repositories/log'
import { openSession } from '../repositories/planning'
import { getSession, removeSession as takeAway } from '../repositories/sessions'
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

/** Takes away a session that was begun by mistake. */
export async function removeSession(input: unknown): Promise<Outcome<object>> {
  return answer(z.strictObject({ id: idSchema }), input, async ({ id }) => {
    const { db, studio } = await here()
    await getSession(db, studio.id, id)
    if (!(await takeAway(db, studio.id, id)))
      throw new InvalidError([{ path: '$.id', message: 'its log is written already: a class that has a log stays' }])
    return {}
  })
}

const logSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  note: z.string().max(2000).nullable(),
  notes: classNotesSchema.nullable(),
  rows: z.array(logRowSchema).max(100),
  entries: z.array(logEntrySchema).max(5000),
})

/** The log names each person once, and only items and versions that there are. */
function checkLog({ rows, entries, notes }: z.output<typeof logSchema>, plan: PlanDraft, catalogue: Catalogue) {
  const items = new Set(rowIds(plan))
  const twice = repeated(rows, ({ clientId }) => clientId)
  const taken = new Set<string>()
  const noItem = (path: string, item: string) => ({ path, message: `the plan has no item "${item}"` })
  const problems = [
    ...(twice ? [{ path: '$.rows', message: `person ${twice.clientId} is there twice` }] : []),
    ...(notes?.hardest && !items.has(notes.hardest) ? [noItem('$.notes.hardest', notes.hardest)] : []),
    ...entries.flatMap(({ clientId, item, variant }, index) => {
      const path = `$.entries[${index}]`
      if (!items.has(item)) return [noItem(`${path}.item`, item)]
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
  return answer<typeof logSchema, { revision: number }, { note: string | null }>(logSchema, input, async (whole) => {
    const { id, revision, ...log } = whole
    const { db, studio } = await here()
    const session = await getSession(db, studio.id, id)
    checkLog(whole, session.plan, (await studioLibrary(db, studio.id)).catalogue)
    return { revision: await keepLog(db, studio.id, id, revision, log) }
  })
}

/** Keeps how somebody was the day after a class, said from the day sheet. */
export async function sayDayAfter(input: unknown): Promise<Outcome<object>> {
  return answer(z.strictObject({ id: idSchema, clientId: idSchema, pain: z.number().min(0).max(10) }), input, async ({ id, clientId, pain }) => {
    const { db, studio } = await here()
    await getSession(db, studio.id, id)
    if (!(await sayNextDay(db, studio.id, id, clientId, pain)))
      throw new InvalidError([{ path: '$.clientId', message: 'this person is not in the log of that class' }])
    return {}
  })
}
