import { z } from 'zod'
import { type BlockRun, common, gap, parted, range, rest, work } from './common'

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
      (item) =>
        parted(
          range(item.dose.sets),
          (set) => [work(item, set, item.dose.sets)],
          () => gap('sets', item.id, item.dose.restSeconds),
        ),
      (before) => gap('items', before.id, before.dose.restAfterSeconds ?? restBetweenSeconds),
    ),
}
