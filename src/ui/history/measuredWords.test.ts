import { expect, test } from 'vitest'
import { trendsOf } from '@/core/progress'
import { trendWords, weakerWords } from './measuredWords'

const rises = (on: string, value: number) => ({ kind: 'chair-rises' as const, on, value })

test('a change is said with how much and since when; what is none says why', () => {
  const said = (...values: ReturnType<typeof rises>[]) => trendWords(trendsOf(values)[0]!)
  expect(said(rises('2026-11-01', 9))).toBe('9 on 1 November 2026, measured once.')
  expect(said(rises('2026-09-01', 9), rises('2026-11-01', 12))).toBe('12 on 1 November 2026: better, 3 more since 1 September 2026.')
  expect(said(rises('2026-09-01', 9), rises('2026-11-01', 8))).toBe(
    '8 on 1 November 2026: 1 less since 1 September 2026, no change (repeating gives up to 3).',
  )
  expect(said(rises('2026-09-01', 9), rises('2026-10-01', 12), rises('2026-11-01', 12))).toContain('; as since 1 October 2026, no change')
})

test('the weaker side, and how often it was', () => {
  const weaker = { side: 'left' as const, left: 6, right: 14, on: '2026-11-01' }
  expect(weakerWords({ ...weaker, times: 1 })).toBe('The left leg is the weaker one, 6 against 14 s.')
  expect(weakerWords({ ...weaker, times: 3 })).toBe('The left leg is the weaker one, 6 against 14 s, as on the last 3 days it was measured.')
})
