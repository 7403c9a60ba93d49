import { feet, hands, lean, leg, neck, plants, spine, weightOn, yaw } from '@/core/body'
import { ladder } from '@/core/movement'
import { bend, diagonal, front, kick, lift, OPEN, reach, split, wide } from './shapes'

const MOBILITY = {
  purpose: 'mobility',
  phase: 'any',
  tempo: { out: 3, stay: 1, back: 3 },
  dose: { sets: 1, reps: 6, restSeconds: 10 },
  rpe: [1, 2],
  gradedBy: ['intendedRpe', 'met'],
} as const
const EASY = 'Only as far as is easy.'

const neckTilt = ladder({
  ...MOBILITY,
  id: 'neck-tilt',
  name: 'Ear to shoulder',
  side: 'alternating',
  main: ['neck'],
  helping: ['upper-back'],
  everyday: 'holding the phone less tightly',
  view: 10,
  cues: { do: 'One ear sinks towards its shoulder, and slowly back.', breath: 'Out as it sinks.', watch: 'The shoulder stays down; no circles.' },
  steps: [
    { on: 'seatBack', poses: [[], [neck({ tilt: 14 })]] },
    { on: 'seat', name: 'Sitting tall, a little further', poses: [[], [neck({ tilt: 24 })]] },
    {
      id: 'hand',
      on: 'seat',
      name: 'Sitting tall, one hand holds the seat',
      step: 'the other side held down',
      poses: [[], [neck({ tilt: 26 }), hands('left', 'seat')]],
      met: 1.7,
    },
  ],
})

const catCow = ladder({
  ...MOBILITY,
  id: 'arch-and-round',
  name: 'Arch and round',
  main: ['lower-back', 'upper-back'],
  helping: ['abdominals'],
  everyday: 'loosening the spine after the car',
  view: 80,
  gradedBy: ['intendedRpe', 'met', 'spinalFlexionDeg'],
  cues: { do: 'Round the back a little, then lift the breastbone.', breath: 'Out to round, in to lift.', watch: EASY },
  steps: [
    { on: 'seatBack', name: 'Sitting, small', poses: [[spine({ flexion: -4 })], [spine({ flexion: 10 })]] },
    {
      on: 'seat',
      name: 'Sitting tall, larger',
      poses: [
        [lean(4), spine({ flexion: -10 })],
        [lean(-6), spine({ flexion: 24 })],
      ],
    },
    {
      on: 'counter2',
      poses: [
        [lean(28), leg('both', { flexion: 28, knee: 8 }), spine({ flexion: -8 })],
        [lean(24), leg('both', { flexion: 26, knee: 10 }), spine({ flexion: 26 })],
      ],
      declared: { wristExtLoad: 1 },
    },
    { on: 'allFours', poses: [[spine({ flexion: -12 })], [spine({ flexion: 30 })]], met: 2.2 },
  ],
})

const trunkTurn = ladder({
  ...MOBILITY,
  id: 'trunk-turn',
  name: 'Gentle trunk turn',
  side: 'alternating',
  main: ['obliques', 'upper-back'],
  helping: ['lower-back'],
  everyday: 'looking over the shoulder to park',
  view: 20,
  gradedBy: ['intendedRpe', 'twistDeg', 'met'],
  cues: { do: 'Turn the breastbone to one side, pause, come back.', breath: 'Out as you turn.', watch: 'The hands do not pull.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, hands on thighs', poses: [[], [spine({ twist: 14 })]] },
    {
      on: 'seat',
      name: 'Sitting tall, arms crossed',
      poses: [[hands('both', 'otherShoulder')], [hands('both', 'otherShoulder'), spine({ twist: 26 })]],
    },
    { on: 'hold1', name: 'Standing, one hand on the chair', poses: [[], [spine({ twist: 28 }), reach('right', 30, 40, 40)]] },
    {
      on: 'free',
      name: 'Standing, arms swing along',
      poses: [[], [spine({ twist: 30 }), wide(40, 40), feet('left', 'ball'), leg('left', { knee: 14, flexion: 10, ankle: -20 })]],
      declared: { balanceDemand: 3 },
    },
  ],
})

const sideReach = ladder({
  ...MOBILITY,
  id: 'side-reach',
  name: 'Side reach',
  side: 'alternating',
  main: ['obliques', 'shoulders'],
  helping: ['lower-back'],
  everyday: 'taking the coat from the far peg',
  view: 5,
  gradedBy: ['intendedRpe', 'sideBendDeg', 'shoulderAbductionDeg'],
  cues: { do: 'Reach one arm out and a little over, come back.', breath: 'In to reach.', watch: 'Both seat bones stay down.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, arm out', poses: [[], [reach('right', 70, 5), spine({ sideBend: 6 })]] },
    { on: 'seat', name: 'Sitting tall, arm over', poses: [[], [reach('left', 135, 8, 20), spine({ sideBend: 14 })]] },
    {
      on: 'free',
      name: 'Standing, arm over',
      poses: [[], [reach('left', 150, 8, 15), reach('right', 12, 0), spine({ sideBend: 18 })]],
      cues: { watch: 'Both feet stay heavy.' },
    },
  ],
})

