import { describe, expect, test } from 'vitest'
import { planSchema, soundPlan } from '../plan'
import { smallCatalogue } from '../testing/library'
import { expand } from '../timing'
import type { LeadEvent } from './event'
import { ledStretches } from './stretches'

const catalogue = smallCatalogue()
const plan = soundPlan(
  planSchema.parse({
    version: 2,
    title: 'Led',
    promisedMinutes: 5,
    familiar: ['push', 'hold', 'step'],
    phases: [
      {
        id: 'm',
        kind: 'main',
        blocks: [
          {
            id: 'b',
            items: [
              { id: 'i', variant: 'push/seated', dose: { sets: 1, reps: 10 } },
              { id: 'j', variant: 'step/free', dose: { sets: 1, reps: 10 } },
            ],
          },
        ],
      },
    ],
  }),
  catalogue,
)
// link 5, count-in 3, work 40 | link 5, change 8, count-in 3, work 40
const timeline = expand(plan, catalogue)
const movementOf = (item: string) => ({ i: 'push', j: 'step' })[item]
let n = 0
const at = (seconds: number, kind: LeadEvent['kind']): LeadEvent => ({
  id: `00000000-0000-4000-8000-${String(n++).padStart(12, '0')}`,
  at: seconds * 1000,
  kind,
})
const led = (...events: LeadEvent[]) => ledStretches(events, timeline, '2026-11-20', movementOf)

describe('what a led class says of the pace', () => {
  test('from tap to tap, with all that was planned between: work that took longer than planned', () => {
    // next at 8 s: the word is over; next after 30 s of work, which the house gives 40
    expect(led(at(0, 'start'), at(4, 'next'), at(6, 'next'), at(36, 'next'))).toEqual([
      { day: '2026-11-20', house: { clock: 0, counted: 0, held: 0, between: 5 }, seconds: 4 },
      { day: '2026-11-20', house: { clock: 0, counted: 0, held: 0, between: 3 }, seconds: 2 },
      { day: '2026-11-20', house: { clock: 0, counted: 40, held: 0, between: 0 }, seconds: 30, movement: 'push' },
    ])
  })
  test('what passes by the clock belongs to the next tap', () => {
    expect(led(at(0, 'start'), at(40, 'next'))).toEqual([
      { day: '2026-11-20', house: { clock: 0, counted: 40, held: 0, between: 8 }, seconds: 40, movement: 'push' },
    ])
  })
  test('a class that was never tapped says nothing until it ends', () => {
    expect(led(at(0, 'start'))).toEqual([])
    expect(led(at(0, 'start'), at(150, 'end'))).toMatchObject([{ house: { counted: 80, between: 24 }, seconds: 150 }])
  })
  test('a class that is broken off says nothing of its last stretch', () => expect(led(at(0, 'start'), at(30, 'end'))).toEqual([]))
  test('what was skipped is left out, and what comes after counts again', () => {
    // the work begins at 8 s and is passed by at once
    expect(led(at(0, 'start'), at(10, 'next'), at(14, 'next'))).toEqual([
      { day: '2026-11-20', house: { clock: 0, counted: 0, held: 0, between: 5 }, seconds: 4 },
    ])
  })
  test('a word that is passed over at once says nothing, and neither does one that lasts for minutes', () => {
    expect(led(at(0, 'start'), at(0.4, 'next'), at(0.8, 'next'), at(36, 'next'))).toMatchObject([{ house: { counted: 40 }, seconds: 35.2 }])
    expect(led(at(0, 'start'), at(4, 'next'), at(6, 'next'), at(300, 'end')).map(({ seconds }) => seconds)).toEqual([4, 2])
  })
  test('a pause leaves its stretch out', () => {
    expect(led(at(0, 'start'), at(20, 'pause'), at(60, 'resume'), at(80, 'next'))).toEqual([])
  })
  test('going back begins anew', () => {
    // at 30 s in the work, back to its beginning, then 38 s for it
    expect(led(at(0, 'start'), at(30, 'back'), at(68, 'next'))).toEqual([
      { day: '2026-11-20', house: { clock: 0, counted: 40, held: 0, between: 0 }, seconds: 38, movement: 'push' },
    ])
  })
  test('an event that is told twice counts once, in whatever order they arrive', () => {
    const events = [at(0, 'start'), at(40, 'next'), at(90, 'next'), at(100, 'end')]
    const once = led(...events)
    expect(once.length).toBeGreaterThan(1)
    expect(led(...events.toReversed(), ...events)).toEqual(once)
  })
})
