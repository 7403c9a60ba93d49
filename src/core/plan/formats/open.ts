import { z } from 'zod'
import { type BlockRun, common, gap, parted, rest, setsOfItem } from './common'

/** Until the instructor calls it: so long is expected, and the last ones are counted. */
export const openSchema = z.strictObject({
  ...common,
  format: z.literal('open'),
  /** of each set, the counted ones with it; an item's own seconds go first */
  expectedSeconds: z.number().int().min(5).max(900).default(45),
  /** counted aloud at the end */
  lastCounted: z.number().int().min(0).max(20).default(4),
  restBetweenSeconds: rest.optional(),
})

export const open: BlockRun<z.output<typeof openSchema>> = {
  label: 'Until I call it',
  words: ({ expectedSeconds, lastCounted }) => `about ${expectedSeconds} s${lastCounted > 0 ? `, the last ${lastCounted} counted` : ''}`,
  steps: ({ expectedSeconds, restBetweenSeconds }, items) =>
    parted(
      items,
      (item) => setsOfItem(item, { clockSeconds: item.dose.workSeconds ?? expectedSeconds }),
      (before) => gap('items', before.id, before.dose.restAfterSeconds ?? restBetweenSeconds),
    ),
}
