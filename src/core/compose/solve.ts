import type { Model, Solved, Solver } from './lp'

/** Asked for: no class is better by more than this share. */
export const GAP = 0.02
/** What the solver ends at: the grid of five seconds takes a little of the worth afterwards. */
const SOLVE_GAP = 0.0185
/** The kernel stops where this factor above its value meets the bound of the relaxation. */
const KERNEL_FACTOR = 1.028
const KERNEL_SIZE = 300
const KERNEL_GAP = 0.015
/** Ends a search without a proof: the same everywhere, which a time would not be. */
const MOST_NODES = 400

export type Progress = { step: 'bound' | 'kernel' | 'proof'; value?: number; bound: number }

export type Found = Required<Pick<Solved, 'value' | 'x' | 'bound'>>

/** The model of some of its columns; the rest are 0. */
function reduced(model: Model, keep: readonly boolean[]): { model: Model; back: (x: Float64Array) => Float64Array } {
  const places = new Map<number, number>()
  for (const [column, isKept] of keep.entries()) if (isKept) places.set(column, places.size)
  return {
    model: {
      columns: model.columns.filter((_, column) => keep[column]),
      rows: model.rows.map((row) => ({
        ...row,
        terms: row.terms.flatMap(([column, coefficient]): [number, number][] => {
          const place = places.get(column)
          return place === undefined ? [] : [[place, coefficient]]
        }),
      })),
    },
    back: (x) => {
      const whole = new Float64Array(model.columns.length)
      for (const [column, place] of places) whole[column] = x[place]!
      return whole
    },
  }
}

/**
 * The best class of a model with a proof of how good it is: the bound of the relaxation, a good class among the columns that it favours, and the
 * whole model begun from that class until the gap is closed or the nodes are used: the same for the same model.
 *
 * @param isWay whether a column stands for a way; all others stay in the kernel
 * @param onGood told of a good class while the proof is still being looked for
 */
export function solveModel(
  model: Model,
  isWay: (column: number) => boolean,
  solver: Solver,
  { onProgress, onGood }: { onProgress?: (progress: Progress) => void; onGood?: (x: Float64Array) => void } = {},
): Found | 'infeasible' | 'unknown' {
  const relaxed = solver(model, { relaxed: true })
  if (relaxed.status === 'infeasible') return 'infeasible'
  if (relaxed.value === undefined || !relaxed.x || !relaxed.reduced) return 'unknown'
  const top = relaxed.value
  onProgress?.({ step: 'bound', bound: top })
  const better = (step: Progress['step']) => (value: number) => onProgress?.({ step, value, bound: top })
  const ranked = model.columns
    .flatMap((_, column) => (isWay(column) ? [{ column, x: relaxed.x![column]!, cost: Math.abs(relaxed.reduced![column]!) }] : []))
    .sort((a, b) => Number(b.x > 1e-9) - Number(a.x > 1e-9) || a.cost - b.cost || a.column - b.column)

  let best: Solved | undefined
  for (let size = KERNEL_SIZE; !best?.x; size *= 2) {
    const inKernel = new Set(ranked.slice(0, size).map(({ column }) => column))
    const kernel = reduced(
      model,
      model.columns.map((_, column) => !isWay(column) || inKernel.has(column)),
    )
    const found = solver(kernel.model, {
      presolve: false,
      gap: KERNEL_GAP,
      target: top / KERNEL_FACTOR,
      nodes: MOST_NODES,
      onBetter: better('kernel'),
    })
    if (found.x && found.value !== undefined) best = { ...found, x: kernel.back(found.x) }
    else if (size >= ranked.length) return found.status === 'infeasible' ? 'infeasible' : 'unknown'
  }
  const from = best.x!
  onGood?.(from)
  let proof = solver(model, {
    gap: SOLVE_GAP,
    heuristics: false,
    start: from,
    nodes: 1,
    onBetter: better('proof'),
  })
  if (gapOf(proof, best, top) > SOLVE_GAP) {
    const again = solver(model, {
      gap: SOLVE_GAP,
      start: proof.x ?? from,
      nodes: MOST_NODES,
      onBetter: better('proof'),
    })
    if (again.x) proof = again
  }
  const [value, x] = (proof.value ?? Number.NEGATIVE_INFINITY) >= best.value! ? [proof.value!, proof.x!] : [best.value!, best.x!]
  return { value, x, bound: Math.min(top, proof.bound ?? top) }
}

function gapOf(proof: Solved, best: Solved, top: number): number {
  const value = Math.max(proof.value ?? Number.NEGATIVE_INFINITY, best.value ?? Number.NEGATIVE_INFINITY)
  return (Math.min(top, proof.bound ?? top) - value) / Math.abs(value)
}
