import { type BasePosition, type EverydayFunction, type Family, familyOf, MUSCLES, type Muscle, type Pattern } from '../movement'
import { kitKey, type PlanDraft, type Prescription } from '../plan'
import type { Timeline } from '../timing'
import { type Quality, qualityOf } from './qualities'

/** Something about the whole of a class that is worth a look; sentences are made where it is shown. */
export type CoverageHint =
  /** hard for the same muscles again before they had a minute (rule base 5.1, short rests) */
  | { code: 'same-muscles'; item: string; before: string; muscles: Muscle[]; afterSeconds: number }
  /** little rest between sets of strength or power (rule base 5.1) */
  | { code: 'short-rest'; item: string; restSeconds: number; needSeconds: number }
  /** a long stretch before the work it would weaken (rule base 5.6) */
  | { code: 'hold-early'; item: string; holdSeconds: number }
  /** the hardest item in the last fifth of the work */
  | { code: 'hardest-late'; item: string }
  | { code: 'more-new'; have: number; most: number }
  | { code: 'push-without-pull' | 'pull-without-push'; sets: number; other: number }
  | { code: 'one-side'; item: string; side: 'left' | 'right' }
  | { code: 'sitting-long' | 'standing-long' | 'lying-long'; seconds: number; fromSeconds: number }
  | { code: 'nothing-for'; quality: Quality }

export interface MuscleWork {
  muscle: Muscle
  /** working sets; one in which it only helps counts half */
  sets: number
  /** s, helping counts half */
  seconds: number
}

export interface Coverage {
  muscles: MuscleWork[]
  qualities: { quality: Quality; seconds: number }[]
  everyday: { serves: EverydayFunction; seconds: number }[]
  push: number
  pull: number
  /** repetitions of the whole class, both sides together */
  repetitions: number
  newMovements: number
  positionChanges: number
  /** with the same items in the best order */
  fewestPositionChanges: number
  kitMoves: number
  fewestKitMoves: number
  hints: CoverageHint[]
}

/** From this effort on a set is hard, 0 to 10. */
const HARD_RPE = 4
const AGAIN_SECONDS = 60
const REST_NEEDED = { strength: 60, power: 90 } as const
/** A longer stretch before strength or power lowers force a little (rule base 5.6, school 4). */
const LONG_HOLD_SECONDS = 60
/** New movements that a class takes in at a time: what practitioners add. */
const MOST_NEW = 4
/** Unbroken time in one position after which a change does good, s: an estimate. */
const LONG = { seated: 20 * 60, standing: 15 * 60, supine: 10 * 60 } as const
const LONG_CODES = { seated: 'sitting-long', standing: 'standing-long', supine: 'lying-long' } as const
/** What most classes of this length have something of. */
const WANTED: readonly Quality[] = ['strength', 'balance', 'mobility']
const WANTED_FROM_MINUTES = 20

const hasPattern = (item: Prescription, pattern: Pattern) => item.entry?.movement.pattern.includes(pattern) ?? false
const mainOf = (item: Prescription): readonly Muscle[] => item.entry?.movement.main ?? item.item.described?.main ?? []

interface Done {
  item: Prescription
  startSeconds: number
  endSeconds: number
  seconds: number
  sets: number
  reps: number
  rpe: number
}

/** What is done of each item, over all its visits. */
function doneItems(items: readonly Prescription[], { segments }: Timeline): Done[] {
  return items.flatMap((item): Done[] => {
    const work = segments.filter(({ kind, item: id, moving }) => kind === 'work' && !moving && id === item.item.id)
    const [first] = work
    const last = work.at(-1)
    if (!first || !last) return []
    return [
      {
        item,
        startSeconds: first.startSeconds,
        endSeconds: last.startSeconds + last.seconds,
        seconds: work.reduce((sum, { seconds }) => sum + seconds, 0),
        // two sides of one set are one
        sets: work.filter(({ side }) => side !== 'second').length,
        reps: work.reduce((sum, { reps }) => sum + (reps ?? 0), 0),
        rpe: Math.max(...work.map(({ rpe }) => rpe)),
      },
    ]
  })
}

