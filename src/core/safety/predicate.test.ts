import { describe, expect, test } from 'vitest'
import { completeDemands, encodeDemands } from '../movement/demands'
import { encodeSession, sessionDefaults } from './fields'
import { type Literal, namesIn, PredicateError, parsePredicate } from './predicate'
import { type Context, holds, specialize } from './residual'

const from =
  (known: Record<string, Literal>): Context =>
  (name) =>
    known[name]
const vectorOf = (demands: Parameters<typeof completeDemands>[0]) => encodeDemands(completeDemands(demands))
/** Whether a predicate holds for a movement and what is known. */
const reads = (text: string, demands: Parameters<typeof completeDemands>[0], known: Record<string, Literal> = {}) =>
  holds(specialize(parsePredicate(text), from(known)), { demands: vectorOf(demands), session: encodeSession(sessionDefaults()) })

describe('the grammar of a predicate', () => {
  const seated = { basePosition: 'seated-unsupported', spinalFlexionDeg: 30, balanceDemand: 1 } as const
  test.each([
    ['spinalFlexionDeg == 30', true],
    ['spinalFlexionDeg != 30', false],
    ['spinalFlexionDeg < 30', false],
    ['spinalFlexionDeg <= 30', true],
    ['spinalFlexionDeg > 29.5', true],
    ['spinalFlexionDeg >= 31', false],
    ['basePosition IN [seated-unsupported, floor-supine]', true],
    ['NOT basePosition IN [seated-unsupported, floor-supine]', false],
    // AND binds closer than OR
    ['spinalFlexionDeg > 90 AND balanceDemand > 5 OR spinalFlexionDeg > 20', true],
    ['spinalFlexionDeg > 20 OR spinalFlexionDeg > 90 AND balanceDemand > 5', true],
    ['(spinalFlexionDeg > 20 OR spinalFlexionDeg > 90) AND balanceDemand > 5', false],
    // NOT binds closest, and de Morgan holds
    ['NOT spinalFlexionDeg > 20 OR balanceDemand == 1', true],
    ['NOT (spinalFlexionDeg > 20 OR balanceDemand == 1)', false],
    ['NOT (spinalFlexionDeg > 20 AND balanceDemand > 5)', true],
    ['true', true],
    ['NOT true', false],
  ])('%s', (text, expected) => expect(reads(text, seated)).toBe(expected))

  test('a flag stands for itself', () => {
    expect(reads('spinalLoaded', seated)).toBe(false)
    expect(reads('spinalLoaded', { ...seated, spinalLoaded: true })).toBe(true)
  })
})

describe('what is known is folded in, what is not stays open', () => {
  const text = 'p.age >= 65 AND spinalFlexionDeg > 20'
  test('a person of 70 leaves the question to the movement', () => {
    expect(specialize(parsePredicate(text), from({ 'p.age': 70 }))).toMatchObject({ kind: 'test', reads: 'spinalFlexionDeg', value: 20 })
  })
  test('a person of 50 leaves nothing to ask', () => {
    expect(specialize(parsePredicate(text), from({ 'p.age': 50 }))).toEqual({ kind: 'constant', value: false })
  })
  test('a session field stays open: what it is depends on the place in the class', () => {
    expect(specialize(parsePredicate('s.standingBlockMin <= 10'), from({}))).toMatchObject({ kind: 'test', reads: 's.standingBlockMin', value: 10 })
  })
  test('the head moves as much as neck or trunk move it', () => {
    const nod = { basePosition: 'seated-unsupported', headTurn: 1, headSweep: 2 } as const
    for (const [predicate, expected] of [
      ['headMotion == 2', true],
      ['headMotion == 1', false],
      ['headMotion >= 2', true],
      ['headMotion <= 1', false],
      ['headMotion != 1', true],
      ['headMotion IN [0, 2]', true],
      ['NOT headMotion IN [0, 2]', false],
    ] as const)
      expect(reads(predicate, nod), predicate).toBe(expected)
  })
  test('every name is found', () => expect(namesIn(parsePredicate(text))).toEqual(['p.age', 'spinalFlexionDeg']))
})

describe('a predicate with a mistake is refused, with the place', () => {
  test.each([
    ['spineFlexion > 20', 0, 'name of an attribute'],
    ['spinalFlexionDeg > much', 19, 'a number'],
    ['spinalFlexionDeg', 16, 'a comparison'],
    ['basePosition == hammock', 16, 'one of'],
    ['basePosition > floor-supine', 15, '== or !='],
    ['basePosition IN floor-supine', 16, 'an opening bracket'],
    ['basePosition IN [floor-supine', 29, 'a closing bracket'],
    ['(spinalFlexionDeg > 20', 22, 'a closing parenthesis'],
    ['spinalFlexionDeg > 20 balanceDemand > 1', 22, 'AND, OR or the end'],
    ['spinalFlexionDeg > 20 AND', 25, 'name of an attribute'],
    ['', 0, 'name of an attribute'],
    ['c.variant == nonsense', 13, 'one of'],
  ])('%j', (text, at, expected) => {
    const error = (() => {
      try {
        parsePredicate(text, ['early', 'late'])
      } catch (thrown) {
        return thrown
      }
    })()
    expect(error).toBeInstanceOf(PredicateError)
    expect((error as PredicateError).expected).toContain(expected)
    expect((error as PredicateError).at).toBe(at)
  })
})
