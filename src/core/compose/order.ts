import { ARM_MUSCLES, LEG_MUSCLES, type Muscle } from '../movement'
import { changeSeconds } from '../timing'
import type { Chosen } from './model'
import { meetingsOf } from './places'
import { HARD_RPE, PARTS, type Part, type Way } from './way'

const KIT_SECONDS = 15
const A_CHANGE = 1
const SAME_MUSCLE = 1.5
/** Arms after arms or legs after legs, where the one could rest meanwhile. */
const SAME_HALF = 0.4
/** The opposite, or what goes well after it, follows at once. */
const PARTNERS = -0.8
const TWO_HARD = 1
/** Where some stand together and some by themselves, to go from the ones to the others. */
const APART = 1
/** A second visit to the floor costs more than anything else could gain. */
const FLOOR_AGAIN = 1000
/** Where changes of place are counted, one of them costs more than all else of a part. */
const FEW_CHANGES = 200
/** Where movements take turns, the same muscles cannot follow each other: worth a few seconds more to avoid. */
const SAME_MUSCLE_IN_TURN = 8
/** By place in the part: power and balance while fresh, effort rising through a warm-up and falling through a cool-down, large before small. */
const PLACE_WEIGHT = 0.25

const baseOf = (way: Way | undefined) => way?.prescription.demands.basePosition ?? 'seated-unsupported'
/** Whether a movement is of the arms or of the legs, by the muscle it is for. */
const halfOf = ({ main: [first] }: Way): 'arms' | 'legs' | undefined =>
  first === undefined ? undefined : ARM_MUSCLES.includes(first) ? 'arms' : LEG_MUSCLES.includes(first) ? 'legs' : undefined
const areHalves = (a: Way, b: Way): boolean => halfOf(a) !== undefined && halfOf(a) === halfOf(b)
const arePartners = (a: Way, b: Way): boolean => a.partners.includes(b.movement) || b.partners.includes(a.movement)
const share = (a: readonly Muscle[], b: readonly Muscle[]): boolean => a.some((muscle) => b.includes(muscle))

/** What is wished of an order besides what practitioners avoid in any. */
interface Weights {
  /** on top of what a change of place costs */
  perPlace: number
  /** for the same muscles twice running */
  perMuscle: number
}
const USUAL: Weights = { perPlace: 0, perMuscle: SAME_MUSCLE }

/** What it costs that one stands after another: seconds in tenths, and what practitioners avoid. */
export function stepCost(before: Way | undefined, after: Way | undefined, { perPlace, perMuscle }: Weights = USUAL): number {
  const [from, to] = [baseOf(before), baseOf(after)]
  const change = changeSeconds(from, to)
  const kit = (before?.kit ?? '') === (after?.kit ?? '') ? 0 : KIT_SECONDS
  const both = before && after
  return (
    Math.max(change, kit) / 10 +
    (change > 0 ? A_CHANGE : 0) +
    (both && before.quality !== 'stretch' && share(before.main, after.main) ? perMuscle : 0) +
    (both && before.rpe >= HARD_RPE && after.rpe >= HARD_RPE ? TWO_HARD : 0) +
    (both && before.quality !== 'stretch' && areHalves(before, after) ? SAME_HALF : 0) +
    (both && arePartners(before, after) ? PARTNERS : 0) +
    (both && before.place !== after.place ? perPlace : 0) +
    (both && before.isTogether !== after.isTogether ? APART : 0)
  )
}

/** How early something should stand in the main part: 0 first. */
const RANK: Readonly<Record<string, number>> = { balance: 0, power: 0, skill: 0.2, heart: 0.4, strength: 0.5, mobility: 0.8, stretch: 1, calm: 1 }

/** What it costs that something stands at its place in a part. @param at 0 first to 1 last */
export function placeCost(way: Way, part: Part, at: number): number {
  switch (part) {
    case 'warm-up':
      return PLACE_WEIGHT * Math.abs(at * 3 - way.rpe)
    case 'cool-down':
      return PLACE_WEIGHT * Math.abs((1 - at) * 2 - way.rpe)
    case 'main': {
      const large = way.main.length + way.helping.length > 3 ? 0 : 0.3
      return PLACE_WEIGHT * 6 * Math.abs(at - Math.min(1, (RANK[way.quality] ?? 0.5) + large))
    }
  }
}

/** What comes after a part: something that its end should suit, the end of the class, or nothing that is known. */
type After = Way | 'the end' | undefined
const endCost = (last: Way | undefined, after: After, weights = USUAL): number =>
  after === undefined ? 0 : after === 'the end' ? stepCost(last, undefined) : stepCost(last, after, weights)

