import { feet, hands, lean, leg, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { front, kick, lift, reach } from './shapes'

const TRUNK = {
  purpose: 'strength-trunk',
  phase: 'main',
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  gradedBy: ['intendedRpe', 'abdominalPressure'],
  view: 85,
} as const
export const MAT = 'Chair beside the mat. Lie on your back, knees bent, feet flat, head on a towel.'
const tableTop = [leg('both', { flexion: 90, knee: 90 }), feet('both', 'free')]

const bicycle = ladder({
  ...TRUNK,
  id: 'lying-bicycle',
  name: 'Lying bicycle',
  side: 'alternating',
  main: ['abdominals', 'obliques'],
  helping: ['hip-flexors'],
  everyday: 'kicking the covers off',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['step', 'rotate'],
  serves: 'moving-in-bed',
  partners: ['bridge', 'back-lift'],
  rpe: [2, 5],
  cues: { breath: 'Out as the knee comes in.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, one knee up, the other hand to it',
      poses: [[], [lift('right', 98, 84), reach('left', 60, 100, 30)]],
      declared: { abdominalPressure: 1, cognitiveLoad: 1 },
      cues: { do: 'Lift one foot and bring the other hand towards that knee; change.', watch: 'The back keeps its contact with the chair.' },
    },
    {
      on: 'bedWedge',
      name: 'Leaning on a wedge, heels slide in turn',
      poses: [[], [leg('right', { flexion: 50, knee: 25 }), feet('right', 'free')]],
      declared: { abdominalPressure: 1 },
      met: 2.1,
      cues: { do: 'Slide one heel away as the other draws in, as in slow cycling.', watch: 'Heels stay on the bed; the belly stays quiet.' },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, one knee in, the hand pushes it',
      poses: [[], [lift('right', 96, 94), reach('left', 64, 96, 14)]],
      declared: { abdominalPressure: 2 },
      met: 2.3,
      cues: { do: 'Bring one knee above the hip; the other hand presses it away; change.', watch: 'The head stays down, the neck long.' },
    },
    {
      on: 'supine',
      name: 'On the mat, head down, feet cycle low',
      poses: [
        [...tableTop, front(30)],
        [...tableTop, leg('right', { flexion: 46, knee: 24 }), front(30)],
      ],
      declared: { abdominalPressure: 3, breathHoldRisk: 2 },
      met: 2.8,
      cues: {
        setup: 'Chair beside the mat. Lie on your back, both knees above the hips, head on a towel.',
        do: 'Push one foot away and draw it in as the other goes: slow, small circles.',
        watch: 'Push higher as soon as the low back lifts.',
      },
    },
  ],
})

const crunchHip = ladder({
  ...TRUNK,
  id: 'curl-then-hips',
  name: 'Curl up, then hip lift',
  main: ['abdominals', 'glutes'],
  helping: ['neck', 'hamstrings'],
  everyday: 'shifting up the bed',
  tempoClass: 'two-moves',
  tempo: { out: 3, stay: 0, back: 3 },
  pattern: ['reach', 'hinge'],
  serves: 'moving-in-bed',
  partners: ['back-lift', 'heel-slide'],
  rpe: [1.5, 5],
  cues: { breath: 'Out on each lift.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, nod, then roll the hips',
      poses: [[hands('both', 'belly')], [hands('both', 'belly'), spine({ flexion: 8 })]],
      declared: { abdominalPressure: 1 },
      cues: { do: 'Nod and draw the belly in; ease; then roll the hips back and squeeze the seat.', watch: 'Small and slow; nothing hurries.' },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, nod, then lift the hips a little',
      poses: [[hands('both', 'belly')], [hands('both', 'belly'), lean(-100), leg('both', { flexion: 30 })]],
      declared: { abdominalPressure: 1 },
      met: 2.1,
      cues: { do: 'Nod the chin and ease; then lift the hips a hand’s breadth and lower.', watch: 'One after the other, with a breath between.' },
    },
    {
      on: 'supine',
      name: 'On the mat, shoulders lift, then the hips',
      poses: [[front(24)], [front(40), spine({ flexion: 24 })], [lean(-112), leg('both', { flexion: 20 })]],
      declared: { abdominalPressure: 3, spinalLoaded: true, breathHoldRisk: 2 },
      met: 2.9,
      cues: {
        setup: MAT,
        do: 'Curl head and shoulders up, lower; lift the hips, lower.',
        watch: 'The neck stays long; rest the head between.',
      },
    },
  ],
})

