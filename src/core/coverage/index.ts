export { type Coverage, type CoverageHint, coverageOf, type MuscleWork } from './coverage'
export { QUALITIES, type Quality, qualityOf } from './qualities'
