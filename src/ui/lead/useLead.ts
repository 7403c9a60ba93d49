'use client'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import {
  clockAt,
  type DeviceClock,
  firstView,
  fold,
  knowing,
  type LeadEvent,
  type LeadState,
  type LedView,
  leadEventSchema,
  positionAt,
  type Said,
  setClock,
  timeOfTap,
} from '@/core/lead'
import { allEvents, deviceName, keepEvent, keepPack, newEvents, sendEventsOf, streamEvents, type Waiting } from './eventStore'
import type { LeadPack } from './pack'

const TICK_MS = 100
const RETRY_MS = 5000
/** How often it is asked what was tapped elsewhere, where the stream is broken, ms. */
const FOLLOW_MS = 4000
/** How fast a rehearsal runs. */
const REHEARSAL_SPEED = 20
const NOTHING_OPEN: Waiting = { waiting: 0, refused: [] }

/** Leading; only looking on, as a projector does; or trying it out, which keeps nothing. */
export type LeadMode = 'lead' | 'look' | 'rehearse'

export interface Lead {
  state: LeadState
  events: LeadEvent[]
  position: number
  /** by the clock of all devices, ms */
  now: number
  loaded: boolean
  open: Waiting
  /** whether taps of this device lead the class */
  leading: boolean
  /** as the server last gave it, with judgements that came since */
  pack: LeadPack
  /** the judgement that holds */
  view: LedView
  tap: (kind: LeadEvent['kind'], more?: Said) => string
  /** s of the timeline at this very moment, between two ticks */
  exactly: () => number
}

/** The judgement that a tap names, or the one that holds. */
const viewNamed = ({ views, viewId }: LeadPack, name: string | undefined): LedView => views[name ?? viewId] ?? views[viewId]!

