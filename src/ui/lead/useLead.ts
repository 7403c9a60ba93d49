'use client'
import { useCallback, useEffect, useState } from 'react'
import { fold, type LeadEvent, positionAt } from '@/core/lead'
import type { Timeline } from '@/core/timing'
import { allEvents, keepEvent, sendEventsOf, type Waiting } from './eventStore'

const TICK_MS = 200
const RETRY_MS = 5000

/** The live class: its events, the state they fold to, and the position now. */
export function useLead(session: string, timeline: Timeline) {
  const [events, setEvents] = useState<LeadEvent[]>([])
  const [loaded, setLoaded] = useState(false)
  const [now, setNow] = useState(0)
  const [open, setOpen] = useState<Waiting>({ waiting: 0, refused: [] })

  useEffect(() => {
    void allEvents(session).then((found) => {
      setEvents((own) => [...new Map([...found, ...own].map((event) => [event.id, event])).values()])
      setLoaded(true)
    })
    setNow(Date.now())
    const tick = setInterval(() => setNow(Date.now()), TICK_MS)
    const retry = setInterval(() => void sendEventsOf(session).then(setOpen), RETRY_MS)
    return () => {
      clearInterval(tick)
      clearInterval(retry)
    }
  }, [session])

  const tap = useCallback(
    (kind: LeadEvent['kind'], more: Pick<LeadEvent, 'text' | 'person'> = {}) => {
      const event: LeadEvent = { id: crypto.randomUUID(), at: Date.now(), kind, ...more }
      setEvents((known) => [...known, event])
      setNow(event.at)
      void keepEvent(session, event)
        .then(() => sendEventsOf(session))
        .then(setOpen)
    },
    [session],
  )

  const state = fold(events, timeline)
  return { state, position: positionAt(state, timeline, now), now, loaded, open, tap }
}
