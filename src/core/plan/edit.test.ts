import fc from 'fast-check'
import { expect, test } from 'vitest'
import { applyEdit, type Edit, EditError } from './edit'
import { itemsOf, type PlanDraft, planSchema } from './plan'

const dose = { sets: 1, reps: 8, holdSeconds: 0, restSeconds: 20, loadKg: 0, rpe: 3 }
const plan: PlanDraft = planSchema.parse({
  title: 'Edits',
  promisedMinutes: 20,
  phases: [
    { id: 'w', kind: 'warm-up', blocks: [{ id: 'b1', items: [{ id: 'i1', variant: 'a/b' }] }] },
    {
      id: 'm',
      kind: 'main',
      blocks: [
        {
          id: 'b2',
          items: [
            { id: 'i2', variant: 'c/d', dose },
            { id: 'i3', variant: 'e/f' },
          ],
        },
        { id: 'b3', items: [] },
      ],
    },
  ],
})

const editArbitrary = (draft: PlanDraft): fc.Arbitrary<Edit> => {
  const items = itemsOf(draft).map(({ item }) => item.id)
  const blocks = draft.phases.flatMap((phase) => phase.blocks.map((block) => block.id))
  const aBlock = fc.constantFrom(...blocks)
  const at = fc.integer({ min: 0, max: 5 })
  const always: fc.Arbitrary<Edit>[] = [
    fc.record({
      kind: fc.constant('add-item' as const),
      block: aBlock,
      at,
      item: fc.uuid().map((id) => ({ id: `n${id.slice(0, 8)}`, variant: 'x/y' })),
    }),
    fc.record({ kind: fc.constant('set-block' as const), block: aBlock, change: fc.record({ pauseAfter: fc.integer({ min: 0, max: 90 }) }) }),
    fc.record({
      kind: fc.constant('set-plan' as const),
      change: fc.record({ title: fc.string({ minLength: 1, maxLength: 20 }), promisedMinutes: fc.integer({ min: 5, max: 60 }) }),
    }),
  ]
  if (items.length === 0) return fc.oneof(...always)
  const anItem = fc.constantFrom(...items)
  return fc.oneof(
    ...always,
    fc.record({ kind: fc.constant('remove-item' as const), item: anItem }),
    fc.record({ kind: fc.constant('move-item' as const), item: anItem, toBlock: aBlock, at }),
    fc.record({ kind: fc.constant('set-variant' as const), item: anItem, variant: fc.constantFrom('p/q', 'r/s') }),
    fc.record({ kind: fc.constant('set-dose' as const), item: anItem, dose: fc.constantFrom(dose, undefined) }),
    fc.record({
      kind: fc.constant('change-dose' as const),
      item: anItem,
      part: fc.record({ reps: fc.integer({ min: 1, max: 20 }) }),
      otherwise: fc.constant(dose),
    }),
    fc.record({
      kind: fc.constant('together' as const),
      edits: fc.array(fc.record({ kind: fc.constant('set-dose' as const), item: anItem, dose: fc.constantFrom(dose, undefined) }), { maxLength: 3 }),
    }),
  )
}

test('every edit can be taken back, one after the other', () => {
  fc.assert(
    fc.property(fc.infiniteStream(fc.nat()), fc.integer({ min: 1, max: 12 }), (seeds, steps) => {
      const trail: { before: PlanDraft; inverse: Edit }[] = []
      let now = plan
      for (let step = 0; step < steps; step++) {
        const [edit] = fc.sample(editArbitrary(now), { numRuns: 1, seed: seeds.next().value })
        const { plan: after, inverse } = applyEdit(now, edit!)
        trail.push({ before: now, inverse })
        now = after
      }
      for (const { before, inverse } of trail.reverse()) {
        now = applyEdit(now, inverse).plan
        expect(now).toEqual(before)
      }
    }),
    { numRuns: 150, seed: 5 },
  )
})

test('an edit of something that is not there says what is missing and changes nothing', () => {
  expect(() => applyEdit(plan, { kind: 'remove-item', item: 'gone' })).toThrow(EditError)
  expect(() => applyEdit(plan, { kind: 'move-item', item: 'i1', toBlock: 'nowhere', at: 0 })).toThrow(/nowhere/)
  expect(itemsOf(plan)).toHaveLength(3)
})

test('two changes of one dose, made before the first was judged, both hold', () => {
  const item = itemsOf(plan).find(({ item: one }) => one.dose === undefined)!.item.id
  const one = applyEdit(plan, { kind: 'change-dose', item, part: { sets: 4 }, otherwise: dose })
  const two = applyEdit(one.plan, { kind: 'change-dose', item, part: { loadKg: 3 }, otherwise: dose })
  const kept = itemsOf(two.plan).find(({ item: found }) => found.id === item)!.item
  expect(kept.dose).toEqual({ ...dose, sets: 4, loadKg: 3 })
})
