import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { DEMO_CLASSES } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { expand } from '../timing'
import { checkPlan, itemsOf, type PlanDraft, planSchema, prescriptionsOf, problemText } from './index'

const demo = DEMO_CLASSES.map(({ plan }) => planSchema.parse(plan))
const withItems = (items: object[], block: object = {}): PlanDraft =>
  planSchema.parse({ title: 'Seats', promisedMinutes: 20, phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', ...block, items }] }] })
const problems = (draft: PlanDraft) => {
  const checked = checkPlan(draft, LIBRARY)
  return 'problems' in checked ? checked.problems : []
}

describe('what makes a plan unusable', () => {
  test.each(demo.map((plan) => [plan.title, plan] as const))('nothing in %s', (_, plan) => expect(problems(plan)).toEqual([]))

  test('a version that the library does not have, told with its item', () => {
    const found = problems(
      withItems([
        { id: 'i', variant: 'no/such' },
        { id: 'j', variant: 'march/seated' },
      ]),
    )
    expect(found).toEqual([{ code: 'unknown-variant', item: 'i', variant: 'no/such' }])
    expect(problemText(found[0]!)).toBe('item i: the library has no variant "no/such"')
  })
  test('an id that is used twice, wherever', () => {
    expect(
      problems(
        withItems([
          { id: 'i', variant: 'march/seated' },
          { id: 'i', variant: 'march/seated' },
        ]),
      ),
    ).toEqual([{ code: 'id-twice', id: 'i' }])
    expect(problems(withItems([{ id: 'b', variant: 'march/seated' }]))).toEqual([{ code: 'id-twice', id: 'b' }])
    expect(problems(withItems([{ id: 'm', variant: 'march/seated' }]))).toEqual([{ code: 'id-twice', id: 'm' }])
  })
  test('all of it is told at once', () => {
    const ids = fc.array(fc.constantFrom('i', 'j', 'k', 'l'), { maxLength: 8 })
    fc.assert(
      fc.property(ids, fc.array(fc.boolean(), { minLength: 8, maxLength: 8 }), (given, known) => {
        const items = given.map((id, at) => ({ id, variant: known[at] ? 'march/seated' : 'no/such' }))
        const found = problems(withItems(items))
        expect(found.filter(({ code }) => code === 'unknown-variant')).toHaveLength(items.filter(({ variant }) => variant === 'no/such').length)
        expect(found.filter(({ code }) => code === 'id-twice')).toHaveLength(given.length - new Set(given).size)
        for (const problem of found) expect(problemText(problem).length).toBeGreaterThan(10)
      }),
    )
  })
})

test('nobody lies down where nobody is judged: a quiet block is sitting or standing', () => {
  const quiet = (position: string) =>
    planSchema.safeParse({
      version: 2,
      title: 'Rest',
      promisedMinutes: 20,
      phases: [{ id: 'm', kind: 'relaxation', blocks: [{ id: 'b', format: 'quiet', what: 'relaxation', position }] }],
    })
  expect(quiet('seated-back-supported').success).toBe(true)
  for (const position of ['floor-supine', 'bed-supine', 'side-lying', 'incline-supine', 'long-sitting']) {
    expect(quiet(position).error?.issues[0]?.message).toMatch(/judged for everybody/)
  }
})

describe('what an item comes to', () => {
  const sound = (draft: PlanDraft) => {
    const checked = checkPlan(draft, LIBRARY)
    if ('problems' in checked) throw new Error(JSON.stringify(checked.problems))
    return checked.plan
  }
  test('one prescription an item, in their order, with the dose of the item before that of the library', () => {
    for (const plan of demo) {
      const made = prescriptionsOf(sound(plan), LIBRARY)
      expect(made.map(({ item }) => item.id)).toEqual(itemsOf(plan).map(({ item }) => item.id))
      for (const { item, dose, entry } of made) {
        // pulses at the end are repetitions too
        const pulses = item.dose?.finish && 'pulses' in item.dose.finish ? item.dose.finish.pulses : 0
        if (item.dose?.reps !== undefined) expect(dose.reps).toBe(item.dose.reps + pulses)
        if (item.variant !== undefined) expect(entry?.variant.id).toBe(item.variant)
      }
    }
  })
  test('rounds and intervals count into the dose', () => {
    const [plain] = prescriptionsOf(sound(withItems([{ id: 'i', variant: 'march/seated' }])), LIBRARY)
    const [intervals] = prescriptionsOf(
      sound(withItems([{ id: 'i', variant: 'march/seated' }], { format: 'intervals', workSeconds: 40, restSeconds: 20, rounds: 3 })),
      LIBRARY,
    )
    expect(intervals!.dose.workSeconds).toBe(40)
    expect(intervals!.dose.sets).toBe(3)
    expect(plain!.dose).not.toEqual(intervals!.dose)
  })
  test('what takes turns is judged for as many rounds as are done, also where the library says how many', () => {
    const often = LIBRARY.entries.find(({ variant }) => variant.dose.sets > 1)!.variant
    for (const format of ['circuit', 'alternated']) {
      const items = [
        { id: 'i', variant: 'march/seated', dose: { sets: 1, reps: 10 } },
        { id: 'j', variant: often.id },
      ]
      const plan = sound(
        planSchema.parse({ ...withItems([]), version: 2, phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', format, items }] }] }),
      )
      const timeline = expand(plan, LIBRARY)
      for (const { item, dose } of prescriptionsOf(plan, LIBRARY))
        expect(dose.sets, `${format} ${item.id}`).toBe(
          timeline.segments.filter(({ kind, item: id, side }) => kind === 'work' && id === item.id && side !== 'second').length,
        )
    }
  })
})
