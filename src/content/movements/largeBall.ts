import { arm, feet, leg, spine } from '@/core/body'
import { ladder } from '@/core/movement'

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

export const LARGE_BALL = [ballSway, ballCurlPress]
