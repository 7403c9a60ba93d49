import { expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { isInOwnWheelchair, ladderOf } from '../movement'
import { aloneInBlock, planSchema, prescriptionOf } from '../plan'
import { assess, buildRuleBase } from '../safety'
import { placeGroup } from './options'

test('what is remembered of somebody in one library is not found in another: every movement is judged for itself', () => {
  const person = { assessment: assess(buildRuleBase(CONDITIONS), { age: 78, screenOutcome: 'go', conditions: [{ slug: 'osteoporosis' }] }) }
  const { room } = planSchema.parse({ version: 2, title: 'T', promisedMinutes: 30, phases: [], room: { floorWork: true } })
  const verdicts = LIBRARY.entries.map(({ variant, movement }) => {
    const { item, block } = aloneInBlock(variant.id)
    // each ladder is a library of its own
    const [placement] = placeGroup([person], prescriptionOf(item, block, LIBRARY), ladderOf(LIBRARY, movement.id), room)
    for (const { id } of placement!.options) expect(id.startsWith(`${movement.id}/`), `${variant.id} is answered with ${id}`).toBe(true)
    return placement!.judgement.verdict
  })
  expect(new Set(verdicts).size).toBeGreaterThan(2)
})

test('nobody is given a wheelchair movement in place of another, and whoever does one finds its other steps', () => {
  const person = {
    assessment: assess(buildRuleBase(CONDITIONS), {
      age: 78,
      screenOutcome: 'go',
      conditions: [{ slug: 'frailty', variant: 'needs-hands', cleared: true }],
    }),
  }
  const { room } = planSchema.parse({ version: 2, title: 'T', promisedMinutes: 30, phases: [], room: { floorWork: true } })
  const wheelchair = new Set(LIBRARY.entries.filter(isInOwnWheelchair).map(({ movement }) => movement.id))
  expect([...wheelchair].sort()).toEqual(['wheel-brakes', 'wheel-push', 'wheel-turn'])
  const offered = (variant: string) => {
    const { item, block } = aloneInBlock(variant)
    return placeGroup([person], prescriptionOf(item, block, LIBRARY), LIBRARY.entries, room)[0]!.options.flatMap(
      ({ entry }) => entry?.movement.id ?? [],
    )
  }
  for (const { variant, movement } of LIBRARY.entries) {
    if (wheelchair.has(movement.id)) continue
    for (const id of offered(variant.id)) expect(wheelchair.has(id), `${variant.id} is answered with ${id}`).toBe(false)
  }
  const hardest = LIBRARY.entries.filter(({ movement }) => movement.id === 'wheel-push').at(-1)!
  expect(offered(hardest.variant.id)).toContain('wheel-push')
})
