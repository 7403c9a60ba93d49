import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { ladderOf } from '../movement'
import { planSchema, soundPlan } from '../plan'
import { buildRuleBase, type PersonFacts } from '../safety'
import { evaluate } from './evaluate'
import { assessRoster } from './roster'
import { classModel } from './view'

const base = buildRuleBase(CONDITIONS)
const FIT: PersonFacts = { age: 62, screenOutcome: 'go', riseNoHands: true, singleLegTestSec: 30, weeksInProgramme: 20, conditions: [] }
const WHEELCHAIR: PersonFacts = { ...FIT, conditions: [{ slug: 'wheelchair-user', variant: 'other', standingOk: false, trunkControlLow: false }] }

function judged(people: { facts: PersonFacts; notAbove?: Record<string, string> }[], item: object) {
  const draft = { title: 'T', promisedMinutes: 30, phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: [{ id: 'i', ...item }] }] }] }
  const plan = soundPlan(planSchema.parse(draft), LIBRARY)
  const roster = assessRoster(
    base,
    people.map((one, index) => ({ id: `p${index}`, name: `P${index}`, ...one })),
    plan,
  )
  return classModel(plan, evaluate(plan, roster, LIBRARY)).items[0]!
}
const stepOf = (use: { kind: string; variant?: string }) => LIBRARY.byId.get(use.variant ?? '')?.step

describe('who was taken a step down stays there', () => {
  test.each(['march', 'squat', 'row', 'heel-raise'])(
    '%s: never above the version that was taken, of the same movement, and another person beside them is as planned',
    (movement) => {
      const steps = ladderOf(LIBRARY, movement)
      const planned = steps.at(-1)!.variant.id
      for (const [at, { variant }] of steps.entries()) {
        const { cells } = judged([{ facts: FIT, notAbove: { [movement]: variant.id } }, { facts: FIT }], { variant: planned })
        const [held, free] = cells
        if (at === steps.length - 1) {
          expect(held!.mark).toBe('planned')
          continue
        }
        expect(held!.mark).toBe('swap')
        expect(held!.because).toContain('a step down')
        expect(held!.use.kind).toBe('does')
        const taken = LIBRARY.byId.get((held!.use as { variant: string }).variant)!
        if (taken.movement.id === movement) expect(taken.step).toBeLessThanOrEqual(at)
        expect(free!.mark).toBe('planned')
      }
    },
  )
  test('it lets nobody do what the rules do not: a stricter rule stays stricter', () => {
    const { cells } = judged([{ facts: WHEELCHAIR, notAbove: { march: 'march/held' } }], { variant: 'march/free' })
    // below the first that is done standing
    expect(stepOf(cells[0]!.use)).toBeLessThan(LIBRARY.byId.get('march/held')!.step)
  })
  test('another movement is not touched, and a version that is gone from the library holds nobody', () => {
    expect(judged([{ facts: FIT, notAbove: { squat: 'squat/seat' } }], { variant: 'march/free' }).cells[0]!.mark).toBe('planned')
    expect(judged([{ facts: FIT, notAbove: { march: 'march/gone' } }], { variant: 'march/free' }).cells[0]!.mark).toBe('planned')
  })
  test('of levels they may choose none above it', () => {
    const levels = ['march/seated', 'march/held', 'march/free']
    const { levels: said, cells } = judged([{ facts: FIT, notAbove: { march: 'march/seated' } }], { variant: 'march/free', levels })
    expect(said).toEqual([
      { id: 'march/seated', notFor: [] },
      { id: 'march/held', notFor: ['P0'] },
      { id: 'march/free', notFor: ['P0'] },
    ])
    expect(cells[0]!.use).toMatchObject({ variant: 'march/seated' })
  })
})
