import { expect } from '@playwright/test'
import { test } from './hall'
import { fillHealthForm } from './healthForm'
import { register } from './register'

test('the health questions: one a page, what they come to binds at once and reaches the record when confirmed', async ({ page }) => {
  test.slow()
  const id = await register(page, 'Quilla')
  await page.getByRole('link', { name: /Health questions, never answered/ }).click()
  const seen = await fillHealthForm(page, {
    G0: { keys: ['bones', 'joint'] },
    G7b: { keys: ['osteoporosis'] },
    G9: { keys: ['once'] },
    G9b: { keys: ['trip'] },
    G13b: { skip: true },
    G16: {
      keys: ['knee'],
      behind: async () => {
        await page.getByRole('button', { name: 'Left', exact: true }).click()
        await page.getByLabel('Year').fill('2019')
        await page.getByRole('button', { name: '2', exact: true }).click()
      },
    },
  })
  // 16 for everybody, two lines ticked open three, a fall two
  expect(seen).toEqual(expect.arrayContaining(['G0', 'G7', 'G7b', 'G16', 'G9b', 'G9c']))
  expect(seen).not.toContain('G15')
  await expect(page.getByText('1 left out')).toBeVisible()
  await page.getByRole('button', { name: 'Hand it in' }).click()
  await page.getByRole('button', { name: 'To what it comes to' }).click()
  await expect(page.getByText('May take part, with limits until the answers are gone through')).toBeVisible()
  await expect(page.getByText('Knee replacement: left; since 31 December 2019; Pain from it today: 2')).toBeVisible()
  // nothing of it is in the record before it is confirmed, and its limits hold all the same
  await page.goto(`/people/${id}`)
  await expect(page.getByText('Some answers still have to be gone through with you.', { exact: false }).first()).toBeVisible()
  await page.goto(`/people/${id}/screening`)
  await page.getByRole('button', { name: 'Confirm into the record' }).click()
  await expect(page.getByText('In the record now')).toBeVisible()
  await page.goto(`/people/${id}`)
  await expect(
    page.locator('input[name="conditions.2.since"], input[name="conditions.1.since"], input[name="conditions.0.since"]').first(),
  ).toBeVisible()
  await expect(page.getByText('Osteoporosis, no known vertebral fracture').first()).toBeVisible()
  // a question that was left out sets no ability
  await expect(page.getByLabel('Floor and up again')).toHaveValue('')
})

test('an emergency answer interrupts at once, says what to do, and keeps the class closed', async ({ page }) => {
  const id = await register(page, 'Ruskin')
  await page.goto('/settings')
  await page.getByLabel('Emergency', { exact: true }).fill('112 00')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
  await page.goto(`/people/${id}/screening`)
  const seen = await fillHealthForm(page, { G2: { keys: ['now'] } })
  expect(seen.at(-1)).toBe('G2')
  await expect(page.getByRole('alert').filter({ hasText: 'This needs help now' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Ring 112 00' })).toBeVisible()
  await expect(page.getByText('Your answer is kept; the leader sees it before the next class.')).toBeVisible()
  await page.goto(`/people/${id}`)
  await expect(page.getByText('One of your answers needs help now.', { exact: false })).toBeVisible()
})

test('private questions come only after a low mood, each alone, and leave no trace', async ({ page, request }) => {
  test.slow()
  const id = await register(page, 'Selma', '1994-02-03')
  await page.goto(`/people/${id}/screening`)
  const seen = await fillHealthForm(page, {
    G23: { keys: ['pregnant'] },
    W1: { keys: ['one'], behind: () => page.getByLabel('Whole weeks').fill('20') },
    W13: { keys: ['yes'] },
    P1: { keys: ['thoughts'] },
  })
  expect(seen.at(-1)).toBe('P1')
  await page.getByRole('button', { name: 'Hand it in' }).click()
  await expect(page.getByText('Handed in.')).toBeVisible()
  const held = JSON.stringify(await (await request.get(`/api/people/${id}/export`)).json())
  expect(held).not.toContain('P1')
  expect(held).not.toContain('thoughts')
})

test('a condition that the list does not have is written in words and limits until a clinician has spoken', async ({ page }) => {
  await register(page, 'Tomas')
  await page.getByRole('button', { name: 'A condition that is not in the list' }).click()
  await page.getByLabel('Condition, in words').fill('a rare muscle disease')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
  await page.goto('/people')
  await page.getByLabel(/^Find by name/).fill('Tomas')
  await expect(page.locator('tbody tr').first()).toContainText('a rare muscle disease')
})
