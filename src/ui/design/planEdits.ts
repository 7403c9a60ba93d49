import {
  type Block,
  type BlockFormat,
  type Edit,
  type Item,
  isSetVersion,
  movementIdOf,
  type PhaseKind,
  type PlanDraft,
  setVersionId,
  setVersions,
} from '@/core/plan'
import { newBlock } from './newBlock'
import { blockPlace, freshId, itemPlace } from './selection'

/** An item once more, right after it. */
export function copiedItem(plan: PlanDraft, item: string): { edit: Edit; id: string } | undefined {
  const place = itemPlace(plan, item)
  if (!place) return undefined
  const id = freshId('i')
  return { edit: { kind: 'add-item', block: place.block.id, at: place.at + 1, item: { ...place.item, id } }, id }
}

/** Another version for a row: of the item, or of the sets that the row stands for. */
export function changedVersion(plan: PlanDraft, row: string, variant: string): Edit | undefined {
  const item = itemPlace(plan, row)?.item
  if (!item) return undefined
  if (!isSetVersion(row)) return { kind: 'set-variant', item: item.id, variant, ...(item.dose && { dose: item.dose }) }
  const was = setVersions(item).find((_, at) => setVersionId(item.id, at) === row)
  return eachSetChanged(item, (one) => (one.variant === was ? { ...one, variant } : one))
}

/** A row taken out: the item, or the version of the sets that the row stands for, which are then like the others. */
export function removedRow(plan: PlanDraft, row: string): Edit | undefined {
  const item = itemPlace(plan, row)?.item
  if (!item) return undefined
  if (!isSetVersion(row)) return { kind: 'remove-item', item: item.id }
  const was = setVersions(item).find((_, at) => setVersionId(item.id, at) === row)
  return eachSetChanged(item, ({ variant, ...one }) => (variant === was || variant === undefined ? one : { ...one, variant }))
}

type OwnSet = NonNullable<NonNullable<Item['dose']>['eachSet']>[number]
function eachSetChanged({ id, dose }: Item, change: (one: OwnSet) => OwnSet): Edit | undefined {
  return dose?.eachSet && { kind: 'set-dose', item: id, dose: { ...dose, eachSet: dose.eachSet.map(change) } }
}

/** Several items once more, after the last of them. */
export function copiedItems(plan: PlanDraft, items: readonly string[]): Edit | undefined {
  const last = itemPlace(plan, items.at(-1) ?? '')
  if (!last) return undefined
  const edits = items.flatMap((id, index): Edit[] => {
    const place = itemPlace(plan, id)
    return place ? [{ kind: 'add-item', block: last.block.id, at: last.at + 1 + index, item: { ...place.item, id: freshId('i') } }] : []
  })
  return { kind: 'together', edits }
}

/** An item with levels. */
export function offeredLevels(plan: PlanDraft, row: string, levels: string[] | undefined): Edit | undefined {
  const item = itemPlace(plan, row)?.item
  return item && levels && { kind: 'set-item', item: item.id, change: { levels } }
}

/** Another version in the place of an item: of the same movement with its dose, of another one at the dose of the library. */
export function plannedInstead(plan: PlanDraft, row: string, variant: string): Edit | undefined {
  const place = itemPlace(plan, row)
  if (!place) return undefined
  const { item, block, at } = place
  if (movementIdOf(item) === movementIdOf({ variant })) return changedVersion(plan, row, variant)
  return {
    kind: 'together',
    edits: [
      { kind: 'remove-item', item: item.id },
      { kind: 'add-item', block: block.id, at, item: { id: freshId('i'), variant, ...(item.optional && { optional: true }) } },
    ],
  }
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

/** Movements of a block, by id. */
export const movementsIn = (block: Block): string[] => [...new Set(block.items.flatMap((item) => movementIdOf(item) ?? []))]

/** What of the plan changes when the group is said to know a movement, or to be shown it again. */
export const knownSet = (plan: PlanDraft, movement: string, known: boolean): Pick<PlanDraft, 'familiar' | 'showAgain'> => {
  const without = (list: readonly string[]) => list.filter((one) => one !== movement)
  return known
    ? { familiar: [...without(plan.familiar), movement], showAgain: without(plan.showAgain) }
    : { familiar: without(plan.familiar), showAgain: [...without(plan.showAgain), movement] }
}
