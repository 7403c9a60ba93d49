export { type ItemTurn, type LimitTurn, type Meeting, type Turn, turnsAhead } from './ahead'
export { type Change, marginOf, type Trend, trendsOf, type WeakerSide, weakerSide } from './capability'
export { type Attendance, attendanceIn, RING_AFTER, type Trained, trainedIn } from './group'
export { type HomeMovement, homeChoice, homeMovements } from './home'
export { couldWait, leftForLater } from './later'
export { type Because, type Occasion, type Progression, progression, type Standing, sameDay, standingOn } from './progression'
export {
  entryFor,
  gentlerWeek,
  type HardWork,
  hardWork,
  type Met,
  metIn,
  SERIES_WEEKS,
  type Series,
  type SeriesDay,
  type SeriesInput,
  type SeriesTurn,
  type Spaced,
  type SpacingFault,
  seriesDays,
  seriesPlan,
  seriesSchema,
  spacingFaults,
} from './series'
export { type Done, type ProgressStep, stepBlocked, stepOf } from './step'
export { type Turned, type Turning, turnings } from './turning'
