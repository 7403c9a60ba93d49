import { expect, test } from 'vitest'
import { dateWords, dayWords, shortDay, timeOf } from './days'
import { weekdays } from './weekdays'

test('a moment is told in the time of the house', () => {
  const at = Date.UTC(2026, 6, 1, 22, 5)
  expect([timeOf(at, 'Europe/Berlin'), timeOf(at, 'America/New_York'), timeOf(at, 'UTC')]).toEqual(['00:05', '18:05', '22:05'])
})

test('days in words, with their year', () => {
  expect([dayWords('2026-11-30'), shortDay('2026-09-01'), dateWords('2027-01-04')]).toEqual([
    'Monday 30 November 2026',
    'Tue 1 Sep 2026',
    '4 January 2027',
  ])
})

test('a week begins where the house says', () => {
  expect(weekdays(1).map(({ name }) => name)[0]).toBe('Monday')
  expect(weekdays(1).at(-1)).toEqual({ day: 0, name: 'Sunday' })
  expect(weekdays(6)[0]).toEqual({ day: 6, name: 'Saturday' })
})