const hipCircle = ladder({
  ...MOBILITY,
  id: 'hip-circles',
  name: 'Hip circles',
  main: ['lower-back', 'outer-hip'],
  helping: ['abdominals'],
  everyday: 'getting in and out of a narrow seat',
  view: 25,
  cues: { do: 'Draw a slow circle with the hips, then the other way.', breath: 'One breath a circle.', watch: EASY },
  steps: [
    {
      on: 'seat',
      poses: [
        [spine({ sideBend: -6 }), lean(4)],
        [spine({ sideBend: 6 }), lean(-3)],
      ],
    },
    {
      on: 'hold2',
      poses: [
        [leg('right', { abduction: 10 }), leg('left', { abduction: 0 })],
        [leg('left', { abduction: 10 }), leg('right', { abduction: 0 })],
      ],
    },
    {
      on: 'free',
      name: 'Standing, hands on hips',
      poses: [
        [hands('both', 'hip'), leg('right', { abduction: 12 }), leg('left', { abduction: 1 })],
        [hands('both', 'hip'), leg('left', { abduction: 12 }), leg('right', { abduction: 1 })],
      ],
      declared: { balanceDemand: 3 },
    },
  ],
})

const kneeRock = ladder({
  ...MOBILITY,
  id: 'knee-rock',
  name: 'Knees from side to side',
  side: 'alternating',
  main: ['lower-back', 'obliques'],
  helping: ['outer-hip'],
  everyday: 'turning over in bed',
  view: 35,
  cues: { do: 'Let both knees sink a little to one side, and the other.', breath: 'Out as they sink.', watch: 'Both shoulders stay down.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting, knees sway',
      poses: [
        [leg('right', { abduction: 14 }), leg('left', { abduction: -4 })],
        [leg('left', { abduction: 14 }), leg('right', { abduction: -4 })],
      ],
    },
    {
      on: 'bedSupine',
      poses: [
        [spine({ twist: -8 }), leg('left', { abduction: 12 }), leg('right', { abduction: -4 })],
        [spine({ twist: 8 }), leg('right', { abduction: 12 }), leg('left', { abduction: -4 })],
      ],
      met: 1.6,
    },
    {
      on: 'supine',
      poses: [
        [spine({ twist: -14 }), leg('left', { abduction: 16 }), leg('right', { abduction: -6 })],
        [spine({ twist: 14 }), leg('right', { abduction: 16 }), leg('left', { abduction: -6 })],
      ],
      met: 1.8,
    },
  ],
})

const ankleCircle = ladder({
  ...MOBILITY,
  id: 'ankle-circles',
  name: 'Ankle circles',
  side: 'one-then-other',
  main: ['calves', 'shins'],
  helping: ['feet'],
  everyday: 'waking the feet before the first step',
  view: 78,
  cues: { do: 'Draw circles with the toes, five each way.', breath: 'Breathe freely.', watch: 'The knee stays quiet.' },
  steps: [
    {
      on: 'bedWedge',
      poses: [
        [leg('right', { flexion: 46, knee: 6, ankle: -20 }), feet('right', 'free')],
        [leg('right', { flexion: 46, knee: 6, ankle: 12, rotation: 8 }), feet('right', 'free')],
      ],
    },
    {
      on: 'seatBack',
      poses: [[kick('right', 45, 90)], [leg('right', { flexion: 90, knee: 45, ankle: -24, rotation: 10 }), feet('right', 'free')]],
      met: 1.6,
    },
    {
      on: 'hold2',
      name: 'Standing, toes on the floor, heel circles',
      poses: [
        [feet('right', 'ball'), leg('right', { knee: 16, flexion: 12, ankle: -22 })],
        [feet('right', 'ball'), leg('right', { knee: 20, flexion: 14, ankle: -26, rotation: 12 })],
      ],
    },
  ],
})

const pressBack = ladder({
  ...MOBILITY,
  id: 'press-back',
  name: 'Press back and lengthen',
  main: ['upper-back', 'shoulders'],
  helping: ['lower-back', 'hip-flexors'],
  everyday: 'lengthening out after gardening',
  view: 85,
  gradedBy: ['intendedRpe', 'met', 'hipFlexionDeg'],
  cues: { do: 'Hands stay, hips travel back, spine grows long.', breath: 'Out as you go back.', watch: 'Head between the arms, not hanging.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, forearms slide on a table',
      poses: [[front(45, 60)], [lean(20), front(75, 15)]],
      props: ['table'],
      needs: ['table'],
    },
    {
      on: 'counter2',
      poses: [
        [leg('both', { flexion: 20, knee: 6 }), lean(20)],
        [leg('both', { flexion: 52, knee: 14 }), lean(50)],
      ],
      declared: { wristExtLoad: 1 },
    },
    { on: 'allFours', name: 'On hands and knees, half way back', poses: [[], [lean(70), leg('both', { flexion: 106, knee: 126 })]], met: 2.1 },
  ],
})

