import { and, asc, desc, eq, gte, sql } from 'drizzle-orm'
import type { CheckIn } from '@/core/client'
import type { LeadEvent } from '@/core/lead'
import { type PlanDraft, planSchema } from '@/core/plan'
import type { Database } from '../db/connection'
import { attendances, classes, leadEvents, logEntries, sessions } from '../db/schema'
import { NotFoundError } from '../stale'

export interface StoredSession {
  id: string
  classId: string
  day: string
  plan: PlanDraft
  note: string | null
}
export interface Attendance {
  clientId: string
  came: boolean
  checkIn: CheckIn | null
  exertion: number | null
  painDuring: number | null
  painNextDay: number | null
  note: string | null
}
export interface LogEntry {
  clientId: string
  item: string
  variant: string
}

const readSession = <T extends StoredSession>(row: T): T => ({ ...row, plan: planSchema.parse(row.plan) })

const columns = { id: sessions.id, classId: sessions.classId, day: sessions.day, plan: sessions.plan, note: sessions.note }

export async function getSession(db: Database, studioId: string, id: string): Promise<StoredSession> {
  const [row] = await db
    .select(columns)
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), eq(sessions.id, id)))
  if (!row) throw new NotFoundError('session', id)
  return readSession(row)
}

/** The session of a class on a day, made from the plan as it is now when there is none. */
export async function openSession(db: Database, studioId: string, id: string, classId: string, day: string): Promise<StoredSession> {
  return db.transaction(async (tx) => {
    const existing = () =>
      tx
        .select(columns)
        .from(sessions)
        .where(and(eq(sessions.studioId, studioId), eq(sessions.classId, classId), eq(sessions.day, day)))
    const [found] = await existing()
    if (found) return readSession(found)
    const [row] = await tx
      .select({ plan: classes.plan })
      .from(classes)
      .where(and(eq(classes.studioId, studioId), eq(classes.id, classId)))
    if (!row) throw new NotFoundError('class', classId)
    await tx.insert(sessions).values({ id, studioId, classId, day, plan: row.plan }).onConflictDoNothing()
    const [made] = await existing()
    if (!made) throw new NotFoundError('session', id)
    return readSession(made)
  })
}

export const listSessions = (db: Database, studioId: string, limit = 60): Promise<(StoredSession & { came: number; exertion: number | null })[]> =>
  db
    .select({
      ...columns,
      came: sql<number>`(select count(*)::int from attendance a where a.session_id = ${sessions.id} and a.came = 1)`,
      exertion: sql<number | null>`(select avg(a.exertion)::float8 from attendance a where a.session_id = ${sessions.id} and a.came = 1)`,
    })
    .from(sessions)
    .where(eq(sessions.studioId, studioId))
    .orderBy(desc(sessions.day), asc(sessions.id))
    .limit(limit)

/** Sessions of a day and later that nobody has started to lead. */
export async function openSessions(db: Database, studioId: string, day: string): Promise<StoredSession[]> {
  const rows = await db
    .select(columns)
    .from(sessions)
    .where(
      and(
        eq(sessions.studioId, studioId),
        gte(sessions.day, day),
        sql`not exists (select 1 from lead_event e where e.session_id = ${sessions.id} and e.kind = 'start')`,
      ),
    )
    .orderBy(asc(sessions.day), asc(sessions.id))
  return rows.map(readSession)
}

export async function attendanceOf(db: Database, studioId: string, sessionId: string): Promise<Attendance[]> {
  const rows = await db
    .select()
    .from(attendances)
    .where(and(eq(attendances.studioId, studioId), eq(attendances.sessionId, sessionId)))
  return rows.map(({ clientId, came, checkIn, exertion, painDuring, painNextDay, note }) => ({
    clientId,
    came: came === 1,
    checkIn,
    exertion,
    painDuring,
    painNextDay,
    note,
  }))
}

