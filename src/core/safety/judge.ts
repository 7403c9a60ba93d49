import { encodeDemands, encodeValue, FAMILIES, familyOf, type PlannedDemands, SLOT } from '../movement/demands'
import type { Assessment, GateHit, Overrule } from './assess'
import { LIMIT_ATTRIBUTE } from './condition'
import { type Change, corridor } from './corridor'
import { byImportance, type Hit, harmOf } from './hit'
import { holds, type Residual } from './predicate'
import { holding } from './program'
import { attributeOfLead } from './ruleBase'

/** For one person and one variant and dose on one date; each value says what the instructor does. */
export const VERDICTS = [
  /** do it as written; say the caution cues */
  'as-planned',
  /** same variant, something tunable changed */
  'modify',
  /** another variant with the same purpose */
  'swap',
  /** nothing of this purpose now, or no class today */
  'leave-out',
] as const
export type Verdict = (typeof VERDICTS)[number]

export interface Judgement {
  verdict: Verdict
  /** For leave-out: whether this movement or the whole session is closed. */
  scope?: 'movement' | 'session'
  /** The gate that closes the session. */
  gate?: GateHit
  /** All hits, the deciding one first. */
  hits: Hit[]
  /** For modify: what to change, to reach the nearest allowed values. */
  changes: Change[]
  /** Attributes that must change; more than three make a swap. */
  leads: string[]
  /** Set where the instructor's own word stands against the rules; the verdict is what was said before it. */
  overruled?: Overrule & { verdict: Verdict }
  /** Why a modify became a swap. */
  swapBecause?: 'avoid' | 'structural' | 'support' | 'too-many-changes' | 'no-corridor'
}

const STRUCTURAL_LEADS = new Set(['family', 'flatSupine', 'transferLevel', 'purpose'])
const WRIST_FAMILIES = new Set(['quadruped', 'prone', 'sideLying', 'kneeling'])

/** Whether the change that a fired modify rule asks for makes another variant (0.3.1). */
function isStructural(lead: string | undefined, planned: PlannedDemands): boolean {
  if (lead === undefined) return false
  const family = familyOf(planned.basePosition)
  if (STRUCTURAL_LEADS.has(lead)) return true
  if (lead === 'basePosition' || lead === 'freeStanding') return family !== 'standing' && family !== 'seated'
  return lead === 'wristExtLoad' && WRIST_FAMILIES.has(family)
}

const needsSupport = (lead: string | undefined, planned: PlannedDemands): boolean =>
  (lead === 'basePosition' || lead === 'freeStanding') && familyOf(planned.basePosition) === 'standing'

const LIMIT_TEXT: Record<string, { why: string; offer: string; cue: string }> = {
  'LIM-hold': { why: 'The hold is longer than the limits allow.', offer: 'shorter hold, repeated', cue: 'Hold a shorter time and breathe.' },
  'LIM-stretch': { why: 'The stretch is held longer than the limits allow.', offer: 'shorter stretch, repeated', cue: 'Ease out a little earlier.' },
  'LIM-rpe': { why: 'The effort is above the cap.', offer: 'lighter, slower or fewer', cue: 'Keep it at an effort where you can talk.' },
  'LIM-supine': {
    why: 'Flat on the back for longer than the limits allow.',
    offer: 'less time flat, or trunk raised',
    cue: 'Roll to your side between sets.',
  },
  'LIM-met': { why: 'The energy it takes is above the ceiling.', offer: 'slower or smaller', cue: 'Slow it down and make it smaller.' },
  'LIM-load': { why: 'The load is above the limit.', offer: 'lighter load', cue: 'Take the lighter weight.' },
  'PEND-rpe': {
    why: 'A clinician’s agreement is advised and not on file: easy effort until it is.',
    offer: 'effort 4 at most',
    cue: 'Easy effort, full sentences.',
  },
  'PEND-impact': {
    why: 'A clinician’s agreement is advised and not on file: soft steps until it is.',
    offer: 'one foot always down',
    cue: 'One foot stays on the floor.',
  },
}

