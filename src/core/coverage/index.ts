export { type Coverage, type CoverageHint, coverageOf, type MuscleWork, QUALITIES, type Quality, qualityOf } from './coverage'
