import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { expect, type Page } from '@playwright/test'
import type { RunOptions } from 'axe-core'
import { test } from './hall'
import { leadIt } from './register'

const openClass = async (page: Page, title = 'Boathouse chairs') => {
  await page.goto('/')
  await page.getByRole('link', { name: title, exact: true }).click()
  await expect(page.getByRole('button', { name: 'Lead this class' })).toBeVisible()
}
const SCREENS: Record<string, (page: Page) => Promise<unknown>> = {
  today: (page) => page.goto('/'),
  class: (page) => openClass(page),
  reasons: async (page) => {
    await openClass(page)
    await page
      .getByRole('button', { name: / as planned$| adjust$| swap$/ })
      .nth(2)
      .click()
    await expect(page.getByText('clears nobody', { exact: false }).first()).toBeVisible()
  },
  ladder: async (page) => {
    await openClass(page)
    await page.locator('tbody th button, main section li > button:first-child').nth(2).click()
    await expect(page.getByRole('list', { name: 'Ladder, gentlest first' })).toBeVisible()
  },
  'what does not fit': async (page) => {
    await openClass(page, 'Long backs')
    await page.getByRole('button', { name: 'The least change that mends it' }).click()
    await page.getByLabel('Minutes').fill('30')
    await page.getByRole('button', { name: 'Trim or stretch' }).click()
    await expect(page.getByRole('list', { name: 'Steps to it' })).toBeVisible()
    await expect(page.getByRole('button', { name: 'Change the plan so' })).toBeVisible()
  },
  compose: async (page) => {
    await openClass(page)
    await page.goto(`${new URL(page.url()).pathname}/compose`)
    await page.getByRole('button', { name: 'Compose', exact: true }).click()
    await expect(page.getByRole('region', { name: 'A first class' })).toBeVisible()
    await page.getByRole('button', { name: 'Stop' }).click()
    await expect(page.getByText('Stopped by you', { exact: false })).toBeVisible()
  },
  'cue sheet': async (page) => {
    await openClass(page)
    await page.goto(`${new URL(page.url()).pathname}/print`)
    await expect(page.getByRole('button', { name: 'Print' })).toBeVisible()
  },
  'weeks ahead': async (page) => {
    await openClass(page, 'Lantern evening, before and after birth')
    await page.getByRole('link', { name: 'Weeks ahead' }).click()
    await expect(page.getByText('28 weeks pregnant')).toBeVisible()
  },
  series: async (page) => {
    await openClass(page, 'Lantern evening, before and after birth')
    await page.getByRole('link', { name: 'Series', exact: true }).click()
    await page.getByText('Change the series').click()
    await expect(page.getByRole('button', { name: 'Keep the series' })).toBeVisible()
  },
  'cue cards': async (page) => {
    await openClass(page)
    await page.getByRole('link', { name: 'Cue sheet' }).click()
    await page.getByRole('link', { name: 'As cards' }).click()
    await expect(page.getByRole('heading', { level: 1, name: /cue cards$/ })).toBeVisible()
  },
  'room list': async (page) => {
    await openClass(page)
    await page.getByRole('link', { name: 'Cue sheet' }).click()
    await page.getByRole('link', { name: 'Room list' }).click()
    await expect(page.getByText('If somebody needs help:')).toBeVisible()
  },
  'what somebody can do': async (page) => {
    await page.goto('/people')
    await page.getByRole('link', { name: /Alba/ }).first().click()
    await page.getByRole('link', { name: 'History' }).click()
    await expect(page.getByText(/^The right leg is the weaker one/)).toBeVisible()
  },
  'who is ready': async (page) => {
    await openClass(page)
    await page.getByRole('link', { name: 'Who is ready' }).click()
    await expect(page.getByRole('region', { name: 'Less' })).toBeVisible()
  },
  'for a stand-in': async (page) => {
    await openClass(page)
    await page.getByRole('link', { name: 'For a stand-in' }).click()
    await expect(page.getByRole('heading', { name: 'When somebody stops' })).toBeVisible()
  },
  letter: async (page) => {
    await page.goto('/people')
    await page.getByRole('link', { name: 'Hartley' }).first().click()
    await page.getByRole('link', { name: 'Letter to a clinician' }).click()
    await expect(page.getByRole('heading', { name: 'Please tell me' })).toBeVisible()
  },
  'home sheet': async (page) => {
    await page.goto('/people')
    await page.getByRole('link', { name: 'Greta' }).first().click()
    await page.getByRole('link', { name: 'Home sheet' }).click()
    await expect(page.getByRole('heading', { name: /^For Greta/ })).toBeVisible()
  },
  lead: async (page) => {
    await openClass(page)
    await leadIt(page)
    await expect(page.getByRole('button', { name: 'Somebody stops' })).toBeVisible()
  },
  'class view': async (page) => {
    await openClass(page)
    await leadIt(page)
    await expect(page.getByRole('button', { name: 'Somebody stops' })).toBeVisible()
    await page.goto(`${new URL(page.url()).pathname}/class`)
    await expect(page.getByTestId('count')).toBeVisible()
  },
  'somebody stops': async (page) => {
    await openClass(page)
    await leadIt(page)
    await page.getByRole('button', { name: 'Somebody stops' }).click()
    await page.getByRole('button', { name: 'Somebody has fallen' }).click()
    await expect(page.getByText('Do not lift them.', { exact: false })).toBeVisible()
  },
  'what today changes': async (page) => {
    await openClass(page)
    await page.getByRole('button', { name: 'At the door' }).click()
    await page.getByRole('link', { name: 'What it changes' }).click()
    await expect(page.getByRole('heading', { name: 'What today changes' })).toBeVisible()
  },
  'a log': async (page) => {
    await page.goto('/log')
    await page.locator('main a').first().click()
    await expect(page.getByRole('button', { name: 'Save the log' })).toBeVisible()
  },
  log: (page) => page.goto('/log'),
  people: (page) => page.goto('/people'),
  'new person': (page) => page.goto('/people/new'),
  person: async (page) => {
    await page.goto('/people')
    await page.locator('tbody a').nth(2).click()
    await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeVisible()
  },
  screening: async (page) => {
    await page.goto('/people')
    await page.locator('tbody a').nth(2).click()
    await page.getByRole('link', { name: /^Health questions/ }).click()
    await expect(page.getByRole('heading', { name: /^Health questions/ })).toBeVisible()
  },
  'health form': async (page) => {
    await page.goto('/people')
    await page.getByRole('link', { name: /^Wilf/ }).click()
    await page.getByRole('link', { name: /^Health questions/ }).click()
    await page.getByRole('button', { name: 'Here, at the class' }).click()
    await expect(page.getByText(/1 of about/)).toBeVisible()
  },
  settings: (page) => page.goto('/settings'),
  'changed rules': (page) => page.goto('/rules'),
  import: (page) => page.goto('/people/import'),
  door: async (page) => {
    await openClass(page)
    await page.getByRole('button', { name: 'At the door' }).click()
    await expect(page.getByRole('heading', { name: 'At the door' })).toBeVisible()
    await page
      .getByRole('button', { name: /^Something of today/ })
      .first()
      .click()
  },
  'own movement': (page) => page.goto('/movements/own?from=row/band-light'),
  movements: (page) => page.goto('/movements'),
  movement: (page) => page.goto('/movements/sit-to-stand'),
  why: (page) => page.goto('/why'),
}

