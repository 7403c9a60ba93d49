import { z } from 'zod'
import { type Segment, segmentAt, type Timeline } from '../timing'

/**
 * What can be tapped. With `my-count` counted and held work waits at its end until the instructor goes on; with `it-counts`, as at the start, the
 * clock goes on by itself.
 */
export const LEAD_KINDS = ['start', 'pause', 'resume', 'next', 'back', 'my-count', 'it-counts', 'end', 'stop-sign', 'note'] as const

/** Everything the instructor taps while leading. `at` is milliseconds since 1970, given by the device. */
export const leadEventSchema = z.strictObject({
  id: z.uuid(),
  at: z.number().int().min(0),
  kind: z.enum(LEAD_KINDS),
  /** for stop signs and notes */
  text: z.string().max(300).optional(),
  person: z.string().max(60).optional(),
})
export type LeadEvent = z.infer<typeof leadEventSchema>

export interface LeadState {
  status: 'ready' | 'running' | 'paused' | 'ended'
  /** whether counted work waits for the instructor */
  counting: 'mine' | 'runs'
  /** seconds of the timeline passed at `at` */
  position: number
  /** when the position was last set, ms */
  at: number
  /** when the class began and ended by the clock, ms */
  startedAt?: number
  endedAt?: number
  /** items that were skipped over, by id */
  skipped: string[]
  notes: LeadEvent[]
}

export const READY: LeadState = { status: 'ready', counting: 'runs', position: 0, at: 0, skipped: [], notes: [] }

/** Whether the length of a stretch is the instructor's to say: what a clock or music keeps is not. */
export const isCounted = ({ kind, house }: Segment): boolean => kind === 'work' && (house.counted ?? 0) + (house.held ?? 0) > 0
/** A stretch that waits has so much left, s, so that it is still the one that is on. */
const WAITING_SECONDS = 0.001

/** Position in the timeline at a moment, s; it stops at the end, and where counted work waits for the instructor. */
export function positionAt(state: LeadState, timeline: Timeline, now: number): number {
  const passed = state.status === 'running' ? Math.max(0, now - state.at) / 1000 : 0
  const wanted = Math.min(timeline.totalSeconds, state.position + passed)
  if (state.counting === 'runs' || passed === 0) return wanted
  const from = segmentAt(timeline, state.position)
  const waiting = timeline.segments.find((segment, index) => index >= from && isCounted(segment))
  if (!waiting) return wanted
  const end = waiting.startSeconds + waiting.seconds - WAITING_SECONDS
  return Math.min(wanted, Math.max(end, state.position))
}

/** Whether the class stands still until the instructor goes on, and not because it is paused. */
export function isWaiting(state: LeadState, timeline: Timeline, now: number): boolean {
  const position = positionAt(state, timeline, now)
  const segment = timeline.segments[segmentAt(timeline, position)]
  return (
    state.status === 'running' &&
    state.counting === 'mine' &&
    segment !== undefined &&
    isCounted(segment) &&
    position >= segment.startSeconds + segment.seconds - 2 * WAITING_SECONDS
  )
}

/** A press of "back" within this many seconds of a segment's start goes to the one before. */
const BACK_GRACE_SECONDS = 3

/** One event applied. Events that make no sense in the present state change nothing, so that a repeated or late tap does no harm. */
export function step(state: LeadState, event: LeadEvent, timeline: Timeline): LeadState {
  const position = positionAt(state, timeline, event.at)
  const moved = { ...state, position, at: event.at }
  const live = state.status === 'running' || state.status === 'paused'
  switch (event.kind) {
    case 'start':
      return state.status === 'ready' ? { ...moved, status: 'running', startedAt: event.at } : state
    case 'pause':
      return state.status === 'running' ? { ...moved, status: 'paused' } : state
    case 'resume':
      return state.status === 'paused' ? { ...moved, status: 'running' } : state
    case 'next': {
      if (!live) return state
      const index = segmentAt(timeline, position)
      const segment = timeline.segments[index]
      if (!segment) return state
      const skippedWork = segment.kind === 'work' && segment.item !== undefined && position - segment.startSeconds < segment.seconds / 2
      return {
        ...moved,
        position: segment.startSeconds + segment.seconds,
        skipped: skippedWork && !state.skipped.includes(segment.item!) ? [...state.skipped, segment.item!] : state.skipped,
      }
    }
    case 'back': {
      if (!live) return state
      const index = segmentAt(timeline, position)
      const into = position - (timeline.segments[index]?.startSeconds ?? 0)
      const target = timeline.segments[into > BACK_GRACE_SECONDS ? index : Math.max(0, index - 1)]
      return { ...moved, position: target?.startSeconds ?? 0 }
    }
    case 'my-count':
    case 'it-counts': {
      const counting = event.kind === 'my-count' ? 'mine' : 'runs'
      return state.status === 'ended' || state.counting === counting ? state : { ...moved, counting }
    }
    case 'end':
      return live ? { ...moved, status: 'ended', endedAt: event.at } : state
    case 'stop-sign':
    case 'note':
      return { ...state, notes: [...state.notes, event] }
  }
}

/** Order of events: by their times, equal ones by id, so that it does not depend on which arrived first. */
export const inOrder = (a: Pick<LeadEvent, 'at' | 'id'>, b: Pick<LeadEvent, 'at' | 'id'>): number =>
  a.at - b.at || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)

/** The live class as a fold over its events in order; each id counts once. */
export function fold(events: readonly LeadEvent[], timeline: Timeline): LeadState {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()].sort(inOrder)
  return unique.reduce((state, event) => step(state, event, timeline), READY)
}
