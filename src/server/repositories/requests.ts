import { createHash } from 'node:crypto'
import { and, eq, lt, sql } from 'drizzle-orm'
import type { Database } from '../db/connection'
import { requests } from '../db/schema'

/** A request that was carried out already was sent again with other content. Nothing was written this time. */
export class AlreadyDoneError extends Error {
  constructor() {
    super('this was kept already as you sent it first, before the answer was lost; open it and change it there')
    this.name = 'AlreadyDoneError'
  }
}

/**
 * Does once what a request asks for: sent again with the same key within a day, it is answered as the first time and writes nothing.
 *
 * @param key of the request, made where it was typed
 * @param content what is asked, to tell the same from another
 * @param run in the transaction that keeps the answer: either both are there or neither
 * @throws AlreadyDoneError when the key was used for other content
 */
export const once = <T extends object>(
  db: Database,
  studioId: string,
  key: string,
  content: unknown,
  run: (tx: Database) => Promise<T>,
): Promise<T> =>
  db.transaction(async (tx) => {
    const of = createHash('sha256').update(JSON.stringify(content)).digest('hex')
    await tx.delete(requests).where(and(eq(requests.studioId, studioId), lt(requests.createdAt, sql`now() - interval '1 day'`)))
    // a second one waits here until the first is through
    const [first] = await tx.insert(requests).values({ studioId, key, of }).onConflictDoNothing().returning({ key: requests.key })
    const here = and(eq(requests.studioId, studioId), eq(requests.key, key))
    if (!first) {
      const [known] = await tx.select({ of: requests.of, answer: requests.answer }).from(requests).where(here)
      if (known && known.of !== of) throw new AlreadyDoneError()
      if (known?.answer) return known.answer as T
    }
    const answer = await run(tx)
    await tx.update(requests).set({ answer }).where(here)
    return answer
  })
