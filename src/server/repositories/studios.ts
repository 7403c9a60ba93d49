import { asc, eq } from 'drizzle-orm'
import { type Settings, settingsSchema } from '@/core/vocabulary'
import type { Database } from '../db/connection'
import { studios } from '../db/schema'
import { NotFoundError } from '../stale'

export interface Studio {
  id: string
  name: string
  instructor: string
  settings: Settings
}

/** Settings with their defaults; a value that no longer fits is left out, never a dead page. */
function settingsOf(row: { name: string; instructor: string; settings: unknown }): Settings {
  const plain = { house: row.name, instructor: row.instructor }
  const parsed = settingsSchema.safeParse({ ...(row.settings as object), ...plain })
  return parsed.success ? parsed.data : settingsSchema.parse(plain)
}

const columns = { id: studios.id, name: studios.name, instructor: studios.instructor, settings: studios.settings }

/** The studio of this installation, made on first use. One installation serves one studio; every row carries its id all the same. */
export async function theStudio(db: Database, fresh: Omit<Studio, 'settings'>): Promise<Studio> {
  const first = async () => (await db.select(columns).from(studios).orderBy(asc(studios.createdAt)).limit(1))[0]
  let found = await first()
  if (!found) {
    await db.insert(studios).values(fresh).onConflictDoNothing()
    found = await first()
  }
  if (!found) throw new NotFoundError('studio', fresh.id)
  return { ...found, settings: settingsOf(found) }
}

export async function saveSettings(db: Database, studioId: string, { house, instructor, ...settings }: Settings): Promise<void> {
  await db.update(studios).set({ name: house, instructor, settings, updatedAt: new Date() }).where(eq(studios.id, studioId))
}

/** When the house is closed. */
export async function closedOf(db: Database, studioId: string): Promise<Settings['closed']> {
  const [row] = await db.select(columns).from(studios).where(eq(studios.id, studioId))
  return row ? settingsOf(row).closed : []
}
