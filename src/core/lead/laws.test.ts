import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Segment, Timeline } from '../timing'
import { setAt, withOneLess, withOneMore } from './course'
import { LEAD_KINDS, type LeadEvent } from './event'
import { fold, ordered, owedSides, positionAt } from './events'
import { clockAt, inOrder, knowing, setClock, timeOfTap } from './order'

let now = 0
const segment = (kind: Segment['kind'], seconds: number, item: string, more: Partial<Segment> = {}): Segment => {
  const startSeconds = now
  now += seconds
  return { kind, startSeconds, seconds, phase: 'm', phaseKind: 'main', house: {}, block: 'b', item, base: 'seat', rpe: 3, ...more }
}
const work = (item: string, set: number, sets: number, side?: 'first' | 'second') => segment('work', 30, item, { set, sets, ...(side && { side }) })
const rest = (item: string) => segment('rest', 20, item)
const timelineOf = (segments: Segment[]): Timeline => {
  const totalSeconds = segments.reduce((sum, { seconds }) => sum + seconds, 0)
  return { segments, totalSeconds, leastSeconds: totalSeconds, phases: [{ id: 'm', kind: 'main', startSeconds: 0, seconds: totalSeconds }] }
}
/** Two sets of a movement, two of one with sides, then a station on one side and on the other. */
const CLASS = timelineOf([
  segment('link', 8, 'a'),
  work('a', 1, 2),
  rest('a'),
  work('a', 2, 2),
  segment('change', 8, 'b'),
  work('b', 1, 2, 'first'),
  segment('side-change', 5, 'b', { set: 1, sets: 2 }),
  work('b', 1, 2, 'second'),
  rest('b'),
  work('b', 2, 2, 'first'),
  segment('side-change', 5, 'b', { set: 2, sets: 2 }),
  work('b', 2, 2, 'second'),
  segment('link', 8, 'c'),
  work('c', 1, 1, 'first'),
  segment('link', 8, 'd'),
  work('d', 1, 1, 'first'),
  segment('link', 8, 'c'),
  work('c', 1, 1, 'second'),
  segment('link', 8, 'd'),
  work('d', 1, 1, 'second'),
])
const told = ({ segments }: Timeline) =>
  segments.filter(({ kind }) => kind === 'work').map(({ item, set, side }) => `${item}${set}${side ? side[0] : ''}`)
const indexOf = (item: string, set: number, side?: string) =>
  CLASS.segments.findIndex((one) => one.kind === 'work' && one.item === item && one.set === set && one.side === side)

describe('a set more, a set less', () => {
  test('after the set that is on, with its rest; and the last one that has not begun goes, with the rest before it', () => {
    expect(told(withOneMore(CLASS, indexOf('a', 1))).slice(0, 4)).toEqual(['a1', 'a3', 'a2', 'b1f'])
    expect(withOneMore(CLASS, indexOf('a', 1)).totalSeconds).toBe(CLASS.totalSeconds + 50)
    expect(told(withOneLess(CLASS, indexOf('a', 1))).slice(0, 2)).toEqual(['a1', 'b1f'])
    expect(withOneLess(CLASS, indexOf('a', 1)).totalSeconds).toBe(CLASS.totalSeconds - 50)
  })
  test('both sides or none', () => {
    expect(told(withOneMore(CLASS, indexOf('b', 1, 'second'))).slice(2, 8)).toEqual(['b1f', 'b1s', 'b3f', 'b3s', 'b2f', 'b2s'])
    expect(told(withOneLess(CLASS, indexOf('b', 1, 'first'))).slice(2, 5)).toEqual(['b1f', 'b1s', 'c1f'])
    // the station comes again on the other side
    expect(told(withOneMore(CLASS, indexOf('c', 1, 'first'))).slice(6)).toEqual(['c1f', 'c2f', 'd1f', 'c1s', 'c2s', 'd1s'])
    // where the other side is over nothing can be added to this one
    expect(withOneMore(CLASS, indexOf('c', 1, 'second'))).toBe(CLASS)
  })
  test('on the way to the next movement a set more is one of the last, done now; the only set of a movement is not taken off', () => {
    const tap = (kind: LeadEvent['kind'], at: number): LeadEvent => ({
      id: `5${String(at).padStart(7, '0')}-0000-4000-8000-000000000000`,
      at: at * 1000,
      kind,
    })
    const onTheWay = CLASS.segments.find(({ kind }) => kind === 'change')!.startSeconds + 2
    const state = fold([tap('start', 0), tap('one-more', onTheWay)], CLASS)
    expect(told(state.timeline).slice(0, 4)).toEqual(['a1', 'a2', 'a3', 'b1f'])
    const here = state.timeline.segments.find(({ startSeconds }) => startSeconds === positionAt(state, onTheWay * 1000))
    expect(here).toMatchObject({ kind: 'rest', item: 'a' })
    const before = CLASS.segments.findIndex(({ kind, item }) => kind === 'link' && item === 'd')
    expect(withOneLess(CLASS, before)).toBe(CLASS)
  })
  test('never the set that is on', () => {
    expect(withOneLess(CLASS, indexOf('a', 2))).toBe(CLASS)
    expect(setAt(CLASS, indexOf('b', 2, 'second'))).toEqual({ from: indexOf('b', 2, 'first'), until: indexOf('b', 2, 'second') + 1 })
  })
})

