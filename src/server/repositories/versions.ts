import { and, count, desc, eq } from 'drizzle-orm'
import { type PlanDraft, planSchema } from '@/core/plan'
import type { Database } from '../db/connection'
import { planVersions } from '../db/schema'
import { NotFoundError, TooManyVersionsError } from '../stale'
import { getClass } from './classes'
import { onlyReadable, readDocument } from './readable'

/** A plan as it was at some time, kept under a name. */
export interface PlanVersion {
  id: string
  name: string
  plan: PlanDraft
  keptAt: Date
}

/** More than these are not looked through any more. */
const MOST_VERSIONS = 40

const ofClass = (studioId: string, classId: string) => and(eq(planVersions.studioId, studioId), eq(planVersions.classId, classId))

/** The named versions of a class, the newest first; one that cannot be read is left out. */
export async function versionsOf(db: Database, studioId: string, classId: string): Promise<PlanVersion[]> {
  const rows = await db
    .select({ id: planVersions.id, name: planVersions.name, plan: planVersions.plan, keptAt: planVersions.createdAt })
    .from(planVersions)
    .where(ofClass(studioId, classId))
    .orderBy(desc(planVersions.createdAt), desc(planVersions.id))
  return onlyReadable(rows, (row) => ({ ...row, plan: readDocument(planSchema, 'version', row.id, row.plan) }))
}

/**
 * Keeps the plan of a class as it is now under a name.
 *
 * @throws NotFoundError when there is no such class, TooManyVersionsError
 */
export async function keepVersion(db: Database, studioId: string, id: string, classId: string, name: string): Promise<void> {
  await db.transaction(async (tx) => {
    const { plan } = await getClass(tx, studioId, classId)
    const [there] = await tx.select({ many: count() }).from(planVersions).where(ofClass(studioId, classId))
    if ((there?.many ?? 0) >= MOST_VERSIONS) throw new TooManyVersionsError(MOST_VERSIONS)
    await tx.insert(planVersions).values({ id, studioId, classId, name, plan })
  })
}

/** @returns the class that it was of @throws NotFoundError */
export async function removeVersion(db: Database, studioId: string, id: string): Promise<string> {
  const [row] = await db
    .delete(planVersions)
    .where(and(eq(planVersions.studioId, studioId), eq(planVersions.id, id)))
    .returning({ classId: planVersions.classId })
  if (!row) throw new NotFoundError('version', id)
  return row.classId
}
