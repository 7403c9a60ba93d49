import type { Segment, Timeline } from '../timing'
import type { Drop } from './event'

/** A rest between sets where none was planned, s: the house's. */
const REST_SECONDS = 20

/** A timeline of other segments: they begin one after the other, and the parts are as long as what is in them. */
function retimed(timeline: Timeline, segments: readonly Segment[]): Timeline {
  let now = 0
  let spare = 0
  const next = segments.map((segment): Segment => {
    const startSeconds = now
    now += segment.seconds
    if (segment.optional) spare += segment.seconds
    return segment.startSeconds === startSeconds ? segment : { ...segment, startSeconds }
  })
  let start = 0
  const phases = timeline.phases.map((phase) => {
    const seconds = next.reduce((sum, segment) => sum + (segment.phase === phase.id ? segment.seconds : 0), 0)
    const moved = { ...phase, startSeconds: start, seconds }
    start += seconds
    return moved
  })
  return { ...timeline, segments: next, totalSeconds: now, leastSeconds: now - spare, phases }
}

/** From where to where a set goes, both sides of it, by index; the end is not in it. */
export interface SetRange {
  from: number
  until: number
}

/** The set that is on at a segment, or that was worked last before it; nothing before the first. */
export function setAt({ segments }: Timeline, index: number): SetRange | undefined {
  let at = index
  while (at >= 0 && segments[at]!.kind !== 'work') {
    // between two sides the set is on
    if (segments[at]!.kind === 'side-change' && segments[at]!.set !== undefined) break
    at--
  }
  const one = segments[at]
  if (!one || one.item === undefined) return undefined
  const isOfIt = (segment: Segment | undefined) =>
    segment !== undefined && segment.item === one.item && segment.set === one.set && (segment.kind === 'work' || segment.kind === 'side-change')
  let from = at
  let until = at + 1
  while (isOfIt(segments[from - 1])) from--
  while (isOfIt(segments[until])) until++
  return { from, until }
}

/** Where the visit to an item ends that a segment belongs to: everything of it, one after the other. */
export function visitEnd({ segments }: Timeline, index: number): number {
  const item = segments[index]?.item
  let until = index + 1
  if (item === undefined) return until
  while (segments[until]?.item === item) until++
  return until
}

/** Where a visit to an item begins. */
function visitStart(segments: readonly Segment[], index: number): number {
  let from = index
  while (from > 0 && segments[from - 1]!.item === segments[index]!.item) from--
  return from
}

/** Whether a set is done on one side alone there, and which; undefined = on both, or it has no sides. */
function onlySide(segments: readonly Segment[], { from, until }: SetRange): Segment['side'] {
  const sides = new Set(segments.slice(from, until).flatMap(({ side }) => side ?? []))
  const [one] = sides
  return sides.size === 1 ? one : undefined
}

/** The same set on the other side, where that stands elsewhere: stations first go round on one side of the chair, then on the other. */
function otherSide(timeline: Timeline, range: SetRange): SetRange | undefined {
  const { segments } = timeline
  const side = onlySide(segments, range)
  const first = segments[range.from]!
  if (side === undefined) return undefined
  const at = segments.findIndex(
    ({ kind, item, set, side: other }) => kind === 'work' && item === first.item && set === first.set && other !== undefined && other !== side,
  )
  return at < 0 ? undefined : setAt(timeline, at)
}

/** What a segment says of its place, and nothing of its work. */
const bare = ({ phase, phaseKind, block, item, base, startSeconds }: Segment): Omit<Segment, 'kind' | 'seconds' | 'rpe' | 'house'> => ({
  phase,
  phaseKind,
  block,
  base,
  startSeconds,
  ...(item !== undefined && { item }),
})

/** A rest and the set once more, after it. */
function again(segments: readonly Segment[], { from, until }: SetRange): Segment[] {
  const set = segments.slice(from, until)
  const first = set[0]!
  const between = segments.find(({ kind, item }) => kind === 'rest' && item === first.item)
  const rest: Segment = between ?? { ...bare(first), kind: 'rest', seconds: REST_SECONDS, rpe: 1, house: { clock: REST_SECONDS } }
  const numbered = ({ set: number, sets = number }: Segment) => (number === undefined || sets === undefined ? {} : { set: sets + 1, sets: sets + 1 })
  return [{ ...rest }, ...set.map((segment): Segment => ({ ...segment, ...numbered(segment) }))]
}

/**
 * One set more of what is on, or was last: after it, with the rest that it has between its sets. Both sides are done again; where the other side of a
 * set is over already, nothing changes.
 */
export function withOneMore(timeline: Timeline, index: number): Timeline {
  const range = setAt(timeline, index)
  if (!range) return timeline
  const { segments } = timeline
  const other = otherSide(timeline, range)
  if (other && other.from < range.from) return timeline
  const more = again(segments, range)
  const after = other
    ? [...segments.slice(range.until, other.until), ...again(segments, other), ...segments.slice(other.until)]
    : segments.slice(range.until)
  return retimed(timeline, [...segments.slice(0, range.until), ...more, ...after])
}

/**
 * One set less of what is on: the last of this visit that has not begun, with the rest before it, on both sides. Never one side alone, never the set
 * that is on.
 */
