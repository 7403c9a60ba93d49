import { and, asc, count, desc, eq, gte, sql } from 'drizzle-orm'
import { z } from 'zod'
import { type ClassNotes, classNotesSchema } from '@/core/lead'
import { type PlanDraft, planSchema } from '@/core/plan'
import { type LedStretch, ledStretchSchema } from '@/core/timing'
import type { Database } from '../db/connection'
import { sessions } from '../db/schema'
import { type Documents, knownRows, onlyOne, versionOf } from './known'
import { onlyReadable, readDocument } from './readable'

export interface StoredSession {
  id: string
  classId: string
  day: string
  plan: PlanDraft
  note: string | null
  /** what was noted of the class in taps */
  notes: ClassNotes | null
  /** what its taps say of the instructor's pace; null until it has ended */
  stretches: LedStretch[] | null
  /** of the log */
  revision: number
}
const readSession = <T extends StoredSession>(row: T): T => ({
  ...row,
  plan: readDocument(planSchema, 'session', row.id, row.plan),
  // worked out from the taps: what cannot be read is as if it were not there
  notes: classNotesSchema.safeParse(row.notes).data ?? null,
  stretches: z.array(ledStretchSchema).safeParse(row.stretches).data ?? null,
})

const columns = {
  id: sessions.id,
  classId: sessions.classId,
  day: sessions.day,
  plan: sessions.plan,
  note: sessions.note,
  notes: sessions.notes,
  stretches: sessions.stretches,
  revision: sessions.revision,
}

export const SESSION_VERSION = { id: sessions.id, version: versionOf(sessions) }
export const SESSIONS: Documents<StoredSession> = { table: sessions, columns, read: readSession }

export async function getSession(db: Database, studioId: string, id: string): Promise<StoredSession> {
  const rows = await db
    .select(SESSION_VERSION)
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), eq(sessions.id, id)))
  return onlyOne('session', id, await knownRows(db, studioId, rows, SESSIONS))
}

/** A session as the log lists it. */
export interface ListedSession extends StoredSession {
  came: number
  exertion: number | null
}

/** A page of the led and opened sessions, the newest first, and how many there are. @param classId of one class only */
export async function listSessions(
  db: Database,
  studioId: string,
  { limit = 60, skip = 0, classId }: { limit?: number; skip?: number; classId?: string } = {},
): Promise<{ total: number; sessions: ListedSession[] }> {
  const wanted = and(eq(sessions.studioId, studioId), classId === undefined ? undefined : eq(sessions.classId, classId))
  const [counted, rows] = await Promise.all([
    db.select({ total: count() }).from(sessions).where(wanted),
    db
      .select({
        ...SESSION_VERSION,
        came: sql<number>`(select count(*)::int from attendance a where a.session_id = ${sessions.id} and a.came = 1)`,
        exertion: sql<number | null>`(select avg(a.exertion)::float8 from attendance a where a.session_id = ${sessions.id} and a.came = 1)`,
      })
      .from(sessions)
      .where(wanted)
      .orderBy(desc(sessions.day), asc(sessions.id))
      .limit(limit)
      .offset(skip),
  ])
  const read = new Map((await knownRows(db, studioId, rows, SESSIONS)).rows.map((session) => [session.id, session]))
  return {
    total: counted[0]?.total ?? 0,
    sessions: rows.flatMap(({ id, came, exertion }) => {
      const session = read.get(id)
      return session ? [{ ...session, came, exertion }] : []
    }),
  }
}

/** Of a session: somebody has started to lead it. */
export const STARTED = sql`exists (select 1 from lead_event e where e.session_id = ${sessions.id} and e.kind = 'start')`

/** Sessions of a day and later that nobody has started to lead. */
export async function openSessions(db: Database, studioId: string, day: string): Promise<StoredSession[]> {
  const rows = await db
    .select(columns)
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), gte(sessions.day, day), sql`not ${STARTED}`))
    .orderBy(asc(sessions.day), asc(sessions.id))
  return onlyReadable(rows, readSession)
}

/** Takes away a session that was begun by mistake, with its taps. One with a log stays. @returns whether it is gone */
export async function removeSession(db: Database, studioId: string, id: string): Promise<boolean> {
  const gone = await db
    .delete(sessions)
    .where(
      and(
        eq(sessions.studioId, studioId),
        eq(sessions.id, id),
        sql`not exists (select 1 from log_entry l where l.session_id = ${sessions.id})`,
        eq(sessions.revision, 1),
      ),
    )
    .returning({ id: sessions.id })
  return gone.length > 0
}
