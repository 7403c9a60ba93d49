import { and, asc, avg, count, desc, eq, gte, inArray, sql } from 'drizzle-orm'
import type { CheckIn } from '@/core/client'
import type { ClassNotes, LeadEvent, LogMark, LogSide, Presence } from '@/core/lead'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { attendances, classes, leadEvents, logEntries, rosterEntries, sessions } from '../db/schema'

/** A class that somebody was noted in, with how it was for them. */
export interface PersonDay {
  sessionId: string
  day: string
  title: string
  presence: Presence | null
  exertion: number | null
  painDuring: number | null
  painNextDay: number | null
  note: string | null
  marks: LogMark[] | null
}

/** What somebody did in every class, in no order yet. */
const taken = (db: Database, studioId: string, clientId: string) =>
  db
    .select({
      day: sessions.day,
      item: logEntries.item,
      variant: logEntries.variant,
      kg: logEntries.kg,
      side: logEntries.side,
      band: logEntries.band,
    })
    .from(logEntries)
    .innerJoin(sessions, eq(sessions.id, logEntries.sessionId))
    .where(and(eq(logEntries.studioId, studioId), eq(logEntries.clientId, clientId)))

/** Taps about somebody, the oldest first. @param kinds left out = all */
const tapsAbout = (db: Database, studioId: string, clientId: string, kinds?: LeadEvent['kind'][]) =>
  db
    .select({ day: sessions.day, at: leadEvents.at, kind: leadEvents.kind, text: leadEvents.text })
    .from(leadEvents)
    .innerJoin(sessions, eq(sessions.id, leadEvents.sessionId))
    .where(and(eq(leadEvents.studioId, studioId), eq(leadEvents.person, clientId), kinds && inArray(leadEvents.kind, kinds)))
    .orderBy(asc(leadEvents.at))

/** Everything that names somebody beside what was noted: versions taken, taps about them, places on rosters. */
export async function traceOf(db: Database, studioId: string, clientId: string) {
  const [log, events, places] = await Promise.all([
    taken(db, studioId, clientId).orderBy(desc(sessions.day)),
    tapsAbout(db, studioId, clientId),
    db
      .select({ class: sql<string>`${classes.plan}->>'title'`, place: rosterEntries.place })
      .from(rosterEntries)
      .innerJoin(classes, eq(classes.id, rosterEntries.classId))
      .where(and(eq(rosterEntries.studioId, studioId), eq(rosterEntries.clientId, clientId))),
  ])
  return { log, events, places }
}

/** Everything that was noted of somebody in classes, the oldest first. */
export async function personHistory(db: Database, studioId: string, clientId: string) {
  const title = sql<string>`${sessions.plan}->>'title'`
  const [days, done, told] = await Promise.all([
    db
      .select({
        sessionId: sessions.id,
        day: sessions.day,
        title,
        presence: attendances.presence,
        exertion: attendances.exertion,
        painDuring: attendances.painDuring,
        painNextDay: attendances.painNextDay,
        note: attendances.note,
        marks: attendances.marks,
      })
      .from(attendances)
      .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
      .where(and(eq(attendances.studioId, studioId), eq(attendances.clientId, clientId)))
      .orderBy(asc(sessions.day)),
    taken(db, studioId, clientId).orderBy(asc(sessions.day)),
    tapsAbout(db, studioId, clientId, ['near-fall', 'stop-sign', 'incident', 'note']),
  ])
  const entries: { day: string; item: string; variant: string; kg: number | null; side: LogSide | null }[] = done
  return { days: days satisfies PersonDay[], entries, told }
}

/** A session as the history of its class tells it. */
export interface ClassDay {
  id: string
  day: string
  came: number
  exertion: number | null
  painNextDay: number | null
  /** by the clock, s; null = it was not led with the screen */
  tookSeconds: number | null
  nearFalls: number
  note: string | null
  notes: ClassNotes | null
}

