import { expect, test } from 'vitest'
import type { LogValue } from '@/core/lead'
import { fieldWords, valueWords } from './logWords'

const versionOf = (variant: string) => (variant === 'row/band-light' ? 'Band row, light pull' : variant)

test.each<[string, LogValue, string, string]>([
  ['exertion', 6, 'exertion', '6'],
  ['presence', 'late', 'was there', 'came late'],
  ['marks', ['two-more', 'form-lost'], 'marks', 'could have done two more and lost form'],
  ['marks', [], 'marks', 'nothing'],
  ['note', null, 'note', 'nothing'],
  ['i kg', 2.5, 'Row: weight', '2.5 kg'],
  ['i side', 'left', 'Row: weaker side', 'left weaker'],
  ['i band', 'willow', 'Row: band', 'Willow, light'],
  ['i band', 'gorse', 'Row: band', 'gorse'],
  ['i variant', 'row/band-light', 'Row: version', 'Band row, light pull'],
  ['i variant', 'rest', 'Row: version', 'sat it out'],
])('what was corrected reads as it was said: %s %j', (field, value, fieldSaid, valueSaid) => {
  expect(fieldWords(field, () => 'Row')).toBe(fieldSaid)
  expect(valueWords(field, value, 'kg', versionOf)).toBe(valueSaid)
})

test('a weight is said in the unit of the house', () => expect(valueWords('i kg', 2, 'lb', versionOf)).toBe('4 lb'))
