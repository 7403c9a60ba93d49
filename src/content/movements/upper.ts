import { arm, hands, lean, leg, neck, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { behind, bend, diagonal, front, lift, reach, split, wide } from './shapes'

const ARMS = {
  purpose: 'strength-arms',
  phase: 'main',
  tempo: { out: 2, stay: 0, back: 3 },
  dose: { sets: 2, reps: 10, restSeconds: 45 },
} as const

const lateralRaise = ladder({
  ...ARMS,
  id: 'lateral-raise',
  name: 'Side raise',
  main: ['shoulders'],
  helping: ['upper-back', 'rotator-cuff'],
  everyday: 'opening both curtains at once',
  rpe: [2, 5],
  view: 20,
  cues: { do: 'Float the arms out to the side, lower slowly.', breath: 'Out on the way up.', watch: 'Never higher than the shoulder; no shrug.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, a little way', poses: [[], [wide(45, 20)]] },
    { on: 'seat', name: 'Sitting tall, to shoulder height', step: 'higher', poses: [[], [wide(80, 15)]] },
    { id: 'one-kg', on: 'seat', name: 'Sitting tall, 1 kg', with: 'dumbbell', kg: 1, poses: [[wide(8, 15)], [wide(78, 18)]], met: 2.3 },
    { on: 'free', name: 'Standing, 1.5 kg', with: 'dumbbell', kg: 1.5, poses: [[wide(8, 15)], [wide(80, 15)]] },
  ],
})

const frontRaise = ladder({
  ...ARMS,
  id: 'front-raise',
  name: 'Front raise',
  main: ['shoulders'],
  helping: ['chest', 'upper-back'],
  everyday: 'lifting a tray onto the table',
  rpe: [2, 5],
  view: 70,
  cues: { do: 'Lift the arms forward, pause, lower slowly.', breath: 'Out on the way up.', watch: 'The back does not lean away.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, one arm at a time', side: 'alternating', poses: [[], [reach('right', 70)]] },
    { on: 'seat', poses: [[], [front(82)]] },
    { id: 'one-kg', on: 'seat', name: 'Sitting tall, 1 kg', with: 'dumbbell', kg: 1, poses: [[front(12)], [front(80)]], met: 2.3 },
    { on: 'free', name: 'Standing, 2 kg', with: 'dumbbell', kg: 2, poses: [[front(10)], [front(82)]] },
  ],
})

const scaption = ladder({
  ...ARMS,
  id: 'v-raise',
  name: 'V-raise',
  main: ['shoulders', 'rotator-cuff'],
  helping: ['upper-back'],
  everyday: 'hanging washing on the line',
  rpe: [2, 4.5],
  view: 25,
  cues: { do: 'Thumbs up, lift the arms in a wide V, lower.', breath: 'Out on the way up.', watch: 'Shoulders stay away from the ears.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, below shoulder height', poses: [[], [diagonal(60)]] },
    { on: 'seat', name: 'Sitting tall, above shoulder height', step: 'higher', poses: [[], [diagonal(115)]] },
    { id: 'one-kg', on: 'seat', name: 'Sitting tall, 1 kg', with: 'dumbbell', kg: 1, poses: [[diagonal(10)], [diagonal(85)]], met: 2.2 },
    { on: 'free', name: 'Standing, 1.5 kg', with: 'dumbbell', kg: 1.5, poses: [[diagonal(10)], [diagonal(85)]] },
  ],
})

