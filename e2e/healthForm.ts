import { expect, type Page } from '@playwright/test'
import { FORM } from '../src/content/screening/form'

type Given = Record<string, { keys?: string[]; skip?: boolean; behind?: (page: Page) => Promise<void> }>

/** Goes through the health questions as somebody would: the given answers, and the plain one everywhere else. Ends before handing in. */
export async function fillHealthForm(page: Page, given: Given): Promise<string[]> {
  await page.getByRole('button', { name: 'Here, at the class' }).click()
  const seen: string[] = []
  for (;;) {
    const words = (await page.locator('h2').first().textContent()) ?? ''
    const question = FORM.questions.find(({ ask }) => ask === words)
    if (!question) return seen
    seen.push(question.id)
    const { keys, skip, behind } = given[question.id] ?? {}
    if (skip) await page.getByRole('button', { name: 'Leave this out' }).click()
    else {
      const plain = question.options.find(({ only }) => only) ?? question.options.find(({ outcome, record }) => outcome === 'go' && !record)
      for (const key of keys ?? [(plain ?? question.options[0])?.key]) {
        const option = question.options.find((one) => one.key === key)
        if (!option) throw new Error(`${question.id} has no answer "${key}"`)
        if (question.kind === 'text') await page.getByRole('button', { name: option.say, exact: true }).click()
        // what interrupts leaves nothing to look at
        else if (option.interrupt) await page.getByLabel(option.say, { exact: true }).click()
        else await page.getByLabel(option.say, { exact: true }).check()
        if (option.interrupt) return seen
      }
      await behind?.(page)
      await page.getByRole('button', { name: 'Next', exact: true }).click()
    }
    await expect(page.locator('h2').first()).not.toHaveText(words)
  }
}
