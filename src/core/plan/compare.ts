import type { MassUnit } from '../vocabulary'
import type { PlanDose } from './dose'
import { doseWords } from './doseWords'
import type { Edit } from './edit'
import { type Block, formatLabel, formatWords } from './formats'
import type { Item } from './item'
import { itemsOf, type PlanDraft } from './plan'

/** One way in which a plan is another than an earlier one. */
export type PlanDifference =
  | { kind: 'plan'; what: string; from: string; to: string }
  | { kind: 'phase-added' | 'phase-removed'; phase: string }
  | { kind: 'block-added' | 'block-removed'; block: string; items: number }
  | { kind: 'block-changed'; block: string; from: string; to: string }
  | { kind: 'item-added' | 'item-removed' | 'item-moved' | 'item-noted'; item: Item }
  | { kind: 'item-version'; item: Item; from: Item }
  | { kind: 'item-dose'; item: Item; from: string; to: string }

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)
const blockName = (block: Block): string => block.title || formatLabel(block.format)
const said = (dose: PlanDose | undefined, unit: MassUnit): string => (dose ? doseWords(dose, unit) : 'as in the library')
const runs = ({ items: _items, ...block }: Block): string => {
  const words = formatWords({ ...block, items: [] } as Block)
  return [
    block.title,
    formatLabel(block.format),
    words,
    block.pauseAfter > 0 ? `${block.pauseAfter} s after it` : '',
    block.optional ? 'if there is time' : '',
  ]
    .filter(Boolean)
    .join(', ')
}

/** Order of those that are in both: who stands elsewhere among them has moved. */
function movedIn(from: PlanDraft, to: PlanDraft): Set<string> {
  const placeOf = (plan: PlanDraft) => new Map(itemsOf(plan).map(({ item, block }, at) => [item.id, { block: block.id, at }]))
  const [before, after] = [placeOf(from), placeOf(to)]
  const both = [...after.keys()].filter((id) => before.has(id))
  const moved = new Set(both.filter((id) => before.get(id)!.block !== after.get(id)!.block))
  // the longest run that kept its order stays; the others were moved
  const kept = both.filter((id) => !moved.has(id))
  const ranks = kept.map((id) => before.get(id)!.at)
  const best = ranks.map(() => 1)
  const came = ranks.map(() => -1)
  for (let i = 0; i < ranks.length; i++)
    for (let j = 0; j < i; j++)
      if (ranks[j]! < ranks[i]! && best[j]! + 1 > best[i]!) {
        best[i] = best[j]! + 1
        came[i] = j
      }
  const stays = new Set<string>()
  for (let at = best.indexOf(Math.max(0, ...best)); at >= 0; at = came[at]!) stays.add(kept[at]!)
  for (const id of kept) if (!stays.has(id)) moved.add(id)
  return moved
}

