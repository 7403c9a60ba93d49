import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { type PlanInput, planSchema, prescriptionsOf, soundPlan } from '../plan'
import { buildRuleBase } from '../safety'
import { roomWarnings } from './roomWarnings'
import { assessRoster } from './roster'

const base = buildRuleBase(CONDITIONS)
const ITEMS = ['march/free', 'overhead-press/seated', 'march/seated'].filter((id) => LIBRARY.byId.has(id))
/** The tallest reach of the library, standing: whatever it is called. */
function warningsIn(room: PlanInput['room'], statures: (number | undefined)[] = [165], variants: string[] = ITEMS) {
  const plan = soundPlan(
    planSchema.parse({
      title: 'T',
      promisedMinutes: 45,
      room: { kit: ['support', 'wall', 'band', 'dumbbell', 'mat'], ...room },
      phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: variants.map((variant, index) => ({ id: `i${index}`, variant })) }] }],
    }),
    LIBRARY,
  )
  const { people } = assessRoster(
    base,
    statures.map((statureCm, index) => ({
      id: `p${index}`,
      name: `P${index}`,
      ...(statureCm !== undefined && { statureCm }),
      facts: { age: 70, screenOutcome: 'go', conditions: [] },
    })),
    plan,
  )
  return roomWarnings(plan.room, prescriptionsOf(plan, LIBRARY), people)
}
/** A standing version with the arms over the head. */
const OVERHEAD = LIBRARY.entries.find(
  ({ planned, variant }) => planned.basePosition.startsWith('standing') && planned.overheadReachDeg > 160 && !variant.kit.includes('wall'),
)!.variant.id

test('of a room of which nothing is said nothing is said', () => expect(warningsIn({})).toEqual([]))

describe('ceiling', () => {
  test('too low for arms overhead, and by the tallest of the group', () => {
    const [short] = warningsIn({ ceilingCm: 180 }, [150], [OVERHEAD])
    const [tall] = warningsIn({ ceilingCm: 180 }, [150, 190], [OVERHEAD])
    expect(short).toMatchObject({ code: 'low-ceiling', items: ['i0'], haveCm: 180 })
    expect((tall as { needCm: number }).needCm).toBeGreaterThan((short as { needCm: number }).needCm)
    // somebody of 190 cm reaches well over two metres
    expect((tall as { needCm: number }).needCm).toBeGreaterThan(220)
  })
  test('high enough, or sitting', () => {
    expect(warningsIn({ ceilingCm: 300 }, [190], [OVERHEAD])).toEqual([])
    expect(warningsIn({ ceilingCm: 220 }, [165], ['march/seated'])).toEqual([])
  })
})

test('floor: as much as all of them take, and more for more people', () => {
  const [few] = warningsIn({ areaM2: 2 }, [165, 165, 165], ['march/seated'])
  const [many] = warningsIn({ areaM2: 2 }, new Array(12).fill(165), ['march/seated'])
  expect(few).toMatchObject({ code: 'room-small' })
  expect((many as { needM2: number }).needM2).toBeGreaterThan((few as { needM2: number }).needM2)
  expect(warningsIn({ areaM2: 200 }, new Array(12).fill(165), ['march/seated'])).toEqual([])
})

test('ground and back: only who stands and steps is meant', () => {
  const found = warningsIn({ footing: 'slippery', behind: 'edge' }, [165], ['march/free', 'march/seated'])
  expect(found).toEqual([
    { code: 'poor-footing', items: ['i0'], footing: 'slippery' },
    { code: 'behind', items: ['i0'] },
  ])
  expect(warningsIn({ footing: 'slippery', behind: 'edge' }, [165], ['march/seated'])).toEqual([])
})
