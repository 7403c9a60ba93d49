import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { backTo, differences } from './compare'
import { applyEdit, type Edit } from './edit'
import { merged } from './merge'
import { type PlanDraft, planSchema } from './plan'

const plan: PlanDraft = planSchema.parse({
  version: 2,
  title: 'Two windows',
  promisedMinutes: 20,
  phases: [
    { id: 'w', kind: 'warm-up', blocks: [{ id: 'b1', items: [{ id: 'i1', variant: 'a/b' }] }] },
    {
      id: 'm',
      kind: 'main',
      blocks: [
        { id: 'b2', items: ['i2', 'i3', 'i4'].map((id) => ({ id, variant: 'c/d' })) },
        { id: 'b3', title: 'Round', format: 'circuit', items: [{ id: 'i5', variant: 'e/f' }] },
      ],
    },
  ],
})
const edited = (...edits: Edit[]) => edits.reduce((now, edit) => applyEdit(now, edit).plan, plan)
const dose = (item: string, reps: number): Edit => ({ kind: 'set-dose', item, dose: { sets: 1, reps, holdSeconds: 0 } })
const ids = (one: PlanDraft | undefined) => one?.phases.map(({ blocks }) => blocks.map(({ items }) => items.map(({ id }) => id).join()).join(' | '))

const anEdit = fc.oneof<fc.Arbitrary<Edit>[]>(
  fc.record({ item: fc.constantFrom('i1', 'i2', 'i3', 'i4', 'i5'), reps: fc.integer({ min: 1, max: 9 }) }).map(({ item, reps }) => dose(item, reps)),
  fc
    .record({ item: fc.constantFrom('i2', 'i3', 'i4'), toBlock: fc.constantFrom('b1', 'b2', 'b3'), at: fc.integer({ min: 0, max: 3 }) })
    .map((to) => ({ kind: 'move-item', ...to })),
  fc
    .record({ block: fc.constantFrom('b1', 'b2', 'b3'), pauseAfter: fc.integer({ min: 0, max: 60 }) })
    .map(({ block, pauseAfter }) => ({ kind: 'set-block', block, change: { pauseAfter } })),
  fc.record({ at: fc.integer({ min: 0, max: 1 }) }).map(({ at }) => ({ kind: 'move-block', block: 'b3', toPhase: 'm', at })),
)
const some = fc.array(anEdit, { maxLength: 5 })

describe('two plans made from one', () => {
  test('with changes of different items hold both', () => {
    const both = merged(plan, edited(dose('i2', 5)), edited(dose('i5', 9)))
    expect(both).toEqual(edited(dose('i2', 5), dose('i5', 9)))
  })
  test('a dose here and a move there: the item is where it was moved, with its dose', () => {
    const move: Edit = { kind: 'move-item', item: 'i2', toBlock: 'b3', at: 1 }
    expect(merged(plan, edited(dose('i2', 5)), edited(move))).toEqual(edited(dose('i2', 5), move))
  })
  test('what is added to different blocks is there, and the title too', () => {
    const add = (block: string, id: string): Edit => ({ kind: 'add-item', block, at: 1, item: { id, variant: 'x/y' } })
    const both = merged(plan, edited(add('b2', 'n1'), { kind: 'set-plan', change: { title: 'Mine' } }), edited(add('b3', 'n2')))
    expect(ids(both)).toEqual(['i1', 'i2,n1,i3,i4 | i5,n2'])
    expect(both!.title).toBe('Mine')
  })
  test.each<[string, Edit, Edit]>([
    ['the same dose, each otherwise', dose('i2', 5), dose('i2', 6)],
    ['an item taken out here and changed there', { kind: 'remove-item', item: 'i2' }, dose('i2', 6)],
    [
      'a block taken out here, into which something was put there',
      { kind: 'remove-block', block: 'b3' },
      { kind: 'add-item', block: 'b3', at: 0, item: { id: 'n', variant: 'x/y' } },
    ],
    ['an item moved to two places', { kind: 'move-item', item: 'i3', toBlock: 'b3', at: 0 }, { kind: 'move-item', item: 'i3', toBlock: 'b1', at: 0 }],
    ['the title, each otherwise', { kind: 'set-plan', change: { title: 'A' } }, { kind: 'set-plan', change: { title: 'B' } }],
    [
      'the format of a block, each otherwise',
      { kind: 'set-block', block: 'b3', change: { rounds: 2 } },
      { kind: 'set-block', block: 'b3', change: { rounds: 3 } },
    ],
  ])('%s: somebody has to look', (_name, mine, theirs) => expect(merged(plan, edited(mine), edited(theirs))).toBeUndefined())
  test('the same change twice is no conflict', () =>
    expect(merged(plan, edited(dose('i2', 5)), edited(dose('i2', 5)))).toEqual(edited(dose('i2', 5))))

  test('one that was not changed gives the other; the order does not matter; nothing is lost or there twice', () => {
    fc.assert(
      fc.property(some, some, (a, b) => {
        const [mine, theirs] = [edited(...a), edited(...b)]
        expect(merged(plan, mine, plan)).toEqual(mine)
        expect(merged(plan, plan, theirs)).toEqual(theirs)
        const both = merged(plan, mine, theirs)
        expect(both).toEqual(merged(plan, theirs, mine))
        if (!both) return
        const there = both.phases.flatMap(({ blocks }) => blocks.flatMap(({ items }) => items.map(({ id }) => id)))
        expect([...there].sort()).toEqual(['i1', 'i2', 'i3', 'i4', 'i5'])
        // what one has changed and the other not is as the one has it
        const touched = (one: PlanDraft) =>
          new Set(differences(plan, one, 'kg').flatMap((difference) => ('item' in difference ? [difference.item.id] : [])))
        const [here, elsewhere] = [touched(mine), touched(theirs)]
        const doseIn = (one: PlanDraft, id: string) =>
          one.phases.flatMap(({ blocks }) => blocks.flatMap(({ items }) => items)).find((item) => item.id === id)?.dose
        for (const id of there) if (here.has(id) && !elsewhere.has(id)) expect(doseIn(both, id)).toEqual(doseIn(mine, id))
      }),
      { numRuns: 300 },
    )
  })
})

