import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Verdict } from '../safety'
import { changedVerdicts, judgedOf, type NamedCell } from './judged'

const VERDICTS: Verdict[] = ['as-planned', 'modify', 'swap', 'leave-out']
const cell = fc.record({
  item: fc.constantFrom('i', 'j', 'k'),
  what: fc.constantFrom('squat', 'march'),
  person: fc.constantFrom('p', 'q', 'r'),
  verdict: fc.constantFrom(...VERDICTS),
  movement: fc.constant('Squat'),
  name: fc.constant('Ada'),
})
const cells: fc.Arbitrary<NamedCell[]> = fc.uniqueArray(cell, { selector: ({ item, what, person }) => `${item} ${what} ${person}`, maxLength: 12 })
const key = ({ item, what, person }: Pick<NamedCell, 'item' | 'what' | 'person'>) => `${item} ${what} ${person}`

describe('verdicts that changed', () => {
  test('none when nothing did', () => {
    fc.assert(
      fc.property(cells, (now) => {
        expect(changedVerdicts(judgedOf('r', now), now)).toEqual([])
      }),
    )
  })
  test('each is of a cell that is the same in all but its verdict; what is new or gone is not told', () => {
    fc.assert(
      fc.property(cells, cells, (before, now) => {
        const known = new Map(before.map((one) => [key(one), one.verdict]))
        const told = changedVerdicts(judgedOf('r', before), now)
        const expected = now.filter((one) => known.has(key(one)) && known.get(key(one)) !== one.verdict)
        expect(told.map(({ item, person, is }) => [item, person, is])).toEqual(expected.map(({ item, person, verdict }) => [item, person, verdict]))
        for (const { was, is } of told) expect(was).not.toBe(is)
      }),
    )
  })
  test('there and back tells the same cells', () => {
    fc.assert(
      fc.property(cells, cells, (before, now) => {
        const there = changedVerdicts(judgedOf('r', before), now).map(({ item, person, was, is }) => [item, person, was, is].join())
        const back = changedVerdicts(judgedOf('r', now), before).map(({ item, person, was, is }) => [item, person, is, was].join())
        expect(there.sort()).toEqual(back.sort())
      }),
    )
  })
  test('no name is kept', () => {
    fc.assert(
      fc.property(cells, (now) => {
        expect(JSON.stringify(judgedOf('r', now))).not.toMatch(/Ada|Squat/)
      }),
    )
  })
})
