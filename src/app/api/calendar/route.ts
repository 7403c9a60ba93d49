import { listClasses } from '@/server/repositories/classes'
import { here } from '@/server/studio'
import { calendarAnswer } from '../calendarAnswer'

/** Every class with a day, for the calendar of whoever leads. */
export async function GET() {
  const { db, studio } = await here()
  return calendarAnswer(db, studio, await listClasses(db, studio.id))
}
