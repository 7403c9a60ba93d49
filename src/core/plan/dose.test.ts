import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Dose, RepKind } from '../movement'
import { judgedDose, planDoseSchema, setsOf } from './dose'

const library: Dose = { sets: 2, reps: 8, holdSeconds: 0, restSeconds: 60, loadKg: 2, rpe: 4 }
const kind: RepKind = { groupSeconds: 2.5, controlledSeconds: 4, staySeconds: 0, side: 'both' }
const dose = (input: object) => planDoseSchema.parse(input)
const seconds = (input: object, more: Partial<RepKind> = {}, bpm?: number) =>
  setsOf(dose(input), library, { ...kind, ...more }, bpm).map((one) => one.clockSeconds + one.countedSeconds + one.heldSeconds)

describe('seconds of a set', () => {
  test.each([
    ['the group’s tempo of the kind', { reps: 10 }, [25]],
    ['controlled is the slower one', { reps: 10, tempo: { by: 'controlled' } }, [40]],
    ['a tempo that is said, down to 0.3 s', { reps: 10, tempo: { by: 'seconds', seconds: 0.3 } }, [3]],
    ['up, hold and down counted aloud: a count is a second', { reps: 5, tempo: { by: 'counts', up: 2, hold: 1, down: 4 } }, [35]],
    ['seconds of work', { workSeconds: 40 }, [40]],
    ['sets that differ, one of them by the clock', { sets: 3, eachSet: [{ reps: 12 }, { reps: 8 }, { workSeconds: 30 }] }, [30, 20, 30]],
    ['a hold of ten counts without music', { reps: 1, holdCounts: 10 }, [15]],
    ['repetitions with a hold of five in each', { reps: 6, holdSeconds: 5 }, [45]],
    ['a hold at the end of every set', { sets: 2, reps: 8, finish: { holdSeconds: 10 } }, [30, 30]],
    ['nothing said: as the library has it', {}, [20]],
  ] as [string, object, number[]][])('%s', (_, input, expected) => expect(seconds(input)).toEqual(expected))
  test('to music a repetition is beats × 60 / beats a minute', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 16 }), fc.integer({ min: 40, max: 200 }), (reps, beats, bpm) => {
        expect(seconds({ reps, tempo: { by: 'beats', beats } }, {}, bpm)[0]).toBeCloseTo((reps * beats * 60) / bpm, 6)
      }),
    )
  })
  test('sides in turn double a number that is for each, and not one that is in all', () => {
    expect(seconds({ reps: 9 }, { side: 'alternating' })).toEqual([45])
    expect(seconds({ reps: 9, counted: 'in-all' }, { side: 'alternating' })).toEqual([22.5])
  })
})

describe('what is judged is the most that any set asks', () => {
  const judged = (input: object, bpm?: number) => judgedDose(dose(input), library, bpm)
  test('repetitions, load and effort of the hardest set, pulses and the hold at the end with it', () => {
    const eachSet = [
      { reps: 12, loadKg: 1 },
      { reps: 6, loadKg: 4, rpe: 6 },
    ]
    expect(judged({ sets: 2, eachSet, finish: { pulses: 10 } })).toMatchObject({ reps: 22, loadKg: 4, rpe: 6 })
    expect(judged({ reps: 8, holdSeconds: 2, finish: { holdSeconds: 15 } }).holdSeconds).toBe(15)
  })
  test('a hold in breaths or counts is judged in seconds', () => {
    expect(judged({ reps: 1, holdBreaths: 4 }).holdSeconds).toBe(20)
    expect(judged({ reps: 1, holdCounts: 30 }, 60).holdSeconds).toBe(30)
    expect(judged({ reps: 4, tempo: { by: 'counts', up: 2, hold: 8, down: 2 } }, 120)).toMatchObject({
      holdSeconds: 4,
      repSeconds: 6,
      fastestSeconds: 1,
    })
  })
  test('the faster way of a counted tempo is kept: one up, four down is as quick as the one', () => {
    expect(judged({ reps: 8, tempo: { by: 'counts', up: 1, hold: 0, down: 4 } }, 120).fastestSeconds).toBe(0.5)
  })
  test('a dose that says more is never judged as less', () => {
    const part = fc.record({ reps: fc.integer({ min: 1, max: 30 }), loadKg: fc.integer({ min: 0, max: 9 }), rpe: fc.integer({ min: 0, max: 9 }) })
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 6 }), (eachSet) => {
        const one = judged({ sets: eachSet.length, eachSet })
        for (const set of eachSet) {
          expect(one.reps!).toBeGreaterThanOrEqual(set.reps)
          expect(one.loadKg).toBeGreaterThanOrEqual(set.loadKg)
          expect(one.rpe).toBeGreaterThanOrEqual(set.rpe)
        }
      }),
    )
  })
})

describe('a dose that contradicts itself is refused', () => {
  test.each([
    ['repetitions and seconds', { reps: 8, workSeconds: 30 }],
    ['a hold in two units', { reps: 1, holdSeconds: 10, holdBreaths: 3 }],
    ['two own sets for three', { sets: 3, eachSet: [{ reps: 8 }, { reps: 6 }] }],
    ['no tempo at all', { reps: 8, tempo: { by: 'counts', up: 0, hold: 0, down: 0 } }],
  ])('%s', (_, input) => expect(planDoseSchema.safeParse(input).success).toBe(false))
})
