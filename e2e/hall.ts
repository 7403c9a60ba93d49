import path from 'node:path'
import { test as base } from '@playwright/test'

/** The server that a worker has to itself, with its data. */
interface Hall {
  port: number
  folder: string
}

/** Tests with a server of their worker's own: what one changes in the house, another does not meet. */
export const test = base.extend<object, { hall: Hall }>({
  hall: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads the pattern to learn what a fixture needs
    async ({}, use, { parallelIndex }) =>
      use({
        port: Number(process.env.VELVET_E2E_PORT) + parallelIndex,
        folder: path.join(process.env.VELVET_E2E_FOLDER!, String(parallelIndex)),
      }),
    { scope: 'worker' },
  ],
  baseURL: async ({ hall }, use) => use(`http://127.0.0.1:${hall.port}`),
})