const ITEMS = ['a', 'b', 'c', 'd']
const tapArbitrary = fc.record({
  kind: fc.constantFrom(...LEAD_KINDS),
  at: fc.integer({ min: 0, max: 900_000 }),
  device: fc.constantFrom('one', 'two'),
  item: fc.constantFrom(...ITEMS),
  person: fc.constantFrom('ada', 'bo'),
  variant: fc.constantFrom('x/gentle', 'x/hard', 'rest'),
  view: fc.constantFrom('first', 'second'),
  of: fc.nat({ max: 39 }).map((index) => `00000000-0000-4000-8000-${String(index).padStart(12, '0')}`),
  drops: fc.array(
    fc.oneof(fc.record({ item: fc.constantFrom(...ITEMS), set: fc.integer({ min: 1, max: 2 }) }), fc.record({ item: fc.constantFrom(...ITEMS) })),
    { maxLength: 3 },
  ),
})
const tapsArbitrary = fc
  .array(tapArbitrary, { maxLength: 40 })
  .map((taps) => taps.map((tap, index): LeadEvent => ({ ...tap, id: `00000000-0000-4000-8000-${String(index).padStart(12, '0')}`, sequence: index })))
const begun = (taps: LeadEvent[]): LeadEvent[] => [{ id: '10000000-0000-4000-8000-000000000000', at: 0, kind: 'start' }, ...taps]

describe('laws of the class as a fold', () => {
  test('any order of taps is a legal state', () =>
    fc.assert(
      fc.property(tapsArbitrary, fc.integer({ min: 0, max: 2_000_000 }), (taps, at) => {
        const state = fold(begun(taps), CLASS)
        const position = positionAt(state, at)
        expect(position).toBeGreaterThanOrEqual(0)
        expect(position).toBeLessThanOrEqual(state.timeline.totalSeconds)
        let end = 0
        for (const { startSeconds, seconds } of state.timeline.segments) {
          expect(startSeconds).toBe(end)
          end += seconds
        }
        expect(state.timeline.totalSeconds).toBe(end)
        expect(state.timeline.phases.reduce((sum, { seconds }) => sum + seconds, 0)).toBe(end)
        if (state.status === 'ended') expect(state.endedAt).toBeDefined()
        else expect(state.endedAt).toBeUndefined()
      }),
    ))
  test('however a class is changed, nobody works one side of a set and not the other', () =>
    fc.assert(
      fc.property(tapsArbitrary, (taps) => {
        const { timeline } = fold(begun(taps), CLASS)
        const count = (item: string, side: string) =>
          timeline.segments.filter((one) => one.kind === 'work' && one.item === item && one.side === side).length
        for (const item of ['b', 'c', 'd']) expect(count(item, 'first')).toBe(count(item, 'second'))
      }),
    ))
  test('taps that come late, twice or in another order give the same class, on every device', () =>
    fc.assert(
      fc.property(tapsArbitrary, fc.integer(), (taps, seed) => {
        const all = begun(taps)
        const shuffled = [...all, ...all.slice(0, 5)].sort((a, b) => ((a.at * 31 + seed) % 17) - ((b.at * 31 + seed) % 17))
        expect(fold(shuffled, CLASS)).toEqual(fold(all, CLASS))
        // two devices that have met know the same
        const [one, two] = [all.filter(({ device }) => device !== 'two'), all.filter(({ device }) => device === 'two')]
        expect(fold([...two, ...one], CLASS)).toEqual(fold([...one, ...two], CLASS))
        expect(ordered([...two, ...one])).toEqual(ordered(all))
      }),
    ))
  test('a class that was ended by mistake goes on where it was', () => {
    const tap = (kind: LeadEvent['kind'], at: number): LeadEvent => ({ id: `2${String(at).padStart(7, '0')}-0000-4000-8000-000000000000`, at, kind })
    const state = fold([tap('start', 0), tap('end', 60_000), tap('reopen', 90_000), tap('resume', 100_000)], CLASS)
    expect(state.status).toBe('running')
    expect(positionAt(state, 110_000)).toBe(70)
  })
  test('half a minute given is half a minute in which nothing goes on, and two are a minute', () => {
    const tap = (kind: LeadEvent['kind'], at: number): LeadEvent => ({ id: `3${String(at).padStart(7, '0')}-0000-4000-8000-000000000000`, at, kind })
    const one = fold([tap('start', 0), tap('give', 10_000)], CLASS)
    expect([20, 40, 50].map((second) => positionAt(one, second * 1000))).toEqual([10, 10, 20])
    const two = fold([tap('start', 0), tap('give', 10_000), tap('give', 20_000)], CLASS)
    expect([70, 80].map((second) => positionAt(two, second * 1000))).toEqual([10, 20])
  })
})

