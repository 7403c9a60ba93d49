import { type BasePosition, type Catalogue, familyOf } from '../movement'
import { type Block, type Phase, type PhaseKind, type Plan, type Prescription, prescriptionOf } from '../plan'
import type { Kit } from '../vocabulary'

/** How much the base holds a person, from most to least: the height of the tread line. */
export const BASES = ['floor', 'bed', 'seat', 'heldStand', 'freeStand'] as const
export type Base = (typeof BASES)[number]

export function baseOf(position: BasePosition): Base {
  if (position.startsWith('bed-')) return 'bed'
  switch (familyOf(position)) {
    case 'seated':
      return 'seat'
    case 'standing':
      return position === 'standing-free' ? 'freeStand' : 'heldStand'
    default:
      return 'floor'
  }
}

/**
 * Seconds for a whole group of older adults to change base, up or down. Estimates of this tool: practice gives every change the
 * same 15 s and then overruns at the floor.
 */
const LEVEL_SECONDS: Record<Base, number> = { floor: 45, bed: 25, seat: 0, heldStand: 10, freeStand: 12 }
export function changeSeconds(from: Base, to: Base): number {
  if (from === to) return 0
  const standing = (base: Base) => base === 'heldStand' || base === 'freeStand'
  // letting go of the chair or taking it again
  if (standing(from) && standing(to)) return 4
  return LEVEL_SECONDS[from] + LEVEL_SECONDS[to]
}

/** Seconds to fetch or put away kit of a kind. Estimates. */
const KIT_SECONDS: Partial<Record<Kit, number>> = { dumbbell: 12, band: 18, ball: 12, cuff: 40, towel: 8, step: 20, wedge: 20 }
const SIDE_CHANGE_SECONDS = 4
const TEACH_SECONDS = 15
/** A movement with more to remember is shown for longer, per step of cognitive load. */
const TEACH_PER_COGNITIVE_STEP = 5

export const SEGMENT_KINDS = ['transition', 'teach', 'pause', 'work', 'side-change', 'rest', 'water'] as const
export type SegmentKind = (typeof SEGMENT_KINDS)[number]

export interface Segment {
  kind: SegmentKind
  startSeconds: number
  seconds: number
  phase: string
  phaseKind: PhaseKind
  block: string
  /** the item at work, or the one that comes */
  item?: string
  base: Base
  /** intended exertion, 0 to 10 */
  rpe: number
  /** 1-based */
  set?: number
  sets?: number
  side?: 'first' | 'second'
  reps?: number
  repSeconds?: number
}

export interface Timeline {
  segments: Segment[]
  totalSeconds: number
  phases: { id: string; kind: PhaseKind; startSeconds: number; seconds: number }[]
}

/** How the people who take part change the times of the plan (rule base 5.7). */
export interface Pacing {
  /** factor on the rests of an item, 1 to 2 */
  restFactor: (item: string) => number
  /** s of standing or sitting still after rising to an item from the one before (none before the first), or after a head-down one */
  pauseSeconds: (item: string, before: string | undefined) => number
}
const AS_WRITTEN: Pacing = { restFactor: () => 1, pauseSeconds: () => 0 }

/** A rest made longer, in whole 5 s; a rest that is not made longer stays as it is written. */
export const restSeconds = (planned: number, factor: number): number =>
  factor > 1 && planned > 0 ? Math.ceil((planned * factor) / 5 - 1e-9) * 5 : planned

/** The same muscles come again no earlier than this after their last set, times the factor (rule base 5.1, short rests). */
const AGAIN_SECONDS = 60
/** From this factor on, the exercises of a circuit have a rest between them even when muscles alternate (5.1). */
const REST_BETWEEN_FACTOR = 1.5
const REST_BETWEEN_SECONDS = 30

interface Clock {
  segments: Segment[]
  now: number
  base: Base
  kit: readonly Kit[]
  shown: Set<string>
  /** the item that was last at work */
  before?: string
}

