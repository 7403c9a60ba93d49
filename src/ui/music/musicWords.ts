import type { ClassModel } from '@/core/evaluate'
import { formatLabel, type PlanDraft } from '@/core/plan'
import { clock } from '@/core/timing'

/** What plays, what of it is cut, where it is silent, and where the beat is another: a line each. */
export function musicLines(plan: PlanDraft, { cues, silent, offBeat }: ClassModel['music']): string[] {
  const blocks = new Map(
    plan.phases.flatMap((phase) => phase.blocks.map((block) => [block.id, block.title || phase.title || formatLabel(block.format)])),
  )
  return [
    ...cues.map(
      ({ title, atSeconds, cutSeconds, block }) =>
        `${clock(atSeconds)} ${title}, in ${blocks.get(block)}${cutSeconds > 0 ? `; its last ${clock(cutSeconds)} is cut` : ''}.`,
    ),
    ...silent.map(({ block, atSeconds, seconds }) => `${clock(atSeconds)} nothing left to play in ${blocks.get(block)}, for ${clock(seconds)}.`),
    ...offBeat.map(({ block, track, blockBpm, trackBpm }) => `${blocks.get(block)} counts ${blockBpm} beats a minute; ${track} has ${trackBpm}.`),
  ]
}
