import type { Logger } from 'drizzle-orm'
import type { Database } from './connection'

/** How many statements that may change something a database of this process was given; other processes write nothing into an embedded one. */
const counted = new WeakMap<Database, { writes: number }>()

/** Counts the statements that are no reading. */
export function countingLogger(): { logger: Logger; watch: (db: Database) => void } {
  const count = { writes: 0 }
  return {
    logger: {
      logQuery: (query) => {
        if (!/^\s*\(*\s*select\b/i.test(query)) count.writes++
      },
    },
    watch: (db) => counted.set(db, count),
  }
}

interface Kept {
  writes: number
  value: unknown
}
const kept = new WeakMap<Database, Map<string, Kept>>()
const MOST_KEPT = 50

/**
 * What was read, kept until anything is written: exact for an embedded database, whose only process this is. A transaction reads for itself, since
 * what it has written may yet be taken back; a server's database is read each time.
 *
 * @param key what is read, with all that it depends on
 */
export async function whileUnwritten<T>(db: Database, key: string, read: () => Promise<T>): Promise<T> {
  const count = counted.get(db)
  if (!count) return read()
  const ofDatabase = kept.get(db) ?? new Map<string, Kept>()
  kept.set(db, ofDatabase)
  const before = ofDatabase.get(key)
  if (before?.writes === count.writes) return before.value as T
  const writes = count.writes
  const value = await read()
  // a reading waits for the transaction that is open, and sees what it wrote; what began meanwhile makes it old at once
  if (count.writes === writes) {
    ofDatabase.delete(key)
    ofDatabase.set(key, { writes, value })
    const oldest = ofDatabase.keys().next()
    if (ofDatabase.size > MOST_KEPT && !oldest.done) ofDatabase.delete(oldest.value)
  }
  return value
}