const hammerCurl = ladder({
  ...ARMS,
  id: 'hammer-curl',
  name: 'Hammer curl',
  main: ['biceps', 'forearms-hands'],
  helping: ['shoulders'],
  everyday: 'lifting a full kettle',
  rpe: [2, 5],
  view: 65,
  cues: { do: 'Thumbs up, bend the elbows, lower slowly.', breath: 'Out as you lift.', watch: 'Elbows stay at the side; no swing.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, one arm, empty fist', side: 'alternating', poses: [[], [reach('right', 8, 80, 120)]] },
    { on: 'seat', name: 'Sitting tall, 1 kg', with: 'dumbbell', kg: 1, poses: [[front(6, 12)], [front(10, 125)]] },
    { id: 'two-kg', on: 'seat', name: 'Sitting tall, 2 kg', with: 'dumbbell', kg: 2, poses: [[front(6, 12)], [front(10, 125)]], met: 2.3 },
    { on: 'free', name: 'Standing, 3 kg', with: 'dumbbell', kg: 3, poses: [[front(6, 10)], [front(10, 128)]] },
  ],
})

const reverseFly = ladder({
  ...ARMS,
  id: 'reverse-fly',
  name: 'Reverse fly',
  main: ['upper-back'],
  helping: ['shoulders', 'rotator-cuff'],
  everyday: 'opening the shoulders after the computer',
  rpe: [2, 5],
  view: 35,
  cues: {
    do: 'Open the arms wide, blades towards each other, return.',
    breath: 'In to open, out to close.',
    watch: 'Long neck; arms never rise past the shoulder line.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, empty hands', poses: [[front(60, 30)], [wide(60, 30)]] },
    {
      on: 'seat',
      name: 'Leaning forward, empty hands',
      step: 'leaning from the hips',
      poses: [
        [lean(30), front(60, 20)],
        [lean(30), wide(70, 20)],
      ],
    },
    {
      id: 'one-kg',
      on: 'seat',
      name: 'Leaning forward, 1 kg',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [lean(32), front(62, 18)],
        [lean(32), wide(72, 20)],
      ],
      met: 2.3,
    },
    {
      on: 'free',
      name: 'Standing hinge, 1 kg',
      with: 'dumbbell',
      kg: 1,
      step: 'on the feet',
      poses: [
        [leg('both', { flexion: 52, knee: 18 }), front(55, 15)],
        [leg('both', { flexion: 52, knee: 18 }), wide(75, 18)],
      ],
    },
  ],
})

const oneArmRow = ladder({
  ...ARMS,
  id: 'one-arm-row',
  name: 'One-arm row',
  side: 'one-then-other',
  main: ['upper-back', 'biceps'],
  helping: ['shoulders', 'lower-back'],
  everyday: 'starting a mower, pulling a suitcase from the rack',
  rpe: [3, 6],
  view: 80,
  cues: { do: 'Long back; draw the elbow past the ribs, lower.', breath: 'Out on the pull.', watch: 'The trunk does not turn with the arm.' },
  steps: [
    {
      on: 'seat',
      name: 'Leaning on one thigh, 1 kg',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [lean(28), reach('right', 30, 88, 6)],
        [lean(28), reach('right', 25, -75, 95)],
      ],
    },
    {
      on: 'hold1',
      name: 'One hand held, 2 kg',
      with: 'dumbbell',
      kg: 2,
      poses: [
        [leg('both', { flexion: 40, knee: 15 }), reach('right', 40, 88, 4)],
        [leg('both', { flexion: 40, knee: 15 }), reach('right', 25, -75, 95)],
      ],
    },
    {
      id: 'four-kg',
      on: 'hold1',
      name: 'One hand held, 4 kg',
      with: 'dumbbell',
      kg: 4,
      poses: [
        [leg('both', { flexion: 42, knee: 15 }), reach('right', 42, 88, 4)],
        [leg('both', { flexion: 42, knee: 15 }), reach('right', 28, -75, 95)],
      ],
      met: 2.8,
    },
    {
      on: 'free',
      name: 'Two arms, standing hinge, 4 kg',
      side: 'both',
      with: 'dumbbell',
      kg: 4,
      step: 'nothing to lean on',
      poses: [
        [leg('both', { flexion: 58, knee: 18 }), front(52, 4)],
        [leg('both', { flexion: 58, knee: 18 }), behind(30, 90)],
      ],
      met: 3.2,
    },
  ],
})

