import { spawnSync } from 'node:child_process'
import path from 'node:path'
import { expect } from '@playwright/test'
import { fixedDay, ours, serve } from '../scripts/hall.mjs'
import { startPostgres } from '../scripts/postgres.mjs'
import { test } from './hall'
import { answers, ended, freePort, start } from './servers'

test('the running server gives a whole backup and has its data checked', async ({ hall }) => {
  const place = (name: string) => path.join(hall.folder, name)
  const run = (folder: string, ...words: string[]) =>
    spawnSync(process.execPath, ours('data.ts', ...words), { env: fixedDay(place(folder)), encoding: 'utf8' })
  expect(run('data', 'backup', place('whole.gz'))).toMatchObject({
    status: 0,
    stdout: expect.stringMatching(/^Kept in .*: \d+ people, \d+ classes, \d+ sessions\.\n$/),
  })
  expect(run('data', 'check-data')).toMatchObject({ status: 0, stdout: expect.stringContaining('Everything is sound') })
  // another folder takes it up, without the server
  expect(run('taken-up', 'restore', place('whole.gz'))).toMatchObject({ status: 0, stdout: expect.stringMatching(/^Restored: \d+ people/) })
})

test('a second server on the same data folder is refused with one clear line', async ({ hall }) => {
  const second = start(await freePort(), path.join(hall.folder, 'data'))
  let said = ''
  second.stderr!.on('data', (text) => {
    said += String(text)
  })
  expect(await ended(second)).toBe(1)
  expect(said).toMatch(/in use by another running server\. Stop that server first, or set VELVET_DATA/)
})

test('a taken port is said in one line', ({ hall }) => {
  const { status, stderr } = spawnSync(process.execPath, ['scripts/serve.mjs'], {
    env: { ...process.env, PORT: String(hall.port) },
    encoding: 'utf8',
  })
  expect(status).toBe(1)
  expect(stderr.trim().split('\n')).toHaveLength(1)
  expect(stderr).toMatch(/is taken\. Stop what listens there, or set PORT/)
})

test('security headers, and no answer for another host or another site', async ({ request, baseURL }) => {
  const page = await request.get('/')
  const headers = page.headers()
  expect(headers['content-security-policy']).toMatch(/default-src 'self'.*frame-ancestors 'none'/)
  expect(headers['x-content-type-options']).toBe('nosniff')
  expect(headers['x-frame-options']).toBe('DENY')
  expect(headers['x-powered-by']).toBeUndefined()
  expect((await request.get('/', { headers: { host: 'elsewhere.example' } })).status()).toBe(421)
  const written = await request.post('/api/sessions/00000000-0000-4000-8000-000000000000/events', {
    headers: { origin: 'http://elsewhere.example' },
    data: { events: [] },
  })
  expect(written.status()).toBe(403)
  expect(baseURL).toContain('127.0.0.1')
})

test('route handlers refuse bad input whole, with its place', async ({ request }) => {
  const post = (id: string, data: unknown) => request.post(`/api/sessions/${id}/events`, { data })
  const unknown = '00000000-0000-4000-8000-000000000000'
  expect((await post('no-id', { events: [{ id: unknown, at: 1, kind: 'start' }] })).status()).toBe(400)
  expect((await post(unknown, { events: [{ id: unknown, at: 1, kind: 'start' }] })).status()).toBe(404)
  const bad = await post(unknown, { events: [{ id: 'no-id', at: 1, kind: 'start' }] })
  expect(bad.status()).toBe(400)
  const { problems } = (await bad.json()) as { problems: { path: string }[] }
  expect(problems.map(({ path: place }) => place)).toEqual(['$.events[0].id'])
  expect(
    (await request.post(`/api/sessions/${unknown}/events`, { headers: { 'content-type': 'application/json' }, data: Buffer.from('{') })).status(),
  ).toBe(400)
  const long = Buffer.alloc(6 * 1024 * 1024, 0x20)
  expect((await request.post(`/api/sessions/${unknown}/events`, { headers: { 'content-type': 'application/json' }, data: long })).status()).toBe(413)
  const letter = await request.post(`/api/people/${unknown}/letters`, {
    multipart: { condition: 'general', file: { name: 'l.pdf', mimeType: 'application/pdf', buffer: long } },
  })
  expect(letter.status()).toBe(413)
  expect((await request.get('/classes/not-an-id')).status()).toBe(404)
  expect((await request.get(`/people/${unknown}`)).status()).toBe(404)
})

test('a database that is away: 503, what was typed is kept, and it is made once when it is there again', async ({ page }) => {
  const postgres = await startPostgres()
  const port = await freePort()
  const server = serve({ port, env: { ...fixedDay(''), DATABASE_URL: postgres.url }, stdio: 'ignore' })
  const base = `http://127.0.0.1:${port}`
  try {
    await answers(port)
    await page.goto(`${base}/people/new`)
    await page.getByLabel('First name').fill('Isolde')
    await page.getByLabel('Born on').fill('1950-05-05')
    postgres.halt()
    await page.getByRole('button', { name: 'Register', exact: true }).click()
    await expect(page.getByRole('status').filter({ hasText: 'the server did not answer' })).toBeVisible()
    await expect(page.getByLabel('First name')).toHaveValue('Isolde')
    for (const [address, accept] of [
      ['/people', 'text/html'],
      ['/api/people/csv', '*/*'],
    ] as const) {
      const answer = await fetch(base + address, { headers: { accept } })
      expect(answer.status).toBe(503)
      expect(await answer.text()).toMatch(/does not answer/)
    }
    postgres.begin()
    await page.getByRole('button', { name: 'Register', exact: true }).click()
    await expect(page.getByRole('heading', { level: 1, name: 'Isolde' })).toBeVisible()
    await page.goto(`${base}/people`)
    await expect(page.getByRole('link', { name: 'Isolde' })).toHaveCount(1)
  } finally {
    server.kill()
    postgres.stop()
  }
})
