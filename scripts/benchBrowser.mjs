/** Rows that need the built application and a browser: page sizes, pages and saves on the demo data, one edit to paint, moving figures. */
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { chromium } from '@playwright/test'
import { answers, CHROMIUM, fill, fixedDay, serve } from './hall.mjs'
import { build, ROOT } from './setup.mjs'

const PORT = 4690
const BASE = `http://127.0.0.1:${PORT}`
const rows = []
const row = (what, measured, budget) => rows.push({ what, measured, budget })
const at = (all, share) => {
  const list = all.filter(Number.isFinite)
  return [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))]
}
const ms = (value) => `${value.toFixed(0)} ms`

build()
const stats = path.join(ROOT, '.next/diagnostics/route-bundle-stats.json')
if (existsSync(stats)) {
  const pages = JSON.parse(readFileSync(stats, 'utf8'))
  const compressed = new Map()
  const kbOf = (file) => {
    if (!compressed.has(file)) compressed.set(file, gzipSync(readFileSync(path.join(ROOT, file))).length / 1024)
    return compressed.get(file)
  }
  const sized = pages.map((page) => ({ route: page.route, kb: page.firstLoadChunkPaths.reduce((sum, file) => sum + kbOf(file), 0) }))
  const largest = sized.sort((a, b) => b.kb - a.kb)[0]
  row(`first-load JavaScript of the largest page, ${largest.route}`, `${largest.kb.toFixed(0)} kB`, '250 kB')
}

const data = mkdtempSync(path.join(tmpdir(), 'velvet-bench-'))
const env = fixedDay(path.join(data, 'data'))
fill('seed.ts', env, 'ignore')
let server = serve({ port: PORT, env })
const browser = await chromium.launch(CHROMIUM)

const first = (text, pattern) => text.match(pattern)?.[1]
/** Every page, ten times after four that warm up. */
async function pages(data) {
  const get = async (url) => (await fetch(BASE + url)).text()
  const [today, people, log] = [await get('/'), await get('/people'), await get('/log')]
  const classUrl = first(today, /href="(\/classes\/[0-9a-f-]{36})"/)
  const person = first(people, /href="(\/people\/[0-9a-f-]{36})"/)
  const session = first(log, /href="(\/sessions\/[0-9a-f-]{36})"/)
  const urls = ['/', classUrl, '/people', person, '/movements', '/movements/squat', '/log', '/log?page=2', session, `${session}/door`]
  for (const url of [...urls, session.replace('sessions', 'lead'), '/why', '/rules', '/settings', '/api/people/csv']) {
    const taken = []
    for (let n = 0; n < 14; n++) {
      const begun = performance.now()
      await get(url)
      if (n > 3) taken.push(performance.now() - begun)
    }
    row(`page ${url.replace(/[0-9a-f-]{36}/, '…')}, ${data}, p95`, ms(at(taken, 0.95)), '150 ms')
  }
}

