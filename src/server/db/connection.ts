import 'server-only'
import { existsSync, mkdirSync, readdirSync } from 'node:fs'
import path from 'node:path'
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core'
import { lockFolder } from './lock'
import * as schema from './schema'

/** One handle type for both engines; repositories know no other. */
export type Database = PgDatabase<PgQueryResultHKT, typeof schema>
export interface Connection {
  db: Database
  close: () => Promise<void>
}

/** The data folder cannot be opened as a database. */
export class FolderDamagedError extends Error {
  constructor(
    readonly folder: string,
    cause: unknown,
  ) {
    super(
      `The data folder ${folder} cannot be opened as a database (${cause instanceof Error ? cause.message : String(cause)}). Restore a copy of it, or move it away and start with an empty one.`,
      { cause },
    )
    this.name = 'FolderDamagedError'
  }
}

const MIGRATIONS = path.join(/* turbopackIgnore: true */ process.cwd(), 'src/server/db/migrations')

export const dataFolder = (): string => path.resolve(/* turbopackIgnore: true */ process.env.VELVET_DATA ?? '.data/velvet')

/** Opens PGlite on a folder of its own, or in memory for `memory://`, and brings the schema up to date. */
export async function openFolder(folder: string): Promise<Connection> {
  const [{ PGlite }, { drizzle }, { migrate }] = await Promise.all([
    import('@electric-sql/pglite'),
    import('drizzle-orm/pglite'),
    import('drizzle-orm/pglite/migrator'),
  ])
  const inMemory = folder.startsWith('memory://')
  if (!inMemory) {
    mkdirSync(path.dirname(folder), { recursive: true })
    if (existsSync(folder) && readdirSync(folder).length > 0 && !existsSync(path.join(folder, 'PG_VERSION'))) {
      throw new FolderDamagedError(folder, new Error('it holds files, but no database'))
    }
  }
  const release = inMemory ? () => {} : lockFolder(folder)
  try {
    const client = await PGlite.create(folder)
    const db = drizzle({ client, schema, casing: 'snake_case' })
    await migrate(db, { migrationsFolder: MIGRATIONS })
    return {
      db: db as unknown as Database,
      close: async () => {
        await client.close()
        release()
      },
    }
  } catch (error) {
    release()
    throw new FolderDamagedError(folder, error)
  }
}

/** Opens a PostgreSQL server and brings the schema up to date. */
export async function openServer(url: string): Promise<Connection> {
  const [{ default: postgres }, { drizzle }, { migrate }] = await Promise.all([
    import('postgres'),
    import('drizzle-orm/postgres-js'),
    import('drizzle-orm/postgres-js/migrator'),
  ])
  const client = postgres(url, { max: 5, onnotice: () => {} })
  const db = drizzle({ client, schema, casing: 'snake_case' })
  try {
    await migrate(db, { migrationsFolder: MIGRATIONS })
  } catch (error) {
    await client.end({ timeout: 1 })
    throw new Error(`DATABASE_URL is set, but the PostgreSQL server cannot be used: ${error instanceof Error ? error.message : String(error)}`, {
      cause: error,
    })
  }
  return { db: db as unknown as Database, close: () => client.end({ timeout: 5 }) }
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
