import { SLOT } from '../movement/demands'
import type { Comparison } from './predicate'
import { placeOf, type Residual, type Scene } from './residual'

/**
 * Many predicates flattened into one table of tests, each with the place to go on to when it holds and when it does not. Running it is one
 * loop over numbers: nested closures took three times as long, and generated code would need `unsafe-eval`, which the browser's
 * policy forbids.
 */
export interface Program {
  /** attribute of the variant, or below 0 a session field */
  slot: Int16Array
  op: Uint8Array
  value: Float64Array
  /** next test, or an end */
  onTrue: Int32Array
  onFalse: Int32Array
  /** first test of each predicate, or an end for a constant */
  start: Int32Array
}

const TRUE_END = -1
const FALSE_END = -2
const OPS: Record<Comparison, number> = { '==': 0, '!=': 1, '<': 2, '<=': 3, '>': 4, '>=': 5 }
const ONE_OF = 6
const NONE_OF = 7

interface Row {
  slot: number
  op: number
  value: number
  onTrue: number
  onFalse: number
}

/** Lays a residual down before what follows it and gives the place of its first test. */
function lay(residual: Residual, onTrue: number, onFalse: number, rows: Row[]): number {
  switch (residual.kind) {
    case 'constant':
      return residual.value ? onTrue : onFalse
    case 'test':
      return rows.push({ slot: placeOf(residual.reads), op: OPS[residual.op], value: residual.value, onTrue, onFalse }) - 1
    case 'oneOf': {
      const value = residual.codes.reduce((bits, code) => bits | (1 << code), 0)
      return rows.push({ slot: SLOT[residual.reads], op: residual.negated ? NONE_OF : ONE_OF, value, onTrue, onFalse }) - 1
    }
    // the last part is laid first, so that every part knows where the next one stands
    case 'and':
      return residual.parts.reduceRight((next, part) => lay(part, next, onFalse, rows), onTrue)
    case 'or':
      return residual.parts.reduceRight((next, part) => lay(part, onTrue, next, rows), onFalse)
  }
}

export function buildProgram(residuals: readonly Residual[]): Program {
  const rows: Row[] = []
  const start = Int32Array.from(residuals, (residual) => lay(residual, TRUE_END, FALSE_END, rows))
  return {
    slot: Int16Array.from(rows, (row) => row.slot),
    op: Uint8Array.from(rows, (row) => row.op),
    value: Float64Array.from(rows, (row) => row.value),
    onTrue: Int32Array.from(rows, (row) => row.onTrue),
    onFalse: Int32Array.from(rows, (row) => row.onFalse),
    start,
  }
}

function test(op: number, x: number, value: number): boolean {
  switch (op) {
    case 0:
      return x === value
    case 1:
      return x !== value
    case 2:
      return x < value
    case 3:
      return x <= value
    case 4:
      return x > value
    case 5:
      return x >= value
    case ONE_OF:
      return ((value >> x) & 1) === 1
    default:
      return ((value >> x) & 1) === 0
  }
}

/** Indices of the predicates that hold for a variant in a session, in their order. */
export function holding({ slot, op, value, onTrue, onFalse, start }: Program, { demands, session }: Scene): number[] {
  const found: number[] = []
  for (let index = 0; index < start.length; index++) {
    let at = start[index]!
    while (at >= 0) {
      const place = slot[at]!
      at = test(op[at]!, place >= 0 ? demands[place]! : session[-1 - place]!, value[at]!) ? onTrue[at]! : onFalse[at]!
    }
    if (at === TRUE_END) found.push(index)
  }
  return found
}
