import 'server-only'
import { isDay } from '@/core/vocabulary'
import { openControl } from '../backup/control'
import { connection } from './connection'

/** Opens the database or ends the process with one line that says what to do. */
export async function openOrExit(): Promise<void> {
  const fixed = process.env.VELVET_TODAY
  if (fixed !== undefined && !isDay(fixed)) {
    process.stderr.write(`VELVET_TODAY is "${fixed}"; expected a day as YYYY-MM-DD, or nothing.\n`)
    process.exit(1)
  }
  try {
    await openControl(await connection())
  } catch (error) {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`)
    process.exit(1)
  }
}
