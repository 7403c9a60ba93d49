import { describe, expect, test } from 'vitest'
import { HOUSE_RULE_NAMES, HOUSE_RULES, type HouseRules, houseRulesSchema } from '@/core/vocabulary'
import { HOUSE_RULE_WORDS, houseWords } from './houseRules'

describe.each(HOUSE_RULE_NAMES)('%s', (rule) => {
  test('every choice has words and a reason of its own', () => {
    const { title, choices } = HOUSE_RULE_WORDS[rule]
    expect(title.length).toBeGreaterThan(5)
    expect(Object.keys(choices).sort()).toEqual([...HOUSE_RULES[rule]].sort())
    const reasons = Object.values(choices).map(({ because }) => because)
    expect(new Set(reasons).size).toBe(reasons.length)
    for (const because of reasons) expect(because.length).toBeGreaterThan(20)
  })
  test('each choice is kept as it is chosen', () => {
    for (const choice of HOUSE_RULES[rule]) expect(houseRulesSchema.parse({ [rule]: choice })[rule]).toBe(choice)
  })
  test('the first holds until somebody chooses', () => {
    const chosen = houseRulesSchema.parse({}) as HouseRules
    expect(chosen[rule]).toBe(HOUSE_RULES[rule][0])
    expect(houseWords(rule, chosen).label.length).toBeGreaterThan(3)
  })
})
