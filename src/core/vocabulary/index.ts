export { generator, normal } from './chance'
export { addDays, addMonths, completedWeeks, type Day, dayIn, dayNumber, daySchema, daysBetween, isDay, weekdayOf, weekOf } from './day'
export { groupedBy } from './group'
export {
  DEFAULT_HOUSE_RULES,
  HOUSE_RULE_NAMES,
  HOUSE_RULES,
  type HouseRule,
  type HouseRules,
  houseRulesSchema,
} from './houseRules'
export { KIT, type Kit, ROOM_KIT, type RoomKit } from './kit'
export { KG_PER_LB, kgOf, MASS_STEP_KG, MASS_UNITS, type MassUnit, massIn, PAIRS_KG, sayMass, sayMassesIn } from './mass'
export { SCHOOLS, type School } from './schools'
export { numbersOf, type Settings, SOUNDS, type SoundName, type Sounds, settingsSchema, type Venue } from './settings'
