import { BASE_POSITIONS, type BasePosition, type Catalogue, type CatalogueEntry, SLOT } from '../movement'
import { type Plan, type Prescription, prescriptionsOf } from '../plan'
import type { Assessment, GateHit } from '../safety'
import { expand, HOUSE_RATES, type Rates, type Timeline, type TreadLine, treadLine } from '../timing'
import { type Level, levelsFor, levelTracks } from './levels'
import { advance, type Held, momentAt, mostMinutes, placeMatters, START, sceneAt, type Walk } from './moments'
import { type Option, type Placement, type Placing, placeGroup } from './options'
import { type Alone, aloneOf, type OwnRest, ownRests, pacingOf } from './pacing'
import { restOption } from './rest'
import type { AssessedPerson, Roster } from './roster'
import { type Tracks, tracksFor } from './tracks'
import { type PlanWarning, planWarnings } from './warnings'

/** What one person does in one item. */
export type Use =
  | { kind: 'does'; option: Option }
  /** nothing of the shown versions fits: rest, with a breathing variant that is as planned for this person where the library has one */
  | { kind: 'rests'; with?: CatalogueEntry }
  /** not today, or a question or a letter first */
  | { kind: 'closed'; gate: GateHit }

export interface EvaluatedItem {
  prescription: Prescription
  /** everybody at their place in the class, as the item was judged for them */
  placing: readonly Placing[]
  /** one per person, in the order of the roster */
  placements: readonly Placement[]
  uses: readonly Use[]
  /** versions shown to the group, the planned one first when it is used */
  shown: readonly string[]
  /** of an item with levels, gentlest first: who may choose which */
  levels: readonly Level[]
  startSeconds: number
  seconds: number
}

export interface EvaluatedPerson extends AssessedPerson {
  /** how this person gets the rest that the group's rests do not give */
  ownRests: OwnRest[]
}

/** The judgement of a class: who does what, why, and how long it takes with these people. */
export interface Evaluation {
  people: readonly EvaluatedPerson[]
  items: readonly EvaluatedItem[]
  timeline: Timeline
  tread: TreadLine
  warnings: readonly PlanWarning[]
}

/** No variant of the library would lie flat for longer than this at its own dose, min. */
const LONGEST_FLAT_MIN = 60
const REST_BASE: BasePosition = 'seated-back-supported'
const capped = (assessment: Assessment, rpe: number) => Math.min(rpe, assessment.limits.rpeCap.value)

/** What somebody does in an item that is decided; who rests sits. */
function heldOf(assessment: Assessment, use: Use): Held {
  if (use.kind !== 'does') return { base: REST_BASE, rpe: 0 }
  const { demands } = use.option.judgement.settled
  return { base: baseOf(demands), rpe: capped(assessment, demands[SLOT.intendedRpe] ?? 0) }
}
const baseOf = (demands: Float64Array): BasePosition => BASE_POSITIONS[demands[SLOT.basePosition] ?? 0] ?? REST_BASE

function useOf(person: AssessedPerson, placement: Placement, taken: string | undefined, catalogue: Catalogue): Use {
  const { closed } = person.assessment
  if (closed) return { kind: 'closed', gate: closed }
  const option = taken === undefined ? undefined : placement.options.find(({ id }) => id === taken)
  if (option) return { kind: 'does', option }
  const rest = restOption(person.assessment, catalogue.entries)
  return { kind: 'rests', ...(rest && { with: rest }) }
}

const usesBefore = new WeakMap<Tracks, { people: readonly AssessedPerson[]; uses: readonly Use[] }>()
/** What everybody does; the very same list while the same people have the same versions. */
function usesOf(people: readonly AssessedPerson[], placements: readonly Placement[], tracks: Tracks, catalogue: Catalogue): readonly Use[] {
  const before = usesBefore.get(tracks)
  if (before?.people === people) return before.uses
  const uses = people.map((person, index) => {
    const track = tracks.assignment[index]
    return useOf(person, placements[index]!, track === undefined ? undefined : tracks.shown[track], catalogue)
  })
  usesBefore.set(tracks, { people, uses })
  return uses
}

/** Rests and pauses, decided once with every item judged alone (rule base 5.7). */
function alonePlacements(plan: Plan, roster: Roster, items: readonly Prescription[], catalogue: Catalogue): Map<string, Alone[]> {
  return new Map(items.map((planned) => [planned.item.id, placeGroup(roster.people, planned, catalogue.entries, plan.room).map(aloneOf)]))
}

/** The seconds of a class with the rests and pauses that its people need, without its judgement. */
export function timelineOf(plan: Plan, roster: Roster, catalogue: Catalogue, rates: Rates): Timeline {
  const items = prescriptionsOf(plan, catalogue)
  return expand(plan, catalogue, pacingOf(roster.people, items, alonePlacements(plan, roster, items, catalogue)), rates)
}

