import { arm, feet, hands, lean, leg, plants, spine, weightOn } from '@/core/body'
import { ladder } from '@/core/movement'
import { bend, front, kick, legBack, legOut, lift, parts, SHORT, split, wide } from './shapes'

const LEGS = {
  purpose: 'strength-legs',
  phase: 'main',
  tempo: { out: 2, stay: 1, back: 3 },
  dose: { sets: 2, reps: 8, restSeconds: 45 },
} as const
const SIDES = { ...LEGS, side: 'one-then-other' } as const

const squat = ladder({
  ...LEGS,
  id: 'squat',
  name: 'Squat',
  main: ['quadriceps', 'glutes'],
  helping: ['hamstrings', 'lower-back', 'calves'],
  everyday: 'sitting down on a low bench with control',
  rpe: [3, 6],
  view: 80,
  gradedBy: ['intendedRpe', 'kneeFlexionLoadedDeg', 'balanceDemand', 'externalLoadKg'],
  cues: {
    do: 'Sit the hips back and down, then stand tall.',
    breath: 'In on the way down, out to rise.',
    watch: 'Knees follow the toes, heels stay down.',
  },
  steps: [
    {
      on: 'seat',
      name: 'Seated leg press into the floor',
      poses: [[], [lean(12)]],
      do: 'Press both feet down as if to stand, hold, let go.',
      rpe: 2,
    },
    { on: 'hold2', name: 'Quarter squat, two hands on the chair', poses: [[], [bend(35, 42)]] },
    { id: 'half', on: 'hold2', name: 'Half squat, two hands on the chair', step: 'lower', poses: [[], [bend(62, 64)]] },
    { on: 'hold1', name: 'Half squat, one hand on the chair', poses: [[], [bend(62, 66)]] },
    { on: 'free', name: 'Half squat, arms forward', poses: [[], [bend(68, 70), front(70, 10)]], declared: { balanceDemand: 3 } },
    {
      id: 'weights',
      on: 'free',
      name: 'Half squat with weights',
      with: 'dumbbell',
      kg: 2,
      poses: [[], [bend(72, 74), arm('both', { raise: 22, plane: 80, elbow: 6 })]],
      declared: { balanceDemand: 3 },
      met: 3.6,
    },
  ],
})

const wideSquat = ladder({
  ...LEGS,
  id: 'wide-squat',
  name: 'Wide squat',
  main: ['inner-thigh', 'glutes', 'quadriceps'],
  helping: ['outer-hip'],
  everyday: 'lifting a basket from between the feet',
  rpe: [3, 6],
  view: 15,
  cues: { do: 'Feet wide, toes a little out; sink and rise.', breath: 'Out as you rise.', watch: 'Knees open over the toes, trunk upright.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated, knees press open',
      poses: [[], [leg('both', { abduction: 24, rotation: 14 })]],
      cues: { do: 'Feet wide; press the knees gently apart, and ease.' },
    },
    { on: 'hold2', poses: [[bend(2, 2, 20, 20)], [bend(42, 46, 20, 16)]] },
    {
      on: 'free',
      poses: [
        [bend(2, 2, 20, 20), hands('both', 'hip')],
        [bend(50, 54, 20, 13), hands('both', 'hip')],
      ],
      declared: { balanceDemand: 3 },
    },
    {
      id: 'weight',
      on: 'free',
      name: 'Standing free, one weight held low',
      with: 'dumbbell',
      kg: 3,
      poses: [
        [bend(2, 2, 20, 20), arm('both', { raise: 14, plane: 110, elbow: 5 })],
        [bend(54, 58, 20, 12), arm('both', { raise: 18, plane: 110, elbow: 5 })],
      ],
      declared: { balanceDemand: 3 },
      met: 3.5,
      drawn: 'weight',
    },
  ],
})

const squatSideLift = ladder({
  ...SIDES,
  id: 'squat-side-lift',
  name: 'Squat and side lift',
  main: ['outer-hip', 'quadriceps'],
  helping: ['glutes', 'obliques'],
  everyday: 'stepping out of a boat',
  rpe: [3, 5.5],
  view: 20,
  cues: { do: 'Small squat; as you rise, lift one leg to the side.', breath: 'Out on the lift.', watch: 'Trunk upright, toes forward.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated, press down then step out',
      poses: [[lean(10)], [legOut('right', 26, 96, 85)]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Press both feet down, then step one foot out and in.' },
    },
    { on: 'hold2', poses: [[bend(32, 38)], [legOut('right', 22)]], declared: { cognitiveLoad: 1 } },
    { on: 'hold1', poses: [[bend(38, 44)], [legOut('right', 24)]], declared: { cognitiveLoad: 1 } },
    {
      on: 'free',
      poses: [
        [bend(42, 50), front(60, 30)],
        [legOut('right', 25), wide(30)],
      ],
      declared: { cognitiveLoad: 1 },
    },
  ],
})

