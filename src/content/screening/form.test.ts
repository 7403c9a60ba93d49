import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import {
  type About,
  type Answers,
  type ClientRecord,
  checkAnswers,
  clientSchema,
  dueQuestions,
  type FollowAnswers,
  factsOn,
  letterNeeded,
  pressed,
  type ScreeningOption,
  type ScreeningQuestion,
  screen,
  stricter,
  withConfirmed,
  withForm,
  withSettled,
} from '@/core/client'
import { assess, buildRuleBase, judge } from '@/core/safety'
import { FORM } from './form'

const base = buildRuleBase(CONDITIONS)
const TODAY = '2026-11-27'
const TOMORROW = '2026-11-28'
const ABOUT: About = { age: 50, pregnant: false, afterBirth: false }
const question = (id: string) => FORM.questions.find((one) => one.id === id)!
const plain = ({ options }: ScreeningQuestion) =>
  options.find(({ only }) => only) ??
  options.find(({ outcome, record }) => outcome === 'go' && !record) ??
  // no plain answer: the first of the mildest
  options.find(({ outcome }) => options.every((other) => stricter(outcome, other.outcome) === other.outcome))

/** Every due question answered plainly, but for the given ones; the questions that answers open, too. */
function filled(given: Answers, about: About = ABOUT): Answers {
  const answers: Answers = { ...given }
  for (let open = true; open; ) {
    open = false
    for (const one of dueQuestions(FORM, answers, about)) {
      const key = plain(one)?.key
      if (answers[one.id] || key === undefined) continue
      answers[one.id] = { keys: [key] }
      open = true
    }
  }
  return answers
}
const ticked = (keys: Record<string, string[]>): Answers => Object.fromEntries(Object.entries(keys).map(([id, one]) => [id, { keys: one }]))
const person = (rest: Partial<ClientRecord> = {}) => clientSchema.parse({ given: 'Test', birthDate: '1976-05-05', ...rest })
const result = (answers: Answers, record = person(), about = ABOUT) => screen(FORM, base, answers, about, TODAY, letterNeeded(base, record, TODAY))
const handedIn = (answers: Answers, record = person(), about = ABOUT) => withForm(base, record, result(answers, record, about), TODAY, true)
const stand = (record: ClientRecord, day = TODAY) => factsOn(base, record, day).screenOutcome
const closed = (record: ClientRecord, day = TODAY) => assess(base, factsOn(base, record, day)).closed

describe('who is asked what (4.0)', () => {
  const asked = (answers: Answers, about = ABOUT) => dueQuestions(FORM, filled(answers, about), about).length
  test('a person without illness has 16 short pages; lines ticked open more', () => {
    expect(asked({})).toBe(16)
    expect(asked(ticked({ G0: ['back', 'leg'] }))).toBe(18)
    expect(asked(ticked({ G0: ['back', 'leg', 'bones'] }))).toBe(20)
  })
  test('pregnancy and the time after birth open their sections, by the answer or by the calendar', () => {
    expect(asked(ticked({ G23: ['pregnant'] }))).toBe(16 + 14)
    expect(asked(ticked({ G23: ['birth'] }))).toBe(16 + 8 - 1)
    expect(asked({}, { ...ABOUT, pregnant: true })).toBe(30)
  })
  test('what was skipped counts as ticked, but never opens the private section', () => {
    const { G0: _skipped, ...rest } = filled({})
    const due = dueQuestions(FORM, rest, ABOUT).map(({ id }) => id)
    expect(due).toEqual(expect.arrayContaining(['G7', 'G8b', 'G15', 'G15d', 'G19', 'G22']))
    const { W13: _low, ...pregnant } = filled(ticked({ G23: ['pregnant'] }))
    expect(dueQuestions(FORM, pregnant, ABOUT).map(({ id }) => id)).not.toContain('P1')
    expect(dueQuestions(FORM, { ...pregnant, W13: { keys: ['yes'] } }, ABOUT).map(({ id }) => id)).toContain('P1')
  })
  test('a loss ends the questions after birth until somebody has spoken with her', () => {
    const due = dueQuestions(FORM, filled(ticked({ G23: ['birth'], W9: ['loss'] })), ABOUT).filter(({ section }) => section === 'after-birth')
    expect(due.map(({ id }) => id)).toEqual(['W9'])
  })
  test('"none" excludes the others, and they it', () => {
    const many = question('G1')
    const after = ['heart-attack', 'device', 'none', 'clot'].reduce<ReturnType<typeof pressed> | undefined>(
      (answer, key) => pressed(many, answer, key),
      undefined,
    )
    expect(after?.keys).toEqual(['clot'])
    expect(pressed(many, { keys: ['clot'] }, 'device').keys).toEqual(['clot', 'device'])
    expect(pressed(many, { keys: ['clot'] }, 'none').keys).toEqual(['none'])
    expect(pressed(question('G2'), { keys: ['none'] }, 'now').keys).toEqual(['now'])
    expect(() => checkAnswers(FORM, { G1: { keys: ['none', 'clot'] } })).toThrow('excludes')
    expect(() => checkAnswers(FORM, { G2: { keys: ['none', 'now'] } })).toThrow('one answer')
    expect(() => checkAnswers(FORM, { G2: { keys: ['perhaps'] } })).toThrow('expected one of')
  })
})

