import { type PlanDose, planDoseSchema } from './dose'
import type { Block } from './formats'
import type { Item } from './item'
import type { Phase, PlanDraft } from './plan'

type Keys<T> = T extends unknown ? keyof T : never
/** Any field of any format but what a block is and holds. */
export type BlockField = Exclude<Keys<Block>, 'id' | 'items' | 'format'>
/** A block's frame: everything but its items. */
export type Frame = Block extends infer B ? (B extends Block ? Omit<B, 'items'> : never) : never
const PLAN_FIELDS = [
  'title',
  'promisedMinutes',
  'tracks',
  'iCount',
  'room',
  'school',
  'ceilingBpm',
  'bpm',
  'playlist',
  'familiar',
  'showAgain',
] as const
type PlanFields = Pick<PlanDraft, (typeof PLAN_FIELDS)[number]>
type PhaseFields = Pick<Phase, 'kind' | 'title'>
type ItemFields = Pick<Item, 'note' | 'optional' | 'asRest' | 'levels'>

/** Fields that take new values, and those that are said no longer: both survive being stored. */
export interface Change<T> {
  change: Partial<T>
  unset?: readonly (keyof T)[]
}

/** One change of a plan, serialisable, so that undo, autosave and the trail of changes are one mechanism. */
export type Edit =
  | { kind: 'add-item'; block: string; at: number; item: Item }
  | { kind: 'remove-item'; item: string }
  | { kind: 'move-item'; item: string; toBlock: string; at: number }
  | ({ kind: 'set-item'; item: string } & Change<ItemFields>)
  | { kind: 'set-variant'; item: string; variant: string; dose?: PlanDose }
  | { kind: 'set-dose'; item: string; dose: PlanDose | undefined }
  /** parts of a dose on top of the item's own, or of `otherwise` while it has none; two in a row both hold */
  | { kind: 'change-dose'; item: string; part: Partial<PlanDose>; unset?: readonly (keyof PlanDose)[]; otherwise: PlanDose }
  | { kind: 'add-block'; phase: string; at: number; block: Block }
  | { kind: 'remove-block'; block: string }
  | { kind: 'move-block'; block: string; toPhase: string; at: number }
  | ({ kind: 'set-block'; block: string } & Change<Record<BlockField, unknown>>)
  /** another format, with its own fields; the items stay */
  | { kind: 'set-format'; block: string; frame: Frame }
  | { kind: 'add-phase'; at: number; phase: Phase }
  | { kind: 'remove-phase'; phase: string }
  | { kind: 'move-phase'; phase: string; at: number }
  | ({ kind: 'set-phase'; phase: string } & Change<PhaseFields>)
  /** several as one step, for undo too */
  | { kind: 'together'; edits: Edit[] }
  | ({ kind: 'set-plan' } & Change<PlanFields>)

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

const insert = <T>(list: readonly T[], at: number, one: T): T[] => [...list.slice(0, at), one, ...list.slice(at)]
const without = <T extends { id: string }>(list: readonly T[], id: string): T[] => list.filter((one) => one.id !== id)
const replaced = <T extends { id: string }>(list: readonly T[], next: T): T[] => list.map((one) => (one.id === next.id ? next : one))

const mapBlocks = (plan: PlanDraft, change: (block: Block) => Block): PlanDraft => ({
  ...plan,
  phases: plan.phases.map((phase) => ({ ...phase, blocks: phase.blocks.map(change) })),
})
const inPhase = (plan: PlanDraft, id: string, change: (blocks: Block[]) => Block[]): PlanDraft => ({
  ...plan,
  phases: plan.phases.map((phase) => (phase.id === id ? { ...phase, blocks: change(phase.blocks) } : phase)),
})
const inBlock = (plan: PlanDraft, id: string, change: (items: Item[]) => Item[]): PlanDraft =>
  mapBlocks(plan, (block) => (block.id === id ? ({ ...block, items: change(block.items) } as Block) : block))

