import { and, eq, gte, sql } from 'drizzle-orm'
import type { Day } from '@/core/client'
import { atHour, type Closed, type PlanDraft } from '@/core/plan'
import { gentlerWeek, type Series, type SeriesDay, type SeriesTurn, seriesDays, seriesPlan } from '@/core/progress'
import type { Database } from '../db/connection'
import { classes, sessions } from '../db/schema'
import { NotFoundError, StaleError } from '../stale'
import { getClass, type StoredClass } from './classes'
import { getSession, STARTED, type StoredSession } from './sessions'
import { closedOf } from './studios'
import { saveTime as keepTime, type TimeOfClass } from './timetable'
import { type PlanVersion, versionsOf } from './versions'

/** A class on one of its days: what it is led by, and where that day stands in its series. */
export interface OnDay {
  plan: PlanDraft
  at?: SeriesDay & Pick<SeriesTurn, 'focus' | 'homework'>
  /** the version that it was to be led by is no longer kept: the plan of the class stands in for it */
  lost?: string
  /** movements, by id, that it leaves for a later time */
  left: readonly string[]
}

interface PlannedDays {
  /** of its series; none where it is in none */
  days: readonly SeriesDay[]
  on: (day: Day) => OnDay
}
/** Worked out once as long as class, versions and holidays are the same: what is judged is known by its plan. */
const known = new WeakMap<StoredClass, { from: string; planned: PlannedDays }>()

/** What a class is led by on any day. Of one that is in no series it is its plan every time. */
export async function planDays(db: Database, studioId: string, stored: StoredClass): Promise<PlannedDays> {
  const { series, plan } = stored
  if (!series) return { days: [], on: () => ({ plan, left: [] }) }
  const versions = await versionsOf(db, studioId, stored.id)
  const closed = await closedOf(db, studioId)
  // a version is never changed, only kept and forgotten
  const from = JSON.stringify([versions.map(({ id }) => id), closed])
  const before = known.get(stored)
  if (before?.from === from) return before.planned
  const planned = plannedDays(stored, series, versions, closed)
  known.set(stored, { from, planned })
  return planned
}

function plannedDays(stored: StoredClass, series: Series, versions: readonly PlanVersion[], closed: readonly Closed[]): PlannedDays {
  const { plan, startTime } = stored
  // the newest of a name; a class has one title, whatever it was called when a version was kept
  const planOf = (name: string | undefined): PlanDraft | undefined => {
    if (name === undefined) return plan
    const kept = versions.find((version) => version.name === name)?.plan
    return kept && atHour({ ...kept, title: plan.title }, startTime)
  }
  const days = seriesDays(series, stored, closed)
  const places = new Map(days.map((at) => [at.day, at]))
  const made = new Map<string, Pick<OnDay, 'plan' | 'lost' | 'left'>>()
  const planAt = (at: SeriesDay): Pick<OnDay, 'plan' | 'lost' | 'left'> => {
    const { version } = series.turns[at.turn]!
    const own = seriesPlan(series, at, planOf)
    if (own) return own
    // the week is as gentle as it was to be
    return { plan: at.gentler ? gentlerWeek(plan) : plan, left: [], ...(version !== undefined && { lost: version }) }
  }
  const on = (day: Day): OnDay => {
    const at = places.get(day)
    if (!at) return { plan, left: [] }
    const isOwn = series.later.some(({ session }) => session === at.session)
    const key = `${at.turn} ${at.gentler} ${isOwn ? at.session : ''}`
    const led = made.get(key) ?? planAt(at)
    made.set(key, led)
    const { focus, homework } = series.turns[at.turn]!
    return { ...led, at: { ...at, focus, homework } }
  }
  return { days, on }
}

const BEGUN = sql`(${STARTED} or exists (select 1 from log_entry l where l.session_id = ${sessions.id}))`