const kickback = ladder({
  ...ARMS,
  id: 'triceps-kickback',
  name: 'Elbow straightening behind',
  main: ['triceps'],
  helping: ['shoulders', 'upper-back'],
  everyday: 'pushing up from the arms of a chair',
  rpe: [2, 5],
  view: 80,
  cues: { do: 'Elbows back and still; straighten the arms, bend again.', breath: 'Out as they straighten.', watch: 'Only the forearm moves.' },
  steps: [
    { on: 'seatBack', name: 'Sitting tall, press the hands down', poses: [[front(5, 80)], [front(5, 15)]] },
    {
      on: 'seat',
      name: 'Leaning forward, empty hands',
      step: 'leaning from the hips',
      poses: [
        [lean(25), behind(35, 90)],
        [lean(25), behind(38, 10)],
      ],
    },
    {
      id: 'one-kg',
      on: 'seat',
      name: 'Leaning forward, 1 kg',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [lean(28), behind(38, 90)],
        [lean(28), behind(42, 12)],
      ],
      met: 2.3,
    },
    {
      on: 'free',
      name: 'Standing hinge, 2 kg',
      with: 'dumbbell',
      kg: 2,
      poses: [
        [leg('both', { flexion: 50, knee: 18 }), behind(38, 90)],
        [leg('both', { flexion: 50, knee: 18 }), behind(42, 12)],
      ],
    },
  ],
})

const tricepsOverhead = ladder({
  ...ARMS,
  id: 'triceps-overhead',
  name: 'Elbow straightening overhead',
  main: ['triceps'],
  helping: ['shoulders', 'abdominals'],
  everyday: 'pulling a jumper over the head',
  rpe: [2, 4.5],
  view: 75,
  cues: { do: 'Elbows point up; straighten, then bend behind the head.', breath: 'Out as they straighten.', watch: 'Ribs stay down, elbows close.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, hands to forehead height', poses: [[front(95, 120)], [front(110, 25)]] },
    { on: 'seat', name: 'Sitting tall, overhead, empty hands', step: 'above the head', poses: [[front(140, 120)], [front(150, 15)]] },
    { id: 'one-kg', on: 'seat', name: 'Sitting tall, 1 kg', with: 'dumbbell', kg: 1, poses: [[front(145, 118)], [front(155, 12)]], met: 2.3 },
  ],
})

const chairPush = ladder({
  ...ARMS,
  id: 'chair-push',
  name: 'Chair press-up',
  main: ['triceps', 'chest'],
  helping: ['shoulders', 'upper-back'],
  everyday: 'getting up when the legs need help',
  rpe: [3, 6],
  view: 75,
  dose: { sets: 2, reps: 6, restSeconds: 60 },
  gradedBy: ['intendedRpe', 'met', 'wristExtLoad'],
  declared: { wristExtLoad: 1 },
  cues: {
    do: 'Hands on the arms of the chair; press until you are light.',
    breath: 'Out on the press.',
    watch: 'Shoulders down, not into the ears.',
  },
  steps: [
    { on: 'seat', name: 'Press until light', poses: [[hands('both', 'chairArm')], [hands('both', 'chairArm'), lean(8)]] },
    {
      id: 'lift',
      on: 'seat',
      name: 'Lift the seat a little',
      step: 'the seat leaves the chair',
      poses: [
        [hands('both', 'chairArm'), lean(12)],
        [hands('both', 'chairArm'), lean(26)],
      ],
      declared: { wristExtLoad: 2 },
      met: 2.4,
    },
    {
      id: 'dip',
      on: 'hold2',
      name: 'Standing dip at the chair back',
      step: 'more of the body on the arms',
      poses: [[leg('both', { flexion: 22 })], [leg('both', { flexion: 34, knee: 22 })]],
      declared: { wristExtLoad: 2 },
      met: 2.8,
    },
  ],
})

