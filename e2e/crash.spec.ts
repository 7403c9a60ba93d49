import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { expect } from '@playwright/test'
import { test } from './hall'
import { answers, ended, freePort, start } from './servers'

// the longest of all: by its name it begins early, and the other worker does not wait for it
test('a plan survives the death of the server right after "Saved" was shown, 20 times', async ({ page }) => {
  // only the outer limit: a busy machine needs longer for twenty starts
  test.setTimeout(1_200_000)
  const folder = path.join(mkdtempSync(path.join(tmpdir(), 'velvet-kill-')), 'data')
  const port = await freePort()
  let url = ''
  for (let round = 0; round <= 20; round++) {
    const server = start(port, folder)
    // the page that is opened below is the first that this server makes
    await answers(port, '/lead-worker.js')
    if (round === 0) {
      await page.goto(`http://127.0.0.1:${port}/classes/new`)
      await page.getByRole('radio', { name: /Three empty parts/ }).check()
      await page.getByLabel('Title').fill('Survivor')
      await page.getByLabel('Minutes', { exact: true }).fill('30')
      await page.getByRole('button', { name: /make/i }).click()
      await expect(page.getByRole('heading', { name: 'Survivor' })).toBeVisible()
      url = page.url()
    } else {
      await page.goto(url)
      await expect(page.getByRole('rowheader').getByRole('button'), `after death ${round}`).toHaveCount(round)
    }
    if (round < 20) {
      await page
        .getByRole('button', { name: /^Add a movement/ })
        .first()
        .click()
      await page.getByLabel('Search by name, part of the body or what for').fill('Seated march')
      await page.getByRole('option').filter({ hasText: 'Seated march' }).first().click()
      await expect(page.getByRole('rowheader').getByRole('button')).toHaveCount(round + 1)
      await page.waitForFunction(() => document.querySelector('[role=status]')?.textContent === 'Saved', null, { polling: 10 })
    }
    const gone = ended(server)
    server.kill('SIGKILL')
    await gone
  }
  rmSync(path.dirname(folder), { recursive: true, force: true })
})