describe('how a plan differs from an earlier one', () => {
  test('going back to it is one step, which can itself be taken back', () => {
    fc.assert(
      fc.property(some, some, (a, b) => {
        const [from, to] = [edited(...a, { kind: 'set-plan', change: { bpm: 100 } }), edited(...b)]
        const { plan: back, inverse } = applyEdit(from, backTo(from, to))
        expect(back).toEqual(to)
        expect(applyEdit(back, JSON.parse(JSON.stringify(inverse))).plan).toEqual(from)
      }),
      { numRuns: 60 },
    )
  })
  test('not at all from itself', () => expect(differences(plan, plan, 'kg')).toEqual([]))
  test.each<[string, Edit, object[]]>([
    ['a dose', dose('i2', 5), [{ kind: 'item-dose', from: 'as in the library', to: '5 reps' }]],
    [
      'another version',
      { kind: 'set-variant', item: 'i3', variant: 'c/e' },
      [{ kind: 'item-version', item: { id: 'i3', variant: 'c/e' }, from: { variant: 'c/d' } }],
    ],
    ['one moved past two is one that moved', { kind: 'move-item', item: 'i4', toBlock: 'b2', at: 0 }, [{ kind: 'item-moved', item: { id: 'i4' } }]],
    ['one in another block', { kind: 'move-item', item: 'i2', toBlock: 'b3', at: 0 }, [{ kind: 'item-moved', item: { id: 'i2' } }]],
    ['one taken out', { kind: 'remove-item', item: 'i1' }, [{ kind: 'item-removed', item: { id: 'i1' } }]],
    ['one put in', { kind: 'add-item', block: 'b1', at: 0, item: { id: 'n', variant: 'x/y' } }, [{ kind: 'item-added', item: { id: 'n' } }]],
    [
      'how a block runs',
      { kind: 'set-block', block: 'b3', change: { rounds: 4 } },
      [{ kind: 'block-changed', block: 'Round', to: 'Round, Circuit, 4 rounds' }],
    ],
    [
      'a block taken out, with what was in it',
      { kind: 'remove-block', block: 'b3' },
      [
        { kind: 'block-removed', block: 'Round', items: 1 },
        { kind: 'item-removed', item: { id: 'i5' } },
      ],
    ],
    ['the promise', { kind: 'set-plan', change: { promisedMinutes: 30 } }, [{ kind: 'plan', what: 'minutes promised', from: '20', to: '30' }]],
  ])('%s', (_name, edit, expected) => expect(differences(plan, edited(edit), 'kg')).toMatchObject(expected))
})
