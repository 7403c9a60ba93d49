import { type BasePosition, type Catalogue, startsIn } from '../movement'
import {
  type Block,
  handedOut,
  type Phase,
  type PhaseKind,
  type Plan,
  type Prescription,
  placedIn,
  prescriptionOf,
  SIDE_CHANGE_SECONDS,
  type Step,
  stepsOf,
} from '../plan'
import type { Kit } from '../vocabulary'
import { type Base, baseOf, changeSeconds } from './bases'
import { BETWEEN, DEPENDS, type Depends, HOUSE_RATES, type Rates } from './rates'

/** What a second is for. */
export const SEGMENT_KINDS = [
  'work',
  'side-change',
  /** between sets, or left over of a stated rest */
  'rest',
  /** standing or sitting still after rising (rule base 5.7) */
  'pause',
  /** a name, a word of praise */
  'link',
  'count-in',
  /** of place, floor to chair say */
  'change',
  'kit',
  'showing',
  'talk',
  'water',
] as const
export type SegmentKind = (typeof SEGMENT_KINDS)[number]

export interface Segment {
  kind: SegmentKind
  startSeconds: number
  seconds: number
  phase: string
  phaseKind: PhaseKind
  block: string
  /** the item at work; of a rest the one before, of what leads to an item that one */
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
  /** of a quiet block that says it: how people are held */
  position?: BasePosition
  /** weight is taken off (rule base 1.6) */
  relief?: true
  /** left out when time is short */
  optional?: true
  /** house seconds by what they depend on; they sum to the segment's at the house's pace */
  house: Partial<Record<Depends, number>>
}

export interface Timeline {
  segments: Segment[]
  totalSeconds: number
  /** without what is left out when time is short */
  leastSeconds: number
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
const RESTING_RPE = 1
/** So long a quiet block may be where people lie, s. */
const LOW_SECONDS = 60

const startOf = ({ entry, demands }: Prescription): BasePosition => (entry ? startsIn(entry.variant) : demands.basePosition)
const sameKit = (a: readonly Kit[], b: readonly Kit[]) => a.length === b.length && a.every((kit) => b.includes(kit))

/** A stated rest that waits for what comes: set-up fits inside. */
interface Owed {
  seconds: number
  exact: boolean
  kind: 'rest' | 'water'
  phase: Phase
  block: Block
  item?: string
}
type Gap = Step & { kind: 'gap' }
type Work = Step & { kind: 'work' }

class Expansion {
  private segments: Segment[] = []
  /** exact; segments begin and end at whole seconds */
  private now = 0
  /** where people are before what comes */
  private position: BasePosition = 'seated-unsupported'
  private base: Base = 'seat'
  private kit: readonly Kit[] = []
  private readonly shown: Set<string>
  /** the item that was last at work */
  private before: Prescription | undefined
  private owed: Owed | undefined
  private roundBegan = 0

  constructor(
    familiar: readonly string[],
    private readonly pacing: Pacing,
    private readonly rates: Rates,
  ) {
    this.shown = new Set(familiar)
  }

  private rateOf(depends: Depends, movement: string | undefined): number {
    if (depends === 'clock') return 1
    const own = depends === 'between' || movement === undefined ? 1 : (this.rates.movements[movement] ?? 1)
    return this.rates[depends] * own
  }

  private push(phase: Phase, block: Block, house: Segment['house'], rest: Pick<Segment, 'kind'> & Partial<Segment>, movement?: string) {
    let seconds = 0
    const kept: Segment['house'] = {}
    for (const depends of DEPENDS) {
      const part = house[depends] ?? 0
      if (part <= 0) continue
      kept[depends] = part
      seconds += part * this.rateOf(depends, movement)
    }
    if (seconds <= 0) return
    const startSeconds = Math.round(this.now)
    this.now += seconds
    const whole = Math.round(this.now) - startSeconds
    if (whole <= 0) return
    this.segments.push({
      startSeconds,
      seconds: whole,
      phase: phase.id,
      phaseKind: phase.kind,
      block: block.id,
      base: this.base,
      rpe: RESTING_RPE,
      ...rest,
      house: kept,
    })
  }

