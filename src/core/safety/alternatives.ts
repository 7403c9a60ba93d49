import { ATTRIBUTE_NAMES, encodeDemands, familyOf, type PlannedDemands } from '../movement/demands'
import type { Assessment } from './assess'
import { type Change, corridor, withChanges } from './corridor'
import type { Hit } from './hit'
import { demandingHits, type Judgement, judge, mustOf, mustsHold } from './judge'
import { holds, type Residual } from './predicate'

/** A library variant with the dose it would be done with. */
export interface Candidate {
  id: string
  movement: string
  planned: PlannedDemands
  vector: Float64Array
  /** Its own kit brings the hand support, e.g. a chair that stands in front. */
  bringsSupport: boolean
}

export interface Alternative {
  candidate: Candidate
  /** 1: as it is, or with a smaller dose only; 2: with the listed changes. */
  pass: 1 | 2
  changes: Change[]
  judgement: Judgement
}

const onlyLimits = (judgement: Judgement): boolean => demandingHits(judgement.hits).every((hit) => hit.limit !== undefined)

/** The musts of the first item's fired rules as an acceptance test; `open` counts session changes as possible. */
function acceptanceMusts(hits: readonly Hit[], balanceDemand: number, open: boolean): Residual[] {
  return demandingHits(hits).flatMap(({ compiled }) =>
    compiled ? [open ? compiled.mustOpenFor(balanceDemand) : compiled.mustFor(balanceDemand)] : [],
  )
}

const judgedCandidates = new WeakMap<Assessment, Map<Candidate, Judgement>>()
/** A candidate's own verdict at its library dose; many items of a class ask for the same ones. */
function ownJudgement(assessment: Assessment, candidate: Candidate): Judgement {
  let known = judgedCandidates.get(assessment)
  if (!known) {
    known = new Map()
    judgedCandidates.set(assessment, known)
  }
  let own = known.get(candidate)
  if (!own) {
    own = judge(assessment, candidate.planned, candidate.vector, candidate.movement)
    known.set(candidate, own)
  }
  return own
}

/** What an alternative has to pass: the first item's musts, and its limits as changes that can be made. */
interface Demand {
  assessment: Assessment
  /** acceptance musts with the session as it is, and with session changes counted as possible */
  musts: Residual[]
  openMusts: Residual[]
  limits: Residual[]
}

const reachable = ({ assessment: { session } }: Demand, { planned, bringsSupport }: Candidate): boolean =>
  session.supportInReach || bringsSupport || (planned.basePosition !== 'standing-two-hand' && planned.basePosition !== 'standing-one-hand')

/** First pass: as it is, or with a smaller dose only. */
function acceptAsIs(demand: Demand, candidate: Candidate): Alternative | undefined {
  const { assessment, musts, limits } = demand
  const own = ownJudgement(assessment, candidate)
  if (own.verdict !== 'as-planned' && own.verdict !== 'modify') return undefined
  if (!onlyLimits(own) || !mustsHold(musts, candidate.vector)) return undefined
  const asked = [...demandingHits(own.hits).map(mustOf), ...limits]
  // a dose that is over a limit of the first item is brought under it, like any limit change
  const changes = asked.every((must) => holds(must, candidate.vector))
    ? []
    : corridor(candidate.planned, candidate.vector, asked, assessment.session.supportInReach)
  return changes ? { candidate, pass: 1, changes, judgement: own } : undefined
}

/** Second pass: with at most two lead attributes changed by word, prop or dose. */
function acceptWithChanges(demand: Demand, candidate: Candidate): Alternative | undefined {
  const { assessment, openMusts, limits } = demand
  const own = ownJudgement(assessment, candidate)
  if ((own.verdict !== 'as-planned' && own.verdict !== 'modify') || own.leads.length > 2) return undefined
  const changes = corridor(
    candidate.planned,
    candidate.vector,
    [...demandingHits(own.hits).map(mustOf), ...openMusts, ...limits],
    assessment.session.supportInReach,
  )
  if (!changes) return undefined
  const changed = withChanges(candidate.planned, changes)
  if (familyOf(changed.basePosition) !== familyOf(candidate.planned.basePosition)) return undefined
  if (new Set(changes.map((change) => change.attribute)).size > 2 && own.verdict === 'as-planned') return undefined
  // never show an alternative that has not been re-evaluated: with the changes nothing but session changes may be left to ask
  const vector = encodeDemands(changed)
  const after = judge(assessment, changed, vector, candidate.movement)
  if (!demandingHits(after.hits).every((hit) => holds(mustOf(hit), vector)) || after.verdict === 'swap' || after.verdict === 'leave-out')
    return undefined
  return { candidate, pass: 2, changes, judgement: own }
}

const preferCount = (alternative: Alternative) => alternative.judgement.hits.filter((hit) => hit.then === 'prefer').length
const changedDemands = (a: PlannedDemands, b: PlannedDemands) => ATTRIBUTE_NAMES.filter((name) => a[name] !== b[name]).length

/**
 * All accepted alternatives with the same purpose, best first (rule base 0.3 steps 7 and 8).
 * Before the published order come the first pass before the second, because it asks nothing more of the instructor.
 */
export function alternatives(
  assessment: Assessment,
  planned: PlannedDemands,
  first: Judgement,
  candidates: readonly Candidate[],
  movement?: string,
): Alternative[] {
  if (assessment.closed) return []
  const family = familyOf(planned.basePosition)
  const demand: Demand = {
    assessment,
    musts: acceptanceMusts(first.hits, planned.balanceDemand, false),
    openMusts: acceptanceMusts(first.hits, planned.balanceDemand, true),
    limits: demandingHits(first.hits)
      .filter((hit) => hit.limit)
      .map(mustOf),
  }
  const fitting = candidates.filter((candidate) => candidate.planned.purpose === planned.purpose && reachable(demand, candidate))
  const asIs = fitting.flatMap((candidate) => acceptAsIs(demand, candidate) ?? [])
  const passes = asIs.length > 0 ? asIs : fitting.flatMap((candidate) => acceptWithChanges(demand, candidate) ?? [])
  const keyed = passes.map((alternative) => {
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
  keyed.sort((a, b) => a.key.map((value, index) => value - b.key[index]!).find((difference) => difference !== 0) ?? 0)
  return keyed.map(({ alternative }) => alternative)
}