/** The live class: its events, the state they fold to, and the position now. Times are those of the server, whatever the clock of the device is set to. */
export function useLead(given: LeadPack, mode: LeadMode = 'lead'): Lead {
  const { session } = given
  const quiet = mode === 'rehearse'
  const [pack, setPack] = useState(given)
  const [events, setEvents] = useState<LeadEvent[]>([])
  const [loaded, setLoaded] = useState(quiet)
  const [now, setNow] = useState(0)
  const [open, setOpen] = useState<Waiting>(NOTHING_OPEN)
  const clock = useRef<DeviceClock>(undefined)
  /** settled once the clock was set, or could not be: no tap has a time before that */
  const met = useRef<Promise<void>>(undefined)
  const own = useRef({ device: '', sequence: 0 })
  const last = useRef(-1)
  /** Other windows of this browser hear of a tap at once, without a network. */
  const windows = useRef<BroadcastChannel>(undefined)
  const monotonic = useCallback(() => performance.now() * (quiet ? REHEARSAL_SPEED : 1), [quiet])

  const learn = useCallback((found: readonly LeadEvent[]) => {
    if (found.length === 0) return
    if (clock.current) clock.current = knowing(clock.current, found)
    setEvents((known) => [...new Map([...found, ...known].map((event) => [event.id, event])).values()])
  }, [])

  /** Sets the clock by the server, and learns what was tapped elsewhere. */
  const meet = useCallback(async () => {
    own.current.device ||= await deviceName()
    const { events: found, last: reached, server } = await allEvents(session)
    last.current = Math.max(last.current, reached)
    const latest = clock.current?.latest ?? 0
    // a device that slept has a clock that stood still: without the server its own time is the better guess
    clock.current = knowing(setClock(Date.now(), performance.now(), server), [...found, { at: latest }])
    const { device } = own.current
    own.current.sequence = Math.max(own.current.sequence, ...found.flatMap((event) => (event.device === device ? [event.sequence ?? 0] : [])))
    learn(found)
    setLoaded(true)
  }, [session, learn])

  useEffect(() => {
    clock.current = setClock(Date.now(), monotonic())
    setNow(Date.now())
    const tick = setInterval(() => clock.current && setNow(clockAt(clock.current, monotonic())), TICK_MS)
    if (quiet) {
      own.current.device = 'rehearsal'
      met.current = Promise.resolve()
      return () => clearInterval(tick)
    }
    // a browser that keeps nothing still leads
    met.current = meet().catch(() => {
      own.current.device ||= crypto.randomUUID().slice(0, 8)
      setLoaded(true)
    })
    if (mode === 'lead') void keepPack(given).catch(() => undefined)
    const seen = () => document.visibilityState === 'visible' && void meet()
    document.addEventListener('visibilitychange', seen)
    const retry = mode === 'lead' ? setInterval(() => void sendEventsOf(session).then(setOpen), RETRY_MS) : undefined
    const heard = ({ events: found, last: reached }: { events: LeadEvent[]; last: number }) => {
      last.current = Math.max(last.current, reached)
      learn(found)
    }
    let hush = () => {}
    void met.current.then(() => {
      hush = streamEvents(session, last.current, heard)
    })
    const followed = setInterval(() => document.visibilityState === 'visible' && void newEvents(session, last.current).then(heard), FOLLOW_MS)
    const channel = new BroadcastChannel(`velvet-lead ${session}`)
    channel.onmessage = ({ data }: MessageEvent<unknown>) => learn([leadEventSchema.safeParse(data).data].flatMap((event) => event ?? []))
    windows.current = channel
    return () => {
      channel.close()
      hush()
      clearInterval(followed)
      document.removeEventListener('visibilitychange', seen)
      clearInterval(tick)
      clearInterval(retry)
    }
  }, [session, meet, learn, mode, quiet, monotonic, given])

  // begun on another device, or somebody said something at the door: the judgement that a tap names is fetched
  const isMissing = events.some(({ view }) => view !== undefined && pack.views[view] === undefined)
  useEffect(() => {
    if (!isMissing) return
    void fetch(`/api/sessions/${session}/view${mode === 'look' ? '?for=room' : ''}`)
      .then((response) => (response.ok ? (response.json() as Promise<LeadPack>) : undefined))
      .then((next) => {
        if (!next) return
        setPack((before) => ({ ...next, views: { ...before.views, ...next.views } }))
        return mode === 'lead' ? keepPack(next) : undefined
      })
      .catch(() => undefined)
  }, [isMissing, session, mode])

  const { timeline, iCount } = viewNamed(pack, firstView(events))
  // ten times a second nothing was tapped
  const state = useMemo(() => fold(events, timeline, iCount), [events, timeline, iCount])

  const tap = useCallback(
    (kind: LeadEvent['kind'], more: Said = {}): string => {
      const tapped = monotonic()
      const id = crypto.randomUUID()
      void met.current?.then(() => {
        if (!clock.current) return
        own.current.sequence++
        const said = kind === 'start' ? { view: pack.viewId, ...more } : more
        const event: LeadEvent = { id, at: timeOfTap(clock.current, tapped), kind, ...own.current, ...said }
        clock.current = knowing(clock.current, [event])
        setEvents((known) => [...known, event])
        setNow(event.at)
        if (quiet) return undefined
        windows.current?.postMessage(event)
        return keepEvent(session, event)
          .then(() => sendEventsOf(session))
          .then(setOpen)
      })
      return id
    },
    [session, quiet, monotonic, pack.viewId],
  )
  const latest = useRef(state)
  latest.current = state
  const exactly = useCallback(() => (clock.current ? positionAt(latest.current, clockAt(clock.current, monotonic())) : 0), [monotonic])
  const device = own.current.device
  return {
    state,
    events,
    position: positionAt(state, now),
    now,
    loaded,
    open,
    leading: quiet || state.leader === undefined || state.leader === device,
    pack,
    view: viewNamed(pack, state.view),
    tap,
    exactly,
  }
}
