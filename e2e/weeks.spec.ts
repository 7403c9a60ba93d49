import { readFileSync } from 'node:fs'
import { expect, type Page } from '@playwright/test'
import ICAL from 'ical.js'
import { test } from './hall'
import { newClass, register } from './register'

test('the weeks ahead of a class say from when on it is otherwise for whom and why, and lead to that day', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Lantern evening, before and after birth', exact: true }).click()
  await page.getByRole('link', { name: 'Weeks ahead' }).click()
  await expect(page.getByRole('heading', { level: 1, name: /the weeks ahead$/ })).toBeVisible()
  // somebody who enters the third trimester, with what that changes and what is to be asked
  const turns = page.getByRole('listitem').filter({ has: page.getByText('Flat on the back: not at all') })
  await expect(turns.last()).toContainText('Nadine, 28 weeks pregnant')
  const day = page
    .locator('main > ol > li, main ol > li')
    .filter({ has: page.getByText('28 weeks pregnant') })
    .first()
  await expect(day).toContainText('Nadine, the health questions are to be answered again')
  // who is not let in as it is, is not passed over in silence
  await expect(page.getByText('Nothing is said ahead of Petra')).toBeVisible()
  await day.getByRole('link').first().click()
  await expect(page).toHaveURL(/\?day=\d{4}-\d\d-\d\d$/)
  await expect(page.getByRole('heading', { level: 1, name: 'Lantern evening, before and after birth' })).toBeVisible()
})

test('a series gives each day the plan of its turn, and what is not held comes the next time', async ({ page }) => {
  await newClass(page, 'Weir in turn')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const field = page.getByRole('combobox')
  const add = async (words: string) => {
    await field.fill(words)
    await expect(page.getByRole('option').first()).toBeVisible()
    await field.press('Enter')
    await expect(page.getByRole('status').filter({ hasText: /^Added/ })).toBeVisible()
  }
  await add('march')
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
  await page.getByRole('button', { name: 'Class and room' }).click()
  await page.getByLabel('Keep the plan as it is now, as').fill('March alone')
  await page.getByRole('button', { name: 'Keep this version' }).click()
  await expect(page.getByText('March alone')).toBeVisible()
  await page.keyboard.press('Escape')
  // the plan of the class goes on without it
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await add('heel raise')
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
  await page.getByRole('link', { name: 'Series', exact: true }).click()
  await page.getByLabel('Weeks', { exact: true }).fill('4')
  await page.getByLabel('What it is about, as the group is told').fill('Calves')
  await page.getByRole('button', { name: 'Another plan in turn' }).click()
  await page.locator('form ol select').nth(1).selectOption('March alone')
  await page.getByLabel('A gentler week').selectOption('2')
  await page.getByRole('button', { name: 'Begin the series' }).click()
  const sessions = page.locator('main ol > li').filter({ hasText: /Week \d of 4/ })
  await expect(sessions).toHaveCount(4)
  await expect(sessions.nth(0)).toContainText('Calves')
  await expect(sessions.nth(0)).toContainText('New:')
  await expect(sessions.nth(1)).toContainText('Week 2 of 4, gentler')
  await expect(sessions.nth(1)).toContainText('March alone')
  const second = await sessions.nth(1).getByRole('link').first().textContent()
  // the second is not held: its plan comes on the day after it
  await sessions.nth(1).getByRole('button', { name: 'Not held' }).click()
  await expect(page.getByText('Not held:')).toBeVisible()
  await expect(sessions.nth(1)).not.toContainText(second!)
  await expect(sessions.nth(1)).toContainText('March alone')
  await expect(sessions).toHaveCount(4)
  await page.getByRole('button', { name: 'It is held after all' }).click()
  await expect(sessions.nth(1)).toContainText(second!)
  // the sheet of that day is that plan's, and says where it stands
  await sessions.nth(1).getByRole('link', { name: 'Cue sheet' }).click()
  await expect(page.getByText('week 2 of 4, a gentler week')).toBeVisible()
  await expect(page.getByRole('cell', { name: /March/ }).first()).toBeVisible()
  await expect(page.getByText(/heel raise/i)).toHaveCount(0)
  await page.goto('/')
  await expect(page.getByText('Week 1 of 4, Calves')).toBeVisible()
})

