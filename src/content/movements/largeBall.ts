import { arm, feet, lean, leg, neck, spine } from '@/core/body'
import { ladder, NOT_FIRM } from '@/core/movement'
import { bend, parts, reach } from './shapes'

const curl = (side: 'left' | 'right' | 'both', elbow: number) => arm(side, { raise: 6, plane: 60, elbow })
const press = (side: 'left' | 'right' | 'both', raise: number, elbow: number) => arm(side, { raise, plane: 30, elbow })

const ballSway = ladder({
  id: 'ball-sway',
  name: 'Sitting sway',
  purpose: 'balance',
  phase: 'main',
  side: 'alternating',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 1, reps: 8, restSeconds: 30 },
  main: ['obliques', 'abdominals'],
  helping: ['lower-back', 'outer-hip'],
  everyday: 'sitting steadily in a rocking boat',
  tempoClass: 'single-joint',
  pattern: ['balance'],
  serves: 'staying-steady',
  partners: ['sit-and-reach-out', 'march'],
  rpe: [1.5, 3.5],
  gradedBy: ['balanceDemand', 'intendedRpe'],
  view: 20,
  cues: { breath: 'Breathe on; no holding.' },
  steps: [
    {
      on: 'seat',
      name: 'On the chair, weight from one sitting bone to the other',
      poses: [[spine({ sideBend: 9 })], [spine({ sideBend: -9 })]],
      cues: { do: 'Let the weight go to one sitting bone, come through the middle, go to the other.', watch: 'Both feet stay heavy.' },
    },
    {
      on: 'bigBall',
      name: 'On the large ball, small sway',
      poses: [[spine({ sideBend: 7 })], [spine({ sideBend: -7 })]],
      cues: {
        do: 'Roll a hand’s width to one side, back through the middle, to the other.',
        watch: 'Small and slow; feet wide and heavy.',
      },
    },
    {
      id: 'ball-heels',
      on: 'bigBall',
      name: 'On the large ball, one heel up',
      step: 'one foot only on its toes',
      poses: [[], [leg('right', { knee: 108, ankle: -24 }), feet('right', 'ball')]],
      cues: { do: 'Grow tall, lift one heel and stay for two, set it down; change.', watch: 'The ball stays where it is.' },
    },
  ],
})

const ballCurlPress = ladder({
  id: 'ball-curl-press',
  name: 'Curl or press on a large ball',
  purpose: 'strength-arms',
  phase: 'main',
  side: 'both',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 60 },
  main: ['biceps', 'shoulders'],
  helping: ['triceps', 'abdominals'],
  everyday: 'lifting a tray while the floor moves',
  tempoClass: 'single-joint',
  pattern: ['pull', 'push'],
  serves: 'lifting',
  partners: ['row', 'ball-sway'],
  rpe: [2, 4.5],
  gradedBy: ['balanceDemand', 'externalLoadKg', 'intendedRpe'],
  view: 55,
  cues: { breath: 'Out as the hands rise.' },
  steps: [
    {
      on: 'seat',
      name: 'On the chair, light weights curl',
      with: 'dumbbell',
      kg: 1,
      poses: [[curl('both', 20)], [curl('both', 128)]],
      cues: { do: 'Bend both elbows, let the weights down slowly.', watch: 'Elbows stay by the ribs.' },
    },
    {
      on: 'bigBall',
      name: 'On the large ball, light weights curl',
      with: 'dumbbell',
      kg: 1,
      poses: [[curl('both', 20)], [curl('both', 128)]],
      cues: {
        do: 'Sit still on the ball first; then bend both elbows, let them down slowly.',
        watch: 'The ball stays still; stop if it rolls.',
      },
    },
    {
      id: 'ball-press',
      on: 'bigBall',
      name: 'On the large ball, light weights pressed up',
      step: 'the hands go over the head',
      with: 'dumbbell',
      kg: 1,
      poses: [[press('both', 50, 125)], [press('both', 150, 20)]],
      cues: {
        do: 'From the shoulders press both weights up, let them come back slowly.',
        watch: 'Ribs stay down; feet wide and heavy.',
      },
    },
  ],
})

const LEGS = {
  purpose: 'strength-legs',
  phase: 'main',
  side: 'both',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  tempoClass: 'whole-body',
  rpe: [2, 4.5],
} as const
/** Arms round a large ball before the body. */
const round = (raise: number) => arm('both', { raise, plane: 78, elbow: 34 })

