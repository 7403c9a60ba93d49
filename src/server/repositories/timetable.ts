import { and, asc, eq, isNotNull, isNull, sql } from 'drizzle-orm'
import type { ClassCalendar } from '@/core/plan'
import type { Database } from '../db/connection'
import { classes, rosterEntries } from '../db/schema'
import { NotFoundError, StaleError } from '../stale'
import { addClass, getClass, placesOf } from './classes'

/** When a class meets. */
export interface TimeOfClass {
  weekday: number | null
  startTime: string | null
  calendar: ClassCalendar
}

const own = (studioId: string, id: string) => and(eq(classes.studioId, studioId), eq(classes.id, id))

/** @throws StaleError with the present time when `revision` is not the present one */
export async function saveTime(db: Database, studioId: string, id: string, revision: number, time: TimeOfClass): Promise<number> {
  const [row] = await db
    .update(classes)
    .set({ ...time, scheduleRevision: revision + 1, updatedAt: new Date() })
    .where(and(own(studioId, id), eq(classes.scheduleRevision, revision)))
    .returning({ revision: classes.scheduleRevision })
  if (row) return row.revision
  const { weekday, startTime, calendar, scheduleRevision } = await getClass(db, studioId, id)
  throw new StaleError<TimeOfClass>({ weekday, startTime, calendar }, scheduleRevision)
}

/** A class with the plan of another, on its day and time until it is moved, with its people where that is wanted. */
export async function copyClass(db: Database, studioId: string, from: string, id: string, title: string, withPeople: boolean): Promise<void> {
  await db.transaction(async (tx) => {
    const { plan, weekday, startTime } = await getClass(tx, studioId, from)
    await addClass(tx, studioId, { id, plan: { ...plan, title }, weekday, startTime })
    const places = withPeople ? await placesOf(tx, studioId, from) : []
    if (places.length > 0) await tx.insert(rosterEntries).values(places.map((one) => ({ ...one, studioId, classId: id })))
  })
}

/** Takes a class off the desk. What was led in it stays in the log, and it can be put back. */
export async function removeClass(db: Database, studioId: string, id: string): Promise<void> {
  const [row] = await db
    .update(classes)
    .set({ removedAt: new Date() })
    .where(and(own(studioId, id), isNull(classes.removedAt)))
    .returning({ id: classes.id })
  if (!row) throw new NotFoundError('class', id)
}

export async function putBackClass(db: Database, studioId: string, id: string): Promise<void> {
  const [row] = await db
    .update(classes)
    .set({ removedAt: null })
    .where(and(own(studioId, id), isNotNull(classes.removedAt)))
    .returning({ id: classes.id })
  if (!row) throw new NotFoundError('removed class', id)
}

export interface RemovedClass {
  id: string
  title: string
  removedAt: Date
  sessions: number
}

/** What was taken off the desk, the last first. */
export async function removedClasses(db: Database, studioId: string): Promise<RemovedClass[]> {
  const rows = await db
    .select({
      id: classes.id,
      title: sql<string>`coalesce(${classes.plan}->>'title', '')`,
      removedAt: classes.removedAt,
      sessions: sql<number>`(select count(*)::int from session s where s.class_id = ${classes}.id)`,
    })
    .from(classes)
    .where(and(eq(classes.studioId, studioId), isNotNull(classes.removedAt)))
    .orderBy(asc(classes.removedAt))
  return rows.flatMap(({ removedAt, ...row }) => (removedAt ? [{ ...row, removedAt }] : [])).reverse()
}

/** Deletes a removed class for good, with its sessions and their logs. */
export async function eraseClass(db: Database, studioId: string, id: string): Promise<void> {
  const [row] = await db
    .delete(classes)
    .where(and(own(studioId, id), isNotNull(classes.removedAt)))
    .returning({ id: classes.id })
  if (!row) throw new NotFoundError('removed class', id)
}
