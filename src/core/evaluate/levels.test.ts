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
/** A ladder of which one step is done sitting and one standing free. */
const steps = ladderOf(LIBRARY, 'march')
const standing = steps.filter(({ planned }) => planned.basePosition.startsWith('standing')).map(({ variant }) => variant.id)
const LEVELS = ['march/seated', ...standing.filter((id) => id !== 'march/free').slice(0, 1), 'march/free']

function judged(people: PersonFacts[], item: object) {
  const plan = soundPlan(
    planSchema.parse({
      title: 'T',
      promisedMinutes: 30,
      phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: [{ id: 'i', ...item }] }] }],
    }),
    LIBRARY,
  )
  const roster = assessRoster(
    base,
    people.map((facts, index) => ({ id: `p${index}`, name: `P${index}`, facts })),
    plan,
  )
  return classModel(plan, evaluate(plan, roster, LIBRARY))
}
const variantOf = (use: { kind: string; variant?: string }) => (use.kind === 'does' ? use.variant : use.kind)

describe('levels of one movement as one item', () => {
  test('all levels are shown in their order, and everybody has the nearest one they may do', () => {
    const { items } = judged([FIT, WHEELCHAIR], { variant: 'march/free', levels: LEVELS })
    expect(LEVELS.length).toBeGreaterThan(1)
    expect(items[0]!.shown.slice(0, LEVELS.length)).toEqual(LEVELS)
    expect(items[0]!.cells.map(({ use }) => variantOf(use))).toEqual(['march/free', 'march/seated'])
  })
  test('it is said who must not choose which', () => {
    const { levels } = judged([FIT, WHEELCHAIR], { variant: 'march/free', levels: LEVELS }).items[0]!
    expect(levels).toEqual([{ id: 'march/seated', notFor: [] }, ...LEVELS.slice(1).map((id) => ({ id, notFor: ['P1'] }))])
  })
  test('nobody is given less than they may do because a gentler level is there', () => {
    const { items } = judged([FIT], { variant: 'march/free', levels: LEVELS })
    expect(items[0]!.cells[0]!.mark).toBe('planned')
  })
  test('who may do none of them has another version, beyond the levels', () => {
    const upright = LEVELS.filter((id) => id !== 'march/seated')
    const { items } = judged([WHEELCHAIR], { variant: 'march/free', levels: upright })
    const { use } = items[0]!.cells[0]!
    expect(use.kind).toBe('does')
    expect(upright).not.toContain(variantOf(use))
    expect(items[0]!.shown).toContain(variantOf(use))
  })
})

describe('a version of its own in a single set', () => {
  const item = { variant: 'march/seated', dose: { sets: 2, reps: 10, eachSet: [{}, { variant: 'march/free' }] } }
  test('is judged for everybody by itself: who may not do it is not asked for it', () => {
    const { items } = judged([FIT, WHEELCHAIR], item)
    expect(items.map(({ id }) => id)).toEqual(['i', 'i~1'])
    expect(items.map(({ cells }) => cells.map(({ mark }) => mark === 'planned'))).toEqual([
      [true, true],
      [true, false],
    ])
  })
  test('says which sets it stands for', () =>
    expect(judged([FIT], item).items.map(({ sets }) => sets && [sets.of, sets.numbers])).toEqual([
      ['i', [1]],
      ['i', [2]],
    ]))
})