test('classes go into a calendar that another program reads, and nobody is named in it', async ({ page, request }) => {
  await page.goto('/')
  const link = page.getByRole('link', { name: 'For a calendar' })
  await expect(link).toBeVisible()
  const answer = await request.get((await link.getAttribute('href'))!)
  expect(answer.headers()['content-type']).toContain('text/calendar')
  const text = await answer.text()
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one))
  const chairs = events.find(({ summary }) => summary === 'Boathouse chairs')!
  expect(chairs.startDate.toString()).toMatch(/T10:00:00Z?$/)
  expect(chairs.isRecurring()).toBe(true)
  expect(text).not.toMatch(/Greta|Kestrel|Petra/)
})

/** Pages of a document as the browser prints it on A4. */
const pagesOf = async (page: Page): Promise<number> => {
  const pdf = await page.pdf({ format: 'A4', margin: { top: '12mm', bottom: '12mm', left: '14mm', right: '14mm' } })
  return pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0
}

test('a letter asks a clinician in clinical words, and a history for one prints on a page', async ({ page }) => {
  await page.goto('/people')
  await page.getByRole('link', { name: 'Hartley' }).first().click()
  await expect(page.getByRole('heading', { level: 1, name: /^Hartley/ })).toBeVisible()
  await page.getByRole('link', { name: 'Letter to a clinician' }).click()
  await expect(page.getByRole('heading', { level: 1, name: /^May Hartley .* take part\?$/ })).toBeVisible()
  await expect(page.getByText(/^As I have it from Hartley: Chronic obstructive lung disease/)).toBeVisible()
  const asks = page.getByRole('definition')
  await expect(asks.filter({ hasText: /^Knee flexion, weight bearing: up to \d+° \(/ })).toBeVisible()
  await expect(asks.filter({ hasText: /^Perceived exertion \(0 to 10\): up to \d/ })).toBeVisible()
  await expect(page.getByText('What is done otherwise already')).toBeVisible()
  expect(await pagesOf(page)).toBeLessThanOrEqual(2)
  await page.getByRole('link', { name: 'To the record' }).click()
  await page.getByRole('link', { name: 'History' }).click()
  await expect(page.getByRole('heading', { level: 2, name: 'How hard it was' })).toBeVisible()
  await expect(page.locator('.recharts-surface').first()).toBeVisible()
  expect(await pagesOf(page)).toBe(1)
})

test('who is ready says why, offers one step at a time, and keeps the answer', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Long backs', exact: true }).click()
  await page.getByRole('link', { name: 'Who is ready' }).click()
  await expect(page.getByRole('region', { name: 'Less' }).getByRole('listitem').filter({ hasText: 'Thora' }).first()).toContainText('Lost form on')
  const wilf = page.getByRole('region', { name: 'Ready for more' }).locator('li').filter({ hasText: 'Wilf' }).first()
  await expect(wilf).toContainText(/Could have done two more on \d+ \w+ and \d+ \w+/)
  await expect(wilf.getByText('Sit to stand: Holding weights.')).toBeVisible()
  await wilf.getByRole('button', { name: 'Sit to stand: this one' }).click()
  await expect(wilf).toContainText('Goes up next: sit to stand')
  await expect(wilf).toContainText('The rest waits until it was done')
  await expect(wilf.getByRole('button')).toHaveCount(0)
  await page.reload()
  await expect(wilf).toContainText('Goes up next: sit to stand')
})

