export { fold, inOrder, type LeadEvent, leadEventSchema, positionAt } from './events'
export { ledStretches } from './stretches'
