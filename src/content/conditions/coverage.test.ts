import { describe, expect, test } from 'vitest'
import { LIBRARY } from '@/content/movements'
import { type CatalogueEntry, completeDemands, type DemandsInput, demandsOf, encodeDemands } from '@/core/movement'
import {
  buildProgram,
  buildRuleBase,
  CONDITION_FIELDS,
  type Expression,
  encodeSession,
  holding,
  type Literal,
  namesIn,
  PERSON_FIELDS,
  SESSION_FIELDS,
  SESSION_NAMES,
  sessionDefaults,
  specialize,
} from '@/core/safety'
import { CONDITIONS } from '.'

const base = buildRuleBase(CONDITIONS)

/** Values that a predicate compares a name with, and the values just beside them: enough to make every comparison come out both ways. */
function valuesFor(name: string, expressions: readonly Expression[], variants: readonly string[]): Literal[] {
  if (name === 'c.variant') return [...variants]
  const [space, field] = name.split('.') as ['p' | 'c' | 's', string]
  const definition = { p: PERSON_FIELDS, c: CONDITION_FIELDS, s: SESSION_FIELDS }[space][field as never] as { kind: string; values?: string[] }
  if (definition.kind === 'flag') return [true, false]
  if (definition.kind === 'enum') return [...(definition.values ?? [])]
  const found = new Set<number>()
  const visit = (expression: Expression): void => {
    if (expression.kind === 'and' || expression.kind === 'or') expression.parts.forEach(visit)
    else if (expression.kind === 'not') visit(expression.part)
    else if (expression.kind === 'compare' && expression.name === name && typeof expression.value === 'number')
      for (const value of [expression.value - 1, expression.value, expression.value + 1]) found.add(value)
    else if (expression.kind === 'compare' && typeof expression.value === 'object') for (const value of [0, 60, 200]) found.add(value)
  }
  expressions.forEach(visit)
  return [...found, 0]
}

function* contexts(when: Expression, variants: readonly string[]): Generator<(name: string) => Literal | undefined> {
  const names = [...new Set(namesIn(when).flatMap((name) => (name === 'affected' ? ['c.side'] : /^[pcs]\./.test(name) ? [name] : [])))]
  const choices = names.map((name) => valuesFor(name, [when], variants))
  const pick = function* (at: number, chosen: Literal[]): Generator<Literal[]> {
    if (at === names.length) yield chosen
    else for (const value of choices[at]!) yield* pick(at + 1, [...chosen, value])
  }
  for (const chosen of pick(0, [])) {
    const table = new Map(names.map((name, index) => [name, chosen[index]!]))
    yield (name) => table.get(name)
  }
}

