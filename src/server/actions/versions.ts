'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import type { PlanDraft } from '@/core/plan'
import { type Day, dayIn } from '@/core/vocabulary'
import { getClass } from '../repositories/classes'
import { followPlan } from '../repositories/planning'
import { once } from '../repositories/requests'
import { keepVersion as keep, removeVersion as remove, versionsOf } from '../repositories/versions'
import { TooManyVersionsError } from '../stale'
import { here, today } from '../studio'
import { answer, InvalidError, idSchema, type Outcome } from './outcome'

const keepSchema = z.strictObject({ key: idSchema, classId: idSchema, name: z.string().trim().min(1, 'a name is needed').max(80) })

/** Keeps the plan of a class as it is saved now. */
export async function keepVersion(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(keepSchema, input, async ({ key, ...made }) => {
    const { db, studio } = await here()
    return once(db, studio.id, key, made, async (tx) => {
      const id = randomUUID()
      await keep(tx, studio.id, id, made.classId, made.name).catch((error: unknown) => {
        if (error instanceof TooManyVersionsError) throw new InvalidError([{ path: '$.classId', message: error.message }])
        throw error
      })
      // a series is led by the newest of a name
      await followPlan(tx, studio.id, made.classId, today(studio))
      return { id }
    })
  })
}

/** A version as the class page lists it. */
export interface KeptVersion {
  id: string
  name: string
  /** in the time of the house */
  keptOn: Day
  plan: PlanDraft
}

export async function listVersions(input: unknown): Promise<Outcome<{ versions: KeptVersion[] }>> {
  return answer(z.strictObject({ classId: idSchema }), input, async ({ classId }) => {
    const { db, studio } = await here()
    await getClass(db, studio.id, classId)
    const versions = await versionsOf(db, studio.id, classId)
    return { versions: versions.map(({ keptAt, ...version }) => ({ ...version, keptOn: dayIn(keptAt, studio.settings.zone) })) }
  })
}

export async function removeVersion(input: unknown): Promise<Outcome<object>> {
  return answer(z.strictObject({ id: idSchema }), input, async ({ id }) => {
    const { db, studio } = await here()
    await db.transaction(async (tx) => followPlan(tx, studio.id, await remove(tx, studio.id, id), today(studio)))
    return {}
  })
}
