import { DEPENDS, type Rates, type Segment, type Timeline } from '../timing'
import { normal } from '../vocabulary'
import type { LeadEvent } from './event'
import { isCounted, positionAt, readyFor, step } from './events'

/** An instructor who is simulated: her times against the house's, and how far single stretches stray, as a standard deviation on the log scale. */
export interface Instructor {
  rates: Rates
  noise: number
}

/** What the simulation takes from outside. */
export interface Chance {
  /** 0 to below 1 */
  random: () => number
  /** of the next event */
  id: () => string
}

/** Taps closer than this to what the screen shows anyway are not made, s. */
const NOTICED_SECONDS = 0.5

/**
 * The taps of a class that somebody leads by her own count: she ends every counted set herself, and goes on where the screen still waits. Where
 * she takes longer than the screen, it is ahead of her until the next set.
 *
 * @param timeline at the pace that the screen shows
 * @param movementOf id of the movement of an item
 * @param began ms since 1970
 */
export function ledBy(
  { rates, noise }: Instructor,
  timeline: Timeline,
  movementOf: (item: string) => string | undefined,
  began: number,
  { random, id }: Chance,
): LeadEvent[] {
  const events: LeadEvent[] = []
  let state = readyFor(timeline)
  let now = began
  const tap = (kind: LeadEvent['kind']) => {
    const event: LeadEvent = { id: id(), at: Math.round(now), kind, sequence: events.length }
    events.push(event)
    state = step(state, event)
  }
  const secondsOf = ({ house, item }: Segment): number => {
    const own = rates.movements[(item !== undefined && movementOf(item)) || ''] ?? 1
    const strays = Math.exp(noise * normal(random))
    return DEPENDS.reduce((sum, depends) => {
      const part = house[depends] ?? 0
      if (depends === 'clock') return sum + part
      return sum + part * rates[depends] * (depends === 'between' ? 1 : own) * strays
    }, 0)
  }
  tap('my-count')
  tap('start')
  for (const segment of timeline.segments) {
    now += secondsOf(segment) * 1000
    const left = segment.startSeconds + segment.seconds - positionAt(state, now)
    if (left > NOTICED_SECONDS || (isCounted(segment) && left > 0)) tap('next')
  }
  tap('end')
  return events
}
