import { expect, test } from 'vitest'
import type { Muscle } from '@/core/movement'
import { faultWords, seriesWords } from './seriesWords'

test('where a session stands in its series', () => {
  expect(seriesWords({ week: 3, of: 8, gentler: true, focus: 'legs' })).toBe('week 3 of 8, legs, a gentler week')
  expect(seriesWords({ week: 1, of: 2, gentler: false, focus: '' })).toBe('week 1 of 2')
})

test('what comes too soon again is said with whom it concerns, and many people are a number', () => {
  const near = {
    kind: 'too-near',
    day: '2026-11-26',
    title: 'Weir',
    before: '2026-11-24',
    beforeTitle: 'Long backs',
    muscles: ['quadriceps'] as Muscle[],
  } as const
  expect(faultWords({ ...near, names: ['Bertil', 'Greta'] })).toBe(
    'Bertil and Greta: hard again for the front of the thigh after Long backs on Tue 24 Nov 2026. Keep it easy, or change the day.',
  )
  const many = ['Alba', 'Bertil', 'Corisande', 'Desmond', 'Edda', 'Fenwick', 'Greta']
  expect(faultWords({ ...near, names: many })).toContain('7 people: hard again for')
  expect(faultWords({ kind: 'too-many', day: '2026-11-26', names: ['Alba'] })).toBe(
    'A third hard session in seven days for Alba: two are enough from 65 on.',
  )
})
