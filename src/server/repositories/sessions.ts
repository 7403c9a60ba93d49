import { and, asc, count, desc, eq, gt, gte, isNull, max, sql } from 'drizzle-orm'
import { z } from 'zod'
import type { CheckIn } from '@/core/client'
import { type LeadEvent, ordered } from '@/core/lead'
import { atHour, type PlanDraft, planSchema } from '@/core/plan'
import { type LedStretch, ledStretchSchema } from '@/core/timing'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { attendances, classes, leadEvents, logEntries, rosterEntries, sessions } from '../db/schema'
import { NotFoundError, StaleError } from '../stale'
import { type Documents, knownRows, onlyOne, versionOf } from './known'
import { ownClients, ownSession } from './owned'
import { onlyReadable, readDocument } from './readable'

export interface StoredSession {
  id: string
  classId: string
  day: string
  plan: PlanDraft
  note: string | null
  /** what its taps say of the instructor's pace; null until it has ended */
  stretches: LedStretch[] | null
  /** of the log */
  revision: number
}
export interface Attendance {
  clientId: string
  came: boolean
  checkIn: CheckIn | null
  exertion: number | null
  painDuring: number | null
  painNextDay: number | null
  note: string | null
  /** of what was said at the door; 0 while nothing is kept on this person */
  revision: number
}
/** What the log says of one person; what was said at the door is not its matter. */
export type LogRow = Omit<Attendance, 'checkIn' | 'revision'>
export interface LogEntry {
  clientId: string
  item: string
  variant: string
}

const readSession = <T extends StoredSession>(row: T): T => ({
  ...row,
  plan: readDocument(planSchema, 'session', row.id, row.plan),
  // worked out from the taps: what cannot be read is as if it were not there
  stretches: z.array(ledStretchSchema).safeParse(row.stretches).data ?? null,
})

const columns = {
  id: sessions.id,
  classId: sessions.classId,
  day: sessions.day,
  plan: sessions.plan,
  note: sessions.note,
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
      .select({ plan: classes.plan, startTime: classes.startTime })
      .from(classes)
      .where(and(eq(classes.studioId, studioId), eq(classes.id, classId), isNull(classes.removedAt)))
    if (!row) throw new NotFoundError('class', classId)
    await tx
      .insert(sessions)
      .values({ id, studioId, classId, day, plan: atHour(row.plan, row.startTime) })
      .onConflictDoNothing()
    const [made] = await existing()
    if (!made) throw new NotFoundError('session', id)
    return readSession(made)
  })
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

export async function attendanceOf(db: Database, studioId: string, sessionId: string): Promise<Attendance[]> {
  const rows = await db
    .select()
    .from(attendances)
    .where(and(eq(attendances.studioId, studioId), eq(attendances.sessionId, sessionId)))
  return rows.map(({ clientId, came, checkIn, exertion, painDuring, painNextDay, note, revision }) => ({
    clientId,
    came: came === 1,
    checkIn,
    exertion,
    painDuring,
    painNextDay,
    note,
    revision,
  }))
}

/** What the log writes over in a row that the door has begun. */
const LOG_COLUMNS = {
  came: sql`excluded.came`,
  exertion: sql`excluded.exertion`,
  painDuring: sql`excluded.pain_during`,
  painNextDay: sql`excluded.pain_next_day`,
  note: sql`excluded.note`,
  updatedAt: sql`now()`,
}

/**
 * Writes what the log says: who came, how it was, who took what. What was said at the door stays, and so do people whom it does not name.
 *
 * @param revision of the log as it was shown
 * @throws StaleError when the log was saved since
 */