describe('skipping', () => {
  test('opens nothing and sets nothing: at best limits, and no ability is written over', () => {
    const known = person({ capability: { riseNoHands: true, floorTransferOk: true } })
    const { G13: _rise, G13b: _floor, ...rest } = filled({})
    const record = handedIn(rest, known)
    expect(stand(record)).toBe('limits')
    const confirmed = withConfirmed(base, record, result(rest, known), { slugs: [], spoken: [], day: TODAY, by: 'O. M.' })
    expect(confirmed.capability).toEqual({ riseNoHands: true, floorTransferOk: true })
    expect(stand(confirmed)).toBe('limits')
  })
  test('nobody who was never asked is open without limits', () => {
    expect(stand(person())).toBe('never')
    expect(stand(person({ screenedOn: '2026-10-01' }))).toBe('never')
    expect(assess(base, factsOn(base, person(), TODAY)).limits.rpeCap.value).toBe(3)
  })
})

/** A way to give an answer with everything that follows it. */
const FOLLOW: FollowAnswers = { side: 'left', when: '2026-03', pain: 8, week: 20, birth: '2026-08-01', nights: true }
const rows = FORM.questions
  .filter(({ section, kind }) => section !== 'private' && kind !== 'text')
  .flatMap((one) => one.options.map((option) => [`${one.id} ${option.key}`, one, option] as [string, ScreeningQuestion, ScreeningOption]))

/** Answers that lead to a question being due, found by the words of its own `when`. */
function leadingTo(one: ScreeningQuestion): Answers {
  const opened: Record<string, string[]> = {}
  if (one.section === 'pregnancy') opened.G23 = ['pregnant']
  if (one.section === 'after-birth') opened.G23 = ['birth']
  const first = one.when?.split('; or ').find((part) => part.includes(' is '))
  const match = first && /^(\w+) is ([\w-]+)/.exec(first)
  if (match) {
    opened[match[1]!] = [match[2]!]
    return { ...leadingTo(question(match[1]!)), ...ticked(opened) }
  }
  return ticked(opened)
}

