import { describe, expect, test } from 'vitest'
import { DEMO_CLASSES } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { type PlanInput, planSchema, prescriptionsOf, soundPlan } from '@/core/plan'
import { expand } from '@/core/timing'
import { bodyAsks } from './bodyAsks'

const planOf = (input: PlanInput) => soundPlan(planSchema.parse(input), LIBRARY)

describe.each(DEMO_CLASSES.map(({ key, plan }) => [key, planOf(plan)] as const))('what %s asks of the body', (_key, plan) => {
  const { asks, positions, hardSeconds, totalSeconds } = bodyAsks(plan, LIBRARY, expand(plan, LIBRARY))
  const items = prescriptionsOf(plan, LIBRARY)

  test('is asked by a movement of the class, and more of it by none', () => {
    expect(asks.length).toBeGreaterThan(5)
    for (const { attribute, most, movements } of asks) {
      const all = items.map(({ demands, entry }) => ({ value: Number(demands[attribute]), movement: entry!.movement.name }))
      expect(Math.max(...all.map(({ value }) => value))).toBe(most)
      expect(all.filter(({ value }) => value === most).map(({ movement }) => movement)).toEqual(expect.arrayContaining(movements))
    }
  })
  test('every second of it is spent on one base, and no stay is longer than all of them', () => {
    expect(positions.reduce((sum, { seconds }) => sum + seconds, 0)).toBeCloseTo(totalSeconds, 6)
    expect(totalSeconds).toBe(expand(plan, LIBRARY).totalSeconds)
    for (const { seconds, longestSeconds } of positions) expect(longestSeconds).toBeLessThanOrEqual(seconds)
    expect(hardSeconds).toBeLessThan(totalSeconds)
  })
})

test('a class of one seated movement asks nothing of standing, floor or load', () => {
  const plan = planOf({
    version: 2,
    title: 'One',
    promisedMinutes: 10,
    room: { supportInReach: true, kit: [] },
    phases: [
      {
        id: 'p',
        kind: 'main',
        title: 'Main',
        blocks: [{ id: 'b', title: 'B', format: 'straight', items: [{ id: 'i', variant: 'ankle-pump/seatBack' }] }],
      },
    ],
  } as PlanInput)
  const { asks, positions } = bodyAsks(plan, LIBRARY, expand(plan, LIBRARY))
  expect(positions.map(({ base }) => base)).toEqual(['seat'])
  expect(asks.filter(({ attribute }) => ['externalLoadKg', 'impactLevel', 'kneelingLoad', 'singleLegSec'].includes(attribute))).toEqual([])
})
