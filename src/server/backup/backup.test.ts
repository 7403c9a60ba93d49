import { spawnSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { gunzipSync, gzipSync } from 'node:zlib'
import { eq, getTableName, is, sql } from 'drizzle-orm'
import { PgTable } from 'drizzle-orm/pg-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { type Connection, openFolder, openMemory, openServer } from '../db/connection'
import * as schema from '../db/schema'
import { clients, leadEvents } from '../db/schema'
import { loadDemo } from '../demo'
import { listClients } from '../repositories/clients'
import { agreedAgain, eraseClient, eraseHealth } from '../repositories/erasing'
import { addEvents } from '../repositories/leadEvents'
import { addLetter, letterContent } from '../repositories/letters'
import { listSessions } from '../repositories/sessions'
import { theStudio } from '../repositories/studios'
import { checkData } from './check'
import { askServer, askServerFor, openControl } from './control'
import { BackupError, restoreBackup, TABLES, writeBackup } from './document'

const ROOT = mkdtempSync(path.join(tmpdir(), 'velvet-backup-'))
const HOUSE = { id: randomUUID(), name: 'Test hall', instructor: 'Nobody' }
const AT = new Date('2026-11-24T12:00:00Z')
const SCAN = new Uint8Array([0, 255, 37, 80, 68, 70, 10])

async function* each(lines: readonly string[]) {
  yield* lines
}
async function linesOf({ db }: Connection): Promise<string[]> {
  const lines: string[] = []
  await writeBackup(db, AT, (line) => lines.push(line))
  return lines
}
const sorted = (lines: readonly string[]) => [...lines].sort()

let house: Connection
let backup: string[]
/** somebody with a stop sign in an event, and a letter */
let person: string
let letter: string
beforeAll(async () => {
  house = await openFolder(path.join(ROOT, 'house'))
  const { id } = await theStudio(house.db, HOUSE)
  await loadDemo(house.db, id, '2026-11-24')
  person = (await listClients(house.db, id))[0]!.id
  const session = (await listSessions(house.db, id, { limit: 1 })).sessions[0]!.id
  await addEvents(house.db, id, session, [{ id: randomUUID(), at: AT.getTime(), kind: 'stop-sign', person, text: 'dizzy, "sat" down \\ ünd wäit' }])
  letter = randomUUID()
  await addLetter(house.db, id, {
    id: letter,
    clientId: person,
    condition: 'osteoporosis',
    name: 'Brief.pdf',
    mime: 'application/pdf',
    content: SCAN,
  })
  backup = await linesOf(house)
})
afterAll(async () => {
  await house.close()
  rmSync(ROOT, { recursive: true, force: true })
})

test('every table of the schema is in a backup', () => {
  const all = Object.values(schema).flatMap((table) => (is(table, PgTable) ? [getTableName(table)] : []))
  expect(sorted(TABLES)).toEqual(sorted(all))
})

/** A database of its own on the server of the tests: a restore takes the place of everything. */
async function ownServer(url: string): Promise<Connection> {
  const name = `backup_${randomUUID().replaceAll('-', '')}`
  const host = await openServer(url)
  await host.db.execute(sql.raw(`create database ${name}`))
  const own = new URL(url)
  own.pathname = `/${name}`
  const opened = await openServer(own.href)
  return {
    ...opened,
    close: async () => {
      await opened.close()
      await host.db.execute(sql.raw(`drop database ${name}`))
      await host.close()
    },
  }
}
const server = process.env.TEST_DATABASE_URL
const engines: [string, () => Promise<Connection>][] = [
  ['an embedded database', openMemory],
  ...(server ? [['a PostgreSQL server', () => ownServer(server)] as [string, () => Promise<Connection>]] : []),
]
describe.each(engines)('a backup in %s', (_name, open) => {
  let other: Connection
  beforeAll(async () => {
    other = await open()
  })
  afterAll(() => other.close())

  test('comes back as it was, to the last row and byte', async () => {
    const { counts, erasedAgain } = await restoreBackup(other.db, each(backup))
    expect(counts.client?.rows).toBeGreaterThan(20)
    expect(erasedAgain).toBe(0)
    const again = await linesOf(other)
    // the very same file, whatever order the rows came in
    expect(again.join('\n')).toBe(backup.join('\n'))
    expect([...(await letterContent(other.db, HOUSE.id, letter)).content]).toEqual([...SCAN])
  })

  test('restored twice is there once', async () => {
    await restoreBackup(other.db, each(backup))
    expect(sorted(await linesOf(other))).toEqual(sorted(backup))
  })

  test('does not bring back who was erased after it', async () => {
    await eraseClient(other.db, HOUSE.id, person)
    const { erasedAgain } = await restoreBackup(other.db, each(backup))
    expect(erasedAgain).toBe(1)
    expect((await linesOf(other)).filter((line) => line.includes(person) && !line.startsWith('{"table":"erasure"'))).toEqual([])
    expect((await linesOf(other)).join()).not.toContain('sat')
    // nor when the database that knew of it is gone
    const fresh = await openMemory()
    await restoreBackup(fresh.db, each(backup), [{ studioId: HOUSE.id, clientId: person }])
    expect(await fresh.db.select().from(clients).where(eq(clients.id, person))).toEqual([])
    await fresh.close()
  })

  test('does not bring back the health of who withdrew after it, and leaves what was noted after a new agreement', async () => {
    const there = await openMemory()
    await restoreBackup(there.db, each(backup))
    const somebody = (await listClients(there.db, HOUSE.id)).find(({ id, record }) => id !== person && record.conditions.length > 0)!
    await eraseHealth(there.db, HOUSE.id, somebody.id, '2026-11-24')
    const conditions = async () => (await listClients(there.db, HOUSE.id)).find(({ id }) => id === somebody.id)!.record.conditions
    const before = await linesOf(there)
    expect((await restoreBackup(there.db, each(backup))).erasedAgain).toBe(1)
    expect(await conditions()).toEqual([])
    // a copy that was written after it is as it is
    expect(
      (await restoreBackup(there.db, each(before.with(0, before[0]!.replace(/"writtenAt":"[^"]*"/, '"writtenAt":"2999-01-01T00:00:00.000Z"')))))
        .erasedAgain,
    ).toBe(0)
    await agreedAgain(there.db, HOUSE.id, somebody.id)
    expect((await restoreBackup(there.db, each(backup))).erasedAgain).toBe(0)
    expect(await conditions()).toEqual(somebody.record.conditions)
    await there.close()
  })

  const changed = (line: number, change: (text: string) => string) => backup.map((text, at) => (at === line ? change(text) : text))
  test.each<[string, () => string[], RegExp]>([
    ['nothing', () => [], /not a backup/],
    ['something else', () => ['{"format":"velvet-step-person"}'], /not a backup/],
    ['one of a newer version', () => changed(0, (text) => text.replace(/"schema":\d+/, '"schema":900')), /newer version/],
    ['one without its end', () => backup.slice(0, -1), /not whole/],
    ['one without a row', () => backup.toSpliced(backup.length - 3, 1), /do not fit/],
    ['one without a row that others need', () => backup.toSpliced(3, 1), /do not belong together/],
    ['one with a changed row', () => changed(3, (text) => text.replace('"given": "', '"given": "X')), /do not fit/],
    ['one with a torn line', () => changed(7, (text) => text.slice(0, 20)), /Line 8/],
    ['one with more behind the end', () => [...backup, backup[3]!], /behind its end/],
  ])('is refused whole when it is %s', async (_what, made, why) => {
    const before = sorted(await linesOf(other))
    const refused = await restoreBackup(other.db, each(made())).then(
      () => undefined,
      (error: unknown) => error,
    )
    expect(refused).toBeInstanceOf(BackupError)
    expect((refused as Error).message).toMatch(why)
    expect(sorted(await linesOf(other))).toEqual(before)
  })
})

test('the running server is asked through the socket in its folder: backup, copy, check and restore', async () => {
  await openControl(house)
  const folder = house.folder!
  expect(statSync(path.join(folder, 'control')).mode & 0o077).toBe(0)
  const told: string[] = []
  for await (const line of askServer(folder, 'GET', '/backup')) told.push(line)
  expect(sorted(told.slice(1))).toEqual(sorted(backup.slice(1)))
  const copy = path.join(ROOT, 'copy')
  for await (const _ of askServer(folder, 'POST', `/copy?to=${encodeURIComponent(copy)}`)) expect.unreachable()
  const opened = await openFolder(copy)
  expect(sorted(await linesOf(opened))).toEqual(sorted(backup))
  await opened.close()
  expect(await askServerFor(folder, 'GET', '/check')).toEqual({ rows: backup.length - 2, problems: [] })
  const refusal = async () => {
    for await (const _ of askServer(folder, 'POST', '/restore', each(backup.slice(0, -1)))) expect.unreachable()
  }
  await expect(refusal()).rejects.toThrow(/not whole/)
  expect(await askServerFor(folder, 'POST', '/restore', each(backup))).toMatchObject({ erasedAgain: 0 })
  expect(sorted(await linesOf(house))).toEqual(sorted(backup))
})

test('the check of the data names a damaged document and a log row without its item', async () => {
  const trial = await openMemory()
  await restoreBackup(trial.db, each(backup))
  expect((await checkData(trial.db)).problems).toEqual([])
  await trial.db.execute(sql`update client set record = '{"given":7}' where id = ${person}`)
  await trial.db.execute(
    sql`update log_entry set item = 'gone' where (session_id, client_id, item) in (select session_id, client_id, item from log_entry limit 1)`,
  )
  await trial.db.update(leadEvents).set({ at: -1 }).where(eq(leadEvents.person, person))
  const { problems } = await checkData(trial.db)
  expect(problems).toHaveLength(3)
  expect(problems.join('\n')).toMatch(new RegExp(`person ${person}[\\s\\S]*event[\\s\\S]*item gone`))
  await trial.close()
})

describe('the commands', () => {
  const at = (name: string) => path.join(ROOT, name)
  const run = (folder: string, ...words: string[]) => {
    const { status, stdout, stderr } = spawnSync(process.execPath, ['--conditions=react-server', '--import', 'tsx', 'scripts/data.ts', ...words], {
      env: { ...process.env, VELVET_DATA: folder, DATABASE_URL: '' },
      encoding: 'utf8',
    })
    return { status, said: stdout + stderr }
  }

  test('restore a file over a damaged folder, which is kept, and keep one proved copy a day', () => {
    writeFileSync(at('file.gz'), gzipSync(backup.join('\n')))
    mkdirSync(at('damaged'))
    writeFileSync(path.join(at('damaged'), 'PG_VERSION'), '18')
    expect(run(at('damaged'), 'restore', at('none.gz'))).toEqual({ status: 1, said: expect.stringContaining('There is no file') })
    writeFileSync(at('torn.gz'), gzipSync(backup.join('\n')).subarray(0, 5000))
    expect(run(at('damaged'), 'restore', at('torn.gz'))).toEqual({ status: 1, said: expect.stringContaining('damaged. Choose another') })
    expect(readdirSync(at('damaged'))).toEqual(['PG_VERSION'])
    const restored = run(at('damaged'), 'restore', at('file.gz'))
    expect(restored).toEqual({ status: 0, said: expect.stringMatching(/moved to .*\nRestored: \d+ people/) })
    expect(readdirSync(ROOT).filter((name) => name.startsWith('damaged.damaged-'))).toHaveLength(1)

    const copies = at('damaged-copies')
    mkdirSync(copies)
    const dayAgo = (days: number) => `${new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10)}.velvet.gz`
    for (const days of [3, 13, 16]) writeFileSync(path.join(copies, dayAgo(days)), '')
    writeFileSync(path.join(copies, 'notes.txt'), 'mine')
    expect(run(at('damaged'), 'daily', '14')).toEqual({ status: 0, said: '' })
    const kept = readdirSync(copies)
    expect(kept).toContain('notes.txt')
    expect(kept).not.toContain(dayAgo(16))
    expect(kept).toEqual(expect.arrayContaining([dayAgo(3), dayAgo(13)]))
    const made = kept.find((name) => statSync(path.join(copies, name)).size > 1000)!
    expect(statSync(path.join(copies, made)).mode & 0o077).toBe(0)
    expect(
      sorted(
        gunzipSync(readFileSync(path.join(copies, made)))
          .toString()
          .trim()
          .split('\n')
          .slice(1),
      ),
    ).toEqual(sorted(backup.slice(1)))
  })
})
