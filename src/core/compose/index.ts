export {
  BRIEF_BPM,
  BRIEF_MINUTES,
  type BriefLevel,
  briefFileSchema,
  briefSchema,
  type ClassBrief,
  type ClassBriefInput,
  LEVELS,
  MAIN_FORMS,
  type MainForm,
  musicOf,
  PLACES,
  type Place,
  type Wishes,
  wishesSchema,
} from './brief'
export { type Keepsake, leastLoss, type Step } from './choice'
export { type Concession, clashOf, type NoWay, nearest, noWayFor } from './clash'
export { type Composed, type ComposeOptions, compose, emptyPlan, frameOf, type GivenUp, PART_TITLES, type Proposal, type Why } from './compose'
export { type Fitted, fitted } from './fit'
export type { Fitting } from './fitSteps'
export { firstClass, Scorer } from './heuristic'
export { type Column, type Model, ModelWriter, type Row, type Solved, type SolveOptions, type Solver } from './lp'
export { type Before, type Built, buildModel, type Chosen, chosenIn, type Frame, secondsOf, sharesOf, trainingOf, worthOf } from './model'
export { afterPart, orderCost, ordered } from './order'
export { fewestChanges } from './places'
export { type Repaired, repair } from './repair'
export type { Mending } from './repairSteps'
export { GAP, type Progress, solveModel } from './solve'
export { HARD_RPE, PARTS, type Part, type Way } from './way'
export { waysOf } from './ways'
