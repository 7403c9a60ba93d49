import { type AttributeName, SLOT } from '../movement/demands'
import type { Assessment } from './assess'
import { type Change, changesBetween, familyIn, makeAll, type SessionChange } from './changes'
import type { Overrule } from './facts'
import { SESSION_SLOT } from './fields'
import type { GateHit } from './gates'
import { byImportance, type Hit } from './hit'
import { limitHits } from './limits'
import { holding } from './program'
import type { Residual, Scene } from './residual'
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
  /** All hits of the planned version and of every round of changes, the deciding one first. */
  hits: Hit[]
  /** For modify: what to change until nothing more is asked. */
  changes: Change[]
  /** For modify: what the session changes for this person. */
  sessionChanges: SessionChange[]
  /** Attributes that must change; more than three make a swap. */
  leads: string[]
  /** The version with its changes made, as judged last; the planned one where nothing changes. */
  settled: Scene
  /** Set where the instructor's own word stands against the rules; the verdict is what was said before it. */
  overruled?: Overrule & { verdict: Verdict }
  /** Why a modify became a swap. */
  swapBecause?: SwapReason
}

export type SwapReason =
  | 'avoid'
  /** the change would make another variant */
  | 'structural'
  /** a hand on support, and none in reach or no hand free */
  | 'support'
  | 'too-many-changes'
  /** the changes cannot all be made */
  | 'no-corridor'
  /** the log took them a step down in this movement, and nothing has taken them up again */
  | 'kept-lower'
  /** they have not come to rest */
  | 'unsettled'

export interface JudgeOptions {
  /** id of the movement, for a clinician's individual plan */
  movement?: string
  /** the session at this item, as numbers; the person's own when left out */
  session?: Float64Array
  /** hands that can take a support, 0 to 2, when nothing is held in them; 2 when left out */
  freeHands?: number
  /** hands that the load occupies; 0 when left out */
  loadedHands?: number
}

const STRUCTURAL_LEADS = new Set(['family', 'flatSupine', 'transferLevel', 'purpose'])
const WRIST_FAMILIES = new Set(['quadruped', 'prone', 'sideLying', 'kneeling'])
const KNEE_FAMILIES = new Set(['quadruped', 'kneeling'])
const BASE_LEADS = new Set(['basePosition', 'freeStanding'])

/** Whether the change that a fired modify rule asks for makes another variant (0.3.1). */
function isStructural(lead: string | undefined, scene: Scene): boolean {
  if (lead === undefined) return false
  if (STRUCTURAL_LEADS.has(lead)) return true
  const family = familyIn(scene)
  if (BASE_LEADS.has(lead)) return family !== 'standing' && family !== 'seated'
  return (lead === 'wristExtLoad' && WRIST_FAMILIES.has(family)) || (lead === 'kneeFlexionLoadedDeg' && KNEE_FAMILIES.has(family))
}

const needsSupport = (lead: string | undefined, scene: Scene): boolean => lead !== undefined && BASE_LEADS.has(lead) && familyIn(scene) === 'standing'

/** Hits that ask for something: all their musts must hold. */
export const demandingHits = (hits: readonly Hit[]): Hit[] => hits.filter((hit) => hit.then === 'avoid' || hit.then === 'modify')

/** A hit whose change is one of the session (shoes, order, room), not of the movement. */
export const isSessionHit = (hit: Hit): boolean => hit.compiled?.rule.lead?.startsWith('s.') ?? false

/** The `must` of a hit. */
export const mustOf = (hit: Hit): Residual =>
  hit.limit
    ? { kind: 'test', reads: hit.limit.attribute, op: '<=', value: hit.limit.allowed }
    : (hit.compiled?.must ?? { kind: 'constant', value: true })

function firing(assessment: Assessment, scene: Scene, movement: string | undefined): Hit[] {
  const { rules, program, individualPlans } = assessment
  const hits: Hit[] = []
  for (const index of holding(program, scene)) {
    const { hit } = rules[index]!
    const asks = hit.then === 'avoid' || hit.then === 'modify'
    // principle P8: a clinician's written plan loosens the rules of its own condition for the named movement
    if (asks && individualPlans.some((plan) => plan.condition === hit.condition && plan.movement === movement)) continue
    hits.push(hit)
  }
  const limits = limitHits(assessment, scene.demands)
  return limits.length > 0 ? [...hits, ...limits].sort(byImportance) : hits
}

/** Different lead attributes among modify hits; limits count once together, and not at all where a rule leads on their attribute (0.3 step 6b). */
function leadsOf(hits: readonly Hit[]): string[] {
  const leads = new Set<string>()
  for (const hit of hits) {
    const lead = hit.compiled?.rule.lead
    if (lead && !isSessionHit(hit)) leads.add(attributeOfLead(lead) ?? lead)
  }
  if (hits.some((hit) => hit.limit && !leads.has(hit.limit.attribute))) leads.add('smaller dose')
  return [...leads]
}

/** Each rule id once, however many children inherit it and in however many rounds it fires. */
function shownOnce(hits: readonly Hit[]): Hit[] {
  if (hits.length < 2) return [...hits]
  const seen = new Set<string>()
  return hits.filter(({ id }) => !seen.has(id) && seen.add(id))
}

