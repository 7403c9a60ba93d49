import { randomUUID } from 'node:crypto'
import { and, asc, desc, eq, gte, isNull, lt, lte, sql } from 'drizzle-orm'
import type { CheckIn } from '@/core/client'
import { type ClassNotes, type Correction, corrections, type LogEntry, type LogRow, type Presence, wasThere } from '@/core/lead'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { attendances, logChanges, logEntries, sessions } from '../db/schema'
import { StaleError } from '../stale'
import { ownClients, ownSession } from './owned'
import { getSession } from './sessions'

/** What is kept of one person in one session. */
export interface Attendance extends LogRow {
  checkIn: CheckIn | null
  /** of what was said at the door; 0 while nothing is kept on this person */
  revision: number
}

export async function attendanceOf(db: Database, studioId: string, sessionId: string): Promise<Attendance[]> {
  const rows = await db
    .select()
    .from(attendances)
    .where(and(eq(attendances.studioId, studioId), eq(attendances.sessionId, sessionId)))
  return rows.map(({ clientId, presence, checkIn, exertion, painDuring, painNextDay, note, marks, revision }) => ({
    clientId,
    presence,
    checkIn,
    exertion,
    painDuring,
    painNextDay,
    note,
    marks: marks ?? [],
    revision,
  }))
}

/** What the log writes over in a row that the door has begun. */
const LOG_COLUMNS = {
  came: sql`excluded.came`,
  presence: sql`excluded.presence`,
  marks: sql`excluded.marks`,
  exertion: sql`excluded.exertion`,
  painDuring: sql`excluded.pain_during`,
  painNextDay: sql`excluded.pain_next_day`,
  note: sql`excluded.note`,
  updatedAt: sql`now()`,
}

const inTable = (presence: Presence | null) => ({ presence, came: wasThere(presence) ? 1 : 0 })

/** A log as it is written: people, what they took, and what was noted of the class. */
export interface WrittenLog {
  rows: readonly LogRow[]
  entries: readonly LogEntry[]
  note: string | null
  notes: ClassNotes | null
}

/** Keeps both values of what a log said and now says otherwise. */
async function keepCorrections(db: Database, studioId: string, sessionId: string, found: readonly Correction[]): Promise<void> {
  if (found.length === 0) return
  await db.insert(logChanges).values(found.map(({ clientId = null, ...change }) => ({ id: randomUUID(), studioId, sessionId, clientId, ...change })))
}

/** What was corrected in a log, the oldest first. */
export const correctionsOf = (db: Database, studioId: string, sessionId: string) =>
  db
    .select({ clientId: logChanges.clientId, field: logChanges.field, was: logChanges.was, becomes: logChanges.becomes, on: logChanges.createdAt })
    .from(logChanges)
    .where(and(eq(logChanges.studioId, studioId), eq(logChanges.sessionId, sessionId)))
    .orderBy(asc(logChanges.createdAt), asc(logChanges.id))

/**
 * Writes what the log says: who came, how it was, who took what. What was said at the door stays, and so do people whom it does not name. What
 * was said before and is other now is kept with both values.
 *
 * @param revision of the log as it was shown
 * @throws StaleError when the log was saved since
 */
