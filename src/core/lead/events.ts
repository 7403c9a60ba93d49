import { z } from 'zod'
import { type Segment, segmentAt, type Timeline } from '../timing'
import { setAt, visitEnd, withOneLess, withOneMore } from './course'
import { inOrder } from './order'

/**
 * What can be tapped. With `my-count` counted and held work waits at its end until the instructor goes on; with `it-counts`, as at the start, the
 * clock goes on by itself.
 * - repeat: the set that is on, or was last, from its beginning
 * - skip: what is left of the movement that is on
 * - one-more, one-less: a set of it, both sides
 * - give: half a minute in which nothing goes on
 * - reopen: the class was not over
 */
export const LEAD_KINDS = [
  'start',
  'pause',
  'resume',
  'next',
  'back',
  'repeat',
  'skip',
  'one-more',
  'one-less',
  'give',
  'my-count',
  'it-counts',
  'end',
  'reopen',
  'stop-sign',
  'near-fall',
  'note',
] as const

/** Everything the instructor taps while leading. */
export const leadEventSchema = z.strictObject({
  id: z.uuid(),
  /** ms since 1970, by the clock that all devices are set by */
  at: z.number().int().min(0),
  kind: z.enum(LEAD_KINDS),
  /** which device it was tapped on, and as which of its taps; those from before this was kept say none */
  device: z.string().max(40).optional(),
  sequence: z.number().int().min(0).optional(),
  /** for stop signs, near-falls and notes */
  text: z.string().max(300).optional(),
  person: z.string().max(60).optional(),
})
export type LeadEvent = z.infer<typeof leadEventSchema>

export interface LeadState {
  status: 'ready' | 'running' | 'paused' | 'ended'
  /** whether counted work waits for the instructor */
  counting: 'mine' | 'runs'
  /** as it goes with what was added and left out */
  timeline: Timeline
  /** seconds of the timeline passed at `at` */
  position: number
  /** when the position was last set, ms */
  at: number
  /** until when nothing goes on, ms */
  heldUntil: number
  /** when the class began and ended by the clock, ms */
  startedAt?: number
  endedAt?: number
  /** items that were skipped over, by id */
  skipped: string[]
  /** seconds worked on the first and on the second side, by item and set */
  sides: Readonly<Record<string, readonly [number, number]>>
  notes: LeadEvent[]
}

/** A class before it begins. */
export const readyFor = (timeline: Timeline): LeadState => ({
  status: 'ready',
  counting: 'runs',
  timeline,
  position: 0,
  at: 0,
  heldUntil: 0,
  skipped: [],
  sides: {},
  notes: [],
})

/** Whether the length of a stretch is the instructor's to say: what a clock or music keeps is not. */
export const isCounted = ({ kind, house }: Segment): boolean => kind === 'work' && (house.counted ?? 0) + (house.held ?? 0) > 0
/** A stretch that waits has so much left, s, so that it is still the one that is on. */
const WAITING_SECONDS = 0.001

/** Position in the timeline at a moment, s; it stops at the end, and where counted work waits for the instructor. */
export function positionAt(state: LeadState, now: number): number {
  const { timeline, heldUntil } = state
  const passed = state.status === 'running' ? Math.max(0, now - Math.max(state.at, heldUntil)) / 1000 : 0
  const wanted = Math.min(timeline.totalSeconds, state.position + passed)
  if (state.counting === 'runs' || passed === 0) return wanted
  const from = segmentAt(timeline, state.position)
  const waiting = timeline.segments.find((segment, index) => index >= from && isCounted(segment))
  if (!waiting) return wanted
  const end = waiting.startSeconds + waiting.seconds - WAITING_SECONDS
  return Math.min(wanted, Math.max(end, state.position))
}

/** Whether the class stands still until the instructor goes on, and not because it is paused. */
export function isWaiting(state: LeadState, now: number): boolean {
  const { timeline } = state
  const position = positionAt(state, now)
  const segment = timeline.segments[segmentAt(timeline, position)]
  return (
    state.status === 'running' &&
    state.counting === 'mine' &&
    segment !== undefined &&
    isCounted(segment) &&
    position >= segment.startSeconds + segment.seconds - 2 * WAITING_SECONDS
  )
}

const sideKey = ({ item = '', set = 0 }: Segment): string => `${item} ${set}`

/** What was worked on each side, with what passed from one position to another. */
function worked({ sides, timeline }: LeadState, from: number, to: number): LeadState['sides'] {
  if (to <= from) return sides
  let now = sides
  for (const segment of timeline.segments) {
    const { kind, side, startSeconds, seconds } = segment
    if (kind !== 'work' || side === undefined || startSeconds >= to || startSeconds + seconds <= from) continue
    const passed = Math.min(to, startSeconds + seconds) - Math.max(from, startSeconds)
    const key = sideKey(segment)
    const [first, second] = now[key] ?? [0, 0]
    now = { ...now, [key]: side === 'first' ? [first + passed, second] : [first, second + passed] }
  }
  return now
}

