import { describe, expect, test } from 'vitest'
import { LIBRARY } from '@/content/movements'
import { assessRoster, classModel, doorQuestions, evaluate, openQuestions, place, placeGroup, tracksFor } from '@/core/evaluate'
import { aloneInBlock, checkPlan, planSchema, prescriptionOf } from '@/core/plan'
import { assess, buildRuleBase, overruledDose, type PersonFacts } from '@/core/safety'
import { CONDITIONS } from '.'

const base = buildRuleBase(CONDITIONS)
const SESSION = { supportInReach: true }
const ROOM = { kit: ['support', 'wall', 'band', 'dumbbell', 'mat', 'bed', 'wedge'] as const, floorWork: true, supportInReach: true }
/** Screened, so that verdicts are about movements and not about a form. */
const at = (facts: PersonFacts) => assess(base, { screenOutcome: 'go', ...facts }, SESSION)
const item = (variant: string) => {
  const alone = aloneInBlock(variant)
  return prescriptionOf(alone.item, alone.block, LIBRARY)
}
const PEOPLE: PersonFacts[] = [
  { age: 45, conditions: [] },
  { age: 78, singleLegTestSec: 3, conditions: [{ slug: 'falls-history', variant: 'single-or-fear', cleared: true }] },
  { age: 70, conditions: [{ slug: 'wheelchair-user', variant: 'other', cleared: true, trunkControlLow: false }] },
  { age: 66, conditions: [{ slug: 'hip-replacement-posterior', weeks: 8, side: 'left', cleared: true }] },
  { age: 31, gestationalWeek: 30, conditions: [{ slug: 'pregnancy', cleared: true }] },
  { age: 74, conditions: [{ slug: 'rotator-cuff-pain', variant: 'irritable', side: 'left' }, { slug: 'osteoporosis' }] },
]

describe('nobody is without an option', () => {
  const variants = LIBRARY.entries.filter((_, index) => index % 23 === 0).map(({ variant }) => variant.id)
  test.each(variants)('%s', (variant) => {
    for (const facts of PEOPLE) {
      const { judgement, options } = place(at(facts), item(variant), LIBRARY.entries, { ...ROOM, kit: [...ROOM.kit] })
      if (options.length === 0) expect(judgement.verdict).toBe('leave-out')
      // every option was judged for this very person and asks for nothing that is not said
      for (const option of options) expect(['as-planned', 'modify']).toContain(option.judgement.verdict)
      expect(options.map(({ loss }) => loss)).toEqual([...options.map(({ loss }) => loss)].sort((a, b) => a - b))
    }
  })
})

test('leaving out alternatives that cannot matter changes no total loss', () => {
  const assessments = PEOPLE.map(at)
  for (const variant of ['squat/free', 'lateral-raise/free', 'one-leg-hinge/free', 'roll-down/free', 'march/seated', 'overhead-press/standing']) {
    const planned = item(variant)
    const room = { ...ROOM, kit: [...ROOM.kit] }
    const whole = assessments.map((assessment) => place(assessment, planned, LIBRARY.entries, room))
    const few = placeGroup(
      assessments.map((assessment) => ({ assessment })),
      planned,
      LIBRARY.entries,
      room,
    )
    for (const most of [1, 2, 3, 4]) {
      const [a, b] = [whole, few].map((placements) => tracksFor(placements, most, variant))
      expect(b!.totalLoss, `${variant}, ${most}`).toBeCloseTo(a!.totalLoss, 9)
      expect(b!.shown.length).toBe(a!.shown.length)
    }
  }
})

describe('a sore left shoulder does not forbid the right arm', () => {
  const sore = at({ age: 50, conditions: [{ slug: 'rotator-cuff-pain', variant: 'irritable', side: 'left' }] })
  const { demands } = item('overhead-press/standing')
  const verdict = (side: 'left' | 'right' | 'both') => {
    const planned = { ...item('overhead-press/standing'), demands: { ...demands, side } }
    return place(sore, { ...planned, vector: Float64Array.from(planned.vector) }, LIBRARY.entries, { ...ROOM, kit: [...ROOM.kit] }).judgement
  }
  test('both arms: not as planned', () => expect(verdict('both').verdict).not.toBe('as-planned'))
  test('right arm alone: no rule of the shoulder fires', async () => {
    const { encodeDemands } = await import('@/core/movement')
    const { judge } = await import('@/core/safety')
    const alone = { ...demands, side: 'right' as const }
    const hits = judge(sore, encodeDemands(alone)).hits.filter(
      ({ condition, then }) => condition === 'rotator-cuff-pain' && (then === 'avoid' || then === 'modify'),
    )
    expect(hits).toEqual([])
  })
})