describe('the ledger of sides', () => {
  const tap = (kind: LeadEvent['kind'], at: number): LeadEvent => ({
    id: `4${String(at).padStart(7, '0')}-0000-4000-8000-000000000000`,
    at: at * 1000,
    kind,
  })
  const startOf = (item: string, set: number, side: 'first' | 'second') => CLASS.segments[indexOf(item, set, side)]!.startSeconds
  test('a second side that was passed over is owed, and no longer once it was done', () => {
    const second = startOf('b', 1, 'second')
    const skipped = [tap('start', 0), tap('next', second + 2)]
    expect(owedSides(fold(skipped, CLASS), (second + 3) * 1000)).toEqual([{ item: 'b', side: 'second' }])
    const back = [...skipped, tap('repeat', second + 4)]
    const state = fold(back, CLASS)
    // the whole set again, first side and second
    expect(owedSides(state, (second + 4 + 75) * 1000)).toEqual([])
  })
  test('nothing is owed while its time has not come, nor when all went its way', () => {
    const state = fold([tap('start', 0)], CLASS)
    expect(owedSides(state, startOf('b', 1, 'second') * 1000)).toEqual([])
    expect(owedSides(state, 10_000_000)).toEqual([])
  })
  test('movements that were skipped whole owe nothing', () => {
    const state = fold([tap('start', 0), tap('skip', startOf('b', 1, 'first') + 1)], CLASS)
    expect(owedSides(state, (startOf('b', 1, 'first') + 2) * 1000)).toEqual([])
  })
})

describe('the clock of a device', () => {
  test('is that of the server, however wrong its own is, and no change of it moves a class', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: -1e11, max: 1e11 }),
        fc.integer({ min: 0, max: 4000 }),
        fc.integer({ min: 0, max: 3_600_000 }),
        (off, tookMs, later) => {
          const server = 1_800_000_000_000
          const clock = setClock(server + off, 500, { now: server, tookMs })
          // the device's own time is never asked again
          expect(Math.abs(clockAt(clock, 500 + later) - (server + later))).toBeLessThanOrEqual(tookMs / 2 + 1)
        },
      ),
    ))
  test('without a server it is its own; an answer that took too long says nothing', () => {
    expect(clockAt(setClock(1000, 0), 50)).toBe(1050)
    expect(clockAt(setClock(1000, 0, { now: 99_000, tookMs: 6000 }), 50)).toBe(1050)
  })
  test('a tap comes after every one that the device knew of, whatever the clocks say and the devices are called', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20_000 }), fc.integer({ min: 0, max: 20_000 }), fc.string(), fc.string(), (known, wall, one, other) => {
        const before = { id: 'x', at: known, device: one, sequence: 7 }
        const answer = { id: 'a', at: timeOfTap(knowing(setClock(wall, 0), [before]), 50), device: other, sequence: 1 }
        expect(inOrder(before, answer)).toBeLessThan(0)
        // and never by more than it must
        expect(answer.at).toBe(Math.max(wall + 50, known + 1))
      }),
    ))
})
