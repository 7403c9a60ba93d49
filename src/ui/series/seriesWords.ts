import { MUSCLE_WORDS } from '@/content/muscleWords'
import type { SeriesDay, SpacingFault } from '@/core/progress'
import { shortDay } from '../shell/days'
import { list } from '../shell/list'

/** Where a session stands in its series, for the head of a sheet: "week 3 of 8, legs, a gentler week". */
export const seriesWords = ({ week, of, gentler, focus }: Pick<SeriesDay, 'week' | 'of' | 'gentler'> & { focus: string }): string =>
  [`week ${week} of ${of}`, focus, gentler && 'a gentler week'].filter(Boolean).join(', ')

/** More names than these are a number. */
const MOST_NAMES = 6
const whom = (names: readonly string[]): string => (names.length > MOST_NAMES ? `${names.length} people` : list(names))

/** What comes too soon again, in a sentence. */
export function faultWords(fault: SpacingFault): string {
  if (fault.kind === 'too-many') return `A third hard session in seven days for ${whom(fault.names)}: two are enough from 65 on.`
  const muscles = list(fault.muscles.map((muscle) => MUSCLE_WORDS[muscle]))
  return `${whom(fault.names)}: hard again for the ${muscles} after ${fault.beforeTitle} on ${shortDay(fault.before)}. Keep it easy, or change the day.`
}
