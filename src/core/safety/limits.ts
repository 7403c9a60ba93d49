import { encodeValue, FAMILIES, SLOT } from '../movement/demands'
import { LIMIT_ATTRIBUTE, LIMIT_MERGE, type LimitName, type Limits } from './condition'
import type { ConditionFields } from './fields'
import { type Hit, harmOf } from './hit'

/** A merged limit with the conditions that set it. */
export interface MergedLimit {
  value: number
  from: string[]
}
export type MergedLimits = Record<LimitName, MergedLimit>

export interface LimitSet {
  from: string
  limits: Limits
  /** for a limit that names a `c.` field */
  fields?: ConditionFields
}

/** Step 3 of the rule base: lowest wins for caps and maxima, highest for rests and minutes; notes on the pulse are gathered. */
export function mergeLimits(sets: readonly LimitSet[]): { limits: MergedLimits; heartRate: { condition: string; text: string }[] } {
  const merged: Partial<MergedLimits> = {}
  const heartRate: { condition: string; text: string }[] = []
  for (const { from, limits, fields } of sets) {
    if (limits.hr !== undefined && limits.hr !== 'none') heartRate.push({ condition: from, text: String(limits.hr) })
    for (const limit of Object.keys(LIMIT_MERGE) as LimitName[]) {
      const raw = limits[limit]
      if (raw === undefined) continue
      const value = typeof raw === 'string' ? Number((fields as Record<string, unknown> | undefined)?.[raw.slice(2)]) : raw
      const present = merged[limit]
      const stronger = !present || (LIMIT_MERGE[limit] === 'lowest' ? value < present.value : value > present.value)
      if (stronger) merged[limit] = { value, from: [from] }
      else if (present.value === value && !present.from.includes(from)) present.from.push(from)
    }
  }
  const unlimited = (limit: LimitName): MergedLimit => ({ value: LIMIT_MERGE[limit] === 'lowest' ? Number.POSITIVE_INFINITY : 0, from: [] })
  const limits = Object.fromEntries((Object.keys(LIMIT_MERGE) as LimitName[]).map((limit) => [limit, merged[limit] ?? unlimited(limit)]))
  return { limits: limits as MergedLimits, heartRate }
}

/** What holds while a clinician's word is missing (0.3 step 2), and for a condition that the rule base does not hold. */
export const PENDING_RPE = 4
const PENDING_IMPACT = 1

const LIMIT_TEXT: Record<string, { why: string; offer: string; cue: string }> = {
  'LIM-hold': { why: 'The hold is longer than this person’s limit.', offer: 'shorter hold, repeated', cue: 'Hold a shorter time and breathe.' },
  'LIM-stretch': {
    why: 'The stretch is held longer than this person’s limit.',
    offer: 'shorter stretch, repeated',
    cue: 'Ease out a little earlier.',
  },
  'LIM-rpe': {
    why: 'This is harder than this person should work today.',
    offer: 'lighter, slower or fewer',
    cue: 'Keep it at an effort where you can talk.',
  },
  'LIM-supine': {
    why: 'This is longer flat on the back than this person should lie.',
    offer: 'less time flat, or trunk raised',
    cue: 'Roll to your side between sets.',
  },
  'LIM-met': { why: 'This takes more breath than this person should spend.', offer: 'slower or smaller', cue: 'Slow it down and make it smaller.' },
  'LIM-load': { why: 'The load is above this person’s limit.', offer: 'lighter load', cue: 'Take the lighter weight.' },
  'PEND-rpe': {
    why: 'A clinician’s word is advised and not on file: easy effort until it is.',
    offer: 'effort 4 at most',
    cue: 'Easy effort, full sentences.',
  },
  'PEND-impact': {
    why: 'A clinician’s word is advised and not on file: soft steps until it is.',
    offer: 'one foot always down',
    cue: 'One foot stays on the floor.',
  },
}

/** What the implicit limit rules need of an assessment. */
interface Limited {
  limits: MergedLimits
  /** conditions whose clearance is pending, and those in words */
  pendingFrom: readonly string[]
  groupOf: (slug: string) => string
}

const BALANCE = encodeValue('purpose', 'balance')
const RELAXATION = encodeValue('purpose', 'relaxation')
const FLEXIBILITY = encodeValue('purpose', 'flexibility')
const EASY_RPE = 3
const SUPINE: readonly number[] = FAMILIES.supine.map((position) => encodeValue('basePosition', position))

function limitHit(id: string, planned: number, allowed: number, from: readonly string[], groupOf: Limited['groupOf']): Hit {
  const condition = from[0] ?? ''
  return {
    id,
    then: 'modify',
    condition,
    ...LIMIT_TEXT[id]!,
    evidence: 'common-practice',
    sources: [],
    omit: false,
    harm: harmOf(groupOf(condition)),
    limit: { attribute: LIMIT_ATTRIBUTE[id]!, planned, allowed, from: [...from] },
  }
}

const NONE: readonly Hit[] = []

/** The implicit limit rules (rule base 0.3 step 4) and those of a clearance that is pending (step 2). */
export function limitHits({ limits, pendingFrom, groupOf }: Limited, demands: Float64Array): readonly Hit[] {
  let hits: Hit[] | undefined
  const check = (id: string, planned: number, allowed: number, from: readonly string[]) => {
    if (planned <= allowed) return
    hits ??= []
    hits.push(limitHit(id, planned, allowed, from, groupOf))
  }
  const { holdMaxSec, stretchMaxSec, rpeCap, supineMaxMin, maxMet, loadMaxKg } = limits
  const hold = demands[SLOT.isometricHoldSec]!
  const rpe = demands[SLOT.intendedRpe]!
  if (hold > 0) {
    const purpose = demands[SLOT.purpose]!
    const easy = rpe <= EASY_RPE
    if (demands[SLOT.endRangeStretch] === 1) check('LIM-stretch', hold, stretchMaxSec.value, stretchMaxSec.from)
    else if (easy && purpose === FLEXIBILITY) {
      // an easy stretch held in mid-range is no isometric effort, but keeps a limit: the larger of the two
      const larger = holdMaxSec.value > stretchMaxSec.value ? holdMaxSec : stretchMaxSec
      check('LIM-stretch', hold, larger.value, larger.from)
    } else if (!(easy && (purpose === BALANCE || purpose === RELAXATION))) check('LIM-hold', hold, holdMaxSec.value, holdMaxSec.from)
  }
  check('LIM-rpe', rpe, rpeCap.value, rpeCap.from)
  if (SUPINE.includes(demands[SLOT.basePosition]!)) check('LIM-supine', demands[SLOT.supineMin]!, supineMaxMin.value, supineMaxMin.from)
  check('LIM-met', demands[SLOT.met]!, maxMet.value, maxMet.from)
  check('LIM-load', demands[SLOT.externalLoadKg]!, loadMaxKg.value, loadMaxKg.from)
  if (pendingFrom.length > 0) {
    check('PEND-rpe', rpe, PENDING_RPE, pendingFrom)
    check('PEND-impact', demands[SLOT.impactLevel]!, PENDING_IMPACT, pendingFrom)
  }
  return hits ?? NONE
}
