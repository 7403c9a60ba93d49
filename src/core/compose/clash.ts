import { kitFew, placeGroup, type Roster } from '../evaluate'
import { type Catalogue, type CatalogueEntry, ladderOf } from '../movement'
import { aloneInBlock, type Plan, prescriptionOf } from '../plan'
import type { ClassBrief } from './brief'
import type { Model, Row, Solver } from './lp'
import { type KeptOut, keptOut } from './ways'

/** Wishes in the order in which people hold on to them: what is tried last remains in the set. */
const HELD_ON_TO = ['warm-up', 'cool-down', 'minutes', 'trips to the floor', 'changes of position', 'new movements']
const rank = (wish: string): number => (wish.startsWith('pinned ') ? -1 : HELD_ON_TO.indexOf(wish))

const isPossible = (model: Model, rows: Row[], solver: Solver): boolean => {
  const trial = { columns: model.columns.map((column) => ({ ...column, cost: 0 })), rows }
  if (solver(trial, { relaxed: true }).status === 'infeasible') return false
  // a search that ends without an answer is not known, and never said to be impossible
  return solver(trial, { target: 0, nodes: 2000 }).status !== 'infeasible'
}

/**
 * A smallest set of wishes that cannot be kept together: without any one of them there is a class. Empty when not even a class without wishes can be
 * built of these ways, or when it is not known.
 */
export function clashOf(model: Model, solver: Solver): string[] {
  const wishes = [...new Set(model.rows.flatMap(({ wish }) => wish ?? []))].sort((a, b) => rank(b) - rank(a))
  const keeping = (kept: readonly string[]) => model.rows.filter(({ wish }) => wish === undefined || kept.includes(wish))
  if (!isPossible(model, keeping([]), solver)) return []
  let kept = wishes
  for (const wish of wishes) {
    const without = kept.filter((one) => one !== wish)
    if (!isPossible(model, keeping(without), solver)) kept = without
  }
  return isPossible(model, keeping(kept), solver) ? [] : kept
}

/** By how much each wish of a clash gives way in the nearest class there is. */
export interface Concession {
  wish: string
  /** in the unit of the wish: minutes, trips, movements; 0 = it is kept */
  by: number
}

/** What a minute, a trip or a movement of each wish costs: a warm-up that this group needs is the last thing to give way. */
const priceOf = (wish: string): number =>
  wish === 'warm-up' || wish === 'cool-down' ? 100 : wish === 'trips to the floor' ? 3 : wish.startsWith('pinned ') ? 5 : 1

/** Once more, with the wishes of the clash able to give way at a price. */
export function nearest(model: Model, clash: readonly string[], solver: Solver): Concession[] {
  const columns = model.columns.map((column) => ({ ...column, cost: 0 }))
  const slackOf = new Map<string, number[]>()
  const rows = model.rows.map((row): Row => {
    if (row.wish === undefined || !clash.includes(row.wish)) return row
    const terms: Row['terms'] = [...row.terms]
    const slack = (coefficient: number) => {
      columns.push({ name: `gives way: ${row.wish}`, cost: -priceOf(row.wish!), lower: 0, upper: 1000, isInteger: false })
      terms.push([columns.length - 1, coefficient])
      slackOf.set(row.wish!, [...(slackOf.get(row.wish!) ?? []), columns.length - 1])
    }
    if (Number.isFinite(row.lower)) slack(1)
    if (Number.isFinite(row.upper)) slack(-1)
    return { ...row, terms }
  })
  const solved = solver({ columns, rows }, { gap: 0.01, nodes: 2000 })
  return clash.map((wish) => ({
    wish,
    by: Math.round((slackOf.get(wish) ?? []).reduce((sum, column) => sum + (solved.x?.[column] ?? 0), 0) * 10) / 10,
  }))
}

/** Why a movement that is wished for has no way in this class. */
export type NoWay =
  | { code: 'unknown' }
  | { code: 'banned' }
  | { code: 'place' }
  | { code: 'kit' }
  | { code: 'effort'; rpe: number }
  | { code: 'resting' }
  /** no version that these may take, or no number of versions side by side that serves all */
  | { code: 'people'; names: string[] }

/** The first reason that leaves nothing of a movement, in the order in which ways are sorted out. */
export function noWayFor(movement: string, brief: ClassBrief, plan: Plan, roster: Roster, catalogue: Catalogue): NoWay {
  const ladder = ladderOf(catalogue, movement)
  if (ladder.length === 0) return { code: 'unknown' }
  if (brief.banned.includes(movement)) return { code: 'banned' }
  const kept = ladder.map((entry) => ({ entry, out: keptOut(entry, brief, plan) }))
  const at = (stage: KeptOut) => kept.filter(({ out }) => out === stage).map(({ entry }) => entry)
  const easy = kept.filter(({ out }) => out === undefined || out === 'resting').map(({ entry }) => entry)
  if (easy.length === 0) {
    const hard = at('effort')
    if (hard.length > 0) return { code: 'effort', rpe: Math.min(...hard.map(({ planned }) => planned.intendedRpe)) }
    return { code: at('kit').length > 0 ? 'kit' : 'place' }
  }
  const people = roster.people.filter(({ assessment }) => !assessment.closed)
  const without = people.filter((_, person) =>
    easy.every((entry) => {
      const { item, block } = aloneInBlock(entry.variant.id)
      return placeGroup(people, prescriptionOf(item, block, catalogue), ladder, plan.room)[person]!.options.length === 0
    }),
  )
  if (without.length > 0) return { code: 'people', names: without.map(({ name }) => name) }
  const isForFew = (entry: CatalogueEntry) =>
    kitFew(
      people.map(() => entry.variant.kit),
      plan.room,
    ).length > 0
  if (easy.every(isForFew)) return { code: 'kit' }
  return easy.length === at('resting').length ? { code: 'resting' } : { code: 'people', names: [] }
}
