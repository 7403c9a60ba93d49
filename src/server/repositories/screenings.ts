import { and, desc, eq, sql } from 'drizzle-orm'
import { type Answers, answersSchema, type ClientRecord, clientSchema } from '@/core/client'
import type { Database } from '../db/connection'
import { clients, screenings } from '../db/schema'
import { NotFoundError, StaleError } from '../stale'

export interface StoredScreening {
  id: string
  clientId: string
  day: string
  /** nothing for a form of an earlier kind: it is shown as one that has to be asked again */
  answers: Answers | undefined
  confirmedOn: string | null
}
const columns = {
  id: screenings.id,
  clientId: screenings.clientId,
  day: screenings.day,
  answers: screenings.answers,
  confirmedOn: screenings.confirmedOn,
}
const read = ({ answers, ...row }: Omit<StoredScreening, 'answers'> & { answers: unknown }): StoredScreening => ({
  ...row,
  answers: answersSchema.safeParse(answers).data,
})

type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

/** Changes a person's record inside a transaction; nobody else can write it meanwhile. */
async function changeClient(tx: Transaction, studioId: string, clientId: string, change: (record: ClientRecord, revision: number) => ClientRecord) {
  const [row] = await tx
    .select({ record: clients.record, revision: clients.revision })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)))
    .for('update')
  if (!row) throw new NotFoundError('person', clientId)
  const record = change(clientSchema.parse(row.record), row.revision)
  await tx
    .update(clients)
    .set({ record, revision: row.revision + 1, updatedAt: sql`now()` })
    .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)))
}

/** Keeps a form and what it does to the record, both or neither. */
export async function keepForm(
  db: Database,
  studioId: string,
  form: { id: string; clientId: string; day: string; answers: Answers; confirmedOn?: string },
  change: (record: ClientRecord) => ClientRecord,
): Promise<void> {
  await db.transaction(async (tx) => {
    await changeClient(tx, studioId, form.clientId, change)
    await tx.insert(screenings).values({ ...form, studioId })
  })
}

export async function getScreening(db: Database, studioId: string, id: string): Promise<StoredScreening> {
  const [row] = await db
    .select(columns)
    .from(screenings)
    .where(and(eq(screenings.studioId, studioId), eq(screenings.id, id)))
  if (!row) throw new NotFoundError('screening', id)
  return read(row)
}

/** The forms of a person, the newest first. */
export async function screeningsOf(db: Database, studioId: string, clientId: string): Promise<StoredScreening[]> {
  const rows = await db
    .select(columns)
    .from(screenings)
    .where(and(eq(screenings.studioId, studioId), eq(screenings.clientId, clientId)))
    .orderBy(desc(screenings.day), desc(screenings.createdAt))
  return rows.map(read)
}

/**
 * The leader's confirmation of a form: record and mark in one transaction.
 *
 * @throws StaleError when the record was changed since it was shown
 */
export async function confirmForm(
  db: Database,
  studioId: string,
  screening: { id: string; clientId: string; day: string },
  revision: number,
  change: (record: ClientRecord) => ClientRecord,
): Promise<void> {
  await db.transaction(async (tx) => {
    await changeClient(tx, studioId, screening.clientId, (record, now) => {
      if (now !== revision) throw new StaleError(record, now)
      return change(record)
    })
    const marked = await tx
      .update(screenings)
      .set({ confirmedOn: screening.day, updatedAt: new Date() })
      .where(and(eq(screenings.studioId, studioId), eq(screenings.id, screening.id), eq(screenings.clientId, screening.clientId)))
      .returning({ id: screenings.id })
    if (marked.length === 0) throw new NotFoundError('screening', screening.id)
  })
}

/** Changes what the record says of the health questions, as at the door. */
export const changeStanding = (db: Database, studioId: string, clientId: string, change: (record: ClientRecord) => ClientRecord): Promise<void> =>
  db.transaction((tx) => changeClient(tx, studioId, clientId, change))
