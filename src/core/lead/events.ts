import { z } from 'zod'
import { segmentAt, type Timeline } from '../timing'

/** Everything the instructor taps while leading. `at` is milliseconds since 1970, given by the device. */
export const leadEventSchema = z.strictObject({
  id: z.uuid(),
  at: z.number().int().min(0),
  kind: z.enum(['start', 'pause', 'resume', 'next', 'back', 'end', 'stop-sign', 'note']),
  /** for stop signs and notes */
  text: z.string().max(300).optional(),
  person: z.string().max(60).optional(),
})
export type LeadEvent = z.infer<typeof leadEventSchema>

export interface LeadState {
  status: 'ready' | 'running' | 'paused' | 'ended'
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

export const READY: LeadState = { status: 'ready', position: 0, at: 0, skipped: [], notes: [] }

/** Position in the timeline at a moment, s; it stops at the end. */
export function positionAt(state: LeadState, timeline: Timeline, now: number): number {
  const passed = state.status === 'running' ? Math.max(0, now - state.at) / 1000 : 0
  return Math.min(timeline.totalSeconds, state.position + passed)
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
