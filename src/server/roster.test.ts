import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { demoPeople } from '@/content/demo'
import { clientSchema, factsOn } from '@/core/client'
import { callNames, knownFacts, soonOut } from './roster'
import { RULE_BASE } from './ruleBase'

const DAY = '2026-11-24'
const one = (given: string, family = '', birthDate = '1950-01-01') => ({ given, family, birthDate })

describe('what people are called', () => {
  test.each([
    ['alone by the first name', [one('Ada', 'Fen'), one('Bo', 'Fen')], ['Ada', 'Bo']],
    ['two of a name by the first letter of the family', [one('Ada', 'Fen'), one('Ada', 'Moor')], ['Ada F.', 'Ada M.']],
    ['with the same letter by the whole family name', [one('Ada', 'Fen'), one('Ada', 'Ford')], ['Ada Fen', 'Ada Ford']],
    ['namesakes by the year of birth', [one('Ada', 'Fen', '1948-03-01'), one('Ada', 'Fen', '1950-03-01')], ['Ada Fen, 1948', 'Ada Fen, 1950']],
    [
      'born in one year by the day',
      [one('Ada', 'Fen', '1948-03-01'), one('Ada', 'Fen', '1948-04-01')],
      ['Ada Fen, 1948-03-01', 'Ada Fen, 1948-04-01'],
    ],
    ['without a family name', [one('Ada'), one('Ada', 'Moor')], ['Ada', 'Ada M.']],
  ])('%s', (_, records, names) => {
    expect(callNames(records)).toEqual(names)
  })

  test('nobody is called as somebody else who is not the same in name and birth', () => {
    const record = fc.record({
      given: fc.constantFrom('Ada', 'Bo', 'Cy'),
      family: fc.constantFrom('', 'Fen', 'Ford', 'Moor'),
      birthDate: fc.constantFrom('1948-03-01', '1948-04-01', '1950-01-01'),
    })
    fc.assert(
      fc.property(fc.uniqueArray(record, { selector: (somebody) => JSON.stringify(somebody), maxLength: 12 }), (records) => {
        const names = callNames(records)
        expect(new Set(names).size).toBe(names.length)
        for (const [index, name] of names.entries()) expect(name.startsWith(records[index]!.given)).toBe(true)
      }),
    )
  })
})

describe('what is worked out once for a record', () => {
  const records = demoPeople(DAY).map(({ record }) => clientSchema.parse(record))
  test('is what the rules would be told anyway, whatever was asked before', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...records),
        fc.array(fc.constantFrom('2026-11-03', '2026-11-10', '2026-11-17'), { maxLength: 3 }),
        fc.constantFrom(DAY, '2026-12-24', '2027-02-01'),
        fc.option(fc.constantFrom('well' as const, 'unwell' as const), { nil: undefined }),
        (record, attended, day, dayFeel) => {
          const today = dayFeel && { dayFeel }
          const asked = () => knownFacts(record, day, attended, today)
          expect(asked()).toEqual(factsOn(RULE_BASE, record, day, { ...(today && { today }), attended }))
          expect(asked()).toBe(asked())
        },
      ),
      { numRuns: 200 },
    )
  })
  test('what runs out is asked anew on another day', () => {
    const record = clientSchema.parse({
      ...one('Ada'),
      conditions: [{ slug: 'osteoporosis' }],
      clearances: [{ condition: 'osteoporosis', by: 'Dr Example', on: '2026-10-01', expires: '2026-12-30' }],
    })
    expect(soonOut(record, DAY)).toEqual([])
    expect(soonOut(record, '2026-12-10')).toHaveLength(1)
    expect(soonOut(record, DAY)).toEqual([])
  })
})
