import type { Assessment } from '../safety'
import { type Day, daysBetween } from '../vocabulary'

/** A class in which somebody did a movement, as the log tells it; what was not noted is left out. */
export interface Occasion {
  day: Day
  /** 0 to 10 */
  exertion?: number
  /** 0 to 10, in class and the day after */
  painDuring?: number
  painNextDay?: number
  formLost: boolean
  /** two more repetitions would have gone, or five seconds more */
  twoMore: boolean
  /** had to stop, by a sign or an incident */
  stopped: boolean
  /** nearly fell, where the movement is done standing */
  nearFall: boolean
}

const most = (one: number | undefined, other: number | undefined): number | undefined =>
  one === undefined || other === undefined ? (one ?? other) : Math.max(one, other)

/** One occasion of two on the same day, with the worse of each: a day is no two classes running, and what happened in the first of them counts. */
export function sameDay(one: Occasion, other: Occasion): Occasion {
  const [exertion, painDuring, painNextDay] = [
    most(one.exertion, other.exertion),
    most(one.painDuring, other.painDuring),
    most(one.painNextDay, other.painNextDay),
  ]
  return {
    day: other.day,
    ...(exertion !== undefined && { exertion }),
    ...(painDuring !== undefined && { painDuring }),
    ...(painNextDay !== undefined && { painNextDay }),
    formLost: one.formLost || other.formLost,
    twoMore: one.twoMore && other.twoMore,
    stopped: one.stopped || other.stopped,
    nearFall: one.nearFall || other.nearFall,
  }
}

/** What of somebody decides beside the log, on the day on which it would be done. */
export interface Standing {
  on: Day
  /** pain on a usual day, 0 to 10 */
  usualPain: number
  /** pain in class up to which more may be asked, 0 to 10 */
  painMax: number
  /** 0 to 10 */
  effortCap: number
  weeksInProgramme: number
  /** nothing is made harder by a log (rule base 5.2 D6) */
  never: boolean
}

/** More than this in class adds nothing, 0 to 10 (5.3). */
const PAIN_MAX = 3

/**
 * What of an assessment decides whether more is asked.
 *
 * @param usualPain on a usual day, 0 to 10, as it was said last
 */
export function standingOn(
  on: Day,
  { conditions, limits, person }: Pick<Assessment, 'conditions' | 'limits' | 'person'>,
  usualPain: number,
): Standing {
  return {
    on,
    usualPain,
    painMax: Math.min(PAIN_MAX, ...conditions.flatMap(({ condition: { progressPainMax } }) => progressPainMax ?? [])),
    effortCap: limits.rpeCap.value,
    weeksInProgramme: person.weeksInProgramme,
    never: conditions.some(({ condition: { neverProgress } }) => neverProgress === true),
  }
}

/** The rule that decided, with what it read. Rules are those of 5.2 and 5.3 of the rule base. */
export type Because =
  /** D2: a stop sign */
  | { rule: 'stopped'; day: Day }
  /** D2: two bad days in a row */
  | { rule: 'bad-days'; days: [Day, Day] }
  | { rule: 'near-fall'; day: Day }
  /** 5.3: six and more in class */
  | { rule: 'pain-high'; day: Day; pain: number }
  /** D1: the day after it was two or more above usual */
  | { rule: 'next-day'; day: Day; pain: number; usual: number }
  /** D5 */
  | { rule: 'form-lost'; day: Day }
  /** D4: above the cap twice */
  | { rule: 'over-cap'; days: [Day, Day]; cap: number }
  /** D3 */
  | { rule: 'away'; missedWeeks: number }
  | { rule: 'never' }
  /** D1: a level less for two sessions */
  | { rule: 'settling'; day: Day }
  /** 5.3: pain in class that is borne, and nothing is added */
  | { rule: 'pain-some'; day: Day; pain: number }
  /** U6: the first weeks */
  | { rule: 'new'; weeks: number }
  /** it would be time, and something was never noted */
  | { rule: 'not-told'; day: Day; what: 'exertion' | 'pain-during' | 'pain-next-day' }
  /** U1, and U2 for what is held */
  | { rule: 'two-for-two'; days: [Day, Day] }
  | { rule: 'steady'; times: number }

