import 'server-only'
import { cache } from 'react'
import { isDay } from '@/core/client'
import { meetings, type Schedule } from '@/core/plan'
import { addMonths, type Day, dayIn, type Settings } from '@/core/vocabulary'
import { database } from './db/connection'
import { type Studio, theStudio } from './repositories/studios'

export const NEW_STUDIO: Omit<Studio, 'settings'> = {
  id: '5d0c1e2a-7b1f-4c55-9d3e-2f6a8b9c0d11',
  name: 'The old boathouse, Tarnbeck',
  instructor: 'Odile Marrow',
}

/** The database with the studio it serves; looked up once a page, whose frame and content both ask. */
export const here = cache(async () => {
  const db = await database()
  return { db, studio: await theStudio(db, NEW_STUDIO) }
})

/** Today in the studio's own time zone, YYYY-MM-DD; tests fix it. */
export function today({ settings }: Pick<Studio, 'settings'>): string {
  return process.env.VELVET_TODAY || dayIn(new Date(), settings.zone)
}

/** The day for which a class is shown: the one that is asked for, else its next. */
export const shownDay = (studio: Pick<Studio, 'settings'>, schedule: Schedule, asked: string | undefined): Day =>
  asked !== undefined && isDay(asked) ? asked : (meetings(schedule, studio.settings.closed, today(studio), 1)[0] ?? today(studio))

/** Who came last before this day is past the time for which the house keeps data; undefined = it has not said. */
export const keptSince = ({ keepYears }: Pick<Settings, 'keepYears'>, day: Day): Day | undefined =>
  keepYears === 0 ? undefined : addMonths(day, -12 * keepYears)
