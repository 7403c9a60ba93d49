import { arm, feet, lean, leg, neck, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { ON_SPOT, RHYTHM } from './rhythm'
import { bend, front, kick, legOut, lift, reach, together } from './shapes'

const ON_BEAT = {
  ...RHYTHM,
  tempoClass: 'on-the-beat',
  dose: { reps: undefined, workSeconds: 30, restSeconds: 20 },
  pattern: ['step'],
  serves: 'walking',
  gradedBy: ['intendedRpe', 'met'],
} as const
const CHAIR_NEAR = 'Stand hip-wide, a weight in each hand, a steady chair in reach.'

const curled = arm('both', { raise: 10, plane: 80, elbow: 112 })
const hanging = arm('both', { raise: 8, plane: 70, elbow: 14 })

const quickFeet = ladder({
  ...ON_BEAT,
  id: 'quick-feet-curl',
  name: 'Light quick feet with curls',
  main: ['calves', 'biceps'],
  helping: ['quadriceps', 'forearms-hands'],
  everyday: 'hurrying to the door with a tray',
  partners: ['march', 'chest-press'],
  rpe: [2.5, 5],
  cues: { breath: 'Keep the breath going; count if it stops.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, light feet, empty hands curl',
      poses: [
        [leg('both', { ankle: -14 }), feet('both', 'ball'), hanging],
        [leg('both', { ankle: -14 }), feet('both', 'ball'), lift('right', 93, 84), curled],
      ],
      met: 2.6,
      cues: { do: 'On the balls of the feet, small light steps; the elbows bend and straighten slowly.', watch: 'Quiet feet. No stamping.' },
    },
    {
      on: 'free',
      name: 'Standing, quick, heels barely leave the floor',
      tempo: { out: 0.5, back: 0.5 },
      poses: [[hanging], [lift('right', 16, 28), curled]],
      declared: { ...ON_SPOT, balanceDemand: 3, cognitiveLoad: 1 },
      met: 3.6,
      cues: {
        setup: 'Stand hip-wide, a steady chair in reach.',
        do: 'Small quick steps on the spot, palms up, a curl every fourth step.',
        watch: 'Feet land softly under you; tall, not leaning.',
      },
    },
  ],
})

const flutter = ladder({
  ...ON_BEAT,
  id: 'flutter-turn',
  name: 'Flutter kicks, hands side to side',
  main: ['hip-flexors', 'obliques'],
  helping: ['quadriceps', 'abdominals'],
  everyday: 'paddling from a boat',
  partners: ['row', 'chest-open'],
  rpe: [2.5, 4.5],
  declared: { cognitiveLoad: 2 },
  view: 50,
  cues: { breath: 'Talk while you kick.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, toes flick, hands sway',
      poses: [[together(40, 40)], [kick('right', 62, 84), together(40, 40), spine({ twist: 4 })]],
      cues: {
        do: 'Flick one foot a little, then the other; the hands sway gently from side to side.',
        watch: 'The feet may rest while the hands go on.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, low kicks, hands past the hips',
      poses: [[together(46, 40)], [kick('right', 40, 86), together(46, 36), spine({ twist: 10 })]],
      met: 2.8,
      cues: { do: 'Small kicks in turn; both hands swing towards the leg that kicks.', watch: 'Turn from the ribs, a little; the hips stay square.' },
    },
  ],
})

const hinged = leg('both', { flexion: 30, knee: 16 })
const drawn = (side: 'left' | 'right') => reach(side, 26, -78, 98)
const low = (side: 'left' | 'right', raise: number) => reach(side, raise, 88, 8)

const seesaw = ladder({
  id: 'seesaw-row',
  name: 'Rows in turn, light and quick',
  purpose: 'strength-arms',
  phase: 'main',
  side: 'alternating',
  main: ['upper-back', 'shoulders'],
  helping: ['biceps', 'hamstrings', 'glutes'],
  everyday: 'pulling in a line hand over hand',
  tempoClass: 'two-moves',
  tempo: { out: 1, stay: 0, back: 1 },
  pattern: ['pull', 'hinge'],
  serves: 'lifting',
  partners: ['chest-press', 'external-rotation'],
  rpe: [2, 4.5],
  dose: { sets: 2, reps: 10, restSeconds: 45 },
  gradedBy: ['intendedRpe', 'externalLoadKg', 'met'],
  view: 75,
  cues: { breath: 'Short breaths out, in time.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, leaning forward, empty hands',
      poses: [
        [lean(18), low('right', 30), low('left', 30)],
        [lean(18), drawn('right'), low('left', 30)],
      ],
      cues: {
        do: 'Lean from the hips; one elbow draws back as the other hand reaches down; change, without haste.',
        watch: 'The back stays long and still.',
      },
    },
    {
      on: 'free',
      name: 'Standing hinge, light weights',
      tempo: { out: 0.5, back: 0.5 },
      with: 'dumbbell',
      kg: 1,
      poses: [
        [hinged, low('right', 32), low('left', 32)],
        [hinged, drawn('right'), low('left', 32)],
      ],
      declared: { balanceDemand: 2 },
      cues: {
        setup: CHAIR_NEAR,
        do: 'Fold at the hips and stay; row in turn, light and quick.',
        watch: 'Light weights only. Stand up when the back rounds.',
      },
    },
  ],
})

