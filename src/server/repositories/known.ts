import { and, eq, type SQL, sql } from 'drizzle-orm'
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { NotFoundError } from '../stale'
import { UnreadableError } from './readable'

/** A row by its number and by where and by which transaction it was written: any change of it, by whomever, makes another version. */
export interface Versioned {
  id: string
  version: string
}
export const versionOf = (table: PgTable): SQL<string> => sql<string>`${table}.ctid::text || ${table}.xmin::text`

/** Rows that could be read, and those whose document could not, with what is wrong in it. */
export interface Read<Row> {
  rows: Row[]
  broken: { id: string; problems: string }[]
}

interface Known {
  version: string
  row?: unknown
  problems?: string
}
/** What this process has read, for each database and studio; a transaction begins with nothing known. */
const known = new WeakMap<Database, Map<string, Map<string, Known>>>()

function storeOf(db: Database, studioId: string): Map<string, Known> {
  const studios = known.get(db) ?? new Map<string, Map<string, Known>>()
  known.set(db, studios)
  const store = studios.get(studioId) ?? new Map<string, Known>()
  studios.set(studioId, store)
  return store
}

function frozen<T>(value: T): T {
  if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) {
    Object.freeze(value)
    Object.values(value).forEach(frozen)
  }
  return value
}

function look<Row>(row: Row, read: (row: Row) => Row): Pick<Known, 'row' | 'problems'> {
  try {
    return { row: frozen(read(row)) }
  } catch (error) {
    if (error instanceof UnreadableError) return { problems: error.problems }
    throw error
  }
}

/** A table of documents that belong to studios: what of a row is read, and how. */
export interface Documents<Row> {
  table: PgTable & { id: PgColumn; studioId: PgColumn }
  columns: Record<keyof Row & string, PgColumn | SQL>
  read: (row: Row) => Row
}

/**
 * Rows with their documents, of which only those are fetched and parsed that have changed since they were read last: parsing 600 records at
 * every look at the day sheet costs more than judging them. What is given is shared, so it is frozen.
 *
 * @param wanted in the order in which they come back
 */
export async function knownRows<Row extends { id: string }>(
  db: Database,
  studioId: string,
  wanted: readonly Versioned[],
  { table, columns, read }: Documents<Row>,
): Promise<Read<Row>> {
  const store = storeOf(db, studioId)
  const changed = [...new Set(wanted.filter(({ id, version }) => store.get(id)?.version !== version).map(({ id }) => id))]
  for (const id of changed) store.delete(id)
  if (changed.length > 0) {
    const rows = await db
      .select({ ...columns, version: versionOf(table) })
      .from(table as PgTable)
      .where(and(eq(table.studioId, studioId), among(table.id, changed)))
    for (const { version, ...row } of rows as unknown as (Row & Versioned)[]) store.set(row.id, { version, ...look(row as unknown as Row, read) })
  }
  const found = wanted.map(({ id }) => ({ id, ...store.get(id) }))
  return {
    rows: found.flatMap(({ row }) => (row === undefined ? [] : [row as Row])),
    broken: found.flatMap(({ id, problems }) => (problems === undefined ? [] : [{ id, problems }])),
  }
}

/**
 * The one row that was asked for.
 *
 * @throws NotFoundError when there is none, UnreadableError when its document cannot be read
 */
export function onlyOne<Row>(what: string, id: string, { rows, broken }: Read<Row>): Row {
  if (broken[0]) throw new UnreadableError(what, id, broken[0].problems)
  if (!rows[0]) throw new NotFoundError(what, id)
  return rows[0]
}

/** What was erased is not kept in memory either. */
export const forget = (db: Database, studioId: string, id: string): void => void storeOf(db, studioId).delete(id)
