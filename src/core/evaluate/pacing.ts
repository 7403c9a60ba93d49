import { type BasePosition, familyOf } from '../movement'
import { type Block, type BlockFormat, type Prescription, partOf, placedIn, setVersions, stepsOf } from '../plan'
import { AGAIN_SECONDS, type Pacing, REST_BETWEEN_FACTOR, restSeconds, type Timeline } from '../timing'
import type { Option, Placement } from './options'
import type { AssessedPerson } from './roster'

/** The plan's factor on rests never exceeds this; whoever needs more leaves out every second set (rule base 5.7). */
const MOST_FACTOR = 2

/** The test of getting up and going within which the house's times of change hold, s: an estimate. */
const USUAL_UP_AND_GO = 10
/** How much longer somebody takes from one place to another; nobody is waited for more than twice the time: an estimate. */
const slowness = (upAndGoSec: number | undefined): number => Math.min(2, Math.max(1, (upAndGoSec ?? USUAL_UP_AND_GO) / USUAL_UP_AND_GO))

/** What people do when every item is judged alone: who takes part, and in which best version. */
export interface Alone {
  takesPart: boolean
  best?: Option
}

const aloneBefore = new WeakMap<Placement, Alone>()
export function aloneOf(placement: Placement): Alone {
  let known = aloneBefore.get(placement)
  if (!known) {
    const [best] = placement.options
    known = { takesPart: placement.judgement.verdict !== 'leave-out', ...(best && { best }) }
    aloneBefore.set(placement, known)
  }
  return known
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
  const restFactor = (item: string) => {
    const factors = people.flatMap(({ assessment }, person) => (doing(item, person) ? [assessment.limits.restMult.value] : []))
    return Math.min(MOST_FACTOR, Math.max(1, ...factors))
  }
  const changeFactor = (item: string) => Math.max(1, ...people.map(({ upAndGoSec }, person) => (doing(item, person) ? slowness(upAndGoSec) : 1)))
  const pauseSeconds = (item: string, before: string | undefined) => {
    const pauses = people.flatMap(({ assessment }, person) => {
      const now = doing(item, person)
      if (!now) return []
      // who sat the last one out was sitting
      const last = before === undefined ? undefined : doing(before, person)
      const rises = heightOf(now.base) > (last ? heightOf(last.base) : SITTING_HEIGHT)
      return rises || last?.headDown ? [assessment.limits.pauseSec.value] : []
    })
    return Math.max(0, ...pauses)
  }
  // asked at every set, answered once an item
  return { restFactor: once(restFactor), changeFactor: once(changeFactor), pauseSeconds }
}

/** Answers each question once. */
function once(answer: (item: string) => number): (item: string) => number {
  const known = new Map<string, number>()
  return (item) => {
    let found = known.get(item)
    if (found === undefined) {
      found = answer(item)
      known.set(item, found)
    }
    return found
  }
}

/** How somebody gets the rest that the group's rests do not give. */
export type OwnRest =
  /** does the 1st, 3rd, … set of each item */
  | { code: 'every-second-set' }
  /** leaves out this many stretches of a block that the clock or music keeps */
  | { code: 'stretches'; block: string; of: number; leaves: number }
  /** works so long at one go in a block that has no rest to lengthen, s */
  | { code: 'unbroken'; block: string; seconds: number }

/** Blocks whose times are kept by the clock or by music: no rest in them is made longer (rule base 5.7). */
const KEPT: ReadonlySet<BlockFormat> = new Set(['intervals', 'counts', 'phrase', 'song', 'laps'])

/** A stretch of work, s: the rest the plan puts behind it, and how long it is till the person works again. */
interface Stretch {
  work: number
  planned: number
  until: number
}

/** The stretches of a block that somebody takes part in; whoever sits one out rests in it. */
function stretchesOf(block: Block, items: readonly Prescription[], takesPart: (item: string) => boolean): Stretch[] {
  const byId = new Map(items.map((one) => [one.item.id, one]))
  const found: Stretch[] = []
  let isNext = false
  for (const step of stepsOf(block, items.map(placedIn))) {
    const last = found.at(-1)
    if (step.kind === 'gap') {
      if (!last) continue
      if (isNext) last.planned = step.seconds ?? 0
      last.until += step.seconds ?? 0
    }
    isNext = false
    const to = step.kind === 'work' ? byId.get(step.item) : undefined
    if (step.kind !== 'work' || !to) continue
    const work = step.clockSeconds ?? to.workSeconds * (to.side === 'one-then-other' && step.side === undefined ? 2 : 1)
    isNext = takesPart(step.item)
    if (isNext) found.push({ work, planned: 0, until: 0 })
    else if (last) last.until += work
  }
  return found
}

const sum = (numbers: readonly number[]) => numbers.reduce((all, one) => all + one, 0)

function ownRestIn(block: Block, items: readonly Prescription[], restMult: number, takesPart: (item: string) => boolean): OwnRest[] {
  const stretches = stretchesOf(block, items, takesPart)
  const of = stretches.length
  const between = stretches.slice(0, -1)
  const works = sum(stretches.map(({ work }) => work))
  if (sum(between.map(({ until }) => until)) === 0) {
    const isLong = restMult >= REST_BETWEEN_FACTOR && works > AGAIN_SECONDS
    return isLong ? [{ code: 'unbroken', block: block.id, seconds: Math.round(works) }] : []
  }
  const missing = sum(between.map(({ planned, until }) => Math.max(0, restSeconds(planned, restMult) - until)))
  // each stretch left out gives its own time and the rest behind it
  const each = works / of + sum(between.map(({ planned }) => planned)) / between.length
  const leaves = Math.min(between.length, Math.ceil(missing / each))
  return leaves > 0 ? [{ code: 'stretches', block: block.id, of, leaves }] : []
}

/**
 * What somebody does to get their rest: in blocks kept by the clock or by music stretches are left out; whoever needs more than twice the
 * plan's rests leaves out every second set (rule base 5.7).
 *
 * @param restMult of the person
 * @param takesPart whether the person is in an item at all
 */
export function ownRests(restMult: number, items: readonly Prescription[], takesPart: (item: string) => boolean): OwnRest[] {
  if (restMult <= 1) return []
  const kept = [...new Set(items.map(({ block }) => block))].filter(({ format }) => KEPT.has(format))
  const own = kept.flatMap((block) =>
    ownRestIn(
      block,
      items.filter((one) => one.block === block),
      restMult,
      takesPart,
    ),
  )
  return restMult > MOST_FACTOR ? [{ code: 'every-second-set' }, ...own] : own
}

export interface SetsToTake {
  takes: { item: string; sets: number }[]
  /** whether the class then keeps to its time */
  fits: boolean
}

/** Sets that a class which became too long would lose: from the end of the main part backwards, one an item in turn, the last set never (5.7). */
export function setsToTake(timeline: Timeline, items: readonly Prescription[], overSeconds: number): SetsToTake {
  const inMain = new Set(timeline.segments.filter(({ phaseKind }) => partOf(phaseKind) === 'main').flatMap(({ item }) => item ?? []))
  const main = items.filter(({ item, block }) => inMain.has(item.id) && block.format === 'straight' && setVersions(item).length === 0).reverse()
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
