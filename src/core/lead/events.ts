import { type Segment, segmentAt, type Timeline } from '../timing'
import { setAt, visitEnd, withDropped, withOneLess, withOneMore, withRep, withSetOf } from './course'
import type { LeadEvent } from './event'
import { inOrder } from './order'

/** Something left out, as long as it can be taken back. */
interface TakenCut {
  id: string
  before: Timeline
  after: Timeline
  /** s of the timeline up to which nothing of it has been reached */
  until: number
}

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
  /** the device that leads; the others follow */
  leader?: string
  /** the judgement that holds now, and that of items which had begun when it changed */
  view?: string
  viewOf: Readonly<Record<string, string>>
  /** version that everybody takes who may, by item */
  swaps: Readonly<Record<string, string>>
  /** version that somebody takes, by item and person; `rest` = sits it out */
  versions: Readonly<Record<string, Readonly<Record<string, string>>>>
  /** kg that somebody lifts, by item and person */
  loads: Readonly<Record<string, Readonly<Record<string, number>>>>
  /** what was left out, the latest last */
  cuts: readonly TakenCut[]
  /** of two who lead: whether they have changed who counts and who shows */
  rolesChanged: boolean
  /** items that were skipped over, by id */
  skipped: string[]
  /** seconds worked on the first and on the second side, by item and set */
  sides: Readonly<Record<string, readonly [number, number]>>
  notes: LeadEvent[]
}

/** A class before it begins. @param iCount counted sets wait for the instructor */
export const readyFor = (timeline: Timeline, iCount = false): LeadState => ({
  status: 'ready',
  counting: iCount ? 'mine' : 'runs',
  timeline,
  position: 0,
  at: 0,
  heldUntil: 0,
  viewOf: {},
  swaps: {},
  versions: {},
  loads: {},
  cuts: [],
  rolesChanged: false,
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
const GIVEN_MS = 30_000

type ByItem<T> = Readonly<Record<string, Readonly<Record<string, T>>>>
const with2 = <T>(of: ByItem<T>, item: string, person: string, value: T): ByItem<T> => ({ ...of, [item]: { ...of[item], [person]: value } })

/** Another judgement from now on: what had begun was done by the one before. */
function withView(state: LeadState, view: string, position: number): LeadState {
  const before = state.view
  const begun = state.timeline.segments.flatMap(({ kind, item, startSeconds }) =>
    kind === 'work' && item !== undefined && startSeconds < position && state.viewOf[item] === undefined ? [item] : [],
  )
  return { ...state, view, viewOf: { ...state.viewOf, ...(before !== undefined && Object.fromEntries(begun.map((item) => [item, before]))) } }
}

/** Second from which two timelines differ. */
function firstOther(one: Timeline, other: Timeline): number {
  const at = one.segments.findIndex((segment, index) => segment !== other.segments[index])
  return at < 0 ? one.totalSeconds : one.segments[at]!.startSeconds
}

/** Whether the last cut can be taken back: nothing was added or left out since, and the class has not come to it. */
export function canUncut(state: LeadState, now: number): boolean {
  const last = state.cuts.at(-1)
  return last !== undefined && state.timeline === last.after && positionAt(state, now) < last.until
}

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
      if (state.status !== 'ready') return state
      return {
        ...moved,
        status: 'running',
        startedAt: event.at,
        ...(event.device !== undefined && { leader: event.device }),
        ...(event.view !== undefined && { view: event.view }),
      }
    case 'lead':
      return event.device === undefined ? state : { ...state, leader: event.device }
    case 'people':
      return event.view === undefined || state.status === 'ready' ? state : withView(state, event.view, position)
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
    case 'rep-more':
    case 'rep-less': {
      if (!live) return state
      const next = withRep(timeline, index, position, event.kind === 'rep-more' ? 1 : -1)
      return next === timeline ? state : { ...moved, timeline: next }
    }
    case 'add': {
      if (!live || event.item === undefined) return state
      const next = withSetOf(timeline, index, event.item)
      return next === timeline ? state : { ...moved, timeline: next }
    }
    case 'cut': {
      if (!live || !event.drops) return state
      const next = withDropped(timeline, index, event.drops)
      if (next === timeline) return state
      const until = firstOther(timeline, next)
      return { ...moved, timeline: next, cuts: [...state.cuts, { id: event.id, before: timeline, after: next, until }] }
    }
    case 'uncut': {
      const last = state.cuts.at(-1)
      if (!live || last === undefined || last.id !== event.of || !canUncut(state, event.at)) return state
      return { ...moved, timeline: last.before, cuts: state.cuts.slice(0, -1) }
    }
    case 'swap':
      if (event.item === undefined || event.variant === undefined) return state
      return { ...state, swaps: { ...state.swaps, [event.item]: event.variant } }
    case 'version':
      if (event.item === undefined || event.variant === undefined || event.person === undefined) return state
      return { ...state, versions: with2(state.versions, event.item, event.person, event.variant) }
    case 'load':
      if (event.item === undefined || event.kg === undefined || event.person === undefined) return state
      return { ...state, loads: with2(state.loads, event.item, event.person, event.kg) }
    case 'roles':
      return { ...state, rolesChanged: !state.rolesChanged }
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
    case 'incident':
    case 'incident-note':
      return { ...state, notes: [...state.notes, event] }
  }
}

/** Events each once, in the order that everybody gives them. */
export const ordered = (events: readonly LeadEvent[]): LeadEvent[] => [...new Map(events.map((event) => [event.id, event])).values()].sort(inOrder)

/** The judgement that a class was begun with, by its name: in its timeline the taps count. Nothing before it begins. */
export const firstView = (events: readonly LeadEvent[]): string | undefined => events.find(({ kind }) => kind === 'start')?.view

/** The live class as a fold over its events in order; each id counts once. */
export const fold = (events: readonly LeadEvent[], timeline: Timeline, iCount = false): LeadState =>
  ordered(events).reduce(step, readyFor(timeline, iCount))
