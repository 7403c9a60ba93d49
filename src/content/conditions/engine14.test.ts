import { describe, expect, test } from 'vitest'
import { completeDemands, type DemandsInput, encodeDemands } from '@/core/movement'
import { assess, buildRuleBase, type ConditionDefinition, judge, type PersonFacts, type SessionFacts } from '@/core/safety'
import { CONDITIONS } from '.'

const base = buildRuleBase(CONDITIONS)
const SUPPORT: SessionFacts = { supportInReach: true }
const judged = (facts: PersonFacts, demands: DemandsInput, session: SessionFacts = SUPPORT) =>
  judge(assess(base, { screenOutcome: 'go', ...facts }, session), encodeDemands(completeDemands(demands)))
const ids = (judgement: ReturnType<typeof judged>) => judgement.hits.filter(({ then }) => then === 'avoid' || then === 'modify').map(({ id }) => id)
const gate = (facts: PersonFacts, session: SessionFacts = SUPPORT) => assess(base, { screenOutcome: 'go', ...facts }, session).closed

describe('making the changes of a modify (0.3.2)', () => {
  test('the worked example: a hand on the chair, then a softer grip, and the rest as planned', () => {
    const judgement = judged(
      { age: 72, singleLegTestSec: 3, conditions: [{ slug: 'hand-arthritis-low-grip', variant: 'mild' }] },
      {
        basePosition: 'standing-free',
        purpose: 'balance',
        baseWidth: 5,
        singleLegSec: 10,
        isometricHoldSec: 10,
        balanceDemand: 5,
        gripDemand: 2,
        externalLoadKg: 1,
        loadLimb: 'arm',
        externalLoadType: 'dumbbell',
        fallContactRisk: 2,
        intendedRpe: 2,
      },
    )
    expect(judgement.verdict).toBe('modify')
    expect(new Set(ids(judgement))).toEqual(new Set(['OA-3', 'HG-5']))
    expect(judgement.leads).toEqual(['basePosition', 'gripDemand'])
    expect(judgement.changes).toEqual([
      { attribute: 'basePosition', from: 'standing-free', to: 'standing-one-hand' },
      { attribute: 'gripDemand', from: 2, to: 1 },
    ])
  })

  const one = (rules: ConditionDefinition['rules']): ConditionDefinition[] => [
    ...CONDITIONS.filter(({ slug }) => slug === 'everyone').map((everyone) => ({ ...everyone, gates: [], rules: [] })),
    { slug: 'trial', name: 'Trial', group: 'other', variants: ['default'], clearance: { need: 'none', validMonths: 0 }, rationale: '', rules },
  ]
  const rule = (id: string, when: string, must: string, then: 'modify' | 'avoid' = 'modify'): ConditionDefinition['rules'][number] => ({
    id,
    if: when,
    then,
    why: 'w',
    must,
    ev: 'common-practice',
    src: [],
  })
  const trial = (rules: ConditionDefinition['rules'], demands: DemandsInput, session: SessionFacts = SUPPORT) =>
    judge(assess(buildRuleBase(one(rules)), { age: 40, conditions: [{ slug: 'trial' }] }, session), encodeDemands(completeDemands(demands)))
  const standing = { basePosition: 'standing-free', balanceDemand: 3, tempo: 3, impactLevel: 2, headTurn: 2 } as const

  test('a change that meets an avoid makes it a swap', () => {
    const rules = [rule('A', 'tempo == 3', 'tempo <= 2'), rule('B', 'tempo == 2', 'tempo <= 1', 'avoid')]
    expect(trial(rules, standing)).toMatchObject({ verdict: 'swap', swapBecause: 'avoid' })
  })
  test('changes that undo each other cannot all be made', () => {
    const rules = [rule('A', 'tempo == 3', 'tempo == 2'), rule('B', 'tempo == 2', 'tempo == 1')]
    expect(trial(rules, standing)).toMatchObject({ verdict: 'swap', swapBecause: 'no-corridor' })
  })
  test('more than three lead attributes over all rounds make it a swap, session changes not counted', () => {
    const four = [
      rule('A', 'tempo == 3', 'tempo <= 2'),
      rule('B', 'tempo == 2 AND impactLevel > 1', 'impactLevel <= 1'),
      rule('C', 'impactLevel == 1 AND headTurn > 1', 'headTurn <= 1'),
      rule('D', 'headTurn == 1 AND balanceDemand == 3', 'singleLegSec == 1'),
    ]
    expect(trial(four, standing)).toMatchObject({ verdict: 'swap', swapBecause: 'too-many-changes' })
    expect(trial([...four.slice(0, 3), rule('S', 's.barefoot', 'NOT s.barefoot')], standing, { ...SUPPORT, barefoot: true })).toMatchObject({
      verdict: 'modify',
      leads: ['tempo', 'impactLevel', 'headTurn'],
      sessionChanges: [{ field: 'barefoot', say: 'Shoes on for the standing part.' }],
    })
  })
  test('of a disjunction the first part that can be made, of a list the first value, for travel on the spot', () => {
    const rules = [
      rule('A', 'impactLevel == 2', '(kneelingLoad >= 1 AND tempo <= 1) OR impactLevel <= 1'),
      rule('B', 'travel == mixed', 'travel IN [none, forward, on-spot]'),
    ]
    expect(trial(rules, { ...standing, travel: 'mixed' }).changes).toEqual([
      { attribute: 'travel', from: 'mixed', to: 'on-spot' },
      { attribute: 'impactLevel', from: 2, to: 1 },
    ])
  })
  test('what only falls is never raised, and the side is never changed', () => {
    expect(trial([rule('A', 'abdominalPressure == 0', 'abdominalPressure >= 1')], standing).verdict).toBe('swap')
    expect(trial([rule('A', 'side == left', 'side == right')], { ...standing, side: 'left' }).verdict).toBe('swap')
  })
  test('no hand on a support that is out of reach, or by hands that have other work', () => {
    const rules = [rule('A', 'freeStanding', 'basePosition IN [standing-one-hand, standing-two-hand]')]
    expect(trial(rules, standing)).toMatchObject({ verdict: 'modify' })
    expect(trial(rules, standing, { supportInReach: false })).toMatchObject({ verdict: 'swap', swapBecause: 'support' })
    const assessment = assess(buildRuleBase(one(rules)), { age: 40, conditions: [{ slug: 'trial' }] }, SUPPORT)
    expect(judge(assessment, encodeDemands(completeDemands(standing)), { freeHands: 0 })).toMatchObject({ verdict: 'swap', swapBecause: 'support' })
  })
  test('the knee angle of all fours is the position', () => {
    const rules = [rule('A', 'kneeFlexionLoadedDeg > 60', 'kneeFlexionLoadedDeg <= 60')]
    expect(trial(rules, { basePosition: 'hands-and-knees', kneeFlexionLoadedDeg: 90 })).toMatchObject({ verdict: 'swap', swapBecause: 'structural' })
    expect(trial(rules, { ...standing, kneeFlexionLoadedDeg: 90 })).toMatchObject({ verdict: 'modify' })
  })
})