const squatKneeRaise = ladder({
  ...SIDES,
  id: 'squat-knee-raise',
  name: 'Squat and knee raise',
  side: 'alternating',
  main: ['quadriceps', 'hip-flexors'],
  helping: ['glutes', 'abdominals'],
  everyday: 'getting up and going straight up a stair',
  rpe: [3, 5.5],
  view: 70,
  cues: { do: 'Small squat; as you rise, one knee comes up.', breath: 'Out as the knee lifts.', watch: 'Steady before you sink again.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated, press down then lift a knee',
      poses: [[lean(12)], [lift('right', 106)]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Press both feet down, then lift one knee; change.' },
    },
    { on: 'hold2', poses: [[bend(32, 48), weightOn(0.3)], [lift('right', 46, 82)]], declared: { cognitiveLoad: 1 } },
    { on: 'hold1', poses: [[bend(38, 52), weightOn(0.3)], [lift('right', 60, 82)]], declared: { cognitiveLoad: 1 } },
    {
      on: 'free',
      poses: [
        [bend(44, 47), front(60, 30)],
        [lift('right', 72, 82), hands('both', 'hip')],
      ],
      declared: { cognitiveLoad: 1 },
    },
    {
      id: 'deep',
      on: 'free',
      name: 'Half squat and high knee, standing free',
      step: 'deeper and higher',
      poses: [
        [bend(72, 74), front(70, 15)],
        [lift('right', 80, 85), hands('both', 'hip')],
      ],
      met: 3.6,
      rpe: 6,
      declared: { cognitiveLoad: 1 },
    },
  ],
})

const squatRise = ladder({
  ...LEGS,
  id: 'squat-heel-raise',
  name: 'Squat to heel raise',
  main: ['calves', 'quadriceps'],
  helping: ['glutes'],
  everyday: 'from the low cupboard to the high shelf',
  rpe: [3, 5],
  view: 75,
  gradedBy: ['balanceDemand', 'intendedRpe'],
  cues: { do: 'Small squat, stand, and carry on up to the balls of the feet.', breath: 'Out all the way up.', watch: 'Weight over the big toes.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated, press down then heels up',
      poses: [[lean(10)], [feet('both', 'ball'), leg('both', { ankle: -26 })]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Press both feet down, then lift both heels.' },
    },
    { on: 'hold2', poses: [[bend(35, 42)], [feet('both', 'ball'), leg('both', { ankle: -28 })]], declared: { cognitiveLoad: 1 } },
    { on: 'hold1', poses: [[bend(40, 48)], [feet('both', 'ball'), leg('both', { ankle: -28 })]], declared: { cognitiveLoad: 1 } },
    {
      on: 'free',
      poses: [
        [bend(42, 50), hands('both', 'hip')],
        [feet('both', 'ball'), leg('both', { ankle: -28 }), hands('both', 'hip')],
      ],
      declared: { balanceDemand: 4, cognitiveLoad: 1 },
    },
  ],
})

const splitStance = ladder({
  ...SIDES,
  id: 'split-squat',
  name: 'Split squat',
  main: ['quadriceps', 'glutes'],
  helping: ['calves', 'outer-hip'],
  everyday: 'picking up a glove without bending the back',
  rpe: [3, 6],
  view: 80,
  gradedBy: ['intendedRpe', 'kneeFlexionLoadedDeg', 'balanceDemand', 'externalLoadKg'],
  cues: {
    do: 'One foot forward, one back; bend both knees and rise.',
    breath: 'Out as you rise.',
    watch: 'Feet on two tracks, front knee over the middle of the foot.',
  },
  steps: [
    { id: 'hold2', on: 'rails2', name: 'Shallow, a hand on each rail', poses: [[split('right', 4)], [split('right', 20)]] },
    { id: 'deeper', on: 'rails2', name: 'Deeper, a hand on each rail', step: 'lower', poses: [[split('right', 6)], [split('right', 42)]] },
    { on: 'hold1', name: 'Deeper, one hand on the chair', poses: [[split('right', 6)], [split('right', 42)]] },
    {
      on: 'free',
      poses: [
        [split('right', 6), hands('both', 'hip')],
        [split('right', 46), hands('both', 'hip')],
      ],
      declared: { balanceDemand: 4 },
    },
    {
      id: 'weights',
      on: 'free',
      name: 'With weights at the sides',
      with: 'dumbbell',
      kg: 2,
      poses: [
        [split('right', 6), arm('both', { raise: 4, plane: 0, elbow: 4 })],
        [split('right', 48), arm('both', { raise: 4, plane: 0, elbow: 4 })],
      ],
      declared: { balanceDemand: 4 },
      met: 3.6,
    },
  ],
})

const backStep = ladder({
  ...SIDES,
  id: 'back-step',
  name: 'Step back',
  side: 'alternating',
  main: ['glutes', 'quadriceps'],
  helping: ['hamstrings', 'calves'],
  everyday: 'catching yourself when you are pushed back',
  rpe: [2, 5.5],
  view: 80,
  declared: { travel: 'backward', impactLevel: 1 },
  cues: {
    do: 'Step one foot back onto its ball, bring it home.',
    breath: 'In to step, out to return.',
    watch: 'The back knee never touches the floor.',
  },
  steps: [
    {
      on: 'seat',
      name: 'Seated, foot slides back',
      poses: [[], [leg('right', { knee: 112, ankle: -24 }), feet('right', 'ball')]],
      declared: { travel: 'none', impactLevel: 0 },
      cues: { do: 'Slide one foot back under the chair, onto its ball, and home.' },
    },
    { on: 'hold2', name: 'Step back only, two hands on the chair', poses: [[], [split('left', 4, SHORT), weightOn(0.4), plants('left')]] },
    {
      id: 'lunge',
      on: 'hold2',
      name: 'Step back and bend, two hands on the chair',
      step: 'both knees bend',
      poses: [[], [split('left', 30, SHORT), weightOn(0.4), plants('left')]],
    },
    { on: 'hold1', name: 'Step back and bend, one hand on the chair', poses: [[], [split('left', 34, SHORT), weightOn(0.2), plants('left')]] },
    {
      on: 'free',
      name: 'Step back and bend',
      poses: [[hands('both', 'hip')], [split('left', 40), hands('both', 'hip')]],
      declared: { balanceDemand: 4 },
    },
  ],
})