/** Always dark, whatever is chosen, and as high as the screen. */
const OF_THE_ROOM = new Set(['lead', 'class view', 'somebody stops'])
const STANDARDS: RunOptions = { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }
const COLOURS: RunOptions = { runOnly: { type: 'rule', values: ['color-contrast'] } }
// no page has frames, so it is put into the page once and asked for what is wrong only: a third of the time of a run through every frame
const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/** What is wrong with the page as it stands, and by how much it is wider than the screen, px. */
async function wrongWith(page: Page, options = STANDARDS) {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE)
  return page.evaluate(async (how) => {
    const { axe } = window as unknown as { axe: typeof import('axe-core') }
    const { violations } = await axe.run(document, { ...how, resultTypes: ['violations'] })
    return {
      violations: violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`),
      overflow: Math.max(0, document.documentElement.scrollWidth - window.innerWidth),
    }
  }, options)
}
const NOTHING = { violations: [], overflow: 0 }

for (const [name, go] of Object.entries(SCREENS))
  test(`${name}: no violation, light, dark and on a phone, and nothing wider than the screen`, async ({ page }) => {
    await go(page)
    expect(await wrongWith(page), 'light, 1280 wide').toEqual(NOTHING)
    if (!OF_THE_ROOM.has(name)) {
      // between the looks only colours change
      await page.evaluate(() => document.documentElement.setAttribute('data-theme', 'dark'))
      expect(await wrongWith(page, COLOURS), 'dark, 1280 wide').toEqual(NOTHING)
      await page.evaluate(() => document.documentElement.setAttribute('data-theme', 'light'))
    }
    // so high that nothing lies half under a bar that stays: it can be scrolled out
    await page.setViewportSize({ width: 390, height: OF_THE_ROOM.has(name) ? 844 : 4000 })
    // after a change of width a frame or two are drawn as they were; what is wrong stays wrong
    await expect(async () => expect(await wrongWith(page), 'light, 390 wide').toEqual(NOTHING)).toPass({ timeout: 60_000 })
  })
