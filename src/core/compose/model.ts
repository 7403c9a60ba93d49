import { QUALITIES, type Quality } from '../coverage'
import { type EverydayFunction, MUSCLES, type Muscle } from '../movement'
import { BETWEEN } from '../timing'
import { groupedBy } from '../vocabulary'
import { type ClassBrief, PLACES, type Place } from './brief'
import { leastTogether } from './forms'
import { type Model, ModelWriter, type Row } from './lp'
import { limitChanges } from './places'
import { PARTS, type Part, type Way } from './way'

/** What the parts of a class need, s. */
export interface Frame {
  /** of work below the effort that warms up, and of quiet work with its rests at the end (rule base 5.5) */
  warmUpSeconds: number
  coolDownSeconds: number
  /** length that the whole may have */
  from: number
  until: number
  /** there and back from the chair, with the pause that those need who rise (5.7) */
  placeSeconds: Readonly<Record<Place, number>>
}

/** A movement chosen, with the part it stands in. */
export interface Chosen {
  way: Way
  part: Part
  /** work that is longer than the library's, s */
  extra: number
}

export const workOf = ({ way, extra }: Pick<Chosen, 'way' | 'extra'>): number => way.workSeconds + extra
/** Of the work, what trains, s. */
export const trainingOf = ({ way, extra }: Pick<Chosen, 'way' | 'extra'>): number =>
  way.workSeconds === 0 ? 0 : (way.trainingSeconds / way.workSeconds) * (way.workSeconds + extra)

// weights of the trial that COMPOSE describes; the shape is what was tested
/** Worth of a minute of work towards a goal's share: the first half, the second, beyond it. */
const SLOPES = [4, 2.4, 0.6] as const
const MUSCLE_WORTH = [1, 0.3] as const
/** A muscle that the brief names is worth so many others; so is one of the large ones, which come first (rule base 5.1, legs first). */
const NAMED = 3
const LARGE_WORTH = 2
const LARGE: ReadonlySet<Muscle> = new Set(['quadriceps', 'glutes', 'hamstrings', 'upper-back', 'chest'])
export const worthTimes = (muscle: Muscle, { areas }: Pick<ClassBrief, 'areas'>): number =>
  areas.includes(muscle) ? NAMED : LARGE.has(muscle) ? LARGE_WORTH : 1
export const SERVES_WORTH = 1.5
export const LOSS_COST = 1.2
export const LATELY_COST = 1.5
export const PLACE_COST = 0.5
export const KIT_COST = 0.35
/** Share of the promise that is work; the rest is rest and ways. */
const WORK_SHARE = 0.5
/** To fetch a piece of kit and put it away, s. */
export const KIT_SECONDS = 30
/** From one item to the next, s. */
export const LINK_SECONDS = BETWEEN.link
export const COUNTS: Readonly<Record<Part, readonly [number, number]>> = { 'warm-up': [2, 12], main: [3, 14], 'cool-down': [2, 6] }
const MINUTE = 60

const sum = <T>(list: readonly T[], of: (one: T) => number): number => list.reduce((all, one) => all + of(one), 0)
/** Each of some columns once, or as often as is said. */
const ones = (list: readonly { column: number }[], times = 1): Row['terms'] => list.map(({ column }) => [column, times])
const kitsOf = (way: Way): string[] => (way.kit === '' ? [] : [way.kit])

/** Minutes that each goal of the brief would have. */
export function sharesOf({ goals, minutes }: Pick<ClassBrief, 'goals' | 'minutes'>): Map<Quality, number> {
  const total = sum(QUALITIES, (quality) => goals[quality])
  return new Map(QUALITIES.filter((quality) => goals[quality] > 0).map((quality) => [quality, (goals[quality] / total) * WORK_SHARE * minutes]))
}

/** Minutes of each quality that there must be. */
export const leastOf = ({ atLeast }: Pick<ClassBrief, 'atLeast'>): [Quality, number][] =>
  QUALITIES.flatMap((quality): [Quality, number][] => {
    const minutes = atLeast[quality] ?? 0
    return minutes > 0 ? [[quality, minutes]] : []
  })

