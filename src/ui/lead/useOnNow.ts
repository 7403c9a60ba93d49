'use client'
import { useCallback, useMemo } from 'react'
import { isWaiting, takesIn } from '@/core/lead'
import { segmentAt, treadLine } from '@/core/timing'
import { tracksOf } from './leadWords'
import type { Lead } from './useLead'

/** A figure goes by so many seconds a repetition where nothing is counted, s. */
const UNCOUNTED_SECONDS = 4

/** What is on at this moment of a class: the stretch, the movement, who takes what, what comes then, and how it stands against its promise. */
export function useOnNow({ state, position, now, pack, view, exactly }: Lead) {
  const { timeline } = state
  const line = useMemo(() => treadLine(timeline), [timeline])
  const index = segmentAt(timeline, position)
  const segment = timeline.segments[index]
  const itemOf = (id: string | undefined) => view.items.find((item) => item.id === id)
  const item = itemOf(segment?.item)
  const upcoming = timeline.segments.slice(index + 1).find((next) => next.kind === 'work' && next.item !== segment?.item)
  const { tracks, resting } = item ? tracksOf(item, takesIn(item, state), pack, state.swaps[item.id]) : { tracks: [], resting: [] }
  const { startedAt, heldUntil } = state
  // seconds over the promise as it stands; less than 0 = to spare
  const gone = startedAt === undefined ? position : (now - startedAt) / 1000 + Math.max(0, heldUntil - now) / 1000
  const overSeconds = gone + timeline.totalSeconds - position - pack.promisedSeconds
  // the same function as long as the class is: a figure that is driven by it does not begin anew
  const drive = useCallback(() => {
    const at = exactly()
    const here = timeline.segments[segmentAt(timeline, at)]
    return here ? (at - here.startSeconds) / (here.repSeconds && here.reps ? here.repSeconds : UNCOUNTED_SECONDS) : 0
  }, [exactly, timeline])
  const finished = state.status === 'running' && position >= timeline.totalSeconds
  return {
    line,
    segment,
    item,
    tracks,
    resting,
    next: itemOf(upcoming?.item),
    waits: isWaiting(state, now),
    overSeconds,
    endsAt: startedAt === undefined ? undefined : startedAt + (pack.promisedSeconds + overSeconds) * 1000,
    drive,
    finished,
    over: state.status === 'ended' || finished,
    running: state.status === 'running',
  }
}
export type OnNow = ReturnType<typeof useOnNow>
