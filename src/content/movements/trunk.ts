import { arm, feet, hands, lean, leg, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { diagonal, front, kick, lift, reach, wide } from './shapes'

const TRUNK = {
  purpose: 'strength-trunk',
  phase: 'main',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 1, reps: 8, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'abdominalPressure', 'met'],
} as const

const pelvicTilt = ladder({
  ...TRUNK,
  id: 'pelvic-tilt',
  name: 'Pelvic tilt',
  purpose: 'mobility',
  phase: 'any',
  main: ['abdominals', 'lower-back'],
  helping: ['pelvic-floor', 'glutes'],
  everyday: 'easing a stiff low back in the morning',
  rpe: [1, 2],
  view: 80,
  dose: { sets: 1, reps: 8, restSeconds: 15 },
  gradedBy: ['intendedRpe', 'met', 'spinalFlexionDeg'],
  cues: {
    do: 'Tip the pelvis back a little, then forward a little.',
    breath: 'Out as you tip back.',
    watch: 'Small and slow, no pushing into the end.',
  },
  steps: [
    { on: 'seatBack', poses: [[lean(-6)], [lean(-9), spine({ flexion: 6 })]] },
    {
      on: 'seat',
      poses: [
        [lean(4), spine({ flexion: -4 })],
        [lean(-8), spine({ flexion: 12 })],
      ],
    },
    {
      on: 'bedSupine',
      poses: [[spine({ flexion: -4 })], [lean(-93), spine({ flexion: 8 })]],
      met: 1.7,
      rpe: 1.5,
      declared: { abdominalPressure: 1 },
    },
    { on: 'hold2', poses: [[spine({ flexion: -5 })], [spine({ flexion: 13 }), leg('both', { knee: 12, flexion: 10 })]] },
  ],
})

const leanBack = ladder({
  ...TRUNK,
  id: 'lean-back',
  name: 'Lean back',
  main: ['abdominals'],
  helping: ['hip-flexors', 'lower-back'],
  everyday: 'lowering yourself into a deep chair',
  rpe: [2, 4.5],
  view: 85,
  cues: { do: 'Long spine; lean back a little, stop, come up.', breath: 'Out to come up.', watch: 'No rounding and no bouncing off the back.' },
  steps: [
    { on: 'seat', name: 'Small lean, hands on thighs', poses: [[], [lean(-8)]], declared: { abdominalPressure: 1 } },
    {
      id: 'crossed',
      on: 'seat',
      name: 'Arms crossed',
      step: 'without hands',
      poses: [[hands('both', 'chest')], [lean(-14), hands('both', 'chest')]],
      declared: { abdominalPressure: 2 },
    },
    {
      id: 'reach',
      on: 'seat',
      name: 'Arms reaching forward',
      step: 'longer lever',
      poses: [[front(75)], [lean(-18), front(82)]],
      declared: { abdominalPressure: 2, breathHoldRisk: 1 },
      met: 2.4,
    },
  ],
})

const heelTap = ladder({
  ...TRUNK,
  id: 'toe-lower',
  name: 'Toe lowering',
  main: ['abdominals'],
  helping: ['hip-flexors', 'pelvic-floor'],
  everyday: 'holding the trunk still while the legs move',
  rpe: [1.5, 4.5],
  side: 'alternating',
  view: 85,
  cues: {
    do: 'Brace gently; lower one foot, bring it back, change.',
    breath: 'Out as the foot goes.',
    watch: 'The low back does not lift, the belly does not dome.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, lift and lower a foot', poses: [[], [lift('right', 98)]], declared: { abdominalPressure: 1 } },
    {
      on: 'bedWedge',
      name: 'Leaning on a wedge, one foot slides',
      poses: [[], [leg('right', { flexion: 50, knee: 25 }), feet('right', 'free')]],
      declared: { abdominalPressure: 1 },
      met: 2,
    },
    {
      on: 'bedSupine',
      name: 'On a bed, one foot lifts and lowers',
      poses: [[], [lift('right', 88, 92)]],
      declared: { abdominalPressure: 2 },
      met: 2.1,
    },
    {
      on: 'supine',
      name: 'On the mat, both knees up, one toe taps',
      step: 'both feet off the floor',
      poses: [
        [leg('both', { flexion: 90, knee: 90 }), feet('both', 'free'), front(88)],
        [leg('both', { flexion: 90, knee: 90 }), leg('right', { flexion: 60, knee: 92 }), feet('both', 'free'), front(88)],
      ],
      declared: { abdominalPressure: 3, breathHoldRisk: 1 },
      met: 2.6,
    },
  ],
})

