import { QUALITIES } from '../coverage'
import { MUSCLES } from '../movement'
import { generator } from '../vocabulary'
import { type ClassBrief, PLACES } from './brief'
import { leastTogether } from './forms'
import {
  type Chosen,
  COUNTS,
  type Frame,
  KIT_COST,
  KIT_SECONDS,
  LATELY_COST,
  LINK_SECONDS,
  LOSS_COST,
  leastOf,
  loadOn,
  muscleWorth,
  PLACE_COST,
  piecesWorth,
  SERVES_WORTH,
  sharesOf,
  trainingOf,
  worthTimes,
} from './model'
import { fewestChanges } from './places'
import { PARTS, type Way } from './way'

const SEED = 1
/** How much longer work by the clock is tried, s. */
const EXTRAS = [0, 60, 120]
const MOVES = 60_000
/** Worth that a minute or a movement beside what is asked costs: more than anything gains. */
const OUTSIDE = 20
const FLOOR = PLACES.indexOf('floor')
const SEAT = PLACES.indexOf('seat')

/** A class as places in a list of options, scored in a few microseconds: what trying many classes needs. */
export class Scorer {
  readonly options: Chosen[]
  private readonly seconds: Float64Array
  private readonly training: Float64Array
  private readonly worked: Float64Array
  private readonly cost: Float64Array
  private readonly loads: Float64Array
  private readonly part: Int8Array
  private readonly place: Int8Array
  private readonly quality: Int8Array
  private readonly kit: Int16Array
  private readonly serves: Int8Array
  readonly movement: Int16Array
  private readonly pinned: ReadonlySet<number>
  private readonly lost: number
  private readonly asked: number
  /** place of a quality, and minutes of it that there must be */
  private readonly least: [number, number][]
  private readonly shares: number[]
  private readonly times: number[]
  private readonly goals = new Float64Array(QUALITIES.length)
  private readonly muscles = new Float64Array(MUSCLES.length)
  private readonly work = new Float64Array(PARTS.length)
  private readonly counts = new Int8Array(PARTS.length)
  private readonly places = new Int8Array(PARTS.length * PLACES.length)
  private readonly kits: Int8Array
  private readonly served: Int8Array

  constructor(
    ways: readonly Way[],
    private readonly brief: ClassBrief,
    private readonly frame: Frame,
  ) {
    this.options = ways.flatMap((way) =>
      way.parts.flatMap((part) => EXTRAS.filter((extra) => extra <= way.mostExtra).map((extra) => ({ way, part, extra }))),
    )
    const { options } = this
    const movements = [...new Set(ways.map(({ movement }) => movement))]
    const kits = [...new Set(ways.map(({ kit }) => kit))]
    this.seconds = Float64Array.from(options, ({ way, extra }) => way.seconds + extra + LINK_SECONDS)
    this.training = Float64Array.from(options, (one) => trainingOf(one) / 60)
    this.worked = Float64Array.from(options, ({ way, part, extra }) => (part === 'cool-down' ? way.quietSeconds : way.workSeconds) + extra)
    this.cost = Float64Array.from(options, ({ way }) => LOSS_COST * way.loss + (way.wasLately ? LATELY_COST : 0))
    this.loads = Float64Array.from(options.flatMap(({ way }) => MUSCLES.map((muscle) => loadOn(muscle, way))))
    this.part = Int8Array.from(options, ({ part }) => PARTS.indexOf(part))
    this.place = Int8Array.from(options, ({ way }) => PLACES.indexOf(way.place))
    this.quality = Int8Array.from(options, ({ way }) => QUALITIES.indexOf(way.quality))
    this.kit = Int16Array.from(options, ({ way }) => (way.kit === '' ? -1 : kits.indexOf(way.kit)))
    this.serves = Int8Array.from(options, ({ way }) => brief.everyday.indexOf(way.serves))
    this.movement = Int16Array.from(options, ({ way }) => movements.indexOf(way.movement))
    this.pinned = new Set(brief.pinned.flatMap((movement) => (movements.includes(movement) ? [movements.indexOf(movement)] : [])))
    this.lost = brief.pinned.filter((movement) => !movements.includes(movement)).length
    this.asked = leastTogether(brief)
    this.least = leastOf(brief).map(([quality, minutes]) => [QUALITIES.indexOf(quality), minutes])
    this.kits = new Int8Array(PARTS.length * Math.max(1, kits.length))
    this.served = new Int8Array(Math.max(1, brief.everyday.length))
    const shares = sharesOf(brief)
    this.shares = QUALITIES.map((quality) => shares.get(quality) ?? 0)
    this.times = MUSCLES.map((muscle) => worthTimes(muscle, brief))
  }

  /** Fewest changes of place in the class that was scored last. */
  private changes(): number {
    const inPart = (part: number) => new Set(PLACES.filter((_, place) => this.places[part * PLACES.length + place] === 1))
    return fewestChanges([inPart(0), inPart(1), inPart(2)])
  }

