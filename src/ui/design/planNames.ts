import type { ClassModel } from '@/core/evaluate'
import { formatLabel, type PlanDraft } from '@/core/plan'

/** What a block is called in a sentence: by its title, else by the part that it is in. */
export function blockName(plan: PlanDraft, id: string): string {
  const phase = plan.phases.find(({ blocks }) => blocks.some((one) => one.id === id))
  const block = phase?.blocks.find((one) => one.id === id)
  return block ? `“${block.title || phase?.title || formatLabel(block.format)}”` : id
}

/** What the items of a class are called: by their movements. */
export const itemNames =
  ({ items }: Pick<ClassModel, 'items'>) =>
  (item: string): string =>
    items.find(({ id }) => id === item)?.movement ?? item
