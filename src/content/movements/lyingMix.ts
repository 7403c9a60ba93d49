import { arm, feet, lean, leg, neck, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { front, reach, wide } from './shapes'

const ALL_FOURS = 'A heavy chair beside the mat. Hands under shoulders, knees under hips, on a pad.'
const lifted = [lean(-110), leg('both', { flexion: 22 })] as const
const upperArmsDown = wide(60, 90, -70)

const bridgePress = ladder({
  id: 'bridge-press',
  name: 'Hip lift with a press',
  purpose: 'strength-legs',
  phase: 'main',
  main: ['glutes', 'chest'],
  helping: ['hamstrings', 'triceps', 'shoulders'],
  everyday: 'opening a heavy door; getting up from bed',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 1, back: 3 },
  pattern: ['hinge', 'push'],
  serves: 'moving-in-bed',
  partners: ['heel-press', 'knee-hug'],
  rpe: [2, 4.5],
  dose: { sets: 1, reps: 8, restSeconds: 45 },
  gradedBy: ['intendedRpe', 'met', 'externalLoadKg'],
  cues: { breath: 'Out as hips and hands go up.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, press and squeeze the seat',
      poses: [[arm('both', { raise: 30, plane: 60, elbow: 110 })], [front(72, 8)]],
      declared: { met: 1.7 },
      cues: { do: 'Push both hands forward as the seat muscles squeeze; let go of both.', watch: 'Do not hold the breath.' },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, empty hands',
      poses: [[upperArmsDown], [...lifted, front(88, 8)]],
      declared: { abdominalPressure: 1 },
      met: 2.4,
      cues: {
        setup: 'Lie on the bed, knees bent, feet hip-wide, head on a pillow.',
        do: 'Hips lift as the hands press to the ceiling; lower both together.',
        watch: 'Only as high as ribs and hips in one line.',
      },
    },
    {
      on: 'supine',
      name: 'On the mat, light weights',
      with: 'dumbbell',
      kg: 1,
      poses: [[upperArmsDown], [lean(-112), leg('both', { flexion: 20 }), front(88, 8)]],
      declared: { abdominalPressure: 1 },
      met: 2.7,
      cues: {
        setup: 'A heavy chair beside the mat. Lie down, knees bent, weights at the chest.',
        do: 'Lift the hips, press the weights up; elbows down first, then the hips.',
        watch: 'Weights stay over the chest on the way down.',
      },
    },
  ],
})

const lyingElbow = ladder({
  id: 'lying-elbow-bend',
  name: 'Elbow bends lying',
  purpose: 'strength-arms',
  phase: 'main',
  main: ['triceps'],
  helping: ['shoulders'],
  everyday: 'pushing yourself up on the elbow',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 0, back: 4 },
  pattern: ['push'],
  serves: 'moving-in-bed',
  partners: ['curl', 'chest-press'],
  rpe: [2, 4],
  dose: { sets: 1, reps: 8, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'externalLoadKg'],
  cues: { breath: 'Out as the elbows straighten.' },
  steps: [
    {
      on: 'bedWedge',
      name: 'On a wedge in bed, empty hands',
      poses: [[front(78, 84)], [front(78, 8)]],
      cues: {
        setup: 'Lean back on the wedge in bed, knees bent, upper arms forward.',
        do: 'Bend the elbows until the hands come near the brow, and straighten them.',
        watch: 'Elbows stay as wide as the shoulders.',
      },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, light weights',
      with: 'dumbbell',
      kg: 1,
      poses: [[front(84, 84)], [front(84, 8)]],
      cues: {
        setup: 'Lie on the bed, knees bent, a weight in each hand above the chest.',
        do: 'Lower the weights slowly beside the head for four; straighten for two.',
        watch: 'A weight goes beside the face, never over it.',
      },
    },
    {
      on: 'supine',
      name: 'On the mat, medium weights',
      with: 'dumbbell',
      kg: 1.5,
      poses: [[front(86, 86)], [front(86, 8)]],
      cues: {
        setup: 'A heavy chair beside the mat. Lie down, knees bent, weights above the chest.',
        do: 'Four slow counts down beside the ears, two up.',
        watch: 'The low back stays quiet on the mat.',
      },
    },
  ],
})

const hipLook = ladder({
  id: 'look-to-hip',
  name: 'Look to the hip',
  purpose: 'mobility',
  phase: 'any',
  side: 'alternating',
  main: ['obliques'],
  helping: ['neck', 'lower-back'],
  everyday: 'looking behind you on a narrow path',
  tempoClass: 'breath',
  tempo: { out: 3, stay: 1, back: 3 },
  pattern: ['rotate'],
  serves: 'looking-round',
  partners: ['grow-tall', 'pelvic-tilt'],
  rpe: [1.5, 2.5],
  dose: { sets: 1, reps: 6, restSeconds: 10 },
  gradedBy: ['intendedRpe', 'met'],
  view: 60,
  cues: { breath: 'Out as you look, in as you come home.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, ear and hip draw near',
      view: 20,
      poses: [[], [spine({ sideBend: 10 }), neck({ turn: -26 })]],
      cues: { do: 'Look down past one shoulder to the hip, and home; then the other.', watch: 'Both sit bones stay heavy.' },
    },
    {
      on: 'allFours',
      name: 'On hands and knees, look to one hip',
      poses: [[], [spine({ sideBend: 14 }), neck({ turn: -28 })]],
      cues: {
        setup: ALL_FOURS,
        do: 'Look round to one hip as the ribs of that side shorten; then the other.',
        watch: 'The back neither sinks nor rounds.',
      },
    },
  ],
})

const foursKnee = ladder({
  id: 'knee-to-elbow-fours',
  name: 'Knee towards the elbow, leaning',
  purpose: 'strength-trunk',
  phase: 'main',
  side: 'alternating',
  main: ['abdominals'],
  helping: ['hip-flexors', 'glutes', 'shoulders'],
  everyday: 'climbing into a boat',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 1, back: 2 },
  pattern: ['reach'],
  serves: 'getting-up',
  partners: ['brace-reach', 'bridge'],
  rpe: [2.5, 4.5],
  dose: { sets: 1, reps: 6, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'met', 'abdominalPressure'],
  view: 80,
  cues: { breath: 'Out as the knee comes in.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, knee and hand meet half way',
      poses: [[], [leg('right', { flexion: 100, knee: 88 }), feet('right', 'free'), reach('left', 34, 100, 60)]],
      declared: { cognitiveLoad: 1 },
      cues: {
        do: 'One knee rises a little as the other hand comes to meet it; change.',
        watch: 'The hand comes to the knee; the back does not round.',
      },
    },
    {
      on: 'allFours',
      name: 'On hands and knees, knee slides in',
      poses: [[], [leg('right', { flexion: 104, knee: 110 }), feet('right', 'free')]],
      declared: { abdominalPressure: 2, balanceDemand: 2 },
      met: 2.6,
      cues: {
        setup: ALL_FOURS,
        do: 'Draw one knee a little towards the hands, set it back; then the other.',
        watch: 'The back stays flat; the hands stay heavy.',
      },
    },
  ],
})

export const LYING_MIX = [bridgePress, lyingElbow, hipLook, foursKnee]
