import { and, eq, sql } from 'drizzle-orm'
import type { ClientRecord, Day } from '@/core/client'
import { viewWithout } from '@/core/lead'
import type { Database } from '../db/connection'
import {
  attendances,
  classes,
  clients,
  erasures,
  leadEvents,
  leadViews,
  letters,
  logChanges,
  logEntries,
  overrules,
  rosterEntries,
  screenings,
} from '../db/schema'
import { NotFoundError } from '../stale'
import { getClient } from './clients'
import { forget } from './known'

/** What happened in a class keeps its time, without person and words, and what a class was judged as no longer names them. */
async function unname(tx: Database, studioId: string, id: string) {
  await tx
    .update(leadEvents)
    .set({ person: null, text: null, said: null })
    .where(and(eq(leadEvents.studioId, studioId), eq(leadEvents.person, id)))
  // its name stays: taps speak of it
  for (const { id: view, sessionId, document } of await tx
    .select({ id: leadViews.id, sessionId: leadViews.sessionId, document: leadViews.document })
    .from(leadViews)
    .where(and(eq(leadViews.studioId, studioId), sql`${leadViews.document}::text like ${`%${id}%`}`)))
    await tx
      .update(leadViews)
      .set({ document: viewWithout(document, id) })
      .where(and(eq(leadViews.sessionId, sessionId), eq(leadViews.id, view)))
  for (const { id: classId, judged } of await tx
    .select({ id: classes.id, judged: classes.judged })
    .from(classes)
    .where(eq(classes.studioId, studioId))) {
    const cells = judged?.cells.filter(({ person }) => person !== id)
    if (judged && cells && cells.length < judged.cells.length)
      await tx
        .update(classes)
        .set({ judged: { ...judged, cells } })
        .where(eq(classes.id, classId))
  }
}

/**
 * Erases a person with everything that is kept on them: roster places, attendance, log rows, forms, letters and overrules go with the row.
 */
export async function eraseClient(db: Database, studioId: string, id: string): Promise<void> {
  await db.transaction(async (tx) => {
    const erased = await tx
      .delete(clients)
      .where(and(eq(clients.studioId, studioId), eq(clients.id, id)))
      .returning({ id: clients.id })
    if (erased.length === 0) throw new NotFoundError('person', id)
    await unname(tx, studioId, id)
    const what = 'whole' as const
    await tx
      .insert(erasures)
      .values({ studioId, clientId: id, what })
      .onConflictDoUpdate({ target: [erasures.studioId, erasures.clientId], set: { what } })
  })
  forget(db, studioId, id)
}

/** What stays of a record when nothing of somebody's health may be kept. */
const withoutHealth = ({ given, family, birthDate, emergencyContact, joined }: ClientRecord, day: Day): ClientRecord => ({
  given,
  family,
  birthDate,
  ...(emergencyContact !== undefined && { emergencyContact }),
  ...(joined !== undefined && { joined }),
  conditions: [],
  unlisted: [],
  clearances: [],
  sites: [],
  medicines: {},
  capability: {},
  ownLoads: [],
  measured: [],
  notAbove: [],
  progress: [],
  kitAtHome: [],
  consentWithdrawnOn: day,
})

/**
 * Somebody no longer agrees that data on their health are kept: conditions, medicines, forms, letters, readings, pain and effort, what they took
 * and the instructor's own word go, and they leave every roster. Name, contact and the days on which they came stay.
 *
 * @returns the new revision of the record
 */
export async function eraseHealth(db: Database, studioId: string, id: string, day: Day): Promise<number> {
  const kept = await db.transaction(async (tx) => {
    const { record, revision } = await getClient(tx, studioId, id)
    await tx
      .update(clients)
      .set({ record: withoutHealth(record, day), revision: revision + 1, updatedAt: sql`now()` })
      .where(and(eq(clients.studioId, studioId), eq(clients.id, id)))
    for (const table of [letters, screenings, overrules, logEntries, logChanges, rosterEntries])
      await tx.delete(table).where(and(eq(table.studioId, studioId), eq(table.clientId, id)))
    await tx
      .update(attendances)
      .set({ checkIn: null, exertion: null, painDuring: null, painNextDay: null, note: null, marks: null, updatedAt: sql`now()` })
      .where(and(eq(attendances.studioId, studioId), eq(attendances.clientId, id)))
    await unname(tx, studioId, id)
    const said = { what: 'health' as const, erasedAt: new Date() }
    await tx
      .insert(erasures)
      .values({ studioId, clientId: id, ...said })
      .onConflictDoUpdate({ target: [erasures.studioId, erasures.clientId], set: said })
    return revision + 1
  })
  forget(db, studioId, id)
  return kept
}

/** Somebody agreed again: a backup from between may bring back what was noted since. */
export async function agreedAgain(db: Database, studioId: string, id: string): Promise<void> {
  await db.delete(erasures).where(and(eq(erasures.studioId, studioId), eq(erasures.clientId, id), eq(erasures.what, 'health')))
}