/** Fields changed and left out, with the change that puts them back. */
function changed<T extends object>(from: T, { change, unset = [] }: Change<T>): { to: T; back: Required<Change<T>> } {
  const to = { ...from, ...change }
  for (const key of unset) delete to[key]
  const keys = [...new Set([...(Object.keys(change) as (keyof T)[]), ...unset])]
  const had = keys.filter((key) => from[key] !== undefined)
  return {
    to,
    back: {
      change: Object.fromEntries(had.map((key) => [key, from[key]])) as Partial<T>,
      unset: keys.filter((key) => from[key] === undefined),
    },
  }
}

/** Where things of a plan are; what is not there is an error of the edit that names it. */
class Finder {
  constructor(
    private readonly plan: PlanDraft,
    private readonly edit: Edit,
  ) {}
  private missing(id: string): never {
    throw new EditError(this.edit, id)
  }
  phase(id: string): { phase: Phase; at: number } {
    const at = this.plan.phases.findIndex((phase) => phase.id === id)
    const phase = this.plan.phases[at]
    return phase ? { phase, at } : this.missing(id)
  }
  block(id: string): { block: Block; phase: Phase; at: number } {
    for (const phase of this.plan.phases) {
      const at = phase.blocks.findIndex((block) => block.id === id)
      const block = phase.blocks[at]
      if (block) return { block, phase, at }
    }
    return this.missing(id)
  }
  item(id: string): { item: Item; block: Block; at: number } {
    for (const { blocks } of this.plan.phases) {
      for (const block of blocks) {
        const at = block.items.findIndex((item) => item.id === id)
        const item = block.items[at]
        if (item) return { item, block, at }
      }
    }
    return this.missing(id)
  }
}

/**
 * Applies one edit and gives the edit that takes it back: `applyEdit(applyEdit(p, e).plan, inverse).plan` equals `p`, also when the inverse
 * was stored as JSON meanwhile.
 *
 * @throws EditError when the edit names a phase, block or item that is not there
 */