const chestPress = ladder({
  ...ARMS,
  id: 'chest-press',
  bandRuns: 'hands',
  name: 'Chest press',
  main: ['chest', 'triceps'],
  helping: ['shoulders'],
  everyday: 'pushing a loaded trolley',
  rpe: [2, 5],
  view: 70,
  cues: { do: 'Press both hands away from the chest, bring them home.', breath: 'Out on the press.', watch: 'Wrists straight, shoulders low.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, empty hands', poses: [[front(45, 115)], [front(78, 8)]] },
    {
      on: 'seat',
      name: 'Sitting tall, band behind the back',
      with: 'band',
      kg: 2,
      poses: [[front(45, 115)], [front(80, 8)]],
      declared: { met: 2.2 },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, 1 kg',
      with: 'dumbbell',
      kg: 1,
      step: 'lying, weight against gravity',
      poses: [[wide(60, 90, -70)], [front(88, 6)]],
      met: 2.3,
      rpe: 4,
    },
    { on: 'supine', name: 'On the mat, 2 kg', with: 'dumbbell', kg: 2, poses: [[wide(60, 90, -70)], [front(88, 6)]], met: 2.6 },
  ],
  gradedBy: ['intendedRpe', 'met'],
})

const chestFly = ladder({
  ...ARMS,
  id: 'chest-fly',
  name: 'Arms close and open',
  main: ['chest'],
  helping: ['shoulders'],
  everyday: 'hugging somebody well',
  rpe: [2, 4],
  view: 30,
  gradedBy: ['intendedRpe', 'met'],
  cues: {
    do: 'Open the arms in a wide curve, bring the palms together.',
    breath: 'In to open, out to close.',
    watch: 'Elbows a little bent, never behind the shoulders.',
  },
  steps: [
    { on: 'seatBack', poses: [[wide(60, 30)], [front(65, 25)]] },
    {
      on: 'seat',
      name: 'Sitting tall, palms press at the end',
      step: 'sitting free, palms press',
      poses: [[wide(70, 25)], [front(72, 35)]],
      tempo: { stay: 3 },
    },
    { on: 'bedSupine', name: 'On a bed, 1 kg', with: 'dumbbell', kg: 1, poses: [[wide(65, 30)], [front(88, 15)]], met: 2.3 },
  ],
})

const externalRotation = ladder({
  ...ARMS,
  id: 'external-rotation',
  bandRuns: 'hands',
  name: 'Forearms open',
  main: ['rotator-cuff'],
  helping: ['shoulders', 'upper-back'],
  everyday: 'reaching for the door handle beside you',
  rpe: [1.5, 4],
  view: 20,
  cues: { do: 'Elbows at the ribs, turn the forearms out, and back.', breath: 'Out as they open.', watch: 'The elbows never leave the ribs.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, empty hands', poses: [[front(4, 90)], [arm('both', { raise: 4, plane: 45, elbow: 90, rotation: 40 })]] },
    {
      on: 'seat',
      name: 'Sitting tall, light band',
      with: 'band',
      kg: 1,
      poses: [[front(4, 90)], [arm('both', { raise: 4, plane: 45, elbow: 90, rotation: 40 })]],
    },
    {
      on: 'free',
      name: 'Standing, firmer band',
      with: 'band',
      kg: 2,
      poses: [[front(4, 90)], [arm('both', { raise: 4, plane: 45, elbow: 90, rotation: 45 })]],
    },
  ],
})

