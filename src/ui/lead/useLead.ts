'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import { clockAt, type DeviceClock, fold, knowing, type LeadEvent, leadEventSchema, positionAt, setClock, timeOfTap } from '@/core/lead'
import type { Timeline } from '@/core/timing'
import { allEvents, deviceName, keepEvent, newEvents, sendEventsOf, type Waiting } from './eventStore'

const TICK_MS = 200
const RETRY_MS = 5000
/** How often it is asked what was tapped on another device, ms. */
const FOLLOW_MS = 1500

/** The live class: its events, the state they fold to, and the position now. Times are those of the server, whatever the clock of the device is set to. */
export function useLead(session: string, timeline: Timeline) {
  const [events, setEvents] = useState<LeadEvent[]>([])
  const [loaded, setLoaded] = useState(false)
  const [now, setNow] = useState(0)
  const [open, setOpen] = useState<Waiting>({ waiting: 0, refused: [] })
  const clock = useRef<DeviceClock>(undefined)
  /** settled once the clock was set, or could not be: no tap has a time before that */
  const met = useRef<Promise<void>>(undefined)
  const own = useRef({ device: '', sequence: 0 })

  const last = useRef(-1)
  /** Other windows of this browser hear of a tap at once, without a network. */
  const windows = useRef<BroadcastChannel>(undefined)
  const learn = useCallback((found: readonly LeadEvent[]) => {
    if (found.length === 0) return
    if (clock.current) clock.current = knowing(clock.current, found)
    setEvents((known) => [...new Map([...found, ...known].map((event) => [event.id, event])).values()])
  }, [])

  /** Sets the clock by the server, and learns what was tapped elsewhere. */
  const meet = useCallback(async () => {
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
    clock.current = setClock(Date.now(), performance.now())
    own.current.device = deviceName()
    setNow(Date.now())
    // a browser that keeps nothing still leads
    met.current = meet().catch(() => setLoaded(true))
    const seen = () => document.visibilityState === 'visible' && void meet()
    document.addEventListener('visibilitychange', seen)
    const tick = setInterval(() => clock.current && setNow(clockAt(clock.current, performance.now())), TICK_MS)
    const retry = setInterval(() => void sendEventsOf(session).then(setOpen), RETRY_MS)
    const follow = setInterval(() => {
      if (document.visibilityState !== 'visible') return
      void newEvents(session, last.current).then(({ events: found, last: reached }) => {
        last.current = Math.max(last.current, reached)
        learn(found)
      })
    }, FOLLOW_MS)
    const channel = new BroadcastChannel(`velvet-lead ${session}`)
    channel.onmessage = ({ data }: MessageEvent<unknown>) => learn([leadEventSchema.safeParse(data).data].flatMap((event) => event ?? []))
    windows.current = channel
    return () => {
      channel.close()
      clearInterval(follow)
      document.removeEventListener('visibilitychange', seen)
      clearInterval(tick)
      clearInterval(retry)
    }
  }, [session, meet, learn])

  const tap = useCallback(
    (kind: LeadEvent['kind'], more: Pick<LeadEvent, 'text' | 'person'> = {}) => {
      const tapped = performance.now()
      void met.current?.then(() => {
        if (!clock.current) return
        own.current.sequence++
        const event: LeadEvent = { id: crypto.randomUUID(), at: timeOfTap(clock.current, tapped), kind, ...own.current, ...more }
        clock.current = knowing(clock.current, [event])
        setEvents((known) => [...known, event])
        windows.current?.postMessage(event)
        setNow(event.at)
        return keepEvent(session, event)
          .then(() => sendEventsOf(session))
          .then(setOpen)
      })
    },
    [session],
  )

  const state = fold(events, timeline)
  return { state, position: positionAt(state, now), now, loaded, open, tap }
}
