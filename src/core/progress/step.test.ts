import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { demoPeople } from '@/content/demo'
import { BANDS } from '@/content/kit/bands'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { assess, buildRuleBase } from '@/core/safety'
import { ownBand } from '../evaluate'
import { PAIRS_KG } from '../vocabulary'
import type { Progression } from './progression'
import { stepBlocked, stepOf } from './step'

const HOUSE = { pairsKg: PAIRS_KG.kg, bands: BANDS }
const base = buildRuleBase(CONDITIONS)
const because = { rule: 'steady', times: 2 } as const
const UP: Progression = { verdict: 'up', levels: 1, review: false, share: 1, because }
const DOWN: Progression = { verdict: 'down', levels: 1, review: false, share: 1, because }
const entryOf = (id: string) => LIBRARY.byId.get(id)!
const laddered = LIBRARY.entries.filter(({ planned }) => planned.externalLoadType !== 'dumbbell')
const weighted = LIBRARY.entries.filter(({ planned }) => planned.externalLoadType === 'dumbbell')

describe('what a step is', () => {
  test('one place of the ladder up, and back again by one down', () => {
    fc.assert(
      fc.property(fc.constantFrom(...laddered), (entry) => {
        const step = stepOf({ entry }, UP, HOUSE)
        if (entry.step === entry.movement.variants.length - 1) {
          expect(step).toEqual({ kind: 'top' })
          return
        }
        const next = entry.movement.variants[entry.step + 1]!.id
        expect(step).toEqual({ kind: 'variant', variant: next })
        expect(stepOf({ entry: entryOf(next) }, DOWN, HOUSE)).toEqual({ kind: 'variant', variant: entry.variant.id })
      }),
    )
  })
  test('two down, and less where there is nothing gentler', () => {
    fc.assert(
      fc.property(fc.constantFrom(...laddered), (entry) => {
        const step = stepOf({ entry }, { ...DOWN, levels: 2 }, HOUSE)
        if (entry.step === 0) expect(step).toEqual({ kind: 'less' })
        else expect(step).toEqual({ kind: 'variant', variant: entry.movement.variants[Math.max(0, entry.step - 2)]!.id })
      }),
    )
  })
  test('of a weight the next pair of the house, with repetitions first where it is more than a tenth', () => {
    const entry = weighted[0]!
    expect(stepOf({ entry, kg: 2 }, UP, HOUSE)).toEqual({ kind: 'load', fromKg: 2, toKg: 2.5, overTenth: true })
    expect(stepOf({ entry, kg: 2 }, UP, { ...HOUSE, pairsKg: [2, 2.2] })).toEqual({ kind: 'load', fromKg: 2, toKg: 2.2, overTenth: false })
    expect(stepOf({ entry, kg: 2 }, DOWN, HOUSE)).toEqual({ kind: 'load', fromKg: 2, toKg: 1.5, overTenth: false })
    expect(stepOf({ entry, kg: 2 }, { ...DOWN, levels: 2 }, HOUSE)).toMatchObject({ toKg: 1 })
    // the lightest pair is given away by way of the ladder
    expect(stepOf({ entry: { ...entry, step: 0 }, kg: 0.5 }, DOWN, HOUSE)).toEqual({ kind: 'less' })
  })
  test('of a band another grip or band, two to ten per cent of pull at a time, till the next version pulls as much', () => {
    const banded = LIBRARY.entries.filter(({ planned, variant }) => planned.externalLoadType === 'band' && variant.dose.loadKg !== undefined)
    fc.assert(
      fc.property(
        fc.constantFrom(...banded),
        fc.double({ min: 0.8, max: 1.5, noNaN: true }),
        fc.integer({ min: 140, max: 190 }),
        (entry, share, cm) => {
          const kg = Math.round(10 * share * entry.planned.externalLoadKg) / 10
          if (kg === 0) return
          const up = stepOf({ entry, kg }, UP, HOUSE, cm)!
          const next = entry.movement.variants[entry.step + 1]
          if (up.kind === 'load') {
            expect(up.toKg / kg).toBeGreaterThanOrEqual(1.02 - 1e-9)
            expect(up.toKg / kg).toBeLessThanOrEqual(1.1 + 1e-9)
            if (next?.kit.includes('band')) expect(up.toKg).toBeLessThan(next.dose.loadKg!)
            // what is said is what is handed out for that pull
            const advice = ownBand(entry, { statureCm: cm }, up.toKg, BANDS)!
            expect(advice.pullN / 9.80665).toBeCloseTo(up.toKg, 0)
          } else expect(up).toEqual(next ? { kind: 'variant', variant: next.id } : { kind: 'top' })
          const down = stepOf({ entry, kg }, DOWN, HOUSE, cm)!
          if (down.kind === 'load') {
            expect(down.toKg).toBeLessThan(kg)
            expect(down.toKg / kg).toBeGreaterThanOrEqual(0.9 - 1e-9)
          }
        },
      ),
      { numRuns: 300 },
    )
    const row = entryOf('row/band-light')
    expect(stepOf({ entry: row, kg: row.planned.externalLoadKg }, UP, HOUSE, 165)).toMatchObject({ kind: 'load', band: { name: expect.any(String) } })
  })
  test('after a pause less of it, and nothing where all stays', () => {
    expect(stepOf({ entry: laddered[0]! }, { ...DOWN, levels: 0, share: 0.7 }, HOUSE)).toEqual({ kind: 'less' })
    expect(stepOf({ entry: laddered[0]! }, { ...UP, verdict: 'stay', levels: 0 }, HOUSE)).toBeUndefined()
  })
})