const sideLunge = ladder({
  ...SIDES,
  id: 'side-lunge',
  name: 'Side lunge',
  side: 'alternating',
  main: ['inner-thigh', 'glutes'],
  helping: ['quadriceps', 'outer-hip'],
  everyday: 'reaching under the edge of a bed',
  rpe: [2, 5],
  view: 15,
  declared: { travel: 'sideways', impactLevel: 1 },
  cues: { do: 'Step wide, bend that knee, push back to the middle.', breath: 'Out to push back.', watch: 'The straight leg’s foot stays flat.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated, slide out and press',
      poses: [[], [leg('right', { abduction: 26, knee: 80 })]],
      declared: { travel: 'none', impactLevel: 0 },
      cues: { do: 'Slide one foot wide, press it down, slide it home.' },
    },
    { on: 'hold2', poses: [[], [leg('right', { abduction: 22, flexion: 40, knee: 42 }), leg('left', { abduction: 20 })]] },
    {
      on: 'free',
      poses: [[], [leg('right', { abduction: 24, flexion: 48, knee: 50 }), leg('left', { abduction: 22 }), front(60, 40)]],
      declared: { balanceDemand: 3 },
    },
  ],
})

const curtsy = ladder({
  ...SIDES,
  id: 'curtsy',
  name: 'Curtsy dip',
  main: ['glutes', 'outer-hip'],
  helping: ['quadriceps', 'inner-thigh'],
  everyday: 'turning round a table leg',
  rpe: [3, 5],
  view: 20,
  cues: { do: 'One foot crosses behind; bend both knees a little, and rise.', breath: 'Out as you rise.', watch: 'Hips face forward, trunk tall.' },
  steps: [
    {
      on: 'hold2',
      poses: [
        [],
        [
          leg('right', { flexion: 10, knee: 18 }),
          leg('left', { flexion: -8, abduction: -20, knee: 22, ankle: -26 }),
          feet('left', 'ball'),
          weightOn(0.3),
          plants('right'),
        ],
      ],
      declared: { balanceDemand: 2 },
    },
    {
      on: 'hold1',
      poses: [
        [],
        [
          leg('right', { flexion: 12, knee: 22 }),
          leg('left', { flexion: -8, abduction: -20, knee: 22, ankle: -26 }),
          feet('left', 'ball'),
          weightOn(0.2),
          plants('right'),
        ],
      ],
      declared: { balanceDemand: 4 },
    },
    {
      on: 'free',
      poses: [
        [hands('both', 'hip')],
        [
          leg('right', { flexion: 32, knee: 38 }),
          leg('left', { flexion: -10, abduction: -20, knee: 34, ankle: -26 }),
          feet('left', 'ball'),
          plants('right'),
          weightOn(0.2),
          hands('both', 'hip'),
        ],
      ],
      declared: { balanceDemand: 4 },
    },
  ],
})

