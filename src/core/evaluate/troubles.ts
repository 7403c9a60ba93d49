import { type PlanDraft, wholeItem } from '../plan'
import { groupedBy, type Kit } from '../vocabulary'
import type { Evaluation } from './evaluate'
import { type KitFew, kitFew, usedIn } from './kitFew'
import { missingKit } from './options'
import { type RoomWarning, roomWarnings } from './roomWarnings'

type InRoom = Extract<RoomWarning, { code: 'low-ceiling' | 'room-small' | 'poor-footing' | 'behind' }>

/** What of a plan does not go with its people, its room or what its leader shows; `items` as they stand in the plan. */
export type Trouble =
  /** takes part today and has nothing to do there */
  | { code: 'nothing-for'; person: string; name: string; items: string[] }
  /** more versions side by side than the leader shows */
  | { code: 'versions'; most: number; items: string[] }
  /** `kit`: all that is lacking for them */
  | { code: 'kit'; kit: Kit[]; items: string[] }
  /** kit that is there, for fewer than would have it at a time */
  | ({ code: 'kit-few'; items: string[] } & KitFew)
  /** done on the floor, in a class that does not go there */
  | { code: 'floor'; items: string[] }
  | InRoom

/** What of somebody is newer than the plan: they are new on its list, it was said at the door of the day, or their record was changed. */
export type Since = 'new' | 'today' | 'record'

const once = (items: readonly string[]): string[] => [...new Set(items.map(wholeItem))]

/** Everything that does not fit in a judged class, people first, in the order of the roster. */
export function troublesOf(plan: PlanDraft, { items, people }: Pick<Evaluation, 'items' | 'people'>): Trouble[] {
  const restless = people.flatMap(({ id, name }, person): Trouble[] => {
    const without = once(items.flatMap(({ uses, prescription }) => (uses[person]!.kind === 'rests' ? [prescription.item.id] : [])))
    return without.length > 0 ? [{ code: 'nothing-for', person: id, name, items: without }] : []
  })
  const crowded = once(items.flatMap(({ shown, levels, prescription }) => (shown.length > most(plan.tracks, levels) ? [prescription.item.id] : [])))
  const lacking = lackingKit(items, plan.room)
  const floor = lacking.filter(({ kit }) => kit.includes('mat'))
  const kit = lacking.filter((one) => !floor.includes(one))
  const room = roomWarnings(
    plan.room,
    items.map(({ prescription }) => prescription),
    people,
  )
  const kitTroubles: Trouble[] =
    kit.length > 0 ? [{ code: 'kit', kit: [...new Set(kit.flatMap((one) => one.kit))], items: once(kit.map(({ item }) => item)) }] : []
  return [
    ...restless,
    ...(crowded.length > 0 ? [{ code: 'versions', most: plan.tracks, items: crowded } as const] : []),
    ...kitTroubles,
    ...fewTroubles(items, plan.room),
    ...(floor.length > 0 ? [{ code: 'floor', items: once(floor.map(({ item }) => item)) } as const] : []),
    ...room.flatMap((warning): Trouble[] => (warning.code === 'outdoors' ? [] : [{ ...warning, items: once(warning.items) }])),
  ]
}

/** Levels that were chosen are shown, however many, unless the leader shows one version only. */
const most = (tracks: number, levels: Evaluation['items'][number]['levels']): number => (tracks === 1 ? 1 : Math.max(tracks, levels.length))

/** By kind of kit, with the most that need it at a time. */
function fewTroubles(items: Evaluation['items'], room: PlanDraft['room']): Trouble[] {
  const few = items.flatMap(({ prescription, uses }) =>
    kitFew(usedIn(prescription, uses), room).map((one) => ({ ...one, item: prescription.item.id })),
  )
  return [...groupedBy(few, ({ kit }) => kit).values()].map((group) => ({
    code: 'kit-few',
    kit: group[0]!.kit,
    people: Math.max(...group.map(({ people }) => people)),
    enoughFor: group[0]!.enoughFor,
    items: once(group.map(({ item }) => item)),
  }))
}

const lackingKit = (items: Evaluation['items'], room: PlanDraft['room']): { item: string; kit: Kit[] }[] =>
  items.flatMap(({ prescription: { item, entry } }) => {
    const kit = entry ? missingKit(entry, room) : []
    return kit.length > 0 ? [{ item: item.id, kit }] : []
  })
