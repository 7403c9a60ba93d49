import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      'server-only': fileURLToPath(new URL('./node_modules/server-only/empty.js', import.meta.url)),
    },
  },
  test: {
    include: ['src/**/*.test.ts', 'cli/**/*.test.ts', 'scripts/**/*.test.ts'],
    // without a terminal: what failed, and the counts
    silent: process.stdout.isTTY ? false : 'passed-only',
    reporters: process.stdout.isTTY ? ['default'] : ['minimal'],
    // the library is measured once in each process and not once in each file; every core works
    isolate: false,
    maxWorkers: '100%',
    // outer limits only: a busy machine lengthens the run and fails nothing
    testTimeout: 1_800_000,
    hookTimeout: 1_800_000,
  },
})
