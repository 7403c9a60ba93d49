export {
  type Ceiling,
  ceilingFor,
  ceilingWords,
  DEFAULT_FORMULA,
  EXERTION_WORDS,
  type GivenPulse,
  maximumBy,
  SCHOOL_WORDS,
  talkTest,
} from './ceiling'
export { type Answering, capacityMet, DELAY_SECONDS, effortAt, type Kinetics, kineticsOf, shareAfter, steadyShare } from './kinetics'
export { CAPACITY_SD, type Passed, type Piece, type SimulateOptions, type Simulation, shareOf, simulate, type Taking } from './simulate'
