import { BOTH, type Figure, outward, type Side } from './joints'
import { LENGTH, pregnancyLoad } from './skeleton'
import { add, apply, cosDeg, mix, scale, sinDeg, type Vec } from './vector'

/** What a shape stands for; the screen gives each tone its colour in light and dark. */
export type Tone = 'skin' | 'hair' | 'top' | 'topFar' | 'legs' | 'legsFar' | 'shoe' | 'prop' | 'propFar' | 'load' | 'band' | 'ground'

/** One layer: closed or open paths in metres, painted far to near. `line` gives a stroke width instead of a fill. */
export interface Paint {
  tone: Tone
  path: string
  line?: number
}
export interface Layer {
  /** distance towards the viewer, m; greater is nearer */
  depth: number
  /** painted as one silhouette with a common outline */
  shapes: Paint[]
}
export interface Drawing {
  layers: Layer[]
  /** box that holds everything, m: x, y (downward), width, height */
  box: readonly [number, number, number, number]
}

export type PropKind =
  | 'chair'
  | 'wheelchair'
  | 'chairAhead'
  | 'wall'
  | 'rail'
  | 'counter'
  | 'mat'
  | 'bed'
  | 'wedge'
  | 'dumbbells'
  /** from the hands to under the feet */
  | 'band'
  /** between the hands */
  | 'bandHands'
  /** a loop round both thighs */
  | 'loop'
  | 'ball'
  | 'step'
  | 'towel'

/** Angle from which the figure is seen: 0 from the front, 90 from its right side, 35 three-quarter. */
export type Yaw = number

interface Circle {
  at: readonly [number, number]
  r: number
}

const fixed = (value: number) => (Math.round(value * 1000) / 1000).toString()
const at = (p: readonly [number, number]) => `${fixed(p[0])} ${fixed(p[1])}`

/** Outline of two circles and what lies between them. */
function capsule(a: Circle, b: Circle): string {
  const dx = b.at[0] - a.at[0]
  const dy = b.at[1] - a.at[1]
  const distance = Math.hypot(dx, dy)
  const big = a.r > b.r ? a : b
  if (distance <= Math.abs(a.r - b.r) + 1e-6) return disc(big)
  const spread = Math.acos((a.r - b.r) / distance)
  const along = Math.atan2(dy, dx)
  const point = (c: Circle, angle: number) => [c.at[0] + c.r * Math.cos(angle), c.at[1] + c.r * Math.sin(angle)] as const
  const [a1, a2, b1, b2] = [point(a, along + spread), point(a, along - spread), point(b, along + spread), point(b, along - spread)]
  const flag = (large: boolean) => (large ? 1 : 0)
  return `M${at(a1)}A${fixed(a.r)} ${fixed(a.r)} 0 ${flag(spread < Math.PI / 2)} 1 ${at(a2)}L${at(b2)}A${fixed(b.r)} ${fixed(b.r)} 0 ${flag(spread > Math.PI / 2)} 1 ${at(b1)}Z`
}
const disc = ({ at: [x, y], r }: Circle) =>
  `M${at([x - r, y])}A${fixed(r)} ${fixed(r)} 0 1 1 ${at([x + r, y])}A${fixed(r)} ${fixed(r)} 0 1 1 ${at([x - r, y])}Z`
const polygon = (points: readonly (readonly [number, number])[]) => `M${points.map(at).join('L')}Z`

/** A closed curve through points, smoothed by quadratic steps from middle to middle. */
function smooth(points: readonly (readonly [number, number])[]): string {
  const middle = (i: number) => {
    const a = points[i % points.length]!
    const b = points[(i + 1) % points.length]!
    return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as const
  }
  return `M${at(middle(points.length - 1))}${points.map((p, i) => `Q${at(p)} ${at(middle(i))}`).join('')}Z`
}

interface Proportions {
  limb: number
  trunkWidth: number
  trunkDepth: number
}
const PROPORTIONS: Record<string, Proportions> = {
  older: { limb: 1, trunkWidth: 1, trunkDepth: 1.05 },
  pregnant: { limb: 1, trunkWidth: 1, trunkDepth: 1 },
  larger: { limb: 1.26, trunkWidth: 1.24, trunkDepth: 1.5 },
  wheelchair: { limb: 0.96, trunkWidth: 1.04, trunkDepth: 1.08 },
}