describe('every answer of every question, from the form to the verdict', () => {
  test('there are as many as the rule base has, but for free words and the private ones', () => expect(rows).toHaveLength(372 - 2 - 6))
  test.each(rows)('%s', (_name, one, option) => {
    const about = { ...ABOUT }
    const answers = filled(
      {
        ...leadingTo(one),
        [one.id]: { keys: [option.key], ...(option.next && { follow: { [option.key]: FOLLOW } }) },
      },
      about,
    )
    expect(dueQuestions(FORM, answers, about).map(({ id }) => id)).toContain(one.id)
    const before = person()
    const found = result(answers, before, about)
    const record = handedIn(answers, before, about)
    // its outcome, or a stricter one of another answer that was needed to come here, binds at once
    const now = stand(record)!
    if (option.outcome !== 'go') expect(stricter(now as ScreeningOption['outcome'], option.outcome), 'binds').toBe(now)
    const gate = closed(record)
    if (option.outcome === 'emergency') expect(gate?.outcome).toBe('emergency')
    if (option.outcome === 'not-today') expect(['not-today', 'emergency']).toContain(gate?.outcome)
    if (option.outcome === 'clearance-first') expect(gate).toBeDefined()
    if (option.outcome === 'limits' && !gate) expect(assess(base, factsOn(base, record, TODAY)).limits.rpeCap.value).toBeLessThanOrEqual(4)

    // everything that it proposes arrives in the record, with stage, side, time and pain
    const slugs = found.proposals.map((proposal) => proposal.record.slug)
    const confirmed = withConfirmed(base, record, found, {
      slugs,
      spoken: found.findings.map((finding) => `${finding.question} ${finding.key}`),
      day: TODAY,
      by: 'O. M.',
    })
    const facts = factsOn(base, confirmed, TODAY)
    for (const proposal of option.record ?? []) {
      const kept = facts.conditions.find(({ slug }) => slug === proposal.slug)
      expect(kept, proposal.slug).toBeDefined()
      if (proposal.variant && slugs.length === 1) expect(kept?.variant).toBe(proposal.variant)
      if (option.next?.includes('side')) expect(kept?.side).toBe('left')
      if (option.next?.includes('when')) expect(kept?.weeks).toBe(34)
      if (option.next?.includes('pain')) expect(kept?.painToday).toBe(8)
      for (const [field, value] of Object.entries(proposal))
        if (typeof value === 'boolean') expect((kept as Record<string, unknown>)[field], `${proposal.slug}.${field}`).toBe(value)
    }
    for (const [field, value] of Object.entries(option.set ?? {})) expect((facts as Record<string, unknown>)[field], field).toBe(value)
    if (option.next?.includes('week')) expect(facts.gestationalWeek).toBe(20)
    if (option.next?.includes('birth')) expect(facts.weeksPostpartum).toBe(16)

    // closed by what 4.0 says, and by nothing less
    const after = stand(confirmed, TOMORROW)
    if (found.findings.every(({ outcome }) => outcome === 'go' || outcome === 'limits')) expect(after).toBe('go')
    if (option.outcome === 'clearance-first') expect(after).toBe('clearance-first')
    if (option.outcome === 'emergency' || option.outcome === 'not-today') {
      expect(after).toBe('clearance-first')
      const cleared = {
        ...confirmed,
        clearances: found.findings.flatMap((finding) => finding.slugs).map((condition) => ({ condition, by: 'Dr Wray', on: TODAY })),
      }
      const settled = found.findings.reduce((one, finding) => withSettled(one, { ...finding, by: 'Dr Wray', on: TODAY }), clientSchema.parse(cleared))
      expect(stand(settled, TOMORROW)).toBe('go')
    }
  })
})

describe('answers on one condition are joined, the stricter wins and both are seen', () => {
  const falls = result(filled(ticked({ G9: ['once'], G9b: ['hurt'] })))
  test('the stricter stage', () => {
    const [proposal] = falls.proposals
    expect(proposal).toMatchObject({ record: { slug: 'falls-history', variant: 'recurrent-or-injurious' }, differing: [{ field: 'variant' }] })
  })
  test('an answer that names no stage does not compete, fields are added', () => {
    const lungs = result(filled(ticked({ G4: ['copd-severe'], G4c: ['no'] }))).proposals.find(({ record: { slug } }) => slug === 'copd')
    expect(lungs?.record).toEqual({ slug: 'copd', variant: 'severe', orthopnoea: false })
  })
  test('two sides are both; the shorter time and the higher pain count', () => {
    const behind = (side: 'left' | 'right', when: string, pain: number) => ({ side, when, pain })
    const answers = filled({
      ...ticked({ G0: ['joint'] }),
      G8: { keys: ['limb-back'], follow: { 'limb-back': behind('left', '2026-01', 2) } },
      G16: { keys: ['other'], follow: { other: behind('right', '2026-05', 6) } },
    })
    const { record } = result(answers).proposals.find((proposal) => proposal.record.slug === 'recent-surgery')!
    expect(record).toEqual({ slug: 'recent-surgery', variant: 'limb-or-spine', side: 'both', since: '2026-05-31', painToday: 6 })
  })
  test('a year alone counts from its last day, never beyond today', () => {
    const year = (when: string) =>
      result(filled({ ...ticked({ G0: ['joint'] }), G16: { keys: ['knee'], follow: { knee: { when } } } })).proposals[0]!.record.since
    expect([year('2019'), year('2026')]).toEqual(['2019-12-31', TODAY])
  })
  test.each([
    [3, false, 'settled'],
    [5, false, 'irritable'],
    [3, true, 'irritable'],
    [undefined, undefined, undefined],
  ])('pain %s at night %s: %s', (pain, nights, variant) => {
    const follow = { neck: { ...(pain !== undefined && { pain }), ...(nights !== undefined && { nights }) } }
    expect(result(filled({ ...ticked({ G0: ['back'] }), G15: { keys: ['neck'], follow } })).proposals[0]!.record.variant).toBe(variant)
  })
})

