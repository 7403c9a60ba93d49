import { describe, expect, test } from 'vitest'
import { balanceMarginCm, bandPath, distance, type Figure, FOREARMS, mirrored, REFERENCE_BODY, samePose, stage, type Vec } from '@/core/body'
import { bandRunOf, motionOf, showsBothSides, type Variant } from '@/core/movement'
import { LIBRARY } from '.'

const VARIANTS = LIBRARY.entries.map(({ variant }) => variant)
const SIDES = ['left', 'right'] as const
/** How far what stands or holds may drift, m. */
const STAYS = 0.03
const MOMENTS = 24

const moments = (variant: Variant): Figure[] => {
  const motion = motionOf(variant)
  return Array.from({ length: MOMENTS }, (_, k) => motion.at((k / MOMENTS) * motion.period))
}

const gait = ({ poses }: Variant) => poses.length === 2 && showsBothSides(poses)
const leavesTheFloor = ({ declared }: Variant) => declared.impactLevel === 3

describe('a foot that is planted stays', () => {
  const standing = VARIANTS.filter((variant) => variant.poses.every(({ stance }) => stance === 'stand'))
  // a step leaves one foot where it is; in a gait the floor goes by, in a jump both feet are off it
  test.each(standing.filter((variant) => !gait(variant) && !leavesTheFloor(variant)).map((variant) => [variant.id, variant] as const))(
    '%s',
    (_, variant) => {
      const figures = stage(variant.poses, REFERENCE_BODY, variant.room)
      for (const [index, to] of figures.slice(1).entries()) {
        const from = figures[index]!
        const down = SIDES.filter((side) => from.pose[`${side}Foot`] === to.pose[`${side}Foot`] && to.pose[`${side}Foot`] !== 'free')
        const drifts = down.map((side) =>
          Math.hypot(to.legs[side].ball[0] - from.legs[side].ball[0], to.legs[side].ball[1] - from.legs[side].ball[1]),
        )
        if (drifts.length > 0) expect(Math.min(...drifts), `to pose ${index + 1}`).toBeLessThan(STAYS)
      }
    },
  )
})

/** How high both feet are off what they stand on at some moment, m. */
const highest = (variant: Variant) =>
  Math.max(...moments(variant).map(({ legs }) => Math.min(...SIDES.flatMap((side) => [legs[side].heel[2], legs[side].ball[2]]))))

describe('who lands has left the floor, and nobody else has', () => {
  test.each(VARIANTS.filter(({ poses }) => poses.every(({ stance }) => stance === 'stand')).map((variant) => [variant.id, variant] as const))(
    '%s',
    (_, variant) => {
      if (leavesTheFloor(variant)) expect(highest(variant)).toBeGreaterThan(0.015)
      else expect(variant.poses.some(({ airborne }) => airborne)).toBe(false)
    },
  )
})

/** What does not move along under a hand; on a rail it slides, across a rail it does not. */
const ACROSS = {
  chairBack: [0, 1, 2],
  chairSeat: [0, 1, 2],
  ownBack: [0, 1, 2],
  chairArm: [0, 1, 2],
  seat: [0, 1, 2],
  wall: [0, 1, 2],
  counter: [0, 1, 2],
  counterForearm: [0, 1, 2],
  floor: [0, 1, 2],
  floorForearm: [0, 1, 2],
  rail: [1, 2],
  banister: [0, 2],
} as const satisfies Partial<Record<Figure['pose']['leftHand'], readonly number[]>>
const isHeld = (on: string): on is keyof typeof ACROSS => on in ACROSS

describe('a hand that holds stays where it holds', () => {
  const holding = VARIANTS.filter(({ poses }) => poses.some((pose) => SIDES.some((side) => isHeld(pose[`${side}Hand`]))))
  test.each(holding.map((variant) => [variant.id, variant] as const))('%s', (_, variant) => {
    const places = new Map<string, Vec>()
    for (const figure of moments(variant)) {
      for (const side of SIDES) {
        const on = figure.pose[`${side}Hand`]
        if (!isHeld(on)) continue
        const { wrist } = figure.arms[side]
        const first = places.get(side + on) ?? wrist
        places.set(side + on, first)
        expect(Math.hypot(...ACROSS[on].map((axis) => wrist[axis]! - first[axis]!)), `${side} hand on ${on}`).toBeLessThan(STAYS)
      }
    }
  })
})

describe('a forearm that lies on something lies level, elbow and all', () => {
  const lying = VARIANTS.filter(({ poses }) => poses.some((pose) => SIDES.some((side) => FOREARMS.includes(pose[`${side}Hand`]))))
  test.each(lying.map((variant) => [variant.id, variant] as const))('%s', (_, variant) => {
    for (const figure of moments(variant))
      for (const side of SIDES) {
        const { elbow, wrist } = figure.arms[side]
        if (FOREARMS.includes(figure.pose[`${side}Hand`])) expect(Math.abs(elbow[2] - wrist[2])).toBeLessThan(STAYS)
      }
  })
  test('there are some', () => expect(lying.length).toBeGreaterThan(6))
})

const CHAIR = { half: 0.2, deep: 0.42, seatZ: 0.45, backZ: 0.88, back: 0.7, frame: 0.02 } as const

