import 'server-only'
import { LIBRARY } from '@/content/movements'
import { type Catalogue, withOwn } from '@/core/movement'
import type { Database } from './db/connection'
import { listOwn, type StoredOwnMovement } from './repositories/ownMovements'

let known: { own: StoredOwnMovement[]; catalogue: Catalogue } | undefined

/** The library with these own movements, measured anew only when one of them has changed. */
export function shelfOf(own: StoredOwnMovement[]): { catalogue: Catalogue; own: StoredOwnMovement[] } {
  const same = known !== undefined && known.own.length === own.length && known.own.every((one, index) => one === own[index])
  if (!same || !known) known = { own, catalogue: withOwn(LIBRARY, own) }
  return known
}

/** The library with the studio's own movements. */
export const studioLibrary = async (db: Database, studioId: string) => shelfOf(await listOwn(db, studioId))
