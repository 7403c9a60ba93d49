import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './scripts/hall.mjs'

// evaluated in every worker: port and folder are fixed once and passed on
process.env.VELVET_E2E_PORT ??= String(4700 + Math.floor(Math.random() * 200))
process.env.VELVET_E2E_FOLDER ??= mkdtempSync(path.join(tmpdir(), 'velvet-e2e-'))

export default defineConfig({
  testDir: 'e2e',
  // outer limits only: a busy machine lengthens the run and fails nothing
  timeout: 1_800_000,
  expect: { timeout: 120_000 },
  workers: 1,
  fullyParallel: false,
  use: {
    baseURL: `http://127.0.0.1:${process.env.VELVET_E2E_PORT}`,
    launchOptions: CHROMIUM,
    actionTimeout: 120_000,
    viewport: { width: 1280, height: 800 },
  },
  webServer: {
    command: 'node e2e/server.mjs',
    url: `http://127.0.0.1:${process.env.VELVET_E2E_PORT}/log`,
    timeout: 900_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
})
