import type { BandRun } from '../body'
import { type BasePosition, bandRunOf, familyOf, type Muscle } from '../movement'
import type { Prescription, RepTempo } from '../plan'
import type { HouseRule, HouseRules, Kit } from '../vocabulary'

/** What cues are said in. */
export interface CueWords {
  muscles: Record<Muscle, string>
  stances: Record<BasePosition, string>
  /** by how many hands hold something */
  holds: readonly [string, string, string]
  grips: Partial<Record<Kit, string>>
  bands: Record<BandRun, string>
  /** what the house says of a movement that one of its rules concerns; empty = nothing */
  house: (rule: HouseRule) => string
}

/** A movement that is seen best from so far round, degrees from the front, is shown side on. */
const SIDE_ON_FROM = 50

/** Which way the instructor stands to the group: so that what matters is seen, and turned round where the other side has to be seen too. */
export function standOf({ entry, side, dose }: Prescription): string {
  if (!entry) return ''
  const isSideOn = Math.abs(entry.variant.view) >= SIDE_ON_FROM
  if (!isSideOn) return 'facing them'
  if (side === 'one-then-other') return 'side on, turn for the second side'
  return dose.sets > 1 ? 'side on, turn for the second pass' : 'side on'
}

const HANDS: Partial<Record<BasePosition, 1 | 2>> = { 'standing-one-hand': 1, 'standing-two-hand': 2 }

export const stanceOf = ({ demands, entry }: Prescription, words: CueWords): string => (entry ? words.stances[demands.basePosition] : '')

/** What is in the hands and what they hold. */
export function gripOf({ demands, entry }: Prescription, words: CueWords): string {
  if (!entry) return ''
  const run = bandRunOf(entry.variant)
  return [words.holds[HANDS[demands.basePosition] ?? 0], ...entry.variant.kit.flatMap((kit) => words.grips[kit] ?? []), run ? words.bands[run] : '']
    .filter((said) => said !== '')
    .join('; ')
}

/** Where it is felt: the muscles that it is for; of what calms or is felt nowhere in particular nothing. */
export function feelOf({ entry }: Prescription, words: CueWords): string {
  if (!entry || entry.movement.purpose === 'relaxation') return ''
  return entry.movement.main.map((muscle) => words.muscles[muscle]).join(', ')
}

const tempoCount = (tempo: RepTempo | undefined): string =>
  tempo?.by === 'counts'
    ? [tempo.up > 0 ? `${tempo.up} up` : '', tempo.hold > 0 ? `${tempo.hold} hold` : '', tempo.down > 0 ? `${tempo.down} down` : '']
        .filter(Boolean)
        .join(', ')
    : ''

/** What is counted aloud. */
export function countOf({ planDose, dose, sets }: Prescription, rules: Pick<HouseRules, 'counting'>): string {
  const said = tempoCount(planDose.tempo)
  const reps = dose.workSeconds === undefined ? sets[0][0]?.reps : undefined
  // music counts by itself
  if (planDose.workCounts !== undefined) return said
  if (reps !== undefined && reps > 2) return [said, rules.counting === 'down' ? `${reps} to 1` : `1 to ${reps}`].filter(Boolean).join('; ')
  const seconds = dose.workSeconds ?? (dose.holdSeconds > 0 ? dose.holdSeconds : 0)
  if (seconds >= 20) return [said, 'half, ten, five'].filter(Boolean).join('; ')
  return said
}

/** From this impact on both feet leave the ground (rule base 1.2). */
const LEAVES_THE_GROUND = 3

/** Rules of the house that concern a movement, in the order in which they are said. */
export function houseRulesOn({ demands, entry, side }: Prescription): HouseRule[] {
  const family = familyOf(demands.basePosition)
  const isStanding = family === 'standing'
  const main = entry?.movement.main ?? []
  const concerned: [HouseRule, boolean][] = [
    ['feet', isStanding && demands.travel === 'none'],
    ['gaze', isStanding && demands.balanceDemand >= 2],
    ['squatDepth', entry?.movement.pattern.includes('squat') ?? false],
    ['lyingFlat', family === 'supine'],
    ['abdominalWork', entry?.movement.purpose === 'strength-trunk' && (main.includes('abdominals') || main.includes('obliques'))],
    ['impactInPregnancy', demands.impactLevel >= LEAVES_THE_GROUND],
    ['leftRight', side === 'one-then-other' || side === 'left' || side === 'right'],
  ]
  return concerned.flatMap(([rule, is]) => (is ? [rule] : []))
}
