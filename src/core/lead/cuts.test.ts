import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { type Segment, segmentAt, type Timeline } from '../timing'
import { withDropped, withRep, withSetOf } from './course'
import { cutsAhead, cutsFor, setsToAdd } from './cuts'
import type { LeadEvent } from './event'
import { canUncut, fold, positionAt } from './events'
import { nextLoad, takesIn } from './takes'
import type { LedItem, LedUse } from './view'

let now = 0
const segment = (kind: Segment['kind'], seconds: number, item: string, more: Partial<Segment> = {}): Segment => {
  const startSeconds = now
  now += seconds
  return { kind, startSeconds, seconds, phase: 'm', phaseKind: 'main', house: {}, block: 'b', item, base: 'seat', rpe: 3, ...more }
}
const WARM = { phase: 'w', phaseKind: 'warm-up' as const, block: 'w' }
const COOL = { phase: 'c', phaseKind: 'cool-down' as const, block: 'c' }
const ROUND = { block: 'r' }
const work = (item: string, set: number, sets: number, more: Partial<Segment> = {}) => segment('work', 30, item, { set, sets, ...more })
const segments = [
  work('warm', 1, 2, WARM),
  work('warm', 2, 2, WARM),
  segment('link', 8, 'press'),
  work('press', 1, 3),
  segment('rest', 20, 'press'),
  work('press', 2, 3),
  segment('rest', 20, 'press'),
  work('press', 3, 3),
  segment('link', 8, 'curl'),
  work('curl', 1, 1, { reps: 10, repSeconds: 3, house: { counted: 30 } }),
  segment('link', 8, 'lunge'),
  work('lunge', 1, 1, { side: 'first' }),
  segment('side-change', 5, 'lunge', { set: 1, sets: 1 }),
  work('lunge', 1, 1, { side: 'second' }),
  work('step', 1, 2, ROUND),
  work('row', 1, 2, ROUND),
  work('step', 2, 2, ROUND),
  work('row', 2, 2, ROUND),
  segment('change', 30, 'stretch', COOL),
  work('stretch', 1, 2, { ...COOL, house: { held: 30 } }),
  work('stretch', 2, 2, { ...COOL, house: { held: 30 } }),
]
const CLASS: Timeline = {
  segments,
  totalSeconds: now,
  leastSeconds: now,
  phases: [
    { id: 'w', kind: 'warm-up', startSeconds: 0, seconds: 60 },
    { id: 'm', kind: 'main', startSeconds: 60, seconds: now - 150 },
    { id: 'c', kind: 'cool-down', startSeconds: now - 90, seconds: 90 },
  ],
}
const item = (id: string, muscles: string[], rpe = 4): LedItem => ({ id, movement: id, rpe, muscles, shown: [], uses: {}, notFor: {} })
const ITEMS = [
  item('warm', []),
  item('press', ['chest']),
  item('curl', ['chest']),
  item('lunge', ['thigh']),
  item('step', ['calf']),
  item('row', ['back']),
]
const told = ({ segments: all }: Timeline) =>
  all.flatMap(({ kind, item: id, set, side }) => (kind === 'work' ? [`${id}${set}${side?.[0] ?? ''}`] : []))

