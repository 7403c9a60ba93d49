import { applyEdit, type Edit, type PlanDraft } from '@/core/plan'
import { blockPlace, itemPlace } from './selection'

/** An item one place earlier or later: out of its block into the next where it stands at the end of it. */
export function movedItem(plan: PlanDraft, item: string, by: -1 | 1): Edit | undefined {
  const place = itemPlace(plan, item)
  if (!place) return undefined
  const to = place.at + by
  if (to >= 0 && to < place.block.items.length) return { kind: 'move-item', item: place.item.id, toBlock: place.block.id, at: to }
  const blocks = plan.phases.flatMap(({ blocks: own }) => own.filter(({ format }) => format !== 'quiet'))
  const next = blocks[blocks.findIndex(({ id }) => id === place.block.id) + by]
  return next && { kind: 'move-item', item: place.item.id, toBlock: next.id, at: by > 0 ? 0 : next.items.length }
}

/** An item put down on another, whose place it takes, or on the head of a block, where it comes first. */
export function droppedItem(plan: PlanDraft, item: string, over: string): Edit | undefined {
  const target = itemPlace(plan, over)
  const block = target?.block ?? blockPlace(plan, over)?.block
  const from = itemPlace(plan, item)
  if (!from || !block || block.format === 'quiet') return undefined
  return { kind: 'move-item', item: from.item.id, toBlock: block.id, at: target?.at ?? 0 }
}

/** Several items one place earlier or later, in their order; nothing where the first of them cannot. */
export function movedItems(plan: PlanDraft, items: readonly string[], by: -1 | 1): Edit | undefined {
  const edits: Edit[] = []
  let now = plan
  for (const item of by < 0 ? items : items.toReversed()) {
    const edit = movedItem(now, item, by)
    if (!edit) return undefined
    edits.push(edit)
    now = applyEdit(now, edit).plan
  }
  return { kind: 'together', edits }
}

/** A block put down on another, or on an item of it, whose place it takes. */
export function droppedBlock(plan: PlanDraft, block: string, over: string): Edit | undefined {
  const target = blockPlace(plan, itemPlace(plan, over)?.block.id ?? over)
  if (!target || !blockPlace(plan, block) || target.block.id === block) return undefined
  return { kind: 'move-block', block, toPhase: target.phase.id, at: target.blockAt }
}

/** A block one place earlier or later, out of its phase into the next at its end. */
export function movedBlock(plan: PlanDraft, block: string, by: -1 | 1): Edit | undefined {
  const place = blockPlace(plan, block)
  if (!place) return undefined
  const to = place.blockAt + by
  if (to >= 0 && to < place.phase.blocks.length) return { kind: 'move-block', block, toPhase: place.phase.id, at: to }
  const next = plan.phases[place.phaseAt + by]
  return next && { kind: 'move-block', block, toPhase: next.id, at: by > 0 ? 0 : next.blocks.length }
}

export function movedPhase(plan: PlanDraft, phase: string, by: -1 | 1): Edit | undefined {
  const at = plan.phases.findIndex(({ id }) => id === phase) + by
  return at >= 0 && at < plan.phases.length ? { kind: 'move-phase', phase, at } : undefined
}
