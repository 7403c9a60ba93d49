import { type CatalogueEntry, isInOwnWheelchair } from '../movement'
import { libraryRepSeconds, type Prescription } from '../plan'
import {
  type Alternative,
  type Assessment,
  alternatives,
  type Candidate,
  type Change,
  type Judgement,
  judge,
  type SessionChange,
  type SessionFor,
  underOverrule,
} from '../safety'
import type { Kit } from '../vocabulary'
import type { SceneAt } from './moments'
import { lightened, withOwnLoad } from './ownLoads'

/** A way for one person to take part in one item. */
export interface Option {
  entry?: CatalogueEntry
  /** `movement/variant`, or the id of a described item */
  id: string
  changes: Change[]
  /** what the session changes for this person */
  sessionChanges: SessionChange[]
  judgement: Judgement
  /** 0 = exactly what was planned; a greater loss keeps less of it */
  loss: number
}

/** What one person may do in one item. */
export interface Placement {
  judgement: Judgement
  /** accepted ways, least loss first; empty when nothing fits */
  options: Option[]
}

/** What the room allows: kit that is there, support within reach, and whether anybody goes to the floor. */
export interface Availability {
  kit: readonly Kit[]
  floorWork: boolean
  /** nothing in reach means that no rail, wall or counter is offered either */
  supportInReach: boolean
}

/** Kit that a variant needs and the room does not have. Chairs are taken for granted. */
export function missingKit(entry: CatalogueEntry, room: Availability): Kit[] {
  const fixed = (kit: Kit) => kit === 'wall' || (kit === 'support' && !entry.bringsSupport)
  return entry.variant.kit.filter((kit) => {
    if (kit === 'chair') return false
    if (kit === 'mat') return !room.floorWork
    return !room.kit.includes(kit as (typeof room.kit)[number]) || (fixed(kit) && !room.supportInReach)
  })
}
export const isAvailable = (entry: CatalogueEntry, room: Availability): boolean => missingKit(entry, room).length === 0

const candidateCache = new WeakMap<CatalogueEntry, Candidate>()
export function candidateOf(entry: CatalogueEntry): Candidate {
  let candidate = candidateCache.get(entry)
  if (!candidate) {
    candidate = {
      id: entry.variant.id,
      movement: entry.movement.id,
      planned: entry.planned,
      vector: entry.vector,
      bringsSupport: entry.bringsSupport,
      freeHands: entry.hands.free,
      loadedHands: entry.hands.loaded,
    }
    candidateCache.set(entry, candidate)
  }
  return candidate
}

const familyGroup = (base: string) => base.split('-')[0]
const repLength = (seconds: number) => Math.max(1, seconds)

/** Attributes whose change makes another movement of it: less of the same step is always nearer. */
const CONTRADICTS: Partial<Record<Change['attribute'], number>> = { basePosition: 0.8, travel: 0.4, purpose: 3 }
/** A hand on the chair, in a movement whose arms work in turn, takes one arm's share away: a version that sits down keeps both. */
const TAKES_A_WORKING_HAND = 0.6
function saidLoss(changes: readonly Change[], entry: CatalogueEntry | undefined): number {
  const said = changes.reduce((sum, { attribute }) => sum + (CONTRADICTS[attribute] ?? 0.25), 0)
  const takesHand = entry?.hands !== undefined && entry.hands.free < 2 && changes.some(({ attribute }) => attribute === 'basePosition')
  return takesHand ? said + TAKES_A_WORKING_HAND : said
}

/**
 * How much of what was planned an option loses. Weights, in the order of what a group notices: another muscle, another movement (less
 * when it is of the same pattern),
 * another position family, a change that takes the movement's own point away, another rhythm or length, steps along the ladder,
 * changes to say aloud. A ladder's own neighbouring step (0.3, and its rhythm) comes before a hand on the chair (0.8) for a movement done free.
 */
