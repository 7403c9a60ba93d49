import { describe, expect, test } from 'vitest'
import { applyEdit, BLOCK_FORMATS, blockSchema, type Edit, itemsOf, type PlanDraft, planSchema } from '@/core/plan'
import { droppedBlock, droppedItem, movedBlock, movedItem, movedItems, movedPhase } from './moves'
import { newBlock, newFrame } from './newBlock'
import { addedBlock, addedPhase, changedVersion, copiedBlock, copiedItem, copiedItems, plannedInstead, removedRow } from './planEdits'
import { placeToAdd, stillThere, withMore } from './selection'

const item = (id: string) => ({ id, variant: 'march/seated' })
const plan: PlanDraft = planSchema.parse({
  version: 2,
  title: 'Places',
  promisedMinutes: 20,
  phases: [
    { id: 'w', kind: 'warm-up', blocks: [{ id: 'a', items: [item('1'), item('2')] }] },
    {
      id: 'm',
      kind: 'main',
      blocks: [
        { id: 'q', format: 'quiet', seconds: 60 },
        { id: 'b', format: 'circuit', rounds: 2, items: [item('3')] },
      ],
    },
    { id: 'c', kind: 'cool-down', blocks: [] },
  ],
})
const done = (edit: Edit | undefined): PlanDraft => {
  if (!edit) throw new Error('no edit')
  return applyEdit(plan, edit).plan
}
const ids = (after: PlanDraft) => itemsOf(after).map(({ block, item: one }) => `${block.id}${one.id}`)
const blocks = (after: PlanDraft) => after.phases.map(({ id, blocks: own }) => `${id}:${own.map((block) => block.id).join('')}`)

describe('one place earlier or later', () => {
  test('an item inside its block, then over quiet blocks into the next', () => {
    expect(ids(done(movedItem(plan, '1', 1)))).toEqual(['a2', 'a1', 'b3'])
    expect(ids(done(movedItem(plan, '2', 1)))).toEqual(['a1', 'b2', 'b3'])
    expect(ids(done(movedItem(plan, '3', -1)))).toEqual(['a1', 'a2', 'a3'])
    expect(movedItem(plan, '1', -1)).toBeUndefined()
    expect(movedItem(plan, '3', 1)).toBeUndefined()
  })
  test('a block inside its part, then into the next', () => {
    expect(blocks(done(movedBlock(plan, 'q', 1)))).toEqual(['w:a', 'm:bq', 'c:'])
    expect(blocks(done(movedBlock(plan, 'b', 1)))).toEqual(['w:a', 'm:q', 'c:b'])
    expect(blocks(done(movedBlock(plan, 'q', -1)))).toEqual(['w:aq', 'm:b', 'c:'])
    expect(movedBlock(plan, 'a', -1)).toBeUndefined()
  })
  test('a part', () => {
    expect(done(movedPhase(plan, 'm', -1)).phases.map(({ id }) => id)).toEqual(['m', 'w', 'c'])
    expect(movedPhase(plan, 'c', 1)).toBeUndefined()
  })
})

test('an item put down takes the place of the one under it, or comes first under a heading, and never into a quiet block', () => {
  expect(ids(done(droppedItem(plan, '3', '1')))).toEqual(['a3', 'a1', 'a2'])
  expect(ids(done(droppedItem(plan, '1', '2')))).toEqual(['a2', 'a1', 'b3'])
  expect(ids(done(droppedItem(plan, '1', 'b')))).toEqual(['a2', 'b1', 'b3'])
  expect(droppedItem(plan, '1', 'q')).toBeUndefined()
  expect(droppedItem(plan, 'gone', '1')).toBeUndefined()
})

