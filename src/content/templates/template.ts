import type { PlanInput } from '@/core/plan'

/** A class to begin from. */
export interface PlanTemplate {
  key: string
  title: string
  forWhom: string
  /** for one person, at home */
  visit?: true
  plan: PlanInput
}