function lossOf(planned: Prescription, entry: CatalogueEntry, changes: readonly Change[], pass: 1 | 2): number {
  const from = planned.entry
  const described = planned.item.described
  const said = saidLoss(changes, entry) + (pass === 2 ? 0.5 : 0)
  const main = from?.movement.main ?? described?.main ?? []
  const movement = from?.movement.id ?? described?.like
  if (main.length === 0 && movement === undefined) return 4 + said
  const muscles = new Set(main)
  const shared = entry.movement.main.filter((muscle) => muscles.has(muscle)).length
  const otherMuscles = main.length === 0 ? 0.5 : 1 - shared / Math.max(muscles.size, entry.movement.main.length)
  const rhythm = Math.abs(Math.log(repLength(libraryRepSeconds(entry)) / repLength(planned.repSeconds)))
  const sameMovement = entry.movement.id === movement
  return (
    otherMuscles * 3 +
    (sameMovement ? 0 : sharesPattern(entry, from) ? OTHER_MOVEMENT - ALIKE : OTHER_MOVEMENT) +
    (familyGroup(entry.planned.basePosition) === familyGroup(planned.demands.basePosition) ? 0 : 1) +
    Math.min(1, rhythm) * (sameMovement ? 0.4 : 1) +
    (entry.planned.side === planned.demands.side ? 0 : 0.3) +
    (sameMovement && from ? 0.3 * Math.abs(entry.step - from.step) : 0.3) +
    said
  )
}

/** Another movement costs this much; one of the same pattern (a push for a push) is nearer. */
const OTHER_MOVEMENT = 2
const ALIKE = 0.4
const sharesPattern = (entry: CatalogueEntry, from: CatalogueEntry | undefined) =>
  from !== undefined && entry.movement.pattern.some((pattern) => from.movement.pattern.includes(pattern))

const asPlannedOption = (planned: Prescription, judgement: Judgement): Option => ({
  ...(planned.entry && { entry: planned.entry }),
  id: planned.entry?.variant.id ?? planned.movement,
  changes: judgement.changes,
  sessionChanges: judgement.sessionChanges,
  judgement,
  loss: saidLoss(judgement.changes, planned.entry),
})

/** What the planned item reads at its place in the class; the person's own session and the planned minutes when left out. */
export function judgePlanned(assessment: Assessment, planned: Prescription, at?: SceneAt): Judgement {
  const scene = at?.(planned.demands, planned.vector) ?? { demands: planned.vector, session: assessment.situation }
  const hands = planned.entry?.hands
  const judgement = judge(assessment, scene.demands, {
    movement: planned.movement,
    session: scene.session,
    ...(hands && { freeHands: hands.free, loadedHands: hands.loaded }),
  })
  return underOverrule(assessment, judgement, scene, { variant: planned.entry?.variant.id, sets: planned.dose.sets })
}

interface Others {
  candidates: Candidate[]
  byId: ReadonlyMap<string, CatalogueEntry>
}
const othersCache = new WeakMap<Prescription, WeakMap<readonly CatalogueEntry[], Map<string, Others>>>()
/** The versions that could stand in for an item here: the same for everybody. */
function othersFor(planned: Prescription, entries: readonly CatalogueEntry[], room: Availability): Others {
  const byEntries = othersCache.get(planned) ?? new WeakMap<readonly CatalogueEntry[], Map<string, Others>>()
  othersCache.set(planned, byEntries)
  const byRoom = byEntries.get(entries) ?? new Map<string, Others>()
  byEntries.set(entries, byRoom)
  const key = roomKey(room)
  let others = byRoom.get(key)
  if (!others) {
    const found = entries.filter(
      (entry) =>
        entry.variant.id !== planned.entry?.variant.id &&
        entry.planned.purpose === planned.demands.purpose &&
        (!isInOwnWheelchair(entry) || entry.movement.id === planned.movement) &&
        isAvailable(entry, room),
    )
    others = { candidates: found.map(candidateOf), byId: new Map(found.map((entry) => [entry.variant.id, entry])) }
    byRoom.set(key, others)
  }
  return others
}
const roomKey = (room: Availability): string => `${room.kit.join()}${room.floorWork}${room.supportInReach}`

/**
 * The verdict on an item for one person, with every accepted way to take part, least loss first.
 * Rest with breathing is what is left when the list is empty; the caller says so.
 *
 * @param at the minutes of the timeline at this item; as judged alone when left out
 * @param known the verdict on the planned item, where the caller has it already
 * @param notAbove the version of this movement that nothing may be above
 */
