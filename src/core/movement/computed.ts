import { type Figure, FOREARMS, HOLDS, measure, type Pose, type PoseDemands, REFERENCE_BODY, REST, solve, stage, turnBetween } from '../body'
import { type BasePosition, completeDemands, type DemandsInput, familyOf, type PlannedDemands } from './demands'
import { ARM_MUSCLES, type DeclaredDemands, type Dose, type Movement, type SideUse, type TempoClass, type Variant } from './movement'

const handsOn = (pose: Pose) => [pose.leftHand, pose.rightHand].filter((hand) => HOLDS.includes(hand)).length

const onBed = (variant: Variant) => variant.room.surface > 0.2

/** Base position of one pose; the variant has the freest of its poses. */
function baseOf(pose: Pose, variant: Variant): BasePosition {
  const bed = onBed(variant)
  switch (pose.stance) {
    case 'stand':
      return (['standing-free', 'standing-one-hand', 'standing-two-hand'] as const)[handsOn(pose)]!
    case 'seat':
      return pose.backRests ? 'seated-back-supported' : bed ? 'bed-edge-sitting' : 'seated-unsupported'
    case 'supine':
      return bed ? 'bed-supine' : 'floor-supine'
    case 'incline':
      return bed ? 'bed-incline' : 'incline-supine'
    case 'side':
      return bed ? 'bed-side-lying' : 'side-lying'
    case 'prone':
      return bed ? 'bed-prone' : 'floor-prone'
    case 'quadruped':
    case 'plank':
      return 'hands-and-knees'
    case 'kneel':
      return 'kneeling'
    case 'longSit':
      return bed ? 'bed-long-sitting' : 'long-sitting'
  }
}

/** Where a repetition begins and ends: a rise from the chair begins on the chair, though the hardest of it is standing. */
export const startsIn = (variant: Variant): BasePosition => baseOf(variant.poses[0]!, variant)

/** From what holds most to what holds least; the hardest moment names the position. */
const FREEDOM: readonly BasePosition[] = [
  'bed-supine',
  'floor-supine',
  'bed-incline',
  'incline-supine',
  'bed-side-lying',
  'side-lying',
  'bed-prone',
  'floor-prone',
  'bed-long-sitting',
  'long-sitting',
  'seated-back-supported',
  'bed-edge-sitting',
  'seated-unsupported',
  'hands-and-knees',
  'kneeling',
  'standing-two-hand',
  'standing-one-hand',
  'standing-free',
]

interface Measured {
  figure: Figure
  demands: PoseDemands
  pose: Pose
}

/** Seconds of one repetition. */
export const repSeconds = (variant: Pick<Variant, 'tempo'>, dose?: Pick<Dose, 'holdSeconds'>): number => {
  const { out, stay, back, rest } = variant.tempo
  return out + Math.max(stay, dose?.holdSeconds ?? 0) + back + rest
}

/** Seconds of one repetition in a group, by tempo class, where nobody says otherwise: house estimates. */
const CLASS_SECONDS: Record<Exclude<TempoClass, 'as-written'>, number> = {
  'on-the-beat': 1,
  'jump-or-punch': 1.5,
  'single-joint': 2.5,
  'whole-body': 3,
  'two-moves': 4,
  breath: 8,
}

/** What of a movement the length of its repetitions depends on. */
export interface RepKind {
  /** of one repetition in a group where nobody says otherwise, without a hold, s */
  groupSeconds: number
  /** of one repetition in the slower tempo that it is written in, without a hold, s */
  controlledSeconds: number
  /** kept within each repetition by the movement itself, s */
  staySeconds: number
  side: SideUse
}

export function repKind({ tempo, tempoClass, side }: Pick<Variant, 'tempo' | 'tempoClass' | 'side'>): RepKind {
  const controlledSeconds = tempo.out + tempo.back + tempo.rest
  return {
    groupSeconds: tempoClass === 'as-written' ? controlledSeconds : CLASS_SECONDS[tempoClass],
    controlledSeconds,
    // a breath has its pause in it
    staySeconds: tempoClass === 'breath' ? 0 : tempo.stay,
    side,
  }
}

/** Seconds each way below which a movement is fast, and from which it is slow (D11). */
const FAST_SECONDS = 1
const SLOW_SECONDS = 3
/** A step of ordinary walking takes 0.6 s and is moderate; below this a step is fast. A reading of D11: docs/safety-decisions.md. */
const FAST_STEP_SECONDS = 0.55