function muscleWork(done: readonly Done[]): MuscleWork[] {
  const found = new Map<Muscle, { sets: number; seconds: number }>(MUSCLES.map((muscle) => [muscle, { sets: 0, seconds: 0 }]))
  const count = (muscles: readonly Muscle[], { sets, seconds }: Done, share: number) => {
    for (const muscle of muscles) {
      const work = found.get(muscle)
      if (!work) continue
      work.sets += sets * share
      work.seconds += seconds * share
    }
  }
  for (const one of done) {
    count(mainOf(one.item), one, 1)
    count(one.item.entry?.movement.helping ?? [], one, 0.5)
  }
  return MUSCLES.map((muscle) => ({ muscle, ...found.get(muscle)! }))
}

const summed = <K extends string>(entries: readonly (readonly [K, number])[]): [K, number][] => {
  const sums = new Map<K, number>()
  for (const [key, seconds] of entries) sums.set(key, (sums.get(key) ?? 0) + seconds)
  return [...sums].sort(([, a], [, b]) => b - a)
}

/** Hard work for the same muscles, one after the other (rule base 5.1); visits count, so that rounds do. */
function sameMuscles(items: readonly Prescription[], { segments }: Timeline): CoverageHint[] {
  const byId = new Map(items.map((item) => [item.item.id, item]))
  const found = new Map<string, CoverageHint>()
  let before: { item: Prescription; end: number } | undefined
  for (const { kind, item: id, startSeconds, seconds, rpe, moving } of segments) {
    const item = id === undefined ? undefined : byId.get(id)
    // a moving rest is time in which the muscles rest
    if (kind !== 'work' || !item || moving) continue
    const isHard = rpe >= HARD_RPE && ['strength', 'power'].includes(qualityOf(item.demands.purpose))
    if (isHard && before && before.item !== item) {
      const muscles = mainOf(item).filter((muscle) => mainOf(before!.item).includes(muscle))
      const afterSeconds = startSeconds - before.end
      if (muscles.length > 0 && afterSeconds < AGAIN_SECONDS && !found.has(item.item.id))
        found.set(item.item.id, { code: 'same-muscles', item: item.item.id, before: before.item.item.id, muscles, afterSeconds })
    }
    before = isHard ? { item, end: startSeconds + seconds } : undefined
  }
  return [...found.values()]
}

function shortRests(items: readonly Prescription[], { segments }: Timeline): CoverageHint[] {
  return items.flatMap((item): CoverageHint[] => {
    const quality = qualityOf(item.demands.purpose)
    if ((quality !== 'strength' && quality !== 'power') || item.dose.rpe < HARD_RPE || item.block.format !== 'straight') return []
    const rests = segments
      .filter(({ kind, item: id, set }) => kind === 'rest' && id === item.item.id && set === undefined)
      .map(({ seconds }) => seconds)
    const between = rests.slice(0, Math.max(0, item.dose.sets - 1))
    const least = Math.min(...between)
    const needSeconds = REST_NEEDED[quality]
    return between.length > 0 && least < needSeconds ? [{ code: 'short-rest', item: item.item.id, restSeconds: least, needSeconds }] : []
  })
}

/** Unbroken time of the group in one position; talk and rest belong to it. */
function longStays(items: readonly Prescription[], { segments, totalSeconds }: Timeline): CoverageHint[] {
  const byId = new Map(items.map((item) => [item.item.id, item]))
  const stays: { family: Family; from: number }[] = []
  for (const { kind, item, startSeconds, position } of segments) {
    const base: BasePosition | undefined = position ?? (kind === 'work' && item !== undefined ? byId.get(item)?.demands.basePosition : undefined)
    if (!base) continue
    const family = familyOf(base)
    if (stays.at(-1)?.family !== family) stays.push({ family, from: startSeconds })
  }
  return stays.flatMap(({ family, from }, index): CoverageHint[] => {
    const seconds = (stays[index + 1]?.from ?? totalSeconds) - from
    if (family !== 'seated' && family !== 'standing' && family !== 'supine') return []
    return seconds > LONG[family] ? [{ code: LONG_CODES[family], seconds, fromSeconds: from }] : []
  })
}

/** Changes from one to the next, and how many there would be with everything of a kind together. */
function moves(keys: readonly string[], start: string): { have: number; fewest: number } {
  let have = 0
  let now = start
  for (const key of keys) {
    if (key !== now) have++
    now = key
  }
  return { have, fewest: new Set(keys.filter((key) => key !== start)).size }
}

