import { z } from 'zod'
import { type BlockRun, common, gap, parted, setsOfItem } from './common'

/** To music, one after the other without a stop: the length follows from counts and beats. */
export const countsSchema = z.strictObject({
  ...common,
  format: z.literal('counts'),
})

export const counts: BlockRun<z.output<typeof countsSchema>> = {
  label: 'Counts to music',
  words: ({ bpm }) => (bpm ? `${bpm} beats a minute` : ''),
  steps: (_, items) =>
    parted(
      items,
      (item) => setsOfItem(item, {}, gap(item.dose.restSeconds === undefined ? 'flow' : 'sets', item.id, item.dose.restSeconds, true)),
      (before) => gap(before.dose.restAfterSeconds === undefined ? 'flow' : 'items', before.id, before.dose.restAfterSeconds),
    ),
}
