import fc from 'fast-check'
import { ATTRIBUTE_NAMES, ATTRIBUTES, type AttributeDefinition, completeDemands, type PlannedDemands } from '../movement'
import { CONDITION_FIELDS, type PersonFacts, type RecordedCondition, type RuleBase, type SessionFacts } from '../safety'

/** Random demands in which a third of the attributes leaves its neutral value, as in real movements. */
const valueArbitrary = (definition: AttributeDefinition): fc.Arbitrary<unknown> => {
  if (definition.kind === 'flag') return fc.boolean()
  if (definition.kind === 'enum') return fc.constantFrom(...definition.values)
  return fc.integer({ min: Math.ceil(definition.min), max: Math.min(definition.max, 180) })
}
export const demandsArbitrary: fc.Arbitrary<PlannedDemands> = fc
  .record(
    Object.fromEntries(
      ATTRIBUTE_NAMES.map((name) => [
        name,
        name === 'basePosition'
          ? valueArbitrary(ATTRIBUTES[name])
          : fc.oneof({ weight: 2, arbitrary: fc.constant(undefined) }, { weight: 1, arbitrary: valueArbitrary(ATTRIBUTES[name]) }),
      ]),
    ),
  )
  .map((given) => {
    const known = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
    return completeDemands(known as Parameters<typeof completeDemands>[0])
  })

export const conditionArbitrary = (base: RuleBase, slug: string): fc.Arbitrary<RecordedCondition> => {
  const { variants } = base.conditions.get(slug)!
  return fc
    .record({
      variant: fc.option(fc.constantFrom(...variants), { nil: undefined }),
      cleared: fc.boolean(),
      weeks: fc.option(fc.integer({ min: 0, max: 120 }), { nil: undefined }),
      side: fc.option(fc.constantFrom(...CONDITION_FIELDS.side.values), { nil: undefined }),
      painToday: fc.option(fc.integer({ min: 0, max: 10 }), { nil: undefined }),
      standingOk: fc.option(fc.boolean(), { nil: undefined }),
      footWeak: fc.option(fc.boolean(), { nil: undefined }),
      handsNumb: fc.option(fc.boolean(), { nil: undefined }),
    })
    .map((fields) => ({ slug, ...fields }))
}

/** People of any age with up to four conditions; never a condition twice. */
export const personArbitrary = (base: RuleBase, slugs: readonly string[]): fc.Arbitrary<PersonFacts> =>
  fc
    .record({
      age: fc.integer({ min: 18, max: 95 }),
      gestationalWeek: fc.oneof({ weight: 4, arbitrary: fc.constant(-1) }, { weight: 1, arbitrary: fc.integer({ min: 5, max: 41 }) }),
      singleLegTestSec: fc.option(fc.integer({ min: 0, max: 30 }), { nil: undefined }),
      floorTransferOk: fc.option(fc.boolean(), { nil: undefined }),
      riseNoHands: fc.option(fc.boolean(), { nil: undefined }),
      impactTrained: fc.option(fc.boolean(), { nil: undefined }),
      screenOutcome: fc.option(fc.constantFrom('go', 'limits', 'never'), { nil: undefined, freq: 2 }),
      chosen: fc.uniqueArray(fc.constantFrom(...slugs), { maxLength: 4 }),
    })
    .chain(({ chosen, ...rest }) =>
      fc
        .tuple(...chosen.map((slug) => conditionArbitrary(base, slug)))
        .map((conditions) => ({ ...rest, conditions: conditions as RecordedCondition[] })),
    )

export const sessionArbitrary: fc.Arbitrary<SessionFacts> = fc.record({
  supportInReach: fc.boolean(),
  barefoot: fc.boolean(),
  roomTempC: fc.integer({ min: 15, max: 32 }),
})