const rollDown = ladder({
  ...MOBILITY,
  id: 'roll-down',
  name: 'Roll down and stack up',
  main: ['lower-back', 'upper-back'],
  helping: ['hamstrings', 'abdominals'],
  everyday: 'tying laces when the back is well',
  view: 85,
  gradedBy: ['intendedRpe', 'spinalFlexionDeg', 'met'],
  cues: {
    do: 'Chin first, then bone by bone; stack up the same way.',
    breath: 'Out on the way down.',
    watch: 'Hands on the thighs carry the weight.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting, chin and upper back', poses: [[], [spine({ flexion: 16 }), neck({ flexion: 18 })]] },
    {
      on: 'seat',
      name: 'Sitting, hands slide to the knees',
      poses: [[], [lean(14), spine({ flexion: 34 }), neck({ flexion: 20 }), hands('both', 'knee')]],
      declared: { spinalLoaded: true },
    },
    {
      on: 'free',
      name: 'Standing, hands on the thighs',
      poses: [
        [hands('both', 'thigh')],
        [hands('both', 'thigh'), leg('both', { flexion: 34, knee: 20 }), spine({ flexion: 45 }), neck({ flexion: 20 })],
      ],
      declared: { spinalLoaded: true, wristExtLoad: 1, balanceDemand: 3 },
    },
  ],
})

const openBook = ladder({
  ...MOBILITY,
  id: 'open-arm-turn',
  name: 'Open-arm turn',
  side: 'one-then-other',
  main: ['upper-back', 'chest'],
  helping: ['obliques', 'shoulders'],
  everyday: 'reaching back for the seat belt',
  view: 35,
  gradedBy: ['intendedRpe', 'met'],
  cues: { do: 'One arm opens like a page, eyes follow the hand.', breath: 'In to open, out to close.', watch: 'Knees and hips stay where they are.' },
  steps: [
    { on: 'seatBack', poses: [[front(60, 20)], [reach('left', 60), reach('right', 60, 5), spine({ twist: 10 }), neck({ turn: 12 })]] },
    {
      on: 'seat',
      step: 'sitting free, wider',
      poses: [[front(75, 12)], [reach('left', 70), reach('right', 75, 0), spine({ twist: 22 }), neck({ turn: 22 })]],
    },
    {
      on: 'bedSide',
      poses: [
        [reach('left', 85), reach('right', 80)],
        [reach('left', 75, 10), reach('right', 80), spine({ twist: -24 })],
      ],
      met: 1.8,
      view: 80,
    },
  ],
})

const pendulum = ladder({
  ...MOBILITY,
  id: 'arm-pendulum',
  name: 'Arm pendulum',
  side: 'one-then-other',
  main: ['shoulders'],
  helping: ['rotator-cuff'],
  everyday: 'easing a stiff shoulder',
  view: 70,
  gradedBy: ['intendedRpe', 'met'],
  cues: {
    do: 'Lean a little; let the arm hang and swing in small circles.',
    breath: 'Breathe freely.',
    watch: 'The body moves the arm; the shoulder rests.',
  },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, arm hangs beside the chair',
      poses: [
        [reach('right', 8, 60, 5), spine({ sideBend: 6 })],
        [reach('right', 18, 60, 5), spine({ sideBend: 8 })],
      ],
    },
    {
      on: 'counter2',
      name: 'Leaning on the counter, small circles',
      poses: [
        [leg('both', { flexion: 26, knee: 8 }), reach('right', 20, 80, 4)],
        [leg('both', { flexion: 26, knee: 8 }), reach('right', 36, 60, 4)],
      ],
      id: 'hold1',
      declared: { wristExtLoad: 2 },
      cues: { setup: 'Stand at a counter or heavy table, one hand flat on it, one foot forward.' },
    },
    {
      id: 'larger',
      on: 'counter2',
      name: 'Leaning on the counter, larger circles',
      step: 'larger circles',
      poses: [
        [leg('both', { flexion: 34, knee: 10 }), reach('right', 24, 80, 4)],
        [leg('both', { flexion: 34, knee: 10 }), reach('right', 52, 50, 4)],
      ],
      met: 2.2,
      declared: { wristExtLoad: 2 },
      cues: { setup: 'Stand at a counter or heavy table, one hand flat on it, one foot forward.' },
    },
  ],
})

const STRETCH = {
  purpose: 'flexibility',
  phase: 'cool-down',
  tempo: { out: 3, stay: 30, back: 3 },
  dose: { sets: 1, reps: 2, holdSeconds: 30, restSeconds: 10 },
  rpe: [1, 2],
  gradedBy: ['intendedRpe', 'met'],
  declared: { endRangeStretch: true },
} as const
const HOLD = { breath: 'Let each out-breath soften it.', watch: 'A mild pull, no bouncing.' }
const SIDED = { ...STRETCH, side: 'one-then-other' } as const

