import { type PlanDraft, type Prescription, partOf } from '../plan'
import type { Timeline } from '../timing'
import type { Kit } from '../vocabulary'
import { missingKit } from './options'
import { type SetsToTake, setsToTake } from './pacing'
import { type RoomWarning, roomWarnings } from './roomWarnings'
import type { AssessedPerson } from './roster'

/** Something about a whole class that the instructor should know; sentences are made at the edge. */
export type PlanWarning =
  | { code: 'empty' }
  /** `takes`: the sets it would lose, when the instructor says so */
  /** the library no longer has what was planned; the item is read as its successor */
  | { code: 'replaced'; item: string; because: string }
  | ({ code: 'overruns'; bySeconds: number } & SetsToTake)
  /** `gently`: people who start gently and join the harder work later */
  | { code: 'warm-up-short' | 'cool-down-short'; haveSeconds: number; needSeconds: number; from: string[]; person?: string; gently: string[] }
  | { code: 'no-warm-up' | 'no-cool-down' }
  /** `from`: the item from which on this person rests, or goes home */
  | { code: 'session-too-long'; person: string; maxMinutes: number; activeMinutes: number; from: string }
  | { code: 'floor-without-leave' }
  | { code: 'load-not-held'; item: string; loadKg: number }
  | { code: 'kit-missing'; item: string; kit: Kit[] }
  | RoomWarning

/** Minutes of warm-up and cool-down are for a class of this length and more; a shorter one needs its share (rule base 5.5). */
const FULL_MINUTES = 45
const GENTLE_RPE = 3
const COOL_RPE = 2
/** From this merged warm-up on, hearts and lungs are the reason. */
const LONG_WARM_MIN = 15
const LEAST = { usual: { warm: 4, cool: 3 }, longWarm: { warm: 8, cool: 6 } } as const

/** Minutes that a class of `minutes` needs of what a class of 45 needs; a class that stays at effort 3 needs half. */
export function neededMinutes(part: 'warm' | 'cool', merged: number, longestWarm: number, minutes: number, gentle: boolean): number {
  const least = LEAST[longestWarm >= LONG_WARM_MIN ? 'longWarm' : 'usual'][part]
  const share = minutes >= FULL_MINUTES ? merged : Math.max(least, Math.round((merged * minutes) / FULL_MINUTES))
  return gentle ? share / 2 : share
}

/** Seconds of warm-up and cool-down by what is done, not by the label of the phase; in a class that stays gentle the labels count. */
function doneSeconds(timeline: Timeline): { warm: number; cool: number; gentle: boolean } {
  const { segments, phases } = timeline
  const hard = (rpe: number) => rpe > GENTLE_RPE
  const first = segments.findIndex(({ kind, rpe }) => kind === 'work' && hard(rpe))
  if (first < 0) {
    const labelled = (wanted: string) => phases.filter(({ kind }) => partOf(kind) === wanted).reduce((sum, { seconds }) => sum + seconds, 0)
    return { warm: labelled('warm-up'), cool: labelled('cool-down'), gentle: true }
  }
  const last = segments.findLastIndex(({ kind, rpe }) => kind === 'work' && hard(rpe))
  const sum = (list: Timeline['segments']) => list.reduce((total, { seconds }) => total + seconds, 0)
  return {
    warm: sum(segments.slice(0, first).filter(({ kind }) => kind === 'work')),
    cool: sum(segments.slice(last + 1).filter(({ kind, rpe }) => rpe <= COOL_RPE && ['work', 'rest', 'side-change', 'pause'].includes(kind))),
    gentle: false,
  }
}

