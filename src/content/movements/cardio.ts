import { arm, feet, hands, lean, leg, plants, spine, weightOn } from '@/core/body'
import { ladder } from '@/core/movement'
import {
  behind,
  bend,
  diagonal,
  front,
  heelDig,
  kick,
  legBack,
  lift,
  parts,
  reach,
  SHORT,
  split,
  stride,
  swing,
  swingBack,
  tap,
  wide,
} from './shapes'

const RHYTHM = {
  purpose: 'aerobic',
  phase: 'any',
  side: 'alternating',
  tempo: { out: 1, back: 1 },
  dose: { reps: undefined, workSeconds: 45, restSeconds: 15 },
} as const
const SOFT = { impactLevel: 1 } as const
const ON_SPOT = { impactLevel: 1, travel: 'on-spot' } as const

const stepTouch = ladder({
  ...RHYTHM,
  id: 'step-touch',
  name: 'Step touch',
  main: ['outer-hip', 'quadriceps'],
  helping: ['calves', 'shoulders'],
  everyday: 'stepping aside for somebody in a doorway',
  rpe: [2, 4],
  declared: { travel: 'sideways' },
  cues: {
    do: 'Step to the side, bring the other foot in, and back again.',
    breath: 'Easy, in time with the steps.',
    watch: 'Land softly, knees loose.',
  },
  steps: [
    { on: 'seat', name: 'Seated, foot out and in', poses: [[], [leg('right', { abduction: 22, knee: 75 })]], declared: { travel: 'none' } },
    { on: 'hold2', poses: [[], [leg('both', { abduction: 11 }), plants('left')]], declared: SOFT },
    { on: 'free', poses: [[], [leg('both', { abduction: 13 }), plants('left')]], declared: { ...SOFT, balanceDemand: 3 } },
    {
      id: 'arms',
      on: 'free',
      name: 'Standing free, arms push and pull',
      step: 'the arms work too',
      poses: [[front(70, 70)], [front(82, 8), leg('both', { abduction: 13 }), plants('left')]],
      declared: { ...SOFT, balanceDemand: 4, cognitiveLoad: 1 },
      met: 4,
    },
  ],
  view: 15,
})

const wideNarrow = ladder({
  ...RHYTHM,
  id: 'wide-narrow-march',
  name: 'Wide and narrow march',
  main: ['hip-flexors', 'outer-hip'],
  helping: ['inner-thigh', 'calves'],
  everyday: 'changing your footing on a crowded pavement',
  rpe: [2, 4],
  declared: { cognitiveLoad: 1 },
  cues: { do: 'March four with feet wide, four with feet close.', breath: 'Breathe with the beat.', watch: 'Feet land flat and quiet.' },
  steps: [
    { on: 'seat', poses: [[lift('right', 102, 88, 18)], [lift('left', 102, 88, 18)]] },
    { on: 'hold2', poses: [[lift('right', 40, 74, 10)], [lift('left', 40, 74, 10)]], declared: { ...SOFT, travel: 'on-spot' } },
    {
      on: 'free',
      poses: [
        [lift('right', 45, 60, 10), swing()],
        [lift('left', 45, 60, 10), swingBack()],
      ],
      declared: { ...SOFT, travel: 'on-spot', balanceDemand: 3 },
    },
  ],
  view: 15,
})

const tapPattern = ladder({
  ...RHYTHM,
  id: 'tap-pattern',
  name: 'Toe taps round the clock',
  purpose: 'coordination',
  main: ['hip-flexors', 'outer-hip'],
  helping: ['calves', 'glutes'],
  everyday: 'placing the foot just where you want it',
  rpe: [1.5, 3],
  tempo: { out: 1.5, back: 1.5 },
  cues: { do: 'Tap the toes in front, to the side, behind, and home.', breath: 'Breathe through it.', watch: 'The standing knee stays soft.' },
  declared: { cognitiveLoad: 1 },
  steps: [
    {
      on: 'seat',
      poses: [[], [leg('right', { flexion: 88, knee: 50 })], [leg('right', { abduction: 24, knee: 75 })]],
      declared: { cognitiveLoad: 2 },
      cues: { watch: 'Sit tall; the foot does the work.' },
    },
    {
      on: 'hold2',
      poses: [[], [leg('right', { flexion: 12, abduction: 20, knee: 4, ankle: -24 }), feet('right', 'touch')], [tap('right', 'side')]],
      declared: { travel: 'on-spot', cognitiveLoad: 2 },
      cues: { do: 'Tap the toes out in front beside the chair, to the side, and home.', watch: 'Toes stay clear of the chair’s legs.' },
    },
    {
      on: 'hold1',
      poses: [[], [tap('right', 'front')], [tap('right', 'side')], [tap('right', 'back')]],
      declared: { travel: 'on-spot', cognitiveLoad: 2 },
      side: 'one-then-other',
    },
    {
      on: 'free',
      step: 'without hands, arms answer',
      poses: [[], [tap('right', 'front'), swingBack()], [tap('right', 'side'), wide(60)]],
      declared: { travel: 'on-spot', balanceDemand: 3, cognitiveLoad: 2 },
    },
  ],
  view: 15,
})

