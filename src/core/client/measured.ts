import { z } from 'zod'
import { daySchema } from './calendar'

/** What an instructor can measure of what somebody can do: rises from a chair in 30 s, seconds on one leg, seconds to get up, go 3 m, come back and sit. */
export const MEASURES = ['chair-rises', 'one-leg', 'get-up-and-go'] as const
export type Measure = (typeof MEASURES)[number]
/** Most of each, in its own unit: a stance is stopped at 30 s (rule base 1.4, `p.singleLegTestSec`). */
export const MOST_MEASURED: Readonly<Record<Measure, number>> = { 'chair-rises': 60, 'one-leg': 30, 'get-up-and-go': 180 }

export const measuredSchema = z
  .strictObject({
    kind: z.enum(MEASURES),
    on: daySchema,
    /** of a stance on one leg, the leg that stands */
    side: z.enum(['left', 'right']).optional(),
    value: z.number().min(0).max(180),
  })
  .refine(({ kind, side }) => (kind === 'one-leg') === (side !== undefined), {
    path: ['side'],
    message: 'expected a side for a stance, and none for the others',
  })
  .refine(({ kind, value }) => value <= MOST_MEASURED[kind], {
    path: ['value'],
    message: 'expected no more than can be measured: 60 rises, 30 s on a leg, 180 s',
  })
  .refine(({ kind, value }) => kind !== 'chair-rises' || Number.isInteger(value), { path: ['value'], message: 'expected whole rises' })
export type Measured = z.output<typeof measuredSchema>

interface Measurable {
  measured: readonly Measured[]
  capability: { singleLegSec?: number | undefined; chairRises30s?: number | undefined; getUpAndGoSec?: number | undefined }
}

/**
 * A record with what was measured: the latest of each is what the rules read. Of a stance they read the weaker leg (rule base 1.4); while only one leg is
 * known it counts where it is weaker than what was noted, for the other may be weaker still.
 *
 * @param measured of the same measure, day and side the last that is given
 */
export function withMeasured<R extends Measurable>(record: R, measured: readonly Measured[]): R {
  const isSame = (one: Measured, other: Measured) => one.kind === other.kind && one.on === other.on && one.side === other.side
  const added = measured.filter((one, at) => !measured.slice(at + 1).some((later) => isSame(one, later)))
  const all = [...record.measured.filter((before) => !added.some((one) => isSame(one, before))), ...added].toSorted((a, b) =>
    a.on.localeCompare(b.on),
  )
  const latest = (kind: Measure, side?: Measured['side']) => all.findLast((one) => one.kind === kind && one.side === side)?.value
  const [rises, left, right, go] = [latest('chair-rises'), latest('one-leg', 'left'), latest('one-leg', 'right'), latest('get-up-and-go')]
  const { singleLegSec } = record.capability
  const legs = [left, right].flatMap((one) => (one === undefined ? [] : [one]))
  const weaker =
    legs.length === 2 ? Math.min(...legs) : legs.length === 1 && singleLegSec !== undefined ? Math.min(singleLegSec, legs[0]!) : undefined
  return {
    ...record,
    measured: all,
    capability: {
      ...record.capability,
      ...(rises !== undefined && { chairRises30s: rises }),
      ...(weaker !== undefined && { singleLegSec: weaker }),
      ...(go !== undefined && { getUpAndGoSec: go }),
    },
  }
}