function limitHit(assessment: Assessment, id: string, planned: number, allowed: number, from: string[]): Hit {
  const group = assessment.conditions.find(({ condition }) => condition.slug === from[0])?.condition.group ?? 'general'
  return {
    id,
    then: 'modify',
    condition: from[0] ?? 'everyone',
    ...LIMIT_TEXT[id]!,
    evidence: 'common-practice',
    sources: [],
    omit: false,
    harm: harmOf(group),
    limit: { attribute: LIMIT_ATTRIBUTE[id]!, planned, allowed, from },
  }
}

const BALANCE = encodeValue('purpose', 'balance')
const RELAXATION = encodeValue('purpose', 'relaxation')
const SUPINE = FAMILIES.supine.map((position) => encodeValue('basePosition', position))

/** The implicit limit rules (rule base 0.3 step 4) and those of a clearance that is pending (step 2). */
function limitHits(assessment: Assessment, vector: Float64Array): Hit[] {
  const { limits, pending } = assessment
  const hold = vector[SLOT.isometricHoldSec]!
  const rpe = vector[SLOT.intendedRpe]!
  const purpose = vector[SLOT.purpose]!
  const supineMin = vector[SLOT.supineMin]!
  const met = vector[SLOT.met]!
  const load = vector[SLOT.externalLoadKg]!
  const impact = vector[SLOT.impactLevel]!
  const stretching = vector[SLOT.endRangeStretch] === 1
  // an easy balance stance or a rest position is not an isometric effort
  const easyStance = (purpose === BALANCE || purpose === RELAXATION) && rpe <= 3
  const { holdMaxSec, stretchMaxSec, rpeCap, supineMaxMin, maxMet, loadMaxKg } = limits
  const hits: Hit[] = []
  if (!stretching && !easyStance && hold > holdMaxSec.value) hits.push(limitHit(assessment, 'LIM-hold', hold, holdMaxSec.value, holdMaxSec.from))
  if (stretching && hold > stretchMaxSec.value) hits.push(limitHit(assessment, 'LIM-stretch', hold, stretchMaxSec.value, stretchMaxSec.from))
  if (rpe > rpeCap.value) hits.push(limitHit(assessment, 'LIM-rpe', rpe, rpeCap.value, rpeCap.from))
  if (supineMin > supineMaxMin.value && SUPINE.includes(vector[SLOT.basePosition]!))
    hits.push(limitHit(assessment, 'LIM-supine', supineMin, supineMaxMin.value, supineMaxMin.from))
  if (met > maxMet.value) hits.push(limitHit(assessment, 'LIM-met', met, maxMet.value, maxMet.from))
  if (load > loadMaxKg.value) hits.push(limitHit(assessment, 'LIM-load', load, loadMaxKg.value, loadMaxKg.from))
  if (pending.length > 0) {
    if (rpe > 4) hits.push(limitHit(assessment, 'PEND-rpe', rpe, 4, pending))
    if (impact > 1) hits.push(limitHit(assessment, 'PEND-impact', impact, 1, pending))
  }
  return hits
}

function ruleHits(assessment: Assessment, vector: Float64Array, movement: string | undefined): Hit[] {
  const { rules, program, individualPlans } = assessment
  const hits: Hit[] = []
  for (const index of holding(program, vector)) {
    const { hit } = rules[index]!
    const asks = hit.then === 'avoid' || hit.then === 'modify'
    // principle P8: a clinician's written plan loosens the rules of its own condition for the named movement
    if (asks && individualPlans.some((plan) => plan.condition === hit.condition && plan.movement === movement)) continue
    hits.push(hit)
  }
  return hits
}

/** Hits that ask for something: all their musts must hold. */
export const demandingHits = (hits: readonly Hit[]): Hit[] => hits.filter((hit) => hit.then === 'avoid' || hit.then === 'modify')

/** The `must` of a hit, with session changes counted as possible. */
export const mustOf = (hit: Hit): Residual =>
  hit.limit
    ? { kind: 'test', attribute: hit.limit.attribute, op: '<=', value: hit.limit.allowed }
    : (hit.compiled?.mustOpen ?? { kind: 'constant', value: true })

