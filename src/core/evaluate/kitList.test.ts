import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { type PlanInput, planSchema, soundPlan } from '../plan'
import { buildRuleBase, type PersonFacts } from '../safety'
import { evaluate } from './evaluate'
import { kitList, kitMoves } from './kitList'
import { assessRoster } from './roster'

const base = buildRuleBase(CONDITIONS)
const WELL: PersonFacts = { age: 40, screenOutcome: 'go', singleLegTestSec: 30, conditions: [] }
/** so acute that weights are out of the question */
const SORE: PersonFacts = { age: 70, screenOutcome: 'go', conditions: [{ slug: 'arm-fracture-healing' }] }
const plan: PlanInput = {
  version: 2,
  title: 'Kit',
  promisedMinutes: 20,
  phases: [
    {
      id: 'm',
      kind: 'main',
      blocks: [
        {
          id: 'b',
          items: [
            { id: 'i1', variant: 'march/seated' },
            { id: 'i2', variant: 'row/band-light' },
            { id: 'i3', variant: 'curl/one-kg' },
            { id: 'i4', variant: 'lateral-raise/one-kg', dose: { sets: 1, reps: 8, loadKg: 2, rpe: 3 } },
            { id: 'i5', variant: 'row/band-light' },
            { id: 'i6', variant: 'sit-to-stand/hands' },
          ],
        },
      ],
    },
  ],
}
function listFor(...people: PersonFacts[]) {
  const sound = soundPlan(planSchema.parse(plan), LIBRARY)
  const roster = assessRoster(
    base,
    people.map((facts, index) => ({ id: `p${index}`, name: `P${index}`, facts })),
    sound,
  )
  const evaluation = evaluate(sound, roster, LIBRARY)
  return { evaluation, list: kitList(evaluation) }
}

describe('what has to be set out', () => {
  test('by who has it in hand, in the order in which it comes out; chairs and what is held are not handed out', () => {
    const { evaluation, list } = listFor(WELL, WELL, WELL)
    const start = (item: string) => evaluation.items.find(({ prescription }) => prescription.item.id === item)!
    expect(list.map(({ kit }) => kit)).toEqual(['band', 'dumbbell'])
    expect(list[0]).toMatchObject({ people: 3, loads: [], fromSeconds: start('i2').startSeconds, firstItem: 'i2' })
    expect(list[0]!.untilSeconds).toBe(start('i5').startSeconds + start('i5').seconds)
    expect(list[1]).toMatchObject({
      people: 3,
      firstItem: 'i3',
      loads: [
        { kg: 1, people: 3 },
        { kg: 2, people: 3 },
      ],
    })
  })
  test('whoever may not take part today is not counted, and who takes a version without kit not for it', () => {
    const { evaluation, list } = listFor(WELL, { ...WELL, feverNow: true }, SORE)
    const doing = (item: string) => {
      const { uses } = evaluation.items.find(({ prescription }) => prescription.item.id === item)!
      return uses.filter((use) => use.kind === 'does' && (use.option.entry?.variant.kit.includes('dumbbell') ?? false)).length
    }
    expect(evaluation.items[0]!.uses[1]!.kind).toBe('closed')
    const weights = list.find(({ kit }) => kit === 'dumbbell')!
    expect(weights.people).toBe(Math.max(doing('i3'), doing('i4')))
    expect(weights.people).toBeLessThan(3)
  })
  test('with nobody on the roster yet, what the plan asks for', () =>
    expect(listFor().list.map(({ kit, people, loads }) => [kit, people, loads.map(({ kg }) => kg)])).toEqual([
      ['band', 0, []],
      ['dumbbell', 0, [1, 2]],
    ]))
})

test('kit is moved where another is taken in hand, and put away where none is', () => {
  const { evaluation } = listFor(WELL)
  const items = evaluation.items.map(({ prescription }) => prescription)
  const firstWork = (item: string) => evaluation.timeline.segments.find((segment) => segment.kind === 'work' && segment.item === item)!.startSeconds
  // band, weights, band again, nothing: march before them has none
  expect(kitMoves(items, evaluation.timeline)).toEqual(['i2', 'i3', 'i5', 'i6'].map(firstWork))
})
