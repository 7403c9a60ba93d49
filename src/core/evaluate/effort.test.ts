import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { type PlanInput, planSchema, soundPlan } from '../plan'
import { buildRuleBase, type PersonFacts } from '../safety'
import { effortForecast } from './effort'
import { evaluate } from './evaluate'
import { assessRoster, type InGroup } from './roster'

const base = buildRuleBase(CONDITIONS)
const HEALTHY: PersonFacts = { age: 70, screenOutcome: 'go', riseNoHands: true, weeksInProgramme: 20, singleLegTestSec: 30, conditions: [] }
type Somebody = Partial<PersonFacts> & InGroup

/** Brisk stepping on the spot for some minutes, by the clock, then sitting at ease. */
function forecast(minutes: number, people: Somebody[], more: Partial<PlanInput> = {}) {
  const plan = soundPlan(
    planSchema.parse({
      title: 'T',
      promisedMinutes: 60,
      familiar: ['march', 'belly-breathing'],
      ...more,
      phases: [
        {
          id: 'm',
          kind: 'main',
          blocks: [
            { id: 'b', format: 'song', seconds: minutes * 60, items: [{ id: 'step', variant: 'march/free' }] },
            { id: 'q', format: 'quiet', what: 'relaxation', seconds: 300, position: 'seated-back-supported' },
          ],
        },
      ],
    }),
    LIBRARY,
  )
  const roster = assessRoster(
    base,
    people.map(({ ownHelper: _own, sex, ...facts }, index) => ({
      id: `p${index}`,
      name: `P${index}`,
      ...(sex && { sex }),
      facts: { ...HEALTHY, ...facts },
    })),
    plan,
  )
  return effortForecast(plan, evaluate(plan, roster, LIBRARY))
}
const only = (minutes: number, person: Somebody = {}, more: Partial<PlanInput> = {}) => forecast(minutes, [person], more).people[0]!

test('longer work is never easier, and rest brings the effort down', () => {
  const peaks = [1, 3, 6].map((minutes) => only(minutes, { age: 84 }).peak)
  expect(peaks).toEqual([...peaks].sort((a, b) => a - b))
  const { band } = forecast(6, [{ age: 84 }])
  expect(band.at(-1)!.high).toBeLessThan(Math.max(...band.map(({ high }) => high)))
})

test('the same class is harder for whoever can spend less, and it is said by how much they are over', () => {
  const [fit, weak] = forecast(6, [{}, { age: 86, weeksInProgramme: 0 }]).people
  expect(weak!.peak).toBeGreaterThan(fit!.peak)
  expect(fit!.overSeconds).toBe(0)
  expect(weak!.overSeconds).toBeGreaterThan(60)
  expect(weak!.overItem).toBe('step')
})

test('the band spans the group, its least and its most', () => {
  const { band, people } = forecast(6, [{}, { age: 80 }, { age: 86, weeksInProgramme: 0 }])
  expect(Math.max(...band.map(({ high }) => high))).toBe(Math.max(...people.map((one) => one!.peak)))
  for (const { low, middle, high } of band) expect([low, middle, high]).toEqual([low, middle, high].sort((a, b) => a - b))
})

test('who does not take part has none', () => expect(forecast(3, [{ feverNow: true }]).people).toEqual([null]))

describe('pulse', () => {
  test('is said where a resting one was measured, with the ceiling of the school', () => {
    const { pulse } = only(6, { restHr: 66 })
    // 66 + a share of (208 - 0.7 x 70 - 66) = 93
    expect(pulse!.peak).toBeGreaterThan(80)
    expect(pulse!.peak).toBeLessThanOrEqual(66 + 93)
    expect(pulse!.ceiling).toBe(149)
  })
  test('is seven beats faster in a hot room', () =>
    expect(only(6, { restHr: 66 }, { room: { tempC: 27 } }).pulse!.peak - only(6, { restHr: 66 }).pulse!.peak).toBe(7))
  test.each([
    ['nobody measured it', {}],
    ['no formula may be used', { restHr: 66, conditions: [{ slug: 'beta-blocker' }] }],
  ] as [string, Somebody][])('is not said where %s', (_name, person) => expect(only(6, person).pulse).toBeUndefined())
  test('is held to the number that was typed', () => expect(only(6, { restHr: 66 }, { school: 'typed', ceilingBpm: 104 }).pulse!.ceiling).toBe(104))
})
