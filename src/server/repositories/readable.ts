import { and, eq } from 'drizzle-orm'
import type { z } from 'zod'
import { clientSchema } from '@/core/client'
import { problemsOf, problemsText } from '@/core/formats'
import { ownMovementSchema } from '@/core/movement'
import { planSchema } from '@/core/plan'
import type { Database } from '../db/connection'
import { classes, clients, ownMovements, sessions } from '../db/schema'

/** A kept document does not fit its schema: it is damaged, or of a newer version. It is never changed or thrown away. */
export class UnreadableError extends Error {
  constructor(
    readonly what: string,
    readonly id: string,
    readonly problems: string,
  ) {
    super(
      `The ${what} ${id} cannot be read (${problems}). It is kept as it is; restore a backup, or update Velvet Step if it is from a newer version.`,
    )
    this.name = 'UnreadableError'
  }
}

/**
 * A kept document, read through its schema, so that one from before a field was there has its default.
 *
 * @param what the document in words, for the error
 * @throws UnreadableError when it does not fit
 */
export function readDocument<S extends z.ZodType>(schema: S, what: string, id: string, document: unknown): z.output<S> {
  const parsed = schema.safeParse(document)
  if (parsed.success) return parsed.data
  throw new UnreadableError(what, id, problemsText(problemsOf(parsed.error).slice(0, 3)))
}

/** Rows of a list; one that cannot be read is left out here and told by `unreadable`. */
export const onlyReadable = <Row, Read>(rows: readonly Row[], read: (row: Row) => Read): Read[] =>
  rows.flatMap((row) => {
    try {
      return [read(row)]
    } catch (error) {
      if (error instanceof UnreadableError) return []
      throw error
    }
  })

export interface Unreadable {
  what: 'class' | 'person' | 'movement' | 'session'
  id: string
  problems: string
}

/** Everything of a studio that cannot be read, for the day sheet and the check of the data. */
export async function unreadable(db: Database, studioId: string, more: { sessions?: boolean } = {}): Promise<Unreadable[]> {
  const [plans, records, own, led] = await Promise.all([
    db.select({ id: classes.id, document: classes.plan }).from(classes).where(eq(classes.studioId, studioId)),
    db.select({ id: clients.id, document: clients.record }).from(clients).where(eq(clients.studioId, studioId)),
    db.select({ id: ownMovements.id, document: ownMovements.document }).from(ownMovements).where(eq(ownMovements.studioId, studioId)),
    more.sessions
      ? db
          .select({ id: sessions.id, document: sessions.plan })
          .from(sessions)
          .where(and(eq(sessions.studioId, studioId)))
      : [],
  ])
  const broken = (what: Unreadable['what'], schema: z.ZodType, rows: readonly { id: string; document: unknown }[]) =>
    rows.flatMap(({ id, document }): Unreadable[] => {
      try {
        readDocument(schema, what, id, document)
        return []
      } catch (error) {
        return [{ what, id, problems: (error as UnreadableError).problems }]
      }
    })
  return [
    ...broken('class', planSchema, plans),
    ...broken('person', clientSchema, records),
    ...broken('movement', ownMovementSchema, own),
    ...broken('session', planSchema, led),
  ]
}
