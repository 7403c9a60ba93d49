'use client'
import { type DBSchema, openDB } from 'idb'
import { type LeadEvent, leadEventSchema } from '@/core/lead'

interface Store extends DBSchema {
  events: { key: string; value: LeadEvent & { session: string; sent: 0 | 1 }; indexes: { session: string } }
}

const open = () =>
  openDB<Store>('velvet-step', 1, {
    upgrade(db) {
      db.createObjectStore('events', { keyPath: 'id' }).createIndex('session', 'session')
    },
  })

/** Keeps an event in this browser before anything else is done with it. */
export async function keepEvent(session: string, event: LeadEvent): Promise<void> {
  const db = await open()
  await db.put('events', { ...event, session, sent: 0 })
  db.close()
}

const bare = ({ session: _session, sent: _sent, ...event }: Store['events']['value']): LeadEvent => event

/** Events of a session from this browser and the server together, each once. The server may be out of reach. */
export async function allEvents(session: string): Promise<LeadEvent[]> {
  const db = await open()
  const local = (await db.getAllFromIndex('events', 'session', session)).map(bare)
  db.close()
  const remote = await fetch(`/api/sessions/${session}/events`)
    .then((response) => (response.ok ? response.json() : { events: [] }))
    .then(({ events }: { events: unknown[] }) => events.flatMap((event) => leadEventSchema.safeParse(event).data ?? []))
    .catch(() => [])
  return [...new Map([...remote, ...local].map((event) => [event.id, event])).values()].sort((a, b) => a.at - b.at)
}

/** Sends what has not been sent, in order. @returns how many are still waiting */
export async function sendEvents(session: string): Promise<number> {
  const db = await open()
  const waiting = (await db.getAllFromIndex('events', 'session', session)).filter(({ sent }) => sent === 0).sort((a, b) => a.at - b.at)
  try {
    if (waiting.length === 0) return 0
    const response = await fetch(`/api/sessions/${session}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ events: waiting.map(bare) }),
    })
    if (!response.ok) return waiting.length
    const change = db.transaction('events', 'readwrite')
    for (const event of waiting) await change.store.put({ ...event, sent: 1 })
    await change.done
    return 0
  } catch {
    return waiting.length
  } finally {
    db.close()
  }
}