const legsHold = ladder({
  ...TRUNK,
  id: 'legs-up-hold',
  name: 'Legs up and held',
  main: ['abdominals'],
  helping: ['hip-flexors', 'pelvic-floor'],
  everyday: 'holding the legs still while somebody helps with shoes',
  tempoClass: 'single-joint',
  dose: { sets: 2, reps: 2, holdSeconds: 8, restSeconds: 45 },
  pattern: ['reach'],
  serves: 'moving-in-bed',
  partners: ['heel-slide', 'bridge'],
  rpe: [2, 5.5],
  cues: { breath: 'Breathe all the way through the hold.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, one foot floats',
      side: 'one-then-other',
      poses: [[], [lift('right', 96, 84)]],
      declared: { abdominalPressure: 1 },
      cues: { do: 'Float one foot a finger off the floor and hold; then the other.', watch: 'Lean back; put it down before you hold your breath.' },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, one knee above the hip',
      side: 'one-then-other',
      poses: [[], [lift('right', 90, 90)]],
      declared: { abdominalPressure: 1 },
      met: 2,
      cues: { do: 'Lift one knee above the hip and hold; lower; then the other.', watch: 'The low back stays as it was.' },
    },
    {
      on: 'supine',
      name: 'On the mat, both knees above the hips',
      side: 'both',
      poses: [[...tableTop], [...tableTop, front(86)]],
      declared: { abdominalPressure: 3, breathHoldRisk: 1 },
      met: 2.4,
      cues: {
        setup: MAT,
        do: 'One knee up, then the other, and hold both; lower one by one.',
        watch: 'Feet down as soon as the belly domes or the back lifts.',
      },
    },
    {
      id: 'lower',
      on: 'supine',
      name: 'On the mat, both lowered a little',
      step: 'longer lever',
      side: 'both',
      poses: [[...tableTop], [leg('both', { flexion: 72, knee: 92 }), feet('both', 'free')]],
      declared: { abdominalPressure: 3, breathHoldRisk: 2 },
      met: 2.7,
      rpe: 6,
      dose: { holdSeconds: 5 },
      cues: {
        setup: MAT,
        do: 'From both knees up, let the feet sink a hand’s breadth and hold there.',
        watch: 'A very small way; back up before the low back moves.',
      },
    },
  ],
})

const rollBack = ladder({
  ...TRUNK,
  id: 'strap-roll-back',
  name: 'Roll back with a strap',
  main: ['abdominals'],
  helping: ['hip-flexors', 'biceps'],
  everyday: 'letting yourself down into bed',
  tempoClass: 'two-moves',
  tempo: { out: 3, stay: 1, back: 3 },
  pattern: ['hinge'],
  serves: 'moving-in-bed',
  partners: ['back-lift', 'sit-and-reach-out'],
  rpe: [2, 5],
  cues: { breath: 'Out on the way back up.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, hands on the thighs, lean back a little',
      poses: [[hands('both', 'thigh')], [hands('both', 'thigh'), lean(-8)]],
      declared: { abdominalPressure: 1 },
      cues: {
        setup: 'Sit a hand’s breadth before the back of the chair, hands on the thighs.',
        do: 'Lean back till the belly takes over, come up tall.',
        watch: 'Long back, not round; the chair is there to catch you.',
      },
    },
    {
      on: 'bedLongSit',
      name: 'On a bed, a strap round the feet',
      with: 'towel',
      poses: [
        [lean(0), leg('both', { flexion: 103, knee: 26 }), front(58, 30)],
        [lean(-10), leg('both', { flexion: 93, knee: 26 }), front(60, 12)],
      ],
      declared: { abdominalPressure: 2 },
      met: 2.2,
      cues: {
        setup: 'Sit on the bed with soft knees, a strap round both feet, pillows behind you.',
        do: 'Lean back a little with the strap helping, come up tall.',
        watch: 'A long back; the strap helps and is not pulled at.',
      },
    },
    {
      on: 'longSit',
      name: 'On the mat, further back',
      with: 'towel',
      poses: [
        [lean(0), leg('both', { flexion: 105, knee: 30 }), front(58, 30)],
        [lean(-24), leg('both', { flexion: 81, knee: 30 }), front(62, 8)],
      ],
      declared: { abdominalPressure: 3, breathHoldRisk: 1 },
      met: 2.6,
      cues: {
        setup: 'Chair beside the mat. Sit with soft knees, a strap round both feet, an end in each hand.',
        do: 'Lean back as far as the breath flows; come up tall.',
        watch: 'A long back; no jerk on the strap.',
      },
    },
  ],
})

