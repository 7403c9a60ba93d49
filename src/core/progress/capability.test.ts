import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { clientSchema, MEASURES, type Measured, MOST_MEASURED, measuredSchema, withMeasured } from '../client'
import { addDays } from '../vocabulary'
import { marginOf, trendsOf, weakerSide } from './capability'

const rises = (on: string, value: number): Measured => ({ kind: 'chair-rises', on, value })
const leg = (on: string, side: 'left' | 'right', value: number): Measured => ({ kind: 'one-leg', on, side, value })
const someone = clientSchema.parse({ given: 'Ada', birthDate: '1950-01-01' })

describe('what somebody can do, over time', () => {
  test('a change is one only when it is more than repeating gives by itself', () => {
    const [small] = trendsOf([rises('2026-09-01', 9), rises('2026-11-01', 11)])
    expect(small!.since).toMatchObject({ by: 2, is: 'no-change', margin: 3 })
    const [large] = trendsOf([rises('2026-11-01', 12), rises('2026-09-01', 9)])
    expect(large!.since).toMatchObject({ by: 3, is: 'better', from: { on: '2026-09-01' } })
    expect(large!.lately).toBeUndefined()
  })
  test('getting up and going is better the sooner it is over; a stance the longer', () => {
    const go = (on: string, value: number): Measured => ({ kind: 'get-up-and-go', on, value })
    expect(trendsOf([go('2026-09-01', 15), go('2026-11-01', 11)])[0]!.since!.is).toBe('better')
    expect(trendsOf([go('2026-09-01', 11), go('2026-11-01', 15)])[0]!.since!.is).toBe('worse')
    expect(trendsOf([leg('2026-09-01', 'left', 12), leg('2026-11-01', 'left', 4)])[0]!.since!.is).toBe('worse')
    // 30 per cent of the larger
    expect(trendsOf([leg('2026-09-01', 'left', 20), leg('2026-11-01', 'left', 25)])[0]!.since!.is).toBe('no-change')
  })
  test('laws: turned round in time a change is the opposite, and the same twice is none', () => {
    const value = fc.integer({ min: 0, max: 30 })
    fc.assert(
      fc.property(fc.constantFrom(...MEASURES), value, value, (kind, a, b) => {
        const side = kind === 'one-leg' ? { side: 'left' as const } : {}
        const of = (first: number, last: number) =>
          trendsOf([
            { kind, on: '2026-09-01', value: first, ...side },
            { kind, on: '2026-11-01', value: last, ...side },
          ])[0]!.since!.is
        const OPPOSITE = { better: 'worse', worse: 'better', 'no-change': 'no-change' } as const
        expect(of(b, a)).toBe(OPPOSITE[of(a, b)])
        expect(of(a, a)).toBe('no-change')
        expect(marginOf(kind, Math.max(a, b))).toBeGreaterThan(0)
      }),
    )
  })
  test('the weaker side is named when it differs by more than that, with how often it was the same one', () => {
    expect(weakerSide([leg('2026-11-01', 'left', 5), leg('2026-11-01', 'right', 8)])).toBeUndefined()
    const three = ['2026-09-01', '2026-10-01', '2026-11-01'].flatMap((on, at) => [leg(on, 'left', at === 0 ? 20 : 6), leg(on, 'right', 14)])
    expect(weakerSide(three)).toEqual({ side: 'left', left: 6, right: 14, on: '2026-11-01', times: 2 })
    expect(weakerSide([...three, leg('2026-11-20', 'left', 6)])?.on).toBe('2026-11-01')
    expect(weakerSide([])).toBeUndefined()
  })
})

describe('what was measured is what the rules read', () => {
  test('the latest of each, and of a stance the weaker leg', () => {
    const once = withMeasured(someone, [rises('2026-11-01', 9), leg('2026-11-01', 'left', 12), leg('2026-11-01', 'right', 7)])
    expect(once.capability).toEqual({ chairRises30s: 9, singleLegSec: 7 })
    const late = withMeasured(once, [rises('2026-10-01', 4), leg('2026-11-20', 'right', 15)])
    expect(late.capability).toEqual({ chairRises30s: 9, singleLegSec: 12 })
    expect(late.measured.map(({ on }) => on)).toEqual(['2026-10-01', '2026-11-01', '2026-11-01', '2026-11-01', '2026-11-20'])
  })
  test('one leg alone never makes anybody steadier than was noted', () => {
    expect(withMeasured(someone, [leg('2026-11-01', 'left', 30)]).capability.singleLegSec).toBeUndefined()
    const noted = { ...someone, capability: { singleLegSec: 6 } }
    expect(withMeasured(noted, [leg('2026-11-01', 'left', 30)]).capability.singleLegSec).toBe(6)
    expect(withMeasured(noted, [leg('2026-11-01', 'left', 3)]).capability.singleLegSec).toBe(3)
  })
  test('law: of the same measure, day and side one stays, and the order in which days are told does not matter', () => {
    const one = fc.oneof(
      fc.record({
        kind: fc.constant('chair-rises' as const),
        on: fc.integer({ min: 0, max: 5 }).map((n) => addDays('2026-11-01', n)),
        value: fc.integer({ min: 0, max: 60 }),
      }),
      fc.record({
        kind: fc.constant('one-leg' as const),
        on: fc.integer({ min: 0, max: 5 }).map((n) => addDays('2026-11-01', n)),
        side: fc.constantFrom('left' as const, 'right' as const),
        value: fc.integer({ min: 0, max: 30 }),
      }),
    )
    fc.assert(
      fc.property(
        fc.uniqueArray(one, { selector: ({ kind, on, ...more }) => JSON.stringify([kind, on, 'side' in more && more.side]), maxLength: 12 }),
        (all) => {
          const together = withMeasured(someone, all)
          const each = all.toReversed().reduce((record, measure) => withMeasured(record, [measure]), someone)
          expect(together.measured.length).toBe(all.length)
          expect(new Set(each.measured.map((two) => JSON.stringify(two)))).toEqual(new Set(together.measured.map((two) => JSON.stringify(two))))
          expect(each.capability.chairRises30s).toBe(together.capability.chairRises30s)
          expect(withMeasured(together, all)).toEqual(together)
        },
      ),
    )
  })
  const WRONG: [string, object][] = [
    ['a stance without a side', { kind: 'one-leg', on: '2026-11-01', value: 5 }],
    ['rises with one', { kind: 'chair-rises', on: '2026-11-01', side: 'left', value: 5 }],
    ['half a rise', { kind: 'chair-rises', on: '2026-11-01', value: 5.5 }],
    ...MEASURES.map(
      (kind) =>
        [`too much of ${kind}`, { kind, on: '2026-11-01', value: MOST_MEASURED[kind] + 1, ...(kind === 'one-leg' && { side: 'left' }) }] satisfies [
          string,
          object,
        ],
    ),
  ]
  test.each(WRONG)('%s is refused', (_, input) => expect(measuredSchema.safeParse(input).success).toBe(false))
})
