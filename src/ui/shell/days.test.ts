import { expect, test } from 'vitest'
import { nextWeekday, timeOf } from './days'

test('a moment is told in the time of the house', () => {
  const at = Date.UTC(2026, 6, 1, 22, 5)
  expect([timeOf(at, 'Europe/Berlin'), timeOf(at, 'America/New_York'), timeOf(at, 'UTC')]).toEqual(['00:05', '18:05', '22:05'])
})

test('the next day of a weekday is today when it is today', () => {
  expect([nextWeekday(2, '2026-11-24'), nextWeekday(1, '2026-11-24'), nextWeekday(null, '2026-11-24')]).toEqual([
    '2026-11-24',
    '2026-11-30',
    '2026-11-24',
  ])
})
