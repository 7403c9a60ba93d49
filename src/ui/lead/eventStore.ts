'use client'
import { type DBSchema, openDB } from 'idb'
import { z } from 'zod'
import { inOrder, type LeadEvent, leadEventSchema, ordered } from '@/core/lead'
import type { LeadPack } from './pack'

/** 0 waiting, 1 kept by the server, 2 set aside: the server refused it and says why. */
type Sent = 0 | 1 | 2
interface Store extends DBSchema {
  events: { key: string; value: LeadEvent & { session: string; sent: Sent; why?: string }; indexes: { session: string } }
  /** what a session is led by, for a start without a network */
  packs: { key: string; value: LeadPack }
  own: { key: string; value: string }
}
type Row = Store['events']['value']

/** What is kept is on the disk before it counts as kept. */
const STRICT = { durability: 'strict' } as const

const open = () =>
  openDB<Store>('velvet-step', 2, {
    upgrade(db, before) {
      if (before < 1) db.createObjectStore('events', { keyPath: 'id' }).createIndex('session', 'session')
      if (before < 2) {
        db.createObjectStore('packs', { keyPath: 'session' })
        db.createObjectStore('own')
      }
    },
  })

/** Keeps what a session is led by until it has ended and the server has every tap. */
export async function keepPack(pack: LeadPack): Promise<void> {
  const db = await open()
  const change = db.transaction('packs', 'readwrite', STRICT)
  await change.store.put(pack)
  await change.done
  db.close()
}

/** What this browser kept of a session; nothing where it was never opened here, or has ended. */
export async function packOf(session: string): Promise<LeadPack | undefined> {
  const db = await open()
  const pack = await db.get('packs', session)
  db.close()
  return pack
}

/** Keeps an event in this browser before anything else is done with it. */
export async function keepEvent(session: string, event: LeadEvent): Promise<void> {
  const db = await open()
  const change = db.transaction('events', 'readwrite', STRICT)
  await change.store.put({ ...event, session, sent: 0 })
  await change.done
  db.close()
}

const bare = ({ session: _session, sent: _sent, why: _why, ...event }: Row): LeadEvent => event

/** What is known of a session, and what the server says the time is, where it answers. */
export interface KnownEvents {
  events: LeadEvent[]
  /** number of the latest that the server has; -1 = nothing was heard of it */
  last: number
  server?: { now: number; tookMs: number }
}
/** A server that has not answered by then is not waited for, ms. */
const ASKED_MS = 4000
const knownSchema = z.object({ events: z.array(z.unknown()), last: z.number(), now: z.number() })

/** What the server has of a session after a tap of it; nothing while it does not answer. */
async function heard(session: string, since: number): Promise<(Omit<KnownEvents, 'server'> & { now: number }) | undefined> {
  const answer = await fetch(`/api/sessions/${session}/events?since=${since}`, { signal: AbortSignal.timeout(ASKED_MS) })
    .then((response) => (response.ok ? response.json() : undefined))
    .then((body: unknown) => knownSchema.safeParse(body).data)
    .catch(() => undefined)
  return answer && { ...answer, events: answer.events.flatMap((event) => leadEventSchema.safeParse(event).data ?? []) }
}

/** Taps as they come to the server, from a stream; it opens itself again. @returns how to stop */
export function streamEvents(session: string, since: number, heardOf: (found: Pick<KnownEvents, 'events' | 'last'>) => void): () => void {
  const source = new EventSource(`/api/sessions/${session}/stream?since=${since}`)
  source.onmessage = ({ data }: MessageEvent<string>) => {
    const found = knownSchema.safeParse(JSON.parse(data)).data
    if (found) heardOf({ last: found.last, events: found.events.flatMap((event) => leadEventSchema.safeParse(event).data ?? []) })
  }
  return () => source.close()
}

/** Taps that came to the server from elsewhere since one of them. */
export async function newEvents(session: string, since: number): Promise<Pick<KnownEvents, 'events' | 'last'>> {
  return (await heard(session, since)) ?? { events: [], last: since }
}

