import 'server-only'
import { type CueLine, cueSheet } from '@/core/formats'
import { checkPlan, prescriptionsOf } from '@/core/plan'
import type { Timeline } from '@/core/timing'
import type { Database } from './db/connection'
import { askClass } from './judging'
import { studioLibrary } from './library'
import { rosterOf, type StoredClass } from './repositories/classes'
import type { Studio } from './repositories/studios'
import { peopleOn } from './roster'
import { shownDay } from './studio'

/** The cue sheet of a class on a day, at the times that its people make; no line for what the library no longer has. */
export async function cueSheetOf(
  db: Database,
  studio: Studio,
  stored: StoredClass,
  asked: string | undefined,
): Promise<{ day: string; timeline: Timeline; lines: CueLine[] }> {
  const day = shownDay(studio, stored, asked)
  const [shelf, roster] = await Promise.all([studioLibrary(db, studio.id), rosterOf(db, studio.id, stored.id)])
  const people = await peopleOn(db, studio.id, roster, day, stored.id)
  const { shown } = await askClass(shelf, 'first', stored.id, { plan: stored.plan, people })
  const { timeline } = shown.model
  const checked = checkPlan(stored.plan, shelf.catalogue)
  const lines = 'plan' in checked ? cueSheet(checked.plan, prescriptionsOf(checked.plan, shelf.catalogue), timeline, shelf.catalogue) : []
  return { day, timeline, lines }
}
