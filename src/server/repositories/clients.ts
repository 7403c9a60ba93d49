import { and, eq, sql } from 'drizzle-orm'
import { type ClientRecord, clientSchema } from '@/core/client'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { clients } from '../db/schema'
import { NotFoundError, StaleError } from '../stale'
import { type Documents, knownRows, type Read, type Versioned, versionOf } from './known'
import { readDocument } from './readable'

export interface StoredClient {
  id: string
  record: ClientRecord
  revision: number
}

const columns = { id: clients.id, record: clients.record, revision: clients.revision }
const readClient = (row: StoredClient): StoredClient => ({ ...row, record: readDocument(clientSchema, 'person', row.id, row.record) })

export const CLIENT_VERSION = { id: clients.id, version: versionOf(clients) }
/** As people are listed; here and not in the database, which would open every record for it. */
const byName = (a: StoredClient, b: StoredClient): number =>
  a.record.given.localeCompare(b.record.given) || a.record.family.localeCompare(b.record.family) || (a.id < b.id ? -1 : 1)

const RECORDS: Documents<StoredClient> = { table: clients, columns, read: readClient }

const readAll = (db: Database, studioId: string, rows: readonly Versioned[]): Promise<Read<StoredClient>> =>
  knownRows(db, studioId, rows, RECORDS).then(({ rows: read, broken }) => ({ rows: read.sort(byName), broken }))

/** The people behind the versions of their rows, by name. */
export const knownClients = async (db: Database, studioId: string, rows: readonly Versioned[]): Promise<StoredClient[]> =>
  (await readAll(db, studioId, rows)).rows

/** Everybody, with the records that cannot be read. */
export const readClients = async (db: Database, studioId: string): Promise<Read<StoredClient>> =>
  readAll(db, studioId, await db.select(CLIENT_VERSION).from(clients).where(eq(clients.studioId, studioId)))

export const listClients = async (db: Database, studioId: string): Promise<StoredClient[]> => (await readClients(db, studioId)).rows

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
    .select(CLIENT_VERSION)
    .from(clients)
    .where(and(eq(clients.studioId, studioId), among(clients.id, ids)))
  return knownClients(db, studioId, rows)
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
    .set({ record, revision: revision + 1, updatedAt: sql`now()` })
    .where(and(eq(clients.studioId, studioId), eq(clients.id, id), eq(clients.revision, revision)))
    .returning({ revision: clients.revision })
  if (row) return row.revision
  const newer = await getClient(db, studioId, id)
  throw new StaleError(newer.record, newer.revision)
}
