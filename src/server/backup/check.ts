import { eq } from 'drizzle-orm'
import type { z } from 'zod'
import { answersSchema, checkInSchema, overruleSchema } from '@/core/client'
import { leadEventSchema, ledViewSchema } from '@/core/lead'
import { planSchema, rowIds } from '@/core/plan'
import type { Database } from '../db/connection'
import { attendances, leadEvents, leadViews, logEntries, overrules, planVersions, screenings, sessions, studios } from '../db/schema'
import { eventOf } from '../repositories/leadEvents'
import { readDocument, UnreadableError } from '../repositories/readable'
import { unreadable, unreadableSessions } from '../repositories/unreadable'
import { writeBackup } from './document'

export interface Check {
  rows: number
  /** each a line that says what is unsound and where */
  problems: string[]
}

/** Reads every row and every document once and says what is unsound. Changes nothing. */
export async function checkData(db: Database): Promise<Check> {
  const problems: string[] = []
  const counts = await writeBackup(db, new Date(0), () => {})
  const look = (schema: z.ZodType, what: string, id: string, document: unknown) => {
    try {
      readDocument(schema, what, id, document)
    } catch (error) {
      if (!(error instanceof UnreadableError)) throw error
      problems.push(error.message)
    }
  }
  for (const { id } of await db.select({ id: studios.id }).from(studios))
    for (const { what, id: row, problems: why } of [...(await unreadable(db, id)), ...(await unreadableSessions(db, id))])
      problems.push(new UnreadableError(what, row, why).message)
  for (const { id, answers } of await db.select({ id: screenings.id, answers: screenings.answers }).from(screenings))
    look(answersSchema, 'form', id, answers)
  for (const { id, document } of await db.select({ id: overrules.id, document: overrules.document }).from(overrules))
    look(overruleSchema, 'overrule', id, document)
  for (const { sessionId, clientId, checkIn } of await db
    .select({ sessionId: attendances.sessionId, clientId: attendances.clientId, checkIn: attendances.checkIn })
    .from(attendances))
    if (checkIn) look(checkInSchema, 'check-in', `of ${clientId} in ${sessionId}`, checkIn)
  for (const row of await db.select().from(leadEvents)) look(leadEventSchema, 'event', row.id, eventOf(row))
  for (const { id, sessionId, document } of await db.select().from(leadViews)) look(ledViewSchema, 'lead view', `${id} of ${sessionId}`, document)
  for (const { id, plan } of await db.select({ id: planVersions.id, plan: planVersions.plan }).from(planVersions))
    look(planSchema, 'version', id, plan)
  problems.push(...(await strayLogRows(db)))
  return { rows: Object.values(counts).reduce((sum, { rows }) => sum + rows, 0), problems }
}

/** Log rows for an item that the plan of their session does not have. */
async function strayLogRows(db: Database): Promise<string[]> {
  const items = new Map<string, Set<string>>()
  for (const { id, plan } of await db.select({ id: sessions.id, plan: sessions.plan }).from(sessions)) {
    const read = planSchema.safeParse(plan)
    if (read.success) items.set(id, new Set(rowIds(read.data)))
  }
  const rows = await db
    .selectDistinct({ sessionId: logEntries.sessionId, item: logEntries.item })
    .from(logEntries)
    .innerJoin(sessions, eq(sessions.id, logEntries.sessionId))
  return rows.flatMap(({ sessionId, item }) =>
    items.get(sessionId)?.has(item) === false ? [`The log of the session ${sessionId} names an item ${item} that its plan does not have.`] : [],
  )
}
