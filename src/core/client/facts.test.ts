import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { assess, buildRuleBase, judge } from '../safety'
import { addDays } from './calendar'
import { factsOn, isCleared, PROGRAMME_WEEKS_ASKED, perinatal, programmeSettled, readingsAsked, weeksInProgramme } from './facts'
import { overrulesOn } from './overrule'
import { type ClientInput, checkInSchema, clientSchema } from './record'

const base = buildRuleBase(CONDITIONS)
const record = (rest: Partial<ClientInput> = {}) => clientSchema.parse({ given: 'Test', birthDate: '1990-05-05', ...rest })
const slugs = (facts: ReturnType<typeof factsOn>) => assess(base, facts).conditions.map(({ condition }) => condition.slug)

/** Asking hits of osteoporosis on every variant, by movement. */
function askedOf(facts: ReturnType<typeof factsOn>): Set<string> {
  const assessment = assess(base, facts)
  const asked = LIBRARY.entries.filter((entry) =>
    judge(assessment, entry.vector, { movement: entry.movement.id }).hits.some(
      ({ condition, then }) => condition === 'osteoporosis' && (then === 'avoid' || then === 'modify'),
    ),
  )
  return new Set(asked.map(({ movement }) => movement.id))
}

describe('a clinician’s written plan for one movement', () => {
  const plain = { birthDate: '1950-01-01', conditions: [{ slug: 'osteoporosis' }] }
  const before = askedOf(factsOn(base, record(plain), '2026-11-25'))
  const [movement, ...others] = [...before]
  const planned = record({
    ...plain,
    clearances: [{ condition: 'osteoporosis', by: 'Dr Example', on: '2026-11-01', expires: '2027-02-01', movement }],
  })

  test('loosens that condition for that movement and for nothing else', () => {
    expect(others.length).toBeGreaterThan(3)
    expect(askedOf(factsOn(base, planned, '2026-11-25'))).toEqual(new Set(others))
  })
  test('ends with its date', () => {
    expect(askedOf(factsOn(base, planned, '2027-02-02'))).toEqual(before)
  })
  test('clears nothing', () => {
    expect(factsOn(base, planned, '2026-11-25').conditions[0]!.cleared ?? false).toBe(false)
  })
})

describe('what the rules may know on a day', () => {
  test('dates become weeks of that day', () => {
    const hip = record({ conditions: [{ slug: 'hip-replacement-posterior', since: '2026-09-01', side: 'left' }] })
    expect(factsOn(base, hip, '2026-10-13').conditions[0]!.weeks).toBe(6)
    expect(factsOn(base, hip, '2027-09-01').conditions[0]!.weeks).toBe(52)
  })
  test('an event that lies ahead has no weeks yet', () => {
    expect(factsOn(base, record({ conditions: [{ slug: 'recent-surgery', since: '2026-12-01' }] }), '2026-11-01').conditions[0]).not.toHaveProperty(
      'weeks',
    )
  })
  test('a due date adds pregnancy, a caesarean birth adds its rules and ends the pregnancy', () => {
    const mother = record({ dueDate: '2027-01-10' })
    expect(slugs(factsOn(base, mother, '2026-11-25'))).toContain('pregnancy')
    const born = record({ dueDate: '2027-01-10', lastBirth: { on: '2027-01-05', kind: 'caesarean' } })
    const after = slugs(factsOn(base, born, '2027-02-10'))
    expect(after).toContain('caesarean')
    expect(after).not.toContain('pregnancy')
  })
  test('medicines add the conditions that they mean', () => {
    expect(slugs(factsOn(base, record({ medicines: { betaBlocker: true, bloodThinner: true, insulinOrSulfonylurea: true } }), '2026-11-25'))).toEqual(
      expect.arrayContaining(['beta-blocker', 'anticoagulants', 'diabetes-hypoglycaemia-risk']),
    )
    expect(slugs(factsOn(base, record({ medicines: { betaBlocker: false } }), '2026-11-25'))).not.toContain('beta-blocker')
  })
  test('fever or feeling unwell at the door closes the session; the record stays as it is', () => {
    const facts = factsOn(base, record(), '2026-11-25', { today: checkInSchema.parse({ feverNow: true }) })
    expect(assess(base, facts).closed?.outcome).toBe('not-today')
    expect(assess(base, factsOn(base, record(), '2026-11-25')).closed).toBeUndefined()
  })
  test('pain at the door is counted above what is usual', () => {
    expect(factsOn(base, record(), '2026-11-25', { today: { painNow: 8, usualPain: 7 } }).painAboveUsual).toBe(1)
    expect(factsOn(base, record(), '2026-11-25', { today: { painNow: 8 } }).painAboveUsual).toBe(8)
  })
})

describe('clearance runs out', () => {
  const cleared = (on: string, expires?: string) =>
    record({ conditions: [{ slug: 'copd' }], clearances: [{ condition: 'copd', by: 'a clinic', on, ...(expires && { expires }) }] })
  test.each([
    ['2026-01-10', undefined, '2026-07-10', true],
    ['2026-01-10', undefined, '2026-07-11', false],
    ['2026-01-10', '2026-03-01', '2026-03-02', false],
    ['2026-06-01', undefined, '2026-05-31', false],
  ])('given %s until %s, on %s: %s', (on, expires, day, valid) => expect(isCleared(base, cleared(on, expires), 'copd', day)).toBe(valid))
})

