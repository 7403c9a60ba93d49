import { expect, type Page } from '@playwright/test'
import { test } from './hall'
import { newClass, register } from './register'

/** A version from the library, at the end of the main part. */
async function added(page: Page, ...searches: string[]) {
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const field = page.getByRole('combobox')
  for (const words of searches) {
    await field.fill(words)
    await expect(page.getByRole('option').first()).toBeVisible()
    await field.press('Enter')
    await expect(page.getByRole('status').filter({ hasText: /^Added/ })).toBeVisible()
  }
  await page.getByRole('button', { name: 'Done' }).click()
}
const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()

test('levels of one movement stand side by side, and a set of its own version is a row that is judged', async ({ page }) => {
  await newClass(page, 'Levels at the weir')
  await added(page, 'calf stretch', 'squat')
  const row = page.getByRole('row').filter({ hasText: 'Squat' })
  await row.getByRole('rowheader').getByRole('button').click()
  await page.getByRole('button', { name: /^Offer levels/ }).click()
  await expect(page.getByLabel('Level A')).toBeVisible()
  await expect(page.getByRole('group', { name: /^Levels/ })).toContainText('B')
  await page.getByRole('button', { name: 'One version only' }).click()
  await page.getByLabel('Sets', { exact: true }).fill('2')
  await page.getByRole('button', { name: 'Let the sets differ' }).click()
  const versions = page.getByLabel(/^Version/)
  const own = await versions.last().inputValue()
  const other = (
    await versions
      .last()
      .locator('option')
      .evaluateAll((all) => all.map((one) => (one as HTMLOptionElement).value))
  ).find((one) => one !== own)!
  await versions.last().selectOption(other)
  await expect(page.getByRole('row').filter({ hasText: 'set 2:' })).toBeVisible()
  await expect(page.getByRole('row').filter({ hasText: 'set 1:' })).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(page.getByRole('row').filter({ hasText: 'set 2:' })).toBeVisible()
})

test('several rows are taken with Shift, given one dose, and taken out as one step', async ({ page }) => {
  await newClass(page, 'Many at once')
  await added(page, 'squat', 'heel raise', 'biceps curl')
  const rows = page.locator('tr[data-item]')
  await expect(rows).toHaveCount(3)
  await rows.nth(0).getByRole('rowheader').getByRole('button').click()
  await rows
    .nth(2)
    .getByRole('rowheader')
    .getByRole('button')
    .click({ modifiers: ['Shift'] })
  await expect(page.getByRole('heading', { name: '3 movements' })).toBeVisible()
  await page.getByLabel('For each of them, as it is said').fill('3 sets of 9, 25 rest')
  await page.getByRole('button', { name: 'Give it to all' }).click()
  await expect(rows.filter({ hasText: '3 × 9' })).toHaveCount(3)
  await page.getByRole('button', { name: 'Take all of them out' }).click()
  await expect(rows).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(rows).toHaveCount(3)
})

test('the end of an item is drawn along the stair by mouse and by key; the stair is looked at nearer', async ({ page }) => {
  await newClass(page, 'Drawn longer')
  await added(page, 'squat')
  const row = page.locator('tr[data-item]').first()
  await row.getByRole('rowheader').getByRole('button').click()
  const reps = page.getByLabel('Repetitions')
  const before = Number(await reps.inputValue())
  const edge = page.getByRole('slider', { name: /^End of Squat/ })
  await edge.press('ArrowRight')
  await expect(reps).not.toHaveValue(String(before))
  const longer = Number(await reps.inputValue())
  expect(longer).toBeGreaterThan(before)
  const box = (await edge.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + 30)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + 30, { steps: 4 })
  await page.mouse.up()
  await expect.poll(async () => Number(await reps.inputValue())).toBeGreaterThan(longer)
  await page.getByRole('button', { name: 'Nearer' }).click()
  await expect(page.getByRole('button', { name: 'Further away' })).toBeVisible()
})

test('a block is dragged to where another is', async ({ page }) => {
  await newClass(page, 'Blocks in order')
  await added(page, 'squat')
  await page.getByRole('button', { name: /^Main/ }).first().click()
  await page.getByRole('region', { name: /block/i }).getByRole('button', { name: 'Circuit' }).click()
  await page.getByLabel('Title', { exact: true }).fill('Second')
  const head = page.getByRole('button', { name: /^Second/ })
  await expect(head).toBeVisible()
  const target = (await page.locator('tr[data-item]').first().boundingBox())!
  const from = (await head.boundingBox())!
  await page.mouse.move(from.x + 20, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(from.x + 24, from.y - 20, { steps: 4 })
  await page.mouse.move(target.x + 60, target.y + target.height / 2, { steps: 6 })
  await page.mouse.up()
  // it now stands over the movement
  await expect.poll(async () => (await head.boundingBox())!.y).toBeLessThan((await page.locator('tr[data-item]').first().boundingBox())!.y)
})

test('what somebody lifts is kept with them and shown in the class', async ({ page }) => {
  await register(page, 'Liftina')
  await newClass(page, 'Own weights')
  await page.getByRole('button', { name: /^Roster/ }).click()
  await page.getByRole('checkbox', { name: 'Liftina' }).check()
  await page.getByRole('button', { name: /^Keep these/ }).click()
  await expect(page.getByRole('columnheader', { name: 'Liftina' })).toBeVisible()
  await added(page, 'band row')
  await page.getByRole('button', { name: /^Liftina, / }).click()
  await page.getByLabel('Their own, kg').fill('0.5')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText(/lifts 0.5 kg in this movement/)).toBeVisible()
})

