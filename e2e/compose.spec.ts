import { expect } from '@playwright/test'
import { test } from './hall'
import { newClass } from './register'

test('a class is composed for its people, kept in part, taken into the plan as one step, and taken back', async ({ page }) => {
  await newClass(page, 'Composed by the weir')
  await page.getByRole('button', { name: /^Roster/ }).click()
  for (const name of ['Alba', 'Greta', 'Ingrid']) await page.getByRole('checkbox', { name: new RegExp(`^${name}`) }).check()
  await page.getByRole('button', { name: /^Keep these/ }).click()
  await page.getByRole('link', { name: 'Compose', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Compose: Composed by the weir' })).toBeVisible()
  await page.getByLabel('New, at most').fill('40')
  await page.getByLabel('With', { exact: true }).selectOption({ label: 'Sit to stand' })
  const worst = await page.evaluate(() => {
    // the longest time in which the page drew nothing
    const seen = { last: performance.now(), worst: 0 }
    const next = () => {
      const now = performance.now()
      seen.worst = Math.max(seen.worst, now - seen.last)
      seen.last = now
      requestAnimationFrame(next)
    }
    requestAnimationFrame(next)
    ;(globalThis as unknown as { seen: typeof seen }).seen = seen
    return seen.worst
  })
  expect(worst).toBe(0)
  await page.getByRole('button', { name: 'Compose', exact: true }).click()
  const first = page.getByRole('region', { name: 'Class 1' })
  await expect(first).toBeVisible()
  await expect(first.getByText('you wished for it')).toBeVisible()
  await expect(first.getByText(/No class is worth more than \d\.\d % more/)).toBeVisible()
  test.info().annotations.push({
    type: 'longest frame while composing, ms',
    description: await page.evaluate(() => String(Math.round((globalThis as unknown as { seen: { worst: number } }).seen.worst))),
  })
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByText('Stopped by you', { exact: false })).toBeVisible()
  const kept = first.getByRole('checkbox', { name: 'Keep Sit to stand' })
  await kept.check()
  await page.getByRole('button', { name: /^Keep 1, redo the rest/ }).click()
  await expect(page.getByRole('region', { name: 'Class 1' }).getByText('Sit to stand', { exact: true })).toBeVisible()
  await page.getByRole('region', { name: 'Class 1' }).getByRole('button', { name: 'Take this class' }).click()
  await expect(page.getByRole('rowheader').filter({ hasText: 'Sit to stand' })).toHaveCount(1)
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
  const rows = await page.getByRole('rowheader').count()
  expect(rows).toBeGreaterThan(6)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('rowheader')).toHaveCount(0)
  // what was wished stands there the next time
  await page.getByRole('link', { name: 'Compose', exact: true }).click()
  await expect(page.getByLabel('New, at most')).toHaveValue('40')
})

test('a main part is composed in rounds, with few changes of position, and stands so in the plan', async ({ page }) => {
  await newClass(page, 'Round the mill')
  await page.getByRole('button', { name: /^Roster/ }).click()
  for (const name of ['Alba', 'Greta']) await page.getByRole('checkbox', { name: new RegExp(`^${name}`) }).check()
  await page.getByRole('button', { name: /^Keep these/ }).click()
  await page.getByRole('link', { name: 'Compose', exact: true }).click()
  await page.getByLabel('New, at most').fill('40')
  await page.getByLabel('The main part').selectOption({ label: 'in two rounds' })
  await page.getByLabel('Changes between them, at most').fill('2')
  await page.getByRole('button', { name: 'Compose', exact: true }).click()
  const first = page.getByRole('region', { name: 'Class 1' })
  await expect(first.getByText(/No class is worth more than/)).toBeVisible()
  await expect(first.getByText('Circuit · 2 rounds').first()).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).click()
  await first.getByRole('button', { name: 'Take this class' }).click()
  await expect(page.getByText('Circuit · 2 rounds').first()).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
  // what was wished is kept with the class
  await page.getByRole('link', { name: 'Compose', exact: true }).click()
  await expect(page.getByLabel('The main part')).toHaveValue('rounds-2')
  await expect(page.getByLabel('Changes between them, at most')).toHaveValue('2')
})

