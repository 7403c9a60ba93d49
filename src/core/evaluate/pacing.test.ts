import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { type Plan, type PlanInput, planSchema, prescriptionsOf, soundPlan } from '../plan'
import { buildRuleBase, type PersonFacts } from '../safety'
import { smallCatalogue } from '../testing/library'
import { expand, restSeconds } from '../timing'
import { evaluate } from './evaluate'
import { ownRests, setsToTake } from './pacing'
import { assessRoster } from './roster'
import { neededMinutes } from './warnings'

const base = buildRuleBase(CONDITIONS)
const catalogue = smallCatalogue()
const dose = { sets: 3, reps: 8, holdSeconds: 0, restSeconds: 45, loadKg: 0, rpe: 3 }
const planOf = (blocks: NonNullable<PlanInput['phases']>[number]['blocks'], extra: Partial<PlanInput> = {}): Plan => {
  return soundPlan(
    planSchema.parse({ title: 'T', promisedMinutes: 45, familiar: ['push', 'hold', 'step'], phases: [{ id: 'm', kind: 'main', blocks }], ...extra }),
    catalogue,
  )
}
const roster = (plan: Plan, people: PersonFacts[]) =>
  assessRoster(
    base,
    people.map((facts, index) => ({ id: `p${index}`, name: `P${index}`, facts: { screenOutcome: 'go', ...facts } })),
    plan,
  )
const rests = (plan: Plan, people: PersonFacts[]) =>
  evaluate(plan, roster(plan, people), catalogue)
    .timeline.segments.filter(({ kind }) => kind === 'rest')
    .map(({ seconds }) => seconds)

// restMult 1.0, 1.25, 1.5 and 3.0 of the rule base
const YOUNG: PersonFacts = { age: 40, conditions: [] }
const OLDER: PersonFacts = { age: 70, singleLegTestSec: 30, conditions: [] }
const SORE: PersonFacts = { age: 40, conditions: [{ slug: 'fibromyalgia', variant: 'usual' }] }
const SPENT: PersonFacts = { age: 40, conditions: [{ slug: 'me-cfs-pem', variant: 'mild', cleared: true }] }

describe('rests of the plan (5.7)', () => {
  const sets = planOf([{ id: 'b', items: [{ id: 'i', variant: 'push/seated', dose: { ...dose, rpe: 2 } }] }])
  test.each([
    ['everybody at 1.0: as written', [YOUNG], 45],
    ['the highest of those who take part, rounded up to 5 s', [YOUNG, OLDER], 60],
    ['45 x 1.5 = 67.5, rounded up', [OLDER, SORE], 70],
    ['never more than twice', [OLDER, SORE, SPENT], 90],
  ] as [string, PersonFacts[], number][])('%s', (_name, people, seconds) => expect(rests(sets, people)).toEqual([seconds, seconds]))
  test('who may not take part today does not lengthen them', () => expect(rests(sets, [YOUNG, { ...SORE, feverNow: true }])).toEqual([45, 45]))
  test('whoever needs more than twice leaves out every second set, and it is said beside them', () => {
    const { people } = evaluate(sets, roster(sets, [YOUNG, SPENT]), catalogue)
    expect(people.map(({ ownRests: own }) => own)).toEqual([[], [{ code: 'every-second-set' }]])
  })
  test('the clock of intervals is never stretched; stretches are left out instead', () => {
    const intervals = planOf([
      {
        id: 'b',
        format: 'intervals',
        rounds: 6,
        workSeconds: 40,
        restSeconds: 20,
        items: [{ id: 'i', variant: 'push/seated', dose: { ...dose, rpe: 2 } }],
      },
    ])
    expect(new Set(rests(intervals, [SORE]))).toEqual(new Set([20]))
    expect(ownRests(1.5, prescriptionsOf(intervals, catalogue), () => true)).toEqual([{ code: 'stretches', block: 'b', of: 6, leaves: 1 }])
  })
  const doing = (id: string, more: Partial<typeof dose> & { sides?: 'both' } = {}) => ({
    id,
    variant: 'push/seated',
    dose: { ...dose, rpe: 2, ...more },
  })
  const own = (plan: Plan, restMult: number, takesPart: (item: string) => boolean = () => true) =>
    ownRests(restMult, prescriptionsOf(plan, catalogue), takesPart)
  test('the rests of counts to music are kept too', () => {
    const music = planOf([{ id: 'b', format: 'counts', bpm: 120, items: [doing('i', { restSeconds: 16 })] }])
    expect(rests(music, [SORE])).toEqual([16, 16])
    // 8 a set and 16 of rest: two rests of 25 in place of 16 are 18 s, and a set with its rest more than gives them
    expect(own(music, 1.5)).toEqual([{ code: 'stretches', block: 'b', of: 3, leaves: 1 }])
  })
  test.each([
    ['song', { format: 'song', seconds: 240 }, 240],
    ['laps', { format: 'laps', laps: 6, lapSeconds: 40 }, 240],
    ['a clock without rests', { format: 'intervals', rounds: 4, workSeconds: 30, restSeconds: 0 }, 120],
  ] as const)('%s has no rest to lengthen: from 1.5 on it is said how long somebody works at one go', (_name, format, seconds) => {
    const plan = planOf([{ id: 'b', ...format, items: [doing('i')] }])
    expect(own(plan, 1.5)).toEqual([{ code: 'unbroken', block: 'b', seconds }])
    expect(own(plan, 1.25)).toEqual([])
  })
  test('a song of a minute is not long', () => expect(own(planOf([{ id: 'b', format: 'song', seconds: 60, items: [doing('i')] }]), 2)).toEqual([]))
  test('who sits out an item of the block has rested in it', () => {
    const two = planOf([{ id: 'b', format: 'intervals', rounds: 3, workSeconds: 40, restSeconds: 20, items: [doing('one'), doing('two')] }])
    // five rests of 40 in place of 20 are 100 s, and a stretch gives 60
    expect(own(two, 2)).toEqual([{ code: 'stretches', block: 'b', of: 6, leaves: 2 }])
    expect(own(two, 2, (item) => item === 'one')).toEqual([])
  })
  test('unequal stretches: their rests as they are', () => {
    const stretches = [
      { seconds: 60, effort: 'steady' as const, restSeconds: 30 },
      { seconds: 20, effort: 'hard' as const, restSeconds: 10 },
    ]
    const plan = planOf([{ id: 'b', format: 'intervals', rounds: 2, stretches, items: [doing('i')] }])
    // 30, 10 and 30 become 60, 20 and 60, which are 70 more; a stretch of 40 with 23.3 of rest is given up twice
    expect(own(plan, 2)).toEqual([{ code: 'stretches', block: 'b', of: 4, leaves: 2 }])
  })
  test('a factor never shortens, and comes out in whole 5 s', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 300 }), fc.double({ min: 1, max: 2, noNaN: true }), (planned, factor) => {
        const seconds = restSeconds(planned, factor)
        expect(seconds).toBeGreaterThanOrEqual(planned * factor - 1e-6)
        expect(seconds).toBeLessThan(planned * factor + 5)
        if (factor > 1) expect(seconds % 5).toBe(0)
      }),
    )
  })
})

