import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { TEMPLATES } from '@/content/templates'
import { clientSchema, factsOn } from '../client'
import { applyEdit, planSchema, soundPlan } from '../plan'
import { buildRuleBase } from '../safety'
import { HOUSE_RATES } from '../timing'
import { adapted } from './adapt'
import { evaluate } from './evaluate'
import { fillOffers } from './fill'
import { assessRoster } from './roster'

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const people = demoPeople(DAY).map(({ record }, index) => ({
  id: `p${index}`,
  name: record.given,
  facts: factsOn(base, clientSchema.parse(record), DAY),
}))

/** A template cut to so many minutes, that promises more. */
function short(key: string, minutes: number, promisedMinutes: number, who = people.slice(0, 8)) {
  const { plan: cut } = adapted(planSchema.parse(TEMPLATES.find((one) => one.key === key)!.plan), { minutes, room: {} }, LIBRARY)
  const plan = soundPlan({ ...cut, promisedMinutes }, LIBRARY)
  const roster = assessRoster(base, who, plan)
  return { plan, roster, evaluation: evaluate(plan, roster, LIBRARY), catalogue: LIBRARY, rates: HOUSE_RATES }
}

describe('a class that is shorter than it promises', () => {
  test.each([
    ['standing', 25, 40],
    ['seated', 20, 30],
    ['birth', 18, 30],
  ])('%s: each offer fills it, within the promise, and nobody is worse off', (key, minutes, promised) => {
    const from = short(key, minutes, promised)
    const offers = fillOffers(from)
    expect(offers.map(({ kind }) => kind)).toContain('movements')
    const rank = ['as-planned', 'modify', 'swap', 'leave-out']
    for (const { edit, names, seconds } of offers) {
      const sound = soundPlan(applyEdit(from.plan, edit).plan, LIBRARY)
      const after = evaluate(sound, from.roster, LIBRARY)
      expect(after.timeline.totalSeconds).toBe(seconds)
      expect(seconds).toBeGreaterThan(from.evaluation.timeline.totalSeconds)
      expect(seconds).toBeLessThanOrEqual(promised * 60)
      expect(names.length).toBeGreaterThan(0)
      expect(after.warnings.length).toBeLessThanOrEqual(from.evaluation.warnings.length)
      const before = new Map(from.evaluation.items.map((item) => [item.prescription.item.id, item]))
      for (const { prescription, placements, uses } of after.items)
        for (const [person, { judgement }] of placements.entries()) {
          if (from.roster.people[person]!.assessment.closed) continue
          const old = before.get(prescription.item.id)
          if (!old) expect(uses[person]!.kind, prescription.name).toBe('does')
          const most = old?.placements[person]?.judgement.verdict ?? 'swap'
          expect(rank.indexOf(judgement.verdict), `${prescription.name} for ${from.roster.people[person]!.name}`).toBeLessThanOrEqual(
            rank.indexOf(most),
          )
        }
    }
  })
  test('movements fill most of what is free, and none comes twice', () => {
    const from = short('standing', 25, 40)
    const [offer] = fillOffers(from)
    expect(offer!.seconds - from.evaluation.timeline.totalSeconds).toBeGreaterThan(0.5 * (40 * 60 - from.evaluation.timeline.totalSeconds))
    expect(new Set(offer!.names).size).toBe(offer!.names.length)
    const there = new Set(from.evaluation.items.map(({ prescription }) => prescription.entry?.movement.name))
    for (const name of offer!.names) expect(there).not.toContain(name)
  })
  test('what the class lacks comes first', () => {
    const { plan, ...from } = short('seated', 25, 40, [])
    // nothing in it is for balance
    const [offer] = fillOffers({ plan, ...from })
    expect(LIBRARY.movements.find(({ name }) => name === offer!.names[0])?.purpose).toBe('balance')
  })
  test('nothing with a hard landing, nothing for power, nothing that brings people to the floor', () => {
    const from = short('standing', 20, 60, [])
    for (const name of fillOffers(from)[0]!.names) {
      const entries = LIBRARY.entries.filter(({ movement }) => movement.name === name)
      expect(entries[0]!.movement.purpose, name).not.toBe('power')
      const [offered] = fillOffers(from)
      const { plan } = applyEdit(from.plan, offered!.edit)
      for (const { items } of plan.phases.flatMap(({ blocks }) => blocks))
        for (const { variant } of items) expect(LIBRARY.byId.get(variant!)!.planned.impactLevel, variant).toBeLessThan(2)
    }
  })
  test('one that keeps its promise is offered nothing', () => expect(fillOffers(short('standing', 25, 24))).toEqual([]))
})
