import { fullName } from '@/core/client'
import { peopleFile } from '@/core/formats'
import { attendedDays } from '@/server/repositories/checkIns'
import { getClass, rosterOf } from '@/server/repositories/classes'
import { today } from '@/server/studio'
import { jsonFile, refuse, withId } from '../../../answers'

/** The people of a class with all that is on record of them, for whoever takes it over: chosen apart from its plan, because it is health data. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a class', async ({ db, studio, id }) => {
    await getClass(db, studio.id, id)
    const roster = await rosterOf(db, studio.id, id)
    if (roster.length === 0) return refuse('$.id', 'nobody is on the list of this class', 404)
    const attended = await attendedDays(
      db,
      studio.id,
      roster.map((one) => one.id),
      today(studio),
    )
    return jsonFile(
      'people.json',
      peopleFile(roster.map((one) => ({ id: one.id, name: fullName(one.record), record: one.record, attended: attended.get(one.id) ?? [] }))),
    )
  })