export async function saveLog(
  db: Database,
  studioId: string,
  sessionId: string,
  revision: number,
  { rows, entries, note }: { rows: readonly LogRow[]; entries: readonly LogEntry[]; note: string | null },
): Promise<number> {
  return db.transaction(async (tx) => {
    const [kept] = await tx
      .update(sessions)
      .set({ note, revision: revision + 1, updatedAt: new Date() })
      .where(and(eq(sessions.studioId, studioId), eq(sessions.id, sessionId), eq(sessions.revision, revision)))
      .returning({ revision: sessions.revision })
    if (!kept) {
      const now = await getSession(tx, studioId, sessionId)
      throw new StaleError({ note: now.note }, now.revision)
    }
    const named = rows.map(({ clientId }) => clientId)
    await ownClients(tx, studioId, [...named, ...entries.map(({ clientId }) => clientId)])
    if (rows.length > 0)
      await tx
        .insert(attendances)
        .values(rows.map((row) => ({ ...row, came: row.came ? 1 : 0, studioId, sessionId })))
        .onConflictDoUpdate({ target: [attendances.sessionId, attendances.clientId], set: LOG_COLUMNS })
    if (named.length > 0)
      await tx
        .delete(logEntries)
        .where(and(eq(logEntries.studioId, studioId), eq(logEntries.sessionId, sessionId), among(logEntries.clientId, named)))
    if (entries.length > 0) await tx.insert(logEntries).values(entries.map((entry) => ({ ...entry, studioId, sessionId })))
    return kept.revision
  })
}

/**
 * Keeps what somebody said at the door.
 *
 * @param revision of what is shown; 0 when nothing was said yet
 * @throws StaleError with what another device kept meanwhile
 */
export async function setCheckIn(
  db: Database,
  studioId: string,
  sessionId: string,
  clientId: string,
  revision: number,
  { came, checkIn }: { came: boolean; checkIn: CheckIn | null },
): Promise<number> {
  return db.transaction(async (tx) => {
    await ownSession(tx, studioId, sessionId)
    await ownClients(tx, studioId, [clientId])
    const said = { came: came ? 1 : 0, checkIn }
    const made =
      revision === 0
        ? await tx
            .insert(attendances)
            .values({ studioId, sessionId, clientId, ...said })
            .onConflictDoNothing()
            .returning({ revision: attendances.revision })
        : []
    const here = and(eq(attendances.studioId, studioId), eq(attendances.sessionId, sessionId), eq(attendances.clientId, clientId))
    const [kept] =
      made.length > 0
        ? made
        : await tx
            .update(attendances)
            .set({ ...said, revision: revision + 1, updatedAt: new Date() })
            .where(and(here, eq(attendances.revision, revision)))
            .returning({ revision: attendances.revision })
    if (kept) return kept.revision
    const [now] = await tx
      .select({ came: attendances.came, checkIn: attendances.checkIn, revision: attendances.revision })
      .from(attendances)
      .where(here)
    throw new StaleError({ came: now?.came === 1, checkIn: now?.checkIn ?? null }, now?.revision ?? 0)
  })
}

export const logOf = (db: Database, studioId: string, sessionId: string): Promise<LogEntry[]> =>
  db
    .select({ clientId: logEntries.clientId, item: logEntries.item, variant: logEntries.variant })
    .from(logEntries)
    .where(and(eq(logEntries.studioId, studioId), eq(logEntries.sessionId, sessionId)))

/** What became of events that were sent. */
export interface KeptEvents {
  kept: string[]
  refused: { id: string; why: string }[]
}

const sameEvent = (a: LeadEvent, b: LeadEvent): boolean =>
  a.at === b.at &&
  a.kind === b.kind &&
  (['text', 'person', 'device', 'sequence'] as const).every((field) => (a[field] ?? null) === (b[field] ?? null))
const readEvent = ({ id, at, kind, text, person, device, sequence }: typeof leadEvents.$inferSelect): LeadEvent => ({
  id,
  at,
  kind,
  ...(text !== null && { text }),
  ...(person !== null && { person }),
  ...(device !== null && { device }),
  ...(sequence !== null && { sequence }),
})

