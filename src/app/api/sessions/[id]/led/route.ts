import { ledFile } from '@/core/formats'
import { eventsOf } from '@/server/repositories/leadEvents'
import { getSession } from '@/server/repositories/sessions'
import { jsonFile, withId } from '../../../answers'

/** A class that was led as a file for the command line, from which a pace is learned; nobody is named in it. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a session', async ({ db, studio, id }) => {
    const [{ day, plan }, events] = await Promise.all([getSession(db, studio.id, id), eventsOf(db, studio.id, id)])
    return jsonFile(`led-${day}.json`, ledFile({ day, plan, events }))
  })
