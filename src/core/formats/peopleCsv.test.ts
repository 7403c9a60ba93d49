import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { clientSchema } from '../client'
import { CSV_FIELDS, dateOrderOf, matchColumns, personKey, readDay, recordsOf, rowOf, withRow } from './peopleCsv'

const known = [
  { slug: 'osteoporosis', name: 'Osteoporosis' },
  { slug: 'falls-history', name: 'Fall in the last 12 months' },
]
const lines = (...rows: string[][]) => rows.map((cells, index) => ({ line: index + 2, cells }))

describe('columns are matched by their header', () => {
  test('own names and usual ones', () => {
    expect(matchColumns(['Surname', 'First name', 'DOB', 'Height', 'Shoe size'])).toEqual({ family: 0, given: 1, birthDate: 2, statureCm: 3 })
    expect(matchColumns([...CSV_FIELDS])).toEqual(Object.fromEntries(CSV_FIELDS.map((field, index) => [field, index])))
  })
  test('other words and languages', () => {
    expect(matchColumns(['Date of birth', 'Given name'])).toEqual({ birthDate: 0, given: 1 })
    expect(matchColumns(['Nachname', 'Vorname', 'Geburtsdatum', 'Größe', 'Gewicht', 'Diagnosen', 'Notfallkontakt'])).toEqual({
      family: 0,
      given: 1,
      birthDate: 2,
      statureCm: 3,
      massKg: 4,
      conditions: 5,
      emergencyContact: 6,
    })
  })
  test('what was learned goes before what is guessed', () => {
    expect(matchColumns(['Rufname', 'First contact'], { rufname: 'given', 'first contact': '' })).toEqual({ given: 0 })
  })
})

describe('days', () => {
  test.each([
    [['1950-02-28', '1950/3/1'], 'ymd'],
    [['28.02.1950'], 'dmy'],
    [['1.2.1950'], 'dmy'],
    [['28/02/1950', '01/02/1950'], 'dmy'],
    [['02/28/1950', '01/02/1950'], 'mdy'],
    [['01/02/1950', '03/04/1951'], 'ask'],
    [[], 'ymd'],
  ] as const)('%j are written %s', (days, order) => expect(dateOrderOf(days)).toBe(order))
  test('a day written in any order comes back', () => {
    fc.assert(
      fc.property(fc.date({ min: new Date('1900-01-01'), max: new Date('2030-12-31'), noInvalidDate: true }), (date) => {
        const day = date.toISOString().slice(0, 10)
        const [year, month, of] = day.split('-')
        expect(readDay(day, 'dmy')).toBe(day)
        expect(readDay(`${of}.${month}.${year}`, 'dmy')).toBe(day)
        expect(readDay(`${Number(month)}/${Number(of)}/${year}`, 'mdy')).toBe(day)
      }),
    )
  })
  test.each(['30.2.1950', '1.2.50', '1.13.1950', 'spring', '1950'])('"%s" is none', (text) => expect(readDay(text, 'dmy')).toBeUndefined())
})

describe('rows', () => {
  const columns = { given: 0, birthDate: 1, conditions: 2, statureCm: 3 }
  test('a good row becomes a record; conditions are named as on screen', () => {
    const [row] = recordsOf(lines(['Alma', '3.2.1950', 'osteoporosis; fall in the last 12 months', '160,5']), columns, 'dmy', known)
    expect(row).toMatchObject({
      line: 2,
      record: { given: 'Alma', birthDate: '1950-02-03', statureCm: 160.5, conditions: [{ slug: 'osteoporosis' }, { slug: 'falls-history' }] },
    })
  })
  test('a row with problems says each with its line and field, and is no record', () => {
    const [first, second] = recordsOf(lines(['', '3.2.50', 'gout', ''], ['Bo', '', '', 'tall']), columns, 'dmy', known, () => 'Osteoporosis')
    expect(first).toMatchObject({
      line: 2,
      problems: [{ field: 'conditions', message: '"gout" is not in the list; nearest: Osteoporosis' }, { field: 'birthDate' }, { field: 'given' }],
    })
    expect(second).toMatchObject({ line: 3, problems: [{ field: 'birthDate' }, { field: 'statureCm' }] })
    expect(first).not.toHaveProperty('record')
  })
  test('what was exported comes in again, and starts no formula on the way', () => {
    const record = clientSchema.parse({
      given: 'Cy',
      family: 'Roe',
      birthDate: '1948-09-01',
      conditions: [{ slug: 'osteoporosis' }],
      emergencyContact: '+49 170 55501',
      note: '=SUM(A1) sits by the door',
    })
    const cells = rowOf(record)
    expect(cells).toContain('+49 170 55501')
    for (const cell of cells) expect(cell).not.toMatch(/^[=\-@\t\r]|^\+.*[^\d\s()]/)
    expect(recordsOf([{ line: 2, cells }], matchColumns([...CSV_FIELDS]), 'ymd', known)).toEqual([{ line: 2, record }])
  })
  test('any text of a note comes in again as it was', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), fc.constantFrom('', '=', '+', '-', '@', "'"), (text, start) => {
        const parsed = clientSchema.safeParse({ given: 'Cy', birthDate: '1948-09-01', note: `${start}${text}` })
        // an apostrophe before such a sign is what the export itself writes
        fc.pre(parsed.success && parsed.data.note !== '' && !/^'[=+\-@]/.test(parsed.data.note ?? ''))
        const cells = rowOf(parsed.data!)
        expect(recordsOf([{ line: 2, cells }], matchColumns([...CSV_FIELDS]), 'ymd', known)).toEqual([{ line: 2, record: parsed.data }])
      }),
    )
  })
})

describe('somebody who is there already', () => {
  const ada = clientSchema.parse({
    given: 'Adá',
    family: 'Roe',
    birthDate: '1948-09-01',
    note: 'old',
    conditions: [{ slug: 'osteoporosis', side: 'left' }],
  })
  test('is found by name and birth, however it is written', () => {
    expect(personKey({ given: ' ada', family: 'ROE', birthDate: '1948-09-01' })).toBe(personKey(ada))
    expect(personKey({ given: 'Ada', family: 'Roe', birthDate: '1948-09-02' })).not.toBe(personKey(ada))
  })
  test('gets what the row brings and loses nothing', () => {
    const row = clientSchema.parse({
      given: 'Ada',
      birthDate: '1948-09-01',
      massKg: 60,
      conditions: [{ slug: 'osteoporosis' }, { slug: 'falls-history' }],
    })
    expect(withRow(ada, row)).toEqual({ ...ada, massKg: 60, conditions: [...ada.conditions, ...row.conditions.slice(1)] })
  })
})