const goalpost = ladder({
  ...ARMS,
  id: 'goalpost-rotation',
  name: 'Forearms up and down',
  main: ['rotator-cuff', 'shoulders'],
  helping: ['upper-back'],
  everyday: 'waving somebody in to dock',
  rpe: [2, 4],
  view: 40,
  gradedBy: ['shoulderAbductionDeg', 'intendedRpe'],
  cues: { do: 'Elbows out, turn the forearms up, then forward.', breath: 'In up, out down.', watch: 'Elbows stay level; stop where it pinches.' },
  steps: [
    { on: 'seatBack', name: 'Elbows low', poses: [[wide(40, 90, 0)], [wide(40, 90, 45)]] },
    { on: 'seat', name: 'Elbows a little under shoulder height', step: 'elbows higher', poses: [[wide(65, 90, 0)], [wide(65, 90, 55)]] },
    {
      id: 'level',
      on: 'seat',
      name: 'Elbows at shoulder height',
      step: 'to the goal-post shape',
      poses: [[wide(85, 90, 0)], [wide(85, 90, 80)]],
      met: 2.2,
    },
  ],
})

const pushUp = ladder({
  ...ARMS,
  id: 'push-up',
  name: 'Push-up',
  main: ['chest', 'triceps'],
  helping: ['shoulders', 'abdominals'],
  everyday: 'pushing yourself up from the floor or out of bed',
  rpe: [2, 6.5],
  view: 85,
  dose: { sets: 2, reps: 8, restSeconds: 60 },
  gradedBy: ['intendedRpe', 'wristExtLoad', 'met'],
  cues: { do: 'Bend the elbows, chest comes near, press away.', breath: 'Out on the press.', watch: 'One long line; the low back does not sag.' },
  steps: [
    { on: 'seat', name: 'Sitting, palms press together', poses: [[hands('both', 'chest')], [front(55, 100)]], tempo: { stay: 4 } },
    {
      on: 'wall2',
      poses: [
        [leg('both', { flexion: 8 }), lean(10)],
        [leg('both', { flexion: 4 }), lean(18)],
      ],
      declared: { abdominalPressure: 1 },
    },
    {
      on: 'counter2',
      poses: [
        [leg('both', { flexion: 6 }), lean(24)],
        [leg('both', { flexion: 6 }), lean(32)],
      ],
      declared: { abdominalPressure: 2 },
      met: 3,
    },
    {
      on: 'allFours',
      poses: [[], [lean(88), leg('both', { flexion: 100, knee: 102 })]],
      declared: { abdominalPressure: 2, breathHoldRisk: 2 },
      met: 3.2,
      rpe: 5.5,
    },
    { on: 'plank', name: 'On the floor, knees off', poses: [[], [lean(76)]], declared: { abdominalPressure: 3, breathHoldRisk: 2 }, met: 3.8 },
  ],
})

const pullApart = ladder({
  ...ARMS,
  id: 'band-pull-apart',
  bandRuns: 'hands',
  name: 'Band pull-apart',
  main: ['upper-back', 'shoulders'],
  helping: ['rotator-cuff'],
  everyday: 'keeping the chest open at the table',
  rpe: [2, 5],
  view: 25,
  cues: { do: 'Hands at breastbone height; pull the band apart, return slowly.', breath: 'Out as you pull.', watch: 'Long neck, soft elbows.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, empty hands', poses: [[front(60, 30)], [arm('both', { raise: 60, plane: 35, elbow: 20 })]] },
    {
      on: 'seat',
      name: 'Sitting tall, light band',
      with: 'band',
      kg: 2,
      poses: [[front(62, 25)], [arm('both', { raise: 62, plane: 30, elbow: 18 })]],
    },
    {
      id: 'firm',
      on: 'seat',
      name: 'Sitting tall, hands nearer, firm',
      with: 'band',
      kg: 4,
      poses: [[front(62, 25)], [arm('both', { raise: 62, plane: 26, elbow: 18 })]],
      met: 2.3,
    },
    {
      on: 'free',
      name: 'Standing, firm',
      with: 'band',
      kg: 4,
      step: 'on the feet',
      poses: [
        [bend(14), front(62, 20)],
        [bend(14), arm('both', { raise: 64, plane: 26, elbow: 16 })],
      ],
    },
  ],
})

