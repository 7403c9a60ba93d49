import { expect, type Page, test } from '@playwright/test'

const register = async (page: Page, given: string, more: () => Promise<void> = async () => {}) => {
  await page.goto('/people/new')
  await page.getByLabel('First name').fill(given)
  await page.getByLabel('Born on').fill('1949-05-02')
  await more()
  await page.getByRole('button', { name: 'Register', exact: true }).click()
  await expect(page).toHaveURL(/\/people\/[0-9a-f-]{36}$/)
}
const addCondition = async (page: Page, name: string) => {
  await page.getByLabel('Add a condition').fill(name)
  await page.getByLabel('Add a condition').press('Enter')
}

test('people, class, verdicts, leading and log, from nothing to the end', async ({ page }) => {
  await register(page, 'Ysolde', async () => {
    await addCondition(page, 'Osteoporosis, no known vertebral fracture')
  })
  await expect(page.getByText('Osteoporosis, no known vertebral fracture').first()).toBeVisible()
  await register(page, 'Ottilie', async () => {
    await page.getByLabel('Born on').fill('1995-05-02')
    await page.getByLabel('Due date').fill('2027-02-10')
  })
  await expect(page.getByText(/Week 28\+\d/)).toBeVisible()

  await page.goto('/classes/new')
  await page.getByLabel('Title').fill('A first class')
  await page.getByLabel(/minutes/i).fill('20')
  await page.getByRole('button', { name: /make/i }).click()
  await expect(page.getByRole('heading', { name: 'A first class' })).toBeVisible()

  await page.getByRole('button', { name: /^Roster/ }).click()
  await page.getByRole('checkbox', { name: 'Ysolde' }).check()
  await page.getByRole('checkbox', { name: 'Ottilie' }).check()
  await page.getByRole('button', { name: /^Keep these/ }).click()
  await expect(page.getByRole('columnheader', { name: 'Ottilie' })).toBeVisible()

  for (const [phase, movement] of [
    [0, 'Standing march'],
    [1, 'Arms crossed'],
    [1, 'Two hands on the chair'],
    [1, 'One leg, hand hovering'],
    [2, 'Seated, small fold'],
  ] as const) {
    await page
      .getByRole('button', { name: /^Add a movement/ })
      .nth(phase)
      .click()
    await page.getByLabel('Search by name, part of the body or what for').fill(movement)
    await page.getByRole('option').filter({ hasText: movement }).first().click()
    await page.getByRole('button', { name: 'Done' }).click()
  }
  await expect(page.locator('.cell')).toHaveCount(10)
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()

  // the one-leg stance asks for a hand from both; the cell says why, with its rule
  await page.locator('[data-cell="3,0"]').click()
  const reasons = page.getByRole('complementary')
  await expect(reasons.getByRole('heading', { name: 'Why' })).toBeVisible()
  await expect(reasons.getByText(/·.*·/).first()).toBeVisible()
  await page.keyboard.press('Escape')

  await page.reload()
  await expect(page.locator('.cell')).toHaveCount(10)

  await page.getByRole('button', { name: 'Lead this class' }).click()
  await page.getByRole('button', { name: 'Start' }).click()
  await expect(page.getByRole('timer')).toContainText(/0:0[1-9]/)
  await page.getByRole('button', { name: 'Pause' }).click()
  const paused = await page.getByRole('timer').textContent()
  await page.waitForTimeout(1200)
  expect(await page.getByRole('timer').textContent()).toBe(paused)
  await page.keyboard.press('PageDown')
  await page.keyboard.press('PageUp')
  await page.getByRole('button', { name: 'Go on' }).click()

  // a reload in the middle loses nothing
  await page.reload()
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible()
  await page.getByRole('button', { name: 'Somebody stops' }).click()
  await page.getByRole('button', { name: 'unusual fatigue' }).click()
  await page.getByLabel('Who').selectOption({ label: 'Ysolde' })
  await page.getByRole('button', { name: 'Note it with the time' }).click()
  await page.getByRole('button', { name: 'End', exact: true }).click()
  await page.getByRole('link', { name: 'Write the log' }).click()

  await expect(page.getByText('unusual fatigue')).toBeVisible()
  await page.getByLabel('Ysolde, Effort').selectOption('4')
  await page.getByLabel('Ysolde, Pain during').selectOption('2')
  await page.getByLabel('What to change next time').fill('Chairs nearer to the wall')
  await page.getByRole('button', { name: 'Save the log' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Ysolde, Effort')).toHaveValue('4')
  await page.goto('/log')
  await expect(page.getByRole('link', { name: 'A first class' })).toBeVisible()
})

test('a form that is refused keeps what was typed and says field by field what is wrong', async ({ page }) => {
  await page.goto('/people/new')
  await page.getByLabel('Family name').fill('Typed')
  await page.getByLabel('Stature, cm').fill('900')
  await page.getByRole('button', { name: 'Register', exact: true }).click()
  await expect(page.getByText('a first name is needed')).toBeVisible()
  await expect(page.getByText(/calendar day/)).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: 'Not saved' })).toContainText('Nothing that you typed is lost')
  await expect(page.getByLabel('Family name')).toHaveValue('Typed')
  await page.getByLabel('First name').fill('Late')
  await page.getByLabel('Stature, cm').fill('')
  await page.getByLabel('Born on').fill('2099-01-01')
  await page.getByRole('button', { name: 'Register', exact: true }).click()
  await expect(page.getByText('this day lies ahead')).toBeVisible()
  await page.goto('/people')
  await expect(page.getByText('Typed')).toHaveCount(0)
})

