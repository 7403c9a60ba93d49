import { and, eq, gt, max } from 'drizzle-orm'
import { type LeadEvent, ordered, SAID_WITH } from '@/core/lead'
import { among } from '../db/among'
import type { Database } from '../db/connection'
import { leadEvents, sessions } from '../db/schema'
import { ownSession } from './owned'

/** What became of events that were sent. */
export interface KeptEvents {
  kept: string[]
  refused: { id: string; why: string }[]
}

type Row = typeof leadEvents.$inferSelect

/** An event as it was tapped, of its row. */
export const eventOf = ({ id, at, kind, text, person, device, sequence, said }: Row): LeadEvent => ({
  id,
  at,
  kind,
  ...(text !== null && { text }),
  ...(person !== null && { person }),
  ...(device !== null && { device }),
  ...(sequence !== null && { sequence }),
  ...said,
})

/** Its row; what only some kinds say stands in one column. */
function rowOf(event: LeadEvent): Pick<Row, 'id' | 'at' | 'kind'> & Partial<Row> {
  const { item: _item, variant: _variant, kg: _kg, of: _of, view: _view, drops: _drops, ...plain } = event
  const said = Object.fromEntries(SAID_WITH.flatMap((name) => (event[name] === undefined ? [] : [[name, event[name]]]))) as NonNullable<Row['said']>
  return { ...plain, ...(Object.keys(said).length > 0 && { said }) }
}

const told = (event: LeadEvent): string => JSON.stringify(Object.entries(event).sort(([a], [b]) => (a < b ? -1 : 1)))
const sameEvent = (a: LeadEvent, b: LeadEvent): boolean => told(a) === told(b)

/**
 * Keeps events of a led class. One that is there already with the same content counts as kept, so that sending twice does no harm; one
 * whose id is known with other content is refused, and the others go on.
 */
export async function addEvents(db: Database, studioId: string, sessionId: string, events: readonly LeadEvent[]): Promise<KeptEvents> {
  if (events.length === 0) return { kept: [], refused: [] }
  return db.transaction(async (tx) => {
    await ownSession(tx, studioId, sessionId)
    // the session is held meanwhile, so that no two taps get the same number
    await tx.select({ id: sessions.id }).from(sessions).where(eq(sessions.id, sessionId)).for('update')
    const [highest] = await tx
      .select({ ordinal: max(leadEvents.ordinal) })
      .from(leadEvents)
      .where(eq(leadEvents.sessionId, sessionId))
    const last = highest?.ordinal ?? 0
    const made = await tx
      .insert(leadEvents)
      .values(events.map((event, index) => ({ ...rowOf(event), studioId, sessionId, ordinal: last + 1 + index })))
      .onConflictDoNothing({ target: leadEvents.id })
      .returning({ id: leadEvents.id })
    const fresh = new Set(made.map(({ id }) => id))
    const rest = events.filter(({ id }) => !fresh.has(id))
    const known =
      rest.length === 0
        ? []
        : await tx
            .select()
            .from(leadEvents)
            .where(
              among(
                leadEvents.id,
                rest.map(({ id }) => id),
              ),
            )
    const refused = rest.flatMap((event) => {
      const there = known.find(({ id }) => id === event.id)
      const same = there && there.sessionId === sessionId && there.studioId === studioId && sameEvent(eventOf(there), event)
      return same ? [] : [{ id: event.id, why: 'this id was used for another tap' }]
    })
    return { kept: events.map(({ id }) => id).filter((id) => !refused.some((one) => one.id === id)), refused }
  })
}

export async function eventsOf(db: Database, studioId: string, sessionId: string): Promise<LeadEvent[]> {
  return (await eventsSince(db, studioId, sessionId, -1)).events
}

/** Taps that came to the server after one, and the number of the latest; all when nothing is known yet. */
export async function eventsSince(db: Database, studioId: string, sessionId: string, since: number): Promise<{ events: LeadEvent[]; last: number }> {
  const rows = await db
    .select()
    .from(leadEvents)
    .where(and(eq(leadEvents.studioId, studioId), eq(leadEvents.sessionId, sessionId), gt(leadEvents.ordinal, since)))
  return { events: ordered(rows.map(eventOf)), last: rows.reduce((last, { ordinal }) => Math.max(last, ordinal), since) }
}
