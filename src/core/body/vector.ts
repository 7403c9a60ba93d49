/** A point or direction in metres: x to the person's right, y forward, z up. */
export type Vec = readonly [number, number, number]
/** Rotation as three columns: where x, y and z go. */
export type Frame = readonly [Vec, Vec, Vec]

const DEG = Math.PI / 180
export const sinDeg = (deg: number) => Math.sin(deg * DEG)
export const cosDeg = (deg: number) => Math.cos(deg * DEG)
export const toDeg = (rad: number) => rad / DEG

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]]
export const sub = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]]
export const scale = (a: Vec, k: number): Vec => [a[0] * k, a[1] * k, a[2] * k]
export const dot = (a: Vec, b: Vec) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
export const cross = (a: Vec, b: Vec): Vec => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]]
export const length = (a: Vec) => Math.hypot(a[0], a[1], a[2])
export const distance = (a: Vec, b: Vec) => length(sub(a, b))
export const mix = (a: Vec, b: Vec, t: number): Vec => [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t, a[2] + (b[2] - a[2]) * t]
/** Unit vector; a zero vector falls back to `otherwise`. */
export const unit = (a: Vec, otherwise: Vec = [0, 0, 1]): Vec => {
  const size = length(a)
  return size < 1e-9 ? otherwise : scale(a, 1 / size)
}
/** Angle between two directions, degrees 0 to 180. */
export const angleBetween = (a: Vec, b: Vec) => toDeg(Math.acos(Math.min(1, Math.max(-1, dot(unit(a), unit(b))))))

export const WORLD: Frame = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
]
/** A vector given in the frame's own axes, in world axes. */
export const apply = (frame: Frame, v: Vec): Vec => add(add(scale(frame[0], v[0]), scale(frame[1], v[1])), scale(frame[2], v[2]))
/** A world vector in the frame's own axes. */
export const into = (frame: Frame, v: Vec): Vec => [dot(frame[0], v), dot(frame[1], v), dot(frame[2], v)]
export const compose = (outer: Frame, inner: Frame): Frame => [apply(outer, inner[0]), apply(outer, inner[1]), apply(outer, inner[2])]

/** Positive turns the hanging limb forward (flexion): z down swings to y. */
export const aboutX = (deg: number): Frame => [
  [1, 0, 0],
  [0, cosDeg(deg), sinDeg(deg)],
  [0, -sinDeg(deg), cosDeg(deg)],
]
export const aboutY = (deg: number): Frame => [
  [cosDeg(deg), 0, -sinDeg(deg)],
  [0, 1, 0],
  [sinDeg(deg), 0, cosDeg(deg)],
]
export const aboutZ = (deg: number): Frame => [
  [cosDeg(deg), sinDeg(deg), 0],
  [-sinDeg(deg), cosDeg(deg), 0],
  [0, 0, 1],
]

/** The angle through which one frame must turn to become another, degrees 0 to 180. */
export const turnBetween = (a: Frame, b: Frame) => {
  const trace = dot(a[0], b[0]) + dot(a[1], b[1]) + dot(a[2], b[2])
  return toDeg(Math.acos(Math.min(1, Math.max(-1, (trace - 1) / 2))))
}