export interface Progression {
  verdict: 'up' | 'stay' | 'down' | 'ask'
  because: Because
  /** steps of the ladder, or of the weights */
  levels: 0 | 1 | 2
  /** a clinician's or the instructor's look before it goes on */
  review: boolean
  /** of sets and repetitions, where there is to be less: 0.5 to 1 */
  share: number
}

const BAD_NEXT_DAY = 2
const PAIN_STOPS = 6
/** U6: weeks 1 to 4 of somebody new. */
const NEW_WEEKS = 4

const STAYS = { levels: 0, review: false, share: 1 } as const
const DOWN = { verdict: 'down', levels: 1, review: false, share: 1 } as const

/**
 * Whether somebody is ready to go up in a movement, stays, goes down, or is to be asked first: rule base 5.2 and 5.3, the strictest that holds. More
 * than one thing at once is never asked.
 *
 * @param occasions all in which the movement was done, in the order of their days
 * @returns nothing where it was never done
 */
export function progression(occasions: readonly Occasion[], standing: Standing): Progression | undefined {
  const last = occasions.at(-1)
  if (!last) return undefined
  const before = occasions.at(-2)
  const { usualPain, painMax, effortCap, weeksInProgramme, never, on } = standing
  const badAfter = ({ painNextDay }: Occasion) => painNextDay !== undefined && painNextDay - usualPain >= BAD_NEXT_DAY
  const overCap = ({ exertion }: Occasion) => exertion !== undefined && exertion > effortCap
  const { day } = last

  if (last.stopped) return { ...DOWN, levels: 2, review: true, because: { rule: 'stopped', day } }
  if (before && badAfter(last) && badAfter(before))
    return { ...DOWN, levels: 2, review: true, because: { rule: 'bad-days', days: [before.day, day] } }
  if (last.nearFall) return { ...DOWN, because: { rule: 'near-fall', day } }
  if (last.painDuring !== undefined && last.painDuring >= PAIN_STOPS) return { ...DOWN, because: { rule: 'pain-high', day, pain: last.painDuring } }
  if (badAfter(last)) return { ...DOWN, because: { rule: 'next-day', day, pain: last.painNextDay!, usual: usualPain } }
  if (last.formLost) return { ...DOWN, because: { rule: 'form-lost', day } }
  if (before && overCap(last) && overCap(before)) return { ...DOWN, because: { rule: 'over-cap', days: [before.day, day], cap: effortCap } }
  // a class a week apart misses none
  const missedWeeks = Math.max(0, Math.floor(daysBetween(day, on) / 7) - 1)
  const away = { rule: 'away', missedWeeks } as const
  if (missedWeeks > 4) return { ...DOWN, levels: 0, share: 0.5, because: away }
  if (missedWeeks > 2) return { ...DOWN, levels: 0, share: 0.7, because: away }
  if (missedWeeks > 0) return { verdict: 'stay', ...STAYS, because: away }

  const stay = (because: Because): Progression => ({ verdict: 'stay', ...STAYS, because })
  if (never) return stay({ rule: 'never' })
  if (before && badAfter(before)) return stay({ rule: 'settling', day: before.day })
  if (last.painDuring !== undefined && last.painDuring > painMax) return stay({ rule: 'pain-some', day, pain: last.painDuring })
  if (!before?.twoMore || !last.twoMore || before.formLost) return stay({ rule: 'steady', times: occasions.length })
  if (weeksInProgramme <= NEW_WEEKS) return stay({ rule: 'new', weeks: weeksInProgramme })
  for (const one of [before, last]) {
    const untold = (what: 'exertion' | 'pain-during' | 'pain-next-day'): Progression => ({
      verdict: 'ask',
      ...STAYS,
      because: { rule: 'not-told', day: one.day, what },
    })
    if (one.painNextDay === undefined) return untold('pain-next-day')
    if (one.painDuring === undefined) return untold('pain-during')
    if (one.exertion === undefined) return untold('exertion')
    // the pain rule has to be met in both sessions (U1), and so has the cap
    if (one.painDuring > painMax || one.painNextDay > usualPain)
      return stay({ rule: 'pain-some', day: one.day, pain: Math.max(one.painDuring, one.painNextDay) })
    if (overCap(one) || one.stopped || one.nearFall) return stay({ rule: 'steady', times: occasions.length })
  }
  return { verdict: 'up', levels: 1, review: false, share: 1, because: { rule: 'two-for-two', days: [before.day, day] } }
}
