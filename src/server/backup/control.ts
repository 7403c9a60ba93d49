import { chmodSync, rmSync } from 'node:fs'
import { createServer, type IncomingMessage, request, type ServerResponse } from 'node:http'
import path from 'node:path'
import { createInterface } from 'node:readline'
import type { Readable } from 'node:stream'
import type { Connection } from '../db/connection'
import { listenIn, reach } from '../db/lock'
import { withoutValues } from '../quiet'
import { checkData } from './check'
import { BackupError, restoreBackup, writeBackup } from './document'

/**
 * The back door of a running server for the commands of its owner: a socket in the data folder, which nobody else can enter. Two
 * processes never open one folder, so backup, restore and the check of the data go through the server when it runs.
 */
const SOCKET = 'control'

/** Begins to read when the first line is asked for: a reader that is made earlier loses what comes before. */
export async function* linesIn(input: Readable): AsyncGenerator<string> {
  yield* createInterface({ input, crlfDelay: Number.POSITIVE_INFINITY })
}

async function answer(connection: Connection, message: IncomingMessage, response: ServerResponse) {
  const { db, copyFolder } = connection
  const asked = new URL(message.url ?? '/', 'http://control')
  if (message.method === 'GET' && asked.pathname === '/backup') {
    // the transaction must not wait for whoever reads: what is not taken at once waits in memory
    await writeBackup(db, new Date(), (line) => response.write(`${line}\n`))
    response.end()
  } else if (message.method === 'POST' && asked.pathname === '/restore') {
    const restored = await restoreBackup(db, linesIn(message))
    response.end(JSON.stringify(restored))
  } else if (message.method === 'GET' && asked.pathname === '/check') response.end(JSON.stringify(await checkData(db)))
  else if (message.method === 'POST' && asked.pathname === '/copy' && copyFolder) {
    await copyFolder(asked.searchParams.get('to') ?? '')
    response.end()
  } else response.writeHead(404).end('This server does not know that command; update Velvet Step.')
}

/** Listens in the data folder until the process ends. Only whoever holds the folder's lock may call it. */
export async function openControl(connection: Connection): Promise<void> {
  const { folder } = connection
  if (!folder) return
  const server = createServer({ requestTimeout: 0 }, (message, response) => {
    answer(connection, message, response).catch((error: unknown) => {
      const { message: told } = withoutValues(error) as Error
      // an answer that has begun can only be cut off, and its reader misses the end
      if (response.headersSent) response.destroy()
      else response.writeHead(error instanceof BackupError ? 422 : 500).end(told)
    })
  })
  rmSync(path.join(folder, SOCKET), { force: true })
  await listenIn(folder, SOCKET, server)
  chmodSync(path.join(folder, SOCKET), 0o600)
}

/**
 * Asks the server that holds a folder.
 *
 * @param send lines to post, for a restore
 * @returns the lines of its answer
 * @throws BackupError with the server's words when it refuses
 */
export async function* askServer(folder: string, method: 'GET' | 'POST', command: string, send?: AsyncIterable<string>): AsyncGenerator<string> {
  const response = await new Promise<IncomingMessage>((told, failed) =>
    reach(folder, SOCKET, (socketPath, done) => {
      const call = request({ socketPath, path: command, method, agent: false }, (message) => {
        done()
        told(message)
      }).once('error', (error) => {
        done()
        failed(new BackupError(`The server that uses ${folder} does not answer (${error.message}). Stop it, then run the command again.`))
      })
      if (!send) call.end()
      else
        void (async () => {
          for await (const line of send) if (!call.write(`${line}\n`)) await new Promise((drained) => call.once('drain', drained))
          call.end()
        })().catch((error: unknown) => call.destroy(error instanceof Error ? error : new Error(String(error))))
    }),
  )
  if (response.statusCode !== 200) {
    let told = ''
    for await (const part of response) told += String(part)
    throw new BackupError(told)
  }
  yield* linesIn(response)
}

/** Asks the server for an answer in one piece. */
export async function askServerFor<T>(...asked: Parameters<typeof askServer>): Promise<T> {
  let told = ''
  for await (const line of askServer(...asked)) told += line
  return JSON.parse(told) as T
}