const calfStretch = ladder({
  ...SIDED,
  id: 'calf-stretch',
  name: 'Calf stretch',
  main: ['calves'],
  helping: ['feet'],
  everyday: 'longer steps without a tug at the heel',
  view: 82,
  cues: { do: 'Back heel down, lean in until the calf pulls a little.', ...HOLD },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting, strap round the foot',
      with: 'towel',
      poses: [[kick('right', 20, 88)], [leg('right', { flexion: 90, knee: 10, ankle: 16 }), feet('right', 'free'), front(50, 30)]],
      declared: { gripDemand: 1 },
      cues: { do: 'Strap round the foot; draw the toes towards you, knee nearly straight.' },
      drawn: 'strap',
    },
    {
      on: 'wall2',
      name: 'At the wall, small step',
      poses: [[lean(12), leg('left', { flexion: 36, knee: 33 }), leg('right', { flexion: -6, knee: 2 })]],
      declared: { ankleLoad: 2 },
    },
    {
      id: 'long',
      on: 'wall2',
      name: 'At the wall, longer step',
      step: 'further back',
      poses: [[lean(16), leg('left', { flexion: 41, knee: 45 }), leg('right', { flexion: -8, knee: 2 })]],
      met: 2,
      declared: { ankleLoad: 3 },
    },
  ],
})

const quadStretch = ladder({
  ...SIDED,
  id: 'quad-stretch',
  name: 'Front-thigh stretch',
  main: ['quadriceps'],
  helping: ['hip-flexors'],
  everyday: 'kneeling in the garden with less pull',
  view: 85,
  gradedBy: ['balanceDemand', 'met', 'intendedRpe'],
  cues: { do: 'Heel towards the seat, thighs side by side.', ...HOLD },
  steps: [
    {
      on: 'bedSide',
      poses: [[], [leg('left', { flexion: -4, knee: 105 }), reach('left', 30, -80, 30)]],
      cues: { do: 'Upper heel towards the seat, thighs side by side.', watch: 'The low back does not hollow.' },
    },
    {
      on: 'seat',
      name: 'Sitting at the edge, foot back',
      step: 'sitting sideways on the chair',
      poses: [[yaw(90)], [yaw(90), leg('left', { flexion: 48, knee: 112, ankle: -24 }), feet('left', 'ball')]],
      view: 10,
      met: 1.7,
      cues: {
        setup: 'Sit sideways, one thigh just off the edge; hold the chair back.',
        do: 'Slide that foot back under you until the thigh pulls mildly.',
        watch: 'Sit tall; the thigh points down, not out.',
      },
    },
    {
      on: 'hold2',
      name: 'Standing, foot on a chair behind',
      poses: [[], [leg('right', { flexion: 0, knee: 88 }), feet('right', 'free')]],
      cues: {
        setup: 'Chair back in front for both hands, the seat of a second chair close behind.',
        do: 'Rest the top of one foot on the seat behind you.',
        watch: 'Knees side by side; tuck the tail a little.',
      },
      props: ['legChair'],
      needs: ['chair'],
    },
    {
      on: 'hold1',
      name: 'Standing, towel round the ankle',
      poses: [[], [leg('right', { flexion: 0, knee: 112 }), feet('right', 'free'), reach('right', 28, -80, 20)]],
      cues: { do: 'Towel round the ankle; draw the heel towards the seat.', watch: 'Standing knee stays soft; let go if it pinches.' },
      with: 'towel',
      drawn: 'ankleStrap',
      declared: { gripDemand: 1 },
    },
  ],
})

const hipFlexor = ladder({
  ...SIDED,
  id: 'hip-flexor-stretch',
  name: 'Front-hip stretch',
  main: ['hip-flexors'],
  helping: ['quadriceps', 'abdominals'],
  everyday: 'standing up straight after a long sit',
  view: 82,
  gradedBy: ['met', 'hipExtensionDeg', 'intendedRpe'],
  cues: { do: 'Tuck the tail, let the front of the hip open.', ...HOLD },
  steps: [
    {
      on: 'seat',
      name: 'Sitting sideways, one leg back',
      poses: [[yaw(90)], [yaw(90), leg('left', { flexion: 36, knee: 68, ankle: -28 }), feet('left', 'ball')]],
      view: 10,
      cues: { do: 'Slide the outer leg back, tuck the tail, open the front of the hip.' },
    },
    { on: 'hold2', poses: [[], [split('left', 10, OPEN), weightOn(0.4), plants('left')]] },
    {
      on: 'hold1',
      name: 'Standing, one arm reaches up',
      poses: [[], [split('left', 14, OPEN), reach('right', 150, 60, 10), weightOn(0.3), plants('left')]],
      met: 2.1,
    },
    {
      on: 'kneel',
      name: 'Half kneeling',
      poses: [
        [leg('left', { flexion: 88, knee: 92 }), feet('left', 'flat')],
        [leg('left', { flexion: 98, knee: 98 }), leg('right', { flexion: -14, knee: 80 }), feet('left', 'flat')],
      ],
      met: 2.3,
      rpe: 2.5,
    },
  ],
})