test('undo and redo take an edit back and bring it again', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Long backs', exact: true }).click()
  const items = page.getByRole('rowheader').getByRole('button')
  await expect(items.first()).toBeVisible()
  const before = await items.count()
  await items.first().click()
  await page.getByRole('button', { name: 'Take out' }).click()
  await expect(items).toHaveCount(before - 1)
  await page.keyboard.press('Control+z')
  await expect(items).toHaveCount(before)
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(items).toHaveCount(before - 1)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(items).toHaveCount(before)
})

test('a class that runs over loses the sets it names at one tap, and gets them back at one', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Bones and balance', exact: true }).click()
  await page.getByRole('button', { name: 'Class and room' }).click()
  await page.getByLabel('Minutes promised').fill('38')
  await page.keyboard.press('Escape')
  const over = page.getByText('longer than promised. It would fit without', { exact: false })
  await expect(over).toBeVisible()
  await page.getByRole('button', { name: 'Take them out' }).click()
  await expect(over).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(over).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(over).toHaveCount(0)
})

test('two tabs: the second save is refused, both versions are shown, nothing is lost', async ({ page, context }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Bones and balance', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Lead this class' })).toBeVisible()
  const other = await context.newPage()
  await other.goto(page.url())
  const takeOut = async (tab: Page, nth: number) => {
    await tab.getByRole('rowheader').getByRole('button').nth(nth).click()
    await tab.getByRole('button', { name: 'Take out' }).click()
  }
  const answered = page.waitForResponse((response) => response.request().method() === 'POST')
  await takeOut(page, 0)
  await answered
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
  await takeOut(other, 1)
  const sheet = other.getByRole('dialog')
  await expect(sheet.getByText('changed in another window', { exact: false }).first()).toBeVisible()
  const mine = await sheet.getByRole('listitem').count()
  expect(mine).toBeGreaterThan(8)
  await sheet.getByRole('button', { name: 'Keep mine' }).click()
  await expect(other.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
  await page.reload()
  const kept = await other.getByRole('rowheader').getByRole('button').count()
  await expect(page.getByRole('rowheader').getByRole('button')).toHaveCount(kept)
})

test('what was changed last is kept when one leaves at once, and when one leads at once', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Bones and balance', exact: true }).click()
  const rows = page.getByRole('rowheader').getByRole('button')
  await expect(rows.first()).toBeVisible()
  const before = await rows.count()
  await rows.first().click()
  await page.getByRole('button', { name: 'Take out' }).click()
  await page.getByRole('link', { name: 'People', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'People' })).toBeVisible()
  await page.getByRole('link', { name: 'Today', exact: true }).click()
  await page.getByRole('link', { name: 'Bones and balance', exact: true }).click()
  await expect(rows).toHaveCount(before - 1)

  // two quick changes of one dose, and off
  await rows.first().click()
  const sheet = page.getByRole('complementary')
  await sheet.getByLabel('Rest, s').fill('35')
  await sheet.getByLabel('Effort, 0–10').fill('2.5')
  await page.keyboard.press('Escape')
  // back where it was opened
  await expect(rows.first()).toBeFocused()
  await page.getByRole('button', { name: 'Lead this class' }).click()
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible()
  await page.goto('/')
  await page.getByRole('link', { name: 'Bones and balance', exact: true }).click()
  await rows.first().click()
  await expect(sheet.getByLabel('Rest, s')).toHaveValue('35')
  await expect(sheet.getByLabel('Effort, 0–10')).toHaveValue('2.5')
})

test('the grid is walked with the arrow keys and opened with Enter', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Boathouse chairs', exact: true }).click()
  await page.locator('[data-cell="0,0"]').focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowRight')
  await expect(page.locator('[data-cell="1,1"]')).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('complementary').getByRole('heading', { level: 2 })).toContainText(':')
  await page.keyboard.press('Escape')
  await page.getByRole('slider', { name: 'Moment of the class' }).focus()
  for (let press = 0; press < 4; press++) await page.keyboard.press('ArrowRight')
  await expect(page.getByText(/^0:20: /)).toBeVisible()
})

test('the room decides what is offered: no floor, no floor versions', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Lantern evening, before and after birth', exact: true }).click()
  await page.getByRole('button', { name: 'Class and room' }).click()
  await page.getByLabel('Minutes promised').fill('3')
  await expect(page.getByText('5 to 120')).toBeVisible()
  await page.getByLabel('Minutes promised').fill('45')
  await page.getByLabel('floor work is possible').uncheck()
  await page.keyboard.press('Escape')
  await expect(page.getByText(/of 45:00/)).toBeVisible()
  await expect(page.getByText('this room allows no floor work')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('this room allows no floor work')).toHaveCount(0)
})
