import { type Evaluation, evaluate, type Judged, timelineOf } from '../evaluate'
import { applyEdit, checkPlan, type Edit, type Plan, soundPlan } from '../plan'

/** The edits, and with them the blocks out whose every item goes and that nothing comes into. */
function withoutEmptied(plan: Plan, edits: readonly Edit[]): Edit[] {
  const gone = new Set(edits.flatMap((edit) => (edit.kind === 'remove-item' ? [edit.item] : [])))
  const filled = new Set(edits.flatMap((edit) => (edit.kind === 'add-item' ? [edit.block] : [])))
  const empty = plan.phases.flatMap(({ blocks }) =>
    blocks.filter(({ id, items }) => items.length > 0 && !filled.has(id) && items.every((item) => gone.has(item.id))),
  )
  return [...edits, ...empty.map(({ id }): Edit => ({ kind: 'remove-block', block: id }))]
}

/** The class with some edits as one step, judged as a whole. */
export function changedBy({ plan, roster, catalogue, rates }: Judged, edits: readonly Edit[]): { edit: Edit; plan: Plan; evaluation: Evaluation } {
  const edit: Edit = { kind: 'together', edits: withoutEmptied(plan, edits) }
  const next = soundPlan(applyEdit(plan, edit).plan, catalogue)
  return { edit, plan: next, evaluation: evaluate(next, roster, catalogue, rates) }
}

/** By how much some edits make a class longer, or shorter where it is less than 0, s; undefined where it would be no sound plan. */
export function secondsBy({ plan, evaluation, roster, catalogue, rates }: Judged, edits: readonly Edit[]): number | undefined {
  if (edits.length === 0) return 0
  const checked = checkPlan(applyEdit(plan, { kind: 'together', edits: [...edits] }).plan, catalogue)
  if ('problems' in checked) return undefined
  return timelineOf(checked.plan, roster, catalogue, rates).totalSeconds - evaluation.timeline.totalSeconds
}
