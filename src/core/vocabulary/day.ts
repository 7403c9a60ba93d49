import { z } from 'zod'

/** Calendar day, `YYYY-MM-DD`. No time zone: a class happens on a day. */
export type Day = string

const MS_PER_DAY = 86_400_000

/** Days that were read already: attendance of six hundred people asks for the same hundred days again and again. */
const numbers = new Map<Day, number>()
const MOST_KNOWN = 10_000

/** Days since 1970-01-01. @throws when the text is not a real calendar day */
export function dayNumber(day: Day): number {
  const known = numbers.get(day)
  if (known !== undefined) return known
  const match = /^(\d{4})-(\d{2})-(\d{2})$/.exec(day)
  const at = match ? Date.UTC(Number(match[1]), Number(match[2]) - 1, Number(match[3])) : Number.NaN
  if (Number.isNaN(at) || new Date(at).toISOString().slice(0, 10) !== day) throw new RangeError(`"${day}" is not a calendar day (YYYY-MM-DD)`)
  if (numbers.size >= MOST_KNOWN) numbers.clear()
  numbers.set(day, at / MS_PER_DAY)
  return at / MS_PER_DAY
}

export const isDay = (text: string): boolean => {
  try {
    dayNumber(text)
    return true
  } catch {
    return false
  }
}

export const daySchema = z.string().refine(isDay, { message: 'expected a calendar day, YYYY-MM-DD' })

const dayOf = (number: number): Day => new Date(number * MS_PER_DAY).toISOString().slice(0, 10)
export const addDays = (day: Day, days: number): Day => dayOf(dayNumber(day) + days)
/** Whole days from one day to another, negative backwards. */
export const daysBetween = (from: Day, to: Day): number => dayNumber(to) - dayNumber(from)
/** 0 = Sunday to 6 = Saturday; 1970-01-01 was a Thursday. */
export const weekdayOf = (day: Day): number => (((dayNumber(day) + 4) % 7) + 7) % 7
/** Number of the week a day lies in, Monday first; 1970-01-01 was a Thursday. */
export const weekOf = (day: Day): number => Math.floor((dayNumber(day) + 3) / 7)
/** Completed weeks from one day to another; negative when the day lies ahead. */
export const completedWeeks = (from: Day, to: Day): number => Math.floor(daysBetween(from, to) / 7)

/** The same day of the month some months on; the last of the month where there is none. */
export function addMonths(day: Day, months: number): Day {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number]
  const first = new Date(Date.UTC(year, month - 1 + months, 1))
  const last = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate()
  return new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth(), Math.min(date, last))).toISOString().slice(0, 10)
}

/** The day of a moment in a time zone; that of the machine when none is given. */
export const dayIn = (at: Date, zone: string | undefined): Day =>
  // this form of English writes the day as it is stored
  new Intl.DateTimeFormat('en-CA', { ...(zone && { timeZone: zone }), dateStyle: 'short' }).format(at)