function tempoScale(variant: Variant, dose: Dose): number {
  if (dose.holdSeconds > 0 && dose.workSeconds === undefined && (dose.reps ?? 1) <= 2) return 0
  const { out, stay, back, rest } = variant.tempo
  const written = Math.min(...[out, back].filter((seconds) => seconds > 0))
  if (!Number.isFinite(written)) return 0
  // a repetition that is said to be shorter is quicker in each of its ways
  const fastest = dose.fastestSeconds ?? (dose.repSeconds === undefined ? written : written * (dose.repSeconds / (out + stay + back + rest)))
  const fast = variant.tempoClass === 'on-the-beat' ? FAST_STEP_SECONDS : FAST_SECONDS
  return fastest < fast ? 3 : fastest < SLOW_SECONDS ? 2 : 1
}

/** @param brief the moments on one foot are the steps of a walk, not a stance: the scale counts steps as 3, a one-leg stance as 5 */
function balanceOf(base: BasePosition, baseWidth: number, moving: boolean, brief: boolean): number {
  const family = familyOf(base)
  if (base === 'seated-back-supported' || ['supine', 'incline', 'sideLying', 'prone'].includes(family)) return 0
  if (family === 'seated' || family === 'longSitting') return 1
  if (family === 'quadruped') return 1
  if (family === 'kneeling') return 2
  if (brief) return { 'standing-two-hand': 2, 'standing-one-hand': 3, 'standing-free': 3 }[base as 'standing-free']
  const oneLeg = baseWidth === 5
  const narrow = baseWidth >= 3
  if (base === 'standing-two-hand') return oneLeg || baseWidth === 4 ? 2 : 1
  if (base === 'standing-one-hand') return oneLeg || baseWidth === 4 ? 4 : narrow ? 3 : 2
  if (oneLeg || baseWidth === 4) return oneLeg ? 5 : 4
  return narrow || moving ? 3 : 2
}

/** Impact of a jump or a hop. */
const LANDING = 3
/** Travel that leaves the own spot: a jump on it is no contact risk (D12). */
const LEAVES_THE_SPOT = ['forward', 'sideways', 'backward', 'mixed']

function fallRiskOf(base: BasePosition, impact: number, travel: string): number {
  const family = familyOf(base)
  if (impact === LANDING) return LEAVES_THE_SPOT.includes(travel) ? 3 : 2
  if (base === 'seated-back-supported' || ['supine', 'incline', 'sideLying', 'prone'].includes(family)) return 0
  return base === 'standing-free' || family === 'kneeling' ? 2 : 1
}

function transferOf(base: BasePosition): number {
  const family = familyOf(base)
  if (family === 'seated') return base === 'bed-edge-sitting' ? 2 : 0
  if (family === 'standing' || base.startsWith('bed-')) return 2
  return 3
}

function headTurnOf(poses: readonly Pose[]): number {
  const range = (of: (pose: Pose) => number) => Math.max(0, ...poses.map(of)) - Math.min(0, ...poses.map(of))
  const widest = Math.max(
    range((pose) => Math.abs(pose.neck.turn)),
    range((pose) => pose.neck.flexion),
    range((pose) => Math.abs(pose.neck.tilt)),
  )
  return widest > 60 ? 3 : widest > 30 ? 2 : widest > 4 ? 1 : 0
}

/** Up to this many degrees the head counts as still, at any speed (D41). */
const STILL_SWEEP = 10
/** Seconds each way from which a movement of the head is slow (D08), and below which it is fast. */
const SLOW_SWEEP_SECONDS = 2
const FAST_SWEEP_SECONDS = 1

