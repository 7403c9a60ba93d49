import { describe, expect, test } from 'vitest'
import { demandsOf, type PlannedDemands } from '@/core/movement'
import { LIBRARY } from '.'

/** What words ask of a person, and the demand that has to be judged where they do: words that ask for more than is judged are unsafe. */
const ASKED: Record<string, { words: RegExp; judged: (demands: PlannedDemands) => boolean; atLeast: number }> = {
  'a leg that crosses': {
    words: /cross(es|ing)? the other|(foot|feet|ankles?|legs?|knees?) cross(es)?\b/i,
    judged: (demands) => demands.hipAdductionPastMidline,
    atLeast: 3,
  },
  'quick movement': { words: /\b(quick|fast)(ly|er)?\b/i, judged: (demands) => demands.tempo >= 3, atLeast: 5 },
  'a head that turns': { words: /look (over|to|behind|round)|turn (the|your) head/i, judged: (demands) => demands.headTurn >= 1, atLeast: 5 },
  'hands over the head': {
    words: /(hands?|arms?|weights?)[^.,;]* (overhead|to the ceiling|high above)/i,
    judged: (demands) => demands.overheadReachDeg >= 80,
    atLeast: 3,
  },
  'a jump': { words: /\b(hop|jump)s?\b/i, judged: (demands) => demands.impactLevel >= 2, atLeast: 3 },
  'weight on the toes': { words: /tiptoe|on (your|the) toes|heels (rise|up|lift)/i, judged: (demands) => demands.ankleLoad >= 1, atLeast: 5 },
}

describe('the words of a step ask for nothing that is not judged', () => {
  const entries = LIBRARY.entries.map(({ movement, variant }) => ({
    id: variant.id,
    words: [variant.name, variant.cues.do].join('. '),
    demands: demandsOf(movement, variant),
  }))
  test.each(Object.entries(ASKED))('%s', (_what, { words, judged, atLeast }) => {
    const asking = entries.filter((entry) => words.test(entry.words))
    expect(asking.length, 'the words are looked for where they are used').toBeGreaterThanOrEqual(atLeast)
    expect(asking.filter(({ demands }) => !judged(demands)).map(({ id, words: said }) => `${id}: ${said}`)).toEqual([])
  })
})

test('no text names a mass: the weight is the plan’s, or a person’s own, and said in the unit of the house', () =>
  expect(LIBRARY.entries.filter(({ variant: { name, cues } }) => /\d ?(kg|lb)\b|kilo|pound/i.test([name, ...Object.values(cues)].join(' ')))).toEqual(
    [],
  ))
