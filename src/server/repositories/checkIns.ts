import { and, desc, eq, inArray, isNotNull, lte, sql } from 'drizzle-orm'
import type { CheckIn } from '@/core/client'
import type { Database } from '../db/connection'
import { attendances, sessions } from '../db/schema'

/**
 * What people said at the door that still holds on a day: said that day, or said before with an end date that has not passed.
 * The newest counts.
 */
export async function checkInsOn(db: Database, studioId: string, clientIds: readonly string[], day: string): Promise<Map<string, CheckIn>> {
  if (clientIds.length === 0) return new Map()
  const rows = await db
    .select({ clientId: attendances.clientId, checkIn: attendances.checkIn, day: sessions.day })
    .from(attendances)
    .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
    .where(
      and(
        eq(attendances.studioId, studioId),
        inArray(attendances.clientId, [...clientIds]),
        isNotNull(attendances.checkIn),
        lte(sessions.day, day),
        // nothing said longer ago than this is kept for so long
        sql`${sessions.day} >= (${day}::date - interval '60 days')::date`,
      ),
    )
    .orderBy(desc(sessions.day))
  const found = new Map<string, CheckIn>()
  for (const row of rows) {
    const holds = row.checkIn && (row.day === day || (row.checkIn.until !== undefined && row.checkIn.until >= day))
    if (holds && !found.has(row.clientId)) found.set(row.clientId, row.checkIn!)
  }
  return found
}

/** The days up to a day on which people came, the oldest first; weeks in the programme are counted from them. */
export async function attendedDays(db: Database, studioId: string, clientIds: readonly string[], day: string): Promise<Map<string, string[]>> {
  if (clientIds.length === 0) return new Map()
  const rows = await db
    .select({ clientId: attendances.clientId, day: sessions.day })
    .from(attendances)
    .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
    .where(and(eq(attendances.studioId, studioId), inArray(attendances.clientId, [...clientIds]), eq(attendances.came, 1), lte(sessions.day, day)))
    .orderBy(sessions.day)
  const found = new Map(clientIds.map((id): [string, string[]] => [id, []]))
  for (const row of rows) found.get(row.clientId)?.push(row.day)
  return found
}
