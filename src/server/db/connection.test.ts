import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterAll, describe, expect, test } from 'vitest'
import { FolderDamagedError, openFolder } from './connection'
import { FolderLockedError, lockFolder } from './lock'

const root = mkdtempSync(path.join(tmpdir(), 'velvet-lock-'))
afterAll(() => rmSync(root, { recursive: true, force: true }))
const folder = (name: string) => path.join(root, name)

describe('the lock beside a data folder', () => {
  test('is held until it is released', () => {
    const release = lockFolder(folder('a'))
    expect(existsSync(`${folder('a')}.lock`)).toBe(true)
    release()
    expect(existsSync(`${folder('a')}.lock`)).toBe(false)
  })
  test('refuses a second process and names the first', async () => {
    const other = spawn('sleep', ['30'])
    await new Promise((resolve) => other.once('spawn', resolve))
    writeFileSync(`${folder('b')}.lock`, JSON.stringify({ pid: other.pid }))
    expect(() => lockFolder(folder('b'))).toThrow(FolderLockedError)
    expect(() => lockFolder(folder('b'))).toThrow(new RegExp(`process ${other.pid}.*VELVET_DATA`))
    other.kill()
    await new Promise((resolve) => other.once('exit', resolve))
    lockFolder(folder('b'))()
  })
  test('takes over from a process that is gone, and from a pid that was given out again', () => {
    writeFileSync(`${folder('c')}.lock`, JSON.stringify({ pid: 4_194_000 }))
    lockFolder(folder('c'))()
    writeFileSync(`${folder('c')}.lock`, JSON.stringify({ pid: 1, started: 'another start' }))
    lockFolder(folder('c'))()
  })
  test('takes over an unreadable lock', () => {
    writeFileSync(`${folder('d')}.lock`, '')
    lockFolder(folder('d'))()
  })
})

test('a folder that holds something else is refused in one line, with what to do', async () => {
  mkdirSync(folder('letters'))
  writeFileSync(path.join(folder('letters'), 'dear-aunt.txt'), 'hello')
  await expect(openFolder(folder('letters'))).rejects.toThrow(FolderDamagedError)
  await expect(openFolder(folder('letters'))).rejects.toThrow(/Restore a copy/)
})

test('a folder whose database files are broken is refused, and its lock is given back', async () => {
  mkdirSync(folder('broken'))
  writeFileSync(path.join(folder('broken'), 'PG_VERSION'), '18')
  await expect(openFolder(folder('broken'))).rejects.toThrow(/cannot be opened as a database/)
  expect(existsSync(`${folder('broken')}.lock`)).toBe(false)
})
