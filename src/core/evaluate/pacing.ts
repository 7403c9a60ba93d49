import { type BasePosition, familyOf } from '../movement'
import { type Prescription, partOf } from '../plan'
import { type Pacing, restSeconds, type Timeline } from '../timing'
import type { Option, Placement } from './options'
import type { AssessedPerson } from './roster'

/** The plan's factor on rests never exceeds this; whoever needs more leaves out every second set (rule base 5.7). */
const MOST_FACTOR = 2

/** What people do when every item is judged alone: who takes part, and in which best version. */
export interface Alone {
  takesPart: boolean
  best?: Option
}

export const aloneOf = (placement: Placement): Alone => {
  const [best] = placement.options
  return { takesPart: placement.judgement.verdict !== 'leave-out', ...(best && { best }) }
}

/** Height of a position: lying, all fours and sitting on the floor, lying in bed, sitting, standing. Up from one to a higher is a rise. */
function heightOf(base: BasePosition): number {
  const bed = base.startsWith('bed-')
  switch (familyOf(base)) {
    case 'supine':
    case 'incline':
    case 'sideLying':
    case 'prone':
      return bed ? 2 : 0
    case 'quadruped':
    case 'kneeling':
    case 'longSitting':
      return bed ? 3 : 1
    case 'seated':
      return 3
    case 'standing':
      return 4
  }
}
const SITTING_HEIGHT = 3

/**
 * Rests and pauses of the plan for the people who take part (rule base 5.7), decided once with every item judged alone: rests times the
 * highest factor among those who take part in the item, at most 2; a pause after rising as long as the longest of those who rise.
 *
 * @param alone by item and person
 */
export function pacingOf(people: readonly AssessedPerson[], items: readonly Prescription[], alone: ReadonlyMap<string, readonly Alone[]>): Pacing {
  const byId = new Map(items.map((item) => [item.item.id, item]))
  const doing = (item: string, person: number): { base: BasePosition; headDown: boolean } | undefined => {
    const planned = byId.get(item)
    const one = alone.get(item)?.[person]
    if (!planned || !one?.takesPart) return undefined
    const demands = one.best?.entry?.planned ?? planned.demands
    return { base: demands.basePosition, headDown: demands.headBelowHeartSec > 0 }
  }
  return {
    restFactor: (item) => {
      const factors = people.flatMap(({ assessment }, person) => (doing(item, person) ? [assessment.limits.restMult.value] : []))
      return Math.min(MOST_FACTOR, Math.max(1, ...factors))
    },
    pauseSeconds: (item, before) => {
      const pauses = people.flatMap(({ assessment }, person) => {
        const now = doing(item, person)
        if (!now) return []
        // who sat the last one out was sitting
        const last = before === undefined ? undefined : doing(before, person)
        const rises = heightOf(now.base) > (last ? heightOf(last.base) : SITTING_HEIGHT)
        return rises || last?.headDown ? [assessment.limits.pauseSec.value] : []
      })
      return Math.max(0, ...pauses)
    },
  }
}

/** What somebody leaves out because the group's rests are too short for them. */
export type OwnRest =
  /** does the 1st, 3rd, … set of each item */
  | { code: 'every-second-set' }
  /** leaves out this many stretches of a block by the clock */
  | { code: 'stretches'; block: string; of: number; leaves: number }

/** @param takesPart whether the person is in an item at all */
export function ownRests(restMult: number, items: readonly Prescription[], takesPart: (item: string) => boolean): OwnRest[] {
  const blocks = new Map(items.map(({ block }) => [block.id, block]))
  const stretches = [...blocks.values()].flatMap((block): OwnRest[] => {
    if (block.format !== 'intervals' || restMult <= 1) return []
    const { stretches, rounds, workSeconds, restSeconds: equalRest } = block
    const isIn = block.items.filter(({ id }) => takesPart(id)).length
    const of = stretches ? Math.round((stretches.length * rounds * isIn) / Math.max(1, block.items.length)) : isIn * rounds
    const mean = (numbers: readonly number[]) => numbers.reduce((sum, one) => sum + one, 0) / Math.max(1, numbers.length)
    const rest = stretches ? mean(stretches.map((one) => one.restSeconds)) : equalRest
    const work = stretches ? mean(stretches.map(({ seconds }) => seconds)) : workSeconds
    // each stretch left out gives its own time and the rest behind it
    const missing = (of - 1) * (restSeconds(rest, restMult) - rest)
    const leaves = Math.min(Math.max(0, of - 1), Math.ceil(missing / (work + rest)))
    return leaves > 0 ? [{ code: 'stretches', block: block.id, of, leaves }] : []
  })
  return restMult > MOST_FACTOR ? [{ code: 'every-second-set' }, ...stretches] : stretches
}

export interface SetsToTake {
  takes: { item: string; sets: number }[]
  /** whether the class then keeps to its time */
  fits: boolean
}

/** Sets that a class which became too long would lose: from the end of the main part backwards, one an item in turn, the last set never (5.7). */
export function setsToTake(timeline: Timeline, items: readonly Prescription[], overSeconds: number): SetsToTake {
  const inMain = new Set(timeline.segments.filter(({ phaseKind }) => partOf(phaseKind) === 'main').flatMap(({ item }) => item ?? []))
  const main = items.filter(({ item, block }) => inMain.has(item.id) && block.format === 'straight').reverse()
  const secondsOfSet = ({ item, dose }: Prescription): number => {
    const own = timeline.segments.filter((segment) => segment.item === item.id)
    const work = own.filter(({ kind, set }) => kind === 'work' && set === dose.sets).reduce((sum, { seconds }) => sum + seconds, 0)
    const change = own.find(({ kind }) => kind === 'side-change')?.seconds ?? 0
    return work + change + (own.find(({ kind }) => kind === 'rest')?.seconds ?? 0)
  }
  const taken = new Map<string, number>()
  let left = overSeconds
  for (let again = true; left > 0 && again; ) {
    again = false
    for (const item of main) {
      const already = taken.get(item.item.id) ?? 0
      if (left <= 0 || item.dose.sets - already <= 1) continue
      taken.set(item.item.id, already + 1)
      left -= secondsOfSet(item)
      again = true
    }
  }
  return { takes: [...taken].map(([item, sets]) => ({ item, sets })), fits: left <= 0 }
}