const figureFour = ladder({
  ...SIDED,
  id: 'figure-four',
  name: 'Outer-hip stretch',
  main: ['glutes', 'outer-hip'],
  helping: ['lower-back'],
  everyday: 'putting on a sock',
  view: 35,
  gradedBy: ['hipExternalRotationDeg', 'hipFlexionDeg', 'intendedRpe'],
  cues: { do: 'One ankle rests on the other leg, knee sinks out.', ...HOLD },
  steps: [
    {
      on: 'seatBack',
      name: 'Ankle on the other shin',
      poses: [[], [leg('right', { flexion: 88, knee: 70, rotation: 24, abduction: 16 }), feet('right', 'free')]],
    },
    {
      on: 'seat',
      name: 'Ankle on the other knee',
      step: 'higher',
      poses: [[], [leg('right', { flexion: 96, knee: 88, rotation: 78, abduction: 34 }), feet('right', 'free')]],
    },
    {
      id: 'lean',
      on: 'seat',
      name: 'Ankle on the knee, small lean',
      step: 'leaning from the hips',
      poses: [
        [leg('right', { flexion: 96, knee: 88, rotation: 78, abduction: 34 }), feet('right', 'free')],
        [lean(16), leg('right', { flexion: 110, knee: 88, rotation: 78, abduction: 34 }), feet('right', 'free')],
      ],
      met: 1.8,
    },
  ],
})

const innerStretch = ladder({
  ...STRETCH,
  id: 'inner-thigh-stretch',
  name: 'Inner-thigh stretch',
  main: ['inner-thigh'],
  helping: ['lower-back'],
  everyday: 'getting astride a bicycle',
  view: 15,
  gradedBy: ['hipAbductionDeg', 'intendedRpe', 'met'],
  cues: { do: 'Knees open wide, let the weight of the legs do it.', ...HOLD },
  steps: [
    { on: 'seatBack', poses: [[], [leg('both', { abduction: 24, rotation: 16 })]] },
    {
      on: 'bedSupine',
      name: 'On a bed, knees fall open',
      poses: [[], [leg('both', { flexion: 55, abduction: 34, rotation: 30, knee: 95 })]],
      met: 1.7,
    },
    {
      on: 'longSit',
      name: 'Sitting on the mat, soles together',
      poses: [[], [leg('both', { flexion: 100, abduction: 48, rotation: 75, knee: 118 })]],
      met: 1.9,
    },
  ],
})

const sideStretch = ladder({
  ...SIDED,
  id: 'side-stretch',
  name: 'Side stretch',
  main: ['obliques'],
  helping: ['upper-back', 'shoulders'],
  everyday: 'turning over without a pinch',
  view: 5,
  gradedBy: ['sideBendDeg', 'intendedRpe', 'met'],
  cues: { do: 'One hand on the seat, lean away until the side opens.', ...HOLD },
  steps: [
    { on: 'seatBack', poses: [[], [spine({ sideBend: 10 }), hands('right', 'seat')]], declared: { wristExtLoad: 1 } },
    {
      on: 'seat',
      name: 'Sitting tall, arm over',
      poses: [[], [spine({ sideBend: 18 }), hands('right', 'seat'), reach('left', 145, 10, 20)]],
      declared: { wristExtLoad: 1 },
      cues: { do: 'One hand on the seat, the other arm reaches over to that side.' },
    },
    {
      on: 'hold1',
      name: 'Standing, one hand on the chair, arm over',
      poses: [[], [spine({ sideBend: -20 }), reach('right', 150, 10, 15)]],
      cues: { do: 'One hand on the chair, the other arm reaches up and over.' },
    },
  ],
})

const crossBody = ladder({
  ...SIDED,
  id: 'cross-body-stretch',
  name: 'Arm across',
  main: ['shoulders'],
  helping: ['upper-back'],
  everyday: 'scratching the other shoulder',
  view: 20,
  cues: { do: 'Draw one arm across the chest, shoulder low.', ...HOLD },
  steps: [
    { on: 'seatBack', name: 'Hand to the other shoulder', poses: [[], [hands('right', 'otherShoulder')]] },
    { on: 'seat', name: 'Arm across, other hand helps', poses: [[], [reach('right', 75, 118, 15), reach('left', 55, 95, 95)]] },
    { on: 'free', name: 'Standing, arm across', poses: [[], [reach('right', 80, 118, 12), reach('left', 58, 95, 95)]] },
  ],
})

const tricepsStretch = ladder({
  ...SIDED,
  id: 'triceps-stretch',
  name: 'Back-of-arm stretch',
  main: ['triceps'],
  helping: ['shoulders'],
  everyday: 'washing your own back',
  view: 20,
  gradedBy: ['overheadReachDeg', 'intendedRpe', 'met'],
  cues: { do: 'Elbow up, hand down the back, other hand steadies.', ...HOLD },
  steps: [
    {
      on: 'seatBack',
      name: 'Hand to its own shoulder, elbow forward',
      poses: [[], [reach('right', 80, 88, 140)]],
      cues: { do: 'Hand on its own shoulder; the other hand lifts the elbow forward.' },
    },
    { on: 'seat', name: 'Elbow higher', poses: [[], [reach('right', 125, 75, 140)]] },
    { on: 'free', name: 'Standing, elbow up beside the ear', poses: [[], [reach('right', 155, 60, 140)]] },
  ],
})

