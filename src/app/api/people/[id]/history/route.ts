import { getClient } from '@/server/repositories/clients'
import { personHistory } from '@/server/repositories/history'
import { sheet, withId } from '../../../answers'

/** What classes have noted of somebody, as a spreadsheet: a row for each movement of each class, and one for a class without any. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a person', async ({ db, studio, id }) => {
    await getClient(db, studio.id, id)
    const { days, entries } = await personHistory(db, studio.id, id)
    return sheet(
      'history.csv',
      ['day', 'class', 'was there', 'exertion', 'pain in class', 'pain the day after', 'marks', 'note', 'item', 'version', 'kg', 'weaker side'],
      days.flatMap(({ day, title, presence, exertion, painDuring, painNextDay, marks, note }) => {
        const about = [day, title, presence, exertion, painDuring, painNextDay, (marks ?? []).join(' '), note]
        const done = entries.filter((entry) => entry.day === day)
        return done.length === 0 ? [[...about, '', '', '', '']] : done.map(({ item, variant, kg, side }) => [...about, item, variant, kg, side])
      }),
    )
  })
