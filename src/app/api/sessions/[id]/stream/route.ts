import { z } from 'zod'
import { follow } from '@/server/live'
import { eventsSince } from '@/server/repositories/leadEvents'
import { getSession } from '@/server/repositories/sessions'
import { withId } from '../../../answers'

export const dynamic = 'force-dynamic'

/** Taps of another process reach the database and not this one; so often it is looked, ms. */
const LOOK_MS = 2000

/** Taps of a session as they come, as server-sent events: for a projector, and for another device that follows. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a session', async ({ db, studio, id }) => {
    await getSession(db, studio.id, id)
    let last = z.coerce
      .number()
      .int()
      .min(-1)
      .catch(-1)
      .parse(new URL(request.url).searchParams.get('since') ?? -1)
    let stop = () => {}
    const stream = new ReadableStream<Uint8Array>({
      start(controller) {
        const encoder = new TextEncoder()
        let busy = false
        let again = false
        const send = async () => {
          if (busy) {
            again = true
            return
          }
          busy = true
          try {
            const found = await eventsSince(db, studio.id, id, last)
            if (found.events.length > 0) {
              last = found.last
              controller.enqueue(encoder.encode(`data: ${JSON.stringify({ ...found, now: Date.now() })}\n\n`))
            }
          } catch {
            // closed meanwhile, or the database is away: whoever listens asks again by itself
            stop()
          } finally {
            busy = false
          }
          if (again) {
            again = false
            void send()
          }
        }
        const unfollow = follow(id, () => void send())
        const timer = setInterval(() => void send(), LOOK_MS)
        stop = () => {
          unfollow()
          clearInterval(timer)
          try {
            controller.close()
          } catch {
            // closed by the other end already
          }
        }
        controller.enqueue(encoder.encode(': open\n\n'))
        void send()
      },
      cancel: () => stop(),
    })
    request.signal.addEventListener('abort', () => stop())
    return new Response(stream, { headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' } })
  })
