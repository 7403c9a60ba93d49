import { expect, type Page } from '@playwright/test'
import { test } from './hall'
import { leadIt, newClass } from './register'

/** A class of one movement by the clock, long enough to be looked at; its lead screen is open. */
async function opened(page: Page, title: string) {
  await newClass(page, title)
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const field = page.getByRole('combobox')
  for (const words of ['march', 'squat', 'heel raise']) {
    await field.fill(words)
    await expect(page.getByRole('option').first()).toBeVisible()
    await field.press('Enter')
    await expect(page.getByRole('status').filter({ hasText: /^Added/ })).toBeVisible()
  }
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
  await leadIt(page)
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible()
}
const secondsOf = async (page: Page): Promise<number> => {
  const [, minutes, seconds] = /(\d+):(\d\d)/.exec((await page.getByRole('timer').textContent()) ?? '') ?? []
  return Number(minutes) * 60 + Number(seconds)
}
const kept = (page: Page) =>
  page.evaluate(async () => {
    const session = location.pathname.split('/').at(-1)
    const body = (await (await fetch(`/api/sessions/${session}/events`)).json()) as {
      events: { kind: string; at: number; device?: string; sequence?: number }[]
    }
    return body.events
  })

test('a clock that is days off and then jumps moves nothing, and every tap reaches the server with its time', async ({ page }) => {
  // five days behind, from the first script on; it can be moved while the class runs
  await page.addInitScript(() => {
    const real = Date.now.bind(Date)
    const offset = () => Number(sessionStorage.getItem('offset') ?? -5 * 24 * 3_600_000)
    Date.now = () => real() + offset()
  })
  await opened(page, 'Clocks at the weir')
  await page.getByRole('button', { name: 'Start' }).click()
  await expect.poll(() => secondsOf(page)).toBeGreaterThan(0)
  await page.evaluate(() => sessionStorage.setItem('offset', String(3 * 3_600_000)))
  await page.getByRole('button', { name: 'Pause' }).click()
  const paused = await secondsOf(page)
  // nobody waited hours: as long as it took to get here
  expect(paused).toBeLessThan(600)
  await page.reload()
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
  expect(await secondsOf(page)).toBe(paused)
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect.poll(async () => (await kept(page)).map(({ kind }) => kind)).toEqual(['start', 'pause', 'resume'])
  const taps = await kept(page)
  expect(taps.map(({ sequence }) => sequence)).toEqual([1, 2, 3])
  expect(new Set(taps.map(({ device }) => device)).size).toBe(1)
  // by the clock of the server, which is the one that this test runs on
  for (const { at } of taps) expect(Math.abs(at - Date.now())).toBeLessThan(1_800_000)
})

test('controls stand still and in view on every size; space pauses wherever the focus is; ending asks twice', async ({ page }) => {
  await opened(page, 'Still hands')
  const places = async () =>
    page.locator('footer button').evaluateAll((all) =>
      all.map((one) => {
        const { x, y, bottom } = one.getBoundingClientRect()
        return `${Math.round(x)} ${Math.round(y)} ${Math.round(bottom) <= window.innerHeight}`
      }),
    )
  for (const [width, height] of [
    [1280, 800],
    [1024, 768],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height })
    const before = await places()
    expect(before.every((place) => place.endsWith('true'))).toBe(true)
    if (width !== 1280) continue
    await page.getByRole('button', { name: 'Start' }).click()
    for (let tap = 0; tap < 6; tap++) {
      await page.getByRole('button', { name: 'Next' }).click()
      expect(await places()).toEqual(before)
    }
  }
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.getByRole('button', { name: 'Next' }).focus()
  await page.keyboard.press('Space')
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
  await page.getByRole('button', { name: 'End', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
  await page.getByRole('button', { name: 'Press again to end' }).click()
  await expect(page.getByRole('link', { name: 'Write the log' })).toBeVisible()
  await page.getByRole('button', { name: 'Not over yet' }).click()
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
})

test('a movement is skipped, a set is done again, more and less of it, and half a minute is given', async ({ page }) => {
  await opened(page, 'As it comes')
  await page.getByRole('button', { name: 'Start' }).click()
  const total = async () => (await page.getByRole('timer').textContent())?.split('of ')[1]
  await page.getByRole('button', { name: 'Next' }).click()
  const first = await page.getByRole('heading', { level: 2 }).textContent()
  await page.getByRole('button', { name: 'Skip this movement' }).click()
  await expect(page.getByRole('heading', { level: 2 })).not.toHaveText(first ?? '')
  for (let tap = 0; tap < 4; tap++) await page.getByRole('button', { name: 'Next' }).click()
  const before = await total()
  await page.getByRole('button', { name: 'A set more', exact: true }).click()
  await expect.poll(total).not.toBe(before)
  const longer = await total()
  await page.getByRole('button', { name: 'A set less', exact: true }).click()
  await expect.poll(total).not.toBe(longer)
  await page.getByRole('button', { name: 'Half a minute' }).click()
  const at = await secondsOf(page)
  await page.waitForTimeout(2500)
  expect(await secondsOf(page)).toBe(at)
})

test('another window follows and taps too; another device follows, and leads once it is told to', async ({ page, browser, baseURL }) => {
  await opened(page, 'Two at the weir')
  const device = await browser.newContext({ ...(baseURL && { baseURL }) })
  const [second, third] = [await device.newPage(), await page.context().newPage()]
  await second.goto(page.url())
  await third.goto(page.url())
  await expect(second.getByRole('button', { name: 'Start' })).toBeVisible()
  await expect(third.getByRole('button', { name: 'Start' })).toBeVisible()
  await page.getByRole('button', { name: 'Start' }).click()
  await expect(third.getByRole('button', { name: 'Pause' })).toBeEnabled()
  // the other device sees the class and leads nothing of it; help it can call
  await expect(second.getByText('Another device leads')).toBeVisible()
  await expect(second.getByRole('button', { name: 'Next' })).toBeDisabled()
  await expect(second.getByRole('button', { name: 'Somebody stops' })).toBeEnabled()
  await second.keyboard.press('ArrowRight')
  await second.getByRole('button', { name: 'Lead from here' }).click()
  await expect(page.getByText('Another device leads')).toBeVisible()
  await second.getByRole('button', { name: 'Next' }).click()
  await second.getByRole('button', { name: 'Pause' }).click()
  for (const one of [page, third]) await expect(one.getByRole('button', { name: 'Go on' })).toBeVisible()
  const shown = await Promise.all([page, second, third].map((one) => one.getByRole('timer').textContent()))
  expect(new Set(shown).size).toBe(1)
  await third.getByRole('button', { name: 'Lead from here' }).click()
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect(second.getByRole('button', { name: 'Pause' })).toBeVisible()
  await expect.poll(async () => (await kept(page)).map(({ kind }) => kind)).toEqual(['start', 'lead', 'next', 'pause', 'lead', 'resume'])
  expect(new Set((await kept(page)).map(({ device: name }) => name)).size).toBe(2)
  await device.close()
})