const RESTING_RPE = 1

function kitSeconds(from: readonly Kit[], to: readonly Kit[]): number {
  const changed = [...from.filter((kit) => !to.includes(kit)), ...to.filter((kit) => !from.includes(kit))]
  return changed.reduce((sum, kit) => sum + (KIT_SECONDS[kit] ?? 0), 0)
}

class Expansion {
  private readonly clock: Clock
  constructor(
    familiar: readonly string[],
    private readonly pacing: Pacing,
  ) {
    this.clock = { segments: [], now: 0, base: 'seat', kit: [], shown: new Set(familiar) }
  }

  private push(phase: Phase, block: Block, seconds: number, rest: Pick<Segment, 'kind' | 'rpe'> & Partial<Segment>) {
    const whole = Math.round(seconds)
    if (whole <= 0) return
    this.clock.segments.push({
      startSeconds: this.clock.now,
      seconds: whole,
      phase: phase.id,
      phaseKind: phase.kind,
      block: block.id,
      base: this.clock.base,
      ...rest,
    })
    this.clock.now += whole
  }

  /** What is new is shown where people are; getting there and fetching kit happen at once, the longer counts; then the pause of those who rose. */
  private approach(phase: Phase, block: Block, item: Prescription) {
    const { clock } = this
    const id = item.item.id
    const show = () => {
      if (clock.shown.has(item.movement)) return
      clock.shown.add(item.movement)
      const seconds = TEACH_SECONDS + TEACH_PER_COGNITIVE_STEP * item.demands.cognitiveLoad
      this.push(phase, block, seconds, { kind: 'teach', rpe: RESTING_RPE, item: id })
    }
    // before the first item there is no position to talk in but its own
    if (clock.before !== undefined) show()
    const base = baseOf(item.demands.basePosition)
    const kit = item.entry?.variant.kit ?? item.item.described?.kit ?? []
    const seconds = Math.max(changeSeconds(clock.base, base), kitSeconds(clock.kit, kit))
    clock.base = base
    clock.kit = kit
    this.push(phase, block, seconds, { kind: 'transition', rpe: RESTING_RPE, item: id })
    this.push(phase, block, this.pacing.pauseSeconds(id, clock.before), { kind: 'pause', rpe: RESTING_RPE, item: id })
    if (clock.before === undefined) show()
    clock.before = id
  }

  private set(phase: Phase, block: Block, item: Prescription, set: number, sets: number) {
    const { dose, workSeconds } = item
    const side = item.entry?.variant.side ?? (item.demands.side === 'alternating' ? 'alternating' : 'both')
    const reps = block.format === 'intervals' ? undefined : dose.reps
    const work = (seconds: number, extra: Partial<Segment>) =>
      this.push(phase, block, seconds, {
        kind: 'work',
        rpe: dose.rpe,
        item: item.item.id,
        set,
        sets,
        repSeconds: item.repSeconds,
        ...(reps !== undefined && { reps }),
        ...extra,
      })
    if (side === 'one-then-other') {
      work(workSeconds, { side: 'first' })
      this.push(phase, block, SIDE_CHANGE_SECONDS, { kind: 'side-change', rpe: RESTING_RPE, item: item.item.id })
      work(workSeconds, { side: 'second' })
      // repetitions are per side: taking turns doubles them within the set
    } else if (side === 'alternating' && reps !== undefined) work(workSeconds * 2, { reps: reps * 2 })
    else work(workSeconds, {})
  }

  private rest(phase: Phase, block: Block, item: Prescription, seconds: number) {
    this.push(phase, block, seconds, { kind: 'rest', rpe: RESTING_RPE, item: item.item.id })
  }

