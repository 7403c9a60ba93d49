import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { blockSchema, type PlanDose, planDoseSchema } from '@/core/plan'
import { doseAtEdge, workOf } from './edgeDrag'

const straight = blockSchema.parse({ id: 'b', items: [] })
const at = (dose: Partial<PlanDose>, seconds: number, by: number, block = straight) =>
  doseAtEdge({ planDose: planDoseSchema.parse({ sets: 1, ...dose }) }, block, seconds, by)

describe('the end of an item drawn along the stair', () => {
  test.each([
    ['repetitions: 3 s each', { reps: 10 }, 30, 7, { reps: 12 }],
    ['two sets share the way', { sets: 2, reps: 10 }, 60, 12, { reps: 12 }],
    ['seconds in steps of five', { workSeconds: 40 }, 40, 13, { workSeconds: 55 }],
    ['counts in phrases of eight', { workCounts: 64 }, 32, 4, { workCounts: 72 }],
    ['a position kept', { reps: 1, holdSeconds: 20 }, 25, 12, { holdSeconds: 30 }],
    ['never to nothing', { reps: 10 }, 30, -40, { reps: 1 }],
  ] as const)('%s', (_name, dose, seconds, by, part) => expect(at(dose, seconds, by)?.part).toEqual(part))
  test.each([
    ['the block keeps the time', { reps: 10 }, blockSchema.parse({ id: 'b', format: 'song', seconds: 60, items: [] })],
    ['the circuit keeps it', { reps: 10 }, blockSchema.parse({ id: 'b', format: 'circuit', workSeconds: 40, items: [] })],
    ['sets differ', { sets: 2, eachSet: [{ reps: 8 }, { reps: 6 }] }, straight],
    ['a set shrinks', { shrinking: [8, 4, 2] }, straight],
  ] as const)('%s: nothing', (_name, dose, block) => expect(at(dose as Partial<PlanDose>, 30, 10, block)).toBeUndefined())
  test('drawn nowhere the dose stays, and whatever is drawn is a dose', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: -2000, max: 4000 }), (reps, by) => {
        expect(at({ reps }, reps * 3, 0)?.part).toEqual({ reps })
        expect(planDoseSchema.safeParse({ sets: 1, reps, ...at({ reps }, reps * 3, by)?.part }).success).toBe(true)
      }),
    ))
})

test('work is all visits of an item, and ends with the last', () => {
  const segment = (kind: 'work' | 'rest', item: string, startSeconds: number, seconds: number) => ({ kind, item, startSeconds, seconds }) as never
  const segments = [segment('work', 'i', 0, 30), segment('rest', 'i', 30, 20), segment('work', 'j', 50, 30), segment('work', 'i', 80, 30)]
  expect(workOf('i', { segments } as never)).toEqual({ endSeconds: 110, seconds: 60 })
  expect(workOf('k', { segments } as never)).toBeUndefined()
})
