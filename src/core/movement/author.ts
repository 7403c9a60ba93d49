import { againstBack, hands, type Pose, type PosePart, type PropKind, pose, REST, type Room, STANDARD_ROOM, type Yaw } from '../body'
import type { Cues, DeclaredDemands, Dose, Kit, Movement, SideUse, Tempo, Variant } from './movement'

interface Ground {
  rest: Pose
  kit: readonly Kit[]
  props: readonly PropKind[]
  room: Room
  view: Yaw
}

const FLOOR = STANDARD_ROOM
const BED: Room = { seatHeight: 0.5, surface: 0.5 }
const ground = (rest: Pose, kit: readonly Kit[], props: readonly PropKind[], room = FLOOR, view: Yaw = 55): Ground => ({
  rest,
  kit,
  props,
  room,
  view,
})

/** Where a step of a ladder is done: what it rests on, with the kit and the picture that come with it. */
export const GROUNDS = {
  seat: ground(REST.seat, ['chair'], ['chair']),
  seatBack: ground(pose('seat', againstBack), ['chair'], ['chair']),
  hold2: ground(pose('stand', hands('both', 'chairBack')), ['support'], ['chairAhead'], FLOOR, 70),
  hold1: ground(pose('stand', hands('left', 'chairBack')), ['support'], ['chairAhead'], FLOOR, 60),
  rail2: ground(pose('stand', hands('both', 'rail')), ['support'], ['rail'], FLOOR, 70),
  counter2: ground(pose('stand', hands('both', 'counter')), ['support'], ['counter'], FLOOR, 75),
  wall2: ground(pose('stand', hands('both', 'wall')), ['wall'], ['wall'], FLOOR, 80),
  free: ground(REST.stand, [], []),
  supine: ground(REST.supine, ['mat'], ['mat'], FLOOR, 80),
  bedSupine: ground(REST.supine, ['bed'], ['bed'], BED, 80),
  wedge: ground(REST.incline, ['mat', 'wedge'], ['mat', 'wedge'], FLOOR, 80),
  bedWedge: ground(REST.incline, ['bed', 'wedge'], ['bed', 'wedge'], BED, 80),
  sideLie: ground(REST.side, ['mat'], ['mat'], FLOOR, 80),
  bedSide: ground(REST.side, ['bed'], ['bed'], BED, 80),
  prone: ground(REST.prone, ['mat'], ['mat'], FLOOR, 80),
  bedProne: ground(REST.prone, ['bed'], ['bed'], BED, 80),
  allFours: ground(REST.quadruped, ['mat'], ['mat'], FLOOR, 75),
  kneel: ground(REST.kneel, ['mat'], ['mat'], FLOOR, 60),
  longSit: ground(REST.longSit, ['mat'], ['mat'], FLOOR, 75),
  bedLongSit: ground(REST.longSit, ['bed'], ['bed'], BED, 75),
  plank: ground(REST.plank, ['mat'], ['mat'], FLOOR, 80),
} as const satisfies Record<string, Ground>
export type GroundName = keyof typeof GROUNDS

const LOAD_PROPS: Partial<Record<Kit, PropKind>> = { dumbbell: 'dumbbells', band: 'band', ball: 'ball', towel: 'towel', step: 'step' }

interface StepFields {
  tempo?: Partial<Tempo>
  side?: SideUse
  declared?: DeclaredDemands
  dose?: Partial<Dose>
  cues?: Partial<Cues>
  view?: Yaw
  /** kit that is held, pulled or stepped on */
  with?: Kit
}
export interface StepSpec extends StepFields {
  id: string
  name: string
  /** what is harder than on the step below */
  step?: string
  on: GroundName
  /** each pose as its difference from the resting pose of the ground */
  poses: readonly (readonly PosePart[])[]
}
export interface LadderSpec extends StepFields, Omit<Movement, 'variants'> {
  cues: Cues
  steps: readonly StepSpec[]
}

const TEMPO: Tempo = { out: 2, stay: 0, back: 2, rest: 0 }
const DOSE: Dose = { sets: 1, reps: 8, holdSeconds: 0, restSeconds: 30, loadKg: 0, rpe: 3 }

/** A movement from its ladder as it is written in the library: what steps share is written once. */
export function ladder(spec: LadderSpec): Movement {
  const { steps, tempo, side, declared, dose, cues, view, with: held, ...movement } = spec
  return {
    ...movement,
    variants: steps.map((step): Variant => {
      const base = GROUNDS[step.on]
      const load = 'with' in step ? step.with : held
      const loadProp = load && LOAD_PROPS[load]
      return {
        id: `${movement.id}/${step.id}`,
        name: step.name,
        step: step.step ?? '',
        poses: step.poses.map((parts) => pose(base.rest, ...parts)),
        tempo: { ...TEMPO, ...tempo, ...step.tempo },
        side: step.side ?? side ?? 'both',
        kit: [...base.kit, ...(load ? [load] : [])],
        props: [...base.props, ...(loadProp ? [loadProp] : [])],
        room: base.room,
        view: step.view ?? view ?? base.view,
        declared: { ...declared, ...step.declared },
        cues: { ...cues, ...step.cues },
        dose: { ...DOSE, ...dose, ...step.dose },
      }
    }),
  }
}
