import { describe, expect, test } from 'vitest'
import { MUSCLE_WORDS } from '@/content/muscleWords'
import { type CoverageHint, QUALITIES } from '@/core/coverage'
import { MUSCLES } from '@/core/movement'
import { hintWords, QUALITY_WORDS } from './coverageWords'

const HINTS: CoverageHint[] = [
  { code: 'same-muscles', item: 'i', before: 'j', muscles: ['glutes', 'quadriceps'], afterSeconds: 20 },
  { code: 'short-rest', item: 'i', restSeconds: 20, needSeconds: 60 },
  { code: 'hold-early', item: 'i', holdSeconds: 60 },
  { code: 'hardest-late', item: 'i' },
  { code: 'more-new', have: 6, most: 4 },
  { code: 'push-without-pull', sets: 3, other: 0 },
  { code: 'pull-without-push', sets: 3, other: 1 },
  { code: 'one-side', item: 'i', side: 'left' },
  { code: 'sitting-long', seconds: 1300, fromSeconds: 60 },
  { code: 'standing-long', seconds: 1000, fromSeconds: 0 },
  { code: 'lying-long', seconds: 700, fromSeconds: 900 },
  { code: 'nothing-for', quality: 'balance' },
]
const nameOf = (item: string) => ({ i: 'Squat', j: 'Sit to stand' })[item] ?? item

describe('what is worth a look reads like a sentence', () => {
  test('all of them, written out', () => {
    expect(HINTS.map((hint) => hintWords(hint, nameOf)).join('\n')).toMatchInlineSnapshot(`
      "Squat works the buttocks and front of the thigh again 20 s after Sit to stand: a minute between is kinder, or something else in between.
      Squat: 20 s between hard sets of the same muscles; 60 s is the usual.
      Squat is held for 60 s before the work it would weaken a little: after it is better.
      Squat is the hardest of all and comes last, when people are tired.
      6 movements are new to this group; 4 at a time is what most take in.
      3 sets of pushing and none of pulling.
      3 sets of pulling and one set of pushing.
      Squat is done on the left only.
      From 1:00 on everybody sits for 21:40 without getting up.
      From 0:00 on everybody stands for 16:40 without sitting down.
      From 15:00 on everybody lies on the back for 11:40.
      Nothing for balance yet."
    `)
  })
  test('none names a code, a field or an id', () => {
    for (const words of [...HINTS.map((hint) => hintWords(hint, nameOf)), ...Object.values(MUSCLE_WORDS), ...Object.values(QUALITY_WORDS)])
      expect(words).not.toMatch(/[a-z][A-Z]|_|undefined|NaN|\b[a-z]+-[a-z]+-[a-z]+\b/)
  })
  test('every muscle and quality has a word', () => {
    for (const muscle of MUSCLES) expect(MUSCLE_WORDS[muscle].length).toBeGreaterThan(2)
    for (const quality of QUALITIES) expect(QUALITY_WORDS[quality].length).toBeGreaterThan(2)
  })
})
