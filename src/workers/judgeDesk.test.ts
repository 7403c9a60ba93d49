import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { assessRoster, evaluate } from '@/core/evaluate'
import { ownFrom } from '@/core/movement'
import { type Block, type PlanDraft, planSchema, soundPlan } from '@/core/plan'
import { assess, buildRuleBase } from '@/core/safety'
import { expand, NO_EXPERIENCE, treadLine } from '@/core/timing'
import { DesignerDesk } from './designerDesk'
import { JudgeDesk } from './judgeDesk'
import { FIRST_FIND } from './libraryContract'

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const people = demoPeople(DAY)
  .map(({ record }, index) => ({ id: `p${index}`, name: record.given, facts: factsOn(base, clientSchema.parse(record), DAY) }))
  .slice(0, 10)
const plans = DEMO_CLASSES.map(({ plan }) => planSchema.parse(plan))
const evaluated = (plan: PlanDraft) => {
  const sound = soundPlan(plan, LIBRARY)
  return evaluate(sound, assessRoster(base, people, sound), LIBRARY)
}
const broken: PlanDraft = {
  ...plans[0]!,
  phases: [
    {
      id: 'm',
      kind: 'main',
      title: '',
      blocks: [{ id: 'b', title: '', format: 'straight', pauseAfter: 0, items: [{ id: 'i', variant: 'no/such' }] }],
    },
  ],
}
const experience = NO_EXPERIENCE
const OWN = '00000000-0000-4000-8000-00000000000a'
const own = [{ id: OWN, document: ownFrom(LIBRARY.byId.get('march/seated')!), removed: false }]
const withOwn: PlanDraft = {
  ...broken,
  phases: [{ ...broken.phases[0]!, blocks: [{ ...broken.phases[0]!.blocks[0]!, items: [{ id: 'i', variant: `own-${OWN}/own` }] } as Block] }],
}

describe('the server’s judge says what the one judgement says', () => {
  test.each(plans.map((plan) => [plan.title, plan] as const))('%s', (_, plan) => {
    const desk = new JudgeDesk()
    const evaluation = evaluated(plan)
    const { shown, cells } = desk.first({ plan, people, experience })
    expect(shown).toEqual(new DesignerDesk().model({ plan, people, experience }))
    expect(cells.map(({ person, item, verdict }) => [person, item, verdict])).toEqual(
      evaluation.items.flatMap((item) => people.map(({ id }, index) => [id, item.prescription.item.id, item.placements[index]!.judgement.verdict])),
    )
    expect(desk.cells({ plan, people, experience })).toEqual(cells)
    const sheet = desk.sheet({ plan, people, experience })
    if ('problem' in sheet) throw new Error(sheet.problem)
    expect(sheet.line).toEqual(evaluation.tread)
    const closed = evaluation.people.filter(({ assessment }) => assessment.closed)
    expect(sheet.closed).toEqual(closed.map(({ name, assessment }) => ({ name, because: assessment.closed!.text })))
    const pending = evaluation.people.filter(({ assessment }) => !assessment.closed && assessment.pending.length > 0)
    expect(sheet.pending).toEqual(pending.map(({ name }) => name))
    expect(desk.stair({ plan })).toEqual(treadLine(expand(soundPlan(plan, LIBRARY), LIBRARY)))
  })

  test('how people stand before any movement', () => {
    const told = new JudgeDesk().standing({ facts: people.map(({ facts }) => facts) })
    for (const [index, { facts }] of people.entries()) {
      const { closed, pending } = assess(base, facts, { supportInReach: true })
      expect(told[index]).toEqual({ ...(closed && { closed: closed.outcome }), pending: pending.length > 0 })
    }
  })
})

describe('a plan that cannot be used', () => {
  const desk = new JudgeDesk()
  test('is a row that says why on the day sheet', () => {
    const sheet = desk.sheet({ plan: broken, people, experience })
    expect('problem' in sheet && sheet.problem).toMatch(/no\/such/)
  })
  test('has no verdicts and no stair, and its page is told of the fault', () => {
    expect(desk.cells({ plan: broken, people, experience })).toBeNull()
    expect(desk.stair({ plan: broken })).toBeNull()
    expect(() => desk.first({ plan: broken, people, experience })).toThrow(/no\/such/)
  })
})

describe('the library that was told last', () => {
  test('is the one a judgement stands on: an own movement is known when it was told, and not after it is gone', () => {
    const desk = new JudgeDesk()
    expect(desk.cells({ plan: withOwn, people, experience })).toBeNull()
    desk.library({ own })
    expect(desk.cells({ plan: withOwn, people, experience })).toHaveLength(people.length)
    desk.library({ own: [] })
    expect(desk.cells({ plan: withOwn, people, experience })).toBeNull()
  })

  test('one that was taken out is judged where it is used, and found nowhere', () => {
    const desk = new JudgeDesk()
    const find = () =>
      desk.find({ people: [], wish: { ...FIRST_FIND, words: own[0]!.document.name, most: 1000 } }).found.map(({ movement }) => movement)
    desk.library({ own })
    expect(find()).toContain(`own-${OWN}`)
    desk.library({ own: [{ ...own[0]!, removed: true }] })
    expect(find()).not.toContain(`own-${OWN}`)
    expect(desk.cells({ plan: withOwn, people, experience })).toHaveLength(people.length)
  })

  test('every page gets its drawings, though another got them before', () => {
    const desk = new JudgeDesk()
    const ask = { people: [], wish: { ...FIRST_FIND, most: 5 } }
    for (let page = 0; page < 2; page++) expect(desk.find(ask).found.every(({ drawing }) => drawing !== undefined)).toBe(true)
    for (let page = 0; page < 2; page++)
      expect(Object.keys(desk.first({ plan: plans[0]!, people, experience }).shown.drawings).length).toBeGreaterThan(3)
  })
})
