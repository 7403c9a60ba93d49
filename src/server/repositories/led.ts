import { and, asc, desc, eq, gte, isNotNull, lt, lte, sql } from 'drizzle-orm'
import type { LedStretch } from '@/core/timing'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { sessions } from '../db/schema'
import { knownRows, versionOf } from './known'
import { SESSION_VERSION, SESSIONS, STARTED, type StoredSession } from './sessions'

/** Keeps what the taps of a class say of the pace; what they said before is written over. */
export async function keepStretches(db: Database, studioId: string, sessionId: string, stretches: LedStretch[]): Promise<void> {
  await db
    .update(sessions)
    .set({ stretches })
    .where(and(eq(sessions.studioId, studioId), eq(sessions.id, sessionId)))
}

/** The last sessions before a day that say something of the pace, the newest first. */
export async function pacedSessions(db: Database, studioId: string, before: string, most: number): Promise<StoredSession[]> {
  const rows = await db
    .select(SESSION_VERSION)
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), lt(sessions.day, before), isNotNull(sessions.stretches)))
    .orderBy(desc(sessions.day), asc(sessions.id))
    .limit(most)
  return (await knownRows(db, studioId, rows, SESSIONS)).rows
}

/** Classes that somebody has begun to lead on a day, by id. */
export async function startedOn(db: Database, studioId: string, day: string): Promise<Set<string>> {
  const rows = await db
    .select({ classId: sessions.classId })
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), eq(sessions.day, day), STARTED))
  return new Set(rows.map(({ classId }) => classId))
}

/** A class that was led lately, with how many of those who are on its roster now were there. */
export interface LedSession extends StoredSession {
  came: number
}

/** The last sessions of classes that were led, the newest first. @param from the first day that counts @param most of each class */
export async function ledSessions(
  db: Database,
  studioId: string,
  classIds: readonly string[],
  { from, before, most }: { from: string; before: string; most: number },
): Promise<LedSession[]> {
  if (classIds.length === 0) return []
  const numbered = db
    .select({
      id: sessions.id,
      version: versionOf(sessions).as('version'),
      classId: sessions.classId,
      day: sessions.day,
      place: sql<number>`row_number() over (partition by ${sessions.classId} order by ${sessions.day} desc)`.as('place'),
    })
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), among(sessions.classId, classIds), gte(sessions.day, from), lt(sessions.day, before), STARTED))
    .as('numbered')
  const rows = await db
    .select({
      id: numbered.id,
      version: numbered.version,
      came: sql<number>`(select count(*)::int from attendance a join roster_entry r on r.client_id = a.client_id and r.class_id = ${numbered.classId} where a.session_id = ${numbered.id} and a.came = 1)`,
    })
    .from(numbered)
    .where(lte(numbered.place, most))
    .orderBy(desc(numbered.day), asc(numbered.id))
  const read = await knownRows(db, studioId, rows, SESSIONS)
  const came = new Map(rows.map((row) => [row.id, row.came]))
  return read.rows.map((session) => ({ ...session, came: came.get(session.id) ?? 0 }))
}

/** The last day on which each class was led, by class. */
export async function lastLed(db: Database, studioId: string, classIds: readonly string[]): Promise<Map<string, string>> {
  if (classIds.length === 0) return new Map()
  const rows = await db
    .select({ classId: sessions.classId, day: sql<string>`max(${sessions.day})::text` })
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), among(sessions.classId, classIds), STARTED))
    .groupBy(sessions.classId)
  return new Map(rows.map(({ classId, day }) => [classId, day]))
}
