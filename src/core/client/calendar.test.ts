import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { addDays, addMonths, ageOn, completedWeeks, dayNumber, daysBetween, gestation, isDay } from './calendar'

const dayArbitrary = fc.integer({ min: -20_000, max: 30_000 }).map((n) => addDays('1990-01-01', n % 15_000))

describe('days', () => {
  test.each([
    ['2026-02-29', false],
    ['2028-02-29', true],
    ['2026-13-01', false],
    ['26-01-01', false],
    ['2026-1-1', false],
  ])('%s is a day: %s', (text, is) => expect(isDay(text)).toBe(is))
  test('what is no day throws with what was expected', () => expect(() => dayNumber('tomorrow')).toThrow(/YYYY-MM-DD/))
  test('adding and counting agree', () => {
    fc.assert(
      fc.property(dayArbitrary, fc.integer({ min: -900, max: 900 }), (day, days) => {
        expect(daysBetween(day, addDays(day, days))).toBe(days)
      }),
    )
  })
  test.each([
    ['2026-01-31', 1, '2026-02-28'],
    ['2027-11-30', 3, '2028-02-29'],
    ['2026-03-15', 12, '2027-03-15'],
  ])('%s plus %i months', (day, months, expected) => expect(addMonths(day, months)).toBe(expected))
})

describe('ages', () => {
  test.each([
    ['1950-11-25', '2026-11-24', 75],
    ['1950-11-25', '2026-11-25', 76],
    ['2000-02-29', '2026-02-28', 25],
    ['2000-02-29', '2026-03-01', 26],
  ])('born %s, on %s', (born, day, age) => expect(ageOn(born, day)).toBe(age))
})

describe('pregnancy by due date', () => {
  test.each([
    ['2026-12-01', { weeks: 40, days: 0 }],
    ['2026-11-30', { weeks: 39, days: 6 }],
    // 27+6 counts as 27 (rule base 0.5)
    ['2026-09-07', { weeks: 27, days: 6 }],
    ['2026-12-05', { weeks: 40, days: 4 }],
  ])('due 2026-12-01, on %s', (day, expected) => expect(gestation('2026-12-01', day)).toEqual(expected))
  test('weeks only grow', () => {
    fc.assert(
      fc.property(dayArbitrary, fc.integer({ min: 0, max: 280 }), (due, back) => {
        const day = addDays(due, -back)
        const { weeks, days } = gestation(due, day)
        expect(weeks * 7 + days).toBe(280 - back)
        expect(days).toBeGreaterThanOrEqual(0)
        expect(days).toBeLessThan(7)
      }),
    )
  })
  test('completed weeks', () => expect([completedWeeks('2026-11-01', '2026-11-07'), completedWeeks('2026-11-01', '2026-11-08')]).toEqual([0, 1]))
})
