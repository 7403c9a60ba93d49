import type { CatalogueEntry, Kit } from '../movement'
import type { PlannedItem } from '../plan'
import { type Alternative, type Assessment, alternatives, type Candidate, type Change, type Judgement, judge, underOverrule } from '../safety'

/** A way for one person to take part in one item. */
export interface Option {
  entry?: CatalogueEntry
  /** `movement/variant`, or the id of a described item */
  id: string
  changes: Change[]
  judgement: Judgement
  /** 0 = exactly what was planned; a greater loss keeps less of it */
  loss: number
}

/** What one person does in one item. */
export interface Placement {
  judgement: Judgement
  /** accepted ways, least loss first; empty when nothing fits */
  options: Option[]
}

/** What the room allows: kit that is there, and whether anybody goes to the floor. */
export interface Availability {
  kit: readonly Kit[]
  floorWork: boolean
}

export function isAvailable(entry: CatalogueEntry, room: Availability): boolean {
  const has = (kit: Kit) => kit === 'chair' || (kit === 'mat' ? room.floorWork : room.kit.includes(kit))
  return entry.variant.kit.every(has)
}

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
    }
    candidateCache.set(entry, candidate)
  }
  return candidate
}

/**
 * How much of what was planned an option loses. Weights, in the order of what a group notices: another muscle, another movement,
 * another position family, another rhythm or length, steps along the ladder, changes to say aloud.
 */
function lossOf(planned: PlannedItem, entry: CatalogueEntry, changes: readonly Change[], pass: 1 | 2): number {
  const from = planned.entry
  const said = changes.length * 0.25 + (pass === 2 ? 0.5 : 0)
  if (!from) return 4 + said
  const muscles = new Set(from.movement.main)
  const shared = entry.movement.main.filter((muscle) => muscles.has(muscle)).length
  const otherMuscles = 1 - shared / Math.max(muscles.size, entry.movement.main.length)
  const rhythm = Math.abs(Math.log(repLength(entry) / repLength(from)))
  return (
    otherMuscles * 3 +
    (entry.movement.id === from.movement.id ? 0 : 2) +
    (familyGroup(entry) === familyGroup(from) ? 0 : 1) +
    Math.min(1, rhythm) +
    (entry.variant.side === from.variant.side ? 0 : 0.3) +
    (entry.movement.id === from.movement.id ? 0.3 * Math.abs(entry.step - from.step) : 0.3) +
    said
  )
}
const repLength = ({ variant }: CatalogueEntry) => Math.max(1, variant.tempo.out + variant.tempo.stay + variant.tempo.back + variant.tempo.rest)
const familyGroup = (entry: CatalogueEntry) => entry.planned.basePosition.split('-')[0]

const asPlannedOption = (planned: PlannedItem, judgement: Judgement): Option => ({
  ...(planned.entry && { entry: planned.entry }),
  id: planned.entry?.variant.id ?? planned.movement,
  changes: judgement.changes,
  judgement,
  loss: judgement.changes.length * 0.25,
})

/**
 * The verdict on an item for one person, with every accepted way to take part, least loss first.
 * Rest with breathing is what is left when the list is empty; the caller says so.
 *
 * @param known the verdict on the planned item, where the caller has it already
 */
export function place(
  assessment: Assessment,
  planned: PlannedItem,
  entries: readonly CatalogueEntry[],
  room: Availability,
  known?: Judgement,
): Placement {
  const judgement = known ?? judgePlanned(assessment, planned)
  if (assessment.closed || (judgement.verdict === 'leave-out' && judgement.scope === 'movement')) return { judgement, options: [] }
  const asPlanned = judgement.verdict === 'as-planned' || judgement.verdict === 'modify' ? [asPlannedOption(planned, judgement)] : []
  const candidates = entries.filter((entry) => entry.variant.id !== planned.entry?.variant.id && isAvailable(entry, room))
  const byId = new Map(candidates.map((entry) => [entry.variant.id, entry]))
  const others = alternatives(assessment, planned.demands, judgement, candidates.map(candidateOf), planned.movement).map(
    ({ candidate, changes, judgement: own, pass }: Alternative): Option => {
      const entry = byId.get(candidate.id)!
      return { entry, id: candidate.id, changes, judgement: own, loss: lossOf(planned, entry, changes, pass) }
    },
  )
  // stable: equal losses keep the order of the rule base (0.3 step 8)
  const options = [...asPlanned, ...others].sort((a, b) => a.loss - b.loss)
  if (judgement.verdict === 'swap' && options.length === 0) return { judgement: { ...judgement, verdict: 'leave-out', scope: 'movement' }, options }
  return { judgement, options }
}

export const judgePlanned = (assessment: Assessment, planned: PlannedItem): Judgement =>
  underOverrule(assessment, judge(assessment, planned.demands, planned.vector, planned.movement), planned.entry?.variant.id)

/**
 * `place` for everybody of a class, with only the alternatives that can matter to the choice of versions: whoever does the item just as
 * planned loses nothing by it, so a version that serves none of the others is never worth showing. Exact, and for most items no
 * alternative need be sought at all.
 */
export function placeGroup(
  assessments: readonly Assessment[],
  planned: PlannedItem,
  entries: readonly CatalogueEntry[],
  room: Availability,
): Placement[] {
  const judgements = assessments.map((assessment) => judgePlanned(assessment, planned))
  const first = assessments.map((assessment, index) =>
    judgements[index]!.verdict === 'as-planned' ? undefined : place(assessment, planned, entries, room, judgements[index]),
  )
  const useful = new Set(first.flatMap((placement) => placement?.options.map(({ id }) => id) ?? []))
  const few = entries.filter((entry) => useful.has(entry.variant.id))
  return assessments.map((assessment, index) => first[index] ?? place(assessment, planned, few, room, judgements[index]))
}
