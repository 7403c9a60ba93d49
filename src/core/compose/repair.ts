import { type Evaluation, type Judged, type PlanWarning, type Trouble, troublesOf } from '../evaluate'
import { type Edit, itemsOf, type Plan } from '../plan'
import { changedBy } from './changed'
import { leastLoss } from './choice'
import type { Solver } from './lp'
import { Choices, type Mending, Workshop } from './repairSteps'

/** The least change of a plan after which it fits. */
export interface Repaired {
  /** one step that can be taken back */
  edit: Edit
  plan: Plan
  evaluation: Evaluation
  mended: { item: string; does: Mending }[]
  /** movements and sets that stay as they are, of all */
  kept: number
  of: number
  /** what no small change mends */
  left: Trouble[]
  /** what the class is warned of then and was not before */
  warnings: PlanWarning[]
}

/** What falls by its place in the whole class is left out and the change sought anew, so often at most. */
const MOST_AGAIN = 4

const codeOf = (warning: PlanWarning): string => ('item' in warning ? `${warning.code} ${warning.item}` : warning.code)

/**
 * The least change of a plan after which everybody has something to do, with the kit that is there, where the room and its leader allow: items that
 * fit stay as they are; of the others the nearest version is taken, then the nearest movement for the same purpose, and one is left out last. The plan is then
 * judged as a whole; what falls by its place is sought anew.
 *
 * @returns undefined where everything fits
 */
export function repair(from: Judged, solver: Solver): Repaired | undefined {
  const { plan, evaluation } = from
  const troubles = troublesOf(plan, evaluation)
  if (troubles.length === 0) return undefined
  const wanting = new Set(troubles.flatMap(({ items }) => items))
  const choices = new Choices(
    new Workshop(from, troubles),
    itemsOf(plan).filter(({ item }) => wanting.has(item.id)),
  )
  const room = Math.max(0, plan.promisedMinutes * 60 - evaluation.timeline.totalSeconds)
  const known = new Set(evaluation.warnings.map(codeOf))
  for (let again = 0; ; again++) {
    const steps = leastLoss(choices.steps(), { from: Number.NEGATIVE_INFINITY, until: room }, solver)
    const changed = changedBy(
      from,
      steps.flatMap(({ edits }) => edits),
    )
    const left = troublesOf(changed.plan, changed.evaluation)
    const still = new Set(left.flatMap(({ items }) => items))
    const fallen = new Set(
      steps.filter(
        ({ does, item, edits }) =>
          does.code !== 'stays' && (still.has(item) || edits.some((one) => one.kind === 'add-item' && still.has(one.item.id))),
      ),
    )
    if (fallen.size > 0 && again < MOST_AGAIN) {
      choices.without(fallen)
      continue
    }
    const mended = steps.flatMap(({ item, does, edits }) => (edits.length > 0 ? [{ item, does }] : []))
    const of = itemsOf(plan).length
    const warnings = changed.evaluation.warnings.filter((warning) => !known.has(codeOf(warning)))
    return { ...changed, mended, kept: of - mended.length, of, left, warnings }
  }
}
