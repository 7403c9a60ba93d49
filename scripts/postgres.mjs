/** A PostgreSQL server of its own on loopback, in a fresh folder, for the repository tests. */
import { spawnSync } from 'node:child_process'
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import path from 'node:path'

const LIB = '/usr/lib/postgresql'

export function postgresFolder() {
  if (!existsSync(LIB)) return undefined
  const version = readdirSync(LIB)
    .filter((name) => existsSync(path.join(LIB, name, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a))[0]
  return version && path.join(LIB, version, 'bin')
}

const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address()
      probe.close(() => resolve(port))
    })
  })

/** Starts the server. PostgreSQL refuses to run as root, so root runs it as the user that Debian's package made. */
export async function startPostgres() {
  const bin = postgresFolder()
  const folder = mkdtempSync(path.join(tmpdir(), 'velvet-postgres-'))
  const asRoot = process.getuid?.() === 0
  const id = (flag) => Number(spawnSync('id', [flag, 'postgres'], { encoding: 'utf8' }).stdout)
  const who = asRoot ? { uid: id('-u'), gid: id('-g') } : {}
  if (asRoot) chownSync(folder, who.uid, who.gid)
  const command = (name, args) => {
    // no pipes: the server that pg_ctl leaves behind would keep them open
    const done = spawnSync(path.join(bin, name), args, { ...who, cwd: folder, stdio: 'ignore', env: { PATH: process.env.PATH, LC_ALL: 'C.UTF-8' } })
    if (done.status !== 0) throw new Error(`${name} ended with ${done.status}; its log is in ${folder}`)
  }
  const data = path.join(folder, 'data')
  command('initdb', ['-D', data, '-U', 'velvet', '--auth=trust', '--encoding=UTF8', '--no-sync'])
  const port = await freePort()
  let running = false
  const begin = () => {
    command('pg_ctl', [
      '-D',
      data,
      '-w',
      '-l',
      path.join(folder, 'log'),
      '-o',
      `-p ${port} -c listen_addresses=127.0.0.1 -c unix_socket_directories=${folder} -c fsync=off`,
      'start',
    ])
    running = true
  }
  const halt = () => {
    if (running) command('pg_ctl', ['-D', data, '-m', 'immediate', '-w', 'stop'])
    running = false
  }
  begin()
  return {
    url: `postgres://velvet@127.0.0.1:${port}/postgres`,
    /** away, and there again, with what it held */
    halt,
    begin,
    stop: () => {
      halt()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
