import { expect } from '@playwright/test'
import { test } from './hall'

test('search narrows as one types, and what a keypress takes is noted', async ({ page }) => {
  await page.goto('/movements')
  // the whole library, then less of it
  await expect(page.getByRole('status')).toContainText(/^\d{3} movements/)
  await page.getByLabel('Search').fill('squ')
  await expect(page.getByRole('status')).toContainText(/^\d{1,2} movements/)
  // the worker is warm now
  const taken: number[] = []
  for (const word of ['hip', 'hip h', 'squat', 'squat h']) {
    const before = await page.getByRole('status').textContent()
    taken.push(
      await page.evaluate(async (text) => {
        const input = document.querySelector<HTMLInputElement>('main input.input')!
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!
        const list = document.querySelector('main ul')!
        const begun = performance.now()
        const changed = new Promise<number>((resolve) => {
          new MutationObserver((_, observer) => {
            observer.disconnect()
            resolve(performance.now() - begun)
          }).observe(list, { childList: true, subtree: true, attributes: true })
          setTimeout(() => resolve(0), 600)
        })
        set.call(input, text)
        input.dispatchEvent(new Event('input', { bubbles: true }))
        return changed
      }, word),
    )
    expect(before).not.toBeNull()
  }
  test.info().annotations.push({ type: 'keypress to changed list, ms', description: taken.map((ms) => ms.toFixed(0)).join(', ') })
  await expect(page.getByRole('link', { name: /Squat/ }).first()).toBeVisible()
})

test('what was searched is there again after Back, and a step goes from its ladder into a class', async ({ page }) => {
  await page.goto('/movements')
  await page.getByLabel('Search').fill('deadlift')
  await expect(page).toHaveURL(/words=deadlift/)
  await page.getByLabel('For the class').selectOption({ label: 'Boathouse chairs' })
  await expect(page.getByText(/fits \d+ of 12/).first()).toBeVisible()
  await expect(page.getByLabel('Search')).toHaveValue('deadlift')
  await page.getByLabel('Search').fill('sqaut')
  await page
    .getByRole('link', { name: /^Squat/ })
    .first()
    .click()
  await expect(page.getByRole('heading', { level: 1, name: 'Squat' })).toBeVisible()
  await expect(page.getByText(/^fits \d+ of 12$/)).toHaveCount(6)
  await page.goBack()
  await expect(page.getByLabel('Search')).toHaveValue('sqaut')
  await expect(page.getByRole('link', { name: /^Squat/ }).first()).toBeVisible()
  await page.goForward()
  await page.getByRole('button', { name: 'Half squat, arms forward' }).click()
  await page.getByRole('link', { name: 'Put it into the class' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Boathouse chairs' })).toBeVisible()
  await expect(page.getByRole('rowheader').filter({ hasText: 'Half squat, arms forward' })).toHaveCount(1)
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
  // the address does not add it again
  await expect(page).toHaveURL(/classes\/[0-9a-f-]+$/)
  await page.reload()
  await expect(page.getByRole('rowheader').filter({ hasText: 'Half squat, arms forward' })).toHaveCount(1)
  await page.getByRole('rowheader').filter({ hasText: 'Half squat, arms forward' }).getByRole('button').click()
  await page.getByRole('button', { name: 'Take out' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
})

test('a search that finds nothing says whether a filter or a word is to blame', async ({ page }) => {
  await page.goto('/movements?place=bed')
  await page.getByLabel('Search').fill('grapevine')
  await expect(page.getByText(/By the words alone there (is one|are \d+)/)).toBeVisible()
  await page.getByRole('button', { name: 'Take the filters away' }).click()
  await expect(page.getByRole('link', { name: /^Grapevine/ })).toBeVisible()
  await page.getByLabel('Search').fill('zzzzzz')
  await expect(page.getByText('Try another word for it')).toBeVisible()
})

test('filters: place, conditions, and who of a class', async ({ page }) => {
  await page.goto('/movements')
  const all = (await page.getByRole('status').textContent())!
  await page
    .locator('label', { hasText: /^Place/ })
    .locator('select')
    .selectOption('chair')
  await page
    .locator('label', { hasText: /^Safe with/ })
    .locator('select')
    .selectOption({ label: 'Wheelchair user / cannot stand' })
  await expect(page.getByText('strictest stage')).toBeVisible()
  await expect(page.getByRole('status')).not.toHaveText(all)
  await page
    .locator('label', { hasText: /^For the class/ })
    .locator('select')
    .selectOption({ label: 'Boathouse chairs' })
  await expect(page.getByText(/fits \d+ of 12/).first()).toBeVisible()
})

test('a ladder: choosing a step, load and height change the moments', async ({ page }) => {
  await page.goto('/movements/lateral-raise')
  await page.getByRole('button', { name: 'Standing, medium weights' }).click()
  const shoulder = page.locator('dt', { hasText: 'shoulder' }).locator('xpath=following-sibling::dd')
  const before = Number(await shoulder.textContent())
  await page.getByRole('slider', { name: 'Load' }).focus()
  for (let press = 0; press < 4; press++) await page.keyboard.press('ArrowRight')
  await expect.poll(async () => Number(await shoulder.textContent())).toBeGreaterThan(before + 5)
  await expect(page.getByText('Against the step below')).toBeVisible()
})

test('a movement of one’s own is kept, found, and judged like any other', async ({ page }) => {
  await page.goto('/movements/squat')
  await page.getByRole('button', { name: 'Half squat, arms forward' }).click()
  await page.getByRole('link', { name: 'Make my own from this' }).click()
  await page.getByLabel('Name of the movement').fill('')
  await page.getByRole('button', { name: 'Keep this movement' }).click()
  await expect(page.getByText('a name is needed')).toBeVisible()
  await page.getByLabel('Name of the movement').fill('Jetty squat')
  await page.getByRole('slider', { name: 'rounding, pose 2' }).focus()
  for (let press = 0; press < 40; press++) await page.keyboard.press('ArrowRight')
  await expect(page.getByText('Rounding of the back: 40°')).toBeVisible()
  await page.getByRole('button', { name: 'Keep this movement' }).click()
  await expect(page.getByRole('heading', { name: 'Jetty squat' })).toBeVisible()

  await page.goto('/')
  await page.getByRole('link', { name: 'Bones and balance', exact: true }).click()
  await page
    .getByRole('button', { name: /^Add a movement/ })
    .nth(1)
    .click()
  await page.getByLabel('Search by name, part of the body or what for').fill('Jetty')
  await page.getByRole('option').filter({ hasText: 'Jetty squat' }).click()
  const cells = page.getByRole('button', { name: /, Jetty squat: / })
  await expect(cells.first()).toBeVisible()
  // osteoporosis: rounding over 20 under load asks for a change or another movement
  await expect(page.getByRole('button', { name: /, Jetty squat: (adjust|swap|sit out)/ }).first()).toBeVisible()
})
