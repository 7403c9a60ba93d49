/** `npm run bench`: bundles the rows as the application is bundled, and runs them in this process. */
import { mkdtempSync, rmSync } from 'node:fs'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { build } from 'vite'

const root = path.resolve(import.meta.dirname, '..')
const outDir = mkdtempSync(path.join(root, 'node_modules', '.bench-'))
await build({
  root,
  configFile: false,
  logLevel: 'error',
  resolve: { alias: { '@': path.join(root, 'src') } },
  build: { ssr: 'scripts/benchRows.ts', outDir, target: 'node20', minify: false },
})
try {
  await import(pathToFileURL(path.join(outDir, 'benchRows.js')).href)
} finally {
  rmSync(outDir, { recursive: true, force: true })
}
process.stdout.write('\n')
await import('./benchBrowser.mjs')
