import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Timeline } from '../timing'
import { LEAD_KINDS, type LeadEvent } from './event'
import { fold, isWaiting, positionAt } from './events'

const segment = (startSeconds: number, seconds: number, item: string) => ({
  kind: 'work' as const,
  startSeconds,
  seconds,
  phase: 'm',
  phaseKind: 'main' as const,
  house: {},
  block: 'b',
  item,
  base: 'seat' as const,
  rpe: 3,
})
const timeline: Timeline = {
  segments: [segment(0, 60, 'a'), segment(60, 30, 'b'), segment(90, 30, 'c')],
  totalSeconds: 120,
  leastSeconds: 0,
  phases: [],
}
let serial = 0
const event = (kind: LeadEvent['kind'], at: number): LeadEvent => ({
  id: `00000000-0000-4000-8000-${String(serial++).padStart(12, '0')}`,
  at: at * 1000,
  kind,
})

describe('leading by hand', () => {
  test('pausing stops the clock', () => {
    const state = fold([event('start', 0), event('pause', 20), event('resume', 50)], timeline)
    expect(positionAt(state, 60_000)).toBe(30)
  })
  test('skipping in the first half of an item notes it as skipped', () => {
    const state = fold([event('start', 0), event('next', 10), event('next', 35)], timeline)
    expect(state.skipped).toEqual(['a'])
    expect(positionAt(state, 35_000)).toBe(90)
  })
  test('back goes to the start of the item, and right after it to the one before', () => {
    const once = fold([event('start', 0), event('next', 40), event('back', 50)], timeline)
    expect(once.position).toBe(60)
    const twice = fold([event('start', 0), event('next', 40), event('back', 50), event('back', 51)], timeline)
    expect(twice.position).toBe(0)
  })
  test('what makes no sense changes nothing', () => {
    expect(fold([event('pause', 1), event('next', 2), event('end', 3)], timeline).status).toBe('ready')
    const ended = fold([event('start', 0), event('end', 30), event('resume', 40), event('start', 50)], timeline)
    expect([ended.status, ended.endedAt]).toEqual(['ended', 30_000])
  })
  test('a stop sign is kept with its time and does not move the clock', () => {
    const state = fold([event('start', 0), { ...event('stop-sign', 12), text: 'B: unusual fatigue' }], timeline)
    expect(state.notes.map(({ at, text }) => [at, text])).toEqual([[12_000, 'B: unusual fatigue']])
    expect(positionAt(state, 20_000)).toBe(20)
  })
})

describe('counted work', () => {
  const counted = (seconds: number) => ({ house: { counted: seconds } })
  const class_: Timeline = {
    ...timeline,
    segments: [
      { ...segment(0, 10, 'a'), kind: 'link' as const },
      { ...segment(10, 30, 'a'), ...counted(30) },
      { ...segment(40, 20, 'b'), house: { clock: 20 } },
      { ...segment(60, 30, 'b'), ...counted(30) },
    ],
    totalSeconds: 90,
  }
  const where = (events: LeadEvent[], at: number) => Math.round(positionAt(fold(events, class_), at * 1000))
  test('waits at its end for the instructor, however long', () => {
    const events = [event('my-count', 0), event('start', 0)]
    expect([where(events, 9), where(events, 39), where(events, 300)]).toEqual([9, 39, 40])
    expect(isWaiting(fold(events, class_), 39_000)).toBe(false)
    expect(isWaiting(fold(events, class_), 41_000)).toBe(true)
  })
  test('goes on with the next tap, and what a clock keeps does not wait', () => {
    const events = [event('my-count', 0), event('start', 0), event('next', 70)]
    expect([where(events, 70), where(events, 89), where(events, 95), where(events, 500)]).toEqual([40, 59, 65, 90])
    expect(fold([...events, event('next', 200)], class_)).toMatchObject({ position: 90, skipped: [] })
  })
  test('a pause while it waits stays where it is', () => {
    const events = [event('my-count', 0), event('start', 0), event('pause', 60), event('resume', 80)]
    expect(where(events, 200)).toBe(40)
    expect(where([...events, event('next', 210)], 215)).toBe(45)
  })
  test('runs by itself again as soon as that is tapped', () => {
    const events = [event('my-count', 0), event('start', 0), event('it-counts', 60)]
    expect([where(events, 60), where(events, 65)]).toEqual([40, 45])
  })
})

const kinds = LEAD_KINDS.filter((kind) => kind !== 'stop-sign')
test('the state depends on the events only, not on their order of arrival or on repeats', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.constantFrom(...kinds), fc.integer({ min: 0, max: 60 })), { maxLength: 15 }), (taps) => {
      // equal times are among them
      const unique = taps.map(([kind, at]) => event(kind, at))
      const state = fold(unique, timeline)
      expect(fold([...unique].reverse(), timeline)).toEqual(state)
      expect(fold([...unique, ...unique], timeline)).toEqual(state)
      const position = positionAt(state, 500_000)
      expect(position).toBeGreaterThanOrEqual(0)
      expect(position).toBeLessThanOrEqual(state.timeline.totalSeconds)
    }),
    { seed: 2, numRuns: 300 },
  )
})
