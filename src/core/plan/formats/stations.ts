import { z } from 'zod'
import { type BlockRun, common, gap, parted, rest, setsOfItem } from './common'

/** Everything on one side of the chair, then everything on the other. */
export const stationsSchema = z.strictObject({
  ...common,
  format: z.literal('stations'),
  restBetweenSeconds: rest.optional(),
})

export const stations: BlockRun<z.output<typeof stationsSchema>> = {
  label: 'One side, then the other',
  words: ({ restBetweenSeconds }) => (restBetweenSeconds === undefined ? '' : `${restBetweenSeconds} s from one to the next`),
  steps: ({ restBetweenSeconds }, items) =>
    parted(
      [0, 1] as const,
      (side) =>
        parted(
          items,
          (item) => setsOfItem(item, { side }),
          (before) => gap(side === 0 ? 'items' : 'round', before.id, before.dose.restAfterSeconds ?? restBetweenSeconds),
        ),
      () => gap('side', items.at(-1)?.id ?? ''),
    ),
}
