import { type BasePosition, type Family, familyOf, type PlannedDemands, SLOT } from '../movement'
import { type Assessment, type Residual, type Scene, SESSION_SLOT } from '../safety'
import type { Segment } from '../timing'

/** Unbroken minutes of one person at one item, worked out from the timeline (rule base 1.6). */
export interface Moment {
  supineMin: number
  seatedMin: number
  standingMin: number
  /** from the end of the last work at effort 4 or more to the start of the item; 99 = none before */
  minSinceAerobic: number
}

/** What one person does in one item, as far as the minutes depend on it. */
export interface Held {
  base: BasePosition
  /** effort as this person does it, not above their cap; 0 = rests */
  rpe: number
}

/** Families whose minutes rules read, with the seconds away in one go that end a block (rule base 1.6). */
const BREAKING_SECONDS = { supine: 60, seated: 60, standing: 120 } as const
type Tracked = keyof typeof BREAKING_SECONDS
const TRACKED = Object.keys(BREAKING_SECONDS) as Tracked[]
const AEROBIC_RPE = 4
const MINUTE = 60
const NONE_BEFORE = 99

/** How somebody is held between floor, bed, chair and feet: a change of it belongs to no family. */
const levelOf = (base: BasePosition): string => `${base.startsWith('bed-') ? 'bed ' : ''}${familyOf(base)}`

interface Block {
  /** s of the timeline at which the person came into the family */
  since: number
  /** left it at; undefined = is in it */
  awaySince?: number
}

/** Where one person stands on their own row of segments. */
export interface Walk {
  blocks: Partial<Record<Tracked, Block>>
  /** position the person is in; undefined before the first item */
  base?: BasePosition
  aerobicEnd?: number
}
export const START: Walk = { blocks: {} }

function enter(blocks: Walk['blocks'], family: Family | undefined, at: number): Walk['blocks'] {
  const goesOn = TRACKED.every((tracked) => {
    const block = blocks[tracked]
    return tracked === family ? block !== undefined && block.awaySince === undefined : block === undefined || block.awaySince !== undefined
  })
  // the usual case: a set after a set, with nothing to note
  if (goesOn) return blocks
  const next = { ...blocks }
  for (const tracked of TRACKED) {
    const block = next[tracked]
    if (tracked === family) {
      const over = block?.awaySince !== undefined && at - block.awaySince >= BREAKING_SECONDS[tracked]
      if (!block || over) next[tracked] = { since: at }
      else if (block.awaySince !== undefined) next[tracked] = { since: block.since }
    } else if (block && block.awaySince === undefined) next[tracked] = { ...block, awaySince: at }
  }
  return next
}

/** No more minutes than these can somebody have been in a family at the end of the next segments. @param start of these @param end s */
export const mostMinutes =
  (walk: Walk, start: number, end: number) =>
  (family: Tracked): number =>
    (end - (walk.blocks[family]?.since ?? start)) / MINUTE

/** One segment further. @param heldIn what the person does in an item */
export function advance(walk: Walk, segment: Segment, heldIn: (item: string) => Held): Walk {
  const { kind, item, startSeconds, seconds, position, relief } = segment
  // weight that is taken off for a while is time out of the family (rule base 1.6)
  if (relief) return { ...walk, ...(position && { base: position }), blocks: enter(walk.blocks, undefined, startSeconds) }
  const there = position ? { base: position, rpe: 0 } : item === undefined ? undefined : heldIn(item)
  switch (kind) {
    case 'change': {
      if (!there || (walk.base && levelOf(walk.base) === levelOf(there.base)))
        return { ...walk, blocks: enter(walk.blocks, walk.base && familyOf(walk.base), startSeconds) }
      return { ...walk, base: there.base, blocks: enter(walk.blocks, undefined, startSeconds) }
    }
    // talk and water are in the position of the item before; before the first item, of the first
    case 'link':
    case 'count-in':
    case 'kit':
    case 'showing':
    case 'talk':
    case 'water': {
      const base = position ?? walk.base ?? there?.base
      const blocks = enter(walk.blocks, base && familyOf(base), startSeconds)
      // the usual case: a word where people are
      return blocks === walk.blocks && base === walk.base ? walk : { ...walk, ...(base && { base }), blocks }
    }
    case 'pause':
    case 'work':
    case 'side-change':
    case 'rest': {
      // a rest of its own, in the position of before
      if (!there) return { ...walk, blocks: enter(walk.blocks, walk.base && familyOf(walk.base), startSeconds) }
      const aerobic = kind === 'work' && there.rpe >= AEROBIC_RPE
      const blocks = enter(walk.blocks, familyOf(there.base), startSeconds)
      if (!aerobic && blocks === walk.blocks && there.base === walk.base) return walk
      return {
        ...walk,
        base: there.base,
        blocks,
        ...(aerobic && { aerobicEnd: startSeconds + seconds }),
      }
    }
  }
}

