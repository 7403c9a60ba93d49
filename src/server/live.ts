import 'server-only'
import { EventEmitter } from 'node:events'

// the bundles of the server hold a module several times: one for all of them
const holder = globalThis as unknown as { velvetLive?: EventEmitter }
const live = (): EventEmitter => {
  holder.velvetLive ??= new EventEmitter().setMaxListeners(0)
  return holder.velvetLive
}

/** Tells whoever follows a session that something came to it. */
export const announce = (session: string): void => {
  live().emit(session)
}

/** Hears of what comes to a session. @returns how to stop */
export function follow(session: string, heard: () => void): () => void {
  live().on(session, heard)
  return () => {
    live().off(session, heard)
  }
}