const deadlift = ladder({
  ...LEGS,
  id: 'hinge-lift',
  name: 'Hinge and lift',
  main: ['hamstrings', 'glutes'],
  helping: ['lower-back', 'upper-back'],
  everyday: 'lifting a bag from a chair with a long back',
  rpe: [3, 6],
  view: 85,
  cues: {
    do: 'Push the hips back, weights slide along the thighs, stand tall.',
    breath: 'In to hinge, out to rise.',
    watch: 'Long spine; knees soft, not deep.',
  },
  steps: [
    {
      on: 'seat',
      name: 'Seated hinge, light weights on the thighs',
      with: 'dumbbell',
      kg: 1,
      poses: [[arm('both', { raise: 25, plane: 88, elbow: 50 })], [lean(28), arm('both', { raise: 45, plane: 88, elbow: 20 })]],
      cues: { do: 'Lean forward from the hips, weights slide along the thighs; sit tall again.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, one weight',
      with: 'dumbbell',
      kg: 2,
      poses: [[], [leg('both', { flexion: 48, knee: 16 }), arm('right', { raise: 52, plane: 88, elbow: 4 })]],
    },
    {
      on: 'free',
      name: 'Two weights',
      with: 'dumbbell',
      kg: 3,
      poses: [
        [arm('both', { raise: 10, plane: 88, elbow: 6 })],
        [leg('both', { flexion: 62, knee: 18 }), arm('both', { raise: 56, plane: 88, elbow: 4 })],
      ],
    },
    {
      id: 'heavy',
      on: 'free',
      name: 'Two heavier weights',
      with: 'dumbbell',
      kg: 5,
      poses: [
        [arm('both', { raise: 10, plane: 88, elbow: 6 })],
        [leg('both', { flexion: 66, knee: 18 }), arm('both', { raise: 58, plane: 88, elbow: 4 })],
      ],
      met: 3.5,
      declared: { abdominalPressure: 2 },
    },
  ],
})

const oneLegHinge = ladder({
  ...SIDES,
  id: 'one-leg-hinge',
  name: 'One-leg hinge',
  main: ['hamstrings', 'glutes'],
  helping: ['outer-hip', 'lower-back'],
  everyday: 'reaching down to a shoe while holding the banister',
  rpe: [3, 5.5],
  view: 85,
  gradedBy: ['balanceDemand', 'intendedRpe'],
  cues: {
    do: 'Tip forward over one leg, the other reaches back, come up.',
    breath: 'Out to come up.',
    watch: 'Hips level, eyes on one spot on the floor ahead.',
  },
  steps: [
    {
      on: 'hold2',
      name: 'Toes stay down behind, two hands on the chair',
      poses: [[], [weightOn(0.3), leg('left', { flexion: 30, knee: 12 }), leg('right', { flexion: 4, knee: 10, ankle: -30 }), feet('right', 'ball')]],
    },
    {
      id: 'lift',
      on: 'hold2',
      name: 'Leg lifts behind, two hands on the chair',
      step: 'the back foot leaves the floor',
      poses: [[], [leg('left', { flexion: 38, knee: 14 }), legBack('right', -2, 8)]],
      declared: { balanceDemand: 3 },
    },
    { on: 'hold1', name: 'Leg lifts behind, one hand on the chair', poses: [[], [leg('left', { flexion: 42, knee: 16 }), legBack('right', -2, 8)]] },
    { on: 'free', poses: [[hands('both', 'hip')], [leg('left', { flexion: 46, knee: 18 }), legBack('right', -2, 10), wide(40)]] },
  ],
})

const legExtension = ladder({
  ...SIDES,
  id: 'leg-extension',
  name: 'Knee straightening',
  side: 'alternating',
  main: ['quadriceps'],
  helping: ['hip-flexors', 'shins'],
  everyday: 'getting a leg out of the car',
  rpe: [2, 5],
  view: 80,
  cues: {
    do: 'Straighten one knee, tighten the thigh, lower slowly.',
    breath: 'Out as it straightens.',
    watch: 'The back does not slump; stop short of a hard lock.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, half way', poses: [[], [kick('right', 45)]] },
    { on: 'seat', name: 'Sitting tall, all the way', step: 'sitting free, to straight', poses: [[], [kick('right', 8)]] },
    { id: 'cuff', on: 'seat', name: 'Sitting tall, ankle weight', with: 'cuff', kg: 1, poses: [[], [kick('right', 8)]], met: 2.3 },
    { on: 'hold1', name: 'Standing, one hand on the chair', poses: [[], [lift('right', 60, 80)], [lift('right', 60, 18)]] },
  ],
})

const straightLegLift = ladder({
  ...SIDES,
  id: 'straight-leg-lift',
  name: 'Straight leg lift',
  main: ['quadriceps', 'hip-flexors'],
  helping: ['abdominals'],
  everyday: 'lifting the leg into bed',
  rpe: [2, 4.5],
  view: 85,
  declared: { abdominalPressure: 1 },
  cues: {
    do: 'Tighten the thigh, lift the straight leg a hand high, lower.',
    breath: 'Out as it lifts.',
    watch: 'Low back stays quiet; lift only as high as that allows.',
  },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, heel hovers',
      poses: [[leg('right', { flexion: 82, knee: 20, ankle: 10 }), feet('right', 'heel')], [kick('right', 5, 92)]],
    },
    {
      on: 'bedWedge',
      poses: [
        [leg('right', { flexion: 46, knee: 0 }), feet('right', 'free')],
        [leg('right', { flexion: 66, knee: 0, ankle: 8 }), feet('right', 'free')],
      ],
      declared: { abdominalPressure: 2 },
    },
    {
      on: 'bedSupine',
      poses: [
        [leg('right', { flexion: 2, knee: 0 }), feet('right', 'free')],
        [leg('right', { flexion: 32, knee: 0, ankle: 8 }), feet('right', 'free')],
      ],
      declared: { abdominalPressure: 2 },
    },
    {
      on: 'supine',
      poses: [
        [leg('right', { flexion: 2, knee: 0 }), feet('right', 'free')],
        [leg('right', { flexion: 38, knee: 0, ankle: 8 }), feet('right', 'free')],
      ],
      met: 2.1,
      declared: { abdominalPressure: 2 },
    },
  ],
})

const heelSlide = ladder({
  ...SIDES,
  id: 'heel-slide',
  name: 'Heel slides',
  side: 'alternating',
  main: ['hamstrings', 'hip-flexors'],
  helping: ['quadriceps', 'abdominals'],
  everyday: 'bringing the feet in before getting up',
  rpe: [1.5, 3],
  view: 85,
  dose: { sets: 1, reps: 10, restSeconds: 20 },
  cues: { do: 'Slide one heel away along the floor, and draw it back.', breath: 'Breathe with the slide.', watch: 'The pelvis stays still.' },
  steps: [
    { on: 'seatBack', name: 'Sitting, foot slides out and in', poses: [[], [leg('right', { knee: 55, flexion: 88 })]] },
    { on: 'bedWedge', poses: [[], [leg('right', { flexion: 48, knee: 8 }), feet('right', 'free')]] },
    { on: 'bedSupine', poses: [[], [leg('right', { flexion: 4, knee: 6 }), feet('right', 'free')]], met: 2, declared: { abdominalPressure: 1 } },
    {
      on: 'supine',
      name: 'On the mat, both legs in turn with a brace',
      step: 'on the floor, belly drawn in',
      poses: [[], [leg('right', { flexion: 4, knee: 6 }), feet('right', 'free')]],
      declared: { abdominalPressure: 1 },
      met: 2.2,
    },
  ],
})