export async function saveLog(
  db: Database,
  studioId: string,
  sessionId: string,
  revision: number,
  { rows, entries, note, notes }: WrittenLog,
): Promise<number> {
  return db.transaction(async (tx) => {
    const before = { rows: await attendanceOf(tx, studioId, sessionId), entries: await logOf(tx, studioId, sessionId) }
    const [was] = await tx
      .select({ note: sessions.note })
      .from(sessions)
      .where(and(eq(sessions.studioId, studioId), eq(sessions.id, sessionId)))
    const [kept] = await tx
      .update(sessions)
      .set({ note, notes, revision: revision + 1, updatedAt: new Date() })
      .where(and(eq(sessions.studioId, studioId), eq(sessions.id, sessionId), eq(sessions.revision, revision)))
      .returning({ revision: sessions.revision })
    if (!kept) {
      const now = await getSession(tx, studioId, sessionId)
      throw new StaleError({ note: now.note }, now.revision)
    }
    const named = rows.map(({ clientId }) => clientId)
    await ownClients(tx, studioId, [...named, ...entries.map(({ clientId }) => clientId)])
    await keepCorrections(tx, studioId, sessionId, corrections({ ...before, note: was?.note ?? null }, { rows, entries, note }))
    if (rows.length > 0)
      await tx
        .insert(attendances)
        .values(rows.map((row) => ({ ...row, ...inTable(row.presence), marks: [...row.marks], studioId, sessionId })))
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
  { presence, checkIn }: { presence: Presence | null; checkIn: CheckIn | null },
): Promise<number> {
  return db.transaction(async (tx) => {
    await ownSession(tx, studioId, sessionId)
    await ownClients(tx, studioId, [clientId])
    const said = { ...inTable(presence), checkIn }
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
      .select({ presence: attendances.presence, checkIn: attendances.checkIn, revision: attendances.revision })
      .from(attendances)
      .where(here)
    throw new StaleError({ presence: now?.presence ?? null, checkIn: now?.checkIn ?? null }, now?.revision ?? 0)
  })
}

export const logOf = (db: Database, studioId: string, sessionId: string): Promise<LogEntry[]> =>
  db
    .select({
      clientId: logEntries.clientId,
      item: logEntries.item,
      variant: logEntries.variant,
      kg: logEntries.kg,
      side: logEntries.side,
      band: logEntries.band,
    })
    .from(logEntries)
    .where(and(eq(logEntries.studioId, studioId), eq(logEntries.sessionId, sessionId)))

/** Every session in which somebody is noted, with what was noted, for that person's own export. */
export const attendanceOfPerson = (db: Database, studioId: string, clientId: string) =>
  db
    .select({
      day: sessions.day,
      presence: attendances.presence,
      checkIn: attendances.checkIn,
      exertion: attendances.exertion,
      painDuring: attendances.painDuring,
      painNextDay: attendances.painNextDay,
      note: attendances.note,
      marks: attendances.marks,
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

/** How somebody was in and after the last class that they came to. */
export interface LastTime {
  day: string
  painDuring: number | null
  painNextDay: number | null
}

/** How people were the last time that they came before a day, by person. */
export async function lastTimes(db: Database, studioId: string, clientIds: readonly string[], before: string): Promise<Map<string, LastTime>> {
  if (clientIds.length === 0) return new Map()
  const rows = await db
    .selectDistinctOn([attendances.clientId], {
      clientId: attendances.clientId,
      day: sessions.day,
      painDuring: attendances.painDuring,
      painNextDay: attendances.painNextDay,
    })
    .from(attendances)
    .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
    .where(and(eq(attendances.studioId, studioId), among(attendances.clientId, clientIds), eq(attendances.came, 1), lt(sessions.day, before)))
    .orderBy(attendances.clientId, desc(sessions.day))
  return new Map(rows.map(({ clientId, ...last }) => [clientId, last]))
}

/** Somebody who came to a class lately and has not been asked how it was the day after. */
export interface NotAsked {
  sessionId: string
  day: string
  title: string
  clientId: string
}

/** Who came on the days from one to another and whose day after is not known, by class. */
export const notAsked = (db: Database, studioId: string, from: string, to: string): Promise<NotAsked[]> =>
  db
    .select({ sessionId: sessions.id, day: sessions.day, title: sql<string>`${sessions.plan}->>'title'`, clientId: attendances.clientId })
    .from(attendances)
    .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
    .where(
      and(
        eq(attendances.studioId, studioId),
        eq(attendances.came, 1),
        isNull(attendances.painNextDay),
        gte(sessions.day, from),
        lte(sessions.day, to),
      ),
    )
    .orderBy(desc(sessions.day), asc(sessions.id), asc(attendances.clientId))

/** Keeps how somebody was the day after. @returns whether they were in that session */
export async function sayNextDay(db: Database, studioId: string, sessionId: string, clientId: string, pain: number): Promise<boolean> {
  const here = and(eq(attendances.studioId, studioId), eq(attendances.sessionId, sessionId), eq(attendances.clientId, clientId))
  return db.transaction(async (tx) => {
    const [before] = await tx.select({ was: attendances.painNextDay }).from(attendances).where(here)
    if (!before) return false
    if (before.was !== null && before.was !== pain)
      await keepCorrections(tx, studioId, sessionId, [{ clientId, field: 'painNextDay', was: before.was, becomes: pain }])
    await tx.update(attendances).set({ painNextDay: pain, updatedAt: new Date() }).where(here)
    return true
  })
}
