import 'server-only'
import type { Day } from '@/core/vocabulary'
import type { Database } from './db/connection'
import { listClasses, rosters } from './repositories/classes'
import type { StoredClient } from './repositories/clients'
import { type OnDay, planDays } from './repositories/planning'

/** What a series asks somebody to do at home till the next time. */
export interface Homework {
  title: string
  at: NonNullable<OnDay['at']>
}

/** Of each series that somebody is in, what its last session asks for at home; of one that begins yet, its first. */
export async function homeworkOf(db: Database, studioId: string, client: StoredClient, today: Day): Promise<Homework[]> {
  const [classes, members] = await Promise.all([listClasses(db, studioId), rosters(db, studioId, [client])])
  const theirs = classes.filter(({ id, series }) => series && members.has(id) && members.get(id)!.length > 0)
  const asked = await Promise.all(
    theirs.map(async (stored): Promise<Homework[]> => {
      const { days, on } = await planDays(db, studioId, stored)
      const last = days.findLast(({ day }) => day <= today) ?? days[0]
      const at = last && on(last.day).at
      return at && at.homework.length > 0 ? [{ title: stored.plan.title, at }] : []
    }),
  )
  return asked.flat()
}