  /** What is left of a stated rest once set-up is taken from it. */
  private pay(owed: Owed | undefined, setUpSeconds: number, optional = false) {
    if (!owed) return
    const left = owed.seconds - setUpSeconds
    this.push(
      owed.phase,
      owed.block,
      { clock: Math.max(0, left) },
      {
        kind: owed.kind,
        ...(owed.item !== undefined && { item: owed.item }),
        ...(optional && { optional: true as const }),
      },
    )
  }

  /**
   * From what was done before to an item: what is stated, or what it takes, whichever is longer. The rest that is left over comes first; then
   * a word, the showing, kit and place (which happen at once, the longer counts), and the pause of those who rose.
   */
  private approach(phase: Phase, block: Block, to: Prescription, between: Gap['between'] | 'first', optional: boolean) {
    const id = to.item.id
    const isFirst = this.before === undefined
    const change = changeSeconds(this.position, startOf(to))
    const kit = handedOut(to)
    const moved = !sameKit(this.kit, kit) && (kit.length > 0 || this.kit.length > 0)
    const isNew = !this.shown.has(to.movement)
    const pause = this.pacing.pauseSeconds(id, this.before?.item.id)
    const scale = this.rates.between
    const isRound = between === 'round' || between === 'rounds'
    const isFlow = between === 'flow'
    const exact = this.owed?.exact ?? false
    const link = isFlow || isRound ? 0 : BETWEEN.link
    const kitSeconds = moved ? (isRound ? BETWEEN.changeOverKit : BETWEEN.kit) : 0
    const over = isRound ? BETWEEN.changeOver : 0
    const showing = !isNew || isFlow ? 0 : isRound ? BETWEEN.changeOverShowing : BETWEEN.showing
    // place and kit happen at once; in a round the ten seconds are the word and the place
    const place = change + pause / scale
    const filler = Math.max(0, over + kitSeconds - place)
    const setUp = (link + showing + place + filler) * scale
    const owed = this.owed
    this.owed = undefined
    if (owed && exact) {
      this.keptApproach(phase, block, to, owed, { change, pause, showing, kit: kitSeconds }, optional)
      return
    }
    this.pay(owed, setUp, optional)
    const tagged = { item: id, ...(optional && { optional: true as const }) }
    const put = (kind: SegmentKind, seconds: number) => this.push(phase, block, { between: Math.max(0, seconds) }, { kind, ...tagged })
    this.shown.add(to.movement)
    if (isRound) {
      put('showing', showing)
      put(moved ? 'kit' : 'link', filler)
    } else {
      put('link', link - (link > 0 ? BETWEEN.countIn : 0))
      // before the first item there is no position to talk in but its own
      if (!isFirst) put('showing', showing)
      put('kit', filler)
    }
    this.arrive(to)
    put('change', change)
    this.push(phase, block, { clock: pause }, { kind: 'pause', ...tagged })
    if (isRound) return
    if (isFirst) put('showing', showing)
    // the first of a new move is slow and explained
    if (isNew && between !== 'flow') this.tryOnce(phase, block, to, tagged)
    put('count-in', link > 0 ? BETWEEN.countIn : 0)
  }

  /** Set-up inside a rest that a clock keeps: what there is room for. Only the way there and the pause of those who rose may make it longer. */
  private keptApproach(
    phase: Phase,
    block: Block,
    to: Prescription,
    owed: Owed,
    wanted: { change: number; pause: number; showing: number; kit: number },
    optional: boolean,
  ) {
    const scale = this.rates.between
    const change = wanted.pause > 0 ? wanted.change * scale : Math.min(wanted.change * scale, owed.seconds)
    let room = Math.max(0, owed.seconds - change - wanted.pause)
    const take = (seconds: number) => {
      const taken = Math.min(room, seconds * scale)
      room -= taken
      return taken
    }
    const [showing, kit] = [take(wanted.showing), take(Math.max(0, wanted.kit - wanted.change))]
    const put = (kind: SegmentKind, seconds: number) =>
      this.push(phase, block, { clock: seconds }, { kind, item: to.item.id, ...(optional && { optional: true as const }) })
    this.pay({ ...owed, seconds: room }, 0, optional)
    put('showing', showing)
    put('kit', kit)
    this.shown.add(to.movement)
    this.arrive(to)
    put('change', change)
    put('pause', wanted.pause)
  }

  private tryOnce(phase: Phase, block: Block, to: Prescription, tagged: Partial<Segment>) {
    const [first] = to.sets[0]
    if (first?.reps === undefined || first.heldSeconds > 0) return
    this.push(phase, block, { counted: first.repSeconds }, { kind: 'showing', ...tagged }, to.movement)
  }