export function place(
  assessment: Assessment,
  planned: Prescription,
  entries: readonly CatalogueEntry[],
  room: Availability,
  { at, known, ownKg, notAbove }: { at?: SceneAt | undefined; known?: Judgement; ownKg?: number | undefined; notAbove?: string | undefined } = {},
): Placement {
  const judgement = keptLower(planned, known ?? judgePlanned(assessment, planned, at), notAbove)
  if (assessment.closed || (judgement.verdict === 'leave-out' && judgement.scope === 'movement')) return { judgement, options: [] }
  const asPlanned = judgement.verdict === 'as-planned' || judgement.verdict === 'modify' ? [asPlannedOption(planned, judgement)] : []
  const { candidates: all, byId } = othersFor(planned, entries, room)
  const candidates =
    ownKg === undefined
      ? all
      : all.map((candidate) => (candidate.movement === planned.movement ? lightened(candidate, byId.get(candidate.id)!, ownKg) : candidate))
  const sessionFor: SessionFor | undefined = at && (({ planned: demands, vector }) => at(demands, vector))
  const others = alternatives(assessment, planned.demands, judgement, candidates, {
    movement: planned.movement,
    ...(sessionFor && { sessionFor }),
  }).flatMap(({ candidate, changes, sessionChanges, judgement: own, pass }: Alternative): Option[] => {
    const entry = byId.get(candidate.id)
    return entry ? [{ entry, id: candidate.id, changes, sessionChanges, judgement: own, loss: lossOf(planned, entry, changes, pass) }] : []
  })
  // stable: equal losses keep the order of the rule base (0.3 step 8)
  const options = [...asPlanned, ...others].filter(({ entry }) => !entry || !isAbove(entry, notAbove)).sort((a, b) => a.loss - b.loss)
  if (judgement.verdict === 'swap' && options.length === 0) return { judgement: { ...judgement, verdict: 'leave-out', scope: 'movement' }, options }
  return { judgement, options }
}

/** Whether a version stands higher on its own ladder than another of it. */
export const isAbove = ({ movement, step }: Pick<CatalogueEntry, 'movement' | 'step'>, notAbove: string | undefined): boolean => {
  const most = notAbove === undefined ? -1 : movement.variants.findIndex(({ id }) => id === notAbove)
  return most >= 0 && step > most
}

/** The judgement of an item for somebody who is to stay below it: another version, whatever the rules would let them do. */
function keptLower({ entry }: Prescription, judgement: Judgement, notAbove: string | undefined): Judgement {
  if (!entry || !isAbove(entry, notAbove) || (judgement.verdict !== 'as-planned' && judgement.verdict !== 'modify')) return judgement
  return { ...judgement, verdict: 'swap', changes: [], sessionChanges: [], swapBecause: 'kept-lower' }
}

export interface Placing {
  assessment: Assessment
  /** kg, by movement, where somebody lifts something else than the plan says */
  ownLoads?: Readonly<Record<string, number>>
  /** version, by movement, that nothing may be above */
  notAbove?: Readonly<Record<string, string>>
  /** how a variant is read at this place in the class, and what of the place matters */
  place?: { at: SceneAt; key: string }
}

const memo = new WeakMap<Assessment, Map<string, Placement>>()
/** Placements kept for one person; beyond it all are forgotten, which costs one slower judgement. */
const MOST_REMEMBERED = 20_000
/** Remembered per person, so that an edit of one item leaves the others, and the minutes of one person the others, as they were. */
function remembered(assessment: Assessment, key: string, make: () => Placement): Placement {
  let known = memo.get(assessment)
  if (!known) {
    known = new Map()
    memo.set(assessment, known)
  }
  let placement = known.get(key)
  if (!placement) {
    placement = make()
    if (known.size >= MOST_REMEMBERED) known.clear()
    known.set(key, placement)
  }
  return placement
}

const interned = new WeakMap<readonly CatalogueEntry[], Map<string, number>>()
/** Never the same for two libraries: what is remembered of a person in one is not found in another. */
let nextKey = 0
/** A long key as a number: what is looked up for every person and item stays short. */
function internedKey(entries: readonly CatalogueEntry[], key: string): number {
  let known = interned.get(entries)
  if (!known) {
    known = new Map()
    interned.set(entries, known)
  }
  let number = known.get(key)
  if (number === undefined) {
    number = nextKey++
    known.set(key, number)
  }
  return number
}

