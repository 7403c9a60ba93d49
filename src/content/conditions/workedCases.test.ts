import { describe, expect, test } from 'vitest'
import { completeDemands, type DemandsInput, encodeDemands } from '@/core/movement'
import { assess, buildRuleBase, judge, type PersonFacts, type SessionFacts, type Verdict } from '@/core/safety'
import { CONDITIONS } from '.'

const base = buildRuleBase(CONDITIONS)

interface Case {
  name: string
  person: PersonFacts
  session?: SessionFacts
  planned: DemandsInput
  verdict: Verdict
  ids: string[]
  scope?: 'movement' | 'session'
}

// Section 6.2 of the rule base, one row a case.
const CASES: Case[] = [
  {
    name: '1 stenosis with osteoporosis, rounded seated rest',
    person: { age: 60, conditions: [{ slug: 'lbp-extension-intolerant', variant: 'stenosis' }, { slug: 'osteoporosis' }] },
    planned: { basePosition: 'seated-unsupported', spinalFlexionDeg: 40, purpose: 'relaxation' },
    verdict: 'modify',
    ids: ['OP-2', 'LEI-8'],
  },
  {
    name: '2 week 32 with active vertigo, floor pelvic tilts on the back',
    person: {
      age: 31,
      gestationalWeek: 32,
      conditions: [
        { slug: 'pregnancy', cleared: true },
        { slug: 'vertigo-bppv', variant: 'active', cleared: true },
      ],
    },
    planned: { basePosition: 'floor-supine', transferLevel: 4, purpose: 'mobility', supineMin: 2 },
    verdict: 'swap',
    ids: ['PR-2', 'VB-1', 'VB-10'],
  },
  {
    name: '3 age 70, controlled hypertension, fear of falling, one-leg stance with arms overhead',
    person: {
      age: 70,
      restSbp: 134,
      restDbp: 82,
      conditions: [{ slug: 'hypertension-controlled' }, { slug: 'falls-history', variant: 'single-or-fear', cleared: true }],
    },
    session: { supportInReach: true },
    planned: {
      basePosition: 'standing-free',
      baseWidth: 5,
      balanceDemand: 5,
      singleLegSec: 30,
      isometricHoldSec: 30,
      tempo: 0,
      overheadReachDeg: 170,
      intendedRpe: 6,
      purpose: 'balance',
      fallContactRisk: 2,
    },
    verdict: 'modify',
    ids: ['HTC-2'],
  },
  {
    name: '4 posterior hip replacement at 8 weeks with stenosis, forward fold in a chair',
    person: {
      age: 68,
      conditions: [
        { slug: 'hip-replacement-posterior', weeks: 8, cleared: true },
        { slug: 'lbp-extension-intolerant', variant: 'stenosis' },
      ],
    },
    planned: { basePosition: 'seated-unsupported', hipFlexionDeg: 120, spinalFlexionDeg: 30, purpose: 'flexibility' },
    verdict: 'swap',
    ids: ['HRP-1'],
  },
  {
    name: '5 orthostatic drop with Parkinson’s stage 3, floor stretch in long sitting',
    person: {
      age: 74,
      conditions: [
        { slug: 'orthostatic-hypotension', variant: 'measured-only' },
        { slug: 'parkinsons', variant: 'stage3', cleared: true },
      ],
    },
    planned: {
      basePosition: 'long-sitting',
      transferLevel: 4,
      endRangeStretch: true,
      tempo: 0,
      isometricHoldSec: 20,
      hipFlexionDeg: 90,
      purpose: 'flexibility',
    },
    verdict: 'swap',
    ids: ['OA-2', 'OH-2', 'PK-6'],
  },
  {
    name: '6 COPD with glaucoma, deep forward lean with the head hanging',
    person: {
      age: 66,
      conditions: [
        { slug: 'copd', variant: 'mild-moderate', cleared: true },
        { slug: 'glaucoma', variant: 'stable' },
      ],
    },
    planned: { basePosition: 'seated-unsupported', headBelowHeartSec: 30, hipFlexionDeg: 130, spinalFlexionDeg: 60, purpose: 'relaxation', met: 1.3 },
    verdict: 'swap',
    ids: ['CO-4', 'GL-1', 'CO-2'],
  },
  {
    name: '7 knee osteoarthritis flare with frailty, sit to stand',
    person: {
      age: 82,
      conditions: [
        { slug: 'knee-osteoarthritis', variant: 'flare' },
        { slug: 'frailty', variant: 'needs-hands', cleared: true },
      ],
    },
    session: { supportInReach: true },
    planned: {
      basePosition: 'standing-two-hand',
      transferLevel: 2,
      kneeFlexionLoadedDeg: 90,
      hipFlexionDeg: 100,
      intendedRpe: 3,
      balanceDemand: 1,
      fallContactRisk: 1,
      purpose: 'strength-legs',
      met: 2.5,
      reps: 5,
      externalLoadType: 'bodyweight',
    },
    verdict: 'modify',
    ids: ['KO-2', 'FR-4', 'FR-6'],
  },
  {
    name: '8 fistula arm with a weak painful grip in the same hand, band row',
    person: {
      age: 62,
      conditions: [
        { slug: 'dialysis-fistula', variant: 'established', weeks: 60, side: 'left', cleared: true },
        { slug: 'hand-arthritis-low-grip', side: 'left' },
      ],
    },
    planned: {
      basePosition: 'seated-unsupported',
      gripDemand: 2,
      externalLoadType: 'band',
      externalLoadKg: 1,
      loadLimb: 'arm',
      intendedRpe: 3,
      purpose: 'strength-arms',
      side: 'both',
    },
    verdict: 'modify',
    ids: ['HG-3'],
  },
  {
    name: '9 insulin with a beta-blocker, 20 min brisk at effort 4, glucose 7.5',
    person: {
      age: 58,
      glucoseMmol: 7.5,
      conditions: [
        { slug: 'diabetes-hypoglycaemia-risk', variant: 'type2-insulin-or-su', hypoUnaware: false, cleared: true },
        { slug: 'beta-blocker' },
      ],
    },
    planned: {
      basePosition: 'standing-free',
      travel: 'on-spot',
      impactLevel: 1,
      tempo: 2,
      balanceDemand: 2,
      intendedRpe: 4,
      met: 4,
      purpose: 'aerobic',
    },
    verdict: 'as-planned',
    ids: [],
  },
  {
    name: '10 eight weeks after birth, ridge, carpal tunnel, bird-dog',
    person: {
      age: 33,
      weeksPostpartum: 8,
      conditions: [
        { slug: 'postnatal', cleared: true },
        { slug: 'diastasis-recti', variant: 'coning-or-wide' },
        { slug: 'wrist-pain-carpal-tunnel', variant: 'intermittent' },
      ],
    },
    planned: {
      basePosition: 'hands-and-knees',
      transferLevel: 3,
      abdominalPressure: 2,
      wristExtLoad: 2,
      kneelingLoad: 1,
      purpose: 'strength-trunk',
      side: 'alternating',
    },
    verdict: 'swap',
    ids: ['WC-3', 'PN-5', 'DR-2'],
  },
  {
    name: '11 osteopenia with an active foot wound and neuropathy, heel drops',
    person: {
      age: 60,
      conditions: [{ slug: 'osteopenia' }, { slug: 'peripheral-neuropathy', variant: 'active-foot-wound', cleared: true }],
    },
    planned: { basePosition: 'standing-two-hand', impactLevel: 2, ankleLoad: 2, balanceDemand: 1, purpose: 'strength-legs' },
    verdict: 'swap',
    ids: ['NP-1', 'OPN-4'],
  },
  {
    name: '12 ME/CFS moderate with osteopenia, standing impact aerobics',
    person: { age: 50, conditions: [{ slug: 'me-cfs-pem', variant: 'moderate', cleared: true }, { slug: 'osteopenia' }] },
    planned: { basePosition: 'standing-free', impactLevel: 2, tempo: 2, intendedRpe: 5, met: 5, balanceDemand: 3, purpose: 'aerobic' },
    verdict: 'leave-out',
    ids: ['ME-1'],
    scope: 'movement',
  },
]

