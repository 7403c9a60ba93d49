import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { DEMO_CLASSES } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { type PlanInput, planSchema, prescriptionsOf, soundPlan } from '../plan'
import { expand } from '../timing'
import { coverageOf } from './coverage'
import { qualityOf } from './qualities'

type Blocks = NonNullable<PlanInput['phases'][number]['blocks']>
const covered = (input: PlanInput) => {
  const plan = soundPlan(planSchema.parse(input), LIBRARY)
  const timeline = expand(plan, LIBRARY)
  return { coverage: coverageOf(plan, prescriptionsOf(plan, LIBRARY), timeline), timeline }
}
const of = (blocks: Blocks, extra: Partial<PlanInput> = {}) =>
  covered({ version: 2, title: 'T', promisedMinutes: 15, familiar: ['x'], phases: [{ id: 'm', kind: 'main', blocks }], ...extra }).coverage
const item = (id: string, variant: string, dose?: object) => ({ id, variant, ...(dose && { dose: { sets: 1, reps: 10, ...dose } }) })
const codes = (coverage: ReturnType<typeof of>) => coverage.hints.map(({ code }) => code)
const hard = { rpe: 5, sets: 2, restSeconds: 60 }

describe('what a class covers', () => {
  test('a moving rest trains nothing, and the time it gives is time between the sets', () => {
    const rest = { ...item('e', 'march/seated', { workSeconds: 60, reps: undefined, rpe: 2 }), asRest: true }
    const coverage = of([{ id: 'b', format: 'alternated', items: [item('i', 'row/band-light', { ...hard, sets: 3 }), rest] }])
    expect(coverage.qualities.map(({ quality }) => quality)).toEqual(['strength'])
    expect(coverage.muscles.find(({ muscle }) => muscle === 'hip-flexors')?.sets).toBe(0)
    expect(codes(coverage)).not.toContain('same-muscles')
  })
  test('sets and seconds by muscle: main whole, helping half, two sides one set', () => {
    const { muscles } = of([{ id: 'b', items: [item('i', 'row/band-light', { sets: 3, restSeconds: 60 })] }])
    const row = LIBRARY.byId.get('row/band-light')!.movement
    for (const muscle of row.main) expect(muscles.find((one) => one.muscle === muscle)?.sets).toBe(3)
    for (const muscle of row.helping) expect(muscles.find((one) => one.muscle === muscle)?.sets).toBe(1.5)
    expect(muscles.filter(({ sets }) => sets > 0)).toHaveLength(new Set([...row.main, ...row.helping]).size)
  })
  test('what the qualities come to is what is worked', () => {
    for (const { plan } of DEMO_CLASSES) {
      const { coverage, timeline } = covered(plan)
      const work = timeline.segments.filter(({ kind }) => kind === 'work').reduce((sum, { seconds }) => sum + seconds, 0)
      expect(coverage.qualities.reduce((sum, { seconds }) => sum + seconds, 0)).toBe(work)
      expect(coverage.everyday.reduce((sum, { seconds }) => sum + seconds, 0)).toBe(work)
    }
  })
  test('repetitions of both sides', () => {
    expect(of([{ id: 'b', items: [item('i', 'squat/hold2', { sets: 2, reps: 8 })] }]).repetitions).toBe(16)
    expect(of([{ id: 'b', items: [item('i', 'march/seated', { sets: 1, reps: 10 })] }]).repetitions).toBe(20)
  })
  test('no order of the same items has fewer moves than the fewest', () => {
    const variants = ['march/seated', 'squat/hold2', 'row/band-light', 'heel-raise/one-hand', 'bridge/both', 'curl/one-kg'].filter((id) =>
      LIBRARY.byId.has(id),
    )
    fc.assert(
      fc.property(fc.shuffledSubarray(variants, { minLength: 2 }), (order) => {
        const found = of([{ id: 'b', items: order.map((variant, n) => item(`i${n}`, variant)) }])
        expect(found.positionChanges).toBeGreaterThanOrEqual(found.fewestPositionChanges)
        expect(found.kitMoves).toBeGreaterThanOrEqual(found.fewestKitMoves)
        const grouped = order.toSorted((a, b) => LIBRARY.byId.get(a)!.planned.basePosition.localeCompare(LIBRARY.byId.get(b)!.planned.basePosition))
        expect(of([{ id: 'b', items: grouped.map((variant, n) => item(`i${n}`, variant)) }]).fewestPositionChanges).toBe(found.fewestPositionChanges)
      }),
      { numRuns: 40, seed: 9 },
    )
  })
})