/**
 * The minutes at an item for one person who would do it held so.
 *
 * @param walk where the person stands before the segments
 * @param segments those from there to the end of the item's last set
 */
export function momentAt(walk: Walk, segments: readonly Segment[], item: string, heldIn: (item: string) => Held): Moment {
  let now = walk
  let sinceAerobic: number | undefined
  let end = 0
  for (const segment of segments) {
    if (segment.kind === 'work' && segment.item === item) {
      sinceAerobic ??= now.aerobicEnd === undefined ? NONE_BEFORE : (segment.startSeconds - now.aerobicEnd) / MINUTE
      end = segment.startSeconds + segment.seconds
    }
    now = advance(now, segment, heldIn)
  }
  const family = familyOf(heldIn(item).base)
  const minutes = (tracked: Tracked) => {
    const block = family === tracked ? now.blocks[tracked] : undefined
    return block ? (end - block.since) / MINUTE : 0
  }
  return {
    supineMin: minutes('supine'),
    seatedMin: minutes('seated'),
    standingMin: minutes('standing'),
    minSinceAerobic: sinceAerobic ?? NONE_BEFORE,
  }
}

/** A variant as it is read at its place in the class: with the minutes of the timeline in place of planned ones. */
export type SceneAt = (demands: PlannedDemands, vector: Float64Array) => { vector: Float64Array; session: Float64Array } & Scene

/** Values of the minutes at which no rule and no limit of a person answers otherwise than at the default: the place in the class does not matter there. */
interface Harmless {
  /** up to this, as 0 */
  supineMin: number
  seatedMin: number
  standingMin: number
  /** from this on, as 99 */
  minSinceAerobic: number
  /** values at which a rule's answer turns, ascending, by what it reads */
  turns: Readonly<Record<'seated' | 'standing' | 'aerobic', readonly number[]>>
}
/** Between which turns a value lies: all of them are answered alike. */
const between = (turns: readonly number[], value: number): number => turns.filter((turn) => value > turn).length
/**
 * Whether the place in a class can matter to somebody at all.
 *
 * @param minutes length of the class, and of the longest time that any variant would lie flat
 */
export function placeMatters(assessment: Assessment, minutes: number): boolean {
  const { supineMin, seatedMin, standingMin, minSinceAerobic } = harmlessFor(assessment)
  return supineMin < minutes || seatedMin < minutes || standingMin < minutes || minSinceAerobic > NONE_READ
}

const harmlessCache = new WeakMap<Assessment, Harmless>()
const JUST_UNDER = 1e-9
/** No rule reads the minutes since aerobic work. */
const NONE_READ = 2 * JUST_UNDER

