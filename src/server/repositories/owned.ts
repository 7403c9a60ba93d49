import { and, eq, inArray } from 'drizzle-orm'
import type { Database } from '../db/connection'
import { clients, sessions } from '../db/schema'
import { NotFoundError } from '../stale'

/** Whatever a write names besides its own row must belong to the same studio; the database's keys alone do not say so. */

/** @throws NotFoundError for the first person that is not of this studio */
export async function ownClients(db: Database, studioId: string, ids: readonly string[]): Promise<void> {
  const wanted = [...new Set(ids)]
  if (wanted.length === 0) return
  const found = await db
    .select({ id: clients.id })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), inArray(clients.id, wanted)))
  const missing = wanted.find((id) => !found.some((row) => row.id === id))
  if (missing) throw new NotFoundError('person', missing)
}

/** @throws NotFoundError when the session is not of this studio */
export async function ownSession(db: Database, studioId: string, id: string): Promise<void> {
  const [row] = await db
    .select({ id: sessions.id })
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), eq(sessions.id, id)))
  if (!row) throw new NotFoundError('session', id)
}
