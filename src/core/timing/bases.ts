import { type BasePosition, familyOf } from '../movement'

/** How much the base holds a person, from most to least: the height of the tread line. */
export const BASES = ['floor', 'bed', 'seat', 'heldStand', 'freeStand'] as const
export type Base = (typeof BASES)[number]

export function baseOf(position: BasePosition): Base {
  if (position.startsWith('bed-')) return 'bed'
  switch (familyOf(position)) {
    case 'seated':
      return 'seat'
    case 'standing':
      return position === 'standing-free' ? 'freeStand' : 'heldStand'
    default:
      return 'floor'
  }
}

type Level = 'floor' | 'bed' | 'seat' | 'stand'
/** The height at which somebody is held, whatever holds them there. */
export const levelOf = (position: BasePosition): Level => {
  // on the edge of the bed one sits
  if (familyOf(position) === 'seated') return 'seat'
  const base = baseOf(position)
  return base === 'heldStand' || base === 'freeStand' ? 'stand' : base
}

/** Seconds for a whole group to change level, up or down: house estimates. From bed to feet or floor it goes by way of sitting. */
const LEVEL_SECONDS: Record<Level, Record<Level, number>> = {
  seat: { seat: 0, stand: 8, floor: 30, bed: 12 },
  stand: { seat: 8, stand: 0, floor: 26, bed: 20 },
  floor: { seat: 30, stand: 26, floor: 0, bed: 42 },
  bed: { seat: 12, stand: 20, floor: 42, bed: 0 },
}
/** Another shape on the same level, from the back to the side say: a house estimate, s. */
const SHAPE_SECONDS = 6

/** Seconds for a whole group to come from one position to another. To take hold of the chair, or let go, costs nothing beside the link. */
export function changeSeconds(from: BasePosition, to: BasePosition): number {
  const [here, there] = [levelOf(from), levelOf(to)]
  if (here !== there) return LEVEL_SECONDS[here][there]
  return familyOf(from) === familyOf(to) ? 0 : SHAPE_SECONDS
}
