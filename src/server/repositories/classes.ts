import { and, asc, eq, isNull, ne, notInArray, sql } from 'drizzle-orm'
import { type Wishes, wishesSchema } from '@/core/compose'
import type { JudgedClass } from '@/core/evaluate'
import { atHour, type ClassCalendar, calendarSchema, type PlanDraft, planSchema } from '@/core/plan'
import { type Series, seriesSchema } from '@/core/progress'
import type { Database } from '../db/connection'
import { classes, clients, type RosterPlace, rosterEntries } from '../db/schema'
import { NotFoundError, StaleError } from '../stale'
import { CLIENT_VERSION, knownClients, type StoredClient } from './clients'
import { type Documents, knownRows, onlyOne, type Read, versionOf } from './known'
import { ownClients } from './owned'
import { readDocument } from './readable'

export interface StoredClass {
  id: string
  plan: PlanDraft
  revision: number
  weekday: number | null
  startTime: string | null
  calendar: ClassCalendar
  /** its sessions over weeks; null = the same plan every time */
  series: Series | null
  /** counts the changes of weekday, time, days and series */
  scheduleRevision: number
}

const columns = {
  id: classes.id,
  plan: classes.plan,
  revision: classes.revision,
  weekday: classes.weekday,
  startTime: classes.startTime,
  calendar: classes.calendar,
  series: classes.series,
  scheduleRevision: classes.scheduleRevision,
}

const readClass = (row: StoredClass): StoredClass => ({
  ...row,
  plan: atHour(readDocument(planSchema, 'class', row.id, row.plan), row.startTime),
  calendar: readDocument(calendarSchema, 'class', row.id, row.calendar),
  series: row.series === null ? null : readDocument(seriesSchema, 'class', row.id, row.series),
})

const VERSION = { id: classes.id, version: versionOf(classes) }
const PLANS: Documents<StoredClass> = { table: classes, columns, read: readClass }

/** All of them, with those that cannot be read. */
export async function readClasses(db: Database, studioId: string): Promise<Read<StoredClass>> {
  const rows = await db
    .select(VERSION)
    .from(classes)
    .where(and(eq(classes.studioId, studioId), isNull(classes.removedAt)))
    .orderBy(asc(classes.weekday), asc(classes.startTime), asc(classes.id))
  return knownRows(db, studioId, rows, PLANS)
}

export const listClasses = async (db: Database, studioId: string): Promise<StoredClass[]> => (await readClasses(db, studioId)).rows

/** @throws NotFoundError also for one that was removed */
export async function getClass(db: Database, studioId: string, id: string): Promise<StoredClass> {
  const rows = await db
    .select(VERSION)
    .from(classes)
    .where(and(eq(classes.studioId, studioId), eq(classes.id, id), isNull(classes.removedAt)))
  return onlyOne('class', id, await knownRows(db, studioId, rows, PLANS))
}

export async function addClass(
  db: Database,
  studioId: string,
  row: Pick<StoredClass, 'id' | 'plan' | 'weekday' | 'startTime'> & Partial<Pick<StoredClass, 'calendar'>>,
): Promise<void> {
  await db.insert(classes).values({ ...row, studioId })
}

/** Who of these people is in which class, who only wait left out: one query for the day sheet. */
export async function rosters(db: Database, studioId: string, clients: readonly StoredClient[]): Promise<Map<string, StoredClient[]>> {
  const rows = await db
    .select({ classId: rosterEntries.classId, id: rosterEntries.clientId })
    .from(rosterEntries)
    .where(and(eq(rosterEntries.studioId, studioId), ne(rosterEntries.place, 'waiting')))
  const members = new Map<string, Set<string>>()
  for (const { classId, id } of rows) members.set(classId, (members.get(classId) ?? new Set()).add(id))
  return new Map([...members].map(([classId, ids]) => [classId, clients.filter(({ id }) => ids.has(id))]))
}

export async function rosterOf(db: Database, studioId: string, classId: string): Promise<StoredClient[]> {
  const rows = await db
    .select(CLIENT_VERSION)
    .from(rosterEntries)
    .innerJoin(clients, eq(clients.id, rosterEntries.clientId))
    .where(and(eq(rosterEntries.studioId, studioId), eq(rosterEntries.classId, classId), ne(rosterEntries.place, 'waiting')))
  return knownClients(db, studioId, rows)
}

/** Who belongs to a class and how; nobody twice. */
export interface RosterPlaceOf {
  clientId: string
  place: RosterPlace
}

