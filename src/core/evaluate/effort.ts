import {
  ceilingFor,
  DEFAULT_FORMULA,
  DELAY_SECONDS,
  effortAt,
  type Kinetics,
  kineticsOf,
  maximumBy,
  shareAfter,
  steadyShare,
  type Taking,
} from '../effort'
import { type Family, familyOf, SLOT } from '../movement'
import type { PlanDraft } from '../plan'
import type { Segment } from '../timing'
import type { EvaluatedPerson, Evaluation, Use } from './evaluate'
import type { Option } from './options'
import type { AssessedPerson } from './roster'

/** How hard a class is expected to become for one person; an estimate. */
export interface PersonEffort {
  /** 0 to 10, in half steps, and s of the class */
  peak: number
  peakAtSeconds: number
  /** s in which it is expected above what this person may do, and the item in which it is highest then */
  overSeconds: number
  overItem?: string
  /** beats a minute at the hardest moment, where a pulse may be counted on and a resting one was measured */
  pulse?: { peak: number; ceiling: number }
}

/** How hard a class is expected to become; estimates throughout (rule base 3.6). */
export interface EffortForecast {
  /** from each second on: the least, the middle and the most of those who take part, 0 to 10 in half steps */
  band: { atSeconds: number; low: number; middle: number; high: number }[]
  /** in the order of the roster; null = does not take part */
  people: (PersonEffort | null)[]
}

/** Energy where nobody works at an item, MET: sitting quietly as in rule base 3.5; the others are estimates. */
const RESTING_MET = { seat: 1.3, bed: 1.3, floor: 1.3, heldStand: 1.5, freeStand: 1.5 } as const
/** Getting down to the floor or up from it takes more (rule base 3.5, about 20 s); another change of place: an estimate. */
const CHANGE_MET = { floor: 3.5, other: 2 } as const
/** The pulse is higher when the arms alone work (rule base 3.6). */
const ARMS_ONLY = 1.1
const ARMS_ONLY_FAMILIES: ReadonlySet<Family> = new Set(['seated', 'longSitting'])
/** Above this the room makes the pulse faster, and by so many beats a minute (rule base 3.6: 5 to 10). */
const HOT_C = 26
const HOT_BPM = 7
const STEP = 0.5

const halves = (effort: number): number => Math.round(effort / STEP) * STEP

/** What an item asks of somebody: energy, MET, and effort; `steady`: the share of their reserve at which it settles. */
interface Asked {
  steady: number
  rpe: number
}

function askedOf(use: Use | undefined, { capacity }: Kinetics): Asked {
  if (use?.kind !== 'does') return { steady: steadyShare(RESTING_MET.seat, capacity), rpe: 0 }
  const { judgement, entry } = use.option
  const { demands } = judgement.settled
  const armsOnly = entry?.movement.purpose === 'strength-arms' && ARMS_ONLY_FAMILIES.has(familyOf(entry.planned.basePosition))
  const steady = steadyShare(demands[SLOT.met] ?? RESTING_MET.seat, capacity)
  return { steady: Math.min(1, steady * (armsOnly ? ARMS_ONLY : 1)), rpe: demands[SLOT.intendedRpe] ?? 0 }
}

/** The kinetics of somebody, as far as their record tells them. */
const kineticsFor = ({ assessment: { person, response }, sex }: Pick<AssessedPerson, 'assessment' | 'sex'>): Kinetics =>
  kineticsOf({ age: person.age, sex, weeksInProgramme: person.weeksInProgramme, response })

/** The effort at which somebody settles who goes on with an item for minutes, 0 to 10; an estimate (rule base 3.6). */
export const settlesAt = (option: Option, person: Pick<AssessedPerson, 'assessment' | 'sex'>): number =>
  halves(effortAt(askedOf({ kind: 'does', option }, kineticsFor(person)).steady))

/** Energy of a segment in which nobody works, MET. */
function restingMet({ kind, base }: Segment, before: Segment | undefined): number {
  if (kind !== 'change') return RESTING_MET[base]
  return base === 'floor' || before?.base === 'floor' ? CHANGE_MET.floor : CHANGE_MET.other
}

/** Effort and share of the reserve at the end of every segment for one person. */
interface Course {
  efforts: Float64Array
  shares: Float64Array
}

/** Somebody in a class: where each segment would settle them, and the effort that it asks of them. */
interface Answer extends Taking {
  asked: Float64Array
}

/**
 * Everybody who takes part, null for who does not. Nobody is asked for more than their cap, though the energy of it may be more; above a cap is
 * what reaches the half step that follows it.
 */
