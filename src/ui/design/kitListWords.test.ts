import { expect, test } from 'vitest'
import { kitListWords } from './kitListWords'

const need = { kit: 'band' as const, people: 6, loads: [], bands: [], fromSeconds: 620, untilSeconds: 1100, firstItem: 'i' }
const nameOf = () => 'Row'

test.each([
  [need, 'Bands: 6, from 10:20 (row) to 18:20'],
  [
    {
      ...need,
      bands: [
        { name: 'Reed, very light', people: 2 },
        { name: 'Willow, light', people: 4 },
      ],
    },
    'Bands: 2 × Reed, 4 × Willow, from 10:20 (row) to 18:20',
  ],
  [{ ...need, people: 0 }, 'Bands: one each, from 10:20 (row) to 18:20'],
  [
    {
      ...need,
      kit: 'dumbbell' as const,
      loads: [
        { kg: 1, people: 5 },
        { kg: 2, people: 2 },
      ],
    },
    'Weights: 5 × 1 kg, 2 × 2 kg, from 10:20 (row) to 18:20',
  ],
  [{ ...need, kit: 'dumbbell' as const, people: 0, loads: [{ kg: 1, people: 0 }] }, 'Weights: 1 kg, from 10:20 (row) to 18:20'],
  [{ ...need, kit: 'mat' as const, people: 3 }, 'Mats: 3, from 10:20 (row) to 18:20'],
])('%j', (given, words) => expect(kitListWords(given, nameOf, 'kg')).toBe(words))

test('in a house of pounds', () =>
  expect(kitListWords({ ...need, kit: 'dumbbell', loads: [{ kg: 1, people: 5 }] }, nameOf, 'lb')).toContain('5 × 2 lb'))