export const piecesWorth = (minutes: number, share: number, weight: number): number => {
  let left = minutes
  let worth = 0
  for (const slope of SLOPES) {
    const here = Math.min(left, share / 2)
    worth += slope * weight * here
    left -= here
  }
  return worth
}
export const muscleWorth = (load: number, times: number): number =>
  times * (MUSCLE_WORTH[0] * Math.min(1, load) + MUSCLE_WORTH[1] * Math.min(1, Math.max(0, load - 1)))
export const loadOn = (muscle: Muscle, way: Way): number => (way.main.includes(muscle) ? 1 : way.helping.includes(muscle) ? 0.5 : 0)

/** What a class is worth to the brief: the objective of the model, worked out from the class itself. */
export function worthOf(chosen: readonly Chosen[], brief: ClassBrief): number {
  const ways = chosen.map(({ way }) => way)
  const goals = sum([...sharesOf(brief)], ([quality, share]) =>
    piecesWorth(
      sum(chosen, (one) => (one.way.quality === quality ? trainingOf(one) / MINUTE : 0)),
      share,
      brief.goals[quality],
    ),
  )
  const muscles = sum(MUSCLES, (muscle) =>
    muscleWorth(
      sum(ways, (way) => loadOn(muscle, way)),
      worthTimes(muscle, brief),
    ),
  )
  const serves = sum(brief.everyday, (use) => SERVES_WORTH * Math.min(2, ways.filter((way) => way.serves === use).length))
  const visits = PARTS.flatMap((part) => {
    const here = chosen.filter((one) => one.part === part).map(({ way }) => way)
    return [
      PLACE_COST * new Set(here.map(({ place }) => place).filter((place) => place !== 'seat')).size,
      KIT_COST * new Set(here.flatMap(kitsOf)).size,
    ]
  })
  return goals + muscles + serves - sum(ways, ({ loss, wasLately }) => LOSS_COST * loss + (wasLately ? LATELY_COST : 0)) - sum(visits, (cost) => cost)
}

/** Seconds of a class, its ways counted there and back once in each part: never less than the ordered class takes. */
export function secondsOf(chosen: readonly Chosen[], { placeSeconds }: Frame): number {
  const own = sum(chosen, ({ way, extra }) => way.seconds + extra + LINK_SECONDS)
  const visits = sum(PARTS, (part) => {
    const here = chosen.filter((one) => one.part === part).map(({ way }) => way)
    return sum([...new Set(here.map(({ place }) => place))], (place) => placeSeconds[place]) + KIT_SECONDS * new Set(here.flatMap(kitsOf)).size
  })
  return own + visits
}

/** The grid of what a class is planned in, s. */
const GRID = 5

/** Movements that may not be shared with a class that was proposed before, so that proposals differ. */
export interface Before {
  movements: readonly string[]
  /** of them at most */
  most: number
}

export interface Built {
  model: Model
  /** what each column of a way stands for; undefined for the others */
  chosen: (Omit<Chosen, 'extra'> | undefined)[]
  /** column of the extra seconds of a way's column, in minutes */
  extras: ReadonlyMap<number, number>
  /** s that warm-up and cool-down last at least */
  least: { part: Part; seconds: number; countOf: (way: Way) => number }[]
}

/**
 * The choice of a class as a mixed-integer program: which way of which movement stands in which part. Times are in minutes.
 */
