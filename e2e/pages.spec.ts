import { expect, type Page } from '@playwright/test'
import { test } from './hall'
import { newClass, register } from './register'

/** A class with somebody in it, with its session. @returns their addresses */
async function led(page: Page): Promise<{ person: string; empty: string; session: string }> {
  await newClass(page, 'Nothing in it')
  const empty = new URL(page.url()).pathname
  const person = `/people/${await register(page, 'Looked at')}`
  await page.goto('/')
  await page.getByRole('link', { name: 'Bones and balance', exact: true }).click()
  await page.getByRole('button', { name: 'At the door' }).click()
  await page.waitForURL(/\/door$/)
  return { person, empty, session: new URL(page.url()).pathname.replace('/door', '') }
}

/** What a finger is meant for, without links that stand in a sentence. */
const TARGETS =
  'button, select, summary, input:not([type=checkbox]):not([type=radio]), textarea, label:has(> input[type=checkbox]), a.quiet, a.action'
const SMALLEST_PX = 44

test('every page: no error in the console, one main part, one first heading, headings in order, and large enough targets', async ({ page }) => {
  const errors: string[] = []
  page.on('console', (message) => message.type() === 'error' && errors.push(`${page.url()}: ${message.text()}`))
  page.on('pageerror', (error) => errors.push(`${page.url()}: ${error.message}`))
  const { person, empty, session } = await led(page)
  const PAGES = ['/', empty, `/classes/new`, '/people', '/people/new', '/people/soon', '/people/import', person, `${person}/screening`]
  const MORE = [
    '/movements',
    '/movements/squat',
    '/movements/own?from=squat/free',
    '/log',
    session,
    `${session}/door`,
    `${session}/today`,
    `${session}/incidents`,
    '/why',
    '/rules',
    '/settings',
  ]
  const wrong: string[] = []
  for (const address of [...PAGES, ...MORE, session.replace('sessions', 'lead')]) {
    await page.goto(address)
    await expect(page.locator('h1').first()).toBeVisible()
    // the workers have answered, or failed
    // a class that is followed has a stream open for good
    if (!address.startsWith('/lead/')) await page.waitForLoadState('networkidle')
    const found = await page.evaluate(
      ([targets, smallest]) => {
        const seen = (one: Element) => (one as HTMLElement).checkVisibility() && one.getBoundingClientRect().width > 1
        const levels = [...document.querySelectorAll('h1, h2, h3, h4')].filter(seen).map((one) => Number(one.tagName[1]))
        const small = [...document.querySelectorAll(targets as string)].filter(seen).flatMap((one) => {
          const { width, height } = one.getBoundingClientRect()
          return Math.round(height) < (smallest as number) || Math.round(width) < (smallest as number)
            ? [
                `${(one.getAttribute('aria-label') ?? one.textContent ?? '').trim().slice(0, 30) || one.tagName} ${Math.round(width)}×${Math.round(height)}`,
              ]
            : []
        })
        return {
          mains: document.querySelectorAll('main').length,
          firsts: levels.filter((level) => level === 1).length,
          jump: levels.find((level, index) => level > (levels[index - 1] ?? 0) + 1),
          small: [...new Set(small)],
        }
      },
      [TARGETS, SMALLEST_PX] as const,
    )
    if (found.mains !== 1) wrong.push(`${address}: ${found.mains} main parts`)
    if (found.firsts !== 1) wrong.push(`${address}: ${found.firsts} first headings`)
    if (found.jump) wrong.push(`${address}: a heading jumps to ${found.jump}`)
    const forFingers = /^\/(sessions|lead)\//.test(address)
    if (forFingers && found.small.length > 0) wrong.push(`${address}: ${found.small.slice(0, 6).join('; ')}`)
  }
  expect(wrong).toEqual([])
  expect(errors).toEqual([])
})
