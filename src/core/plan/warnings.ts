import type { Assessment } from '../safety'
import type { PlanDraft } from './plan'

/** Something about a whole class that the instructor should know; sentences are made at the edge. */
export type PlanWarning =
  | { code: 'empty' }
  | { code: 'overruns'; bySeconds: number }
  | { code: 'warm-up-short' | 'cool-down-short'; haveSeconds: number; needSeconds: number; from: string[]; person?: string }
  | { code: 'no-warm-up' | 'no-cool-down' }
  | { code: 'session-too-long'; person: string; maxMinutes: number; activeMinutes: number }
  | { code: 'floor-without-leave' }

const FULL_MINUTES = 30
/** A short class that stays at or under this exertion throughout needs no full warm-up (rule base, preface). */
const GENTLE_RPE = 3

interface PhaseLength {
  kind: string
  seconds: number
}

/**
 * Warnings on length, warm-up and cool-down. Minutes of warm-up and cool-down hold for classes of 30 minutes and more; a shorter
 * class keeps their share of its length, or stays at or under effort 3.
 */
export function planWarnings(
  plan: PlanDraft,
  timeline: { totalSeconds: number; phases: readonly PhaseLength[]; highestRpe: number; floorTrips: number },
  people: readonly { name: string; assessment: Assessment }[],
): PlanWarning[] {
  const warnings: PlanWarning[] = []
  if (timeline.totalSeconds === 0) return [{ code: 'empty' }]
  const promised = plan.promisedMinutes * 60
  if (timeline.totalSeconds > promised) warnings.push({ code: 'overruns', bySeconds: timeline.totalSeconds - promised })
  const length = (kind: string) => timeline.phases.filter((phase) => phase.kind === kind).reduce((sum, phase) => sum + phase.seconds, 0)
  const gentle = plan.promisedMinutes < FULL_MINUTES && timeline.highestRpe <= GENTLE_RPE
  const share = Math.min(1, plan.promisedMinutes / FULL_MINUTES)
  for (const [kind, limit, short, none] of [
    ['warm-up', 'warmMin', 'warm-up-short', 'no-warm-up'],
    ['cool-down', 'coolMin', 'cool-down-short', 'no-cool-down'],
  ] as const) {
    const haveSeconds = length(kind)
    if (haveSeconds === 0) {
      warnings.push({ code: none })
      continue
    }
    if (gentle) continue
    const strictest = people
      .map(({ name, assessment }) => ({ name, limit: assessment.limits[limit] }))
      .sort((a, b) => b.limit.value - a.limit.value)[0]
    const needSeconds = Math.round((strictest?.limit.value ?? 0) * 60 * share)
    if (strictest && haveSeconds < needSeconds)
      warnings.push({ code: short, haveSeconds, needSeconds, from: strictest.limit.from, person: strictest.name })
  }
  const activeMinutes = timeline.totalSeconds / 60
  for (const { name, assessment } of people) {
    const { value } = assessment.limits.sessionMaxMin
    if (activeMinutes > value) warnings.push({ code: 'session-too-long', person: name, maxMinutes: value, activeMinutes })
  }
  if (!plan.room.floorWork && timeline.floorTrips > 0) warnings.push({ code: 'floor-without-leave' })
  return warnings
}
