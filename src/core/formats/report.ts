import { factsOn } from '../client'
import type { AssessedPerson, EvaluatedItem, Evaluation, Placement, PlanWarning, Use } from '../evaluate'
import type { Change, Evidence, GateHit, Hit, PersonFacts, RuleBase, SessionChange, Verdict } from '../safety'
import type { Timeline } from '../timing'
import type { Day } from '../vocabulary'
import type { PeopleFile } from './files'

export interface Reason {
  id: string
  then: Hit['then']
  condition: string
  why: string
  offer?: string
  must?: string
  cue?: string
  evidence: Evidence
  sources: string[]
  limit?: Hit['limit']
}
export interface ItemVerdict {
  item: string
  name: string
  verdict: Verdict
  scope?: 'movement' | 'session'
  gate?: GateHit
  swapBecause?: string
  leads: string[]
  changes: Change[]
  sessionChanges: SessionChange[]
  reasons: Reason[]
  /** what this person does in the class: a version that is shown, with changes to say, or rest */
  use: { variant: string; changes: Change[]; sessionChanges: SessionChange[] } | { rest: string }
  alternatives: { variant: string; pass: 1 | 2; changes: Change[]; loss: number }[]
}
export interface PersonReport {
  id: string
  name: string
  gates: GateHit[]
  limits: Record<string, number | null>
  heartRate: string[]
  items: ItemVerdict[]
}
export interface Report {
  format: 'velvet-step/report'
  version: 2
  date: Day
  caution: string
  people: PersonReport[]
  tracks: { item: string; shown: string[]; who: Record<string, string> }[]
  timeline: Timeline
  changesOfBase: number
  floorTrips: number
  warnings: PlanWarning[]
  /** nobody is without a safe option */
  safe: boolean
}

export const CAUTION =
  'Decision support for a trained instructor. It clears nobody: what a person’s own clinician, local rules and the venue’s emergency plan say comes first.'

export const reasonOf = (hit: Hit): Reason => ({
  id: hit.id,
  then: hit.then,
  condition: hit.condition,
  why: hit.why,
  ...(hit.offer && { offer: hit.offer }),
  ...(hit.compiled?.rule.mustText && { must: hit.compiled.rule.mustText }),
  ...(hit.cue && { cue: hit.cue }),
  evidence: hit.evidence,
  sources: hit.sources,
  ...(hit.limit && { limit: hit.limit }),
})

/** Facts of a person in a file on a day. */
export const factsOfPerson = (base: RuleBase, person: PeopleFile['people'][number], day: Day): PersonFacts =>
  person.record
    ? factsOn(base, person.record, day, { ...(person.today && { today: person.today }), ...(person.attended && { attended: person.attended }) })
    : (person.facts as PersonFacts)

const RESTS = 'rest with easy breathing'
const restWords = (use: Exclude<Use, { kind: 'does' }>): string => (use.kind === 'closed' ? 'no exercise today' : (use.with?.variant.id ?? RESTS))

function itemVerdict({ prescription }: EvaluatedItem, { judgement, options }: Placement, use: Use): ItemVerdict {
  return {
    item: prescription.item.id,
    name: prescription.name,
    verdict: judgement.verdict,
    ...(judgement.scope && { scope: judgement.scope }),
    ...(judgement.gate && { gate: judgement.gate }),
    ...(judgement.swapBecause && { swapBecause: judgement.swapBecause }),
    leads: judgement.leads,
    changes: judgement.changes,
    sessionChanges: judgement.sessionChanges,
    reasons: judgement.hits.map(reasonOf),
    use:
      use.kind === 'does'
        ? { variant: use.option.id, changes: use.option.changes, sessionChanges: use.option.sessionChanges }
        : { rest: restWords(use) },
    alternatives: options
      .filter((option) => option.entry && option.entry !== prescription.entry)
      .slice(0, 8)
      .map((option) => ({
        variant: option.id,
        pass: option.judgement.verdict === 'as-planned' ? 1 : 2,
        changes: option.changes,
        loss: Math.round(option.loss * 100) / 100,
      })),
  }
}

function personReport({ id, name, assessment }: AssessedPerson, items: Evaluation['items'], index: number): PersonReport {
  return {
    id,
    name,
    gates: assessment.gates,
    limits: Object.fromEntries(Object.entries(assessment.limits).map(([key, limit]) => [key, Number.isFinite(limit.value) ? limit.value : null])),
    heartRate: assessment.heartRate.map(({ text }) => text),
    items: items.map((item) => itemVerdict(item, item.placements[index]!, item.uses[index]!)),
  }
}

/** An evaluation as a file: verdicts with reasons and alternatives, tracks, timeline and warnings. Nothing is judged here. */
export function reportOf({ people, items, timeline, tread, warnings }: Evaluation, date: Day): Report {
  const use = (one: Use) => (one.kind === 'does' ? one.option.id : 'rest')
  return {
    format: 'velvet-step/report',
    version: 2,
    date,
    caution: CAUTION,
    people: people.map((person, index) => personReport(person, items, index)),
    tracks: items.map(({ prescription, shown, uses }) => ({
      item: prescription.item.id,
      shown: [...shown],
      who: Object.fromEntries(people.map(({ id }, index) => [id, use(uses[index]!)])),
    })),
    timeline,
    changesOfBase: tread.changes,
    floorTrips: tread.floorTrips,
    warnings: [...warnings],
    safe: items.every(({ uses }) => uses.every(({ kind }) => kind === 'does')),
  }
}
