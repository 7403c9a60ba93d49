import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { addDays, addMonths, completedWeeks, dayIn, dayNumber, daysBetween, isDay, weekdayOf, weekOf } from './day'
import { numbersOf, settingsSchema } from './settings'

const day = fc.date({ min: new Date('1900-01-01'), max: new Date('2150-12-31'), noInvalidDate: true }).map((at) => at.toISOString().slice(0, 10))
const span = fc.integer({ min: -40_000, max: 40_000 })

describe('days of the calendar', () => {
  test('are counted as the calendar of the machine counts them', () => {
    fc.assert(
      fc.property(day, span, (from, days) => {
        const at = new Date(`${from}T00:00:00Z`)
        expect(dayNumber(from)).toBe(at.getTime() / 86_400_000)
        expect(weekdayOf(from)).toBe(at.getUTCDay())
        at.setUTCDate(at.getUTCDate() + days)
        expect(addDays(from, days)).toBe(at.toISOString().slice(0, 10))
        expect(daysBetween(from, addDays(from, days))).toBe(days)
      }),
    )
  })

  test('a day is the same however often it is asked for', () => {
    // more days than are remembered
    const first = dayNumber('1900-01-01')
    for (let n = 0; n < 11_000; n++) expect(dayNumber(addDays('1900-01-01', n))).toBe(first + n)
    expect(dayNumber('1900-01-01')).toBe(first)
  })

  test.each(['2026-02-29', '2026-13-01', '2026-00-10', '2026-04-31', '26-01-01', '2026-1-1', '', 'today', '2026-01-01T00:00'])(
    '%s is none',
    (text) => {
      expect(isDay(text)).toBe(false)
      expect(() => dayNumber(text)).toThrow(RangeError)
      // nor when it is asked for again
      expect(isDay(text)).toBe(false)
    },
  )
  test('the leap day is one, every fourth year', () => {
    expect(['2024-02-29', '2000-02-29', '1900-02-29', '2100-02-29'].map(isDay)).toEqual([true, true, false, false])
  })

  test('weeks begin on Monday, and completed ones are whole', () => {
    expect(weekOf('2026-11-23') - weekOf('2026-11-22')).toBe(1)
    fc.assert(
      fc.property(day, fc.integer({ min: 0, max: 4000 }), (from, days) => {
        expect(completedWeeks(from, addDays(from, days))).toBe(Math.floor(days / 7))
        expect(weekOf(addDays(from, 7))).toBe(weekOf(from) + 1)
      }),
    )
  })

  test('months end where there is no such day', () => {
    expect([addMonths('2026-01-31', 1), addMonths('2024-01-31', 1), addMonths('2026-08-31', 6), addMonths('2026-03-31', -1)]).toEqual([
      '2026-02-28',
      '2024-02-29',
      '2027-02-28',
      '2026-02-28',
    ])
    fc.assert(
      fc.property(day, fc.integer({ min: -120, max: 120 }), (from, months) => {
        const there = addMonths(from, months)
        expect(isDay(there)).toBe(true)
        expect(Number(there.slice(8))).toBeLessThanOrEqual(Number(from.slice(8)))
        const index = (one: string) => Number(one.slice(0, 4)) * 12 + Number(one.slice(5, 7))
        expect(index(there) - index(from)).toBe(months)
      }),
    )
  })
})

describe('settings of the house', () => {
  const plain = { house: 'Mill', instructor: 'Somebody' }
  test('have defaults that are safe', () => {
    expect(settingsSchema.parse(plain)).toMatchObject({ weekStart: 1, coverMinutes: 2, keepYears: 3, closed: [] })
  })
  test.each([
    ['a house without a name', { house: ' ' }],
    ['nobody who leads', { instructor: '' }],
    ['a time zone that is none', { zone: 'Europe/Tarnbeck' }],
    ['a closing that ends before it begins', { closed: [{ from: '2026-12-24', to: '2026-12-23' }] }],
    ['a closing on no day', { closed: [{ from: '2026-02-30', to: '2026-03-01' }] }],
    ['an eighth day of the week', { weekStart: 7 }],
    ['minutes that are none', { coverMinutes: -1 }],
  ])('%s is refused', (_, part) => {
    expect(settingsSchema.safeParse({ ...plain, ...part }).success).toBe(false)
  })
  test('a number that nobody entered reads as which one is meant', () => {
    const none = { emergencyNumber: '', maternityNumber: '', crisisNumber: '' }
    expect(Object.values(numbersOf(none)).every((words) => words.startsWith('your local'))).toBe(true)
    expect(numbersOf({ ...none, crisisNumber: '123' }).crisis).toBe('123')
  })
})

test('a moment belongs to the day of the house', () => {
  const at = new Date(Date.UTC(2026, 6, 1, 22, 5))
  expect([dayIn(at, 'Europe/Berlin'), dayIn(at, 'America/New_York')]).toEqual(['2026-07-02', '2026-07-01'])
})