describe('once more, and new', () => {
  test('an item and a block once more stand right after, with ids of their own', () => {
    const copy = copiedItem(plan, '1')!
    expect(ids(done(copy.edit))).toEqual(['a1', `a${copy.id}`, 'a2', 'b3'])
    const block = copiedBlock(plan, 'a')!
    const after = done(block.edit)
    expect(blocks(after)).toEqual([`w:a${block.id}`, 'm:qb', 'c:'])
    expect(new Set(itemsOf(after).map(({ item: one }) => one.id)).size).toBe(5)
  })
  test('a block after another or at the end of a part; a part with a block to fill', () => {
    expect(blocks(done(addedBlock(plan, { after: 'a' }, 'song')!.edit))[0]).toMatch(/^w:ab-/)
    expect(blocks(done(addedBlock(plan, { phase: 'c' }, 'open')!.edit))[2]).toMatch(/^c:b-/)
    const after = done(addedPhase(plan, 'w', 'balance').edit)
    expect(after.phases.map(({ kind }) => kind)).toEqual(['warm-up', 'balance', 'main', 'cool-down'])
    expect(after.phases[1]!.blocks).toHaveLength(1)
  })
  test('where a movement goes: after the selected one, to the end of a block, never into a quiet one', () => {
    expect(placeToAdd(plan, { kind: 'item', item: '1' })).toEqual({ block: 'a', at: 1 })
    expect(placeToAdd(plan, { kind: 'block', block: 'b' })).toEqual({ block: 'b', at: 1 })
    expect(placeToAdd(plan, { kind: 'block', block: 'q' })).toEqual({ block: 'b', at: 1 })
    expect(placeToAdd(plan, undefined)).toEqual({ block: 'b', at: 1 })
    expect(placeToAdd(plan, { kind: 'phase', phase: 'w' })).toEqual({ block: 'a', at: 2 })
  })
  test('what was selected is gone when the plan has it no more', () => {
    expect(stillThere(plan, { kind: 'cell', item: '1', person: 'p' })).toBe(true)
    expect(stillThere(done({ kind: 'remove-item', item: '1' }), { kind: 'item', item: '1' })).toBe(false)
    expect(stillThere(done({ kind: 'remove-phase', phase: 'm' }), { kind: 'block', block: 'b' })).toBe(false)
  })
})

describe('formats', () => {
  test.each(BLOCK_FORMATS)('%s begins as a block that can be kept', (format) => {
    const block = newBlock('n', format)
    expect(block.format).toBe(format)
    expect(blockSchema.parse(JSON.parse(JSON.stringify(block)))).toEqual(block)
  })
  test('another format keeps the items, title and what both have', () => {
    const [, circuit] = plan.phases[1]!.blocks
    for (const format of BLOCK_FORMATS.filter((one) => one !== 'quiet')) {
      const after = done({ kind: 'set-format', block: 'b', frame: newFrame({ ...circuit!, title: 'Kept' }, format) })
      const block = after.phases[1]!.blocks[1]!
      expect(block.items.map(({ id }) => id)).toEqual(['3'])
      expect(block.title).toBe('Kept')
      expect(blockSchema.safeParse(block).success).toBe(true)
      if ('rounds' in block) expect(block.rounds).toBe(2)
    }
  })
})

