import type { Dose } from '../movement'
import type { Block, Item, PlanDraft } from './plan'

/** One change of a plan, serialisable, so that undo, autosave and the trail of changes are one mechanism. */
export type Edit =
  | { kind: 'add-item'; block: string; at: number; item: Item }
  | { kind: 'remove-item'; item: string }
  | { kind: 'move-item'; item: string; toBlock: string; at: number }
  | { kind: 'set-variant'; item: string; variant: string; dose?: Dose }
  | { kind: 'set-dose'; item: string; dose: Dose | undefined }
  /** parts of a dose on top of the item's own, or of `otherwise` while it has none; two in a row both hold */
  | { kind: 'change-dose'; item: string; part: Partial<Dose>; otherwise: Dose }
  | { kind: 'set-block'; block: string; change: Partial<Omit<Block, 'id' | 'items'>> }
  /** several as one step, for undo too */
  | { kind: 'together'; edits: Edit[] }
  | { kind: 'set-plan'; change: Partial<Pick<PlanDraft, 'title' | 'promisedMinutes' | 'tracks' | 'room' | 'school'>> }

/** An edit names something that is not in the plan. */
export class EditError extends Error {
  constructor(
    readonly edit: Edit,
    readonly missing: string,
  ) {
    super(`${edit.kind}: the plan has no "${missing}"`)
    this.name = 'EditError'
  }
}

const place = (plan: PlanDraft, itemId: string): { block: Block; at: number } | undefined => {
  for (const phase of plan.phases) {
    for (const block of phase.blocks) {
      const at = block.items.findIndex((item) => item.id === itemId)
      if (at >= 0) return { block, at }
    }
  }
  return undefined
}

const mapBlocks = (plan: PlanDraft, change: (block: Block) => Block): PlanDraft => ({
  ...plan,
  phases: plan.phases.map((phase) => ({ ...phase, blocks: phase.blocks.map(change) })),
})

const inBlock = (plan: PlanDraft, blockId: string, change: (items: Item[]) => Item[]): PlanDraft =>
  mapBlocks(plan, (block) => (block.id === blockId ? { ...block, items: change(block.items) } : block))

const insert = (items: readonly Item[], at: number, item: Item) => [...items.slice(0, at), item, ...items.slice(at)]

const picked = <T extends object>(from: T, keys: readonly string[]) =>
  Object.fromEntries(keys.map((key) => [key, from[key as keyof T]])) as Partial<T>

/**
 * Applies one edit and gives the edit that takes it back: `applyEdit(applyEdit(p, e).plan, inverse).plan` equals `p`.
 *
 * @throws EditError when the edit names a block or item that is not there
 */
export function applyEdit(plan: PlanDraft, edit: Edit): { plan: PlanDraft; inverse: Edit } {
  const find = (itemId: string) => {
    const found = place(plan, itemId)
    if (!found) throw new EditError(edit, itemId)
    return { ...found, item: found.block.items[found.at]! }
  }
  const blockOf = (blockId: string) => {
    const block = plan.phases.flatMap((phase) => phase.blocks).find(({ id }) => id === blockId)
    if (!block) throw new EditError(edit, blockId)
    return block
  }
  switch (edit.kind) {
    case 'add-item':
      blockOf(edit.block)
      return { plan: inBlock(plan, edit.block, (items) => insert(items, edit.at, edit.item)), inverse: { kind: 'remove-item', item: edit.item.id } }
    case 'remove-item': {
      const { block, at, item } = find(edit.item)
      return {
        plan: inBlock(plan, block.id, (items) => items.filter(({ id }) => id !== edit.item)),
        inverse: { kind: 'add-item', block: block.id, at, item },
      }
    }
    case 'move-item': {
      const { block, at, item } = find(edit.item)
      blockOf(edit.toBlock)
      const without = inBlock(plan, block.id, (items) => items.filter(({ id }) => id !== edit.item))
      return {
        plan: inBlock(without, edit.toBlock, (items) => insert(items, edit.at, item)),
        inverse: { kind: 'move-item', item: edit.item, toBlock: block.id, at },
      }
    }
    case 'set-variant': {
      const { block, item } = find(edit.item)
      if (item.variant === undefined) throw new EditError(edit, 'library variant')
      const next: Item = { ...item, variant: edit.variant, dose: edit.dose }
      if (edit.dose === undefined) delete next.dose
      return {
        plan: inBlock(plan, block.id, (items) => items.map((one) => (one.id === item.id ? next : one))),
        inverse: { kind: 'set-variant', item: item.id, variant: item.variant, ...(item.dose && { dose: item.dose }) },
      }
    }
    case 'set-dose': {
      const { block, item } = find(edit.item)
      const { dose, ...rest } = item
      const next: Item = edit.dose ? { ...rest, dose: edit.dose } : rest
      return {
        plan: inBlock(plan, block.id, (items) => items.map((one) => (one.id === item.id ? next : one))),
        inverse: { kind: 'set-dose', item: item.id, dose },
      }
    }
    case 'change-dose': {
      const { item } = find(edit.item)
      return applyEdit(plan, { kind: 'set-dose', item: item.id, dose: { ...(item.dose ?? edit.otherwise), ...edit.part } })
    }
    case 'set-block': {
      const before = blockOf(edit.block)
      return {
        plan: mapBlocks(plan, (block) => (block.id === edit.block ? { ...block, ...edit.change } : block)),
        inverse: { kind: 'set-block', block: edit.block, change: picked(before, Object.keys(edit.change)) },
      }
    }
    case 'together': {
      let after = plan
      const inverses = edit.edits.map((one) => {
        const step = applyEdit(after, one)
        after = step.plan
        return step.inverse
      })
      return { plan: after, inverse: { kind: 'together', edits: inverses.reverse() } }
    }
    case 'set-plan':
      return { plan: { ...plan, ...edit.change }, inverse: { kind: 'set-plan', change: picked(plan, Object.keys(edit.change)) } }
  }
}