const heelDigs = ladder({
  ...RHYTHM,
  id: 'heel-dig',
  name: 'Heel digs',
  main: ['shins', 'hip-flexors'],
  helping: ['shoulders', 'quadriceps'],
  everyday: 'lifting the toes so they do not catch on the rug',
  rpe: [2, 4],
  cues: { do: 'Heel to the front, toes up, then the other side.', breath: 'Easy breath on every dig.', watch: 'Tall back; do not sit into the hip.' },
  steps: [
    { on: 'seatBack', poses: [[], [heelDig('right', true)]] },
    {
      on: 'seat',
      name: 'Sitting tall, arms push',
      step: 'the arms push too',
      poses: [[front(50, 110)], [heelDig('right', true), front(80, 8)]],
      met: 2.6,
    },
    {
      on: 'hold2',
      poses: [[], [leg('right', { flexion: 12, abduction: 18, knee: 2, ankle: 14 }), feet('right', 'heel')]],
      declared: ON_SPOT,
      cues: { do: 'Heel out in front beside the chair, toes up, then the other side.', watch: 'Heels stay clear of the chair’s legs.' },
    },
    {
      on: 'free',
      name: 'Standing free, arms swing',
      poses: [[], [heelDig('right'), swingBack()]],
      declared: { ...ON_SPOT, balanceDemand: 3 },
    },
  ],
})

const vStep = ladder({
  ...RHYTHM,
  id: 'v-step',
  name: 'V-step',
  main: ['outer-hip', 'quadriceps'],
  helping: ['calves', 'inner-thigh'],
  everyday: 'walking round furniture without looking down',
  rpe: [2, 4],
  declared: { cognitiveLoad: 1 },
  cues: {
    do: 'Out, out, in, in: two wide steps forward, two back home.',
    breath: 'One breath a round.',
    watch: 'Keep the same foot leading until told to change.',
  },
  steps: [
    { on: 'seat', poses: [[], [leg('both', { abduction: 20, knee: 65 })]], declared: { cognitiveLoad: 2 } },
    {
      on: 'hold2',
      poses: [[], [leg('both', { abduction: 13, flexion: 5, knee: 6 }), plants('left')]],
      declared: { ...SOFT, travel: 'on-spot', cognitiveLoad: 2 },
      cues: {
        setup: 'Stand a long arm from a chair set against a wall; fingertips on its back.',
        do: 'Small steps: out, out, in, in.',
        watch: 'Steps stay clear of the chair’s legs.',
      },
    },
    {
      on: 'free',
      poses: [[], [leg('right', { flexion: 20, abduction: 20, knee: 12 }), swingBack()]],
      declared: { ...SOFT, travel: 'forward', balanceDemand: 3, cognitiveLoad: 2 },
    },
    {
      id: 'low',
      on: 'free',
      name: 'Standing free, sinking on the wide steps',
      step: 'lower in the wide steps',
      poses: [
        [],
        [bend(20, 24, 3), leg('right', { flexion: 34, abduction: 20, knee: 26 }), front(40, 40), plants('left')],
        [bend(35, 42, 18), front(60, 40), plants('right')],
      ],
      declared: { ...SOFT, travel: 'forward', balanceDemand: 3, cognitiveLoad: 2 },
      met: 4.2,
    },
  ],
  view: 15,
})

const grapevine = ladder({
  ...RHYTHM,
  id: 'grapevine',
  name: 'Grapevine',
  purpose: 'coordination',
  main: ['outer-hip', 'inner-thigh'],
  helping: ['calves', 'glutes'],
  everyday: 'side-stepping along a row of seats',
  rpe: [2, 4],
  tempo: { out: 1.5, back: 1.5 },
  declared: { cognitiveLoad: 2, travel: 'sideways' },
  cues: {
    do: 'Side, behind, side, together; then back the other way.',
    breath: 'Out as you close the feet.',
    watch: 'Slow steps until the feet know the way.',
  },
  steps: [
    {
      on: 'seat',
      name: 'Seated, feet walk to the side and back',
      poses: [[], [leg('both', { rotation: -8, abduction: 14 })]],
      declared: { cognitiveLoad: 1, travel: 'none' },
      cues: { do: 'Feet walk to the side: out, in, out, in; then back.' },
    },
    {
      on: 'rail2',
      name: 'At the rail, side and together',
      poses: [[], [leg('both', { abduction: 13 }), plants('left')]],
      declared: { ...SOFT, cognitiveLoad: 1 },
      cues: { do: 'Step to the side, feet together, again; then back along the rail.' },
    },
    {
      id: 'rail-behind',
      on: 'rail2',
      name: 'At the rail, with the step behind',
      step: 'one foot passes behind',
      poses: [
        [],
        [leg('both', { abduction: 13 }), plants('left')],
        [leg('left', { abduction: -18, flexion: -10, ankle: -20 }), feet('left', 'ball'), weightOn(0.62), plants('right')],
      ],
      declared: SOFT,
      met: 2.8,
    },
    {
      on: 'free',
      poses: [
        [],
        [leg('both', { abduction: 13 }), wide(35), plants('left')],
        [leg('left', { abduction: -18, flexion: -10, ankle: -20 }), feet('left', 'ball'), wide(35), plants('right')],
      ],
      declared: { ...SOFT, balanceDemand: 4 },
    },
  ],
  view: 15,
})