describe('gates and clearance (0.3 step 2)', () => {
  test.each([
    [
      'a hip of unknown date is asked about, not sent away',
      { age: 70, conditions: [{ slug: 'hip-replacement-posterior' }] },
      'ask',
      'hip-replacement-posterior ask',
    ],
    [
      'a hip of eight weeks needs its letter',
      { age: 70, conditions: [{ slug: 'hip-replacement-posterior', weeks: 8 }] },
      'clearance-first',
      'hip-replacement-posterior clearance',
    ],
    [
      'a stroke needs its letter whatever is asked',
      { age: 70, conditions: [{ slug: 'stroke-hemiparesis' }] },
      'clearance-first',
      'stroke-hemiparesis clearance',
    ],
    ['pregnant, the week not known', { age: 30, conditions: [{ slug: 'pregnancy' }] }, 'ask', 'PR-G4'],
    ['stronger gates are named first', { age: 30, feverNow: true, conditions: [{ slug: 'pregnancy' }] }, 'not-today', 'EV-G2'],
    ['pregnant and never asked', { age: 30, gestationalWeek: 20, screenOutcome: 'never', conditions: [] }, 'ask', 'PR-G6'],
    ['an answer that means no class today', { age: 50, screenOutcome: 'not-today', conditions: [] }, 'not-today', 'EV-G13'],
    ['an answer that needs a letter', { age: 50, screenOutcome: 'clearance-first', conditions: [] }, 'clearance-first', 'EV-G12'],
    ['an emergency among the answers', { age: 50, screenOutcome: 'emergency', conditions: [] }, 'emergency', 'EV-G14'],
    ['85 systolic with a fever', { age: 50, restSbp: 85, feverNow: true, conditions: [] }, 'not-today', 'EV-G2'],
    ['79 systolic, feeling well', { age: 50, restSbp: 79, conditions: [] }, 'not-today', 'EV-G6'],
  ] as [string, PersonFacts, string, string][])('%s', (_name, facts, outcome, id) => {
    expect(gate(facts)).toMatchObject({ outcome, id })
  })
  test('85 systolic and well: light effort with slow rises', () => {
    const { closed, limits } = assess(base, { age: 50, screenOutcome: 'go', restSbp: 85, conditions: [] })
    expect([closed, limits.rpeCap.value, limits.pauseSec.value]).toEqual([undefined, 3, 30])
  })
  test('never asked: effort 4 for a regular, 3 for a newcomer, no hard landing, no floor unless seen', () => {
    const at = (weeksInProgramme: number) => assess(base, { age: 50, weeksInProgramme, conditions: [] }).limits.rpeCap.value
    expect([at(0), at(3), at(4)]).toEqual([3, 3, 4])
    const unasked: PersonFacts = { age: 50, screenOutcome: 'never', conditions: [] }
    expect(ids(judged(unasked, { basePosition: 'standing-free', impactLevel: 2, intendedRpe: 2 }))).toContain('EV-8')
    expect(ids(judged(unasked, { basePosition: 'floor-supine', transferLevel: 3 }))).toContain('EV-9')
    expect(ids(judged({ ...unasked, floorTransferOk: true }, { basePosition: 'floor-supine', transferLevel: 3 }))).not.toContain('EV-9')
  })
  test('stable people stop being pending; an unanswered pain counts as the worst', () => {
    const hip = (rest: object) =>
      assess(base, { age: 70, screenOutcome: 'go', conditions: [{ slug: 'hip-replacement-anterior', weeks: 30, ...rest }] }).pending
    expect(hip({ painToday: 2 })).toEqual([])
    expect(hip({ painToday: 3 }).map(({ condition }) => condition)).toEqual(['hip-replacement-anterior'])
    expect(hip({}).map(({ condition }) => condition)).toEqual(['hip-replacement-anterior'])
  })
  test('the questions that could end a reminder stand beside it', () => {
    const { pending } = assess(base, { age: 60, screenOutcome: 'go', conditions: [{ slug: 'hernia-abdominal-inguinal', variant: 'small-painless' }] })
    expect(pending).toEqual([])
    const unknown = assess(base, { age: 60, screenOutcome: 'go', conditions: [{ slug: 'hernia-abdominal-inguinal' }] })
    expect(unknown.closed).toMatchObject({ outcome: 'ask', asks: [{ field: 'c.variant' }] })
  })
  test('a condition in words has the limits of a pending clearance, wherever the person is judged', () => {
    const told: PersonFacts = { age: 40, unlisted: ['a rare muscle disease'], conditions: [] }
    expect(assess(base, { screenOutcome: 'go', ...told }).limits.rpeCap).toEqual({ value: 4, from: ['a rare muscle disease'] })
    expect(ids(judged(told, { basePosition: 'standing-free', impactLevel: 2, intendedRpe: 5 }))).toEqual(
      expect.arrayContaining(['PEND-rpe', 'PEND-impact']),
    )
  })
})

