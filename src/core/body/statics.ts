import { BOTH, type Figure, hipsLifted, type Side } from './joints'
import { centreOfMass } from './kinematics'
import { footEnds } from './legs'
import { armMassPoints, legMassPoints, type MassPoint, trunkMassPoints } from './massPoints'
import { FIXED_HOLDS, FOREARMS, type HandContact } from './pose'
import { GRAVITY } from './skeleton'
import { add, cross, length, scale, sub, unit, type Vec } from './vector'

/** What the hands and feet work against. */
export interface Load {
  /** kg in each hand that rests on nothing */
  handKg?: number
  /** kg in the right hand alone, beside that */
  rightHandKg?: number
  /** kg round each wrist */
  wristKg?: number
  /** kg on each ankle */
  ankleKg?: number
  /** N in each hand, towards the anchor */
  band?: { pullN: number; anchor: Vec }
}

/** Static moments, N·m, the larger side of each pair. */
export interface Moments {
  shoulder: number
  elbow: number
  hip: number
  knee: number
  lumbar: number
}

interface Force {
  at: Vec
  force: Vec
}
const weight = (at: Vec, massKg: number): Force => ({ at, force: [0, 0, -GRAVITY * massKg] })
const weights = (points: readonly MassPoint[]): Force[] => points.map(({ at, massKg }) => weight(at, massKg))

/** Moment of forces about a point, N·m. */
function momentAbout(joint: Vec, forces: readonly Force[]): number {
  return length(forces.reduce<Vec>((sum, { at, force }) => add(sum, cross(sub(at, joint), force)), [0, 0, 0]))
}

const supported = (hand: HandContact) => hand !== 'free'

/** kg that a hand holds. */
const heldKg = (figure: Figure, side: Side, load: Load): number =>
  supported(figure.pose[`${side}Hand`]) ? 0 : (load.handKg ?? 0) + (side === 'right' ? (load.rightHandKg ?? 0) : 0)

function handForces(figure: Figure, side: Side, load: Load): Force[] {
  const { hand, wrist } = figure.arms[side]
  const forces = [weight(hand, heldKg(figure, side, load)), weight(wrist, load.wristKg ?? 0)]
  if (load.band) forces.push({ at: hand, force: scale(unit(sub(load.band.anchor, hand)), load.band.pullN) })
  return forces
}

/** Forces on one arm from its own weight and what it holds; none beyond the shoulder when the hand rests on something. */
const armForces = (figure: Figure, side: Side, load: Load): Force[] =>
  supported(figure.pose[`${side}Hand`]) ? [] : [...weights(armMassPoints(figure.arms[side], figure.body.mass)), ...handForces(figure, side, load)]

/** Ground reaction under each foot of a standing body: the whole weight over the feet, shared so that the centre of mass stays above. */
function footReactions(figure: Figure, load: Load): Partial<Record<Side, Force>> {
  const down = BOTH.filter((side) => figure.pose[`${side}Foot`] !== 'free')
  if (figure.pose.stance !== 'stand' || down.length === 0) return {}
  const total =
    (figure.body.mass + heldKg(figure, 'left', load) + heldKg(figure, 'right', load) + 2 * (load.wristKg ?? 0) + 2 * (load.ankleKg ?? 0)) * GRAVITY
  const centre = centreOfMass(figure)
  const under = (side: Side): Vec => {
    const { heel, ball } = figure.legs[side]
    const low = Math.min(heel[1], ball[1])
    const high = Math.max(heel[1], ball[1])
    return [(heel[0] + ball[0]) / 2, Math.min(high, Math.max(low, centre[1])), 0]
  }
  if (down.length === 1) return { [down[0]!]: { at: under(down[0]!), force: [0, 0, total] } }
  const [a, b] = [under('left'), under('right')]
  const apart = sub(b, a)
  const span = apart[0] ** 2 + apart[1] ** 2
  const share = span < 1e-6 ? 0.5 : Math.min(1, Math.max(0, ((centre[0] - a[0]) * apart[0] + (centre[1] - a[1]) * apart[1]) / span))
  return { left: { at: a, force: [0, 0, total * (1 - share)] }, right: { at: b, force: [0, 0, total * share] } }
}

/** Whether the mat, the bed or the back of the chair carries the trunk. */
const trunkCarried = (figure: Figure) => figure.pose.backRests || ['supine', 'prone', 'side', 'incline'].includes(figure.pose.stance)

/**
 * Static moments at five joints from segment weights, hand loads and band pull; muscles on the other side of the joint and motion
 * are not in them. Legs that stand carry the ground reaction.
 *
 * @returns N·m, the larger of left and right
 */