/** Every session of a class, the oldest first. */
export async function classHistory(db: Database, studioId: string, classId: string): Promise<ClassDay[]> {
  const ours = and(eq(sessions.studioId, studioId), eq(sessions.classId, classId))
  const [rows, rated, tapped] = await Promise.all([
    db
      .select({ id: sessions.id, day: sessions.day, note: sessions.note, notes: sessions.notes })
      .from(sessions)
      .where(ours)
      .orderBy(asc(sessions.day)),
    db
      .select({ id: sessions.id, came: count(), exertion: avg(attendances.exertion), painNextDay: avg(attendances.painNextDay) })
      .from(attendances)
      .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
      .where(and(ours, eq(attendances.came, 1)))
      .groupBy(sessions.id),
    db
      .select({
        id: sessions.id,
        began: sql<string | null>`min(${leadEvents.at}) filter (where ${leadEvents.kind} = 'start')`,
        ended: sql<string | null>`max(${leadEvents.at}) filter (where ${leadEvents.kind} = 'end')`,
        nearFalls: sql<number>`(count(*) filter (where ${leadEvents.kind} = 'near-fall'))::int`,
      })
      .from(leadEvents)
      .innerJoin(sessions, eq(sessions.id, leadEvents.sessionId))
      .where(ours)
      .groupBy(sessions.id),
  ])
  const number = (text: string | null | undefined) => (text === null || text === undefined ? null : Number(text))
  return rows.map(({ id, ...row }) => {
    const people = rated.find((one) => one.id === id)
    const taps = tapped.find((one) => one.id === id)
    const [began, ended] = [number(taps?.began), number(taps?.ended)]
    return {
      id,
      ...row,
      came: people?.came ?? 0,
      exertion: number(people?.exertion),
      painNextDay: number(people?.painNextDay),
      tookSeconds: began !== null && ended !== null && ended > began ? Math.round((ended - began) / 1000) : null,
      nearFalls: taps?.nearFalls ?? 0,
    }
  })
}

/** A class that one of a group came to, with how it was and what they did. */
export interface GroupDay {
  sessionId: string
  clientId: string
  day: string
  exertion: number | null
  painDuring: number | null
  painNextDay: number | null
  marks: LogMark[] | null
  checkIn: CheckIn | null
}

/** What was noted of some people in the classes to which they came from a day on, the oldest first; what they did; and taps that are about them. */
export async function groupHistory(db: Database, studioId: string, clientIds: readonly string[], from: string) {
  if (clientIds.length === 0) return { days: [], entries: [], told: [] }
  const since = gte(sessions.day, from)
  const [days, entries, told] = await Promise.all([
    db
      .select({
        sessionId: sessions.id,
        classId: sessions.classId,
        clientId: attendances.clientId,
        day: sessions.day,
        exertion: attendances.exertion,
        painDuring: attendances.painDuring,
        painNextDay: attendances.painNextDay,
        marks: attendances.marks,
        checkIn: attendances.checkIn,
      })
      .from(attendances)
      .innerJoin(sessions, eq(sessions.id, attendances.sessionId))
      .where(and(eq(attendances.studioId, studioId), among(attendances.clientId, clientIds), eq(attendances.came, 1), since))
      .orderBy(asc(sessions.day)),
    db
      .select({ sessionId: logEntries.sessionId, clientId: logEntries.clientId, variant: logEntries.variant, kg: logEntries.kg })
      .from(logEntries)
      .innerJoin(sessions, eq(sessions.id, logEntries.sessionId))
      .where(and(eq(logEntries.studioId, studioId), among(logEntries.clientId, clientIds), since)),
    db
      .select({ sessionId: leadEvents.sessionId, person: leadEvents.person, kind: leadEvents.kind })
      .from(leadEvents)
      .innerJoin(sessions, eq(sessions.id, leadEvents.sessionId))
      .where(
        and(
          eq(leadEvents.studioId, studioId),
          inArray(leadEvents.person, [...clientIds]),
          inArray(leadEvents.kind, ['near-fall', 'stop-sign', 'incident', 'incident-note']),
          since,
        ),
      ),
  ])
  return { days: days satisfies GroupDay[], entries, told }
}
