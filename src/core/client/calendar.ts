import { addDays, addMonths, completedWeeks, type Day, dayNumber, daySchema, daysBetween, isDay, weekdayOf, weekOf } from '../vocabulary'

export { addDays, addMonths, completedWeeks, type Day, dayNumber, daySchema, daysBetween, isDay, weekdayOf, weekOf }

const WEEKS_OF_PREGNANCY = 40

/** Age in completed years. */
export function ageOn(birthDate: Day, day: Day): number {
  const years = Number(day.slice(0, 4)) - Number(birthDate.slice(0, 4))
  return day.slice(5) < birthDate.slice(5) ? years - 1 : years
}

/** Gestational age by the due date: 40 weeks on the due date itself. `weeks` are completed. */
export function gestation(dueDate: Day, day: Day): { weeks: number; days: number } {
  const days = WEEKS_OF_PREGNANCY * 7 - daysBetween(day, dueDate)
  return { weeks: Math.floor(days / 7), days: ((days % 7) + 7) % 7 }
}