describe('what can be left out', () => {
  const cuts = cutsAhead(CLASS, 0, ITEMS)
  test('a set of a movement that has more, a whole round, and a movement whose muscles another one works', () => {
    expect(cuts.map(({ kind, items }) => [kind, items])).toEqual([
      ['set', ['press']],
      ['round', ['step', 'row']],
      ['movement', ['press']],
      ['movement', ['curl']],
    ])
    // the set and the rest that leads to it
    expect(cuts[0]?.seconds).toBe(50)
    expect(cuts[1]?.seconds).toBe(60)
  })
  test('never of the warm-up or the cool-down, never the set that is on, never one whose other side is over', () => {
    for (const at of CLASS.segments.keys())
      for (const cut of cutsAhead(CLASS, at, ITEMS)) {
        const left = told(withDropped(CLASS, at, cut.drops))
        for (const stays of ['warm1', 'warm2', 'stretch1', 'stretch2']) expect(left).toContain(stays)
        expect(left.filter((one) => one === 'lunge1f')).toHaveLength(left.filter((one) => one === 'lunge1s').length)
        expect(left.slice(0, told({ ...CLASS, segments: CLASS.segments.slice(0, at + 1) }).length)).toEqual(
          told({ ...CLASS, segments: CLASS.segments.slice(0, at + 1) }),
        )
      }
  })
  test('together the cheapest that save enough', () => {
    expect(cutsFor(cuts, 40)?.items).toEqual(['press'])
    expect(cutsFor(cuts, 90)).toMatchObject({ items: ['press', 'step', 'row'], seconds: 110 })
    // more than there is: what there is, and it says how much that saves
    expect(cutsFor(cuts, 4000)?.seconds).toBeLessThan(4000)
    expect(cutsFor([], 40)).toBeUndefined()
  })
  test('in time that is left over a set more of what is to come', () => {
    const more = setsToAdd(CLASS, 0, (id) => withSetOf(CLASS, 0, id))
    expect(more.find(({ item: id }) => id === 'press')?.seconds).toBe(50)
    expect(more.map(({ item: id }) => id)).not.toContain('stretch')
  })
})

const tap = (kind: LeadEvent['kind'], at: number, more: Partial<LeadEvent> = {}): LeadEvent => ({
  id: `6${String(at).padStart(7, '0')}-0000-4000-8000-000000000000`,
  at: at * 1000,
  kind,
  ...more,
})

describe('a cut while leading', () => {
  const cut = tap('cut', 10, { drops: [{ item: 'press', set: 3 }] })
  test('makes the class shorter and leaves the clock where it is; taken back it is as before', () => {
    const state = fold([tap('start', 0), cut], CLASS)
    expect(state.timeline.totalSeconds).toBe(CLASS.totalSeconds - 50)
    expect(positionAt(state, 20_000)).toBe(20)
    expect(canUncut(state, 20_000)).toBe(true)
    const back = fold([tap('start', 0), cut, tap('uncut', 30, { of: cut.id })], CLASS)
    expect(back.timeline).toBe(CLASS)
    expect(positionAt(back, 40_000)).toBe(40)
  })
  test('is not taken back once the class has come past it, nor after something else was changed', () => {
    const taken = fold([tap('start', 0), cut], CLASS)
    const place = taken.timeline.segments.findIndex(({ item: id }) => id === 'curl')
    const past = taken.timeline.segments[place]!.startSeconds + 1
    expect(fold([tap('start', 0), cut, tap('uncut', past, { of: cut.id })], CLASS).timeline).toEqual(taken.timeline)
    const added = [tap('start', 0), cut, tap('add', 12, { item: 'curl' }), tap('uncut', 13, { of: cut.id })]
    expect(fold(added, CLASS).timeline.totalSeconds).toBeGreaterThan(taken.timeline.totalSeconds)
  })
})

describe('a repetition more or less', () => {
  const curl = segments.findIndex(({ item: id, kind }) => id === 'curl' && kind === 'work')
  const start = segments[curl]!.startSeconds
  test('is as long as one repetition, and the set keeps its tempo', () => {
    const more = withRep(CLASS, curl, start, 1).segments[curl]!
    expect([more.reps, more.seconds, more.house.counted]).toEqual([11, 33, 33])
    expect(withRep(CLASS, curl, start, -1).totalSeconds).toBe(CLASS.totalSeconds - 3)
  })
  test('what was done already is not taken off', () => expect(withRep(CLASS, curl, start + 28, -1)).toBe(CLASS))
  test('any number of taps leaves at least one repetition and whole seconds', () =>
    fc.assert(
      fc.property(fc.array(fc.constantFrom(1 as const, -1 as const), { maxLength: 40 }), (taps) => {
        const after = taps.reduce((timeline, by) => withRep(timeline, curl, start, by), CLASS)
        const { reps, seconds, repSeconds } = after.segments[curl]!
        expect(reps).toBeGreaterThanOrEqual(1)
        expect(seconds).toBeCloseTo(reps! * repSeconds!)
        expect(after.segments[segmentAt(after, start)]!.item).toBe('curl')
      }),
    ))
})

