import { z } from 'zod'
import { type BlockRun, common, gap, parted, rest, setsOfItem } from './common'

/** All sets of one item, then the next. */
export const straightSchema = z.strictObject({
  ...common,
  format: z
    .literal('straight')
    .optional()
    .transform(() => 'straight' as const),
  /** from one item to the next */
  restBetweenSeconds: rest.optional(),
})

export const straight: BlockRun<z.output<typeof straightSchema>> = {
  label: 'Straight sets',
  words: ({ restBetweenSeconds }) => (restBetweenSeconds === undefined ? '' : `${restBetweenSeconds} s from one to the next`),
  steps: ({ restBetweenSeconds }, items) =>
    parted(
      items,
      (item) => setsOfItem(item),
      (before) => gap('items', before.id, before.dose.restAfterSeconds ?? restBetweenSeconds),
    ),
}
