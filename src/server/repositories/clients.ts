import { and, asc, eq, inArray, sql } from 'drizzle-orm'
import { type ClientRecord, clientSchema } from '@/core/client'
import type { Database } from '../db/connection'
import { clients } from '../db/schema'
import { NotFoundError, StaleError } from '../stale'

export interface StoredClient {
  id: string
  record: ClientRecord
  revision: number
}

const columns = { id: clients.id, record: clients.record, revision: clients.revision }
/** Read through the schema, so that a record kept before a field was there has its default. */
export const readClient = (row: StoredClient): StoredClient => ({ ...row, record: clientSchema.parse(row.record) })

export async function listClients(db: Database, studioId: string): Promise<StoredClient[]> {
  const rows = await db
    .select(columns)
    .from(clients)
    .where(eq(clients.studioId, studioId))
    .orderBy(asc(sql`lower(${clients.record}->>'given')`), asc(clients.id))
  return rows.map(readClient)
}

export async function getClient(db: Database, studioId: string, id: string): Promise<StoredClient> {
  const [row] = await db
    .select(columns)
    .from(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, id)))
  if (!row) throw new NotFoundError('person', id)
  return readClient(row)
}

export async function getClients(db: Database, studioId: string, ids: readonly string[]): Promise<StoredClient[]> {
  if (ids.length === 0) return []
  const rows = await db
    .select(columns)
    .from(clients)
    .where(and(eq(clients.studioId, studioId), inArray(clients.id, [...ids])))
  return rows.map(readClient)
}

export async function addClient(db: Database, studioId: string, id: string, record: ClientRecord): Promise<void> {
  await db.insert(clients).values({ id, studioId, record })
}

/** All in one statement: either everybody is there, or nobody. */
export async function addClients(db: Database, studioId: string, rows: readonly { id: string; record: ClientRecord }[]): Promise<void> {
  if (rows.length > 0) await db.insert(clients).values(rows.map((row) => ({ ...row, studioId })))
}

/** @throws StaleError with the newer record when `revision` is not the present one */
export async function saveClient(db: Database, studioId: string, id: string, revision: number, record: ClientRecord): Promise<number> {
  const [row] = await db
    .update(clients)
    .set({ record, revision: revision + 1, updatedAt: new Date() })
    .where(and(eq(clients.studioId, studioId), eq(clients.id, id), eq(clients.revision, revision)))
    .returning({ revision: clients.revision })
  if (row) return row.revision
  const newer = await getClient(db, studioId, id)
  throw new StaleError(newer.record, newer.revision)
}

/** Erases a person with everything that is kept on them: roster places, attendance and log rows go with the row. */
export async function eraseClient(db: Database, studioId: string, id: string): Promise<void> {
  const erased = await db
    .delete(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, id)))
    .returning({ id: clients.id })
  if (erased.length === 0) throw new NotFoundError('person', id)
}