const hug = ladder({
  ...STRETCH,
  id: 'upper-back-hug',
  name: 'Upper-back hug',
  main: ['upper-back'],
  helping: ['shoulders', 'neck'],
  everyday: 'letting go after carrying',
  view: 60,
  gradedBy: ['intendedRpe', 'met', 'spinalFlexionDeg'],
  cues: { do: 'Arms round yourself, let the blades drift apart.', ...HOLD },
  steps: [
    { on: 'seatBack', name: 'Hands to opposite shoulders', poses: [[], [hands('both', 'otherShoulder')]] },
    {
      on: 'seat',
      name: 'Arms circle a big ball, back rounds a little',
      poses: [[], [front(75, 40), spine({ flexion: 14 })]],
      cues: { do: 'Arms round a big ball of air; let the upper back widen.' },
    },
    {
      on: 'free',
      name: 'Standing, arms circle a big ball',
      poses: [[bend(12)], [bend(14), front(78, 40), spine({ flexion: 16 })]],
      cues: { do: 'Arms round a big ball of air; let the upper back widen.' },
    },
  ],
})

const wristStretch = ladder({
  ...SIDED,
  id: 'forearm-stretch',
  name: 'Forearm stretch',
  main: ['forearms-hands'],
  helping: ['biceps'],
  everyday: 'hands that have gripped all morning',
  view: 60,
  cues: { do: 'Arm forward, palm up; other hand draws the fingers back.', ...HOLD },
  steps: [
    {
      on: 'seatBack',
      name: 'Prayer hands, elbows low',
      side: 'both',
      poses: [[], [hands('both', 'chest')]],
      declared: { wristExtLoad: 1 },
      cues: { do: 'Palms together before the chest; lower the hands until it pulls mildly.' },
    },
    { on: 'seat', poses: [[], [reach('right', 70, 88, 10), reach('left', 55, 100, 60)]] },
    { on: 'free', poses: [[], [reach('right', 75, 88, 6), reach('left', 58, 100, 60)]] },
  ],
})

const hamstringLying = ladder({
  ...SIDED,
  id: 'hamstring-lying',
  name: 'Lying hamstring stretch',
  main: ['hamstrings'],
  helping: ['calves'],
  everyday: 'pulling on trousers lying down',
  view: 88,
  with: 'towel',
  gradedBy: ['intendedRpe', 'hipFlexionDeg', 'met'],
  cues: { do: 'Strap round the thigh or foot, leg comes up until it pulls.', ...HOLD },
  steps: [
    {
      on: 'bedWedge',
      name: 'Trunk raised, knee bent',
      poses: [[], [leg('right', { flexion: 88, knee: 70 }), feet('right', 'free'), front(60, 20)]],
      declared: { gripDemand: 1 },
      drawn: 'strap',
    },
    {
      on: 'bedSupine',
      name: 'On a bed, knee soft',
      poses: [[], [leg('right', { flexion: 80, knee: 30 }), feet('right', 'free'), front(70, 10)]],
      met: 1.7,
      declared: { gripDemand: 1 },
      drawn: 'strap',
    },
    {
      on: 'supine',
      name: 'On the mat, leg nearly straight',
      poses: [[], [leg('right', { flexion: 85, knee: 12 }), feet('right', 'free'), front(72, 8)]],
      met: 1.8,
      declared: { gripDemand: 1 },
      drawn: 'strap',
    },
  ],
})

const kneeHug = ladder({
  ...STRETCH,
  id: 'knee-hug',
  name: 'Knee hug',
  main: ['lower-back', 'glutes'],
  helping: ['hamstrings'],
  everyday: 'unloading the back before getting up',
  view: 85,
  gradedBy: ['intendedRpe', 'met', 'hipFlexionDeg'],
  cues: { do: 'Draw one knee towards you and hold it there.', ...HOLD },
  steps: [
    { on: 'seatBack', name: 'Sitting, one knee', side: 'one-then-other', poses: [[], [lift('right', 112, 100), hands('both', 'shin')]] },
    { on: 'bedSupine', name: 'On a bed, one knee', side: 'one-then-other', poses: [[], [lift('right', 115, 118), hands('both', 'shin')]], met: 1.7 },
    {
      on: 'supine',
      name: 'On the mat, both knees',
      poses: [[], [leg('both', { flexion: 118, knee: 120, abduction: 8 }), feet('both', 'free'), hands('both', 'shin')]],
      met: 1.9,
      declared: { abdominalPressure: 2 },
      cues: { do: 'Draw both knees towards you, one after the other, and hold.' },
    },
  ],
})

const chairTwist = ladder({
  ...SIDED,
  id: 'chair-twist',
  name: 'Chair twist stretch',
  main: ['obliques', 'upper-back'],
  helping: ['lower-back'],
  everyday: 'reaching for something behind you',
  view: 25,
  gradedBy: ['twistDeg', 'intendedRpe', 'met'],
  cues: { do: 'Grow tall, then turn and stay.', ...HOLD },
  steps: [
    { on: 'seatBack', name: 'Small turn, hands on thighs', poses: [[], [spine({ twist: 16 })]] },
    { on: 'seat', name: 'Turn, one hand on the other thigh', poses: [[], [spine({ twist: 28 }), hands('left', 'thigh')]] },
    {
      id: 'hands',
      on: 'seat',
      name: 'Turn, hand on the chair back',
      step: 'the hands help to the end',
      poses: [[], [spine({ twist: 38 }), hands('right', 'ownBack')]],
      declared: { twistEndRange: true },
      met: 1.8,
    },
  ],
})

