import type { Catalogue } from '../movement'
import { applyEdit, checkPlan, type Edit, type Plan } from '../plan'
import { VERDICTS, type Verdict } from '../safety'
import { expand, type Rates } from '../timing'
import { type Evaluation, evaluate } from './evaluate'
import type { Roster } from './roster'

/** A class as it was judged: what an offer stands on. */
export interface Judged {
  plan: Plan
  evaluation: Evaluation
  roster: Roster
  catalogue: Catalogue
  rates: Rates
}

/** How far a verdict is from the plan. */
export const rankOf = (verdict: Verdict): number => VERDICTS.indexOf(verdict)

/** Items that are stricter for somebody than before, and new ones in which somebody who takes part has nothing to do. */
export function worseIn(before: Evaluation, after: Evaluation): Set<string> {
  const known = new Map(before.items.map((item) => [item.prescription.item.id, item]))
  return new Set(
    after.items.flatMap(({ prescription: { item }, placements, uses }) => {
      const old = known.get(item.id)
      const isWorse = placements.some(({ judgement }, person) => {
        if (uses[person]!.kind === 'closed') return false
        if (!old) return uses[person]!.kind !== 'does'
        return rankOf(judgement.verdict) > rankOf(old.placements[person]!.judgement.verdict)
      })
      return isWorse ? [item.id] : []
    }),
  )
}

/**
 * The class with an edit, unless it is then too long, somebody is worse off for it or has nothing to do in what is added, or the class is warned
 * of something new.
 *
 * @param until length that is not to be passed, s
 */
export function harmless(now: Plan, edit: Edit, from: Judged, until: number): { plan: Plan; seconds: number; evaluation: Evaluation } | undefined {
  const { evaluation: before, roster, catalogue, rates } = from
  const checked = checkPlan(applyEdit(now, edit).plan, catalogue)
  if ('problems' in checked || expand(checked.plan, catalogue, undefined, rates).totalSeconds > until) return undefined
  const after = evaluate(checked.plan, roster, catalogue, rates)
  const seconds = after.timeline.totalSeconds
  if (seconds > until || after.warnings.length > before.warnings.length) return undefined
  return worseIn(before, after).size === 0 ? { plan: checked.plan, seconds, evaluation: after } : undefined
}
