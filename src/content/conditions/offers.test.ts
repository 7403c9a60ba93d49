import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { LIBRARY } from '@/content/movements'
import { isAvailable, judgePlanned, place, placeGroup, restOption } from '@/core/evaluate'
import { encodeDemands, familyOf } from '@/core/movement'
import { aloneInBlock, prescriptionOf } from '@/core/plan'
import { assess, buildRuleBase, judge, type PersonFacts, withChanges } from '@/core/safety'
import { personArbitrary } from '@/core/testing/arbitraries'
import { CONDITIONS } from '.'

const base = buildRuleBase(CONDITIONS)
// added by the tool or by the check-in, never kept in a record
const NOT_RECORDED = ['everyone', 'older-adult', 'acute-illness-today']
const SLUGS = CONDITIONS.map(({ slug }) => slug).filter((slug) => !NOT_RECORDED.includes(slug))
const RUNS = { numRuns: 150, seed: 20261125 }

/** Cleared, so that verdicts are about movements and not about a letter. */
const clearedPerson = personArbitrary(base, SLUGS).map(
  (facts): PersonFacts => ({ ...facts, screenOutcome: 'go', conditions: facts.conditions.map((condition) => ({ ...condition, cleared: true })) }),
)
const roomArbitrary = fc.record({
  supportInReach: fc.boolean(),
  floorWork: fc.boolean(),
  kit: fc.subarray(['support', 'wall', 'band', 'dumbbell', 'ball', 'step'] as const).map((kit) => [...kit]),
})
const itemArbitrary = fc.nat(LIBRARY.entries.length - 1).map((index) => {
  const { item, block } = aloneInBlock(LIBRARY.entries[index]!.variant.id)
  return prescriptionOf(item, block, LIBRARY)
})

describe('whatever is offered has been judged again', () => {
  test('with its changes made, every rule that fires on it is met, and nothing is left to avoid', () => {
    let offered = 0
    fc.assert(
      fc.property(clearedPerson, itemArbitrary, roomArbitrary, (person, planned, room) => {
        const assessment = assess(base, person, { supportInReach: room.supportInReach })
        for (const { id, entry, changes, judgement } of place(assessment, planned, LIBRARY.entries, room).options) {
          offered++
          const start = entry === planned.entry ? planned.demands : entry!.planned
          const vector = encodeDemands(withChanges(start, changes))
          const { session } = judgement.settled
          const after = judge(assessment, vector, { movement: entry!.movement.id, session })
          expect(after.verdict, id).toBe('as-planned')
        }
      }),
      RUNS,
    )
    expect(offered).toBeGreaterThan(500)
  })

  test('only what the room has', () => {
    fc.assert(
      fc.property(clearedPerson, itemArbitrary, roomArbitrary, (person, planned, room) => {
        const assessment = assess(base, person, { supportInReach: room.supportInReach })
        for (const { entry } of place(assessment, planned, LIBRARY.entries, room).options)
          if (entry !== planned.entry) expect(isAvailable(entry!, room), entry!.variant.id).toBe(true)
      }),
      RUNS,
    )
  })

  test('no hand on support where none can be reached', () => {
    fc.assert(
      fc.property(clearedPerson, itemArbitrary, (person, planned) => {
        const room = { supportInReach: false, floorWork: true, kit: ['band' as const] }
        const assessment = assess(base, person, { supportInReach: false })
        for (const { entry, changes } of place(assessment, planned, LIBRARY.entries, room).options) {
          expect(changes.some(({ to }) => to === 'standing-two-hand' || to === 'standing-one-hand')).toBe(false)
          if (entry !== planned.entry)
            expect(entry!.variant.kit.some((kit) => kit === 'wall' || (kit === 'support' && !entry!.bringsSupport))).toBe(false)
        }
      }),
      RUNS,
    )
  })

  test('least loss first, nothing twice, and the same for the same', () => {
    fc.assert(
      fc.property(clearedPerson, itemArbitrary, roomArbitrary, (person, planned, room) => {
        const assessment = assess(base, person, { supportInReach: room.supportInReach })
        const { options } = place(assessment, planned, LIBRARY.entries, room)
        expect(options.map(({ loss }) => loss)).toEqual([...options.map(({ loss }) => loss)].sort((a, b) => a - b))
        expect(new Set(options.map(({ id }) => id)).size).toBe(options.length)
        const again = place(assess(base, person, { supportInReach: room.supportInReach }), planned, LIBRARY.entries, room)
        expect(again.options.map(({ id }) => id)).toEqual(options.map(({ id }) => id))
      }),
      RUNS,
    )
  })
})

