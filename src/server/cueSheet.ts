import 'server-only'
import type { ClassModel } from '@/core/evaluate'
import { type CueLine, cueSheet } from '@/core/formats'
import { checkPlan, prescriptionsOf, withKnown } from '@/core/plan'
import type { Database } from './db/connection'
import { experienceOf } from './experience'
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
): Promise<{ day: string; model: ClassModel; lines: CueLine[] }> {
  const day = shownDay(studio, stored, asked)
  const [shelf, roster] = await Promise.all([studioLibrary(db, studio.id), rosterOf(db, studio.id, stored.id)])
  const [people, experience] = await Promise.all([
    peopleOn(db, studio.id, roster, day, stored.id),
    experienceOf(db, studio, { classId: stored.id, size: roster.length, day }),
  ])
  const { shown } = await askClass(shelf, 'first', stored.id, { plan: stored.plan, people, experience })
  const { model } = shown
  const checked = checkPlan(withKnown(stored.plan, experience.knows), shelf.catalogue)
  const lines = 'plan' in checked ? cueSheet(checked.plan, prescriptionsOf(checked.plan, shelf.catalogue), model.timeline, shelf.catalogue) : []
  return { day, model, lines }
}
