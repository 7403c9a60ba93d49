import type { Segment, Timeline, TreadLine } from '../timing'
import { segmentAt, treadLine } from '../timing'
import type { LeadEvent } from './event'
import { type LeadState, ordered, positionAt, readyFor, step } from './events'

/** A stretch of a class as it went: what it was, and from when to when by the clock, s since the start. */
export interface Led {
  segment: Segment
  from: number
  until: number
}

/** What went on between two moments in which nothing was tapped: the clock runs, and stands where the class waits or is paused. */
function passed(state: LeadState, from: number, until: number): Led[] {
  const { timeline, startedAt = from } = state
  const since = (at: number) => (at - startedAt) / 1000
  const [begin, end] = [positionAt(state, from), positionAt(state, until)]
  const first = segmentAt(timeline, begin)
  const last = segmentAt(timeline, end)
  const found: Led[] = []
  let at = since(from)
  for (let index = first; index <= last; index++) {
    const segment = timeline.segments[index]
    if (!segment) break
    const seconds = Math.max(0, Math.min(end, segment.startSeconds + segment.seconds) - Math.max(begin, segment.startSeconds))
    // whatever was not passed was waited out in the last of them
    const to = index === last ? since(until) : at + seconds
    if (to > at) found.push({ segment, from: at, until: to })
    at = to
  }
  return found
}

/** Two stretches are one where nothing of this is other. */
const SAME_WHEN = ['item', 'kind', 'set', 'side'] as const

/**
 * A class as it went by the clock, from its start to its end or to the last tap: pauses and waiting belong to what was on. Stretches follow each other
 * without a gap.
 */
export function asLed(events: readonly LeadEvent[], timeline: Timeline, iCount = false): Led[] {
  const found: Led[] = []
  let state = readyFor(timeline, iCount)
  let since: number | undefined
  for (const event of ordered(events)) {
    if (since !== undefined && state.status !== 'ended') {
      for (const piece of passed(state, since, Math.max(since, event.at))) {
        const before = found.at(-1)
        if (before && SAME_WHEN.every((field) => before.segment[field] === piece.segment[field])) before.until = piece.until
        else found.push(piece)
      }
    }
    state = step(state, event)
    if (state.startedAt !== undefined) since = Math.max(since ?? 0, event.at)
  }
  return found
}

/** The stair of a class as it went, in the time that it took. */
export function ledLine(led: readonly Led[]): TreadLine {
  const segments = led.map(({ segment, from, until }): Segment => ({ ...segment, startSeconds: from, seconds: until - from }))
  const totalSeconds = led.at(-1)?.until ?? 0
  return treadLine({ segments, totalSeconds, leastSeconds: totalSeconds, phases: [] })
}

/** How long each item was planned and how long it took, s; items that were passed over took nothing. */
export function itemTimes(planned: Timeline, led: readonly Led[]): { item: string; planned: number; took: number }[] {
  const of = (pieces: readonly { item: string | undefined; seconds: number }[]) => {
    const found = new Map<string, number>()
    for (const { item, seconds } of pieces) if (item !== undefined) found.set(item, (found.get(item) ?? 0) + seconds)
    return found
  }
  const plan = of(planned.segments.map(({ item, seconds }) => ({ item, seconds })))
  const real = of(led.map(({ segment, from, until }) => ({ item: segment.item, seconds: until - from })))
  return [...plan].map(([item, seconds]) => ({ item, planned: Math.round(seconds), took: Math.round(real.get(item) ?? 0) }))
}
