/** A served copy of the built application in a folder of its own on a fixed day, and the browser to look at it with: for tests, bench and pictures. */
import { spawn, spawnSync } from 'node:child_process'
import { ROOT } from './setup.mjs'

/** Debian's browser, told to reach for nothing outside. */
export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
}

/** The day of the demo data wherever it is pictured, tested or measured. */
export const fixedDay = (folder) => ({ ...process.env, VELVET_TODAY: '2026-11-24', VELVET_DATA: folder, NEXT_TELEMETRY_DISABLED: '1' })

/** How Node runs a script of ours. */
export const ours = (script, ...words) => ['--conditions=react-server', '--import', 'tsx', `scripts/${script}`, ...words]

/** Runs a script of ours that fills the data folder. @returns whether it did */
export const fill = (script, env, stdio = 'inherit') => spawnSync(process.execPath, ours(script), { cwd: ROOT, env, stdio }).status === 0

/**
 * Starts the built application.
 *
 * @param {{ port: number | string, host?: string, env?: NodeJS.ProcessEnv, stdio?: import('node:child_process').StdioOptions }} options
 */
export const serve = ({ port, host = '127.0.0.1', env = process.env, stdio = 'ignore' }) =>
  spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', '--hostname', host, '--port', String(port)], { cwd: ROOT, env, stdio })

/** Lives and ends with the server. */
export function bindTo(server) {
  server.on('exit', (code) => process.exit(code ?? 1))
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
}

/** Waits until the application answers, three minutes at most. @param asked a page; what is no page comes before the first one is made */
export async function answers(base, asked = '/log') {
  for (let attempt = 0; attempt < 1800; attempt++) {
    const up = await fetch(`${base}${asked}`).then(
      (response) => response.ok,
      () => false,
    )
    if (up) return
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  throw new Error('the server did not answer')
}

const HOUR = 3_600_000
/** A copy of everything once a day beside the data folder, kept for `VELVET_COPIES` days, 14 when nothing is said; 0 = none. */
export function keepCopies(server, env = process.env) {
  const copy = () =>
    spawn(process.execPath, ours('data.ts', 'daily', env.VELVET_COPIES ?? '14'), {
      cwd: ROOT,
      env,
      stdio: ['ignore', 'ignore', 'inherit'],
    })
  // not while the first pages are waited for
  setTimeout(copy, 60_000).unref()
  const timer = setInterval(copy, HOUR).unref()
  server.on('exit', () => clearInterval(timer))
}
