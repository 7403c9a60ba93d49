import fc from 'fast-check'
import { beforeAll, describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { fitted, type Keepsake, leastLoss, repair, type Solver, type Step } from '@/core/compose'
import { assessRoster, evaluate, inGroup, type Judged, rankOf, troublesOf } from '@/core/evaluate'
import { applyEdit, itemsOf, type Plan, type PlanInput, partOf, planSchema, soundPlan } from '@/core/plan'
import { buildRuleBase, type PersonFacts } from '@/core/safety'
import { HOUSE_RATES } from '@/core/timing'
import { highsSolver, loadSolver } from './highsSolver'

let solver: Solver
beforeAll(async () => {
  solver = highsSolver(await loadSolver())
})

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const PEOPLE = demoPeople(DAY).map(({ record, classes }) => ({ record: clientSchema.parse(record), classes }))
type Change = Partial<Pick<Plan, 'tracks'>> & { room?: Partial<Plan['room']> }
const planOf = (input: PlanInput, { room, ...change }: Change = {}): Plan => {
  const draft = planSchema.parse(input)
  return soundPlan({ ...draft, ...change, room: { ...draft.room, ...room } }, LIBRARY)
}
function judgedOf(plan: Plan, people: readonly { name: string; facts: PersonFacts }[]): Judged {
  const roster = assessRoster(
    base,
    people.map((person, index) => ({ id: `p${index}`, ...person })),
    plan,
  )
  return { plan, evaluation: evaluate(plan, roster, LIBRARY), roster, catalogue: LIBRARY, rates: HOUSE_RATES }
}
/** A class of the demo with its people, and those who come to it as well. */
function demo(key: string, change: Change = {}, also: readonly string[] = []): Judged {
  const { plan } = DEMO_CLASSES.find((one) => one.key === key)!
  const coming = PEOPLE.filter(({ record, classes }) => classes.some((one) => one === key) || also.includes(record.given))
  return judgedOf(
    planOf(plan, change),
    coming.map(({ record }) => ({ name: record.given, facts: factsOn(base, record, DAY), ...inGroup(record) })),
  )
}
const namesOf = (judged: Judged) => judged.evaluation.people.map(({ name }) => name)
const KEYS = DEMO_CLASSES.map(({ key }) => key)

describe('the one step of each part that together lose least', () => {
  const step = fc.record({
    price: fc.integer({ min: 0, max: 12 }).map((eighths) => eighths / 4),
    seconds: fc.integer({ min: -6, max: 4 }).map((tens) => tens * 10),
    brings: fc.subarray(['a', 'b'], { maxLength: 1 }),
  })
  const parts = fc.array(fc.array(step, { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 5 })

  test('is that which trying all of them finds, with lengths, keepsakes and what may come in once', () => {
    fc.assert(
      fc.property(parts, fc.integer({ min: -12, max: 0 }), fc.integer({ min: 0, max: 3 }), (given, until, price) => {
        // what stays must be there to take: a movement that comes in twice is no class
        const choices = given.map((some, part): (Step & { part: number })[] => [
          { edits: [], price: 3, seconds: 0, brings: [], part },
          ...some.map((one) => ({ ...one, edits: [], part })),
        ])
        const keepsakes: Keepsake<Step & { part: number }>[] = [{ price, kept: ({ part, seconds }) => part === 0 && seconds === 0 }]
        const lossOf = (steps: readonly (Step & { part: number })[]) =>
          steps.reduce((sum, one) => sum + one.price, 0) +
          Math.max(0, steps.reduce((sum, one) => sum + one.seconds, 0) - until * 10) +
          (steps.some((one) => keepsakes[0]!.kept(one)) ? 0 : price)
        const isClass = (steps: readonly Step[]) => {
          const brought = steps.flatMap(({ brings }) => brings)
          return new Set(brought).size === brought.length
        }
        const all = choices.reduce<(Step & { part: number })[][]>((found, some) => found.flatMap((one) => some.map((next) => [...one, next])), [[]])
        const best = Math.min(...all.filter(isClass).map(lossOf))
        const found = leastLoss(choices, { from: Number.NEGATIVE_INFINITY, until: until * 10, keepsakes }, solver)
        expect(found.map(({ part }) => part)).toEqual(choices.map((_, part) => part))
        expect(isClass(found)).toBe(true)
        expect(lossOf(found)).toBeCloseTo(best, 3)
      }),
      { numRuns: 60 },
    )
  })
})

describe('the least change after which a class fits', () => {
  test.each(KEYS.filter((key) => key !== 'backs'))('%s fits as it is: nothing is changed', (key) => {
    expect(troublesOf(demo(key).plan, demo(key).evaluation)).toEqual([])
    expect(repair(demo(key), solver)).toBeUndefined()
  })

  test.each(KEYS)('%s without bands and weights: what needed them has another version, all else is the very same', (key) => {
    const judged = demo(key, { room: { kit: ['support', 'wall'] } })
    const lacking = troublesOf(judged.plan, judged.evaluation).flatMap((trouble) => (trouble.code === 'kit' ? trouble.items : []))
    expect(lacking.length).toBeGreaterThan(0)
    const found = repair(judged, solver)!
    expect(found.left).toEqual([])
    const was = new Map(itemsOf(judged.plan).map(({ item }) => [item.id, item]))
    const changed = new Set(found.mended.map(({ item }) => item))
    for (const item of lacking) expect(changed).toContain(item)
    for (const { item } of itemsOf(found.plan)) if (was.has(item.id) && !changed.has(item.id)) expect(item).toBe(was.get(item.id))
    expect(found.kept).toBe(found.of - changed.size)
    expect(found.evaluation.timeline.totalSeconds).toBeLessThanOrEqual(
      Math.max(judged.plan.promisedMinutes * 60, judged.evaluation.timeline.totalSeconds),
    )
  })

  test('bands for three: what all would have at a time is said with how many, and others have a version without', () => {
    const judged = demo('chairs', { room: { enoughFor: { band: 3 } } })
    const few = troublesOf(judged.plan, judged.evaluation).filter(({ code }) => code === 'kit-few')
    expect(few).toEqual([{ code: 'kit-few', kit: 'band', people: expect.any(Number), enoughFor: 3, items: expect.any(Array) }])
    expect(few[0]).toSatisfy(({ people }: { people: number }) => people > 3)
    const found = repair(judged, solver)!
    expect(found.left).toEqual([])
    for (const { uses } of found.evaluation.items)
      expect(uses.filter((use) => use.kind === 'does' && use.option.entry?.variant.kit.includes('band')).length).toBeLessThanOrEqual(3)
    // for as many as there are people it is enough
    expect(troublesOf(judged.plan, demo('chairs', { room: { enoughFor: { band: 12 } } }).evaluation)).toEqual(
      expect.not.arrayContaining([expect.objectContaining({ code: 'kit-few', enoughFor: 12 })]),
    )
  })

  test('somebody who comes and has nothing in one movement: another of its kind stands there, for everybody, and it can be taken back', () => {
    const judged = demo('chairs', {}, ['Verity'])
    expect(troublesOf(judged.plan, judged.evaluation)).toEqual([{ code: 'nothing-for', person: expect.any(String), name: 'Verity', items: ['c1'] }])
    const found = repair(judged, solver)!
    expect(found.mended).toEqual([{ item: 'c1', does: expect.objectContaining({ code: 'instead' }) }])
    expect(found.left).toEqual([])
    expect(found.evaluation.items.every(({ uses }) => uses.every(({ kind }) => kind !== 'rests'))).toBe(true)
    const { plan, inverse } = applyEdit(judged.plan, found.edit)
    expect(applyEdit(plan, JSON.parse(JSON.stringify(inverse))).plan).toEqual(judged.plan)
  })

  test('a leader who shows one version only: no item shows a second one, levels included', () => {
    const levels = ['march/seated', 'march/free']
    const input: PlanInput = {
      version: 2,
      title: 'Levels',
      promisedMinutes: 20,
      tracks: 1,
      phases: [{ id: 'm', kind: 'main', title: '', blocks: [{ id: 'b', items: [{ id: 'i', variant: 'march/free', levels }] }] }],
    }
    const { record } = PEOPLE[0]!
    const judged = judgedOf(planOf(input), [{ name: record.given, facts: { age: 40, screenOutcome: 'go', conditions: [] } }])
    expect(troublesOf(judged.plan, judged.evaluation)).toEqual([{ code: 'versions', most: 1, items: ['i'] }])
    const found = repair(judged, solver)!
    expect(found.mended).toEqual([{ item: 'i', does: { code: 'levels-off' } }])
    expect(found.evaluation.items[0]!.shown).toEqual(['march/free'])
  })

  test('a class that goes down to the floor in a room without floor work: what was down there stands or sits, or is left out', () => {
    const judged = demo('backs', { room: { floorWork: false } })
    const down = troublesOf(judged.plan, judged.evaluation).find(({ code }) => code === 'floor')!
    expect(down.items.length).toBeGreaterThan(0)
    const found = repair(judged, solver)!
    expect(found.left.filter(({ code }) => code === 'floor')).toEqual([])
    expect(found.evaluation.tread.floorTrips).toBe(0)
  })

  test('whoever comes and whatever is lacking: what is left over is only what nothing near mends, and nobody does what they may not', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...KEYS),
        fc.subarray(PEOPLE.map(({ record }) => record.given)),
        fc.subarray(['band', 'dumbbell', 'mat', 'step'] as const),
        fc.integer({ min: 1, max: 2 }),
        (key, also, kit, tracks) => {
          const judged = demo(
            key,
            { tracks, room: { kit: ['support', 'wall', ...kit.filter((one) => one !== 'mat')], floorWork: kit.includes('mat') } },
            also,
          )
          const found = repair(judged, solver)
          if (!found) return
          expect(found.left.filter(({ code }) => code !== 'nothing-for')).toEqual([])
          for (const { uses } of found.evaluation.items)
            for (const use of uses) if (use.kind === 'does') expect(['as-planned', 'modify']).toContain(use.option.judgement.verdict)
          expect(applyEdit(found.plan, applyEdit(judged.plan, found.edit).inverse).plan).toEqual(judged.plan)
        },
      ),
      { numRuns: 12 },
    )
  })
})

