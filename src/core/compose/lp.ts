/** A linear model with whole-number columns, and who solves it: the core names what it needs, the worker brings the solver. */
export interface Column {
  name: string
  cost: number
  lower: number
  upper: number
  isInteger: boolean
}

export interface Row {
  name: string
  lower: number
  upper: number
  /** column and coefficient */
  terms: [column: number, coefficient: number][]
  /** the wish that the row comes from; rows without one are how a class is built, and no wish gives them up */
  wish?: string
}

/** Maximised. */
export interface Model {
  columns: Column[]
  rows: Row[]
}

export interface Solved {
  status: 'optimal' | 'feasible' | 'infeasible' | 'unknown'
  /** value and columns of the best that was found */
  value?: number
  x?: Float64Array
  /** nothing is better than this */
  bound?: number
  /** by column, of a relaxation */
  reduced?: Float64Array
}

export interface SolveOptions {
  /** whole numbers may be split */
  relaxed?: boolean
  gap?: number
  /** stop at the first class of this value or better */
  target?: number
  /** a class to begin with, all columns */
  start?: Float64Array
  nodes?: number
  presolve?: boolean
  heuristics?: boolean
  onBetter?: (value: number) => void
}

export type Solver = (model: Model, options?: SolveOptions) => Solved

/** A model that is written row by row. */
export class ModelWriter {
  readonly columns: Column[] = []
  readonly rows: Row[] = []

  column(name: string, cost: number, upper = 1, isInteger = true): number {
    this.columns.push({ name, cost, lower: 0, upper, isInteger })
    return this.columns.length - 1
  }

  /** A row that says nothing is left out. */
  row(name: string, terms: Row['terms'], { lower = Number.NEGATIVE_INFINITY, upper = Number.POSITIVE_INFINITY, wish }: Partial<Row> = {}): void {
    const isEmpty = terms.length === 0
    if (isEmpty && lower <= 0 && upper >= 0) return
    this.rows.push({ name, terms, lower, upper, ...(wish !== undefined && { wish }) })
  }
}
