import { ankleAnchor, roundTheBack, sideAnchor } from './band'
import { BOTH, type Figure, outward, type Side, SUPPORT } from './joints'
import { at, type Camera, type Circle, capsule, disc, type Layer, type Paint, polygon } from './paint'
import { HOLDS } from './pose'
import { add, cosDeg, length, mix, scale, sinDeg, sub, type Vec } from './vector'

export type PropKind =
  /** what is sat on, or risen from */
  | 'chair'
  /** a large one that is sat on */
  | 'bigBall'
  /** a large one in both arms */
  | 'armBall'
  /** a large one under the lower legs of somebody who lies */
  | 'legBall'
  /** a large one under the shoulder blades of somebody whose feet stand on the floor */
  | 'shoulderBall'
  /** a bench or couch under the shoulder blades, across the body */
  | 'bench'
  /** one weight in the fold of the right knee */
  | 'kneeWeight'
  /** a large one between the back and a wall */
  | 'backBall'
  | 'armchair'
  /** a chair that carries the lower legs, or one foot behind */
  | 'legChair'
  | 'wheelchair'
  /** a chair to hold: before two hands, beside one */
  | 'chairAhead'
  /** a heavy chair ahead that faces the person, for hands on its seat */
  | 'seatAhead'
  | 'wall'
  | 'rail'
  /** rails along the way the body faces, at the hands that hold them */
  | 'banisters'
  | 'counter'
  | 'table'
  | 'mat'
  | 'bed'
  | 'wedge'
  /** under the head of somebody who lies */
  | 'pillow'
  | 'dumbbells'
  /** one weight, in both hands where they are together, otherwise in the right one */
  | 'weight'
  | 'ankleCuffs'
  | 'wristCuffs'
  /** from the hands to under the feet */
  | 'band'
  /** between the hands */
  | 'bandHands'
  /** a loop round both thighs */
  | 'loop'
  /** from hand to hand round the back */
  | 'bandBack'
  /** from both hands to something fixed at the left */
  | 'bandSide'
  /** from the right ankle to something fixed ahead */
  | 'bandAnkle'
  /** in the hands, or on the lap while they are elsewhere */
  | 'ball'
  /** between the knees */
  | 'kneeBall'
  /** a small one in the right hand */
  | 'handBall'
  /** round the right foot, an end in each hand */
  | 'strap'
  /** round the right ankle, an end in the right hand */
  | 'ankleStrap'
  | 'step'
  /** a small one, as high as a step; who bounces holds the rail before it */
  | 'trampoline'
  | 'towel'
  /** in both hands, its ends beyond them */
  | 'stick'
  /** before a chair, a foot on each */
  | 'pedals'

interface PropContext {
  figure: Figure
  camera: Camera
}
type PropDrawer = (context: PropContext) => Layer[]

const bar =
  (camera: Camera) =>
  (a: Vec, b: Vec, r = 0.013): string =>
    capsule({ at: camera.flat(a), r }, { at: camera.flat(b), r })

const slab = (camera: Camera, x: number, y: readonly [number, number], z: number, thick: number, middle = 0): string => {
  const corner = (cx: number, cy: number, cz: number) => camera.flat([middle + cx, cy, cz])
  const top = polygon([corner(-x, y[0], z), corner(x, y[0], z), corner(x, y[1], z), corner(-x, y[1], z)])
  const side = [
    polygon([corner(-x, y[1], z), corner(x, y[1], z), corner(x, y[1], z - thick), corner(-x, y[1], z - thick)]),
    polygon([corner(x, y[0], z), corner(x, y[1], z), corner(x, y[1], z - thick), corner(x, y[0], z - thick)]),
    polygon([corner(-x, y[0], z), corner(-x, y[1], z), corner(-x, y[1], z - thick), corner(-x, y[0], z - thick)]),
    polygon([corner(-x, y[0], z), corner(x, y[0], z), corner(x, y[0], z - thick), corner(-x, y[0], z - thick)]),
  ]
  return [top, ...side].join('')
}

