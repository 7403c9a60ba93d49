import { linkSync, readFileSync, renameSync, rmSync, unlinkSync, writeFileSync } from 'node:fs'

/** The data folder belongs to another running process: two on one folder destroy data silently. */
export class FolderLockedError extends Error {
  constructor(
    readonly folder: string,
    readonly pid: number,
  ) {
    super(`The data folder ${folder} is in use by process ${pid}. Stop that server first, or set VELVET_DATA to another folder.`)
    this.name = 'FolderLockedError'
  }
}

/** Start of a process in clock ticks since boot: a pid that was given out again starts later. */
function startTime(pid: number): string | undefined {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19]
  } catch {
    return undefined
  }
}

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM'
  }
}

interface Holder {
  pid: number
  started?: string
}

function holderOf(lockPath: string): Holder | undefined {
  try {
    return JSON.parse(readFileSync(lockPath, 'utf8')) as Holder
  } catch {
    return undefined
  }
}

const holds = (holder: Holder): boolean => isAlive(holder.pid) && (holder.started === undefined || startTime(holder.pid) === holder.started)

/**
 * Takes the lock beside a data folder and gives back the function that releases it. `link` is atomic: of two processes that try at
 * once one wins. A lock whose process is gone is taken over.
 *
 * @throws FolderLockedError when a living process holds it
 */
export function lockFolder(folder: string): () => void {
  const lockPath = `${folder}.lock`
  const own = `${lockPath}.${process.pid}`
  writeFileSync(own, JSON.stringify({ pid: process.pid, started: startTime(process.pid) } satisfies Holder))
  try {
    for (let attempt = 0; attempt < 3; attempt++) {
      try {
        linkSync(own, lockPath)
        return () => {
          if (holderOf(lockPath)?.pid === process.pid) rmSync(lockPath, { force: true })
        }
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error
      }
      const holder = holderOf(lockPath)
      if (holder && holder.pid !== process.pid && holds(holder)) throw new FolderLockedError(folder, holder.pid)
      // a rename moves exactly one file away, so that two who find a dead lock do not both remove a new one
      const dead = `${lockPath}.dead.${process.pid}`
      try {
        renameSync(lockPath, dead)
        rmSync(dead, { force: true })
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error
      }
    }
    throw new FolderLockedError(folder, holderOf(lockPath)?.pid ?? 0)
  } finally {
    unlinkSync(own)
  }
}
