import type { PlanInput } from '@/core/plan'

export type ItemInput = NonNullable<NonNullable<PlanInput['phases'][number]['blocks']>[number]['items']>[number]

/** Items of a block, by version; each may have a dose of its own. @param prefix of their ids */
export const items = (prefix: string, ...versions: (string | [string, NonNullable<ItemInput['dose']>])[]): ItemInput[] =>
  versions.map((one, index) =>
    typeof one === 'string' ? { id: `${prefix}${index + 1}`, variant: one } : { id: `${prefix}${index + 1}`, variant: one[0], dose: one[1] },
  )
