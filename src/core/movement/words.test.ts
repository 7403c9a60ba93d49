import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { LIBRARY } from '@/content/movements'
import { SPOKEN } from '@/content/movements/spoken'
import { PLACES, placeOf, type SearchIndex, sayable, search, searchIndex } from './search'
import { wordFinder } from './words'

const all = LIBRARY.entries.map((entry) => sayable(entry, SPOKEN))
const find = wordFinder(all)
const named = fc.constantFrom(...LIBRARY.movements)

describe('finding by words', () => {
  test('words that say nothing find everything, in the order given', () => {
    const everything = all.map(({ id }) => id)
    for (const words of ['', '   ', 'the', 'and a of']) expect(find(words)).toEqual(everything)
  })
  test('whoever types a name finds it, in whatever case and with whatever between the words', () => {
    fc.assert(
      fc.property(named, fc.constantFrom('lower', 'upper', 'as'), fc.constantFrom(' ', '  ', ', ', '-'), ({ id, name }, letters, between) => {
        const cased = letters === 'lower' ? name.toLowerCase() : letters === 'upper' ? name.toUpperCase() : name
        const found = find(cased.split(' ').join(between))
        expect(found.some((variant) => variant.startsWith(`${id}/`))).toBe(true)
      }),
      { numRuns: 300 },
    )
  })
  test('a beginning of three letters and more finds what the whole word finds', () => {
    fc.assert(
      fc.property(named, fc.nat(20), ({ id, name }, cut) => {
        const word = name.split(/[^\p{L}]+/u).find((one) => one.length >= 4)
        if (!word) return
        const begun = word.slice(0, 3 + (cut % (word.length - 2)))
        expect(find(begun).some((variant) => variant.startsWith(`${id}/`))).toBe(true)
      }),
      { numRuns: 300 },
    )
  })
  test('nothing is found twice, and nothing that is not there', () => {
    const known = new Set(all.map(({ id }) => id))
    fc.assert(
      fc.property(fc.string({ maxLength: 24 }), (words) => {
        const found = find(words)
        expect(new Set(found).size).toBe(found.length)
        for (const id of found) expect(known.has(id)).toBe(true)
      }),
      { numRuns: 300 },
    )
  })
})

describe('filters beside the words', () => {
  const index: SearchIndex = searchIndex(LIBRARY, SPOKEN)
  const place = fc.constantFrom(...PLACES)
  test('what is found fits each of them, and without them nothing fewer is found', () => {
    const purpose = fc.constantFrom(...new Set(LIBRARY.movements.map((movement) => movement.purpose)))
    fc.assert(
      fc.property(
        fc.option(place, { nil: undefined }),
        fc.option(purpose, { nil: undefined }),
        fc.constantFrom('', 'hip', 'row'),
        (where, what, words) => {
          const narrow = search(index, { words, ...(where && { place: where }), ...(what && { purpose: what }) })
          const wide = new Map(search(index, { words }).map(({ movement, variants }) => [movement, variants]))
          for (const { movement, variants } of narrow) {
            expect(wide.has(movement)).toBe(true)
            expect(variants.length).toBeGreaterThan(0)
            for (const id of variants) {
              const entry = LIBRARY.byId.get(id)!
              if (where) expect(placeOf(entry.planned.basePosition)).toBe(where)
              if (what) expect(entry.movement.purpose).toBe(what)
            }
          }
        },
      ),
      { numRuns: 120 },
    )
  })
  test('with no kit at all only what needs none but a chair is there', () => {
    for (const { variants } of search(index, { words: '', kit: [] }))
      for (const id of variants) expect(LIBRARY.byId.get(id)!.variant.kit.filter((kit) => kit !== 'chair')).toEqual([])
  })
  test('only what may be done is counted', () => {
    const only = new Set(LIBRARY.entries.filter((_, at) => at % 3 === 0).map(({ variant }) => variant.id))
    for (const { variants } of search(index, { words: '', only })) expect(variants.every((id) => only.has(id))).toBe(true)
    expect(search(index, { words: '', only: new Set() })).toEqual([])
  })
})