function harmlessFor(assessment: Assessment): Harmless {
  const cached = harmlessCache.get(assessment)
  if (cached) return cached
  const tests = new Map<string, number[]>()
  const visit = (residual: Residual): void => {
    if (residual.kind === 'and' || residual.kind === 'or') residual.parts.forEach(visit)
    else if (residual.kind === 'test') {
      // the last value that answers as a smaller one does
      const { reads, op, value } = residual
      tests.set(reads, [...(tests.get(reads) ?? []), op === '>' || op === '<=' ? value : value - JUST_UNDER])
    }
  }
  for (const { residual, must } of assessment.rules) [residual, must].forEach(visit)
  const turns = (reads: string) => [...new Set(tests.get(reads) ?? [])].sort((a, b) => a - b)
  const least = (reads: string) => Math.min(Number.POSITIVE_INFINITY, ...(tests.get(reads) ?? []))
  const harmless: Harmless = {
    supineMin: Math.min(assessment.limits.supineMaxMin.value, least('supineMin')),
    seatedMin: least('s.seatedBlockMin'),
    standingMin: least('s.standingBlockMin'),
    minSinceAerobic: Math.max(0, ...(tests.get('s.minSinceAerobic') ?? [])) + NONE_READ,
    turns: { seated: turns('s.seatedBlockMin'), standing: turns('s.standingBlockMin'), aerobic: turns('s.minSinceAerobic') },
  }
  harmlessCache.set(assessment, harmless)
  return harmless
}

/**
 * How a variant is read at its place in the class, and what of the place its verdict depends on: empty where the minutes answer as
 * they do alone.
 *
 * @param momentFor minutes by position, for somebody who would do the item so
 * @param atMost no more minutes in a family than these, whatever the position: where they do no harm the exact ones are not worked out
 */
export function sceneAt(
  assessment: Assessment,
  momentFor: (base: BasePosition) => Moment,
  atMost: ReturnType<typeof mostMinutes> = () => Number.POSITIVE_INFINITY,
): { at: SceneAt; key: string } {
  const { situation } = assessment
  const harmless = harmlessFor(assessment)
  // for most people at most items no minute is asked for
  const moments: Partial<Record<Family, Moment>> = {}
  const momentOf = (base: BasePosition): Moment => {
    const family = familyOf(base)
    moments[family] ??= momentFor(base)
    return moments[family]
  }
  const session = (moment: Moment): Float64Array => {
    const { seatedMin, standingMin, minSinceAerobic } = moment
    const seated = seatedMin > harmless.seatedMin
    const standing = standingMin > harmless.standingMin
    const aerobic = minSinceAerobic < harmless.minSinceAerobic
    if (!seated && !standing && !aerobic) return situation
    const timed = situation.slice()
    if (seated) timed[SESSION_SLOT.seatedBlockMin] = seatedMin
    if (standing) timed[SESSION_SLOT.standingBlockMin] = standingMin
    if (aerobic) timed[SESSION_SLOT.minSinceAerobic] = minSinceAerobic
    return timed
  }
  const sessions: Partial<Record<Family, Float64Array>> = {}
  const at: SceneAt = (demands, vector) => {
    const family = familyOf(demands.basePosition)
    const moment = momentOf(demands.basePosition)
    sessions[family] ??= session(moment)
    const timed = sessions[family]
    const planned = vector[SLOT.supineMin]!
    if (planned === moment.supineMin || (planned <= harmless.supineMin && moment.supineMin <= harmless.supineMin))
      return { vector, demands: vector, session: timed }
    const lying = vector.slice()
    lying[SLOT.supineMin] = moment.supineMin
    return { vector: lying, demands: lying, session: timed }
  }
  const parts = [
    ['seated-unsupported', 'seatedMin', 'seated', 'seated'],
    ['standing-free', 'standingMin', 'standing', 'standing'],
    ['floor-supine', 'supineMin', undefined, 'supine'],
  ] as const
  const over = parts.flatMap(([base, field, turns, family]) => {
    if (atMost(family) <= harmless[field]) return []
    const minutes = momentOf(base)[field]
    if (minutes <= harmless[field]) return []
    // a change of the dose says from how many minutes flat, so these stand in the answer; of the others only which rules they turn
    return [`${field} ${turns === undefined ? minutes : between(harmless.turns[turns], minutes)}`]
  })
  const since = harmless.minSinceAerobic > NONE_READ ? momentOf('seated-unsupported').minSinceAerobic : NONE_BEFORE
  return { at, key: [...over, ...(since < harmless.minSinceAerobic ? [`since ${between(harmless.turns.aerobic, since)}`] : [])].join() }
}
