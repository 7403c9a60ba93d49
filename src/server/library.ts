import 'server-only'
import { LIBRARY } from '@/content/movements'
import { type Catalogue, withOwn } from '@/core/movement'
import type { Database } from './db/connection'
import { listOwn, type StoredOwnMovement } from './repositories/ownMovements'

let known: { own: StoredOwnMovement[]; catalogue: Catalogue } | undefined

/** The library with the studio's own movements, measured anew only when one of them has changed. */
export async function studioLibrary(db: Database, studioId: string): Promise<{ catalogue: Catalogue; own: StoredOwnMovement[] }> {
  const own = await listOwn(db, studioId)
  const same = known !== undefined && known.own.length === own.length && known.own.every((one, index) => one === own[index])
  if (!same || !known) known = { own, catalogue: withOwn(LIBRARY, own) }
  return known
}
