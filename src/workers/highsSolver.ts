import loadHighs, { type Highs, type InitOptions } from 'highs'
import type { Model, Solved, Solver } from '@/core/compose'

/** What the solver could not do, in one line: the package's own errors print its whole source. */
export class SolverError extends Error {
  override name = 'SolverError'
}

/** Memory of the solver never shrinks; past this it is loaded anew, bytes. */
export const MOST_SOLVER_BYTES = 400_000_000

const INTEGER = 1
const UNBOUNDED_OR_INFEASIBLE = 9
/** Of the package: a class that keeps all rows. */
const FEASIBLE = 2

function dataOf(highs: Highs, { columns, rows }: Model, relaxed: boolean) {
  const infinite = (value: number) => (Number.isFinite(value) ? value : value < 0 ? -highs.infinity : highs.infinity)
  const starts = new Int32Array(rows.length + 1)
  const indices: number[] = []
  const values: number[] = []
  for (const [row, { terms }] of rows.entries()) {
    starts[row] = indices.length
    for (const [column, coefficient] of terms) {
      indices.push(column)
      values.push(coefficient)
    }
  }
  starts[rows.length] = indices.length
  return {
    numCols: columns.length,
    numRows: rows.length,
    sense: highs.constants.objectiveSense.maximize,
    colCost: Float64Array.from(columns, ({ cost }) => cost),
    colLower: Float64Array.from(columns, ({ lower }) => lower),
    colUpper: Float64Array.from(columns, ({ upper }) => infinite(upper)),
    rowLower: Float64Array.from(rows, ({ lower }) => infinite(lower)),
    rowUpper: Float64Array.from(rows, ({ upper }) => infinite(upper)),
    matrix: {
      format: 'csr' as const,
      numRows: rows.length,
      numCols: columns.length,
      starts,
      indices: Int32Array.from(indices),
      values: Float64Array.from(values),
    },
    ...(!relaxed && { integrality: Int32Array.from(columns, ({ isInteger }) => (isInteger ? INTEGER : 0)) }),
  }
}

/** The solver of a loaded build, one thread, the same answer for the same question. */
export const highsSolver =
  (highs: Highs): Solver =>
  (model, { relaxed = false, gap, target, start, nodes, presolve = true, heuristics = true, onBetter } = {}): Solved => {
    try {
      return highs.withModel(dataOf(highs, model, relaxed), (native): Solved => {
        native.options.set({
          output_flag: false,
          random_seed: 0,
          presolve: presolve ? 'choose' : 'off',
          ...(gap !== undefined && { mip_rel_gap: gap }),
          ...(nodes !== undefined && { mip_max_nodes: nodes }),
          ...(!heuristics && { mip_heuristic_effort: 0 }),
        })
        if (start) native.setSolution({ colValue: start })
        let reached = false
        const { callbackType, modelStatus } = highs.constants
        native.run({
          [callbackType.mipImprovingSolution]({ data }) {
            const { objective_function_value: value } = data
            if (value === undefined) return undefined
            reached ||= target !== undefined && value >= target
            onBetter?.(value)
            return undefined
          },
          [callbackType.mipInterrupt](event) {
            if (reached) event.interrupt()
            return undefined
          },
        })
        const status = native.getModelStatus()
        // every column has a bound, so one of the two is meant
        if (status === modelStatus.infeasible || status === UNBOUNDED_OR_INFEASIBLE) return { status: 'infeasible' }
        const { colValue, colDual } = native.getSolution()
        if (relaxed)
          return status === modelStatus.optimal
            ? { status: 'optimal', value: native.getObjectiveValue(), bound: native.getObjectiveValue(), x: colValue, reduced: colDual }
            : { status: 'unknown' }
        const value = native.getObjectiveValue()
        const bound = native.info.get('mip_dual_bound') as number
        const isFound = colValue.length === model.columns.length && Number.isFinite(value) && native.info.get('primal_solution_status') === FEASIBLE
        if (!isFound) return { status: 'unknown', ...(Number.isFinite(bound) && { bound }) }
        return { status: status === modelStatus.optimal ? 'optimal' : 'feasible', value, bound, x: colValue }
      })
    } catch (cause) {
      throw new SolverError(cause instanceof Error ? cause.message.slice(0, 300) : 'the solver stopped')
    }
  }

/** Loads the build of the package. @param options where its binary lies, in a browser */
export const loadSolver = (options?: InitOptions): Promise<Highs> =>
  loadHighs(options).catch((cause: unknown) => {
    throw new SolverError(`the solver could not be loaded: ${cause instanceof Error ? cause.message.slice(0, 300) : 'unknown'}`)
  })
