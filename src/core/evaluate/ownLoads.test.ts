import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { BANDS } from '@/content/kit/bands'
import { LIBRARY } from '@/content/movements'
import { SLOT } from '../movement'
import { planSchema, soundPlan } from '../plan'
import { buildRuleBase, type PersonFacts } from '../safety'
import { evaluate } from './evaluate'
import { kitList } from './kitList'
import { assessRoster, type InGroup } from './roster'
import { classModel } from './view'

const base = buildRuleBase(CONDITIONS)
const FIT: PersonFacts = { age: 62, screenOutcome: 'go', riseNoHands: true, singleLegTestSec: 30, weeksInProgramme: 20, conditions: [] }
type Somebody = Partial<PersonFacts> & { own?: InGroup }

function judged(people: Somebody[], ...items: object[]) {
  const plan = soundPlan(
    planSchema.parse({
      title: 'T',
      promisedMinutes: 30,
      room: { kit: ['dumbbell', 'band', 'support', 'wall'] },
      phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: items.map((item, index) => ({ id: `i${index}`, ...item })) }] }],
    }),
    LIBRARY,
  )
  const roster = assessRoster(
    base,
    people.map(({ own, ...facts }, index) => ({ id: `p${index}`, name: `P${index}`, ...own, facts: { ...FIT, ...facts } })),
    plan,
  )
  const evaluation = evaluate(plan, roster, LIBRARY)
  return { evaluation, model: classModel(plan, evaluation) }
}
const CURL = { variant: 'curl/one-kg', dose: { sets: 1, reps: 8, loadKg: 1, rpe: 3 } }
const LOAD = SLOT.externalLoadKg

describe('what somebody lifts beside the plan’s load', () => {
  test('is what they are judged with and what is said of them', () => {
    const { model } = judged([{}, { own: { ownLoads: { curl: 2 } } }], CURL)
    const [plain, own] = model.items[0]!.cells
    expect(plain!.use).not.toHaveProperty('ownKg')
    expect(own!.use).toMatchObject({ kind: 'does', variant: 'curl/one-kg', ownKg: 2 })
  })
  test('is held to the limits of the person as any load is', () => {
    const somebody = { conditions: [{ slug: 'osteoporosis-vertebral-fracture', cleared: true, weeks: 60 }] }
    const loadHits = (own?: InGroup) =>
      judged([{ ...somebody, ...(own && { own }) }], CURL).evaluation.items[0]!.placements[0]!.judgement.hits.filter(({ id }) => id === 'LIM-load')
        .length
    expect([loadHits(), loadHits({ ownLoads: { curl: 40 } })]).toEqual([0, 1])
  })
  test('counts in no other movement, and in none that holds no weight', () => {
    const { model } = judged([{ own: { ownLoads: { row: 5, march: 5 } } }], CURL, { variant: 'march/seated' })
    for (const { cells } of model.items) expect(cells[0]!.use).not.toHaveProperty('ownKg')
  })
  test('another version of the movement is done with no more than that', () => {
    // whoever may not stand does it sitting, with the own load and not with that of the library
    const heaviest = LIBRARY.entries.filter(({ movement, planned }) => movement.id === 'curl' && planned.externalLoadKg > 0.5).at(-1)!.variant.id
    const { evaluation } = judged(
      [{ conditions: [{ slug: 'wheelchair-user', variant: 'other', standingOk: false, trunkControlLow: false }], own: { ownLoads: { curl: 0.5 } } }],
      { variant: heaviest },
    )
    const [placement] = evaluation.items[0]!.placements
    const ownMovement = placement!.options.filter(({ entry }) => entry?.movement.id === 'curl')
    for (const { judgement } of ownMovement) expect(judgement.settled.demands[LOAD]).toBeLessThanOrEqual(0.5)
    expect(ownMovement.length).toBeGreaterThan(0)
  })
  test('is what has to be set out', () => {
    const { evaluation } = judged([{}, {}, { own: { ownLoads: { curl: 2 } } }], CURL)
    expect(kitList(evaluation)[0]!.loads).toEqual([
      { kg: 1, people: 2 },
      { kg: 2, people: 1 },
    ])
  })
})

test('bands to set out follow everybody’s height', () => {
  const row = { variant: 'row/band-light' }
  const heights = [150, 150, 195]
  const { evaluation } = judged(
    heights.map((statureCm) => ({ own: { statureCm } })),
    row,
  )
  const [need] = kitList(evaluation, BANDS)
  expect(need!.bands.reduce((sum, { people }) => sum + people, 0)).toBe(heights.length)
  expect(kitList(evaluation)[0]!.bands).toEqual([])
})