const curlStep = ladder({
  ...RHYTHM,
  id: 'curl-step',
  name: 'Heel curl steps',
  main: ['hamstrings'],
  helping: ['upper-back', 'calves'],
  everyday: 'picking the feet up behind you on rough ground',
  rpe: [2, 4.5],
  cues: { do: 'Step and draw one heel towards the seat, then the other.', breath: 'Out as the heel comes up.', watch: 'Knees stay near each other.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated, heel slides under the chair',
      poses: [[], [leg('right', { knee: 108, ankle: -20 }), feet('right', 'ball')]],
    },
    { on: 'hold2', poses: [[], [legBack('right', 4, 75)]], declared: ON_SPOT },
    { on: 'hold1', poses: [[], [legBack('right', 4, 80)]], declared: ON_SPOT, met: 3.2 },
    {
      on: 'free',
      name: 'Standing free, arms pull',
      step: 'without hands, arms pull back',
      poses: [[front(60, 10)], [legBack('right', 4, 85), behind(25, 95)]],
      declared: { ...ON_SPOT, balanceDemand: 4 },
    },
  ],
})

const kneeLiftStep = ladder({
  ...RHYTHM,
  id: 'knee-lift-step',
  name: 'Knee lifts',
  main: ['hip-flexors', 'abdominals'],
  helping: ['quadriceps', 'shoulders'],
  everyday: 'climbing stairs without the rail',
  rpe: [2, 5],
  cues: {
    do: 'Lift one knee to a comfortable height, then the other.',
    breath: 'Out as the knee lifts.',
    watch: 'Stand tall; the back stays straight.',
  },
  steps: [
    { on: 'seatBack', poses: [[], [lift('right', 102, 92)]], cues: { watch: 'The back keeps its contact with the chair.' } },
    { on: 'hold2', poses: [[], [lift('right', 48, 84)]], declared: ON_SPOT },
    { on: 'hold1', poses: [[], [lift('right', 70, 82)]], declared: ON_SPOT, met: 3.3 },
    { on: 'free', poses: [[], [lift('right', 72, 85), swingBack()]], declared: { ...ON_SPOT, balanceDemand: 4 } },
    {
      id: 'pull',
      on: 'free',
      name: 'Standing free, arms pull down',
      step: 'both arms pull to the knee',
      poses: [[front(130, 10)], [lift('right', 78, 88), front(40, 70)]],
      declared: { ...ON_SPOT, balanceDemand: 4, cognitiveLoad: 1 },
      met: 4.3,
      cues: { do: 'Lift one knee and pull both arms down to it; change.' },
    },
  ],
})

const sideShuffle = ladder({
  ...RHYTHM,
  id: 'side-shuffle',
  name: 'Side shuffle',
  main: ['outer-hip', 'quadriceps'],
  helping: ['inner-thigh', 'calves'],
  everyday: 'a quick step aside when somebody stumbles into you',
  rpe: [2, 5],
  declared: { travel: 'sideways' },
  cues: {
    do: 'Three small steps to one side, pause, three back.',
    breath: 'Keep breathing; count the steps aloud.',
    watch: 'Back straight, knees over the toes.',
  },
  steps: [
    {
      on: 'seat',
      name: 'Seated, feet patter to the side',
      poses: [[], [leg('both', { rotation: -8, abduction: 12 })]],
      declared: { travel: 'none', cognitiveLoad: 1 },
    },
    {
      on: 'rail2',
      poses: [[bend(12, 14)], [bend(12, 14, 13), plants('left')]],
      declared: { ...SOFT, cognitiveLoad: 1 },
    },
    {
      on: 'free',
      name: 'Standing free, slow',
      poses: [[bend(18, 20)], [bend(18, 20, 15), plants('left')]],
      declared: { ...SOFT, balanceDemand: 3, cognitiveLoad: 1 },
    },
    {
      id: 'brisk',
      on: 'free',
      name: 'Standing free, brisk and low',
      step: 'lower and quicker',
      tempo: { out: 0.8, back: 0.8 },
      poses: [
        [bend(32, 36), front(45, 80)],
        [bend(32, 36, 16), front(45, 80), plants('left')],
      ],
      declared: { impactLevel: 2, balanceDemand: 4, cognitiveLoad: 1 },
      met: 5,
    },
  ],
  view: 15,
})

const jog = ladder({
  ...RHYTHM,
  id: 'jog',
  name: 'Easy jog',
  main: ['calves', 'quadriceps'],
  helping: ['hip-flexors', 'shoulders'],
  everyday: 'catching the bus that is about to leave',
  rpe: [3, 5.5],
  cues: { do: 'Light, quick feet, arms in time.', breath: 'You can still say a sentence.', watch: 'Land softly; slow to a march whenever you like.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Seated jog, arms only',
      poses: [[swing()], [swingBack()]],
      met: 2.4,
      cues: { do: 'Quick, light arms as if jogging; the feet stay down.' },
    },
    {
      on: 'seat',
      name: 'Seated jog',
      step: 'the feet join in',
      tempo: { out: 0.8, back: 0.8 },
      poses: [
        [swing(), lift('left', 96, 92)],
        [swingBack(), lift('right', 96, 92)],
      ],
      met: 3,
    },
    {
      on: 'hold2',
      name: 'Heel lifts in quick turns, two hands on the chair',
      poses: [
        [feet('right', 'ball'), leg('right', { knee: 22, flexion: 14, ankle: -28 })],
        [feet('left', 'ball'), leg('left', { knee: 22, flexion: 14, ankle: -28 })],
      ],
      declared: { ...SOFT, travel: 'on-spot' },
      met: 3.4,
      cues: { do: 'Lift one heel, then the other, in quick light turns.' },
    },
    {
      on: 'free',
      name: 'Jog on the spot',
      tempo: { out: 0.5, back: 0.5 },
      poses: [
        [lift('right', 28, 55), swingBack()],
        [lift('left', 28, 55), swing()],
      ],
      declared: { impactLevel: 3, travel: 'on-spot', balanceDemand: 4, ankleLoad: 3, abdominalPressure: 1 },
      met: 6,
    },
  ],
})

