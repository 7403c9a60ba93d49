import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { conditionChoices } from '@/core/client'
import { assess, buildRuleBase } from '@/core/safety'
import { contradictions } from './contradictions'
import { draftOf } from './draft'

const base = buildRuleBase(CONDITIONS)
const choices = conditionChoices(base)
const byMedicine = choices.filter(({ medicine }) => medicine !== undefined)
const draft = (rest: object) => ({ ...draftOf('kg'), ...rest }) as ReturnType<typeof draftOf> & Record<string, unknown>
const recorded = (slug: string) => ({ conditions: [{ slug, variant: '', side: '', since: '', note: '', answers: {} }] })

describe('a medicine and its condition', () => {
  test('there are conditions that a medicine brings in', () => expect(byMedicine.length).toBeGreaterThan(1))
  test.each(byMedicine.map(({ slug, name, medicine }) => ({ slug, name, medicine: medicine! })))(
    '$name: said when one says no',
    ({ slug, name, medicine }) => {
      expect(contradictions(choices, draft({ ...recorded(slug), [medicine]: 'no' }))).toEqual([expect.stringContaining(name)])
      for (const answer of ['', 'yes']) expect(contradictions(choices, draft({ ...recorded(slug), [medicine]: answer }))).toEqual([])
      expect(contradictions(choices, draft({ [medicine]: 'no' }))).toEqual([])
    },
  )
  test('what is said is so: recorded, it counts though the medicine says no', () => {
    for (const { slug, medicine } of byMedicine) {
      const { conditions } = assess(base, { age: 60, conditions: [{ slug }], [medicine!]: false } as Parameters<typeof assess>[1])
      expect(conditions.map(({ condition }) => condition.slug)).toContain(slug)
    }
  })
})