/** Where an item stands in a timeline: its first segment, the last in which it is worked at, and the seconds of all of them. */
interface Stretch {
  first: number
  last: number
  seconds: number
}
const NOWHERE: Stretch = { first: -1, last: -1, seconds: 0 }
function stretchesByItem(segments: Timeline['segments']): ReadonlyMap<string, Stretch> {
  const found = new Map<string, Stretch>()
  for (const [index, { item, kind, seconds }] of segments.entries()) {
    if (item === undefined) continue
    let stretch = found.get(item)
    if (!stretch) {
      stretch = { first: index, last: -1, seconds: 0 }
      found.set(item, stretch)
    }
    if (kind === 'work') stretch.last = index
    stretch.seconds += seconds
  }
  return found
}

/**
 * THE judgement of a class: plan × roster × catalogue, the room being the plan's and the day that of the roster. Items are decided in
 * order, each exact given the earlier ones: their versions make the minutes lying, sitting, standing and since aerobic work at which the
 * later ones are judged (rule base 1.6); rests and pauses are fixed before (5.7).
 *
 * @param rates the instructor's pace; the house's when left out
 */
export function evaluate(plan: Plan, roster: Roster, catalogue: Catalogue, rates: Rates = HOUSE_RATES): Evaluation {
  const { people } = roster
  const items = prescriptionsOf(plan, catalogue)
  const timeline = timelineOf(plan, roster, catalogue, rates)
  const { segments } = timeline
  const stretches = stretchesByItem(segments)
  const byId = new Map(items.map((planned) => [planned.item.id, planned]))
  const decided = new Map<string, { uses: readonly Use[]; held: readonly Held[] }>()
  const heldBy =
    (person: number) =>
    (item: string): Held => {
      const { assessment } = people[person]!
      const held = decided.get(item)?.held[person]
      if (held) return held
      const planned = byId.get(item)!
      return { base: planned.demands.basePosition, rpe: capped(assessment, planned.demands.intendedRpe) }
    }
  const walks: Walk[] = people.map(() => START)
  const longest = Math.max(timeline.totalSeconds / 60, LONGEST_FLAT_MIN)
  const matters = people.map(({ assessment }) => !assessment.closed && placeMatters(assessment, longest))
  let walked = 0

  const evaluated = items.map((planned): EvaluatedItem => {
    const id = planned.item.id
    const { first, last, seconds } = stretches.get(id) ?? NOWHERE
    for (; walked < first; walked++)
      for (const [person, walk] of walks.entries()) if (matters[person]) walks[person] = advance(walk, segments[walked]!, heldBy(person))
    const ahead = segments.slice(walked, last + 1)
    const [aheadStart, aheadEnd] = [ahead[0]?.startSeconds ?? 0, last < 0 ? 0 : segments[last]!.startSeconds + segments[last]!.seconds]
    const placing = people.map(({ assessment, ownLoads, notAbove }, person): Placing => {
      const own = { assessment, ...(ownLoads && { ownLoads }), ...(notAbove && { notAbove }) }
      if (assessment.closed || !matters[person]) return own
      const held = heldBy(person)
      const momentFor = (base: BasePosition) => momentAt(walks[person]!, ahead, id, (item) => (item === id ? { base, rpe: 0 } : held(item)))
      return { ...own, place: sceneAt(assessment, momentFor, mostMinutes(walks[person]!, aheadStart, aheadEnd)) }
    })
    const placements = placeGroup(placing, planned, catalogue.entries, plan.room)
    const own = planned.entry?.variant.id ?? planned.movement
    const levels = levelsFor(placing, planned, catalogue, plan.bpm)
    const tracks = levels.length > 0 ? levelTracks(placements, levels, plan.tracks, own) : tracksFor(placements, plan.tracks, own)
    const { shown } = tracks
    const uses = usesOf(people, placements, tracks, catalogue)
    decided.set(id, { uses, held: uses.map((use, person) => heldOf(people[person]!.assessment, use)) })
    return {
      prescription: planned,
      placing,
      placements,
      uses,
      shown,
      levels,
      startSeconds: segments[first]?.startSeconds ?? 0,
      seconds,
    }
  })
  const isIn = (person: number, item: string) => decided.get(item)?.uses[person]?.kind === 'does'
  const tread = treadLine(timeline)
  return {
    people: people.map((person, index) => ({
      ...person,
      ownRests: person.assessment.closed ? [] : ownRests(person.assessment.limits.restMult.value, items, (item) => isIn(index, item)),
    })),
    items: evaluated,
    timeline,
    tread,
    warnings: planWarnings(plan, timeline, items, people, tread.floorTrips, isIn),
  }
}