/** Writes the whole attendance of a session with what each person did, in one transaction. */
export async function saveAttendance(
  db: Database,
  studioId: string,
  sessionId: string,
  rows: readonly Attendance[],
  entries: readonly LogEntry[],
  note: string | null,
): Promise<void> {
  await db.transaction(async (tx) => {
    await tx
      .update(sessions)
      .set({ note, updatedAt: new Date() })
      .where(and(eq(sessions.studioId, studioId), eq(sessions.id, sessionId)))
    await tx.delete(attendances).where(and(eq(attendances.studioId, studioId), eq(attendances.sessionId, sessionId)))
    await tx.delete(logEntries).where(and(eq(logEntries.studioId, studioId), eq(logEntries.sessionId, sessionId)))
    if (rows.length > 0) await tx.insert(attendances).values(rows.map((row) => ({ ...row, came: row.came ? 1 : 0, studioId, sessionId })))
    if (entries.length > 0) await tx.insert(logEntries).values(entries.map((entry) => ({ ...entry, studioId, sessionId })))
  })
}

export async function setCheckIn(
  db: Database,
  studioId: string,
  sessionId: string,
  clientId: string,
  came: boolean,
  checkIn: CheckIn | null,
): Promise<void> {
  await db
    .insert(attendances)
    .values({ studioId, sessionId, clientId, came: came ? 1 : 0, checkIn })
    .onConflictDoUpdate({ target: [attendances.sessionId, attendances.clientId], set: { came: came ? 1 : 0, checkIn, updatedAt: new Date() } })
}

export const logOf = (db: Database, studioId: string, sessionId: string): Promise<LogEntry[]> =>
  db
    .select({ clientId: logEntries.clientId, item: logEntries.item, variant: logEntries.variant })
    .from(logEntries)
    .where(and(eq(logEntries.studioId, studioId), eq(logEntries.sessionId, sessionId)))

/** Keeps events of a led class; an id that is there already is left as it is, so that sending twice does no harm. */
export async function addEvents(db: Database, studioId: string, sessionId: string, events: readonly LeadEvent[]): Promise<void> {
  if (events.length === 0) return
  await db
    .insert(leadEvents)
    .values(events.map((event) => ({ ...event, studioId, sessionId })))
    .onConflictDoNothing({ target: leadEvents.id })
}

export async function eventsOf(db: Database, studioId: string, sessionId: string): Promise<LeadEvent[]> {
  const rows = await db
    .select()
    .from(leadEvents)
    .where(and(eq(leadEvents.studioId, studioId), eq(leadEvents.sessionId, sessionId)))
    .orderBy(asc(leadEvents.at), asc(leadEvents.id))
  return rows.map(({ id, at, kind, text, person }) => ({ id, at, kind, ...(text !== null && { text }), ...(person !== null && { person }) }))
}

/** Every session in which somebody is noted, with what was noted, for that person's own export. */
export const attendanceOfPerson = (db: Database, studioId: string, clientId: string) =>
  db
    .select({
      day: sessions.day,
      came: attendances.came,
      checkIn: attendances.checkIn,
      exertion: attendances.exertion,
      painDuring: attendances.painDuring,
      painNextDay: attendances.painNextDay,
      note: attendances.note,
    })
    .from(attendances)
    .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
    .where(and(eq(attendances.studioId, studioId), eq(attendances.clientId, clientId)))
    .orderBy(desc(sessions.day))

/** What somebody last did of each item, the newest first, for showing where on each ladder they stand. */
export const lastVariants = (db: Database, studioId: string, clientId: string, limit = 400): Promise<{ variant: string; day: string }[]> =>
  db
    .select({ variant: logEntries.variant, day: sessions.day })
    .from(logEntries)
    .innerJoin(sessions, eq(sessions.id, logEntries.sessionId))
    .where(and(eq(logEntries.studioId, studioId), eq(logEntries.clientId, clientId)))
    .orderBy(desc(sessions.day))
    .limit(limit)
