export {
  fold,
  GIVEN_MS,
  isWaiting,
  LEAD_KINDS,
  type LeadEvent,
  type LeadState,
  leadEventSchema,
  ordered,
  owedSides,
  positionAt,
  readyFor,
  step,
} from './events'
export { type Chance, type Instructor, ledBy } from './instructor'
export { clockAt, type DeviceClock, inOrder, knowing, type Ordered, setClock, timeOfTap } from './order'
export { ledStretches } from './stretches'
