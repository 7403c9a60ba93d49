import type { Assessment } from '../safety'
import type { School } from '../vocabulary'

/** Each says for whom it was found. */
export const SCHOOL_WORDS: Record<School, { name: string; found: string; source: string }> = {
  tanaka: { name: '208 − 0.7 × age', found: 'healthy adults; the default', source: 'TANAKA-2001' },
  gellish: { name: '207 − 0.7 × age', found: 'fitness-centre members over years', source: 'GELLISH-2007' },
  'gulati-women': { name: '206 − 0.88 × age', found: 'women without symptoms', source: 'GULATI-2010' },
  'fox-220': { name: '220 − age', found: 'traditional, never derived; too low for older adults; for comparison only', source: 'FOX-1971' },
  reserve: { name: 'heart-rate reserve', found: 'anybody with a measured resting pulse', source: 'KARVONEN-1957' },
  'exertion-only': { name: 'exertion and talk test only', found: 'everybody', source: '' },
}

/** Highest heart rate by a school, beats a minute. @param age years */
export function maximumBy(school: Exclude<School, 'reserve' | 'exertion-only'>, age: number): number {
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
function between(points: readonly (readonly [number, number])[], x: number): number {
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
const RESERVE_SHARE = [
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

/** The talk test that belongs to an effort (rule base 3.3). */
export function talkTest(rpe: number): string {
  if (rpe < 2) return 'can sing'
  if (rpe < 4) return 'full sentences comfortably'
  if (rpe < 6) return 'sentences with a breath in between'
  return 'a few words only'
}

/**
 * How hard somebody may work, by the school of the class with this person's data; where a formula may not be used or a number is
 * missing, exertion and talk test, with the reason. A pulse number alone never makes an effort safe: the cap on exertion holds beside it.
 *
 * @param testedMax measured maximum, bpm: overrides every formula
 */
export function ceilingFor(assessment: Assessment, school: School, testedMax?: number): Ceiling {
  const { person, limits, noPulseFormula } = assessment
  const rpe = limits.rpeCap.value
  const exertion = (because: string): Ceiling => ({ kind: 'exertion', rpe, because })
  if (testedMax !== undefined) {
    return {
      kind: 'pulse',
      rpe,
      bpm: Math.round(testedMax * between(MAXIMUM_SHARE, rpe)),
      school,
      because: 'from a measured maximum, which overrides every formula',
    }
  }
  // the pulse does not follow effort, or a fixed number would mislead (rule base 3.1)
  if (noPulseFormula) return exertion(`no pulse formula with ${noPulseFormula.toLowerCase()}`)
  if (school === 'exertion-only') return exertion('the class works by exertion and talk test')
  const rest = person.restHr
  if (school === 'reserve' || rest >= 0) {
    if (rest < 0) return exertion('no resting pulse was measured')
    const highest = maximumBy(school === 'reserve' ? 'tanaka' : school, person.age)
    return {
      kind: 'pulse',
      rpe,
      bpm: Math.round(rest + between(RESERVE_SHARE, rpe) * (highest - rest)),
      school,
      because: `reserve above a resting pulse of ${rest}`,
    }
  }
  return {
    kind: 'pulse',
    rpe,
    bpm: Math.round(between(MAXIMUM_SHARE, rpe) * maximumBy(school, person.age)),
    school,
    because: `${SCHOOL_WORDS[school].name}, give or take 10 to 12`,
  }
}

/** A ceiling as a sentence. */
export const ceilingWords = (ceiling: Ceiling): string =>
  ceiling.kind === 'pulse'
    ? `Pulse up to about ${ceiling.bpm} (${ceiling.because}), and never over effort ${ceiling.rpe}.`
    : `Effort ${ceiling.rpe} of 10 at most: ${ceiling.because}.`