describe('pregnancy and birth (0.3 step 1)', () => {
  const slugs = (facts: PersonFacts) => assess(base, { screenOutcome: 'go', ...facts }).conditions.map(({ condition }) => condition.slug)
  test('a birth from week 22 on ends the pregnancy and what goes with it; an older birth does not', () => {
    const conditions = [{ slug: 'pregnancy-relative-contraindication', cleared: true }]
    expect(slugs({ age: 30, gestationalWeek: 44, weeksPostpartum: 5, conditions })).not.toEqual(expect.arrayContaining(['pregnancy']))
    expect(slugs({ age: 30, gestationalWeek: 44, weeksPostpartum: 5, conditions })).not.toContain('pregnancy-relative-contraindication')
    expect(slugs({ age: 30, gestationalWeek: 20, weeksPostpartum: 40, conditions })).toEqual(expect.arrayContaining(['pregnancy', 'postnatal']))
  })
  test('a birth that was only assumed ends nothing', () =>
    expect(slugs({ age: 30, gestationalWeek: 30, conditions: [{ slug: 'postnatal' }] })).toEqual(expect.arrayContaining(['pregnancy', 'postnatal'])))
  test('the clearance of an overdue birth is not asked, the birth is', () => {
    const { gates } = assess(base, { age: 30, screenOutcome: 'go', gestationalWeek: 43, conditions: [{ slug: 'pregnancy', cleared: true }] })
    expect(gates.map(({ id }) => id)).toEqual(['PR-G5'])
  })
  test.each([
    ['recorded as a ridge', [{ slug: 'diastasis-recti', variant: 'coning-or-wide' }], true],
    ['recorded without a stage', [{ slug: 'diastasis-recti' }], true],
    ['a mild gap', [{ slug: 'diastasis-recti', variant: 'mild' }], false],
    ['none', [], false],
  ])('the ridge of the belly: %s', (_name, conditions, expected) => expect(assess(base, { age: 30, conditions }).person.coning).toBe(expected))
})

