import { HOUSE_PACE, type Pace } from './pace'

/** What classes that were led have taught: how fast this instructor is, and what this group has met. */
export interface Experience {
  pace: Pace
  /** movements, by id */
  knows: readonly string[]
}
export const NO_EXPERIENCE: Experience = { pace: HOUSE_PACE, knows: [] }
