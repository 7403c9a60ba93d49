import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { applyEdit, type Edit, itemsOf, type PlanDraft, planSchema } from '@/core/plan'
import { buildRuleBase } from '@/core/safety'
import type { WorkerPerson } from './designerContract'
import { DesignerDesk } from './designerDesk'
import { withChanges } from './modelChanges'

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const people: WorkerPerson[] = demoPeople(DAY)
  .slice(0, 10)
  .map(({ record }, index) => ({ id: `p${index}`, name: record.given, facts: factsOn(base, clientSchema.parse(record), DAY) }))
const plan = planSchema.parse(DEMO_CLASSES[0]!.plan)

const editOf = (now: PlanDraft, kind: number, at: number): Edit => {
  const { item, block } = itemsOf(now)[at % itemsOf(now).length]!
  switch (kind % 5) {
    case 0:
      return { kind: 'set-dose', item: item.id, dose: { sets: 1 + (at % 3), reps: 4 + (at % 9), holdSeconds: 0 } }
    case 1:
      return {
        kind: 'add-item',
        block: block.id,
        at: 0,
        item: { id: `n${at}`, variant: LIBRARY.entries[(at * 7) % LIBRARY.entries.length]!.variant.id },
      }
    case 2:
      return itemsOf(now).length > 3 ? { kind: 'remove-item', item: item.id } : { kind: 'set-plan', change: { title: `T${at}` } }
    case 3:
      return { kind: 'move-item', item: item.id, toBlock: block.id, at: at % block.items.length }
    default:
      return { kind: 'set-plan', change: { room: { ...now.room, supportInReach: at % 2 === 0 } } }
  }
}

describe('a class told by what is other', () => {
  test('reads as it does when it is told whole, edit after edit', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(4), fc.nat(30)), { minLength: 1, maxLength: 6 }), (steps) => {
        const desk = new DesignerDesk()
        const first = desk.changes({ plan, people, own: [], has: 0 })
        if (!('whole' in first)) throw new Error('the first answer is whole')
        let held = { number: first.number, model: first.whole.model }
        let now = plan
        for (const [kind, at] of steps) {
          const edit = editOf(now, kind, at)
          if (edit.kind === 'add-item' && itemsOf(now).some(({ item }) => item.id === edit.item.id)) continue
          now = applyEdit(now, edit).plan
          const answer = desk.changes({ plan: now, has: held.number })
          if ('whole' in answer) throw new Error('told whole though the last answer is there')
          // as it goes over to the page
          held = { number: answer.number, model: withChanges(held.model, JSON.parse(JSON.stringify(answer.changes))) }
        }
        const whole = new DesignerDesk().model({ plan: now, people, own: [] }).model
        expect(JSON.parse(JSON.stringify(held.model))).toEqual(JSON.parse(JSON.stringify(whole)))
      }),
      { numRuns: 12 },
    )
  })
  test('one dose that changes tells one item, and leaves the others the very same', () => {
    const desk = new DesignerDesk()
    const first = desk.changes({ plan, people, own: [], has: 0 })
    if (!('whole' in first)) throw new Error('the first answer is whole')
    const { item } = itemsOf(plan)[2]!
    const answer = desk.changes({ plan: applyEdit(plan, { kind: 'set-item', item: item.id, change: { note: 'slowly' } }).plan, has: first.number })
    if (!('changes' in answer)) throw new Error('told whole')
    expect(answer.changes.items).toEqual([])
    expect(JSON.stringify(answer.changes).length).toBeLessThan(JSON.stringify(first.whole.model).length / 2)
    const after = withChanges(first.whole.model, answer.changes)
    after.items.forEach((one, index) => {
      expect(one).toBe(first.whole.model.items[index])
    })
  })
  test('whoever lost an answer is told whole', () => {
    const desk = new DesignerDesk()
    desk.changes({ plan, people, own: [], has: 0 })
    desk.changes({ plan, has: 1 })
    expect(desk.changes({ plan, has: 1 })).toHaveProperty('whole')
    expect(desk.changes({ plan, has: 3 })).toHaveProperty('changes')
  })
})
