import { BASE_POSITIONS, type BasePosition, type Catalogue, type CatalogueEntry, familyOf, SLOT } from '../movement'
import { type Plan, type Prescription, prescriptionsOf } from '../plan'
import type { Assessment, GateHit } from '../safety'
import { expand, type Timeline, type TreadLine, treadLine } from '../timing'
import { advance, type Held, minutesRead, momentAt, type SceneAt, START, sceneAt, type Walk } from './moments'
import { type Option, type Placement, type Placing, placeGroup } from './options'
import { type Alone, aloneOf, type OwnRest, ownRests, pacingOf } from './pacing'
import { restOption } from './rest'
import type { AssessedPerson, Roster } from './roster'
import { tracksFor } from './tracks'
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
  /** one per person, in the order of the roster */
  placements: readonly Placement[]
  uses: readonly Use[]
  /** versions shown to the group, the planned one first when it is used */
  shown: readonly string[]
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

const memo = new WeakMap<Roster, Map<string, Placement[]>>()

/** What a placement depends on besides the people: the prescription, the room, and the minutes of those whose rules read them. */
const keyOf = (planned: Prescription, room: Plan['room'], minutes: string): string =>
  JSON.stringify([
    planned.item.variant ?? planned.item.described,
    planned.dose,
    planned.workSeconds,
    room.kit,
    room.floorWork,
    room.supportInReach,
    minutes,
  ])

/** `placeGroup`, remembered per roster: an edit of one item leaves the others as they were. */
function placeOnce(
  roster: Roster,
  placing: readonly Placing[],
  planned: Prescription,
  catalogue: Catalogue,
  room: Plan['room'],
  minutes: string,
): Placement[] {
  let known = memo.get(roster)
  if (!known) {
    known = new Map()
    memo.set(roster, known)
  }
  const key = keyOf(planned, room, minutes)
  let placements = known.get(key)
  if (!placements) {
    placements = placeGroup(placing, planned, catalogue.entries, room)
    known.set(key, placements)
  }
  return placements
}

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

/** Rests and pauses, decided once with every item judged alone (rule base 5.7). */
function alonePlacements(plan: Plan, roster: Roster, items: readonly Prescription[], catalogue: Catalogue): Map<string, Alone[]> {
  const placing = roster.people.map(({ assessment }) => ({ assessment }))
  return new Map(items.map((planned) => [planned.item.id, placeOnce(roster, placing, planned, catalogue, plan.room, '').map(aloneOf)]))
}

/**
 * THE judgement of a class: plan × roster × catalogue, the room being the plan's and the day that of the roster. Items are decided in
 * order, each exact given the earlier ones: their versions make the minutes lying, sitting, standing and since aerobic work at which the
 * later ones are judged (rule base 1.6); rests and pauses are fixed before (5.7).
 */
export function evaluate(plan: Plan, roster: Roster, catalogue: Catalogue): Evaluation {
  const { people } = roster
  const items = prescriptionsOf(plan, catalogue)
  const pacing = pacingOf(people, items, alonePlacements(plan, roster, items, catalogue))
  const timeline = expand(plan, catalogue, pacing)
  const { segments } = timeline
  const byId = new Map(items.map((planned) => [planned.item.id, planned]))
  const decided = new Map<string, readonly Use[]>()
  const heldBy =
    (person: number) =>
    (item: string): Held => {
      const { assessment } = people[person]!
      const use = decided.get(item)?.[person]
      if (use) return heldOf(assessment, use)
      const planned = byId.get(item)!
      return { base: planned.demands.basePosition, rpe: capped(assessment, planned.demands.intendedRpe) }
    }
  const walks: Walk[] = people.map(() => START)
  let walked = 0
  const canLieFlat = plan.room.floorWork || plan.room.kit.includes('bed')

  const evaluated = items.map((planned): EvaluatedItem => {
    const id = planned.item.id
    const first = segments.findIndex((segment) => segment.item === id)
    const last = segments.findLastIndex((segment) => segment.kind === 'work' && segment.item === id)
    for (; walked < first; walked++)
      for (let person = 0; person < people.length; person++) walks[person] = advance(walks[person]!, segments[walked]!, heldBy(person))
    const ahead = segments.slice(walked, last + 1)
    const minutes: string[] = []
    const placing = people.map(({ assessment }, person): Placing => {
      if (assessment.closed) return { assessment }
      const read = minutesRead(assessment)
      const held = heldBy(person)
      const momentFor = (base: BasePosition) => momentAt(walks[person]!, ahead, id, (item) => (item === id ? { base, rpe: 0 } : held(item)))
      const at: SceneAt = sceneAt(assessment, momentFor)
      if (read.size > 0 || canLieFlat || familyOf(planned.demands.basePosition) === 'supine') {
        const seat = momentFor(REST_BASE)
        minutes.push(
          `${person}:${read.has('seatedBlockMin') ? seat.seatedMin : ''}:${read.has('standingBlockMin') ? momentFor('standing-free').standingMin : ''}:${read.has('minSinceAerobic') ? seat.minSinceAerobic : ''}:${momentFor('floor-supine').supineMin}`,
        )
      }
      return { assessment, at }
    })
    const placements = placeOnce(roster, placing, planned, catalogue, plan.room, minutes.join())
    const { shown, assignment } = tracksFor(placements, plan.tracks, planned.entry?.variant.id ?? planned.movement)
    const uses = people.map((person, index) => {
      const track = assignment[index]
      return useOf(person, placements[index]!, track === undefined ? undefined : shown[track], catalogue)
    })
    decided.set(id, uses)
    const own = segments.filter((segment) => segment.item === id)
    return {
      prescription: planned,
      placements,
      uses,
      shown,
      startSeconds: own[0]?.startSeconds ?? 0,
      seconds: own.reduce((sum, segment) => sum + segment.seconds, 0),
    }
  })
  const isIn = (person: number, item: string) => decided.get(item)?.[person]?.kind === 'does'
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
