import fc from 'fast-check'
import { expect, test } from 'vitest'
import { DEMO_CLASSES } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { LEAD_KINDS, type LeadEvent, ledBy, ledStretches } from '../lead'
import { movementsOf, planSchema, soundPlan } from '../plan'
import { expand } from '../timing'
import { generator } from '../vocabulary'
import { parseFile } from './files'
import { ledFile, ledFileSchema, stretchesOf } from './pace'

const draft = planSchema.parse(DEMO_CLASSES[0]!.plan)
const plan = soundPlan(draft, LIBRARY)
const timeline = expand(plan, LIBRARY)
const DAY = '2026-11-20'
const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`

test('the file of a led class says of the pace what the class said, and nothing of anybody', () => {
  const said = fc.record({ at: fc.integer({ min: 0, max: timeline.totalSeconds * 1000 }), kind: fc.constantFrom(...LEAD_KINDS) })
  fc.assert(
    fc.property(fc.array(said, { maxLength: 12 }), fc.integer({ min: 1, max: 1000 }), (more, seed) => {
      let n = 0
      const rates = { clock: 1, counted: 0.8, held: 1.1, between: 1.2 }
      const led = ledBy({ rates: { ...rates, movements: {} }, noise: 0.1 }, timeline, movementsOf(plan, LIBRARY), 0, {
        random: generator(seed),
        id: () => uuid(n++),
      })
      // whatever else was tapped meanwhile, each with a name and words
      const events: LeadEvent[] = [...led, ...more.map((one) => ({ ...one, id: uuid(n++), person: 'greta-id', text: 'Greta was dizzy', view: 'v1' }))]
      const text = JSON.stringify(ledFile({ day: DAY, plan: draft, events }))
      expect(text).not.toMatch(/greta|dizzy|v1/i)
      const parsed = parseFile(ledFileSchema, text)
      if ('problems' in parsed) throw new Error(JSON.stringify(parsed.problems))
      expect(stretchesOf(parsed.file, plan, LIBRARY)).toEqual({ stretches: ledStretches(events, timeline, DAY, movementsOf(plan, LIBRARY)) })
    }),
    { numRuns: 40 },
  )
})
