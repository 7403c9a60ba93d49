import { BOTH, type Figure, hipsLifted, type Room, type Side, STANDARD_ROOM } from './joints'
import { centreOfMass, moved, placeAt, solve, withWristAt } from './kinematics'
import { FIXED_HOLDS, FOREARMS, type FootContact, type HandContact, HOLDS, interpolate, type Pose, type Stance } from './pose'
import type { Body } from './skeleton'
import { add, length, mix, scale, sinDeg, sub, type Vec } from './vector'

/** Contacts that stand in the room and not on the own body. */
const IN_THE_ROOM: readonly HandContact[] = [...FIXED_HOLDS, 'rim']

/** Feet that differ by less than this in how far they went have moved together, m. */
const TOGETHER = 0.03

const flat = ([x, y]: Vec): Vec => [x, y, 0]

/** How the body must be moved so that what it stands, kneels or lies on in both figures is at the same place. */
function drift(from: Figure, to: Figure): Vec {
  const of = (point: (figure: Figure) => Vec) => flat(sub(point(from), point(to)))
  const { stance } = to.pose
  if (stance !== from.pose.stance) return [0, 0, 0]
  if (stance === 'kneel' || stance === 'quadruped') {
    // a foot that is set up takes its knee off the floor: the body stays on the other
    const [one, other = one] = BOTH.filter((side) => from.pose[`${side}Foot`] === 'free' && to.pose[`${side}Foot`] === 'free')
    return of(({ legs }) => mix(legs[one ?? 'left'].knee, legs[other ?? 'right'].knee, 0.5))
  }
  if (to.pose.backOn !== undefined) return of((figure) => mix(figure.waist, figure.neckBase, 0.6))
  if (stance === 'supine') return hipsLifted(from) || hipsLifted(to) ? of((figure) => figure.neckBase) : [0, 0, 0]
  if (stance !== 'stand' && stance !== 'plank') return [0, 0, 0]
  // nothing steers a body in the air
  if (from.pose.airborne || to.pose.airborne) return of(centreOfMass)
  const down = BOTH.filter((side) => from.pose[`${side}Foot`] !== 'free' && to.pose[`${side}Foot`] !== 'free')
  const { planted } = to.pose
  if (planted && down.includes(planted)) return of((figure) => figure.legs[planted].ball)
  const kept = down.filter((side) => from.pose[`${side}Foot`] === to.pose[`${side}Foot`])
  const ways = (kept.length > 0 ? kept : down).map((side) => of((figure) => figure.legs[side].ball))
  const [one, other] = ways
  if (!one) return [0, 0, 0]
  if (!other) return one
  // two feet that go as far either way, as in a squat or a star, leave the middle where it is; otherwise the one that goes less stands
  if (Math.abs(length(one) - length(other)) < TOGETHER) return mix(one, other, 0.5)
  return length(one) < length(other) ? one : other
}

/** Hands that hold the same thing in both figures hold it at the same place; on a rail they may slide along it. */
const gripping = (figure: Figure, as: Figure): Figure =>
  BOTH.filter((side) => {
    const on = figure.pose[`${side}Hand`]
    return IN_THE_ROOM.includes(on) && on === as.pose[`${side}Hand`]
  }).reduce((held, side) => {
    const on = figure.pose[`${side}Hand`]
    const [x, y, z] = as.arms[side].wrist
    const own = figure.arms[side].wrist
    return withWristAt(held, side, on === 'rail' ? [own[0], y, z] : on === 'banister' ? [x, own[1], z] : [x, y, z])
  }, figure)

const standing = (figure: Figure, before: Figure): Figure => {
  const by = drift(before, figure)
  return length(by) < 1e-6 ? figure : moved(figure, by)
}

/** A foot that is first set on a step further out than this has the step beside the body, m. */
const BESIDE = 0.2
/** Half the width of a step before the body and of one beside it, and what it has beyond the outer foot, m. */
const STEP_HALF = 0.32
const STEP_BESIDE_HALF = 0.2
const FOOT_ROOM = 0.1

/** The step under the balls of the feet that are set on it. */
function stepUnder(balls: readonly Vec[]): NonNullable<Figure['furniture']>['step'] {
  const [x, y, z] = balls[0]!
  if (Math.abs(x) <= BESIDE) return { at: [0, y, z], half: STEP_HALF }
  const xs = balls.map((ball) => ball[0])
  const [from, to] = [Math.min(...xs), Math.max(...xs)]
  return { at: [(from + to) / 2, y, z], half: Math.max(STEP_BESIDE_HALF, (to - from) / 2 + FOOT_ROOM) }
}

function furnitureOf(figures: readonly Figure[], tallest: Figure): Figure['furniture'] {
  const holding = [tallest, ...figures].flatMap((figure) =>
    BOTH.filter((side) => HOLDS.includes(figure.pose[`${side}Hand`])).map((side) => {
      const { elbow, wrist } = figure.arms[side]
      // a counter begins where the elbow lies on it
      return { figure, at: FOREARMS.includes(figure.pose[`${side}Hand`]) ? elbow : wrist }
    }),
  )
  const first = holding.filter(({ figure }) => figure === holding[0]?.figure).map(({ at }) => at)
  const lowest = figures.reduce((low, figure) => (figure.pelvis[2] < low.pelvis[2] ? figure : low))
  const steps = figures.flatMap((figure) => BOTH.filter((side) => figure.pose[`${side}Foot`] === 'step').map((side) => figure.legs[side].ball))
  return {
    seat: lowest.pelvis,
    raised: figures.map(({ legs }) => legs.right.ankle).reduce((high, ankle) => (ankle[2] > high[2] ? ankle : high)),
    ...(steps.length > 0 && { step: stepUnder(steps) }),
    ...(first.length > 0 && { support: scale(first.reduce(add), 1 / first.length) }),
  }
}

