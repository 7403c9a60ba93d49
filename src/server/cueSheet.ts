import 'server-only'
import { cueWordsFor } from '@/content/cueWords'
import { type CueLine, cueSheet } from '@/core/formats'
import { checkPlan, prescriptionsOf, withKnown } from '@/core/plan'
import type { Database } from './db/connection'
import { groupOn } from './experience'
import { askClass } from './judging'
import { studioLibrary } from './library'
import { rosterOf, type StoredClass } from './repositories/classes'
import { planDays } from './repositories/planning'
import type { Studio } from './repositories/studios'
import { shownDay } from './studio'

/** The cue sheet of a class on a day, with where that stands in its series, at the times that its people make, with all that it was judged on; no line for what the library no longer has. */
export async function cueSheetOf(db: Database, studio: Studio, stored: StoredClass, asked: string | undefined) {
  const day = shownDay(studio, stored, asked)
  const [shelf, roster, { on }] = await Promise.all([
    studioLibrary(db, studio.id),
    rosterOf(db, studio.id, stored.id),
    planDays(db, studio.id, stored),
  ])
  const { plan, at } = on(day)
  const group = await groupOn(db, studio, { roster, day, classId: stored.id })
  const {
    shown: { model },
  } = await askClass(shelf, 'first', stored.id, { plan, ...group })
  const { houseRules } = studio.settings
  const checked = checkPlan(withKnown(plan, group.experience.knows), shelf.catalogue)
  const lines: CueLine[] =
    'plan' in checked
      ? cueSheet(checked.plan, prescriptionsOf(checked.plan, shelf.catalogue), model.timeline, shelf.catalogue, cueWordsFor(houseRules), houseRules)
      : []
  return { day, plan, at, model, lines, shelf, roster, group }
}
