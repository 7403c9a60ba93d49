/** What demo and test share: plain Node, nothing installed yet. */
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import path from 'node:path'

export const ROOT = path.resolve(import.meta.dirname, '..')
const OLDEST_NODE = [20, 11]

/** Ends with one line that says what to do. */
export function stop(line) {
  process.stderr.write(`${line}\n`)
  process.exit(1)
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < OLDEST_NODE[0] || (major === OLDEST_NODE[0] && minor < OLDEST_NODE[1])) {
    stop(`This is Node ${process.versions.node}; Velvet Step needs Node ${OLDEST_NODE.join('.')} or newer. Install it and run the command again.`)
  }
}

/** Runs a command to its end; ends this process with `problem` when it fails. */
export function run(command, args, { problem, env = {}, quiet = false } = {}) {
  const done = spawnSync(command, args, {
    cwd: ROOT,
    stdio: quiet ? ['ignore', 'pipe', 'pipe'] : 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
    encoding: 'utf8',
  })
  if (done.status !== 0) {
    if (quiet) process.stderr.write(`${done.stdout ?? ''}${done.stderr ?? ''}`)
    stop(problem ?? `${command} ${args.join(' ')} failed.`)
  }
  return done
}

const digest = (texts) => createHash('sha256').update(texts.join('\n')).digest('hex')
const read = (file) => (existsSync(file) ? readFileSync(file, 'utf8') : '')

/** Installs the packages of the lock file unless just these are there. */
export function install() {
  const mark = path.join(ROOT, 'node_modules', '.velvet-lock')
  const wanted = digest([read(path.join(ROOT, 'package-lock.json'))])
  if (read(mark) === wanted) return
  process.stdout.write('Installing packages…\n')
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    problem: 'npm ci failed: the package registry could not be reached, or package-lock.json does not fit package.json.',
  })
  writeFileSync(mark, wanted)
}

function* sources(folder) {
  for (const name of readdirSync(folder).sort()) {
    const file = path.join(folder, name)
    if (statSync(file).isDirectory()) yield* sources(file)
    else yield file
  }
}

/** Builds the application unless this source was built already. */
export function build() {
  const mark = path.join(ROOT, '.next', 'velvet-source')
  const files = [
    ...sources(path.join(ROOT, 'src')),
    ...['package.json', 'package-lock.json', 'next.config.ts', 'postcss.config.mjs', 'tsconfig.json'].map((name) => path.join(ROOT, name)),
  ]
  const wanted = digest(files.map((file) => `${path.relative(ROOT, file)}\n${readFileSync(file, 'utf8')}`))
  if (read(mark) === wanted) return
  process.stdout.write('Building…\n')
  run(process.execPath, ['node_modules/next/dist/bin/next', 'build'], { problem: 'The build failed; what is above says where.', quiet: true })
  writeFileSync(mark, wanted)
}

/** Whether nobody listens on the port of the loopback address. */
export const portIsFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', () => resolve(false))
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)))
  })

/** Installs a Debian package when a command is missing. */
export function debianPackage(isThere, name, purpose) {
  if (isThere()) return
  process.stdout.write(`Installing ${name} (${purpose})…\n`)
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  spawnSync('apt-get', ['update', '-qq'], { stdio: 'ignore', env })
  const done = spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], { stdio: ['ignore', 'ignore', 'inherit'], env })
  if (done.status !== 0 || !isThere()) stop(`${name} is missing and could not be installed (${purpose}). Install it with: apt-get install ${name}`)
}