describe('several at once', () => {
  test('keep their order, within a block and over its end', () => {
    const wide = planSchema.parse({
      ...plan,
      phases: [
        {
          id: 'p',
          kind: 'main',
          blocks: [
            { id: 'a', items: ['1', '2', '3', '4'].map(item) },
            { id: 'b', items: [item('5')] },
          ],
        },
      ],
    })
    const moved = (edit: Edit | undefined) => ids(applyEdit(wide, edit!).plan)
    expect(moved(movedItems(wide, ['2', '3'], -1))).toEqual(['a2', 'a3', 'a1', 'a4', 'b5'])
    expect(moved(movedItems(wide, ['2', '3'], 1))).toEqual(['a1', 'a4', 'a2', 'a3', 'b5'])
    expect(moved(movedItems(wide, ['3', '4'], 1))).toEqual(['a1', 'a2', 'b3', 'b4', 'b5'])
    expect(movedItems(wide, ['1', '2'], -1)).toBeUndefined()
  })
  test('once more, after the last of them', () => {
    const after = done(copiedItems(plan, ['1', '2']))
    expect(itemsOf(after).map(({ block }) => block.id)).toEqual(['a', 'a', 'a', 'a', 'b'])
    expect(new Set(ids(after)).size).toBe(5)
  })
  test('are taken by a range from the end that stays, and one by one', () => {
    const from = { kind: 'item', item: '2' } as const
    expect(withMore(plan, from, '3', 'up-to')).toEqual({ kind: 'many', items: ['2', '3'] })
    expect(withMore(plan, from, '1', 'up-to')).toEqual({ kind: 'many', items: ['1', '2'] })
    expect(withMore(plan, { kind: 'many', items: ['1', '2'] }, '2', 'beside')).toEqual({ kind: 'item', item: '1' })
    expect(withMore(plan, { kind: 'many', items: ['1', '2'] }, '3', 'beside')).toEqual({ kind: 'many', items: ['1', '2', '3'] })
    expect(withMore(plan, undefined, '3', 'up-to')).toEqual({ kind: 'item', item: '3' })
    expect(stillThere(plan, { kind: 'many', items: ['1', 'gone'] })).toBe(false)
  })
})

describe('a block that is dropped', () => {
  test('takes the place of another, or of the block of the item it is dropped on', () => {
    expect(blocks(done(droppedBlock(plan, 'b', 'q')))).toEqual(['w:a', 'm:bq', 'c:'])
    expect(blocks(done(droppedBlock(plan, 'q', '3')))).toEqual(['w:a', 'm:bq', 'c:'])
    expect(blocks(done(droppedBlock(plan, 'b', '1')))).toEqual(['w:ba', 'm:q', 'c:'])
  })
  test('on itself, or on nothing, stays', () => {
    expect(droppedBlock(plan, 'b', '3')).toBeUndefined()
    expect(droppedBlock(plan, 'b', 'gone')).toBeUndefined()
  })
})

describe('a row that stands for single sets of an item', () => {
  const own = planSchema.parse({
    ...plan,
    phases: [
      {
        id: 'p',
        kind: 'main',
        blocks: [
          {
            id: 'a',
            items: [{ id: '1', variant: 'march/seated', dose: { sets: 3, reps: 8, eachSet: [{}, { variant: 'march/free' }, { reps: 5 }] } }],
          },
        ],
      },
    ],
  })
  const setsAfter = (edit: Edit | undefined) => itemsOf(applyEdit(own, edit!).plan)[0]!.item.dose!.eachSet
  test('another version is that of its sets alone', () =>
    expect(setsAfter(changedVersion(own, '1~1', 'march/high'))).toEqual([{}, { variant: 'march/high' }, { reps: 5 }]))
  test('taken out, its sets are like the others', () => expect(setsAfter(removedRow(own, '1~1'))).toEqual([{}, {}, { reps: 5 }]))
  test('the row of the item is the item', () => {
    expect(changedVersion(own, '1', 'march/free')).toMatchObject({ kind: 'set-variant', item: '1' })
    expect(removedRow(own, '1')).toEqual({ kind: 'remove-item', item: '1' })
  })
})

test('another version in the place of an item keeps its place, and of the same movement its dose', () => {
  const dosed = applyEdit(plan, { kind: 'set-dose', item: '2', dose: { sets: 3, reps: 7, holdSeconds: 0 } }).plan
  const after = (variant: string) => itemsOf(applyEdit(dosed, plannedInstead(dosed, '2', variant)!).plan)[1]!.item
  expect(after('march/free')).toMatchObject({ id: '2', variant: 'march/free', dose: { sets: 3 } })
  expect(after('squat/hold2')).toMatchObject({ variant: 'squat/hold2' })
  expect(after('squat/hold2').dose).toBeUndefined()
})
