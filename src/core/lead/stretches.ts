import { houseOf, type LedStretch, type Segment, segmentAt, type Timeline } from '../timing'
import type { LeadEvent } from './event'
import { ordered, positionAt, readyFor, step } from './events'

/** The movement of a stretch in which no other was counted or held. */
const onlyMovement = (segments: readonly Segment[], movementOf: (item: string) => string | undefined): string | undefined => {
  const worked = new Set(
    segments.flatMap(({ item, house }) => ((house.counted ?? 0) + (house.held ?? 0) > 0 && item !== undefined ? [movementOf(item) ?? ''] : [])),
  )
  const [one] = worked
  return worked.size === 1 && one ? one : undefined
}

/** Nobody's pace is so many times that of the house, or so many times less: an estimate. */
const FARTHEST = 3

/**
 * What a class that was led says of the instructor's pace: a stretch from each tap to the next, with all that was planned between them. What
 * passed by the clock alone is no evidence, so it belongs to the stretch that the next tap ends; a stretch in which something was skipped, gone
 * back to or paused is left out.
 *
 * @param timeline at the house's pace, by which the class was led
 * @param movementOf id of the movement of an item
 */
export function ledStretches(
  events: readonly LeadEvent[],
  timeline: Timeline,
  day: string,
  movementOf: (item: string) => string | undefined,
  iCount = false,
): LedStretch[] {
  const found: LedStretch[] = []
  let state = readyFor(timeline, iCount)
  /** where the open stretch began, in the timeline and by the clock; undefined = what goes on is no evidence */
  let open: { position: number; at: number } | undefined
  const close = (until: number, at: number) => {
    if (!open) return
    const { position, at: began } = open
    const segments = state.timeline.segments.filter((one) => one.startSeconds >= position - 0.5 && one.startSeconds + one.seconds <= until + 0.5)
    const covered = segments.reduce((sum, { seconds }) => sum + seconds, 0)
    // a stretch that does not begin and end with a segment is not whole
    if (segments.length === 0 || Math.abs(covered - (until - position)) > 1) return
    const house = houseOf(segments)
    const seconds = (at - began) / 1000
    // what took hardly any time was passed over, and what took many times as long was something else
    const [scaled, took] = [house.counted + house.held + house.between, seconds - house.clock]
    if (took * FARTHEST < scaled || took > scaled * FARTHEST) return
    const movement = onlyMovement(segments, movementOf)
    found.push({ day, house, seconds, ...(movement !== undefined && { movement }) })
  }
  for (const event of ordered(events)) {
    const after = step(state, event)
    switch (event.kind) {
      case 'start':
        if (after.status === 'running' && state.status === 'ready') open = { position: 0, at: event.at }
        break
      case 'next': {
        if (after === state) break
        const skipped = after.skipped.length > state.skipped.length
        if (state.status === 'running' && !skipped) close(after.position, event.at)
        open = state.status === 'running' ? { position: after.position, at: event.at } : undefined
        break
      }
      case 'pause':
        open = undefined
        break
      case 'resume': {
        // only from the beginning of a segment on is it whole again
        const segment = after.timeline.segments[segmentAt(after.timeline, after.position)]
        open = segment && Math.abs(segment.startSeconds - after.position) < 0.5 ? { position: after.position, at: event.at } : undefined
        break
      }
      case 'back':
      case 'repeat':
      case 'skip':
        if (after !== state) open = after.status === 'running' ? { position: after.position, at: event.at } : undefined
        break
      case 'end': {
        // a class that ran to its end was as long as it was; one that was broken off says nothing of its last stretch
        const last = state.timeline.segments.at(-1)
        if (state.status === 'running' && last && positionAt(state, event.at) >= last.startSeconds + last.seconds / 2)
          close(state.timeline.totalSeconds, event.at)
        open = undefined
        break
      }
      // half a minute in which nothing went on is no evidence, and neither is a class that was over
      case 'give':
      case 'reopen':
        if (after !== state) open = undefined
        break
      case 'my-count':
      case 'it-counts':
      // what was added or left out lies ahead, in what the next tap ends
      case 'one-more':
      case 'one-less':
      case 'rep-more':
      case 'rep-less':
      case 'add':
      case 'cut':
      case 'uncut':
      // who leads and who takes what change no time
      case 'lead':
      case 'people':
      case 'swap':
      case 'version':
      case 'load':
      case 'roles':
      case 'incident':
      case 'incident-note':
      case 'stop-sign':
      case 'near-fall':
      case 'note':
        break
    }
    state = after
  }
  return found
}