/** In the order in which musts are made: rules as assembled, earlier rounds first, then limits, then those of a pending clearance. */
const turn = (hit: Hit): number => (!hit.limit ? 0 : hit.id.startsWith('LIM') ? 1 : 2)
function gather(rounds: readonly (readonly Hit[])[]): Residual[] {
  if (rounds.length === 1 && rounds[0]!.length === 1) return [mustOf(rounds[0]![0]!)]
  const placed = rounds.flatMap((hits, round) => hits.map((hit) => ({ hit, round })))
  placed.sort((a, b) => turn(a.hit) - turn(b.hit) || a.round - b.round || (a.hit.compiled?.order ?? 0) - (b.hit.compiled?.order ?? 0))
  return placed.map(({ hit }) => mustOf(hit))
}

const ROUNDS = 6
const LOAD = SLOT.externalLoadKg

type Settling = { settled: Scene; leads: string[]; rounds: Hit[][]; cautions: Hit[] } | { because: SwapReason; leads: string[]; rounds: Hit[][] }

/** Makes the changes and judges again until nothing but session changes is asked (rule base 0.3.2). */
function settle(assessment: Assessment, planned: Scene, first: readonly Hit[], options: JudgeOptions): Settling {
  const { freeHands = 2, loadedHands = 0 } = options
  const support = { freeHands: (scene: Scene) => (scene.demands[LOAD]! > 0 ? Math.max(0, freeHands - loadedHands) : freeHands) }
  const scene: Scene = { demands: planned.demands.slice(), session: planned.session.slice() }
  const rounds: Hit[][] = []
  let hits = first
  let leads: string[] = []
  for (let round = 1; ; round++) {
    const asking = demandingHits(hits)
    const settled = round > 1 && asking.every((hit) => hit.then === 'modify' && isSessionHit(hit))
    if (settled) return { settled: scene, leads, rounds, cautions: hits.filter(({ then }) => then === 'caution') }
    if (asking.length > 0) rounds.push(asking)
    leads = leadsOf(rounds.flat())
    const fail = (because: SwapReason): Settling => ({ because, leads, rounds })
    if (asking.some(({ then }) => then === 'avoid')) return fail('avoid')
    if (asking.some((hit) => isStructural(hit.compiled?.rule.lead, scene))) return fail('structural')
    const handless = scene.session[SESSION_SLOT.supportInReach] === 0 || support.freeHands(scene) === 0
    if (handless && asking.some((hit) => needsSupport(hit.compiled?.rule.lead, scene))) return fail('support')
    if (leads.length > 3) return fail('too-many-changes')
    if (round > ROUNDS) return fail('unsettled')
    if (!makeAll(gather(rounds), scene, support)) return fail('no-corridor')
    hits = firing(assessment, scene, options.movement)
  }
}

/**
 * The verdict for one assessed person and one planned variant, before alternatives are sought (rule base 0.3, steps 2 to 6).
 * A swap for which the library holds no accepted candidate becomes leave-out where people are placed (`core/evaluate`).
 *
 * @param demands the planned variant as numbers (`encodeDemands`)
 */
export function judge(assessment: Assessment, demands: Float64Array, options: JudgeOptions = {}): Judgement {
  const planned: Scene = { demands, session: options.session ?? assessment.situation }
  const first = firing(assessment, planned, options.movement)
  const base = { hits: shownOnce(first), changes: [], sessionChanges: [], leads: [], settled: planned }
  if (assessment.closed) return { verdict: 'leave-out', scope: 'session', gate: assessment.closed, ...base }
  const strongest = first[0]?.then
  if (strongest === 'avoid') {
    if (first.some((hit) => hit.omit && hit.then === 'avoid')) return { verdict: 'leave-out', scope: 'movement', ...base }
    return { verdict: 'swap', swapBecause: 'avoid', ...base }
  }
  if (strongest !== 'modify') return { verdict: 'as-planned', ...base }

  const outcome = settle(assessment, planned, first, options)
  const { leads, rounds } = outcome
  if ('because' in outcome) {
    const hits = shownOnce([...first, ...rounds.flat()].sort(byImportance))
    return { ...base, verdict: 'swap', swapBecause: outcome.because, hits, leads }
  }
  const hits = shownOnce([...first, ...rounds.flat(), ...outcome.cautions].sort(byImportance))
  return { verdict: 'modify', hits, leads, settled: outcome.settled, ...changesBetween(planned, outcome.settled) }
}

/** A gate, or a rule that closes the purpose itself, cannot be overruled by anybody in the room. */
export const isAbsolute = (judgement: Judgement): boolean =>
  judgement.gate !== undefined || judgement.hits.some((hit) => hit.omit && hit.then === 'avoid')

/** Whether a dose and the support in reach stay within what an overrule was given for. */
function reaches({ upTo }: Overrule, { demands, session }: Scene, sets: number): boolean {
  const within = (name: AttributeName, most: number) => demands[SLOT[name]]! <= most
  return (
    sets <= upTo.sets &&
    within('externalLoadKg', upTo.loadKg) &&
    within('intendedRpe', upTo.rpe) &&
    within('isometricHoldSec', upTo.holdSeconds) &&
    within('reps', upTo.reps) &&
    (session[SESSION_SLOT.supportInReach] === 1 || !upTo.supportInReach)
  )
}

/** The judgement under the instructor's own word: as planned, with all that the rules said still there to read. */
export function underOverrule(
  assessment: Assessment,
  judgement: Judgement,
  planned: Scene,
  { variant, sets }: { variant: string | undefined; sets: number },
): Judgement {
  const overrule = assessment.overrules.find((one) => one.variant === variant && reaches(one, planned, sets))
  if (!overrule || judgement.verdict === 'as-planned' || isAbsolute(judgement)) return judgement
  return {
    verdict: 'as-planned',
    hits: judgement.hits,
    changes: [],
    sessionChanges: [],
    leads: [],
    settled: planned,
    overruled: { ...overrule, verdict: judgement.verdict },
  }
}
