import { z } from 'zod'
import { type BlockRun, common, count, gap, inTurn, parted, range, rest, rounds, roundsOf, turn, turnGap } from './common'

/** Every item once a round, for some rounds. */
export const circuitSchema = z.strictObject({
  ...common,
  format: z.literal('circuit'),
  /** left out = as many as the item with the most sets has */
  rounds: rounds.optional(),
  /** of these, the last ones are left out when time is short */
  optionalRounds: z.number().int().min(0).max(29).default(0),
  /** everybody works so long at each item; left out = by its dose */
  workSeconds: z.number().int().min(5).max(600).optional(),
  /** from one item to the next */
  changeSeconds: rest.optional(),
  restAfterRoundSeconds: rest.optional(),
})

export const circuit: BlockRun<z.output<typeof circuitSchema>> = {
  label: 'Circuit',
  words: ({ rounds: said, optionalRounds, workSeconds, changeSeconds, restAfterRoundSeconds }) =>
    [
      said && count(said, 'round'),
      optionalRounds > 0 && `the last ${optionalRounds === 1 ? 'one' : optionalRounds} if there is time`,
      workSeconds && `${workSeconds} s each`,
      changeSeconds !== undefined && `${changeSeconds} s to change`,
      restAfterRoundSeconds !== undefined && `${restAfterRoundSeconds} s after a round`,
    ]
      .filter(Boolean)
      .join(', '),
  steps: ({ rounds: said, optionalRounds, workSeconds, changeSeconds, restAfterRoundSeconds }, items) => {
    const all = roundsOf(said, items)
    const spare = (round: number) => round > all - optionalRounds && { optional: true as const }
    const clocked = workSeconds !== undefined && { clockSeconds: workSeconds }
    return parted(
      range(all),
      (round) => {
        const turns = inTurn(items, round === all)
        return parted(
          turns,
          (item) => [turn(item, round, all, { ...(item.asRest ? {} : clocked), ...spare(round) })],
          (before, index) => turnGap(before, turns[index], gap('round', before.id, before.dose.restAfterSeconds ?? changeSeconds)),
        )
      },
      // what stands last in the round and is a rest is the rest after it, unless one is said
      () => {
        const last = items.at(-1)
        const said = gap('rounds', last?.id ?? '', restAfterRoundSeconds)
        return restAfterRoundSeconds === undefined ? turnGap(last, items[0], said) : said
      },
    )
  },
}
