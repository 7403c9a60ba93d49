import type { Logger } from 'drizzle-orm'
import type { Database } from './connection'

interface Kept {
  writes: number
  value: unknown
}
/** How many statements that may change something a database was given, and what was read since. */
interface Count {
  writes: number
  kept: Map<string, Kept>
}
/**
 * It hangs on the database itself, not on this module: the server's bundles hold the module several times, and the database once. Other processes
 * write nothing into an embedded one.
 */
const COUNT = Symbol.for('velvet.writes')
const countOf = (db: Database): Count | undefined => (db as { [COUNT]?: Count })[COUNT]

/** Counts the statements that are no reading. */
export function countingLogger(): { logger: Logger; watch: (db: Database) => void } {
  const count: Count = { writes: 0, kept: new Map() }
  return {
    logger: {
      logQuery: (query) => {
        if (!/^\s*\(*\s*select\b/i.test(query)) count.writes++
      },
    },
    watch: (db) => Object.defineProperty(db, COUNT, { value: count }),
  }
}

const MOST_KEPT = 50

/**
 * What was read, kept until anything is written: exact for an embedded database, whose only process this is. A transaction reads for itself, since
 * what it has written may yet be taken back; a server's database is read each time.
 *
 * @param key what is read, with all that it depends on
 */
export async function whileUnwritten<T>(db: Database, key: string, read: () => Promise<T>): Promise<T> {
  const count = countOf(db)
  if (!count) return read()
  const { kept } = count
  const before = kept.get(key)
  if (before?.writes === count.writes) return before.value as T
  const writes = count.writes
  const value = await read()
  // a reading waits for the transaction that is open, and sees what it wrote; what began meanwhile makes it old at once
  if (count.writes === writes) {
    kept.delete(key)
    kept.set(key, { writes, value })
    const oldest = kept.keys().next()
    if (kept.size > MOST_KEPT && !oldest.done) kept.delete(oldest.value)
  }
  return value
}
