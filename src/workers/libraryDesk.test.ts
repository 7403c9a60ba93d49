import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { assess, buildRuleBase, judge } from '@/core/safety'
import type { Find } from './libraryContract'
import { LibraryDesk } from './libraryDesk'

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const people = demoPeople(DAY).map(({ record }, index) => ({
  id: `p${index}`,
  name: record.given,
  facts: factsOn(base, clientSchema.parse(record), DAY),
}))
const ALL: Find = { words: '', conditions: [], over65: false, forClass: false, most: 1000, moving: false }

function opened(given = people.slice(0, 6)) {
  const desk = new LibraryDesk()
  desk.open({ people: given, own: [] })
  return desk
}
const allowed = (facts: Parameters<typeof assess>[1], movement: string) => {
  const assessment = assess(base, facts, { supportInReach: true })
  return LIBRARY.entries.filter((entry) => {
    if (entry.movement.id !== movement) return false
    const { verdict } = judge(assessment, entry.vector, { movement: entry.movement.id })
    return verdict === 'as-planned' || verdict === 'modify'
  })
}

describe('finding movements', () => {
  test('without a filter everything is there, once', () => {
    const { total, found } = opened().find(ALL)
    expect(total).toBe(LIBRARY.movements.length)
    expect(new Set(found.map(({ movement }) => movement)).size).toBe(total)
  })

  test.each(['osteoporosis-vertebral-fracture', 'hip-replacement-posterior', 'pregnancy', 'wheelchair-user', 'heart-failure-stable'])(
    'whatever is found as safe with %s has a step that its rules allow',
    (slug) => {
      const { found, total } = opened().find({ ...ALL, conditions: [slug] })
      expect(total).toBeGreaterThan(5)
      expect(total).toBeLessThanOrEqual(LIBRARY.movements.length)
      const pregnant = slug === 'pregnancy'
      const facts = { age: pregnant ? 32 : 50, ...(pregnant && { gestationalWeek: 28 }), screenOutcome: 'go', conditions: [{ slug, cleared: true }] }
      for (const { movement, variant, variants } of found) {
        const steps = allowed(facts, movement)
        expect(steps).toHaveLength(variants)
        expect(steps.map((entry) => entry.variant.id)).toContain(variant)
      }
    },
  )

  test('more conditions never find more', () => {
    const desk = opened()
    const one = new Set(desk.find({ ...ALL, conditions: ['osteoporosis'] }).found.map(({ movement }) => movement))
    const two = desk.find({ ...ALL, conditions: ['osteoporosis', 'wheelchair-user'] }).found.map(({ movement }) => movement)
    expect(two.length).toBeLessThan(one.size)
    for (const movement of two) expect(one).toContain(movement)
  })

  test('how many of a class it fits is counted person by person', () => {
    const given = people.slice(0, 6)
    for (const { movement, fits } of opened(given).find({ ...ALL, most: 20 }).found)
      expect(fits).toBe(given.filter(({ facts }) => allowed(facts, movement).length > 0).length)
  })

  test('for a class, what nobody can do is left out', () => {
    const chair = [{ id: 'w', name: 'W', facts: { age: 60, conditions: [{ slug: 'wheelchair-user' }] } }]
    for (const { movement } of opened(chair).find({ ...ALL, forClass: true }).found)
      expect(allowed(chair[0]!.facts, movement).length).toBeGreaterThan(0)
  })

  test('a drawing goes over once, and drawing ahead sends none', () => {
    const desk = opened()
    desk.drawAhead()
    const first = desk.find({ ...ALL, most: 10 }).found
    expect(first.every(({ drawing }) => drawing !== undefined)).toBe(true)
    expect(desk.find({ ...ALL, most: 10 }).found.every(({ drawing }) => drawing === undefined)).toBe(true)
  })

  test('poses are sent only to figures that move', () => {
    const desk = opened()
    expect(desk.find({ ...ALL, most: 3 }).found.some(({ figure }) => figure)).toBe(false)
    expect(desk.find({ ...ALL, most: 3, moving: true }).found.every(({ figure }) => figure && figure.poses.length > 0)).toBe(true)
  })
})
