import type { Band } from '@/core/body'

/**
 * The bands of the boathouse, each pulled with a spring scale at stretched lengths. Sample measurements: a studio measures its own,
 * since bands of one colour differ and age.
 */
const band = (id: string, name: string, pulls: readonly [number, number, number, number, number]): Band => ({
  id,
  name,
  length: 1.5,
  measured: [1.25, 1.5, 1.75, 2, 2.5].map((ratio, index) => ({ ratio, pullN: pulls[index]! })),
})
export const BANDS: readonly Band[] = [
  band('reed', 'Reed, very light', [5, 8, 11, 13, 18]),
  band('willow', 'Willow, light', [8, 14, 18, 22, 30]),
  band('alder', 'Alder, medium', [13, 21, 28, 34, 46]),
  band('oak', 'Oak, firm', [20, 32, 42, 51, 68]),
]
