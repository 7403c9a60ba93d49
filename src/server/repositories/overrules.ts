import { and, asc, eq } from 'drizzle-orm'
import type { Day, OverruleRecord } from '@/core/client'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { overrules } from '../db/schema'
import { NotFoundError } from '../stale'
import { ownClients } from './owned'

export interface StoredOverrule {
  id: string
  clientId: string
  record: OverruleRecord
}

export async function addOverrule(db: Database, studioId: string, id: string, clientId: string, record: OverruleRecord): Promise<void> {
  await ownClients(db, studioId, [clientId])
  await db.insert(overrules).values({ id, studioId, clientId, document: record })
}

export const overrulesOf = (db: Database, studioId: string, clientIds: readonly string[]): Promise<StoredOverrule[]> =>
  clientIds.length === 0
    ? Promise.resolve([])
    : db
        .select({ id: overrules.id, clientId: overrules.clientId, record: overrules.document })
        .from(overrules)
        .where(and(eq(overrules.studioId, studioId), among(overrules.clientId, clientIds)))
        .orderBy(asc(overrules.createdAt), asc(overrules.id))

/** Takes a word back from a day on; it stays as a trace. */
export const withdrawOverrule = (db: Database, studioId: string, id: string, day: Day): Promise<void> =>
  db.transaction(async (tx) => {
    const here = and(eq(overrules.studioId, studioId), eq(overrules.id, id))
    const [row] = await tx.select({ document: overrules.document }).from(overrules).where(here)
    if (!row) throw new NotFoundError('overrule', id)
    await tx
      .update(overrules)
      .set({ document: { ...row.document, withdrawnOn: row.document.withdrawnOn ?? day }, updatedAt: new Date() })
      .where(here)
  })