describe('what is worth a look', () => {
  test('hard twice running for the same muscles within a minute, and not with a minute between or when the second is easy', () => {
    const pair = (dose: object, between = 0) =>
      of([
        {
          id: 'b',
          format: 'straight',
          restBetweenSeconds: between,
          items: [item('i', 'squat/hold2', { ...hard, sets: 1 }), item('j', 'sit-to-stand/hands', { ...hard, sets: 1, ...dose })],
        },
      ])
    expect(pair({}).hints.find(({ code }) => code === 'same-muscles')).toMatchObject({ item: 'j', before: 'i' })
    expect(codes(pair({}, 70))).not.toContain('same-muscles')
    expect(codes(pair({ rpe: 3 }))).not.toContain('same-muscles')
  })
  test('little rest between hard sets of strength; a plan that states nothing has 20 s', () => {
    const rest = (dose: object) =>
      of([{ id: 'b', items: [item('i', 'squat/hold2', { sets: 2, rpe: 5, ...dose })] }]).hints.find(({ code }) => code === 'short-rest')
    expect(rest({})).toMatchObject({ restSeconds: 20, needSeconds: 60 })
    expect(rest({ restSeconds: 60 })).toBeUndefined()
    expect(rest({ rpe: 3 })).toBeUndefined()
  })
  test('push without pull', () => {
    const push = LIBRARY.entries.find(({ movement }) => movement.pattern.includes('push') && !movement.pattern.includes('pull'))!
    expect(codes(of([{ id: 'b', items: [item('i', push.variant.id, { sets: 3 })] }]))).toContain('push-without-pull')
    expect(codes(of([{ id: 'b', items: [item('i', push.variant.id, { sets: 3 }), item('j', 'row/band-light', { sets: 3 })] }]))).not.toContain(
      'push-without-pull',
    )
  })
  test('one side only, unless the other has an item of its own', () => {
    const left = item('i', 'leg-extension/seat', { sides: 'left' })
    expect(codes(of([{ id: 'b', items: [left] }]))).toContain('one-side')
    expect(codes(of([{ id: 'b', items: [left, item('j', 'leg-extension/seat', { sides: 'right' })] }]))).not.toContain('one-side')
  })
  test('twenty minutes on the chair', () => {
    const talk = (seconds: number, position: 'seated-unsupported' | 'standing-free') => ({
      id: 'q',
      format: 'quiet' as const,
      what: 'opening' as const,
      seconds,
      position,
    })
    expect(codes(of([talk(1300, 'seated-unsupported')]))).toContain('sitting-long')
    expect(codes(of([talk(1000, 'standing-free')]))).toContain('standing-long')
    expect(codes(of([talk(500, 'standing-free')]))).not.toContain('standing-long')
  })
  test('a class of half an hour without balance', () => {
    const found = of([{ id: 'b', items: [item('i', 'squat/hold2', {})] }], { promisedMinutes: 30 }).hints
    expect(found).toContainEqual({ code: 'nothing-for', quality: 'balance' })
    expect(found).not.toContainEqual({ code: 'nothing-for', quality: 'strength' })
  })
})

test('every purpose has a quality', () => {
  for (const { movement } of LIBRARY.entries) expect(qualityOf(movement.purpose)).toBeTruthy()
})