/** How a plan differs from an earlier one, in the order of the later. */
export function differences(from: PlanDraft, to: PlanDraft, unit: MassUnit): PlanDifference[] {
  const found: PlanDifference[] = []
  const field = (what: string, a: unknown, b: unknown, words: (value: never) => string = String) => {
    if (!same(a, b)) found.push({ kind: 'plan', what, from: words(a as never), to: words(b as never) })
  }
  field('title', from.title, to.title)
  field('minutes promised', from.promisedMinutes, to.promisedMinutes)
  field('versions side by side', from.tracks, to.tracks)
  field('sets end', from.iCount, to.iCount, (mine?: true) => (mine ? 'with your tap' : 'by the clock'))
  field('beats a minute', from.bpm, to.bpm, (bpm?: number) => (bpm === undefined ? 'none' : String(bpm)))
  field('music', from.playlist, to.playlist, (list?: PlanDraft['playlist']) => (list ? `${list.tracks.length} tracks` : 'none'))
  field('school of effort', from.school, to.school)
  field('kit', from.room.kit, to.room.kit, (kit: string[]) => kit.join(', ') || 'none')
  field(
    'kit for so many',
    from.room.enoughFor,
    to.room.enoughFor,
    (few: PlanDraft['room']['enoughFor']) =>
      Object.entries(few)
        .map(([kit, people]) => `${kit}: ${people}`)
        .join(', ') || 'for all',
  )
  const { kit: _a, enoughFor: _c, ...roomBefore } = from.room
  const { kit: _b, enoughFor: _d, ...roomAfter } = to.room
  field('room', roomBefore, roomAfter, () => 'another')
  const phases = (plan: PlanDraft) => new Map(plan.phases.map((phase) => [phase.id, phase.title || phase.kind]))
  const blocks = (plan: PlanDraft) => new Map(plan.phases.flatMap((phase) => phase.blocks.map((block) => [block.id, block] as const)))
  const items = (plan: PlanDraft) => new Map(itemsOf(plan).map(({ item }) => [item.id, item]))
  const [phasesBefore, phasesAfter, blocksBefore, blocksAfter] = [phases(from), phases(to), blocks(from), blocks(to)]
  for (const [id, phase] of phasesAfter) if (!phasesBefore.has(id)) found.push({ kind: 'phase-added', phase })
  for (const [id, phase] of phasesBefore) if (!phasesAfter.has(id)) found.push({ kind: 'phase-removed', phase })
  for (const [id, block] of blocksAfter) {
    const old = blocksBefore.get(id)
    if (!old) found.push({ kind: 'block-added', block: blockName(block), items: block.items.length })
    else if (!same({ ...old, items: [] }, { ...block, items: [] }))
      found.push({ kind: 'block-changed', block: blockName(block), from: runs(old), to: runs(block) })
  }
  for (const [id, block] of blocksBefore)
    if (!blocksAfter.has(id)) found.push({ kind: 'block-removed', block: blockName(block), items: block.items.length })
  const [before, after, moved] = [items(from), items(to), movedIn(from, to)]
  for (const [id, item] of after) {
    const old = before.get(id)
    if (!old) {
      found.push({ kind: 'item-added', item })
      continue
    }
    if (moved.has(id)) found.push({ kind: 'item-moved', item })
    if (old.variant !== item.variant || !same(old.described, item.described)) found.push({ kind: 'item-version', item, from: old })
    if (!same(old.dose, item.dose)) found.push({ kind: 'item-dose', item, from: said(old.dose, unit), to: said(item.dose, unit) })
    if (old.note !== item.note || old.optional !== item.optional) found.push({ kind: 'item-noted', item })
  }
  for (const [id, item] of before) if (!after.has(id)) found.push({ kind: 'item-removed', item })
  return found
}

/** The one step that makes a plan what another is. */
export function backTo(from: PlanDraft, to: PlanDraft): Edit {
  const { phases: _phases, version: _version, ...fields } = to
  const lost = (Object.keys(from) as (keyof PlanDraft)[]).filter((key) => to[key] === undefined)
  return {
    kind: 'together',
    edits: [
      ...from.phases.map(({ id }): Edit => ({ kind: 'remove-phase', phase: id })),
      ...to.phases.map((phase, at): Edit => ({ kind: 'add-phase', at, phase })),
      { kind: 'set-plan', change: fields, unset: lost as (keyof typeof fields)[] },
    ],
  }
}

/**
 * The same plan, in which each block that reads as it did is the very object it was: a plan that came from elsewhere is a copy, and what
 * is remembered of a block is remembered by the object.
 */
export function sharedWith(plan: PlanDraft, before: PlanDraft | undefined): PlanDraft {
  if (!before) return plan
  const known = new Map(before.phases.flatMap(({ blocks }) => blocks.map((block) => [block.id, block])))
  return {
    ...plan,
    phases: plan.phases.map((phase) => ({
      ...phase,
      blocks: phase.blocks.map((block) => {
        const old = known.get(block.id)
        return old && same(old, block) ? old : block
      }),
    })),
  }
}