/** How deep a point lies in the back, the seat or the posts of a chair whose back stands at `y` and whose seat goes on from there, m. */
function insideChair([x, y, z]: Vec, at: { x: number; y: number }): number {
  const aside = CHAIR.half - Math.abs(x - at.x)
  if (aside < -CHAIR.frame || z > CHAIR.backZ) return 0
  const inBack = z > CHAIR.back ? CHAIR.frame - Math.abs(y - at.y) : 0
  const inSeat = y > at.y && y < at.y + CHAIR.deep ? CHAIR.frame - Math.abs(z - CHAIR.seatZ) : 0
  const post = (postY: number, top: number) => (z < top ? CHAIR.frame - Math.hypot(Math.abs(x - at.x) - CHAIR.half, y - postY) : 0)
  return Math.max(0, inBack, inSeat, post(at.y, CHAIR.backZ), post(at.y + CHAIR.deep, CHAIR.seatZ))
}

/** Points along both legs, from the knee down. */
const legPoints = ({ legs }: Figure): Vec[] =>
  SIDES.flatMap((side) => {
    const { knee, ankle, heel, toe } = legs[side]
    const between = (a: Vec, b: Vec, t: number): Vec => [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t, a[2] + (b[2] - a[2]) * t]
    return [knee, between(knee, ankle, 0.5), ankle, heel, toe]
  })

describe('no leg passes through what is held', () => {
  const held = VARIANTS.filter(({ props }) =>
    props.some((prop) => prop === 'chairAhead' || prop === 'wall' || prop === 'counter' || prop === 'banisters'),
  )
  test.each(held.map((variant) => [variant.id, variant] as const))('%s', (_, variant) => {
    const [first] = stage(variant.poses, REFERENCE_BODY, variant.room)
    const [x, y] = first!.furniture!.support!
    for (const figure of moments(variant)) {
      for (const point of legPoints(figure)) {
        const depth = variant.props.includes('chairAhead')
          ? insideChair(point, { x: Math.abs(x) > 0.3 ? x + Math.sign(x) * 0.12 : 0, y })
          : variant.props.includes('wall')
            ? point[1] - y - 0.05
            : variant.props.includes('counter')
              ? // the foot of a counter stands back a little
                point[2] > 0.9
                ? 0
                : point[1] - y - (point[2] < 0.12 ? 0.05 : 0)
              : Math.abs(point[0]) - 0.38
        expect(depth).toBeLessThan(0.02)
      }
    }
  })
})

describe('a band is longest at the effort', () => {
  const banded = VARIANTS.flatMap((variant) => {
    const run = bandRunOf(variant)
    return run ? [{ variant, run }] : []
  })
  test.each(banded.map(({ variant, run }) => [variant.id, variant, run] as const))('%s', (_, variant, run) => {
    const lengths = stage(variant.poses, REFERENCE_BODY, variant.room).map((figure) => bandPath(figure, run))
    for (const [index, long] of lengths.slice(1).entries()) expect(long).toBeGreaterThan(lengths[index]! + 0.02)
  })
  test('there are bands', () => expect(banded.length).toBeGreaterThan(12))
})

describe('an alternating figure begins even, or shows both sides', () => {
  const alternating = VARIANTS.filter(({ side }) => side === 'alternating')
  test.each(alternating.map((variant) => [variant.id, variant] as const))('%s', (_, { poses }) => {
    expect(showsBothSides(poses) || samePose(mirrored(poses[0]!), poses[0]!)).toBe(true)
  })
})

describe('balance margins are plausible', () => {
  const margin = (id: string, index?: number) => {
    const { variant } = LIBRARY.byId.get(id)!
    const margins = stage(variant.poses, REFERENCE_BODY, variant.room).map((figure) => balanceMarginCm(figure)!)
    return index === undefined ? Math.min(...margins) : margins[index]!
  }
  test('nobody stands outside what carries them', () => {
    for (const { id, poses } of VARIANTS) if (poses.some(({ stance }) => stance === 'stand')) expect(margin(id), id).toBeGreaterThan(0)
  })
  test('reaching to the edge lowers it', () => {
    for (const id of ['reach-forward-back/free', 'reach-forward-back/together']) expect(margin(id, 1)).toBeLessThan(margin(id, 0) - 2)
  })
  test('two hands on a chair raise it', () => {
    expect(margin('split-squat/hold2')).toBeGreaterThan(margin('split-squat/free') + 2)
    expect(margin('heel-raise/two-hands')).toBeGreaterThan(margin('heel-raise/free'))
  })
  test('risen heels leave little', () => {
    const risen = margin('heel-raise/free', 1)
    expect(risen).toBeGreaterThan(1)
    expect(risen).toBeLessThan(5)
  })
})

test('a movement does not jump: from moment to moment nothing goes far', () => {
  for (const { variant } of LIBRARY.entries.filter((_, index) => index % 7 === 0)) {
    const motion = motionOf(variant)
    const steps = 60
    const figures = Array.from({ length: steps }, (_, k) => motion.at((k / steps) * motion.period))
    for (const [index, to] of figures.slice(1).entries()) {
      const from = figures[index]!
      expect(distance(from.pelvis, to.pelvis), variant.id).toBeLessThan(0.25)
      expect(distance(from.head, to.head), variant.id).toBeLessThan(0.4)
    }
  }
})