const curlUp = ladder({
  ...TRUNK,
  id: 'curl-up',
  name: 'Curl-up',
  main: ['abdominals'],
  helping: ['neck'],
  everyday: 'lifting the head from the pillow',
  rpe: [2, 5],
  view: 85,
  cues: {
    do: 'Head and shoulder blades lift a little, pause, lower.',
    breath: 'Out as you lift.',
    watch: 'The neck stays long; the belly stays flat.',
  },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, brace and nod',
      poses: [[hands('both', 'belly')], [hands('both', 'belly'), spine({ flexion: 6 })]],
      declared: { abdominalPressure: 1 },
    },
    {
      on: 'bedWedge',
      name: 'Leaning on a wedge, head lifts',
      poses: [[hands('both', 'belly')], [hands('both', 'belly'), spine({ flexion: 12 })]],
      declared: { abdominalPressure: 2, spinalLoaded: true },
      met: 2.1,
    },
    {
      on: 'supine',
      name: 'On the mat, shoulders lift',
      poses: [[front(30)], [front(45), spine({ flexion: 26 })]],
      declared: { abdominalPressure: 3, spinalLoaded: true, breathHoldRisk: 2 },
      met: 2.8,
    },
  ],
})

const pressOut = ladder({
  ...TRUNK,
  id: 'press-out',
  bandRuns: 'hands',
  name: 'Press out and hold',
  main: ['obliques', 'abdominals'],
  helping: ['shoulders', 'lower-back'],
  everyday: 'holding a dog on the lead',
  rpe: [2, 4.5],
  view: 60,
  gradedBy: ['intendedRpe', 'met', 'externalLoadKg'],
  tempo: { out: 2, stay: 3, back: 2 },
  cues: {
    do: 'Hands at the breastbone; press straight out, hold, return.',
    breath: 'Count aloud while you hold.',
    watch: 'Nothing turns; ribs face forward.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, palms together', poses: [[hands('both', 'chest')], [front(72, 20)]], declared: { abdominalPressure: 0 } },
    {
      on: 'seat',
      name: 'Sitting tall, band from the side',
      with: 'band',
      kg: 1.5,
      side: 'one-then-other',
      poses: [[hands('both', 'chest'), front(55, 105)], [front(76, 12)]],
      declared: { abdominalPressure: 1 },
    },
    {
      on: 'free',
      name: 'Standing, band from the side',
      with: 'band',
      kg: 2.5,
      side: 'one-then-other',
      poses: [
        [front(55, 105), leg('both', { knee: 14, flexion: 14, abduction: 9 })],
        [front(78, 10), leg('both', { knee: 14, flexion: 14, abduction: 9 })],
      ],
      declared: { abdominalPressure: 1 },
    },
  ],
})

