import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '../client'
import type { Dose } from '../movement'
import { type Item, type Plan, type PlanInput, planSchema, soundPlan } from '../plan'
import { buildRuleBase, type PersonFacts, type RecordedCondition } from '../safety'
import { personArbitrary } from '../testing/arbitraries'
import { evaluate } from './evaluate'
import { assessRoster } from './roster'

const base = buildRuleBase(CONDITIONS)
const dose = { sets: 1, reps: 1, holdSeconds: 0, restSeconds: 15, loadKg: 0, rpe: 2 }
/** A movement in sets of a minute by the clock and a quarter of a minute of rest. */
const lasting = (id: string, variant: string, minutes: number, change: Partial<Dose> = {}): Item => {
  const sets = Math.max(1, Math.min(10, Math.round(minutes / 1.25)))
  const workSeconds = Math.ceil((60 * (minutes - (sets - 1) * 0.25)) / sets)
  const { reps: _reps, ...timed } = { ...dose, ...change }
  return { id, variant, dose: { ...timed, sets, workSeconds } }
}
type BlockFormat = { format?: 'circuit' | 'intervals'; workSeconds?: number; rounds?: number }
function planOf(items: Item[], { room = {}, block = {} }: { room?: PlanInput['room']; block?: BlockFormat } = {}): Plan {
  const draft = planSchema.parse({
    title: 'T',
    promisedMinutes: 90,
    familiar: LIBRARY.movements.map(({ id }) => id),
    room: { supportInReach: true, floorWork: true, kit: ['support', 'wall', 'bed', 'wedge', 'mat', 'band', 'dumbbell', 'step'], ...room },
    phases: [{ id: 'm', kind: 'main', title: 'Main', blocks: [{ id: 'b', items, ...block }] }],
  })
  return soundPlan(draft, LIBRARY)
}
const person = (record: RecordedCondition, more: Partial<PersonFacts> = {}): PersonFacts => ({
  age: 50,
  screenOutcome: 'go',
  floorTransferOk: true,
  riseNoHands: true,
  singleLegTestSec: 30,
  conditions: [record],
  ...more,
})
const rosterOf = (plan: Plan, people: PersonFacts[]) =>
  assessRoster(
    base,
    people.map((facts, index) => ({ id: `p${index}`, name: `P${index}`, facts })),
    plan,
  )
const judgedIn = (plan: Plan, people: PersonFacts[], item: string) =>
  evaluate(plan, rosterOf(plan, people), LIBRARY).items.find(({ prescription }) => prescription.item.id === item)!.placements[0]!.judgement
const fired = (plan: Plan, people: PersonFacts[], item: string) => judgedIn(plan, people, item).hits.map(({ id }) => id)

describe('rules on minutes fire from the timeline of the class, and only then', () => {
  const seated = (minutes: number) => planOf([lasting('a', 'march/seated', minutes / 2), lasting('i', 'march/seated', minutes / 2)])
  const standing = (minutes: number) => planOf([lasting('a', 'march/free', minutes / 2), lasting('i', 'march/free', minutes / 2)])
  /** brisk standing work, then rest in the chair, then on the back */
  const downAfter = (minutes: number) =>
    planOf([lasting('brisk', 'march/free', 2, { rpe: 4 }), lasting('ease', 'march/seated', minutes), lasting('i', 'bridge/bed', 0.5)])
  test.each([
    ['LFI-5', { slug: 'lbp-flexion-intolerant', variant: 'settled', painToday: 1 }, seated(24), seated(12)],
    ['SC-7', { slug: 'sciatica', variant: 'settled', painToday: 1, weeks: 60 }, seated(24), seated(12)],
    ['WU-7', { slug: 'wheelchair-user', variant: 'other' }, seated(36), seated(24)],
    ['LEI-6', { slug: 'lbp-extension-intolerant', variant: 'settled', painToday: 1 }, standing(12), standing(6)],
    ['CD-2', { slug: 'coronary-disease-cleared', variant: 'no-surgery', cleared: true }, downAfter(2), downAfter(20)],
    ['HV-7', { slug: 'heart-valve-muscle-disease', variant: 'mild', cleared: true }, downAfter(2), downAfter(20)],
  ] as [string, RecordedCondition, Plan, Plan][])('%s', (id, record, fires, rests) => {
    expect(fired(fires, [person(record)], 'i')).toContain(id)
    expect(fired(rests, [person(record)], 'i')).not.toContain(id)
  })
  test.each([
    ['PAD-1', { slug: 'peripheral-arterial-disease', cleared: true }],
    ['NP-6', { slug: 'peripheral-neuropathy', variant: 'feet', cleared: true }],
  ] as [string, RecordedCondition][])('%s: a barefoot room', (id, record) => {
    const item = [lasting('i', 'march/held', 1)]
    expect(fired(planOf(item, { room: { barefoot: true } }), [person(record)], 'i')).toContain(id)
    expect(fired(planOf(item), [person(record)], 'i')).not.toContain(id)
  })
  test('minutes flat on the back add up over the items of a class', () => {
    const pregnant = { age: 30, gestationalWeek: 20, gestationalDays: 140, screenOutcome: 'go', floorTransferOk: true, conditions: [] }
    // 15 s of talk, then two minutes of hip lifts, twice
    const four = planOf(['a', 'i'].map((id) => lasting(id, 'bridge/bed', 2)))
    expect(fired(four, [pregnant], 'a')).not.toContain('PR-3')
    expect(fired(four, [pregnant], 'i')).toContain('PR-3')
    expect(judgedIn(four, [pregnant], 'i').verdict).not.toBe('as-planned')
  })
})

