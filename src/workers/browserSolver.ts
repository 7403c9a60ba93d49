import type { Solver } from '@/core/compose'
import { highsSolver, loadSolver } from './highsSolver'

/** The solver in a worker of the browser, with its binary from beside the worker. */
export const browserSolver = async (): Promise<Solver> =>
  highsSolver(await loadSolver({ locateFile: () => new URL('highs/runtime', import.meta.url).href }))
