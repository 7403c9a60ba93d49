import { arm, lean, leg, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { bend, front, pressed, racked, SHORT, split, wide } from './shapes'

const ARMS = {
  purpose: 'strength-arms',
  phase: 'main',
  gradedBy: ['intendedRpe', 'externalLoadKg', 'balanceDemand'],
} as const

const splitBoth = ladder({
  ...ARMS,
  id: 'split-both-arms',
  name: 'Both arms row in a split stance',
  side: 'one-then-other',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  main: ['upper-back'],
  helping: ['biceps', 'glutes', 'shoulders'],
  everyday: 'dragging the skiff up the slip',
  pattern: ['pull', 'lunge'],
  serves: 'lifting',
  partners: ['split-curl', 'chest-press'],
  rpe: [2, 4.5],
  view: 75,
  cues: { breath: 'Out as the elbows go back.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting and leaning, empty hands',
      poses: [
        [lean(24), front(40, 10)],
        [lean(24), arm('both', { raise: 36, plane: -70, elbow: 100 })],
      ],
      cues: { do: 'Tip forward from the hips; draw both elbows back, let the arms hang.', watch: 'Long back, long neck.' },
    },
    {
      on: 'free',
      name: 'Short stance, light weights',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [split('right', 8, SHORT, 22), front(22, 8)],
        [split('right', 8, SHORT, 22), arm('both', { raise: 34, plane: -70, elbow: 100 })],
      ],
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'One foot a step ahead, a light weight in each hand, a steady chair in reach.',
        do: 'Lean a little over the front leg; draw both elbows back, lower slowly.',
        watch: 'Weight on the whole front foot.',
      },
    },
    {
      id: 'deep',
      on: 'free',
      name: 'Longer stance, both knees bend',
      step: 'a longer stance, lower',
      with: 'dumbbell',
      kg: 2,
      poses: [
        [split('right', 24, undefined, 22), front(22, 8)],
        [split('right', 24, undefined, 22), arm('both', { raise: 34, plane: -70, elbow: 100 })],
      ],
      declared: { balanceDemand: 4 },
      met: 3.4,
      cues: {
        setup: 'One foot well ahead, a weight in each hand, a steady chair in reach.',
        do: 'Both knees bend and stay; draw both elbows back, lower for three.',
        watch: 'Come up and shake out before the legs tremble.',
      },
    },
  ],
})

/** Stands for its seconds as they are written: three squats of three seconds, and a press of two. */
const threeAndOne = ladder({
  ...ARMS,
  id: 'three-squats-press',
  name: 'Three squats, then one press',
  purpose: 'strength-legs',
  side: 'both',
  tempoClass: 'as-written',
  tempo: { out: 9, stay: 0, back: 2 },
  dose: { sets: 2, reps: 4, restSeconds: 60 },
  main: ['quadriceps', 'glutes', 'shoulders'],
  helping: ['triceps', 'hamstrings'],
  everyday: 'packing the low shelf and then the high one',
  pattern: ['squat', 'push'],
  serves: 'lifting',
  partners: ['row', 'squat-curl'],
  gradedBy: ['intendedRpe', 'balanceDemand', 'externalLoadKg'],
  rpe: [2, 5.5],
  view: 65,
  declared: { cognitiveLoad: 2 },
  cues: { breath: 'Out each time you rise.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, three presses of the feet, one reach',
      poses: [[], [lean(12)], [], [arm('both', { raise: 120, plane: 75, elbow: 20 })]],
      cues: { do: 'Press both feet down three times; then both hands reach up once.', watch: 'Ribs stay down in the reach.' },
    },
    {
      on: 'free',
      name: 'Three quarter squats, both arms press once',
      poses: [[racked], [bend(36, 42), racked], [racked], [pressed]],
      declared: { cognitiveLoad: 2, balanceDemand: 3 },
      cues: {
        do: 'Three small squats with hands at the shoulders; stand, and press both hands up.',
        watch: 'Stand tall and still before the press.',
      },
    },
    {
      id: 'weights',
      on: 'free',
      name: 'Three half squats, light weights press once',
      with: 'dumbbell',
      kg: 1,
      poses: [[racked], [bend(56, 60), racked], [racked], [pressed]],
      declared: { cognitiveLoad: 2, balanceDemand: 3 },
      met: 3.6,
      cues: {
        setup: 'Stand hip-wide, a light weight at each shoulder, a steady chair in reach.',
        do: 'Three squats half way down; stand, and press both weights up once.',
        watch: 'Weights down as soon as the back hollows.',
      },
    },
  ],
})

