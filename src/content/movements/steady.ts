import { feet, hands, lean, leg, neck, plants, spine, weightOn, yaw } from '@/core/body'
import { ladder } from '@/core/movement'
import { behind, bend, diagonal, front, kick, legBack, lift, reach, SHORT, split, swing, swingBack, tap, wide } from './shapes'

const BALANCE = {
  purpose: 'balance',
  phase: 'main',
  tempo: { out: 2, stay: 3, back: 2 },
  dose: { sets: 1, reps: 6, restSeconds: 20 },
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  rpe: [1.5, 3],
} as const
const STEADY = { breath: 'Keep breathing all the way.', watch: 'Touch the chair before you need it.' }

const tandemWalk = ladder({
  ...BALANCE,
  id: 'heel-to-toe-walk',
  name: 'Heel-to-toe walk',
  side: 'alternating',
  main: ['outer-hip', 'calves'],
  helping: ['feet', 'abdominals'],
  everyday: 'passing between two tables',
  declared: { travel: 'forward', impactLevel: 1 },
  view: 60,
  cues: { do: 'One foot right in front of the other, slowly.', ...STEADY },
  steps: [
    {
      on: 'seat',
      name: 'Seated, feet on one line',
      poses: [[], [leg('right', { flexion: 88, knee: 70, abduction: -3 })]],
      declared: { travel: 'none', impactLevel: 0 },
      cues: { do: 'Set one foot right in front of the other, and change.', watch: 'Sit tall; look ahead, not down.' },
    },
    {
      on: 'rails2',
      name: 'Between two rails, a hand on each',
      poses: [
        [leg('left', { flexion: 14, abduction: -4, knee: 4 }), leg('right', { flexion: -11, abduction: -4 })],
        [leg('right', { flexion: 14, abduction: -4, knee: 4 }), leg('left', { flexion: -11, abduction: -4 })],
      ],
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'Stand between two rails, or a rail and a counter, a hand on each.',
        do: 'Walk along between them, heel to toe, slowly.',
        watch: 'Look ahead; both hands slide along.',
      },
      id: 'rail2',
    },
    {
      on: 'rail1',
      name: 'Along the rail, one hand',
      poses: [
        [leg('left', { flexion: 14, abduction: -4, knee: 4 }), leg('right', { flexion: -11, abduction: -4 })],
        [leg('right', { flexion: 14, abduction: -4, knee: 4 }), leg('left', { flexion: -11, abduction: -4 })],
      ],
      cues: {
        setup: 'Stand beside a rail or counter, one hand on it.',
        do: 'Heel to toe along it, slowly, and turn at its end.',
        watch: 'Hand slides along; never step away from it.',
      },
      id: 'hold1',
    },
    {
      on: 'free',
      name: 'Free, along a line',
      poses: [
        [leg('left', { flexion: 14, abduction: -4, knee: 4 }), leg('right', { flexion: -11, abduction: -4 }), wide(40)],
        [leg('right', { flexion: 14, abduction: -4, knee: 4 }), leg('left', { flexion: -11, abduction: -4 }), wide(40)],
      ],
      declared: { balanceDemand: 5 },
      cues: { setup: 'Walk along a wall, a hand’s breadth from it.', watch: 'Touch the wall at the first wobble.' },
    },
  ],
})

