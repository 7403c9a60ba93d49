import { describe, expect, test } from 'vitest'
import { clientSchema } from '../client'
import { CSV_FIELDS, matchColumns, recordsOf, rowOf } from './peopleCsv'

const known = new Set(['osteoporosis', 'falls-history'])

describe('columns are matched by their header', () => {
  test('own names and usual ones', () => {
    expect(matchColumns(['Surname', 'First name', 'DOB', 'Height', 'Shoe size'])).toEqual({ family: 0, given: 1, birthDate: 2, statureCm: 3 })
    expect(matchColumns([...CSV_FIELDS])).toEqual(Object.fromEntries(CSV_FIELDS.map((field, index) => [field, index])))
  })
})

describe('rows', () => {
  const columns = { given: 0, birthDate: 1, conditions: 2, statureCm: 3 }
  test('a good row becomes a record', () => {
    const [row] = recordsOf([['Alma', '1950-02-03', 'osteoporosis; falls-history', '160,5']], columns, known)
    expect(row).toMatchObject({
      line: 2,
      record: { given: 'Alma', statureCm: 160.5, conditions: [{ slug: 'osteoporosis' }, { slug: 'falls-history' }] },
    })
  })
  test('a row with problems says each with its line and field, and is no record', () => {
    const [first, second] = recordsOf(
      [
        ['', '3.2.1950', 'gout', ''],
        ['Bo', '1950-02-30', '', 'tall'],
      ],
      columns,
      known,
    )
    expect(first).toMatchObject({ line: 2, problems: [{ field: 'conditions' }, { field: 'given' }, { field: 'birthDate' }] })
    expect(second).toMatchObject({
      line: 3,
      problems: expect.arrayContaining([expect.objectContaining({ field: 'birthDate' }), expect.objectContaining({ field: 'statureCm' })]),
    })
    expect(first).not.toHaveProperty('record')
  })
  test('what was exported comes in again', () => {
    const record = clientSchema.parse({
      given: 'Cy',
      family: 'Roe',
      birthDate: '1948-09-01',
      conditions: [{ slug: 'osteoporosis' }],
      note: 'sits by the door',
    })
    const [row] = recordsOf([rowOf(record)], matchColumns([...CSV_FIELDS]), known)
    expect(row).toEqual({ line: 2, record })
  })
})