const squatKick = ladder({
  id: 'squat-low-kick',
  name: 'Squat, then a low kick',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'alternating',
  main: ['quadriceps', 'glutes'],
  helping: ['hip-flexors', 'abdominals'],
  everyday: 'rising from a chair and walking off',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['squat', 'balance'],
  serves: 'getting-up',
  partners: ['row', 'heel-raise'],
  rpe: [3, 5],
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  declared: { cognitiveLoad: 1 },
  view: 70,
  cues: { breath: 'In to sink, out to rise and kick.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, lean to press the feet, then kick',
      poses: [[], [lean(22)], [kick('right', 34, 86)]],
      cues: {
        do: 'Lean forward and press both feet as if to rise; sit tall, and kick low with one.',
        watch: 'Long back on the way forward; the seat stays on the chair.',
      },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, small squat, foot floats',
      poses: [[], [bend(34)], [lift('right', 20, 12)]],
      declared: { cognitiveLoad: 1, balanceDemand: 4 },
      cues: { do: 'Sink a little, rise, and float one foot forward; change feet.', watch: 'Weight on the whole foot, heel and toes.' },
    },
    {
      on: 'free',
      name: 'Free, squat and kick',
      poses: [[], [bend(46), front(50, 30)], [lift('right', 30, 10), front(24, 60)]],
      declared: { cognitiveLoad: 1, balanceDemand: 5 },
      cues: {
        setup: 'Stand hip-wide, a steady chair in reach.',
        do: 'Squat to a comfortable depth, rise, kick low; then the other foot.',
        watch: 'Stand tall before the foot leaves the floor.',
      },
    },
  ],
})

const sideLook = ladder({
  id: 'side-leg-look',
  name: 'Leg out, look to the hand',
  purpose: 'balance',
  phase: 'main',
  side: 'one-then-other',
  main: ['outer-hip'],
  helping: ['shoulders', 'neck'],
  everyday: 'looking over a shoulder while you step aside',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 2, back: 2 },
  pattern: ['balance'],
  serves: 'staying-steady',
  partners: ['back-leg-lift', 'heel-raise'],
  rpe: [2, 4],
  dose: { sets: 1, reps: 6, restSeconds: 30 },
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  declared: { cognitiveLoad: 1 },
  view: 10,
  cues: { breath: 'Breathe on while you look.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, foot out, look to the hand',
      poses: [[], [leg('right', { abduction: 22, knee: 75 }), reach('right', 70, 8, 8), neck({ turn: -40 })]],
      cues: { do: 'One foot and one arm go out; turn the head to the hand, and home.', watch: 'Turn slowly; stop at once if the room moves.' },
    },
    {
      id: 'toe',
      on: 'hold1',
      name: 'One hand on the chair, toes stay down',
      poses: [
        [],
        [leg('right', { abduction: 16, flexion: 2, knee: 3, ankle: -24 }), feet('right', 'touch'), reach('right', 70, 8, 8), neck({ turn: -40 })],
      ],
      cues: { do: 'Toes touch out to the side, the free arm opens; look to its hand, then ahead.', watch: 'Eyes first, then the head; slowly.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, leg lifts',
      step: 'the foot leaves the floor',
      poses: [[], [legOut('right', 16), reach('right', 78, 8, 8), neck({ turn: -40 })]],
      declared: { cognitiveLoad: 1, balanceDemand: 4 },
      cues: {
        do: 'Lift the leg a little to the side, open the arm, look to the hand, and back.',
        watch: 'The hand on the chair stays; toes down when you sway.',
      },
    },
  ],
})

const sweep = ladder({
  id: 'inner-thigh-sweep',
  name: 'Crossing sweep of the leg',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'one-then-other',
  main: ['inner-thigh'],
  helping: ['hip-flexors', 'outer-hip'],
  everyday: 'pushing a shoe aside with the foot',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['balance'],
  serves: 'walking',
  partners: ['side-leg-lift', 'back-leg-lift'],
  rpe: [2, 4],
  dose: { sets: 1, reps: 10, restSeconds: 30 },
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  view: 20,
  cues: { breath: 'Out as the foot crosses.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, foot slides in and out',
      poses: [[leg('right', { abduction: 18, knee: 70 })], [leg('right', { abduction: -2, knee: 70 })]],
      cues: {
        do: 'One heel forward and out; slide it in as far as hip-wide, and out again.',
        watch: 'No crossing here: neither the foot nor the knee passes the middle.',
      },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, foot sweeps past',
      poses: [[], [leg('right', { abduction: -8, flexion: 18, knee: 4, rotation: 14 }), feet('right', 'free')]],
      declared: { balanceDemand: 4 },
      cues: { do: 'Turn one foot out and sweep it across before the other; and home.', watch: 'A low, short sweep; the hips stay square.' },
    },
  ],
})

export const QUICK_AND_STEADY = [quickFeet, flutter, seesaw, squatKick, sideLook, sweep]
