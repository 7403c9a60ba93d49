import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { DEMO_CLASSES } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { checkPlan, itemsOf, movementIdOf, type PlanDraft, partOf, planSchema } from '../plan'
import { couldWait, leftForLater } from './later'

const movementsOf = (plan: PlanDraft, part?: 'main'): string[] =>
  itemsOf(plan)
    .filter(({ phase }) => part === undefined || partOf(phase.kind) === part)
    .flatMap(({ item }) => movementIdOf(item) ?? [])

describe.each(DEMO_CLASSES)('what $key leaves for a later time', ({ plan: input }) => {
  const plan = planSchema.parse(input)
  const all = [...new Set(movementsOf(plan))]
  const some = fc.subarray([...all, 'nowhere'])

  test('is gone with all its sides, everything else is as it was, and what is left is a plan', () => {
    fc.assert(
      fc.property(some, (movements) => {
        const { plan: after, left } = leftForLater(plan, movements)
        expect(checkPlan(after, LIBRARY)).toHaveProperty('plan')
        expect(itemsOf(after).map(({ item }) => item)).toEqual(
          itemsOf(plan).flatMap(({ phase, item }) => (partOf(phase.kind) === 'main' && left.includes(movementIdOf(item) ?? '') ? [] : [item])),
        )
        expect(left.every((movement) => movements.includes(movement) && !movementsOf(after, 'main').includes(movement))).toBe(true)
        expect(movementsOf(after, 'main').length).toBeGreaterThan(0)
        const ends = (draft: PlanDraft) => draft.phases.filter(({ kind }) => partOf(kind) !== 'main')
        expect(ends(after)).toEqual(ends(plan))
      }),
      { numRuns: 60 },
    )
  })

  test('that could wait is new, no more than it takes, and never more than half of the main part', () => {
    fc.assert(
      fc.property(some, fc.integer({ min: 0, max: 8 }), (fresh, mostNew) => {
        const waits = couldWait(plan, fresh, mostNew)
        expect(waits.every((movement) => fresh.includes(movement))).toBe(true)
        expect(waits.length).toBeLessThanOrEqual(Math.max(0, fresh.length - mostNew))
        const { plan: after, left } = leftForLater(plan, waits)
        expect(left).toEqual(waits)
        expect(2 * movementsOf(after, 'main').length).toBeGreaterThanOrEqual(movementsOf(plan, 'main').length)
      }),
      { numRuns: 60 },
    )
  })
})

test('what is done only if there is time waits first, then what comes last', () => {
  const item = (id: string, variant: string, more: object = {}) => ({ id, variant, dose: { sets: 1, reps: 8 }, ...more })
  const plan = planSchema.parse({
    version: 2,
    title: 'Weir',
    promisedMinutes: 20,
    phases: [
      {
        id: 'p',
        kind: 'main',
        blocks: [
          {
            id: 'b',
            format: 'straight',
            items: [
              item('1', 'march/seated'),
              item('2', 'heel-raise/both-hands', { optional: true }),
              item('3', 'sit-to-stand/free'),
              item('4', 'row/band-light'),
            ],
          },
        ],
      },
    ],
  })
  const fresh = ['march', 'heel-raise', 'sit-to-stand', 'row']
  expect(couldWait(plan, fresh, 4)).toEqual([])
  expect(couldWait(plan, fresh, 3)).toEqual(['heel-raise'])
  expect(couldWait(plan, fresh, 2)).toEqual(['heel-raise', 'row'])
  // half of it stays whatever is wished for
  expect(couldWait(plan, fresh, 0)).toEqual(['heel-raise', 'row'])
})
