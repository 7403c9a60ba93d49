import { type Quality, qualityOf } from '../coverage'
import { type CatalogueEntry, familyOf, isInOwnWheelchair } from '../movement'
import { aloneInBlock, type Block, type Edit, freeId, idsOf, type Plan, partOf, prescriptionOf } from '../plan'
import type { Timeline } from '../timing'
import { harmless, type Judged, rankOf } from './harmless'
import { isAvailable, judgePlanned } from './options'
import { withOwnLoad } from './ownLoads'

/** A way to use time that is left, as one edit that can be undone. */
export interface FillOffer {
  kind: 'movements' | 'sets'
  edit: Edit
  /** what is added or lengthened, by name */
  names: string[]
  /** of the class then, s */
  seconds: number
}

/** Less time than this is not worth filling, s. */
const WORTH_FILLING_SECONDS = 120
/** So much may stay free, s. */
const SPARE_SECONDS = 20
const MOST_MOVEMENTS = 6
const MOST_SETS = 3
/** What is added to fill time is not what is hardest, 0 to 10. */
const MOST_RPE = 5
/** Impact of the rule base from which it is one. */
const HARD_LANDING = 2
/** A class that has none of these lacks it. */
const EXPECTED: readonly Quality[] = ['strength', 'balance', 'heart']
/** For at most so many of the group it needs another version. */
const MOST_MISFIT = 0.4

/** Seconds of the promise that are left, when it is worth to fill them; else 0. */
export function toFill({ promisedMinutes }: Pick<Plan, 'promisedMinutes'>, { totalSeconds }: Pick<Timeline, 'totalSeconds'>): number {
  const free = promisedMinutes * 60 - totalSeconds
  return free < WORTH_FILLING_SECONDS ? 0 : free
}

/** Versions that most of those who may take part today can do, the most wanted first: what the class lacks, then what it has least of. */
export function fillers({ plan, evaluation, roster, catalogue }: Judged, here: string | undefined, only?: Quality): CatalogueEntry[] {
  const inPlan = new Set(evaluation.items.map(({ prescription }) => prescription.movement))
  const have = new Set(evaluation.items.map(({ prescription }) => qualityOf(prescription.demands.purpose)))
  const worked = new Map<string, number>()
  for (const { prescription } of evaluation.items)
    for (const muscle of prescription.entry?.movement.main ?? []) worked.set(muscle, (worked.get(muscle) ?? 0) + 1)
  const people = roster.people.filter(({ assessment }) => !assessment.closed)
  /** share of those whom it does not fit as it is, or adjusted */
  const misfit = (entry: CatalogueEntry): number => {
    const { item, block } = aloneInBlock(entry.variant.id)
    const planned = prescriptionOf(item, block, catalogue)
    const others = people.filter(
      ({ assessment, ownLoads }) => rankOf(judgePlanned(assessment, withOwnLoad(planned, ownLoads)).verdict) > rankOf('modify'),
    )
    return others.length / Math.max(1, people.length)
  }
  const scored = catalogue.entries
    .filter(
      ({ movement, variant, planned }) =>
        !inPlan.has(movement.id) &&
        (only === undefined ? movement.phase === 'main' || movement.phase === 'any' : qualityOf(movement.purpose) === only) &&
        movement.purpose !== 'relaxation' &&
        planned.intendedRpe <= MOST_RPE &&
        // jumps and drops are nobody's filler: whoever wants them puts them in
        planned.impactLevel < HARD_LANDING &&
        movement.purpose !== 'power' &&
        !variant.kit.includes('mat') &&
        !variant.kit.includes('bed'),
    )
    .filter((entry) => isAvailable(entry, plan.room) && !isInOwnWheelchair(entry))
    .flatMap((entry) => {
      const left = misfit(entry)
      if (left > MOST_MISFIT) return []
      const quality = qualityOf(entry.movement.purpose)
      const muscles = entry.movement.main
      const used = muscles.reduce((sum, muscle) => sum + (worked.get(muscle) ?? 0), 0) / Math.max(1, muscles.length)
      const away = here !== undefined && familyOf(entry.planned.basePosition) !== here ? 2 : 0
      const lack = EXPECTED.includes(quality) && !have.has(quality) ? -4 : 0
      return [{ entry, score: 6 * left + lack + away + used - 0.5 * entry.planned.intendedRpe }]
    })
    .sort((a, b) => a.score - b.score || (a.entry.variant.id < b.entry.variant.id ? -1 : 1))
  const found: CatalogueEntry[] = []
  const taken = new Set<string>()
  for (const { entry } of scored) {
    if (found.length === 2 * MOST_MOVEMENTS) break
    // one version of a movement, and not three of one kind in a row
    const kinds = only ? 0 : found.slice(-2).filter(({ movement }) => movement.purpose === entry.movement.purpose).length
    if (taken.has(entry.movement.id) || kinds === 2) continue
    taken.add(entry.movement.id)
    found.push(entry)
  }
  return found
}