export function withOneLess(timeline: Timeline, index: number): Timeline {
  const { segments } = timeline
  const end = visitEnd(timeline, index)
  const last = segments.findLastIndex(({ kind }, at) => at > index && at < end && kind === 'work')
  const range = last < 0 ? undefined : setAt(timeline, last)
  if (!range || range.from <= index) return timeline
  // the only set of a visit is skipped, not taken off
  if (!segments.slice(visitStart(segments, index), range.from).some(({ kind }) => kind === 'work')) return timeline
  const other = otherSide(timeline, range)
  if (onlySide(segments, range) !== undefined && (!other || other.from < range.from)) return timeline
  const without = (all: readonly Segment[], { from, until }: SetRange): Segment[] => {
    // the rest that leads to it goes with it
    let begin = from
    while (begin - 1 > index && all[begin - 1]!.kind === 'rest') begin--
    return [...all.slice(0, begin), ...all.slice(until)]
  }
  // the later one first, so that the places of the earlier one stay
  return retimed(timeline, without(other ? without(segments, other) : segments, range))
}

/** A set more of an item that is still to come, after its last; nothing where the item does not come any more. */
export function withSetOf(timeline: Timeline, index: number, item: string): Timeline {
  const last = timeline.segments.findLastIndex(({ kind, item: own }, at) => at > index && kind === 'work' && own === item)
  if (last < 0) return timeline
  const { segments } = timeline
  const range = setAt(timeline, last)!
  const other = otherSide(timeline, range)
  // of two visits with one side each the earlier one has to be ahead as well
  if (!other) return onlySide(segments, range) === undefined ? withOneMore(timeline, last) : timeline
  return other.from > index ? withOneMore(timeline, Math.min(other.from, range.from)) : timeline
}

/** Fewer repetitions than this are no set. */
const FEWEST_REPS = 1

/**
 * One repetition more or less in the set that is on: on both its sides while the first is on, on the second alone once the first is over. What has
 * passed already stays.
 *
 * @param position s of the timeline
 */
export function withRep(timeline: Timeline, index: number, position: number, by: 1 | -1): Timeline {
  const { segments } = timeline
  const range = setAt(timeline, index)
  const one = segments[index]
  if (!range || one?.kind !== 'work' || !one.reps || !one.repSeconds) return timeline
  const change = (segment: Segment): Segment => {
    const { reps, repSeconds, seconds, house } = segment
    if (!reps || !repSeconds || reps + by < FEWEST_REPS) return segment
    const part = 1 + (by * repSeconds) / seconds
    return {
      ...segment,
      reps: reps + by,
      seconds: seconds + by * repSeconds,
      house: Object.fromEntries(Object.entries(house).map(([depends, own]) => [depends, own * part])),
    }
  }
  if (one.reps + by < FEWEST_REPS || one.startSeconds + one.seconds + by * one.repSeconds <= position) return timeline
  return retimed(
    timeline,
    segments.map((segment, at) => (at >= index && at < range.until && segment.kind === 'work' ? change(segment) : segment)),
  )
}

/** What is never left out with a visit: a pause after rising, water, words, and a change of place, which leads on to what comes after it. */
const STAY: ReadonlySet<Segment['kind']> = new Set(['pause', 'water', 'talk', 'change'])

/**
 * Without what is dropped of what is still to come: a set goes on both its sides, with the rest that leads to it; a whole item with the way to it.
 * What is on, and a set whose other side is over, stays.
 */
export function withDropped(timeline: Timeline, index: number, drops: readonly Drop[]): Timeline {
  const { segments } = timeline
  const onNow = setAt(timeline, index)
  const begun = Math.max(index, (onNow?.until ?? 0) - 1)
  const gone = new Set<number>()
  for (const { item, set } of drops) {
    const parts = segments.flatMap((segment, at) =>
      segment.kind === 'work' && segment.item === item && (set === undefined || (segment.set ?? 1) === set) ? [at] : [],
    )
    if (parts.length === 0) continue
    // never one side alone, and nothing that has begun
    if (parts.some((at) => at <= begun) && (set !== undefined || parts.some((at) => segments[at]!.side))) continue
    for (const at of parts) {
      if (at <= begun) continue
      const range = setAt(timeline, at)!
      for (let each = range.from; each < range.until; each++) gone.add(each)
      for (let before = range.from - 1; before > index && segments[before]!.kind === 'rest' && segments[before]!.item === item; before--)
        gone.add(before)
    }
  }
  if (gone.size === 0) return timeline
  // a visit of which no work is left goes with its way, its kit and its showing
  for (const at of [...gone]) {
    const item = segments[at]!.item
    const from = visitStart(segments, at)
    const until = visitEnd(timeline, at)
    const isEmpty = segments.slice(from, until).every(({ kind }, each) => kind !== 'work' || gone.has(from + each))
    if (!isEmpty || item === undefined) continue
    for (let each = from; each < until; each++) {
      const { kind } = segments[each]!
      if (each > index && !STAY.has(kind)) gone.add(each)
    }
  }
  return retimed(
    timeline,
    segments.filter((_, at) => !gone.has(at)),
  )
}
