import type { Block, BlockFormat, Edit, PhaseKind, PlanDraft } from '@/core/plan'
import { newBlock } from './newBlock'
import { blockPlace, freshId, itemPlace } from './selection'

/** An item one place earlier or later: out of its block into the next where it stands at the end of it. */
export function movedItem(plan: PlanDraft, item: string, by: -1 | 1): Edit | undefined {
  const place = itemPlace(plan, item)
  if (!place) return undefined
  const to = place.at + by
  if (to >= 0 && to < place.block.items.length) return { kind: 'move-item', item, toBlock: place.block.id, at: to }
  const blocks = plan.phases.flatMap(({ blocks: own }) => own.filter(({ format }) => format !== 'quiet'))
  const next = blocks[blocks.findIndex(({ id }) => id === place.block.id) + by]
  return next && { kind: 'move-item', item, toBlock: next.id, at: by > 0 ? 0 : next.items.length }
}

/** An item put down on another, whose place it takes, or on the head of a block, where it comes first. */
export function droppedItem(plan: PlanDraft, item: string, over: string): Edit | undefined {
  const target = itemPlace(plan, over)
  const block = target?.block ?? blockPlace(plan, over)?.block
  if (!itemPlace(plan, item) || !block || block.format === 'quiet') return undefined
  return { kind: 'move-item', item, toBlock: block.id, at: target?.at ?? 0 }
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

/** An item once more, right after it. */
export function copiedItem(plan: PlanDraft, item: string): { edit: Edit; id: string } | undefined {
  const place = itemPlace(plan, item)
  const source = place?.block.items[place.at]
  if (!place || !source) return undefined
  const id = freshId('i')
  return { edit: { kind: 'add-item', block: place.block.id, at: place.at + 1, item: { ...source, id } }, id }
}

/** A block once more, with its items, right after it. */
export function copiedBlock(plan: PlanDraft, block: string): { edit: Edit; id: string } | undefined {
  const place = blockPlace(plan, block)
  if (!place) return undefined
  const id = freshId('b')
  const copy = { ...place.block, id, items: place.block.items.map((item) => ({ ...(item as object), id: freshId('i') })) } as Block
  return { edit: { kind: 'add-block', phase: place.phase.id, at: place.blockAt + 1, block: copy }, id }
}

/** A new block after another, or at the end of a phase. */
export function addedBlock(
  plan: PlanDraft,
  where: { after: string } | { phase: string },
  format: BlockFormat,
): { edit: Edit; id: string } | undefined {
  const id = freshId('b')
  const block = newBlock(id, format)
  if ('phase' in where) {
    const phase = plan.phases.find((one) => one.id === where.phase)
    return phase && { edit: { kind: 'add-block', phase: phase.id, at: phase.blocks.length, block }, id }
  }
  const place = blockPlace(plan, where.after)
  return place && { edit: { kind: 'add-block', phase: place.phase.id, at: place.blockAt + 1, block }, id }
}

/** A new part after another, with one block to fill. */
export function addedPhase(plan: PlanDraft, after: string, kind: PhaseKind): { edit: Edit; id: string } {
  const id = freshId('p')
  const at = plan.phases.findIndex((phase) => phase.id === after) + 1
  return { edit: { kind: 'add-phase', at, phase: { id, kind, title: '', blocks: [newBlock(freshId('b'), 'straight')] } }, id }
}
