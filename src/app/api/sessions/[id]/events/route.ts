import { z } from 'zod'
import { problemsOf } from '@/core/formats'
import { leadEventSchema } from '@/core/lead'
import { addEvents, eventsOf, getSession } from '@/server/repositories/sessions'
import { NotFoundError } from '@/server/stale'
import { here } from '@/server/studio'

const bodySchema = z.strictObject({ events: z.array(leadEventSchema).min(1).max(500) })

interface Params {
  params: Promise<{ id: string }>
}

async function withSession(id: string, run: (place: Awaited<ReturnType<typeof here>>) => Promise<Response>): Promise<Response> {
  if (!z.uuid().safeParse(id).success)
    return Response.json({ problems: [{ path: '$.id', message: 'expected the id of a session' }] }, { status: 400 })
  try {
    const place = await here()
    await getSession(place.db, place.studio.id, id)
    return await run(place)
  } catch (error) {
    if (error instanceof NotFoundError) return Response.json({ problems: [{ path: '$.id', message: error.message }] }, { status: 404 })
    throw error
  }
}

/** Keeps events of a led class; sending one twice does no harm. */
export async function POST(request: Request, { params }: Params) {
  const { id } = await params
  const body = bodySchema.safeParse(await request.json().catch(() => undefined))
  if (!body.success) return Response.json({ problems: problemsOf(body.error) }, { status: 400 })
  return withSession(id, async ({ db, studio }) => {
    await addEvents(db, studio.id, id, body.data.events)
    return Response.json({ kept: body.data.events.length })
  })
}

export async function GET(_request: Request, { params }: Params) {
  const { id } = await params
  return withSession(id, async ({ db, studio }) => Response.json({ events: await eventsOf(db, studio.id, id) }))
}
