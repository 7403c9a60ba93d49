import { getClass } from '@/server/repositories/classes'
import { withId } from '../../../answers'
import { calendarAnswer } from '../../../calendarAnswer'

/** When one class meets, for the calendar of whoever comes. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a class', async ({ db, studio, id }) => calendarAnswer(db, studio, [await getClass(db, studio.id, id)]))