describe('a class in another length', () => {
  const coolDown = ({ phases }: Plan) => phases.filter(({ kind }) => partOf(kind) === 'cool-down')

  test.each(KEYS)('%s: as long as it is to be, with all that brings it down, and nobody is told anything stricter', (key) => {
    const judged = demo(key)
    for (const by of [-14, -9, -5, 6, 11]) {
      const minutes = judged.plan.promisedMinutes + by
      const found = fitted(judged, minutes, solver)
      expect(found.isReached, `${by} minutes`).toBe(true)
      const { totalSeconds } = found.evaluation.timeline
      expect(totalSeconds).toBeLessThanOrEqual(minutes * 60)
      if (by > 0) expect(totalSeconds).toBeGreaterThanOrEqual(minutes * 60 - 90)
      else expect(coolDown(found.plan)).toEqual(coolDown(judged.plan))
      expect(found.plan.promisedMinutes).toBe(minutes)
      const before = new Map(judged.evaluation.items.map((item) => [item.prescription.item.id, item]))
      for (const { prescription, placements } of found.evaluation.items)
        for (const [person, { judgement }] of placements.entries()) {
          const old = before.get(prescription.item.id)?.placements[person]
          if (old)
            expect(rankOf(judgement.verdict), `${prescription.item.id} ${namesOf(judged)[person]}`).toBeLessThanOrEqual(rankOf(old.judgement.verdict))
        }
      const known = new Set(judged.evaluation.warnings.map(({ code }) => code))
      expect(found.evaluation.warnings.filter(({ code }) => !known.has(code))).toEqual([])
      expect(applyEdit(found.plan, applyEdit(judged.plan, found.edit).inverse).plan).toEqual(judged.plan)
    }
  })

  test('the seconds of its steps make the difference, but for what changes of place and kit add', () => {
    const judged = demo('bones')
    const found = fitted(judged, 32, solver)
    const told = found.steps.reduce((sum, { seconds }) => sum + seconds, 0)
    expect(found.steps.every(({ seconds }) => seconds < 0)).toBe(true)
    expect(Math.abs(found.evaluation.timeline.totalSeconds - judged.evaluation.timeline.totalSeconds - told)).toBeLessThan(60)
  })

  test('a warm-up that is short for its people is not made shorter', () => {
    const judged = demo('chairs')
    expect(judged.evaluation.warnings.map(({ code }) => code)).toContain('warm-up-short')
    const found = fitted(judged, 15, solver)
    const warm = ({ phases }: Plan) => phases.filter(({ kind }) => kind === 'warm-up').flatMap(({ blocks }) => blocks.flatMap(({ items }) => items))
    expect(warm(found.plan)).toEqual(warm(judged.plan))
  })

  test('both sides of a movement go together or stay together, in one block or in two', () => {
    const side = (id: string, sides: 'left' | 'right') => ({ id, variant: 'leg-extension/seat', dose: { sets: 2, reps: 8, holdSeconds: 0, sides } })
    const plain = (id: string, variant: string) => ({ id, variant, dose: { sets: 2, reps: 10, holdSeconds: 0 } })
    const inOne = [{ id: 'b', items: [side('l', 'left'), side('r', 'right'), plain('x', 'row/air'), plain('y', 'curl/fists')] }]
    const inTwo = [
      { id: 'b', items: [side('l', 'left'), plain('x', 'row/air')] },
      { id: 'c', items: [side('r', 'right'), plain('y', 'curl/fists')] },
    ]
    for (const blocks of [inOne, inTwo]) {
      const input = { version: 2 as const, title: 'Sides', promisedMinutes: 20, phases: [{ id: 'm', kind: 'main' as const, title: '', blocks }] }
      const judged = judgedOf(planOf(input), [{ name: 'A', facts: { age: 40, screenOutcome: 'go', conditions: [] } }])
      for (const minutes of [5, 6, 7, 8]) {
        const items = new Map(itemsOf(fitted(judged, minutes, solver).plan).map(({ item }) => [item.id, item]))
        expect(items.get('l')?.dose?.sets).toBe(items.get('r')?.dose?.sets)
      }
    }
  })

  test('a class that has its length already is left alone', () => {
    const judged = demo('bones')
    const minutes = (judged.evaluation.timeline.totalSeconds + 20) / 60
    const found = fitted(judged, minutes, solver)
    expect(found.steps).toEqual([])
    expect(found.isReached).toBe(true)
    expect(itemsOf(found.plan)).toEqual(itemsOf(judged.plan))
  })
})