export function buildModel(ways: readonly Way[], brief: ClassBrief, frame: Frame, before: readonly Before[] = []): Built {
  const writer = new ModelWriter()
  const chosen: Built['chosen'] = []
  const all: { column: number; way: Way; part: Part }[] = []
  const costOf = (way: Way): number => -LOSS_COST * way.loss - (way.wasLately ? LATELY_COST : 0)
  for (const way of ways)
    for (const part of way.parts) {
      const column = writer.column(`${way.id} ${part}`, costOf(way))
      chosen[column] = { way, part }
      all.push({ column, way, part })
    }
  // work by the clock may be longer, to the second: it is what closes a part to its time
  const extras = new Map<number, number>()
  const stretchable = all.flatMap(({ column, way, part }) => {
    if (way.mostExtra === 0) return []
    const most = way.mostExtra / MINUTE
    const extra = writer.column(`longer ${way.id} ${part}`, 0, most, false)
    extras.set(column, extra)
    writer.row(
      `longer ${way.id} ${part}`,
      [
        [extra, 1],
        [column, -most],
      ],
      { upper: 0 },
    )
    return [{ extra, way, part }]
  })
  /** the minutes that come on top, each counted so often */
  const longer = (of: (one: (typeof stretchable)[number]) => number): Row['terms'] =>
    stretchable.flatMap((one): Row['terms'] => {
      const times = of(one)
      return times === 0 ? [] : [[one.extra, times]]
    })
  const terms = (of: (one: (typeof all)[number]) => number): Row['terms'] =>
    all.flatMap((one): Row['terms'] => {
      const coefficient = of(one)
      return coefficient === 0 ? [] : [[one.column, coefficient]]
    })
  // a movement once; what is pinned is there
  const byMovement = groupedBy(all, ({ way }) => way.movement)
  const pinned = (movement: string) =>
    writer.row(`pinned ${movement}`, ones(byMovement.get(movement) ?? []), { lower: 1, wish: `pinned ${movement}` })
  for (const [movement, own] of byMovement) {
    writer.row(`once ${movement}`, ones(own), { upper: 1 })
    if (brief.pinned.includes(movement)) pinned(movement)
  }
  for (const movement of brief.pinned) if (!byMovement.has(movement)) pinned(movement)

  const time: Row['terms'] = [...terms(({ way }) => (way.seconds + LINK_SECONDS) / MINUTE), ...longer(() => 1)]
  const floor = new Map<Part, number>()
  const placed = new Map<Part, ReadonlyMap<Place, number>>()
  // sitting costs nothing, and is told from the others only where changes are counted
  const counted: readonly Place[] = brief.mostPlaceChanges === undefined ? ['stand', 'floor', 'bed'] : PLACES
  for (const part of PARTS) {
    const here = all.filter((one) => one.part === part)
    // a place or a kit is used where something stands that needs it, and never otherwise
    const used = (name: string, cost: number, seconds: number, isIn: (way: Way) => boolean) => {
      const users = here.filter(({ way }) => isIn(way))
      if (users.length === 0) return undefined
      const column = writer.column(`${name} in ${part}`, cost)
      for (const [movement, own] of groupedBy(users, ({ way }) => way.movement))
        writer.row(`${name} in ${part}: ${movement}`, [...ones(own), [column, -1]], { upper: 0 })
      writer.row(`${name} in ${part}: not idle`, [[column, 1], ...ones(users, -1)], { upper: 0 })
      time.push([column, seconds / MINUTE])
      return column
    }
    const columns = new Map<Place, number>()
    for (const place of counted) {
      const column = used(place, place === 'seat' ? 0 : -PLACE_COST, frame.placeSeconds[place], (way) => way.place === place)
      if (column !== undefined) columns.set(place, column)
      if (place === 'floor' && column !== undefined) floor.set(part, column)
    }
    placed.set(part, columns)
    for (const kit of new Set(here.flatMap(({ way }) => kitsOf(way)))) used(kit, -KIT_COST, KIT_SECONDS, (way) => way.kit === kit)
    const [fewest, most] = COUNTS[part]
    writer.row(`count ${part}`, ones(here), { lower: fewest, upper: most })
  }
  const inPart = (part: Part, seconds: (way: Way) => number): Row['terms'] => [
    ...terms(({ way, part: own }) => (own === part ? seconds(way) / MINUTE : 0)),
    ...longer(({ part: own }) => Number(own === part)),
  ]
  const least: Built['least'] = [
    { part: 'warm-up', seconds: frame.warmUpSeconds, countOf: ({ workSeconds }) => workSeconds },
    { part: 'cool-down', seconds: frame.coolDownSeconds, countOf: ({ quietSeconds }) => quietSeconds },
  ]
  for (const { part, seconds, countOf } of least) {
    // longer work is rounded down to the grid afterwards: with a step of it to spare the part can be made whole again within its time
    const spare = stretchable.some((one) => one.part === part) ? GRID : 0
    writer.row(part, inPart(part, countOf), { lower: (seconds + spare) / MINUTE, wish: part })
  }
  const asked = leastTogether(brief)
  if (asked > 0)
    writer.row(
      'in the form of the main part',
      terms(({ way }) => Number(way.isTogether)),
      { lower: asked, wish: 'form' },
    )
  writer.row('minutes', time, { lower: frame.from / MINUTE, upper: frame.until / MINUTE, wish: 'minutes' })
  // main part and cool-down share a visit to the floor when the one ends there and the other begins there
  const [main, coolDown] = [floor.get('main'), floor.get('cool-down')]
  const trips: Row['terms'] = [...floor.values()].map((column) => [column, 1])
  if (main !== undefined && coolDown !== undefined) {
    const join = writer.column('joined on the floor', 0)
    for (const column of [main, coolDown])
      writer.row(
        'joined',
        [
          [join, 1],
          [column, -1],
        ],
        { upper: 0 },
      )
    trips.push([join, -1])
  }
  writer.row('trips to the floor', trips, { upper: brief.mostFloorTrips, wish: 'trips to the floor' })
  if (brief.mostPlaceChanges !== undefined) limitChanges(writer, placed, brief.mostPlaceChanges)
  writer.row(
    'new movements',
    terms(({ way }) => Number(way.isNew)),
    { upper: brief.mostNew, wish: 'new movements' },
  )
  for (const [index, { movements: shared, most }] of before.entries())
    writer.row(
      `unlike proposal ${index + 1}`,
      terms(({ way }) => Number(shared.includes(way.movement))),
      { upper: most },
    )

  // worth: pieces whose slopes fall need no whole numbers when they are maximised
  const minutesOf = (quality: Quality, times: number): Row['terms'] => [
    ...terms(({ way }) => (way.quality === quality ? (times * way.trainingSeconds) / MINUTE : 0)),
    ...longer(({ way }) => (way.quality === quality && way.workSeconds > 0 ? (times * way.trainingSeconds) / way.workSeconds : 0)),
  ]
  for (const [quality, minutes] of leastOf(brief))
    writer.row(`at least ${quality}`, minutesOf(quality, 1), { lower: minutes, wish: `at least ${quality}` })
  for (const [quality, share] of sharesOf(brief)) {
    const pieces = SLOPES.map((slope, index) => writer.column(`${quality} ${index}`, slope * brief.goals[quality], share / 2, false))
    writer.row(`goal ${quality}`, [...pieces.map((column): [number, number] => [column, 1]), ...minutesOf(quality, -1)], { upper: 0 })
  }
  for (const muscle of MUSCLES) {
    const load = terms(({ way }) => -loadOn(muscle, way))
    if (load.length === 0) continue
    const times = worthTimes(muscle, brief)
    const pieces = MUSCLE_WORTH.map((each, index) => writer.column(`${muscle} ${index}`, times * each, 1, false))
    writer.row(`muscle ${muscle}`, [...pieces.map((column): [number, number] => [column, 1]), ...load], { upper: 0 })
  }
  for (const use of new Set<EverydayFunction>(brief.everyday)) {
    const served = terms(({ way }) => (way.serves === use ? -1 : 0))
    if (served.length === 0) continue
    const column = writer.column(`serves ${use}`, SERVES_WORTH, 2, false)
    writer.row(`serves ${use}`, [[column, 1], ...served], { upper: 0 })
  }
  return { model: { columns: writer.columns, rows: writer.rows }, chosen, extras, least }
}

/**
 * The class of a solution; longer work in whole five seconds, rounded down, and where warm-up or cool-down would be too short by that, what lost most
 * is rounded up instead.
 */
export function chosenIn({ chosen, extras, least }: Built, x: ArrayLike<number>): Chosen[] {
  const all = chosen.flatMap((one, column) => {
    if (!one || x[column]! <= 0.5) return []
    const seconds = (extras.has(column) ? x[extras.get(column)!]! : 0) * MINUTE
    const extra = Math.floor((seconds + 1e-6) / GRID) * GRID
    return [{ ...one, extra, lost: seconds - extra }]
  })
  for (const { part, seconds, countOf } of least) {
    const here = all.filter((one) => one.part === part && one.lost > 1e-6 && one.extra + GRID <= one.way.mostExtra).sort((a, b) => b.lost - a.lost)
    let have = sum(all, (one) => (one.part === part ? countOf(one.way) + one.extra : 0))
    for (const one of here) {
      if (have >= seconds) break
      one.extra += GRID
      have += GRID
    }
  }
  return all.map(({ lost: _lost, ...one }) => one)
}
