import { type BasePosition, type Catalogue, familyOf, type Kit } from '../movement'
import { type Block, type Phase, type PhaseKind, type Plan, type PlannedItem, plannedItem } from '../plan'

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

export const SEGMENT_KINDS = ['transition', 'teach', 'work', 'side-change', 'rest', 'water'] as const
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

interface Clock {
  segments: Segment[]
  now: number
  base: Base
  kit: readonly Kit[]
  shown: Set<string>
}

const RESTING_RPE = 1

function kitSeconds(from: readonly Kit[], to: readonly Kit[]): number {
  const changed = [...from.filter((kit) => !to.includes(kit)), ...to.filter((kit) => !from.includes(kit))]
  return changed.reduce((sum, kit) => sum + (KIT_SECONDS[kit] ?? 0), 0)
}

class Expansion {
  private readonly clock: Clock
  constructor(familiar: readonly string[]) {
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

  /** Getting into position, fetching kit (both at once: the longer counts), and showing what is new. */
  private approach(phase: Phase, block: Block, item: PlannedItem) {
    const { clock } = this
    const base = baseOf(item.demands.basePosition)
    const kit = item.entry?.variant.kit ?? []
    const seconds = Math.max(changeSeconds(clock.base, base), kitSeconds(clock.kit, kit))
    clock.base = base
    clock.kit = kit
    this.push(phase, block, seconds, { kind: 'transition', rpe: RESTING_RPE, item: item.item.id })
    if (clock.shown.has(item.movement)) return
    clock.shown.add(item.movement)
    this.push(phase, block, TEACH_SECONDS + TEACH_PER_COGNITIVE_STEP * item.demands.cognitiveLoad, {
      kind: 'teach',
      rpe: RESTING_RPE,
      item: item.item.id,
    })
  }

  private set(phase: Phase, block: Block, item: PlannedItem, set: number, sets: number, workSeconds?: number) {
    const { dose } = item
    const side = item.entry?.variant.side ?? (item.demands.side === 'alternating' ? 'alternating' : 'both')
    const reps = dose.reps === undefined || workSeconds !== undefined ? undefined : dose.reps
    // repetitions are per side: taking turns doubles them within the set
    const oneSide = workSeconds ?? dose.workSeconds ?? (reps ?? 1) * item.repSeconds
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
      work(oneSide, { side: 'first' })
      this.push(phase, block, SIDE_CHANGE_SECONDS, { kind: 'side-change', rpe: RESTING_RPE, item: item.item.id })
      work(oneSide, { side: 'second' })
    } else if (side === 'alternating' && reps !== undefined) work(oneSide * 2, { reps: reps * 2 })
    else work(oneSide, {})
  }

  private rest(phase: Phase, block: Block, item: PlannedItem, seconds = item.dose.restSeconds) {
    this.push(phase, block, seconds, { kind: 'rest', rpe: RESTING_RPE, item: item.item.id })
  }

  block(phase: Phase, block: Block, items: readonly PlannedItem[]) {
    switch (block.format) {
      case 'straight':
        for (const item of items) {
          this.approach(phase, block, item)
          for (let set = 1; set <= item.dose.sets; set++) {
            this.set(phase, block, item, set, item.dose.sets)
            if (set < item.dose.sets) this.rest(phase, block, item)
          }
        }
        break
      case 'circuit': {
        const rounds = block.rounds ?? Math.max(1, ...items.map((item) => item.dose.sets))
        for (let round = 1; round <= rounds; round++) {
          for (const item of items) {
            this.approach(phase, block, item)
            this.set(phase, block, item, round, rounds)
          }
          const last = items.at(-1)
          if (round < rounds && last) this.rest(phase, block, last, block.restSeconds)
        }
        break
      }
      case 'intervals': {
        const rounds = block.rounds ?? 1
        for (let round = 1; round <= rounds; round++) {
          items.forEach((item, index) => {
            this.approach(phase, block, item)
            this.set(phase, block, item, round, rounds, block.workSeconds ?? 30)
            if (round < rounds || index < items.length - 1) this.rest(phase, block, item, block.restSeconds ?? 15)
          })
        }
      }
    }
    this.push(phase, block, block.pauseAfter, { kind: 'water', rpe: RESTING_RPE })
  }

  result(): Pick<Timeline, 'segments' | 'totalSeconds'> {
    return { segments: this.clock.segments, totalSeconds: this.clock.now }
  }
}

/** The plan in seconds: every transition, demonstration, set, side change, rest and pause, exact and the same for the same input. */
export function expand(plan: Plan, catalogue: Catalogue): Timeline {
  const expansion = new Expansion(plan.familiar)
  for (const phase of plan.phases) {
    for (const block of phase.blocks) {
      expansion.block(
        phase,
        block,
        block.items.map((item) => plannedItem(item, catalogue)),
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
