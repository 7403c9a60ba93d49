import { partOf } from '../plan'
import type { Segment, Timeline } from '../timing'
import { setAt, withDropped } from './course'
import type { Drop } from './event'
import type { LedItem } from './view'

/** What of a class can be left out so as to end in time. */
export type CutKind =
  /** what the plan says may be left out */
  | 'optional'
  /** the last set of a movement that has more */
  | 'set'
  /** the last round of a block */
  | 'round'
  /** the second and later times that stretches are held */
  | 'holds'
  /** a movement whose muscles are worked by another one that stays */
  | 'movement'

export interface Cut {
  kind: CutKind
  drops: Drop[]
  /** s that it saves */
  seconds: number
  /** movements that it names, by item */
  items: string[]
  /** 0 = nobody misses it; for the order in which cuts are offered */
  cost: number
}

/** What each kind costs for every minute that it saves, before what the movement itself is worth: the house's order. */
const COST: Record<CutKind, number> = { optional: 0, holds: 1, set: 2, round: 3, movement: 4 }
/** Shorter than this nothing is worth a proposal, s. */
const WORTH_SECONDS = 15

interface Ahead {
  segment: Segment
  index: number
}

/** Sets that have not begun, by item, in their order; none of a warm-up or a cool-down, and none whose other side is over or on. */
function setsAhead(timeline: Timeline, at: number): Map<string, Ahead[]> {
  const found = new Map<string, Ahead[]>()
  const range = setAt(timeline, at)
  const worked = new Set(
    timeline.segments.slice(0, Math.max(at + 1, range?.until ?? 0)).flatMap(({ kind, item, set }) => (kind === 'work' ? [`${item} ${set}`] : [])),
  )
  for (const [index, segment] of timeline.segments.entries()) {
    const { kind, item, set, phaseKind } = segment
    if (index <= at || kind !== 'work' || item === undefined || partOf(phaseKind) !== 'main' || worked.has(`${item} ${set}`)) continue
    found.set(item, [...(found.get(item) ?? []), { segment, index }])
  }
  return found
}

const numbersOf = (sets: readonly Ahead[]): number[] => [...new Set(sets.map(({ segment }) => segment.set ?? 1))].sort((a, b) => a - b)

/** Items of a block that are done in turn: taking a round off one of them alone would break the round. */
const inRounds = (timeline: Timeline, block: string): string[] => {
  const visits = timeline.segments.filter(({ kind, block: own }) => kind === 'work' && own === block).map(({ item }) => item ?? '')
  const changes = visits.filter((item, index) => item !== visits[index - 1]).length
  const items = [...new Set(visits)]
  return changes > items.length ? items : []
}

/**
 * What could be left out of what is still to come, the cheapest first. Never of the warm-up or the cool-down, never one side of a set alone, never a
 * rest, a pause after rising or water, and never what is on.
 *
 * @param at index of the segment that is on
 * @param items with their muscles, in the order of the class
 */
export function cutsAhead(timeline: Timeline, at: number, items: readonly LedItem[]): Cut[] {
  const ahead = setsAhead(timeline, at)
  const about = new Map(items.map((item) => [item.id, item]))
  const isOptional = (id: string) => ahead.get(id)?.every(({ segment }) => segment.optional) ?? false
  const cut = (kind: CutKind, drops: Drop[], named: readonly string[]): Cut[] => {
    const seconds = timeline.totalSeconds - withDropped(timeline, at, drops).totalSeconds
    if (seconds < WORTH_SECONDS) return []
    // hard work costs more than easy work of the same length
    const rpe = Math.max(...named.map((id) => about.get(id)?.rpe ?? 0))
    return [{ kind, drops, seconds, items: [...named], cost: COST[kind] + (kind === 'optional' ? 0 : rpe / 10) }]
  }
  const found: Cut[] = []
  const rounds = new Set<string>()
  for (const [id, sets] of ahead) {
    const numbers = numbersOf(sets)
    const last = numbers.at(-1)!
    const { block } = sets[0]!.segment
    const turns = inRounds(timeline, block)
    if (isOptional(id)) found.push(...cut('optional', [{ item: id }], [id]))
    else if (turns.includes(id)) {
      if (rounds.has(block)) continue
      rounds.add(block)
      // a round goes as a whole, and one of them stays
      const all = turns.map((item) => numbersOf(ahead.get(item) ?? []))
      const lasts = all.map((own) => own.at(-1))
      if (all.every((own) => own.length > 0) && lasts.every((number) => number === lasts[0] && number! > 1))
        found.push(
          ...cut(
            'round',
            turns.map((item) => ({ item, set: lasts[0]! })),
            turns,
          ),
        )
    } else if (last > 1) {
      const held = sets.every(({ segment }) => (segment.house.held ?? 0) > 0 && !segment.reps)
      const later = numbers.filter((number) => number > 1)
      if (held)
        found.push(
          ...cut(
            'holds',
            later.map((set) => ({ item: id, set })),
            [id],
          ),
        )
      else found.push(...cut('set', [{ item: id, set: last }], [id]))
    }
  }
  const whole = (id: string) => !timeline.segments.slice(0, at + 1).some(({ kind, item }) => kind === 'work' && item === id)
  // what makes people stand up or sit down breaks up the sitting and the standing that somebody's version may rest on
  const changesPlace = (id: string) => timeline.segments.some(({ kind, item }) => (kind === 'change' || kind === 'pause') && item === id)
  for (const [id] of ahead) {
    const one = about.get(id)
    if (
      !one ||
      one.muscles.length === 0 ||
      !whole(id) ||
      changesPlace(id) ||
      isOptional(id) ||
      inRounds(timeline, ahead.get(id)![0]!.segment.block).includes(id)
    )
      continue
    const others = items.filter((other) => other.id !== id && other.muscles.some((muscle) => one.muscles.includes(muscle)))
    const covered = one.muscles.every((muscle) => others.some(({ muscles }) => muscles.includes(muscle)))
    if (covered) found.push(...cut('movement', [{ item: id }], [id]))
  }
  return found.sort((a, b) => a.cost - b.cost || b.seconds - a.seconds)
}

/**
 * The cheapest cuts that together save enough; as many as there are where all of them do not. Cuts that name the same movement are not put together.
 *
 * @param seconds to save
 */
export function cutsFor(cuts: readonly Cut[], seconds: number): Cut | undefined {
  const taken: Cut[] = []
  const named = new Set<string>()
  let saved = 0
  for (const cut of cuts) {
    if (saved >= seconds) break
    if (cut.items.some((item) => named.has(item))) continue
    taken.push(cut)
    for (const item of cut.items) named.add(item)
    saved += cut.seconds
  }
  const [first] = taken
  if (!first) return undefined
  return {
    kind: first.kind,
    drops: taken.flatMap(({ drops }) => drops),
    seconds: saved,
    items: taken.flatMap(({ items }) => items),
    cost: taken.reduce((sum, { cost }) => sum + cost, 0),
  }
}

/** Movements of the main part still to come of which a set more can be done, with what it takes: for time that is left over. */
export function setsToAdd(timeline: Timeline, at: number, withSet: (item: string) => Timeline): { item: string; seconds: number }[] {
  return [...setsAhead(timeline, at).keys()].flatMap((item) => {
    const seconds = withSet(item).totalSeconds - timeline.totalSeconds
    return seconds > 0 ? [{ item, seconds }] : []
  })
}
