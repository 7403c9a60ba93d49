import type { RuleBase } from '../safety'
import { addDays, type Day } from './calendar'
import { clearanceEnds, isCleared, perinatal } from './facts'
import type { ClientRecord } from './record'
import { screenStand } from './standing'

/** Something on file that will no longer count. */
export interface RunsOut {
  /** the last day on which it counts */
  last: Day
  /** condition of a letter of clearance; left out = the answered form */
  condition?: string
}

/** A letter that ends within this many days is worth asking for now. */
export const RUNS_OUT_DAYS = 28

/**
 * Letters and the form that count on a day and no longer some days on, the earliest first (rule base 4.0 for the form, 1.3 for letters).
 *
 * @param within how far is looked ahead, days
 */
export function runsOut(base: RuleBase, record: ClientRecord, day: Day, within = RUNS_OUT_DAYS): RunsOut[] {
  const until = addDays(day, within)
  const letters = record.clearances.flatMap((clearance): RunsOut[] => {
    const last = clearanceEnds(base, clearance)
    if (last === undefined || last < day || last >= until) return []
    // another letter for the same may hold on
    if (clearance.movement === undefined && isCleared(base, record, clearance.condition, addDays(last, 1))) return []
    return [{ last, condition: clearance.condition }]
  })
  const counts = (on: Day) => screenStand(record, standsOn(base, record, on)) !== 'never'
  if (!counts(day) || counts(until)) return letters.sort(byLast)
  let last = day
  while (counts(addDays(last, 1))) last = addDays(last, 1)
  return [...letters, { last }].sort(byLast)
}

const byLast = (a: RunsOut, b: RunsOut) => (a.last < b.last ? -1 : a.last > b.last ? 1 : 0)

/** What decides on a day where the health questions of somebody stand. */
export function standsOn(base: RuleBase, record: ClientRecord, day: Day): Parameters<typeof screenStand>[1] {
  const { week } = perinatal(record, day)
  return { day, ...(week !== undefined && { week }), cleared: (slug) => isCleared(base, record, slug, day) }
}