const weightTurn = ladder({
  ...TRUNK,
  id: 'weight-turn',
  name: 'Turn with a weight',
  main: ['obliques'],
  helping: ['abdominals', 'upper-back'],
  everyday: 'passing a plate along the table',
  rpe: [2, 4.5],
  side: 'alternating',
  view: 25,
  gradedBy: ['intendedRpe', 'twistDeg', 'externalLoadKg'],
  cues: {
    do: 'Hold close to the belly; turn the chest, come back, other side.',
    breath: 'Out as you turn.',
    watch: 'Hips and knees keep facing forward.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, empty hands', poses: [[hands('both', 'belly')], [hands('both', 'belly'), spine({ twist: 14 })]] },
    { on: 'seat', name: 'Sitting tall, empty hands', poses: [[hands('both', 'belly')], [hands('both', 'belly'), spine({ twist: 25 })]] },
    {
      id: 'one-kg',
      on: 'seat',
      name: 'Sitting tall, 1 kg held close',
      with: 'dumbbell',
      kg: 1,
      poses: [[front(20, 100)], [front(20, 100), spine({ twist: 26 })]],
      met: 2.2,
    },
    {
      on: 'free',
      name: 'Standing, 2 kg held close',
      with: 'dumbbell',
      kg: 2,
      poses: [[front(20, 100)], [front(20, 100), spine({ twist: 28 })]],
      declared: { abdominalPressure: 1 },
    },
  ],
})

const sideBend = ladder({
  ...TRUNK,
  id: 'side-bend',
  name: 'Side bend',
  main: ['obliques'],
  helping: ['lower-back'],
  everyday: 'picking something up beside the chair',
  rpe: [2, 4],
  side: 'alternating',
  view: 5,
  gradedBy: ['intendedRpe', 'sideBendDeg', 'externalLoadKg'],
  cues: { do: 'One hand slides down the side, come up tall.', breath: 'Out to come up.', watch: 'Straight to the side, not forward or back.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, small', poses: [[], [spine({ sideBend: 10 })]] },
    { on: 'seat', name: 'Sitting tall, further', poses: [[], [spine({ sideBend: 20 }), reach('right', 10, 0, 6)]] },
    {
      on: 'free',
      name: 'Standing, 2 kg in one hand',
      with: 'dumbbell',
      kg: 2,
      poses: [[arm('both', { raise: 5, plane: 0, elbow: 4 })], [spine({ sideBend: 22 }), arm('both', { raise: 6, plane: 0, elbow: 4 })]],
    },
  ],
})

const plank = ladder({
  ...TRUNK,
  id: 'plank',
  name: 'Plank',
  main: ['abdominals'],
  helping: ['shoulders', 'glutes', 'chest'],
  everyday: 'keeping the trunk firm when you push',
  rpe: [2, 6],
  view: 88,
  tempo: { out: 2, stay: 10, back: 2 },
  dose: { sets: 2, reps: 1, holdSeconds: 10, restSeconds: 30 },
  gradedBy: ['intendedRpe', 'abdominalPressure', 'wristExtLoad'],
  cues: { do: 'One long line from head to heels; hold and breathe.', breath: 'Count aloud together.', watch: 'Hips neither drop nor stick up.' },
  steps: [
    { on: 'seat', name: 'Sitting, hands press on the thighs', poses: [[lean(6)], [lean(10)]], declared: { abdominalPressure: 1, wristExtLoad: 1 } },
    { on: 'wall2', poses: [[lean(10)], [lean(15)]], declared: { abdominalPressure: 2 } },
    { on: 'counter2', poses: [[lean(22)], [lean(30)]], declared: { abdominalPressure: 2 }, met: 2.8 },
    { on: 'plank', name: 'On the floor, hands and toes', poses: [[], [lean(70)]], declared: { abdominalPressure: 3, breathHoldRisk: 2 }, met: 3.5 },
    {
      id: 'long',
      on: 'plank',
      name: 'On the floor, long hold',
      step: 'held for longer',
      poses: [[], [lean(70)]],
      declared: { abdominalPressure: 3, breathHoldRisk: 3 },
      dose: { holdSeconds: 30 },
      met: 3.8,
      rpe: 7,
    },
  ],
})

