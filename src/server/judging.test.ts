import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { type Block, planSchema } from '@/core/plan'
import { buildRuleBase } from '@/core/safety'
import { NO_EXPERIENCE } from '@/core/timing'
import { JudgeDesk } from '@/workers/judgeDesk'
import { askClass, askStair, askStanding } from './judging'

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const somebody = (index: number) => {
  const record = clientSchema.parse(demoPeople(DAY)[index]!.record)
  return { id: `p${index}`, name: record.given, facts: factsOn(base, record, DAY) }
}
const people = [somebody(0), somebody(1), somebody(2)]
const plan = planSchema.parse(DEMO_CLASSES[0]!.plan)
const experience = NO_EXPERIENCE
const shelf = { catalogue: LIBRARY, own: [] }

describe('a class is judged once for the same plan, people and library', () => {
  test('the very answer comes again, and is the judge’s', async () => {
    const first = await askClass(shelf, 'sheet', 'one', { plan, people, experience })
    expect(first).toEqual(new JudgeDesk().sheet({ plan, people, experience }))
    expect(await askClass(shelf, 'sheet', 'one', { plan, people: [...people], experience })).toBe(first)
  })

  test.each([
    ['another plan', { plan: { ...plan }, people, experience }],
    ['another pace', { plan, people, experience: { ...experience, pace: { ...experience.pace } } }],
    ['a group that knows more', { plan, people, experience: { ...experience, knows: ['march'] } }],
    ['somebody with other facts', { plan, people: [{ ...people[0]!, facts: { ...people[0]!.facts } }, ...people.slice(1)], experience }],
    ['somebody called otherwise', { plan, people: [{ ...people[0]!, name: 'Other' }, ...people.slice(1)], experience }],
    ['one fewer', { plan, people: people.slice(1), experience }],
    ['with a helper', { plan, people: [{ ...people[0]!, ownHelper: true }, ...people.slice(1)], experience }],
  ])('%s is judged anew', async (what, ask) => {
    const before = await askClass(shelf, 'sheet', what, { plan, people, experience })
    const after = await askClass(shelf, 'sheet', what, ask)
    expect(after).not.toBe(before)
    expect(after).toEqual(new JudgeDesk().sheet(ask))
  })

  test('another library too, though nothing of it is used', async () => {
    const before = await askStair(shelf, 'here', plan)
    expect(await askStair(shelf, 'here', plan)).toBe(before)
    const other = { ...shelf, own: [] }
    expect(await askStair(other, 'here', plan)).not.toBe(before)
  })

  test('a fault is told and not kept', async () => {
    const wrong = {
      ...plan,
      phases: [{ ...plan.phases[0]!, blocks: [{ ...plan.phases[0]!.blocks[0]!, items: [{ id: 'i', variant: 'no/such' }] } as Block] }],
    }
    await expect(askClass(shelf, 'first', 'wrong', { plan: wrong, people, experience })).rejects.toThrow(/no\/such/)
    await expect(askClass(shelf, 'first', 'wrong', { plan: wrong, people, experience })).rejects.toThrow(/no\/such/)
    expect((await askClass(shelf, 'first', 'wrong', { plan, people, experience })).cells.length).toBeGreaterThan(10)
  })

  test('people who did not change are not assessed again', async () => {
    const facts = people.map((one) => one.facts)
    const first = await askStanding(facts)
    const again = await askStanding([...facts, somebody(3).facts])
    expect(again.slice(0, 3).every((one, index) => one === first[index])).toBe(true)
    expect(again).toHaveLength(4)
  })
})
