import { normal } from '../vocabulary'
import { DELAY_SECONDS, effortAt, type Kinetics } from './kinetics'

/** A piece of a class as its length varies: what a clock keeps, and three kinds of time that the instructor makes. */
export interface Piece {
  clock: number
  /** s at the pace expected: counted, held, between */
  scaled: readonly [number, number, number]
  /** pieces of one stretch vary together */
  stretch: number
  /** whose pace it has: which of the spreads, undefined = it keeps to a pace that is fixed */
  spread?: number
}

/** Somebody in a class: where each piece would settle them, and what they may do. */
export interface Taking {
  kinetics: Kinetics
  /** share of the reserve at which each piece settles */
  targets: Float64Array
  /** share of the reserve before the first piece */
  start: number
  /** effort that they should not pass, 0 to 10 */
  cap: number
  /** share of the reserve at which the pulse meets its ceiling, where one may be counted on */
  pulseShare?: number
}

/** How a limit is passed. */
export interface Passed {
  /** share of runs in which it is passed at all */
  chance: number
  /** s above it, in the middle of the runs that pass it */
  seconds: number
  /** piece in which it is passed first most often */
  piece?: number
  /** share of the runs that are above it at the end of each piece */
  by: Float64Array
  /** s above it within each piece, mean of the runs that are above it in there */
  within: Float64Array
}

export interface Simulation {
  /** s, ascending */
  ends: Float64Array
  people: (Passed & {
    /** mean over the runs of the highest effort, 0 to 10 */
    meanPeak: number
    /** the same of the ceiling of the pulse, where there is one */
    pulse?: Passed
  })[]
  /** s at which each stretch begins, in the order of time: one run in ten is there before, nine in ten; and its first piece */
  begins: { piece: number; low: number; high: number }[]
  /** stretches by how much of the spread of the end is theirs, 0 to 1, most first */
  spreadBy: { stretch: number; share: number }[]
}

export interface SimulateOptions {
  runs: number
  /** 0 to 1, from a seed */
  random: () => number
  /** covariances of the logarithms of the three factors, by `Piece.spread` */
  spreads: readonly (readonly (readonly number[])[])[]
  /** standard deviation of the logarithm of a stretch about its forecast */
  noise: number
  /** that of a capacity about what age and sex tell */
  capacity?: number
}

/** Capacities differ about what age and sex tell by so much, on the log scale: an estimate. */
export const CAPACITY_SD = 0.12

/** Lower triangle of a covariance (Cholesky); what is not positive counts as no spread. */
function triangle(covariance: readonly (readonly number[])[]): number[][] {
  const lower: number[][] = []
  for (let i = 0; i < 3; i++) {
    lower.push([0, 0, 0])
    for (let j = 0; j <= i; j++) {
      let rest = covariance[i]?.[j] ?? 0
      for (let k = 0; k < j; k++) rest -= lower[i]![k]! * lower[j]![k]!
      lower[i]![j] = i === j ? Math.sqrt(Math.max(0, rest)) : lower[j]![j]! > 0 ? rest / lower[j]![j]! : 0
    }
  }
  return lower
}
/** The largest share of the reserve at which the effort is no more than this: `effortAt` read backwards. @param effort 0 to 10 */
export function shareOf(effort: number): number {
  if (effortAt(1) <= effort) return 1
  let [low, high] = [0, 1]
  for (let halving = 0; halving < 40; halving++) {
    const middle = (low + high) / 2
    if (effortAt(middle) <= effort) low = middle
    else high = middle
  }
  return low
}
const quantile = (sorted: Float64Array, at: number): number => sorted[Math.min(sorted.length - 1, Math.floor(at * sorted.length))] ?? 0

/** When each stretch begins, run by run: after all that came before it. @param taken s of each stretch in each run */
function beginsOf(pieces: readonly Piece[], taken: readonly Float64Array[]): Simulation['begins'] {
  const seen = new Set<number>()
  const at = new Float64Array(taken[0]?.length ?? 0)
  return pieces.flatMap(({ stretch }, piece) => {
    if (seen.has(stretch)) return []
    seen.add(stretch)
    const sorted = at.toSorted()
    for (const [run, seconds] of taken[stretch]!.entries()) at[run]! += seconds
    return [{ piece, low: quantile(sorted, 0.1), high: quantile(sorted, 0.9) }]
  })
}

/**
 * s of a piece above a limit, in closed form: a first-order rise or fall is above it the whole time, from where it crosses it, or until then.
 *
 * @param from share at its beginning; `to` at its end, `target` where it would settle
 * @param answered s of the piece in which pulse and effort move; before that they stay
 */
function secondsAbove(limit: number, from: number, to: number, target: number, tau: number, seconds: number, answered: number): number {
  if (from > limit && to > limit) return seconds
  const crossed = tau * Math.log((from - target) / (limit - target))
  return from > limit ? seconds - answered + crossed : answered - crossed
}

/** In how many runs a limit was passed, for how long, and where first. */
class Counted {
  private readonly seconds: number[] = []
  private readonly first: Int32Array
  /** runs that are above it at the end of each piece, and at any time in it; s in it, of all runs */
  readonly atEnd: Float64Array
  readonly anyTime: Float64Array
  readonly inPiece: Float64Array
  constructor(pieces: number) {
    this.first = new Int32Array(pieces)
    this.atEnd = new Float64Array(pieces)
    this.anyTime = new Float64Array(pieces)
    this.inPiece = new Float64Array(pieces)
  }

  /** @param first piece in which it is passed in this run, below 0 = in none */
  note(first: number, seconds: number): void {
    if (first < 0) return
    this.seconds.push(seconds)
    this.first[first]!++
  }

