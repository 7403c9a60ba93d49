import { asLed, classNotesSchema, derivedLog, fold, itemTimes, type LeadState, type Led, type LogEntry, type LogRow } from '@/core/lead'
import { type Catalogue, ladderOf } from '@/core/movement'
import { itemsOf } from '@/core/plan'
import type { Timeline } from '@/core/timing'
import type { Database } from '@/server/db/connection'
import { beganWith, type Leading, ledSession, peopleOfSession, type SessionPeople } from '@/server/leading'
import { studioLibrary } from '@/server/library'
import { logOf } from '@/server/repositories/log'
import type { StoredSession } from '@/server/repositories/sessions'
import { callNames } from '@/server/roster'
import type { LogItem } from '@/ui/log/LogItems'
import type { LogStart } from '@/ui/log/useLog'

export interface SessionLog {
  start: LogStart
  items: LogItem[]
  state: LeadState
  timeline: Timeline
  led: Led[]
  /** number of the latest tap that it knows */
  last: number
  nameOf: (person: string) => string
  movementOf: (item: string) => string
  /** what a version of the library is called */
  versionOf: (variant: string) => string
}

const nameIn = (catalogue: Catalogue, variant: string, movementId: string | undefined): string => {
  const entry = catalogue.byId.get(variant)
  if (!entry) return variant
  return entry.movement.id === movementId ? entry.variant.name : `${entry.movement.name}: ${entry.variant.name}`
}

/** Who was there: as it was said; somebody who was looked after was there whatever was said; nobody else is guessed at. */
function rowsOf({ everybody, attendance }: SessionPeople, there: readonly string[]): LogRow[] {
  return everybody.map(({ id: clientId }): LogRow => {
    const known = attendance.find((row) => row.clientId === clientId)
    const presence = known?.presence ?? (there.includes(clientId) ? ('present' as const) : null)
    const { exertion = null, painDuring = null, painNextDay = null, note = null, marks = [] } = known ?? {}
    return { clientId, presence, exertion, painDuring, painNextDay, note, marks }
  })
}

/** What everybody did: as the log says, and where it says nothing as the taps do. */
function entriesOf(kept: readonly LogEntry[], derived: readonly Omit<LogEntry, 'side'>[]): LogEntry[] {
  const known = new Set(kept.map(({ clientId, item }) => `${clientId} ${item}`))
  return [...kept, ...derived.filter(({ clientId, item }) => !known.has(`${clientId} ${item}`)).map((entry) => ({ ...entry, side: null }))]
}

/** The log of a session, opened with what its taps say. */
export async function sessionLog(db: Database, studio: Leading, session: StoredSession): Promise<SessionLog> {
  const there = await peopleOfSession(db, studio.id, session)
  const [{ catalogue }, led, kept] = await Promise.all([
    studioLibrary(db, studio.id),
    ledSession(db, studio, session, there),
    logOf(db, studio.id, session.id),
  ])
  const { timeline: planned, iCount } = beganWith(led)
  const state = fold(led.events, planned, iCount)
  const pieces = asLed(led.events, planned, iCount)
  const derived = derivedLog({ ...state, view: state.view ?? led.viewId }, pieces, led.views, session.plan)
  const times = new Map(itemTimes(planned, pieces).map((one) => [one.item, one]))
  const wasLed = state.startedAt !== undefined
  const names = callNames(there.everybody.map(({ record }) => record))
  const people = there.everybody.map(({ id }, index) => ({ id, name: names[index]! }))
  const entries = entriesOf(kept, derived.entries)
  const items = led.view.items.map(({ id, movement, movementId, shown, uses }): LogItem => {
    const used = entries.filter(({ item, variant }) => item === id && variant !== 'rest').map(({ variant }) => variant)
    const ids = new Set([
      ...shown,
      ...used,
      ...(movementId ? ladderOf(catalogue, movementId).map(({ variant }) => variant.id) : []),
      ...Object.values(uses).flatMap(({ takes }) => takes?.variant ?? []),
    ])
    return {
      item: id,
      movement,
      shown: [...new Set(used.length > 0 ? used : shown)].map((variant) => nameIn(catalogue, variant, movementId)).join(' / '),
      skipped: derived.skipped.includes(id),
      plannedSeconds: times.get(id)?.planned ?? 0,
      ...(wasLed && { tookSeconds: times.get(id)?.took ?? 0 }),
      choices: [...ids].map((variant) => ({ id: variant, name: nameIn(catalogue, variant, movementId) })),
      sided: planned.segments.some(({ item, side }) => item === id && side !== undefined),
    }
  })
  const titles = new Map(led.view.items.map(({ id, movement }) => [id, movement]))
  return {
    start: {
      id: session.id,
      revision: session.revision,
      people,
      rows: rowsOf(there, derived.there),
      entries,
      note: session.note ?? '',
      notes: session.notes ?? classNotesSchema.parse({}),
      fresh: session.revision === 1 && kept.length === 0,
    },
    items,
    state,
    timeline: planned,
    led: pieces,
    last: led.last,
    nameOf: (person) => people.find(({ id }) => id === person)?.name ?? '',
    versionOf: (variant) => catalogue.byId.get(variant)?.variant.name ?? variant,
    movementOf: (item) => titles.get(item) ?? itemsOf(session.plan).find(({ item: one }) => one.id === item)?.item.described?.name ?? item,
  }
}