/** Different lead attributes among the modify hits; limits count once together, and not at all where a rule leads on their attribute (0.3 step 6b). */
function leadsOf(hits: readonly Hit[]): string[] {
  const leads = new Set<string>()
  for (const { compiled } of hits) {
    const lead = compiled?.rule.lead
    if (lead) leads.add(attributeOfLead(lead) ?? lead)
  }
  if (hits.some((hit) => hit.limit && !leads.has(hit.limit.attribute))) leads.add('smaller dose')
  return [...leads]
}

/** Each rule id once, however many children inherit it. */
const shownOnce = (hits: Hit[]): Hit[] => {
  if (hits.length < 2) return hits
  const seen = new Set<string>()
  return hits.filter(({ id }) => !seen.has(id) && seen.add(id))
}

/**
 * The verdict for one assessed person and one planned variant, before alternatives are sought (rule base 0.3, steps 2 to 6).
 * A swap for which the library holds no accepted candidate becomes leave-out where people are placed (`core/fit`).
 *
 * @param movement id of the movement, for a clinician's individual plan
 */
export function judge(assessment: Assessment, planned: PlannedDemands, vector = encodeDemands(planned), movement?: string): Judgement {
  const rules = ruleHits(assessment, vector, movement)
  const limits = limitHits(assessment, vector)
  const hits = limits.length > 0 ? [...rules, ...limits].sort(byImportance) : rules
  const shown = shownOnce(hits)
  const base = { hits: shown, changes: [], leads: [] }
  if (assessment.closed) return { verdict: 'leave-out', scope: 'session', gate: assessment.closed, ...base }

  const strongest = hits[0]?.then
  if (strongest === 'avoid') {
    if (hits.some((hit) => hit.omit && hit.then === 'avoid')) return { verdict: 'leave-out', scope: 'movement', ...base }
    return { verdict: 'swap', swapBecause: 'avoid', ...base }
  }
  if (strongest !== 'modify') return { verdict: 'as-planned', ...base }

  const modify = hits.filter((hit) => hit.then === 'modify')
  const leads = leadsOf(modify)
  const outcome = changesFor(assessment, planned, vector, modify, leads)
  return typeof outcome === 'string'
    ? { verdict: 'swap', swapBecause: outcome, ...base, leads }
    : { verdict: 'modify', hits: shown, changes: outcome, leads }
}

/** A gate, or a rule that closes the purpose itself, cannot be overruled by anybody in the room. */
export const isAbsolute = (judgement: Judgement): boolean =>
  judgement.gate !== undefined || judgement.hits.some((hit) => hit.omit && hit.then === 'avoid')

/** The judgement under the instructor's own word: as planned, with all that the rules said still there to read. */
export function underOverrule(assessment: Assessment, judgement: Judgement, variant: string | undefined): Judgement {
  const overrule = assessment.overrules.find((one) => one.variant === variant)
  if (!overrule || judgement.verdict === 'as-planned' || isAbsolute(judgement)) return judgement
  return { verdict: 'as-planned', hits: judgement.hits, changes: [], leads: [], overruled: { ...overrule, verdict: judgement.verdict } }
}

/** The changes that a modify verdict asks for, or why it is a swap (0.3 step 6). */
function changesFor(
  { session: { supportInReach } }: Assessment,
  planned: PlannedDemands,
  vector: Float64Array,
  modify: readonly Hit[],
  leads: readonly string[],
): Change[] | 'structural' | 'support' | 'too-many-changes' | 'no-corridor' {
  if (modify.some((hit) => isStructural(hit.compiled?.rule.lead, planned))) return 'structural'
  if (!supportInReach && modify.some((hit) => needsSupport(hit.compiled?.rule.lead, planned))) return 'support'
  if (leads.length > 3) return 'too-many-changes'
  return corridor(planned, vector, modify.map(mustOf), supportInReach) ?? 'no-corridor'
}

/** Whether every `must` of the hits holds for a vector, as the session is. */
export const mustsHold = (residuals: readonly Residual[], vector: Float64Array): boolean => residuals.every((residual) => holds(residual, vector))
