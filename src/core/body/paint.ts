import { cosDeg, scale, sinDeg, type Vec } from './vector'

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

/** Angle from which the figure is seen: 0 from the front, 90 from its right side, 35 three-quarter. */
export type Yaw = number

export interface Circle {
  at: readonly [number, number]
  r: number
}

const fixed = (value: number) => (Math.round(value * 1000) / 1000).toString()
export const at = (p: readonly [number, number]) => `${fixed(p[0])} ${fixed(p[1])}`

/** Outline of two circles and what lies between them. */
export function capsule(a: Circle, b: Circle): string {
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
export const disc = ({ at: [x, y], r }: Circle) =>
  `M${at([x - r, y])}A${fixed(r)} ${fixed(r)} 0 1 1 ${at([x + r, y])}A${fixed(r)} ${fixed(r)} 0 1 1 ${at([x - r, y])}Z`
export const polygon = (points: readonly (readonly [number, number])[]) => `M${points.map(at).join('L')}Z`

/** A closed curve through points, smoothed by quadratic steps from middle to middle. */
export function smooth(points: readonly (readonly [number, number])[]): string {
  const middle = (i: number) => {
    const a = points[i % points.length]!
    const b = points[(i + 1) % points.length]!
    return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as const
  }
  return `M${at(middle(points.length - 1))}${points.map((p, i) => `Q${at(p)} ${at(middle(i))}`).join('')}Z`
}

export class Camera {
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