const ballSquat = ladder({
  ...LEGS,
  id: 'ball-wide-squat',
  name: 'Wide squat with a large ball in the arms',
  main: ['inner-thigh', 'quadriceps', 'glutes'],
  helping: ['shoulders', 'abdominals'],
  everyday: 'lifting a coil of rope that fills the arms',
  pattern: ['squat'],
  serves: 'lifting',
  partners: ['wide-squat', 'inner-thigh-stretch'],
  view: 30,
  with: 'big-ball',
  cues: { breath: 'Out as you rise.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, the ball on the lap, feet press',
      poses: [
        [leg('both', { abduction: 20 }), round(50)],
        [lean(10), leg('both', { abduction: 20 }), round(50)],
      ],
      drawn: 'armBall',
      cues: {
        setup: 'Sit tall, feet wide, the large ball held on the lap.',
        do: 'Squeeze the ball lightly, tip forward and press both feet down; come back.',
        watch: 'See past the ball; feet stay flat.',
      },
    },
    {
      on: 'free',
      name: 'Standing wide, the ball held low',
      poses: [
        [bend(4, 4, 20, 14), round(34)],
        [bend(34, 38, 20, 14), round(36)],
      ],
      drawn: 'armBall',
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'Stand with feet wide, the large ball held low, a steady chair in reach.',
        do: 'Sink a little between the feet, the ball stays light in the arms; rise.',
        watch: 'Let the ball go at once if you sway: it does no harm.',
      },
    },
    {
      id: 'lift',
      on: 'free',
      name: 'Standing wide, the ball lifts as you rise',
      step: 'the ball goes up to the chest',
      poses: [
        [bend(42, 46, 20, 16), round(38)],
        [bend(2, 2, 20, 20), round(74)],
      ],
      drawn: 'armBall',
      still: 1,
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'Stand with feet wide, the large ball held low, a steady chair in reach.',
        do: 'Sink with the ball low, rise and lift it to the height of the chest.',
        watch: 'The back stays long; knees over the toes.',
      },
    },
  ],
})

const ballWall = ladder({
  ...LEGS,
  id: 'ball-wall-squat',
  name: 'Squat leaning on a ball',
  main: ['quadriceps', 'glutes'],
  helping: ['abdominals'],
  everyday: 'sliding down the wheelhouse wall to sit',
  pattern: ['squat'],
  serves: 'getting-up',
  partners: ['squat', 'heel-press'],
  gradedBy: ['intendedRpe', 'balanceDemand', 'kneeFlexionLoadedDeg'],
  view: 88,
  cues: { breath: 'In on the way down, out to rise.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, feet press, back presses',
      poses: [[], [leg('both', { knee: 84 })]],
      cues: {
        do: 'Press both feet down and the back into the chair, hold for two, let go.',
        watch: 'The head stays over the chest.',
      },
    },
    {
      on: 'hold2',
      name: 'Quarter squat, two hands on the chair',
      poses: [[], [bend(30, 36)]],
      cues: { do: 'Hips back a little, hands light, stand tall.', watch: 'Knees follow the toes.' },
    },
    {
      id: 'ball',
      on: 'hold2',
      name: 'The ball between back and wall, two hands on the chair',
      step: 'leaning on a ball, which gives way',
      poses: [
        [lean(0), bend(4, 8)],
        [lean(0), bend(65, 40)],
      ],
      props: ['backBall'],
      needs: ['big-ball', 'wall'],
      declared: NOT_FIRM,
      met: 3,
      cues: {
        setup: 'The ball behind the low back against a clear wall, a heavy chair before you.',
        do: 'Both hands on the chair; lean lightly back and roll down a little, roll up again.',
        watch: 'Feet a little ahead of the hips; stop if the ball slips to a side.',
      },
    },
  ],
})

