import { z } from 'zod'
import { type BlockRun, common, gap, parted, work } from './common'

/** As long as one song: the items share it. */
export const songSchema = z.strictObject({
  ...common,
  format: z.literal('song'),
  seconds: z.number().int().min(30).max(1200),
})

/** Seconds of a whole in equal parts that sum to it. */
const shares = (seconds: number, parts: number): number[] =>
  Array.from({ length: parts }, (_, index) => Math.round((seconds * (index + 1)) / parts) - Math.round((seconds * index) / parts))

export const song: BlockRun<z.output<typeof songSchema>> = {
  label: 'One song long',
  words: ({ seconds }) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')} of music`,
  steps: ({ seconds }, items) => {
    const each = shares(seconds, items.length)
    return parted(
      items,
      (item, index) => [work(item, 1, 1, { clockSeconds: each[index]! })],
      (before) => gap('flow', before.id, 0, true),
    )
  },
}
