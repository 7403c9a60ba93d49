import { getSession } from '@/server/repositories/sessions'
import { packForRoom } from '@/ui/lead/pack'
import { leadPack } from '../../../../lead/[id]/leadPack'
import { withId } from '../../../answers'

/** What a session is led by now: for a screen that was open when somebody said something at the door. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a session', async ({ db, studio, id }) => {
    const pack = await leadPack(db, studio, await getSession(db, studio.id, id))
    return Response.json(new URL(request.url).searchParams.get('for') === 'room' ? packForRoom(pack) : pack)
  })