  private arrive(to: Prescription) {
    this.position = startOf(to)
    this.base = baseOf(to.demands.basePosition)
    this.kit = handedOut(to)
    this.before = to
  }

  private work(phase: Phase, block: Block, step: Work, to: Prescription) {
    const { item, movement, side, sets } = to
    const optional = step.optional || item.optional || block.optional
    const tagged = { item: item.id, set: step.set, sets: step.sets, ...(optional && { optional: true as const }) }
    const one = (which: 0 | 1, extra: Partial<Segment>, seconds?: number) => {
      const done = sets[which][Math.min(step.set, sets[which].length) - 1]
      if (!done) return
      const byClock = seconds !== undefined
      this.push(
        phase,
        block,
        byClock ? { clock: seconds } : { clock: done.clockSeconds, counted: done.countedSeconds, held: done.heldSeconds },
        {
          kind: 'work',
          ...tagged,
          rpe: step.rpe ?? done.rpe,
          repSeconds:
            done.repSeconds * (done.clockSeconds > 0 ? 1 : this.rateOf(done.heldSeconds > done.countedSeconds ? 'held' : 'counted', movement)),
          ...(!byClock && done.reps !== undefined && { reps: done.reps }),
          ...extra,
        },
        movement,
      )
    }
    const sided = { 0: 'first', 1: 'second' } as const
    if (step.side !== undefined) return one(step.side, { side: sided[step.side] }, step.clockSeconds)
    if (side !== 'one-then-other') return one(0, {}, step.clockSeconds)
    const halves = step.clockSeconds === undefined ? undefined : (step.clockSeconds - SIDE_CHANGE_SECONDS) / 2
    one(0, { side: 'first' }, halves)
    this.push(phase, block, halves === undefined ? { between: SIDE_CHANGE_SECONDS } : { clock: SIDE_CHANGE_SECONDS }, {
      kind: 'side-change',
      ...tagged,
    })
    one(1, { side: 'second' }, halves)
  }

  /** Rest between sets of one item: as stated, or the house's; longer for those who need it (5.7). */
  private restBetweenSets(phase: Phase, block: Block, step: Gap, item: Prescription) {
    const factor = this.pacing.restFactor(item.item.id)
    const tagged = { item: item.item.id, ...((item.item.optional || block.optional) && { optional: true as const }) }
    if (step.seconds !== undefined) return this.push(phase, block, { clock: restSeconds(step.seconds, factor) }, { kind: 'rest', ...tagged })
    const longer = restSeconds(BETWEEN.rest, factor) - BETWEEN.rest
    this.push(phase, block, { between: BETWEEN.rest, clock: longer }, { kind: 'rest', ...tagged })
  }

  /** The factor counts for the time until the same muscles work again, not for each change of exercise (5.7). */
  private roundRest(step: Gap, items: readonly Prescription[]): number | undefined {
    const factor = Math.max(1, ...items.map(({ item }) => this.pacing.restFactor(item.id)))
    if (factor === 1) return step.seconds
    const longest = Math.max(...items.map(({ workSeconds, side }) => workSeconds * (side === 'one-then-other' ? 2 : 1)))
    const planned = step.seconds ?? 0
    // an exercise comes again after a round less its own set
    const away = this.now - this.roundBegan - longest + planned
    const missing = Math.max(0, AGAIN_SECONDS * factor - away)
    return planned + Math.ceil(missing / 5) * 5
  }

  private gap(phase: Phase, block: Block, step: Gap, items: readonly Prescription[]) {
    const after = items.find(({ item }) => item.id === step.after)
    const owe = (seconds: number | undefined) => {
      this.owed =
        seconds === undefined ? undefined : { seconds, exact: step.exact ?? false, kind: 'rest', phase, block, ...(after && { item: after.item.id }) }
    }
    switch (step.between) {
      case 'sets':
        return after && this.restBetweenSets(phase, block, step, after)
      case 'side':
        return this.push(phase, block, { between: SIDE_CHANGE_SECONDS }, { kind: 'side-change', ...(after && { item: after.item.id }) })
      case 'rounds': {
        const rest = this.roundRest(step, items)
        // nothing said: the house's rest, in which people change over
        owe(rest ?? BETWEEN.rest * this.rates.between)
        return
      }
      case 'round': {
        const factor = Math.max(1, ...items.map(({ item }) => this.pacing.restFactor(item.id)))
        const least = !step.exact && factor >= REST_BETWEEN_FACTOR ? REST_BETWEEN_SECONDS : undefined
        owe(least === undefined ? step.seconds : Math.max(least, step.seconds ?? 0))
        return
      }
      default:
        owe(step.seconds)
    }
  }