/** A pose that is taller than the first by less than this is no better place to take hold from, m. */
const AS_TALL = 0.04

/** Furniture stands where the tallest pose holds it: one comes up to a chair before one bends behind it. */
const tallestOf = (figures: readonly Figure[]): Figure =>
  figures.reduce((tall, figure) => (figure.neckBase[2] > tall.neckBase[2] + AS_TALL ? figure : tall))

/** The figure without its sway to the side, which does not move the furniture. */
const centred = (figure: Figure, first: Figure): Figure =>
  figure.pose.stance === 'stand' ? moved(figure, [first.pelvis[0] - figure.pelvis[0], 0, 0]) : figure

/**
 * Poses of one movement placed in one room: what is stood on and held stays where it is from pose to pose.
 *
 * @param after figures of the same movement that come before, as those of the other side: the first pose begins where theirs did
 */
export function stage(poses: readonly Pose[], body: Body, room: Room = STANDARD_ROOM, after: readonly Figure[] = []): Figure[] {
  const figures: Figure[] = []
  for (const pose of poses) {
    const figure = solve(pose, body, room)
    const before = figures.at(-1) ?? after[0]
    figures.push(before ? standing(figure, before) : figure)
  }
  const holder = after.length > 0 ? tallestOf(after) : centred(tallestOf(figures), figures[0]!)
  const held = figures.map((figure) => gripping(figure, holder))
  const furniture = after[0]?.furniture ?? furnitureOf(held, holder)
  return held.map((figure) => ({ ...figure, furniture }))
}

/** A foot that comes down farther than this from where it was has stepped, m. */
const STEPPED = 0.03
/** How high a stepping foot is lifted half-way, m. */
const STEP_LIFT = 0.07

/** Stances whose feet carry, so that they stay or step on the way from pose to pose. */
const ON_THE_FEET: readonly Stance[] = ['stand', 'plank']

const contactOf = (figure: Figure, side: Side) => figure.pose[`${side}Foot`]

/** Contact of a foot on the way: in the air when it is so at either end, otherwise as it turns on its ball or heel. */
function contactBetween(from: Figure, to: Figure, side: Side): FootContact {
  const [a, b] = [contactOf(from, side), contactOf(to, side)]
  if (a === 'free' || b === 'free') return 'free'
  return a === 'flat' ? b : a
}

/** The feet that step: where both change places, as in walking, the one that goes forward. */
function steppingFeet(from: Figure, to: Figure): Side[] {
  const gone = (side: Side) => flat(sub(to.legs[side].ankle, from.legs[side].ankle))
  const moving = BOTH.filter((side) => contactOf(from, side) !== 'free' && contactOf(to, side) !== 'free' && length(gone(side)) > STEPPED)
  return moving.length === 2 && gone('left')[1] * gone('right')[1] < 0 ? moving.filter((side) => gone(side)[1] > 0) : moving
}

/** Whether the same feet carry at the same places in both figures. */
export const feetStay = (from: Figure, to: Figure): boolean =>
  BOTH.every((side) => (contactOf(from, side) === 'free') === (contactOf(to, side) === 'free')) && steppingFeet(from, to).length === 0

/**
 * The figure a share `t` of the way from one staged figure to the next: feet that stay stay, feet that step are lifted, and hands keep hold.
 *
 * @param t 0 to 1
 */
export function stagedBetween(from: Figure, to: Figure, t: number): Figure {
  if (t <= 0) return from
  if (t >= 1) return to
  const nearer = t < 0.5 ? from : to
  const between: Pose = {
    ...interpolate(from.pose, to.pose, t),
    leftFoot: contactBetween(from, to, 'left'),
    rightFoot: contactBetween(from, to, 'right'),
  }
  if (!ON_THE_FEET.includes(between.stance) || from.pose.stance !== to.pose.stance) {
    const figure = gripping(standing(solve(between, from.body, from.room), nearer), nearer)
    return from.furniture ? { ...figure, furniture: from.furniture } : figure
  }
  const stepping = steppingFeet(from, to)
  // two feet at once are a jump, or slide: they are not lifted one by one
  const lifted = stepping.length === 1 ? stepping : []
  const ankle = (side: Side): Vec => {
    const at = mix(from.legs[side].ankle, to.legs[side].ankle, t)
    return lifted.includes(side) ? add(at, [0, 0, STEP_LIFT * sinDeg(180 * t)]) : at
  }
  const pose: Pose = { ...between, ...Object.fromEntries(lifted.map((side) => [`${side}Foot`, 'free'])) }
  const ankles = { left: ankle('left'), right: ankle('right') }
  const figure = placeAt(pose, from, from.lean + (to.lean - from.lean) * t, { pelvis: mix(from.pelvis, to.pelvis, t), ankles })
  const held = gripping(figure, nearer)
  return from.furniture ? { ...held, furniture: from.furniture } : held
}
