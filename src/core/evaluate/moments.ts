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

/** One segment further. @param heldIn what the person does in an item */
export function advance(walk: Walk, segment: Segment, heldIn: (item: string) => Held): Walk {
  const { kind, item, startSeconds, seconds } = segment
  const there = item === undefined ? undefined : heldIn(item)
  switch (kind) {
    case 'transition': {
      if (!there || (walk.base && levelOf(walk.base) === levelOf(there.base)))
        return { ...walk, blocks: enter(walk.blocks, walk.base && familyOf(walk.base), startSeconds) }
      return { ...walk, base: there.base, blocks: enter(walk.blocks, undefined, startSeconds) }
    }
    // talk and water are in the position of the item before; before the first item, of the first
    case 'teach':
    case 'water': {
      const base = walk.base ?? there?.base
      return { ...walk, ...(base && { base }), blocks: enter(walk.blocks, base && familyOf(base), startSeconds) }
    }
    case 'pause':
    case 'work':
    case 'side-change':
    case 'rest': {
      if (!there) return walk
      const aerobic = kind === 'work' && there.rpe >= AEROBIC_RPE
      return {
        ...walk,
        base: there.base,
        blocks: enter(walk.blocks, familyOf(there.base), startSeconds),
        ...(aerobic && { aerobicEnd: startSeconds + seconds }),
      }
    }
  }
}

const MINUTE = 60

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

type MinuteField = 'seatedBlockMin' | 'standingBlockMin' | 'minSinceAerobic'
const readCache = new WeakMap<Assessment, ReadonlySet<MinuteField>>()
/** The minutes that some rule of this person reads; for most people there are none, and their verdicts do not depend on the place. */
export function minutesRead(assessment: Assessment): ReadonlySet<MinuteField> {
  let fields = readCache.get(assessment)
  if (!fields) {
    const found = new Set<string>()
    const visit = (residual: Residual): void => {
      if (residual.kind === 'and' || residual.kind === 'or') residual.parts.forEach(visit)
      else if (residual.kind === 'test') found.add(residual.reads)
    }
    for (const { residual, must } of assessment.rules) [residual, must].forEach(visit)
    fields = new Set((['seatedBlockMin', 'standingBlockMin', 'minSinceAerobic'] as const).filter((field) => found.has(`s.${field}`)))
    readCache.set(assessment, fields)
  }
  return fields
}

/** @param momentFor minutes by position, for somebody who would do the item so */
export function sceneAt(assessment: Assessment, momentFor: (base: BasePosition) => Moment): SceneAt {
  const { situation } = assessment
  const read = minutesRead(assessment)
  const sessions = new Map<BasePosition, { session: Float64Array; moment: Moment }>()
  return (demands, vector) => {
    let known = sessions.get(demands.basePosition)
    if (!known) {
      const moment = momentFor(demands.basePosition)
      const session = read.size > 0 ? situation.slice() : situation
      if (read.has('seatedBlockMin')) session[SESSION_SLOT.seatedBlockMin] = moment.seatedMin
      if (read.has('standingBlockMin')) session[SESSION_SLOT.standingBlockMin] = moment.standingMin
      if (read.has('minSinceAerobic')) session[SESSION_SLOT.minSinceAerobic] = moment.minSinceAerobic
      known = { session, moment }
      sessions.set(demands.basePosition, known)
    }
    const { session, moment } = known
    if (vector[SLOT.supineMin] === moment.supineMin) return { vector, demands: vector, session }
    const timed = vector.slice()
    timed[SLOT.supineMin] = moment.supineMin
    return { vector: timed, demands: timed, session }
  }
}
