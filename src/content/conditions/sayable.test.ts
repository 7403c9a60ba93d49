import { describe, expect, test } from 'vitest'
import { demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { assess, buildRuleBase, judge, sayChange } from '@/core/safety'
import { CONDITIONS } from '.'

const base = buildRuleBase(CONDITIONS)
const DAY = '2026-11-28'

/** Every change that is asked of anybody of the demo, by anything in the library. */
function said(): Map<string, string> {
  const found = new Map<string, string>()
  for (const { record } of demoPeople(DAY)) {
    const person = assess(base, factsOn(base, clientSchema.parse(record), DAY), { supportInReach: true })
    for (const { vector } of LIBRARY.entries) {
      const judgement = judge(person, vector)
      if (judgement.verdict !== 'modify') continue
      for (const change of judgement.changes) found.set(`${change.attribute} ${change.to}`, sayChange(change, 'kg'))
    }
  }
  return found
}

describe('what is changed is said as one says it in class', () => {
  const all = said()
  test('there is much to say', () => expect(all.size).toBeGreaterThan(40))
  test.each([...all])('%s: %s', (_change, words) => {
    // no degrees, no scale, nothing that only a form would say
    expect(words).toMatch(/^[a-z0-9]/)
    expect(words).not.toMatch(/°|undefined|level|demand|instead of|: \d/)
    expect(words.length).toBeLessThan(60)
  })
})
