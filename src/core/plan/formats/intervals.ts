import { z } from 'zod'
import { type BlockRun, common, count, gap, type Placed, parted, range, rest, rounds, type Step, work } from './common'

/** How hard a stretch is, in a word, and the exertion it stands for, 0 to 10. */
export const STRETCH_EFFORTS = { easy: 2, steady: 3, strong: 5, hard: 6 } as const
export type StretchEffort = keyof typeof STRETCH_EFFORTS
const EFFORTS = Object.keys(STRETCH_EFFORTS) as [StretchEffort, ...StretchEffort[]]

/** Work and rest by the clock. It is exact: set-up fits inside the rest. */
export const intervalsSchema = z.strictObject({
  ...common,
  format: z.literal('intervals'),
  rounds: rounds.default(1),
  workSeconds: z.number().int().min(5).max(600).default(30),
  restSeconds: rest.default(15),
  /** the first rest comes before the first work, and set-up is in it */
  restFirst: z.boolean().default(false),
  /** in place of the rest after the last item of a round */
  restAfterRoundSeconds: rest.optional(),
  /** unequal stretches of a round, in place of equal work: each has its length and effort, the items take them in turn */
  stretches: z
    .array(
      z.strictObject({
        seconds: z.number().int().min(5).max(900),
        effort: z.enum(EFFORTS).default('steady'),
        /** s of rest after it; left out = straight on */
        restSeconds: rest.default(0),
      }),
    )
    .min(1)
    .max(30)
    .optional(),
  /** a movement with two sides changes in the middle of its stretch, or has a stretch for each side */
  sidesIn: z.enum(['one-stretch', 'own-stretches']).default('one-stretch'),
})

export const intervals: BlockRun<z.output<typeof intervalsSchema>> = {
  label: 'By the clock',
  words: ({ rounds: all, workSeconds, restSeconds, stretches }) => {
    const each = stretches ? stretches.map(({ seconds, effort }) => `${seconds} s ${effort}`).join(', ') : `${workSeconds} s on, ${restSeconds} s off`
    return all > 1 ? `${each}, ${count(all, 'time')} round` : each
  },
  steps: ({ rounds: all, workSeconds, restSeconds, restFirst, restAfterRoundSeconds, stretches, sidesIn }, items) => {
    const [first] = items
    if (!first) return []
    const turns: { item: Placed; seconds: number; restSeconds: number; rpe: number | undefined }[] = stretches
      ? stretches.map(({ seconds, restSeconds: after, effort }, index) => ({
          item: items[index % items.length] ?? first,
          seconds,
          restSeconds: after,
          rpe: STRETCH_EFFORTS[effort],
        }))
      : items.map((item) => ({ item, seconds: workSeconds, restSeconds, rpe: undefined }))
    const one = ({ item, seconds, rpe, restSeconds: after }: (typeof turns)[number], round: number): Step[] => {
      const more = { clockSeconds: seconds, ...(rpe !== undefined && { rpe }) }
      const isTwice = sidesIn === 'own-stretches' && item.side === 'one-then-other'
      return isTwice
        ? [work(item, round, all, { ...more, side: 0 }), gap('round', item.id, after, true), work(item, round, all, { ...more, side: 1 })]
        : [work(item, round, all, more)]
    }
    const steps = parted(
      range(all),
      (round) =>
        parted(
          turns,
          (turn) => one(turn, round),
          (before) => gap('round', before.item.id, before.restSeconds, true),
        ),
      () => gap('round', turns.at(-1)!.item.id, restAfterRoundSeconds ?? turns.at(-1)!.restSeconds, true),
    )
    return restFirst ? [gap('round', '', restSeconds, true), ...steps] : steps
  },
}