const pullDown = ladder({
  ...ARMS,
  id: 'band-pull-down',
  bandRuns: 'hands',
  name: 'Band pull-down',
  main: ['upper-back'],
  helping: ['biceps', 'shoulders'],
  everyday: 'closing the boot of the car',
  rpe: [2, 5],
  view: 15,
  cues: { do: 'Hands above the forehead; draw the elbows down and out.', breath: 'Out as you pull down.', watch: 'Hands stay in front of the face.' },
  steps: [
    { on: 'seatBack', name: 'Sitting back, empty hands', poses: [[diagonal(110, 30)], [diagonal(55, 110)]] },
    { on: 'seat', name: 'Sitting tall, light band', with: 'band', kg: 2, poses: [[diagonal(130, 20)], [diagonal(60, 110)]] },
    { on: 'free', name: 'Standing, firm band', with: 'band', kg: 4, poses: [[diagonal(135, 18)], [diagonal(60, 112)]] },
  ],
})

const wrist = ladder({
  ...ARMS,
  id: 'wrist-work',
  name: 'Wrist turns and bends',
  purpose: 'mobility',
  phase: 'any',
  main: ['forearms-hands'],
  helping: ['biceps'],
  everyday: 'turning a key, opening a jar',
  rpe: [1, 2.5],
  view: 55,
  dose: { sets: 1, reps: 10, restSeconds: 15 },
  cues: { do: 'Elbows bent, turn the palms up, turn them down.', breath: 'Breathe freely.', watch: 'Small and smooth; no forcing.' },
  steps: [
    { on: 'seatBack', name: 'Forearms on the thighs, palms turn', poses: [[], [hands('both', 'knee')]] },
    {
      on: 'seat',
      name: 'Elbows bent, palms turn and wrists bend',
      step: 'nothing to rest on',
      poses: [[front(6, 90)], [arm('both', { raise: 6, plane: 60, elbow: 95, rotation: 15 })]],
    },
    {
      id: 'half-kg',
      on: 'seat',
      name: 'Half a kilo',
      with: 'dumbbell',
      kg: 0.5,
      poses: [[front(6, 90)], [arm('both', { raise: 6, plane: 60, elbow: 95, rotation: 15 })]],
      met: 1.8,
    },
  ],
})

const handWork = ladder({
  ...ARMS,
  id: 'hand-work',
  name: 'Hands and fingers',
  purpose: 'mobility',
  phase: 'any',
  main: ['forearms-hands'],
  helping: [],
  everyday: 'buttons, coins and the lid of the jam',
  rpe: [1, 2],
  view: 50,
  dose: { sets: 1, reps: 10, restSeconds: 10 },
  gradedBy: ['intendedRpe', 'gripDemand', 'cognitiveLoad'],
  cues: { do: 'Make a soft fist, spread the fingers wide.', breath: 'Breathe freely.', watch: 'Stop before the joints ache.' },
  steps: [
    { id: 'open', on: 'seatBack', name: 'Open and close', poses: [[front(20, 95)], [front(30, 85)]] },
    {
      id: 'taps',
      on: 'seat',
      name: 'Thumb to each finger',
      step: 'one finger after the other',
      poses: [[front(20, 100)], [front(28, 95)]],
      do: 'Thumb meets each finger, there and back.',
      declared: { cognitiveLoad: 1 },
    },
    {
      id: 'squeeze',
      on: 'seat',
      name: 'Soft ball squeeze',
      step: 'against a soft ball',
      with: 'ball',
      poses: [[front(25, 90)], [front(28, 92)]],
      do: 'Squeeze the soft ball, count two, let go.',
      declared: { gripDemand: 1 },
    },
  ],
})

