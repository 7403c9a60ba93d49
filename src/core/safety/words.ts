import { type AttributeName, attribute, type BasePosition, valueWords } from '../movement'
import { type MassUnit, sayMass } from '../vocabulary'
import type { Change } from './changes'

/** A change to say aloud: "knee bend under weight: 60° at most, instead of 90°". */
export function changeWords({ attribute: name, from, to }: Change, unit: MassUnit): string {
  const definition = attribute(name)
  const bound = definition.kind === 'number' && !definition.steps ? (Number(to) < Number(from) ? ' at most' : ' at least') : ''
  return `${definition.label.toLowerCase()}: ${valueWords(name, to, unit)}${bound}, instead of ${valueWords(name, from, unit)}`
}

/** Up to a number, these words; the first that fits. */
const upTo = (...steps: readonly (readonly [most: number, words: string])[]) => {
  const last = steps.at(-1)![1]
  return (to: Change['to']): string => steps.find(([most]) => Number(to) <= most)?.[1] ?? last
}
const always = (words: string) => (): string => words

const BASE_SAID: Partial<Record<BasePosition, string>> = {
  'seated-back-supported': 'sitting back in the chair',
  'seated-unsupported': 'sitting tall, away from the back of the chair',
  'bed-edge-sitting': 'on the edge of the bed',
  'standing-two-hand': 'both hands on the chair',
  'standing-one-hand': 'one hand on the chair',
  'standing-free': 'standing free',
}
const TRAVEL_SAID: Record<string, string> = {
  none: 'feet stay where they are',
  'on-spot': 'on the spot',
  forward: 'forward only',
  sideways: 'to the side only',
  backward: 'backward only',
  'turn-in-place': 'turning on the spot',
}
const LOAD_SAID: Record<string, string> = { none: 'empty hands', bodyweight: 'no weight', band: 'with a band', dumbbell: 'with a weight' }
const CUE_SAID: Record<string, string> = { visual: 'shown, without many words', auditory: 'said aloud, not only shown', both: 'shown and said' }
const SIDE_SAID: Record<string, string> = {
  left: 'left side only',
  right: 'right side only',
  both: 'both sides',
  alternating: 'side by side in turn',
}