class Camera {
  private readonly c: number
  private readonly s: number
  constructor(yawDeg: Yaw) {
    this.c = cosDeg(yawDeg)
    this.s = sinDeg(yawDeg)
  }
  /** From the front the person's right is on the viewer's left. y points down, as on screens. */
  flat(v: Vec): readonly [number, number] {
    return [-v[0] * this.c + v[1] * this.s, -v[2] - this.depth(v) * 0.06]
  }
  depth(v: Vec): number {
    return v[1] * this.c + v[0] * this.s
  }
  /** Half the width that a horizontal ellipse with these half axes shows; `turn` is the section's own turn about the vertical. */
  width(wide: number, deep: number, right: Vec, forward: Vec): number {
    const a = this.flat(scale(right, wide))
    const b = this.flat(scale(forward, deep))
    return Math.hypot(a[0], b[0], a[1], b[1])
  }
}

function trunkShapes(figure: Figure, camera: Camera, p: Proportions): Paint[] {
  const H = figure.body.stature
  const level = (centre: Vec, frame: Figure['thoraxFrame'], wide: number, deep: number, ahead = 0) => ({
    centre: camera.flat(add(centre, scale(frame[1], ahead * H))),
    half: camera.width(wide * H * p.trunkWidth, deep * H * p.trunkDepth, frame[0], frame[1]),
  })
  const { pelvisFrame, abdomenFrame, thoraxFrame } = figure
  const seat = add(figure.pelvis, scale(pelvisFrame[2], -0.035 * H))
  const sections = [
    level(seat, pelvisFrame, 0.078, 0.062),
    level(figure.pelvis, pelvisFrame, 0.095, 0.07),
    level(figure.lumbar, pelvisFrame, 0.092, 0.066, 0.004),
    level(mix(figure.lumbar, figure.waist, 0.75), abdomenFrame, 0.08, 0.062, 0.006),
    level(mix(figure.waist, figure.neckBase, 0.4), thoraxFrame, 0.094, 0.07, 0.008),
    level(mix(figure.waist, figure.neckBase, 0.74), thoraxFrame, 0.116, 0.066, 0.004),
    level(mix(figure.waist, figure.neckBase, 0.96), thoraxFrame, 0.121, 0.048),
    level(add(figure.neckBase, scale(thoraxFrame[2], 0.022 * H)), thoraxFrame, 0.05, 0.036),
  ]
  // half-widths are laid across the path of the section centres
  const edge = (sign: 1 | -1) =>
    sections.map(({ centre, half }, i) => {
      const before = sections[Math.max(0, i - 1)]!.centre
      const after = sections[Math.min(sections.length - 1, i + 1)]!.centre
      const dx = after[0] - before[0]
      const dy = after[1] - before[1]
      const size = Math.hypot(dx, dy) || 1
      return [centre[0] + (sign * half * -dy) / size, centre[1] + (sign * half * dx) / size] as const
    })
  const shapes: Paint[] = [{ tone: 'top', path: smooth([...edge(1), ...edge(-1).reverse()]) }]
  const week = figure.body.gestationalWeek
  if (week !== undefined && week > 10) {
    const share = Math.min(1, pregnancyLoad(week).massKg / 6.5)
    const centre = add(mix(figure.lumbar, figure.waist, 0.45), scale(abdomenFrame[1], (0.03 + 0.042 * share) * H))
    shapes.push({ tone: 'top', path: disc({ at: camera.flat(centre), r: (0.05 + 0.034 * share) * H }) })
  }
  return shapes
}

