import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './scripts/hall.mjs'

// evaluated in every worker: port and folder are fixed once and passed on
process.env.VELVET_E2E_PORT ??= String(4700 + 4 * Math.floor(Math.random() * 50))
process.env.VELVET_E2E_FOLDER ??= mkdtempSync(path.join(tmpdir(), 'velvet-e2e-'))

const WORKERS = 2

export default defineConfig({
  testDir: 'e2e',
  // outer limits only: a busy machine lengthens the run and fails nothing
  timeout: 1_800_000,
  expect: { timeout: 120_000 },
  workers: WORKERS,
  fullyParallel: false,
  use: {
    launchOptions: CHROMIUM,
    actionTimeout: 120_000,
    viewport: { width: 1280, height: 800 },
  },
  // each worker has a house of its own (e2e/hall.ts)
  webServer: Array.from({ length: WORKERS }, (_, number) => ({
    command: `node e2e/server.mjs ${number}`,
    url: `http://127.0.0.1:${Number(process.env.VELVET_E2E_PORT) + number}/log`,
    timeout: 900_000,
    gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5000 },
  })),
})
