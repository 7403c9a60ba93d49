import 'server-only'
import { openControl } from '../backup/control'
import { connection } from './connection'

/** Opens the database or ends the process with one line that says what to do. */
export async function openOrExit(): Promise<void> {
  try {
    await openControl(await connection())
  } catch (error) {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`)
    process.exit(1)
  }
}
