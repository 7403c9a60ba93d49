import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { generator } from '../vocabulary'
import { DELAY_SECONDS, effortAt, type Kinetics, kineticsOf, shareAfter, steadyShare } from './kinetics'
import { CAPACITY_SD, type Piece, shareOf, simulate, type Taking } from './simulate'

const SPREAD = [
  [0.02, 0, 0],
  [0, 0.01, 0],
  [0, 0, 0.03],
]
const kinetics: Kinetics = kineticsOf({ age: 72, sex: 'female', weeksInProgramme: 20, response: {} })
const at = (met: number) => steadyShare(met, kinetics.capacity)
/** Work and rest in turn: how a class runs. */
const CLASS: Piece[] = Array.from({ length: 24 }, (_, index) => ({
  clock: index % 2 === 0 ? 0 : 20,
  scaled: index % 2 === 0 ? [40, 10, 0] : [0, 0, 15],
  stretch: Math.floor(index / 6),
  spread: 0,
}))
const somebody = (pieces: readonly Piece[], more: Partial<Taking> = {}): Taking => ({
  kinetics,
  targets: Float64Array.from(pieces, (_, index) => (index % 2 === 0 ? at(3.6) : at(1.3))),
  start: at(1.3),
  cap: 5,
  ...more,
})
const run = (
  pieces: readonly Piece[],
  people: readonly Taking[] = [],
  { runs = 4000, seed = 7, noise = 0.2, spreads = [SPREAD], capacity = CAPACITY_SD } = {},
) => simulate(pieces, people, { runs, random: generator(seed), spreads, noise, capacity })
const mean = (list: Float64Array) => list.reduce((sum, one) => sum + one, 0) / list.length

