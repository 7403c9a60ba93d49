import 'server-only'
import { existsSync, lstatSync, mkdirSync, readdirSync, realpathSync, renameSync, rmSync } from 'node:fs'
import { cp } from 'node:fs/promises'
import path from 'node:path'
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core'
import type { Pool, PoolClient } from 'pg'
import { openDurable } from './durable'
import { lockFolder } from './lock'
import * as schema from './schema'
import { closeToOthers, sync, syncTree } from './tree'
import { countingLogger } from './writes'

/** One handle type for both engines; repositories know no other. */
export type Database = PgDatabase<PgQueryResultHKT, typeof schema>
export interface Connection {
  db: Database
  close: () => Promise<void>
  /** of the embedded database: where it is, links resolved */
  folder?: string
  /** of the embedded database: a copy of the whole folder as it stands between two transactions, at a place where nothing is yet */
  copyFolder?: (to: string) => Promise<void>
  /** throws when the database is away; an embedded one cannot be */
  alive?: () => Promise<void>
}

/** The data folder cannot be opened as a database. */
export class FolderDamagedError extends Error {
  constructor(
    readonly folder: string,
    cause: unknown,
  ) {
    super(
      `The data folder ${folder} cannot be opened as a database (${cause instanceof Error ? cause.message : String(cause)}). Restore a backup (npm run restore -- FILE), or move it away and start with an empty one.`,
      { cause },
    )
    this.name = 'FolderDamagedError'
  }
}

/** The place of the data folder cannot be used, and no backup would help. */
export class FolderUnusableError extends Error {
  constructor(
    readonly folder: string,
    what: string,
    cause?: unknown,
  ) {
    super(`The data folder ${folder} ${what}`, { cause })
    this.name = 'FolderUnusableError'
  }
}

/** A system error of the file system in words, with what to do. */
function unusable(folder: string, error: unknown): unknown {
  const { code } = error as NodeJS.ErrnoException
  if (code === 'EACCES' || code === 'EPERM' || code === 'EROFS')
    return new FolderUnusableError(folder, 'cannot be written. Give this user the right to write there, or set VELVET_DATA to another folder.', error)
  if (code === 'ENOSPC') return new FolderUnusableError(folder, 'is on a full disk. Free some space and start again.', error)
  if (code === 'ENOTDIR' || code === 'EEXIST') return new FolderUnusableError(folder, 'is not a folder. Set VELVET_DATA to another place.', error)
  if (code === 'ELOOP' || code === 'ENOENT')
    return new FolderUnusableError(folder, 'leads nowhere: a link on the way has no end. Mend the link, or set VELVET_DATA.', error)
  return error
}

const MIGRATIONS = path.join(/* turbopackIgnore: true */ process.cwd(), 'src/server/db/migrations')

export const dataFolder = (): string => path.resolve(/* turbopackIgnore: true */ process.env.VELVET_DATA ?? '.data/velvet')

type Client = Awaited<ReturnType<typeof openDurable>>
async function migrated(client: Client): Promise<Database> {
  const [{ drizzle }, { migrate }] = await Promise.all([import('drizzle-orm/pglite'), import('drizzle-orm/pglite/migrator')])
  const { logger, watch } = countingLogger()
  const db = drizzle({ client, schema, casing: 'snake_case', logger })
  await migrate(db, { migrationsFolder: MIGRATIONS })
  watch(db as unknown as Database)
  return db as unknown as Database
}

const isDatabase = (folder: string) => existsSync(path.join(folder, 'PG_VERSION'))
const isEmpty = (folder: string) => !existsSync(folder) || readdirSync(folder).length === 0

/** Makes a database beside the folder and puts it in its place when it is whole: whoever is killed on the way leaves nothing half made. */
async function makeFolder(folder: string) {
  const waiting = `${folder}.starting`
  mkdirSync(waiting, { recursive: true, mode: 0o700 })
  const release = await lockFolder(waiting)
  try {
    if (isDatabase(folder)) return
    for (const left of readdirSync(path.dirname(folder))) {
      if (left.startsWith(`${path.basename(folder)}.new-`)) rmSync(path.join(path.dirname(folder), left), { recursive: true, force: true })
    }
    const made = `${folder}.new-${process.pid}`
    mkdirSync(made, { mode: 0o700 })
    const client = await openDurable(made)
    await migrated(client)
    await client.close()
    closeToOthers(made)
    syncTree(made)
    rmSync(folder, { recursive: true, force: true })
    renameSync(made, folder)
    sync(path.dirname(folder))
  } finally {
    await release()
    rmSync(waiting, { recursive: true, force: true })
  }
}

