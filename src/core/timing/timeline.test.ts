import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { checkPlan, type Plan, type PlanInput, planSchema } from '../plan'
import { smallCatalogue } from '../testing/library'
import { changeSeconds, clock, expand, segmentAt } from './timeline'
import { treadLine } from './tread'

const catalogue = smallCatalogue()
const soundPlan = (input: PlanInput): Plan => {
  const checked = checkPlan(planSchema.parse(input), catalogue)
  if ('problems' in checked) throw new Error(JSON.stringify(checked.problems))
  return checked.plan
}
const planOf = (blocks: NonNullable<PlanInput['phases']>[number]['blocks'], extra: Partial<PlanInput> = {}): Plan =>
  soundPlan({ title: 'Test', promisedMinutes: 20, familiar: ['push', 'hold', 'step'], phases: [{ id: 'm', kind: 'main', blocks }], ...extra })
const dose = { sets: 2, reps: 8, holdSeconds: 0, restSeconds: 30, loadKg: 0, rpe: 3 }

describe('seconds by hand', () => {
  const cases: { name: string; blocks: NonNullable<PlanInput['phases']>[number]['blocks']; seconds: number }[] = [
    // two sets of 8 repetitions of 4 s with 30 s between: 32 + 30 + 32
    { name: 'straight sets, both sides', blocks: [{ id: 'b', items: [{ id: 'i', variant: 'push/seated', dose }] }], seconds: 94 },
    // each side in turn within the set: 16 repetitions of 4 s
    {
      name: 'alternating sides double the set',
      blocks: [{ id: 'b', items: [{ id: 'i', variant: 'push/turns', dose: { ...dose, sets: 1 } }] }],
      seconds: 64,
    },
    // one side, 4 s to change, the other side
    { name: 'one side after the other', blocks: [{ id: 'b', items: [{ id: 'i', variant: 'push/sides', dose: { ...dose, sets: 1 } }] }], seconds: 68 },
    // two rounds of (32 + 32), the second waits 20 s
    {
      name: 'a circuit rests between rounds only',
      blocks: [
        {
          id: 'b',
          format: 'circuit',
          rounds: 2,
          restSeconds: 20,
          items: [
            { id: 'i', variant: 'push/seated', dose },
            { id: 'j', variant: 'push/seated', dose },
          ],
        },
      ],
      seconds: 148,
    },
    // three rounds of 40/20 of one item: no rest after the last
    {
      name: 'intervals end with work',
      blocks: [{ id: 'b', format: 'intervals', rounds: 3, workSeconds: 40, restSeconds: 20, items: [{ id: 'i', variant: 'push/seated', dose }] }],
      seconds: 160,
    },
    { name: 'water after a block', blocks: [{ id: 'b', pauseAfter: 45, items: [{ id: 'i', variant: 'push/seated', dose }] }], seconds: 139 },
    // standing up from the seat takes 12 s, then 94
    { name: 'getting up is counted', blocks: [{ id: 'b', items: [{ id: 'i', variant: 'step/free', dose }] }], seconds: 106 },
  ]
  test.each(cases)('$name', ({ blocks, seconds }) => expect(expand(planOf(blocks), catalogue).totalSeconds).toBe(seconds))

  test('a movement that is new to the group is shown once', () => {
    const items = [
      { id: 'i', variant: 'push/seated', dose },
      { id: 'j', variant: 'push/seated', dose },
    ]
    const segments = expand(planOf([{ id: 'b', items }], { familiar: [] }), catalogue).segments
    expect(segments.filter(({ kind }) => kind === 'teach').map(({ item }) => item)).toEqual(['i'])
  })
})

const blockArbitrary = fc.record({
  format: fc.constantFrom('straight' as const, 'circuit' as const, 'intervals' as const),
  rounds: fc.integer({ min: 1, max: 4 }),
  workSeconds: fc.integer({ min: 5, max: 90 }),
  restSeconds: fc.integer({ min: 0, max: 60 }),
  pauseAfter: fc.integer({ min: 0, max: 60 }),
  items: fc.array(
    fc.record({
      variant: fc.constantFrom('push/seated', 'push/turns', 'push/sides', 'hold/seated', 'step/free', 'step/held'),
      dose: fc.record({
        sets: fc.integer({ min: 1, max: 4 }),
        reps: fc.integer({ min: 1, max: 15 }),
        holdSeconds: fc.integer({ min: 0, max: 20 }),
        restSeconds: fc.integer({ min: 0, max: 90 }),
        loadKg: fc.integer({ min: 0, max: 5 }),
        rpe: fc.integer({ min: 0, max: 7 }),
      }),
    }),
    { minLength: 1, maxLength: 5 },
  ),
})

test('laws of the timeline', () => {
  fc.assert(
    fc.property(fc.array(blockArbitrary, { maxLength: 4 }), (blocks) => {
      const plan = planOf(blocks.map((block, b) => ({ ...block, id: `b${b}`, items: block.items.map((item, i) => ({ ...item, id: `i${b}-${i}` })) })))
      const timeline = expand(plan, catalogue)
      expect(expand(plan, catalogue)).toEqual(timeline)
      let at = 0
      for (const segment of timeline.segments) {
        expect(segment.startSeconds).toBe(at)
        expect(Number.isInteger(segment.seconds) && segment.seconds > 0).toBe(true)
        expect(timeline.segments[segmentAt(timeline, at)]).toBe(segment)
        expect(timeline.segments[segmentAt(timeline, at + segment.seconds - 0.5)]).toBe(segment)
        at += segment.seconds
      }
      expect(timeline.totalSeconds).toBe(at)
      expect(timeline.phases.reduce((sum, phase) => sum + phase.seconds, 0)).toBe(at)
      const line = treadLine(timeline)
      expect(line.treads.reduce((sum, tread) => sum + tread.endSeconds - tread.startSeconds, 0)).toBe(at)
      // both sides are always done for as long
      const bySide = (side: string) => timeline.segments.filter((s) => s.side === side).reduce((sum, s) => sum + s.seconds, 0)
      expect(bySide('first')).toBe(bySide('second'))
    }),
    { numRuns: 200, seed: 11 },
  )
})

test('changing base costs the same both ways, and the floor costs most', () => {
  expect(changeSeconds('seat', 'floor')).toBe(changeSeconds('floor', 'seat'))
  expect(changeSeconds('seat', 'floor')).toBeGreaterThan(changeSeconds('seat', 'freeStand'))
  expect(changeSeconds('heldStand', 'freeStand')).toBeLessThan(changeSeconds('seat', 'heldStand'))
})

test('times are written m:ss', () => expect([0, 59.6, 61, 3600].map(clock)).toEqual(['0:00', '1:00', '1:01', '60:00']))
