import type { Day } from '../client'
import { factsOn } from '../client'
import { place, placeGroup, restOption, versionsFor } from '../fit'
import type { Catalogue } from '../movement'
import { itemsOf, type Plan, type PlannedItem, type PlanWarning, plannedItem, planWarnings } from '../plan'
import type { Assessment, Change, Evidence, GateHit, Hit, PersonFacts, RuleBase, SessionFacts, Verdict } from '../safety'
import { expand, type Timeline, treadLine } from '../timing'
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
  reasons: Reason[]
  /** what this person does: a variant with changes to say, or rest */
  use: { variant: string; changes: Change[] } | { rest: string }
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
  version: 1
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

export interface AssessedPerson {
  id: string
  name: string
  assessment: Assessment
}

/** Facts of a person in a file on a day. */
export const factsOfPerson = (base: RuleBase, person: PeopleFile['people'][number], day: Day): PersonFacts =>
  person.record ? factsOn(base, person.record, day, person.today) : (person.facts as PersonFacts)

function itemVerdict(assessment: Assessment, planned: PlannedItem, catalogue: Catalogue, plan: Plan): ItemVerdict {
  const { judgement, options } = place(assessment, planned, catalogue.entries, plan.room)
  const best = options[0]
  const rest = restOption(assessment, catalogue.entries)
  return {
    item: planned.item.id,
    name: planned.name,
    verdict: judgement.verdict,
    ...(judgement.scope && { scope: judgement.scope }),
    ...(judgement.gate && { gate: judgement.gate }),
    ...(judgement.swapBecause && { swapBecause: judgement.swapBecause }),
    leads: judgement.leads,
    changes: judgement.changes,
    reasons: judgement.hits.map(reasonOf),
    use: best
      ? { variant: best.id, changes: best.changes }
      : { rest: judgement.scope === 'session' ? 'no exercise today' : (rest?.variant.id ?? 'rest with easy breathing') },
    alternatives: options
      .filter((option) => option.entry && option.entry !== planned.entry)
      .slice(0, 8)
      .map((option) => ({
        variant: option.id,
        pass: option.judgement.verdict === 'as-planned' ? 1 : 2,
        changes: option.changes,
        loss: Math.round(option.loss * 100) / 100,
      })),
  }
}

/** Judges a class for people on a day: verdicts with reasons and alternatives, tracks, timeline and warnings. */
export function report(catalogue: Catalogue, plan: Plan, people: readonly AssessedPerson[], date: Day): Report {
  const items = itemsOf(plan).map(({ item }) => plannedItem(item, catalogue))
  const timeline = expand(plan, catalogue)
  const tread = treadLine(timeline)
  const reports = people.map(
    ({ id, name, assessment }): PersonReport => ({
      id,
      name,
      gates: assessment.gates,
      limits: Object.fromEntries(Object.entries(assessment.limits).map(([key, limit]) => [key, Number.isFinite(limit.value) ? limit.value : null])),
      heartRate: assessment.heartRate.map(({ text }) => text),
      items: items.map((planned) => itemVerdict(assessment, planned, catalogue, plan)),
    }),
  )
  const tracks = items.map((planned) => {
    const placements = placeGroup(
      people.map(({ assessment }) => assessment),
      planned,
      catalogue.entries,
      plan.room,
    )
    const { shown, uses } = versionsFor(placements, plan.tracks, planned)
    return { item: planned.item.id, shown, who: Object.fromEntries(people.map(({ id }, index) => [id, uses[index] ?? 'rest'])) }
  })
  const highestRpe = Math.max(0, ...timeline.segments.map((segment) => segment.rpe))
  return {
    format: 'velvet-step/report',
    version: 1,
    date,
    caution: CAUTION,
    people: reports,
    tracks,
    timeline,
    changesOfBase: tread.changes,
    floorTrips: tread.floorTrips,
    warnings: planWarnings(plan, { ...timeline, highestRpe, floorTrips: tread.floorTrips }, people),
    safe: reports.every((person) => person.items.every((item) => 'variant' in item.use)),
  }
}

/** Session facts of a plan's room; what a caller gives on top wins. */
export const sessionOf = (plan: Plan, given: SessionFacts = {}): SessionFacts => ({
  supportInReach: plan.room.supportInReach,
  roomTempC: plan.room.tempC,
  hour: plan.room.startHour,
  ...Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined)),
})
