import type { ChildProcess } from 'node:child_process'
import { createServer } from 'node:net'
import { answers as answersAt, fixedDay, serve } from '../scripts/hall.mjs'

/** Servers that a test starts and kills by itself. */
export const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => resolve(port))
    })
  })
export const start = (port: number, folder: string): ChildProcess => serve({ port, env: fixedDay(folder), stdio: ['ignore', 'pipe', 'pipe'] })
export const answers = (port: number, asked?: string) => answersAt(`http://127.0.0.1:${port}`, asked)
export const ended = (server: ChildProcess) => new Promise<number | null>((resolve) => server.once('exit', (code) => resolve(code)))
