import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '../client'
import { type PlanInput, planSchema, soundPlan } from '../plan'
import { buildRuleBase, type PersonFacts } from '../safety'
import { HOUSE_PACE } from '../timing'
import { evaluate } from './evaluate'
import { rehearse, spanAt } from './rehearse'
import { assessRoster, inGroup } from './roster'

const base = buildRuleBase(CONDITIONS)
const DAY = '2026-11-24'
function ledOnPaper(input: PlanInput, people: { name: string; facts: PersonFacts }[], runs = 400) {
  const plan = soundPlan(planSchema.parse(input), LIBRARY)
  const roster = assessRoster(
    base,
    people.map((person, index) => ({ id: `p${index}`, ...person })),
    plan,
  )
  const evaluation = evaluate(plan, roster, LIBRARY)
  return { evaluation, found: rehearse(plan, evaluation, HOUSE_PACE, runs, 3) }
}
const demo = (key: string) =>
  ledOnPaper(
    DEMO_CLASSES.find((one) => one.key === key)!.plan,
    demoPeople(DAY)
      .filter(({ classes }) => classes.some((one) => one === key))
      .map(({ record }) => clientSchema.parse(record))
      .map((record) => ({ name: record.given, facts: factsOn(base, record, DAY), ...inGroup(record) })),
  )
const brisk = (more: Partial<PlanInput> = {}): PlanInput => ({
  version: 2,
  title: 'Brisk',
  promisedMinutes: 20,
  familiar: ['march'],
  phases: [
    {
      id: 'm',
      kind: 'main',
      title: '',
      blocks: [{ id: 'b', items: [{ id: 'i', variant: 'march/free', dose: { sets: 1, workSeconds: 600, holdSeconds: 0 } }] }],
    },
  ],
  ...more,
})
const somebody = (more: Partial<PersonFacts> = {}) => [{ name: 'A', facts: { age: 70, screenOutcome: 'go' as const, conditions: [], ...more } }]

describe('a class led on paper', () => {
  test('ends by half minutes come to all of the runs, in order and without a gap, about the middle', () => {
    const { found } = demo('bones')
    expect(found.ends.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
    expect(found.ends.map(({ fromSeconds }) => fromSeconds)).toEqual(found.ends.map((_, index) => found.ends[0]!.fromSeconds + 30 * index))
    expect(found.ends[0]!.fromSeconds).toBeLessThanOrEqual(found.end.low)
    expect(found.ends.at(-1)!.fromSeconds + 30).toBeGreaterThan(found.end.high)
    const until = found.ends.filter(({ fromSeconds }) => fromSeconds + 30 <= found.end.middle).reduce((sum, { share }) => sum + share, 0)
    expect(until).toBeLessThanOrEqual(0.5)
  })

  test('tells for each step of the stair when it comes: nothing is sure but the beginning, and the end is that of the runs', () => {
    const { evaluation, found } = demo('bones')
    const { stair, end } = found
    expect(stair[0]).toEqual({ atSeconds: 0, low: 0, high: 0 })
    expect(stair.at(-1)).toEqual({ atSeconds: evaluation.timeline.totalSeconds, low: end.low, high: end.high })
    for (const [index, { atSeconds, low, high }] of stair.slice(1).entries()) {
      const before = stair[index]!
      expect(atSeconds).toBeGreaterThan(before.atSeconds)
      expect(low).toBeGreaterThan(before.low)
      expect(high).toBeGreaterThan(before.high)
      const middle = spanAt(stair, (before.atSeconds + atSeconds) / 2)
      expect(middle.low).toBeCloseTo((before.low + low) / 2, 9)
      expect(middle.high).toBeCloseTo((before.high + high) / 2, 9)
    }
    expect(spanAt(stair, 0)).toEqual({ low: 0, high: 0 })
    expect(spanAt(stair, evaluation.timeline.totalSeconds)).toEqual({ low: end.low, high: end.high })
  })

  test('a pulse is held against the ceiling of the school where one was measured at rest, and against none where no number may be used', () => {
    const pulseOf = (facts: Partial<PersonFacts>, more?: Partial<PlanInput>) => ledOnPaper(brisk(more), somebody(facts)).found.people[0]!.pulse
    expect(pulseOf({ restHr: 70 })?.bpm).toBeGreaterThan(100)
    expect(pulseOf({})).toBeUndefined()
    expect(pulseOf({ restHr: 70 }, { school: 'exertion-only' })).toBeUndefined()
    // a lower number is passed more often, and for longer
    const [low, high] = [90, 130].map((ceilingBpm) => pulseOf({ restHr: 70 }, { school: 'typed', ceilingBpm })!)
    expect([low!.bpm, high!.bpm]).toEqual([90, expect.any(Number)])
    expect(low!.chance).toBeGreaterThan(high!.chance)
    expect(low!.item).toBe('i')
  })

  test('words that take longer than what comes before the work are named: in music that goes on, and not after a rest', () => {
    const { evaluation, found } = demo('chairs')
    const names = new Map(evaluation.items.map(({ prescription }) => [prescription.item.id, prescription.movement]))
    expect(found.tight.map(({ item }) => names.get(item))).toEqual(expect.arrayContaining(['heel-dig', 'shoulder-roll']))
    for (const { needSeconds, haveSeconds } of found.tight) expect(needSeconds).toBeGreaterThan(haveSeconds)
    expect(found.tight.map(({ item }) => names.get(item))).not.toContain('sit-to-stand')
  })

  test('a new movement needs its second sentence as well', () => {
    const inTurn = (familiar: string[]): PlanInput =>
      brisk({
        familiar,
        showAgain: [],
        bpm: 110,
        phases: [
          {
            id: 'm',
            kind: 'main',
            title: '',
            blocks: [
              {
                id: 'b',
                format: 'counts',
                items: ['march/free', 'step-touch/free'].map((variant, index) => ({
                  id: `i${index}`,
                  variant,
                  dose: { sets: 1, workCounts: 32, holdSeconds: 0 },
                })),
              },
            ],
          },
        ],
      })
    const needOf = (familiar: string[]) => ledOnPaper(inTurn(familiar), somebody()).found.tight.find(({ item }) => item === 'i1')?.needSeconds ?? 0
    expect(needOf(['march', 'step-touch'])).toBeGreaterThan(0)
    expect(needOf(['march'])).toBeGreaterThan(needOf(['march', 'step-touch']))
  })

  test('when somebody is above a cap is told in stretches that follow each other within the class, and only of what is worth a word', () => {
    const { found, evaluation } = ledOnPaper(brisk(), somebody({ age: 84 }))
    const [person] = found.people
    expect(person!.chance).toBeGreaterThan(0.1)
    expect(person!.when.length).toBeGreaterThan(0)
    // work that goes on passes a cap some time after it began
    expect(person!.when[0]!.fromSeconds).toBeGreaterThan(10)
    for (const key of ['bones', 'chairs'])
      for (const { chance, when } of [...demo(key).found.people, person!]) {
        if (chance < 0.1) expect(when).toEqual([])
        for (const [index, { fromSeconds, untilSeconds }] of when.entries()) {
          expect(untilSeconds).toBeGreaterThanOrEqual(fromSeconds)
          if (index > 0) expect(fromSeconds).toBeGreaterThan(when[index - 1]!.untilSeconds)
        }
      }
    expect(person!.when.at(-1)!.untilSeconds).toBeLessThanOrEqual(Math.round(evaluation.timeline.totalSeconds))
  })
})