/**
 * Keeps events of a led class. One that is there already with the same content counts as kept, so that sending twice does no harm; one
 * whose id is known with other content is refused, and the others go on.
 */
export async function addEvents(db: Database, studioId: string, sessionId: string, events: readonly LeadEvent[]): Promise<KeptEvents> {
  if (events.length === 0) return { kept: [], refused: [] }
  return db.transaction(async (tx) => {
    await ownSession(tx, studioId, sessionId)
    // the session is held meanwhile, so that no two taps get the same number
    await tx.select({ id: sessions.id }).from(sessions).where(eq(sessions.id, sessionId)).for('update')
    const [highest] = await tx
      .select({ ordinal: max(leadEvents.ordinal) })
      .from(leadEvents)
      .where(eq(leadEvents.sessionId, sessionId))
    const last = highest?.ordinal ?? 0
    const made = await tx
      .insert(leadEvents)
      .values(events.map((event, index) => ({ ...event, studioId, sessionId, ordinal: last + 1 + index })))
      .onConflictDoNothing({ target: leadEvents.id })
      .returning({ id: leadEvents.id })
    const fresh = new Set(made.map(({ id }) => id))
    const rest = events.filter(({ id }) => !fresh.has(id))
    const known =
      rest.length === 0
        ? []
        : await tx
            .select()
            .from(leadEvents)
            .where(
              among(
                leadEvents.id,
                rest.map(({ id }) => id),
              ),
            )
    const refused = rest.flatMap((event) => {
      const there = known.find(({ id }) => id === event.id)
      const same = there && there.sessionId === sessionId && there.studioId === studioId && sameEvent(readEvent(there), event)
      return same ? [] : [{ id: event.id, why: 'this id was used for another tap' }]
    })
    return { kept: events.map(({ id }) => id).filter((id) => !refused.some((one) => one.id === id)), refused }
  })
}

export async function eventsOf(db: Database, studioId: string, sessionId: string): Promise<LeadEvent[]> {
  return (await eventsSince(db, studioId, sessionId, -1)).events
}

/** Taps that came to the server after one, and the number of the latest; all when nothing is known yet. */
export async function eventsSince(db: Database, studioId: string, sessionId: string, since: number): Promise<{ events: LeadEvent[]; last: number }> {
  const rows = await db
    .select()
    .from(leadEvents)
    .where(and(eq(leadEvents.studioId, studioId), eq(leadEvents.sessionId, sessionId), gt(leadEvents.ordinal, since)))
  return { events: ordered(rows.map(readEvent)), last: rows.reduce((last, { ordinal }) => Math.max(last, ordinal), since) }
}

/** Everything else that names somebody: versions taken, taps about them, places on rosters. */
export async function traceOf(db: Database, studioId: string, clientId: string) {
  const [log, events, places] = await Promise.all([
    db
      .select({ day: sessions.day, item: logEntries.item, variant: logEntries.variant })
      .from(logEntries)
      .innerJoin(sessions, eq(sessions.id, logEntries.sessionId))
      .where(and(eq(logEntries.studioId, studioId), eq(logEntries.clientId, clientId)))
      .orderBy(desc(sessions.day)),
    db
      .select({ day: sessions.day, at: leadEvents.at, kind: leadEvents.kind, text: leadEvents.text })
      .from(leadEvents)
      .innerJoin(sessions, eq(sessions.id, leadEvents.sessionId))
      .where(and(eq(leadEvents.studioId, studioId), eq(leadEvents.person, clientId)))
      .orderBy(asc(leadEvents.at)),
    db
      .select({ class: sql<string>`${classes.plan}->>'title'`, place: rosterEntries.place })
      .from(rosterEntries)
      .innerJoin(classes, eq(classes.id, rosterEntries.classId))
      .where(and(eq(rosterEntries.studioId, studioId), eq(rosterEntries.clientId, clientId))),
  ])
  return { log, events, places }
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