const jack = ladder({
  ...RHYTHM,
  id: 'jack',
  name: 'Star steps',
  main: ['shoulders', 'outer-hip'],
  helping: ['calves', 'upper-back'],
  everyday: 'putting arms and legs to work at once',
  rpe: [2, 5.5],
  side: 'both',
  cues: { do: 'Arms and legs open, arms and legs close.', breath: 'In as you open, out as you close.', watch: 'Low back quiet, landings soft.' },
  steps: [
    { on: 'seat', name: 'Seated star, feet slide', poses: [[], [leg('both', { abduction: 22, knee: 75 }), wide(75)]] },
    {
      id: 'seat-high',
      on: 'seat',
      name: 'Seated star, arms high',
      step: 'arms above the shoulders',
      poses: [[], [leg('both', { abduction: 24, knee: 60 }), wide(140)]],
      met: 3,
    },
    {
      on: 'hold2',
      name: 'Side taps, two hands on the chair',
      poses: [[], [tap('right', 'side')]],
      side: 'alternating',
      declared: SOFT,
      met: 3.1,
      cues: { do: 'Tap one foot out to the side, bring it home, change.' },
    },
    {
      on: 'free',
      name: 'Step out with arms',
      poses: [[], [leg('both', { abduction: 14 }), plants('left'), wide(120)]],
      side: 'alternating',
      declared: { ...SOFT, balanceDemand: 4, travel: 'sideways' },
      met: 4,
    },
    {
      id: 'jump',
      on: 'free',
      name: 'Jumping star',
      step: 'both feet leave the floor',
      tempo: { out: 0.7, back: 0.7 },
      poses: [[], [leg('both', { abduction: 20, knee: 12, flexion: 10 }), wide(140)]],
      declared: { impactLevel: 3, balanceDemand: 4, travel: 'on-spot', ankleLoad: 3, abdominalPressure: 2 },
      met: 7,
    },
  ],
  view: 15,
})

const punch = ladder({
  ...RHYTHM,
  id: 'punch',
  name: 'Straight punches',
  main: ['shoulders', 'chest'],
  helping: ['triceps', 'abdominals'],
  everyday: 'pushing a door that sticks',
  rpe: [2, 5],
  cues: { do: 'One fist forward, one home at the ribs.', breath: 'Short breath out on every punch.', watch: 'Elbow stays a little soft.' },
  steps: [
    {
      on: 'seatBack',
      poses: [
        [reach('right', 75, 88, 8), reach('left', 20, 60, 120)],
        [reach('left', 75, 88, 8), reach('right', 20, 60, 120)],
      ],
    },
    {
      on: 'seat',
      name: 'Sitting tall, feet march',
      step: 'the feet march too',
      poses: [
        [reach('right', 80, 88, 8), reach('left', 20, 60, 120), lift('left', 98)],
        [reach('left', 80, 88, 8), reach('right', 20, 60, 120), lift('right', 98)],
      ],
      met: 2.9,
      cues: { do: 'March the feet; one fist forward, one home at the ribs.' },
    },
    {
      on: 'free',
      name: 'Standing, soft knees',
      poses: [
        [bend(18), reach('right', 82, 88, 8), reach('left', 20, 60, 120)],
        [bend(18), reach('left', 82, 88, 8), reach('right', 20, 60, 120)],
      ],
    },
  ],
})

const crossPunch = ladder({
  ...RHYTHM,
  id: 'cross-punch',
  name: 'Cross punches',
  main: ['obliques', 'shoulders'],
  helping: ['chest', 'calves'],
  everyday: 'reaching across for the seat belt',
  rpe: [2, 5],
  declared: { cognitiveLoad: 1 },
  cues: {
    do: 'Punch across the body; chest turns a little, hips stay.',
    breath: 'Out on the punch.',
    watch: 'The turn comes from the ribs, not the knees.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, arms only', poses: [[], [reach('right', 70, 105, 10)]] },
    {
      on: 'seat',
      name: 'Sitting tall, with a turn',
      step: 'the chest turns',
      poses: [
        [spine({ twist: -16 }), reach('left', 78, 105, 10)],
        [spine({ twist: 16 }), reach('right', 78, 105, 10)],
      ],
      met: 2.7,
    },
    {
      on: 'free',
      name: 'Standing, heel lifts with the turn',
      poses: [[], [spine({ twist: 18 }), reach('right', 80, 105, 10), feet('right', 'ball'), leg('right', { knee: 18, flexion: 12, ankle: -24 })]],
      declared: { ...ON_SPOT, balanceDemand: 4 },
      met: 4,
    },
  ],
})

const highLowPunch = ladder({
  ...RHYTHM,
  id: 'high-low-punch',
  name: 'High and low punches',
  main: ['shoulders', 'quadriceps'],
  helping: ['glutes', 'abdominals'],
  everyday: 'a top cupboard and a bottom drawer in one go',
  rpe: [2, 5],
  declared: { cognitiveLoad: 1 },
  cues: { do: 'Two punches up, two punches low.', breath: 'Out on each punch.', watch: 'Chest stays proud when you go low.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, up and forward', poses: [[front(120, 30)], [front(60, 20)]] },
    {
      on: 'seat',
      name: 'Sitting tall, higher and lower',
      step: 'further up and down',
      poses: [[front(150, 12)], [lean(14), front(40, 15)]],
      met: 2.7,
    },
    {
      on: 'free',
      name: 'Standing, quarter squat',
      poses: [[front(150, 12)], [bend(38, 48), front(50, 15)]],
      declared: { balanceDemand: 3 },
      met: 4.3,
    },
  ],
})