/** Lower legs lying on something, knees over the hips or a little past them. */
const onTop = (flexion: number, knee: number) => parts(leg('both', { flexion, knee }), feet('both', 'free'))
const carried = onTop(88, 86)
const legsOnBall = ladder({
  id: 'legs-on-ball',
  name: 'Legs carried, the trunk works',
  purpose: 'strength-trunk',
  phase: 'main',
  side: 'both',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 30 },
  main: ['abdominals'],
  helping: ['hamstrings', 'chest'],
  everyday: 'lying on the beach with the legs on the boat',
  tempoClass: 'single-joint',
  pattern: ['push'],
  serves: 'moving-in-bed',
  partners: ['bridge', 'heel-slide'],
  gradedBy: ['transferLevel', 'intendedRpe', 'met'],
  rpe: [2, 4],
  view: 88,
  cues: { breath: 'Out as you press.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, heels press, both hands push forward',
      poses: [[arm('both', { raise: 34, plane: 70, elbow: 110 })], [arm('both', { raise: 72, plane: 88, elbow: 10 })]],
      met: 1.7,
      cues: {
        do: 'Press both heels down and back while the hands push forward; let go of both.',
        watch: 'The back keeps its touch with the chair.',
      },
    },
    {
      on: 'supine',
      name: 'On the mat, lower legs on a chair, hands push up',
      poses: [
        [carried, arm('both', { raise: 40, plane: 60, elbow: 110 })],
        [carried, arm('both', { raise: 86, plane: 88, elbow: 8 })],
      ],
      props: ['legChair'],
      met: 2,
      cues: {
        setup: 'Lie on your back, lower legs on the seat of a chair, head on a towel.',
        do: 'Press the heels down a little as both hands push to the ceiling; ease off.',
        watch: 'The low back stays quiet.',
      },
    },
    {
      id: 'ball',
      on: 'supine',
      name: 'On the mat, lower legs on a large ball, heels draw in',
      step: 'on a ball, which rolls',
      poses: [[onTop(72, 62)], [onTop(92, 96)]],
      props: ['legBall'],
      needs: ['big-ball'],
      met: 2.4,
      cues: {
        setup: 'Lie on your back, lower legs on a large ball, head on a towel.',
        do: 'Roll the ball a little towards you with the heels, and slowly away.',
        watch: 'Hips stay on the mat; small keeps the ball in line.',
      },
    },
    {
      id: 'ball-punch',
      on: 'supine',
      name: 'On the mat, lower legs on a large ball, one hand after the other',
      step: 'the hands punch while the ball must stay',
      side: 'alternating',
      poses: [[carried], [carried, reach('right', 86, 92, 8)]],
      props: ['legBall'],
      needs: ['big-ball'],
      met: 2.6,
      cues: {
        setup: 'Lie on your back, lower legs on a large ball, head on a towel.',
        do: 'Punch one hand to the ceiling, then the other; the ball stays where it is.',
        watch: 'Head stays on the towel.',
      },
    },
  ],
})

const hipsHalf = [lean(-76), leg('both', { flexion: 22, knee: 90 }), neck({ flexion: 14 })]
const hipsLevel = [lean(-90), leg('both', { flexion: 4, knee: 88 }), neck({ flexion: 14 })]

const benchLift = ladder({
  id: 'shoulders-up-hip-lift',
  name: 'Hip lift, shoulders raised',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'both',
  tempo: { out: 2, stay: 1, back: 3 },
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  main: ['glutes', 'hamstrings'],
  helping: ['abdominals', 'lower-back'],
  everyday: 'pushing the hips up to shift a blanket from under you',
  tempoClass: 'whole-body',
  pattern: ['hinge'],
  serves: 'getting-up',
  partners: ['bridge', 'sit-to-stand'],
  rpe: [2, 5],
  gradedBy: ['intendedRpe', 'met', 'balanceDemand'],
  view: 82,
  cues: { breath: 'Out as the hips rise.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting at the front of the chair, hips press forward',
      poses: [
        [lean(-8), leg('both', { flexion: 82 })],
        [lean(-2), leg('both', { flexion: 88 })],
      ],
      met: 1.8,
      cues: { do: 'Lean back a little; press the feet down and draw the hips forward and tall; ease.', watch: 'The chair stands against a wall.' },
    },
    {
      on: 'bench',
      name: 'Shoulder blades on a bench, half way up',
      poses: [[], hipsHalf],
      declared: { abdominalPressure: 1 },
      met: 2.8,
      cues: { do: 'Press the heels down and lift the hips half way; lower slowly.', watch: 'Chin a little down; the ribs do not flare.' },
    },
    {
      id: 'level',
      on: 'bench',
      name: 'Shoulder blades on a bench, hips level',
      step: 'the whole way up',
      poses: [[], hipsLevel],
      declared: { abdominalPressure: 2 },
      met: 3.2,
      cues: {
        do: 'Lift the hips just level with the knees, stay for one, lower for three.',
        watch: 'No higher than level; the low back does not arch.',
      },
    },
    {
      on: 'ballBack',
      name: 'Shoulder blades on a large ball, short of level',
      poses: [[], hipsHalf],
      declared: { abdominalPressure: 2 },
      met: 3,
      cues: { do: 'Lift the hips slowly, stop short of level; lower before the ball moves.', watch: 'Somebody holds the ball the first time.' },
    },
  ],
})

export const LARGE_BALL = [ballSway, ballCurlPress, ballSquat, ballWall, legsOnBall, benchLift]
