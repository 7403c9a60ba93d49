import type { z } from 'zod'
import { problemsOf, problemsText } from '@/core/formats'

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

/** Rows of a list; one that cannot be read is left out here and told by the check of the data. */
export const onlyReadable = <Row, Read>(rows: readonly Row[], read: (row: Row) => Read): Read[] =>
  rows.flatMap((row) => {
    try {
      return [read(row)]
    } catch (error) {
      if (error instanceof UnreadableError) return []
      throw error
    }
  })
