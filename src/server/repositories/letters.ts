import { and, asc, eq, sql } from 'drizzle-orm'
import type { Database } from '../db/connection'
import { letters } from '../db/schema'
import { NotFoundError } from '../stale'
import { ownClients } from './owned'

export interface StoredLetter {
  id: string
  clientId: string
  condition: string
  name: string
  mime: string
  bytes: number
}

export async function addLetter(
  db: Database,
  studioId: string,
  letter: { id: string; clientId: string; condition: string; name: string; mime: string; content: Uint8Array },
): Promise<void> {
  await ownClients(db, studioId, [letter.clientId])
  await db.insert(letters).values({ ...letter, studioId })
}

export const lettersOf = (db: Database, studioId: string, clientId: string): Promise<StoredLetter[]> =>
  db
    .select({
      id: letters.id,
      clientId: letters.clientId,
      condition: letters.condition,
      name: letters.name,
      mime: letters.mime,
      bytes: sql<number>`octet_length(${letters.content})::int`,
    })
    .from(letters)
    .where(and(eq(letters.studioId, studioId), eq(letters.clientId, clientId)))
    .orderBy(asc(letters.createdAt))

export async function letterContent(db: Database, studioId: string, id: string): Promise<{ name: string; mime: string; content: Uint8Array }> {
  const [row] = await db
    .select({ name: letters.name, mime: letters.mime, content: letters.content })
    .from(letters)
    .where(and(eq(letters.studioId, studioId), eq(letters.id, id)))
  if (!row) throw new NotFoundError('letter', id)
  return row
}
