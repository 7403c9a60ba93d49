import type { Block } from '../plan'

/** What a stretch of time depends on: a clock or music, counted repetitions, a kept position, or all that is between. */
export const DEPENDS = ['clock', 'counted', 'held', 'between'] as const
export type Depends = (typeof DEPENDS)[number]

/**
 * How an instructor's real times differ from the house's: factors on counted, held and between, above it on each movement. What a clock or
 * music keeps, and what the plan states in seconds, is never scaled.
 */
export interface Rates {
  counted: number
  held: number
  between: number
  /** on the counted and held time of a movement, by its id */
  movements: Readonly<Record<string, number>>
}
export const HOUSE_RATES: Rates = { counted: 1, held: 1, between: 1, movements: {} }

/** The pace of a block: the one that was learned, unless the plan says that it is the house's or stays as it was. */
export const ratesOf = ({ pace }: Pick<Block, 'pace'>, learned: Rates): Rates =>
  pace === undefined ? learned : pace === 'house' ? HOUSE_RATES : pace

/** The same muscles come again no earlier than this after their last set, s, times the factor (rule base 5.1, short rests). */
export const AGAIN_SECONDS = 60
/** From this factor on people rest between exercises even when muscles alternate (5.1). */
export const REST_BETWEEN_FACTOR = 1.5
/** The rest that the exercises of a circuit then have between them, s (5.1). */
export const REST_BETWEEN_SECONDS = 30

/** House estimates of what is between, s. Each is an estimate of this tool until the instructor's own times are known. */
export const BETWEEN = {
  /** from one item to the next: praise, a name, a count-in */
  link: 8,
  /** of the link, the count-in */
  countIn: 3,
  /** to fetch, put away or change kit */
  kit: 10,
  /** to show what is new to the group */
  showing: 12,
  /** between sets where the plan states nothing */
  rest: 20,
  /** change-over in a round */
  changeOver: 10,
  /** on top of it: kit changes hands, or the item is shown for the first time */
  changeOverKit: 5,
  changeOverShowing: 10,
} as const
