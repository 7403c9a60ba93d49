import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { type PlanDose, planDoseSchema } from './dose'
import { doseWords } from './doseWords'
import { sayDose, withSaid } from './sayDose'

describe('a dose as it is said', () => {
  test.each([
    ['2 sets of 12 a side, slow, 20 rest', { sets: 2, reps: 12, counted: 'per-side', tempo: { by: 'controlled' }, restSeconds: 20 }],
    ['45 on, 15 off, ten times', { workSeconds: 45, restSeconds: 15, sets: 10 }],
    ['8 4 2 1', { shrinking: [8, 4, 2, 1] }],
    ['8-4-2-1', { shrinking: [8, 4, 2, 1] }],
    ['12 then 10', { eachSet: [{ reps: 12 }, { reps: 10 }], sets: 2 }],
    ['3x10', { sets: 3, reps: 10 }],
    ['3 × 10, 2 kg', { sets: 3, reps: 10, loadKg: 2 }],
    ['3 × 10, 5 lb', { sets: 3, reps: 10, loadKg: 2.268 }],
    ['2 sets of 8, 2 pounds', { sets: 2, reps: 8, loadKg: 0.9072 }],
    ['two sets of eight', { sets: 2, reps: 8 }],
    ['15', { reps: 15 }],
    ['15 reps', { reps: 15 }],
    ['9 in all, alternating', { reps: 9, counted: 'in-all', sides: 'alternating' }],
    ['40 s', { workSeconds: 40 }],
    ['1 min', { workSeconds: 60 }],
    ['1:30', { workSeconds: 90 }],
    ['3 x 30 s, rest 20', { sets: 3, workSeconds: 30, restSeconds: 20 }],
    ['32 counts', { workCounts: 32 }],
    ['hold 20', { holdSeconds: 20 }],
    ['2 sets, hold 3 breaths', { sets: 2, holdBreaths: 3, holdSeconds: 0 }],
    ['10 reps, hold 5 s', { reps: 10, holdSeconds: 5 }],
    ['6, 4 up 4 down', { reps: 6, tempo: { by: 'counts', up: 4, hold: 0, down: 4 } }],
    ['8 reps, 2 up, 1 hold, 3 down', { reps: 8, tempo: { by: 'counts', up: 2, hold: 1, down: 3 } }],
    ['16 on 4 beats', { reps: 16, tempo: { by: 'beats', beats: 4 } }],
    ['10, 3 s each', { reps: 10, tempo: { by: 'seconds', seconds: 3 } }],
    ['12 and 10 pulses at the end', { reps: 12, finish: { pulses: 10 } }],
    ['12 left only', { reps: 12, sides: 'left' }],
    ['effort 5', { rpe: 5 }],
    ['2 sets of 12, no rest', { sets: 2, reps: 12, restSeconds: 0 }],
  ] as [string, Partial<PlanDose>][])('%s', (typed, part) => {
    const said = sayDose(typed)
    expect(said.part).toEqual(part)
    expect(said.unknown).toEqual([])
  })
  test('what is not understood is named', () => {
    expect(sayDose('12 wiggly reps').unknown).toEqual(['wiggly'])
    expect(sayDose('twice round the room').unknown).toEqual(['twice', 'round', 'room'])
  })
})

const before = planDoseSchema.parse({ sets: 2, reps: 10, restSeconds: 30, loadKg: 2, rpe: 4 })
describe('on top of the dose that was there', () => {
  test('what is not said stays; what cannot stand beside it goes', () => {
    expect(withSaid(before, sayDose('40 s'))).toEqual({ ...before, reps: undefined, workSeconds: 40 })
    expect(withSaid(before, sayDose('3 sets'))).toEqual({ ...before, sets: 3 })
    const own = withSaid(before, sayDose('12 then 10'))!
    expect(own.eachSet).toHaveLength(2)
    expect(withSaid(own, sayDose('3 sets of 8'))).toEqual({ ...before, sets: 3, reps: 8 })
  })
  test('what is no dose is refused', () => expect(withSaid(before, sayDose('0 reps'))).toBeUndefined())
})

test('what is shown of a dose is understood again as the same', () => {
  const arbitrary = fc.record(
    {
      sets: fc.integer({ min: 1, max: 6 }),
      reps: fc.integer({ min: 3, max: 40 }),
      holdSeconds: fc.constantFrom(0, 5, 20),
      tempo: fc.constantFrom({ by: 'controlled' as const }, { by: 'beats' as const, beats: 4 }, { by: 'counts' as const, up: 2, hold: 0, down: 4 }),
      sides: fc.constantFrom('alternating' as const, 'left' as const, 'both' as const, 'one-then-other' as const),
      counted: fc.constantFrom('per-side' as const, 'in-all' as const),
      restSeconds: fc.integer({ min: 1, max: 90 }),
      loadKg: fc.constantFrom(1, 2.5, 4),
      rpe: fc.integer({ min: 1, max: 9 }),
      finish: fc.constant({ pulses: 8 }),
    },
    { requiredKeys: ['sets', 'reps'] },
  )
  fc.assert(
    fc.property(arbitrary, (input) => {
      const dose = planDoseSchema.parse(input)
      const said = sayDose(doseWords(dose, 'kg'))
      expect(said.unknown).toEqual([])
      expect(withSaid(planDoseSchema.parse({ sets: 1 }), said)).toEqual(dose)
    }),
    { numRuns: 300, seed: 21 },
  )
})
