import type { Edit } from '../plan'
import { ModelWriter, type Row, type Solver } from './lp'

/** One thing that can be done with a part of a plan. */
export interface Step {
  /** none = it stays as it is */
  edits: readonly Edit[]
  /** what is lost by it; 0 = nothing */
  price: number
  /** by so much the class becomes longer, or shorter where it is less than 0, s */
  seconds: number
  /** movements that it brings into the class */
  brings: readonly string[]
}

/** Something that a class should go on having: while one of these steps is taken, it has it. */
export interface Keepsake<S extends Step> {
  price: number
  kept: (step: S) => boolean
}

export interface Wanted<S extends Step> {
  /** how much longer or shorter the class may become, s; missing it has its price a second, so that the nearest is found where none fits */
  from: number
  until: number
  tooShort?: number
  keepsakes?: readonly Keepsake<S>[]
  /** kinds of steps that are to make the class longer by so much in all, as far as they can */
  floors?: readonly { of: (step: S) => boolean; seconds: number }[]
}

/** What a second costs by which a length is missed, where nothing else is said: more than anything that a movement of it is worth. */
const MISSED = 1
const FLOOR_MISSED = 0.1

/**
 * For each part of a plan the one step that together lose least, exactly. The first of equal ones is taken, so that the same question has the same
 * answer; nothing is brought in twice.
 *
 * @param choices the steps of each part, of which one is taken
 */
export function leastLoss<S extends Step>(
  choices: readonly (readonly S[])[],
  { from, until, tooShort = MISSED, keepsakes = [], floors = [] }: Wanted<S>,
  solver: Solver,
): S[] {
  const writer = new ModelWriter()
  const columns: { step: S; column: number }[] = []
  const brought = new Map<string, Row['terms']>()
  for (const [part, steps] of choices.entries()) {
    const terms = steps.map((step, index): [number, number] => {
      // among equals the first
      const column = writer.column(`part ${part}, step ${index}`, -step.price - index * 1e-6)
      columns.push({ step, column })
      for (const movement of step.brings) brought.set(movement, [...(brought.get(movement) ?? []), [column, 1]])
      return [column, 1]
    })
    writer.row(`one step of ${part}`, terms, { lower: 1, upper: 1 })
  }
  for (const [movement, terms] of brought) writer.row(`once ${movement}`, terms, { upper: 1 })
  const seconds = columns.map(({ step, column }): [number, number] => [column, step.seconds])
  const slack = (name: string, price: number) => writer.column(name, -price, 100_000, false)
  if (Number.isFinite(until)) writer.row('not too long', [...seconds, [slack('too long', MISSED), -1]], { upper: until })
  if (Number.isFinite(from)) writer.row('not too short', [...seconds, [slack('too short', tooShort), 1]], { lower: from })
  for (const [index, floor] of floors.entries()) {
    const of = columns.flatMap(({ step, column }): Row['terms'] => (floor.of(step) ? [[column, step.seconds]] : []))
    writer.row(`floor ${index}`, [...of, [slack(`below floor ${index}`, FLOOR_MISSED), 1]], { lower: floor.seconds })
  }
  for (const [index, { price, kept }] of keepsakes.entries()) {
    const keeping = columns.flatMap(({ step, column }): Row['terms'] => (kept(step) ? [[column, 1]] : []))
    writer.row(`keepsake ${index}`, [...keeping, [writer.column(`lost ${index}`, -price, 1, false), 1]], { lower: 1 })
  }
  const { x } = solver({ columns: writer.columns, rows: writer.rows }, { gap: 0 })
  if (!x) throw new Error('a plan whose parts may all stay has no answer')
  return columns.flatMap(({ step, column }) => (x[column]! > 0.5 ? [step] : []))
}