const longSitReach = ladder({
  ...STRETCH,
  id: 'long-sit',
  name: 'Long sitting',
  main: ['hamstrings', 'lower-back'],
  helping: ['calves'],
  everyday: 'sitting on a picnic rug',
  view: 88,
  gradedBy: ['intendedRpe', 'hipFlexionDeg', 'met'],
  cues: { do: 'Sit tall with long legs, tip forward from the hips.', ...HOLD },
  steps: [
    {
      on: 'bedLongSit',
      name: 'On a bed, hands behind',
      poses: [
        [lean(-14), leg('both', { flexion: 83, knee: 12 })],
        [lean(-8), leg('both', { flexion: 88, knee: 10 })],
      ],
      declared: { wristExtLoad: 2 },
      cues: { do: 'Hands behind you on the bed; sit tall with long legs.' },
    },
    {
      on: 'longSit',
      name: 'On the mat, sitting tall',
      poses: [[leg('both', { flexion: 98, knee: 14 })], [leg('both', { flexion: 96, knee: 10 })]],
      met: 1.8,
    },
    {
      id: 'reach',
      on: 'longSit',
      name: 'On the mat, hands slide to the shins',
      step: 'further forward',
      poses: [[], [lean(18), leg('both', { flexion: 113, knee: 8 }), front(66, 8), spine({ flexion: 12 })]],
      met: 1.9,
    },
  ],
})

const forwardHang = ladder({
  ...STRETCH,
  id: 'forward-rest',
  name: 'Forward rest',
  main: ['lower-back', 'upper-back'],
  helping: ['hamstrings'],
  everyday: 'catching a breath bent over a gate',
  view: 85,
  gradedBy: ['intendedRpe', 'met', 'hipFlexionDeg'],
  cues: { do: 'Forearms rest, the back lets go.', breath: 'Slow breath into the back of the ribs.', watch: 'Head above the heart; come up slowly.' },
  steps: [
    { on: 'seat', name: 'Sitting, forearms on the thighs', poses: [[], [lean(24), spine({ flexion: 14 }), hands('both', 'knee')]] },
    {
      on: 'counter2',
      name: 'Standing, forearms on the counter',
      poses: [[], [lean(32), leg('both', { flexion: 32, knee: 12 }), spine({ flexion: 10 })]],
      declared: { wristExtLoad: 0 },
    },
    {
      id: 'hang',
      on: 'counter2',
      name: 'Standing, forearms on the counter, back rounds',
      step: 'the back rounds and hangs',
      poses: [[], [lean(34), leg('both', { flexion: 34, knee: 16 }), spine({ flexion: 40 })]],
      declared: { wristExtLoad: 1 },
      met: 2.1,
    },
  ],
})

const straddle = ladder({
  ...STRETCH,
  id: 'wide-sit',
  name: 'Wide sitting fold',
  main: ['inner-thigh', 'hamstrings'],
  helping: ['lower-back'],
  everyday: 'reaching under the table for a pen',
  view: 35,
  gradedBy: ['hipAbductionDeg', 'hipFlexionDeg', 'met'],
  cues: { do: 'Legs wide, fold a little from the hips.', ...HOLD },
  steps: [
    { on: 'seat', name: 'Chair, feet wide, small fold', poses: [[leg('both', { abduction: 20 })], [lean(14), leg('both', { abduction: 22 })]] },
    {
      on: 'longSit',
      name: 'On the mat, wide legs',
      poses: [[leg('both', { abduction: 30 })], [lean(8), leg('both', { abduction: 36, flexion: 105, knee: 12 })]],
      met: 1.9,
      view: 15,
    },
  ],
})

const REST = {
  purpose: 'relaxation',
  phase: 'any',
  tempo: { out: 4, stay: 1, back: 6 },
  dose: { sets: 1, reps: 6, restSeconds: 5 },
  rpe: [0.5, 1],
  gradedBy: ['intendedRpe', 'met'],
} as const

const bellyBreath = ladder({
  ...REST,
  id: 'belly-breath',
  name: 'Belly breathing',
  main: ['abdominals'],
  helping: ['pelvic-floor'],
  everyday: 'calming down in the waiting room',
  view: 70,
  cues: { do: 'Hands on the belly; feel it rise and sink.', breath: 'In through the nose, long out.', watch: 'Shoulders stay quiet.' },
  steps: [
    { on: 'bedWedge', poses: [[hands('both', 'belly')], [hands('both', 'belly'), spine({ flexion: -2 })]] },
    { on: 'seatBack', poses: [[hands('both', 'belly')], [hands('both', 'belly'), lean(-7)]], met: 1.25 },
    { on: 'seat', poses: [[hands('both', 'belly')], [hands('both', 'belly'), lean(2)]] },
  ],
})

