import { qualityOf } from '../coverage'
import { isAvailable, type Judged, kitFew, placeGroup, roomWarnings, type Trouble, tracksFor, usedBy } from '../evaluate'
import { type CatalogueEntry, familyOf, isInOwnWheelchair, ladderOf } from '../movement'
import { type Block, type Edit, freeId, type Item, idsOf, type itemsOf, partOf, prescriptionOf } from '../plan'
import { secondsBy } from './changed'
import type { Step } from './choice'
import { PART_RPE, type Part } from './way'

/** What becomes of an item that does not fit as it is. */
export type Mending =
  /** nothing better was found: those who have nothing there rest */
  | { code: 'stays' }
  | { code: 'version'; from: string; to: string }
  | { code: 'instead'; from: string; to: string }
  | { code: 'levels-off' }
  | { code: 'own-versions-off' }
  | { code: 'out' }

export interface MendStep extends Step {
  item: string
  does: Mending
}

/** What is lost by a change, by how much of the plan a group notices: a house's order, of which COMPOSE gives the figures. */
const PRICE = { step: 0.3, changed: 0.2, crowd: 0.15, levelsOff: 0.2, instead: 1.5, out: 3, outOfEnd: 4, rest: 2.6 } as const
/** Of other movements the nearest are judged. */
const MOST_OTHERS = 16
/** Work may become so much longer than before for what is put in its place, s. */
const LONGER_SECONDS = 60

/** An item that does not fit, with where it stands. */
type Wanting = ReturnType<typeof itemsOf>[number]

/** How far another movement is from the one it stands in for, 0 to about 1.3: muscles first, then where it is done, its pattern and its effort. */
function distance(from: CatalogueEntry, to: CatalogueEntry): number {
  const shared = to.movement.main.filter((muscle) => from.movement.main.includes(muscle)).length
  const muscles = 1 - shared / Math.max(1, from.movement.main.length, to.movement.main.length)
  const pattern = to.movement.pattern.some((one) => from.movement.pattern.includes(one)) ? 0 : 1
  const place = familyOf(to.planned.basePosition) === familyOf(from.planned.basePosition) ? 0 : 1
  const effort = Math.min(1, Math.abs(to.planned.intendedRpe - from.planned.intendedRpe) / 4)
  const isOtherPurpose = to.movement.purpose === from.movement.purpose ? 0 : 1
  return 0.6 * muscles + 0.25 * place + 0.2 * pattern + 0.15 * effort + 0.1 * isOtherPurpose
}

/** A dose in the hands of another version: a load that was said for the one is not the other's, nor are versions of single sets. */
function carried({ dose }: Item): Pick<Item, 'dose'> {
  if (!dose) return {}
  const { loadKg: _load, eachSet, ...rest } = dose
  const sets = eachSet?.map(({ variant: _variant, loadKg: _kg, ...own }) => own)
  return { dose: { ...rest, ...(sets?.some((own) => Object.keys(own).length > 0) && { eachSet: sets }) } }
}

/** All that can be done with the items of a plan that do not fit. */
export class Workshop {
  private readonly people
  private readonly inPlan
  constructor(
    private readonly from: Judged,
    private readonly troubles: readonly Trouble[],
  ) {
    this.people = from.roster.people.filter(({ assessment }) => !assessment.closed)
    this.inPlan = new Set(from.evaluation.items.map(({ prescription }) => prescription.movement))
  }

  /** What is lost by another item in the place of one, judged for everybody by itself; undefined where it would not fit. */
  private judgedAs(entry: CatalogueEntry, item: Item, was: Item, block: Block): number | undefined {
    const { plan, catalogue } = this.from
    const inBlock = { ...block, items: block.items.map((one) => (one === was ? item : one)) } as Block
    const planned = prescriptionOf(item, inBlock, catalogue, plan.bpm)
    if (roomWarnings(plan.room, [planned], this.people).some(({ code }) => code !== 'outdoors')) return undefined
    const placements = placeGroup(this.people, planned, ladderOf(catalogue, entry.movement.id), plan.room)
    const { shown, assignment } = tracksFor(placements, plan.tracks, entry.variant.id)
    if (shown.length > plan.tracks || this.people.some((_, person) => assignment[person] === undefined)) return undefined
    const taken = this.people.map((_, person) => catalogue.byId.get(shown[assignment[person]!]!))
    if (kitFew(usedBy(taken), plan.room).length > 0) return undefined
    const changed = this.people.filter((_, person) => shown[assignment[person]!] !== entry.variant.id).length
    return PRICE.crowd * Math.max(0, shown.length - 1) + PRICE.changed * (changed / Math.max(1, this.people.length))
  }

  private step(item: Item, does: Mending, price: number, edits: readonly Edit[], brings: readonly string[] = []): MendStep[] {
    const seconds = secondsBy(this.from, edits)
    return seconds === undefined ? [] : [{ item: item.id, does, price, edits, brings, seconds }]
  }

  private otherVersions(item: Item, entry: CatalogueEntry, block: Block): MendStep[] {
    return ladderOf(this.from.catalogue, entry.movement.id)
      .filter((one) => one !== entry && isAvailable(one, this.from.plan.room))
      .flatMap((one) => {
        const { levels: _levels, ...plain } = item
        const next: Item = { ...plain, variant: one.variant.id, ...carried(item) }
        const loss = this.judgedAs(one, next, item, block)
        if (loss === undefined) return []
        const edit: Edit = { kind: 'set-variant', item: item.id, variant: one.variant.id, ...carried(item) }
        const levels: Edit[] = item.levels ? [{ kind: 'set-item', item: item.id, change: {}, unset: ['levels'] }] : []
        const does: Mending = { code: 'version', from: entry.variant.id, to: one.variant.id }
        return this.step(item, does, PRICE.step * Math.abs(one.step - entry.step) + loss, [...levels, edit])
      })
  }

