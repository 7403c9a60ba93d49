export {
  aloneInBlock,
  checkPlan,
  doseInBlock,
  type Plan,
  type PlanProblem,
  type Prescription,
  prescriptionOf,
  prescriptionsOf,
  problemText,
} from './check'
export { applyEdit, type Edit, EditError } from './edit'
export {
  BLOCK_FORMATS,
  type Block,
  blockSchema,
  demandsSchema,
  describedSchema,
  type Item,
  itemSchema,
  itemsOf,
  PHASE_KINDS,
  type Phase,
  type PhaseKind,
  type PlanDraft,
  type PlanInput,
  phaseSchema,
  planSchema,
  roomSchema,
} from './plan'
export { atHour, type ClassCalendar, type Closed, calendarSchema, meetings, type Schedule, timeSchema } from './schedule'