const legToHand = ladder({
  ...TRUNK,
  id: 'leg-to-other-hand',
  name: 'Leg to the other hand',
  side: 'alternating',
  main: ['abdominals', 'hip-flexors'],
  helping: ['obliques', 'shoulders'],
  everyday: 'reaching the bell from bed',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['reach', 'step'],
  serves: 'moving-in-bed',
  partners: ['bridge', 'back-lift'],
  rpe: [2, 5],
  declared: { cognitiveLoad: 1 },
  cues: { breath: 'Out as hand and leg meet.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting tall, low kick, hand towards it',
      poses: [[], [kick('right', 30, 88), reach('left', 72, 92, 10)]],
      declared: { cognitiveLoad: 1, abdominalPressure: 1 },
      cues: {
        do: 'Lift one foot low before you, the other hand reaches towards it; change.',
        watch: 'Reach from the shoulder; the back stays tall.',
      },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, bent knee to the hand',
      poses: [[], [lift('right', 92, 90), reach('left', 62, 94, 10)]],
      declared: { cognitiveLoad: 1, abdominalPressure: 2 },
      met: 2.2,
      cues: {
        do: 'One knee comes up above the hip and the other hand reaches to it; back; change.',
        watch: 'The head stays on the pillow.',
      },
    },
    {
      on: 'supine',
      name: 'On the mat, long leg to the hand',
      poses: [[], [leg('right', { flexion: 72, knee: 14 }), feet('right', 'free'), reach('left', 70, 94, 6)]],
      declared: { cognitiveLoad: 1, abdominalPressure: 2 },
      met: 2.5,
      cues: {
        setup: MAT,
        do: 'Float one long leg up; the other hand reaches to the shin; lower both slowly; change.',
        watch: 'The other foot presses the mat; the head stays down.',
      },
    },
  ],
})

const kneePress = ladder({
  id: 'knee-across-press',
  name: 'Knee across with a press',
  purpose: 'flexibility',
  phase: 'cool-down',
  side: 'one-then-other',
  main: ['glutes', 'obliques'],
  helping: ['lower-back'],
  everyday: 'turning over in bed',
  tempoClass: 'breath',
  dose: { sets: 1, reps: 1, holdSeconds: 20, restSeconds: 10, rpe: 2 },
  pattern: ['rotate'],
  serves: 'moving-in-bed',
  partners: ['figure-four', 'knee-hug'],
  gradedBy: ['twistDeg', 'met', 'intendedRpe'],
  rpe: [2, 2],
  view: 60,
  cues: { breath: 'Breathe low and slow; let it soften on the way out.' },
  steps: [
    {
      on: 'bedSupine',
      name: 'On a bed, knee up, hands hold it there',
      poses: [[], [lift('right', 100, 104), hands('both', 'knee')]],
      met: 1.4,
      cues: {
        do: 'Lift one knee above the hip, hold it with both hands, press it away and let go.',
        watch: 'The other foot stays flat, the pelvis level.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting, hand presses the outer knee',
      poses: [[], [hands('left', 'knee'), leg('right', { flexion: 92, rotation: -4 }), spine({ twist: 6 })]],
      cues: {
        do: 'One hand presses gently on the outside of the other knee, which presses back; hold, and ease.',
        watch: 'Sit tall on both sit bones; nothing pinches in the groin.',
      },
    },
    {
      on: 'supine',
      name: 'On the mat, knees dropped to one side, hand rests on them',
      poses: [
        [],
        [spine({ twist: 14 }), leg('right', { abduction: 16 }), leg('left', { abduction: -6 }), reach('left', 74, 6, 8), reach('right', 24, 80, 12)],
      ],
      met: 1.4,
      cues: {
        setup: MAT,
        do: 'Let both knees sink to one side, a hand resting on them; hold, and change.',
        watch: 'Both shoulders stay heavy; a cushion under the knees helps.',
      },
    },
  ],
})

/** Lying or leaning back: the trunk holds while the legs move, with a seat for whoever does not lie. */
export const LYING_TRUNK = [bicycle, crunchHip, legsHold, rollBack, legToHand, kneePress]