/** A chair with its seat between `back` and `front` along y, facing towards +y, or -y when turned. */
function chairShapes(camera: Camera, back: number, front: number, seatZ: number, backZ: number, middle = 0): Paint[] {
  const line = bar(camera)
  const x = 0.2
  const posts = [middle - x, middle + x]
  const legs = posts.flatMap((side) => [line([side, back, 0.01], [side, back, backZ]), line([side, front, 0.01], [side, front, seatZ - 0.02])])
  const rails = [backZ - 0.01, backZ - 0.17].map((z) => line([middle - x, back, z], [middle + x, back, z], 0.016))
  return [
    { tone: 'propFar', path: legs.join('') },
    { tone: 'prop', path: slab(camera, x, [Math.min(back, front), Math.max(back, front)], seatZ, 0.035, middle) + rails.join('') },
  ]
}

/** Where the support stands: at the hands that hold it, or held it in another pose of the movement. */
function supportAt(figure: Figure): Vec {
  if (figure.furniture?.support) return figure.furniture.support
  const holding = BOTH.filter((side) => HOLDS.includes(figure.pose[`${side}Hand`]))
  const wrists = (holding.length > 0 ? holding : BOTH).map((side) => figure.arms[side].wrist)
  return wrists.reduce((far, wrist) => (wrist[1] > far[1] ? wrist : far))
}

const wallLayer = (camera: Camera, y: number): Layer => ({
  depth: -9,
  shapes: [{ tone: 'propFar', path: bar(camera)([0, y, 0.02], [0, y, 1.95], 0.022) }],
})

/** A large ball rises this much about whoever sits on it, m. */
const BALL_GIVES = 0.07
const seatY = (figure: Figure): number => (figure.furniture?.seat ?? figure.pelvis)[1]

function seatLayers({ figure, camera }: PropContext, arms: boolean): Layer[] {
  const y = seatY(figure)
  const seat = figure.room.seatHeight
  const line = bar(camera)
  const rest = (x: number) =>
    line([x, y - 0.2, seat + 0.22], [x, y + 0.16, seat + 0.22], 0.018) + line([x, y + 0.14, seat + 0.22], [x, y + 0.14, seat])
  const near = camera.depth([1, 0, 0]) >= 0 ? 0.26 : -0.26
  const layers: Layer[] = [{ depth: -9, shapes: chairShapes(camera, y - 0.2, y + 0.2, seat, seat + 0.43) }]
  if (!arms) return layers
  layers[0]!.shapes.push({ tone: 'propFar', path: rest(-near) })
  return [...layers, { depth: camera.depth(figure.arms[near > 0 ? 'right' : 'left'].wrist) - 0.01, shapes: [{ tone: 'prop', path: rest(near) }] }]
}

const LIMB_CUFF = 0.036
/** A cuff round a limb, drawn across it a little above the joint. */
const cuff = (camera: Camera, from: Vec, joint: Vec): Paint => {
  const [a, b] = [mix(from, joint, 0.86), mix(from, joint, 0.97)].map((v) => camera.flat(v))
  return { tone: 'load', path: capsule({ at: a!, r: LIMB_CUFF }, { at: b!, r: LIMB_CUFF }) }
}

function weightShapes(camera: Camera, at: Vec, across: Vec): Paint[] {
  const [a, b] = [add(at, across), add(at, scale(across, -1))]
  const r = (v: Vec, size: number): Circle => ({ at: camera.flat(v), r: size })
  return [{ tone: 'load', path: capsule(r(a, 0.012), r(b, 0.012)) + disc(r(a, 0.03)) + disc(r(b, 0.03)) }]
}

const IN_FRONT = 7
const bandLayer = (camera: Camera, points: readonly Vec[], depth = IN_FRONT, width = 0.018): Layer => ({
  depth,
  shapes: [{ tone: 'band', path: `M${points.map((v) => at(camera.flat(v))).join('L')}`, line: width }],
})

/** Top of what carries the shoulder blades. */
const shouldersOn = (figure: Figure): Vec => {
  const [x, y] = mix(figure.waist, figure.neckBase, 0.6)
  return [x, y, figure.room.surface + (figure.pose.backOn ?? 0)]
}
const TABLE_TOP = 0.72
/** Hands nearer than this hold one thing together, m. */
const TOGETHER = 0.3