const backLegLift = ladder({
  ...SIDES,
  id: 'back-leg-lift',
  name: 'Leg lift behind',
  main: ['glutes'],
  helping: ['hamstrings', 'lower-back'],
  everyday: 'pushing off up a slope',
  rpe: [2, 4.5],
  view: 85,
  gradedBy: ['intendedRpe', 'met', 'balanceDemand'],
  cues: {
    do: 'Squeeze the buttock, reach the leg back, low, and return.',
    breath: 'Out as it reaches.',
    watch: 'The low back does not arch; the standing knee is soft.',
  },
  steps: [
    {
      on: 'seat',
      name: 'Seated, press one foot back',
      poses: [[], [leg('right', { knee: 108, ankle: -20 }), feet('right', 'ball')]],
      cues: { watch: 'Sit tall; the low back does not hollow.' },
    },
    { on: 'bedProne', poses: [[], [leg('right', { flexion: -10, knee: 4 })]], met: 2.1, cues: { watch: 'Both hip bones stay on the bed.' } },
    { on: 'hold2', poses: [[], [legBack('right', 18)]] },
    { on: 'hold1', poses: [[], [legBack('right', 18)]], met: 2.6 },
    {
      on: 'allFours',
      poses: [[], [leg('right', { flexion: -6, knee: 8 })]],
      declared: { abdominalPressure: 2, balanceDemand: 2, kneelingLoad: 2 },
      met: 2.8,
      rpe: 5,
    },
  ],
})

const hamstringCurl = ladder({
  ...SIDES,
  id: 'hamstring-curl',
  name: 'Heel to seat',
  main: ['hamstrings'],
  helping: ['calves', 'glutes'],
  everyday: 'stepping over a hose without kicking it',
  rpe: [2, 5],
  view: 85,
  cues: { do: 'Draw one heel towards the seat, lower slowly.', breath: 'Out as it lifts.', watch: 'Thighs stay side by side.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated, heel pulls back against a band',
      with: 'band',
      kg: 2,
      poses: [[leg('right', { knee: 60 })], [leg('right', { knee: 102, ankle: -14 }), feet('right', 'ball')]],
      bandRuns: 'ankle',
      cues: { setup: 'Check the band for nicks. Sit tall; the band from something fixed in front to one ankle.' },
      needs: ['anchor'],
    },
    { on: 'hold2', kg: 0, poses: [[], [legBack('right', 0, 75)]] },
    { on: 'hold1', kg: 0, poses: [[], [legBack('right', 0, 80)]], met: 2.6 },
    {
      id: 'cuff',
      on: 'hold2',
      name: 'Ankle weight, two hands on the chair',
      step: 'with an ankle weight',
      with: 'cuff',
      kg: 1,
      poses: [[], [legBack('right', 0, 80)]],
      declared: { balanceDemand: 3 },
      met: 2.8,
    },
  ],
  gradedBy: ['intendedRpe', 'met', 'balanceDemand'],
})

const innerThigh = ladder({
  ...LEGS,
  id: 'inner-thigh-squeeze',
  name: 'Inner-thigh squeeze',
  main: ['inner-thigh'],
  helping: ['pelvic-floor', 'abdominals'],
  everyday: 'sitting firm on a swaying ferry',
  rpe: [2, 4],
  view: 15,
  tempo: { out: 1, stay: 4, back: 1 },
  cues: {
    do: 'Squeeze the ball between the knees, hold, let go slowly.',
    breath: 'Count aloud while you squeeze.',
    watch: 'Only the thighs work; the jaw is loose.',
  },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, rolled towel',
      with: 'towel',
      poses: [[leg('both', { abduction: 10 })], [leg('both', { abduction: 5 })]],
      cues: { do: 'Squeeze the rolled towel between the knees, let go slowly.' },
      drawn: 'kneeBall',
    },
    {
      on: 'seat',
      name: 'Sitting tall, ball',
      poses: [[leg('both', { abduction: 12 })], [leg('both', { abduction: 6 })]],
      with: 'ball',
      drawn: 'kneeBall',
    },
    {
      on: 'bedWedge',
      view: 40,
      name: 'Leaning on a wedge, ball',
      step: 'feet further away',
      poses: [[leg('both', { abduction: 10 })], [leg('both', { abduction: 5 })]],
      rpe: 3.5,
      met: 2.1,
      with: 'ball',
      drawn: 'kneeBall',
    },
    {
      on: 'supine',
      view: 40,
      name: 'On the mat, squeeze and small hip lift',
      step: 'the hips lift too',
      poses: [[leg('both', { abduction: 6 })], [lean(-108), leg('both', { flexion: 24, abduction: 5 })]],
      met: 2.4,
      declared: { abdominalPressure: 1 },
      cues: { do: 'Squeeze the ball, lift the hips a little, lower, let go.' },
      with: 'ball',
      drawn: 'kneeBall',
    },
  ],
})

