import {
  againstBack,
  type BandRun,
  backOn,
  feet,
  hands,
  lean,
  leg,
  type Pose,
  type PosePart,
  type PropKind,
  pose,
  REST,
  type Room,
  STANDARD_ROOM,
  type Yaw,
} from '../body'
import type { Kit } from '../vocabulary'
import { BAND_PROPS } from './bands'
import type { Purpose } from './demands'
import type { Cues, DeclaredDemands, Dose, Movement, SideUse, Tempo, TempoClass, Variant } from './movement'

interface Ground {
  rest: Pose
  kit: readonly Kit[]
  props: readonly PropKind[]
  room: Room
  view: Yaw
  /** what everything done on it asks, whatever else a step says */
  declared?: DeclaredDemands
}

const FLOOR = STANDARD_ROOM
const BED: Room = { seatHeight: 0.5, surface: 0.5 }
/** What carries the body gives way (rule base D07, D12). */
export const NOT_FIRM: DeclaredDemands = { balanceDemand: 5, fallContactRisk: 3 }
const ground = (rest: Pose, kit: readonly Kit[], props: readonly PropKind[], room = FLOOR, view: Yaw = 55): Ground => ({
  rest,
  kit,
  props,
  room,
  view,
})

/** Shoulder blades on something this high, m; the hips hang before it and the feet stand. */
const hipsHanging = (m: number) => pose('supine', backOn(m), lean(-60), leg('both', { flexion: 40, knee: 86 }))

/**
 * Where a step of a ladder is done: what it rests on, with the kit and the picture that come with it. Who goes to the floor has a heavy
 * chair beside the mat to get down and up by.
 */
export const GROUNDS = {
  seat: ground(REST.seat, ['chair'], ['chair']),
  seatBack: ground(pose('seat', againstBack), ['chair'], ['chair']),
  bigBall: { ...ground(pose('seat', leg('both', { abduction: 16 })), ['big-ball', 'wall'], ['bigBall']), declared: NOT_FIRM },
  hold2: ground(pose('stand', hands('both', 'chairBack')), ['support'], ['chairAhead'], FLOOR, 70),
  hold1: ground(pose('stand', hands('left', 'chairBack')), ['support'], ['chairAhead'], FLOOR, 60),
  rail2: ground(pose('stand', hands('both', 'rail')), ['support'], ['rail'], FLOOR, 70),
  trampoline: {
    ...ground(pose('stand', hands('both', 'rail'), feet('both', 'step')), ['trampoline'], ['trampoline', 'rail'], FLOOR, 60),
    declared: NOT_FIRM,
  },
  rails2: ground(pose('stand', hands('both', 'banister')), ['support'], ['banisters'], FLOOR, 60),
  chairSeat2: ground(pose('stand', hands('both', 'chairSeat')), ['support', 'chair'], ['seatAhead'], FLOOR, 75),
  rail1: ground(pose('stand', hands('left', 'banister')), ['support'], ['banisters'], FLOOR, 60),
  counter2: ground(pose('stand', hands('both', 'counter')), ['support'], ['counter'], FLOOR, 75),
  wall2: ground(pose('stand', hands('both', 'wall')), ['wall'], ['wall'], FLOOR, 80),
  free: ground(REST.stand, [], []),
  supine: ground(REST.supine, ['mat', 'chair'], ['mat', 'pillow'], FLOOR, 80),
  bench: ground(hipsHanging(0.44), ['bed', 'chair'], ['bench'], FLOOR, 80),
  ballBack: {
    ...ground(hipsHanging(0.48), ['big-ball', 'mat', 'chair'], ['shoulderBall', 'mat'], FLOOR, 80),
    declared: NOT_FIRM,
  },
  bedSupine: ground(REST.supine, ['bed'], ['bed', 'pillow'], BED, 80),
  wedge: ground(REST.incline, ['mat', 'wedge', 'chair'], ['mat', 'wedge'], FLOOR, 80),
  bedWedge: ground(REST.incline, ['bed', 'wedge'], ['bed', 'wedge'], BED, 80),
  sideLie: ground(REST.side, ['mat', 'chair'], ['mat', 'pillow'], FLOOR, 80),
  bedSide: ground(REST.side, ['bed'], ['bed', 'pillow'], BED, 80),
  prone: ground(REST.prone, ['mat', 'chair'], ['mat'], FLOOR, 80),
  bedProne: ground(REST.prone, ['bed'], ['bed'], BED, 80),
  allFours: ground(REST.quadruped, ['mat', 'chair'], ['mat'], FLOOR, 75),
  kneel: ground(REST.kneel, ['mat', 'chair'], ['mat'], FLOOR, 60),
  longSit: ground(REST.longSit, ['mat', 'chair'], ['mat'], FLOOR, 75),
  bedLongSit: ground(REST.longSit, ['bed'], ['bed'], BED, 75),
  plank: ground(REST.plank, ['mat', 'chair'], ['mat'], FLOOR, 80),
} as const satisfies Record<string, Ground>
export type GroundName = keyof typeof GROUNDS