describe('pauses after rising (5.7)', () => {
  const rise = planOf([
    {
      id: 'b',
      items: [
        { id: 'sit', variant: 'push/seated', dose: { ...dose, sets: 1, rpe: 2 } },
        { id: 'up', variant: 'step/held', dose: { ...dose, sets: 1, rpe: 2 } },
      ],
    },
  ])
  const pauses = (people: PersonFacts[]) =>
    evaluate(rise, roster(rise, people), catalogue)
      .timeline.segments.filter(({ kind }) => kind === 'pause')
      .map(({ item, seconds }) => [item, seconds])
  test('as long as the longest of those who rise', () => {
    expect(pauses([YOUNG])).toEqual([['up', 5]])
    expect(pauses([YOUNG, { age: 40, conditions: [{ slug: 'orthostatic-hypotension', variant: 'measured-only' }] }])).toEqual([['up', 60]])
  })
  test('somebody who is known to get up slowly makes the way longer, twice at most, and only where they go along', () => {
    const way = (upAndGoSec: number | undefined, extra: PersonFacts = {} as PersonFacts) => {
      const [one] = roster(rise, [{ ...YOUNG, ...extra }]).people
      const slow = { people: [...roster(rise, [YOUNG]).people, { ...one!, ...(upAndGoSec !== undefined && { upAndGoSec }) }] }
      return evaluate(rise, slow, catalogue)
        .timeline.segments.filter(({ kind }) => kind === 'change')
        .map(({ seconds }) => seconds)
    }
    expect([way(undefined), way(9), way(15), way(60)]).toEqual([[8], [8], [12], [16]])
    expect(way(60, { feverNow: true } as PersonFacts)).toEqual([8])
  })
  test('nobody rises, nobody pauses', () => {
    const down = planOf([
      {
        id: 'b',
        items: [
          { id: 'sit', variant: 'push/seated', dose },
          { id: 'again', variant: 'hold/seated', dose },
        ],
      },
    ])
    expect(expand(down, catalogue).segments.some(({ kind }) => kind === 'pause')).toBe(false)
    expect(evaluate(down, roster(down, [OLDER]), catalogue).timeline.segments.some(({ kind }) => kind === 'pause')).toBe(false)
  })
})

test('sets that a class which is too long would lose: from the end backwards, one an item in turn, the last never', () => {
  const plan = planOf([{ id: 'b', items: ['a', 'b', 'c'].map((id) => ({ id: `i-${id}`, variant: 'push/seated', dose })) }])
  const items = prescriptionsOf(plan, catalogue)
  const timeline = expand(plan, catalogue)
  // one set is 32 s of work and 45 s of rest
  expect(setsToTake(timeline, items, 1)).toEqual({ takes: [{ item: 'i-c', sets: 1 }], fits: true })
  expect(setsToTake(timeline, items, 78)).toEqual({
    takes: [
      { item: 'i-c', sets: 1 },
      { item: 'i-b', sets: 1 },
    ],
    fits: true,
  })
  expect(setsToTake(timeline, items, 9999)).toEqual({
    takes: [
      { item: 'i-c', sets: 2 },
      { item: 'i-b', sets: 2 },
      { item: 'i-a', sets: 2 },
    ],
    fits: false,
  })
})

test.each([
  // the example of 5.5: 30 minutes, somebody of 75 and somebody with coronary disease
  ['warm', 15, 15, 30, false, 10],
  ['cool', 10, 15, 30, false, 7],
  ['warm', 10, 10, 45, false, 10],
  ['warm', 8, 8, 10, false, 4],
  ['cool', 5, 8, 10, false, 3],
  ['warm', 15, 15, 10, false, 8],
  ['cool', 10, 15, 10, false, 6],
  ['warm', 10, 10, 60, true, 5],
] as const)('%s: merged %i, longest warm-up %i, class of %i min, gentle %s: %d', (part, merged, longest, minutes, gentle, expected) =>
  expect(neededMinutes(part, merged, longest, minutes, gentle)).toBe(expected),
)