describe('what the rules do not let', () => {
  const DAY = '2026-11-24'
  const people = demoPeople(DAY).map(({ record }) => factsOn(base, clientSchema.parse(record), DAY))
  const assessed = people.map((facts) => assess(base, { ...facts, screenOutcome: 'go' }, { supportInReach: true }))
  const pregnant = assess(base, { age: 31, screenOutcome: 'go', gestationalWeek: 30, conditions: [{ slug: 'pregnancy', cleared: true }] }, {})
  const healthy = assess(base, { age: 40, screenOutcome: 'go', weeksInProgramme: 20, conditions: [] }, { supportInReach: true })
  const closed = assess(base, { age: 40, screenOutcome: 'go', feverNow: true, conditions: [] }, {})

  test('lying face down or flat for long late in a pregnancy, with the reason', () => {
    const prone = LIBRARY.entries.find(({ planned }) => planned.basePosition === 'floor-prone')!
    expect(stepBlocked(pregnant, { entry: prone }, { kind: 'variant', variant: prone.variant.id }, LIBRARY)).toMatch(/\w{4}/)
    expect(stepBlocked(healthy, { entry: prone }, { kind: 'variant', variant: prone.variant.id }, LIBRARY)).toBeUndefined()
  })
  test('anything, for somebody who may not take part today', () => {
    for (const entry of LIBRARY.entries.slice(0, 20))
      expect(stepBlocked(closed, { entry }, { kind: 'variant', variant: entry.variant.id }, LIBRARY)).toBe(closed.closed!.text)
  })
  test('a weight above what somebody may lift, and no lighter one that they may', () => {
    fc.assert(
      fc.property(fc.constantFrom(...assessed), fc.constantFrom(...weighted), (assessment, entry) => {
        const most = assessment.limits.loadMaxKg.value
        if (!Number.isFinite(most)) return
        const heavier = { kind: 'load', fromKg: most, toKg: most + 1, overTenth: true } as const
        expect(stepBlocked(assessment, { entry }, heavier, LIBRARY)).toBeDefined()
      }),
    )
    expect(stepBlocked(healthy, { entry: weighted[0]! }, { kind: 'load', fromKg: 1, toKg: 1.5, overTenth: true }, LIBRARY)).toBeUndefined()
  })
})
