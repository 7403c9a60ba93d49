import type { LedUse, LedView } from './view'

/** What of a plan is other for somebody than it was before the door. */
export type TodayChange =
  /** may not take part now, and why */
  | { kind: 'closed'; person: string; because: string }
  /** may take part now */
  | { kind: 'opened'; person: string }
  /** does something else in these items; `variant` nothing = rests */
  | { kind: 'items'; person: string; items: { item: string; movement: string; variant?: string; changes: string[] }[] }

const told = ({ takes }: LedUse): string => JSON.stringify(takes ?? null)

/** What a door has changed in a plan, and for whom; of those who take part after it. */
export function todayChanges(before: LedView, after: LedView): TodayChange[] {
  const people = new Set([...Object.keys(after.closed), ...after.items.flatMap(({ uses }) => Object.keys(uses))])
  const known = new Map(before.items.map((item) => [item.id, item]))
  return [...people].flatMap((person): TodayChange[] => {
    const because = after.closed[person]
    if (because !== undefined) return before.closed[person] === because ? [] : [{ kind: 'closed', person, because }]
    if (before.closed[person] !== undefined) return [{ kind: 'opened', person }]
    const items = after.items.flatMap(({ id, movement, uses }) => {
      const use = uses[person]
      const was = known.get(id)?.uses[person]
      if (!use || !was || told(use) === told(was)) return []
      const { takes } = use
      return [{ item: id, movement, changes: takes?.changes ?? [], ...(takes && { variant: takes.variant }) }]
    })
    return items.length > 0 ? [{ kind: 'items', person, items }] : []
  })
}