describe('the instructor’s own word', () => {
  const facts: PersonFacts = { age: 78, singleLegTestSec: 0, conditions: [{ slug: 'falls-history', cleared: true }] }
  const variant = 'steady-stand/one-leg-free'
  const { planned, variant: library } = LIBRARY.byId.get(variant)!
  const word = {
    variant,
    reason: 'she stands steadily by the rail every week',
    by: 'Odile Marrow',
    upTo: overruledDose(planned, library.dose.sets, true),
  }
  const plan = checkPlan(
    planSchema.parse({
      title: 'T',
      promisedMinutes: 20,
      phases: [
        {
          id: 'm',
          kind: 'main',
          blocks: [
            {
              id: 'b',
              items: [
                { id: 'i', variant: word.variant },
                { id: 'j', variant: 'squat/free' },
              ],
            },
          ],
        },
      ],
    }),
    LIBRARY,
  )
  if ('problems' in plan) throw new Error('the plan is sound')
  const marks = (given: PersonFacts) =>
    classModel(plan.plan, evaluate(plan.plan, { people: [{ id: 'p', name: 'P', assessment: at(given) }] }, LIBRARY)).items.map(
      ({ cells }) => cells[0]!.mark,
    )
  test('stands for its variant only, and is seen as such', () => {
    const [before, other] = marks(facts)
    expect(before).not.toBe('planned')
    expect(marks({ ...facts, overrules: [word] })).toEqual(['word', other])
  })
  test.each([
    ['fewer sets', { sets: word.upTo.sets + 1 }, 'word'],
    ['a heavier load', { loadKg: word.upTo.loadKg - 1 }, 'not the word'],
    ['a harder effort', { rpe: word.upTo.rpe - 1 }, 'not the word'],
    ['a longer hold', { holdSeconds: word.upTo.holdSeconds - 1 }, 'not the word'],
    ['more repetitions', { reps: word.upTo.reps - 1 }, 'not the word'],
    ['more sets', { sets: word.upTo.sets - 1 }, 'not the word'],
  ] as const)('%s than it was given for: %s', (_name, given, expected) => {
    const [mark] = marks({ ...facts, overrules: [{ ...word, upTo: { ...word.upTo, ...given } }] })
    expect(mark === 'word' ? 'word' : 'not the word').toBe(expected)
  })
  test('never without the support it was given with', () => {
    const bare = { ...plan.plan, room: { ...plan.plan.room, supportInReach: false } }
    const verdictIn = (room: typeof bare) => {
      const people = assessRoster(base, [{ id: 'p', name: 'P', facts: { ...facts, overrules: [word] } }], room).people
      return classModel(room, evaluate(room, { people }, LIBRARY)).items[0]!.cells[0]!.mark
    }
    expect(verdictIn({ ...bare, room: { ...bare.room, supportInReach: true } })).toBe('word')
    expect(verdictIn(bare)).not.toBe('word')
  })
  test('never against a gate or what is absolute', () => {
    expect(marks({ ...facts, chestPainNow: true, overrules: [word] })).toEqual(['out', 'out'])
    const absolute: PersonFacts = {
      age: 30,
      gestationalWeek: 30,
      conditions: [{ slug: 'pregnancy-absolute-contraindication', cleared: true }],
      screenOutcome: 'go',
      overrules: [word],
    }
    expect(marks(absolute)[0]).toBe('out')
  })
})

describe('what to ask next', () => {
  const items = ['bridge/floor', 'squat/free', 'steady-stand/one-leg-free', 'longSit'].flatMap((id) => (LIBRARY.byId.has(id) ? [item(id)] : []))
  const facts: PersonFacts = { age: 72, screenOutcome: 'go', conditions: [{ slug: 'knee-osteoarthritis', side: 'left' }] }
  const asked = openQuestions(base, facts, SESSION, items)
  test('the floor is worth asking, and the answer truly opens what it says', () => {
    const floor = asked.find(({ id }) => id === 'p.floorTransferOk')!
    expect(floor.loosens).toHaveLength(1)
    const before = at(facts)
    const after = at({ ...facts, floorTransferOk: true })
    const verdict = (assessment: typeof before) => place(assessment, item('bridge/floor'), [], { ...ROOM, kit: [] }).judgement.verdict
    expect([verdict(before), verdict(after)]).not.toEqual([verdict(before), verdict(before)])
  })
  test('most loosened first, and nothing that is known or changes nothing', () => {
    expect(asked.map(({ loosens }) => loosens.length)).toEqual([...asked.map(({ loosens }) => loosens.length)].sort((a, b) => b - a))
    expect(asked.every(({ loosens }) => loosens.length > 0)).toBe(true)
    expect(asked.some(({ id }) => id === 'knee-osteoarthritis.side')).toBe(false)
    expect(openQuestions(base, { ...facts, floorTransferOk: true }, SESSION, items).some(({ id }) => id === 'p.floorTransferOk')).toBe(false)
  })
  test.each([
    ['pregnant, week not known', { age: 30, screenOutcome: 'go', conditions: [{ slug: 'pregnancy' }] }, ['gestationalWeek']],
    ['the health questions of a pregnant woman never answered', { age: 30, gestationalWeek: 20, conditions: [] }, ['screenOutcome']],
    ['a new hip, date not known', { age: 70, screenOutcome: 'go', conditions: [{ slug: 'hip-replacement-posterior', side: 'left' }] }, ['weeks']],
    ['a stroke without a letter', { age: 70, screenOutcome: 'go', conditions: [{ slug: 'stroke-hemiparesis', variant: 'walks-free' }] }, ['cleared']],
    [
      'a new hip and a pregnancy, neither dated',
      { age: 40, screenOutcome: 'go', conditions: [{ slug: 'pregnancy' }, { slug: 'knee-replacement', side: 'left' }] },
      ['gestationalWeek', 'weeks'],
    ],
    ['fever is not a matter of asking', { age: 70, screenOutcome: 'go', feverNow: true, conditions: [] }, []],
    ['an open door', { age: 70, screenOutcome: 'go', conditions: [] }, []],
  ] as [string, PersonFacts, string[]][])('at a closed door the fewest answers that open it: %s', (_name, closed, fields) => {
    const questions = doorQuestions(base, closed, SESSION)
    expect(questions.map(({ field }) => field).sort()).toEqual([...fields].sort())
    let answered = closed
    for (const { condition, field, answer } of questions) {
      const conditions = answered.conditions.map((one) => (one.slug === condition ? { ...one, [field]: answer } : one))
      answered = condition === undefined ? { ...answered, [field]: answer } : { ...answered, conditions }
    }
    if (fields.length > 0) expect(assess(base, answered, SESSION).closed).toBeUndefined()
    if (fields.length > 0) expect(openQuestions(base, closed, SESSION, items)).toEqual(questions)
  })
})
