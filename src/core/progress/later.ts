import { movementIdOf, type PlanDraft, partOf, planSchema } from '../plan'

type Block = PlanDraft['phases'][number]['blocks'][number]

/** Formats that go on without one of their movements: the others are tied to music, counts or a way. */
const BEARS: readonly Block['format'][] = ['straight', 'alternated', 'circuit', 'intervals', 'stations', 'open']

const inMain = ({ phases }: PlanDraft): { block: Block; movement: string; optional: boolean }[] =>
  phases
    .filter(({ kind }) => partOf(kind) === 'main')
    .flatMap(({ blocks }) =>
      blocks.flatMap((block) =>
        block.items.map((item) => ({ block, movement: movementIdOf(item) ?? '', optional: block.optional || !!item.optional })),
      ),
    )

/** Without one movement in the main part; nothing where what is left would be no plan. */
function without(plan: PlanDraft, movement: string): PlanDraft | undefined {
  const own = inMain(plan).filter((one) => one.movement === movement)
  if (own.length === 0 || own.some(({ block }) => !BEARS.includes(block.format))) return undefined
  const after: PlanDraft = {
    ...plan,
    phases: plan.phases.map((phase) =>
      partOf(phase.kind) !== 'main'
        ? phase
        : {
            ...phase,
            blocks: phase.blocks.flatMap((block) => {
              const items = block.items.filter((item) => movementIdOf(item) !== movement)
              if (items.length === block.items.length) return [block]
              return items.length === 0 ? [] : [{ ...block, items } as Block]
            }),
          },
    ),
  }
  return inMain(after).length > 0 && planSchema.safeParse(after).success ? after : undefined
}

/**
 * A plan whose main part leaves some movements for a later time. Warm-up and cool-down stay as they are, because somebody may need every minute of
 * them; so does what is tied to music or counts.
 *
 * @returns the plan, and which of the movements it does leave
 */
export function leftForLater(plan: PlanDraft, movements: readonly string[]): { plan: PlanDraft; left: string[] } {
  const left: string[] = []
  let after = plan
  for (const movement of movements) {
    const next = without(after, movement)
    if (!next) continue
    after = next
    left.push(movement)
  }
  return { plan: after, left }
}

/**
 * Which new movements of a session could wait, so that no more than `mostNew` are new in it: what is done only if there is time first, then the last
 * of the main part, because the large ones come first there. At least half of the main part stays (house estimates), so where more is new than that
 * the number is not reached.
 *
 * @param fresh movements of the plan, by id, that the group has not met
 */
export function couldWait(plan: PlanDraft, fresh: readonly string[], mostNew: number): string[] {
  const main = inMain(plan)
  const isNew = main.filter(({ movement }) => fresh.includes(movement)).reverse()
  const order = [...isNew.filter(({ optional }) => optional), ...isNew.filter(({ optional }) => !optional)]
  const waiting: string[] = []
  for (const movement of new Set(order.map((one) => one.movement))) {
    if (fresh.length - waiting.length <= mostNew) break
    const { plan: after, left } = leftForLater(plan, [...waiting, movement])
    if (left.includes(movement) && 2 * inMain(after).length >= main.length) waiting.push(movement)
  }
  return waiting
}
