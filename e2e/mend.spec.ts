import { expect, type Page } from '@playwright/test'
import { test } from './hall'

const open = async (page: Page, title: string) => {
  await page.goto('/')
  await page.getByRole('link', { name: title, exact: true }).click()
  await expect(page.getByRole('button', { name: 'Lead this class' })).toBeVisible()
}
const rows = (page: Page) => page.locator('tr[data-item]')

test('what does not fit is said, with the least change that mends it: one step, kept, and taken back', async ({ page }) => {
  await open(page, 'Long backs')
  const strip = page.getByRole('region', { name: 'What does not fit' })
  // other tests may have changed the class or the people before
  await expect(strip).toContainText(/^(One|Two) things? .*: .*Verity.* has nothing to do in .*hamstring stretch/)
  const before = await rows(page).allTextContents()
  await strip.getByRole('button', { name: 'The least change that mends it' }).click()
  await expect(strip.getByRole('list', { name: 'What would be other' })).toContainText('hamstring stretch')
  await expect(strip).toContainText(/\d+ of \d+ stay as they are/)
  await strip.getByRole('button', { name: 'Change the plan so' }).click()
  await expect(strip).toHaveCount(0)
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
  const after = await rows(page).allTextContents()
  expect(after).toHaveLength(before.length)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(strip).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
})

test('bands that are gone: the strip names what needs them, and the plan does without', async ({ page }) => {
  await open(page, 'Bones and balance')
  const strip = page.getByRole('region', { name: 'What does not fit' })
  const lacking = page.getByText('bands, which this room does not have')
  await expect(lacking).toHaveCount(0)
  await page.getByRole('button', { name: 'Class and room' }).click()
  await page.getByRole('checkbox', { name: 'bands', exact: true }).uncheck()
  await page.keyboard.press('Escape')
  await expect(strip).toContainText('need bands, which this room does not have.')
  await strip.getByRole('button', { name: 'The least change that mends it' }).click()
  await strip.getByRole('button', { name: 'Change the plan so' }).click()
  await expect(lacking).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
})

test('bands for two of seven: the strip says for how many they are needed, and the plan does with what there is', async ({ page }) => {
  await open(page, 'Bones and balance')
  const strip = page.getByRole('region', { name: 'What does not fit' })
  await page.getByRole('button', { name: 'Class and room' }).click()
  await page.getByLabel('bands: for how many at a time').fill('2')
  await page.keyboard.press('Escape')
  await expect(strip).toContainText(/needs? bands for \d+ at a time; here is enough for 2\./)
  await strip.getByRole('button', { name: 'The least change that mends it' }).click()
  await strip.getByRole('button', { name: 'Change the plan so' }).click()
  await expect(page.getByText(/bands for \d+ at a time/)).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
})

test('something said at the door: the strip says that it was said there', async ({ page }) => {
  await open(page, 'Long backs')
  const onItsDay = `${new URL(page.url()).pathname}?day=2026-12-03`
  await page.goto(onItsDay)
  await page.getByRole('button', { name: 'At the door' }).click()
  await page.getByRole('button', { name: 'Something of today, Verity' }).click()
  await page.getByRole('button', { name: /^Slept badly/ }).click()
  await page.getByRole('link', { name: 'What it changes' }).click()
  await page.getByRole('listitem').filter({ hasText: 'Verity' }).first().waitFor()
  await page.goto(onItsDay)
  await expect(page.getByRole('region', { name: 'What does not fit' })).toContainText('Verity, after what was said at the door, has nothing to do')
})

test('a class in another length: each step with its seconds and what it costs, one edit, and back', async ({ page }) => {
  await open(page, 'Bones and balance')
  const length = page.getByRole('region', { name: 'Another length' })
  const promised = Number(await length.getByLabel('Minutes').inputValue())
  await expect(page.getByText(`of ${promised}:00`)).toBeVisible()
  const shorter = promised - 10
  await length.getByLabel('Minutes').fill(String(shorter))
  await length.getByRole('button', { name: 'Trim or stretch' }).click()
  const steps = length.getByRole('list', { name: 'Steps to it' }).getByRole('listitem')
  await expect(steps.first()).toContainText(/−\d+:\d\d/)
  await expect(length).toContainText(/\d+:\d\d → \d+:\d\d/)
  await length.getByRole('button', { name: /^Do that, \d+:\d\d/ }).click()
  await expect(page.getByText(`of ${shorter}:00`)).toBeVisible()
  await expect(page.getByText('longer than promised')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(`of ${promised}:00`)).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
})