export function answersOf({ people, items, timeline: { segments } }: Pick<Evaluation, 'people' | 'items' | 'timeline'>): (Answer | null)[] {
  const placeOf = new Map(items.map(({ prescription }, index) => [prescription.item.id, index]))
  /** item of each segment of work, -1 where nobody works */
  const worked = segments.map(({ kind, item }) => (kind === 'work' && item !== undefined ? (placeOf.get(item) ?? -1) : -1))
  const resting = segments.map((segment, index) => restingMet(segment, segments[index - 1]))
  return people.map((person, index) => {
    const { closed, limits } = person.assessment
    if (closed) return null
    const kinetics = kineticsFor(person)
    const cap = limits.rpeCap.value
    const known = items.map(({ uses }) => askedOf(uses[index], kinetics))
    const targets = new Float64Array(segments.length)
    const asked = new Float64Array(segments.length)
    for (const [at, item] of worked.entries()) {
      const own = known[item]
      targets[at] = own ? own.steady : steadyShare(resting[at]!, kinetics.capacity)
      if (own) asked[at] = Math.min(own.rpe, cap)
    }
    return { kinetics, targets, asked, start: steadyShare(RESTING_MET.seat, kinetics.capacity), cap: cap + STEP / 2 }
  })
}

function courseOf(segments: readonly Segment[], { kinetics, targets, asked, start }: Answer): Course {
  const efforts = new Float64Array(segments.length)
  const shares = new Float64Array(segments.length)
  let share = start
  let before = start
  for (const [index, { seconds }] of segments.entries()) {
    const target = targets[index]!
    // only more than before is answered late
    share = shareAfter(share, target, target > before ? Math.max(0, seconds - DELAY_SECONDS) : seconds, kinetics)
    before = target
    efforts[index] = halves(Math.max(asked[index]!, effortAt(share)))
    shares[index] = share
  }
  return { efforts, shares }
}

/**
 * The ceiling of somebody's pulse in a class, and what their pulse is, beats a minute: `least` at rest in this room, and up to `rise` more at all of
 * their reserve (rule base 3.6). Undefined where a pulse may not be counted on, or none was measured at rest.
 */
export function pulseCeiling(
  assessment: EvaluatedPerson['assessment'],
  plan: Pick<PlanDraft, 'school' | 'ceilingBpm' | 'room'>,
): { bpm: number; least: number; rise: number } | undefined {
  const { person, response } = assessment
  const ceiling = ceilingFor(assessment, plan.school, { typedBpm: plan.ceilingBpm })
  if (ceiling.kind !== 'pulse' || person.restHr < 0) return undefined
  return {
    bpm: ceiling.bpm,
    least: person.restHr + (plan.room.tempC > HOT_C ? HOT_BPM : 0),
    rise: (response.rise ?? 1) * (maximumBy(DEFAULT_FORMULA, person.age) - person.restHr),
  }
}

function personEffort({ assessment }: EvaluatedPerson, plan: PlanDraft, segments: readonly Segment[], { efforts, shares }: Course): PersonEffort {
  const { limits } = assessment
  const cap = limits.rpeCap.value
  const found: PersonEffort = { peak: 0, peakAtSeconds: 0, overSeconds: 0 }
  let worst = cap
  for (const [index, { startSeconds, seconds, item }] of segments.entries()) {
    const effort = efforts[index]!
    if (effort > found.peak) Object.assign(found, { peak: effort, peakAtSeconds: Math.round(startSeconds) })
    if (effort > cap) found.overSeconds += seconds
    if (effort > worst && item !== undefined) {
      worst = effort
      found.overItem = item
    }
  }
  const ceiling = pulseCeiling(assessment, plan)
  if (ceiling) found.pulse = { peak: Math.round(ceiling.least + Math.max(0, ...shares) * ceiling.rise), ceiling: ceiling.bpm }
  return { ...found, overSeconds: Math.round(found.overSeconds) }
}

const STEPS = 10 / STEP + 1
/** Least, middle and most of some efforts in half steps: counted, for there are few steps and many moments. */
function spread(courses: readonly Course[], index: number, count: Uint16Array): { low: number; middle: number; high: number } {
  count.fill(0)
  for (const { efforts } of courses) count[efforts[index]! / STEP]!++
  let seen = 0
  let low = -1
  let middle = -1
  let high = 0
  for (let step = 0; step < STEPS; step++) {
    const here = count[step]!
    if (here === 0) continue
    seen += here
    if (low < 0) low = step
    if (middle < 0 && seen > courses.length >> 1) middle = step
    high = step
  }
  return { low: low * STEP, middle: middle * STEP, high: high * STEP }
}

/**
 * How hard the class is expected to become for everybody, and for the group over its time: what each item asks of the person who does it, or what its
 * energy comes to with their capacity, whichever is more (rule base 3.6). Nobody is told that they may work so hard: caps and ceilings stand beside it.
 */
export function effortForecast(plan: PlanDraft, evaluation: Pick<Evaluation, 'people' | 'items' | 'timeline'>): EffortForecast {
  const { people, timeline } = evaluation
  const { segments } = timeline
  const courses = answersOf(evaluation).map((answer) => answer && courseOf(segments, answer))
  const taking = courses.filter((course) => course !== null)
  const band: EffortForecast['band'] = []
  if (taking.length > 0) {
    const count = new Uint16Array(STEPS)
    for (const [index, { startSeconds }] of segments.entries()) {
      const now = { atSeconds: startSeconds, ...spread(taking, index, count) }
      const last = band.at(-1)
      if (!last || last.low !== now.low || last.middle !== now.middle || last.high !== now.high) band.push(now)
    }
  }
  return {
    band,
    people: people.map((person, index) => {
      const course = courses[index]
      return course ? personEffort(person, plan, segments, course) : null
    }),
  }
}
