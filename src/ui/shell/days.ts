import type { Day } from '@/core/client'

/** The parts of a day in English, in the order of the style asked for, with spaces between. */
function inWords(day: Day, weekday: 'long' | 'short' | undefined, month: 'long' | 'short'): string {
  const parts = new Intl.DateTimeFormat('en-GB', { ...(weekday && { weekday }), day: 'numeric', month, year: 'numeric', timeZone: 'UTC' })
    .formatToParts(new Date(`${day}T00:00:00Z`))
    .filter(({ type }) => type !== 'literal')
    // some browsers write four letters for September
    .map(({ type, value }) => (type === 'month' && month === 'short' ? value.slice(0, 3) : value))
  return parts.join(' ')
}

/** "Monday 30 November 2026" */
export const dayWords = (day: Day): string => inWords(day, 'long', 'long')

/** "Mon 30 Nov 2026", where room is scarce. */
export const shortDay = (day: Day): string => inWords(day, 'short', 'short')

/** "30 Nov", along an axis. */
export const dayAndMonth = (day: Day): string => shortDay(day).split(' ').slice(1, 3).join(' ')

/** "30 November 2026" */
export const dateWords = (day: Day): string => inWords(day, undefined, 'long')

/** HH:MM of a moment in the time zone of the house; that of this machine when none is set. @param at ms since 1970 */
export const timeOf = (at: number, zone: string | undefined): string =>
  new Intl.DateTimeFormat('en-GB', { ...(zone && { timeZone: zone }), hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(at)