export const placesOf = (db: Database, studioId: string, classId: string): Promise<RosterPlaceOf[]> =>
  db
    .select({ clientId: rosterEntries.clientId, place: rosterEntries.place })
    .from(rosterEntries)
    .where(and(eq(rosterEntries.studioId, studioId), eq(rosterEntries.classId, classId)))

/** How often the roster of a class was changed. */
export async function rosterRevision(db: Database, studioId: string, classId: string): Promise<number> {
  const [row] = await db
    .select({ revision: classes.rosterRevision })
    .from(classes)
    .where(and(eq(classes.studioId, studioId), eq(classes.id, classId)))
  if (!row) throw new NotFoundError('class', classId)
  return row.revision
}

/**
 * Puts just these people on the roster.
 *
 * @param revision of the roster as it was shown
 * @throws StaleError with the present roster when it was changed since
 */
export async function setPlaces(
  db: Database,
  studioId: string,
  classId: string,
  revision: number,
  places: readonly RosterPlaceOf[],
): Promise<number> {
  return db.transaction(async (tx) => {
    const [kept] = await tx
      .update(classes)
      .set({ rosterRevision: revision + 1 })
      .where(and(eq(classes.studioId, studioId), eq(classes.id, classId), eq(classes.rosterRevision, revision)))
      .returning({ revision: classes.rosterRevision })
    if (!kept) throw new StaleError(await placesOf(tx, studioId, classId), await rosterRevision(tx, studioId, classId))
    await ownClients(
      tx,
      studioId,
      places.map(({ clientId }) => clientId),
    )
    const ids = places.map(({ clientId }) => clientId)
    await tx
      .delete(rosterEntries)
      .where(and(eq(rosterEntries.studioId, studioId), eq(rosterEntries.classId, classId), notInArray(rosterEntries.clientId, ids)))
    // who stays is no newer for it
    if (places.length > 0)
      await tx
        .insert(rosterEntries)
        .values(places.map((one) => ({ ...one, studioId, classId })))
        .onConflictDoUpdate({ target: [rosterEntries.classId, rosterEntries.clientId], set: { place: sql`excluded.place` } })
    return kept.revision
  })
}

export const setRoster = async (db: Database, studioId: string, classId: string, clientIds: readonly string[]): Promise<number> =>
  setPlaces(
    db,
    studioId,
    classId,
    await rosterRevision(db, studioId, classId),
    clientIds.map((clientId) => ({ clientId, place: 'enrolled' })),
  )

/** What the rules last said about a class, with which rules. */
export async function judgedClasses(db: Database, studioId: string): Promise<{ id: string; judged: JudgedClass | null }[]> {
  return db.select({ id: classes.id, judged: classes.judged }).from(classes).where(eq(classes.studioId, studioId))
}

/** How many classes were last judged by other rules than these; their verdicts are large and stay where they are. */
export const judgedByOthers = (db: Database, studioId: string, rules: string): Promise<number> =>
  db.$count(classes, and(eq(classes.studioId, studioId), isNull(classes.removedAt), sql`${classes.judged}->>'rules' <> ${rules}`))

/** What a class was last judged as; null when never. */
export async function judgedClass(db: Database, studioId: string, id: string): Promise<JudgedClass | null> {
  const [row] = await db
    .select({ judged: classes.judged })
    .from(classes)
    .where(and(eq(classes.studioId, studioId), eq(classes.id, id)))
  return row?.judged ?? null
}

export async function keepJudged(db: Database, studioId: string, id: string, judged: JudgedClass): Promise<void> {
  await db
    .update(classes)
    .set({ judged })
    .where(and(eq(classes.studioId, studioId), eq(classes.id, id)))
}

/** What was last wished of a class; null when it was never composed, or what is kept can no longer be read: then the brief is filled anew. */
export async function wishesOf(db: Database, studioId: string, id: string): Promise<Wishes | null> {
  const [row] = await db
    .select({ brief: classes.brief })
    .from(classes)
    .where(and(eq(classes.studioId, studioId), eq(classes.id, id)))
  return wishesSchema.safeParse(row?.brief).data ?? null
}

/** @throws NotFoundError when there is no such class */
export async function keepWishes(db: Database, studioId: string, id: string, brief: Wishes): Promise<void> {
  const [row] = await db
    .update(classes)
    .set({ brief })
    .where(and(eq(classes.studioId, studioId), eq(classes.id, id), isNull(classes.removedAt)))
    .returning({ id: classes.id })
  if (!row) throw new NotFoundError('class', id)
}
