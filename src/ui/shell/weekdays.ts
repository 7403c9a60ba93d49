const DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const

/** The days of a week, in the order in which the house counts them. @param weekStart 0 Sunday to 6 Saturday */
export const weekdays = (weekStart: number): { day: number; name: string }[] =>
  DAYS.map((_, index) => (weekStart + index) % 7).map((day) => ({ day, name: DAYS[day]! }))
