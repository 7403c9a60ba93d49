import { z } from 'zod'
import { addDays, type Day, daySchema, weekdayOf } from '../vocabulary'
import type { PlanDraft } from './plan'

const days = z
  .array(daySchema)
  .max(200)
  .transform((all) => [...new Set(all)].sort())

/** Days beside the fixed weekday: single ones on which a class meets, and ones on which it does not. */
export const calendarSchema = z.strictObject({ dates: days.default([]), off: days.default([]) })
export type ClassCalendar = z.output<typeof calendarSchema>

/** HH:MM */
export const timeSchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'expected a time, HH:MM')

export interface Schedule {
  /** 0 Sunday to 6 Saturday; null = no fixed day */
  weekday: number | null
  calendar: ClassCalendar
}

/** A stretch in which the house is closed, both days included. */
export interface Closed {
  from: Day
  to: Day
}

/** How far ahead is looked for the next meeting, days. */
const HORIZON_DAYS = 400

/**
 * Days on which a class meets, from a day on, the earliest first. A single date holds though the house is closed: somebody has set it on purpose.
 *
 * @param from the first day that counts
 * @param most how many are wanted
 */
export function meetings({ weekday, calendar: { dates, off } }: Schedule, closed: readonly Closed[], from: Day, most: number): Day[] {
  const last = addDays(from, HORIZON_DAYS)
  const found = new Set(dates.filter((day) => day >= from))
  const isClosed = (day: Day) => closed.some((stretch) => stretch.from <= day && day <= stretch.to)
  if (weekday !== null) {
    const usual = Array.from({ length: Math.ceil(HORIZON_DAYS / 7) }, (_, week) =>
      addDays(from, ((weekday - weekdayOf(from) + 7) % 7) + 7 * week),
    ).filter((day) => day <= last && !off.includes(day) && !isClosed(day))
    for (const day of usual.slice(0, most)) found.add(day)
  }
  return [...found].sort().slice(0, most)
}

/** The plan with the hour of the class as the hour of its room: some rules read whether it is early or hot. */
export const atHour = (plan: PlanDraft, startTime: string | null): PlanDraft =>
  startTime === null ? plan : { ...plan, room: { ...plan.room, startHour: Number(startTime.slice(0, 2)) } }
