import { randomBytes } from 'node:crypto'
import { chmodSync, closeSync, openSync, readdirSync, readFileSync, realpathSync, renameSync, rmSync, statSync, utimesSync } from 'node:fs'
import { connect, createServer, type Server } from 'node:net'
import { hostname } from 'node:os'
import path from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'

/** The data folder belongs to another running process: two on one folder destroy data silently. */
export class FolderLockedError extends Error {
  constructor(readonly folder: string) {
    super(`The data folder ${folder} is in use by another running server. Stop that server first, or set VELVET_DATA to another folder.`)
    this.name = 'FolderLockedError'
  }
}

/** A heartbeat is only read by another machine, which cannot reach the socket. */
const BEAT_MS = 3000
const WATCH_MS = 10_000
const TRIES = 5

/** The same in every container and mount of one running kernel, another one after it starts again. */
const KERNEL = (() => {
  try {
    return readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').slice(0, 8)
  } catch {
    return hostname().replace(/\W/g, '').slice(0, 8)
  }
})()

/** Bytes that the path of a socket may have. */
const LONGEST_SOCKET_PATH = 103

/** A socket's path, through an open folder where it would be too long. */
export function reach<T>(folder: string, name: string, use: (socket: string, done: () => void) => T): T {
  const whole = path.join(folder, name)
  if (Buffer.byteLength(whole) < LONGEST_SOCKET_PATH) return use(whole, () => {})
  const handle = openSync(folder, 'r')
  return use(`/proc/self/fd/${handle}/${name}`, () => closeSync(handle))
}

/** Lets a server listen on a socket in a folder; it holds no process up. */
export const listenIn = <S extends Server>(folder: string, name: string, server: S): Promise<S> =>
  new Promise((ready, failed) =>
    reach(folder, name, (socket, done) =>
      server
        .unref()
        .once('error', (error) => {
          done()
          failed(error)
        })
        .listen(socket, () => {
          done()
          ready(server)
        }),
    ),
  )

/** Whether somebody listens at the socket of a lock. What cannot be told is no answer, and the folder is refused. */
const answers = (folder: string, name: string) =>
  new Promise<boolean>((told, failed) =>
    reach(folder, name, (socket, done) => {
      const caller = connect(socket)
      const end = (say: () => void) => {
        caller.destroy()
        done()
        say()
      }
      caller
        .once('connect', () => end(() => told(true)))
        .once('error', (error: NodeJS.ErrnoException) =>
          end(() => {
            if (error.code === 'ECONNREFUSED' || error.code === 'ENOENT') told(false)
            // a stopped holder still holds, and one that closes is alive
            else if (error.code === 'EAGAIN' || error.code === 'ECONNRESET') told(true)
            else failed(error)
          }),
        )
    }),
  )

const changedAt = (file: string): number | undefined => statSync(file, { throwIfNoEntry: false })?.mtimeMs

async function isAlive(folder: string, name: string): Promise<boolean> {
  if (name.startsWith(`lock-${KERNEL}-`)) return answers(folder, name)
  // of another machine, or of this one before it started again: only its heartbeat can be seen
  const before = changedAt(path.join(folder, name))
  await sleep(WATCH_MS)
  const now = changedAt(path.join(folder, name))
  return now !== undefined && now !== before
}

async function somebodyElse(folder: string, own: string): Promise<boolean> {
  for (const name of readdirSync(folder)) {
    if (!name.startsWith('lock-') || name === own) continue
    if (await isAlive(folder, name)) return true
    // names are never used twice, so a dead one can be taken away without hitting a living one
    rmSync(path.join(folder, name), { force: true })
  }
  return false
}

/**
 * Takes a folder for this process and gives back the function that releases it. The claim is a listening socket in the folder itself,
 * so that it holds across mounts and containers: it is announced first, then the others are looked for, so that of two who begin at
 * once at least one sees the other.
 *
 * @throws FolderLockedError when a living process holds it
 */
export async function lockFolder(at: string): Promise<() => Promise<void>> {
  const folder = realpathSync(at)
  for (let attempt = 1; ; attempt++) {
    const id = randomBytes(8).toString('hex')
    const name = `lock-${KERNEL}-${id}`
    const own = path.join(folder, name)
    const server = await listenIn(
      folder,
      `new-${id}`,
      createServer((caller) => caller.destroy()),
    )
    chmodSync(path.join(folder, `new-${id}`), 0o600)
    renameSync(path.join(folder, `new-${id}`), own)
    const beat = setInterval(() => {
      try {
        utimesSync(own, new Date(), new Date())
      } catch {
        // the folder is gone; there is nothing to hold
      }
    }, BEAT_MS).unref()
    const release = async () => {
      clearInterval(beat)
      rmSync(own, { force: true })
      await new Promise((closed) => server.close(closed))
    }
    try {
      if (!(await somebodyElse(folder, name))) return release
    } catch (error) {
      await release()
      throw error
    }
    await release()
    if (attempt >= TRIES) throw new FolderLockedError(at)
    await sleep(20 + Math.random() * 60 * attempt)
  }
}
