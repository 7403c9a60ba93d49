export { withSetOf } from './course'
export { type Cut, type CutKind, cutsAhead, cutsFor, setsToAdd } from './cuts'
export { type Drop, LEAD_KINDS, type LeadEvent, leadEventSchema, SAID_WITH, type Said } from './event'
export { canUncut, firstView, fold, isWaiting, type LeadState, ordered, owedSides, positionAt, readyFor, step } from './events'
export { type HandOverItem, type HandOverWay, handOver } from './handOver'
export {
  decodeHeartRate,
  encodeHeartRate,
  type HeartRateFrame,
  HeartRateFrameError,
  heardFrom,
  NEW_STRAP,
  type StrapState,
  silentAt,
  simulatedStrap,
} from './heartRate'
export { type Chance, type Instructor, ledBy } from './instructor'
export {
  CLASS_CHIPS,
  type ClassNotes,
  type Correction,
  classNotesSchema,
  corrections,
  type Derived,
  derivedLog,
  LOG_MARKS,
  LOG_SIDES,
  type LogEntry,
  type LogMark,
  type LogRow,
  type LogSide,
  type LogValue,
  logEntrySchema,
  logRowSchema,
} from './log'
export { clockAt, type DeviceClock, inOrder, knowing, type Ordered, setClock, timeOfTap } from './order'
export { PRESENCES, type Presence, wasThere } from './presence'
export { asLed, itemTimes, type Led, ledLine } from './record'
export { type LeadSound, soundsBetween } from './sounds'
export { ledStretches } from './stretches'
export { itemAsLed, nextLoad, type Take, takesIn, waysOf } from './takes'
export { type TodayChange, todayChanges } from './today'
export { type LedItem, type LedUse, type LedView, ledView, ledViewSchema, plannedIn, viewWithout } from './view'
