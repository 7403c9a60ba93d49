import { z } from 'zod'
import { type BlockRun, common, count, gap, inTurn, parted, range, rest, rounds, roundsOf, turn, turnGap } from './common'

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
    // a moving rest comes in every round
    const inRound = (round: number) =>
      inTurn(said === undefined ? items.filter(({ dose, asRest }) => asRest || dose.sets >= round) : items, round === all)
    return parted(
      range(all),
      (round) => {
        const turns = inRound(round)
        return parted(
          turns,
          (item) => [turn(item, round, said ?? (item.asRest ? all : item.dose.sets))],
          (before, index) => turnGap(before, turns[index], gap('round', before.id, before.dose.restAfterSeconds ?? restBetweenSeconds)),
        )
      },
      (round) => {
        const last = inRound(round).at(-1)
        return turnGap(last, inRound(round + 1)[0], gap('round', last?.id ?? '', restAfterRoundSeconds ?? restBetweenSeconds))
      },
    )
  },
}
