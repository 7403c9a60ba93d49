import { expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { coverageOf } from '../coverage'
import { applyEdit, planSchema, prescriptionsOf, soundPlan } from '../plan'
import { buildRuleBase, type PersonFacts } from '../safety'
import { expand, HOUSE_RATES } from '../timing'
import { evaluate } from './evaluate'
import { orderOffers } from './regroup'
import { assessRoster } from './roster'

const base = buildRuleBase(CONDITIONS)
const FIT: PersonFacts = { age: 62, screenOutcome: 'go', riseNoHands: true, singleLegTestSec: 30, weeksInProgramme: 20, conditions: [] }
function offersFor(variants: string[], format: 'straight' | 'phrase' = 'straight') {
  const plan = soundPlan(
    planSchema.parse({
      title: 'T',
      promisedMinutes: 60,
      room: { kit: ['band', 'dumbbell', 'support', 'wall'] },
      phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', format, items: variants.map((variant, index) => ({ id: `i${index}`, variant })) }] }],
    }),
    LIBRARY,
  )
  const roster = assessRoster(base, [{ id: 'p', name: 'P', facts: FIT }], plan)
  const offers = orderOffers({ plan, evaluation: evaluate(plan, roster, LIBRARY), roster, catalogue: LIBRARY, rates: HOUSE_RATES })
  return { plan, offers }
}
test('the same kit together: as many changes as it says, and only the order is another', () => {
  const bands = LIBRARY.entries.filter(({ variant, planned }) => variant.kit.includes('band') && planned.basePosition === 'seated-unsupported')
  const [one] = bands
  const other = bands.find(
    ({ movement, variant }) => variant.kit.join() === one!.variant.kit.join() && !movement.main.some((muscle) => one!.movement.main.includes(muscle)),
  )
  const { plan, offers } = offersFor([one!.variant.id, 'march/seated', other!.variant.id])
  const kit = offers.find(({ kind }) => kind === 'kit')!
  const after = soundPlan(applyEdit(plan, kit.edit).plan, LIBRARY)
  const coverage = coverageOf(after, prescriptionsOf(after, LIBRARY), expand(after, LIBRARY))
  expect(coverage.kitMoves).toBe(kit.to)
  expect(kit.to).toBeLessThan(kit.from)
  const ids = (one: typeof plan) => one.phases[0]!.blocks[0]!.items.map(({ id }) => id)
  expect(ids(after)).toEqual(['i0', 'i2', 'i1'])
  expect(applyEdit(after, applyEdit(plan, kit.edit).inverse).plan).toEqual(plan)
})

test('the same position together', () => {
  const mixed = offersFor(['squat/hold2', 'march/seated', 'heel-raise/one-hand'])
  expect(mixed.offers.map(({ kind, from, to }) => [kind, to < from])).toEqual([['position', true]])
})

test('nothing is offered where nothing is gained, or where the order is what is taught', () => {
  expect(offersFor(['march/seated']).offers).toEqual([])
  expect(offersFor(['squat/hold2', 'march/seated', 'heel-raise/one-hand'], 'phrase').offers).toEqual([])
})
