import { z } from 'zod'
import { type BlockRun, common, count, gap, parted, range, work } from './common'

/** Round the room, or there and back; the items take the laps in turn. */
export const lapsSchema = z.strictObject({
  ...common,
  format: z.literal('laps'),
  laps: z.number().int().min(1).max(60),
  /** of one lap, as it is expected */
  lapSeconds: z.number().int().min(5).max(600).default(40),
})

export const laps: BlockRun<z.output<typeof lapsSchema>> = {
  label: 'Laps',
  words: ({ laps: all, lapSeconds }) => `${count(all, 'lap')} of about ${lapSeconds} s`,
  steps: ({ laps: all, lapSeconds }, items) =>
    items.length === 0
      ? []
      : parted(
          range(all),
          (lap) => [work(items[(lap - 1) % items.length]!, lap, all, { clockSeconds: lapSeconds })],
          (before) => gap('flow', items[(before - 1) % items.length]!.id),
        ),
}