describe('who takes what', () => {
  const use: LedUse = {
    takes: { variant: 'press/light', changes: [] },
    may: [{ variant: 'press/none', changes: ['empty hands'] }],
    kg: 2,
    loads: [1, 2, 3],
  }
  const led: LedItem = { ...item('press', ['chest']), uses: { ada: use, bo: { may: [{ variant: 'press/none', changes: [] }], loads: [] } } }
  const nothing = { swaps: {}, versions: {}, loads: {} }
  test('the judgement, then what was tapped for all, then for one; never what somebody may not do', () => {
    expect(takesIn(led, nothing)).toEqual([
      { person: 'ada', variant: 'press/light', changes: [], kg: 2 },
      { person: 'bo', changes: [] },
    ])
    const swapped = takesIn(led, { ...nothing, swaps: { press: 'press/none' } })
    // who rests goes on resting until they are asked
    expect(swapped.map(({ variant }) => variant)).toEqual(['press/none', undefined])
    expect(takesIn(led, { ...nothing, swaps: { press: 'press/heavy' } })[0]?.variant).toBe('press/light')
    expect(takesIn(led, { ...nothing, versions: { press: { ada: 'press/heavy', bo: 'press/none' } } }).map(({ variant }) => variant)).toEqual([
      'press/light',
      'press/none',
    ])
    expect(takesIn(led, { ...nothing, versions: { press: { ada: 'rest' } } })[0]).toEqual({ person: 'ada', changes: [] })
  })
  test('a weight is one that they may lift, and belongs to its version', () => {
    expect(takesIn(led, { ...nothing, loads: { press: { ada: 3 } } })[0]?.kg).toBe(3)
    expect(takesIn(led, { ...nothing, loads: { press: { ada: 9 } } })[0]?.kg).toBe(2)
    expect(takesIn(led, { swaps: {}, versions: { press: { ada: 'press/none' } }, loads: { press: { ada: 3 } } })[0]?.kg).toBeUndefined()
    const banded: LedItem = { ...led, uses: { ada: { ...use, band: 'reed' } } }
    expect(takesIn(banded, nothing)[0]).toMatchObject({ kg: 2, band: 'reed' })
    expect(takesIn(banded, { ...nothing, versions: { press: { ada: 'press/none' } } })[0]).not.toHaveProperty('band')
    expect(nextLoad(use, undefined, 'heavier')).toBe(3)
    expect(nextLoad(use, 1, 'lighter')).toBeUndefined()
    expect(nextLoad({ loads: [] }, undefined, 'heavier')).toBeUndefined()
  })
})

describe('a judgement that changes while the class runs', () => {
  test('holds for what is still to come; what had begun keeps its own', () => {
    const state = fold([tap('start', 0, { view: 'one' }), tap('people', 90, { view: 'two' })], CLASS)
    expect(state.view).toBe('two')
    expect(state.viewOf.warm).toBe('one')
    expect(state.viewOf.curl).toBeUndefined()
  })
  test('and says who leads', () => {
    expect(fold([tap('start', 0, { device: 'hall' })], CLASS).leader).toBe('hall')
    expect(fold([tap('start', 0, { device: 'hall' }), tap('lead', 5, { device: 'phone' })], CLASS).leader).toBe('phone')
  })
})

test('a class whose sets wait for the instructor waits from its first set on', () => {
  const waits = fold([tap('start', 0)], CLASS, true)
  const curl = segments.find(({ item: id, kind }) => id === 'curl' && kind === 'work')!
  const after = (curl.startSeconds + curl.seconds + 60) * 1000
  expect(positionAt(waits, after)).toBeLessThan(curl.startSeconds + curl.seconds)
  expect(positionAt(fold([tap('start', 0)], CLASS), after)).toBeGreaterThan(curl.startSeconds + curl.seconds)
})