export function moments(figure: Figure, load: Load = {}): Moments {
  const reactions = footReactions(figure, load)
  const larger = (of: (side: Side) => number) => Math.max(...BOTH.map(of))
  const legForces = (side: Side, from: 'hip' | 'knee'): Force[] => {
    const points = legMassPoints(figure.legs[side], figure.body.mass).filter((point) => from === 'hip' || point.segment !== 'thigh')
    const carried = reactions[side]
    const resting = !carried && figure.pose[`${side}Foot`] !== 'free'
    if (resting) return []
    return [...weights(points), weight(figure.legs[side].ankle, load.ankleKg ?? 0), ...(carried ? [carried] : [])]
  }
  const upper = trunkMassPoints(figure).filter(({ segment }) => segment !== 'pelvis')
  const trunk: Force[] = trunkCarried(figure) ? [] : [...weights(upper), ...BOTH.flatMap((side) => armForces(figure, side, load))]
  return {
    shoulder: larger((side) => momentAbout(figure.arms[side].shoulder, armForces(figure, side, load))),
    elbow: larger((side) =>
      supported(figure.pose[`${side}Hand`])
        ? 0
        : momentAbout(figure.arms[side].elbow, [
            ...weights(armMassPoints(figure.arms[side], figure.body.mass).filter(({ segment }) => segment !== 'upperArm')),
            ...handForces(figure, side, load),
          ]),
    ),
    hip: larger((side) => momentAbout(figure.legs[side].hip, legForces(side, 'hip'))),
    knee: larger((side) => momentAbout(figure.legs[side].knee, legForces(side, 'knee'))),
    lumbar: momentAbout(figure.lumbar, trunk),
  }
}

/** Hands on these carry part of the body, and how much cannot be told from the pose; a chair's back or a rail is held lightly. */
const CARRYING: readonly HandContact[] = ['floor', 'wall', 'counter', 'seat', 'chairSeat', 'chairArm', ...FOREARMS]

/** Joints whose moment the pose alone does not give: more is on the ground than the feet of a stand. */
export function notEstimated(figure: Figure): (keyof Moments)[] {
  const { pose } = figure
  const handsCarry = BOTH.some((side) => CARRYING.includes(pose[`${side}Hand`]))
  switch (pose.stance) {
    case 'quadruped':
    case 'plank':
      return ['shoulder', 'elbow', 'hip', 'knee', 'lumbar']
    case 'prone':
      return ['hip', 'lumbar', ...(handsCarry ? (['shoulder', 'elbow'] as const) : [])]
    case 'supine':
      return hipsLifted(figure) ? ['hip', 'knee', 'lumbar'] : []
    case 'kneel':
      return ['hip', 'knee']
    default:
      return handsCarry ? ['shoulder', 'elbow', ...(pose.stance === 'stand' ? (['hip', 'knee', 'lumbar'] as const) : [])] : []
  }
}

type Point = readonly [number, number]

/** Convex hull, counter-clockwise (Andrew's monotone chain). */
export function hull(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1])
  const turn = (o: Point, a: Point, b: Point) => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0])
  const half = (list: readonly Point[]) => {
    const chain: Point[] = []
    for (const p of list) {
      while (chain.length >= 2 && turn(chain[chain.length - 2]!, chain[chain.length - 1]!, p) <= 1e-12) chain.pop()
      chain.push(p)
    }
    return chain.slice(0, -1)
  }
  return [...half(sorted), ...half(sorted.reverse())]
}

/** Signed distance from a point to the edge of a convex polygon, m: positive inside. */
export function insideBy(polygon: readonly Point[], p: Point): number {
  if (polygon.length < 3) return -Math.min(...polygon.map((q) => Math.hypot(p[0] - q[0], p[1] - q[1])))
  return Math.min(
    ...polygon.map((a, index) => {
      const b = polygon[(index + 1) % polygon.length]!
      const edge = Math.hypot(b[0] - a[0], b[1] - a[1])
      return ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0])) / edge
    }),
  )
}

const HALF_FOOT = 0.028

/** Corners of everything that carries: feet, fixed hand supports, the seat. */
export function supportPoints(figure: Figure): Point[] {
  const H = figure.body.stature
  const points: Point[] = []
  for (const side of BOTH) {
    for (const end of footEnds(figure, side) ?? []) points.push([end[0] - HALF_FOOT * H, end[1]], [end[0] + HALF_FOOT * H, end[1]])
    if (FIXED_HOLDS.includes(figure.pose[`${side}Hand`])) points.push([figure.arms[side].hand[0], figure.arms[side].hand[1]])
    if (figure.pose.stance === 'quadruped' || figure.pose.stance === 'kneel') {
      const { knee } = figure.legs[side]
      points.push([knee[0] - 0.03, knee[1]], [knee[0] + 0.03, knee[1]], [figure.legs[side].toe[0], figure.legs[side].toe[1]])
    }
  }
  if (figure.pose.stance === 'seat') for (const x of [-0.21, 0.21]) for (const y of [-0.16, 0.26]) points.push([x, figure.pelvis[1] + y])
  return points
}

/**
 * Balance margin in cm: how far the centre of mass, seen from above, lies inside the edge of what carries the body. Negative
 * outside. Lying bodies have no margin to lose: undefined.
 */
export function balanceMarginCm(figure: Figure, load: Load = {}): number | undefined {
  if (['supine', 'prone', 'side', 'incline', 'longSit'].includes(figure.pose.stance)) return undefined
  const centre = loadedCentre(figure, load)
  const points = supportPoints(figure)
  return points.length === 0 ? undefined : insideBy(hull(points), [centre[0], centre[1]]) * 100
}

/** Centre of mass of the body with what it holds. */
export function loadedCentre(figure: Figure, load: Load): Vec {
  const body = centreOfMass(figure)
  const held = BOTH.map((side) => ({ at: figure.arms[side].hand, massKg: heldKg(figure, side, load) }))
  const total = figure.body.mass + held.reduce((sum, point) => sum + point.massKg, 0)
  return held.reduce<Vec>((sum, { at, massKg }) => add(sum, scale(at, massKg / total)), scale(body, figure.body.mass / total))
}
