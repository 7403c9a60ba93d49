import { coverageOf } from '../coverage'
import { familyOf } from '../movement'
import { type Block, type BlockFormat, type Edit, kitKey, type Prescription, prescriptionsIn } from '../plan'
import { harmless, type Judged } from './harmless'

/** Another order of the movements within their blocks, as one edit that can be undone. */
export interface OrderOffer {
  kind: 'kit' | 'position'
  edit: Edit
  /** changes of kit, or of position, now and then */
  from: number
  to: number
  /** of the class then, s */
  seconds: number
}

/** Formats in which the order is a matter of the way, not of what is taught. */
const FREE_ORDER: ReadonlySet<BlockFormat> = new Set(['straight', 'stations', 'circuit'])

const keyOf = {
  kit: kitKey,
  position: (item: Prescription) => familyOf(item.demands.basePosition),
}

/** Items with the same key together, in the order in which the keys come first; nothing where they are already. */
function grouped(block: Block, items: readonly Prescription[], key: (item: Prescription) => string): Edit[] {
  const own = items.filter(({ item }) => block.items.some(({ id }) => id === item.id))
  const keys = [...new Set(own.map(key))]
  const wanted = own.toSorted((a, b) => keys.indexOf(key(a)) - keys.indexOf(key(b))).map(({ item }) => item.id)
  if (wanted.every((id, at) => id === block.items[at]?.id)) return []
  return wanted.map((id, at): Edit => ({ kind: 'move-item', item: id, toBlock: block.id, at }))
}

/**
 * Orders with fewer changes of kit or of position. An offer leaves nobody with a stricter verdict than before, brings no new warning, no more changes of
 * the other kind, and no more hard work for the same muscles one after the other.
 */
export function orderOffers(from: Judged): OrderOffer[] {
  const { plan, evaluation, catalogue } = from
  const hardAgain = (hints: readonly { code: string }[]) => hints.filter(({ code }) => code === 'same-muscles').length
  const items = evaluation.items.map(({ prescription }) => prescription)
  const before = coverageOf(plan, items, evaluation.timeline)
  return (['kit', 'position'] as const).flatMap((kind): OrderOffer[] => {
    const edits = plan.phases.flatMap(({ blocks }) =>
      blocks.flatMap((block) => (FREE_ORDER.has(block.format) ? grouped(block, prescriptionsIn(block, catalogue, plan.bpm), keyOf[kind]) : [])),
    )
    if (edits.length === 0) return []
    const edit: Edit = { kind: 'together', edits }
    const then = harmless(plan, edit, from, Number.POSITIVE_INFINITY)
    if (!then) return []
    const after = coverageOf(
      then.plan,
      then.evaluation.items.map(({ prescription }) => prescription),
      then.evaluation.timeline,
    )
    const [now, next] = kind === 'kit' ? [before.kitMoves, after.kitMoves] : [before.positionChanges, after.positionChanges]
    const [other, otherNext] = kind === 'kit' ? [before.positionChanges, after.positionChanges] : [before.kitMoves, after.kitMoves]
    if (next >= now || otherNext > other || hardAgain(after.hints) > hardAgain(before.hints)) return []
    return [{ kind, edit, from: now, to: next, seconds: then.seconds }]
  })
}