describe('what is urgent does not wait for the leader', () => {
  test('the record of an urgent answer is there at once, the others wait', () => {
    const record = handedIn(filled(ticked({ G5: ['high'], G5b: ['very-high'], G9: ['once'] })))
    expect(record.conditions.map(({ slug }) => slug)).toEqual(['hypertension-uncontrolled'])
  })
  test('chest pain in these months keeps the class closed until somebody has looked', () => {
    const record = handedIn(filled(ticked({ G2: ['unchecked'] })))
    expect(closed(record)).toMatchObject({ outcome: 'clearance-first' })
    expect(closed(withSettled(record, { question: 'G2', key: 'unchecked', by: 'Dr Wray', on: TODAY }))).toBeUndefined()
  })
  test('help with a low sugar is asked again another day', () => {
    const answers = filled(ticked({ G6: ['insulin'], G6b: ['helped'] }))
    const record = handedIn(answers)
    expect([stand(record), stand(record, TOMORROW)]).toEqual(['not-today', 'clearance-first'])
    const again = withForm(
      base,
      record,
      screen(FORM, base, filled(ticked({ G6: ['insulin'], G6b: ['always'] })), ABOUT, '2026-11-30', letterNeeded(base, record, '2026-11-30')),
      '2026-11-30',
      true,
    )
    expect(again.screening?.findings.map(({ key }) => key)).not.toContain('helped')
    expect(factsOn(base, again, '2026-11-30').conditions[0]).toMatchObject({ severeHypo24h: false })
  })
  test('an open letter outlives a new form that no longer mentions it', () => {
    const record = handedIn(filled(ticked({ G0: ['leg'], G15c: ['knee-locked'] })))
    const later = withForm(base, record, result(filled({}), record), TODAY, true)
    expect(stand(later)).toBe('clearance-first')
  })
  test('a form that was interrupted is no completed form', () => {
    const record = withForm(base, person(), result(filled(ticked({ G21: ['hard'], G0: ['below'] }))), TODAY, false)
    expect(record.screening?.completedOn).toBeUndefined()
    expect(stand(record)).toBe('emergency')
  })
})

describe('how long a form holds', () => {
  const answered = (completedOn: string, rest: Partial<ClientRecord> = {}) =>
    person({ ...rest, screening: { completedOn, skipped: [], findings: [] } })
  test.each([
    ['a year', answered('2025-11-27'), 'go'],
    ['a year and a day', answered('2025-11-26'), 'never'],
    ['pregnant: 11 weeks', answered('2026-09-11', { dueDate: '2027-03-20' }), 'never'],
    ['pregnant: past week 28 since', answered('2026-11-01', { dueDate: '2027-02-10' }), 'never'],
    ['pregnant: not past it', answered('2026-11-10', { dueDate: '2027-01-10' }), 'go'],
    ['after birth: over 12 weeks', answered('2026-08-20', { lastBirth: { on: '2026-08-01', kind: 'vaginal' } }), 'never'],
    ['a birth since', answered('2026-11-01', { lastBirth: { on: '2026-11-10', kind: 'vaginal' } }), 'never'],
    [
      'a day question asked for it again',
      { ...answered('2026-10-01'), screening: { completedOn: '2026-10-01', skipped: [], findings: [], askAgainOn: '2026-11-20' } },
      'never',
    ],
  ] as [string, ClientRecord, string][])('%s', (_name, record, expected) => expect(stand(record)).toBe(expected))
})

test('twins count as late from week 28, whatever was ticked earlier', () => {
  const record = handedIn(filled({ ...ticked({ G23: ['pregnant'] }), W1: { keys: ['two'], follow: { two: { week: 25 } } } }))
  const found = result(filled({ ...ticked({ G23: ['pregnant'] }), W1: { keys: ['two'], follow: { two: { week: 25 } } } }))
  const confirmed = withConfirmed(base, record, found, { slugs: ['pregnancy'], spoken: ['W1 two'], day: TODAY, by: 'O. M.' })
  expect(stand(confirmed, '2026-12-10')).toBe('go')
  expect(stand(confirmed, '2026-12-20')).toBe('clearance-first')
})

test('somebody with every answer plain does the whole library as rules of their age say, no more limited than before', () => {
  const record = withConfirmed(base, handedIn(filled({})), result(filled({})), { slugs: [], spoken: [], day: TODAY, by: 'O. M.' })
  const assessment = assess(base, factsOn(base, record, TODAY), { supportInReach: true })
  expect(assessment.closed).toBeUndefined()
  expect(assessment.limits.rpeCap.value).toBe(7)
  const easy = LIBRARY.entries.filter(({ vector, movement }) => judge(assessment, vector, { movement: movement.id }).verdict === 'as-planned')
  expect(easy.length).toBeGreaterThan(LIBRARY.entries.length * 0.8)
})
