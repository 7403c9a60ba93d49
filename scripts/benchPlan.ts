import { LIBRARY } from '../src/content/movements'
import { planSchema } from '../src/core/plan'

/** One large class: 40 items from all over the library. */
export const BENCH_PLAN = planSchema.parse({
  title: 'Bench class',
  promisedMinutes: 60,
  phases: [
    {
      id: 'm',
      kind: 'main',
      blocks: Array.from({ length: 8 }, (_, block) => ({
        id: `b${block}`,
        items: Array.from({ length: 5 }, (_, item) => ({
          id: `i${block}-${item}`,
          variant: LIBRARY.entries[(block * 29 + item * 11) % LIBRARY.entries.length]!.variant.id,
        })),
      })),
    },
  ],
})
