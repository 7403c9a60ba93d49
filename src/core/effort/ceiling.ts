import type { Assessment } from '../safety'
import type { School } from '../vocabulary'

/** Each says for whom it was found. */
export const SCHOOL_WORDS: Record<School, { name: string; found: string; source: string }> = {
  tanaka: { name: '208 − 0.7 × age', found: 'healthy adults; the default', source: 'TANAKA-2001' },
  gellish: { name: '207 − 0.7 × age', found: 'fitness-centre members over years', source: 'GELLISH-2007' },
  'gulati-women': { name: '206 − 0.88 × age', found: 'women without symptoms', source: 'GULATI-2010' },
  'fox-220': { name: '220 − age', found: 'traditional, never derived; too low for older adults; for comparison only', source: 'FOX-1971' },
  reserve: { name: 'heart-rate reserve', found: 'anybody with a measured resting pulse', source: 'KARVONEN-1957' },
  typed: { name: 'a number typed here', found: 'whoever you have agreed it with', source: '' },
  'exertion-only': { name: 'exertion and talk test only', found: 'everybody', source: '' },
}

type Formula = Exclude<School, 'reserve' | 'typed' | 'exertion-only'>
/** The default formula (rule base 3.1): also where a school has none of its own. */
export const DEFAULT_FORMULA = 'tanaka' satisfies Formula

/** Highest heart rate by a school, beats a minute. @param age years */
export function maximumBy(school: Formula, age: number): number {
  switch (school) {
    case 'tanaka':
      return 208 - 0.7 * age
    case 'gellish':
      return 207 - 0.7 * age
    case 'gulati-women':
      return 206 - 0.88 * age
    case 'fox-220':
      return 220 - age
  }
}

/** Straight lines between points, held at the ends. */
export function between(points: readonly (readonly [number, number])[], x: number): number {
  const above = points.findIndex(([at]) => at >= x)
  if (above <= 0) return points[above === 0 ? 0 : points.length - 1]![1]
  const [x0, y0] = points[above - 1]!
  const [x1, y1] = points[above]!
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0)
}

/**
 * Stored 0-10 effort to the share of heart-rate reserve, and of the maximum: the tops of the bands of rule base 3.2 at the efforts that
 * 3.3 gives them, straight lines between. The mapping is an estimate.
 */
export const RESERVE_SHARE = [
  [0, 0.2],
  [2, 0.39],
  [4, 0.59],
  [7, 0.89],
  [10, 1],
] as const
const MAXIMUM_SHARE = [
  [0, 0.5],
  [2, 0.63],
  [4, 0.76],
  [7, 0.95],
  [10, 1],
] as const

export type Ceiling =
  /** `rpe` holds beside it: a pulse number alone never makes an effort safe */
  | { kind: 'pulse'; bpm: number; rpe: number; school: School; because: string }
  /** talk test and 0-10 exertion lead */
  | { kind: 'exertion'; rpe: number; because: string }

/** Words of the scale of exertion, 0 to 10; between its anchors the word of the lower one (rule base 3.3). */
export const EXERTION_WORDS: readonly string[] = [
  'rest',
  'very easy',
  'easy',
  'moderate',
  'somewhat hard',
  'hard',
  'hard',
  'very hard',
  'very hard',
  'very hard',
  'maximal',
]

/** The talk test that belongs to an effort (rule base 3.3). */
export function talkTest(rpe: number): string {
  if (rpe < 2) return 'can sing'
  if (rpe < 4) return 'full sentences comfortably'
  if (rpe < 6) return 'sentences with a breath in between'
  return 'a few words only'
}

/** Numbers that somebody gave: both in beats a minute. */
export interface GivenPulse {
  /** for the whole class, by the instructor */
  typedBpm?: number | undefined
  /** measured maximum of the person: overrides every formula */
  testedMax?: number
}

/**
 * How hard somebody may work, by the school of the class with this person's data; where a formula may not be used or a number is
 * missing, exertion and talk test, with the reason. A pulse number alone never makes an effort safe: the cap on exertion holds beside it.
 * A typed number is refused for whomever no pulse number may be used (rule base 3.1), and never raises what the default formula gives.
 */
export function ceilingFor(assessment: Assessment, school: School, { typedBpm, testedMax }: GivenPulse = {}): Ceiling {
  const { person, limits, noPulseFormula } = assessment
  const rpe = limits.rpeCap.value
  const exertion = (because: string): Ceiling => ({ kind: 'exertion', rpe, because })
  const pulse = (bpm: number, because: string): Ceiling => ({ kind: 'pulse', rpe, bpm: Math.round(bpm), school, because })
  if (testedMax !== undefined) return pulse(testedMax * between(MAXIMUM_SHARE, rpe), 'from a measured maximum, which overrides every formula')
  // the pulse does not follow effort, or a fixed number would mislead (rule base 3.1)
  if (noPulseFormula) return exertion(`no pulse ${school === 'typed' ? 'number' : 'formula'} with ${noPulseFormula.toLowerCase()}`)
  if (school === 'exertion-only') return exertion('the class works by exertion and talk test')
  const rest = person.restHr
  if (school === 'reserve' && rest < 0) return exertion('no resting pulse was measured')
  if (school === 'typed' && typedBpm === undefined) return exertion('no number was typed')
  const highest = maximumBy(school === 'reserve' || school === 'typed' ? DEFAULT_FORMULA : school, person.age)
  const byFormula = rest >= 0 ? rest + between(RESERVE_SHARE, rpe) * (highest - rest) : between(MAXIMUM_SHARE, rpe) * highest
  if (school === 'typed' && typedBpm !== undefined)
    return typedBpm <= byFormula
      ? pulse(typedBpm, 'typed for this class')
      : pulse(byFormula, `${typedBpm} was typed, which is more than ${SCHOOL_WORDS[DEFAULT_FORMULA].name} gives`)
  return pulse(byFormula, rest >= 0 ? `reserve above a resting pulse of ${rest}` : `${SCHOOL_WORDS[school].name}, give or take 10 to 12`)
}

/** A ceiling as a sentence. */
export const ceilingWords = (ceiling: Ceiling): string =>
  ceiling.kind === 'pulse'
    ? `Pulse up to about ${ceiling.bpm} (${ceiling.because}), and never over effort ${ceiling.rpe}.`
    : `Effort ${ceiling.rpe} of 10 at most: ${ceiling.because}.`