/** How far the trunk carries the head (D41): the widest turn of the chest between two moments; a single pose is reached from rest. */
function headSweepOf(all: readonly Measured[], variant: Variant): number {
  if (variant.declared.travel === 'turn-in-place') return 3
  const frames = all.map(({ figure }) => figure.thoraxFrame)
  const [only] = all
  if (all.length === 1 && only) frames.push(solve(REST[only.pose.stance], REFERENCE_BODY, variant.room).thoraxFrame)
  const widest = Math.max(0, ...frames.flatMap((one, index) => frames.slice(index + 1).map((other) => turnBetween(one, other))))
  if (widest <= STILL_SWEEP) return 0
  const oneWay = [variant.tempo.out, variant.tempo.back].filter((seconds) => seconds > 0)
  const seconds = oneWay.length > 0 ? Math.min(...oneWay) : Number.POSITIVE_INFINITY
  if (widest > 60 || seconds < FAST_SWEEP_SECONDS) return 3
  return widest > 30 || seconds < SLOW_SWEEP_SECONDS ? 2 : 1
}

/** An arm that moves less than this between the poses is free to take hold, deg. */
const ARM_STILL = 20
const armMoves = (variant: Variant, side: 'leftArm' | 'rightArm') => {
  const span = (of: (pose: Pose) => number) => Math.max(...variant.poses.map(of)) - Math.min(...variant.poses.map(of))
  return span((pose) => pose[side].raise) > ARM_STILL || span((pose) => pose[side].elbow) > ARM_STILL
}

/** Rounding from which shoulders that lie have been lifted, deg; less is a nod or a tilt of the pelvis. */
const CURLED_UP = 10
/** Whoever lies on the back and rounds it lifts the trunk against gravity (rule base D14), whether a step says so or not. */
const curlsUp = ({ poses }: Variant): boolean =>
  poses.some(({ stance, spine }) => (stance === 'supine' || stance === 'incline') && spine.flexion > CURLED_UP)

/** A band round a thigh or an ankle is not held. */
const inTheHands = (variant: Variant) => !variant.props.includes('loop') && !variant.props.includes('bandAnkle')

/**
 * How many hands can take a support without giving up what the movement is for: those that are on one, and those of arms that do no
 * work. `loaded`: how many of these carry the weight while there is one.
 */
export function handsOf(movement: Pick<Movement, 'main'>, variant: Variant): { free: number; loaded: number } {
  const armsWork = movement.main.some((muscle) => ARM_MUSCLES.includes(muscle))
  const onSupport = Math.min(...variant.poses.map(handsOn))
  const moving = (['leftArm', 'rightArm'] as const).filter((side) => armMoves(variant, side)).length
  const working = armsWork ? Math.max(variant.side === 'both' ? moving : Math.min(moving, 1), onSupport > 0 ? 0 : moving > 0 ? 1 : 0) : 0
  const free = Math.max(onSupport, 2 - working)
  const carries = variant.kit.some((kit) => kit === 'dumbbell' || kit === 'ball' || (kit === 'band' && inTheHands(variant)))
  return { free, loaded: carries ? Math.max(0, free - onSupport) : 0 }
}

/** Travel with arms that have their own work (D07). An arm that swings as in walking has none. */
const TRAVEL_WITH_BUSY_ARMS = 4
const BUSY_FROM = 60
const armsBusy = (variant: Variant) =>
  (['leftArm', 'rightArm'] as const).some((side) => armMoves(variant, side) && variant.poses.some((pose) => pose[side].raise > BUSY_FROM))

/** A hold of this many seconds in strength work invites a held breath; in a plank beyond the second it is near certain (D36). */
const HELD_FOR = 3
const PLANK_HELD_FOR = 20
function breathHoldOf(variant: Variant, dose: Dose): number {
  const hold = Math.max(dose.holdSeconds, variant.tempo.stay)
  if (hold > PLANK_HELD_FOR && variant.poses.some(({ stance }) => stance === 'plank')) return 3
  if (dose.rpe >= 5) return 2
  return dose.rpe >= 4 || hold >= HELD_FOR ? 1 : 0
}

const measuredCache = new WeakMap<Variant, Measured[]>()
/** The variant's poses on the reference body, placed and measured. */
export function measuredPoses(variant: Variant): Measured[] {
  const known = measuredCache.get(variant)
  if (known) return known
  const list = stage(variant.poses, REFERENCE_BODY, variant.room).map((figure) => ({ pose: figure.pose, figure, demands: measure(figure) }))
  measuredCache.set(variant, list)
  return list
}

/** Up to this long on one foot in the middle of moving is a step. */
const STEP_SECONDS = 2

const LIMB_OF_KIT = { dumbbell: 'arm', band: 'arm', ball: 'arm', cuff: 'leg' } as const

