export {
  aloneInBlock,
  asPlanDose,
  checkPlan,
  handedOut,
  isRestIn,
  kitKey,
  kitOf,
  libraryRepSeconds,
  movementsOf,
  type Plan,
  type PlanProblem,
  type Prescription,
  placedIn,
  prescriptionOf,
  prescriptionsIn,
  prescriptionsOf,
  problemText,
  SIDE_CHANGE_SECONDS,
  soundPlan,
} from './check'
export { backTo, differences, type PlanDifference, sharedWith } from './compare'
export { beatSeconds, type PlanDose, planDoseSchema, type RepTempo, type SetWork } from './dose'
export { amountWords, doseWords } from './doseWords'
export { applyEdit, type BlockField, canApply, type Edit, EditError, type Frame } from './edit'
export {
  BLOCK_FORMATS,
  type Block,
  type BlockFormat,
  blockSchema,
  formatLabel,
  formatWords,
  isSetVersion,
  QUIET_KINDS,
  type QuietKind,
  ratesSchema,
  type Step,
  setVersionId,
  setVersions,
  stepsOf,
  wholeItem,
} from './formats'
export { type Item, itemSchema, LEVEL_LETTERS, movementIdOf, QUIET_POSITIONS } from './item'
export { merged } from './merge'
export {
  freeId,
  idsOf,
  itemsOf,
  PHASE_KINDS,
  type Phase,
  type PhaseKind,
  type PlanDraft,
  type PlanInput,
  PROMISED_MINUTES,
  partOf,
  planSchema,
  planSchema2,
  roomKitSchema,
  roomSchema,
  rowIds,
  withKnown,
} from './plan'
export { type SaidDose, sayDose, withSaid } from './sayDose'
export { atHour, type ClassCalendar, type Closed, calendarSchema, meetings, type Schedule, timeSchema } from './schedule'
