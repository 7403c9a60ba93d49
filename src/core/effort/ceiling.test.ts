import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { assess, buildRuleBase, type PersonFacts } from '../safety'
import { SCHOOLS } from '../vocabulary'
import { ceilingFor, maximumBy, talkTest } from './ceiling'

const base = buildRuleBase(CONDITIONS)
const person = (facts: Partial<PersonFacts>) => assess(base, { age: 75, screenOutcome: 'go', conditions: [], ...facts })

// rule base 3.1, worked numbers at 75
test.each([
  ['fox-220', 145],
  ['tanaka', 155.5],
  ['gellish', 154.5],
  ['gulati-women', 140],
] as const)('%s at 75: %d', (school, bpm) => expect(maximumBy(school, 75)).toBeCloseTo(bpm, 1))

describe('what applies is said with its reason', () => {
  test('by the school of the class', () =>
    expect(ceilingFor(person({}), 'tanaka')).toMatchObject({ kind: 'pulse', school: 'tanaka', because: expect.stringContaining('208') }))
  test('a measured resting pulse makes it a reserve', () => {
    // 75 years, rest 65, cap 7: 65 + 0.89 x (155.5 - 65)
    expect(ceilingFor(person({ restHr: 65 }), 'tanaka')).toMatchObject({ kind: 'pulse', bpm: 146 })
  })
  test.each(['beta-blocker', 'atrial-fibrillation', 'pacemaker-icd', 'dialysis-fistula'])('%s: never a formula', (slug) => {
    for (const school of SCHOOLS) expect(ceilingFor(person({ conditions: [{ slug, cleared: true }] }), school).kind).toBe('exertion')
  })
  test('pregnancy: never a formula, effort 5 at most', () => {
    expect(ceilingFor(person({ age: 30, gestationalWeek: 24, conditions: [{ slug: 'pregnancy', cleared: true }] }), 'tanaka')).toMatchObject({
      kind: 'exertion',
      rpe: 5,
    })
  })
  test('reserve without a resting pulse falls back to exertion and says so', () => {
    expect(ceilingFor(person({}), 'reserve')).toMatchObject({ kind: 'exertion', because: expect.stringContaining('resting pulse') })
  })
  test('a typed number holds where it is the lower one, and is refused where no pulse number may be used', () => {
    expect(ceilingFor(person({}), 'typed', { typedBpm: 105 })).toMatchObject({ kind: 'pulse', bpm: 105, because: 'typed for this class' })
    // 0.95 x 155.5 at effort 7
    expect(ceilingFor(person({}), 'typed', { typedBpm: 190 })).toMatchObject({
      kind: 'pulse',
      bpm: 148,
      because: expect.stringContaining('190 was typed'),
    })
    expect(ceilingFor(person({}), 'typed')).toMatchObject({ kind: 'exertion', because: 'no number was typed' })
    expect(ceilingFor(person({ conditions: [{ slug: 'beta-blocker' }] }), 'typed', { typedBpm: 105 })).toMatchObject({
      kind: 'exertion',
      because: expect.stringContaining('no pulse number with'),
    })
  })
  test('a measured maximum overrides every formula', () =>
    expect(ceilingFor(person({}), 'fox-220', { testedMax: 130 })).toMatchObject({ because: expect.stringContaining('measured maximum') }))
  test('a lower cap never gives a higher ceiling', () => {
    const free = ceilingFor(person({}), 'tanaka')
    const capped = ceilingFor(person({ restSbp: 165, restDbp: 90 }), 'tanaka')
    if (free.kind === 'pulse' && capped.kind === 'pulse') expect(capped.bpm).toBeLessThan(free.bpm)
    else throw new Error('both are pulses')
  })
})

test('talk test by effort', () =>
  expect([1, 3, 5, 7].map(talkTest)).toEqual(['can sing', 'full sentences comfortably', 'sentences with a breath in between', 'a few words only']))
