import { expect, test } from 'vitest'
import { type PlanInput, planSchema } from '@/core/plan'
import { unlike } from './composed'

const planOf = (items: { id: string; variant: string }[]) =>
  planSchema.parse({
    version: 2,
    title: 'Weir',
    promisedMinutes: 20,
    phases: [{ id: 'main', kind: 'main', blocks: [{ id: 'main-1', items }] }],
  } satisfies PlanInput)

test('a composed class has ids of its own, so that nothing of the class before is taken for it', () => {
  const now = planOf([
    { id: 'm1', variant: 'march/seated' },
    { id: 'm1-1', variant: 'row/air' },
  ])
  const [phase] = unlike(
    planOf([
      { id: 'm1', variant: 'punch/seat' },
      { id: 'm2', variant: 'squat/hold1' },
    ]).phases,
    now,
  )
  expect(phase!.blocks[0]!.id).toBe('main-1-1')
  expect(phase!.blocks[0]!.items.map(({ id, variant }) => [id, variant])).toEqual([
    ['m1-2', 'punch/seat'],
    ['m2', 'squat/hold1'],
  ])
})
