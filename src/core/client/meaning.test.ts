import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { demoPeople } from '@/content/demo'
import { assess, buildRuleBase } from '../safety'
import { factsOn } from './facts'
import { meaningOf } from './meaning'
import { clientSchema } from './record'

const base = buildRuleBase(CONDITIONS)
const DAY = '2026-11-24'
const people = demoPeople(DAY).map(({ record }) => clientSchema.parse(record))
const words = new Map(CONDITIONS.flatMap(({ rules }) => rules.map((rule) => [rule.why, rule.then] as const)))

describe('what a condition means for somebody, in sentences', () => {
  test.each(people.map((record) => [record.given, record] as const))(
    '%s: each is a rule of that condition, said once, under what it asks',
    (_, record) => {
      const meanings = meaningOf(assess(base, factsOn(base, record, DAY)))
      const all = meanings.flatMap(({ leaveOut, change, good }) => [...leaveOut, ...change, ...good].map(({ why }) => why))
      expect(new Set(all).size).toBe(all.length)
      for (const { slug, leaveOut, good } of meanings) {
        const own = CONDITIONS.find((condition) => condition.slug === slug)!.rules
        for (const { why } of leaveOut) expect(own.some((rule) => rule.why === why && rule.then === 'avoid')).toBe(true)
        for (const { why } of good) expect(own.some((rule) => rule.why === why && rule.then === 'prefer')).toBe(true)
      }
      for (const why of all) expect(words.has(why)).toBe(true)
    },
  )

  test('a stage that passed takes its sentences with it', () => {
    const knee = (since: string) =>
      meaningOf(
        assess(
          base,
          factsOn(base, clientSchema.parse({ given: 'T', birthDate: '1950-01-01', conditions: [{ slug: 'knee-replacement', since }] }), DAY),
        ),
      ).find(({ slug }) => slug === 'knee-replacement')!
    const sentences = ({ leaveOut, change }: ReturnType<typeof knee>) => leaveOut.length + change.length
    expect(sentences(knee('2026-11-01'))).toBeGreaterThan(sentences(knee('2020-01-01')))
  })
})