  private straight(phase: Phase, block: Block, items: readonly Prescription[]) {
    for (const item of items) {
      this.approach(phase, block, item)
      for (let set = 1; set <= item.dose.sets; set++) {
        this.set(phase, block, item, set, item.dose.sets)
        if (set < item.dose.sets) this.rest(phase, block, item, restSeconds(item.dose.restSeconds, this.pacing.restFactor(item.item.id)))
      }
    }
  }

  /** The factor counts for the time until the same muscles work again, not for each change of exercise (5.7). */
  private circuit(phase: Phase, block: Block, items: readonly Prescription[]) {
    const [first] = items
    const last = items.at(-1)
    if (!first || !last) return
    const rounds = first.dose.sets
    const factor = Math.max(...items.map((item) => this.pacing.restFactor(item.item.id)))
    const between = factor >= REST_BETWEEN_FACTOR ? REST_BETWEEN_SECONDS : 0
    const planned = block.restSeconds ?? last.dose.restSeconds
    for (let round = 1; round <= rounds; round++) {
      const began = this.clock.now
      let longest = 0
      for (const item of items) {
        this.approach(phase, block, item)
        const start = this.clock.now
        this.set(phase, block, item, round, rounds)
        longest = Math.max(longest, this.clock.now - start)
        if (item !== last) this.rest(phase, block, item, between)
      }
      if (round === rounds) break
      // an exercise comes again after a round less its own set
      const away = this.clock.now - began - longest + planned
      const missing = factor > 1 ? Math.max(0, AGAIN_SECONDS * factor - away) : 0
      this.rest(phase, block, last, planned + Math.ceil(missing / 5) * 5)
    }
  }

  /** By the clock: it is never stretched, whoever needs more rest leaves out stretches (5.7). */
  private intervals(phase: Phase, block: Block, items: readonly Prescription[]) {
    const rounds = block.rounds ?? 1
    for (let round = 1; round <= rounds; round++) {
      items.forEach((item, index) => {
        this.approach(phase, block, item)
        this.set(phase, block, item, round, rounds)
        if (round < rounds || index < items.length - 1) this.rest(phase, block, item, block.restSeconds ?? 15)
      })
    }
  }

  block(phase: Phase, block: Block, items: readonly Prescription[]) {
    this[block.format](phase, block, items)
    this.push(phase, block, block.pauseAfter, { kind: 'water', rpe: RESTING_RPE })
  }

  result(): Pick<Timeline, 'segments' | 'totalSeconds'> {
    return { segments: this.clock.segments, totalSeconds: this.clock.now }
  }
}

/**
 * The plan in seconds: every transition, demonstration, pause, set, side change and rest, exact and the same for the same input.
 *
 * @param pacing what the people who take part make of rests and pauses; as written when left out
 */
export function expand(plan: Plan, catalogue: Catalogue, pacing: Pacing = AS_WRITTEN): Timeline {
  const expansion = new Expansion(plan.familiar, pacing)
  for (const phase of plan.phases) {
    for (const block of phase.blocks) {
      expansion.block(
        phase,
        block,
        block.items.map((item) => prescriptionOf(item, block, catalogue)),
      )
    }
  }
  const { segments, totalSeconds } = expansion.result()
  let startSeconds = 0
  const phases = plan.phases.map(({ id, kind }) => {
    const seconds = segments.filter((segment) => segment.phase === id).reduce((sum, segment) => sum + segment.seconds, 0)
    const entry = { id, kind, startSeconds, seconds }
    startSeconds += seconds
    return entry
  })
  return { segments, totalSeconds, phases }
}

/** Index of the segment at a second of the timeline; the last one at and after the end. */
export function segmentAt(timeline: Timeline, second: number): number {
  let low = 0
  let high = timeline.segments.length - 1
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if (timeline.segments[middle]!.startSeconds <= second) low = middle
    else high = middle - 1
  }
  return low
}

/** m:ss, minutes uncapped; whole seconds. */
export const clock = (seconds: number): string => {
  const whole = Math.max(0, Math.round(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
