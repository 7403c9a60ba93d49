import { calendarFile } from '@/server/calendarFile'
import type { Database } from '@/server/db/connection'
import type { StoredClass } from '@/server/repositories/classes'
import { planDays } from '@/server/repositories/planning'
import type { Studio } from '@/server/repositories/studios'
import { today } from '@/server/studio'
import { seriesWords } from '@/ui/series/seriesWords'

/** Classes as a file for a calendar, from today on. */
export async function calendarAnswer(db: Database, studio: Studio, classes: readonly StoredClass[]): Promise<Response> {
  const { house, venue, closed, zone = Intl.DateTimeFormat().resolvedOptions().timeZone } = studio.settings
  const all = await Promise.all(
    classes.map(async (stored) => {
      const { days, on } = await planDays(db, studio.id, stored)
      const sessions = days.flatMap(({ day }) => {
        const { at } = on(day)
        return at ? [{ day, words: seriesWords(at) }] : []
      })
      const { title, promisedMinutes } = stored.plan
      return { ...stored, title, minutes: promisedMinutes, sessions }
    }),
  )
  return new Response(calendarFile(all, { house, address: venue.address, zone, closed }, today(studio), Date.now()), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="classes.ics"',
      'cache-control': 'no-store',
    },
  })
}
