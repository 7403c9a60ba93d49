export { fold, inOrder, isWaiting, type LeadEvent, type LeadState, leadEventSchema, positionAt, READY, step } from './events'
export { type Chance, type Instructor, ledBy } from './instructor'
export { ledStretches } from './stretches'
