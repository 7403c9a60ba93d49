import 'server-only'
import { coverageOf } from '@/core/coverage'
import { checkPlan, prescriptionsOf } from '@/core/plan'
import { type Attendance, attendanceIn, type Trained, trainedIn } from '@/core/progress'
import { expand } from '@/core/timing'
import { addDays, type Day } from '@/core/vocabulary'
import type { Database } from './db/connection'
import type { Shelf } from './judging'
import type { StoredClient } from './repositories/clients'
import { groupHistory } from './repositories/history'
import { ledSessions } from './repositories/led'
import { callNames } from './roster'

/** What was trained is asked of so many days, who came of twice as many. */
const TRAINED_DAYS = 28
const MOST_SESSIONS = 40

/** A group in its last weeks. */
export interface GroupLately {
  /** classes of the last four weeks that could be read */
  classes: number
  trained: Trained
  /** of everybody on the list, whoever missed most first */
  attendance: (Attendance & { name: string })[]
}

/** What the last four weeks of a class trained and forgot, as it was planned when it was led; and who came in the last eight. */
export async function groupLately(
  db: Database,
  studioId: string,
  { catalogue }: Shelf,
  { classId, roster, day }: { classId: string; roster: readonly StoredClient[]; day: Day },
): Promise<GroupLately> {
  const from = addDays(day, -2 * TRAINED_DAYS)
  const ids = roster.map(({ id }) => id)
  const [led, { days }] = await Promise.all([
    ledSessions(db, studioId, [classId], { from, before: addDays(day, 1), most: MOST_SESSIONS }),
    groupHistory(db, studioId, ids, from),
  ])
  const covered = led
    .filter((session) => session.day > addDays(day, -TRAINED_DAYS))
    .flatMap(({ plan: draft }) => {
      const checked = checkPlan(draft, catalogue)
      return 'plan' in checked ? [coverageOf(checked.plan, prescriptionsOf(checked.plan, catalogue), expand(checked.plan, catalogue))] : []
    })
  const sessions = new Set(led.map(({ id }) => id))
  const came = new Map(
    ids.map((id) => [id, days.filter(({ clientId, sessionId }) => clientId === id && sessions.has(sessionId)).map((one) => one.day)]),
  )
  const names = callNames(roster.map(({ record }) => record))
  const attendance = attendanceIn(led.map((session) => session.day).toSorted(), came)
    .map((one, at) => ({ ...one, name: names[at]! }))
    .toSorted((a, b) => b.missed - a.missed || a.name.localeCompare(b.name))
  return { classes: covered.length, trained: trainedIn(covered), attendance }
}
