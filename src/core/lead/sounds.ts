import type { Segment, Timeline } from '../timing'
import { segmentAt } from '../timing'

/** What is heard at a moment of a class. */
export type LeadSound =
  /** `tick`: the last three; `go`: work begins; `side`: the other side; `rest`: work is over; `end`: the class is */
  | { kind: 'tone'; tone: 'tick' | 'go' | 'side' | 'rest' | 'end' }
  /** the repetition, as the house counts */
  | { kind: 'count'; number: number }
  /** what comes: an item, said in full the first time and short from its second set on */
  | { kind: 'name'; item: string; short: boolean }

/** Counting aloud faster than this runs into itself, s a number. */
const SAYABLE_SECONDS = 0.9
/** Ticks before what begins or ends. */
const TICKS = 3

/** What every how many repetitions is said, so that it can be said at all. */
const stepOf = (repSeconds: number): number => Math.max(1, Math.ceil(SAYABLE_SECONDS / repSeconds))

function soundsOf({ segments, totalSeconds }: Timeline, index: number): { at: number; sound: LeadSound }[] {
  const segment = segments[index]!
  const before: Segment | undefined = segments[index - 1]
  const next: Segment | undefined = segments[index + 1]
  const { kind, startSeconds, seconds, item, set = 1, reps, repSeconds, side } = segment
  const end = startSeconds + seconds
  const found: { at: number; sound: LeadSound }[] = []
  const tone = (at: number, sound: Extract<LeadSound, { kind: 'tone' }>['tone']) => found.push({ at, sound: { kind: 'tone', tone: sound } })
  const isWork = kind === 'work'
  if (kind === 'side-change') tone(startSeconds, 'side')
  if (isWork) {
    tone(startSeconds, 'go')
    if (reps && repSeconds && reps > 2) {
      const each = stepOf(repSeconds)
      for (let rep = each; rep <= reps; rep += each) found.push({ at: startSeconds + (rep - 1) * repSeconds, sound: { kind: 'count', number: rep } })
    }
  } else if (kind !== 'side-change' && before?.kind === 'work') tone(startSeconds, 'rest')
  // an item is named where its way begins; a set that follows, where it begins
  const begins = item !== undefined && before?.item !== item
  if (item !== undefined && begins) found.push({ at: startSeconds, sound: { kind: 'name', item, short: set > 1 } })
  else if (item !== undefined && isWork && set > 1 && side !== 'second' && before?.kind !== 'work')
    found.push({ at: startSeconds, sound: { kind: 'name', item, short: true } })
  // the last three of what a clock ends, and before work begins
  const isTimed = isWork && !reps
  if ((isTimed || (!isWork && next?.kind === 'work')) && seconds > TICKS) for (let tick = TICKS; tick >= 1; tick--) tone(end - tick, 'tick')
  if (end >= totalSeconds) tone(totalSeconds, 'end')
  return found
}

/**
 * What is heard between two moments of a class, in its order: everything that lies after the first and up to the second. Nothing of what a jump
 * passed over is made up for.
 *
 * @param from s, not in it @param to s, in it
 */
export function soundsBetween(timeline: Timeline, from: number, to: number): { at: number; sound: LeadSound }[] {
  if (to <= from || timeline.segments.length === 0) return []
  const first = segmentAt(timeline, Math.max(0, from))
  const last = segmentAt(timeline, to)
  const found: { at: number; sound: LeadSound }[] = []
  for (let index = first; index <= last; index++) found.push(...soundsOf(timeline, index).filter(({ at }) => at > from && at <= to))
  return found.sort((a, b) => a.at - b.at)
}