const ropePull = ladder({
  ...RHYTHM,
  id: 'rope-pull',
  name: 'Rope pull',
  main: ['upper-back', 'shoulders'],
  helping: ['biceps', 'abdominals'],
  everyday: 'hauling a boat onto the slip',
  rpe: [2, 4],
  cues: {
    do: 'Reach high, pull the rope down to the ribs, hand after hand.',
    breath: 'Out on the pull.',
    watch: 'Pull with the elbow; shoulders low.',
  },
  steps: [
    {
      on: 'seatBack',
      poses: [
        [reach('right', 110, 70, 20), reach('left', 20, 40, 110)],
        [reach('left', 110, 70, 20), reach('right', 20, 40, 110)],
      ],
    },
    {
      on: 'seat',
      step: 'sitting free, longer reach',
      poses: [
        [reach('right', 145, 70, 12), reach('left', 20, 40, 115)],
        [reach('left', 145, 70, 12), reach('right', 20, 40, 115)],
      ],
    },
    {
      on: 'free',
      name: 'Standing, sitting back into the pull',
      poses: [
        [bend(24, 30), reach('right', 150, 70, 12), reach('left', 20, 40, 115)],
        [bend(24, 30), reach('left', 150, 70, 12), reach('right', 20, 40, 115)],
      ],
      declared: { balanceDemand: 3 },
    },
  ],
})

const swim = ladder({
  ...RHYTHM,
  id: 'swim-arms',
  name: 'Swimming arms',
  phase: 'warm-up',
  purpose: 'mobility',
  main: ['shoulders', 'upper-back'],
  helping: ['chest'],
  everyday: 'getting an arm into a coat sleeve',
  rpe: [1, 2],
  tempo: { out: 2, back: 2 },
  cues: {
    do: 'Long, slow strokes, one arm after the other.',
    breath: 'Breathe as if the water were calm.',
    watch: 'Stay under the height that pinches.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, breaststroke', poses: [[front(60, 60)], [wide(60, 15)]], side: 'both' },
    {
      on: 'seat',
      name: 'Sitting tall, front crawl',
      step: 'one arm over the shoulder line',
      poses: [
        [reach('right', 120, 70, 25), reach('left', 20, -70, 20)],
        [reach('left', 120, 70, 25), reach('right', 20, -70, 20)],
      ],
    },
    {
      on: 'free',
      name: 'Standing, backstroke',
      step: 'standing, further back',
      poses: [
        [reach('right', 140, 45, 12), reach('left', 30, -70, 12)],
        [reach('left', 140, 45, 12), reach('right', 30, -70, 12)],
      ],
    },
  ],
})

const armSwing = ladder({
  ...RHYTHM,
  id: 'arm-swing',
  name: 'Loose arm swings',
  phase: 'warm-up',
  purpose: 'mobility',
  main: ['shoulders', 'chest'],
  helping: ['upper-back'],
  everyday: 'walking with a free swing',
  rpe: [1, 2],
  side: 'both',
  cues: { do: 'Let the arms swing open and cross in front.', breath: 'In as they open.', watch: 'No forcing; the weight of the arm is enough.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, small swings',
      poses: [
        [reach('right', 25, 88, 20), reach('left', 20, -80, 20)],
        [reach('left', 25, 88, 20), reach('right', 20, -80, 20)],
      ],
    },
    {
      on: 'seat',
      name: 'Sitting tall, open and cross',
      step: 'wider, at rib height',
      poses: [[wide(55, 15)], [arm('both', { raise: 60, plane: 112, elbow: 40 })]],
    },
    {
      on: 'free',
      name: 'Standing, knees dip with the swing',
      poses: [[wide(65, 12)], [bend(18), arm('both', { raise: 65, plane: 112, elbow: 35 })]],
      declared: { balanceDemand: 3 },
    },
  ],
})

const skater = ladder({
  ...RHYTHM,
  id: 'side-glide',
  name: 'Side glide',
  main: ['outer-hip', 'quadriceps'],
  helping: ['obliques', 'shoulders'],
  everyday: 'moving along a bench to make room',
  rpe: [2, 4.5],
  declared: { travel: 'sideways' },
  cues: {
    do: 'Glide the weight to one side, let the other foot trail, glide back.',
    breath: 'Out as you push off.',
    watch: 'Push from the whole foot, knee over toes.',
  },
  steps: [
    {
      on: 'seat',
      name: 'Seated, weight from hip to hip',
      poses: [
        [spine({ sideBend: -7 }), wide(35)],
        [spine({ sideBend: 7 }), wide(35)],
      ],
      declared: { travel: 'none' },
    },
    {
      on: 'rail2',
      poses: [[], [leg('right', { abduction: 20, flexion: 20, knee: 24 }), leg('left', { abduction: 20 }), plants('left')]],
      declared: SOFT,
    },
    {
      on: 'free',
      name: 'Standing free, arm sweeps over',
      poses: [
        [],
        [
          leg('right', { abduction: 20, flexion: 24, knee: 28 }),
          leg('left', { abduction: 20 }),
          plants('left'),
          reach('left', 120, 30, 15),
          reach('right', 40, 5, 10),
        ],
      ],
      declared: { ...SOFT, balanceDemand: 4 },
    },
  ],
  view: 15,
})

