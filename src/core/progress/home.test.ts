import fc from 'fast-check'
import { expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { QUALITIES, qualityOf } from '@/core/coverage'
import { assess, buildRuleBase, judge } from '@/core/safety'
import { homeChoice, homeMovements } from './home'

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const people = demoPeople(DAY).map(({ record }) => factsOn(base, clientSchema.parse(record), DAY))
const alone = people.map((facts) => assess(base, { ...facts, screenOutcome: 'go' }, { supportInReach: true, instructorRatio: 99 }))
const somebody = fc.constantFrom(...alone)
const inClass = fc.subarray([...LIBRARY.entries], { minLength: 1, maxLength: 40 })

test('nothing goes home that is not as planned for them, held or sitting, easy and still', () => {
  fc.assert(
    fc.property(somebody, inClass, (assessment, taken) => {
      for (const { entry } of homeMovements(assessment, taken, LIBRARY, [])) {
        expect(
          judge(assessment, entry.vector, { movement: entry.movement.id, freeHands: entry.hands.free, loadedHands: entry.hands.loaded }).verdict,
        ).toBe('as-planned')
        const { basePosition, impactLevel, intendedRpe, eyesClosed, externalLoadKg } = entry.planned
        expect(basePosition).not.toBe('standing-free')
        if (!assessment.person.floorTransferOk) expect(basePosition).not.toMatch(/^(floor|hands-and-knees|kneeling)/)
        expect([impactLevel <= 1, intendedRpe <= 4, eyesClosed, externalLoadKg]).toEqual([true, true, false, 0])
      }
    }),
  )
})

test('each movement of the class once at most, never a harder version of it than there', () => {
  fc.assert(
    fc.property(somebody, inClass, (assessment, taken) => {
      const home = homeMovements(assessment, taken, LIBRARY, ['band', 'dumbbell'])
      expect(new Set(home.map(({ entry }) => entry.movement.id)).size).toBe(home.length)
      for (const { entry, gentler } of home) {
        const first = taken.find(({ movement }) => movement.id === entry.movement.id)!
        expect(entry.step).toBeLessThanOrEqual(first.step)
        expect(gentler).toBe(entry.step < first.step)
      }
    }),
  )
})

test('nobody who may not take part, or for whom the rules want somebody near, is sent home with it', () => {
  const closed = assess(base, { age: 50, screenOutcome: 'go', feverNow: true, conditions: [] }, {})
  expect(homeMovements(closed, [...LIBRARY.entries], LIBRARY, [])).toEqual([])
  const helped = {
    age: 80,
    screenOutcome: 'go' as const,
    conditions: [{ slug: 'stroke-hemiparesis', variant: 'needs-help-to-stand', cleared: true }],
  }
  const inHouse = homeMovements(assess(base, helped, { supportInReach: true, instructorRatio: 99 }), [...LIBRARY.entries], LIBRARY, [])
  expect(inHouse.filter(({ entry }) => /^standing/.test(entry.planned.basePosition))).toEqual([])
})

test('a choice is of those that may, in their order, and no quality comes twice before another came', () => {
  fc.assert(
    fc.property(somebody, inClass, fc.integer({ min: 1, max: 6 }), (assessment, taken, most) => {
      const all = homeMovements(assessment, taken, LIBRARY, [])
      const some = homeChoice(all, most)
      expect(some).toHaveLength(Math.min(most, all.length))
      expect(some).toEqual(all.filter((one) => some.includes(one)))
      const count = (list: typeof all, quality: string) => list.filter(({ entry }) => qualityOf(entry.movement.purpose) === quality).length
      // one more of a kind only when all of another are in, or as many
      for (const quality of QUALITIES)
        for (const other of QUALITIES) if (count(some, quality) > count(some, other) + 1) expect(count(some, other)).toBe(count(all, other))
      if (count(all, 'strength') > 0) expect(count(some, 'strength')).toBeGreaterThan(0)
    }),
  )
})
