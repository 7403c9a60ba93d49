import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { assess, buildRuleBase, type RecordedCondition } from '../safety'
import { capacityMet, effortAt, kineticsOf, shareAfter, steadyShare } from './kinetics'

const base = buildRuleBase(CONDITIONS)
const responseOf = (age: number, ...conditions: RecordedCondition[]) => assess(base, { age, screenOutcome: 'go', conditions }).response
const kineticsWith = (age: number, ...conditions: RecordedCondition[]) =>
  kineticsOf({ age, sex: 'female', weeksInProgramme: 20, response: responseOf(age, ...conditions) })

describe('rule base 3.6, worked by hand', () => {
  test('a woman of 70 in the programme: 14.7 - 0.13 x 70', () =>
    expect(capacityMet({ age: 70, sex: 'female', weeksInProgramme: 20, response: {} })).toBeCloseTo(5.6, 6))
  test('a man of 70: 14.7 - 0.11 x 70', () => expect(capacityMet({ age: 70, sex: 'male', weeksInProgramme: 20, response: {} })).toBeCloseTo(7, 6))
  test('sex not known is the lower of the two', () =>
    expect(capacityMet({ age: 70, weeksInProgramme: 20, response: {} })).toBe(
      capacityMet({ age: 70, sex: 'female', weeksInProgramme: 20, response: {} }),
    ))
  test('never under 2.5 MET', () => expect(capacityMet({ age: 110, weeksInProgramme: 0, response: { capacity: 0.45 } })).toBe(2.5))
  test('a 60 s interval at 65 reaches about 74 percent of the rise', () => expect(shareAfter(0, 1, 60, kineticsWith(65))).toBeCloseTo(0.74, 2))
  test.each([
    ['frail', [{ slug: 'frailty', variant: 'needs-hands' }], { onSec: 60, offSec: 110 }, 0.5],
    ['heart failure, slight', [{ slug: 'heart-failure-stable', variant: 'nyha1-2' }], { onSec: 75, offSec: 150 }, 0.65],
    ['heart failure, marked', [{ slug: 'heart-failure-stable', variant: 'nyha3' }], { onSec: 75, offSec: 150 }, 0.45],
    ['lungs, moderate', [{ slug: 'copd', variant: 'mild-moderate' }], { onSec: 45, offSec: 80 }, 0.75],
    ['lungs, severe', [{ slug: 'copd', variant: 'severe' }], { onSec: 45, offSec: 80 }, 0.5],
    ['beta-blocker', [{ slug: 'beta-blocker' }], { onSec: 45 * 1.3, offSec: 80 * 1.1 }, 1],
    [
      'of two the slower and the smaller',
      [{ slug: 'frailty' }, { slug: 'heart-failure-stable', variant: 'nyha3' }],
      { onSec: 75, offSec: 150 },
      0.45,
    ],
  ] as const)('%s', (_name, conditions, times, factor) => {
    const found = kineticsWith(70, ...conditions)
    expect(found).toMatchObject(times)
    expect(found.capacity).toBeCloseTo(Math.max(2.5, 5.6 * factor), 6)
  })
  test('in the middle of a pregnancy, and not before it shows', () => {
    const answering = (gestationalWeek: number) =>
      assess(base, { age: 30, screenOutcome: 'go', gestationalWeek, conditions: [{ slug: 'pregnancy', cleared: true }] }).response
    expect(answering(24)).toEqual({ onSec: 35, offSec: 80 })
    expect(answering(9)).toEqual({})
  })
})

describe('laws', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true })
  test('a share goes towards its target and never past it', () =>
    fc.assert(
      fc.property(share, share, fc.double({ min: 0, max: 3600, noNaN: true }), fc.integer({ min: 18, max: 95 }), (now, target, seconds, age) => {
        const after = shareAfter(now, target, seconds, kineticsWith(age))
        expect(after).toBeGreaterThanOrEqual(Math.min(now, target) - 1e-12)
        expect(after).toBeLessThanOrEqual(Math.max(now, target) + 1e-12)
      }),
    ))
  test('two stretches one after the other are the same as one as long', () =>
    fc.assert(
      fc.property(share, share, fc.integer({ min: 0, max: 300 }), fc.integer({ min: 0, max: 300 }), (now, target, one, other) => {
        const kinetics = kineticsWith(70)
        expect(shareAfter(shareAfter(now, target, one, kinetics), target, other, kinetics)).toBeCloseTo(
          shareAfter(now, target, one + other, kinetics),
          9,
        )
      }),
    ))
  test('more energy, or less capacity, is never less effort', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 9, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 2.5, max: 12, noNaN: true }),
        (met, more, capacity) => {
          const effort = effortAt(steadyShare(met, capacity))
          expect(effortAt(steadyShare(met + more, capacity))).toBeGreaterThanOrEqual(effort)
          expect(effortAt(steadyShare(met, capacity + more))).toBeLessThanOrEqual(effort)
        },
      ),
    ))
})
