import { and, asc, eq, sql } from 'drizzle-orm'
import { type OwnMovement, ownMovementSchema } from '@/core/movement'
import type { Database } from '../db/connection'
import { ownMovements } from '../db/schema'
import { NotFoundError, StaleError } from '../stale'
import { knownRows, type Read, versionOf } from './known'
import { readDocument } from './readable'

export interface StoredOwnMovement {
  id: string
  document: OwnMovement
  revision: number
  /** no longer offered; plans and logs that use it keep it */
  removed: boolean
}
const columns = {
  id: ownMovements.id,
  document: ownMovements.document,
  revision: ownMovements.revision,
  removed: sql<boolean>`${ownMovements.removedAt} is not null`,
}

const readOwn = (row: StoredOwnMovement): StoredOwnMovement => ({
  ...row,
  document: readDocument(ownMovementSchema, 'movement', row.id, row.document),
})

/** All of them, with those that cannot be read. */
export async function readOwnMovements(db: Database, studioId: string): Promise<Read<StoredOwnMovement>> {
  const rows = await db
    .select({ id: ownMovements.id, version: versionOf(ownMovements) })
    .from(ownMovements)
    .where(eq(ownMovements.studioId, studioId))
    .orderBy(asc(ownMovements.createdAt), asc(ownMovements.id))
  return knownRows(db, studioId, rows, { table: ownMovements, columns, read: readOwn })
}

export const listOwn = async (db: Database, studioId: string): Promise<StoredOwnMovement[]> => (await readOwnMovements(db, studioId)).rows

export async function getOwn(db: Database, studioId: string, id: string): Promise<StoredOwnMovement> {
  const [row] = await db
    .select(columns)
    .from(ownMovements)
    .where(and(eq(ownMovements.studioId, studioId), eq(ownMovements.id, id)))
  if (!row) throw new NotFoundError('movement', id)
  return readOwn(row)
}

export async function addOwn(db: Database, studioId: string, id: string, document: OwnMovement): Promise<void> {
  await db.insert(ownMovements).values({ id, studioId, document })
}

/** @throws StaleError with the newer document when `revision` is not the present one */
export async function saveOwn(db: Database, studioId: string, id: string, revision: number, document: OwnMovement): Promise<number> {
  const [row] = await db
    .update(ownMovements)
    .set({ document, revision: revision + 1, updatedAt: new Date() })
    .where(and(eq(ownMovements.studioId, studioId), eq(ownMovements.id, id), eq(ownMovements.revision, revision)))
    .returning({ revision: ownMovements.revision })
  if (row) return row.revision
  const newer = await getOwn(db, studioId, id)
  throw new StaleError(newer.document, newer.revision)
}

/** Offers it no more, or again. */
export async function setOwnRemoved(db: Database, studioId: string, id: string, removed: boolean): Promise<void> {
  const [row] = await db
    .update(ownMovements)
    .set({ removedAt: removed ? new Date() : null })
    .where(and(eq(ownMovements.studioId, studioId), eq(ownMovements.id, id)))
    .returning({ id: ownMovements.id })
  if (!row) throw new NotFoundError('movement', id)
}
