import { expect, test } from 'vitest'
import { CONDITIONS } from '.'
import { stageWords } from './stageWords'

test('no stage is shown as a key: no digit runs into a letter, nothing is hyphenated', () => {
  const shown = CONDITIONS.flatMap(({ variants }) => variants.map(stageWords))
  expect(shown.length).toBeGreaterThan(150)
  expect(shown.filter((words) => /[a-z]\d|\d[a-z]|-|\b(su|wk)\b/i.test(words))).toEqual([])
})
