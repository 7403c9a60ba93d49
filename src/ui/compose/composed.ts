import { backTo, type Edit, freeId, idsOf, type PlanDraft, planSchema } from '@/core/plan'

const key = (id: string) => `velvet-composed ${id}`

/** Puts a composed plan down for the page of its class, which takes it as one step that can be undone. */
export const keepComposed = (id: string, plan: PlanDraft): void => sessionStorage.setItem(key(id), JSON.stringify(plan))

/** Blocks and items under ids that the plan before had not: what is known of the old ones is not taken for the new. */
export function unlike(phases: PlanDraft['phases'], now: PlanDraft): PlanDraft['phases'] {
  const used = new Set(idsOf(now))
  const own = (id: string): string => {
    const fresh = used.has(id) ? freeId(used, `${id}-`) : id
    used.add(fresh)
    return fresh
  }
  return phases.map((phase) => ({
    ...phase,
    blocks: phase.blocks.map((block) => {
      const id = own(block.id)
      const items = block.items.map((item) => ({ ...item, id: own(item.id) }))
      return { ...block, id, items } as typeof block
    }),
  }))
}

/**
 * The step that puts what was composed into a class: its parts, its minutes, versions and room, and its music where it was composed to some. Title and
 * school of ceilings stay as they are. Undefined where nothing was put down; it is taken up once.
 */
export function takeComposed(id: string, now: PlanDraft): Edit | undefined {
  const kept = sessionStorage.getItem(key(id))
  sessionStorage.removeItem(key(id))
  const parsed = planSchema.safeParse(kept === null ? undefined : JSON.parse(kept))
  if (!parsed.success) return undefined
  const { phases, promisedMinutes, tracks, room, bpm, playlist } = parsed.data
  const music = { ...(bpm !== undefined && { bpm }), ...(playlist && { playlist }) }
  return backTo(now, { ...now, phases: unlike(phases, now), promisedMinutes, tracks, room, ...music })
}
