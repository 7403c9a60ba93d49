import { type Passed, simulate } from '../effort'
import type { Plan } from '../plan'
import { NOISE_SD, type Pace, piecesOf, type Segment } from '../timing'
import { generator, groupedBy } from '../vocabulary'
import { answersOf, pulseCeiling } from './effort'
import type { Evaluation } from './evaluate'

/**
 * How a limit is passed: share of the runs, s above it in the middle of these, the item in which it is passed first most often, and stretches of the forecast in
 * which at least one run in ten is above it, s.
 */
export interface PassedIn {
  chance: number
  seconds: number
  item?: string
  when: { fromSeconds: number; untilSeconds: number }[]
}

/** What many runs of a class say; estimates throughout. */
export interface Rehearsal {
  runs: number
  promisedSeconds: number
  /** s: one in ten ends before, half, nine in ten */
  end: { low: number; middle: number; high: number; mean: number }
  /** chance to end within a minute of the promise, either way */
  onTime: number
  /** chance that all of it, the cool-down too, is over when the promise is */
  whole: number
  /** ends by half minutes, as shares of the runs */
  ends: { fromSeconds: number; share: number }[]
  /** the time of the forecast at which each block begins, and the end; and when: one run in ten before, nine in ten, s */
  stair: { atSeconds: number; low: number; high: number }[]
  people: (PassedIn & {
    id: string
    name: string
    meanPeak: number
    /** the ceiling of their pulse by the school of the class, beats a minute, where one may be counted on */
    pulse?: PassedIn & { bpm: number }
  })[]
  /** movements whose first words take longer than what comes before their work, the worst first */
  tight: { item: string; needSeconds: number; haveSeconds: number }[]
  /** blocks that spread the end most, with their share of it */
  spreadBy: { block: string; share: number }[]
}

const MINUTE = 60
const MOST_SPREAD = 3
/** Blocks with less of the spread are not worth a word. */
const LEAST_SHARE = 0.02

const HALF_MINUTE = 30
function byHalfMinutes(ends: Float64Array): Rehearsal['ends'] {
  const counts = groupedBy([...ends], (end) => Math.floor(end / HALF_MINUTE))
  const [first, last] = [Math.min(...counts.keys()), Math.max(...counts.keys())]
  return Array.from({ length: last - first + 1 }, (_, index) => ({
    fromSeconds: (first + index) * HALF_MINUTE,
    share: (counts.get(first + index)?.length ?? 0) / ends.length,
  }))
}

/** When a second of the forecast comes, one run in ten before and nine in ten: between two blocks in proportion. */
export function spanAt(stair: Rehearsal['stair'], seconds: number): { low: number; high: number } {
  const next = Math.max(
    1,
    stair.findIndex(({ atSeconds }) => atSeconds >= seconds),
  )
  const [from, to] = [stair[next - 1], stair[next]]
  if (!from || !to) return { low: seconds, high: seconds }
  const share = (seconds - from.atSeconds) / (to.atSeconds - from.atSeconds)
  return { low: from.low + share * (to.low - from.low), high: from.high + share * (to.high - from.high) }
}

/** A limit that is passed in fewer runs at a moment is not said of it. */
const SAID_FROM = 0.1
/** Stretches nearer than this are one, s. */
const ONE_STRETCH = 60

/**
 * When a limit is passed, along the forecast.
 *
 * @param by share of the runs above it at the end of each segment
 * @param within s above it in each segment, of the runs that are above it there
 */
function whenAbove(segments: readonly Segment[], by: Float64Array, within: Float64Array): PassedIn['when'] {
  const found: PassedIn['when'] = []
  for (const [index, { startSeconds, seconds }] of segments.entries()) {
    if (seconds === 0) continue
    const last = found.at(-1)
    const above = Math.min(seconds, within[index]!)
    if (by[index]! < SAID_FROM) {
      // it comes down again within what follows
      if (last?.untilSeconds === Math.round(startSeconds)) last.untilSeconds = Math.round(startSeconds + above)
      continue
    }
    const isAbove = index > 0 && by[index - 1]! >= SAID_FROM
    const from = Math.round(isAbove ? startSeconds : startSeconds + seconds - above)
    const untilSeconds = Math.round(startSeconds + seconds)
    if (last && from - last.untilSeconds < ONE_STRETCH) last.untilSeconds = untilSeconds
    else found.push({ fromSeconds: from, untilSeconds })
  }
  return found
}