const rockingHorse = ladder({
  ...RHYTHM,
  id: 'rocking-horse',
  name: 'Rocking horse',
  main: ['glutes', 'hip-flexors'],
  helping: ['hamstrings', 'abdominals'],
  everyday: 'catching your weight when a train starts',
  rpe: [2, 4.5],
  cues: {
    do: 'Rock forward and lift the back heel, rock back and lift the front toes.',
    breath: 'One breath each way.',
    watch: 'Rock from the hips, chest stays up.',
  },
  steps: [
    { on: 'seat', name: 'Seated rock from the hips', poses: [[lean(-6)], [lean(16)]], side: 'both' },
    {
      id: 'hold2',
      on: 'rails2',
      poses: [
        [split('right', 6)],
        [leg('right', { flexion: 30, knee: 4, ankle: 14 }), feet('right', 'heel'), leg('left', { flexion: -4, knee: 8 }), weightOn(-0.3)],
      ],
      side: 'one-then-other',
    },
    {
      on: 'hold1',
      poses: [
        [split('right', 8, SHORT)],
        [leg('right', { flexion: 14, knee: 4, ankle: 14 }), feet('right', 'heel'), leg('left', { flexion: -4, knee: 8 }), weightOn(-0.3)],
      ],
      declared: ON_SPOT,
      met: 3.2,
      side: 'one-then-other',
    },
    {
      on: 'free',
      name: 'Standing free, knee in front',
      poses: [
        [legBack('right', 10, 40), swing()],
        [lift('right', 60, 75), swingBack()],
      ],
      declared: { ...ON_SPOT, balanceDemand: 4 },
      met: 4,
      side: 'one-then-other',
    },
  ],
})

const pedal = ladder({
  ...RHYTHM,
  id: 'pedal',
  name: 'Seated pedalling',
  main: ['quadriceps', 'hip-flexors'],
  helping: ['calves', 'hamstrings'],
  everyday: 'keeping the legs moving on a long journey',
  rpe: [2, 5],
  view: 80,
  cues: {
    do: 'Draw circles with the feet as on a small bicycle.',
    breath: 'Talk while you pedal.',
    watch: 'Sit back on the whole seat; heels follow the toes.',
  },
  steps: [
    { on: 'seatBack', name: 'One foot draws circles', poses: [[kick('right', 60, 92)], [kick('right', 85, 102)]], side: 'one-then-other' },
    {
      id: 'both',
      on: 'seatBack',
      name: 'Both feet, easy',
      step: 'both feet in turn',
      poses: [
        [kick('right', 55, 92), lift('left', 104, 88)],
        [kick('left', 55, 92), lift('right', 104, 88)],
      ],
      declared: { abdominalPressure: 2 },
      met: 2.8,
    },
    {
      id: 'brisk',
      on: 'seatBack',
      name: 'Both feet, brisk',
      step: 'quicker',
      tempo: { out: 0.8, back: 0.8 },
      poses: [
        [kick('right', 50, 92), lift('left', 106, 88)],
        [kick('left', 50, 92), lift('right', 106, 88)],
      ],
      declared: { abdominalPressure: 2 },
      met: 3.5,
    },
  ],
})

const wheelPush = ladder({
  ...RHYTHM,
  id: 'wheel-push',
  name: 'Wheel push',
  main: ['chest', 'triceps'],
  helping: ['shoulders', 'abdominals'],
  everyday: 'rolling up the ramp to the boathouse',
  rpe: [2, 5],
  side: 'both',
  view: 75,
  cues: {
    do: 'Hands back on the rims, one long push, let them return.',
    breath: 'Out on the push.',
    watch: 'Shoulders low; long strokes rather than quick ones.',
  },
  steps: [
    {
      on: 'seatBack',
      name: 'Pattern without pushing',
      poses: [[behind(25, 70)], [front(35, 25)]],
      cues: {
        setup: 'Brakes on. Sit right back; the hands slide along the rims.',
        do: 'Trace the push: hands back, forward along the rim, and home.',
      },
    },
    {
      on: 'seat',
      name: 'Long strokes, leaning a little',
      step: 'longer stroke from the trunk',
      poses: [
        [lean(4), behind(35, 70)],
        [lean(12), front(40, 15)],
      ],
      cues: {
        setup: 'Brakes on. Sit right back; the hands slide along the rims.',
        do: 'One long push, lean with it a little, let the hands return.',
      },
    },
    {
      id: 'brisk',
      on: 'seat',
      name: 'Brisk strokes',
      step: 'quicker',
      tempo: { out: 0.8, back: 0.8 },
      poses: [
        [lean(6), behind(35, 75)],
        [lean(14), front(42, 15)],
      ],
      met: 3.6,
      cues: {
        setup: 'Brakes on. Sit right back; the hands slide along the rims.',
        do: 'Quick even strokes, hands low on the return.',
        watch: 'Shoulders stay low; slow down before they lift.',
      },
    },
  ],
  seatIs: 'wheelchair',
})