test('a main part is composed by the clock and to music, and the music comes into the plan with it', async ({ page }) => {
  await newClass(page, 'By the harbour clock')
  await page.getByRole('button', { name: /^Roster/ }).click()
  for (const name of ['Alba', 'Greta']) await page.getByRole('checkbox', { name: new RegExp(`^${name}`) }).check()
  await page.getByRole('button', { name: /^Keep these/ }).click()
  await page.getByRole('link', { name: 'Compose', exact: true }).click()
  await page.getByLabel('New, at most').fill('40')
  await page.getByLabel('The main part').selectOption({ label: 'work and rest by the clock' })
  await page.getByLabel('Work, s').fill('30')
  await page.getByLabel(/^Music/).selectOption({ label: 'Through the reeds, 120 beats a minute' })
  await page.getByRole('button', { name: 'Compose', exact: true }).click()
  await page
    .getByRole('region', { name: 'Class 1' })
    .getByText(/No class is worth more than/)
    .waitFor()
  await page.getByRole('button', { name: 'Stop' }).click()
  await page.getByRole('region', { name: 'Class 1' }).getByRole('button', { name: 'Take this class' }).click()
  await expect(page.getByText(/30 s on, 20 s off/).first()).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
  await page.getByRole('button', { name: 'Class and room' }).click()
  await expect(page.getByText('Through the reeds').first()).toBeVisible()
  // what was wished stands there the next time
  await page.reload()
  await page.getByRole('link', { name: 'Compose', exact: true }).click()
  await expect(page.getByLabel('Work, s')).toHaveValue('30')
  await expect(page.getByLabel(/^Music/)).toHaveValue('120')
})

test('a brief that cannot be kept says which wishes clash, and what the nearest class would be', async ({ page }) => {
  await newClass(page, 'Asked too much')
  await page.getByRole('link', { name: 'Compose', exact: true }).click()
  await page.getByLabel('New, at most').fill('0')
  await page.getByRole('button', { name: 'Compose', exact: true }).click()
  await expect(page.getByText('There is no such class.')).toBeVisible()
  await expect(page.getByText(/These cannot be kept together: .*so few new movements/)).toBeVisible()
  await expect(page.getByText(/allow \d+ more new movements/)).toBeVisible()
})

test('a class without a roster is composed for people like those of another, and what was wished stays', async ({ page }) => {
  await newClass(page, 'New on Fridays')
  await page.getByRole('link', { name: 'Compose', exact: true }).click()
  await expect(page.getByText('Nobody is on the roster yet', { exact: false })).toBeVisible()
  await page.getByLabel('New, at most').fill('40')
  await page.getByLabel('For whom').selectOption({ label: 'people like those of Bones and balance' })
  await expect(page.getByText(/For \d+ people like those of Bones and balance/)).toBeVisible()
  await expect(page.getByLabel('New, at most')).toHaveValue('40')
  await page.getByRole('button', { name: 'Compose', exact: true }).click()
  const first = page.getByRole('region', { name: 'Class 1' })
  await expect(first).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).click()
  // a class that was made for other people does not stay under the words for these
  await page.getByLabel('For whom').selectOption({ label: 'the people of this class' })
  await expect(page.getByText('Nobody is on the roster yet', { exact: false })).toBeVisible()
  await expect(first).toHaveCount(0)
  await page.getByLabel('For whom').selectOption({ label: 'people like those of Bones and balance' })
  await expect(page.getByText(/For \d+ people like those of Bones and balance/)).toBeVisible()
  await page.getByRole('button', { name: 'Compose', exact: true }).click()
  await expect(first).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).click()
  await first.getByRole('button', { name: 'Take this class' }).click()
  await expect(page.getByRole('rowheader').nth(6)).toBeVisible()
  // nobody of the other class came along
  await expect(page.getByRole('button', { name: /^Roster, 0|^Roster$/ })).toBeVisible()
})
