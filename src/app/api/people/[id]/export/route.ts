import { getClient } from '@/server/repositories/clients'
import { traceOf } from '@/server/repositories/history'
import { letterContent, lettersOf } from '@/server/repositories/letters'
import { attendanceOfPerson } from '@/server/repositories/log'
import { overrulesOf } from '@/server/repositories/overrules'
import { screeningsOf } from '@/server/repositories/screenings'
import { withId } from '../../../answers'

/** Everything that is held on one person, as JSON. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a person', async ({ db, studio, id }) => {
    const person = await getClient(db, studio.id, id)
    const [screenings, listed, overrules, sessions, trace] = await Promise.all([
      screeningsOf(db, studio.id, id),
      lettersOf(db, studio.id, id),
      overrulesOf(db, studio.id, [id]),
      attendanceOfPerson(db, studio.id, id),
      traceOf(db, studio.id, id),
    ])
    const letters = await Promise.all(
      listed.map(async (letter) => ({ ...letter, content: Buffer.from((await letterContent(db, studio.id, letter.id)).content).toString('base64') })),
    )
    const body = {
      format: 'velvet-step/person-export',
      version: 2,
      record: person.record,
      screenings,
      letters,
      overrules: overrules.map(({ record }) => record),
      sessions,
      ...trace,
    }
    return new Response(JSON.stringify(body, null, 2), {
      headers: {
        'content-type': 'application/json',
        'content-disposition': `attachment; filename="person-${id.slice(0, 8)}.json"`,
        'cache-control': 'no-store',
      },
    })
  })