const clam = ladder({
  ...SIDES,
  id: 'clam',
  name: 'Knee opening',
  main: ['outer-hip', 'glutes'],
  helping: ['obliques'],
  everyday: 'swinging the legs out of bed',
  rpe: [2, 4.5],
  view: 15,
  gradedBy: ['intendedRpe', 'met'],
  cues: { do: 'Open one knee, hold a moment, close slowly.', breath: 'Out as it opens.', watch: 'The pelvis does not roll along.' },
  steps: [
    { on: 'seat', poses: [[], [leg('right', { abduction: 26, rotation: 12 })]] },
    {
      id: 'band',
      on: 'seat',
      name: 'Sitting tall, band round the thighs',
      step: 'against a band',
      with: 'band',
      kg: 2,
      poses: [[], [leg('right', { abduction: 24, rotation: 12 })]],
      bandRuns: 'thighs',
      met: 2.1,
      cues: { setup: 'Check the band for nicks. Sit tall, feet flat, the band round both thighs.' },
    },
    {
      on: 'bedSide',
      view: 75,
      poses: [
        [leg('both', { flexion: 45, knee: 80 }), leg('left', { flexion: 45, knee: 80, abduction: -3 })],
        [leg('both', { flexion: 45, knee: 80 }), leg('left', { flexion: 45, knee: 88, abduction: 20, rotation: 36 })],
      ],
      kg: 0,
      met: 2.2,
    },
    {
      on: 'sideLie',
      view: 75,
      poses: [
        [leg('both', { flexion: 45, knee: 80 }), leg('left', { flexion: 45, knee: 80, abduction: -3 })],
        [leg('both', { flexion: 45, knee: 80 }), leg('left', { flexion: 45, knee: 88, abduction: 20, rotation: 40 })],
      ],
      kg: 0,
      met: 2.3,
    },
  ],
})

const anklePump = ladder({
  ...LEGS,
  id: 'ankle-pump',
  name: 'Ankle pumps',
  phase: 'any',
  purpose: 'mobility',
  main: ['calves', 'shins'],
  helping: ['feet'],
  everyday: 'keeping the blood moving on a long ride',
  rpe: [1, 2],
  view: 80,
  tempo: { out: 1.5, stay: 0, back: 1.5 },
  dose: { sets: 1, reps: 15, restSeconds: 10 },
  cues: { do: 'Point the toes away, draw them back.', breath: 'Breathe freely.', watch: 'Slow and as far as is easy.' },
  steps: [
    {
      on: 'bedWedge',
      poses: [
        [leg('both', { flexion: 46, knee: 4, ankle: -30 }), feet('both', 'free')],
        [leg('both', { flexion: 46, knee: 4, ankle: 12 }), feet('both', 'free')],
      ],
    },
    {
      on: 'seatBack',
      name: 'Sitting back, heel and toe',
      poses: [
        [feet('both', 'ball'), leg('both', { ankle: -22 })],
        [feet('both', 'heel'), leg('both', { ankle: 12 })],
      ],
      met: 1.6,
    },
    {
      on: 'seat',
      name: 'Sitting tall, leg stretched out',
      step: 'the leg is held out',
      side: 'one-then-other',
      poses: [
        [leg('right', { flexion: 90, knee: 14, ankle: -28 }), feet('right', 'free')],
        [leg('right', { flexion: 90, knee: 14, ankle: 14 }), feet('right', 'free')],
      ],
      met: 1.8,
    },
  ],
})

const toeRaise = ladder({
  ...LEGS,
  id: 'toe-raise',
  name: 'Toe raise',
  main: ['shins'],
  helping: ['feet'],
  everyday: 'clearing the edge of the carpet',
  rpe: [2, 4],
  view: 80,
  gradedBy: ['intendedRpe', 'balanceDemand', 'met'],
  dose: { sets: 2, reps: 10, restSeconds: 30 },
  declared: { ankleLoad: 1 },
  cues: { do: 'Heels stay, toes lift, lower without a slap.', breath: 'Easy breath.', watch: 'The hips do not swing back.' },
  steps: [
    { on: 'seatBack', poses: [[], [feet('both', 'heel'), leg('both', { ankle: 12 })]] },
    { on: 'seat', poses: [[], [feet('both', 'heel'), leg('both', { ankle: 14 })]], cues: { watch: 'Heels stay down; toes lift evenly.' } },
    { on: 'hold2', poses: [[], [feet('both', 'heel'), leg('both', { ankle: 12 })]], declared: { ankleLoad: 2 } },
    { on: 'hold1', poses: [[], [feet('both', 'heel'), leg('both', { ankle: 12 })]], declared: { ankleLoad: 2, balanceDemand: 3 }, met: 2.6 },
  ],
})

const footWork = ladder({
  ...LEGS,
  id: 'foot-work',
  name: 'Foot work',
  phase: 'any',
  purpose: 'mobility',
  side: 'one-then-other',
  main: ['feet'],
  helping: ['shins', 'calves'],
  everyday: 'feeling the floor under you',
  rpe: [1, 2],
  view: 80,
  dose: { sets: 1, reps: 10, restSeconds: 10 },
  gradedBy: ['intendedRpe', 'met', 'cognitiveLoad'],
  cues: { do: 'Draw letters in the air with the big toe.', breath: 'Breathe freely.', watch: 'The knee stays still, the ankle writes.' },
  steps: [
    {
      id: 'alphabet',
      on: 'seatBack',
      name: 'Ankle alphabet',
      poses: [[kick('right', 40, 90)], [leg('right', { flexion: 90, knee: 40, ankle: -26, rotation: 10 }), feet('right', 'free')]],
    },
    {
      id: 'scrunch',
      on: 'seat',
      name: 'Towel scrunch with the toes',
      step: 'the toes grip',
      poses: [[], [feet('right', 'ball'), leg('right', { ankle: -8 })]],
      do: 'Pull a towel towards you with the toes, let it go.',
      met: 1.7,
      needs: ['towel'],
    },
    {
      id: 'dome',
      on: 'hold2',
      name: 'Short foot, standing',
      step: 'on the feet',
      poses: [[], [leg('both', { rotation: 8 })]],
      do: 'Draw the ball of the foot towards the heel, toes long, hold.',
      met: 2,
    },
  ],
})

