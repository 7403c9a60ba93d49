import { z } from 'zod'
import { type BlockRun, common, count, gap, parted, range, rest, rounds, roundsOf, work } from './common'

/** Two, three or more items in turn, one set of each, until all sets are done. */
export const alternatedSchema = z.strictObject({
  ...common,
  format: z.literal('alternated'),
  /** left out = as many as the item with the most sets has */
  rounds: rounds.optional(),
  restBetweenSeconds: rest.optional(),
  restAfterRoundSeconds: rest.optional(),
})

export const alternated: BlockRun<z.output<typeof alternatedSchema>> = {
  label: 'In turn',
  words: ({ rounds: said, items }) => [items.length === 2 ? 'a pair' : '', said ? count(said, 'time') : ''].filter(Boolean).join(', '),
  steps: ({ rounds: said, restBetweenSeconds, restAfterRoundSeconds }, items) => {
    const all = roundsOf(said, items)
    const inRound = (round: number) => (said === undefined ? items.filter(({ dose }) => dose.sets >= round) : items)
    return parted(
      range(all),
      (round) =>
        parted(
          inRound(round),
          (item) => [work(item, round, said ?? item.dose.sets)],
          (before) => gap('round', before.id, before.dose.restAfterSeconds ?? restBetweenSeconds),
        ),
      (round) => gap('round', inRound(round).at(-1)?.id ?? '', restAfterRoundSeconds ?? restBetweenSeconds),
    )
  },
}
