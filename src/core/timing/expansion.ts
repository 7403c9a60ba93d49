import { type BasePosition, startsIn } from '../movement'
import { type Block, handedOut, type Phase, type Prescription, placedIn, SIDE_CHANGE_SECONDS, type Step, stepsOf } from '../plan'
import type { Kit } from '../vocabulary'
import { type Base, baseOf, changeSeconds } from './bases'
import { AGAIN_SECONDS, BETWEEN, DEPENDS, type Depends, HOUSE_RATES, type Rates, REST_BETWEEN_FACTOR, REST_BETWEEN_SECONDS, ratesOf } from './rates'
import { type Pacing, restSeconds, type Segment, type SegmentKind, type Timeline } from './segment'

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
  item?: string | undefined
}
type Gap = Step & { kind: 'gap' }
type Work = Step & { kind: 'work' }

/** What a segment is told besides its seconds; nothing that is false is kept. */
type Told = Pick<Segment, 'kind'> & Partial<Omit<Segment, 'optional' | 'item'>> & { item?: string | undefined; optional?: boolean | undefined }

const isToAnother = ({ after }: Gap, next: Step | undefined): boolean => next?.kind === 'work' && next.item !== after

/** A plan being laid out in time, block after block. */
export class Expansion {
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
  /** of the block that is laid out */
  private rates = HOUSE_RATES

  constructor(
    familiar: readonly string[],
    private readonly pacing: Pacing,
    private readonly learned: Rates,
  ) {
    this.shown = new Set(familiar)
  }

  private rateOf(depends: Depends, movement: string | undefined): number {
    if (depends === 'clock') return 1
    const own = depends === 'between' || movement === undefined ? 1 : (this.rates.movements[movement] ?? 1)
    return this.rates[depends] * own
  }

