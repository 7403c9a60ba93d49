import { add, dot, length, scale, sub, unit, type Vec } from './vector'

/** Middle joint of two links from `root` that end at `target`, bending towards `pole`; a target out of reach is approached. */
export function twoLink(root: Vec, target: Vec, first: number, second: number, pole: Vec): { middle: Vec; end: Vec } {
  const whole = sub(target, root)
  const reach = Math.min(length(whole), (first + second) * 0.9995)
  const distance = Math.max(reach, Math.abs(first - second) + 1e-4)
  const axis = unit(whole)
  const along = (first * first - second * second + distance * distance) / (2 * distance)
  const across = Math.sqrt(Math.max(0, first * first - along * along))
  const bend = unit(sub(pole, scale(axis, dot(pole, axis))), [0, 1, 0])
  return { middle: add(add(root, scale(axis, along)), scale(bend, across)), end: add(root, scale(axis, distance)) }
}
