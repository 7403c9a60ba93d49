import { type AttributeName, attribute, encodeDemands, familyOf, type PlannedDemands, SLOT } from '../movement/demands'
import type { Assessment, CompiledRule, GateHit } from './assess'
import { type Evidence, LIMIT_ATTRIBUTE, type RuleOutcome } from './condition'
import { type Change, corridor } from './corridor'
import { holds, type Residual } from './predicate'
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

export interface Hit {
  id: string
  then: RuleOutcome
  condition: string
  via?: string
  why: string
  offer?: string
  cue?: string
  evidence: Evidence
  sources: string[]
  contested?: string
  omit: boolean
  /** Implicit limit rules have the attribute they read and the value they allow. */
  limit?: { attribute: AttributeName; planned: number; allowed: number; from: string[] }
  /** The rule that fired; absent for limits. */
  compiled?: CompiledRule
}

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
  /** Why a modify became a swap. */
  swapBecause?: 'avoid' | 'structural' | 'support' | 'too-many-changes' | 'no-corridor'
}

const STRENGTH: Record<RuleOutcome, number> = { avoid: 3, modify: 2, caution: 1, prefer: 0 }

/**
 * Principle P6: life or organ > fracture, dislocation, pregnancy > nerve > tissue flare > comfort.
 * The rank of a condition's group decides which of two equal verdicts is explained first.
 */
const HARM_BY_GROUP: Record<string, number> = {
  'heart-circulation': 5,
  lung: 5,
  metabolic: 5,
  bone: 4,
  perinatal: 4,
  'surgery-cancer': 4,
  neuro: 3,
  'eye-ear-balance': 3,
  function: 3,
  spine: 2,
  'lower-limb': 2,
  'upper-limb': 2,
  'systemic-pain-joint': 2,
  other: 2,
  general: 1,
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

function limitHits(assessment: Assessment, vector: Float64Array): Hit[] {
  const { limits, pending } = assessment
  const at = (name: AttributeName) => vector[SLOT[name]]!
  const hits: Hit[] = []
  const add = (id: string, allowed: number, from: string[]) => {
    const name = LIMIT_ATTRIBUTE[id]!
    const text = LIMIT_TEXT[id]!
    hits.push({
      id,
      then: 'modify',
      condition: from[0] ?? 'everyone',
      ...text,
      evidence: 'common-practice',
      sources: [],
      omit: false,
      limit: { attribute: name, planned: at(name), allowed, from },
    })
  }
  const over = (id: string, limit: { value: number; from: string[] }) => {
    if (at(LIMIT_ATTRIBUTE[id]!) > limit.value) add(id, limit.value, limit.from)
  }
  const purpose = attribute('purpose')
  const purposeName = purpose.kind === 'enum' ? purpose.values[at('purpose')] : ''
  const stretching = at('endRangeStretch') === 1
  // an easy balance stance or a rest position is not an isometric effort
  const easyStance = (purposeName === 'balance' || purposeName === 'relaxation') && at('intendedRpe') <= 3
  if (!stretching && !easyStance) over('LIM-hold', limits.holdMaxSec)
  if (stretching) over('LIM-stretch', limits.stretchMaxSec)
  over('LIM-rpe', limits.rpeCap)
  const base = assessmentBase(vector)
  if (base === 'floor-supine' || base === 'bed-supine') over('LIM-supine', limits.supineMaxMin)
  over('LIM-met', limits.maxMet)
  over('LIM-load', limits.loadMaxKg)
  if (pending.length > 0) {
    if (at('intendedRpe') > 4) add('PEND-rpe', 4, pending)
    if (at('impactLevel') > 1) add('PEND-impact', 1, pending)
  }
  return hits
}

function assessmentBase(vector: Float64Array): string | undefined {
  const definition = attribute('basePosition')
  return definition.kind === 'enum' ? definition.values[vector[SLOT.basePosition]!] : undefined
}

function ruleHits(assessment: Assessment, vector: Float64Array, movement: string | undefined): Hit[] {
  const hits: Hit[] = []
  for (const compiled of assessment.rules) {
    if (!compiled.fires(vector)) continue
    const { rule, condition, via } = compiled
    const planned = assessment.individualPlans.find((plan) => plan.condition === condition && plan.movement === movement)
    if (planned && (rule.then === 'avoid' || rule.then === 'modify')) continue
    const hit: Hit = {
      id: rule.id,
      then: rule.then,
      condition,
      ...(via && { via }),
      why: rule.why,
      ...(rule.offer && { offer: rule.offer }),
      ...(rule.cue && { cue: rule.cue }),
      evidence: rule.ev,
      sources: rule.src,
      ...(rule.contested && { contested: rule.contested }),
      omit: rule.omit ?? false,
      compiled,
    }
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

const byImportance = (harmOf: (slug: string) => number) => (a: Hit, b: Hit) =>
  STRENGTH[b.then] - STRENGTH[a.then] || Number(b.omit) - Number(a.omit) || harmOf(b.condition) - harmOf(a.condition)

/** Each rule id once, however many children inherit it. */
const shownOnce = (hits: readonly Hit[]): Hit[] => hits.filter((hit, index) => hits.findIndex((other) => other.id === hit.id) === index)

/**
 * The verdict for one assessed person and one planned variant, before alternatives are sought (rule base 0.3, steps 2 to 6).
 * A swap for which the library holds no accepted candidate becomes leave-out in `withAlternatives`.
 *
 * @param movement id of the movement, for a clinician's individual plan
 */
export function judge(assessment: Assessment, planned: PlannedDemands, vector = encodeDemands(planned), movement?: string): Judgement {
  const harmOf = (slug: string) =>
    HARM_BY_GROUP[assessment.conditions.find(({ condition }) => condition.slug === slug)?.condition.group ?? 'general'] ?? 0
  const hits = [...ruleHits(assessment, vector, movement), ...limitHits(assessment, vector)].sort(byImportance(harmOf))
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
  const { supportInReach } = assessment.session
  const swap = (swapBecause: Judgement['swapBecause']): Judgement => ({ verdict: 'swap', swapBecause, ...base, leads })
  if (modify.some((hit) => isStructural(hit.compiled?.rule.lead, planned))) return swap('structural')
  if (!supportInReach && modify.some((hit) => needsSupport(hit.compiled?.rule.lead, planned))) return swap('support')
  if (leads.length > 3) return swap('too-many-changes')
  const changes = corridor(planned, vector, modify.map(mustOf), supportInReach)
  if (!changes) return swap('no-corridor')
  return { verdict: 'modify', hits: shown, changes, leads }
}

/** Whether every `must` of the hits holds for a vector, as the session is. */
export const mustsHold = (residuals: readonly Residual[], vector: Float64Array): boolean => residuals.every((residual) => holds(residual, vector))
