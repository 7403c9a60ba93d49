import { type MassUnit, sayMass } from '../vocabulary'
import type { PlanDose, RepTempo } from './dose'

const tempoWords = (tempo: RepTempo): string => {
  switch (tempo.by) {
    case 'seconds':
      return `${tempo.seconds} s each`
    case 'beats':
      return `${tempo.beats} ${tempo.beats === 1 ? 'beat' : 'beats'} each`
    case 'counts':
      return `${tempo.up} up, ${tempo.hold > 0 ? `${tempo.hold} hold, ` : ''}${tempo.down} down`
    case 'controlled':
      return 'slow'
  }
}
const SIDE_WORDS = {
  both: 'both sides together',
  alternating: 'in turn',
  'one-then-other': 'one side then the other',
  left: 'left',
  right: 'right',
} as const
const seconds = (whole: number) => (whole >= 120 && whole % 60 === 0 ? `${whole / 60} min` : `${whole} s`)

/** How much of it: "2 × 12", "40 s", "hold 20 s". */
export function amountWords(dose: PlanDose): string {
  const { sets, reps, eachSet, shrinking, workSeconds, workCounts, holdSeconds, holdCounts, holdBreaths } = dose
  const hold = holdBreaths
    ? `hold ${holdBreaths} breaths`
    : holdCounts
      ? `hold ${holdCounts} counts`
      : holdSeconds > 0
        ? `hold ${seconds(holdSeconds)}`
        : ''
  if (eachSet) return eachSet.map((one) => (one.workSeconds ? seconds(one.workSeconds) : String(one.reps ?? reps ?? ''))).join(' then ')
  const times = sets > 1 ? `${sets} × ` : ''
  if (shrinking) return `${times}${shrinking.join('-')}`
  if (workSeconds) return `${times}${seconds(workSeconds)}`
  if (workCounts) return `${times}${workCounts} counts`
  if (hold && (reps ?? 1) <= 2) return `${sets > 1 || (reps ?? 1) > 1 ? `${sets * (reps ?? 1)} × ` : ''}${hold}`
  const many = reps === undefined ? '' : times === '' ? `${reps} reps` : `${times}${reps}`
  return `${many}${hold ? `, ${hold}` : ''}`
}

/** A dose as it is said, whole: what `sayDose` reads back. */
export function doseWords(dose: PlanDose, unit: MassUnit): string {
  const { tempo, sides, counted, restSeconds, loadKg, rpe, finish } = dose
  return [
    amountWords(dose),
    counted === 'in-all' ? 'in all' : counted === 'per-side' ? 'a side' : '',
    sides ? SIDE_WORDS[sides] : '',
    tempo ? tempoWords(tempo) : '',
    finish ? ('pulses' in finish ? `${finish.pulses} pulses at the end` : `a hold of ${finish.holdSeconds} s at the end`) : '',
    restSeconds === undefined ? '' : `${restSeconds} s rest`,
    loadKg ? sayMass(loadKg, unit) : '',
    rpe === undefined ? '' : `effort ${rpe}`,
  ]
    .filter((words) => words !== '')
    .join(', ')
}