/** Events of a session from this browser and the server together, each once. The server may be out of reach. */
export async function allEvents(session: string): Promise<KnownEvents> {
  const db = await open()
  const local = (await db.getAllFromIndex('events', 'session', session)).filter(({ sent }) => sent !== 2).map(bare)
  db.close()
  const began = performance.now()
  const answer = await heard(session, -1)
  return {
    events: ordered([...(answer?.events ?? []), ...local]),
    last: answer?.last ?? -1,
    ...(answer && { server: { now: answer.now, tookMs: performance.now() - began } }),
  }
}

const DEVICE = 'device'
/** A name of this browser among those that lead. It stands beside the taps, on the disk: what is only remembered is gone after a crash. */
export async function deviceName(): Promise<string> {
  const db = await open()
  const change = db.transaction('own', 'readwrite', STRICT)
  const known = await change.store.get(DEVICE)
  const name = known ?? crypto.randomUUID().slice(0, 8)
  if (!known) await change.store.put(name, DEVICE)
  await change.done
  db.close()
  return name
}

const answerSchema = z.object({ kept: z.array(z.string()), refused: z.array(z.object({ id: z.string(), why: z.string() })) })
const BATCH = 200

/** What the server made of a batch; undefined while it does not answer. */
async function send(session: string, batch: readonly Row[]): Promise<z.infer<typeof answerSchema> | undefined> {
  const response = await fetch(`/api/sessions/${session}/events`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ events: batch.map(bare) }),
  }).catch(() => undefined)
  if (!response) return undefined
  if (response.ok) return answerSchema.safeParse(await response.json().catch(() => undefined)).data
  // a session that is gone takes no taps; anything else may pass
  if (response.status === 404) return { kept: [], refused: batch.map(({ id }) => ({ id, why: 'the class it belongs to is gone' })) }
  return undefined
}

/** Taps of a class that was ended and kept by the server leave this device. */
async function tidy(db: Awaited<ReturnType<typeof open>>, session: string): Promise<void> {
  const rows = await db.getAllFromIndex('events', 'session', session)
  if (!rows.some(({ kind }) => kind === 'end') || rows.some(({ sent }) => sent === 0)) return
  const change = db.transaction(['events', 'packs'], 'readwrite')
  for (const row of rows) if (row.sent === 1) await change.objectStore('events').delete(row.id)
  await change.objectStore('packs').delete(session)
  await change.done
}

export interface Waiting {
  /** taps that the server has not kept yet */
  waiting: number
  /** why taps were set aside */
  refused: string[]
}
const NOTHING: Waiting = { waiting: 0, refused: [] }

/**
 * Sends what any lead screen of this browser has left, each session in order.
 *
 * @returns what is still open, by session
 */
export async function sendEvents(): Promise<Map<string, Waiting>> {
  const db = await open()
  try {
    const rows = await db.getAll('events')
    const left = new Map<string, Waiting>()
    for (const session of new Set(rows.map((row) => row.session))) {
      const all = rows.filter((row) => row.session === session)
      const waiting = all.filter(({ sent }) => sent === 0).sort(inOrder)
      const refused = all.flatMap(({ sent, why }) => (sent === 2 ? [why ?? ''] : []))
      let open = waiting.length
      for (let from = 0; from < waiting.length; from += BATCH) {
        const batch = waiting.slice(from, from + BATCH)
        const outcome = await send(session, batch)
        if (!outcome) break
        const change = db.transaction('events', 'readwrite')
        for (const row of batch) {
          const why = outcome.refused.find(({ id }) => id === row.id)?.why
          if (why === undefined && !outcome.kept.includes(row.id)) continue
          if (why !== undefined) refused.push(why)
          await change.store.put({ ...row, sent: why === undefined ? 1 : 2, ...(why !== undefined && { why }) })
          open--
        }
        await change.done
      }
      await tidy(db, session)
      left.set(session, { waiting: open, refused })
    }
    return left
  } finally {
    db.close()
  }
}

export const sendEventsOf = async (session: string): Promise<Waiting> => (await sendEvents()).get(session) ?? NOTHING
