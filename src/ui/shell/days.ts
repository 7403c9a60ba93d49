import { format, parseISO } from 'date-fns'
import { addDays, type Day, weekdayOf } from '@/core/client'

/** The next day, today included, that is this weekday (0 Sunday). */
export function nextWeekday(weekday: number | null, today: Day): Day {
  if (weekday === null) return today
  return addDays(today, (weekday - weekdayOf(today) + 7) % 7)
}

/** "Monday 30 November 2026" */
export const dayWords = (day: Day): string => format(parseISO(day), 'EEEE d MMMM yyyy')

/** "30 November 2026", for days that may be long ago. */
export const dateWords = (day: Day): string => format(parseISO(day), 'd MMMM yyyy')

/** HH:MM of a moment in the time zone of the house; that of this machine when none is set. @param at ms since 1970 */
export const timeOf = (at: number, zone: string | undefined): string =>
  new Intl.DateTimeFormat('en-GB', { ...(zone && { timeZone: zone }), hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(at)