/** A ground in words: the name of a step that only changes the ground, what is harder than before, and how to set up. */
const GROUND_WORDS: Record<GroundName, { name: string; step: string; setup: string }> = {
  seat: { name: 'Sitting tall', step: 'sitting free of the back', setup: 'Sit tall near the front of the chair, feet flat.' },
  seatBack: { name: 'Sitting back', step: 'on the chair', setup: 'Sit back in the chair, feet flat.' },
  bigBall: {
    name: 'Sitting on a large ball',
    step: 'on a large ball, which gives way',
    setup: 'Sit on the middle of the ball, a wall close behind, feet flat and wide apart.',
  },
  hold2: {
    name: 'Standing, two hands on the chair',
    step: 'on the feet',
    setup: 'Stand behind a chair set against a wall; both hands press down on its back, never pull.',
  },
  hold1: {
    name: 'Standing, one hand on the chair',
    step: 'one hand less',
    setup: 'Stand beside a chair set against a wall; one hand presses down on its back, never pulls.',
  },
  rail2: { name: 'Standing at the rail', step: 'on the feet', setup: 'Face the rail, both hands on it.' },
  trampoline: {
    name: 'On a mini-trampoline, two hands on its frame',
    step: 'on a mat that gives way',
    setup: 'Step onto the middle of the mini-trampoline holding its frame; both hands stay on.',
  },
  rails2: {
    name: 'Between two rails, a hand on each',
    step: 'on the feet',
    setup: 'Stand between two rails, or a rail and a counter; a hand presses down on each.',
  },
  chairSeat2: {
    name: 'Hands on the seat of a chair',
    step: 'on the feet, hands low',
    setup: 'Face the seat of a heavy chair set against a wall; both hands press down on it.',
  },
  rail1: { name: 'Along the rail, one hand', step: 'one hand less', setup: 'Stand beside the rail or counter, the near hand pressing down on it.' },
  counter2: { name: 'Standing at the counter', step: 'lower hands, more lean', setup: 'Face the counter, both hands on its edge.' },
  wall2: { name: 'Standing at the wall', step: 'on the feet', setup: 'Face the wall, both hands on it.' },
  free: { name: 'Standing free', step: 'without hands', setup: 'Stand tall with clear floor round you, a steady chair in reach.' },
  supine: { name: 'On the mat, on the back', step: 'on a firm floor', setup: 'Lie on your back, knees bent, feet flat, head on a towel.' },
  bench: {
    name: 'Shoulder blades on a bench',
    step: 'the shoulders on a bench, the hips free',
    setup: 'Sit before a couch or bench that cannot slide, shoulder blades on its edge, feet flat.',
  },
  ballBack: {
    name: 'Shoulder blades on a large ball',
    step: 'on a large ball, which gives way',
    setup: 'Sit before a ball that stands against a wall, lean the shoulder blades on it, feet wide.',
  },
  bedSupine: { name: 'On a bed, on the back', step: 'lying flat', setup: 'Lie on the bed, knees bent, feet flat, head on a pillow.' },
  wedge: { name: 'On the mat, trunk raised', step: 'leaning on a wedge', setup: 'Lean back on the wedge, knees bent.' },
  bedWedge: { name: 'On a bed, trunk raised', step: 'leaning on a wedge', setup: 'Lean back on the wedge in bed, knees bent.' },
  sideLie: { name: 'On the mat, on the side', step: 'lying on the side', setup: 'Lie on your side, under leg bent, head supported.' },
  bedSide: { name: 'On a bed, on the side', step: 'lying on the side', setup: 'Lie on your side on the bed, under leg bent, head on a pillow.' },
  prone: { name: 'On the mat, face down', step: 'face down on the floor', setup: 'Lie face down, forehead on your hands or a towel.' },
  bedProne: { name: 'On a bed, face down', step: 'face down', setup: 'Lie face down on the bed, forehead on your hands.' },
  allFours: { name: 'On hands and knees', step: 'on hands and knees', setup: 'Hands under shoulders, knees under hips, on a pad.' },
  kneel: { name: 'Kneeling', step: 'on the knees', setup: 'Kneel tall on a pad.' },
  longSit: { name: 'Sitting on the mat', step: 'on the floor', setup: 'Sit on the mat with long legs.' },
  bedLongSit: { name: 'Sitting on a bed', step: 'with long legs', setup: 'Sit on the bed with long legs.' },
  plank: { name: 'On hands and toes', step: 'knees off the floor', setup: 'Hands under shoulders, toes tucked, one long line.' },
}

