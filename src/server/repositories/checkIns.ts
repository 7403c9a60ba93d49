import { and, desc, eq, gte, inArray, isNotNull, lte, sql } from 'drizzle-orm'
import { addDays, type CheckIn, PROGRAMME_LOOKS_BACK_DAYS } from '@/core/client'
import type { Database } from '../db/connection'
import { attendances, sessions } from '../db/schema'

/** Nothing said at the door is kept for longer than this, days. */
const LASTS_DAYS = 60

/** What was said at the door, the newest first. */
export interface SaidAtDoor {
  clientId: string
  day: string
  checkIn: CheckIn
}

/** Everything said at the door that can still hold on one of the days from one to another. */
export async function saidBetween(db: Database, studioId: string, clientIds: readonly string[], from: string, to: string): Promise<SaidAtDoor[]> {
  if (clientIds.length === 0) return []
  const rows = await db
    .select({ clientId: attendances.clientId, checkIn: attendances.checkIn, day: sessions.day })
    .from(attendances)
    .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
    .where(
      and(
        eq(attendances.studioId, studioId),
        inArray(attendances.clientId, [...clientIds]),
        isNotNull(attendances.checkIn),
        lte(sessions.day, to),
        gte(sessions.day, addDays(from, -LASTS_DAYS)),
      ),
    )
    .orderBy(desc(sessions.day))
  return rows.flatMap(({ checkIn, ...row }) => (checkIn ? [{ ...row, checkIn }] : []))
}

/** What holds on a day of what was said: said that day, or said before with an end date that has not passed. The newest counts. */
export function holdingOn(said: readonly SaidAtDoor[], day: string): Map<string, CheckIn> {
  const found = new Map<string, CheckIn>()
  for (const { clientId, day: on, checkIn } of said) {
    const holds = on === day || (on < day && on >= addDays(day, -LASTS_DAYS) && checkIn.until !== undefined && checkIn.until >= day)
    if (holds && !found.has(clientId)) found.set(clientId, checkIn)
  }
  return found
}

export const checkInsOn = async (db: Database, studioId: string, clientIds: readonly string[], day: string): Promise<Map<string, CheckIn>> =>
  holdingOn(await saidBetween(db, studioId, clientIds, day, day), day)

/**
 * The days up to a day on which people came, the oldest first; weeks in the programme are counted from them. Days too long ago to matter to
 * any rule are left out, and one row comes for each person, so that years of classes cost no more than one.
 */
export async function attendedDays(db: Database, studioId: string, clientIds: readonly string[], day: string): Promise<Map<string, string[]>> {
  if (clientIds.length === 0) return new Map()
  const rows = await db
    .select({ clientId: attendances.clientId, days: sql<string>`string_agg(distinct ${sessions.day}::text, ' ' order by ${sessions.day}::text)` })
    .from(attendances)
    .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
    .where(
      and(
        eq(attendances.studioId, studioId),
        inArray(attendances.clientId, [...clientIds]),
        eq(attendances.came, 1),
        lte(sessions.day, day),
        gte(sessions.day, addDays(day, -PROGRAMME_LOOKS_BACK_DAYS)),
      ),
    )
    .groupBy(attendances.clientId)
  const came = new Map(rows.map(({ clientId, days }) => [clientId, days.split(' ')]))
  return new Map(clientIds.map((id) => [id, came.get(id) ?? []]))
}