/** @param timeline of the same plan */
export function coverageOf(plan: PlanDraft, items: readonly Prescription[], timeline: Timeline): Coverage {
  const done = doneItems(items, timeline)
  const inOrder = done.toSorted((a, b) => a.startSeconds - b.startSeconds)
  const setsOf = (pattern: Pattern) => done.filter(({ item }) => hasPattern(item, pattern)).reduce((sum, { sets }) => sum + sets, 0)
  const [push, pull] = [setsOf('push'), setsOf('pull')]
  const known = new Set(plan.familiar)
  const newMovements = new Set(items.filter(({ movement }) => !known.has(movement)).map(({ movement }) => movement)).size
  const position = moves(
    inOrder.map(({ item }) => familyOf(item.demands.basePosition)),
    'seated',
  )
  const kit = moves(
    inOrder.map(({ item }) => kitKey(item)),
    '',
  )
  const qualities = summed(done.map(({ item, seconds }) => [qualityOf(item.demands.purpose), seconds] as const))
  const has = new Set(qualities.map(([quality]) => quality))
  const hardest = inOrder.reduce<Done | undefined>((most, one) => (!most || one.rpe > most.rpe ? one : most), undefined)
  const firstHard = inOrder.find(({ rpe, item }) => rpe >= HARD_RPE && qualityOf(item.demands.purpose) !== 'stretch')
  const lastHard = inOrder.findLast(({ item, rpe }) => rpe >= HARD_RPE && qualityOf(item.demands.purpose) !== 'stretch')
  const oneSided = items.filter(({ side }) => side === 'left' || side === 'right')
  const hints: CoverageHint[] = [
    ...sameMuscles(items, timeline),
    ...shortRests(items, timeline),
    ...inOrder.flatMap(({ item, startSeconds }): CoverageHint[] =>
      qualityOf(item.demands.purpose) === 'stretch' &&
      item.dose.holdSeconds >= LONG_HOLD_SECONDS &&
      lastHard !== undefined &&
      startSeconds < lastHard.startSeconds
        ? [{ code: 'hold-early', item: item.item.id, holdSeconds: item.dose.holdSeconds }]
        : [],
    ),
    ...(hardest && firstHard && lastHard && hardest === lastHard && hardest !== firstHard && hardest.rpe > firstHard.rpe && inOrder.length >= 6
      ? [{ code: 'hardest-late', item: hardest.item.item.id } as const]
      : []),
    ...(newMovements > MOST_NEW && known.size > 0 ? [{ code: 'more-new', have: newMovements, most: MOST_NEW } as const] : []),
    ...(push >= 2 && pull < push / 2 ? [{ code: 'push-without-pull', sets: push, other: pull } as const] : []),
    ...(pull >= 2 && push < pull / 2 ? [{ code: 'pull-without-push', sets: pull, other: push } as const] : []),
    // the one side alone is a choice where the other comes in another item of the same movement
    ...oneSided.flatMap(({ item, side, movement }): CoverageHint[] => {
      const isPaired = oneSided.some((other) => other.movement === movement && other.side !== side)
      return isPaired ? [] : [{ code: 'one-side', item: item.id, side: side as 'left' | 'right' }]
    }),
    ...longStays(items, timeline),
    ...(plan.promisedMinutes >= WANTED_FROM_MINUTES && done.length > 0
      ? WANTED.filter((quality) => !has.has(quality)).map((quality) => ({ code: 'nothing-for', quality }) as const)
      : []),
  ]
  return {
    muscles: muscleWork(done),
    qualities: qualities.map(([quality, seconds]) => ({ quality, seconds })),
    everyday: summed(done.flatMap(({ item, seconds }) => (item.entry ? [[item.entry.movement.serves, seconds] as const] : []))).map(
      ([serves, seconds]) => ({ serves, seconds }),
    ),
    push,
    pull,
    repetitions: done.reduce((sum, { reps }) => sum + reps, 0),
    newMovements,
    positionChanges: position.have,
    fewestPositionChanges: position.fewest,
    kitMoves: kit.have,
    fewestKitMoves: kit.fewest,
    hints,
  }
}
