import type { Catalogue } from '../movement'
import { type Plan, prescriptionsIn } from '../plan'
import { Expansion } from './expansion'
import { HOUSE_RATES, type Rates } from './rates'
import { AS_WRITTEN, type Pacing, type Timeline } from './segment'

/**
 * The plan in seconds, and what each second is for: exact and the same for the same input.
 *
 * @param pacing what the people who take part make of rests and pauses; as written when left out
 * @param rates the instructor's pace; the house's when left out
 */
export function expand(plan: Plan, catalogue: Catalogue, pacing: Pacing = AS_WRITTEN, rates: Rates = HOUSE_RATES): Timeline {
  const expansion = new Expansion(plan.familiar, pacing, rates)
  for (const phase of plan.phases) {
    for (const block of phase.blocks) {
      expansion.block(phase, block, prescriptionsIn(block, catalogue, plan.bpm))
    }
  }
  const made = expansion.result()
  let startSeconds = 0
  const phases = plan.phases.map(({ id, kind }) => {
    const seconds = made.segments.filter((segment) => segment.phase === id).reduce((sum, segment) => sum + segment.seconds, 0)
    const entry = { id, kind, startSeconds, seconds }
    startSeconds += seconds
    return entry
  })
  return { ...made, phases }
}
