import { coverageOf, QUALITIES, type Quality, qualityOf } from '../coverage'
import { type Evaluation, type Judged, worseIn } from '../evaluate'
import { type Catalogue, MUSCLES, type Muscle } from '../movement'
import { type Edit, itemsOf, type Plan, type Prescription, partOf, prescriptionsOf } from '../plan'
import { groupedBy } from '../vocabulary'
import { changedBy } from './changed'
import { type Keepsake, leastLoss } from './choice'
import { Cutter, type FitStep, type Fitting, PRICE } from './fitSteps'
import type { Solver } from './lp'
import type { Part } from './way'

/** A class of another length, and what each step to it costs. */
export interface Fitted {
  /** one step that can be taken back; the new promise is in it */
  edit: Edit
  plan: Plan
  evaluation: Evaluation
  /** in the order of the plan, each with its seconds */
  steps: { does: Fitting; seconds: number }[]
  /** s of each quality before and after, where they differ by more than a few */
  qualities: { quality: Quality; before: number; after: number }[]
  /** muscles that are the main ones of nothing any more */
  lost: Muscle[]
  /** whether it has the length that was asked for; else the nearest that leaves everybody as well off */
  isReached: boolean
}

/** So much of a promise may stay free, s. */
const SPARE_SECONDS = { least: 15, most: 90 } as const
/** Steps that leave somebody worse off are left out and the length sought anew, so often at most. */
const MOST_AGAIN = 20
/** An item that is stricter for somebody whatever else is done so often is itself left out, where it can be. */
const MOST_WORSE = 3
/** Less than this is no other length of a quality, s. */
const WORTH_SAYING_SECONDS = 15

/** What a class should go on having: something for each quality and each muscle of its main part. */
function keepsakesOf(plan: Plan, catalogue: Catalogue): Keepsake<FitStep>[] {
  const prescriptions = new Map(prescriptionsOf(plan, catalogue).map((one) => [one.item.id, one]))
  const inMain = itemsOf(plan).flatMap(({ phase, item }) => {
    const planned = prescriptions.get(item.id)
    return planned && partOf(phase.kind) === 'main' ? [planned] : []
  })
  const keepsake = (price: number, items: readonly Prescription[]): Keepsake<FitStep> => {
    const ids = new Set(items.map(({ item }) => item.id))
    return { price, kept: ({ keeps }) => keeps.some((item) => ids.has(item)) }
  }
  const byQuality = [...groupedBy(inMain, ({ demands }) => qualityOf(demands.purpose)).values()]
  const byMuscle = MUSCLES.map((muscle) => inMain.filter(({ entry }) => entry?.movement.main.includes(muscle))).filter((items) => items.length > 0)
  return [...byQuality.map((items) => keepsake(PRICE.quality, items)), ...byMuscle.map((items) => keepsake(PRICE.muscle, items))]
}

const floorsOf = (floors: ReadonlyMap<Part, number>) => [...floors].map(([part, seconds]) => ({ of: (step: FitStep) => step.part === part, seconds }))

/** A longer class needs more of what warms up and cools down: asked for once. @returns whether there is something to ask for */
function raised(floors: Map<Part, number>, steps: readonly FitStep[], { warnings }: Evaluation): boolean {
  const short = warnings.flatMap((warning) => {
    if (warning.code !== 'warm-up-short' && warning.code !== 'cool-down-short') return []
    const part = warning.code === 'warm-up-short' ? 'warm-up' : 'cool-down'
    return floors.has(part) ? [] : [{ part, lacking: warning.needSeconds - warning.haveSeconds } as const]
  })
  for (const { part, lacking } of short) floors.set(part, steps.reduce((sum, step) => sum + (step.part === part ? step.seconds : 0), 0) + lacking)
  return short.length > 0
}

const noted = (counts: Map<string, number>, item: string): number => {
  const count = (counts.get(item) ?? 0) + 1
  counts.set(item, count)
  return count
}
const canGo = (choices: readonly (readonly FitStep[])[], item: string): boolean =>
  choices.some((some) => some.some(({ keeps }) => keeps.includes(item)) && some.some(({ keeps }) => !keeps.includes(item)))

const speaksOf = ({ does }: FitStep): readonly string[] => (does && 'items' in does ? does.items : does && 'item' in does ? [does.item] : [])

