import { and, eq } from 'drizzle-orm'
import type { Day } from '@/core/client'
import type { Since } from '@/core/evaluate'
import type { Database } from '../db/connection'
import { attendances, classes, clients, rosterEntries, sessions } from '../db/schema'

/** By the clock of the database, which sets all these times. Of everybody on the list of a class for whom something has changed since it was planned, what. */
export async function changedSince(db: Database, studioId: string, classId: string, day: Day): Promise<Map<string, Since>> {
  const rows = await db
    .select({
      id: clients.id,
      plannedAt: classes.plannedAt,
      joinedAt: rosterEntries.createdAt,
      changedAt: clients.updatedAt,
      checkIn: attendances.checkIn,
    })
    .from(rosterEntries)
    .innerJoin(classes, eq(classes.id, rosterEntries.classId))
    .innerJoin(clients, eq(clients.id, rosterEntries.clientId))
    .leftJoin(sessions, and(eq(sessions.classId, rosterEntries.classId), eq(sessions.day, day)))
    .leftJoin(attendances, and(eq(attendances.sessionId, sessions.id), eq(attendances.clientId, rosterEntries.clientId)))
    .where(and(eq(rosterEntries.studioId, studioId), eq(rosterEntries.classId, classId)))
  return new Map(
    rows.flatMap(({ id, plannedAt, joinedAt, changedAt, checkIn }): [string, Since][] =>
      checkIn ? [[id, 'today']] : joinedAt > plannedAt ? [[id, 'new']] : changedAt > plannedAt ? [[id, 'record']] : [],
    ),
  )
}