test('an overdue pregnancy without a recorded birth never becomes nobody: it is asked about, on the strictest side', () => {
  expect(perinatal({ dueDate: '2026-11-01' }, '2026-11-25').week).toBe(43)
  expect(perinatal({ dueDate: '2026-09-01' }, '2026-11-25').week).toBe(52)
  for (const noBirth12m of [undefined, true]) {
    const overdue = record({ dueDate: '2026-09-01', ...(noBirth12m !== undefined && { noBirth12m }) })
    const assessment = assess(base, { ...factsOn(base, overdue, '2026-11-25'), screenOutcome: 'go' })
    expect(assessment.conditions.map(({ condition }) => condition.slug)).toEqual(expect.arrayContaining(['pregnancy', 'postnatal']))
    expect(assessment.person).toMatchObject({ gestationalWeek: 52, weeksPostpartum: 0 })
    expect([assessment.closed?.id, assessment.closed?.outcome]).toEqual(['PR-G5', 'ask'])
  }
})

test('weeks in the programme are counted from attendance; a pause of over four weeks starts anew', () => {
  const weekly = ['2026-09-07', '2026-09-14', '2026-09-16', '2026-09-21']
  expect(weeksInProgramme(weekly, '2026-09-22')).toBe(3)
  expect(weeksInProgramme(weekly, '2026-10-19')).toBe(3)
  expect(weeksInProgramme(weekly, '2026-10-20')).toBe(0)
  expect(weeksInProgramme([...weekly, '2026-11-02', '2026-11-09'], '2026-11-10')).toBe(2)
  expect(weeksInProgramme([], '2026-11-10')).toBe(0)
})

describe('readings are asked of everybody whose conditions ask for them', () => {
  test.each([
    ['the calendar', { dueDate: '2027-02-01' }, ['restSbp', 'restDbp']],
    ['a medicine', { medicines: { insulinOrSulfonylurea: true } }, ['glucoseMmol', 'ketonesMmol']],
    ['a record', { conditions: [{ slug: 'copd' }] }, ['spo2']],
    ['nobody else', {}, []],
  ] as const)('%s', (_name, rest, readings) => {
    expect(readingsAsked(base, record(rest as never), '2026-11-25')).toEqual(expect.arrayContaining([...readings]))
    if (readings.length === 0) expect(readingsAsked(base, record(rest as never), '2026-11-25')).toEqual([])
  })
})

test('an overrule holds from its day to its last, in its class', () => {
  const one = { variant: 'a/b', reason: 'seen her do it', until: '2026-12-01', by: 'O. M.', on: '2026-11-20', verdict: 'swap', rules: [] }
  const classId = '00000000-0000-4000-8000-000000000001'
  expect(overrulesOn([one], '2026-11-19')).toHaveLength(0)
  expect(overrulesOn([one], '2026-12-01')).toHaveLength(1)
  expect(overrulesOn([one], '2026-12-02')).toHaveLength(0)
  expect(overrulesOn([{ ...one, classId }], '2026-11-25', 'another')).toHaveLength(0)
  expect(overrulesOn([{ ...one, classId }], '2026-11-25', classId)).toHaveLength(1)
})

describe('attendance long ago', () => {
  const DAY = '2026-11-25'

  test('no rule asks for more weeks in the programme than it is settled with', () => {
    const asked = [...JSON.stringify(CONDITIONS).matchAll(/weeksInProgramme\s*[<>=]+\s*(\d+)/g)].map(([, weeks]) => Number(weeks))
    expect(asked.length).toBeGreaterThan(5)
    expect(Math.max(...asked)).toBeLessThanOrEqual(PROGRAMME_WEEKS_ASKED)
  })

  test('what is settled is as if all days were known', () => {
    let settled = 0
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 40 }), { maxLength: 60 }), fc.integer({ min: 0, max: 400 }), (pauses, back) => {
        const days = pauses.map((_, index) => addDays(DAY, -pauses.slice(0, index + 1).reduce((sum, pause) => sum + pause, 0)))
        const from = addDays(DAY, -back)
        const near = days.filter((day) => day >= from)
        const asked = (known: string[]) => Math.min(weeksInProgramme(known, DAY), PROGRAMME_WEEKS_ASKED)
        if (!programmeSettled(near, from, DAY)) return
        settled++
        expect(asked(near)).toBe(asked(days))
      }),
      { numRuns: 400 },
    )
    expect(settled).toBeGreaterThan(50)
  })

  test('what is settled on a day is settled on every later one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 40 }), { maxLength: 40 }),
        fc.integer({ min: 30, max: 300 }),
        fc.nat(40),
        (pauses, back, later) => {
          const days = pauses.map((_, index) => addDays(DAY, later - pauses.slice(0, index + 1).reduce((sum, pause) => sum + pause, 0)))
          const from = addDays(DAY, -back)
          const near = days.filter((day) => day >= from)
          const until = (day: string) => near.filter((one) => one <= day)
          fc.pre(programmeSettled(until(DAY), from, DAY))
          expect(programmeSettled(near, from, addDays(DAY, later))).toBe(true)
        },
      ),
    )
  })

  test('who comes every week for a few weeks only is not settled before the pause is seen', () => {
    const weekly = Array.from({ length: 10 }, (_, week) => addDays(DAY, -7 * week))
    expect(programmeSettled(weekly, addDays(DAY, -70), DAY)).toBe(false)
    expect(programmeSettled(weekly, addDays(DAY, -100), DAY)).toBe(true)
    expect(programmeSettled([], addDays(DAY, -100), DAY)).toBe(true)
  })
})
