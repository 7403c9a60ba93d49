import { type Block, type Item, itemsOf, type Phase, type PlanDose, type PlanDraft, type SaidDose, wholeItem } from '@/core/plan'

/** What the inspector speaks of; undefined = of the class as a whole. */
export type Selected =
  | { kind: 'item'; item: string }
  /** several items, in their order, at least two */
  | { kind: 'many'; items: string[] }
  | { kind: 'cell'; item: string; person: string }
  | { kind: 'block'; block: string }
  | { kind: 'phase'; phase: string }
  | { kind: 'add'; block: string; at: number }

/** All from what is selected up to it, or it beside what is selected, or no longer. */
export type More = 'up-to' | 'beside'

/** What can be done in the table of the plan. */
export interface TableIntents {
  onSelect: (selected: Selected, more?: More) => void
  onDose: (item: string, said: SaidDose, otherwise: PlanDose) => void
  /** one step along the ladder */
  onStep: (item: string, to: 'gentler' | 'harder') => void
  onMove: (item: string, by: -1 | 1) => void
  /** to where another item, or the head of a block, is */
  onDrop: (item: string, over: string) => void
  /** a block with its items, to where another is */
  onDropBlock: (block: string, over: string) => void
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
    case 'many':
      return selected.items.every((item) => itemPlace(plan, item) !== undefined)
    case 'block':
    case 'add':
      return blockPlace(plan, selected.block) !== undefined
    case 'phase':
      return plan.phases.some(({ id }) => id === selected.phase)
  }
}

/** Several items in the order of the plan; one is one, and none is none. */
export function manyOf(plan: PlanDraft, ids: ReadonlySet<string>): Selected | undefined {
  const items = itemsOf(plan).flatMap(({ item }) => (ids.has(item.id) ? [item.id] : []))
  const [first] = items
  if (first === undefined) return undefined
  return items.length === 1 ? { kind: 'item', item: first } : { kind: 'many', items }
}

const itemsIn = (selected: Selected | undefined): string[] =>
  selected?.kind === 'many' ? selected.items : selected?.kind === 'item' || selected?.kind === 'cell' ? [wholeItem(selected.item)] : []

/** An item taken in beside what is selected. */
export function withMore(plan: PlanDraft, selected: Selected | undefined, row: string, more: More): Selected | undefined {
  const item = wholeItem(row)
  const have = itemsIn(selected)
  if (have.length === 0) return { kind: 'item', item }
  if (more === 'beside') return manyOf(plan, new Set(have.includes(item) ? have.filter((id) => id !== item) : [...have, item]))
  const order = itemsOf(plan).map((one) => one.item.id)
  const to = order.indexOf(item)
  const [from, until] = [order.indexOf(have[0]!), order.indexOf(have.at(-1)!)]
  // from the end that stays
  const anchor = to >= from ? from : until
  return manyOf(plan, new Set(order.slice(Math.min(anchor, to), Math.max(anchor, to) + 1)))
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
export const freshId = (kind: 'i' | 'b' | 'p' | 't'): string => `${kind}-${crypto.randomUUID().slice(0, 8)}`
