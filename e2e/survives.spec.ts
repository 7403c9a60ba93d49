import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { type BrowserContext, chromium, expect, type Page } from '@playwright/test'
import { answers as answersAt, CHROMIUM, fill, fixedDay, serve } from '../scripts/hall.mjs'
import { test } from './hall'
import { ended, freePort } from './servers'

/** The browser of a profile, by the file that it locks it with. */
const browserOf = (profile: string) =>
  Number(
    /-(\d+)$/.exec(
      spawnSync('readlink', [path.join(profile, 'SingletonLock')])
        .stdout.toString()
        .trim(),
    )?.[1],
  )
const alive = (pid: number) => {
  try {
    // a process that has ended and was not yet fetched is none that runs
    return !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'))
  } catch {
    return false
  }
}

interface Tap {
  id: string
  kind: string
  device?: string
  sequence?: number
}
const session = (page: Page) => /[0-9a-f-]{36}/.exec(page.url())![0]
const keptBy = async (base: string, id: string): Promise<Tap[]> =>
  ((await (await fetch(`${base}/api/sessions/${id}/events`)).json()) as { events: Tap[] }).events
/** What this browser has of a session. */
const inBrowser = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((resolve, reject) => {
        const opened = indexedDB.open('velvet-step')
        opened.onerror = () => reject(opened.error)
        opened.onsuccess = () => {
          const counted = opened.result.transaction('events').objectStore('events').count()
          counted.onsuccess = () => {
            resolve(counted.result)
            opened.result.close()
          }
        }
      }),
  )

/**
 * A class from its start to its log, with the server killed, the network gone, the browser killed, the tab closed and a second device taking over.
 */
test('a class is led through everything that can go wrong, and no tap is lost or there twice', async () => {
  test.setTimeout(1_200_000)
  const folder = mkdtempSync(path.join(tmpdir(), 'velvet-class-'))
  const env = fixedDay(path.join(folder, 'data'))
  expect(fill('seed.ts', env, 'ignore')).toBe(true)
  const port = await freePort()
  const base = `http://127.0.0.1:${port}`
  let server = serve({ port, env })
  await answersAt(base)
  const profile = path.join(folder, 'profile')
  const open = (name: string): Promise<BrowserContext> =>
    chromium.launchPersistentContext(path.join(folder, name), { ...CHROMIUM, viewport: { width: 1280, height: 800 } })
  let hall = await open('profile')
  let page = hall.pages()[0] ?? (await hall.newPage())
  page.setDefaultTimeout(120_000)
  const taps: string[] = []
  const tap = async (name: string, kind: string) => {
    await page.getByRole('button', { name, exact: true }).click()
    taps.push(kind)
  }
  await page.goto(base)
  await page.getByRole('link', { name: 'Boathouse chairs', exact: true }).click()
  await page.getByRole('button', { name: 'Lead this class' }).click()
  await page.getByRole('button', { name: /^On / }).click()
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible()
  const id = session(page)
  // the worker has the shell before anything goes wrong
  await page.evaluate(async () => (await navigator.serviceWorker.ready).active?.state)
  await expect.poll(() => page.evaluate(async () => (await caches.match('/lead/shell'))?.status ?? 0)).toBe(200)
  await tap('Start', 'start')
  await tap('Next', 'next')
  await expect.poll(async () => (await keptBy(base, id)).length).toBe(2)

  // the server is killed in the middle of a tap; the class goes on
  const dead = ended(server)
  server.kill('SIGKILL')
  await dead
  await tap('Next', 'next')
  await tap('A set more', 'one-more')
  await expect(page.getByText('2 taps are kept here, waiting for the server')).toBeVisible()
  const clock = await page.getByRole('timer').textContent()
  expect(clock).toMatch(/\d+:\d\d/)

  // the page is loaded again with no server there at all
  await page.reload()
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible()
  await tap('Pause', 'pause')
  expect(await inBrowser(page)).toBe(5)

  // the browser is killed, and opened again on the same profile, still without a server
  const pid = browserOf(profile)
  process.kill(pid, 'SIGKILL')
  await expect.poll(() => alive(pid)).toBe(false)
  await hall.close().catch(() => undefined)
  for (const lock of ['SingletonLock', 'SingletonSocket', 'SingletonCookie']) rmSync(path.join(profile, lock), { force: true })
  hall = await open('profile')
  page = hall.pages()[0] ?? (await hall.newPage())
  page.setDefaultTimeout(120_000)
  await page.goto(`${base}/lead/${id}`)
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
  await tap('Go on', 'resume')

  // the server comes back, and hears of everything
  server = serve({ port, env })
  await answersAt(base)
  await expect.poll(async () => (await keptBy(base, id)).map(({ kind }) => kind)).toEqual(taps)

  // the network is gone and the tab closed; what was tapped is sent from wherever the application is opened next
  await hall.setOffline(true)
  await tap('Next', 'next')
  await page.close()
  await hall.setOffline(false)
  page = await hall.newPage()
  page.setDefaultTimeout(120_000)
  await page.goto(`${base}/people`)
  await expect.poll(async () => (await keptBy(base, id)).map(({ kind }) => kind)).toEqual(taps)

  // another device takes over and ends the class
  const phone = await open('phone')
  page = await phone.newPage()
  page.setDefaultTimeout(120_000)
  await page.goto(`${base}/lead/${id}`)
  await page.getByRole('button', { name: 'Lead from here' }).click()
  taps.push('lead')
  await tap('Next', 'next')
  await tap('Next', 'next')
  await page.getByRole('button', { name: 'End', exact: true }).click()
  await page.getByRole('button', { name: 'Press again to end' }).click()
  taps.push('end')
  await expect(page.getByRole('link', { name: 'Write the log' })).toBeVisible()
  await expect.poll(async () => (await keptBy(base, id)).map(({ kind }) => kind)).toEqual(taps)

  const kept = await keptBy(base, id)
  expect(new Set(kept.map((one) => one.id)).size).toBe(taps.length)
  // each device has counted its own without a gap
  for (const device of new Set(kept.map((one) => one.device))) {
    const own = kept.filter((one) => one.device === device).map(({ sequence }) => sequence)
    expect(own).toEqual(own.map((_, index) => index + 1))
  }
  // ended and acknowledged: the phone keeps nothing of it
  await expect.poll(() => inBrowser(page)).toBe(0)
  // both devices read the same class
  const again = await hall.newPage()
  await again.goto(`${base}/sessions/${id}`)
  const took = await again.getByText(/Planned .*, took/).textContent()
  await page.getByRole('link', { name: 'Write the log' }).click()
  await expect(page.getByText(took!)).toBeVisible()
  await phone.close()
  await hall.close()
  const gone = ended(server)
  server.kill()
  await gone
  rmSync(folder, { recursive: true, force: true })
})
