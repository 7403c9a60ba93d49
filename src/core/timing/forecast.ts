import type { Block } from '../plan'
import { groupedBy } from '../vocabulary'
import { HOUSE_PACE, houseOf, NOISE_SD, type Pace, square, sumOf, type Vector } from './pace'
import { ratesOf } from './rates'
import type { Segment, Timeline } from './segment'

/** A forecast with its range. */
export interface Forecast {
  seconds: number
  /** eight of ten times it is between these */
  lowSeconds: number
  highSeconds: number
}
export interface BlockForecast extends Forecast {
  /** parts of it are the instructor's to say: not all is kept by clock or music */
  scaled: boolean
}

/** Four of five times a normal value is within so many standard deviations. */
const EIGHT_OF_TEN = 1.2816

const variance = (slope: Vector, covariance: Pace['covariance']): number =>
  slope.reduce((sum, one, i) => sum + one * slope.reduce((row, other, j) => row + (covariance[i]?.[j] ?? 0) * other, 0), 0)
const plus = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]]
const ZERO: Vector = [0, 0, 0]

/** Segments as their lengths vary: by block, with what is known of whose pace it has. */
export function piecesOf(segments: readonly Segment[], blocks: readonly Pick<Block, 'id' | 'pace'>[], pace: Pace) {
  const ids = blocks.map(({ id }) => id)
  const byId = new Map(blocks.map((block) => [block.id, block]))
  return {
    blocks: ids,
    spreads: [pace.covariance, HOUSE_PACE.covariance],
    pieces: segments.map(({ block, seconds, house }) => {
      const own = byId.get(block)
      const rates = ratesOf(own ?? {}, pace.rates)
      const scaled: [number, number, number] = [
        (house.counted ?? 0) * rates.counted,
        (house.held ?? 0) * rates.held,
        (house.between ?? 0) * rates.between,
      ]
      const spread = own?.pace === undefined ? 0 : own.pace === 'house' ? 1 : undefined
      const sum = scaled[0] + scaled[1] + scaled[2]
      // what is scaled of a movement of its own pace is longer or shorter by it: the clock keeps the rest
      const times = sum > 0 ? Math.min(1, seconds / sum) : 1
      const parts: [number, number, number] = [scaled[0] * times, scaled[1] * times, scaled[2] * times]
      return {
        clock: Math.max(0, seconds - parts[0] - parts[1] - parts[2]),
        scaled: parts,
        stretch: Math.max(0, ids.indexOf(block)),
        ...(spread !== undefined && { spread }),
      }
    }),
  }
}

/** Around a point, never below what a clock keeps. */
function about(seconds: number, kept: number, spread: number): Forecast {
  const wide = EIGHT_OF_TEN * Math.sqrt(Math.max(0, spread))
  return { seconds, lowSeconds: Math.round(Math.max(kept, seconds - wide)), highSeconds: Math.round(seconds + wide) }
}

/**
 * How sure a forecast is, of the class and of each block: of the pace, and of each block about it.
 *
 * @param timeline expanded at the pace
 * @param blocks of the plan, which may keep to a pace of their own
 */
export function forecastsOf(
  timeline: Pick<Timeline, 'segments' | 'totalSeconds'>,
  blocks: readonly Pick<Block, 'id' | 'pace'>[],
  pace: Pace,
): { whole: Forecast; blocks: Record<string, BlockForecast> } {
  const byBlock = groupedBy(timeline.segments, ({ block }) => block)
  const found: Record<string, BlockForecast> = {}
  // what is uncertain together: blocks at the learned pace, and those at the house's
  let [learned, house, noise, keptByClock] = [ZERO, ZERO, 0, 0]
  for (const block of blocks) {
    const segments = byBlock.get(block.id) ?? []
    const own = houseOf(segments)
    const rates = ratesOf(block, pace.rates)
    const slope: Vector = [own.counted * rates.counted, own.held * rates.held, own.between * rates.between]
    const covariance = block.pace === undefined ? pace.covariance : block.pace === 'house' ? HOUSE_PACE.covariance : []
    if (block.pace === undefined) learned = plus(learned, slope)
    else if (block.pace === 'house') house = plus(house, slope)
    const ownNoise = square(NOISE_SD * sumOf(slope))
    noise += ownNoise
    keptByClock += own.clock
    found[block.id] = {
      ...about(
        segments.reduce((sum, { seconds }) => sum + seconds, 0),
        own.clock,
        variance(slope, covariance) + ownNoise,
      ),
      scaled: sumOf(slope) > 0,
    }
  }
  const spread = variance(learned, pace.covariance) + variance(house, HOUSE_PACE.covariance) + noise
  return { whole: about(timeline.totalSeconds, keptByClock, spread), blocks: found }
}