/** Steps of an answer that are to be left out, because the class as a whole does not bear them. */
function toLeaveOut(steps: readonly FitStep[], from: Judged, after: Evaluation, worse: ReadonlySet<string>): Set<FitStep> {
  const had = new Set(from.evaluation.warnings.map(({ code }) => code))
  const brought = after.warnings.filter(({ code }) => !had.has(code) && code !== 'overruns')
  // a warm-up that is too short already is not made shorter
  const isShortWarm = after.warnings.some(({ code }) => code === 'warm-up-short' || code === 'no-warm-up')
  const blamed = steps.filter(
    (step) =>
      step.does &&
      ((isShortWarm && step.part === 'warm-up' && step.seconds < 0 && step.does.code !== 'words') || speaksOf(step).some((item) => worse.has(item))),
  )
  if (blamed.length > 0) return new Set(blamed)
  if (worse.size === 0 && brought.length === 0) return new Set()
  // what was shortened before an item can make it stricter: each step is tried alone
  const alone = steps.filter((step) => [...worseIn(from.evaluation, changedBy(from, step.edits).evaluation)].some((item) => worse.has(item)))
  if (alone.length > 0) return new Set(alone)
  // it is all of them together: what changes most goes
  return new Set(steps.toSorted((a, b) => Math.abs(b.seconds) - Math.abs(a.seconds)).slice(0, 1))
}

/**
 * A class in another length, with the least loss: what is dropped, shortened or added, and what each costs. What brings it down stays whole, as do both
 * sides of a movement; nobody has a stricter verdict than before, and the class is warned of nothing new.
 *
 * @param minutes promised then
 */
export function fitted(from: Judged, minutes: number, solver: Solver): Fitted {
  const { plan, evaluation, catalogue } = from
  const wanted = minutes * 60
  const now = evaluation.timeline.totalSeconds
  const isShorter = now > wanted
  const all = new Cutter(from, isShorter).choices()
  let choices = all
  const stricter = new Map<string, number>()
  const keepsakes = keepsakesOf(plan, catalogue)
  /** the seconds of steps are taken one by one; together they can come to a little more */
  let margin: number = SPARE_SECONDS.least
  const floors = new Map<Part, number>()
  for (let again = 0; ; again++) {
    const until = wanted - now - margin
    const least = wanted - now - SPARE_SECONDS.most
    const steps = leastLoss(
      choices,
      { from: least, until, keepsakes, floors: floorsOf(floors), ...(isShorter && { tooShort: PRICE.unused }) },
      solver,
    ).filter(({ does }) => does)
    const promise: Edit[] = plan.promisedMinutes === minutes ? [] : [{ kind: 'set-plan', change: { promisedMinutes: minutes } }]
    const { edit, plan: next, evaluation: judged } = changedBy(from, [...promise, ...steps.flatMap(({ edits }) => edits)])
    const over = judged.timeline.totalSeconds - wanted
    if (!isShorter && raised(floors, steps, judged)) continue
    const worse = worseIn(evaluation, judged)
    const out = toLeaveOut(steps, from, judged, worse)
    if (again < MOST_AGAIN && (out.size > 0 || (over > 0 && margin < SPARE_SECONDS.most))) {
      const stubborn = [...worse].filter((item) => noted(stricter, item) === MOST_WORSE && canGo(all, item))
      choices =
        stubborn.length > 0
          ? all.map((some) => some.filter(({ keeps }) => !stubborn.some((item) => keeps.includes(item))))
          : choices.map((some) => some.filter((step) => !out.has(step)))
      if (out.size === 0) margin += over
      continue
    }
    if (out.size > 0) return nothingOf(from)
    return {
      edit,
      plan: next,
      evaluation: judged,
      steps: steps.map(({ does, seconds }) => ({ does: does!, seconds })),
      ...pricesOf(from, judged, next),
      isReached: over <= 0 && (isShorter || -over <= SPARE_SECONDS.most),
    }
  }
}

const nothingOf = ({ plan, evaluation }: Judged): Fitted => ({
  edit: { kind: 'together', edits: [] },
  plan,
  evaluation,
  steps: [],
  qualities: [],
  lost: [],
  isReached: false,
})

/** What a class loses and gains as a whole. */
function pricesOf({ plan, evaluation }: Judged, after: Evaluation, next: Plan): Pick<Fitted, 'qualities' | 'lost'> {
  const coverage = (of: Plan, { items, timeline }: Evaluation) =>
    coverageOf(
      of,
      items.map(({ prescription }) => prescription),
      timeline,
    )
  const [had, has] = [coverage(plan, evaluation), coverage(next, after)]
  const secondsOf = ({ qualities }: typeof had, quality: Quality) => qualities.find((one) => one.quality === quality)?.seconds ?? 0
  const worked = ({ muscles }: typeof had) => muscles.flatMap(({ muscle, sets }) => (sets > 0 ? [muscle] : []))
  return {
    qualities: QUALITIES.map((quality) => ({ quality, before: secondsOf(had, quality), after: secondsOf(has, quality) })).filter(
      ({ before, after: then }) => Math.abs(before - then) >= WORTH_SAYING_SECONDS,
    ),
    lost: worked(had).filter((muscle) => !worked(has).includes(muscle)),
  }
}
