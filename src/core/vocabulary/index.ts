export { addDays, addMonths, completedWeeks, type Day, dayIn, dayNumber, daySchema, daysBetween, isDay, weekdayOf, weekOf } from './day'
export { KIT, type Kit, ROOM_KIT } from './kit'
export { SCHOOLS, type School } from './schools'
export { numbersOf, type Settings, settingsSchema } from './settings'