const kneesUp = ladder({
  ...TRUNK,
  id: 'knees-up',
  name: 'Knees up, seated',
  main: ['abdominals', 'hip-flexors'],
  helping: ['quadriceps'],
  everyday: 'lifting the feet over the side of the bath',
  rpe: [2, 5],
  view: 80,
  cues: { do: 'Brace, lift the feet a little, lower with control.', breath: 'Out as they lift.', watch: 'Stay tall; no rocking back.' },
  steps: [
    { on: 'seatBack', name: 'One foot at a time', side: 'alternating', poses: [[], [lift('right', 102, 92)]], declared: { abdominalPressure: 1 } },
    {
      id: 'hover',
      on: 'seatBack',
      name: 'Both feet hover, back supported',
      step: 'both feet',
      poses: [[], [leg('both', { flexion: 98, knee: 88 }), feet('both', 'free')]],
      declared: { abdominalPressure: 2 },
      met: 2.2,
    },
    {
      on: 'seat',
      name: 'Both feet hover, hands on the seat',
      step: 'sitting free',
      poses: [[hands('both', 'seat')], [hands('both', 'seat'), lean(-8), leg('both', { flexion: 100, knee: 88 }), feet('both', 'free')]],
      declared: { abdominalPressure: 3, breathHoldRisk: 2, wristExtLoad: 1 },
      met: 2.6,
    },
  ],
})

const woodChop = ladder({
  ...TRUNK,
  id: 'wood-chop',
  name: 'Diagonal lift',
  main: ['obliques', 'shoulders'],
  helping: ['abdominals', 'glutes'],
  everyday: 'from the floor of the boat to the quay',
  rpe: [2, 5],
  side: 'one-then-other',
  view: 30,
  gradedBy: ['intendedRpe', 'met', 'externalLoadKg'],
  cues: {
    do: 'Both hands from one hip, across, up to the other side.',
    breath: 'Out on the lift.',
    watch: 'Long spine; the knees help, the back does not round.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, empty hands', poses: [[reach('left', 30, 70, 20), reach('right', 30, 110, 20)], [front(85, 15)]] },
    {
      on: 'seat',
      name: 'Sitting tall, empty hands, with a turn',
      poses: [
        [spine({ twist: -14 }), front(35, 15)],
        [spine({ twist: 14 }), front(110, 12)],
      ],
    },
    {
      id: 'one-kg',
      on: 'seat',
      name: 'Sitting tall, 1 kg',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [spine({ twist: -14 }), front(35, 15)],
        [spine({ twist: 14 }), front(105, 12)],
      ],
      met: 2.3,
    },
    {
      on: 'free',
      name: 'Standing, 2 kg, knees bend',
      with: 'dumbbell',
      kg: 2,
      poses: [
        [leg('both', { flexion: 36, knee: 32, abduction: 10 }), spine({ twist: -12 }), front(30, 12)],
        [spine({ twist: 12 }), front(105, 12)],
      ],
      declared: { balanceDemand: 3, abdominalPressure: 1 },
      met: 3.4,
    },
  ],
})

const recline = ladder({
  ...TRUNK,
  id: 'recline-leg-lift',
  name: 'Reclined leg lift',
  main: ['hip-flexors', 'abdominals'],
  helping: ['quadriceps'],
  everyday: 'getting the legs onto the sofa',
  rpe: [2, 4.5],
  side: 'alternating',
  view: 85,
  cues: { do: 'Leaning back, lift one leg, lower slowly.', breath: 'Out as it lifts.', watch: 'The low back keeps its contact.' },
  steps: [
    { on: 'seatBack', name: 'Bent knee', poses: [[], [lift('right', 100, 75)]], declared: { abdominalPressure: 1 } },
    {
      id: 'straight',
      on: 'seatBack',
      name: 'Straight knee',
      step: 'longer lever',
      poses: [[kick('right', 12, 78)], [kick('right', 8, 94)]],
      declared: { abdominalPressure: 2 },
      met: 2.1,
    },
    {
      on: 'bedWedge',
      name: 'On a bed, straight knee, small circles',
      step: 'lower trunk, circles',
      poses: [
        [leg('right', { flexion: 60, knee: 4 }), feet('right', 'free')],
        [leg('right', { flexion: 66, knee: 4, abduction: 12 }), feet('right', 'free')],
      ],
      declared: { abdominalPressure: 2 },
      met: 2.3,
    },
  ],
})

