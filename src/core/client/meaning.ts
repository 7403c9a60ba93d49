import type { Assessment, CompiledRule } from '../safety'

/** One rule in the words of the rule base. */
export interface Meant {
  why: string
  /** what to do instead, or how */
  offer?: string
}

/** What a condition comes to for somebody as they are now. */
export interface Meaning {
  slug: string
  name: string
  rationale: string
  leaveOut: Meant[]
  change: Meant[]
  good: Meant[]
}

const meant = ({ rule: { why, offer, cue } }: CompiledRule): Meant => {
  const how = offer ?? cue
  return { why, ...(how && { offer: how }) }
}

/** Rules that can fire for this person, under the condition they come from, in sentences; what is said twice is said once. */
export function meaningOf({ conditions, rules }: Pick<Assessment, 'conditions' | 'rules'>): Meaning[] {
  const said = new Set<string>()
  // what is recorded of the person first, what holds for everybody last
  const first = conditions.toSorted((a, b) => Number(b.presence === 'recorded') - Number(a.presence === 'recorded'))
  return [...new Map(first.map(({ condition }) => [condition.slug, condition])).values()].flatMap(({ slug, name, rationale }): Meaning[] => {
    const mine = rules.filter((one) => one.rule.why !== '' && one.condition === slug && !said.has(one.rule.why) && said.add(one.rule.why))
    const those = (then: CompiledRule['rule']['then']) => mine.filter(({ rule }) => rule.then === then).map(meant)
    const [leaveOut, change, good] = [those('avoid'), those('modify'), those('prefer')]
    return leaveOut.length + change.length + good.length === 0 ? [] : [{ slug, name, rationale, leaveOut, change, good }]
  })
}