function movements(from: Judged, until: number): FillOffer | undefined {
  const { plan, catalogue } = from
  const phase = plan.phases.findLast(({ kind }) => partOf(kind) === 'main')
  if (!phase) return undefined
  const last = phase.blocks.findLast((block) => block.format === 'straight')
  const there = phase.blocks.at(-1)?.items.at(-1)
  const here = there && familyOf(prescriptionOf(there, phase.blocks.at(-1)!, catalogue, plan.bpm).demands.basePosition)
  const used = idsOf(plan)
  const edits: Edit[] = []
  const names: string[] = []
  let now = plan
  let seconds = 0
  let block = last?.id
  for (const entry of fillers(from, here)) {
    if (names.length === MOST_MOVEMENTS) break
    const next: Edit[] = []
    const target = block ?? freeId(used, 'more')
    if (block === undefined) {
      const empty: Block = { id: target, title: '', format: 'straight', pauseAfter: 0, items: [] }
      next.push({ kind: 'add-block', phase: phase.id, at: phase.blocks.length, block: empty })
    }
    const at = now.phases.flatMap((one) => one.blocks).find(({ id }) => id === target)?.items.length ?? 0
    const item = freeId(used, 'f')
    next.push({ kind: 'add-item', block: target, at, item: { id: item, variant: entry.variant.id } })
    const then = harmless(now, { kind: 'together', edits: next }, from, until)
    if (!then) continue
    used.add(item).add(target)
    block = target
    now = then.plan
    seconds = then.seconds
    edits.push(...next)
    names.push(entry.movement.name)
  }
  if (names.length === 0) return undefined
  return { kind: 'movements', edit: { kind: 'together', edits }, names, seconds }
}

function sets(from: Judged, until: number): FillOffer | undefined {
  const { plan, evaluation } = from
  const edits: Edit[] = []
  const names: string[] = []
  let now = plan
  let seconds = 0
  for (const { prescription } of evaluation.items) {
    const { item, block, planDose, entry } = prescription
    const phase = plan.phases.find(({ blocks }) => blocks.some(({ id }) => id === block.id))!
    const isSimple = block.format === 'straight' && !planDose.eachSet && !planDose.shrinking && planDose.sets < MOST_SETS
    if (!isSimple || partOf(phase.kind) !== 'main') continue
    const edit: Edit = { kind: 'set-dose', item: item.id, dose: { ...planDose, sets: planDose.sets + 1 } }
    const then = harmless(now, edit, from, until)
    if (!then) continue
    now = then.plan
    seconds = then.seconds
    edits.push(edit)
    names.push(entry?.movement.name ?? prescription.name)
  }
  if (names.length === 0) return undefined
  return { kind: 'sets', edit: { kind: 'together', edits }, names, seconds }
}

/**
 * Ways to fill a class that is shorter than it promises: movements in which everybody has something to do, or one set more of those in its main
 * part. An offer leaves nobody with a stricter verdict than before and brings no new warning.
 */
export function fillOffers(from: Judged): FillOffer[] {
  if (toFill(from.plan, from.evaluation.timeline) === 0) return []
  const until = from.plan.promisedMinutes * 60 - SPARE_SECONDS
  return [movements(from, until), sets(from, until)].flatMap((offer) => offer ?? [])
}

/**
 * One movement for a quality that the class has none of, in the part where it belongs: the one that suits the group best. It leaves nobody with a
 * stricter verdict than before, gives everybody something to do, and brings no new warning.
 */
export function qualityOffer(from: Judged, quality: Quality): FillOffer | undefined {
  const { plan } = from
  const used = idsOf(plan)
  const item = freeId(used, 'q')
  for (const entry of fillers(from, undefined, quality)) {
    const wants = entry.movement.phase === 'any' ? 'main' : entry.movement.phase
    const phase = plan.phases.findLast(({ kind }) => partOf(kind) === wants) ?? plan.phases.findLast(({ kind }) => partOf(kind) === 'main')
    const block = phase?.blocks.findLast(({ format }) => format === 'straight')
    if (!block) continue
    const edit: Edit = { kind: 'add-item', block: block.id, at: block.items.length, item: { id: item, variant: entry.variant.id } }
    const then = harmless(plan, edit, from, Number.POSITIVE_INFINITY)
    if (then) return { kind: 'movements', edit, names: [`${entry.movement.name}, ${entry.variant.name.toLowerCase()}`], seconds: then.seconds }
  }
  return undefined
}
