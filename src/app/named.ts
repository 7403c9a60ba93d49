import { notFound } from 'next/navigation'
import { z } from 'zod'
import type { Database } from '@/server/db/connection'
import { NotFoundError } from '@/server/stale'
import { here } from '@/server/studio'

/** What the id in a page's address names, with where it is kept; the not-found page when there is no such thing. */
export async function named<T>(params: Promise<{ id: string }>, load: (db: Database, studioId: string, id: string) => Promise<T>) {
  const { id } = await params
  if (!z.uuid().safeParse(id).success) notFound()
  const place = await here()
  const found = await load(place.db, place.studio.id, id).catch((error: unknown) => {
    if (error instanceof NotFoundError) notFound()
    throw error
  })
  return { ...place, id, found }
}
