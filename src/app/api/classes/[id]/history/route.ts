import { getClass } from '@/server/repositories/classes'
import { classHistory } from '@/server/repositories/history'
import { sheet, withId } from '../../../answers'

/** The sessions of a class, as a spreadsheet. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a class', async ({ db, studio, id }) => {
    await getClass(db, studio.id, id)
    const days = await classHistory(db, studio.id, id)
    return sheet(
      'class-history.csv',
      ['day', 'came', 'exertion', 'pain the day after', 'took, s', 'near-falls', 'pace', 'marks', 'note'],
      days.map(({ day, came, exertion, painNextDay, tookSeconds, nearFalls, notes, note }) => [
        day,
        came,
        exertion,
        painNextDay,
        tookSeconds,
        nearFalls,
        notes?.pace ?? '',
        (notes?.chips ?? []).join(' '),
        note,
      ]),
    )
  })
