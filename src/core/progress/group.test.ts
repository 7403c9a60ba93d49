import fc from 'fast-check'
import { expect, test } from 'vitest'
import { QUALITIES } from '../coverage'
import { MUSCLES } from '../movement'
import { addDays } from '../vocabulary'
import { attendanceIn, trainedIn } from './group'

const DAYS = Array.from({ length: 6 }, (_, week) => addDays('2026-10-19', 7 * week))

test('who missed the last ones running, of those since they first came', () => {
  const came = new Map([
    ['always', DAYS],
    ['gone', DAYS.slice(0, 3)],
    ['new', DAYS.slice(4)],
    ['once', [DAYS[1]!]],
    ['never', []],
  ])
  expect(attendanceIn(DAYS, came)).toEqual([
    { person: 'always', came: 6, of: 6, missed: 0 },
    { person: 'gone', came: 3, of: 6, missed: 3 },
    { person: 'new', came: 2, of: 2, missed: 0 },
    { person: 'once', came: 1, of: 5, missed: 4 },
    { person: 'never', came: 0, of: 6, missed: 6 },
  ])
})

test('nobody came more often than there were classes, and what was missed running was not come to', () => {
  fc.assert(
    fc.property(fc.subarray(DAYS), (theirs) => {
      const [one] = attendanceIn(DAYS, new Map([['p', theirs]]))
      expect(one!.came).toBe(theirs.length)
      expect(one!.came + one!.missed).toBeLessThanOrEqual(one!.of)
      expect(DAYS.slice(DAYS.length - one!.missed).filter((day) => theirs.includes(day))).toEqual([])
    }),
  )
})

test('what was trained adds up, and everything else was forgotten', () => {
  const cover = fc.record({
    qualities: fc.uniqueArray(fc.record({ quality: fc.constantFrom(...QUALITIES), seconds: fc.integer({ min: 1, max: 900 }) }), {
      selector: ({ quality }) => quality,
    }),
    muscles: fc.uniqueArray(
      fc.record({ muscle: fc.constantFrom(...MUSCLES), sets: fc.integer({ min: 1, max: 9 }), seconds: fc.integer({ min: 1, max: 900 }) }),
      { selector: ({ muscle }) => muscle },
    ),
  })
  fc.assert(
    fc.property(fc.array(cover, { maxLength: 5 }), (classes) => {
      const { qualities, muscles, forgotten } = trainedIn(classes)
      const sum = (of: readonly number[]) => of.reduce((all, one) => all + one, 0)
      expect(sum(qualities.map(({ seconds }) => seconds))).toBe(sum(classes.flatMap((one) => one.qualities.map(({ seconds }) => seconds))))
      expect(sum(muscles.map(({ sets }) => sets))).toBe(sum(classes.flatMap((one) => one.muscles.map(({ sets }) => sets))))
      expect([...qualities.map(({ quality }) => quality), ...forgotten.qualities].toSorted()).toEqual([...QUALITIES].toSorted())
      expect([...muscles.map(({ muscle }) => muscle), ...forgotten.muscles].toSorted()).toEqual([...MUSCLES].toSorted())
    }),
  )
})
