import { ATTRIBUTE_NAMES, familyOf, type PlannedDemands } from '../movement/demands'
import type { Assessment } from './assess'
import type { Change, SessionChange } from './changes'
import { SESSION_SLOT } from './fields'
import type { Hit } from './hit'
import { demandingHits, isSessionHit, type Judgement, type JudgeOptions, judge, mustOf } from './judge'
import { holds, type Residual } from './residual'

/** A library variant with the dose it would be done with. */
export interface Candidate {
  id: string
  movement: string
  planned: PlannedDemands
  vector: Float64Array
  /** Its own kit brings the hand support, e.g. a chair that stands in front. */
  bringsSupport: boolean
  freeHands: number
  loadedHands: number
}

export interface Alternative {
  candidate: Candidate
  /** 1: as it is, or with a smaller dose and session changes only; 2: with the listed changes. */
  pass: 1 | 2
  changes: Change[]
  sessionChanges: SessionChange[]
  judgement: Judgement
}

/** What the session is at the place where an alternative would be done: it depends on how the alternative is held. */
export type SessionFor = (candidate: Candidate) => { vector: Float64Array; session: Float64Array }

/** The musts of the first item's fired rules as an acceptance test; session changes belong to the first item alone (0.3 step 7). */
const acceptanceMusts = (hits: readonly Hit[], balanceDemand: number): Residual[] =>
  demandingHits(hits).flatMap((hit): Residual[] => {
    if (hit.limit) return [mustOf(hit)]
    return hit.compiled && !isSessionHit(hit) ? [hit.compiled.mustFor(balanceDemand)] : []
  })

const judgedCandidates = new WeakMap<Assessment, Map<Candidate, Judgement>>()
/** A candidate's own verdict at its library dose in the person's own session; many items of a class ask for the same ones. */
function standingJudgement(assessment: Assessment, candidate: Candidate): Judgement {
  let known = judgedCandidates.get(assessment)
  if (!known) {
    known = new Map()
    judgedCandidates.set(assessment, known)
  }
  let own = known.get(candidate)
  if (!own) {
    own = judge(assessment, candidate.vector, optionsOf(candidate))
    known.set(candidate, own)
  }
  return own
}

const optionsOf = ({ movement, freeHands, loadedHands }: Candidate): JudgeOptions => ({ movement, freeHands, loadedHands })

function ownJudgement(assessment: Assessment, candidate: Candidate, sessionFor: SessionFor | undefined): Judgement {
  if (!sessionFor) return standingJudgement(assessment, candidate)
  const { vector, session } = sessionFor(candidate)
  if (vector === candidate.vector && session === assessment.situation) return standingJudgement(assessment, candidate)
  return judge(assessment, vector, { ...optionsOf(candidate), session })
}

const reachable = (assessment: Assessment, { planned, bringsSupport }: Candidate): boolean =>
  assessment.situation[SESSION_SLOT.supportInReach] === 1 ||
  bringsSupport ||
  (planned.basePosition !== 'standing-two-hand' && planned.basePosition !== 'standing-one-hand')

/** First pass: as it is, or with a smaller dose and session changes only; second: at most two lead attributes changed. */
function passOf({ verdict, hits, leads }: Judgement): 1 | 2 | undefined {
  if (verdict === 'as-planned') return 1
  if (verdict !== 'modify') return undefined
  if (demandingHits(hits).every((hit) => hit.limit !== undefined || isSessionHit(hit))) return 1
  return leads.length <= 2 ? 2 : undefined
}

const preferCount = ({ judgement }: Alternative) => judgement.hits.filter((hit) => hit.then === 'prefer').length
const changedDemands = (a: PlannedDemands, b: PlannedDemands) => ATTRIBUTE_NAMES.filter((name) => a[name] !== b[name]).length

/**
 * All accepted alternatives with the same purpose, best first (rule base 0.3 steps 7 and 8): each judged for the same person with all
 * rounds of its own changes, after which every `must` of the first item's fired rules holds. The second pass is read only when
 * nothing passes the first.
 *
 * @param first the verdict on the planned item, with the hits of all its rounds
 * @param sessionFor minutes of the timeline that depend on the alternative; the person's own session when left out
 */
export function alternatives(
  assessment: Assessment,
  planned: PlannedDemands,
  first: Judgement,
  candidates: readonly Candidate[],
  { movement, sessionFor }: { movement?: string; sessionFor?: SessionFor } = {},
): Alternative[] {
  if (assessment.closed) return []
  const family = familyOf(planned.basePosition)
  const musts = acceptanceMusts(first.hits, planned.balanceDemand)
  const accepted = candidates.flatMap((candidate): Alternative[] => {
    if (candidate.planned.purpose !== planned.purpose || !reachable(assessment, candidate)) return []
    const judgement = ownJudgement(assessment, candidate, sessionFor)
    const pass = passOf(judgement)
    if (!pass || !musts.every((must) => holds(must, judgement.settled))) return []
    return [{ candidate, pass, changes: judgement.changes, sessionChanges: judgement.sessionChanges, judgement }]
  })
  const firsts = accepted.filter(({ pass }) => pass === 1)
  const keyed = (firsts.length > 0 ? firsts : accepted).map((alternative) => {
    const { planned: other } = alternative.candidate
    return {
      alternative,
      key: [
        familyOf(other.basePosition) === family ? 0 : 1,
        -preferCount(alternative),
        changedDemands(planned, other),
        other.balanceDemand,
        alternative.candidate.movement === movement ? 0 : 1,
      ],
    }
  })
  keyed.sort((a, b) => a.key.map((value, index) => value - (b.key[index] ?? 0)).find((difference) => difference !== 0) ?? 0)
  return keyed.map(({ alternative }) => alternative)
}