  of(runs: number): Passed {
    const most = this.first.reduce((best, many, index) => (many > (this.first[best] ?? 0) ? index : best), 0)
    return {
      chance: this.seconds.length / runs,
      seconds: quantile(Float64Array.from(this.seconds).toSorted(), 0.5),
      by: this.atEnd.map((many) => many / runs),
      within: this.inPiece.map((seconds, piece) => seconds / Math.max(1, this.anyTime[piece]!)),
      ...(this.seconds.length > 0 && { piece: most }),
    }
  }
}

/**
 * A class led many times: lengths drawn from what is not known of the pace, pulse and effort by first-order kinetics, each piece in closed form.
 * The same for the same random numbers; estimates throughout.
 */
export function simulate(
  pieces: readonly Piece[],
  people: readonly Taking[],
  { runs, random, spreads, noise, capacity = CAPACITY_SD }: SimulateOptions,
): Simulation {
  const stretches = 1 + Math.max(-1, ...pieces.map(({ stretch }) => stretch))
  const triangles = spreads.map(triangle)
  const ends = new Float64Array(runs)
  const taken = Array.from({ length: stretches }, () => new Float64Array(runs))
  const lengths = new Float64Array(pieces.length)
  const factors = new Float64Array(3 * Math.max(1, spreads.length)).fill(1)
  const own = new Float64Array(stretches)
  const capShares = people.map(({ cap }) => shareOf(cap))
  // a share that is never passed, where there is no ceiling
  const pulseShares = people.map(({ pulseShare = Number.POSITIVE_INFINITY }) => pulseShare)
  // only more than before is answered late, and the answer of a pulse is
  const late = people.map(({ targets, start }) =>
    targets.map((target, index) => (target > (index === 0 ? start : targets[index - 1]!) ? DELAY_SECONDS : 0)),
  )
  const over = people.map(() => ({ peaks: 0, cap: new Counted(pieces.length), pulse: new Counted(pieces.length) }))
  for (let run = 0; run < runs; run++) {
    for (const [index, lower] of triangles.entries()) {
      const [a, b, c] = [normal(random), normal(random), normal(random)]
      for (let i = 0; i < 3; i++) factors[3 * index + i] = Math.exp(lower[i]![0]! * a + lower[i]![1]! * b + lower[i]![2]! * c)
    }
    for (let stretch = 0; stretch < stretches; stretch++) own[stretch] = Math.exp(noise * normal(random))
    let at = 0
    for (let index = 0; index < pieces.length; index++) {
      const { clock, scaled, stretch, spread } = pieces[index]!
      const by = spread === undefined ? -1 : 3 * spread
      const factor = own[stretch]!
      const length =
        by < 0
          ? clock + (scaled[0] + scaled[1] + scaled[2]) * factor
          : clock + (scaled[0] * factors[by]! + scaled[1] * factors[by + 1]! + scaled[2] * factors[by + 2]!) * factor
      lengths[index] = length
      taken[stretch]![run]! += length
      at += length
    }
    ends[run] = at
    for (let person = 0; person < people.length; person++) {
      const { targets, start } = people[person]!
      const { onSec, offSec } = people[person]!.kinetics
      const capShare = capShares[person]!
      const pulseShare = pulseShares[person]!
      const able = Math.exp(capacity * normal(random))
      const found = over[person]!
      const { cap, pulse } = found
      const lag = late[person]!
      let share = start
      let peak = 0
      let seconds = 0
      let first = -1
      let pulseSeconds = 0
      let pulseFirst = -1
      for (let index = 0; index < pieces.length; index++) {
        // somebody of more capacity settles at a smaller share of it
        const target = Math.min(1, targets[index]! / able)
        // `shareAfter`, written out: this line runs fifty million times
        const from = share
        const answered = Math.max(0, lengths[index]! - lag[index]!)
        const tau = target > share ? onSec : offSec
        share = target + (share - target) * Math.exp(-answered / tau)
        if (share > peak) peak = share
        if (share > capShare || from > capShare) {
          const above = secondsAbove(capShare, from, share, target, tau, lengths[index]!, answered)
          seconds += above
          if (share > capShare) cap.atEnd[index]!++
          cap.anyTime[index]!++
          cap.inPiece[index]! += above
          if (first < 0) first = index
        }
        if (share > pulseShare || from > pulseShare) {
          const above = secondsAbove(pulseShare, from, share, target, tau, lengths[index]!, answered)
          pulseSeconds += above
          if (share > pulseShare) pulse.atEnd[index]!++
          pulse.anyTime[index]!++
          pulse.inPiece[index]! += above
          if (pulseFirst < 0) pulseFirst = index
        }
      }
      found.peaks += effortAt(peak)
      found.cap.note(first, seconds)
      found.pulse.note(pulseFirst, pulseSeconds)
    }
  }
  const mean = ends.reduce((sum, end) => sum + end, 0) / runs
  const variance = ends.reduce((sum, end) => sum + (end - mean) ** 2, 0) / runs
  const spreadBy = taken
    .map((list, stretch) => {
      const own = list.reduce((sum, one) => sum + one, 0) / runs
      const together = list.reduce((sum, one, run) => sum + (one - own) * (ends[run]! - mean), 0) / runs
      return { stretch, share: variance > 0 ? together / variance : 0 }
    })
    .sort((a, b) => b.share - a.share || a.stretch - b.stretch)
  return {
    begins: beginsOf(pieces, taken),
    ends: ends.toSorted(),
    people: over.map(({ peaks, cap, pulse }, person) => ({
      ...cap.of(runs),
      meanPeak: peaks / runs,
      ...(people[person]!.pulseShare !== undefined && { pulse: pulse.of(runs) }),
    })),
    spreadBy,
  }
}
