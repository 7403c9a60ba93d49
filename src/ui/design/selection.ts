import { type Block, type Item, type Phase, type PlanDose, type PlanDraft, type SaidDose, wholeItem } from '@/core/plan'

/** What the inspector speaks of; undefined = of the class as a whole. */
export type Selected =
  | { kind: 'item'; item: string }
  | { kind: 'cell'; item: string; person: string }
  | { kind: 'block'; block: string }
  | { kind: 'phase'; phase: string }
  | { kind: 'add'; block: string; at: number }

/** What can be done in the table of the plan. */
export interface TableIntents {
  onSelect: (selected: Selected) => void
  onDose: (item: string, said: SaidDose, otherwise: PlanDose) => void
  /** one step along the ladder */
  onStep: (item: string, to: 'gentler' | 'harder') => void
  onMove: (item: string, by: -1 | 1) => void
  /** to where another item, or the head of a block, is */
  onDrop: (item: string, over: string) => void
  onRemove: (item: string) => void
}

export interface Place {
  phase: Phase
  phaseAt: number
  block: Block
  blockAt: number
}

/** Where a block stands; undefined when the plan has none of that id. */
export function blockPlace(plan: PlanDraft, id: string): Place | undefined {
  for (const [phaseAt, phase] of plan.phases.entries()) {
    const blockAt = phase.blocks.findIndex((block) => block.id === id)
    const block = phase.blocks[blockAt]
    if (block) return { phase, phaseAt, block, blockAt }
  }
  return undefined
}

/** Where an item stands, and the item; what stands for some of its sets is found there too. */
export function itemPlace(plan: PlanDraft, row: string): (Place & { at: number; item: Item }) | undefined {
  const id = wholeItem(row)
  for (const [phaseAt, phase] of plan.phases.entries())
    for (const [blockAt, block] of phase.blocks.entries()) {
      const at = block.items.findIndex((item) => item.id === id)
      const item = block.items[at]
      if (item) return { phase, phaseAt, block, blockAt, at, item }
    }
  return undefined
}

/** Whether what is selected is still in the plan: an undo can take it away. */
export function stillThere(plan: PlanDraft, selected: Selected): boolean {
  switch (selected.kind) {
    case 'item':
    case 'cell':
      return itemPlace(plan, selected.item) !== undefined
    case 'block':
    case 'add':
      return blockPlace(plan, selected.block) !== undefined
    case 'phase':
      return plan.phases.some(({ id }) => id === selected.phase)
  }
}

/** Where a new movement goes: after what is selected, else to the end of the main part. */
export function placeToAdd(plan: PlanDraft, selected: Selected | undefined): { block: string; at: number } | undefined {
  if (selected?.kind === 'item' || selected?.kind === 'cell') {
    const place = itemPlace(plan, selected.item)
    if (place) return { block: place.block.id, at: place.at + 1 }
  }
  if (selected?.kind === 'block' || selected?.kind === 'add') {
    const place = blockPlace(plan, selected.block)
    if (place && place.block.format !== 'quiet') return { block: place.block.id, at: place.block.items.length }
  }
  const fillable = ({ blocks }: Phase) => blocks.filter(({ format }) => format !== 'quiet')
  const wanted = plan.phases.filter(({ id, kind }) => (selected?.kind === 'phase' ? id === selected.phase : kind === 'main'))
  const block = wanted.flatMap(fillable).at(-1) ?? plan.phases.flatMap(fillable)[0]
  return block && { block: block.id, at: block.items.length }
}

/** A new id for a part of a plan. */
export const freshId = (kind: 'i' | 'b' | 'p'): string => `${kind}-${crypto.randomUUID().slice(0, 8)}`
