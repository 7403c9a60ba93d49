import { and, desc, eq, gte, isNotNull, lte, sql } from 'drizzle-orm'
import { addDays, type CheckIn, programmeSettled } from '@/core/client'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { attendances, clients, sessions } from '../db/schema'
import { whileUnwritten } from '../db/writes'

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
        among(attendances.clientId, clientIds),
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

/** Days that mostly settle the weeks in a programme; of who is not settled by them all days are read. */
const NEAR_DAYS = 16 * 7

/** From so many people on, those of the whole studio cost less than looking for each row's person among them. */
const MANY = 100

/** One row comes for each person, so that years of classes cost little more than one. */
async function cameBetween(db: Database, studioId: string, clientIds: readonly string[], from: string | undefined, to: string) {
  const wanted = new Set(clientIds)
  const rows = await db
    .select({ clientId: attendances.clientId, days: sql<string>`string_agg(${sessions.day}::text, ' ')` })
    .from(attendances)
    .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
    .where(
      and(
        eq(attendances.studioId, studioId),
        wanted.size > MANY ? undefined : among(attendances.clientId, clientIds),
        eq(attendances.came, 1),
        eq(sessions.studioId, studioId),
        lte(sessions.day, to),
        from === undefined ? undefined : gte(sessions.day, from),
      ),
    )
    .groupBy(attendances.clientId)
  // sorted here: the database takes three times as long over it
  return new Map(rows.flatMap(({ clientId, days }) => (wanted.has(clientId) ? [[clientId, [...new Set(days.split(' '))].sort()] as const] : [])))
}

/**
 * The days up to a day on which people came, the oldest first, as far back as they can matter to a rule: weeks in the programme are counted
 * from them.
 *
 * @param first the earliest day that is judged; what is settled then is settled on every later one
 */
export const attendedDays = (
  db: Database,
  studioId: string,
  clientIds: readonly string[],
  day: string,
  first = day,
): Promise<ReadonlyMap<string, readonly string[]>> =>
  whileUnwritten(db, ['attended', studioId, day, first, ...clientIds].join(' '), () => daysOf(db, studioId, clientIds, day, first))

async function daysOf(
  db: Database,
  studioId: string,
  clientIds: readonly string[],
  day: string,
  first: string,
): Promise<ReadonlyMap<string, readonly string[]>> {
  if (clientIds.length === 0) return new Map()
  const from = addDays(first, -NEAR_DAYS)
  const near = await cameBetween(db, studioId, clientIds, from, day)
  const before = (id: string) => (near.get(id) ?? []).filter((one) => one <= first)
  const open = clientIds.filter((id) => !programmeSettled(before(id), from, first))
  const all = open.length > 0 ? await cameBetween(db, studioId, open, undefined, day) : new Map<string, string[]>()
  return new Map(clientIds.map((id) => [id, all.get(id) ?? near.get(id) ?? []]))
}

/** People who came last, or were registered when they never came, before a day; with that day. */
export async function notSince(db: Database, studioId: string, day: string): Promise<{ id: string; last: string }[]> {
  const last = sql<string>`coalesce(max(${sessions.day}), ${clients.createdAt}::date)::text`
  const rows = await db
    .select({ id: clients.id, last })
    .from(clients)
    .leftJoin(attendances, and(eq(attendances.clientId, clients.id), eq(attendances.came, 1)))
    .leftJoin(sessions, eq(sessions.id, attendances.sessionId))
    .where(eq(clients.studioId, studioId))
    .groupBy(clients.id)
    .having(sql`coalesce(max(${sessions.day}), ${clients.createdAt}::date) < ${day}::date`)
  return rows.sort((a, b) => a.last.localeCompare(b.last))
}