describe('the ratio of people to leaders lifts what it may', () => {
  const cases: [string, RecordedCondition, string][] = [
    ['FR-8', { slug: 'frailty', variant: 'needs-person' }, 'sit-to-stand/hands'],
    ['PK-11', { slug: 'parkinsons', variant: 'stage4', cleared: true }, 'march/held'],
    ['ST-15', { slug: 'stroke-hemiparesis', variant: 'needs-help-to-stand', cleared: true }, 'march/held'],
    ['DM-4', { slug: 'dementia', variant: 'advanced', cleared: true }, 'march/held'],
  ]
  const others = Array.from({ length: 5 }, (): PersonFacts => ({ age: 50, screenOutcome: 'go', conditions: [] }))
  const group = (record: RecordedCondition) => [person(record, { riseNoHands: false }), ...others]
  test.each(cases)('%s', (id, record, variant) => {
    const item = [lasting('i', variant, 0.5)]
    expect(fired(planOf(item), group(record), 'i')).toContain(id)
    expect(fired(planOf(item, { room: { leaders: 2 } }), group(record), 'i')).not.toContain(id)
  })
  test.each(cases)('%s with a helper of their own', (id, record, variant) => {
    const plan = planOf([lasting('i', variant, 0.5)])
    const people = group(record).map((facts, index) => ({ id: `p${index}`, name: `P${index}`, facts, ownHelper: index === 0 }))
    const { items } = evaluate(plan, assessRoster(base, people, plan), LIBRARY)
    expect(items[0]!.placements[0]!.judgement.hits.map((hit) => hit.id)).not.toContain(id)
  })
})

test('a hip lift on the floor in 3 x 600 s of intervals is not as planned for somebody in week 20', () => {
  const item = { id: 'i', variant: 'bridge/floor', dose: { ...dose, reps: 8 } }
  const pregnant = { age: 30, gestationalWeek: 20, gestationalDays: 140, screenOutcome: 'go', floorTransferOk: true, conditions: [] }
  const straight = judgedIn(planOf([item]), [pregnant], 'i')
  const intervals = judgedIn(planOf([item], { block: { format: 'intervals', workSeconds: 600, rounds: 3 } }), [pregnant], 'i')
  expect(straight.hits.map(({ id }) => id)).not.toContain('PR-3')
  expect(intervals.hits.map(({ id }) => id)).toContain('PR-3')
  expect(intervals.verdict).not.toBe('as-planned')
})

