export { type ItemTurn, type LimitTurn, type Meeting, type Turn, turnsAhead } from './ahead'
export { type Because, type Occasion, type Progression, progression, type Standing } from './progression'
export { type Done, type ProgressStep, stepBlocked, stepOf } from './step'
export { type Turned, type Turning, turnings } from './turning'
