import type { AskGroup, BodyAsk, BodyAsks } from '@/core/formats'
import { type AttributeName, attribute } from '@/core/movement'
import { type MassUnit, sayMass } from '@/core/vocabulary'

export const GROUP_WORDS: Record<AskGroup, string> = {
  effort: 'Exertion',
  load: 'Load and impact',
  balance: 'Transfers and balance',
  spine: 'Head and trunk',
  arms: 'Shoulders',
  legs: 'Hips, knees, ankles',
  other: 'Other',
}

export const BASE_WORDS: Record<BodyAsks['positions'][number]['base'], string> = {
  floor: 'on the floor',
  bed: 'lying on a bed',
  seat: 'sitting',
  heldStand: 'standing with a hand on support',
  freeStand: 'standing free',
}

/** As a clinician calls it. */
const TERMS: Partial<Record<AttributeName, string>> = {
  intendedRpe: 'Perceived exertion (0 to 10)',
  met: 'Energy',
  isometricHoldSec: 'Isometric holds',
  breathHoldRisk: 'Breath holding (Valsalva)',
  abdominalPressure: 'Intra-abdominal pressure',
  tempo: 'Speed of movement',
  externalLoadKg: 'External load a limb',
  gripDemand: 'Grip',
  wristExtLoad: 'Weight bearing through the extended wrist',
  impactLevel: 'Impact',
  kneelingLoad: 'Kneeling',
  transferLevel: 'Transfers',
  balanceDemand: 'Standing and sitting balance',
  singleLegSec: 'Single-leg stance',
  eyesClosed: 'With the eyes closed',
  spinalFlexionDeg: 'Trunk flexion',
  spinalLoaded: 'Trunk flexed or rotated under load',
  spinalExtensionDeg: 'Trunk extension',
  twistDeg: 'Trunk rotation',
  sideBendDeg: 'Trunk lateral flexion',
  neckExtensionDeg: 'Cervical extension',
  headTurn: 'Cervical rotation',
  headBelowHeartSec: 'Head below the heart',
  overheadReachDeg: 'Shoulder flexion',
  shoulderAbductionDeg: 'Shoulder abduction',
  shoulderExtensionDeg: 'Shoulder extension',
  combinedAbdER: 'Shoulder abduction with external rotation',
  hipFlexionDeg: 'Hip flexion',
  hipExtensionDeg: 'Hip extension',
  hipAbductionDeg: 'Hip abduction',
  hipAdductionPastMidline: 'Hip adduction past the midline',
  hipInternalRotationDeg: 'Hip internal rotation',
  hipExternalRotationDeg: 'Hip external rotation',
  kneeFlexionLoadedDeg: 'Knee flexion, weight bearing',
  ankleLoad: 'Ankle loading',
  endRangeStretch: 'Stretching at the end of range',
}

/** What is asked, as a term and how much of it. */
export function askWords({ attribute: name, most }: BodyAsk, unit: MassUnit): { term: string; amount: string } {
  const definition = attribute(name)
  const term = TERMS[name] ?? definition.label
  if (definition.kind !== 'number') return { term, amount: 'yes' }
  if (definition.unit === 'step') return { term, amount: definition.steps?.[most] ?? String(most) }
  if (definition.unit === 'kg') return { term, amount: `up to ${sayMass(most, unit)}` }
  const UNITS = { deg: '°', s: ' s', min: ' min', MET: ' MET', '0-10': '', reps: ' times' } as const
  return { term, amount: `up to ${Math.round(most * 10) / 10}${UNITS[definition.unit]}` }
}
