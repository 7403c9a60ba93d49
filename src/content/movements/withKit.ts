import { feet, lean, leg, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { front, kick, lift, reach } from './shapes'

const turning = [
  [kick('right', 62, 90), lift('left', 100, 88)],
  [kick('left', 62, 90), lift('right', 100, 88)],
] as const

const pedals = ladder({
  id: 'pedals-under-chair',
  name: 'Pedals before the chair',
  phase: 'any',
  purpose: 'aerobic',
  side: 'alternating',
  main: ['quadriceps', 'hip-flexors'],
  helping: ['calves', 'hamstrings'],
  everyday: 'keeping the legs moving on a day indoors',
  tempoClass: 'on-the-beat',
  tempo: { out: 0.8, stay: 0, back: 0.8 },
  dose: { sets: 1, reps: undefined, workSeconds: 120, restSeconds: 30 },
  pattern: ['step'],
  serves: 'walking',
  partners: ['pedal', 'leg-extension'],
  rpe: [1.5, 4.5],
  view: 80,
  with: 'pedals',
  gradedBy: ['intendedRpe', 'met'],
  declared: { abdominalPressure: 1 },
  cues: { breath: 'Talk while you pedal.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, no resistance',
      poses: turning,
      met: 2,
      cues: {
        setup: 'A chair against the wall, pedals before it where the knees stay soft. Sit back.',
        do: 'Turn the pedals slowly, with the knob at its lightest.',
        watch: 'The chair must not slide; feet strapped only where somebody helps.',
      },
    },
    {
      id: 'some',
      on: 'seatBack',
      name: 'Sitting back, a little resistance',
      step: 'the knob a turn tighter',
      poses: turning,
      met: 2.5,
      cues: {
        setup: 'A chair against the wall, pedals before it, the knob a turn tighter. Sit back.',
        do: 'Turn evenly, pushing with one leg as the other lets go.',
        watch: 'Knees point ahead; loosen the knob before they ache.',
      },
    },
    {
      id: 'tall',
      on: 'seat',
      name: 'Sitting tall, with the arms',
      step: 'away from the chair back, the arms go too',
      poses: [
        [kick('right', 62, 90), lift('left', 100, 88), reach('left', 34, 90, 70), reach('right', 16, -80, 70)],
        [kick('left', 62, 90), lift('right', 100, 88), reach('right', 34, 90, 70), reach('left', 16, -80, 70)],
      ],
      met: 3.2,
      cues: {
        setup: 'A chair against the wall, pedals before it. Sit tall on the front half.',
        do: 'Turn the pedals and let the bent arms swing along, as in walking.',
        watch: 'Tall without leaning back; hands to the seat when it tires you.',
      },
    },
  ],
})

const STICK = {
  phase: 'any',
  dose: { sets: 1, reps: 8, restSeconds: 20 },
  with: 'stick',
  declared: { gripDemand: 1 },
} as const

const stickRaise = ladder({
  ...STICK,
  id: 'stick-raise',
  name: 'Stick lifted with both hands',
  purpose: 'mobility',
  main: ['shoulders'],
  helping: ['upper-back', 'forearms-hands'],
  everyday: 'putting a box on a shelf',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 1, back: 2.5 },
  pattern: ['reach'],
  serves: 'reaching',
  partners: ['arm-slide', 'row'],
  rpe: [1, 2.5],
  view: 60,
  gradedBy: ['intendedRpe', 'overheadReachDeg', 'met'],
  cues: { breath: 'Out as it rises.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, up to the chest',
      poses: [[front(24, 40)], [front(60, 30)]],
      cues: {
        setup: 'Sit back, a light stick or broom handle across the thighs, hands as wide as the shoulders.',
        do: 'Lift the stick to the chest, the better arm helping the other; lower slowly.',
        watch: 'Below any pinch; the ribs stay down.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, long arms to the shoulders',
      step: 'long arms',
      poses: [[front(24, 30)], [front(84, 8)]],
      met: 1.8,
      cues: {
        setup: 'Sit tall, the stick across the thighs, hands as wide as the shoulders.',
        do: 'Lift it forward with long arms as high as the shoulders; lower slowly.',
        watch: 'Shoulders stay away from the ears; no leaning back.',
      },
    },
    {
      id: 'high',
      on: 'seat',
      name: 'Sitting tall, over the head',
      step: 'over the head',
      poses: [[front(24, 30)], [front(140, 10)]],
      met: 2,
      cues: {
        setup: 'Sit tall, the stick in both hands, palms down.',
        do: 'Lift the stick forward and up over the head as far as is easy; lower slowly.',
        watch: 'Stop where the ribs begin to lift or the neck shortens.',
      },
    },
  ],
})