const elbowKnee = ladder({
  ...TRUNK,
  id: 'elbow-to-knee',
  name: 'Elbow to knee',
  main: ['obliques', 'hip-flexors'],
  helping: ['abdominals'],
  everyday: 'pulling on a sock',
  rpe: [2, 4.5],
  side: 'alternating',
  view: 35,
  gradedBy: ['intendedRpe', 'met', 'balanceDemand'],
  cues: { do: 'Turn a little; one elbow towards the other knee.', breath: 'Out as they meet.', watch: 'Turn rather than round.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, arms crossed',
      poses: [[hands('both', 'chest')], [hands('both', 'chest'), spine({ twist: 15 }), lift('left', 98)]],
      declared: { abdominalPressure: 1, cognitiveLoad: 2 },
    },
    {
      on: 'seat',
      name: 'Sitting tall, hands at the ears',
      step: 'sitting free',
      poses: [[hands('both', 'head')], [hands('both', 'head'), spine({ twist: 22, flexion: 8 }), lift('left', 104)]],
      declared: { abdominalPressure: 2, cognitiveLoad: 2 },
    },
    {
      on: 'free',
      name: 'Standing',
      poses: [[hands('both', 'head')], [hands('both', 'head'), spine({ twist: 22, flexion: 8 }), lift('left', 72, 82)]],
      declared: { abdominalPressure: 2, cognitiveLoad: 2 },
    },
  ],
})

const backLift = ladder({
  ...TRUNK,
  id: 'back-lift',
  name: 'Back strengthening lift',
  main: ['lower-back', 'upper-back'],
  helping: ['glutes'],
  everyday: 'keeping tall to the end of the day',
  rpe: [2, 4.5],
  view: 85,
  gradedBy: ['intendedRpe', 'met'],
  tempo: { out: 2, stay: 3, back: 3 },
  cues: {
    do: 'Breastbone floats up a little, hold, lower.',
    breath: 'In as you lift, keep breathing.',
    watch: 'Feet stay down, gaze down, neck long.',
  },
  steps: [
    { on: 'seatBack', name: 'Press the back into the chair', poses: [[lean(-4)], [lean(-8)]] },
    {
      on: 'seat',
      name: 'Sitting tall, hinge and rise with open arms',
      step: 'sitting free',
      poses: [
        [lean(24), hands('both', 'chest')],
        [lean(6), wide(55, 60, 40)],
      ],
    },
    { on: 'bedProne', poses: [[], [spine({ flexion: -10 })]], met: 2.1, rpe: 3, declared: { spinalLoaded: true } },
    { on: 'prone', poses: [[], [spine({ flexion: -14 }), wide(60, 90, 60)]], declared: { spinalLoaded: true, abdominalPressure: 1 }, met: 2.4 },
    {
      id: 'press-up',
      on: 'prone',
      name: 'On the mat, press up on the hands',
      step: 'the arms push further back',
      poses: [[], [spine({ flexion: -28 }), hands('both', 'floor')]],
      declared: { wristExtLoad: 2, abdominalPressure: 1 },
      met: 2.6,
      rpe: 5,
    },
  ],
})