/**
 * Sessions of today and later that are open and not begun follow what the class is planned to be on their day.
 *
 * @returns whether one is there that was begun: it keeps the plan that it began with
 */
export async function followPlan(db: Database, studioId: string, classId: string, today: Day): Promise<boolean> {
  const rows = await db
    .select({ id: sessions.id, day: sessions.day, begun: sql<boolean>`${BEGUN}` })
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), eq(sessions.classId, classId), gte(sessions.day, today)))
  const { on } = await planDays(db, studioId, await getClass(db, studioId, classId))
  for (const { id, day, begun } of rows)
    if (!begun)
      await db
        .update(sessions)
        .set({ plan: on(day).plan })
        .where(and(eq(sessions.studioId, studioId), eq(sessions.id, id)))
  return rows.some(({ begun }) => begun)
}

/**
 * Saves a plan. Sessions of today and later that are open and not begun follow it; one that was begun keeps the plan it began with.
 *
 * @returns `begun`: such a session is there, and this change does not reach it
 * @throws StaleError when somebody else saved meanwhile
 */
export const savePlan = (
  db: Database,
  studioId: string,
  id: string,
  revision: number,
  plan: PlanDraft,
  today: Day,
): Promise<{ revision: number; begun: boolean }> =>
  db.transaction(async (tx) => {
    const [row] = await tx
      .update(classes)
      .set({ plan, revision: revision + 1, plannedAt: sql`now()`, updatedAt: sql`now()` })
      .where(and(eq(classes.studioId, studioId), eq(classes.id, id), eq(classes.revision, revision)))
      .returning({ revision: classes.revision })
    if (!row) {
      const newer = await getClass(tx, studioId, id)
      throw new StaleError(newer.plan, newer.revision)
    }
    return { revision: row.revision, begun: await followPlan(tx, studioId, id, today) }
  })

/** Saves when a class meets. @throws StaleError with the present time when `revision` is not the present one */
export const saveTime = (db: Database, studioId: string, id: string, revision: number, time: TimeOfClass, today: Day): Promise<number> =>
  db.transaction(async (tx) => {
    const next = await keepTime(tx, studioId, id, revision, time)
    await followPlan(tx, studioId, id, today)
    return next
  })

/**
 * Saves the series of a class, or ends it with null.
 *
 * @param revision that of its days and time
 * @throws StaleError with the present series when `revision` is not the present one
 */
export const saveSeries = (db: Database, studioId: string, id: string, revision: number, series: Series | null, today: Day): Promise<number> =>
  db.transaction(async (tx) => {
    const [row] = await tx
      .update(classes)
      .set({ series, scheduleRevision: revision + 1, updatedAt: sql`now()` })
      .where(and(eq(classes.studioId, studioId), eq(classes.id, id), eq(classes.scheduleRevision, revision)))
      .returning({ revision: classes.scheduleRevision })
    if (!row) {
      const newer = await getClass(tx, studioId, id)
      throw new StaleError<Series | null>(newer.series, newer.scheduleRevision)
    }
    await followPlan(tx, studioId, id, today)
    return row.revision
  })

/** The session of a class on a day, made from what it is planned to be then when there is none. */
export const openSession = (db: Database, studioId: string, id: string, classId: string, day: Day): Promise<StoredSession> =>
  db.transaction(async (tx) => {
    const existing = async () => {
      const [found] = await tx
        .select({ id: sessions.id })
        .from(sessions)
        .where(and(eq(sessions.studioId, studioId), eq(sessions.classId, classId), eq(sessions.day, day)))
      return found && getSession(tx, studioId, found.id)
    }
    const found = await existing()
    if (found) return found
    const { on } = await planDays(tx, studioId, await getClass(tx, studioId, classId))
    await tx
      .insert(sessions)
      .values({ id, studioId, classId, day, plan: on(day).plan })
      .onConflictDoNothing()
    const made = await existing()
    if (!made) throw new NotFoundError('session', id)
    return made
  })
