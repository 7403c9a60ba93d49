import { backTo, type Edit, type PlanDraft, planSchema } from '@/core/plan'

const key = (id: string) => `velvet-composed ${id}`

/** Puts a composed plan down for the page of its class, which takes it as one step that can be undone. */
export const keepComposed = (id: string, plan: PlanDraft): void => sessionStorage.setItem(key(id), JSON.stringify(plan))

/**
 * The step that puts what was composed into a class: its parts, its minutes, versions and room. Title, music and school of ceilings stay as they
 * are. Undefined where nothing was put down; it is taken up once.
 */
export function takeComposed(id: string, now: PlanDraft): Edit | undefined {
  const kept = sessionStorage.getItem(key(id))
  sessionStorage.removeItem(key(id))
  const parsed = planSchema.safeParse(kept === null ? undefined : JSON.parse(kept))
  if (!parsed.success) return undefined
  const { phases, promisedMinutes, tracks, room } = parsed.data
  return backTo(now, { ...now, phases, promisedMinutes, tracks, room })
}
