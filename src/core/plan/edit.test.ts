import fc from 'fast-check'
import { expect, test } from 'vitest'
import { applyEdit, canApply, type Edit, EditError, type Frame } from './edit'
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

/** Long enough that none comes twice. */
const fresh = fc.stringMatching(/^[a-z0-9]{16}$/)

const editArbitrary = (draft: PlanDraft): fc.Arbitrary<Edit> => {
  const items = itemsOf(draft).map(({ item }) => item.id)
  const blocks = draft.phases.flatMap((phase) => phase.blocks.map((block) => block.id))
  const aBlock = fc.constantFrom(...blocks)
  const aPhase = fc.constantFrom(...draft.phases.map(({ id }) => id))
  const at = fc.integer({ min: 0, max: 5 })
  const always: fc.Arbitrary<Edit>[] = [
    fc.record({
      kind: fc.constant('add-item' as const),
      block: aBlock,
      at,
      item: fresh.map((id) => ({ id: `n${id}`, variant: 'x/y' })),
    }),
    fc.record({
      kind: fc.constant('set-block' as const),
      block: aBlock,
      change: fc.record({ pauseAfter: fc.integer({ min: 0, max: 90 }) }),
      unset: fc.constantFrom(['bpm' as const], []),
    }),
    fc.record({ kind: fc.constant('set-block' as const), block: aBlock, change: fc.record({ bpm: fc.integer({ min: 60, max: 120 }) }) }),
    fc.record({
      kind: fc.constant('set-format' as const),
      block: aBlock,
      frame: fc.constantFrom<Frame>(
        { id: 'any', title: 'In turn', pauseAfter: 0, format: 'alternated', rounds: 3 },
        { id: 'any', title: '', pauseAfter: 0, format: 'song', seconds: 180 },
      ),
    }),
    fc.record({
      kind: fc.constant('add-block' as const),
      phase: aPhase,
      at,
      block: fresh.map((id) => ({ id: `b${id}`, title: '', pauseAfter: 0, format: 'straight' as const, items: [] })),
    }),
    fc.record({ kind: fc.constant('move-block' as const), block: aBlock, toPhase: aPhase, at }),
    fc.record({ kind: fc.constant('set-phase' as const), phase: aPhase, change: fc.record({ title: fc.string({ maxLength: 10 }) }) }),
    fc.record({ kind: fc.constant('move-phase' as const), phase: aPhase, at }),
    fc.record({
      kind: fc.constant('add-phase' as const),
      at,
      phase: fresh.map((id) => ({ id: `p${id}`, kind: 'balance' as const, title: '', blocks: [] })),
    }),
    // some phases and blocks stay, so that there is something to edit
    ...(draft.phases.length > 2 ? [fc.record({ kind: fc.constant('remove-phase' as const), phase: fc.constant(draft.phases.at(-1)!.id) })] : []),
    ...(blocks.length > 2 ? [fc.record({ kind: fc.constant('remove-block' as const), block: aBlock })] : []),
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
    fc.record({
      kind: fc.constant('set-item' as const),
      item: anItem,
      change: fc.constantFrom({ note: 'slowly' }, { optional: true }, {}),
      unset: fc.constantFrom(['note' as const], []),
    }),
    fc.record({ kind: fc.constant('move-item' as const), item: anItem, toBlock: aBlock, at }),
    fc.record({ kind: fc.constant('set-variant' as const), item: anItem, variant: fc.constantFrom('p/q', 'p/r', 'r/s') }),
    fc.record({
      kind: fc.constant('set-item' as const),
      item: anItem,
      change: fc.constantFrom<string[][]>(['p/q', 'p/r'], ['r/s', 'r/t']).map((levels) => ({ levels })),
    }),
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

test('every edit can be taken back, one after the other, also when it was stored meanwhile', () => {
  fc.assert(
    fc.property(fc.infiniteStream(fc.nat()), fc.integer({ min: 1, max: 12 }), (seeds, steps) => {
      const trail: { before: PlanDraft; inverse: Edit }[] = []
      let now = plan
      for (let step = 0; step < steps; step++) {
        const [edit] = fc.sample(editArbitrary(now), { numRuns: 1, seed: seeds.next().value })
        const { plan: after, inverse } = applyEdit(now, edit!)
        expect(canApply(now, edit!)).toBe(true)
        trail.push({ before: now, inverse: JSON.parse(JSON.stringify(inverse)) })
        now = after
      }
      for (const { before, inverse } of trail.reverse()) {
        now = applyEdit(now, inverse).plan
        expect(now).toEqual(before)
      }
    }),
    { numRuns: 300, seed: 5 },
  )
})

test('an edit of something that is not there says what is missing and changes nothing', () => {
  expect(() => applyEdit(plan, { kind: 'remove-item', item: 'gone' })).toThrow(EditError)
  expect(() => applyEdit(plan, { kind: 'move-item', item: 'i1', toBlock: 'nowhere', at: 0 })).toThrow(/nowhere/)
  expect(() => applyEdit(plan, { kind: 'remove-phase', phase: 'gone' })).toThrow(/gone/)
  expect(() => applyEdit(plan, { kind: 'move-block', block: 'b1', toPhase: 'nowhere', at: 0 })).toThrow(/nowhere/)
  expect(canApply(plan, { kind: 'remove-block', block: 'gone' })).toBe(false)
  expect(itemsOf(plan)).toHaveLength(3)
})

test('a part of a dose that contradicts what is there cannot be applied; with the other unset it can', () => {
  const by = { kind: 'change-dose' as const, item: 'i2', part: { workSeconds: 30 }, otherwise: dose }
  expect(canApply(plan, by)).toBe(false)
  // among others too
  expect(canApply(plan, { kind: 'together', edits: [by] })).toBe(false)
  expect(canApply(plan, { ...by, unset: ['reps'] })).toBe(true)
})

test('two changes of one dose, made before the first was judged, both hold', () => {
  const item = itemsOf(plan).find(({ item: one }) => one.dose === undefined)!.item.id
  const one = applyEdit(plan, { kind: 'change-dose', item, part: { sets: 4 }, otherwise: dose })
  const two = applyEdit(one.plan, { kind: 'change-dose', item, part: { loadKg: 3 }, otherwise: dose })
  const kept = itemsOf(two.plan).find(({ item: found }) => found.id === item)!.item
  expect(kept.dose).toEqual({ ...dose, sets: 4, loadKg: 3 })
})
