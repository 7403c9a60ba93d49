import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sharedWith } from './compare'
import { applyEdit } from './edit'
import { itemsOf, type PlanDraft, planSchema } from './plan'

const block = (id: string, items: number) => ({
  id,
  items: Array.from({ length: items }, (_, at) => ({ id: `${id}-${at}`, variant: 'squat/chair' })),
})
const PLAN: PlanDraft = planSchema.parse({
  title: 'Tuesday',
  promisedMinutes: 30,
  phases: [
    { id: 'w', kind: 'warm-up', blocks: [block('w1', 2)] },
    { id: 'm', kind: 'main', blocks: [block('m1', 3), block('m2', 2)] },
  ],
})
const blocksOf = (plan: PlanDraft) => plan.phases.flatMap(({ blocks }) => blocks)

describe('a plan that is a copy', () => {
  it('reads as it did, whatever it is shared with', () =>
    fc.assert(
      fc.property(fc.constantFrom(...itemsOf(PLAN).map(({ item }) => item.id)), fc.integer({ min: 1, max: 9 }), (item, sets) => {
        const edited = applyEdit(PLAN, { kind: 'change-dose', item, part: { sets }, unset: [], otherwise: { sets: 1, reps: 8, holdSeconds: 0 } }).plan
        expect(sharedWith(structuredClone(edited), PLAN)).toEqual(edited)
        expect(sharedWith(structuredClone(PLAN), edited)).toEqual(PLAN)
      }),
    ))

  it('has the very blocks of the plan before it, all but the one that was edited', () => {
    const { plan } = applyEdit(PLAN, { kind: 'remove-item', item: 'm1-1' })
    const shared = blocksOf(sharedWith(structuredClone(plan), PLAN))
    expect(shared.map((one, at) => one === blocksOf(PLAN)[at])).toEqual([true, false, true])
  })

  it('is itself where there is none before it', () => {
    expect(sharedWith(PLAN, undefined)).toBe(PLAN)
  })
})
