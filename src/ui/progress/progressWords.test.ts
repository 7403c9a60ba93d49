import { expect, test } from 'vitest'
import { becauseWords, stepWords } from './progressWords'

test('evidence is one sentence with its days', () => {
  expect(becauseWords({ rule: 'two-for-two', days: ['2026-11-16', '2026-11-23'] })).toBe(
    'Could have done two more on 16 Nov and 23 Nov, in good form, without more pain then or the day after.',
  )
  expect(becauseWords({ rule: 'next-day', day: '2026-11-23', pain: 5, usual: 2 })).toBe('Pain of 5 the day after 23 Nov, where 2 is usual.')
  expect(becauseWords({ rule: 'not-told', day: '2026-11-23', what: 'pain-next-day' })).toBe(
    'Could have done two more twice running; nobody has noted how it was the day after on 23 Nov.',
  )
  expect(becauseWords({ rule: 'away', missedWeeks: 1 })).toBe('Missed a week.')
})

test('a step is said as it is done, in the unit of the house', () => {
  const nameOf = () => 'One hand on the chair'
  expect(stepWords({ kind: 'load', fromKg: 2, toKg: 2.5, overTenth: true }, 1, 'kg', nameOf)).toBe(
    'More repetitions with 2 kg first, up to twelve; then 2.5 kg.',
  )
  expect(stepWords({ kind: 'load', fromKg: 2, toKg: 1.5, overTenth: false }, 1, 'kg', nameOf)).toBe('1.5 kg in place of 2 kg.')
  const band = { name: 'Alder, medium', gripCm: 95, doubled: false }
  expect(stepWords({ kind: 'load', fromKg: 2, toKg: 2.1, overTenth: false, band }, 1, 'kg', nameOf)).toBe(
    'The band Alder, medium, 95 cm between the grips: a pull of 2.1 kg in place of 2 kg.',
  )
  expect(stepWords({ kind: 'variant', variant: 'x' }, 1, 'kg', nameOf)).toBe('One hand on the chair.')
  expect(stepWords({ kind: 'less' }, 0.7, 'kg', nameOf)).toBe('About 70 % of the sets and repetitions, and build up again.')
})