  /** What a class is worth, and how far it is from what is asked; 0 = it keeps all of it. */
  score(list: readonly number[]): { worth: number; outside: number } {
    const { brief, frame, goals, muscles, work, counts, places, kits, served } = this
    for (const sums of [goals, muscles, work, counts, places, kits, served]) sums.fill(0)
    let seconds = 0
    let worth = 0
    let fresh = 0
    let pinned = 0
    let together = 0
    const perPart = kits.length / PARTS.length
    for (const option of list) {
      const part = this.part[option]!
      seconds += this.seconds[option]!
      worth -= this.cost[option]!
      goals[this.quality[option]!]! += this.training[option]!
      for (let muscle = 0; muscle < MUSCLES.length; muscle++) muscles[muscle]! += this.loads[option * MUSCLES.length + muscle]!
      work[part]! += this.worked[option]!
      counts[part]!++
      places[part * PLACES.length + this.place[option]!] = 1
      if (this.kit[option]! >= 0) kits[part * perPart + this.kit[option]!] = 1
      if (this.serves[option]! >= 0) served[this.serves[option]!]!++
      if (this.options[option]!.way.isNew) fresh++
      if (this.options[option]!.way.isTogether) together++
      if (this.pinned.has(this.movement[option]!)) pinned++
    }
    for (const [index, share] of this.shares.entries()) if (share > 0) worth += piecesWorth(goals[index]!, share, brief.goals[QUALITIES[index]!])
    for (const [index, times] of this.times.entries()) worth += muscleWorth(muscles[index]!, times)
    for (const many of served) worth += SERVES_WORTH * Math.min(2, many)
    let trips = 0
    for (let part = 0; part < PARTS.length; part++) {
      for (let place = 0; place < PLACES.length; place++) {
        if (places[part * PLACES.length + place] === 0 || place === SEAT) continue
        worth -= PLACE_COST
        seconds += frame.placeSeconds[PLACES[place]!]
        if (place === FLOOR) trips++
      }
      for (let kit = 0; kit < perPart; kit++) {
        if (kits[part * perPart + kit] === 0) continue
        worth -= KIT_COST
        seconds += KIT_SECONDS
      }
    }
    if (places[PLACES.length + FLOOR] === 1 && places[2 * PLACES.length + FLOOR] === 1) trips--
    const missing = (have: number, need: number) => Math.max(0, need - have)
    let outside =
      (missing(seconds, frame.from) +
        missing(frame.until, seconds) +
        missing(work[0]!, frame.warmUpSeconds) +
        missing(work[2]!, frame.coolDownSeconds)) /
        60 +
      missing(brief.mostFloorTrips, trips) +
      (brief.mostPlaceChanges === undefined ? 0 : missing(brief.mostPlaceChanges, this.changes())) +
      missing(brief.mostNew, fresh) +
      missing(together, this.asked) +
      this.least.reduce((sum, [quality, minutes]) => sum + missing(goals[quality]!, minutes), 0) +
      missing(pinned, this.pinned.size) +
      this.lost
    for (const [index, part] of PARTS.entries()) outside += missing(counts[index]!, COUNTS[part][0]) + missing(COUNTS[part][1], counts[index]!)
    return { worth, outside }
  }
}

/**
 * A first class, found by trying: moves that add, drop or change a movement are kept when they are worth more, and at first sometimes when they are
 * not. Not the best class, and on screen at once. The same for the same input.
 *
 * @param moves how many are tried
 */
export function firstClass(ways: readonly Way[], brief: ClassBrief, frame: Frame, moves = MOVES): Chosen[] | undefined {
  const uniform = generator(SEED)
  const scorer = new Scorer(ways, brief, frame)
  const { options, movement } = scorer
  if (options.length === 0) return undefined
  const any = (length: number) => Math.floor(uniform() * length)
  const scoreOf = (list: readonly number[]) => {
    const { worth, outside } = scorer.score(list)
    return { total: worth - OUTSIDE * outside, outside }
  }
  let now: number[] = []
  let total = scoreOf(now).total
  let best: { list: number[]; total: number } | undefined
  for (let move = 0; move < moves; move++) {
    const heat = 4 * (1 - move / moves) ** 3
    const which = uniform()
    const fresh = any(options.length)
    const others = now.filter((option) => movement[option] !== movement[fresh])
    const next =
      which < 0.35 || now.length === 0
        ? [...others, fresh]
        : which < 0.5
          ? now.toSpliced(any(now.length), 1)
          : others.length > 0
            ? others.with(any(others.length), fresh)
            : [fresh]
    const then = scoreOf(next)
    if (then.total > total || uniform() < Math.exp((then.total - total) / Math.max(0.01, heat))) {
      now = next
      total = then.total
      if (then.outside === 0 && (!best || total > best.total)) best = { list: now, total }
    }
  }
  return best?.list.map((option) => options[option]!)
}
