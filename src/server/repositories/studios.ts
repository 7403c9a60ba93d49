import { asc } from 'drizzle-orm'
import type { Database } from '../db/connection'
import { studios } from '../db/schema'

export interface Studio {
  id: string
  name: string
  instructor: string
}

/** The studio of this installation, made on first use. One installation serves one studio; every row carries its id all the same. */
export async function theStudio(db: Database, fresh: Studio): Promise<Studio> {
  const first = async () =>
    (
      await db.select({ id: studios.id, name: studios.name, instructor: studios.instructor }).from(studios).orderBy(asc(studios.createdAt)).limit(1)
    )[0]
  const found = await first()
  if (found) return found
  await db.insert(studios).values(fresh).onConflictDoNothing()
  return (await first())!
}
