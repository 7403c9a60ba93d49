import type { Catalogue } from '../movement'
import { type Prescription, prescriptionOf } from '../plan'
import { isAbove, judgePlanned, type Placement, type Placing } from './options'
import { withOwnLoad } from './ownLoads'
import { type Tracks, tracksFor } from './tracks'

/** One of the versions of an item that are offered side by side. */
export interface Level {
  /** library variant */
  id: string
  /** one per person: whether they may choose it, as it is or adjusted */
  may: boolean[]
}

const known = new WeakMap<Prescription, Prescription[]>()
/** The levels of an item as they are judged: each at the item's dose and place. The same for the same item. */
function levelItems(planned: Prescription, catalogue: Catalogue, bpm: number | undefined): Prescription[] {
  let levels = known.get(planned)
  if (!levels) {
    const { item, block } = planned
    levels = (item.levels ?? []).map((variant) => {
      if (variant === item.variant) return planned
      const other = { ...item, variant }
      const inBlock = { ...block, items: block.items.map((one) => (one.id === item.id ? other : one)) } as typeof block
      return prescriptionOf(other, inBlock, catalogue, bpm)
    })
    known.set(planned, levels)
  }
  return levels
}

/** Who may choose which level of an item. */
export function levelsFor(people: readonly Placing[], planned: Prescription, catalogue: Catalogue, bpm: number | undefined): Level[] {
  return levelItems(planned, catalogue, bpm).map((level) => ({
    id: level.entry?.variant.id ?? level.movement,
    may: people.map(({ assessment, place, ownLoads, notAbove }) => {
      if (assessment.closed || (level.entry && isAbove(level.entry, notAbove?.[level.movement]))) return false
      const { verdict } = judgePlanned(assessment, withOwnLoad(level, ownLoads), place?.at)
      return verdict === 'as-planned' || verdict === 'modify'
    }),
  }))
}

/**
 * Versions of an item with levels: all levels are shown, and everybody is given the one of them that keeps most of what was planned; who may do none of
 * them has the best other version.
 */
export function levelTracks(placements: readonly Placement[], levels: readonly Level[], most: number, plannedId: string): Tracks {
  const ids = new Set(levels.map(({ id }) => id))
  const within = placements.map(({ judgement, options }): Placement => ({ judgement, options: options.filter(({ id }) => ids.has(id)) }))
  const without = placements.map((placement, index): Placement => (within[index]!.options.length > 0 ? { ...placement, options: [] } : placement))
  const others = tracksFor(without, most, plannedId)
  const shown = [...levels.map(({ id }) => id), ...others.shown]
  let totalLoss = others.totalLoss
  const assignment = placements.map((_, person) => {
    // least loss first
    const [best] = within[person]!.options
    const other = others.assignment[person]
    if (!best) return other === undefined ? undefined : levels.length + other
    totalLoss += best.loss
    return levels.findIndex(({ id }) => id === best.id)
  })
  return { shown, assignment, totalLoss }
}
