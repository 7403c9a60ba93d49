import { BOTH, type Figure, outward, type Side } from './joints'
import { Camera, type Circle, capsule, type Drawing, disc, type Layer, type Paint, smooth, type Yaw } from './paint'
import { type PropKind, propLayers } from './props'
import { LENGTH, pregnancyLoad } from './skeleton'
import { add, apply, mix, scale, type Vec } from './vector'

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

/** Where somebody who jumps was and lands: without it nobody sees that the feet are off the floor. */
function landingLayer(figure: Figure, camera: Camera): Layer {
  const marks = BOTH.map((side) => {
    const { heel, toe } = figure.legs[side]
    return capsule({ at: camera.flat([heel[0], heel[1], 0]), r: 0.012 }, { at: camera.flat([toe[0], toe[1], 0]), r: 0.012 })
  })
  return { depth: -9, shapes: [{ tone: 'propFar', path: marks.join('') }] }
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
  const landing = figure.pose.airborne ? [landingLayer(figure, camera)] : []
  return [...body, ...landing, ...propLayers(figure, camera, props)].sort((a, b) => a.depth - b.depth)
}

/** `layersOf` with the box that holds them, which takes nearly half of the time: a figure that moves in a known box needs the layers only. */
export function draw(figure: Figure, yawDeg: Yaw, props: readonly PropKind[] = []): Drawing {
  const layers = layersOf(figure, yawDeg, props)
  return { layers, box: boxOf(layers) }
}
