/** `npm run screenshots`: the pictures of docs/screenshots, from the demo data of a fixed day, taken of the built application. */
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { chromium } from '@playwright/test'
import { answers, CHROMIUM, fill, fixedDay, serve } from './hall.mjs'
import { build, ROOT } from './setup.mjs'

const FOLDER = path.join(ROOT, 'docs/screenshots')
const PORT = 4680
const data = mkdtempSync(path.join(tmpdir(), 'velvet-shots-'))
const env = fixedDay(path.join(data, 'data'))

build()
mkdirSync(FOLDER, { recursive: true })
fill('seed.ts', env)
const server = serve({ port: PORT, env })

const BASE = `http://127.0.0.1:${PORT}`
const openClass = async (page, title) => {
  await page.goto(BASE)
  await page.getByRole('link', { name: title, exact: true }).click()
  await page.getByRole('button', { name: 'Lead this class' }).waitFor()
  await page.waitForTimeout(900)
}
/** The lead screen of the class on chairs. */
async function lead(page) {
  await openClass(page, 'Boathouse chairs')
  await page.getByRole('button', { name: 'Lead this class' }).click()
  await page.getByRole('button', { name: /^On / }).click()
  await page.getByRole('button', { name: /^(Start|Pause|Go on)$/ }).waitFor()
}
const VIEWS = [
  { name: 'today', go: (page) => page.goto(BASE) },
  { name: 'class', go: (page) => openClass(page, 'Bones and balance') },
  {
    name: 'cue-sheet',
    go: async (page) => {
      await openClass(page, 'Boathouse chairs')
      await page.getByRole('link', { name: 'Cue sheet' }).click()
      await page.getByRole('button', { name: 'Print' }).waitFor()
    },
  },
  {
    name: 'mend',
    go: async (page) => {
      await openClass(page, 'Long backs')
      await page.getByRole('button', { name: 'The least change that mends it' }).click()
      await page.getByRole('button', { name: 'Change the plan so' }).waitFor()
      const length = page.getByRole('region', { name: 'Another length' })
      await length.getByLabel('Minutes').fill('33')
      await length.getByRole('button', { name: 'Trim or stretch' }).click()
      await length.getByRole('button', { name: /^Do that/ }).scrollIntoViewIfNeeded()
      await page.waitForTimeout(400)
    },
  },
  {
    name: 'lead',
    go: async (page) => {
      await lead(page)
      await page.getByRole('button', { name: 'Start' }).click()
      const tap = async (key) => {
        await page.keyboard.press(key)
        await page.waitForTimeout(250)
      }
      // to a movement that people do in two versions
      for (let n = 0; n < 20 && !(await page.getByRole('heading', { level: 2, name: 'Sit to stand' }).isVisible()); n++) await tap('k')
      for (let n = 0; n < 6 && !(await page.getByText('Go', { exact: true }).isVisible()); n++) await tap('ArrowRight')
      await page.waitForTimeout(2500)
    },
  },
  {
    name: 'log',
    go: async (page) => {
      await page.goto(`${BASE}/log`)
      await page.locator('main a').first().click()
      await page.getByRole('button', { name: 'Save the log' }).waitFor()
    },
  },
  {
    name: 'series',
    go: async (page) => {
      await openClass(page, 'Lantern evening, before and after birth')
      await page.getByRole('link', { name: 'Series', exact: true }).click()
      await page.getByRole('heading', { level: 1, name: /series$/ }).waitFor()
      await page.waitForTimeout(600)
    },
  },
  {
    name: 'compose',
    go: async (page) => {
      await openClass(page, 'Bones and balance')
      await page.goto(`${new URL(page.url()).pathname.replace(/^/, BASE)}/compose`)
      await page.getByRole('button', { name: 'Compose', exact: true }).click()
      await page
        .getByRole('status')
        .filter({ hasText: /classes that share/ })
        .waitFor({ timeout: 180_000 })
    },
  },
  {
    name: 'class-view',
    go: async (page) => {
      await lead(page)
      await page.goto(`${new URL(page.url()).href}/class`)
      await page.getByTestId('count').waitFor()
      await page.waitForTimeout(1500)
    },
  },
  {
    name: 'somebody-stops',
    go: async (page) => {
      await lead(page)
      await page.keyboard.press('s')
      await page.getByRole('button', { name: 'Faint, dizzy, racing heart' }).click()
      await page.getByRole('timer', { name: 'Since then' }).waitFor()
    },
  },
  {
    name: 'person',
    go: async (page) => {
      await page.goto(`${BASE}/people`)
      await page.locator('tbody a').first().click()
      await page.getByRole('button', { name: 'Save', exact: true }).waitFor()
    },
  },
  {
    name: 'door',
    width: 390,
    height: 844,
    go: async (page) => {
      await openClass(page, 'Boathouse chairs')
      await page.getByRole('button', { name: 'At the door' }).click()
      await page
        .getByRole('button', { name: /^Something of today/ })
        .nth(1)
        .click()
      await page.getByRole('button', { name: 'left shoulder: nothing marked' }).click()
      await page.evaluate(() => window.scrollTo(0, 0))
    },
  },
  { name: 'movements', go: (page) => page.goto(`${BASE}/movements`) },
  {
    name: 'movement',
    go: async (page) => {
      await page.goto(`${BASE}/movements/lateral-raise`)
      await page.waitForTimeout(1500)
      await page.getByText('Moments at the hardest point').evaluate((heading) => heading.scrollIntoView({ block: 'center' }))
    },
  },
  {
    name: 'weeks-ahead',
    go: async (page) => {
      await openClass(page, 'Lantern evening, before and after birth')
      await page.getByRole('link', { name: 'Weeks ahead' }).click()
      await page.getByText('28 weeks pregnant').waitFor()
    },
  },
  {
    name: 'who-is-ready',
    go: async (page) => {
      await openClass(page, 'Long backs')
      await page.getByRole('link', { name: 'Who is ready' }).click()
      await page.getByText('One thing at a time').waitFor()
    },
  },
  {
    name: 'letter',
    go: async (page) => {
      await page.goto(`${BASE}/people`)
      await page.getByRole('link', { name: /^Hartley/ }).click()
      await page.getByRole('link', { name: 'Letter to a clinician' }).click()
      await page.getByText('What the class asks at its most').waitFor()
    },
  },
  {
    name: 'home-sheet',
    go: async (page) => {
      await page.goto(`${BASE}/people`)
      await page.getByRole('link', { name: /^Greta/ }).click()
      await page.getByRole('link', { name: 'Home sheet' }).click()
      await page.getByRole('heading', { level: 1, name: /^For Greta/ }).evaluate((heading) => heading.scrollIntoView())
    },
  },
  { name: 'why', go: (page) => page.goto(`${BASE}/why`) },
]

const only = process.argv.slice(2)
const browser = await chromium.launch(CHROMIUM)
try {
  await answers(BASE)
  for (const { name, go, width = 1280, height = 800 } of VIEWS.filter((view) => only.length === 0 || only.includes(view.name))) {
    const page = await browser.newPage({ viewport: { width, height } })
    await go(page)
    await page.waitForTimeout(500)
    await page.screenshot({ path: path.join(FOLDER, `${name}.png`) })
    await page.close()
    process.stdout.write(`${name}\n`)
  }
} finally {
  await browser.close()
  server.kill()
  rmSync(data, { recursive: true, force: true })
}