/** What is said to somebody for whom a movement is changed, by what it is changed to. */
const SAID: Record<AttributeName, (to: Change['to'], from: Change['from'], unit: MassUnit) => string> = {
  basePosition: (to) => BASE_SAID[to as BasePosition] ?? String(to).replaceAll('-', ' '),
  transferLevel: always('without getting up and down'),
  travel: (to) => TRAVEL_SAID[String(to)] ?? 'on the spot',
  impactLevel: upTo([0, 'feet stay on the floor'], [1, 'soft steps, no stamping'], [2, 'no jumps']),
  baseWidth: upTo([1, 'feet wide'], [2, 'feet hip-width apart'], [3, 'feet together'], [4, 'heel to toe']),
  singleLegSec: (to) => (Number(to) === 0 ? 'both feet down' : Number(to) <= 1 ? 'only a moment on one leg' : `${to} seconds on one leg at most`),
  balanceDemand: upTo([1, 'held with both hands'], [2, 'a hand on the chair'], [3, 'the chair within reach']),
  headTurn: upTo([0, 'head still'], [1, 'head turns small and slow'], [2, 'head turns slow, half way']),
  headSweep: upTo([0, 'upright'], [1, 'go down slowly, and not far'], [2, 'slowly, no lower than half way']),
  neckExtensionDeg: upTo([0, 'eyes level'], [20, 'look up only a little'], [40, 'look no higher than the top of the wall']),
  eyesClosed: (to) => (to ? 'eyes closed' : 'eyes open'),
  tempo: upTo([0, 'held still'], [1, 'slowly, three seconds each way'], [2, 'at a calm pace']),
  fallContactRisk: upTo([0, 'leaning back'], [1, 'at the chair'], [2, 'in your own space']),
  spinalFlexionDeg: upTo([15, 'back stays long'], [30, 'round the back only a little'], [50, 'round only half way']),
  spinalLoaded: (to) => (to ? 'with weight' : 'no weight while the back bends'),
  twistDeg: upTo([5, 'no turn'], [20, 'turn only a little'], [45, 'turn half way']),
  twistEndRange: (to) => (to ? 'to the end of the turn' : 'do not pull into the turn'),
  spinalExtensionDeg: upTo([5, 'do not lean back'], [20, 'lean back only a little']),
  sideBendDeg: upTo([5, 'do not lean to the side'], [20, 'lean only a little to the side'], [30, 'lean half way to the side']),
  headBelowHeartSec: (to) => (Number(to) === 0 ? 'head stays up' : `head down for ${to} seconds at most`),
  overheadReachDeg: upTo(
    [45, 'arms stay low'],
    [70, 'hands no higher than the chest'],
    [95, 'arms no higher than the shoulder'],
    [130, 'arms not quite overhead'],
    [180, 'arms up as far as is easy'],
  ),
  shoulderAbductionDeg: upTo(
    [45, 'elbows near the body'],
    [70, 'arms out, well below the shoulder'],
    [95, 'arms out no higher than the shoulder'],
    [130, 'arms out, not quite up'],
  ),
  combinedAbdER: (to) => (to ? 'elbows out and back' : 'elbows a little in front'),
  shoulderExtensionDeg: upTo([10, 'elbows stay beside the body'], [40, 'elbows only just behind the body']),
  gripDemand: upTo([0, 'open hands'], [1, 'loose grip'], [2, 'firm grip, no squeezing']),
  wristExtLoad: upTo([0, 'no weight on the hands'], [1, 'hands rest lightly'], [2, 'lean on the chair or counter, no lower']),
  hipFlexionDeg: upTo(
    [45, 'bend at the hip only a little'],
    [75, 'stay well above a right angle at the hip'],
    [95, 'no more than a right angle at the hip'],
    [115, 'lean forward only a little'],
  ),
  hipAdductionPastMidline: (to) => (to ? 'across the middle' : 'legs do not cross'),
  hipInternalRotationDeg: upTo([10, 'toes straight ahead'], [20, 'turn the toes in only a little']),
  hipExtensionDeg: upTo([5, 'leg does not go behind you'], [15, 'leg behind you only a little'], [30, 'leg behind you half as far']),
  hipExternalRotationDeg: upTo([15, 'toes straight ahead'], [35, 'turn the knee out only a little']),
  hipAbductionDeg: upTo([15, 'feet no wider than the shoulders'], [30, 'leg out only a little'], [45, 'not so wide']),
  kneeFlexionLoadedDeg: upTo(
    [20, 'bend the knees only a little'],
    [45, 'a third of the way down'],
    [65, 'half way down'],
    [95, 'no lower than the chair'],
  ),
  kneelingLoad: upTo([0, 'no kneeling'], [1, 'kneel on a thick pad']),
  ankleLoad: upTo([0, 'heels stay down'], [1, 'heels up only while sitting'], [2, 'both feet together']),
  abdominalPressure: upTo([0, 'belly soft'], [1, 'easy on the belly'], [2, 'belly works only a little']),
  breathHoldRisk: upTo([0, 'breath flows'], [1, 'keep breathing out']),
  endRangeStretch: (to) => (to ? 'to the end of the stretch' : 'stop before it pulls hard'),
  met: always('easier, so that you can talk'),
  cognitiveLoad: upTo([0, 'one thing at a time'], [1, 'two parts, no more'], [2, 'without the extra task']),
  externalLoadType: (to) => LOAD_SAID[String(to)] ?? 'another weight',
  isometricHoldSec: (to) => (Number(to) < 1 ? 'keep moving, no hold' : `hold ${to} seconds at most`),
  supineMin: (to) => (Number(to) === 0 ? 'not flat on the back' : `flat for ${to} minutes at most`),
  externalLoadKg: (to, _from, unit) => (Number(to) === 0 ? 'empty hands' : `${sayMass(Number(to), unit)} at most`),
  intendedRpe: upTo([2, 'very easy'], [3, 'easy: full sentences'], [5, 'so that you can still say a sentence'], [6, 'not all out']),
  reps: (to) => `${to} times`,
  purpose: always('without that aim'),
  side: (to) => SIDE_SAID[String(to)] ?? String(to),
  cueChannel: (to) => CUE_SAID[String(to)] ?? 'with a hand to guide',
  loadLimb: (to) => (to === 'none' ? 'no weight' : `weight on the ${to}`),
}

/** A change as one says it in class: "arms no higher than the shoulder". */
export const sayChange = ({ attribute: name, from, to }: Change, unit: MassUnit): string => SAID[name](to, from, unit)