const dip = (side: 'left' | 'right', low: number, twist: number, high = 66) => {
  const other = side === 'left' ? 'right' : 'left'
  return [reach(side, low, 40, 20), reach(other, high, 104, 60), spine({ twist: side === 'right' ? twist : -twist })]
}
const paddle = ladder({
  ...STICK,
  id: 'paddle-stroke',
  name: 'Paddling with a stick',
  purpose: 'aerobic',
  side: 'alternating',
  main: ['upper-back', 'obliques'],
  helping: ['shoulders', 'abdominals', 'forearms-hands'],
  everyday: 'a turn on the water in a light boat',
  tempoClass: 'two-moves',
  tempo: { out: 1.2, stay: 0, back: 1.2 },
  dose: { sets: 1, reps: undefined, workSeconds: 45, restSeconds: 20 },
  pattern: ['pull', 'rotate'],
  serves: 'turning',
  partners: ['rope-pull', 'row'],
  rpe: [2, 4],
  view: 25,
  gradedBy: ['intendedRpe', 'met'],
  cues: { breath: 'Out on each stroke.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, small strokes',
      poses: [dip('right', 34, 0, 44), dip('left', 34, 0, 44)],
      cues: {
        setup: 'Sit back, a light stick in both hands before the chest, wider than the shoulders.',
        do: 'Dip one end beside the knee, then the other, in an even swing.',
        watch: 'The chest stays to the front; hands below the shoulders.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, the chest turns along',
      step: 'the chest turns',
      poses: [dip('right', 38, 10), dip('left', 38, 10)],
      met: 2.8,
      cues: {
        setup: 'Sit tall on the front half of the chair, the stick before the chest.',
        do: 'Dip one end beside the hip and let the chest turn with it; change.',
        watch: 'Turn from the ribs; both sit bones stay.',
      },
    },
    {
      on: 'free',
      name: 'Standing, knees soft',
      poses: [
        [leg('both', { flexion: 12, knee: 14 }), ...dip('right', 38, 12)],
        [leg('both', { flexion: 12, knee: 14 }), ...dip('left', 38, 12)],
      ],
      met: 3.4,
      cues: {
        setup: 'Stand wide and soft in the knees, clear floor round you, a steady chair in reach.',
        do: 'Paddle from side to side, the knees giving a little with each stroke.',
        watch: 'Hips stay to the front; keep clear of the next person.',
      },
    },
  ],
})

const stickShift = ladder({
  ...STICK,
  id: 'stick-sweep',
  name: 'Stick swept to the side',
  purpose: 'mobility',
  side: 'alternating',
  main: ['shoulders', 'obliques'],
  helping: ['upper-back', 'forearms-hands'],
  everyday: 'wiping a long table',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 1, back: 2 },
  pattern: ['reach'],
  serves: 'reaching',
  partners: ['side-reach', 'external-rotation'],
  rpe: [1, 2.5],
  view: 15,
  gradedBy: ['intendedRpe', 'met'],
  cues: { breath: 'Out as it goes to the side.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, forearms sweep',
      poses: [
        [reach('right', 14, 40, 90, 20), reach('left', 16, 112, 88, -20)],
        [reach('left', 14, 40, 90, 20), reach('right', 16, 112, 88, -20)],
      ],
      cues: {
        setup: 'Sit back, elbows bent at the sides, a stick in both hands.',
        do: 'Push the stick to one side, elbows staying at the ribs; then to the other.',
        watch: 'One arm pushes, the other lets itself be led.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, a long sweep low',
      step: 'longer arms',
      poses: [
        [lean(4), reach('right', 46, 40, 20), reach('left', 50, 116, 40)],
        [lean(4), reach('left', 46, 40, 20), reach('right', 50, 116, 40)],
      ],
      met: 1.8,
      cues: {
        setup: 'Sit tall, the stick in both hands before the belly.',
        do: 'Sweep the stick low to one side as far as is easy; then to the other.',
        watch: 'The chest stays to the front; shoulders low.',
      },
    },
  ],
})

const kneeFold = ladder({
  id: 'bent-leg-lift',
  name: 'Bent leg lift behind',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'one-then-other',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  main: ['glutes', 'hamstrings'],
  helping: ['lower-back', 'abdominals'],
  everyday: 'pushing a gate shut with the sole of the foot',
  tempoClass: 'single-joint',
  pattern: ['hinge'],
  serves: 'walking',
  partners: ['back-leg-lift', 'quad-stretch'],
  rpe: [2.5, 5],
  view: 85,
  gradedBy: ['intendedRpe', 'met', 'externalLoadKg'],
  cues: { breath: 'Out as the leg lifts.' },
  steps: [
    {
      on: 'hold2',
      name: 'Two hands on the chair, the bent leg goes back',
      poses: [[lift('right', 8, 84)], [leg('right', { flexion: -12, knee: 88 }), feet('right', 'free')]],
      cues: {
        do: 'Bend one knee; take the thigh back a hand’s width, bring it under you.',
        watch: 'The low back stays still; sole to the wall behind.',
      },
    },
    {
      on: 'allFours',
      name: 'On hands and knees, sole to the ceiling',
      poses: [[leg('right', { flexion: 82, knee: 96 })], [leg('right', { flexion: 12, knee: 92 })]],
      declared: { abdominalPressure: 1, balanceDemand: 2 },
      met: 2.6,
      cues: {
        setup: 'A heavy chair beside the mat. Hands under shoulders, knees under hips, on a pad.',
        do: 'Keep one knee bent; lift the sole to the ceiling, lower without setting it down.',
        watch: 'Hips level; stop where the low back would arch.',
      },
    },
    {
      id: 'weight',
      on: 'allFours',
      name: 'On hands and knees, a light weight in the knee fold',
      step: 'a weight held by the heel',
      with: 'dumbbell',
      drawn: 'kneeWeight',
      kg: 1,
      poses: [[leg('right', { flexion: 82, knee: 108 })], [leg('right', { flexion: 14, knee: 108 })]],
      declared: { abdominalPressure: 1, balanceDemand: 2, loadLimb: 'leg', gripDemand: 0 },
      met: 2.8,
      cues: {
        setup: 'A heavy chair beside the mat. Hands and knees; somebody lays the weight in the fold.',
        do: 'Squeeze the heel in to hold the weight; lift the thigh a little, lower it slowly.',
        watch: 'No weight as soon as the foot wobbles or the calf cramps.',
      },
    },
  ],
})

export const WITH_KIT = [pedals, stickRaise, paddle, stickShift, kneeFold]