/** Bands that no hand pulls. */
const ON_THE_LEG: readonly BandRun[] = ['thighs', 'ankle']
const LOAD_PROPS: Partial<Record<Kit, PropKind>> = {
  dumbbell: 'dumbbells',
  ball: 'ball',
  towel: 'towel',
  step: 'step',
  stick: 'stick',
  pedals: 'pedals',
  cuff: 'ankleCuffs',
}

/** How much a ground leaves to the muscles of the legs, for the estimate of energy. */
type Footing = 0 | 1 | 2 | 3
const footingOf = (on: GroundName): Footing =>
  on === 'free'
    ? 3
    : GROUNDS[on].rest.stance === 'stand' || on === 'kneel' || on === 'plank'
      ? 2
      : on === 'seat' || on === 'bigBall' || on === 'allFours'
        ? 1
        : 0
/** MET by purpose, from lying or leaning back to a free stand: estimates inside the ranges of the rule base's table 3.5. */
const MET: Record<Purpose, readonly [number, number, number, number]> = {
  mobility: [1.5, 1.6, 2, 2.3],
  flexibility: [1.5, 1.6, 1.9, 2.1],
  relaxation: [1.2, 1.3, 1.6, 1.8],
  'strength-arms': [1.8, 2, 2.4, 2.8],
  'strength-legs': [1.9, 2, 2.5, 3],
  'strength-trunk': [1.9, 2, 2.4, 2.8],
  balance: [1.5, 1.6, 2.1, 2.4],
  aerobic: [2, 2.4, 3, 3.6],
  power: [2.2, 2.6, 3.3, 4],
  coordination: [1.8, 2, 2.5, 3],
  'pelvic-floor': [1.3, 1.4, 1.8, 1.9],
}

interface StepFields {
  tempo?: Partial<Tempo>
  tempoClass?: TempoClass
  side?: SideUse
  declared?: DeclaredDemands
  dose?: Partial<Dose>
  cues?: Partial<Cues>
  view?: Yaw
  /** kit that is held, pulled or stepped on */
  with?: Kit
  /** where a band runs; under the feet unless said otherwise */
  bandRuns?: BandRun
  /** how the load is drawn, where not as its kit usually is */
  drawn?: PropKind
  /** what is sat on, where it is not a chair without arms */
  seatIs?: 'armchair' | 'wheelchair'
  /** height of the seat, m */
  seatHeight?: number
  /** what else stands in the picture */
  props?: readonly PropKind[]
  /** what else is needed */
  needs?: readonly Kit[]
  /** pose to show when the figure stands still; the last unless said otherwise */
  still?: number
}
export interface StepSpec extends StepFields {
  /** last part of the variant's id; the ground's name unless said otherwise */
  id?: string
  name?: string
  /** what is harder than on the step below */
  step?: string
  on: GroundName
  /** each pose as its difference from the resting pose of the ground; the ladder's poses unless said otherwise */
  poses?: readonly (readonly PosePart[])[]
  /** short for `declared.met`, `dose.rpe` and `dose.loadKg` */
  met?: number
  rpe?: number
  kg?: number
}
export interface LadderSpec extends StepFields, Omit<Movement, 'variants' | 'gradedBy'> {
  tempoClass: TempoClass
  poses?: readonly (readonly PosePart[])[]
  /** effort of the gentlest and of the hardest step; those between lie between */
  rpe?: readonly [number, number]
  gradedBy?: Movement['gradedBy']
  steps: readonly StepSpec[]
}

const TEMPO: Tempo = { out: 2, stay: 0, back: 2, rest: 0 }
const DOSE: Dose = { sets: 1, reps: 8, holdSeconds: 0, restSeconds: 30, loadKg: 0, rpe: 3 }
const GRADED_BY: Movement['gradedBy'] = ['intendedRpe', 'met', 'balanceDemand', 'externalLoadKg']

const onFeet = (on: GroundName) => GROUNDS[on].rest.stance === 'stand'
/** What is harder for somebody who sat or lay on the step below. */
const UP_TO: Partial<Record<GroundName, string>> = {
  hold1: 'on the feet, one hand on the chair',
  rail1: 'on the feet, one hand on the rail',
  free: 'on the feet, without hands',
  counter2: 'on the feet, hands on the counter',
}

/** What is harder than on the step below, where the ladder does not say it in words of its own. */
function riseOf(step: StepSpec, below: StepSpec | undefined, held: Kit | undefined): string {
  if (!below) return ''
  if (step.kg !== undefined && step.kg > (below.kg ?? 0)) {
    if ((step.with ?? held) === 'band') return below.kg ? 'a firmer band' : 'with a band'
    return below.kg ? 'heavier weights' : 'with weight'
  }
  if (step.on === below.on) return 'further'
  return onFeet(step.on) && !onFeet(below.on) ? (UP_TO[step.on] ?? GROUND_WORDS[step.on].step) : GROUND_WORDS[step.on].step
}