function headLayer(figure: Figure, camera: Camera): Layer {
  const H = figure.body.stature
  const r = 0.058 * H
  const point = (v: Vec) => camera.flat(add(figure.head, apply(figure.headFrame, scale(v, H))))
  const circle = (v: Vec, size: number): Circle => ({ at: point(v), r: size * H })
  const facing = camera.depth(figure.headFrame[1])
  const face = capsule({ at: point([0, 0.004, 0.012]), r }, { at: point([0, 0.014, -0.022]), r: r * 0.8 })
  const nose = capsule(circle([0, 0.05, -0.004], 0.011), circle([0, 0.061, -0.014], 0.008))
  const back: Paint = { tone: 'hair', path: capsule(circle([0, -0.014, 0.02], 0.055), circle([0, -0.03, -0.018], 0.04)) }
  const crown: Paint = { tone: 'hair', path: capsule(circle([0, 0.008, 0.046], 0.03), circle([0, -0.016, 0.034], 0.045)) }
  const neck: Paint = {
    tone: 'skin',
    path: capsule(
      { at: camera.flat(add(figure.neckBase, scale(figure.thoraxFrame[2], -0.012 * H))), r: 0.034 * H },
      { at: point([0, -0.008, -0.03]), r: 0.031 * H },
    ),
  }
  const front: Paint[] = [
    { tone: 'skin', path: face },
    { tone: 'skin', path: nose },
  ]
  // the hair lies behind the face, over it only when seen from behind; from the side it covers the back half
  const shapes = facing > 0.5 ? [back, neck, ...front, crown] : facing < -0.3 ? [neck, ...front, crown, back] : [neck, ...front, back, crown]
  return { depth: camera.depth(figure.head) + 0.001, shapes }
}

function armLayer(figure: Figure, camera: Camera, side: Side, p: Proportions, far: boolean): Layer {
  const H = figure.body.stature * p.limb
  const { shoulder, elbow, wrist, hand } = figure.arms[side]
  const circle = (v: Vec, r: number): Circle => ({ at: camera.flat(v), r: r * H })
  const sleeveEnd = mix(shoulder, elbow, 0.8)
  return {
    depth: camera.depth(mix(elbow, wrist, 0.35)) * 0.7 + camera.depth(shoulder) * 0.3,
    shapes: [
      { tone: 'skin', path: capsule(circle(elbow, 0.0205), circle(wrist, 0.0145)) + capsule(circle(sleeveEnd, 0.0215), circle(elbow, 0.0205)) },
      { tone: 'skin', path: capsule(circle(wrist, 0.0155), circle(hand, 0.0165)) },
      { tone: far ? 'topFar' : 'top', path: capsule(circle(shoulder, 0.0335), circle(sleeveEnd, 0.0265)) },
    ],
  }
}

function legLayer(figure: Figure, camera: Camera, side: Side, p: Proportions, far: boolean): Layer {
  const H = figure.body.stature * p.limb
  const { hip, knee, ankle, heel, ball, toe } = figure.legs[side]
  const circle = (v: Vec, r: number): Circle => ({ at: camera.flat(v), r: r * H })
  const up = 0.016
  const lifted = (v: Vec) => mix(v, ankle, up / LENGTH.ankleHeight)
  return {
    depth: camera.depth(mix(knee, ankle, 0.3)) * 0.7 + camera.depth(hip) * 0.3,
    shapes: [
      {
        tone: 'shoe',
        path:
          capsule(circle(lifted(heel), 0.02), circle(lifted(ball), 0.0165)) +
          capsule(circle(lifted(ball), 0.0165), circle(lifted(toe), 0.012)) +
          capsule(circle(mix(ankle, heel, 0.2), 0.021), circle(lifted(heel), 0.02)),
      },
      {
        tone: far ? 'legsFar' : 'legs',
        path: capsule(circle(hip, 0.054), circle(knee, 0.0355)) + capsule(circle(knee, 0.0345), circle(mix(knee, ankle, 0.93), 0.0225)),
      },
    ],
  }
}

interface PropContext {
  figure: Figure
  camera: Camera
}
type PropDrawer = (context: PropContext) => Layer[]

const bar =
  (camera: Camera) =>
  (a: Vec, b: Vec, r = 0.013): string =>
    capsule({ at: camera.flat(a), r }, { at: camera.flat(b), r })

