import type { Band } from '../body'
import { SLOT } from '../movement'
import { handedOut, kitKey, type Prescription } from '../plan'
import type { Timeline } from '../timing'
import type { Kit } from '../vocabulary'
import type { Evaluation, Use } from './evaluate'
import { ownBand } from './ownLoads'

/** One kind of kit that a class uses: how much of it, and when it is needed. */
export interface KitNeed {
  kit: Kit
  /** who have it in hand at one time, at most; 0 = nobody is on the roster yet */
  people: number
  /** kg per hand or limb, the lightest first, with how many take that at one time; only of weights and cuffs */
  loads: { kg: number; people: number }[]
  /** by name, with how many take that at one time: those that come nearest to the wanted pull at everybody's height */
  bands: { name: string; people: number }[]
  /** s of the class */
  fromSeconds: number
  untilSeconds: number
  /** item at which it comes out, by id */
  firstItem: string
}

const WEIGHED: ReadonlySet<Kit> = new Set(['dumbbell', 'cuff'])

/** What of the catalogue's version somebody has in hand, and how heavy. */
interface Taken {
  kit: readonly Kit[]
  kg: number
  band?: string | undefined
}

const plannedTaken = (prescription: Prescription): Taken => ({ kit: handedOut(prescription), kg: prescription.demands.externalLoadKg })

const takenBefore = new WeakMap<readonly Use[], { prescription: Prescription; bands: readonly Band[]; taken: readonly Taken[] }>()
/** What everybody has in hand; the very same list while everybody does the same. */
function takenBy(prescription: Prescription, uses: readonly Use[], people: Evaluation['people'], bands: readonly Band[]): readonly Taken[] {
  const before = takenBefore.get(uses)
  if (before?.prescription === prescription && before.bands === bands) return before.taken
  const planned = plannedTaken(prescription)
  const taken = uses.flatMap((use, person): Taken[] => {
    if (use.kind !== 'does') return []
    const { entry, judgement } = use.option
    const kg = judgement.settled.demands[SLOT.externalLoadKg] ?? 0
    if (!entry) return [{ kit: planned.kit, kg }]
    return [{ kit: handedOut({ ...prescription, entry }), kg, band: ownBand(entry, people[person]!, kg, bands)?.band.name }]
  })
  takenBefore.set(uses, { prescription, bands, taken })
  return taken
}

/** How many of each there are. */
function counted<K>(all: readonly K[]): Map<K, number> {
  const count = new Map<K, number>()
  for (const one of all) count.set(one, (count.get(one) ?? 0) + 1)
  return count
}

type Need = KitNeed & { byLoad: Map<number, number>; byBand: Map<string, number> }
/** The most of each that are in hand at one time. */
function most<K>(into: Map<K, number>, now: ReadonlyMap<K, number>) {
  for (const [key, many] of now) into.set(key, Math.max(into.get(key) ?? 0, many))
}

/**
 * What has to be set out before the class, by who takes which version with which load; in the order in which it is needed.
 *
 * @param bands those that there are; none = bands are counted and not chosen
 */
export function kitList({ items, people }: Pick<Evaluation, 'items' | 'people'>, bands: readonly Band[] = []): KitNeed[] {
  const needs = new Map<Kit, Need>()
  const isEmpty = people.length === 0
  for (const { prescription, uses, startSeconds, seconds } of items) {
    const taken = isEmpty ? [plannedTaken(prescription)] : takenBy(prescription, uses, people, bands)
    for (const kit of new Set(taken.flatMap((one) => one.kit))) {
      const own = taken.filter((one) => one.kit.includes(kit))
      const need: Need = needs.get(kit) ?? {
        kit,
        people: 0,
        loads: [],
        bands: [],
        fromSeconds: startSeconds,
        untilSeconds: 0,
        firstItem: prescription.item.id,
        byLoad: new Map(),
        byBand: new Map(),
      }
      need.people = Math.max(need.people, isEmpty ? 0 : own.length)
      need.untilSeconds = Math.max(need.untilSeconds, startSeconds + seconds)
      if (startSeconds < need.fromSeconds) Object.assign(need, { fromSeconds: startSeconds, firstItem: prescription.item.id })
      if (WEIGHED.has(kit))
        for (const [kg, many] of counted(own.flatMap(({ kg }) => (kg > 0 ? [kg] : [])))) most(need.byLoad, new Map([[kg, isEmpty ? 0 : many]]))
      if (kit === 'band') most(need.byBand, counted(own.flatMap(({ band }) => band ?? [])))
      needs.set(kit, need)
    }
  }
  return [...needs.values()]
    .map(({ byLoad, byBand, ...need }) => ({
      ...need,
      loads: [...byLoad].sort(([a], [b]) => a - b).map(([kg, many]) => ({ kg, people: many })),
      bands: bands.flatMap(({ name }) => (byBand.has(name) ? [{ name, people: byBand.get(name)! }] : [])),
    }))
    .sort((a, b) => a.fromSeconds - b.fromSeconds || (a.kit < b.kit ? -1 : 1))
}

/** When kit is taken up, changed or put away: at each visit to an item that has other kit than the one before, s. */
export function kitMoves(items: readonly Prescription[], { segments }: Pick<Timeline, 'segments'>): number[] {
  const kitOf = new Map(items.map((item) => [item.item.id, kitKey(item)]))
  const moves: number[] = []
  let now = ''
  for (const { kind, item, startSeconds } of segments) {
    const kit = kind === 'work' && item !== undefined ? kitOf.get(item) : undefined
    if (kit === undefined || kit === now) continue
    moves.push(startSeconds)
    now = kit
  }
  return moves
}
