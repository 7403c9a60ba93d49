import type { ClassModel, ModelItem } from '@/core/evaluate'
import type { Block, Edit, PlanDose, PlanDraft } from '@/core/plan'
import type { Edge } from '../tread/TreadScrubber'
import { itemPlace, type Selected } from './selection'

/** A dose that is a little longer or shorter, and how it is said. */
export interface EdgeDose {
  part: Partial<PlanDose>
  words: string
}

const HOLD_STEP = 5
const WORK_STEP = 5
/** Music goes by phrases of eight. */
const COUNT_STEP = 8
const within = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value))
const stepped = (value: number, step: number, most: number) => within(Math.round(value / step) * step, step, most)

/** Whether the block, and not the dose of an item, says how long the item lasts. */
const isKept = (block: Block): boolean =>
  block.format === 'intervals' ||
  block.format === 'song' ||
  block.format === 'laps' ||
  block.format === 'open' ||
  block.format === 'phrase' ||
  (block.format === 'circuit' && block.workSeconds !== undefined)

/** When the work of an item ends, and how long it is, s; nothing where it has none. */
export function workOf(item: string, { segments }: ClassModel['timeline']): { endSeconds: number; seconds: number } | undefined {
  const work = segments.filter((segment) => segment.kind === 'work' && segment.item === item)
  const last = work.at(-1)
  return last && { endSeconds: last.startSeconds + last.seconds, seconds: work.reduce((sum, { seconds }) => sum + seconds, 0) }
}

/**
 * The dose of an item whose end is drawn along the stair: as many repetitions, counts or seconds more or less as fit the way.
 *
 * @param seconds its work lasts now, s
 * @param by how far the end is drawn, s
 * @returns nothing where the block keeps the time, or sets differ
 */
export function doseAtEdge({ planDose }: Pick<ModelItem, 'planDose'>, block: Block, seconds: number, by: number): EdgeDose | undefined {
  const { reps, workSeconds, workCounts, holdSeconds, eachSet, shrinking } = planDose
  if (isKept(block) || eachSet || shrinking || seconds <= 0) return undefined
  const factor = Math.max(0, (seconds + by) / seconds)
  if (workSeconds !== undefined) {
    const next = stepped(workSeconds * factor, WORK_STEP, 3600)
    return { part: { workSeconds: next }, words: `${next} s` }
  }
  if (workCounts !== undefined) {
    const next = stepped(workCounts * factor, COUNT_STEP, 2000)
    return { part: { workCounts: next }, words: `${next} counts` }
  }
  if (holdSeconds > 0 && (reps ?? 1) <= 2) {
    const next = stepped(holdSeconds * factor, HOLD_STEP, 600)
    return { part: { holdSeconds: next }, words: `hold ${next} s` }
  }
  if (reps === undefined) return undefined
  const next = within(Math.round(reps * factor), 1, 200)
  return { part: { reps: next }, words: `${next} ${next === 1 ? 'repetition' : 'repetitions'}` }
}

/** The end of the item that is selected, for the stair. */
export function edgeOf(plan: PlanDraft, model: ClassModel, selected: Selected | undefined, onEdit: (edit: Edit) => void): Edge | undefined {
  if (selected?.kind !== 'item') return undefined
  const item = model.items.find(({ id }) => id === selected.item)
  const block = itemPlace(plan, selected.item)?.block
  const work = item && workOf(item.id, model.timeline)
  if (!item || !block || !work || !doseAtEdge(item, block, work.seconds, 0)) return undefined
  const at = (by: number) => doseAtEdge(item, block, work.seconds, by)
  return {
    label: item.movement,
    atSeconds: work.endSeconds,
    saysAt: (by) => at(by)?.words,
    onDraw: (by) => {
      const drawn = at(by)
      if (drawn) onEdit({ kind: 'change-dose', item: item.id, part: drawn.part, otherwise: item.planDose })
    },
  }
}
