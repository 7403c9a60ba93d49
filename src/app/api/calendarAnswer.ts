import { calendarFile } from '@/server/calendarFile'
import type { StoredClass } from '@/server/repositories/classes'
import type { Studio } from '@/server/repositories/studios'
import { today } from '@/server/studio'

/** Classes as a file for a calendar, from today on. */
export function calendarAnswer(studio: Studio, classes: readonly StoredClass[]): Response {
  const { house, venue, closed, zone = Intl.DateTimeFormat().resolvedOptions().timeZone } = studio.settings
  const all = classes.map(({ plan: { title, promisedMinutes }, ...one }) => ({ ...one, title, minutes: promisedMinutes }))
  return new Response(calendarFile(all, { house, address: venue.address, zone, closed }, today(studio), Date.now()), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="classes.ics"',
      'cache-control': 'no-store',
    },
  })
}
