import 'server-only'
import { assessRoster, type Evaluation, evaluate, type RosterFacts } from '@/core/evaluate'
import type { Catalogue } from '@/core/movement'
import type { Plan } from '@/core/plan'
import { RULE_BASE } from './ruleBase'

/** Classes that were judged by this process, the last one used last. The key holds all that a judgement depends on. */
const known = new Map<string, Evaluation>()
const MOST = 60

/** The judgement of a class, made once for the same plan, people and library. */
export function evaluationOf(plan: Plan, people: readonly RosterFacts[], catalogue: Catalogue, libraryKey: string): Evaluation {
  const key = JSON.stringify([plan, people, libraryKey])
  const evaluation = known.get(key) ?? evaluate(plan, assessRoster(RULE_BASE, people, plan), catalogue)
  known.delete(key)
  known.set(key, evaluation)
  const oldest = known.keys().next()
  if (known.size > MOST && !oldest.done) known.delete(oldest.value)
  return evaluation
}
