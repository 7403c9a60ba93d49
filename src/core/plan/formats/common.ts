import { z } from 'zod'
import type { PlanDose } from '../dose'
import { idSchema, itemSchema } from '../item'

const factor = z.number().min(0.2).max(5)
/** How an instructor's times differ from the house's: factors on what is counted, held and between, and on single movements above them. */
export const ratesSchema = z.strictObject({
  counted: factor,
  held: factor,
  between: factor,
  movements: z.record(z.string().max(90), factor).default({}),
})

/** What every block has. */
export const common = {
  id: idSchema,
  title: z.string().max(80).default(''),
  /** left out when time is short: the forecast is then a range */
  optional: z.boolean().optional(),
  /** water and a breath after the block, s; the set-up of what follows fits inside */
  pauseAfter: z.number().int().min(0).max(600).default(0),
  /** beats a minute of its music; left out = that of the plan */
  bpm: z.number().min(30).max(240).optional(),
  /** track of the class's playlist that begins with the block; it goes on with the list till the block is over */
  track: idSchema.optional(),
  /** its length is forecast by the house's estimates, or at a pace that stays as it is; left out = at the pace learned so far */
  pace: z.union([z.literal('house'), ratesSchema]).optional(),
  items: z.array(itemSchema).max(40).default([]),
}
export const rest = z.number().int().min(0).max(600)
export const rounds = z.number().int().min(1).max(30)

/** An item as the order of a block depends on it. */
export interface Placed {
  id: string
  /** library version; none of a described movement */
  variant?: string | undefined
  dose: PlanDose
  side: NonNullable<PlanDose['sides']>
  optional?: boolean | undefined
  asRest?: boolean | undefined
}

/** What happens next in a block; the timeline makes seconds of it. */
export type Step =
  | {
      kind: 'work'
      item: string
      /** 1-based, and how many in all */
      set: number
      sets: number
      /** only this side; left out = as the item uses its sides */
      side?: 0 | 1
      /** by the clock, whatever the dose says, s; two sides share it */
      clockSeconds?: number
      /** effort of this stretch, where it is not that of the dose */
      rpe?: number
      optional?: true
      /** an easy movement in place of a rest */
      moving?: true
    }
  | {
      kind: 'gap'
      /**
       * - sets: of one item
       * - items: from one item to another
       * - round: from one item to another that take turns
       * - rounds: after the last item of a round
       * - flow: no gap but what a change of place needs
       * - side: everybody changes to the other side
       */
      between: 'sets' | 'items' | 'round' | 'rounds' | 'flow' | 'side'
      /** said in the plan; left out = not said */
      seconds?: number
      /** kept by a clock or by music: never made longer for anybody, and set-up fits inside */
      exact?: true
      /** to a moving rest or from it: people go straight on, but for the rest that some need on top (rule base 5.7) */
      moving?: true
      /** after this item */
      after: string
    }
  | { kind: 'quiet' }

/** How one format runs. */
export interface BlockRun<B> {
  /** its name on screen */
  label: string
  /** in a few words, with its numbers */
  words: (block: B) => string
  steps: (block: B, items: readonly Placed[]) => Step[]
}

export const range = (n: number): number[] => Array.from({ length: n }, (_, index) => index + 1)
export const gap = (between: (Step & { kind: 'gap' })['between'], after: string, seconds?: number, exact = false): Step & { kind: 'gap' } => ({
  kind: 'gap',
  between,
  after,
  ...(seconds !== undefined && { seconds }),
  ...(exact && { exact }),
})
export const work = (item: Placed, set: number, sets: number, more: Partial<Step & { kind: 'work' }> = {}): Step => ({
  kind: 'work',
  item: item.id,
  set,
  sets,
  ...(item.optional && { optional: true }),
  ...more,
})

/** Steps with a gap between each two of them. @param between the gap before the second of two */
export function parted<T>(list: readonly T[], each: (one: T, index: number) => readonly Step[], between: (before: T, index: number) => Step): Step[] {
  return list.flatMap((one, index) => [...(index > 0 ? [between(list[index - 1]!, index)] : []), ...each(one, index)])
}

/** All sets of one item. @param each what a set is beside its number @param between the gap after a set */
export const setsOfItem = (
  item: Placed,
  each: Partial<Step & { kind: 'work' }> = {},
  between: Step = gap('sets', item.id, item.dose.restSeconds),
): Step[] =>
  parted(
    range(item.dose.sets),
    (set) => [work(item, set, item.dose.sets, each)],
    () => between,
  )

/** As many rounds as are said, else as the most sets of an item. */
export const roundsOf = (said: number | undefined, items: readonly Placed[]): number =>
  said ?? Math.max(1, ...items.filter(({ asRest }) => !asRest).map(({ dose }) => dose.sets))

/** The items of a round without those that would be a rest with nothing behind it. @param isLast of the block */
export function inTurn(items: readonly Placed[], isLast: boolean): Placed[] {
  const last = items.findLastIndex(({ asRest }) => !asRest)
  return last < 0 || !isLast ? [...items] : items.slice(0, last + 1)
}

/** A gap between two that take turns: to a moving rest and from it people go straight on. */
export function turnGap(before: Placed | undefined, next: Placed | undefined, otherwise: Step & { kind: 'gap' }): Step {
  if (!before?.asRest && !next?.asRest) return otherwise
  const { seconds: _said, ...straight } = otherwise
  return { ...straight, moving: true }
}
/** One turn of an item, easily where it is a rest. */
export const turn = (item: Placed, round: number, rounds: number, more: Partial<Step & { kind: 'work' }> = {}): Step =>
  work(item, round, rounds, { ...more, ...(item.asRest && { moving: true }) })

export const count = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`
