import { z } from 'zod'
import { parseKeepable, problemsOf, problemsText } from '@/core/formats'
import { type LeadEvent, leadEventSchema } from '@/core/lead'
import { afterwards } from '@/server/afterwards'
import { notePace } from '@/server/leading'
import { announce } from '@/server/live'
import { addEvents, eventsSince, type KeptEvents } from '@/server/repositories/leadEvents'
import { getSession } from '@/server/repositories/sessions'
import { bodyOf, withId } from '../../../answers'

/** A batch is sent in pieces of this many. */
const MOST_EVENTS = 500
/** An event has a text of a few hundred characters at most. */
const MOST_BYTES = 2 * 1024 * 1024

function parsedJson(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder().decode(bytes))
  } catch {
    return undefined
  }
}
const bodySchema = z.strictObject({
  events: z
    .array(z.looseObject({ id: z.uuid() }))
    .min(1)
    .max(MOST_EVENTS),
})

/** Taps of a class are sent within days; a clock that is farther off is wrong, ms. */
const FARTHEST_OFF_MS = 3 * 24 * 60 * 60 * 1000

interface Params {
  params: Promise<{ id: string }>
}

/** What can be kept of a batch, and why the rest cannot. One refused tap does not hold up the others. */
function sorted(events: readonly { id: string }[], now: number): { sound: LeadEvent[]; refused: KeptEvents['refused'] } {
  const sound: LeadEvent[] = []
  const refused: KeptEvents['refused'] = []
  for (const event of events) {
    const parsed = parseKeepable(leadEventSchema, event)
    if ('problems' in parsed) refused.push({ id: event.id, why: problemsText(parsed.problems) })
    else if (Math.abs(parsed.value.at - now) > FARTHEST_OFF_MS)
      refused.push({ id: event.id, why: 'its time is days away from now: the clock of the device is wrong' })
    else if (sound.some(({ id }) => id === event.id)) refused.push({ id: event.id, why: 'it is there twice in one batch' })
    else sound.push(parsed.value)
  }
  return { sound, refused }
}

/** Keeps events of a led class; sending one twice does no harm. */
export async function POST(request: Request, { params }: Params) {
  return withId(params, 'a session', async ({ db, studio, id }) => {
    const body = bodySchema.safeParse(parsedJson(await bodyOf(request, MOST_BYTES)))
    if (!body.success) return Response.json({ problems: problemsOf(body.error) }, { status: 400 })
    const session = await getSession(db, studio.id, id)
    const { sound, refused } = sorted(body.data.events, Date.now())
    const outcome = await addEvents(db, studio.id, id, sound)
    if (outcome.kept.length > 0) announce(id)
    // after the answer: a tap does not wait for what is learned from it; a class teaches when it ends, and by what comes late
    const hasEnded = session.stretches !== null || sound.some(({ kind }) => kind === 'end')
    if (hasEnded && outcome.kept.length > 0) afterwards(() => notePace(db, studio, session))
    return Response.json({ kept: outcome.kept, refused: [...refused, ...outcome.refused] } satisfies KeptEvents)
  })
}

const sinceSchema = z.coerce.number().int().min(-1).max(2_147_483_647).catch(-1)

/** Taps of a class: all, or those that came after the one whose number is asked with. */
export const GET = (request: Request, { params }: Params) =>
  withId(params, 'a session', async ({ db, studio, id }) => {
    await getSession(db, studio.id, id)
    // taps from before they were numbered have none
    const since = sinceSchema.parse(new URL(request.url).searchParams.get('since') ?? -1)
    // by what this says all devices set their clocks
    return Response.json({ ...(await eventsSince(db, studio.id, id, since)), now: Date.now() })
  })