/** A variant at its library dose, and at the harder doses that an instructor may set in the designer. */
const dosed = (entry: CatalogueEntry) => {
  const { dose } = entry.variant
  const harder = { ...dose, sets: 3, holdSeconds: Math.max(dose.holdSeconds, 45), rpe: 8, loadKg: dose.loadKg > 0 ? 6 : 0 }
  return [entry.vector, encodeDemands(demandsOf(entry.movement, entry.variant, harder))]
}
/** What the library does not have, or no longer has, and an instructor may still describe: a ball to sit on, a step without a hand, loaded bends. */
const DESCRIBED: DemandsInput[] = [
  { basePosition: 'seated-unsupported', fallContactRisk: 3, balanceDemand: 5, externalLoadType: 'ball', purpose: 'balance' },
  {
    basePosition: 'standing-free',
    fallContactRisk: 2,
    impactLevel: 2,
    externalLoadType: 'platform',
    travel: 'forward',
    balanceDemand: 3,
    purpose: 'aerobic',
  },
  { basePosition: 'standing-free', fallContactRisk: 3, impactLevel: 3, travel: 'mixed', balanceDemand: 3, tempo: 3, purpose: 'power' },
  // once roll-down/weight
  {
    basePosition: 'standing-free',
    purpose: 'mobility',
    spinalFlexionDeg: 72,
    spinalLoaded: true,
    headTurn: 1,
    headSweep: 3,
    headBelowHeartSec: 42,
    tempo: 1,
    hipFlexionDeg: 40,
    kneeFlexionLoadedDeg: 12,
    externalLoadKg: 1,
    externalLoadType: 'dumbbell',
    loadLimb: 'arm',
    intendedRpe: 3,
    balanceDemand: 2,
    overheadReachDeg: 95,
  },
  // once weight-turn/end
  {
    basePosition: 'standing-free',
    purpose: 'strength-trunk',
    spinalLoaded: true,
    twistDeg: 46,
    twistEndRange: true,
    headSweep: 2,
    tempo: 2,
    externalLoadKg: 2,
    externalLoadType: 'dumbbell',
    loadLimb: 'arm',
    intendedRpe: 5,
    balanceDemand: 2,
    breathHoldRisk: 2,
    overheadReachDeg: 40,
  },
  // once weight-turn/wide
  {
    basePosition: 'standing-free',
    purpose: 'strength-trunk',
    spinalLoaded: true,
    twistDeg: 38,
    headSweep: 3,
    tempo: 3,
    externalLoadKg: 2,
    externalLoadType: 'dumbbell',
    loadLimb: 'arm',
    intendedRpe: 5,
    balanceDemand: 2,
    breathHoldRisk: 2,
    overheadReachDeg: 35,
  },
  // once side-bend/deep
  {
    basePosition: 'standing-free',
    purpose: 'strength-trunk',
    spinalLoaded: true,
    sideBendDeg: 34,
    headSweep: 2,
    tempo: 2,
    externalLoadKg: 3,
    externalLoadType: 'dumbbell',
    loadLimb: 'arm',
    intendedRpe: 4,
    balanceDemand: 2,
    breathHoldRisk: 1,
  },
  // once toe-reach/free
  {
    basePosition: 'standing-free',
    purpose: 'mobility',
    spinalFlexionDeg: 48,
    spinalLoaded: true,
    twistDeg: 14,
    headSweep: 3,
    headBelowHeartSec: 45,
    tempo: 3,
    hipFlexionDeg: 92,
    hipAbductionDeg: 14,
    kneeFlexionLoadedDeg: 14,
    intendedRpe: 5,
    balanceDemand: 4,
    overheadReachDeg: 88,
    shoulderAbductionDeg: 60,
  },
  // once head-turn/circle
  {
    basePosition: 'standing-free',
    purpose: 'mobility',
    headTurn: 3,
    neckExtensionDeg: 33,
    tempo: 1,
    intendedRpe: 1,
    balanceDemand: 3,
  },
  // once wide-squat/deep
  {
    basePosition: 'standing-free',
    purpose: 'strength-legs',
    headSweep: 2,
    tempo: 2,
    hipFlexionDeg: 96,
    hipExternalRotationDeg: 30,
    hipAbductionDeg: 34,
    kneeFlexionLoadedDeg: 98,
    externalLoadKg: 4,
    externalLoadType: 'dumbbell',
    loadLimb: 'arm',
    intendedRpe: 6,
    balanceDemand: 3,
    breathHoldRisk: 2,
    overheadReachDeg: 22,
  },
  // once back-leg-lift/turned
  {
    basePosition: 'standing-one-hand',
    purpose: 'strength-legs',
    tempo: 2,
    hipExternalRotationDeg: 36,
    hipExtensionDeg: 26,
    externalLoadType: 'bodyweight',
    intendedRpe: 5.5,
    balanceDemand: 4,
    breathHoldRisk: 2,
    overheadReachDeg: 31,
  },
  // once side-stretch/pulse
  {
    basePosition: 'standing-free',
    purpose: 'flexibility',
    sideBendDeg: 20,
    tempo: 3,
    endRangeStretch: true,
    intendedRpe: 2.5,
    balanceDemand: 2,
    shoulderAbductionDeg: 155,
  },
  // once high-low-punch/weights
  {
    basePosition: 'standing-free',
    purpose: 'aerobic',
    headSweep: 3,
    tempo: 3,
    hipFlexionDeg: 50,
    hipExternalRotationDeg: 6,
    hipAbductionDeg: 7,
    kneeFlexionLoadedDeg: 40,
    externalLoadKg: 0.5,
    externalLoadType: 'dumbbell',
    loadLimb: 'arm',
    intendedRpe: 5.5,
    balanceDemand: 3,
    overheadReachDeg: 150,
  },
]
const vectors = [
  ...LIBRARY.entries.map((entry) => ({ id: entry.variant.id, doses: dosed(entry) })),
  ...DESCRIBED.map((demands, index) => ({ id: `described ${index}`, doses: [encodeDemands(completeDemands(demands))] })),
]

const rows = CONDITIONS.flatMap(({ slug }) => {
  const condition = base.conditions.get(slug)!
  const stages = [
    ...condition.variants,
    // a rule may name the stage of a condition that inherits it
    ...CONDITIONS.filter(({ inherits }) => inherits?.includes(slug)).flatMap(({ variants }) => variants),
  ]
  return condition.rules.map((rule) => [rule.id, rule, stages] as const)
})

describe('every rule bites on a variant of the library and spares another', () => {
  test('every rule of the rule base has a row', () => expect(rows).toHaveLength(CONDITIONS.reduce((sum, { rules }) => sum + rules.length, 0)))
  test.each(rows)('%s', (_id, rule, stages) => {
    let bites: string | undefined
    let spares: string | undefined
    for (const context of contexts(rule.when, stages)) {
      const asked = Object.fromEntries(SESSION_NAMES.flatMap((name) => (context(`s.${name}`) === undefined ? [] : [[name, context(`s.${name}`)]])))
      const session = encodeSession({ ...sessionDefaults(), ...asked })
      const program = buildProgram([specialize(rule.when, context)])
      for (const { id, doses } of vectors) {
        const hit = doses.some((demands) => holding(program, { demands, session }).length > 0)
        if (hit) bites ??= id
        if (holding(program, { demands: doses[0]!, session }).length === 0) spares ??= id
      }
      if (bites && spares) break
    }
    expect(bites, `never bites: ${rule.ifText}`).toBeDefined()
    // a rule that holds whatever is done closes the session or the purpose; all others must spare something
    if (rule.ifText !== 'true') expect(spares, `spares nothing: ${rule.ifText}`).toBeDefined()
  })
})