/** The mat under what is done on a bed. */
const ON_THE_MAT: Partial<Record<GroundName, GroundName>> = {
  bedSupine: 'supine',
  bedWedge: 'wedge',
  bedSide: 'sideLie',
  bedProne: 'prone',
  bedLongSit: 'longSit',
}
/** The same from a bed to the mat: harder to get to, no more work. */
const sameWork = (step: StepSpec, below: StepSpec): boolean =>
  ON_THE_MAT[below.on] === step.on && step.kg === below.kg && JSON.stringify(step.poses) === JSON.stringify(below.poses)

const halves = (value: number) => Math.round(value * 2) / 2

/** Cues with nothing left out: what to do and what to watch for are each step's own. @throws when one is missing */
function wholeCues(id: string, { setup, do: what, breath, watch }: Partial<Cues>): Cues {
  if (!setup || !what || !breath || !watch) throw new Error(`${id}: a cue is missing; set-up, do, breath and watch are all said`)
  return { setup, do: what, breath, watch }
}

/**
 * A movement from its ladder as it is written in the library: what steps share is written once.
 *
 * @throws when a step has no poses or lacks a cue, neither of its own nor of the ladder
 */
export function ladder(spec: LadderSpec): Movement {
  const {
    steps,
    tempo,
    tempoClass,
    side,
    declared,
    dose,
    cues,
    view,
    with: held,
    bandRuns,
    drawn,
    seatIs,
    seatHeight,
    props,
    needs,
    still,
    poses: shared,
    rpe,
    gradedBy,
    ...movement
  } = spec
  /** The lowest step that is as much work as this one. */
  const asHardAs = (index: number): number => (index > 0 && sameWork(steps[index]!, steps[index - 1]!) ? asHardAs(index - 1) : index)
  return {
    ...movement,
    gradedBy: gradedBy ?? GRADED_BY,
    variants: steps.map((step, index): Variant => {
      const base: Ground = GROUNDS[step.on]
      const words = GROUND_WORDS[step.on]
      const load = 'with' in step ? step.with : held
      const runs = step.bandRuns ?? bandRuns ?? 'feet'
      const loadProp = load === 'band' ? BAND_PROPS[runs] : load && (step.drawn ?? drawn ?? LOAD_PROPS[load])
      const looped: DeclaredDemands = load === 'band' && ON_THE_LEG.includes(runs) ? { gripDemand: 0, loadLimb: 'leg' } : {}
      const seat = step.seatIs ?? seatIs
      const height = step.seatHeight ?? seatHeight
      const poses = step.poses ?? shared
      if (!poses) throw new Error(`${movement.id}, step ${index + 1}: no poses`)
      const climb = steps.length > 1 ? asHardAs(index) / (steps.length - 1) : 0
      const effort = step.rpe ?? (rpe && halves(rpe[0] + (rpe[1] - rpe[0]) * climb))
      return {
        id: `${movement.id}/${step.id ?? step.on}`,
        name: step.name ?? words.name,
        step: step.step ?? riseOf(step, steps[index - 1], held),
        poses: poses.map((parts) => pose(base.rest, ...parts)),
        tempo: { ...TEMPO, ...tempo, ...step.tempo },
        tempoClass: step.tempoClass ?? tempoClass,
        side: step.side ?? side ?? 'both',
        kit: [
          ...new Set([
            ...base.kit.map((one): Kit => (one === 'chair' && seat === 'armchair' ? seat : one)),
            ...(step.needs ?? needs ?? []),
            ...(load ? [load] : []),
          ]),
        ],
        props: [
          ...base.props.map((prop): PropKind => (prop === 'chair' && seat ? seat : prop)),
          ...(step.props ?? props ?? []),
          ...(loadProp ? [loadProp] : []),
        ],
        room: height === undefined ? base.room : { ...base.room, seatHeight: height },
        view: step.view ?? view ?? base.view,
        still: step.still ?? still ?? poses.length - 1,
        declared: {
          met: MET[movement.purpose][footingOf(step.on)],
          ...looped,
          ...declared,
          ...base.declared,
          ...step.declared,
          ...(step.met !== undefined && { met: step.met }),
        },
        cues: wholeCues(`${movement.id}/${step.id ?? step.on}`, { setup: words.setup, ...cues, ...step.cues }),
        dose: { ...DOSE, ...dose, ...(effort !== undefined && { rpe: effort }), ...(step.kg !== undefined && { loadKg: step.kg }), ...step.dose },
      }
    }),
  }
}
