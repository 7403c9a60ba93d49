import { and, desc, eq } from 'drizzle-orm'
import type { ScreeningAnswers } from '@/core/client'
import type { Database } from '../db/connection'
import { screenings } from '../db/schema'
import { NotFoundError } from '../stale'

export interface StoredScreening {
  id: string
  clientId: string
  day: string
  answers: ScreeningAnswers
  confirmedOn: string | null
}
const columns = {
  id: screenings.id,
  clientId: screenings.clientId,
  day: screenings.day,
  answers: screenings.answers,
  confirmedOn: screenings.confirmedOn,
}

export async function addScreening(
  db: Database,
  studioId: string,
  id: string,
  clientId: string,
  day: string,
  answers: ScreeningAnswers,
): Promise<void> {
  await db.insert(screenings).values({ id, studioId, clientId, day, answers })
}

export async function getScreening(db: Database, studioId: string, id: string): Promise<StoredScreening> {
  const [row] = await db
    .select(columns)
    .from(screenings)
    .where(and(eq(screenings.studioId, studioId), eq(screenings.id, id)))
  if (!row) throw new NotFoundError('screening', id)
  return row
}

/** The forms of a person, the newest first. */
export const screeningsOf = (db: Database, studioId: string, clientId: string): Promise<StoredScreening[]> =>
  db
    .select(columns)
    .from(screenings)
    .where(and(eq(screenings.studioId, studioId), eq(screenings.clientId, clientId)))
    .orderBy(desc(screenings.day), desc(screenings.createdAt))

export async function confirmScreening(db: Database, studioId: string, id: string, day: string): Promise<void> {
  await db
    .update(screenings)
    .set({ confirmedOn: day, updatedAt: new Date() })
    .where(and(eq(screenings.studioId, studioId), eq(screenings.id, id)))
}