test('a house of pounds says and takes pounds', async ({ page }) => {
  const masses = async (label: string) => {
    await page.goto('/settings')
    await page.getByLabel('Masses').selectOption({ label })
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible()
  }
  await masses('in pounds')
  await register(page, 'Poundella')
  await newClass(page, 'Pounds')
  await page.getByRole('button', { name: /^Roster/ }).click()
  await page.getByRole('checkbox', { name: 'Poundella' }).check()
  await page.getByRole('button', { name: /^Keep these/ }).click()
  await added(page, 'hammer curl, sitting tall, light weights')
  await expect(page.locator('tr[data-item]').first()).toContainText('2 lb')
  await page
    .getByRole('button', { name: /^Poundella, / })
    .first()
    .click()
  await page.getByLabel('Their own, lb').fill('1')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText(/lifts 1 lb in this movement/)).toBeVisible()
  await masses('in kilograms')
})

const XSPF = `<?xml version="1.0" encoding="UTF-8"?>
<playlist version="1" xmlns="http://xspf.org/ns/0/"><trackList>
<track><title>Weir song</title><creator>Tarnbeck band</creator><duration>90000</duration><meta rel="urn:x:bpm">104</meta></track>
<track><location>file:///music/Slow%20Rain.flac</location></track>
</trackList></playlist>`

test('a playlist file is laid on blocks; a track without a length asks for one; what is no playlist is refused', async ({ page }) => {
  await newClass(page, 'With music')
  await added(page, 'march')
  await page.getByRole('button', { name: 'Class and room' }).click()
  const file = page.getByLabel('Open a playlist file')
  await file.setInputFiles({ name: 'broken.xspf', mimeType: 'application/xspf+xml', buffer: Buffer.from('<playlist><track>') })
  await expect(page.getByRole('alert').filter({ hasText: 'broken.xspf' })).toContainText('XML that is well formed')
  await file.setInputFiles({ name: 'list.xspf', mimeType: 'application/xspf+xml', buffer: Buffer.from(XSPF) })
  await expect(page.getByText('Tarnbeck band: Weir song')).toBeVisible()
  await page.getByLabel('Length, m:ss').fill('3:20')
  await page.getByLabel('Length, m:ss').blur()
  await expect(page.getByRole('listitem').filter({ hasText: 'Slow Rain' })).toContainText('3:20')
  await page.getByRole('button', { name: /Harbour steps/ }).click()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: /^Main/ }).first().click()
  await page.getByRole('region', { name: 'Its blocks' }).getByRole('button').click()
  await page.getByLabel('Music begins with').selectOption({ label: 'Tarnbeck band: Weir song, 104' })
  await saved(page)
  await page.getByRole('button', { name: 'Class and room' }).click()
  await expect(page.getByRole('list', { name: 'What plays' })).toContainText('Tarnbeck band: Weir song')
})

test('the rules of the house are kept, and the cue sheet speaks by them', async ({ page }) => {
  await page.goto('/settings')
  await page.getByLabel('How deep a squat goes').selectOption('half')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
  await newClass(page, 'Half way')
  await added(page, 'squat')
  await saved(page)
  await page.getByRole('link', { name: 'Cue sheet' }).click()
  await expect(page.getByText('Half way down is enough.')).toBeVisible()
  await expect(page.getByRole('row').filter({ hasText: 'Squat' })).toContainText(/facing them|side on/)
  await page.goto('/settings')
  await page.getByLabel('How deep a squat goes').selectOption('chair')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
})

test('rows far out of sight have their people again before they are seen, and a cell keeps the focus wherever it is scrolled', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Long backs', exact: true }).first().click()
  await page.setViewportSize({ width: 1280, height: 420 })
  const rows = page.locator('tr[data-item]')
  await expect(rows.first()).toBeVisible()
  const people = (await page.getByRole('columnheader').count()) - 3
  expect(people).toBeGreaterThan(2)
  const cells = (row: typeof rows) => row.locator('button.cell')
  await expect(cells(rows.first())).toHaveCount(people)
  await expect(cells(rows.last())).toHaveCount(0)
  await cells(rows.first()).first().focus()
  await rows.last().scrollIntoViewIfNeeded()
  await expect(cells(rows.last())).toHaveCount(people)
  await expect(cells(rows.first()).first()).toBeFocused()
  // and by the keys alone
  for (let row = 1; row < (await rows.count()); row++) await page.keyboard.press('ArrowDown')
  await expect(cells(rows.last()).first()).toBeFocused()
})