const bandSteps = ladder({
  ...LEGS,
  id: 'band-steps',
  bandRuns: 'thighs',
  name: 'Banded side steps',
  side: 'alternating',
  main: ['outer-hip', 'glutes'],
  helping: ['quadriceps'],
  everyday: 'holding the hips level when walking sideways',
  rpe: [3, 5.5],
  view: 15,
  tempo: { out: 1.5, stay: 0, back: 1.5 },
  declared: { travel: 'sideways', impactLevel: 1 },
  cues: {
    do: 'Push out against the band, small steps to the side.',
    breath: 'Count the steps aloud.',
    watch: 'Toes forward; never let the band snap the feet together.',
  },
  steps: [
    {
      on: 'seat',
      name: 'Seated, push the knees out against the band',
      with: 'band',
      kg: 2,
      poses: [[], [leg('both', { abduction: 20 })]],
      declared: { travel: 'none', impactLevel: 0 },
      cues: {
        do: 'Push the knees out against the band, let them in slowly.',
        setup: 'Check the band for nicks. Sit tall, feet flat, the band round both thighs.',
      },
    },
    {
      on: 'rail2',
      name: 'At the rail',
      with: 'band',
      kg: 3,
      poses: [[bend(14, 16, 4)], [bend(14, 16, 14), plants('left')]],
      bandRuns: 'thighs',
      cues: { setup: 'Check the band for nicks. The band round both thighs; face the rail, both hands on it.' },
    },
    {
      on: 'free',
      with: 'band',
      kg: 3,
      step: 'without hands',
      poses: [
        [bend(20, 24, 5), hands('both', 'hip')],
        [bend(20, 24, 16), hands('both', 'hip'), plants('left')],
      ],
      declared: { balanceDemand: 3 },
      cues: { setup: 'Check the band for nicks. The band round both thighs, clear floor, a steady chair in reach.' },
    },
    {
      id: 'crab',
      on: 'free',
      name: 'Wide crab steps',
      step: 'wide and low all the way',
      with: 'band',
      kg: 4,
      poses: [
        [bend(34, 38, 15), hands('both', 'hip')],
        [bend(34, 38, 22), hands('both', 'hip'), plants('left')],
      ],
      declared: { balanceDemand: 3 },
      met: 3.6,
      rpe: 6,
      cues: { setup: 'Check the band for nicks. The band round both thighs, clear floor, a steady chair in reach.' },
    },
  ],
})

const hipHike = ladder({
  ...SIDES,
  id: 'hip-hike',
  name: 'Hip hike',
  main: ['outer-hip', 'obliques'],
  helping: ['lower-back'],
  everyday: 'walking without a sway',
  rpe: [2, 4],
  view: 10,
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  cues: { do: 'Lift one hip straight up, lower it level.', breath: 'Out as it lifts.', watch: 'Shoulders stay level.' },
  steps: [
    { on: 'seat', name: 'Seated hip lifts', poses: [[], [spine({ sideBend: 9 })]] },
    { on: 'hold2', poses: [[], [leg('right', { abduction: 3, flexion: 4, knee: 10 }), feet('right', 'free')]], view: 170 },
    { on: 'hold1', poses: [[], [leg('right', { abduction: 3, flexion: 4, knee: 10 }), feet('right', 'free')]], view: 170 },
  ],
})

const floorPractice = ladder({
  ...SIDES,
  id: 'down-and-up',
  name: 'Down to the floor and up',
  main: ['quadriceps', 'glutes'],
  helping: ['shoulders', 'abdominals'],
  everyday: 'getting up again after a slip',
  rpe: [3, 5],
  view: 80,
  dose: { sets: 1, reps: 2, restSeconds: 60 },
  gradedBy: ['transferLevel', 'intendedRpe', 'kneeFlexionLoadedDeg'],
  cues: {
    do: 'Hands on the chair, one knee down, and back up the same way.',
    breath: 'Out to rise; wait before you let go.',
    watch: 'Strong leg up first; sit as soon as you are dizzy.',
  },
  steps: [
    {
      on: 'chairSeat2',
      name: 'Half way, hands on the seat of a chair',
      poses: [[split('right', 26, SHORT, 45)], [split('right', 50, SHORT, 48)]],
      declared: { abdominalPressure: 1, cognitiveLoad: 2, wristExtLoad: 2 },
      id: 'hold2',
      cues: {
        setup: 'Hands on the seat of a heavy chair against a wall, a cushion under the back knee.',
        do: 'One foot back, lower the back knee, rise with the front leg.',
      },
    },
    {
      id: 'low',
      on: 'chairSeat2',
      name: 'Low, hands on the seat, knee nearly to a cushion',
      step: 'lower',
      poses: [[split('right', 26, SHORT, 45)], [split('right', 70, SHORT, 48)]],
      declared: { abdominalPressure: 1, cognitiveLoad: 2, wristExtLoad: 2 },
      cues: {
        setup: 'Hands on the seat of a heavy chair against a wall, a cushion under the back knee.',
        do: 'One foot back, lower the back knee, rise with the front leg.',
      },
    },
    {
      id: 'one-knee',
      on: 'kneel',
      name: 'Half kneeling beside the chair, and up',
      step: 'a knee on the floor',
      poses: [
        [leg('right', { flexion: 88, knee: 92 }), feet('right', 'flat'), hands('left', 'chairSeat')],
        [leg('right', { flexion: 88, knee: 92 }), feet('right', 'flat'), lean(18), hands('left', 'chairSeat')],
      ],
      declared: { transferLevel: 3, balanceDemand: 3, breathHoldRisk: 2, abdominalPressure: 1, cognitiveLoad: 2 },
      met: 3.5,
      cues: {
        setup: 'A heavy chair against a wall beside you, its seat towards you; a pad under the knee.',
        do: 'Half kneel, one hand on the seat; lean forward and press to stand.',
      },
      props: ['seatAhead'],
      needs: ['chair'],
    },
    {
      id: 'free',
      on: 'kneel',
      name: 'Down and up without the chair, twice',
      step: 'without furniture',
      poses: [
        [leg('right', { flexion: 88, knee: 92 }), feet('right', 'flat')],
        [leg('right', { flexion: 92, knee: 96 }), feet('right', 'flat'), lean(12), hands('both', 'knee')],
      ],
      declared: { transferLevel: 4, balanceDemand: 4, breathHoldRisk: 2, abdominalPressure: 1, cognitiveLoad: 2 },
      met: 4,
      rpe: 6,
      cues: {
        setup: 'A pad under the knee, a heavy chair against a wall within reach.',
        do: 'One knee down, both, then the strong foot forward and up.',
      },
    },
  ],
})

