import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { demoPeople } from '@/content/demo'
import { buildRuleBase } from '../safety'
import { addDays } from './calendar'
import { clearanceEnds, factsOn } from './facts'
import { type ClientInput, clientSchema } from './record'
import { runsOut } from './runsOut'

const base = buildRuleBase(CONDITIONS)
const DAY = '2026-11-24'
const record = (rest: Partial<ClientInput> = {}) => clientSchema.parse({ given: 'Test', birthDate: '1950-05-05', ...rest })
const letter = (expires: string, rest: object = {}) => ({ condition: 'osteoporosis', by: 'Dr Example', on: '2026-10-01', expires, ...rest })

describe('what runs out within four weeks', () => {
  test('a letter, with the last day on which it counts', () => {
    const conditions = [{ slug: 'osteoporosis' }]
    const told = (clearances: ClientInput['clearances']) => runsOut(base, record({ conditions, clearances }), DAY)
    expect(told([letter('2026-12-10')])).toEqual([{ last: '2026-12-10', condition: 'osteoporosis' }])
    expect(told([letter(DAY)])).toEqual([{ last: DAY, condition: 'osteoporosis' }])
    expect(told([letter('2026-11-23')])).toEqual([])
    expect(told([letter('2027-03-01')])).toEqual([])
    // one that goes on after it makes it no matter
    expect(told([letter('2026-12-10'), letter('2027-03-01', { on: '2026-12-01' })])).toEqual([])
  })

  test('the form after a year, and in a pregnancy sooner', () => {
    const form = (completedOn: string) => ({ screening: { completedOn, skipped: [], findings: [] } })
    expect(runsOut(base, record(form('2025-12-01')), DAY)).toEqual([{ last: '2026-12-01' }])
    expect(runsOut(base, record(form('2026-06-01')), DAY)).toEqual([])
    const pregnant = record({ birthDate: '1994-01-01', dueDate: addDays(DAY, 7 * 25), ...form(addDays(DAY, -14)) })
    // week 15 today: asked again in week 16
    expect(runsOut(base, pregnant, DAY)).toEqual([{ last: addDays(DAY, 6) }])
  })

  test('whoever it is: what is told counts on its last day and not on the next', () => {
    const people = demoPeople(DAY).map((one) => clientSchema.parse(one.record))
    let told = 0
    fc.assert(
      fc.property(fc.constantFrom(...people), fc.integer({ min: 0, max: 400 }), (somebody, later) => {
        const day = addDays(DAY, later)
        for (const { last, condition } of runsOut(base, somebody, day)) {
          told++
          expect(last >= day && last < addDays(day, 28)).toBe(true)
          if (condition) expect(somebody.clearances.map((one) => clearanceEnds(base, one))).toContain(last)
          else {
            expect(factsOn(base, somebody, last).screenOutcome).not.toBe('never')
            expect(factsOn(base, somebody, addDays(last, 1)).screenOutcome).toBe('never')
          }
        }
      }),
      { numRuns: 600 },
    )
    expect(told).toBeGreaterThan(5)
  })
})