function lengthWarnings(plan: PlanDraft, timeline: Timeline, people: readonly AssessedPerson[]): PlanWarning[] {
  const done = doneSeconds(timeline)
  const longestWarm = Math.max(0, ...people.map(({ assessment }) => assessment.limits.warmMin.value))
  const gently = people.filter(({ assessment }) => assessment.limits.warmMin.value >= LONG_WARM_MIN).map(({ name }) => name)
  return (
    [
      ['warm', 'warmMin', 'warm-up-short', 'no-warm-up'],
      ['cool', 'coolMin', 'cool-down-short', 'no-cool-down'],
    ] as const
  ).flatMap(([part, limit, short, none]): PlanWarning[] => {
    const haveSeconds = done[part]
    if (haveSeconds === 0) return [{ code: none }]
    const strictest = [...people].sort((a, b) => b.assessment.limits[limit].value - a.assessment.limits[limit].value)[0]
    if (!strictest) return []
    const merged = strictest.assessment.limits[limit]
    const needSeconds = neededMinutes(part, merged.value, longestWarm, plan.promisedMinutes, done.gentle) * 60
    return haveSeconds < needSeconds ? [{ code: short, haveSeconds, needSeconds, from: merged.from, person: strictest.name, gently }] : []
  })
}

/** The item at which somebody has been active as long as they may (`sessionMaxMin` counts active minutes). */
function activeWarnings(timeline: Timeline, people: readonly AssessedPerson[], isIn: (person: number, item: string) => boolean): PlanWarning[] {
  return people.flatMap(({ name, assessment }, person): PlanWarning[] => {
    const { value } = assessment.limits.sessionMaxMin
    let active = 0
    let from: string | undefined
    for (const { kind, item, seconds } of timeline.segments) {
      if (kind !== 'work' || item === undefined || !isIn(person, item)) continue
      active += seconds
      if (active > value * 60) from ??= item
    }
    return from === undefined ? [] : [{ code: 'session-too-long', person: name, maxMinutes: value, activeMinutes: active / 60, from }]
  })
}

/** A load on a variant that holds none, and kit that the room does not have: said, never silently dropped. */
function itemWarnings(plan: PlanDraft, items: readonly Prescription[]): PlanWarning[] {
  return items.flatMap(({ item, entry, dose, replaced }): PlanWarning[] => {
    const kit = entry
      ? missingKit(entry, plan.room)
      : (item.described?.kit ?? []).filter((one) => one !== 'chair' && !plan.room.kit.includes(one as (typeof plan.room.kit)[number]))
    const holds = entry === undefined || entry.variant.kit.some((one) => ['dumbbell', 'band', 'ball', 'cuff'].includes(one))
    return [
      ...(replaced === undefined ? [] : [{ code: 'replaced', item: item.id, because: replaced } as const]),
      ...(dose.loadKg > 0 && !holds ? [{ code: 'load-not-held', item: item.id, loadKg: dose.loadKg } as const] : []),
      ...(kit.length > 0 ? [{ code: 'kit-missing', item: item.id, kit } as const] : []),
    ]
  })
}

/**
 * Warnings on length, warm-up and cool-down, on what is held and what the room lacks (rule base 5.5, 5.7, 0.3 step 4).
 *
 * @param isIn whether somebody takes part in an item
 */
export function planWarnings(
  plan: PlanDraft,
  timeline: Timeline,
  items: readonly Prescription[],
  people: readonly AssessedPerson[],
  floorTrips: number,
  isIn: (person: number, item: string) => boolean,
): PlanWarning[] {
  if (timeline.totalSeconds === 0) return [{ code: 'empty' }]
  const bySeconds = timeline.totalSeconds - plan.promisedMinutes * 60
  return [
    ...(bySeconds > 0 ? [{ code: 'overruns', bySeconds, ...setsToTake(timeline, items, bySeconds) } as const] : []),
    ...lengthWarnings(plan, timeline, people),
    ...activeWarnings(timeline, people, isIn),
    ...(!plan.room.floorWork && floorTrips > 0 ? [{ code: 'floor-without-leave' } as const] : []),
    ...itemWarnings(plan, items),
    ...roomWarnings(plan.room, items, people),
  ]
}
