import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { generator, normal } from '../vocabulary'
import { HOUSE_PACE, type HouseSeconds, type LedStretch, learnPace } from './pace'
import { HOUSE_RATES } from './rates'

const TODAY = '2026-11-24'
const strays = (seed: number) => {
  const random = generator(seed)
  return () => normal(random)
}
const MOVEMENTS = ['squat', 'row', 'heel-raise', 'stretch', 'press', 'march', 'curl', 'hinge']

/** Blocks of a class as the house times them: counted work mostly, holds in some, always something between. */
const block = (index: number): HouseSeconds => ({
  clock: index % 3 === 0 ? 60 : 0,
  counted: index % 4 === 3 ? 20 : 120 + 15 * (index % 5),
  held: index % 4 === 3 ? 120 : index % 2 === 0 ? 20 : 0,
  between: 60 + 10 * (index % 3),
})
const total = ({ clock, counted, held, between }: HouseSeconds, [c, h, b]: readonly number[]) => clock + counted * c! + held * h! + between * b!
const led = (truth: readonly number[], blocks: number, noise: () => number = () => 0): LedStretch[] =>
  Array.from({ length: blocks }, (_, index): LedStretch => {
    const house = block(index)
    const scaled = total(house, truth) - house.clock
    return { day: '2026-11-20', house, seconds: house.clock + scaled * Math.exp(noise()) }
  })
const CLASS = Array.from({ length: 6 }, (_, index) => block(index + 1))
const lengthAt = (rates: readonly number[]) => CLASS.reduce((sum, one) => sum + total(one, rates), 0)
const ratesOf = ({ rates: { counted, held, between } }: ReturnType<typeof learnPace>) => [counted, held, between]

describe('laws of the pace', () => {
  test('no log gives exactly the house’s', () => {
    expect(learnPace([], TODAY).rates).toEqual(HOUSE_RATES)
    expect(HOUSE_PACE.rates).toEqual(HOUSE_RATES)
  })
  test('a log of what a clock keeps changes nothing', () => {
    const clocked = Array.from(
      { length: 8 },
      (): LedStretch => ({ day: TODAY, house: { clock: 300, counted: 0, held: 0, between: 0 }, seconds: 300 }),
    )
    expect(ratesOf(learnPace(clocked, TODAY))).toEqual([1, 1, 1])
  })
  test('the order of the log does not matter', () => {
    fc.assert(
      fc.property(fc.integer(), fc.array(fc.double({ min: 0.6, max: 1.4, noNaN: true }), { minLength: 3, maxLength: 3 }), (seed, truth) => {
        const one = led(truth, 10, strays(seed)).map((stretch, n) => ({ ...stretch, day: `2026-11-${10 + n}`, movement: MOVEMENTS[n % 8]! }))
        const [there, back] = [learnPace(one, TODAY), learnPace(one.toReversed(), TODAY)]
        for (const [index, rate] of ratesOf(there).entries()) expect(ratesOf(back)[index]).toBeCloseTo(rate, 8)
        for (const [movement, rate] of Object.entries(there.rates.movements)) expect(back.rates.movements[movement]).toBeCloseTo(rate, 8)
      }),
      { numRuns: 50, seed: 3 },
    )
  })
  test('more of the same log moves the forecast to the logged length, and never away', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.6, max: 1.4, noNaN: true }), { minLength: 3, maxLength: 3 }),
        fc.integer({ min: 0, max: 7 }),
        (truth, which) => {
          const house = block(which)
          const stretch: LedStretch = { day: TODAY, house, seconds: total(house, truth) }
          const away = [0, 1, 2, 4, 8, 16, 64].map((times) =>
            Math.abs(total(house, ratesOf(learnPace(Array(times).fill(stretch), TODAY))) - stretch.seconds),
          )
          for (const [index, one] of away.entries()) if (index > 0) expect(one).toBeLessThanOrEqual(away[index - 1]! + 1e-6)
          expect(away.at(-1)!).toBeLessThan(0.02 * stretch.seconds)
        },
      ),
      { numRuns: 100, seed: 4 },
    )
  })
  test('what is older counts less', () => {
    const slow = led([1.4, 1.4, 1.4], 4)
    const old = slow.map((stretch) => ({ ...stretch, day: '2025-11-20' }))
    const [a, b] = [learnPace(slow, TODAY), learnPace(old, TODAY)]
    expect(b.rates.counted).toBeGreaterThan(1)
    expect(b.rates.counted).toBeLessThan(a.rates.counted)
    expect(learnPace(old, TODAY, { since: '2026-01-01' }).rates).toEqual(HOUSE_RATES)
  })
  test('what is pinned is not learned, and the others go on', () => {
    const { rates } = learnPace(led([1.3, 1, 1.3], 8), TODAY, { pinned: { between: 0.8 } })
    expect(rates.between).toBeCloseTo(0.8, 3)
    expect(rates.counted).toBeGreaterThan(1.2)
  })
})

