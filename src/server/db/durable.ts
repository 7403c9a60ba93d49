import { fdatasyncSync } from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { NodeFS } from '@electric-sql/pglite/nodefs'
import { sync } from './tree'

/** The parts of the emulated file system that are hooked; PGlite does not type them. */
interface NodeFsModule {
  NODEFS: {
    stream_ops: { fsync?: (stream: { nfd: number; node: unknown }) => number }
    node_ops: { mknod: (...args: unknown[]) => unknown }
    realPath: (node: unknown) => string
  }
}

/** Ends the process: after a refused flush the engine would turn round for ever, and nothing more may be acknowledged. */
function giveUp(error: unknown): never {
  process.stderr.write(
    `The disk did not keep what was written (${error instanceof Error ? error.message : String(error)}). Free space or mend it, then start again.\n`,
  )
  process.exit(1)
}

/** Called after every flush, for the test that counts them. */
export const flushed = { count: 0 }

/**
 * PGlite's folder with flushes that reach the disk. As shipped the emulated file system has none, so that a power cut can lose what was
 * acknowledged. Pinned to the version of PGlite in package.json: it reaches inside.
 */
export class DurableNodeFS extends NodeFS {
  override async init(pg: PGlite, options: Parameters<NodeFS['init']>[1]) {
    const made = await super.init(pg, options)
    made.emscriptenOpts.preRun?.push((module) => {
      const { stream_ops: streams, node_ops: nodes, realPath } = (module as unknown as NodeFsModule).NODEFS
      // a new file is safe only when its folder is, too
      const fresh = new Set<string>()
      const mknod = nodes.mknod
      nodes.mknod = (...args) => {
        const node = mknod(...args)
        fresh.add(realPath(node))
        return node
      }
      streams.fsync = ({ nfd, node }) => {
        try {
          fdatasyncSync(nfd)
          const file = realPath(node)
          if (fresh.delete(file)) sync(path.dirname(file))
          flushed.count++
          return 0
        } catch (error) {
          giveUp(error)
        }
      }
    })
    return made
  }
}

/** PGlite on a folder, so that a commit that was acknowledged survives a power cut as far as the disk keeps its word. */
export const openDurable = (folder: string): Promise<PGlite> =>
  PGlite.create({
    fs: new DurableNodeFS(folder),
    startParams: [
      // -F turns syncing off and outranks every other setting
      ...PGlite.defaultStartParams.filter((parameter) => parameter !== '-F'),
      ...['fsync=on', 'wal_sync_method=fsync', 'full_page_writes=on', 'synchronous_commit=on'].flatMap((setting) => ['-c', setting]),
    ],
  })