  private push(phase: Phase, block: Block, house: Segment['house'], { item, optional, ...rest }: Told, movement?: string) {
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
      ...(item !== undefined && { item }),
      ...(optional && { optional: true }),
      ...rest,
      house: kept,
    })
  }

  /** What is left of the rest that was stated, once set-up is taken from it. */
  private settle(setUpSeconds = 0, optional = false) {
    const { owed } = this
    this.owed = undefined
    if (!owed) return
    const { phase, block, kind, item, seconds } = owed
    this.push(phase, block, { clock: Math.max(0, seconds - setUpSeconds) }, { kind, item, optional })
  }

  /**
   * From what was done before to an item: what is stated, or what it takes, whichever is longer. The rest that is left over comes first; then
   * a word, the showing, kit and place (which happen at once, the longer counts), and the pause of those who rose.
   */
  private approach(phase: Phase, block: Block, to: Prescription, between: 'items' | 'round' | 'rounds' | 'flow', optional: boolean) {
    const id = to.item.id
    const isFirst = this.before === undefined
    const change = changeSeconds(this.position, startOf(to)) * (this.pacing.changeFactor?.(id) ?? 1)
    const kit = handedOut(to)
    const moved = !sameKit(this.kit, kit) && (kit.length > 0 || this.kit.length > 0)
    const isNew = !this.shown.has(to.movement)
    const pause = this.pacing.pauseSeconds(id, this.before?.item.id)
    const scale = this.rates.between
    const isRound = between === 'round' || between === 'rounds'
    const isFlow = between === 'flow'
    const link = isFlow || isRound ? 0 : BETWEEN.link
    const kitSeconds = moved ? (isRound ? BETWEEN.changeOverKit : BETWEEN.kit) : 0
    const over = isRound ? BETWEEN.changeOver : 0
    const showing = !isNew || isFlow ? 0 : isRound ? BETWEEN.changeOverShowing : BETWEEN.showing
    // place and kit happen at once; in a round the ten seconds are the word and the place
    const place = change + pause / scale
    const filler = Math.max(0, over + kitSeconds - place)
    if (this.owed?.exact) return this.keptApproach(phase, block, to, this.owed.seconds, { change, pause, showing, kit: kitSeconds }, optional)
    this.settle((link + showing + place + filler) * scale, optional)
    const tagged = { item: id, optional }
    const put = (kind: SegmentKind, seconds: number) => this.push(phase, block, { between: seconds }, { kind, ...tagged })
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
    keptSeconds: number,
    wanted: { change: number; pause: number; showing: number; kit: number },
    optional: boolean,
  ) {
    const scale = this.rates.between
    const change = wanted.pause > 0 ? wanted.change * scale : Math.min(wanted.change * scale, keptSeconds)
    let room = Math.max(0, keptSeconds - change - wanted.pause)
    const take = (seconds: number) => {
      const taken = Math.min(room, seconds * scale)
      room -= taken
      return taken
    }
    const [showing, kit] = [take(wanted.showing), take(Math.max(0, wanted.kit - wanted.change))]
    const put = (kind: SegmentKind, seconds: number) => this.push(phase, block, { clock: seconds }, { kind, item: to.item.id, optional })
    this.settle(keptSeconds - room, optional)
    put('showing', showing)
    put('kit', kit)
    this.shown.add(to.movement)
    this.arrive(to)
    put('change', change)
    put('pause', wanted.pause)
  }

  private tryOnce(phase: Phase, block: Block, to: Prescription, tagged: Pick<Told, 'item' | 'optional'>) {
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
    const tagged = { item: item.id, set: step.set, sets: step.sets, optional, ...(step.moving && { moving: true as const }) }
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
          rpe: step.rpe ?? (step.moving ? to.dose.rpe : done.rpe),
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

  /** Rest between sets of one item: as stated, or the house's; longer for those who need it, unless a clock or music keeps it (5.7). */
  private restBetweenSets(phase: Phase, block: Block, step: Gap, item: Prescription) {
    const factor = step.exact ? 1 : this.pacing.restFactor(item.item.id)
    const tagged = { item: item.item.id, optional: item.item.optional || block.optional }
    if (step.seconds !== undefined) return this.push(phase, block, { clock: restSeconds(step.seconds, factor) }, { kind: 'rest', ...tagged })
    const longer = restSeconds(BETWEEN.rest, factor) - BETWEEN.rest
    this.push(phase, block, { between: BETWEEN.rest, clock: longer }, { kind: 'rest', ...tagged })
  }

  /** The rest between two sets of which the second is another version. */
  private restOwed({ seconds, exact, after }: Gap): Pick<Owed, 'seconds' | 'exact' | 'kind'> {
    const factor = exact ? 1 : this.pacing.restFactor(after)
    return { seconds: restSeconds(seconds ?? BETWEEN.rest * this.rates.between, factor), exact: exact ?? false, kind: 'rest' }
  }

  /** The factor counts for the time until the same muscles work again, not for each change of exercise (5.7). */
  private roundRest(step: Gap, factor: number, items: readonly Prescription[]): number | undefined {
    if (factor === 1) return step.seconds
    const longest = Math.max(...items.map(({ workSeconds, side }) => workSeconds * (side === 'one-then-other' ? 2 : 1)))
    const planned = step.seconds ?? 0
    // an exercise comes again after a round less its own set
    const away = this.now - this.roundBegan - longest + planned
    const missing = Math.max(0, AGAIN_SECONDS * factor - away)
    return planned + Math.ceil(missing / 5) * 5
  }

  /** What a moving rest is too short by for those who need longer ones: it counts as the rest it stands for (5.7), still from there on. */
  private onTopOfMoving(step: Gap, after: Prescription | undefined, factor: number, items: readonly Prescription[]): number | undefined {
    const moved = after?.item.asRest ? after.workSeconds : 0
    const needed = Math.max(restSeconds(moved, factor), factor >= REST_BETWEEN_FACTOR && moved > 0 ? REST_BETWEEN_SECONDS : 0)
    const ofRound = step.between === 'rounds' && factor > 1 ? (this.roundRest({ ...step, seconds: 0 }, factor, items) ?? 0) : 0
    const missing = Math.max(needed - moved, ofRound)
    return missing > 0 ? missing : undefined
  }

  private gap(phase: Phase, block: Block, step: Gap, items: readonly Prescription[]) {
    const after = items.find(({ item }) => item.id === step.after)
    const item = after?.item.id
    const owe = (seconds: number | undefined) => {
      this.owed = seconds === undefined ? undefined : { seconds, exact: step.exact ?? false, kind: 'rest', phase, block, item }
    }
    const factor = () => Math.max(1, ...items.map((one) => this.pacing.restFactor(one.item.id)))
    if (step.moving) return owe(this.onTopOfMoving(step, after, factor(), items))
    switch (step.between) {
      case 'sets':
        return after && this.restBetweenSets(phase, block, step, after)
      case 'side':
        return this.push(phase, block, { between: SIDE_CHANGE_SECONDS }, { kind: 'side-change', item })
      case 'rounds':
        // nothing said: the house's rest, in which people change over
        return owe(this.roundRest(step, factor(), items) ?? BETWEEN.rest * this.rates.between)
      case 'round': {
        const isLonger = !step.exact && factor() >= REST_BETWEEN_FACTOR
        return owe(isLonger ? Math.max(REST_BETWEEN_SECONDS, step.seconds ?? 0) : step.seconds)
      }
      case 'items':
      case 'flow':
        return owe(step.seconds)
    }
  }

  private quiet(phase: Phase, block: Extract<Block, { format: 'quiet' }>) {
    const { what, seconds, relief } = block
    // nobody is judged here, so nobody stays lying or on the floor for longer than a drink of water
    const isLow = this.base === 'floor' || this.base === 'bed'
    const position = block.position ?? (isLow && seconds > LOW_SECONDS ? 'seated-back-supported' : undefined)
    const { optional } = block
    const change = position ? changeSeconds(this.position, position) : 0
    this.settle(change * this.rates.between)
    if (position) {
      this.base = baseOf(position)
      this.position = position
    }
    const held = position && { position }
    this.push(phase, block, { between: change }, { kind: 'change', ...held, optional })
    const kind = what === 'water' ? 'water' : what === 'relaxation' ? 'rest' : 'talk'
    this.push(phase, block, { clock: seconds }, { kind, ...held, ...(relief && { relief }), optional })
  }

  /** The items of a block in the order of its format: how people come to each, and the work. */
  private items(phase: Phase, block: Block, items: readonly Prescription[]) {
    const byId = new Map(items.map((item) => [item.item.id, item]))
    let between: Gap['between'] | 'first' = 'first'
    let before: string | undefined
    let isNewRound = false
    const steps = stepsOf(block, items.map(placedIn))
    for (const [index, step] of steps.entries()) {
      if (step.kind === 'gap' && step.between === 'sets' && isToAnother(step, steps[index + 1])) {
        // the next set is another version: people come to it within the rest
        this.owed = { ...this.restOwed(step), phase, block, item: step.after }
        between = 'flow'
      } else if (step.kind === 'gap') {
        this.gap(phase, block, step, items)
        isNewRound = step.between === 'rounds'
        between = step.moving ? 'flow' : step.between
      }
      const to = step.kind === 'work' ? byId.get(step.item) : undefined
      if (step.kind !== 'work' || !to) continue
      // after a rest between its sets, a change of side, or straight on, people are there already
      const isThere = before === step.item && this.owed === undefined && (between === 'sets' || between === 'flow' || between === 'side')
      const way = between === 'round' || between === 'rounds' || between === 'flow' ? between : 'items'
      if (!isThere) this.approach(phase, block, to, way, (step.optional || to.item.optional || block.optional) ?? false)
      if (between === 'first' || isNewRound) this.roundBegan = this.now
      before = step.item
      this.work(phase, block, step, to)
    }
  }

  block(phase: Phase, block: Block, items: readonly Prescription[]) {
    this.rates = ratesOf(block, this.learned)
    if (block.format === 'quiet') this.quiet(phase, block)
    else this.items(phase, block, items)
    if (block.pauseAfter === 0) return
    this.settle()
    this.owed = { seconds: block.pauseAfter, exact: false, kind: 'water', phase, block }
  }

  result(): Pick<Timeline, 'segments' | 'totalSeconds' | 'leastSeconds'> {
    this.settle()
    const totalSeconds = Math.round(this.now)
    const spare = this.segments.reduce((sum, { optional, seconds }) => sum + (optional ? seconds : 0), 0)
    return { segments: this.segments, totalSeconds, leastSeconds: totalSeconds - spare }
  }
}
