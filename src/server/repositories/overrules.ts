import { and, asc, eq } from 'drizzle-orm'
import type { OverruleRecord } from '@/core/client'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { overrules } from '../db/schema'
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
