import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { assessRoster, evaluate, inGroup } from '@/core/evaluate'
import { planSchema, soundPlan } from '@/core/plan'
import { buildRuleBase } from '@/core/safety'
import { handOver } from './handOver'
import { ledView } from './view'

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)

describe.each(DEMO_CLASSES)('$key as it is handed over', ({ key, plan: input }) => {
  const plan = soundPlan(planSchema.parse(input), LIBRARY)
  const roster = demoPeople(DAY)
    .filter(({ classes }) => classes.some((one) => one === key))
    .map(({ record }, at) => {
      const known = clientSchema.parse(record)
      return { id: `p${at}`, name: known.given, ...inGroup(known), facts: factsOn(base, known, DAY) }
    })
  const view = ledView(plan, evaluate(plan, assessRoster(base, roster, plan), LIBRARY), LIBRARY, 'kg')
  const items = handOver(view)

  test('everybody who takes part stands once in every movement, and nobody who does not', () => {
    const there = roster.map(({ id }) => id).filter((id) => view.closed[id] === undefined)
    expect(items.length).toBe(view.items.length)
    for (const { ways, resting } of items) {
      const named = [...ways.flatMap(({ plain, otherwise }) => [...plain, ...otherwise.flatMap(({ people }) => people)]), ...resting]
      expect(named.toSorted()).toEqual(there.toSorted())
    }
  })
  test('in the order in which it comes', () => {
    const starts = items.map(({ startSeconds }) => startSeconds)
    expect(starts).toEqual(starts.toSorted((a, b) => a - b))
  })
  test('no condition of anybody is named in it', () => {
    const words = JSON.stringify(items).toLowerCase()
    for (const { conditions } of roster.map(({ facts }) => facts))
      for (const { slug } of conditions) expect(words).not.toContain(base.conditions.get(slug)!.name.toLowerCase())
  })
})
