import 'server-only'
import { after } from 'next/server'

/** Does something once the answer is on its way; outside of a request at once. What goes wrong in it does not reach who asked. */
export function afterwards(task: () => Promise<void>): void {
  const quiet = () => task().catch((error: unknown) => console.error(error))
  try {
    after(quiet)
  } catch {
    void quiet()
  }
}
