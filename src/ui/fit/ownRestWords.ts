import type { OwnRest } from '@/core/evaluate'
import type { PlanDraft } from '@/core/plan'
import { clock } from '@/core/timing'

/** What somebody leaves out because the group's rests are too short for them, in words. */
export function ownRestWords(rest: OwnRest, plan: PlanDraft): string {
  if (rest.code === 'every-second-set') return 'the 1st, 3rd, … set of each movement only, for more than double rests'
  const block = plan.phases.flatMap(({ blocks }) => blocks).find(({ id }) => id === rest.block)
  const where = block?.title ? `in “${block.title}”` : 'in this block'
  return rest.code === 'stretches'
    ? `leave out ${rest.leaves} of the ${rest.of} stretches ${where}, for longer rests than the clock or the music gives`
    : `${clock(rest.seconds)} at one go ${where}: offer a pause in between, with a chair near`
}
