import { ATTRIBUTE_NAMES, encodeDemands, familyOf, type PlannedDemands } from '../movement/demands'
import type { Assessment } from './assess'
import { type Change, corridor, withChanges } from './corridor'
import { demandingHits, type Hit, type Judgement, judge, mustOf, mustsHold } from './judge'
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

function accept(assessment: Assessment, planned: PlannedDemands, first: Judgement, candidate: Candidate): Alternative | undefined {
  const handHeld = candidate.planned.basePosition === 'standing-two-hand' || candidate.planned.basePosition === 'standing-one-hand'
  if (handHeld && !assessment.session.supportInReach && !candidate.bringsSupport) return undefined
  const own = judge(assessment, candidate.planned, candidate.vector, candidate.movement)
  if (own.verdict !== 'as-planned' && own.verdict !== 'modify') return undefined

  // a dose that is over a limit of the first item is brought under it below, like any limit change
  const limits = demandingHits(first.hits)
    .filter((hit) => hit.limit)
    .map(mustOf)
  if (onlyLimits(own) && mustsHold(acceptanceMusts(first.hits, planned.balanceDemand, false), candidate.vector)) {
    const changes = corridor(
      candidate.planned,
      candidate.vector,
      [...demandingHits(own.hits).map(mustOf), ...limits],
      assessment.session.supportInReach,
    )
    if (changes) return { candidate, pass: 1, changes, judgement: own }
  }
  if (own.leads.length > 2) return undefined
  const musts = [...demandingHits(own.hits).map(mustOf), ...acceptanceMusts(first.hits, planned.balanceDemand, true), ...limits]
  const changes = corridor(candidate.planned, candidate.vector, musts, assessment.session.supportInReach)
  if (!changes) return undefined
  const changed = withChanges(candidate.planned, changes)
  if (familyOf(changed.basePosition) !== familyOf(candidate.planned.basePosition)) return undefined
  const changedLeads = new Set(changes.map((change) => change.attribute))
  if (changedLeads.size > 2 && own.verdict === 'as-planned') return undefined
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
  const accepted = candidates
    .filter((candidate) => candidate.planned.purpose === planned.purpose)
    .flatMap((candidate) => accept(assessment, planned, first, candidate) ?? [])
  const passes = accepted.some((alternative) => alternative.pass === 1) ? accepted.filter((alternative) => alternative.pass === 1) : accepted
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

/** The verdict with its alternatives: a swap for which nothing passes becomes leave-out. */
export function withAlternatives(
  assessment: Assessment,
  planned: PlannedDemands,
  candidates: readonly Candidate[],
  movement?: string,
): { judgement: Judgement; alternatives: Alternative[] } {
  const first = judge(assessment, planned, undefined, movement)
  if (first.verdict !== 'swap') return { judgement: first, alternatives: [] }
  const found = alternatives(assessment, planned, first, candidates, movement)
  if (found.length > 0) return { judgement: first, alternatives: found }
  return { judgement: { ...first, verdict: 'leave-out', scope: 'movement' }, alternatives: [] }
}
