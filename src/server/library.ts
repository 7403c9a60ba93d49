import 'server-only'
import { LIBRARY } from '@/content/movements'
import { type Catalogue, withOwn } from '@/core/movement'
import type { Database } from './db/connection'
import { listOwn, type StoredOwnMovement } from './repositories/ownMovements'

/** The library with the studio's own movements. */
export async function studioLibrary(db: Database, studioId: string): Promise<{ catalogue: Catalogue; own: StoredOwnMovement[] }> {
  const own = await listOwn(db, studioId)
  return { catalogue: withOwn(LIBRARY, own), own }
}
