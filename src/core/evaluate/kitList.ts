import { SLOT } from '../movement'
import { handedOut } from '../plan'
import type { Kit } from '../vocabulary'
import type { Evaluation } from './evaluate'

/** One kind of kit that a class uses: how much of it, and when it is needed. */
export interface KitNeed {
  kit: Kit
  /** who have it in hand at one time, at most; 0 = nobody is on the roster yet */
  people: number
  /** kg per hand or limb, the lightest first, with how many take that at one time; only of weights and cuffs */
  loads: { kg: number; people: number }[]
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
}

/** What has to be set out before the class, by who takes which version with which load; in the order in which it is needed. */
export function kitList({ items, people }: Pick<Evaluation, 'items' | 'people'>): KitNeed[] {
  const needs = new Map<Kit, KitNeed & { byLoad: Map<number, number> }>()
  for (const { prescription, uses, startSeconds, seconds } of items) {
    const planned: Taken = { kit: handedOut(prescription), kg: prescription.demands.externalLoadKg }
    const taken: Taken[] =
      people.length === 0
        ? [planned]
        : uses.flatMap((use): Taken[] => {
            if (use.kind !== 'does') return []
            const { entry, judgement } = use.option
            return [{ kit: entry ? handedOut({ ...prescription, entry }) : planned.kit, kg: judgement.settled.demands[SLOT.externalLoadKg] ?? 0 }]
          })
    for (const kit of new Set(taken.flatMap((one) => one.kit))) {
      const own = taken.filter((one) => one.kit.includes(kit))
      const need = needs.get(kit) ?? {
        kit,
        people: 0,
        loads: [],
        fromSeconds: startSeconds,
        untilSeconds: 0,
        firstItem: prescription.item.id,
        byLoad: new Map<number, number>(),
      }
      need.people = Math.max(need.people, people.length === 0 ? 0 : own.length)
      need.untilSeconds = Math.max(need.untilSeconds, startSeconds + seconds)
      if (startSeconds < need.fromSeconds) Object.assign(need, { fromSeconds: startSeconds, firstItem: prescription.item.id })
      if (WEIGHED.has(kit)) {
        const count = new Map<number, number>()
        for (const { kg } of own) if (kg > 0) count.set(kg, (count.get(kg) ?? 0) + (people.length === 0 ? 0 : 1))
        for (const [kg, many] of count) need.byLoad.set(kg, Math.max(need.byLoad.get(kg) ?? 0, many))
      }
      needs.set(kit, need)
    }
  }
  return [...needs.values()]
    .map(({ byLoad, ...need }) => ({ ...need, loads: [...byLoad].sort(([a], [b]) => a - b).map(([kg, many]) => ({ kg, people: many })) }))
    .sort((a, b) => a.fromSeconds - b.fromSeconds || (a.kit < b.kit ? -1 : 1))
}