  private otherMovements(item: Item, entry: CatalogueEntry, block: Block, part: Part): MendStep[] {
    const { catalogue, plan } = this.from
    const quality = qualityOf(entry.movement.purpose)
    const near = catalogue.entries
      .filter(
        (one) =>
          !this.inPlan.has(one.movement.id) &&
          qualityOf(one.movement.purpose) === quality &&
          // no harder and no harder a landing than what it stands in for, and no more than its part allows
          one.planned.intendedRpe <= Math.min(entry.planned.intendedRpe, PART_RPE[part]) &&
          one.planned.impactLevel <= entry.planned.impactLevel &&
          !isInOwnWheelchair(one) &&
          isAvailable(one, plan.room),
      )
      .map((one) => ({ one, away: distance(entry, one) }))
      .sort((a, b) => a.away - b.away || (a.one.variant.id < b.one.variant.id ? -1 : 1))
      .slice(0, MOST_OTHERS)
    const at = block.items.findIndex(({ id }) => id === item.id)
    const used = idsOf(plan)
    return near.flatMap(({ one, away }) => {
      const next: Item = {
        // the same id for every way of mending this item: only one of them is taken
        id: freeId(used, `${item.id.slice(0, 30)}-`),
        variant: one.variant.id,
        // where a block keeps the time of all, its dose does; a set is the library's
        ...(block.format !== 'straight' && carried(item)),
        ...(item.optional && { optional: true }),
        ...(item.asRest && { asRest: true }),
      }
      const loss = this.judgedAs(one, next, item, block)
      if (loss === undefined) return []
      const edits: Edit[] = [
        { kind: 'remove-item', item: item.id },
        { kind: 'add-item', block: block.id, at, item: next },
      ]
      const steps = this.step(item, { code: 'instead', from: entry.variant.id, to: one.variant.id }, PRICE.instead + away + loss, edits, [
        one.movement.id,
      ])
      // warming up and coming down never become shorter for it
      return steps.filter(({ seconds }) => seconds <= LONGER_SECONDS && (part === 'main' || seconds >= 0))
    })
  }

  /** Other movements in the place of an item. */
  othersFor({ phase, block, item }: Wanting): MendStep[] {
    const entry = item.variant === undefined ? undefined : this.from.catalogue.byId.get(item.variant)
    return entry ? this.otherMovements(item, entry, block, partOf(phase.kind)) : []
  }

  /** How many rest in it, of all who take part; undefined where it cannot stay at all. */
  private restingIn(item: string): number | undefined {
    let resting = 0
    for (const trouble of this.troubles.filter(({ items }) => items.includes(item))) {
      if (trouble.code !== 'nothing-for') return undefined
      resting++
    }
    return resting / Math.max(1, this.people.length)
  }

  /** What may become of an item without another movement in its place; as it is among it, where it may stay. */
  stepsOf({ phase, block, item }: Wanting): MendStep[] {
    const part = partOf(phase.kind)
    const entry = item.variant === undefined ? undefined : this.from.catalogue.byId.get(item.variant)
    const resting = this.restingIn(item.id)
    const outPrice = part === 'cool-down' ? PRICE.outOfEnd : PRICE.out
    const emptied: Edit = block.items.length === 1 ? { kind: 'remove-block', block: block.id } : { kind: 'remove-item', item: item.id }
    return [
      ...(resting === undefined ? [] : this.step(item, { code: 'stays' }, PRICE.rest + resting, [])),
      ...(item.levels
        ? this.step(item, { code: 'levels-off' }, PRICE.levelsOff, [{ kind: 'set-item', item: item.id, change: {}, unset: ['levels'] }])
        : []),
      ...(item.dose?.eachSet?.some(({ variant }) => variant !== undefined)
        ? this.step(item, { code: 'own-versions-off' }, PRICE.levelsOff, [{ kind: 'set-dose', item: item.id, dose: carried(item).dose }])
        : []),
      ...(entry ? this.otherVersions(item, entry, block) : []),
      ...this.step(item, { code: 'out' }, outPrice, [emptied]),
    ]
  }
}

const isMended = ({ does, price }: MendStep): boolean => does.code !== 'stays' && does.code !== 'out' && price < PRICE.instead

/** Steps of the items that do not fit; other movements are judged only for those that no nearer step mends, because judging them takes long. */
export class Choices {
  private readonly all: { wanting: Wanting; steps: MendStep[]; isWhole: boolean }[]
  constructor(
    private readonly workshop: Workshop,
    parts: readonly Wanting[],
  ) {
    this.all = parts.map((wanting) => ({ wanting, steps: workshop.stepsOf(wanting), isWhole: false }))
  }

  without(fallen: ReadonlySet<MendStep>): void {
    for (const part of this.all) part.steps = part.steps.filter((step) => !fallen.has(step))
  }

  steps(): MendStep[][] {
    return this.all.map((part) => {
      if (!part.isWhole && !part.steps.some(isMended)) {
        part.steps = [...part.steps, ...this.workshop.othersFor(part.wanting)]
        part.isWhole = true
      }
      return part.steps
    })
  }
}
