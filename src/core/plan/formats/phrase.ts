import { z } from 'zod'
import { type BlockRun, common, count, gap, type Placed, parted, range, type Step, work } from './common'

/**
 * A pattern of steps that is built up by adding on: each item is a part of so many counts (`workCounts`), shown so many times (`sets`), then
 * done together with those before it; at the end the whole runs.
 */
export const phraseSchema = z.strictObject({
  ...common,
  format: z.literal('phrase'),
  /** parts are put together one by one, or only run as a whole */
  addOn: z.boolean().default(true),
  /** the whole phrase at the end */
  wholeTimes: z.number().int().min(0).max(64).default(4),
  /** each part and the whole with the right foot leading and again with the left, or only with the one, which is then uneven on purpose */
  leads: z.enum(['both', 'right', 'left']).default('both'),
})

export const phrase: BlockRun<z.output<typeof phraseSchema>> = {
  label: 'Phrase, built up',
  words: ({ wholeTimes, leads }) => `the whole ${count(wholeTimes, 'time')}${leads === 'both' ? ', right and left' : `, ${leads} leading`}`,
  steps: ({ addOn, wholeTimes, leads }, items) => {
    const passes: (0 | 1 | undefined)[] = leads === 'both' ? [0, 1] : [undefined]
    const run = (parts: readonly Placed[], times: number): Step[] =>
      range(times).flatMap((time) => passes.flatMap((side) => parts.map((part) => work(part, time, times, { ...(side !== undefined && { side }) }))))
    const all = items.flatMap((part, index) => [
      ...(addOn ? run([part], part.dose.sets) : []),
      ...(addOn && index > 0 && index < items.length - 1 ? run(items.slice(0, index + 1), 1) : []),
    ])
    const whole = run(items, addOn ? wholeTimes : Math.max(1, wholeTimes))
    return parted(
      [...all, ...whole],
      (step) => [step],
      (before) => gap('flow', before.kind === 'work' ? before.item : ''),
    )
  },
}