test('stages follow the weeks (1.5a)', () => {
  const stage = (slug: string, record: object) =>
    assess(base, { age: 50, conditions: [{ slug, ...record }] }).conditions.find(({ condition }) => condition.slug === slug)?.fields.variant
  const rows: [string, object, string][] = [
    ['arm-fracture-healing', { variant: 'healed', weeks: 11 }, 'cast-off-under-12wk'],
    ['arm-fracture-healing', { variant: 'healed', weeks: 12, cleared: true }, 'healed'],
    ['arm-fracture-healing', { variant: 'cast-off-under-12wk', weeks: 25 }, 'cast-off-under-12wk'],
    ['arm-fracture-healing', { variant: 'cast-off-under-12wk', weeks: 26 }, 'healed'],
    ['arm-fracture-healing', { variant: 'wrist-in-cast', weeks: 40 }, 'wrist-in-cast'],
    ['arm-fracture-healing', {}, 'shoulder-in-sling'],
    ['coronary-disease-cleared', { variant: 'sternotomy-over-12wk' }, 'sternotomy-under-12wk'],
    ['coronary-disease-cleared', { variant: 'sternotomy-under-12wk', weeks: 12 }, 'sternotomy-over-12wk'],
    ['stoma', { weeks: 12 }, 'over-12wk'],
    ['stoma', { variant: 'over-12wk' }, 'under-12wk'],
    ['dialysis-fistula', { variant: 'established' }, 'established'],
    ['dialysis-fistula', { variant: 'established', weeks: 5 }, 'new-under-6wk'],
    ['osteoporosis-vertebral-fracture', { variant: 'healed', weeks: 8 }, 'recent'],
    ['osteoporosis-vertebral-fracture', { variant: 'healed' }, 'healed'],
  ]
  for (const [slug, record, expected] of rows) expect(stage(slug, record), `${slug} ${JSON.stringify(record)}`).toBe(expected)
})