/** Words that an instructor says in a second: a house estimate. */
const WORDS_A_SECOND = 2.5
const wordsOf = (cue: string): number => cue.split(/\s+/).filter(Boolean).length

/** Where the words to get into a movement, and for a new one what to do, take longer than what comes before its work. */
function tightWords({ familiar }: Plan, { items, timeline: { segments } }: Evaluation): Rehearsal['tight'] {
  return items
    .flatMap(({ prescription: { item, entry, movement } }) => {
      const first = segments.findIndex(({ kind, item: of }) => kind === 'work' && of === item.id)
      if (!entry || first < 0) return []
      const { setup, do: how } = entry.variant.cues
      const before = segments.slice(0, first)
      const haveSeconds = before.slice(before.findLastIndex(({ kind }) => kind === 'work') + 1).reduce((sum, { seconds }) => sum + seconds, 0)
      const needSeconds = (wordsOf(setup) + (familiar.includes(movement) ? 0 : wordsOf(how))) / WORDS_A_SECOND
      return needSeconds > haveSeconds ? [{ item: item.id, needSeconds: Math.ceil(needSeconds), haveSeconds: Math.round(haveSeconds) }] : []
    })
    .sort((a, b) => b.needSeconds - b.haveSeconds - (a.needSeconds - a.haveSeconds))
}

/**
 * The class led many times on paper.
 *
 * @param evaluation made at the pace
 * @param seed the same gives the same answer
 */
export function rehearse(plan: Plan, evaluation: Evaluation, pace: Pace, runs: number, seed: number): Rehearsal {
  const { timeline, people } = evaluation
  const { pieces, blocks, spreads } = piecesOf(
    timeline.segments,
    plan.phases.flatMap((phase) => phase.blocks),
    pace,
  )
  const taking = answersOf(evaluation).flatMap((answer, person) => {
    if (!answer) return []
    const ceiling = pulseCeiling(people[person]!.assessment, plan)
    return [{ answer: { ...answer, ...(ceiling && { pulseShare: (ceiling.bpm - ceiling.least) / ceiling.rise }) }, person, ceiling }]
  })
  const simulated = simulate(
    pieces,
    taking.map(({ answer }) => answer),
    { runs, random: generator(seed), spreads, noise: NOISE_SD },
  )
  const { ends } = simulated
  const passedIn = ({ chance, seconds, piece, by, within }: Passed): PassedIn => {
    const item = piece === undefined ? undefined : timeline.segments[piece]?.item
    return { chance, seconds: Math.round(seconds), when: whenAbove(timeline.segments, by, within), ...(item !== undefined && { item }) }
  }
  const promisedSeconds = plan.promisedMinutes * MINUTE
  const share = (holds: (end: number) => boolean) => ends.filter(holds).length / runs
  const at = (part: number) => Math.round(ends[Math.min(runs - 1, Math.floor(part * runs))] ?? 0)
  return {
    runs,
    promisedSeconds,
    end: { low: at(0.1), middle: at(0.5), high: at(0.9), mean: Math.round(ends.reduce((sum, end) => sum + end, 0) / runs) },
    onTime: share((end) => Math.abs(end - promisedSeconds) <= MINUTE),
    whole: share((end) => end <= promisedSeconds),
    ends: byHalfMinutes(ends),
    stair: [
      ...simulated.begins.map(({ piece, low, high }) => ({
        atSeconds: timeline.segments[piece]!.startSeconds,
        low: Math.round(low),
        high: Math.round(high),
      })),
      { atSeconds: timeline.totalSeconds, low: at(0.1), high: at(0.9) },
    ],
    people: simulated.people.map(({ meanPeak, pulse, ...cap }, index) => {
      const { person, ceiling } = taking[index]!
      const { id, name } = people[person]!
      return { id, name, meanPeak, ...passedIn(cap), ...(pulse && ceiling && { pulse: { bpm: ceiling.bpm, ...passedIn(pulse) } }) }
    }),
    tight: tightWords(plan, evaluation),
    spreadBy: simulated.spreadBy
      .filter((one) => one.share >= LEAST_SHARE)
      .slice(0, MOST_SPREAD)
      .map((one) => ({ block: blocks[one.stretch]!, share: one.share })),
  }
}