const pelvicFloor = ladder({
  ...TRUNK,
  id: 'pelvic-floor-lift',
  name: 'Pelvic-floor lift with breath',
  purpose: 'pelvic-floor',
  phase: 'any',
  main: ['pelvic-floor'],
  helping: ['abdominals'],
  everyday: 'coughing, laughing and lifting without a worry',
  rpe: [1, 2.5],
  view: 60,
  tempo: { out: 3, stay: 3, back: 4 },
  dose: { sets: 1, reps: 8, restSeconds: 20 },
  gradedBy: ['intendedRpe', 'met'],
  cues: {
    do: 'As you breathe out, lift gently inside; let go all the way as you breathe in.',
    breath: 'Out to lift, in to let go.',
    watch: 'No holding of breath, no squeezing of the seat.',
  },
  steps: [
    { on: 'bedSide', poses: [[hands('left', 'belly')], [hands('left', 'belly'), leg('both', { flexion: 45, knee: 70 })]] },
    { on: 'seatBack', poses: [[hands('both', 'belly')], [hands('both', 'belly'), lean(-7)]], met: 1.4 },
    { on: 'seat', poses: [[hands('both', 'belly')], [hands('both', 'belly'), lean(3)]], met: 1.5 },
    {
      on: 'hold2',
      name: 'Standing, lift before a small bend',
      step: 'on the feet, with a bend',
      poses: [[], [leg('both', { flexion: 22, knee: 20, abduction: 6 })]],
    },
  ],
})

const kickPunch = ladder({
  ...TRUNK,
  id: 'kick-punch',
  name: 'Kick and punch',
  purpose: 'coordination',
  main: ['quadriceps', 'shoulders'],
  helping: ['abdominals'],
  everyday: 'doing two things at once without losing your seat',
  rpe: [2, 4],
  side: 'alternating',
  view: 60,
  gradedBy: ['intendedRpe', 'met', 'cognitiveLoad'],
  cues: { do: 'One foot kicks, the other hand punches, change.', breath: 'Count aloud.', watch: 'Tall back; slow enough to stay opposite.' },
  steps: [
    { on: 'seatBack', poses: [[], [kick('right', 25), reach('left', 72, 88, 10)]], declared: { cognitiveLoad: 2 } },
    { on: 'seat', step: 'sitting free', poses: [[], [kick('right', 12), reach('left', 78, 88, 8)]], declared: { cognitiveLoad: 2 } },
    {
      on: 'free',
      name: 'Standing, low kick',
      poses: [[], [lift('right', 35, 12), reach('left', 78, 88, 8), reach('right', 25, 60, 100)]],
      declared: { cognitiveLoad: 2 },
    },
  ],
})

const reachOut = ladder({
  ...TRUNK,
  id: 'sit-and-reach-out',
  name: 'Reaching out of the base',
  purpose: 'balance',
  main: ['obliques', 'lower-back'],
  helping: ['abdominals', 'hip-flexors'],
  everyday: 'picking up the paper from the side table',
  rpe: [1, 3],
  side: 'alternating',
  view: 20,
  gradedBy: ['intendedRpe', 'balanceDemand', 'sideBendDeg'],
  cues: { do: 'Reach out as far as you can come back from.', breath: 'Out to come back.', watch: 'Both feet stay heavy.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, arm reaches forward', poses: [[], [reach('right', 80)]] },
    { on: 'seat', name: 'Sitting free, forward and to the side', poses: [[], [lean(12), reach('right', 75, 40), spine({ sideBend: 8 })]] },
    {
      id: 'far',
      on: 'seat',
      name: 'Sitting free, far to the side',
      step: 'further out',
      poses: [[], [spine({ sideBend: 16 }), reach('right', 80, 5), diagonal(10, 20), reach('right', 80, 5)]],
    },
  ],
})

export const TRUNK_MOVEMENTS = [
  pelvicTilt,
  leanBack,
  heelTap,
  curlUp,
  pressOut,
  weightTurn,
  sideBend,
  plank,
  kneesUp,
  woodChop,
  recline,
  elbowKnee,
  backLift,
  pelvicFloor,
  kickPunch,
  reachOut,
]