const walk = ladder({
  ...RHYTHM,
  id: 'walk',
  name: 'Walking',
  main: ['calves', 'quadriceps'],
  helping: ['glutes', 'hip-flexors'],
  everyday: 'to the shop and back',
  rpe: [2, 4.5],
  dose: { reps: undefined, workSeconds: 60, restSeconds: 20 },
  cues: { do: 'Walk with a heel-to-toe step, eyes ahead.', breath: 'Easy enough to chat.', watch: 'Look where the floor is clear.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated walk',
      poses: [
        [swing(), lift('left', 96)],
        [swingBack(), lift('right', 96)],
      ],
      cues: { do: 'Walk with the feet, heel to toe, arms swinging.', watch: 'Sit tall; feet land softly.' },
    },
    {
      on: 'rail2',
      name: 'Side by side with the rail',
      poses: [[], [leg('both', { abduction: 9 }), plants('left')]],
      declared: { ...SOFT, travel: 'sideways' },
      met: 2.8,
      cues: {
        setup: 'Face the rail, both hands on it.',
        do: 'Side-step along the rail: step, together, step, together.',
        watch: 'Toes point to the rail; small steps.',
      },
      view: 15,
    },
    {
      on: 'free',
      name: 'Walk the length of the hall',
      poses: [
        [stride('right'), swingBack()],
        [stride('left'), swing()],
      ],
      declared: { ...SOFT, travel: 'forward', balanceDemand: 3 },
      met: 3,
    },
    {
      id: 'brisk',
      on: 'free',
      name: 'Brisk walk',
      step: 'quicker, longer steps',
      tempo: { out: 0.7, back: 0.7 },
      poses: [
        [stride('right', 20), swingBack(45)],
        [stride('left', 20), swing(45)],
      ],
      declared: { impactLevel: 2, travel: 'forward', balanceDemand: 4 },
      met: 4.3,
    },
  ],
})

const stepUp = ladder({
  ...RHYTHM,
  id: 'step-up',
  name: 'Step taps and step-ups',
  main: ['quadriceps', 'glutes'],
  helping: ['calves', 'hip-flexors'],
  everyday: 'getting onto the bus',
  rpe: [2, 5],
  view: 75,
  cues: {
    do: 'Whole foot on the step, up, and down with control.',
    breath: 'Out as you rise.',
    watch: 'The step does not slide; the whole heel is on it.',
  },
  steps: [
    { on: 'seat', name: 'Seated step taps', poses: [[], [lift('right', 100, 70)]] },
    {
      on: 'rails2',
      name: 'Taps on the step, a hand on each rail',
      with: 'step',
      poses: [[], [lift('right', 60, 75)], [leg('right', { flexion: 40, knee: 42 }), feet('right', 'step')]],
      declared: { ...SOFT, travel: 'on-spot', externalLoadType: 'platform', kneeFlexionLoadedDeg: 60 },
      id: 'rail2',
      cues: {
        setup: 'A step that cannot slide between two rails; a hand on each.',
        do: 'Set one whole foot on the step, take it back, change.',
        watch: 'The weight stays on the standing leg.',
      },
    },
    {
      id: 'up',
      on: 'rails2',
      name: 'Step up, a hand on each rail',
      step: 'the body follows',
      with: 'step',
      poses: [
        [],
        [lift('right', 60, 75)],
        [leg('right', { flexion: 40, knee: 42 }), feet('right', 'step')],
        [leg('right', { flexion: 6, knee: 6 }), feet('right', 'step'), lift('left', 14, 40)],
        [leg('both', { flexion: 3, knee: 3 }), feet('both', 'step')],
      ],
      declared: { impactLevel: 1, travel: 'forward', externalLoadType: 'platform', kneeFlexionLoadedDeg: 60 },
      met: 4,
      cues: { setup: 'A step that cannot slide between two rails; a hand on each.' },
      still: 3,
    },
  ],
})

const stepReach = ladder({
  ...RHYTHM,
  id: 'step-reach',
  name: 'Step and reach',
  purpose: 'coordination',
  main: ['outer-hip', 'shoulders'],
  helping: ['obliques', 'quadriceps'],
  everyday: 'taking a jar from the far end of the shelf',
  rpe: [2, 3.5],
  tempo: { out: 2, back: 2 },
  declared: { cognitiveLoad: 1 },
  cues: {
    do: 'Step first, then reach; bring hand and foot home.',
    breath: 'In to reach, out to return.',
    watch: 'Never reach further than the step.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, reach to the side', poses: [[], [reach('right', 80, 10, 8)]] },
    {
      on: 'seat',
      name: 'Sitting tall, foot and hand',
      step: 'a foot goes too',
      poses: [[], [leg('right', { abduction: 22, knee: 75 }), reach('right', 85, 10, 8), spine({ sideBend: 6 })]],
    },
    {
      on: 'hold1',
      poses: [[], [leg('right', { abduction: 18, flexion: 12, knee: 14 }), reach('right', 88, 10, 8)]],
      declared: { ...SOFT, travel: 'sideways' },
      side: 'one-then-other',
    },
    {
      on: 'free',
      poses: [[], [leg('right', { abduction: 18, flexion: 14, knee: 18 }), reach('right', 100, 15, 8)]],
      declared: { ...SOFT, travel: 'sideways', balanceDemand: 4 },
    },
  ],
  view: 15,
})