describe('a class led many times', () => {
  test('is the same for the same seed, and another for another', () => {
    const people = [somebody(CLASS)]
    expect(run(CLASS, people)).toEqual(run(CLASS, people))
    expect(run(CLASS, people, { seed: 8 }).ends).not.toEqual(run(CLASS, people).ends)
  })

  test('without spread it ends when it is forecast, and effort is that of the kinetics', () => {
    const people = [somebody(CLASS)]
    const { ends, people: found } = run(CLASS, people, { noise: 0, spreads: [], runs: 3, capacity: 0 })
    const forecast = CLASS.reduce((sum, { clock, scaled: [a, b, c] }) => sum + clock + a + b + c, 0)
    expect(ends[0]).toBeCloseTo(forecast, 6)
    // piece by piece, as `shareAfter` says it
    let [share, before, peak] = [at(1.3), at(1.3), 0]
    for (const [index, { clock, scaled }] of CLASS.entries()) {
      const target = people[0]!.targets[index]!
      const seconds = clock + scaled[0] + scaled[1] + scaled[2]
      share = shareAfter(share, target, target > before ? seconds - DELAY_SECONDS : seconds, kinetics)
      before = target
      peak = Math.max(peak, share)
    }
    expect(found[0]!.meanPeak).toBeCloseTo(effortAt(peak), 9)
  })

  test('each stretch begins when all before it are over: at the forecast without spread, and less and less surely with it', () => {
    const seconds = CLASS.map(({ clock, scaled: [a, b, c] }) => clock + a + b + c)
    const forecast = [0, 6, 12, 18].map((piece) => ({ piece, at: seconds.slice(0, piece).reduce((sum, one) => sum + one, 0) }))
    const exact = run(CLASS, [], { noise: 0, spreads: [], runs: 3 }).begins
    expect(exact.map(({ piece }) => piece)).toEqual([0, 6, 12, 18])
    for (const [index, { low, high }] of exact.entries()) {
      expect(low).toBeCloseTo(forecast[index]!.at, 6)
      expect(high).toBeCloseTo(forecast[index]!.at, 6)
    }
    const { begins, ends } = run(CLASS)
    for (const [index, { low, high }] of begins.slice(1).entries()) {
      expect(low).toBeLessThan(forecast[index + 1]!.at)
      expect(high).toBeGreaterThan(forecast[index + 1]!.at)
      expect(high - low).toBeGreaterThan(begins[index]!.high - begins[index]!.low)
    }
    expect(begins.at(-1)!.high).toBeLessThan(ends.at(-1)!)
  })

  test('the median is near the forecast, and the mean is the sum of parts × exp(μ + σ²/2), within what sampling errs', () => {
    const { ends } = run(CLASS, [], { runs: 20_000 })
    const noise = 0.2 ** 2
    const expected = CLASS.reduce((sum, { clock, scaled: [a, b, c] }) => {
      const part = (seconds: number, variance: number) => seconds * Math.exp((variance + noise) / 2)
      return sum + clock + part(a, SPREAD[0]![0]!) + part(b, SPREAD[1]![1]!) + part(c, SPREAD[2]![2]!)
    }, 0)
    expect(Math.abs(mean(ends) / expected - 1)).toBeLessThan(0.01)
    const forecast = CLASS.reduce((sum, { clock, scaled: [a, b, c] }) => sum + clock + a + b + c, 0)
    expect(Math.abs(ends[10_000]! / forecast - 1)).toBeLessThan(0.03)
  })

  test('the ceiling of a pulse is passed as a cap at the same share is, and nothing is said of it where there is none', () => {
    const pulseShare = shareOf(5)
    const [both, none, higher] = run(CLASS, [
      somebody(CLASS, { pulseShare }),
      somebody(CLASS),
      somebody(CLASS, { pulseShare: Math.min(1, pulseShare * 1.1) }),
    ]).people
    const { chance, seconds, piece, by, within } = both!
    expect(chance).toBeGreaterThan(0)
    expect(both!.pulse).toEqual({ chance, seconds, piece, by, within })
    expect(none!.pulse).toBeUndefined()
    expect(higher!.pulse!.chance).toBeLessThan(higher!.chance)
  })

  test('on the same random numbers more rest never raises the mean peak', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 50 }),
        fc.integer({ min: 5, max: 120 }),
        fc.double({ min: 2, max: 6, noNaN: true }),
        (seed, more, met) => {
          const person = somebody(CLASS, { targets: Float64Array.from(CLASS, (_, index) => (index % 2 === 0 ? at(met) : at(1.3))) })
          const rested = CLASS.map((piece, index) => (index % 2 === 0 ? piece : { ...piece, clock: piece.clock + more }))
          const [short, long] = [run(CLASS, [person], { runs: 60, seed }), run(rested, [person], { runs: 60, seed })]
          expect(long.people[0]!.meanPeak).toBeLessThanOrEqual(short.people[0]!.meanPeak + 1e-9)
        },
      ),
      { numRuns: 40 },
    ))

  test('on the same random numbers a faster pace never lengthens', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50 }), fc.double({ min: 0.3, max: 1, noNaN: true }), (seed, faster) => {
        const quick = CLASS.map(({ scaled: [a, b, c], ...piece }): Piece => ({ ...piece, scaled: [a * faster, b * faster, c * faster] }))
        const [slow, fast] = [run(CLASS, [], { runs: 50, seed }), run(quick, [], { runs: 50, seed })]
        fast.ends.forEach((end, index) => {
          expect(end).toBeLessThanOrEqual(slow.ends[index]! + 1e-9)
        })
      }),
      { numRuns: 40 },
    ))

  test('a cap nobody reaches is never passed; one at rest always is, and its piece is the first', () => {
    const [calm, low] = run(CLASS, [somebody(CLASS, { cap: 10 }), somebody(CLASS, { cap: 0 })]).people
    expect(calm).toMatchObject({ chance: 0, seconds: 0 })
    expect(calm!.piece).toBeUndefined()
    expect(low!.chance).toBe(1)
    expect(low!.piece).toBe(0)
    expect([...low!.by].filter((_, index) => index % 2 === 0)).toEqual(CLASS.flatMap((_, index) => (index % 2 === 0 ? [1] : [])))
    expect([...calm!.by]).toEqual(CLASS.map(() => 0))
  })

  test('when a limit is passed is told piece by piece: at the end of work and not of rest, and never in more runs than it is passed in at all', () => {
    const { by, chance, piece } = run(CLASS, [somebody(CLASS, { cap: 4.4 })]).people[0]!
    expect(chance).toBeGreaterThan(0.05)
    expect(chance).toBeLessThan(1)
    for (const [index, share] of by.entries()) {
      expect(share).toBeLessThanOrEqual(chance)
      if (index % 2 === 1) expect(share).toBeLessThanOrEqual(by[index - 1]!)
    }
    expect(by[piece!]).toBeGreaterThan(0)
  })

  test('the seconds above a limit are those of the course between the ends of the pieces, stepped through', () => {
    const exactly = (cap: number) => run(CLASS, [somebody(CLASS, { cap })], { noise: 0, spreads: [], runs: 1, capacity: 0 }).people
    const cap = exactly(5)[0]!.meanPeak - 0.3
    const person = somebody(CLASS, { cap })
    const found = exactly(cap)
    const limit = shareOf(cap)
    let [share, before, above] = [at(1.3), at(1.3), 0]
    const STEP = 0.01
    for (const [index, { clock, scaled }] of CLASS.entries()) {
      const target = person.targets[index]!
      const seconds = clock + scaled[0] + scaled[1] + scaled[2]
      const late = target > before ? DELAY_SECONDS : 0
      for (let second = 0; second < seconds; second += STEP) {
        if (second >= late) share = shareAfter(share, target, STEP, kinetics)
        if (share > limit) above += STEP
      }
      before = target
    }
    expect(above).toBeGreaterThan(20)
    expect(Math.abs(found[0]!.seconds - above)).toBeLessThan(1)
  })

  test('what spreads the end most is the stretch that varies most, and the shares are all of it', () => {
    const long = CLASS.map(
      (piece): Piece => (piece.stretch === 2 ? { ...piece, scaled: [piece.scaled[0] * 5, piece.scaled[1] * 5, piece.scaled[2] * 5] } : piece),
    )
    const { spreadBy } = run(long)
    expect(spreadBy[0]!.stretch).toBe(2)
    expect(spreadBy.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 6)
  })

  test('effort read backwards gives the largest share that is not above it', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 9.9, noNaN: true }), (effort) => {
        const share = shareOf(effort)
        expect(effortAt(share)).toBeLessThanOrEqual(effort + 1e-6)
        if (share < 0.999) expect(effortAt(share + 1e-3)).toBeGreaterThanOrEqual(effort - 1e-6)
      }),
    ))
})
