import { format, parseISO } from 'date-fns'
import type { Day } from '@/core/client'

/** "Monday 30 November 2026" */
export const dayWords = (day: Day): string => format(parseISO(day), 'EEEE d MMMM yyyy')

/** "Mon 30 Nov 2026", where room is scarce. */
export const shortDay = (day: Day): string => format(parseISO(day), 'EEE d MMM yyyy')

/** "30 November 2026", for days that may be long ago. */
export const dateWords = (day: Day): string => format(parseISO(day), 'd MMMM yyyy')

/** HH:MM of a moment in the time zone of the house; that of this machine when none is set. @param at ms since 1970 */
export const timeOf = (at: number, zone: string | undefined): string =>
  new Intl.DateTimeFormat('en-GB', { ...(zone && { timeZone: zone }), hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(at)

/** The day of a moment in the time zone of the house; that of this machine when none is set. */
export const dayIn = (at: Date, zone: string | undefined): Day =>
  // this form of English writes the day as it is stored
  new Intl.DateTimeFormat('en-CA', { ...(zone && { timeZone: zone }), dateStyle: 'short' }).format(at)
