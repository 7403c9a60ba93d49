import { spawn, spawnSync } from 'node:child_process'
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, statSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { sql } from 'drizzle-orm'
import { afterAll, describe, expect, test } from 'vitest'
import { FolderDamagedError, FolderUnusableError, openFolder } from './connection'
import { flushed } from './durable'
import { FolderLockedError, lockFolder } from './lock'

const root = mkdtempSync(path.join(tmpdir(), 'velvet-lock-'))
afterAll(() => rmSync(root, { recursive: true, force: true }))
const folder = (name: string) => path.join(root, name)
const made = (name: string) => {
  mkdirSync(folder(name))
  return folder(name)
}
const locks = (name: string) => readdirSync(folder(name)).filter((file) => file.startsWith('lock-'))

/** Holds a folder in a process of its own until it is told or killed to end. */
async function holder(at: string) {
  const child = spawn(
    process.execPath,
    [
      '--import',
      'tsx',
      '-e',
      `import('./src/server/db/lock.ts').then(async ({ lockFolder }) => { await lockFolder(${JSON.stringify(at)}); console.log('held'); setInterval(() => {}, 1000) })`,
    ],
    { stdio: ['ignore', 'pipe', 'inherit'] },
  )
  await new Promise<void>((held) => child.stdout.once('data', () => held()))
  const gone = new Promise<void>((ended) => child.once('exit', () => ended()))
  return {
    kill: async (signal: NodeJS.Signals) => {
      child.kill(signal)
      if (signal === 'SIGKILL') await gone
    },
  }
}

describe('the lock in a data folder', () => {
  test('is held until it is released, and leaves nothing behind', async () => {
    const release = await lockFolder(made('a'))
    expect(locks('a')).toHaveLength(1)
    await expect(lockFolder(folder('a'))).rejects.toThrow(FolderLockedError)
    await expect(lockFolder(folder('a'))).rejects.toThrow(/in use by another running server.*VELVET_DATA/)
    await release()
    expect(locks('a')).toHaveLength(0)
    await (await lockFolder(folder('a')))()
  })
  test('is seen through another way to the same folder', async () => {
    made('b')
    symlinkSync(folder('b'), folder('b-too'))
    const release = await lockFolder(folder('b'))
    await expect(lockFolder(folder('b-too'))).rejects.toThrow(FolderLockedError)
    await release()
  })
  test('of a process that was killed is free at once; of one that is stopped is not', async () => {
    made('c')
    const other = await holder(folder('c'))
    await other.kill('SIGSTOP')
    await expect(lockFolder(folder('c'))).rejects.toThrow(FolderLockedError)
    await other.kill('SIGKILL')
    await (await lockFolder(folder('c')))()
  })
  test('of several who begin at once no two have it', async () => {
    made('d')
    const tries = await Promise.allSettled(Array.from({ length: 12 }, () => lockFolder(folder('d'))))
    const holders = tries.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : []))
    expect(holders.length).toBeLessThanOrEqual(1)
    for (const one of tries) if (one.status === 'rejected') expect(one.reason).toBeInstanceOf(FolderLockedError)
    for (const release of holders) await release()
  })
  test('works in a folder whose path is longer than a socket may have', async () => {
    const long = path.join(root, 'x'.repeat(90), 'y'.repeat(90))
    mkdirSync(long, { recursive: true })
    const release = await lockFolder(long)
    await expect(lockFolder(long)).rejects.toThrow(FolderLockedError)
    await release()
  })
})

test('a folder that holds something else is refused in one line, with what to do', async () => {
  writeFileSync(path.join(made('letters'), 'dear-aunt.txt'), 'hello')
  await expect(openFolder(folder('letters'))).rejects.toThrow(FolderDamagedError)
  await expect(openFolder(folder('letters'))).rejects.toThrow(/Restore a backup/)
})