describe('what a version cannot take and a room does not have is said, never dropped', () => {
  const isHeldStanding = (position: unknown) => String(position).startsWith('standing-') && position !== 'standing-free'
  const warningsOf = (plan: Plan) => evaluate(plan, rosterOf(plan, []), LIBRARY).warnings
  test('a load on a version that holds none', () => {
    const plan = planOf([{ id: 'i', variant: 'march/seated', dose: { ...dose, loadKg: 3 } }])
    expect(warningsOf(plan)).toContainEqual({ code: 'load-not-held', item: 'i', loadKg: 3 })
  })
  test('kit that is not there', () => {
    const plan = planOf([{ id: 'i', variant: 'row/band-light', dose }], { room: { kit: [] } })
    expect(warningsOf(plan)).toContainEqual(expect.objectContaining({ code: 'kit-missing', item: 'i', kit: expect.arrayContaining(['band']) }))
  })
  test('nothing in reach: no rail, no wall and no counter is offered to anybody', () => {
    fc.assert(
      fc.property(
        personArbitrary(
          base,
          CONDITIONS.map(({ slug }) => slug),
        ),
        fc.constantFrom('march/free', 'one-leg-stand/free', 'heel-raise/free', 'sit-to-stand/hands').filter((id) => LIBRARY.byId.has(id)),
        (facts, variant) => {
          const plan = planOf([{ id: 'i', variant, dose: { ...dose, reps: 8 } }], {
            room: { supportInReach: false, kit: ['band', 'dumbbell', 'mat'] },
          })
          const { items } = evaluate(plan, rosterOf(plan, [facts]), LIBRARY)
          for (const option of items[0]!.placements[0]!.options) {
            const held = option.entry!.planned.basePosition
            expect(isHeldStanding(held) && option.entry!.variant.id !== variant, option.id).toBe(false)
            expect(
              option.changes.filter(({ to }) => isHeldStanding(to)),
              option.id,
            ).toEqual([])
          }
        },
      ),
      { numRuns: 60 },
    )
  })
})

test('a version that is gone is read as its successor, said so, and no overrule comes along', () => {
  const plan = planOf([{ id: 'i', variant: 'roll-down/weight' }])
  const overrule = {
    variant: 'roll-down/weight',
    reason: 'has always done it',
    by: 'O. M.',
    upTo: { sets: 9, loadKg: 9, rpe: 9, holdSeconds: 99, reps: 99, supportInReach: false },
  }
  const { items, warnings } = evaluate(plan, rosterOf(plan, [person({ slug: 'osteoporosis' }, { overrules: [overrule] })]), LIBRARY)
  expect(items[0]!.prescription.entry!.variant.id).toBe('roll-down/free')
  expect(warnings).toContainEqual(expect.objectContaining({ code: 'replaced', item: 'i', because: expect.stringMatching(/weight/) }))
  expect(items[0]!.placements[0]!.judgement.overruled).toBeUndefined()
  expect(items[0]!.placements[0]!.judgement.verdict).not.toBe('as-planned')
})

test('sets taken as the warning says make the class fit', () => {
  const sets = (count: number) =>
    ['x', 'y', 'z'].map((id) => ({ id, variant: 'march/seated', dose: { ...dose, sets: count, reps: 20, restSeconds: 60 } }))
  const draft = (items: Item[], minutes: number) => ({ ...planOf(items), promisedMinutes: minutes })
  const plan = draft(sets(4), 12)
  const { warnings } = evaluate(plan, rosterOf(plan, []), LIBRARY)
  const over = warnings.find((warning) => warning.code === 'overruns')!
  expect(over.fits).toBe(true)
  const less = plan.phases[0]!.blocks[0]!.items.map((item) => {
    const taken = over.takes.find((one) => one.item === item.id)?.sets ?? 0
    return { ...item, dose: { ...item.dose!, sets: item.dose!.sets - taken } }
  })
  const shorter = draft(less, 12)
  expect(evaluate(shorter, rosterOf(shorter, []), LIBRARY).warnings.map(({ code }) => code)).not.toContain('overruns')
})

test('the verdicts that are remembered by what the place in the class changes are those of judging at the place itself', () => {
  const people = demoPeople('2026-11-24').map(({ record }, index) => ({
    id: `p${index}`,
    name: record.given,
    facts: factsOn(base, clientSchema.parse(record), '2026-11-24'),
  }))
  for (const { plan: input } of DEMO_CLASSES) {
    const sound = soundPlan(planSchema.parse(input), LIBRARY)
    const roster = assessRoster(base, people, sound)
    // twice: the second answers from memory; a fresh roster from nothing
    const first = evaluate(sound, roster, LIBRARY)
    const again = evaluate(sound, roster, LIBRARY)
    const fresh = evaluate(sound, assessRoster(base, people, sound), LIBRARY)
    for (const other of [again, fresh])
      for (const [index, item] of first.items.entries()) {
        const theirs = other.items[index]!
        expect(theirs.shown).toEqual(item.shown)
        expect(theirs.placements.map(({ judgement }) => [judgement.verdict, judgement.hits.map(({ id }) => id)])).toEqual(
          item.placements.map(({ judgement }) => [judgement.verdict, judgement.hits.map(({ id }) => id)]),
        )
      }
  }
})
