import { z } from 'zod'
import { problemsOf } from '@/core/formats'
import { leadEventSchema } from '@/core/lead'
import { addEvents, eventsOf, getSession } from '@/server/repositories/sessions'
import { withId } from '../../../answers'

const bodySchema = z.strictObject({ events: z.array(leadEventSchema).min(1).max(500) })

interface Params {
  params: Promise<{ id: string }>
}

/** Keeps events of a led class; sending one twice does no harm. */
export async function POST(request: Request, { params }: Params) {
  const body = bodySchema.safeParse(await request.json().catch(() => undefined))
  if (!body.success) return Response.json({ problems: problemsOf(body.error) }, { status: 400 })
  return withId(params, 'a session', async ({ db, studio, id }) => {
    await getSession(db, studio.id, id)
    await addEvents(db, studio.id, id, body.data.events)
    return Response.json({ kept: body.data.events.length })
  })
}

export const GET = (_request: Request, { params }: Params) =>
  withId(params, 'a session', async ({ db, studio, id }) => {
    await getSession(db, studio.id, id)
    return Response.json({ events: await eventsOf(db, studio.id, id) })
  })