const keys = new WeakMap<Prescription, string>()
/** What a placement depends on besides the person and the place in the class. */
function keyOf(planned: Prescription, room: Availability): string {
  let key = keys.get(planned)
  if (key === undefined) {
    // what is judged are the demands; sets count for an instructor's own word, the rhythm for what another version loses
    key = JSON.stringify([planned.item.variant ?? planned.item.described, planned.vector.join(), planned.dose.sets, planned.repSeconds])
    keys.set(planned, key)
  }
  return `${key}${roomKey(room)}`
}

/**
 * `place` for everybody of a class, with only the alternatives that can matter to the choice of versions: whoever does the item just as
 * planned loses nothing by it, so a version that serves none of the others is never worth showing. Exact, and for most items no
 * alternative need be sought at all.
 */
export function placeGroup(
  people: readonly Placing[],
  planned: Prescription,
  entries: readonly CatalogueEntry[],
  room: Availability,
): readonly Placement[] {
  const before = groupsBefore.get(planned) ?? []
  const inRoom = roomKey(room)
  const same = before.find((group) => group.entries === entries && group.inRoom === inRoom && isSameGroup(group.people, people))
  if (same) return same.placements
  const placements = placed(people, planned, entries, room)
  groupsBefore.set(planned, [{ entries, inRoom, people, placements }, ...before].slice(0, GROUPS_REMEMBERED))
  return placements
}

/** A group at an item: alone, at its place in the class, and as it was before the last edits. */
const GROUPS_REMEMBERED = 4
interface GroupBefore {
  entries: readonly CatalogueEntry[]
  inRoom: string
  people: readonly Placing[]
  placements: readonly Placement[]
}
const groupsBefore = new WeakMap<Prescription, GroupBefore[]>()
/** The same people, at places of the class that turn the same of their rules. */
const isSameGroup = (one: readonly Placing[], other: readonly Placing[]): boolean =>
  one === other ||
  (one.length === other.length &&
    one.every(({ assessment, place: where, ownLoads, notAbove }, index) => {
      const now = other[index]!
      return assessment === now.assessment && where?.key === now.place?.key && ownLoads === now.ownLoads && notAbove === now.notAbove
    }))

function placed(people: readonly Placing[], planned: Prescription, entries: readonly CatalogueEntry[], room: Availability): Placement[] {
  const group = people.map(({ assessment, place: where, ownLoads, notAbove: held }) => {
    const own = withOwnLoad(planned, ownLoads)
    const ownKg = ownLoads?.[planned.movement]
    const load = ownKg === undefined ? '' : `own ${ownKg}`
    const notAbove = held?.[planned.movement]
    const below = notAbove === undefined ? '' : `not above ${notAbove} `
    return { assessment, own, ownKg, notAbove, at: where?.at, key: `${internedKey(entries, keyOf(own, room))} ${load}${below}${where?.key ?? ''}` }
  })
  const first = group.map(({ assessment, own, ownKg, notAbove, at, key }) =>
    remembered(assessment, key, () => {
      const judgement = keptLower(own, judgePlanned(assessment, own, at), notAbove)
      return judgement.verdict === 'as-planned'
        ? { judgement, options: [] }
        : place(assessment, own, entries, room, { at, known: judgement, ownKg, notAbove })
    }),
  )
  const ids = new Set<string>()
  for (const { options } of first) for (const { id } of options) ids.add(id)
  const useful = [...ids].sort()
  const fewKey = ` ${internedKey(entries, useful.join())}`
  let fewEntries: CatalogueEntry[] | undefined
  const few = () => {
    fewEntries ??= entries.filter((entry) => ids.has(entry.variant.id))
    return fewEntries
  }
  return group.map(({ assessment, own, ownKg, notAbove, at, key }, index) => {
    const one = first[index]!
    const { judgement } = one
    // the very same object: what is chosen among placements is remembered by them
    if (judgement.verdict !== 'as-planned') return one
    return remembered(assessment, `${key}${fewKey}`, () => place(assessment, own, few(), room, { at, known: judgement, ownKg, notAbove }))
  })
}
