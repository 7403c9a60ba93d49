import fc from 'fast-check'
import { expect, test } from 'vitest'
import { PURPOSES } from '@/core/movement'
import { MUSCLES } from '@/core/movement/movement'
import { PLACES } from '@/core/movement/search'
import { KIT } from '@/core/vocabulary'
import { FIRST_FIND, type Find } from '@/workers/libraryContract'
import { addressOf, findIn } from './findAddress'

const readBack = (address: string) => ({ ...FIRST_FIND, ...findIn(Object.fromEntries(new URLSearchParams(address))) })

test('a search comes back from its address as it was', () => {
  const finds: fc.Arbitrary<Find> = fc.record(
    {
      words: fc.string({ maxLength: 40 }),
      conditions: fc.uniqueArray(fc.constantFrom('osteoporosis', 'pregnancy', 'wheelchair-user'), { maxLength: 3 }),
      over65: fc.boolean(),
      forClass: fc.boolean(),
      most: fc.constantFrom(24, 48, 96),
      moving: fc.constant(false),
      purpose: fc.constantFrom(...PURPOSES),
      muscle: fc.constantFrom(...MUSCLES),
      place: fc.constantFrom(...PLACES),
      kit: fc.uniqueArray(fc.constantFrom(...KIT), { maxLength: 5 }),
    },
    { requiredKeys: ['words', 'conditions', 'over65', 'forClass', 'most', 'moving'] },
  )
  fc.assert(
    fc.property(finds, (find) => {
      expect(readBack(addressOf(find, ''))).toEqual(find)
    }),
  )
})

test('an address that says what there is not is read as far as it makes sense', () => {
  expect(readBack('?place=moon&most=a&kit=band,jet&words=row&over65=yes')).toEqual({ ...FIRST_FIND, words: 'row' })
})
