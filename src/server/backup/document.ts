import { createHash } from 'node:crypto'
import { getTableName, sql } from 'drizzle-orm'
import { getTableConfig } from 'drizzle-orm/pg-core'
import { z } from 'zod'
import type { Database } from '../db/connection'
import journal from '../db/migrations/meta/_journal.json'
import * as schema from '../db/schema'
import { eraseClient, eraseHealth } from '../repositories/erasing'

/** A file is no backup, is not whole, or does not come back as it was written. Nothing was changed. */
export class BackupError extends Error {
  constructor(what: string) {
    super(what)
    this.name = 'BackupError'
  }
}

/** A column as it is called in the database. */
const inSnakeCase = (name: string) => name.replaceAll(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`)

/** Every table, those first that others point to. */
const IN_ORDER = [
  schema.studios,
  schema.clients,
  schema.classes,
  schema.rosterEntries,
  schema.planVersions,
  schema.sessions,
  schema.attendances,
  schema.logEntries,
  schema.leadEvents,
  schema.leadViews,
  schema.logChanges,
  schema.ownMovements,
  schema.overrules,
  schema.screenings,
  schema.erasures,
  schema.letters,
  schema.requests,
] as const
export const TABLES: readonly string[] = IN_ORDER.map(getTableName)
/** What tells the rows of a table apart: in this order they are written, so that two databases that hold the same write the same file. */
const KEYS: ReadonlyMap<string, string> = new Map(
  IN_ORDER.map((table) => {
    const { columns, primaryKeys } = getTableConfig(table)
    const keys = primaryKeys[0]?.columns ?? columns.filter(({ primary }) => primary)
    return [getTableName(table), keys.map(({ name }) => `"${inSnakeCase(name)}"::text collate "C"`).join(', ')]
  }),
)

/** How many changes of the schema this version knows. */
const SCHEMA = journal.entries.length

const FORMAT = 'velvet-step-backup'
const headSchema = z.object({
  format: z.literal(FORMAT),
  version: z.literal(1),
  schema: z.number().int().min(1),
  writtenAt: z.iso.datetime(),
  tables: z.array(z.object({ table: z.string(), columns: z.array(z.string().regex(/^[a-z_]+$/)).min(1) })),
})
type Head = z.infer<typeof headSchema>

const countsSchema = z.record(z.string(), z.object({ rows: z.number().int().min(0), hash: z.string() }))
/** Rows and hash of every table; equal in two databases that hold the same, whatever order the rows come in. */
export type Counts = z.infer<typeof countsSchema>
const endSchema = z.object({ end: countsSchema })

const WHOLE = 1n << 256n
class Counter {
  readonly #tables = new Map<string, { rows: number; sum: bigint }>()
  add(table: string, line: string) {
    const { rows, sum } = this.#tables.get(table) ?? { rows: 0, sum: 0n }
    const hash = BigInt(`0x${createHash('sha256').update(line).digest('hex')}`)
    this.#tables.set(table, { rows: rows + 1, sum: (sum + hash) % WHOLE })
  }
  counts = (): Counts => Object.fromEntries([...this.#tables].map(([table, { rows, sum }]) => [table, { rows, hash: sum.toString(16) }]))
}

const rowsOf = <Row>(result: unknown): Row[] => (result as { rows: Row[] }).rows
const quoted = (names: readonly string[]) => names.map((name) => `"${name}"`).join(', ')

const PAGE = 1000
/** Every row of some columns of a table as the line that stands in a backup. */
async function eachRow(tx: Database, { table, columns }: Head['tables'][number], take: (line: string) => void) {
  await tx.execute(
    sql.raw(
      `declare backup_rows no scroll cursor for select row_to_json(part)::text as row from (select ${quoted(columns)} from "${table}" order by ${KEYS.get(table)}) part`,
    ),
  )
  for (let page = PAGE; page === PAGE; ) {
    const rows = rowsOf<{ row: string }>(await tx.execute(sql.raw(`fetch ${PAGE} from backup_rows`)))
    for (const { row } of rows) take(`{"table":"${table}","row":${row}}`)
    page = rows.length
  }
  await tx.execute(sql.raw('close backup_rows'))
}

async function countsIn(tx: Database, tables: Head['tables']): Promise<Counts> {
  const counter = new Counter()
  for (const part of tables) await eachRow(tx, part, (line) => counter.add(part.table, line))
  return counter.counts()
}

async function columnsIn(tx: Database): Promise<Head['tables']> {
  const found = rowsOf<{ table: string; column: string }>(
    await tx.execute(
      sql`select table_name as table, column_name as column from information_schema.columns where table_schema = 'public' order by table_name, ordinal_position`,
    ),
  )
  return TABLES.map((table) => ({ table, columns: found.flatMap((one) => (one.table === table ? [one.column] : [])) }))
}

/** Times are written the same whatever the clock of the database server is set to. */
const inUtc = (tx: Database) => tx.execute(sql`set local time zone 'UTC'`)

/**
 * Writes everything of a database, as it stands at one moment, line by line: a head, the rows, and an end with counts and hashes.
 * The lines are the same for the embedded database and for a server, so that one can move to the other.
 *
 * @param now of the writing
 * @param take is given each line, without its line end
 */
export const writeBackup = (db: Database, now: Date, take: (line: string) => void): Promise<Counts> =>
  db.transaction(
    async (tx) => {
      await inUtc(tx)
      const tables = await columnsIn(tx)
      const head: Head = { format: FORMAT, version: 1, schema: SCHEMA, writtenAt: now.toISOString(), tables }
      take(JSON.stringify(head))
      const counter = new Counter()
      for (const part of tables)
        await eachRow(tx, part, (line) => {
          counter.add(part.table, line)
          take(line)
        })
      take(JSON.stringify({ end: counter.counts() }))
      return counter.counts()
    },
    { isolationLevel: 'repeatable read' },
  )

function parsed(line: string, at: number): unknown {
  try {
    return JSON.parse(line)
  } catch {
    throw new BackupError(`Line ${at} of the backup cannot be read: the file is damaged. Choose an earlier one.`)
  }
}

function readHead(line: string): Head {
  let document: unknown
  try {
    document = JSON.parse(line)
  } catch {
    document = undefined
  }
  const head = headSchema.safeParse(document)
  if (!head.success) throw new BackupError('This file is not a backup of Velvet Step.')
  if (head.data.schema > SCHEMA)
    throw new BackupError('This backup was written by a newer version of Velvet Step. Update Velvet Step, then restore it.')
  const strange = head.data.tables.find(({ table }) => !TABLES.includes(table))
  if (strange) throw new BackupError(`The backup holds a table "${strange.table}" that Velvet Step does not have.`)
  return head.data
}

/** What a database says of values that are none (22…) and of rows that miss one another (23…). */
function refusedRows(error: unknown): boolean {
  for (let one = error; one instanceof Error; one = one.cause) if (/^2[23]/.test(String((one as { code?: unknown }).code))) return true
  return false
}

const same = (a: Counts, b: Counts) => TABLES.every((table) => a[table]?.rows === b[table]?.rows && a[table]?.hash === b[table]?.hash)

/** Characters that go to the database at once. */
const CHUNK = 1_000_000
async function putLines(tx: Database, head: Head, lines: AsyncIterable<string>): Promise<Counts> {
  const counter = new Counter()
  let waiting: string[] = []
  let size = 0
  let into = 0
  const flush = async () => {
    const part = head.tables[into]
    if (part && waiting.length > 0) {
      const columns = quoted(part.columns)
      const rows = sql`json_populate_recordset(null::${sql.raw(`"${part.table}"`)}, ${`[${waiting.join(',')}]`}::text::json)`
      await tx.execute(sql`insert into ${sql.raw(`"${part.table}" (${columns}) select ${columns}`)} from ${rows}`).catch((error: unknown) => {
        throw refusedRows(error)
          ? new BackupError(`The backup is damaged: rows of its table "${part.table}" do not belong together. Choose an earlier one.`)
          : error
      })
    }
    waiting = []
    size = 0
  }
  let end: Counts | undefined
  let at = 1
  for await (const line of lines) {
    at += 1
    if (line === '') continue
    if (end) throw new BackupError(`Line ${at} of the backup stands behind its end. Choose an earlier one.`)
    const document = parsed(line, at)
    const ended = endSchema.safeParse(document)
    if (ended.success) {
      end = ended.data.end
      continue
    }
    const { table } = document as { table?: unknown }
    if (head.tables[into]?.table !== table) {
      await flush()
      into = head.tables.findIndex((part) => part.table === table)
      if (into < 0) throw new BackupError(`Line ${at} of the backup belongs to no table of it. Choose an earlier one.`)
    }
    counter.add(String(table), line)
    // the text of the row itself, as the database wrote it
    waiting.push(line.slice(`{"table":"${String(table)}","row":`.length, -1))
    size += line.length
    if (size > CHUNK) await flush()
  }
  await flush()
  if (!end) throw new BackupError('The backup is not whole: its end is missing. Choose an earlier one.')
  if (!same(end, counter.counts()))
    throw new BackupError('The backup was changed after it was written: its rows do not fit its counts. Choose an earlier one.')
  return end
}

export interface Erasure {
  studioId: string
  clientId: string
  /** only data on health went, then; whole persons go whenever */
  healthAt?: string
}

/** Who was erased, as this database knows it. */
export const erasuresIn = async (db: Database): Promise<Erasure[]> =>
  (await db.select().from(schema.erasures)).map(({ studioId, clientId, what, erasedAt }) => ({
    studioId,
    clientId,
    ...(what === 'health' && { healthAt: erasedAt.toISOString() }),
  }))

/**
 * Puts a backup in the place of everything that is in a database, all or nothing. Who was erased after it was written is erased again.
 *
 * @param lines of the backup, as `writeBackup` gave them
 * @param alsoErased further erasures, known from elsewhere when the database itself could not be opened
 * @returns what was restored, and how many people were erased again
 * @throws BackupError when it is none, is damaged, or does not come back as it was written
 */
export const restoreBackup = (
  db: Database,
  lines: AsyncIterable<string>,
  alsoErased: readonly Erasure[] = [],
): Promise<{ counts: Counts; erasedAgain: number }> =>
  db.transaction(async (tx) => {
    await inUtc(tx)
    const erased = [...(await erasuresIn(tx)), ...alsoErased]
    const iterator = lines[Symbol.asyncIterator]()
    const first = await iterator.next()
    const head = readHead(first.done ? '' : first.value)
    await tx.delete(schema.studios)
    const counts = await putLines(tx, head, { [Symbol.asyncIterator]: () => iterator })
    if (!same(counts, await countsIn(tx, head.tables)))
      throw new BackupError('The backup did not come back as it was written. Nothing was changed; choose an earlier one.')
    const here = new Set((await tx.select({ id: schema.clients.id }).from(schema.clients)).map(({ id }) => id))
    const studios = new Set((await tx.select({ id: schema.studios.id }).from(schema.studios)).map(({ id }) => id))
    let erasedAgain = 0
    for (const { studioId, clientId, healthAt } of erased) {
      if (healthAt !== undefined) {
        // what was noted after they had agreed again stays
        if (!here.has(clientId) || healthAt <= head.writtenAt) continue
        await eraseHealth(tx, studioId, clientId, healthAt.slice(0, 10))
        erasedAgain += 1
      } else if (here.delete(clientId)) {
        await eraseClient(tx, studioId, clientId)
        erasedAgain += 1
      } else if (studios.has(studioId)) await tx.insert(schema.erasures).values({ studioId, clientId }).onConflictDoNothing()
    }
    return { counts, erasedAgain }
  })