/** Copies the folder while no transaction is open, and hands the copy to the disk before it gets its name. */
async function copyFolder(client: Client, folder: string, to: string) {
  if (existsSync(to)) throw new FolderUnusableError(to, 'is there already. Choose another name for the copy.')
  const part = `${to}.part`
  rmSync(part, { recursive: true, force: true })
  await client.exec('checkpoint')
  // the order matters: first no transaction, then no query
  await client._runExclusiveTransaction(() =>
    client._runExclusiveQuery(() =>
      cp(folder, part, { recursive: true, filter: (source) => !/^(postmaster\.pid|control|(lock|new)-.*)$/.test(path.basename(source)) }),
    ),
  )
  closeToOthers(part)
  syncTree(part)
  renameSync(part, to)
  sync(path.dirname(to))
}

/** A database of its own in memory, with the schema of this version. */
export async function openMemory(): Promise<Connection> {
  const { PGlite } = await import('@electric-sql/pglite')
  const client = await PGlite.create('memory://')
  return { db: await migrated(client), close: () => client.close() }
}

/** Opens PGlite on a folder of its own and brings the schema up to date. */
export async function openFolder(at: string): Promise<Connection> {
  let release: (() => Promise<void>) | undefined
  try {
    mkdirSync(path.dirname(at), { recursive: true, mode: 0o700 })
    // a folder behind a link is the folder itself
    const folder = existsSync(at) ? realpathSync(at) : at
    if (lstatSync(at, { throwIfNoEntry: false })?.isSymbolicLink() && !existsSync(at))
      throw Object.assign(new Error('a link without an end'), { code: 'ENOENT' })
    if (isEmpty(folder)) await makeFolder(folder)
    else if (!isDatabase(folder)) throw new FolderDamagedError(folder, new Error('it holds files, but no database'))
    release = await lockFolder(folder)
    closeToOthers(folder)
    const client = await openDurable(folder).catch((error: unknown) => {
      throw new FolderDamagedError(folder, error)
    })
    const db = await migrated(client)
    // the embedded database has nobody who cleans up and counts its rows meanwhile, and without counts it plans badly
    await client.exec('vacuum analyze')
    const held = release
    return {
      db,
      folder,
      copyFolder: (to) => copyFolder(client, folder, to),
      close: async () => {
        await client.close()
        await held()
      },
    }
  } catch (error) {
    await release?.()
    throw unusable(at, error)
  }
}

/** Name of the lock round the migrations of a server: any number of our own. */
const MIGRATING = 820_411

/** Opens a PostgreSQL server and brings the schema up to date. */
export async function openServer(url: string): Promise<Connection> {
  const [{ default: pg }, { drizzle }, { migrate }] = await Promise.all([
    import('pg'),
    import('drizzle-orm/node-postgres'),
    import('drizzle-orm/node-postgres/migrator'),
  ])
  const pool = new pg.Pool({ connectionString: url, max: 5, connectionTimeoutMillis: 5000, keepAlive: true })
  // a socket that breaks is told to the query on it and leaves the pool; unheard, it would end the process
  pool.on('error', () => {})
  pool.on('connect', (client) => client.on('error', () => {}))
  const on = <C extends Pool | PoolClient>(client: C) => drizzle({ client, schema, casing: 'snake_case' })
  try {
    // two servers that start at once take turns
    const turn = await pool.connect()
    try {
      await turn.query(`select pg_advisory_lock(${MIGRATING})`)
      await migrate(on(turn), { migrationsFolder: MIGRATIONS })
      await turn.query(`select pg_advisory_unlock(${MIGRATING})`)
    } finally {
      turn.release()
    }
  } catch (error) {
    await pool.end()
    throw new Error(`DATABASE_URL is set, but the PostgreSQL server cannot be used: ${error instanceof Error ? error.message : String(error)}`, {
      cause: error,
    })
  }
  const db = on(pool)
  // Drizzle's own keeps a connection for good when it breaks before the transaction has begun, and with the fifth no question is answered any more
  db.transaction = async (run, config) => {
    const client = await pool.connect()
    try {
      return await on(client).transaction(run, config)
    } finally {
      client.release()
    }
  }
  return {
    db: db as unknown as Database,
    alive: async () => {
      // a socket from before an interruption fails once, and is then replaced
      const ask = () => pool.query('select 1')
      await ask().catch(ask)
    },
    close: () => pool.end(),
  }
}

const holder = globalThis as unknown as { velvetConnection?: Promise<Connection> }

/** The one connection of this process. An opening that failed is not remembered, so that the next request tries again. */
export function connection(): Promise<Connection> {
  if (process.env.NEXT_PHASE === 'phase-production-build') throw new Error('the database must not be opened while building')
  holder.velvetConnection ??= (process.env.DATABASE_URL ? openServer(process.env.DATABASE_URL) : openFolder(dataFolder())).catch((error: unknown) => {
    delete holder.velvetConnection
    throw error
  })
  return holder.velvetConnection
}

export async function database(): Promise<Database> {
  return (await connection()).db
}
