import 'server-only'
import { database } from './db/connection'
import { type Studio, theStudio } from './repositories/studios'

export const NEW_STUDIO: Studio = { id: '5d0c1e2a-7b1f-4c55-9d3e-2f6a8b9c0d11', name: 'The old boathouse, Tarnbeck', instructor: 'Odile Marrow' }

/** The database with the studio it serves. */
export async function here() {
  const db = await database()
  return { db, studio: await theStudio(db, NEW_STUDIO) }
}

/** Today for this server, YYYY-MM-DD by its own clock; tests fix it. */
export function today(): string {
  if (process.env.VELVET_TODAY) return process.env.VELVET_TODAY
  const now = new Date()
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`
}
