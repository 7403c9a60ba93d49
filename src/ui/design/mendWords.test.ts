import { describe, expect, test } from 'vitest'
import type { Fitting, Mending } from '@/core/compose'
import type { Since, Trouble } from '@/core/evaluate'
import type { Names } from '@/workers/designerContract'
import { fittingWords, mendingWords, moreOrLess, priceWords, troublesTitle, troubleWords } from './mendWords'

const ITEMS: Record<string, string> = { i: 'Row', j: 'Pull apart', k: 'Row' }
const nameOf = (item: string) => ITEMS[item] ?? item
const blockOf = (block: string) => `“${block}”`
const NAMES: Names = {
  'row/air': { movement: 'Row', name: 'Air row' },
  'row/band-light': { movement: 'Row', name: 'Band row, light pull' },
  'squeeze/seat': { movement: 'Blade squeeze', name: 'Sitting tall' },
}
const verity = (items: string[]): Trouble => ({ code: 'nothing-for', person: 'v', name: 'Verity', items })

describe('what does not fit', () => {
  test.each<[Trouble, Record<string, Since>, string]>([
    [verity(['i']), {}, 'Verity has nothing to do in row.'],
    [verity(['i', 'j']), { v: 'new' }, 'Verity, who is new on the list, has nothing to do in row and pull apart.'],
    [verity(['i', 'k']), { v: 'today' }, 'Verity, after what was said at the door, has nothing to do in row.'],
    [verity(['i']), { v: 'record' }, 'Verity, whose record was changed, has nothing to do in row.'],
    [{ code: 'versions', most: 1, items: ['i'] }, {}, 'Row needs more versions side by side than the one that you show.'],
    [{ code: 'versions', most: 2, items: ['i', 'j'] }, {}, 'Row and Pull apart need more versions side by side than the 2 that you show.'],
    [{ code: 'kit', kit: ['band', 'ball'], items: ['i'] }, {}, 'Row needs bands and light balls, which this room does not have.'],
    [{ code: 'kit-few', kit: 'band', people: 9, enoughFor: 6, items: ['i'] }, {}, 'Row needs bands for 9 at a time; here is enough for 6.'],
    [{ code: 'floor', items: ['i', 'j'] }, {}, 'Row and Pull apart are done on the floor, and this class stays off it.'],
    [
      { code: 'low-ceiling', items: ['i'], needCm: 240, haveCm: 220 },
      {},
      'Row reaches up to about 240 cm; the ceiling is at 220. Lower arms, or sit.',
    ],
  ])('%j, %j', (trouble, since, words) => expect(troubleWords(trouble, nameOf, since)).toBe(words))

  test('only what is newer than the plan has changed since', () => {
    const kit: Trouble = { code: 'kit', kit: ['band'], items: ['i'] }
    expect(troublesTitle([verity(['i'])], { v: 'new' })).toBe('One thing has changed since you planned')
    expect(troublesTitle([verity(['i']), { ...verity(['j']), person: 'w' } as Trouble], { v: 'new', w: 'today' })).toBe(
      'Two things have changed since you planned',
    )
    expect(troublesTitle([verity(['i']), kit], { v: 'new' })).toBe('Two things do not fit')
    expect(troublesTitle([verity(['i'])], {})).toBe('One thing does not fit')
  })
})

test.each<[Mending, string]>([
  [{ code: 'version', from: 'row/band-light', to: 'row/air' }, 'Row: air row instead of band row, light pull'],
  [{ code: 'instead', from: 'row/band-light', to: 'squeeze/seat' }, 'Blade squeeze, sitting tall, in the place of row'],
  [{ code: 'levels-off' }, 'Row: one version and no levels'],
  [{ code: 'own-versions-off' }, 'Row: all sets in the same version'],
  [{ code: 'out' }, 'Row is left out'],
])('mended: %j', (does, words) => expect(mendingWords(does, 'Row', NAMES)).toBe(words))

test.each<[Fitting, string]>([
  [{ code: 'sets', items: ['i'], from: 2, to: 1 }, 'Row: 1 set instead of 2'],
  [{ code: 'sets', items: ['i', 'k'], from: 1, to: 3 }, 'Row: 3 sets instead of 1'],
  [{ code: 'work', items: ['j'], from: 60, to: 45 }, 'Pull apart: 45 s instead of 60'],
  [{ code: 'rounds', block: 'Main', from: 3, to: 1 }, '“Main”: 1 round instead of 3'],
  [{ code: 'out', items: ['i'] }, 'Row is left out'],
  [{ code: 'out', items: ['i', 'j'] }, 'Row and Pull apart are left out'],
  [{ code: 'words', block: 'Opening', from: 90, to: 30 }, 'Words in “Opening”: 30 s instead of 90'],
  [{ code: 'block-out', block: 'Heart' }, '“Heart” is left out'],
  [{ code: 'added', item: 'f1', variant: 'row/air' }, 'Row, air row, at the end of the main part'],
])('to another length: %j', (does, words) => expect(fittingWords(does, nameOf, blockOf, NAMES)).toBe(words))

test('what it costs, in minutes and muscles', () => {
  expect(
    priceWords({
      qualities: [
        { quality: 'strength', before: 480, after: 320 },
        { quality: 'heart', before: 90, after: 120 },
      ],
      lost: ['biceps'],
    }),
  ).toEqual(['Strength 8:00 → 5:20 and heart and breath 1:30 → 2:00.', 'Nothing is meant for the front of the arm any more.'])
  expect(priceWords({ qualities: [], lost: [] })).toEqual([])
  expect([moreOrLess(-85), moreOrLess(163)]).toEqual(['−1:25', '+2:43'])
})
