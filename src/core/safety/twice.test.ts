import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { conditionChoices } from '@/core/client'
import { assess, buildRuleBase, judge, type PersonFacts } from './index'

const base = buildRuleBase(CONDITIONS)
const SIDED = conditionChoices(base).filter(({ sided, dated }) => sided || dated)
const RANK = { 'as-planned': 0, modify: 1, swap: 2, 'leave-out': 3 } as const

type Record = PersonFacts['conditions'][number]
const verdicts = (conditions: Record[]) => {
  const assessment = assess(base, { age: 72, screenOutcome: 'go', conditions }, { supportInReach: true })
  return LIBRARY.entries.map(
    (entry) => RANK[judge(assessment, entry.vector, { movement: entry.movement.id }).verdict as keyof typeof RANK] ?? RANK['leave-out'],
  )
}

describe('two knees: the same condition twice is never judged milder than either of them', () => {
  test.each(SIDED.map(({ slug, variants, sided }) => ({ slug, variants, sided })))('$slug', ({ slug, variants, sided }) => {
    const left: Record = { slug, cleared: true, weeks: 4, ...(variants[0] && { variant: variants[0] }), ...(sided && { side: 'left' as const }) }
    const right: Record = { slug, cleared: true, weeks: 300, variant: variants.at(-1)!, ...(sided && { side: 'right' as const }) }
    const [one, other, both] = [verdicts([left]), verdicts([right]), verdicts([left, right])]
    const milder = both.flatMap((rank, at) => (rank < Math.max(one[at]!, other[at]!) ? [LIBRARY.entries[at]!.variant.id] : []))
    expect(milder).toEqual([])
    // in whatever order they were recorded
    expect(verdicts([right, left])).toEqual(both)
  })
})
