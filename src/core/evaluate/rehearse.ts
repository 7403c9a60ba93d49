import { simulate } from '../effort'
import type { Plan } from '../plan'
import { NOISE_SD, type Pace, piecesOf } from '../timing'
import { generator } from '../vocabulary'
import { answersOf } from './effort'
import type { Evaluation } from './evaluate'

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
  people: { id: string; name: string; chance: number; seconds: number; meanPeak: number; item?: string }[]
  /** blocks that spread the end most, with their share of it */
  spreadBy: { block: string; share: number }[]
}

const MINUTE = 60
const MOST_SPREAD = 3
/** Blocks with less of the spread are not worth a word. */
const LEAST_SHARE = 0.02

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
  const taking = answersOf(evaluation).flatMap((answer, person) => (answer ? [{ answer, person }] : []))
  const simulated = simulate(
    pieces,
    taking.map(({ answer }) => answer),
    { runs, random: generator(seed), spreads, noise: NOISE_SD },
  )
  const { ends } = simulated
  const promisedSeconds = plan.promisedMinutes * MINUTE
  const share = (holds: (end: number) => boolean) => ends.filter(holds).length / runs
  const at = (part: number) => Math.round(ends[Math.min(runs - 1, Math.floor(part * runs))] ?? 0)
  return {
    runs,
    promisedSeconds,
    end: { low: at(0.1), middle: at(0.5), high: at(0.9), mean: Math.round(ends.reduce((sum, end) => sum + end, 0) / runs) },
    onTime: share((end) => Math.abs(end - promisedSeconds) <= MINUTE),
    whole: share((end) => end <= promisedSeconds),
    people: simulated.people.map(({ chance, seconds, meanPeak, piece }, index) => {
      const { id, name } = people[taking[index]!.person]!
      const item = piece === undefined ? undefined : timeline.segments[piece]?.item
      return { id, name, chance, seconds: Math.round(seconds), meanPeak, ...(item !== undefined && { item }) }
    }),
    spreadBy: simulated.spreadBy
      .filter((one) => one.share >= LEAST_SHARE)
      .slice(0, MOST_SPREAD)
      .map((one) => ({ block: blocks[one.stretch]!, share: one.share })),
  }
}
