import { spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { postgresFolder, startPostgres } from './postgres.mjs'
import { build, checkNode, debianPackage, install, ROOT, run } from './setup.mjs'

checkNode()
install()
debianPackage(() => existsSync('/usr/bin/chromium'), 'chromium', 'for the browser tests')
debianPackage(() => existsSync('/usr/bin/glpsol'), 'glpk-utils', 'another solver, against which ours is tested')
debianPackage(() => postgresFolder() !== undefined, 'postgresql', 'for the repository tests against a server')

process.stdout.write('\nTypes\n')
run('npx', ['next', 'typegen'], { problem: 'The route types could not be made.', quiet: true })
run('npx', ['tsc', '--noEmit', '-p', 'tsconfig.json'], { problem: 'The type check failed.' })
run('npx', ['tsc', '--noEmit', '-p', 'src/core/tsconfig.json'], { problem: 'The core does not compile without the DOM library.' })
process.stdout.write('\nLint and import direction\n')
run('npx', ['biome', 'check', '.'], { problem: 'The linter found something.' })

// without a terminal plain and short: what failed, and the counts
const terminal = process.stdout.isTTY
if (!terminal) process.env.NO_COLOR = '1'
const results = mkdtempSync(path.join(tmpdir(), 'velvet-results-'))
const unitFile = path.join(results, 'unit.json')
const browserFile = path.join(results, 'browser.json')
const postgres = await startPostgres()
let unit
try {
  process.stdout.write('\nUnit tests\n')
  unit = spawnSync(
    process.execPath,
    ['node_modules/vitest/vitest.mjs', 'run', `--reporter=${terminal ? 'dot' : 'minimal'}`, '--reporter=json', `--outputFile.json=${unitFile}`],
    {
      cwd: ROOT,
      stdio: 'inherit',
      env: { ...process.env, TEST_DATABASE_URL: postgres.url },
    },
  )
} finally {
  postgres.stop()
}
process.stdout.write('\nBrowser tests\n')
build()
const browser = spawnSync(process.execPath, ['node_modules/@playwright/test/cli.js', 'test', `--reporter=${terminal ? 'list' : 'line'},json`], {
  cwd: ROOT,
  stdio: 'inherit',
  env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: browserFile },
})

const json = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined)
const unitCounts = json(unitFile) ?? { numPassedTests: 0, numFailedTests: 1 }
const browserCounts = json(browserFile)?.stats ?? { expected: 0, unexpected: 1, flaky: 0 }
rmSync(results, { recursive: true, force: true })
const passed = unitCounts.numPassedTests + browserCounts.expected + browserCounts.flaky
const failed = unitCounts.numFailedTests + browserCounts.unexpected
process.stdout.write(`\n${passed} passed, ${failed} failed\n`)
process.exit(unit.status === 0 && browser.status === 0 && failed === 0 ? 0 : 1)