test('a stand-in gets who takes what and what to do, on two pages, with names or without, and no condition', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Boathouse chairs', exact: true }).click()
  await page.getByRole('link', { name: 'For a stand-in' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Boathouse chairs, for whoever stands in' })).toBeVisible()
  const article = page.getByRole('article')
  await expect(article).toContainText('Only watching today, whatever they say: Kestrel')
  await expect(article.getByRole('listitem').filter({ hasText: 'Sit to stand' })).toContainText('Press the feet, stay seated: Fenwick')
  await expect(article).toContainText(/leave out 1 of the 3 stretches in “A little breath”/)
  await expect(article).toContainText('Porch, left of the green door')
  await expect(article.getByText('Sit them down, leaning back, knees bent.', { exact: false })).toBeVisible()
  // what to do when somebody stops names conditions; what is said of people does not
  const [people] = (await article.innerText()).split('When somebody stops')
  expect(people).not.toMatch(/arthritis|osteopor|lung|heart|diabet|pregnan|replacement|dementia/i)
  expect(await pagesOf(page)).toBeLessThanOrEqual(2)
  await page.getByRole('link', { name: 'Without names' }).click()
  await expect(page.getByRole('link', { name: 'With names' })).toBeVisible()
  await expect(article).toContainText('Press the feet, stay seated: one person')
  expect(await article.innerText()).not.toMatch(/Fenwick|Kestrel|Alba/)
})

test('a sheet for home has figures, doses, days and when to stop, of what may be done alone, in large print', async ({ page }) => {
  await page.goto('/people')
  await page.getByRole('link', { name: 'Greta' }).first().click()
  await expect(page.getByRole('heading', { level: 1, name: /^Greta/ })).toBeVisible()
  await page.getByRole('link', { name: 'Home sheet' }).click()
  const article = page.getByRole('article')
  await expect(article.getByRole('heading', { level: 1, name: /^For Greta .*, at home$/ })).toBeVisible()
  await expect(article.getByRole('img')).toHaveCount(5)
  await expect(article.getByText(/^(For \d+ seconds|\d+ times)/).first()).toBeVisible()
  await expect(article.getByText('pain or pressure in the chest', { exact: false })).toBeVisible()
  await page.getByRole('checkbox', { name: /^Head turns/ }).check()
  await page.getByLabel('Black and white').check()
  await page.getByRole('button', { name: 'Show it so' }).click()
  await expect(article.getByRole('heading', { level: 2, name: /Head turns$/ })).toBeVisible()
  await expect(article).toHaveAttribute('data-figures', 'black')
  await page.emulateMedia({ media: 'print' })
  const size = await article
    .getByText(/^\d+ times|^For \d+ seconds/)
    .first()
    .evaluate((one) => Number.parseFloat(getComputedStyle(one).fontSize))
  // points of print are 4/3 px
  expect(size).toBeGreaterThanOrEqual((16 * 4) / 3 - 0.01)
  expect(await pagesOf(page)).toBeLessThanOrEqual(5)
})

test('the weeks behind say what was trained and forgotten, and who stayed away', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Long backs', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Lead this class' })).toBeVisible()
  await page.goto(`${new URL(page.url()).pathname}/history`)
  await expect(page.getByRole('region', { name: 'The last four weeks' })).toContainText(/classes: .*strength \d+:\d\d/)
  await expect(page.getByRole('region', { name: 'Whom to ring' })).toContainText(/\w+ \d of \d/)
})

