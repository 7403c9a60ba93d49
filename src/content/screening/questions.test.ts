import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { SCREENING_OUTCOMES, screen } from '@/core/client'
import { QUESTIONS } from './questions'

const clean = Object.fromEntries(QUESTIONS.map(({ id, options }) => [id, options.find(({ outcome }) => outcome === 'go')!.value]))
const general = (answers: Record<string, string>) => screen(QUESTIONS, { ...clean, ...answers }, ['general'])

describe('the form', () => {
  test('has every question of the rule base: G1 to G14 and W1 to W10', () => {
    expect(QUESTIONS.map(({ id }) => id)).toEqual([
      ...Array.from({ length: 14 }, (_, i) => `G${i + 1}`),
      ...Array.from({ length: 10 }, (_, i) => `W${i + 1}`),
    ])
  })
  test('proposes only conditions of the rule base, and every question has a clean answer', () => {
    const known = new Set(CONDITIONS.map(({ slug }) => slug))
    for (const { id, options } of QUESTIONS) {
      expect(
        options.some(({ outcome }) => outcome === 'go'),
        id,
      ).toBe(true)
      for (const slug of options.flatMap(({ proposes }) => proposes ?? [])) expect(known.has(slug), `${id}: ${slug}`).toBe(true)
    }
  })
})

// rows of sections 4.1 and 4.2
test.each([
  ['nothing to say', {}, 'go', []],
  ['chest pain now', { G2: 'now' }, 'emergency', []],
  ['unexplained faint', { G3: 'open' }, 'clearance', []],
  ['180 over 110', { G5: 'severe' }, 'not-today', ['hypertension-uncontrolled']],
  ['spine fracture', { G7: 'spine' }, 'clearance', ['osteoporosis-vertebral-fracture']],
  ['steroids', { G12: 'steroid' }, 'limits', ['osteopenia']],
  ['falls, and controlled pressure', { G9: 'yes', G5: 'controlled' }, 'limits', ['hypertension-controlled', 'falls-history']],
  ['the strongest wins', { G9: 'yes', G2: 'now', G5: 'severe' }, 'emergency', ['hypertension-uncontrolled', 'falls-history']],
] as const)('%s', (_name, answers, outcome, proposes) => {
  const result = general(answers)
  expect(result.outcome).toBe(outcome)
  expect(result.proposes).toEqual(proposes)
  if (outcome !== 'go') expect(result.reasons[0]!.outcome).toBe(outcome)
})

test('neither without help: the floor is off', () => expect(general({ G13: 'neither' }).sets).toEqual({ riseNoHands: false, floorTransferOk: false }))

test('skipping is never freer than the clean answer, sends nobody to an emergency, and records nothing', () => {
  fc.assert(
    fc.property(
      fc.subarray(
        QUESTIONS.map(({ id }) => id),
        { minLength: 1 },
      ),
      (skipped) => {
        const answers = Object.fromEntries(Object.entries(clean).filter(([id]) => !skipped.includes(id)))
        const result = screen(QUESTIONS, answers, ['general', 'pregnancy', 'after-birth'])
        const rank = (outcome: (typeof SCREENING_OUTCOMES)[number]) => SCREENING_OUTCOMES.indexOf(outcome)
        expect(rank(result.outcome)).toBeGreaterThan(rank('go'))
        expect(rank(result.outcome)).toBeLessThan(rank('emergency'))
        expect(result.proposes).toEqual([])
        expect(result.reasons.every((reason) => reason.skipped)).toBe(true)
      },
    ),
    { seed: 6 },
  )
})
