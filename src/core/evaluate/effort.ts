import { ceilingFor, DEFAULT_FORMULA, DELAY_SECONDS, effortAt, type Kinetics, kineticsOf, maximumBy, shareAfter, steadyShare } from '../effort'
import { type Family, familyOf, SLOT } from '../movement'
import type { PlanDraft } from '../plan'
import type { Segment } from '../timing'
import type { EvaluatedPerson, Evaluation, Use } from './evaluate'

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

interface Load {
  met: number
  /** effort that the item asks, 0 where nobody works */
  asked: number
  armsOnly: boolean
}

function loadOf(segment: Segment, before: Segment | undefined, doneIn: (item: string) => Use | undefined): Load {
  const { kind, base, item } = segment
  const still = { met: RESTING_MET[base], asked: 0, armsOnly: false }
  if (kind === 'change') {
    const isFloor = base === 'floor' || before?.base === 'floor'
    return { ...still, met: isFloor ? CHANGE_MET.floor : CHANGE_MET.other }
  }
  const use = kind === 'work' && item !== undefined ? doneIn(item) : undefined
  if (use?.kind !== 'does') return kind === 'work' ? { ...still, met: RESTING_MET.seat } : still
  const { demands } = use.option.judgement.settled
  const { entry } = use.option
  return {
    met: demands[SLOT.met] ?? still.met,
    asked: demands[SLOT.intendedRpe] ?? 0,
    armsOnly: entry?.movement.purpose === 'strength-arms' && ARMS_ONLY_FAMILIES.has(familyOf(entry.planned.basePosition)),
  }
}

/** Effort and share of the reserve at the end of every segment for one person. */
function courseOf(segments: readonly Segment[], kinetics: Kinetics, cap: number, doneIn: (item: string) => Use | undefined) {
  let share = steadyShare(RESTING_MET.seat, kinetics.capacity)
  let before = share
  return segments.map((segment, index) => {
    const { met, asked, armsOnly } = loadOf(segment, segments[index - 1], doneIn)
    const target = Math.min(1, steadyShare(met, kinetics.capacity) * (armsOnly ? ARMS_ONLY : 1))
    // only more than before is answered late
    const seconds = target > before ? Math.max(0, segment.seconds - DELAY_SECONDS) : segment.seconds
    share = shareAfter(share, target, seconds, kinetics)
    before = target
    // nobody is asked for more than their cap, though the energy of it may be more
    return { effort: halves(Math.max(Math.min(asked, cap), effortAt(share))), share }
  })
}

function personEffort(
  { assessment }: EvaluatedPerson,
  plan: PlanDraft,
  segments: readonly Segment[],
  course: readonly { effort: number; share: number }[],
): PersonEffort {
  const { person, response, limits } = assessment
  const found: PersonEffort = { peak: 0, peakAtSeconds: 0, overSeconds: 0 }
  let mostShare = 0
  let worst = limits.rpeCap.value
  for (const [index, { effort, share }] of course.entries()) {
    const { startSeconds, seconds, item } = segments[index]!
    if (effort > found.peak) Object.assign(found, { peak: effort, peakAtSeconds: Math.round(startSeconds) })
    if (effort > limits.rpeCap.value) found.overSeconds += seconds
    if (effort > worst && item !== undefined) {
      worst = effort
      found.overItem = item
    }
    mostShare = Math.max(mostShare, share)
  }
  const ceiling = ceilingFor(assessment, plan.school, { typedBpm: plan.ceilingBpm })
  const rest = person.restHr
  if (ceiling.kind === 'pulse' && rest >= 0) {
    const rise = mostShare * (response.rise ?? 1) * (maximumBy(DEFAULT_FORMULA, person.age) - rest)
    found.pulse = { peak: Math.round(rest + rise + (plan.room.tempC > HOT_C ? HOT_BPM : 0)), ceiling: ceiling.bpm }
  }
  return { ...found, overSeconds: Math.round(found.overSeconds) }
}

/** The middle one of a sorted list. */
const middleOf = (sorted: readonly number[]): number => sorted[sorted.length >> 1] ?? 0

/**
 * How hard the class is expected to become for everybody, and for the group over its time: what each item asks of the person who does it, or what its
 * energy comes to with their capacity, whichever is more (rule base 3.6). Nobody is told that they may work so hard: caps and ceilings stand beside it.
 */
export function effortForecast(plan: PlanDraft, { people, items, timeline }: Pick<Evaluation, 'people' | 'items' | 'timeline'>): EffortForecast {
  const { segments } = timeline
  const usesOf = new Map(items.map(({ prescription, uses }) => [prescription.item.id, uses]))
  const courses = people.map(({ assessment, sex }, index) => {
    if (assessment.closed) return undefined
    const { age, weeksInProgramme } = assessment.person
    const kinetics = kineticsOf({ age, sex, weeksInProgramme, response: assessment.response })
    return courseOf(segments, kinetics, assessment.limits.rpeCap.value, (item) => usesOf.get(item)?.[index])
  })
  const taking = courses.filter((course) => course !== undefined)
  const band: EffortForecast['band'] = []
  if (taking.length > 0) {
    for (const [index, { startSeconds }] of segments.entries()) {
      const sorted = taking.map((course) => course[index]!.effort).sort((a, b) => a - b)
      const now = { atSeconds: startSeconds, low: sorted[0]!, middle: middleOf(sorted), high: sorted.at(-1)! }
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
