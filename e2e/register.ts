import { expect, type Page } from '@playwright/test'

/** Registers somebody and gives their id. @param more what else is filled in before */
export const register = async (page: Page, given: string, born = '1951-05-02', more: () => Promise<void> = async () => {}) => {
  await page.goto('/people/new')
  await page.getByLabel('First name').fill(given)
  await page.getByLabel('Born on').fill(born)
  await more()
  await page.getByRole('button', { name: 'Register', exact: true }).click()
  await expect(page).toHaveURL(/\/people\/[0-9a-f-]{36}$/)
  return page.url().split('/').at(-1)!
}

/** Makes an empty class and stays on its page. */
export const newClass = async (page: Page, title: string) => {
  await page.goto('/classes/new')
  await page.getByRole('radio', { name: /Three empty parts/ }).check()
  await page.getByLabel('Title').fill(title)
  await page.getByRole('button', { name: 'Make this class' }).click()
  await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible()
}

/** Leads the class whose page is open, on the day that it shows. */
export const leadIt = async (page: Page) => {
  await page.getByRole('button', { name: 'Lead this class' }).click()
  const asked = page.getByRole('button', { name: /^On / })
  const there = page.getByRole('button', { name: 'Start' })
  await expect(asked.or(there)).toBeVisible()
  // on another day than today it is asked which one it is for
  if (await asked.isVisible()) await asked.click()
  await expect(there).toBeVisible()
}