/** Work seconds of one set on one side. */
export const setSeconds = (variant: Variant, dose: Dose): number =>
  dose.workSeconds ?? (dose.reps ?? 1) * (dose.repSeconds ?? repSeconds(variant, dose))

/**
 * Everything the rules read of a variant with a dose. What a pose shows is measured on the poses, the rest follows from position,
 * kit and dose by the scales of the rule base, or is declared.
 */
export function demandsOf(movement: Pick<Movement, 'purpose'>, variant: Variant, dose: Dose = variant.dose): PlannedDemands {
  const all = measuredPoses(variant)
  const most = (of: (demands: PoseDemands) => number) => Math.max(...all.map(({ demands }) => of(demands)))
  const some = (of: (demands: PoseDemands) => boolean) => all.some(({ demands }) => of(demands))
  const { declared, kit } = variant
  const bases = all.map(({ pose }) => baseOf(pose, variant))
  const basePosition = bases.reduce((freest, base) => (FREEDOM.indexOf(base) > FREEDOM.indexOf(freest) ? base : freest))
  const standing = familyOf(basePosition) === 'standing'
  const baseWidth = standing ? Math.max(...all.filter(({ pose }) => pose.stance === 'stand').map(({ demands }) => demands.baseWidth)) : 0
  // one foot in a stand or a bridge, one knee on all fours (D06)
  const work = setSeconds(variant, dose)
  const oneLeg = all.filter(({ demands }) => demands.legsCarrying === 1)
  const moving = declared.travel !== undefined && declared.travel !== 'none'
  // who pulses or curls a heel on one leg stands on it all the time: the foot never comes down in a set
  const neverDown = variant.side !== 'alternating' && oneLeg.length === all.length
  const onOneLeg = neverDown ? work : dose.holdSeconds || (variant.tempo.out + variant.tempo.stay + variant.tempo.back) / 2
  const singleLegSec = oneLeg.length === 0 ? 0 : Math.max(1, Math.round(onOneLeg))
  const stepping = standing && moving && singleLegSec > 0 && singleLegSec <= STEP_SECONDS
  // whoever is drawn in the air comes down again, whatever is declared
  const impact = Math.max(declared.impactLevel ?? 0, variant.poses.some(({ airborne }) => airborne) ? LANDING : 0)
  const loadKg = dose.loadKg
  const loadKit = kit.find((item): item is keyof typeof LIMB_OF_KIT => item in LIMB_OF_KIT)
  const held = loadKit !== undefined && loadKg > 0
  const handKg = held && (declared.loadLimb ?? LIMB_OF_KIT[loadKit]) === 'arm' && inTheHands(variant) ? loadKg : 0
  const bentOrTwisted = most((d) => Math.max(d.spinalFlexionDeg, d.spinalExtensionDeg, d.twistDeg, d.sideBendDeg)) > 10
  const effortful = movement.purpose.startsWith('strength') || movement.purpose === 'power'
  const supine = familyOf(basePosition) === 'supine'
  // hips that come down in every repetition bring the head level again
  const upSeconds = (variant.tempo.out + variant.tempo.back) / 2 + variant.tempo.stay
  const computed: DemandsInput = {
    basePosition,
    purpose: movement.purpose,
    side: variant.side === 'one-then-other' ? 'alternating' : variant.side,
    transferLevel: transferOf(basePosition),
    baseWidth,
    singleLegSec,
    balanceDemand: Math.max(
      balanceOf(basePosition, baseWidth, moving, stepping),
      basePosition === 'standing-free' && moving && (handKg >= 1 || armsBusy(variant)) ? TRAVEL_WITH_BUSY_ARMS : 0,
    ),
    headTurn: headTurnOf(variant.poses),
    headSweep: headSweepOf(all, variant),
    neckExtensionDeg: most((d) => d.neckExtensionDeg),
    tempo: tempoScale(variant, dose),
    impactLevel: impact,
    fallContactRisk: fallRiskOf(basePosition, impact, declared.travel ?? 'none'),
    spinalFlexionDeg: most((d) => d.spinalFlexionDeg),
    spinalExtensionDeg: most((d) => d.spinalExtensionDeg),
    twistDeg: most((d) => d.twistDeg),
    sideBendDeg: most((d) => d.sideBendDeg),
    spinalLoaded: (handKg >= 1 && bentOrTwisted) || curlsUp(variant),
    headBelowHeartSec: some((d) => d.headBelowHeart) ? Math.max(1, Math.round(dose.holdSeconds || (supine ? upSeconds : work))) : 0,
    overheadReachDeg: most((d) => d.overheadReachDeg),
    shoulderAbductionDeg: most((d) => d.shoulderAbductionDeg),
    combinedAbdER: some((d) => d.combinedAbdER),
    shoulderExtensionDeg: most((d) => d.shoulderExtensionDeg),
    gripDemand: !held || loadKit === 'cuff' ? 0 : loadKit === 'ball' || loadKg < 1 ? 1 : loadKit === 'band' ? 2 : loadKg > 3 || work > 60 ? 3 : 2,
    wristExtLoad: variant.poses.some(
      ({ stance, leftHand, rightHand }) => stance === 'plank' && ![leftHand, rightHand].every((hand) => FOREARMS.includes(hand)),
    )
      ? 3
      : variant.poses.some((pose) => [pose.leftHand, pose.rightHand].some((hand) => hand === 'floor' || hand === 'counter' || hand === 'chairSeat'))
        ? 2
        : variant.poses.some((pose) => [pose.leftHand, pose.rightHand].some((hand) => hand === 'wall' || hand === 'chairArm'))
          ? 1
          : 0,
    hipFlexionDeg: most((d) => d.hipFlexionDeg),
    hipExtensionDeg: most((d) => d.hipExtensionDeg),
    hipAbductionDeg: most((d) => d.hipAbductionDeg),
    hipInternalRotationDeg: most((d) => d.hipInternalRotationDeg),
    hipExternalRotationDeg: most((d) => d.hipExternalRotationDeg),
    hipAdductionPastMidline: some((d) => d.hipAdductionPastMidline),
    kneeFlexionLoadedDeg: most((d) => d.kneeFlexionLoadedDeg),
    kneelingLoad: variant.poses.some((pose) => pose.stance === 'kneel') ? 2 : variant.poses.some((pose) => pose.stance === 'quadruped') ? 1 : 0,
    ankleLoad: Math.max(
      ...variant.poses.map((pose) => {
        const risen = [pose.leftFoot, pose.rightFoot].filter((foot) => foot === 'ball').length
        if (pose.stance === 'seat') return risen > 0 || [pose.leftFoot, pose.rightFoot].includes('heel') ? 1 : 0
        if (pose.stance !== 'stand' || risen === 0) return 0
        return [pose.leftFoot, pose.rightFoot].includes('free') ? 3 : 2
      }),
    ),
    breathHoldRisk: effortful ? breathHoldOf(variant, dose) : 0,
    externalLoadType: held ? loadKit : effortful ? 'bodyweight' : 'none',
    loadLimb: held ? LIMB_OF_KIT[loadKit] : 'none',
    isometricHoldSec: Math.max(dose.holdSeconds, variant.tempo.stay >= 1 ? variant.tempo.stay : 0),
    supineMin: supine ? Math.ceil((dose.sets * work * (variant.side === 'one-then-other' ? 2 : 1) + (dose.sets - 1) * dose.restSeconds) / 6) / 10 : 0,
    externalLoadKg: held ? loadKg : 0,
    intendedRpe: dose.rpe,
    reps: dose.reps ?? Math.max(1, Math.round(work / Math.max(1, repSeconds(variant, dose)))),
  }
  return completeDemands({ ...computed, ...declared, ...raised(computed, declared) })
}

/** Demands whose declared value never plays down what the dose and the poses make of it: those of a plan may exceed those of the library. */
const RAISED = [
  'impactLevel',
  'breathHoldRisk',
  'balanceDemand',
  'kneelingLoad',
  'ankleLoad',
  'headTurn',
  'fallContactRisk',
  'kneeFlexionLoadedDeg',
] as const

function raised(computed: DemandsInput, declared: DeclaredDemands): DeclaredDemands {
  const higher = RAISED.flatMap((name) => (declared[name] === undefined ? [] : [[name, Math.max(declared[name], Number(computed[name] ?? 0))]]))
  return {
    ...Object.fromEntries(higher),
    ...(declared.spinalLoaded !== undefined && { spinalLoaded: declared.spinalLoaded || computed.spinalLoaded === true }),
  }
}