test('a ladder’s own neighbouring step comes before a hand on the chair that changes the movement', () => {
  const unsteady = assess(
    base,
    { age: 80, screenOutcome: 'go', singleLegTestSec: 2, conditions: [{ slug: 'falls-history', variant: 'recurrent-or-injurious', cleared: true }] },
    { supportInReach: true },
  )
  const room = { supportInReach: true, floorWork: false, kit: ['support', 'wall', 'dumbbell', 'band'] as const }
  let [standing, sitting] = [0, 0]
  for (const entry of LIBRARY.entries.filter(({ planned }) => planned.basePosition === 'standing-free')) {
    const { item, block } = aloneInBlock(entry.variant.id)
    const { options } = place(unsteady, prescriptionOf(item, block, LIBRARY), LIBRARY.entries, { ...room, kit: [...room.kit] })
    const held = options.findIndex(({ id, changes }) => id === entry.variant.id && changes.some(({ attribute }) => attribute === 'basePosition'))
    const step = options.findIndex(
      ({ entry: other, changes }) => other?.movement === entry.movement && entry.step - other.step === 1 && changes.length === 0,
    )
    if (held < 0 || step < 0) continue
    // one that sits down comes first only where the hand on the chair would take a working arm away
    const stands = familyOf(options[step]!.entry!.planned.basePosition) === 'standing'
    if (!stands && entry.hands.free === 2) continue
    if (stands) standing++
    else sitting++
    expect(step, entry.variant.id).toBeLessThan(held)
  }
  expect([standing > 30, sitting > 2]).toEqual([true, true])
})

describe('who may not take part is offered nothing', () => {
  test('a closed session has no option and no resting variant', () => {
    fc.assert(
      fc.property(personArbitrary(base, SLUGS), itemArbitrary, roomArbitrary, (person, planned, room) => {
        const assessment = assess(base, { ...person, feverNow: true }, { supportInReach: room.supportInReach })
        expect(assessment.closed).toBeDefined()
        expect(place(assessment, planned, LIBRARY.entries, room).options).toEqual([])
        expect(restOption(assessment, LIBRARY.entries)).toBeUndefined()
      }),
      RUNS,
    )
  })

  test('a resting variant is always one that the person may do just so', () => {
    fc.assert(
      fc.property(personArbitrary(base, SLUGS), (person) => {
        const assessment = assess(base, person)
        const rest = restOption(assessment, LIBRARY.entries)
        if (assessment.closed) expect(rest).toBeUndefined()
        else expect(judge(assessment, rest!.vector, { movement: rest!.movement.id }).verdict).toBe('as-planned')
      }),
      RUNS,
    )
  })
})

test('placed together, everybody gets the verdict and the best way they would get alone', () => {
  fc.assert(
    fc.property(fc.array(clearedPerson, { minLength: 2, maxLength: 6 }), itemArbitrary, roomArbitrary, (group, planned, room) => {
      const assessments = group.map((person) => assess(base, person, { supportInReach: room.supportInReach }))
      const together = placeGroup(
        assessments.map((assessment) => ({ assessment })),
        planned,
        LIBRARY.entries,
        room,
      )
      for (const [index, assessment] of assessments.entries()) {
        const alone = place(assessment, planned, LIBRARY.entries, room)
        expect(together[index]!.judgement.verdict).toBe(alone.judgement.verdict)
        expect(together[index]!.options[0]?.id).toBe(alone.options[0]?.id)
        if (judgePlanned(assessment, planned).verdict === 'as-planned') expect(together[index]!.options[0]!.id).toBe(planned.entry!.variant.id)
      }
    }),
    { ...RUNS, numRuns: 60 },
  )
})
