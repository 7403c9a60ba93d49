import { eq } from 'drizzle-orm'
import { planSchema } from '@/core/plan'
import type { Database } from '../db/connection'
import { sessions } from '../db/schema'
import { readClasses } from './classes'
import { readClients } from './clients'
import { readOwnMovements } from './ownMovements'
import { readDocument, UnreadableError } from './readable'

export interface Unreadable {
  what: 'class' | 'person' | 'movement' | 'session'
  id: string
  problems: string
}

/** Everything that a studio works with, read once, and what of it cannot be read. */
export async function readStudio(db: Database, studioId: string) {
  const [plans, records, own] = await Promise.all([readClasses(db, studioId), readClients(db, studioId), readOwnMovements(db, studioId)])
  const told = (what: Unreadable['what'], { broken }: Pick<typeof plans, 'broken'>) => broken.map((one): Unreadable => ({ what, ...one }))
  const broken = [...told('class', plans), ...told('person', records), ...told('movement', own)]
  return { classes: plans.rows, clients: records.rows, own: own.rows, broken }
}

/** Everything of a studio that cannot be read. */
export const unreadable = async (db: Database, studioId: string): Promise<Unreadable[]> => (await readStudio(db, studioId)).broken

/** Sessions that cannot be read, for the check of the data: two thousand plans are too many for every look at the day sheet. */
export async function unreadableSessions(db: Database, studioId: string): Promise<Unreadable[]> {
  const rows = await db.select({ id: sessions.id, document: sessions.plan }).from(sessions).where(eq(sessions.studioId, studioId))
  return rows.flatMap(({ id, document }): Unreadable[] => {
    try {
      readDocument(planSchema, 'session', id, document)
      return []
    } catch (error) {
      if (error instanceof UnreadableError) return [{ what: 'session', id, problems: error.problems }]
      throw error
    }
  })
}