/** Sets of which one side was worked and the other is still owed, once the class has gone past it: the item, and which side. */
export function owedSides(state: LeadState, now: number): { item: string; side: 'first' | 'second' }[] {
  const { timeline } = state
  const position = positionAt(state, now)
  const sides = worked(state, state.position, position)
  const owed = new Map<string, { item: string; side: 'first' | 'second' }>()
  for (const segment of timeline.segments) {
    const { kind, side, item, startSeconds, seconds } = segment
    if (kind !== 'work' || side === undefined || item === undefined || startSeconds + seconds > position + WAITING_SECONDS * 2) continue
    const [first, second] = sides[sideKey(segment)] ?? [0, 0]
    const [own, other] = side === 'first' ? [first, second] : [second, first]
    // half of it counts as done, as for what was skipped
    if (own < seconds / 2 && other >= seconds / 2) owed.set(sideKey(segment), { item, side })
  }
  return [...owed.values()]
}

/** A press of "back" within this many seconds of a segment's start goes to the one before. */
const BACK_GRACE_SECONDS = 3
/** So long "give" gives, ms. */
export const GIVEN_MS = 30_000

/** One event applied. Events that make no sense in the present state change nothing, so that a repeated or late tap does no harm. */
export function step(state: LeadState, event: LeadEvent): LeadState {
  const { timeline } = state
  const position = positionAt(state, event.at)
  const moved = { ...state, position, at: Math.max(state.at, event.at), sides: worked(state, state.position, position) }
  const live = state.status === 'running' || state.status === 'paused'
  const index = segmentAt(timeline, position)
  const segment = timeline.segments[index]
  const startOf = (at: number): number => timeline.segments[at]?.startSeconds ?? timeline.totalSeconds
  const passedOver = (segments: readonly Segment[]): string[] => {
    const items = segments.flatMap(({ kind, item, startSeconds, seconds }) =>
      kind === 'work' && item !== undefined && position - startSeconds < seconds / 2 ? [item] : [],
    )
    return [...new Set([...state.skipped, ...items])]
  }
  switch (event.kind) {
    case 'start':
      return state.status === 'ready' ? { ...moved, status: 'running', startedAt: event.at } : state
    case 'pause':
      return state.status === 'running' ? { ...moved, status: 'paused', heldUntil: 0 } : state
    case 'resume':
      return state.status === 'paused' ? { ...moved, status: 'running' } : state
    case 'next':
      if (!live || !segment) return state
      return { ...moved, heldUntil: 0, position: segment.startSeconds + segment.seconds, skipped: passedOver([segment]) }
    case 'skip': {
      if (!live || !segment) return state
      const end = visitEnd(timeline, index)
      return { ...moved, heldUntil: 0, position: startOf(end), skipped: passedOver(timeline.segments.slice(index, end)) }
    }
    case 'back': {
      if (!live) return state
      const into = position - (segment?.startSeconds ?? 0)
      return { ...moved, heldUntil: 0, position: startOf(into > BACK_GRACE_SECONDS ? index : Math.max(0, index - 1)) }
    }
    case 'repeat': {
      const set = live ? setAt(timeline, index) : undefined
      return set ? { ...moved, heldUntil: 0, position: startOf(set.from) } : state
    }
    case 'one-more':
    case 'one-less': {
      if (!live) return state
      const next = event.kind === 'one-more' ? withOneMore(timeline, index) : withOneLess(timeline, index)
      if (next === timeline) return state
      // people are on their way to what comes then: first the set that was added behind them
      const set = setAt(timeline, index)
      const isBehind = event.kind === 'one-more' && set !== undefined && set.until <= index
      return { ...moved, timeline: next, ...(isBehind && { position: next.segments[set.until]!.startSeconds, heldUntil: 0 }) }
    }
    case 'give':
      return state.status === 'running' ? { ...moved, heldUntil: Math.max(event.at, state.heldUntil) + GIVEN_MS } : state
    case 'my-count':
    case 'it-counts': {
      const counting = event.kind === 'my-count' ? 'mine' : 'runs'
      return state.status === 'ended' || state.counting === counting ? state : { ...moved, counting }
    }
    case 'end':
      return live ? { ...moved, status: 'ended', heldUntil: 0, endedAt: event.at } : state
    case 'reopen': {
      if (state.status !== 'ended') return state
      const { endedAt: _endedAt, ...open } = moved
      return { ...open, status: 'paused' }
    }
    case 'stop-sign':
    case 'near-fall':
    case 'note':
      return { ...state, notes: [...state.notes, event] }
  }
}

/** Events each once, in the order that everybody gives them. */
export const ordered = (events: readonly LeadEvent[]): LeadEvent[] => [...new Map(events.map((event) => [event.id, event])).values()].sort(inOrder)

/** The live class as a fold over its events in order; each id counts once. */
export const fold = (events: readonly LeadEvent[], timeline: Timeline): LeadState => ordered(events).reduce(step, readyFor(timeline))
