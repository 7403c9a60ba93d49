import { describe, expect, test } from 'vitest'
import { cutWords, farWords, itemSaid, loadWords } from './leadWords'
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
  test('of levels, gentlest first, the planned one is still the one that the others are gentler than', () =>
    expect(itemSaid({ movement: 'Squat', shown: ['seat', 'half', 'deep'], planned: 'half' }, VARIANTS, false)).toBe('Squat. Gentler: Sitting'))
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

test('from afar: what most do is said once, and by name only what others do', () => {
  const named = (variant: string) => VARIANTS[variant]!.name
  const person = (name: string, words = '') => ({ id: name, name, words })
  const half = { variant: 'half', people: [person('Bertil'), person('Edda'), person('Greta', '6 times'), person('Hartley', '6 times')] }
  const seat = { variant: 'seat', people: [person('Ingrid', 'arms low')] }
  expect(farWords([{ variant: 'deep', people: [person('Alba')] }, half, seat], named)).toEqual({
    most: 'Half way',
    others: [
      { names: ['Greta', 'Hartley'], words: '6 times' },
      { names: ['Alba'], words: 'deep' },
      { names: ['Ingrid'], words: 'sitting, arms low' },
    ],
  })
  // the same band for most is part of what most do
  const row = [person('Alba', 'Alder, medium'), person('Edda'), person('Greta', 'Alder, medium')]
  expect(farWords([{ variant: 'row', people: row }], named)).toEqual({
    most: 'Sitting tall, Alder, medium',
    others: [{ names: ['Edda'], words: 'as it is' }],
  })
  expect(farWords([{ variant: 'row', people: [] }], named)).toEqual({ most: 'Sitting tall', others: [] })
  expect(farWords([], named)).toEqual({ others: [] })
})

test('what is left out to save time names three things at most, and how many more', () => {
  const ids = ['Row', 'March', 'Squat', 'Curl', 'Press']
  const items = ids.map((movement) => ({ id: movement, movement })) as unknown as Parameters<typeof cutWords>[1]
  const said = (many: number) =>
    cutWords({ kind: 'set', drops: ids.slice(0, many).map((item) => ({ item, set: 2 })), seconds: 60, items: [], cost: 0 }, items)
  expect(said(1)).toBe('one set less of row')
  expect(said(3)).toBe('leave out a set of row, a set of march and a set of squat')
  expect(said(5)).toBe('leave out a set of row, a set of march and 3 more')
})
