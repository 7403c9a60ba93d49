import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { assessRoster, evaluate } from '../evaluate'
import { ladderOf } from '../movement'
import { planSchema, soundPlan } from '../plan'
import { buildRuleBase, type PersonFacts } from '../safety'
import { waysOf } from './takes'
import { ledView } from './view'

const base = buildRuleBase(CONDITIONS)
const FIT: PersonFacts = { age: 62, screenOutcome: 'go', riseNoHands: true, singleLegTestSec: 30, weeksInProgramme: 20, conditions: [] }
const PEOPLE: [string, PersonFacts][] = [
  ['fit', FIT],
  ['frail', { ...FIT, age: 84, riseNoHands: false, singleLegTestSec: 2 }],
  ['away', { ...FIT, screenOutcome: 'not-today' }],
  ['wheels', { ...FIT, conditions: [{ slug: 'wheelchair-user', variant: 'other', standingOk: false, trunkControlLow: false }] }],
]

function led(item: object) {
  const draft = { title: 'T', promisedMinutes: 30, phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: [{ id: 'i', ...item }] }] }] }
  const plan = soundPlan(planSchema.parse(draft), LIBRARY)
  const roster = assessRoster(
    base,
    PEOPLE.map(([id, facts]) => ({ id, name: id, facts })),
    plan,
  )
  return ledView(plan, evaluate(plan, roster, LIBRARY), LIBRARY, 'kg').items[0]!
}

describe('what somebody may take on the day', () => {
  test('whoever does it as planned, alone in that, may still take a gentler step of the same movement', () => {
    const ways = waysOf(led({ variant: 'march/free' }).uses.fit!).map(({ variant }) => variant)
    expect(ways[0]).toBe('march/free')
    expect(ways).toContain('march/seated')
  })
  test.each(['march', 'squat', 'heel-raise', 'row', 'toe-back-arms'])('%s: a level can be pressed by exactly those who may choose it', (movement) => {
    const steps = ladderOf(LIBRARY, movement).map(({ variant }) => variant.id)
    for (let at = 0; at + 1 < steps.length; at++) {
      const levels = steps.slice(at, at + 3)
      const { uses, notFor } = led({ variant: levels.at(-1), levels })
      expect(Object.keys(notFor)).toEqual(levels)
      // whoever does not take part needs no word beside each level
      expect(Object.values(notFor).flat()).not.toContain('away')
      for (const [person, use] of Object.entries(uses))
        expect(
          levels.filter((level) => waysOf(use).some(({ variant }) => variant === level)),
          `${person} at ${levels.join(', ')}`,
        ).toEqual(levels.filter((level) => !notFor[level]!.includes(person)))
    }
  })
})