test('cards, a list for the room and a ladder leave the house; nothing on a card is cut off', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Boathouse chairs', exact: true }).click()
  await page.getByRole('link', { name: 'Cue sheet' }).click()
  await page.getByRole('link', { name: 'As cards' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Boathouse chairs: cue cards' })).toBeVisible()
  const cards = page.locator('main ol > li')
  const many = await cards.count()
  expect(many).toBeGreaterThan(8)
  // eight on a page
  expect(await pagesOf(page)).toBe(Math.ceil(many / 8))
  await page.emulateMedia({ media: 'print' })
  expect(await cards.evaluateAll((all) => all.filter((one) => one.scrollHeight > one.clientHeight + 1).length)).toBe(0)
  await page.emulateMedia({ media: null })
  await expect(page.getByText('Greta')).toHaveCount(0)
  await page.goBack()
  await page.getByRole('link', { name: 'Room list' }).click()
  await expect(page.getByRole('rowheader', { name: 'Greta' })).toBeVisible()
  // names and days, nothing of anybody's health
  await expect(page.getByText(/hip |pregnan|heart/i)).toHaveCount(0)
  expect(await pagesOf(page)).toBe(1)
  await page.goto('/movements/sit-to-stand')
  const [png] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Ladder as PNG' }).click()])
  expect(png.suggestedFilename()).toBe('sit-to-stand.png')
  const bytes = readFileSync(await png.path())
  // the signature of the format, and its size: five steps of 210 px side by side, twice as sharp
  expect(bytes.subarray(1, 4).toString()).toBe('PNG')
  expect(bytes.readUInt32BE(16)).toBe(2 * (2 * 24 + 5 * 210))
})

test('a brief goes out as a file and comes in again; a wrong one is refused whole', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Boathouse chairs', exact: true }).click()
  await page.getByRole('link', { name: 'Compose' }).click()
  const minutes = page.getByLabel('Minutes', { exact: true })
  const save = page.getByRole('link', { name: 'Save as a brief file' })
  // until the page answers to what is typed
  await expect(async () => {
    await minutes.fill('31')
    await minutes.press('Tab')
    await expect(save).toHaveAttribute('href', /minutes%22%3A%2031/, { timeout: 1000 })
  }).toPass()
  const [saved] = await Promise.all([page.waitForEvent('download'), save.click()])
  const brief = JSON.parse(readFileSync(await saved.path(), 'utf8')) as { minutes: number; pinned: string[] }
  expect(brief).toMatchObject({ format: 'velvet-step/brief', version: 1, minutes: 31 })
  const open = (document: object) =>
    page
      .getByLabel('Open a brief file')
      .setInputFiles({ name: 'brief.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(document)) })
  await open({ ...brief, minutes: 500 })
  await expect(page.getByRole('alert').filter({ hasText: 'brief.json is not taken' })).toContainText('$.minutes')
  await open({ ...brief, pinned: ['no-such-movement'] })
  await expect(page.getByRole('alert').filter({ hasText: 'no-such-movement' })).toBeVisible()
  await expect(minutes).toHaveValue('31')
  await open({ ...brief, minutes: 26 })
  await expect(minutes).toHaveValue('26')
})

test('the day sheet has one main action: the next class', async ({ page }) => {
  await page.goto('/')
  await expect(page.locator('main .action')).toHaveCount(1)
  await page.locator('main .action').click()
  await expect(page).toHaveURL(/\/(classes|sessions)\//)
})

test('what is measured is kept, told against what was measured before, and judged by', async ({ page }) => {
  await register(page, 'Wilma')
  await page.getByRole('link', { name: 'History' }).click()
  const keep = async (on: string, left: string, right: string, rises: string) => {
    await page.getByLabel('Measured on').fill(on)
    await page.getByLabel('On the left leg, s').fill(left)
    await page.getByLabel('On the right leg, s').fill(right)
    await page.getByRole('textbox', { name: 'Rises from a chair in 30 s' }).fill(rises)
    await page.getByRole('button', { name: 'Keep', exact: true }).click()
    await expect(page.getByText('Kept. It is what the rules go by from now on.')).toBeVisible()
    await expect(page.getByRole('textbox', { name: 'Rises from a chair in 30 s' })).toHaveValue('')
  }
  await keep('2026-09-01', '12', '11', '9')
  await expect(page.getByText('9 on 1 September 2026, measured once.').first()).toBeAttached()
  await keep('2026-11-02', '12,5', '4', '10')
  await expect(page.getByText('The right leg is the weaker one, 4 against 12.5 s.')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Rises from a chair in 30 s' })).toContainText('1 more since 1 September 2026, no change')
  await expect(page.getByRole('region', { name: 'Standing on one leg' })).toContainText('Right: 4 s on 2 November 2026: worse, 7 s less')
  await page.getByRole('textbox', { name: 'Rises from a chair in 30 s' }).fill('99')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByRole('status').filter({ hasText: '$.measured[0].value' })).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Rises from a chair in 30 s' })).toHaveValue('99')
})