try {
  await answers(BASE)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await pages('demo data')

  const gone = new Promise((resolve) => server.once('exit', resolve))
  server.kill()
  await gone
  fill('benchSeed.ts', env, 'ignore')
  server = serve({ port: PORT, env })
  await answers(BASE)
  await page.goto(BASE)
  await pages('600 people, 2,000 sessions, 500,000 log rows')
  await page.goto(BASE)
  const benchUrl = await page.getByRole('link', { name: 'Bench class', exact: true }).getAttribute('href')

  const saves = []
  page.on('response', (response) => {
    if (response.request().method() === 'POST') saves.push(response.request().timing().responseStart)
  })
  await page.goto(BASE + benchUrl)
  await page.getByRole('button', { name: 'Lead this class' }).waitFor()
  await page.waitForTimeout(4000)
  await page.getByRole('rowheader').getByRole('button').nth(3).click()
  await page.getByLabel('Rest, s').waitFor()
  const edits = []
  for (let n = 0; n < 9; n++) {
    edits.push(
      await page.evaluate(
        async (seconds) => {
          const field = [...document.querySelectorAll('label')].find((label) => label.textContent?.startsWith('Rest, s')).querySelector('input')
          const clock = document.querySelector('main [aria-live=polite]')
          const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
          const begun = performance.now()
          const painted = new Promise((resolve) =>
            new MutationObserver((_, observer) => {
              observer.disconnect()
              requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - begun), 0))
            }).observe(clock, { childList: true, subtree: true, characterData: true }),
          )
          set.call(field, String(seconds))
          field.dispatchEvent(new Event('input', { bubbles: true }))
          // a change that paints nothing has nothing to measure
          return Promise.race([painted, new Promise((resolve) => setTimeout(() => resolve(Number.NaN), 3000))])
        },
        20 + n * 5,
      ),
    )
    await page.waitForTimeout(500)
  }
  row('one edit, 25 people × 40 items, keypress to painted, median', ms(at(edits, 0.5)), '100 ms')
  await page.waitForTimeout(600)
  row(`saving the plan of that class, ${saves.length} times, p95`, ms(at(saves, 0.95)), '150 ms')

  const timed = async (what, tap, times = 10) => {
    saves.length = 0
    for (let n = 0; n < times; n++) {
      const answered = page.waitForResponse((response) => response.request().method() === 'POST')
      await tap(n)
      await answered
      await page.waitForTimeout(150)
    }
    row(`${what}, ${times} times, p95`, ms(at(saves, 0.95)), '150 ms')
  }
  const session = first(await (await fetch(`${BASE}/log`)).text(), /href="(\/sessions\/[0-9a-f-]{36})"/)
  await page.goto(`${BASE}${session}/door`)
  await timed('a tap at the door', (n) =>
    page
      .getByRole('button', { name: n % 2 === 0 ? 'Late' : 'Away', exact: true })
      .nth(n)
      .click(),
  )
  await page.goto(BASE + session)
  await timed('saving a log of twenty people', () => page.getByRole('button', { name: 'Save the log' }).click())
  const somebody = first(await (await fetch(`${BASE}/people`)).text(), /href="(\/people\/[0-9a-f-]{36})"/)
  await page.goto(BASE + somebody)
  await timed('saving a person', async (n) => {
    await page.getByLabel('Note', { exact: true }).fill(`seen ${n}`)
    await page.getByRole('button', { name: 'Save', exact: true }).click()
  })

  await page.goto(`${BASE}/movements`)
  await page.waitForTimeout(2500)
  const keys = []
  for (const word of ['hip', 'hip h', 'squat', 'squat h', 'row', 'row b']) {
    keys.push(
      await page.evaluate(async (text) => {
        const input = document.querySelector('main input.input')
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
        const list = document.querySelector('main ul')
        const begun = performance.now()
        const painted = new Promise((resolve) =>
          new MutationObserver((_, observer) => {
            observer.disconnect()
            resolve(performance.now() - begun)
          }).observe(list, { childList: true, subtree: true, attributes: true }),
        )
        set.call(input, text)
        input.dispatchEvent(new Event('input', { bubbles: true }))
        // a change that paints nothing has nothing to measure
        return Promise.race([painted, new Promise((resolve) => setTimeout(() => resolve(Number.NaN), 3000))])
      }, word),
    )
  }
  row('movement search, keypress to changed list, median', ms(at(keys, 0.5)), '50 ms')
  row('movement search, keypress to changed list, worst, the first', ms(at(keys, 1)), '50 ms')

  await page.getByLabel('Search').fill('')
  for (let more = 0; more < 2; more++)
    await page
      .getByRole('button', { name: 'Show more' })
      .click()
      .catch(() => {})
  await page.waitForTimeout(800)
  await page.getByRole('button', { name: 'Figures move' }).click()
  await page.waitForTimeout(9000)
  const frames = await page.evaluate(
    () =>
      new Promise((resolve) => {
        let count = 0
        const begun = performance.now()
        const tick = (now) => {
          count++
          if (now - begun > 4000) resolve((count / (now - begun)) * 1000)
          else requestAnimationFrame(tick)
        }
        requestAnimationFrame(tick)
      }),
  )
  const figures = await page.locator('main ul canvas').count()
  row(`${figures} moving figures on one page, after their first repetition`, `${frames.toFixed(0)} fps`, '60 fps')
} finally {
  await browser.close()
  server.kill()
  rmSync(data, { recursive: true, force: true })
}
const wide = Math.max(...rows.map(({ what }) => what.length))
for (const { what, measured, budget } of rows) process.stdout.write(`${what.padEnd(wide)}  ${measured.padStart(9)}  budget ${budget}\n`)