const longOut = ladder({
  ...REST,
  id: 'long-out-breath',
  tempo: { out: 3, stay: 0, back: 6 },
  name: 'Long out-breath',
  main: ['abdominals'],
  helping: ['upper-back'],
  everyday: 'getting the breath back after the stairs',
  view: 65,
  cues: { do: 'Breathe in for three, out through pursed lips for six.', breath: 'Never hold it.', watch: 'Stop counting if it hurries you.' },
  steps: [
    {
      on: 'seatBack',
      poses: [[], [lean(-7)]],
      cues: { do: 'In through the nose for three, out through pursed lips for six.', breath: 'In for three, out for six; no pause.' },
    },
    {
      on: 'seat',
      name: 'Sitting, leaning forward on the forearms',
      step: 'sitting free',
      poses: [
        [lean(16), hands('both', 'knee')],
        [lean(20), hands('both', 'knee')],
      ],
      cues: { do: 'Forearms on your thighs; in for three, out for six.', breath: 'In for three, out for six; no pause.' },
    },
    {
      on: 'counter2',
      name: 'Standing, forearms on the counter',
      poses: [[leg('both', { flexion: 12, knee: 4 })], [leg('both', { flexion: 18, knee: 6 })]],
      id: 'hold2',
      declared: { wristExtLoad: 0 },
      cues: {
        setup: 'Stand at a high counter, forearms on it, feet a step back.',
        do: 'Lean on your forearms; in for three, out for six.',
        breath: 'In for three, out for six; no pause.',
      },
    },
  ],
})

const tense = ladder({
  ...REST,
  id: 'tense-and-release',
  name: 'Tense and let go',
  main: ['shoulders', 'forearms-hands'],
  helping: ['quadriceps', 'calves'],
  everyday: 'falling asleep',
  view: 65,
  tempo: { out: 1, stay: 4, back: 5 },
  cues: { do: 'Tense gently for four, let go for longer.', breath: 'Breathe while you tense.', watch: 'Half strength is plenty.' },
  steps: [
    { on: 'bedWedge', name: 'In bed, hands and arms', poses: [[], [front(15, 60)]], declared: { gripDemand: 3 } },
    {
      on: 'seatBack',
      name: 'Sitting back, arms and legs',
      step: 'the legs too',
      poses: [[], [front(12, 90), feet('both', 'heel'), leg('both', { ankle: 8 })]],
      met: 1.3,
      declared: { gripDemand: 3 },
    },
    {
      on: 'supine',
      name: 'On the mat, whole body',
      step: 'on the floor, all of it',
      poses: [[], [front(12, 50)]],
      met: 1.4,
      declared: { gripDemand: 3 },
    },
  ],
})

const bodyScan = ladder({
  ...REST,
  id: 'body-scan',
  name: 'Quiet rest',
  main: ['neck', 'shoulders'],
  helping: ['lower-back'],
  everyday: 'a pause that is worth having',
  view: 75,
  dose: { sets: 1, reps: undefined, workSeconds: 90, restSeconds: 5 },
  declared: { cueChannel: 'auditory' },
  cues: { do: 'Be heavy; notice feet, seat, back, hands and face.', breath: 'Let it come and go.', watch: 'Get up slowly afterwards.' },
  steps: [
    { on: 'seatBack', poses: [[], [lean(-7)]] },
    {
      on: 'bedSide',
      name: 'On a bed, on the side, pillow between the knees',
      poses: [[leg('both', { flexion: 50, knee: 70 })], [leg('both', { flexion: 52, knee: 72 })]],
      met: 1.25,
    },
    {
      on: 'supine',
      name: 'On the mat, legs on a chair',
      step: 'flat on the back',
      poses: [
        [leg('both', { flexion: 85, knee: 88 }), feet('both', 'free')],
        [leg('both', { flexion: 86, knee: 88 }), feet('both', 'free'), diagonal(20, 10)],
      ],
      met: 1.3,
      cues: { do: 'Lower legs on the chair; be heavy and notice feet to face.' },
      props: ['legChair'],
      needs: ['chair'],
    },
  ],
})

const armsUpBreath = ladder({
  ...REST,
  id: 'wave-breath',
  name: 'Wave breath',
  main: ['shoulders', 'upper-back'],
  helping: ['abdominals'],
  everyday: 'filling the lungs by the lake',
  view: 25,
  cues: { do: 'Arms float out and up like a wave, and sink.', breath: 'In as they rise, out as they sink.', watch: 'Stay below any pinch.' },
  steps: [
    { on: 'seatBack', poses: [[wide(12)], [wide(55, 15)]] },
    { on: 'seat', poses: [[wide(12)], [wide(85, 15)]] },
    { on: 'free', poses: [[wide(10)], [wide(120, 15)]] },
  ],
})

export const EASE = [
  neckTilt,
  catCow,
  trunkTurn,
  sideReach,
  hipCircle,
  kneeRock,
  ankleCircle,
  pressBack,
  rollDown,
  openBook,
  pendulum,
  calfStretch,
  quadStretch,
  hipFlexor,
  figureFour,
  innerStretch,
  sideStretch,
  crossBody,
  tricepsStretch,
  hug,
  wristStretch,
  hamstringLying,
  kneeHug,
  chairTwist,
  longSitReach,
  forwardHang,
  straddle,
  bellyBreath,
  longOut,
  tense,
  bodyScan,
  armsUpBreath,
]
