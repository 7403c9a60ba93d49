import fc from 'fast-check'
import { expect, test } from 'vitest'
import { unkeepable } from './keepable'

test('any well-formed document without NUL can be kept', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (document) => {
      const text = JSON.stringify(document)
      fc.pre(!text.includes('\\u0000') && !/\\ud[89a-f]/i.test(text))
      expect(unkeepable(document)).toEqual([])
    }),
  )
})
test('a NUL or half a character is found wherever it stands, with its place', () => {
  expect(unkeepable({ a: [{ b: 'x\0' }], c: 'whole' })).toEqual([{ path: '$.a[0].b', message: expect.stringContaining('NUL') }])
  expect(unkeepable({ a: ['ok', '\ud83d'] })).toEqual([{ path: '$.a[1]', message: expect.stringContaining('half a character') }])
  expect(unkeepable({ 'k\0': 1 })).toHaveLength(1)
  expect(unkeepable('😀 Zoë\n')).toEqual([])
})