const slab = (camera: Camera, x: number, y: readonly [number, number], z: number, thick: number): string => {
  const corner = (cx: number, cy: number, cz: number) => camera.flat([cx, cy, cz])
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
function chairShapes(camera: Camera, back: number, front: number, seatZ: number, backZ: number): Paint[] {
  const line = bar(camera)
  const x = 0.2
  const legs = [-x, x].flatMap((side) => [line([side, back, 0.01], [side, back, backZ]), line([side, front, 0.01], [side, front, seatZ - 0.02])])
  const rails = [backZ - 0.01, backZ - 0.17].map((z) => line([-x, back, z], [x, back, z], 0.016))
  return [
    { tone: 'propFar', path: legs.join('') },
    { tone: 'prop', path: slab(camera, x, [Math.min(back, front), Math.max(back, front)], seatZ, 0.035) + rails.join('') },
  ]
}

/** Where the support stands: at the hand that holds it. */
const supportY = (figure: Figure): number => {
  const holding = BOTH.filter((side) => ['chairBack', 'wall', 'rail', 'counter'].includes(figure.pose[`${side}Hand`]))
  return Math.max(...(holding.length > 0 ? holding : BOTH).map((side) => figure.arms[side].wrist[1]))
}

const PROPS: Record<PropKind, PropDrawer> = {
  chair: ({ figure, camera }) => {
    const y = figure.pelvis[1]
    return [{ depth: -9, shapes: chairShapes(camera, y - 0.2, y + 0.2, figure.room.seatHeight, figure.room.seatHeight + 0.43) }]
  },
  wheelchair: ({ figure, camera }) => {
    const y = figure.pelvis[1]
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
    const y = supportY(figure)
    // seen from the front it stands before the person, from the side between the far and the near arm
    const depth = camera.depth([0, 1, 0]) > 0.4 ? 8 : camera.depth(figure.pelvis)
    return [{ depth, shapes: chairShapes(camera, y, y + 0.42, 0.45, 0.88) }]
  },
  wall: ({ figure, camera }) => {
    const y = supportY(figure) + 0.05
    return [{ depth: -9, shapes: [{ tone: 'propFar', path: bar(camera)([0, y, 0.02], [0, y, 1.95], 0.022) }] }]
  },
  rail: ({ figure, camera }) => {
    const y = supportY(figure)
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
  counter: ({ figure, camera }) => {
    const y = supportY(figure)
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
      const across = scale(figure.thoraxFrame[0], 0.06)
      const [a, b] = [add(hand, across), add(hand, scale(across, -1))]
      const r = (v: Vec, size: number): Circle => ({ at: camera.flat(v), r: size })
      return {
        depth: 6 + camera.depth(hand) * 0.01,
        shapes: [{ tone: 'load' as const, path: capsule(r(a, 0.012), r(b, 0.012)) + disc(r(a, 0.03)) + disc(r(b, 0.03)) }],
      }
    }),
  band: ({ figure, camera }) => {
    const [l, r] = [figure.arms.left.hand, figure.arms.right.hand].map((v) => at(camera.flat(v)))
    const [a, b] = BOTH.map((side) => at(camera.flat(figure.legs[side].ball)))
    return [{ depth: 7, shapes: [{ tone: 'band', path: `M${l}L${a}L${b}L${r}`, line: 0.018 }] }]
  },
  bandHands: ({ figure, camera }) => {
    const [l, r] = [figure.arms.left.hand, figure.arms.right.hand].map((v) => at(camera.flat(v)))
    return [{ depth: 7, shapes: [{ tone: 'band', path: `M${l}L${r}`, line: 0.018 }] }]
  },
  loop: ({ figure, camera }) => {
    const above = BOTH.map((side) => mix(figure.legs[side].hip, figure.legs[side].knee, 0.82))
    const edge = (v: Vec, side: Side) => at(camera.flat(add(v, [0.055 * outward(side), 0, 0])))
    return [{ depth: 7, shapes: [{ tone: 'band', path: `M${edge(above[0]!, 'left')}L${edge(above[1]!, 'right')}`, line: 0.03 }] }]
  },
  ball: ({ figure, camera }) => {
    const { left, right } = figure.arms
    const centre = mix(left.hand, right.hand, 0.5)
    return [{ depth: 6, shapes: [{ tone: 'load', path: disc({ at: camera.flat(add(centre, [0, 0.02, 0])), r: 0.1 }) }] }]
  },
  towel: ({ figure, camera }) => {
    const { left, right } = figure.arms
    return [{ depth: 7, shapes: [{ tone: 'band', path: `M${at(camera.flat(left.hand))}L${at(camera.flat(right.hand))}`, line: 0.03 }] }]
  },
  step: ({ figure, camera }) => {
    const y = figure.legs.right.toe[1]
    return [{ depth: -8, shapes: [{ tone: 'prop', path: slab(camera, 0.3, [y - 0.06, y + 0.3], 0.12, 0.12) }] }]
  },
}

function matExtent(figure: Figure): { x: number; y: readonly [number, number] } {
  const ys = [figure.head[1], figure.pelvis[1], ...BOTH.flatMap((side) => [figure.legs[side].toe[1], figure.legs[side].knee[1]])]
  return { x: 0.3, y: [Math.min(...ys) - 0.14, Math.max(...ys) + 0.1] }
}

/** Pen commands of a path: letter and numbers. Every path here is made of M, L, Q, A and Z with absolute points. */
const commandsOf = (path: string): [string, number[]][] =>
  (path.match(/[MLQAVHZ][^MLQAVHZ]*/g) ?? []).map((command) => [command[0]!, (command.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number)])

function boxOf(layers: readonly Layer[]): Drawing['box'] {
  let [left, top, right, bottom] = [0, 0, 0, 0]
  const cover = (x: number, y: number, r = 0) => {
    left = Math.min(left, x - r)
    top = Math.min(top, y - r)
    right = Math.max(right, x + r)
    bottom = Math.max(bottom, y + r)
  }
  for (const { shapes } of layers) {
    for (const { path } of shapes) {
      let at: readonly [number, number] = [0, 0]
      for (const [letter, numbers] of commandsOf(path)) {
        if (letter === 'A') {
          // nearly half a circle: it bulges by its radius from the middle of its ends
          const end = [numbers[5]!, numbers[6]!] as const
          cover((at[0] + end[0]) / 2, (at[1] + end[1]) / 2, numbers[0]!)
          at = end
        } else {
          for (let i = 0; i + 1 < numbers.length; i += 2) {
            at = [numbers[i]!, numbers[i + 1]!]
            cover(at[0], at[1])
          }
        }
      }
    }
  }
  const pad = 0.03
  return [left - pad, top - pad, right - left + 2 * pad, bottom - top + 2 * pad]
}

/**
 * A figure as layers of paths, far to near: limbs and trunk as tapered capsules and sections, with what the body stands, sits or
 * lies on.
 *
 * @param yawDeg direction of view: 0 front, 90 from the right side
 */
export function layersOf(figure: Figure, yawDeg: Yaw, props: readonly PropKind[] = []): Layer[] {
  const camera = new Camera(yawDeg)
  const p = PROPORTIONS[figure.body.shape]!
  const middle = camera.depth(mix(figure.pelvis, figure.neckBase, 0.5))
  const far = (side: Side) => camera.depth(scale(figure.thoraxFrame[0], outward(side))) < -0.35
  const trunk: Layer = { depth: middle, shapes: trunkShapes(figure, camera, p) }
  const body = [
    trunk,
    headLayer(figure, camera),
    ...BOTH.flatMap((side) => [armLayer(figure, camera, side, p, far(side)), legLayer(figure, camera, side, p, far(side))]),
  ]
  return [...body, ...props.flatMap((kind) => PROPS[kind]({ figure, camera }))].sort((a, b) => a.depth - b.depth)
}

/** `layersOf` with the box that holds them, which takes nearly half of the time: a figure that moves in a known box needs the layers only. */
export function draw(figure: Figure, yawDeg: Yaw, props: readonly PropKind[] = []): Drawing {
  const layers = layersOf(figure, yawDeg, props)
  return { layers, box: boxOf(layers) }
}