const handToKnee = ladder({
  ...RHYTHM,
  id: 'hand-to-knee',
  name: 'Opposite hand to knee',
  purpose: 'coordination',
  main: ['abdominals', 'hip-flexors'],
  helping: ['obliques', 'shoulders'],
  everyday: 'tying a shoe on a raised knee',
  rpe: [2, 4],
  tempo: { out: 1.5, back: 1.5 },
  declared: { cognitiveLoad: 2 },
  cues: {
    do: 'Knee up, opposite hand to meet it, change.',
    breath: 'Out as they meet.',
    watch: 'Bring the knee to the hand, not the back to the knee.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, hand taps knee', poses: [[], [lift('right', 98), hands('left', 'thigh'), reach('left', 50, 100, 25)]] },
    { on: 'seat', step: 'sitting free', poses: [[front(80, 60)], [lift('right', 104), reach('left', 48, 105, 30), reach('right', 30, 60, 60)]] },
    { on: 'hold1', poses: [[], [lift('left', 68, 80), reach('right', 50, 108, 30)]], declared: ON_SPOT },
    {
      on: 'free',
      poses: [[front(100, 50)], [lift('right', 72, 82), reach('left', 50, 108, 30), reach('right', 30, 40, 60)]],
      declared: { ...ON_SPOT, balanceDemand: 4 },
    },
  ],
})

const boathouseEight = ladder({
  ...RHYTHM,
  id: 'boathouse-eight',
  name: 'Eight-count step',
  purpose: 'coordination',
  main: ['outer-hip', 'calves'],
  helping: ['quadriceps', 'shoulders'],
  everyday: 'remembering the next step while the feet are busy',
  rpe: [2, 4],
  declared: { cognitiveLoad: 3, cueChannel: 'visual' },
  cues: {
    do: 'Four marches, two side taps, one heel each side; begin again.',
    breath: 'Count aloud: that keeps the breath going.',
    watch: 'The even count keeps the same foot leading.',
  },
  steps: [
    { on: 'seat', poses: [[], [lift('right', 100)], [leg('right', { abduction: 22, knee: 75 })], [heelDig('left', true)]] },
    {
      on: 'hold2',
      poses: [
        [],
        [lift('right', 42, 60)],
        [tap('right', 'side')],
        [leg('left', { flexion: 12, abduction: 18, knee: 2, ankle: 14 }), feet('left', 'heel')],
      ],
      declared: { ...SOFT, travel: 'on-spot' },
    },
    {
      on: 'free',
      poses: [[], [lift('right', 45, 60), swingBack()], [tap('right', 'side'), wide(50)], [heelDig('left'), front(60, 60)]],
      declared: { ...SOFT, travel: 'mixed', balanceDemand: 4 },
    },
  ],
})

const shakeOut = ladder({
  ...RHYTHM,
  id: 'shake-out',
  name: 'Shake out',
  purpose: 'mobility',
  side: 'both',
  main: ['shoulders', 'forearms-hands'],
  helping: ['calves'],
  everyday: 'loosening up after sitting',
  rpe: [1, 2],
  dose: { reps: undefined, workSeconds: 20, restSeconds: 5 },
  cues: { do: 'Shake hands, then arms, then a leg at a time.', breath: 'Let a sigh go.', watch: 'Small and loose.' },
  steps: [
    { on: 'seatBack', name: 'Hands only', poses: [[front(20, 80)], [front(26, 90)]] },
    { on: 'seat', name: 'Arms, and a foot at a time', step: 'arms and feet', poses: [[diagonal(35, 30)], [diagonal(25, 50), kick('right', 40)]] },
    { on: 'hold1', name: 'Standing, one hand on the chair, arm and leg', poses: [[], [parts(lift('right', 20, 25), reach('right', 30, 30, 30))]] },
  ],
})

const toeReach = ladder({
  ...RHYTHM,
  id: 'toe-reach',
  name: 'Opposite hand to toe',
  purpose: 'mobility',
  main: ['hamstrings', 'lower-back'],
  helping: ['glutes', 'obliques'],
  everyday: 'picking the post off the mat',
  rpe: [1.5, 5],
  tempo: { out: 2, back: 2 },
  view: 60,
  gradedBy: ['intendedRpe', 'met', 'spinalFlexionDeg'],
  cues: {
    do: 'One hand reaches to the other foot, come up, change.',
    breath: 'Out as you reach.',
    watch: 'Bend at the hips; come up before you change.',
  },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, hand to knee',
      poses: [[], [reach('left', 42, 105, 25), lift('right', 96)]],
      declared: { cognitiveLoad: 2 },
    },
    {
      on: 'seat',
      name: 'Sitting tall, hand to shin',
      poses: [[], [lean(24), reach('left', 70, 100, 10), kick('right', 40, 100)]],
      declared: { cognitiveLoad: 2 },
    },
    {
      on: 'hold1',
      name: 'Standing, one hand on the chair, hand to shin',
      poses: [[leg('both', { abduction: 8 })], [bend(16, 58, 8), reach('right', 75, 105, 5)]],
      declared: { cognitiveLoad: 2 },
      side: 'one-then-other',
    },
  ],
})

export const CARDIO = [
  toeReach,
  stepTouch,
  wideNarrow,
  tapPattern,
  heelDigs,
  vStep,
  grapevine,
  curlStep,
  kneeLiftStep,
  sideShuffle,
  jog,
  jack,
  punch,
  crossPunch,
  highLowPunch,
  ropePull,
  swim,
  armSwing,
  skater,
  rockingHorse,
  pedal,
  wheelPush,
  walk,
  stepUp,
  stepReach,
  handToKnee,
  boathouseEight,
  shakeOut,
]