test('a folder whose database files are broken is refused, and its lock is given back', async () => {
  writeFileSync(path.join(made('broken'), 'PG_VERSION'), '18')
  await expect(openFolder(folder('broken'))).rejects.toThrow(/cannot be opened as a database/)
  expect(locks('broken')).toHaveLength(0)
})

test('a file in its place and a link without an end are said, without the advice to restore', async () => {
  writeFileSync(folder('a-file'), 'no folder')
  symlinkSync(folder('nowhere'), folder('a-link'))
  for (const place of [path.join(folder('a-file'), 'data'), folder('a-link')]) {
    const refused = await openFolder(place).then(
      () => undefined,
      (error: unknown) => error,
    )
    expect(refused).toBeInstanceOf(FolderUnusableError)
    expect(String(refused)).not.toMatch(/[Rr]estore/)
  }
})

describe('a data folder of our own', () => {
  const everything = function* (at: string): Generator<string> {
    yield at
    if (statSync(at).isDirectory()) for (const name of readdirSync(at)) yield* everything(path.join(at, name))
  }
  test('is for this user only under any umask, is mended when it is not, syncs every commit, and opens through a link', async () => {
    const before = process.umask(0)
    try {
      const { db, close } = await openFolder(folder('own'))
      expect(readdirSync(root).filter((name) => name.startsWith('own.'))).toEqual([])
      const show = async (name: string) => Object.values(((await db.execute(sql.raw(`show ${name}`))) as unknown as { rows: object[] }).rows[0]!)[0]
      expect([await show('fsync'), await show('full_page_writes'), await show('synchronous_commit')]).toEqual(['on', 'on', 'on'])
      await db.execute(sql`create table kept (n int)`)
      const count = flushed.count
      for (let n = 0; n < 10; n++) await db.execute(sql`insert into kept values (${n})`)
      expect(flushed.count - count).toBeGreaterThanOrEqual(10)
      await close()
      const open = [...everything(folder('own'))].filter((at) => (statSync(at).mode & 0o077) !== 0)
      // what the engine makes by itself while it runs lies in a folder that is shut
      expect(open.every((at) => at !== folder('own') && at.endsWith('pg_internal.init'))).toBe(true)
      chmodSync(folder('own'), 0o777)
      chmodSync(path.join(folder('own'), 'PG_VERSION'), 0o666)
      symlinkSync(folder('own'), folder('own-too'))
      const again = await openFolder(folder('own-too'))
      expect(statSync(folder('own')).mode & 0o777).toBe(0o700)
      expect(statSync(path.join(folder('own'), 'PG_VERSION')).mode & 0o777).toBe(0o600)
      expect(((await again.db.execute(sql`select count(*)::int as n from kept`)) as unknown as { rows: { n: number }[] }).rows[0]!.n).toBe(10)
      await expect(openFolder(folder('own'))).rejects.toThrow(FolderLockedError)
      await again.close()
    } finally {
      process.umask(before)
    }
  })
  test('is not there at all when the first start was killed, and the next start makes it', async () => {
    const at = folder('killed')
    const half = `${at}.new-4194000`
    mkdirSync(half)
    writeFileSync(path.join(half, 'PG_VERSION'), '18')
    expect(existsSync(at)).toBe(false)
    const { close } = await openFolder(at)
    await close()
    expect(existsSync(path.join(at, 'PG_VERSION'))).toBe(true)
    expect(existsSync(half)).toBe(false)
  })
})

test('an older Node is told so before anything else runs', () => {
  const { status, stderr } = spawnSync(
    process.execPath,
    [
      '-e',
      `Object.defineProperty(process.versions, 'node', { value: '18.19.0' }); import('./scripts/setup.mjs').then(({ checkNode }) => checkNode())`,
    ],
    { encoding: 'utf8' },
  )
  expect(status).toBe(1)
  expect(stderr.trim().split('\n')).toHaveLength(1)
  expect(stderr).toMatch(/This is Node 18\.19\.0; Velvet Step needs Node 20\.11 or newer/)
})