/** Cost of a part in an order, from what stands before it to what comes after it. */
export function orderCost(order: readonly Way[], part: Part, before: Way | undefined, after: After = undefined): number {
  let last = before
  let cost = 0
  let again = 0
  let visited = false
  for (const [index, way] of order.entries()) {
    cost += stepCost(last, way) + placeCost(way, part, order.length < 2 ? 0 : index / (order.length - 1))
    if (way.place === 'floor') {
      if (visited && last?.place !== 'floor') again++
      visited = true
    }
    last = way
  }
  return cost + endCost(last, after) + FLOOR_AGAIN * again
}

/**
 * The order of one part that costs least, exact by dynamic programming over which have been done and which was last: 2ⁿ × n steps, for the 14
 * items that a part has at most (`COUNTS`).
 *
 * @param before what stands before the part
 */
function bestOrder(ways: readonly Way[], part: Part, before: Way | undefined, after: After, weights: Weights): Way[] {
  const n = ways.length
  if (n === 0) return []
  const size = 1 << n
  // whether the floor has been visited follows from which are done
  const cost = new Float64Array(size * n).fill(Number.POSITIVE_INFINITY)
  const came = new Int8Array(size * n).fill(-1)
  const onFloor = ways.map(({ place }) => place === 'floor')
  const steps = ways.map((from) => ways.map((to) => stepCost(from, to, weights)))
  const places = ways.map((way) => Array.from({ length: n }, (_, index) => placeCost(way, part, n < 2 ? 0 : index / (n - 1))))
  const floorMask = onFloor.reduce((mask, isOn, index) => (isOn ? mask | (1 << index) : mask), 0)
  for (let i = 0; i < n; i++) cost[(1 << i) * n + i] = stepCost(before, ways[i], weights) + places[i]![0]!
  const countOf = (mask: number) => {
    let bits = 0
    for (let rest = mask; rest > 0; rest &= rest - 1) bits++
    return bits
  }
  for (let mask = 1; mask < size; mask++) {
    const at = countOf(mask)
    if (at === n) continue
    for (let last = 0; last < n; last++) {
      const here = cost[mask * n + last]!
      if (!Number.isFinite(here)) continue
      for (let next = 0; next < n; next++) {
        if (mask & (1 << next)) continue
        const again = onFloor[next] && !onFloor[last] && (mask & floorMask) !== 0 ? FLOOR_AGAIN : 0
        const then = here + steps[last]![next]! + places[next]![at]! + again
        const to = (mask | (1 << next)) * n + next
        if (then < cost[to]! - 1e-12) {
          cost[to] = then
          came[to] = last
        }
      }
    }
  }
  const full = size - 1
  let last = 0
  const ends = (index: number) => cost[full * n + index]! + endCost(ways[index], after, weights)
  for (let index = 1; index < n; index++) if (ends(index) < ends(last) - 1e-12) last = index
  const order: Way[] = []
  for (let mask = full; mask > 0; ) {
    order.unshift(ways[last]!)
    const from = came[mask * n + last]!
    mask &= ~(1 << last)
    last = from
  }
  return order
}

/** A floor in the part that follows is gone to from the floor; after the last part the chair is. */
export const afterPart = (part: Part, chosen: readonly Chosen[]): After =>
  part === 'cool-down' ? 'the end' : part === 'main' ? chosen.find((one) => one.part === 'cool-down' && one.way.place === 'floor')?.way : undefined

/** With changes of place counted: something of the next part in the place in which both are to meet. */
function meetingPart(part: Part, chosen: readonly Chosen[]): After {
  const placesOf = (of: Part) => new Set(chosen.filter((one) => one.part === of).map(({ way }) => way.place))
  const meetings = meetingsOf([placesOf('warm-up'), placesOf('main'), placesOf('cool-down')])
  const index = PARTS.indexOf(part)
  const place = meetings[index]
  return place && chosen.find((one) => one.part === PARTS[index + 1] && one.way.place === place)?.way
}

/**
 * The order of a class, part by part: each exact given the one before it. The floor is come to once where one part ends there and the next begins
 * there.
 *
 * What takes turns in it stands with others that work other muscles, where it can.
 *
 * @param wishes `fewChanges`: the fewest changes between chair, feet, floor and bed come before all else; `inTurn`: those that stand together work other muscles
 */
export function ordered(chosen: readonly Chosen[], { fewChanges = false, inTurn = false } = {}): { part: Part; ways: Way[] }[] {
  let before: Way | undefined
  return PARTS.map((part) => {
    const own = chosen
      .filter((one) => one.part === part)
      .map(({ way }) => way)
      .toSorted((a, b) => (a.id < b.id ? -1 : 1))
    const after = (fewChanges ? meetingPart(part, chosen) : undefined) ?? afterPart(part, chosen)
    const isInTurn = inTurn && own.some(({ isTogether }) => isTogether)
    const weights = { perPlace: fewChanges ? FEW_CHANGES : 0, perMuscle: isInTurn ? SAME_MUSCLE_IN_TURN : SAME_MUSCLE }
    const ways = bestOrder(own, part, before, after, weights)
    before = ways.at(-1) ?? before
    return { part, ways }
  })
}
