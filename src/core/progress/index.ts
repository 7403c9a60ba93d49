export { type ItemTurn, type LimitTurn, type Meeting, type Turn, turnsAhead } from './ahead'
export { type Turned, type Turning, turnings } from './turning'