const pulsesDown = ladder({
  ...ARMS,
  id: 'arms-back-pulses',
  name: 'Arms long, pulses down and back',
  side: 'both',
  tempoClass: 'on-the-beat',
  tempo: { out: 0.5, stay: 0, back: 0.5 },
  dose: { sets: 2, reps: 12, restSeconds: 40 },
  main: ['triceps', 'upper-back'],
  helping: ['shoulders'],
  everyday: 'patting down a sail behind you',
  pattern: ['push'],
  serves: 'standing-tall',
  partners: ['arms-out-pulses', 'chest-open'],
  rpe: [2, 4],
  view: 70,
  cues: { breath: 'Count aloud, so that the breath goes on.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, palms press back',
      poses: [[arm('both', { raise: 14, plane: -80, elbow: 8 })], [arm('both', { raise: 24, plane: -80, elbow: 6 })]],
      cues: { do: 'Arms long beside you, palms back; small pulses back.', watch: 'Collarbones wide; wrists straight.' },
    },
    {
      on: 'free',
      name: 'Standing, arms out low, pulses down and back',
      poses: [[wide(44)], [arm('both', { raise: 34, plane: -40, elbow: 6 })]],
      declared: { balanceDemand: 2 },
      cues: { do: 'Arms low at the sides; eight small pulses down, eight back.', watch: 'Knees soft, ribs over the hips.' },
    },
  ],
})

const hingePush = ladder({
  ...ARMS,
  id: 'hinge-push-forward',
  name: 'Push forward out of the hinge',
  side: 'both',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  main: ['shoulders', 'glutes'],
  helping: ['hamstrings', 'lower-back', 'chest'],
  everyday: 'shoving a trolley off and standing up after it',
  pattern: ['hinge', 'push'],
  serves: 'lifting',
  partners: ['hinge-row', 'row'],
  rpe: [2, 4.5],
  view: 80,
  declared: { cognitiveLoad: 1 },
  cues: { breath: 'Out as you rise and push.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, lean and come up with a push',
      poses: [[lean(24), racked], [front(78, 10)]],
      cues: { do: 'Tip forward, hands at the chest; come up tall and push both hands forward.', watch: 'Fold at the hips, the back stays long.' },
    },
    {
      on: 'free',
      name: 'Standing hinge, rise and push, empty hands',
      poses: [[leg('both', { flexion: 46, knee: 16 }), lean(34), racked], [front(82, 10)]],
      declared: { balanceDemand: 3, cognitiveLoad: 1 },
      cues: { do: 'Hips back, hands at the chest; stand up and push both hands forward.', watch: 'Stand before the arms are long.' },
    },
    {
      id: 'weights',
      on: 'free',
      name: 'Standing hinge, light weights',
      with: 'dumbbell',
      kg: 1,
      poses: [[leg('both', { flexion: 52, knee: 18 }), lean(38), racked], [front(80, 14)]],
      declared: { balanceDemand: 3, cognitiveLoad: 1 },
      met: 3.2,
      cues: {
        setup: 'Stand hip-wide, a light weight at each shoulder, a steady chair in reach.',
        do: 'Hips back; stand up and push both weights forward, bring them home first.',
        watch: 'The weights never pull you forward.',
      },
    },
  ],
})

const circleUp = ladder({
  id: 'weight-circle',
  name: 'Circles with a ball',
  purpose: 'strength-arms',
  phase: 'main',
  side: 'alternating',
  tempoClass: 'whole-body',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 1, reps: 8, restSeconds: 30 },
  main: ['shoulders', 'obliques'],
  helping: ['triceps', 'upper-back'],
  everyday: 'shaking out a tablecloth',
  pattern: ['reach', 'rotate'],
  serves: 'reaching',
  partners: ['row', 'ball-stir'],
  gradedBy: ['intendedRpe', 'externalLoadKg', 'balanceDemand'],
  rpe: [1.5, 4],
  view: 30,
  cues: { breath: 'In on the way up, out on the way round.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, a circle before the chest',
      poses: [[arm('both', { raise: 42, plane: 88, elbow: 44 })], [arm('both', { raise: 76, plane: 88, elbow: 36 })]],
      cues: { do: 'Hands together draw a circle before the chest; half of them the other way.', watch: 'Only as high as the shoulders like.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall, a ball at the height of the eyes, turn',
      with: 'ball',
      kg: 0.5,
      poses: [[arm('both', { raise: 78, plane: 92, elbow: 40 })], [arm('both', { raise: 78, plane: 92, elbow: 40 }), spine({ twist: 16 })]],
      cues: {
        setup: 'Sit tall, feet flat, a light ball in both hands.',
        do: 'Ball before the eyes; turn with it to one side, home, to the other.',
        watch: 'The eyes follow the ball; the hips stay.',
      },
    },
    {
      on: 'free',
      name: 'Standing, a ball swept in a wide half circle',
      with: 'ball',
      kg: 1,
      poses: [
        [arm('both', { raise: 60, plane: 100, elbow: 24 }), spine({ twist: -12 })],
        [arm('both', { raise: 128, plane: 90, elbow: 24 })],
        [arm('both', { raise: 60, plane: 100, elbow: 24 }), spine({ twist: 12 })],
      ],
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'Stand with feet hip-wide, a light ball in both hands, a steady chair in reach.',
        do: 'Sweep the ball from one side up over the forehead to the other, and back.',
        watch: 'Ribs stay down; no leaning back under it.',
      },
    },
  ],
})

export const ARMS_WITH_LEGS = [circleUp, splitBoth, threeAndOne, pulsesDown, hingePush]