const curlPress = ladder({
  ...ARMS,
  id: 'curl-press',
  name: 'Curl and press',
  main: ['biceps', 'shoulders'],
  helping: ['triceps', 'abdominals'],
  everyday: 'from the shopping bag to the shelf',
  rpe: [2, 5.5],
  view: 35,
  declared: { cognitiveLoad: 1 },
  cues: {
    do: 'Curl to the shoulders, press up, and the same way back.',
    breath: 'Out on the press.',
    watch: 'Stop at the shoulders before you press.',
  },
  steps: [
    { on: 'seatBack', name: 'Sitting back, curl and press forward', poses: [[front(8, 20)], [front(25, 125)], [front(78, 10)]] },
    {
      on: 'seat',
      name: 'Sitting tall, curl and press up',
      step: 'up instead of forward',
      poses: [[front(8, 15)], [diagonal(30, 135)], [diagonal(145, 12)]],
    },
    {
      id: 'one-kg',
      on: 'seat',
      name: 'Sitting tall, 1 kg',
      with: 'dumbbell',
      kg: 1,
      poses: [[front(8, 15)], [diagonal(30, 135)], [diagonal(150, 12)]],
      met: 2.3,
    },
    { on: 'free', name: 'Standing, 2 kg', with: 'dumbbell', kg: 2, poses: [[front(8, 12)], [diagonal(30, 135)], [diagonal(155, 10)]] },
  ],
})

const bladeSet = ladder({
  ...ARMS,
  id: 'blade-set',
  name: 'Shoulder-blade setting',
  phase: 'any',
  main: ['upper-back'],
  helping: ['rotator-cuff', 'neck'],
  everyday: 'sitting tall without effort',
  rpe: [1.5, 3],
  view: 60,
  tempo: { out: 2, stay: 4, back: 2 },
  dose: { sets: 1, reps: 8, restSeconds: 15 },
  gradedBy: ['intendedRpe', 'met'],
  cues: {
    do: 'Slide the blades down and a little together, hold, let go.',
    breath: 'Keep breathing while you hold.',
    watch: 'The chin does not poke forward.',
  },
  steps: [
    { on: 'bedSupine', name: 'On a bed, palms up', poses: [[wide(25, 10)], [wide(32, 10, 30)]] },
    {
      on: 'seatBack',
      name: 'Sitting back, palms up on the thighs',
      poses: [[], [arm('both', { raise: 14, plane: 20, elbow: 60, rotation: 20 })]],
      met: 1.9,
    },
    { on: 'wall2', name: 'Facing the wall, hands flat', poses: [[], [lean(6)]], met: 2.2 },
    { on: 'allFours', step: 'weight on the arms', poses: [[], [spine({ flexion: 4 })]], met: 2.4 },
  ],
})

const wallSlide = ladder({
  ...ARMS,
  id: 'arm-slide',
  name: 'Arm slides',
  purpose: 'mobility',
  phase: 'any',
  main: ['shoulders', 'upper-back'],
  helping: ['rotator-cuff'],
  everyday: 'reaching the top of the wardrobe',
  rpe: [1, 2.5],
  view: 75,
  cues: { do: 'Let the hands slide up, and slide down again.', breath: 'Out as they slide up.', watch: 'As far as is easy, no pinch.' },
  steps: [
    { on: 'seatBack', name: 'Hands slide forward on the thighs', poses: [[], [lean(10), hands('both', 'knee')]] },
    { on: 'seat', name: 'Sitting, towel slides on a table', with: 'towel', step: 'on a table', poses: [[front(45, 60)], [lean(14), front(70, 8)]] },
    { on: 'wall2', name: 'Hands slide up the wall', poses: [[], [arm('both', { raise: 135, plane: 85, elbow: 20 })]], declared: { wristExtLoad: 1 } },
  ],
})