  private quiet(phase: Phase, block: Extract<Block, { format: 'quiet' }>) {
    const { what, seconds, relief } = block
    // nobody is judged here, so nobody stays lying or on the floor for longer than a drink of water
    const isLow = this.base === 'floor' || this.base === 'bed'
    const position = block.position ?? (isLow && seconds > LOW_SECONDS ? 'seated-back-supported' : undefined)
    const optional = block.optional && { optional: true as const }
    if (position) {
      const change = changeSeconds(this.position, position)
      const needed = change * this.rates.between
      const owed = this.owed
      this.owed = undefined
      this.pay(owed, needed)
      this.base = baseOf(position)
      this.push(phase, block, { between: change }, { kind: 'change', position, ...optional })
      this.position = position
    } else {
      this.pay(this.owed, 0)
      this.owed = undefined
    }
    const kind = what === 'water' ? 'water' : what === 'relaxation' ? 'rest' : 'talk'
    this.push(phase, block, { clock: seconds }, { kind, ...(position && { position }), ...(relief && { relief: true as const }), ...optional })
  }

  block(phase: Phase, block: Block, items: readonly Prescription[]) {
    if (block.format === 'quiet') this.quiet(phase, block)
    else {
      const byId = new Map(items.map((item) => [item.item.id, item]))
      let between: Gap['between'] | 'first' = 'first'
      let came: string | undefined
      for (const step of stepsOf(block, items.map(placedIn))) {
        if (step.kind === 'gap') {
          this.gap(phase, block, step, items)
          between = step.between
        } else if (step.kind === 'work') {
          const to = byId.get(step.item)
          if (!to) continue
          const isNext = came !== step.item || this.owed !== undefined
          if (isNext || (between !== 'sets' && between !== 'flow' && between !== 'side'))
            this.approach(
              phase,
              block,
              to,
              between === 'first' || between === 'sets' || between === 'side' ? 'items' : between,
              (step.optional || to.item.optional || block.optional) ?? false,
            )
          if (between === 'first' || between === 'rounds') this.roundBegan = this.now
          came = step.item
          this.work(phase, block, step, to)
        }
      }
    }
    if (block.pauseAfter === 0) return
    this.pay(this.owed, 0)
    this.owed = { seconds: block.pauseAfter, exact: false, kind: 'water', phase, block }
  }

  result(): Pick<Timeline, 'segments' | 'totalSeconds' | 'leastSeconds'> {
    this.pay(this.owed, 0)
    this.owed = undefined
    const totalSeconds = Math.round(this.now)
    const spare = this.segments.reduce((sum, { optional, seconds }) => sum + (optional ? seconds : 0), 0)
    return { segments: this.segments, totalSeconds, leastSeconds: totalSeconds - spare }
  }
}

/**
 * The plan in seconds, and what each second is for: exact and the same for the same input.
 *
 * @param pacing what the people who take part make of rests and pauses; as written when left out
 * @param rates the instructor's pace; the house's when left out
 */
export function expand(plan: Plan, catalogue: Catalogue, pacing: Pacing = AS_WRITTEN, rates: Rates = HOUSE_RATES): Timeline {
  const expansion = new Expansion(plan.familiar, pacing, rates)
  for (const phase of plan.phases) {
    for (const block of phase.blocks) {
      expansion.block(
        phase,
        block,
        block.items.map((item) => prescriptionOf(item, block, catalogue, plan.bpm)),
      )
    }
  }
  const made = expansion.result()
  let startSeconds = 0
  const phases = plan.phases.map(({ id, kind }) => {
    const seconds = made.segments.filter((segment) => segment.phase === id).reduce((sum, segment) => sum + segment.seconds, 0)
    const entry = { id, kind, startSeconds, seconds }
    startSeconds += seconds
    return entry
  })
  return { ...made, phases }
}

/** Index of the segment at a second of the timeline; the last one at and after the end. */
export function segmentAt(timeline: Pick<Timeline, 'segments'>, second: number): number {
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