const marchHold = ladder({
  ...BALANCE,
  id: 'march-hold',
  name: 'March and hold',
  side: 'alternating',
  main: ['outer-hip', 'hip-flexors'],
  helping: ['abdominals', 'calves'],
  everyday: 'pausing on a stair',
  view: 55,
  cues: { do: 'Three marches, hold the fourth knee up.', ...STEADY },
  steps: [
    { on: 'seat', poses: [[], [lift('right', 104)]], declared: { cognitiveLoad: 1 }, cues: { watch: 'Sit tall; both sit bones stay heavy.' } },
    {
      on: 'hold2',
      poses: [[], [lift('right', 48, 84)]],
      declared: { cognitiveLoad: 1 },
      cues: { watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'hold1',
      poses: [[], [lift('right', 62, 78)]],
      declared: { cognitiveLoad: 1 },
      cues: { watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'free',
      poses: [[], [lift('right', 62, 78), wide(30)]],
      declared: { cognitiveLoad: 1 },
      cues: { watch: 'Take the chair at the first wobble, before you need it.' },
    },
  ],
})

const reachBalance = ladder({
  ...BALANCE,
  id: 'reach-forward-back',
  name: 'Reach forward and back',
  main: ['calves', 'feet'],
  helping: ['lower-back', 'shins'],
  everyday: 'reaching over the sink',
  view: 82,
  cues: { do: 'Feet still; reach forward to the edge of your balance, and back.', ...STEADY },
  steps: [
    { on: 'seat', poses: [[], [lean(20), front(82)]], cues: { watch: 'Sit tall; both sit bones stay heavy.' } },
    {
      on: 'hold1',
      poses: [[], [weightOn(0.6), leg('both', { flexion: 16, knee: 2 }), reach('right', 84)]],
      cues: { watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'free',
      poses: [[front(70)], [weightOn(0.6), leg('both', { flexion: 24, knee: 4 }), front(88)]],
      declared: { balanceDemand: 3 },
      cues: { watch: 'Take the chair at the first wobble, before you need it.' },
    },
    {
      id: 'together',
      on: 'free',
      name: 'Standing free, feet together',
      step: 'narrower',
      poses: [
        [leg('both', { abduction: -2 }), front(70)],
        [weightOn(0.6), leg('both', { flexion: 22, knee: 4, abduction: -2 }), front(88)],
      ],
      declared: { balanceDemand: 4 },
      cues: { watch: 'Take the chair at the first wobble, before you need it.' },
    },
  ],
})

const clock = ladder({
  ...BALANCE,
  id: 'clock-reach',
  name: 'Clock reach with the foot',
  side: 'one-then-other',
  main: ['outer-hip', 'glutes'],
  helping: ['quadriceps', 'feet'],
  everyday: 'feeling for the next stone on a path',
  view: 15,
  cues: { do: 'Stand on one leg; the other toes touch twelve, three and six.', ...STEADY },
  declared: { cognitiveLoad: 1 },
  steps: [
    {
      on: 'seat',
      poses: [[], [leg('right', { flexion: 88, knee: 50 })], [leg('right', { abduction: 24, knee: 75 })]],
      declared: { cognitiveLoad: 2 },
      cues: { do: 'Sit tall; one foot touches twelve, three and six.', watch: 'Sit tall; both sit bones stay heavy.' },
    },
    {
      on: 'hold2',
      poses: [
        [],
        [leg('right', { flexion: 12, abduction: 20, knee: 4, ankle: -24 }), feet('right', 'touch')],
        [tap('right', 'side')],
        [tap('right', 'back')],
      ],
      declared: { balanceDemand: 2, cognitiveLoad: 2 },
      cues: { do: 'Stand on one leg; the other toes touch front, side and back.', watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'hold1',
      poses: [[], [tap('right', 'front')], [tap('right', 'side')], [tap('right', 'back')]],
      declared: { balanceDemand: 3, cognitiveLoad: 2 },
      cues: { watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'free',
      name: 'Standing free, foot hovers',
      step: 'without hands, the foot hovers',
      poses: [
        [lift('right', 28, 8), wide(30)],
        [leg('right', { abduction: 22 }), feet('right', 'free'), wide(30)],
      ],
      declared: { cognitiveLoad: 2 },
      cues: { watch: 'Take the chair at the first wobble, before you need it.' },
    },
  ],
})

const headTurnStand = ladder({
  ...BALANCE,
  id: 'head-turn-stand',
  name: 'Standing with head turns',
  main: ['neck', 'outer-hip'],
  helping: ['calves', 'feet'],
  everyday: 'looking both ways at the kerb',
  view: 25,
  cues: { do: 'Stand steady; look slowly to one side and the other.', ...STEADY },
  steps: [
    {
      on: 'seat',
      poses: [[neck({ turn: -25 })], [neck({ turn: 25 })]],
      cues: { do: 'Sit steady; look slowly to one side and the other.', watch: 'Sit tall; both sit bones stay heavy.' },
    },
    { on: 'hold2', poses: [[neck({ turn: -25 })], [neck({ turn: 25 })]], cues: { watch: 'Press the hand down at the first wobble; do not pull.' } },
    {
      on: 'hold1',
      name: 'One hand on the chair, feet together',
      step: 'narrower, one hand less',
      poses: [
        [leg('both', { abduction: -2 }), neck({ turn: -28 })],
        [leg('both', { abduction: -2 }), neck({ turn: 28 })],
      ],
      cues: { watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'free',
      name: 'Standing free, feet together',
      poses: [
        [leg('both', { abduction: -2 }), neck({ turn: -28 })],
        [leg('both', { abduction: -2 }), neck({ turn: 28 })],
      ],
      declared: { balanceDemand: 4 },
      cues: { watch: 'Take the chair at the first wobble, before you need it.' },
    },
  ],
})

const backLegHold = ladder({
  ...BALANCE,
  id: 'back-leg-hold',
  name: 'Leg held behind',
  side: 'one-then-other',
  main: ['glutes', 'outer-hip'],
  helping: ['hamstrings', 'lower-back'],
  everyday: 'reaching into the car from outside',
  view: 85,
  cues: { do: 'Slide one leg back, toes off the floor, hold.', ...STEADY },
  steps: [
    {
      on: 'hold2',
      name: 'Toes stay down, two hands on the chair',
      poses: [[], [tap('right', 'back')]],
      cues: { do: 'Slide one leg back, toes stay down, and hold.', watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      id: 'lift',
      on: 'hold2',
      name: 'Toes lift, two hands on the chair',
      step: 'the foot leaves the floor',
      poses: [[], [legBack('right', 16)]],
      cues: { watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    { on: 'hold1', poses: [[], [legBack('right', 16)]], cues: { watch: 'Press the hand down at the first wobble; do not pull.' } },
    { on: 'free', poses: [[], [legBack('right', 16), wide(45)]], cues: { watch: 'Take the chair at the first wobble, before you need it.' } },
  ],
})

const rock = ladder({
  ...BALANCE,
  id: 'heel-toe-rock',
  name: 'Heel and toe rock',
  main: ['calves', 'shins'],
  helping: ['feet'],
  everyday: 'riding standing on a bus',
  view: 82,
  cues: { do: 'Roll up to the toes, roll back to the heels.', ...STEADY },
  declared: { ankleLoad: 2 },
  steps: [
    {
      on: 'seat',
      poses: [
        [feet('both', 'ball'), leg('both', { ankle: -24 })],
        [feet('both', 'heel'), leg('both', { ankle: 12 })],
      ],
      declared: { ankleLoad: 1 },
      cues: { watch: 'Sit tall; both sit bones stay heavy.' },
    },
    {
      on: 'hold2',
      poses: [
        [weightOn(-1), feet('both', 'ball'), leg('both', { ankle: -26 })],
        [weightOn(1), feet('both', 'heel'), leg('both', { ankle: 10 })],
      ],
      cues: { watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'hold1',
      poses: [
        [feet('both', 'ball'), leg('both', { ankle: -26 })],
        [feet('both', 'heel'), leg('both', { ankle: 10 })],
      ],
      cues: { watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'free',
      poses: [
        [feet('both', 'ball'), leg('both', { ankle: -24 }), wide(25)],
        [feet('both', 'heel'), leg('both', { ankle: 8 }), front(30)],
      ],
      declared: { balanceDemand: 4 },
      cues: { watch: 'Take the chair at the first wobble, before you need it.' },
    },
  ],
})

const stepOver = ladder({
  ...BALANCE,
  id: 'step-over',
  name: 'Stepping over',
  side: 'alternating',
  main: ['hip-flexors', 'outer-hip'],
  helping: ['quadriceps', 'calves'],
  everyday: 'over the hose and the door sill',
  view: 70,
  declared: { travel: 'forward', impactLevel: 1 },
  cues: { do: 'Lift the knee high, over, and set the heel down.', ...STEADY },
  steps: [
    {
      on: 'seat',
      name: 'Seated, foot over a line',
      poses: [[], [kick('right', 50, 104)]],
      declared: { travel: 'none', impactLevel: 0 },
      cues: { do: 'Lift the knee, foot over the line, heel down; and back.', watch: 'Sit tall; the trunk does not lean back.' },
    },
    {
      on: 'rails2',
      poses: [[], [lift('right', 60, 60)]],
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'Stand between two rails, or a rail and a counter, a line on the floor ahead.',
        do: 'Knee high, over the line, heel down; and back.',
        watch: 'Lift from the hip; do not swing the leg out.',
      },
      id: 'rail2',
      name: 'Between two rails, a hand on each',
    },
    {
      on: 'hold1',
      poses: [[], [lift('right', 64, 62)]],
      cues: { setup: 'A chair against a wall beside you, one hand on its back, a line ahead.', watch: 'Standing knee stays soft.' },
    },
    {
      on: 'free',
      poses: [
        [lift('right', 66, 64), swingBack()],
        [lift('left', 66, 64), swing()],
      ],
      declared: { balanceDemand: 5 },
      cues: { watch: 'Pause on both feet before the next step.' },
    },
  ],
})

const turn = ladder({
  ...BALANCE,
  id: 'turn-around',
  tempo: { out: 2, stay: 0, back: 2 },
  name: 'Turning round',
  side: 'alternating',
  main: ['outer-hip', 'calves'],
  helping: ['abdominals', 'neck'],
  everyday: 'turning in a narrow kitchen',
  view: 30,
  declared: { travel: 'turn-in-place', impactLevel: 1, cognitiveLoad: 1 },
  cues: { do: 'Small steps, eyes first, then head, then feet.', ...STEADY },
  steps: [
    {
      on: 'seat',
      name: 'Seated, feet walk round a quarter',
      poses: [[], [yaw(20), leg('both', { abduction: 8 })]],
      declared: { travel: 'none', impactLevel: 0 },
      cues: { watch: 'Sit tall; both sit bones stay heavy.' },
    },
    {
      on: 'hold1',
      name: 'Quarter turn, one hand on the chair',
      poses: [[], [lift('right', 26, 40), neck({ turn: 18 })]],
      declared: { balanceDemand: 3 },
      cues: { watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'free',
      name: 'Half turn in four steps',
      poses: [[], [lift('right', 28, 45), neck({ turn: 20 }), wide(20)]],
      declared: { balanceDemand: 4 },
      cues: { watch: 'Take the chair at the first wobble, before you need it.' },
    },
  ],
})

const surfer = ladder({
  ...BALANCE,
  id: 'surfer-stance',
  name: 'Split stance hold',
  side: 'one-then-other',
  main: ['outer-hip', 'calves'],
  helping: ['quadriceps', 'feet'],
  everyday: 'standing in a moving tram',
  view: 60,
  dose: { sets: 1, reps: 2, holdSeconds: 15, restSeconds: 10 },
  cues: { do: 'One heel and one ball of the foot carry you; hold.', ...STEADY },
  steps: [
    {
      on: 'hold2',
      poses: [[], [split('right', 4, SHORT), weightOn(0.4), plants('right')]],
      cues: { do: 'One foot forward, one back, knees soft; hold and breathe.', watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'hold1',
      poses: [[], [split('right', 6, SHORT), weightOn(0.2), plants('right')]],
      cues: { do: 'One foot forward, one back, knees soft; hold and breathe.', watch: 'Press the hand down at the first wobble; do not pull.' },
    },
    {
      on: 'free',
      poses: [[], [split('right', 8), wide(60)]],
      declared: { balanceDemand: 4 },
      cues: { do: 'One foot forward, one back, knees soft; hold and breathe.', watch: 'Take the chair at the first wobble, before you need it.' },
    },
  ],
})

const toss = ladder({
  ...BALANCE,
  id: 'ball-toss',
  name: 'Ball toss and catch',
  main: ['shoulders', 'forearms-hands'],
  helping: ['abdominals', 'chest'],
  everyday: 'catching the cup before it falls',
  view: 50,
  tempo: { out: 1, stay: 0, back: 1 },
  with: 'ball',
  declared: { cognitiveLoad: 2, fallContactRisk: 2, externalLoadType: 'ball', gripDemand: 1 },
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  cues: { do: 'Toss the light ball a hand high and catch it softly.', ...STEADY },
  steps: [
    { on: 'seatBack', poses: [[front(25, 90)], [front(50, 70)]], cues: { watch: 'Sit tall; both sit bones stay heavy.' } },
    { on: 'seat', poses: [[front(25, 90)], [front(60, 60)]], cues: { watch: 'Sit tall; both sit bones stay heavy.' } },
    {
      on: 'free',
      poses: [[bend(12), front(25, 90)], [front(70, 50)]],
      declared: { balanceDemand: 3 },
      cues: { watch: 'Take the chair at the first wobble, before you need it.' },
    },
  ],
})

const eyesClosed = ladder({
  ...BALANCE,
  id: 'soft-eyes',
  name: 'Standing with eyes closed',
  main: ['feet', 'calves'],
  helping: ['outer-hip'],
  everyday: 'finding the way to the bathroom at night',
  view: 40,
  dose: { sets: 1, reps: 2, holdSeconds: 10, restSeconds: 10 },
  cues: { do: 'Stand steady; let the eyes go soft, then close.', ...STEADY },
  steps: [
    {
      on: 'seat',
      name: 'Sitting free, eyes closed',
      poses: [[], [hands('both', 'thigh')]],
      declared: { eyesClosed: true },
      cues: {
        setup: 'Sit tall in a chair with arms, feet flat.',
        do: 'Sit steady; let the eyes go soft, then close.',
        watch: 'Open the eyes when you start to drift.',
      },
      seatIs: 'armchair',
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, eyes half closed',
      poses: [[], [leg('both', { abduction: 3 })]],
      cues: { do: 'Stand still; let the lids sink half way.', watch: 'Open the eyes at the first sway.' },
    },
    {
      id: 'closed',
      on: 'hold2',
      name: 'Two hands on the chair, eyes closed',
      step: 'eyes closed',
      poses: [[], [leg('both', { abduction: 3 })]],
      declared: { eyesClosed: true, balanceDemand: 2 },
      cues: { do: 'Stand still and close the eyes for a few breaths.', watch: 'Open the eyes at the first sway.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, eyes closed',
      poses: [[], [leg('both', { abduction: 3 })]],
      declared: { eyesClosed: true, balanceDemand: 3 },
      cues: { do: 'One hand on the chair; close the eyes for a few breaths.', watch: 'Open the eyes at the first sway.' },
    },
    {
      on: 'free',
      name: 'Standing free, feet together, eyes closed',
      poses: [[leg('both', { abduction: -2 })], [leg('both', { abduction: -2 })]],
      declared: { eyesClosed: true, balanceDemand: 5 },
      cues: {
        setup: 'Stand in a corner, a chair back in front of you within reach.',
        do: 'Feet together; close the eyes for a few breaths.',
        watch: 'Open the eyes and hold the chair at the first sway.',
      },
    },
  ],
})

const POWER = {
  purpose: 'power',
  phase: 'main',
  tempo: { out: 0.9, stay: 0, back: 2.5 },
  dose: { sets: 2, reps: 6, restSeconds: 90 },
  gradedBy: ['intendedRpe', 'impactLevel', 'met', 'balanceDemand'],
} as const

const quickStand = ladder({
  ...POWER,
  id: 'quick-stand',
  name: 'Quick stand',
  main: ['quadriceps', 'glutes'],
  helping: ['calves'],
  everyday: 'being up before the kettle boils over',
  rpe: [3, 5],
  view: 80,
  still: 0,
  cues: { do: 'Up with purpose, down slowly.', breath: 'Out as you rise.', watch: 'Stop when it is no longer quick.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated, quick press into the floor',
      poses: [[lean(14)], []],
      cues: {
        setup: 'Sit forward, feet flat under your knees.',
        do: 'Press both feet quickly into the floor, then let go slowly.',
        breath: 'Out on the press.',
        watch: 'Stop when it is no longer quick.',
      },
    },
    {
      on: 'hold2',
      name: 'From a high seat, two hands on the chair',
      poses: [[lean(32), bend(78, 90)], []],
      cues: {
        setup: 'A higher chair against a wall behind you, a chair back in front for your hands.',
        do: 'Up with purpose, down slowly.',
        breath: 'Out as you rise.',
        watch: 'Hands press down, never pull; stop when it slows.',
      },
      props: ['chair'],
      needs: ['chair'],
      seatHeight: 0.57,
    },
    {
      id: 'standard',
      on: 'hold2',
      name: 'From the chair, two hands on the chair',
      step: 'from standard height',
      poses: [[lean(39), bend(90, 110)], []],
      met: 3.6,
      cues: {
        setup: 'Sit on a chair against a wall, a second chair back in front for your hands.',
        do: 'Up with purpose, down slowly.',
        breath: 'Out as you rise.',
        watch: 'Feel the seat with both legs before you sit.',
      },
      props: ['chair'],
      needs: ['chair'],
      seatHeight: 0.48,
    },
    {
      on: 'free',
      name: 'From the chair, arms crossed',
      poses: [[bend(90, 110), hands('both', 'chest')], [hands('both', 'chest')]],
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'Sit forward on a chair set against a wall, feet under your knees, arms crossed.',
        do: 'Stand up quickly, find your balance, sit down slowly.',
        breath: 'Out as you rise.',
        watch: 'Stand still a moment before you sit again.',
      },
      props: ['chair'],
      needs: ['chair'],
      seatHeight: 0.48,
    },
  ],
})

const heelDrop = ladder({
  ...POWER,
  id: 'heel-drop',
  name: 'Heel drops',
  main: ['calves'],
  helping: ['feet', 'quadriceps'],
  everyday: 'giving the hip and the spine a reason to stay strong',
  rpe: [2, 4],
  view: 80,
  tempo: { out: 2, stay: 0, back: 0.9 },
  dose: { sets: 2, reps: 10, restSeconds: 90 },
  still: 1,
  declared: { ankleLoad: 2 },
  cues: { do: 'Rise on the toes and let the heels drop.', breath: 'Out as they drop.', watch: 'Tall and relaxed; as firm as is comfortable.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated heel drops',
      poses: [[], [feet('both', 'ball'), leg('both', { ankle: -26 })]],
      declared: { impactLevel: 1, ankleLoad: 1 },
    },
    {
      on: 'hold2',
      name: 'Soft drops, two hands on the chair',
      poses: [[], [feet('both', 'ball'), leg('both', { ankle: -24 })]],
      declared: { impactLevel: 1 },
    },
    {
      id: 'firm',
      on: 'hold2',
      name: 'Firm drops, two hands on the chair',
      step: 'firmer landing',
      poses: [[], [feet('both', 'ball'), leg('both', { ankle: -28 })]],
      declared: { impactLevel: 2 },
      met: 3.4,
    },
    {
      on: 'free',
      name: 'Firm drops, hands on hips',
      poses: [[hands('both', 'hip')], [hands('both', 'hip'), feet('both', 'ball'), leg('both', { ankle: -28 })]],
      declared: { impactLevel: 2, balanceDemand: 3 },
    },
  ],
})

const stamp = ladder({
  ...POWER,
  id: 'stamp',
  name: 'Stamping march',
  side: 'alternating',
  main: ['hip-flexors', 'quadriceps'],
  helping: ['calves', 'glutes'],
  everyday: 'knocking snow off the boots',
  rpe: [2, 4.5],
  view: 60,
  dose: { sets: 2, reps: 10, restSeconds: 90 },
  cues: { do: 'Lift and set the foot down with a firm stamp.', breath: 'Out on each stamp.', watch: 'Flat foot, soft knee.' },
  steps: [
    { on: 'seat', poses: [[], [lift('right', 100)]], declared: { impactLevel: 1 } },
    { on: 'hold2', poses: [[], [lift('right', 38, 68)]], declared: { impactLevel: 2 } },
    {
      on: 'free',
      poses: [
        [lift('right', 44, 58), swingBack()],
        [lift('left', 44, 58), swing()],
      ],
      declared: { impactLevel: 2, balanceDemand: 4, travel: 'on-spot' },
    },
  ],
})

const smallJump = ladder({
  ...POWER,
  id: 'small-jump',
  name: 'Bounce and small jump',
  main: ['calves', 'quadriceps'],
  helping: ['glutes', 'feet'],
  everyday: 'hopping off the last step',
  rpe: [3, 6],
  view: 78,
  dose: { sets: 2, reps: 6, restSeconds: 90 },
  cues: { do: 'Bounce from the ankles, land through toes to heels.', breath: 'Out as you leave the floor.', watch: 'Quiet landings, knees soft.' },
  steps: [
    {
      on: 'seat',
      name: 'Seated bounce, heels off and on',
      poses: [[], [feet('both', 'ball'), leg('both', { ankle: -24 })]],
      declared: { impactLevel: 1, abdominalPressure: 1 },
    },
    {
      on: 'hold2',
      name: 'Bounce, toes stay down, two hands on the chair',
      poses: [[bend(22, 26)], [feet('both', 'ball'), leg('both', { ankle: -24 })]],
      declared: { impactLevel: 2, ankleLoad: 2, abdominalPressure: 2 },
      cues: { do: 'Bounce at the knees and heels; the toes stay down.' },
    },
    {
      id: 'jump',
      on: 'hold2',
      name: 'Small jump, two hands on the chair',
      step: 'both feet leave the floor',
      poses: [[bend(30, 36)], [feet('both', 'ball'), leg('both', { ankle: -34 })]],
      declared: { impactLevel: 3, ankleLoad: 3, abdominalPressure: 2 },
      met: 5,
    },
    {
      on: 'free',
      name: 'Small jump',
      poses: [
        [bend(36, 44), behind(25, 10)],
        [feet('both', 'ball'), leg('both', { ankle: -34 }), front(60, 20)],
      ],
      declared: { impactLevel: 3, ankleLoad: 3, balanceDemand: 4, abdominalPressure: 2 },
      met: 6,
      dose: { rpe: 5 },
    },
  ],
})

const quickStep = ladder({
  ...POWER,
  id: 'quick-step',
  name: 'Quick rescue step',
  side: 'alternating',
  main: ['hip-flexors', 'outer-hip'],
  helping: ['calves', 'quadriceps'],
  everyday: 'the step that saves you when you trip',
  rpe: [2, 4.5],
  view: 60,
  declared: { cognitiveLoad: 2 },
  cues: { do: 'On the word, one quick step: front, side or back.', breath: 'Out on the step.', watch: 'One step, then stand still again.' },
  steps: [
    {
      on: 'seat',
      poses: [[], [leg('right', { flexion: 86, knee: 45 })]],
      declared: { cognitiveLoad: 3 },
      cues: { watch: 'Sit tall; set the foot down softly.' },
    },
    {
      on: 'hold2',
      poses: [[], [split('left', 18, SHORT), weightOn(0.4), plants('left')]],
      declared: { impactLevel: 2, travel: 'mixed', cognitiveLoad: 3 },
    },
    { on: 'free', poses: [[], [split('right', 22), wide(30)]], declared: { impactLevel: 2, travel: 'mixed', balanceDemand: 4, cognitiveLoad: 3 } },
  ],
})

const chestPass = ladder({
  ...POWER,
  id: 'chest-pass',
  name: 'Chest pass',
  main: ['chest', 'triceps'],
  helping: ['shoulders', 'abdominals'],
  everyday: 'shoving a heavy gate open',
  rpe: [2, 4.5],
  view: 70,
  with: 'ball',
  declared: { fallContactRisk: 2, externalLoadType: 'ball', gripDemand: 1 },
  cues: { do: 'Push the ball away fast, let it come back slowly.', breath: 'Out on the push.', watch: 'Shoulders low, trunk still.' },
  steps: [
    { on: 'seatBack', poses: [[front(40, 115)], [front(75, 12)]], cues: { setup: 'Sit back, ball at the chest, a partner or a wall in front.' } },
    {
      on: 'seat',
      poses: [[front(40, 115)], [lean(6), front(78, 10)]],
      cues: { setup: 'Sit tall, ball at the chest, a partner or a wall in front.', do: 'Pass the ball quickly from the chest; take it back softly.' },
    },
    {
      on: 'free',
      poses: [[bend(16), front(40, 115)], [front(80, 10)]],
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'Stand with one foot forward, a partner or a wall in front, chair in reach.',
        do: 'Pass the ball quickly from the chest; take it back softly.',
        watch: 'Feet stay planted; knees soft.',
      },
    },
  ],
})

const growTall = ladder({
  ...BALANCE,
  id: 'grow-tall',
  name: 'Grow tall',
  purpose: 'mobility',
  phase: 'any',
  main: ['upper-back', 'lower-back'],
  helping: ['neck', 'abdominals'],
  everyday: 'standing for the photograph',
  rpe: [1, 2],
  view: 75,
  gradedBy: ['intendedRpe', 'met'],
  tempo: { out: 3, stay: 5, back: 2 },
  cues: {
    do: 'Crown to the ceiling, breastbone up, shoulders wide.',
    breath: 'In to grow, stay tall as you breathe out.',
    watch: 'The ribs do not flare.',
  },
  steps: [
    { on: 'seatBack', poses: [[spine({ flexion: 10 })], []] },
    { on: 'seat', name: 'Sitting tall, hands reach up a little', poses: [[spine({ flexion: 12 }), lean(-4)], [diagonal(70, 15)]] },
    { on: 'wall2', poses: [[spine({ flexion: 8 })], []] },
    { on: 'free', name: 'Standing, long reach', poses: [[], [diagonal(150, 10)]] },
  ],
})

export const STEADY_MOVEMENTS = [
  tandemWalk,
  marchHold,
  reachBalance,
  clock,
  headTurnStand,
  backLegHold,
  rock,
  stepOver,
  turn,
  surfer,
  toss,
  eyesClosed,
  quickStand,
  heelDrop,
  stamp,
  smallJump,
  quickStep,
  chestPass,
  growTall,
]