const carry = ladder({
  ...ARMS,
  id: 'carry',
  name: 'Carry',
  main: ['forearms-hands', 'upper-back'],
  helping: ['abdominals', 'shoulders'],
  everyday: 'two shopping bags to the car',
  rpe: [2, 5],
  view: 55,
  tempo: { out: 1, stay: 0, back: 1 },
  dose: { sets: 2, reps: undefined, workSeconds: 20, restSeconds: 45 },
  cues: { do: 'Weights at the sides; stand or walk tall.', breath: 'Talk while you carry.', watch: 'Shoulders level, no lean.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting tall, holding',
      with: 'dumbbell',
      kg: 1,
      poses: [[arm('both', { raise: 8, plane: 0, elbow: 6 })], [arm('both', { raise: 10, plane: 0, elbow: 8 })]],
      side: 'both',
    },
    {
      on: 'free',
      name: 'Standing, holding',
      with: 'dumbbell',
      kg: 2,
      poses: [[arm('both', { raise: 6, plane: 0, elbow: 4 })], [arm('both', { raise: 8, plane: 0, elbow: 6 })]],
    },
    {
      id: 'walk',
      on: 'free',
      name: 'Walking with weights',
      with: 'dumbbell',
      kg: 3,
      step: 'walking, 3 kg',
      poses: [
        [split('right', 2), arm('both', { raise: 6, plane: 0, elbow: 4 })],
        [split('left', 2), arm('both', { raise: 6, plane: 0, elbow: 4 })],
      ],
      declared: { travel: 'forward', impactLevel: 1, balanceDemand: 3 },
      met: 3.5,
    },
  ],
})

const pressKnee = ladder({
  ...ARMS,
  id: 'press-knee',
  name: 'Press with a knee lift',
  side: 'one-then-other',
  main: ['shoulders', 'hip-flexors'],
  helping: ['abdominals', 'triceps'],
  everyday: 'stepping up with something in the hand',
  rpe: [2, 5],
  view: 50,
  declared: { cognitiveLoad: 1 },
  cues: { do: 'One arm presses up as the same knee lifts.', breath: 'Out on the lift.', watch: 'Stand tall on the other side.' },
  steps: [
    { on: 'seat', poses: [[reach('right', 25, 70, 120)], [reach('right', 110, 70, 20), lift('right', 100)]] },
    { on: 'hold1', name: 'One hand held, no weight', poses: [[reach('right', 25, 70, 120)], [reach('right', 130, 60, 15), lift('right', 55, 70)]] },
    {
      id: 'one-kg',
      on: 'hold1',
      name: 'One hand held, 1 kg',
      with: 'dumbbell',
      kg: 1,
      poses: [[reach('right', 25, 70, 120)], [reach('right', 135, 60, 12), lift('right', 60, 75)]],
      met: 2.8,
    },
  ],
})

const neckPress = ladder({
  ...ARMS,
  id: 'chin-draw',
  name: 'Chin draw',
  purpose: 'mobility',
  phase: 'any',
  main: ['neck'],
  helping: ['upper-back'],
  everyday: 'looking up from the phone',
  rpe: [1, 2],
  view: 85,
  tempo: { out: 2, stay: 3, back: 2 },
  dose: { sets: 1, reps: 6, restSeconds: 10 },
  gradedBy: ['intendedRpe', 'met'],
  cues: {
    do: 'Draw the chin straight back, back of the neck long, let go.',
    breath: 'Breathe while you hold.',
    watch: 'The eyes stay level; it is small.',
  },
  steps: [
    { on: 'bedSupine', name: 'On a bed, head on a pillow', poses: [[], [neck({ flexion: 8 })]] },
    { on: 'seatBack', poses: [[], [neck({ flexion: 6 })]] },
    {
      on: 'seat',
      name: 'Sitting tall, light press into the hand',
      step: 'against the hand',
      poses: [[], [neck({ flexion: 6 }), hands('right', 'head')]],
    },
  ],
})

export const UPPER = [
  lateralRaise,
  frontRaise,
  scaption,
  hammerCurl,
  reverseFly,
  oneArmRow,
  kickback,
  tricepsOverhead,
  chairPush,
  chestPress,
  chestFly,
  externalRotation,
  goalpost,
  pushUp,
  pullApart,
  pullDown,
  wrist,
  handWork,
  curlPress,
  bladeSet,
  wallSlide,
  carry,
  pressKnee,
  neckPress,
]
