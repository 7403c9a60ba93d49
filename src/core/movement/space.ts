import { BOTH, type Figure, REFERENCE_BODY, stage } from '../body'
import type { Variant } from './movement'

/** The room that one body takes up in a movement, its way included, m. */
export interface Space {
  /** of the highest point over the ground */
  topM: number
  widthM: number
  depthM: number
}

/** From the grip to the finger tips, and from the middle of the head to its top, m: of the reference body. */
const FINGERS = 0.07
const HEAD = 0.11

function pointsOf({ head, pelvis, arms, legs }: Figure): [number, number, number][] {
  return [
    [head[0], head[1], head[2] + HEAD],
    [...pelvis],
    ...BOTH.flatMap((side): [number, number, number][] => {
      const { elbow, hand } = arms[side]
      const { knee, heel, toe } = legs[side]
      return [[...elbow], [hand[0], hand[1], hand[2] + FINGERS], [...knee], [...heel], [...toe]]
    }),
  ]
}

const known = new WeakMap<object, Space>()

/**
 * The space that a movement takes, measured on its poses.
 *
 * @param stature of the person, m; all lengths go with it
 */
export function spaceOf(variant: Pick<Variant, 'poses' | 'room'>, stature: number = REFERENCE_BODY.stature): Space {
  let space = known.get(variant)
  if (!space) {
    const points = stage(variant.poses, REFERENCE_BODY, variant.room).flatMap(pointsOf)
    const along = (axis: 0 | 1 | 2) => points.map((point) => point[axis])
    const extent = (axis: 0 | 1) => Math.max(...along(axis)) - Math.min(...along(axis))
    // the hands reach on beyond the grip, to either side
    space = { topM: Math.max(...along(2)), widthM: extent(0) + 2 * FINGERS, depthM: extent(1) + FINGERS }
    known.set(variant, space)
  }
  const scale = stature / REFERENCE_BODY.stature
  return { topM: space.topM * scale, widthM: space.widthM * scale, depthM: space.depthM * scale }
}