describe('the twelve worked cases', () => {
  test.each(CASES)('$name', ({ person, session, planned, verdict, ids, scope }) => {
    const judgement = judge(assess(base, { screenOutcome: 'go', ...person }, session), encodeDemands(completeDemands(planned)))
    expect({ verdict: judgement.verdict, scope: judgement.scope }).toEqual({ verdict, scope })
    const fired = judgement.hits.map((hit) => hit.id)
    for (const id of ids) expect(fired).toContain(id)
  })

  test('case 3 shortens the hold to 10 s and asks for a hand', () => {
    const { person, session, planned } = CASES[2]!
    const { changes } = judge(assess(base, { screenOutcome: 'go', ...person }, session), encodeDemands(completeDemands(planned)))
    expect(changes).toContainEqual({ attribute: 'isometricHoldSec', from: 30, to: 10 })
    expect(changes.find((change) => change.attribute === 'basePosition')?.to).toMatch(/standing-(one|two)-hand/)
  })

  test('case 7 brings the knee bend to 60', () => {
    const { person, session, planned } = CASES[6]!
    const judgement = judge(assess(base, { screenOutcome: 'go', ...person }, session), encodeDemands(completeDemands(planned)))
    expect(judgement.changes).toEqual([{ attribute: 'kneeFlexionLoadedDeg', from: 90, to: 60 }])
    expect(judgement.leads).toEqual(['kneeFlexionLoadedDeg'])
  })
})
