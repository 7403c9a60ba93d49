import { createHash } from 'node:crypto'
import { and, eq, inArray } from 'drizzle-orm'
import { type LedView, ledViewSchema } from '@/core/lead'
import type { Database } from '../db/connection'
import { leadViews } from '../db/schema'
import { ownSession } from './owned'
import { readDocument } from './readable'

/** Names a judgement by what it says, so that the same one is kept once. */
const nameOf = (view: LedView): string => createHash('sha256').update(JSON.stringify(view)).digest('hex').slice(0, 32)

/** Keeps a judgement that somebody may lead a session by. @returns its name */
export async function keepView(db: Database, studioId: string, sessionId: string, view: LedView): Promise<string> {
  await ownSession(db, studioId, sessionId)
  const id = nameOf(view)
  await db.insert(leadViews).values({ id, studioId, sessionId, document: view }).onConflictDoNothing()
  return id
}

/**
 * The judgements of a session that taps speak of, by name.
 *
 * @throws UnreadableError when one of them is damaged
 */
export async function viewsOf(db: Database, studioId: string, sessionId: string, wanted: readonly string[]): Promise<Map<string, LedView>> {
  if (wanted.length === 0) return new Map()
  const rows = await db
    .select({ id: leadViews.id, document: leadViews.document })
    .from(leadViews)
    .where(and(eq(leadViews.studioId, studioId), eq(leadViews.sessionId, sessionId), inArray(leadViews.id, [...new Set(wanted)])))
  return new Map(rows.map(({ id, document }) => [id, readDocument(ledViewSchema, 'lead view', id, document)]))
}
