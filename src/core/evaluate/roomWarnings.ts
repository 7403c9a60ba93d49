import { REFERENCE_BODY } from '../body'
import { familyOf, spaceOf } from '../movement'
import type { PlanDraft, Prescription } from '../plan'
import type { AssessedPerson } from './roster'

/** What of the room does not go with what is planned in it, with the items it is said of. */
export type RoomWarning =
  | { code: 'low-ceiling'; items: string[]; needCm: number; haveCm: number }
  | { code: 'room-small'; items: string[]; needM2: number; haveM2: number }
  | { code: 'poor-footing'; items: string[]; footing: Exclude<PlanDraft['room']['footing'], 'firm'> }
  | { code: 'behind'; items: string[] }
  | { code: 'outdoors' }

/** Between finger tips and ceiling, m: an estimate. */
const OVER_HEAD = 0.05
/** Between two people who move side by side or one behind the other, m: an estimate. */
const APART = 0.3
/** A chair takes this much, m: an estimate. */
const CHAIR = { widthM: 0.6, depthM: 0.8 }
/** From this demand on balance (1 one hand, 3 with steps) somebody may have to catch themselves (rule base 1.2). */
const STEPPING = 3

const idsOf = (list: readonly { id: string }[]): string[] => list.map(({ id }) => id)

/** A class in a room: what is too low, too narrow, too soft or too close behind. Nothing is said of what is not known of the room. */
export function roomWarnings(room: PlanDraft['room'], items: readonly Prescription[], people: readonly AssessedPerson[]): RoomWarning[] {
  const taking = people.filter(({ assessment }) => !assessment.closed)
  const count = Math.max(1, taking.length)
  const tallest = Math.max(REFERENCE_BODY.stature, ...taking.map(({ statureCm }) => (statureCm ?? 0) / 100))
  const spaces = items.flatMap(({ item, entry }) => {
    if (!entry) return []
    const { topM } = spaceOf(entry.variant, tallest)
    const { widthM, depthM } = spaceOf(entry.variant)
    const isSeated = familyOf(entry.planned.basePosition) === 'seated'
    const width = Math.max(widthM, isSeated ? CHAIR.widthM : 0) + APART
    const depth = Math.max(depthM, isSeated ? CHAIR.depthM : 0) + APART
    return [{ id: item.id, needCm: Math.ceil((topM + OVER_HEAD) * 100), needM2: Math.ceil(width * depth * count) }]
  })
  const found: RoomWarning[] = []
  const { ceilingCm, areaM2, footing, behind, outdoors } = room
  const high = spaces.filter(({ needCm }) => ceilingCm !== undefined && needCm > ceilingCm)
  if (ceilingCm !== undefined && high.length > 0)
    found.push({ code: 'low-ceiling', items: idsOf(high), needCm: Math.max(...high.map(({ needCm }) => needCm)), haveCm: ceilingCm })
  const wide = spaces.filter(({ needM2 }) => areaM2 !== undefined && needM2 > areaM2)
  if (areaM2 !== undefined && wide.length > 0)
    found.push({ code: 'room-small', items: idsOf(wide), needM2: Math.max(...wide.map(({ needM2 }) => needM2)), haveM2: areaM2 })
  const standing = items.filter(({ demands }) => familyOf(demands.basePosition) === 'standing')
  const stepping = standing.filter(({ demands }) => demands.balanceDemand >= STEPPING)
  const unsteady = standing.filter(({ demands }) => demands.balanceDemand >= STEPPING || demands.impactLevel >= 1)
  if (footing !== 'firm' && unsteady.length > 0) found.push({ code: 'poor-footing', items: unsteady.map(({ item }) => item.id), footing })
  if (behind !== 'free' && stepping.length > 0) found.push({ code: 'behind', items: stepping.map(({ item }) => item.id) })
  if (outdoors) found.push({ code: 'outdoors' })
  return found
}