describe('instructors of 0.6 to 1.4 times the house’s pace', () => {
  const instructors = [0.6, 0.8, 1, 1.2, 1.4].flatMap((c) => [0.6, 1, 1.4].flatMap((h) => [0.6, 1, 1.4].map((b) => [c, h, b] as const)))
  test('after eight blocks that were logged without noise the class is within 5 %', () => {
    for (const truth of instructors) {
      const error = lengthAt(ratesOf(learnPace(led(truth, 8), TODAY))) / lengthAt(truth) - 1
      expect(Math.abs(error), truth.join()).toBeLessThan(0.05)
    }
  })
  test('with noise 0.20, in the mean over 200 seeds, too', () => {
    for (const truth of [
      [0.6, 0.6, 0.6],
      [1.4, 1.4, 1.4],
      [0.6, 1, 1.4],
      [1.4, 1, 0.6],
      [1, 1, 1],
    ]) {
      const errors = Array.from({ length: 200 }, (_, seed) => {
        const chance = strays(seed + 1)
        return (
          lengthAt(
            ratesOf(
              learnPace(
                led(truth, 8, () => 0.2 * chance()),
                TODAY,
              ),
            ),
          ) /
            lengthAt(truth) -
          1
        )
      })
      expect(Math.abs(errors.reduce((sum, one) => sum + one, 0) / 200), truth.join()).toBeLessThan(0.05)
    }
  })
  const itemLog = (truth: readonly number[], own: number, noise: () => number): LedStretch[] => {
    const stretch: LedStretch = { day: TODAY, movement: 'squat', house: { clock: 0, counted: 40, held: 0, between: 0 }, seconds: 0 }
    const others = MOVEMENTS.slice(1).map((movement) => ({ ...stretch, movement, seconds: 40 * truth[0]! * Math.exp(noise()) }))
    return [...led(truth, 8, noise), ...others, ...[0, 1].map(() => ({ ...stretch, seconds: 40 * truth[0]! * own * Math.exp(noise()) }))]
  }
  const itemError = (truth: readonly number[], own: number, noise: () => number = () => 0) => {
    const { rates } = learnPace(itemLog(truth, own, noise), TODAY)
    return (rates.counted * (rates.movements.squat ?? 1)) / (truth[0]! * own) - 1
  }
  test('a movement that was logged twice is within 10 %', () => {
    for (const truth of instructors) for (const own of [0.7, 1, 1.4]) expect(Math.abs(itemError(truth, own)), `${truth} × ${own}`).toBeLessThan(0.1)
  })
  test('with noise 0.20, in the mean over 200 seeds, too', () => {
    for (const own of [0.7, 1, 1.4]) {
      const errors = Array.from({ length: 200 }, (_, seed) => {
        const chance = strays(seed + 77)
        return itemError([1.2, 1, 0.9], own, () => 0.2 * chance())
      })
      expect(Math.abs(errors.reduce((sum, one) => sum + one, 0) / 200)).toBeLessThan(0.1)
    }
  })
})
