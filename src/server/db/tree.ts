import { chmodSync, closeSync, fsyncSync, openSync, readdirSync } from 'node:fs'
import path from 'node:path'

/** Only this user reads health data, under any umask and in a folder from an earlier version too. */
export function closeToOthers(folder: string) {
  chmodSync(folder, 0o700)
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const inside = path.join(folder, entry.name)
    if (entry.isDirectory()) closeToOthers(inside)
    else if (entry.isFile()) chmodSync(inside, 0o600)
  }
}

/** Everything of a folder handed to the disk, names and content. */
export function syncTree(folder: string) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const inside = path.join(folder, entry.name)
    if (entry.isDirectory()) syncTree(inside)
    else if (entry.isFile()) sync(inside)
  }
  sync(folder)
}
/** Hands a file, or the names in a folder, to the disk. */
export function sync(file: string) {
  const handle = openSync(file, 'r')
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}
