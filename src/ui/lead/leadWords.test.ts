import { describe, expect, test } from 'vitest'
import { itemSaid, loadWords } from './leadWords'
import type { LeadPack } from './pack'

const version = (movement: string, name: string, step: number) => ({ movement, name, step, cues: [], breath: '', picture: '' })
const VARIANTS: LeadPack['variants'] = {
  seat: version('Squat', 'Sitting', 0),
  half: version('Squat', 'Half way', 2),
  deep: version('Squat', 'Deep', 4),
  row: version('Row', 'Sitting tall', 1),
}

describe('what is said where an item begins', () => {
  test.each([
    ['a gentler version beside the planned one is said as gentler', ['deep', 'half', 'seat'], 'Squat. Gentler: Sitting'],
    ['a harder one beside a gentle plan is never called gentler', ['seat', 'deep'], 'Squat'],
    ['another movement is said as another', ['half', 'row'], 'Squat. Or: Row'],
    ['one version alone is its movement', ['half'], 'Squat'],
  ])('%s', (_, shown, words) => expect(itemSaid({ movement: 'Squat', shown }, VARIANTS, false)).toBe(words))
  test('short from the second set on', () => expect(itemSaid({ movement: 'Squat', shown: ['deep', 'seat'] }, VARIANTS, true)).toBe('Again: Squat'))
})

test('what somebody holds: a band by its name, whatever its pull, and a weight in the unit of the house', () => {
  expect(loadWords({ kg: 2, band: 'willow' }, 'kg')).toEqual(['Willow, light'])
  expect(loadWords({ kg: 2 }, 'kg')).toEqual(['2 kg'])
  expect(loadWords({ kg: 2 }, 'lb')).toEqual(['4 lb'])
  expect(loadWords({}, 'kg')).toEqual([])
  // a band that the house has no longer
  expect(loadWords({ band: 'gorse' }, 'kg')).toEqual(['gorse'])
})
