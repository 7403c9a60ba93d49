import { type Catalogue, type CatalogueEntry, ladderOf } from '../movement'
import { type Block, type Item, type Plan, type PlanDraft, partOf, soundPlan } from '../plan'
import { expand, HOUSE_RATES, type Rates, type Timeline } from '../timing'
import { isAvailable } from './options'

/** What a class is wanted to be like. */
export interface Brief {
  minutes: number
  room: Partial<PlanDraft['room']>
}

/** A plan made to fit a brief, and what that changed, by names. */
export interface Adapted {
  plan: Plan
  timeline: Timeline
  /** another version, because of kit */
  swapped: { movement: string; from: string; to: string }[]
  /** left out: nothing of its ladder does without what is lacking */
  lacking: string[]
  /** left out: there was no time for it */
  cut: string[]
}

/** The nearest gentler version that the room can do. */
function doable(entry: CatalogueEntry, room: PlanDraft['room'], catalogue: Catalogue): CatalogueEntry | undefined {
  const ladder = ladderOf(catalogue, entry.movement.id)
  return ladder
    .slice(0, ladder.indexOf(entry) + 1)
    .toReversed()
    .find((step) => isAvailable(step, room))
}

const withBlocks = (plan: PlanDraft, change: (block: Block) => Block[]): PlanDraft => ({
  ...plan,
  phases: plan.phases.map((phase) => ({ ...phase, blocks: phase.blocks.flatMap(change) })),
})

const PARTS = ['warm-up', 'main', 'cool-down'] as const
type Part = (typeof PARTS)[number]
const lengths = ({ phases }: Timeline): Record<Part, number> => {
  const found = { 'warm-up': 0, main: 0, 'cool-down': 0 }
  for (const { kind, seconds } of phases) found[partOf(kind)] += seconds
  return found
}

/**
 * One step shorter in a part: without the last movement of the block with the most of them, else a round less, else fewer words; undefined =
 * nothing left to take.
 */
function shorter(plan: PlanDraft, part: Part): { plan: PlanDraft; cut?: Item } | undefined {
  const blocks = plan.phases.filter(({ kind }) => partOf(kind) === part).flatMap((phase) => phase.blocks)
  const working = blocks.filter(({ items }) => items.length > 0)
  const most = working.toSorted((a, b) => b.items.length - a.items.length)[0]
  if (most && (most.items.length > 1 || working.length > 1)) {
    const cut = most.items.at(-1)!
    const left = most.items.slice(0, -1)
    return {
      plan: withBlocks(plan, (block) => (block.id !== most.id ? [block] : left.length === 0 ? [] : [{ ...block, items: left } as Block])),
      cut,
    }
  }
  const long = blocks.find((block) => 'rounds' in block && (block.rounds ?? 0) > 1)
  if (long)
    return {
      plan: withBlocks(plan, (block) => (block.id === long.id ? [{ ...block, rounds: (long as { rounds: number }).rounds - 1 } as Block] : [block])),
    }
  const still = blocks.find((block) => block.format === 'quiet' && block.seconds > 30)
  if (still) return { plan: withBlocks(plan, (block) => (block.id === still.id && block.format === 'quiet' ? [{ ...block, seconds: 30 }] : [block])) }
  return undefined
}

/**
 * A plan for a room and a length: versions that need what is not there give way to gentler ones that do without, or are left out; and where it
 * is too long, movements are taken from the part that has most over its share.
 *
 * @param rates the instructor's pace
 * @throws when the plan is not sound in this library
 */
export function adapted(draft: PlanDraft, { minutes, room: wanted }: Brief, catalogue: Catalogue, rates: Rates = HOUSE_RATES): Adapted {
  const room = { ...draft.room, ...wanted }
  const swapped: Adapted['swapped'] = []
  const lacking: string[] = []
  const inRoom = (item: Item): Item[] => {
    const entry = item.variant === undefined ? undefined : catalogue.byId.get(item.variant)
    if (!entry || isAvailable(entry, room)) return [item]
    const other = doable(entry, room, catalogue)
    if (!other) {
      lacking.push(entry.movement.name)
      return []
    }
    swapped.push({ movement: entry.movement.name, from: entry.variant.name, to: other.variant.name })
    // a load that was said for the other version is not this one's
    const { loadKg: _load, ...dose } = item.dose ?? { sets: 1, holdSeconds: 0 }
    return [{ ...item, variant: other.variant.id, ...(item.dose && { dose }) }]
  }
  const fitted = withBlocks({ ...draft, room, promisedMinutes: minutes }, (block) => {
    const items = block.items.flatMap(inRoom)
    return items.length === 0 && block.items.length > 0 ? [] : [{ ...block, items } as Block]
  })
  let plan = soundPlan(fitted, catalogue)
  let timeline = expand(plan, catalogue, undefined, rates)
  const first = lengths(timeline)
  const whole = Math.max(1, timeline.totalSeconds)
  const cut: string[] = []
  while (timeline.totalSeconds > minutes * 60) {
    const now = lengths(timeline)
    const over = (part: Part) => now[part] - (first[part] / whole) * minutes * 60
    const step = PARTS.toSorted((a, b) => over(b) - over(a))
      .map((part) => shorter(plan, part))
      .find((one) => one !== undefined)
    if (!step) break
    if (step.cut?.variant !== undefined) cut.push(catalogue.byId.get(step.cut.variant)!.movement.name)
    plan = soundPlan(step.plan, catalogue)
    timeline = expand(plan, catalogue, undefined, rates)
  }
  return { plan, timeline, swapped, lacking, cut }
}
