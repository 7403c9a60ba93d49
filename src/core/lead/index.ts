export { fold, type LeadEvent, leadEventSchema, positionAt } from './events'