export function applyEdit(plan: PlanDraft, edit: Edit): { plan: PlanDraft; inverse: Edit } {
  const find = new Finder(plan, edit)
  const putItem = (block: Block, item: Item) => inBlock(plan, block.id, (items) => replaced(items, item))
  switch (edit.kind) {
    case 'add-item':
      find.block(edit.block)
      return { plan: inBlock(plan, edit.block, (items) => insert(items, edit.at, edit.item)), inverse: { kind: 'remove-item', item: edit.item.id } }
    case 'remove-item': {
      const { block, at, item } = find.item(edit.item)
      return { plan: inBlock(plan, block.id, (items) => without(items, item.id)), inverse: { kind: 'add-item', block: block.id, at, item } }
    }
    case 'move-item': {
      const { block, at, item } = find.item(edit.item)
      find.block(edit.toBlock)
      const rest = inBlock(plan, block.id, (items) => without(items, item.id))
      return {
        plan: inBlock(rest, edit.toBlock, (items) => insert(items, edit.at, item)),
        inverse: { kind: 'move-item', item: item.id, toBlock: block.id, at },
      }
    }
    case 'set-item': {
      const { block, item } = find.item(edit.item)
      const { to, back } = changed<ItemFields>(item, edit)
      return { plan: putItem(block, to as Item), inverse: { kind: 'set-item', item: item.id, ...back } }
    }
    case 'set-variant': {
      const { block, item } = find.item(edit.item)
      if (item.variant === undefined) throw new EditError(edit, 'library variant')
      const { dose, levels, ...rest } = item
      const back: Edit = { kind: 'set-variant', item: item.id, variant: item.variant, ...(dose && { dose }) }
      // a version that is none of the levels leaves none of them
      const keeps = levels === undefined || levels.includes(edit.variant)
      return {
        plan: putItem(block, { ...rest, variant: edit.variant, ...(edit.dose && { dose: edit.dose }), ...(keeps && levels && { levels }) }),
        inverse: levels ? { kind: 'together', edits: [back, { kind: 'set-item', item: item.id, change: { levels } }] } : back,
      }
    }
    case 'set-dose': {
      const { block, item } = find.item(edit.item)
      const { dose, ...rest } = item
      return {
        plan: putItem(block, edit.dose ? { ...rest, dose: edit.dose } : rest),
        inverse: { kind: 'set-dose', item: item.id, dose },
      }
    }
    case 'change-dose': {
      const { item } = find.item(edit.item)
      const { to } = changed<PlanDose>(item.dose ?? edit.otherwise, { change: edit.part, ...(edit.unset && { unset: edit.unset }) })
      return applyEdit(plan, { kind: 'set-dose', item: item.id, dose: to })
    }
    case 'add-block':
      find.phase(edit.phase)
      return {
        plan: inPhase(plan, edit.phase, (blocks) => insert(blocks, edit.at, edit.block)),
        inverse: { kind: 'remove-block', block: edit.block.id },
      }
    case 'remove-block': {
      const { block, phase, at } = find.block(edit.block)
      return { plan: inPhase(plan, phase.id, (blocks) => without(blocks, block.id)), inverse: { kind: 'add-block', phase: phase.id, at, block } }
    }
    case 'move-block': {
      const { block, phase, at } = find.block(edit.block)
      find.phase(edit.toPhase)
      const rest = inPhase(plan, phase.id, (blocks) => without(blocks, block.id))
      return {
        plan: inPhase(rest, edit.toPhase, (blocks) => insert(blocks, edit.at, block)),
        inverse: { kind: 'move-block', block: block.id, toPhase: phase.id, at },
      }
    }
    case 'set-block': {
      const { block } = find.block(edit.block)
      const { to, back } = changed(block as unknown as Record<BlockField, unknown>, edit)
      return {
        plan: mapBlocks(plan, (one) => (one.id === block.id ? (to as unknown as Block) : one)),
        inverse: { kind: 'set-block', block: block.id, ...back },
      }
    }
    case 'set-format': {
      const { block } = find.block(edit.block)
      const { items, ...frame } = block
      return {
        plan: mapBlocks(plan, (one) => (one.id === block.id ? ({ ...edit.frame, id: block.id, items } as Block) : one)),
        inverse: { kind: 'set-format', block: block.id, frame: frame as Frame },
      }
    }
    case 'add-phase':
      return { plan: { ...plan, phases: insert(plan.phases, edit.at, edit.phase) }, inverse: { kind: 'remove-phase', phase: edit.phase.id } }
    case 'remove-phase': {
      const { phase, at } = find.phase(edit.phase)
      return { plan: { ...plan, phases: without(plan.phases, phase.id) }, inverse: { kind: 'add-phase', at, phase } }
    }
    case 'move-phase': {
      const { phase, at } = find.phase(edit.phase)
      return {
        plan: { ...plan, phases: insert(without(plan.phases, phase.id), edit.at, phase) },
        inverse: { kind: 'move-phase', phase: phase.id, at },
      }
    }
    case 'set-phase': {
      const { phase } = find.phase(edit.phase)
      const { to, back } = changed<PhaseFields>(phase, edit)
      return { plan: { ...plan, phases: replaced(plan.phases, to as Phase) }, inverse: { kind: 'set-phase', phase: phase.id, ...back } }
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
    case 'set-plan': {
      const { to, back } = changed<PlanFields>(plan, edit)
      return { plan: to as PlanDraft, inverse: { kind: 'set-plan', ...back } }
    }
  }
}

/** Items whose doses an edit makes of parts. */
const dosed = (edit: Edit): string[] => (edit.kind === 'together' ? edit.edits.flatMap(dosed) : edit.kind === 'change-dose' ? [edit.item] : [])

/** Whether an edit can be applied: what it names is there, and a dose it makes is one. */
export function canApply(plan: PlanDraft, edit: Edit): boolean {
  try {
    const { plan: after } = applyEdit(plan, edit)
    return dosed(edit).every((item) => planDoseSchema.safeParse(new Finder(after, edit).item(item).item.dose).success)
  } catch (error) {
    if (error instanceof EditError) return false
    throw error
  }
}
