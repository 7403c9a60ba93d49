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
  let id = ''
  // the page stays open over the deaths, so that what is looked at after each is what the server has
  for (let round = 0; round <= 20; round++) {
    const server = start(port, folder)
    // no page is waited for: what is asked below is the first that this server makes
    await answers(port, '/lead-worker.js')
    if (round === 0) {
      await page.goto(`http://127.0.0.1:${port}/classes/new`)
      await page.getByRole('radio', { name: /Three empty parts/ }).check()
      await page.getByLabel('Title').fill('Survivor')
      await page.getByLabel('Minutes', { exact: true }).fill('30')
      await page.getByRole('button', { name: /make/i }).click()
      await expect(page.getByRole('heading', { name: 'Survivor' })).toBeVisible()
      id = /[0-9a-f-]{36}/.exec(page.url())![0]
      await page
        .getByRole('button', { name: /^Add a movement/ })
        .first()
        .click()
      await page.getByLabel('Search by name, part of the body or what for').fill('Seated march')
    } else {
      const { plan } = await (await page.request.get(`http://127.0.0.1:${port}/api/classes/${id}/file`)).json()
      const items = plan.phases.flatMap(({ blocks }: { blocks: { items: unknown[] }[] }) => blocks.flatMap((block) => block.items))
      expect(items, `after death ${round}`).toHaveLength(round)
    }
    if (round < 20) {
      const saved = page.waitForResponse((answer) => answer.request().postData()?.includes('march/seated') === true && answer.ok())
      await page.getByRole('option').filter({ hasText: 'Seated march' }).first().click()
      await expect(page.getByRole('rowheader').getByRole('button')).toHaveCount(round + 1)
      await saved
      await page.waitForFunction(() => document.querySelector('[role=status]')?.textContent === 'Saved', null, { polling: 10 })
    } else {
      await page.reload()
      await expect(page.getByRole('rowheader').getByRole('button')).toHaveCount(20)
    }
    const gone = ended(server)
    server.kill('SIGKILL')
    await gone
  }
  rmSync(path.dirname(folder), { recursive: true, force: true })
})