const PROPS: Record<PropKind, PropDrawer> = {
  chair: (context) => seatLayers(context, false),
  armchair: (context) => seatLayers(context, true),
  legChair: ({ figure, camera }) => {
    const ankle = figure.furniture?.raised ?? figure.legs.right.ankle
    const way = Math.sign(ankle[1] - figure.pelvis[1]) || 1
    const top = ankle[2] - 0.03 * figure.body.stature
    return [{ depth: -9, shapes: chairShapes(camera, ankle[1] + way * 0.2, ankle[1] - way * 0.2, top, top + 0.43) }]
  },
  bigBall: ({ figure, camera }) => {
    const r = (figure.room.seatHeight + BALL_GIVES) / 2
    return [{ depth: -8, shapes: [{ tone: 'propFar', path: disc({ at: camera.flat([0, seatY(figure), r]), r }) }] }]
  },
  armBall: ({ figure, camera }) => {
    const centre = add(mix(figure.arms.left.hand, figure.arms.right.hand, 0.5), [0, -0.1, 0])
    return [{ depth: 6, shapes: [{ tone: 'prop', path: disc({ at: camera.flat(centre), r: 0.24 }) }] }]
  },
  legBall: ({ figure, camera }) => {
    const shins = BOTH.map((side) => mix(figure.legs[side].knee, figure.legs[side].ankle, 0.55))
    const [, y, top] = mix(shins[0]!, shins[1]!, 0.5)
    const { surface } = figure.room
    const r = Math.max(0.12, (top - 0.05 - surface) / 2)
    return [{ depth: -9, shapes: [{ tone: 'propFar', path: disc({ at: camera.flat([0, y, surface + r]), r }) }] }]
  },
  shoulderBall: ({ figure, camera }) => {
    const r = shouldersOn(figure)[2] / 2
    return [{ depth: -9, shapes: [{ tone: 'propFar', path: disc({ at: camera.flat([0, shouldersOn(figure)[1], r]), r }) }] }]
  },
  bench: ({ figure, camera }) => {
    const [, y, top] = shouldersOn(figure)
    const [from, to] = [y - 0.26, y + 0.1]
    const legs = [-0.5, 0.5].flatMap((x) => [from + 0.05, to - 0.05].map((at) => bar(camera)([x, at, 0.01], [x, at, top - 0.06], 0.02)))
    return [
      {
        depth: -9,
        shapes: [
          { tone: 'propFar', path: legs.join('') },
          { tone: 'prop', path: slab(camera, 0.55, [from, to], top, 0.07) },
        ],
      },
    ]
  },
  backBall: ({ figure, camera }) => {
    const r = 0.27
    const y = figure.waist[1] - r - 0.1
    return [wallLayer(camera, y - r - 0.02), { depth: -8, shapes: [{ tone: 'prop', path: disc({ at: camera.flat([0, y, figure.waist[2]]), r }) }] }]
  },
  wheelchair: ({ figure, camera }) => {
    const y = seatY(figure)
    const seat = figure.room.seatHeight
    const line = bar(camera)
    const wheel = (x: number, cy: number, r: number, width: number): Paint => {
      const ring = Array.from({ length: 28 }, (_, i) => camera.flat([x, cy + r * cosDeg((i * 360) / 28), r + r * sinDeg((i * 360) / 28)]))
      return { tone: 'prop', path: polygon(ring), line: width }
    }
    const frame = [-0.23, 0.23].map(
      (x) =>
        line([x, y - 0.2, seat + 0.42], [x, y - 0.2, seat - 0.05]) +
        line([x, y - 0.2, seat], [x, y + 0.3, seat]) +
        line([x, y + 0.3, seat], [x, y + 0.42, 0.1]) +
        line([x, y - 0.2, seat + 0.2], [x, y + 0.12, seat + 0.2]),
    )
    const near = camera.depth([1, 0, 0]) >= 0 ? 0.27 : -0.27
    return [
      {
        depth: -9,
        shapes: [
          wheel(-near, y - 0.05, 0.3, 0.022),
          { tone: 'propFar', path: frame.join('') },
          { tone: 'prop', path: slab(camera, 0.2, [y - 0.2, y + 0.22], seat, 0.035) },
        ],
      },
      { depth: 9, shapes: [wheel(near, y - 0.05, 0.3, 0.022), wheel(near, y + 0.36, 0.075, 0.02)] },
    ]
  },
  chairAhead: ({ figure, camera }) => {
    const [x, y] = supportAt(figure)
    const beside = Math.abs(x) > 0.3
    // seen from the front it stands before the person, from the side between the far and the near arm
    const depth = beside ? camera.depth([x, y, 0]) - camera.depth(figure.pelvis) : camera.depth([0, 1, 0]) > 0.4 ? 8 : camera.depth(figure.pelvis)
    // beside the body the hand is on the near end of the chair's back
    return [{ depth, shapes: chairShapes(camera, y, y + 0.42, 0.45, 0.88, beside ? x + Math.sign(x) * 0.12 : 0) }]
  },
  seatAhead: ({ figure, camera }) => {
    const [x, y] = supportAt(figure)
    const beside = Math.abs(x) > 0.3
    const depth = beside ? camera.depth([x, 0, 0]) * 20 : camera.depth([0, 1, 0]) > 0.4 ? 8 : camera.depth(figure.pelvis)
    return [{ depth, shapes: chairShapes(camera, y + 0.34, y - 0.06, 0.45, 0.88, beside ? x + Math.sign(x) * 0.12 : 0) }]
  },
  wall: ({ figure, camera }) => [wallLayer(camera, supportAt(figure)[1] + 0.05)],
  rail: ({ figure, camera }) => {
    const [, y] = supportAt(figure)
    const line = bar(camera)
    return [
      {
        depth: camera.depth([0, y, 0]) > camera.depth(figure.pelvis) ? 7 : -8,
        shapes: [
          {
            tone: 'prop',
            path: line([-0.55, y, 0.93], [0.55, y, 0.93], 0.02) + line([-0.5, y, 0.01], [-0.5, y, 0.93]) + line([0.5, y, 0.01], [0.5, y, 0.93]),
          },
        ],
      },
    ]
  },
  banisters: ({ figure, camera }) => {
    const [, y] = supportAt(figure)
    const line = bar(camera)
    return BOTH.filter((side) => figure.pose[`${side}Hand`] === 'banister').map((side) => {
      const x = SUPPORT.banister * outward(side)
      return {
        depth: camera.depth([x, 0, 0]) * 20,
        shapes: [
          {
            tone: 'prop' as const,
            path:
              line([x, y - 0.6, SUPPORT.banisterZ - 0.02], [x, y + 0.6, SUPPORT.railZ - 0.02], 0.02) +
              [-0.55, 0.55].map((end) => line([x, y + end, 0.01], [x, y + end, SUPPORT.banisterZ - 0.02])).join(''),
          },
        ],
      }
    })
  },
  counter: ({ figure, camera }) => {
    const [, y] = supportAt(figure)
    return [
      {
        depth: camera.depth([0, y, 0]) > camera.depth(figure.pelvis) ? 7 : -8,
        shapes: [
          { tone: 'propFar', path: slab(camera, 0.42, [y - 0.02, y + 0.4], 0.86, 0.86) },
          { tone: 'prop', path: slab(camera, 0.45, [y - 0.05, y + 0.42], 0.9, 0.04) },
        ],
      },
    ]
  },
  table: ({ figure, camera }) => {
    const [from, to] = [seatY(figure) + 0.3, seatY(figure) + 0.95]
    const leg = (x: number, y: number) => bar(camera)([x, y, 0.01], [x, y, TABLE_TOP - 0.03], 0.02)
    return [
      {
        depth: camera.depth([0, 1, 0]) > 0.6 ? IN_FRONT : -8,
        shapes: [
          { tone: 'propFar', path: leg(-0.4, from + 0.05) + leg(0.4, from + 0.05) + leg(-0.4, to - 0.05) + leg(0.4, to - 0.05) },
          { tone: 'prop', path: slab(camera, 0.45, [from, to], TABLE_TOP, 0.035) },
        ],
      },
    ]
  },
  pillow: ({ figure, camera }) => {
    const [x, y, z] = figure.head
    const low = figure.room.surface
    const top = Math.min(low + 0.08, Math.max(low + 0.03, z - 0.055 * figure.body.stature))
    return [{ depth: -9.2, shapes: [{ tone: 'prop', path: slab(camera, 0.17, [y - 0.13, y + 0.13], top, top - low, x) }] }]
  },
  mat: ({ figure, camera }) => {
    const ys = matExtent(figure)
    return [{ depth: -10, shapes: [{ tone: 'propFar', path: slab(camera, ys.x, ys.y, figure.room.surface, 0.02) }] }]
  },
  bed: ({ figure, camera }) => {
    const ys = matExtent(figure)
    return [
      {
        depth: -10,
        shapes: [
          { tone: 'propFar', path: slab(camera, ys.x + 0.12, [ys.y[0] - 0.05, ys.y[1] + 0.05], figure.room.surface, 0.16) },
          {
            tone: 'prop',
            path: [-1, 1]
              .flatMap((s) => ys.y.map((y) => bar(camera)([s * (ys.x + 0.08), y, 0.01], [s * (ys.x + 0.08), y, figure.room.surface - 0.16], 0.022)))
              .join(''),
          },
        ],
      },
    ]
  },
  wedge: ({ figure, camera }) => {
    const back = (v: Vec) => camera.flat(add(v, scale(figure.thoraxFrame[1], -0.062 * figure.body.stature)))
    const base = (v: Vec) => camera.flat([v[0], v[1], figure.room.surface])
    const low = add(figure.lumbar, scale(figure.abdomenFrame[2], -0.02))
    const high = add(figure.neckBase, scale(figure.thoraxFrame[2], 0.16))
    return [{ depth: -9.5, shapes: [{ tone: 'prop', path: polygon([back(low), back(high), base(high), base(low)]) }] }]
  },
  dumbbells: ({ figure, camera }) =>
    // a hand that rests on something holds nothing
    BOTH.filter((side) => figure.pose[`${side}Hand`] === 'free').map((side) => {
      const { hand } = figure.arms[side]
      return { depth: 6 + camera.depth(hand) * 0.01, shapes: weightShapes(camera, hand, scale(figure.thoraxFrame[0], 0.06)) }
    }),
  weight: ({ figure, camera }) => {
    const { left, right } = figure.arms
    const both = length(sub(left.hand, right.hand)) < TOGETHER
    const hand = both ? mix(left.hand, right.hand, 0.5) : right.hand
    return [{ depth: 6 + camera.depth(hand) * 0.01, shapes: weightShapes(camera, hand, scale(figure.thoraxFrame[both ? 2 : 0], 0.06)) }]
  },
  ankleCuffs: ({ figure, camera }) =>
    BOTH.map((side) => {
      const { knee, ankle } = figure.legs[side]
      return { depth: camera.depth(ankle) + 0.02, shapes: [cuff(camera, knee, ankle)] }
    }),
  kneeWeight: ({ figure, camera }) => {
    const { hip, knee, ankle } = figure.legs.right
    const fold = mix(knee, mix(hip, ankle, 0.5), 0.22)
    return [{ depth: IN_FRONT, shapes: weightShapes(camera, fold, scale(figure.pelvisFrame[0], 0.06)) }]
  },
  wristCuffs: ({ figure, camera }) =>
    BOTH.map((side) => {
      const { elbow, wrist } = figure.arms[side]
      return { depth: camera.depth(wrist) + 0.6, shapes: [cuff(camera, elbow, wrist)] }
    }),
  band: ({ figure, camera }) => [bandLayer(camera, [figure.arms.left.hand, figure.legs.left.ball, figure.legs.right.ball, figure.arms.right.hand])],
  bandHands: ({ figure, camera }) => [bandLayer(camera, [figure.arms.left.hand, figure.arms.right.hand])],
  bandBack: ({ figure, camera }) => {
    const { left, right } = roundTheBack(figure)
    const behind = camera.depth(figure.thoraxFrame[1]) >= 0 ? -IN_FRONT : IN_FRONT
    return [
      bandLayer(camera, [left, right], behind),
      bandLayer(camera, [figure.arms.left.hand, left]),
      bandLayer(camera, [figure.arms.right.hand, right]),
    ]
  },
  bandSide: ({ figure, camera }) => [bandLayer(camera, [mix(figure.arms.left.hand, figure.arms.right.hand, 0.5), sideAnchor(figure)])],
  bandAnkle: ({ figure, camera }) => [bandLayer(camera, [figure.legs.right.ankle, ankleAnchor(figure)])],
  loop: ({ figure, camera }) => {
    const above = BOTH.map((side) => mix(figure.legs[side].hip, figure.legs[side].knee, 0.82))
    const edge = (v: Vec, side: Side) => at(camera.flat(add(v, [0.055 * outward(side), 0, 0])))
    return [{ depth: 7, shapes: [{ tone: 'band', path: `M${edge(above[0]!, 'left')}L${edge(above[1]!, 'right')}`, line: 0.03 }] }]
  },
  ball: ({ figure, camera }) => {
    const { left, right } = figure.arms
    const held = figure.pose.leftHand === 'free' && figure.pose.rightHand === 'free'
    const lap = add(mix(figure.legs.left.knee, figure.legs.right.knee, 0.5), [0, -0.12, 0.14])
    const centre = held ? add(mix(left.hand, right.hand, 0.5), [0, 0.02, 0]) : lap
    return [{ depth: 6, shapes: [{ tone: 'load', path: disc({ at: camera.flat(centre), r: 0.1 }) }] }]
  },
  kneeBall: ({ figure, camera }) => {
    const centre = mix(mix(figure.legs.left.knee, figure.legs.right.knee, 0.5), mix(figure.legs.left.hip, figure.legs.right.hip, 0.5), 0.12)
    const apart = length(sub(figure.legs.left.knee, figure.legs.right.knee))
    return [{ depth: camera.depth(centre), shapes: [{ tone: 'load', path: disc({ at: camera.flat(centre), r: Math.max(0.06, apart / 2 - 0.05) }) }] }]
  },
  handBall: ({ figure, camera }) => [{ depth: 6, shapes: [{ tone: 'load', path: disc({ at: camera.flat(figure.arms.right.hand), r: 0.035 }) }] }],
  ankleStrap: ({ figure, camera }) =>
    figure.pose.rightFoot === 'free' ? [bandLayer(camera, [figure.arms.right.hand, figure.legs.right.ankle], IN_FRONT, 0.026)] : [],
  strap: ({ figure, camera }) => [bandLayer(camera, [figure.arms.left.hand, figure.legs.right.ball, figure.arms.right.hand], IN_FRONT, 0.026)],
  towel: ({ figure, camera }) => {
    const { left, right } = figure.arms
    return [bandLayer(camera, [left.hand, right.hand], IN_FRONT, 0.03)]
  },
  stick: ({ figure, camera }) => {
    const { left, right } = figure.arms
    const beyond = (from: Vec, to: Vec) => mix(from, to, 1.25)
    return [{ depth: 6, shapes: [{ tone: 'load', path: bar(camera)(beyond(left.hand, right.hand), beyond(right.hand, left.hand), 0.012) }] }]
  },
  pedals: ({ figure, camera }) => {
    const [left, right] = BOTH.map((side) => add(figure.legs[side].ball, [0, -0.04, -0.035])) as [Vec, Vec]
    const axle = mix(left, right, 0.5)
    const [fore, aft]: Vec[] = [
      [axle[0], axle[1] + 0.16, 0.01],
      [axle[0], axle[1] - 0.16, 0.01],
    ]
    return [
      { depth: -6, shapes: [{ tone: 'prop', path: bar(camera)(fore!, aft!) + bar(camera)(axle, fore!) + bar(camera)(axle, aft!) }] },
      { depth: 3, shapes: [{ tone: 'load', path: bar(camera)(left, right, 0.011) }] },
    ]
  },
  trampoline: ({ figure, camera }) => {
    const [, y] = mix(figure.legs.left.ball, figure.legs.right.ball, 0.5)
    const rim = Array.from({ length: 28 }, (_, i): Vec => [0.48 * cosDeg((i * 360) / 28), y + 0.48 * sinDeg((i * 360) / 28), SUPPORT.stepZ])
    const feet = [0, 7, 14, 21].map((i) => bar(camera)(rim[i]!, [rim[i]![0], rim[i]![1], 0.01])).join('')
    return [
      { depth: -9, shapes: [{ tone: 'prop', path: feet }] },
      { depth: -8, shapes: [{ tone: 'propFar', path: polygon(rim.map((v) => camera.flat(v))) }] },
    ]
  },
  step: ({ figure, camera }) => {
    const { at, half } = figure.furniture?.step ?? { at: figure.legs.right.ball, half: 0.32 }
    const [x, y] = at
    return [{ depth: -8, shapes: [{ tone: 'prop', path: slab(camera, half, [y - 0.2, y + 0.12], SUPPORT.stepZ, SUPPORT.stepZ, x) }] }]
  },
}

function matExtent(figure: Figure): { x: number; y: readonly [number, number] } {
  const ys = [figure.head[1], figure.pelvis[1], ...BOTH.flatMap((side) => [figure.legs[side].toe[1], figure.legs[side].knee[1]])]
  return { x: 0.3, y: [Math.min(...ys) - 0.14, Math.max(...ys) + 0.1] }
}

/** Everything of a picture that is not the body. */
export const propLayers = (figure: Figure, camera: Camera, props: readonly PropKind[]): Layer[] =>
  props.flatMap((kind) => PROPS[kind]({ figure, camera }))
