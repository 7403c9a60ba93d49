import { MEASURES, type Measure, type Measured } from '../client'
import type { Day } from '../vocabulary'

/** A value of somebody's own, measured on a day. */
export interface Value {
  on: Day
  value: number
}

/** How a measure of somebody has gone. */
export interface Trend {
  kind: Measure
  side?: 'left' | 'right'
  /** the earliest first */
  values: Value[]
  /** the last against the first */
  since?: Change
  /** the last against the one before it, where there are more than two */
  lately?: Change
}
export interface Change {
  from: Value
  to: Value
  /** in the unit of the measure */
  by: number
  /** as much as repeating it gives by itself: no change */
  is: 'better' | 'worse' | 'no-change'
  /** so much repeating it gives by itself */
  margin: number
}

/**
 * What repeating a measurement gives by itself without anybody having changed, in its unit: house estimates, on the large side, so that a good day is not
 * called progress. Rises from a chair 3; a stance 4 s or 30 per cent of it; getting up and going 2 s or 20 per cent.
 */
export function marginOf(kind: Measure, value: number): number {
  switch (kind) {
    case 'chair-rises':
      return 3
    case 'one-leg':
      return Math.max(4, 0.3 * value)
    case 'get-up-and-go':
      return Math.max(2, 0.2 * value)
  }
}

function changeOf(kind: Measure, from: Value, to: Value): Change {
  const by = to.value - from.value
  const margin = marginOf(kind, Math.max(from.value, to.value))
  // getting up and going is better the sooner it is over
  const better = kind === 'get-up-and-go' ? by < 0 : by > 0
  return { from, to, by, margin, is: Math.abs(by) < margin ? 'no-change' : better ? 'better' : 'worse' }
}

/** What was measured of somebody over time, against their own values; only what was measured at least once. */
export function trendsOf(measured: readonly Measured[]): Trend[] {
  return MEASURES.flatMap((kind) =>
    (kind === 'one-leg' ? (['left', 'right'] as const) : [undefined]).flatMap((side): Trend[] => {
      const values = measured
        .filter((one) => one.kind === kind && one.side === side)
        .map(({ on, value }) => ({ on, value }))
        .toSorted((a, b) => a.on.localeCompare(b.on))
      const [first, last, before] = [values[0], values.at(-1), values.at(-2)]
      if (!first || !last) return []
      return [
        {
          kind,
          ...(side && { side }),
          values,
          ...(values.length > 1 && { since: changeOf(kind, first, last) }),
          ...(values.length > 2 && { lately: changeOf(kind, before!, last) }),
        },
      ]
    }),
  )
}

export interface WeakerSide {
  side: 'left' | 'right'
  left: number
  right: number
  on: Day
  /** measured days running, with this one, on which it was this side */
  times: number
}

/** The leg on which somebody stands shorter by more than repeating gives by itself, on the last day on which both were measured. */
export function weakerSide(measured: readonly Measured[]): WeakerSide | undefined {
  const on = (day: Day, side: 'left' | 'right') => measured.find((one) => one.kind === 'one-leg' && one.on === day && one.side === side)?.value
  const days = [...new Set(measured.filter(({ kind }) => kind === 'one-leg').map((one) => one.on))].sort().flatMap((day) => {
    const [left, right] = [on(day, 'left'), on(day, 'right')]
    if (left === undefined || right === undefined) return []
    const differs = Math.abs(left - right) >= marginOf('one-leg', Math.max(left, right))
    return [{ on: day, left, right, side: !differs ? undefined : left < right ? ('left' as const) : ('right' as const) }]
  })
  const last = days.at(-1)
  if (!last?.side) return undefined
  const other = days.findLastIndex(({ side }) => side !== last.side)
  return { side: last.side, left: last.left, right: last.right, on: last.on, times: days.length - 1 - other }
}
