import { expect, type Page } from '@playwright/test'

/** Registers somebody and gives their id. */
export const register = async (page: Page, given: string, born = '1951-05-02') => {
  await page.goto('/people/new')
  await page.getByLabel('First name').fill(given)
  await page.getByLabel('Born on').fill(born)
  await page.getByRole('button', { name: 'Register', exact: true }).click()
  await expect(page).toHaveURL(/\/people\/[0-9a-f-]{36}$/)
  return page.url().split('/').at(-1)!
}
