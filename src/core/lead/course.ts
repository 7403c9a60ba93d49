import type { Segment, Timeline } from '../timing'

/** A rest between sets where none was planned, s: the house's. */
const REST_SECONDS = 20

/** A timeline of other segments: they begin one after the other, and the parts are as long as what is in them. */
export function retimed(timeline: Timeline, segments: readonly Segment[]): Timeline {
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
  let begin = index
  while (segments[begin - 1]?.item === segments[index]?.item) begin--
  if (!segments.slice(begin, range.from).some(({ kind }) => kind === 'work')) return timeline
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
