import { sql } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { startPostgres } from '../../../scripts/postgres.mjs'
import { type Connection, openServer } from './connection'

/** Only where a server may be started, as everywhere in the tests against one. */
describe.skipIf(!process.env.TEST_DATABASE_URL)('a PostgreSQL server that goes away and comes again', () => {
  let server: Awaited<ReturnType<typeof startPostgres>>
  let connection: Connection
  beforeAll(async () => {
    server = await startPostgres()
    connection = await openServer(server.url)
  })
  afterAll(async () => {
    await connection.close()
    server.stop()
  })

  /** As a page does: many questions at once, some of them in a transaction. */
  const page = ({ db, alive }: Connection) =>
    Promise.all([
      alive!(),
      ...Array.from({ length: 8 }, () => db.execute(sql`select 1`)),
      ...Array.from({ length: 3 }, () => db.transaction((tx) => tx.execute(sql`select 1`))),
    ])

  test('is told of while it is away, and every question is answered when it is there, time after time', async () => {
    for (let round = 0; round < 6; round++) {
      await page(connection)
      const cut = Promise.allSettled([
        connection.db.execute(sql`select pg_sleep(30)`),
        connection.db.transaction((tx) => tx.execute(sql`select pg_sleep(30)`)),
      ])
      server.halt()
      expect((await cut).map(({ status }) => status)).toEqual(['rejected', 'rejected'])
      await Promise.all(Array.from({ length: 3 }, () => expect(connection.alive!()).rejects.toThrow()))
      server.begin()
      await page(connection)
    }
  })
})