const heelPress = ladder({
  ...SIDES,
  id: 'heel-press',
  name: 'Heel press',
  main: ['glutes', 'hamstrings'],
  helping: ['lower-back'],
  everyday: 'lifting the hips to pull a sheet straight',
  rpe: [2, 4],
  view: 85,
  tempo: { out: 2, stay: 4, back: 2 },
  cues: {
    do: 'Press one straight heel down, feel the buttock, let go.',
    breath: 'Count aloud while you press.',
    watch: 'Nothing lifts; only pressure.',
  },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, heel presses down',
      poses: [
        [leg('right', { flexion: 82, knee: 24, ankle: 10 }), feet('right', 'heel')],
        [leg('right', { flexion: 80, knee: 26, ankle: 12 }), feet('right', 'heel')],
      ],
    },
    {
      on: 'bedSupine',
      poses: [
        [leg('right', { flexion: 4, knee: 4 }), feet('right', 'free')],
        [leg('right', { flexion: 0, knee: 2, ankle: 8 }), feet('right', 'free')],
      ],
    },
    {
      on: 'supine',
      poses: [
        [leg('right', { flexion: 4, knee: 4 }), feet('right', 'free')],
        [leg('right', { flexion: 0, knee: 2, ankle: 8 }), feet('right', 'free')],
      ],
      met: 2,
    },
  ],
})

const legCircle = ladder({
  ...SIDES,
  id: 'leg-circle',
  name: 'Leg circles',
  main: ['outer-hip', 'hip-flexors'],
  helping: ['abdominals', 'glutes'],
  everyday: 'swinging a leg over the side of the bath',
  rpe: [2, 4],
  view: 20,
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  cues: { do: 'Draw slow circles with the foot, five each way.', breath: 'Breathe through the circle.', watch: 'Only the leg moves.' },
  steps: [
    { on: 'seat', poses: [[kick('right', 20)], [parts(leg('right', { flexion: 96, knee: 20, abduction: 22 }), feet('right', 'free'))]], view: 50 },
    { on: 'hold2', poses: [[legOut('right', 14, 16)], [legOut('right', 22, -8)]] },
    { on: 'hold1', poses: [[legOut('right', 14, 16)], [legOut('right', 24, -8)]], met: 2.6 },
  ],
})

const hipTurn = ladder({
  ...SIDES,
  id: 'hip-turn',
  name: 'Hip turns',
  purpose: 'mobility',
  phase: 'any',
  main: ['outer-hip', 'inner-thigh'],
  helping: ['hip-flexors'],
  everyday: 'swinging the feet into the car',
  rpe: [1, 2.5],
  view: 15,
  dose: { sets: 1, reps: 8, restSeconds: 15 },
  cues: { do: 'The knee stays; the foot swings out and in.', breath: 'Breathe freely.', watch: 'No pain in groin or knee.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, small', poses: [[], [leg('right', { rotation: -12 })]] },
    {
      on: 'seat',
      name: 'Sitting tall, foot off the floor',
      step: 'further, the foot is free',
      poses: [[lift('right', 96, 88)], [leg('right', { flexion: 104, knee: 88, rotation: -26 }), feet('right', 'free')]],
    },
    {
      on: 'hold2',
      name: 'Standing, toes in and out',
      poses: [[leg('right', { rotation: 20 })], [leg('right', { rotation: -20 })]],
      cues: { do: 'Turn the toes in, then out, on both heels.' },
    },
  ],
})

export const LOWER = [
  hipTurn,
  squat,
  wideSquat,
  squatSideLift,
  squatKneeRaise,
  squatRise,
  splitStance,
  backStep,
  sideLunge,
  curtsy,
  deadlift,
  oneLegHinge,
  legExtension,
  straightLegLift,
  heelSlide,
  backLegLift,
  hamstringCurl,
  innerThigh,
  clam,
  anklePump,
  toeRaise,
  footWork,
  bandSteps,
  hipHike,
  floorPractice,
  heelPress,
  legCircle,
]
