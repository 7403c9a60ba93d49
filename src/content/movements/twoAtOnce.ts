import { arm, lean } from '@/core/body'
import { ladder } from '@/core/movement'
import { bend, front, pressed, racked, reach, SHORT, split, wide } from './shapes'

/** Legs and arms in one repetition: what saves time, and is left in two again for whoever it is too much. */
const BOTH_AT_ONCE = {
  phase: 'main',
  purpose: 'strength-legs',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  gradedBy: ['intendedRpe', 'kneeFlexionLoadedDeg', 'balanceDemand', 'externalLoadKg'],
  declared: { cognitiveLoad: 1 },
  view: 65,
} as const

const rackedRight = reach('right', 34, 55, 138)
const curled = arm('both', { raise: 10, plane: 80, elbow: 125 })
const hanging = arm('both', { raise: 6, plane: 70, elbow: 10 })

const squatCurl = ladder({
  ...BOTH_AT_ONCE,
  id: 'squat-curl',
  name: 'Squat with a curl',
  main: ['quadriceps', 'glutes', 'biceps'],
  helping: ['hamstrings', 'forearms-hands'],
  everyday: 'picking a basket up from a low bench',
  pattern: ['squat', 'pull'],
  serves: 'lifting',
  partners: ['row', 'overhead-press'],
  rpe: [2, 5.5],
  cues: { breath: 'Out as you rise and lift.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, press the feet and curl',
      poses: [[hanging], [lean(10), curled]],
      cues: {
        do: 'Press both feet into the floor and bend the elbows; let go of both.',
        watch: 'Leave either half out: the feet alone, or the arms alone.',
      },
    },
    {
      on: 'hold1',
      name: 'Quarter squat, one arm curls',
      side: 'one-then-other',
      poses: [[reach('right', 6, 70, 10)], [bend(34, 40), reach('right', 10, 80, 125)]],
      cues: {
        do: 'Hips back a little while the free arm bends; rise while it lowers.',
        watch: 'Weight stays on both feet, not on the hand.',
      },
    },
    {
      on: 'free',
      name: 'Quarter squat, light weights',
      with: 'dumbbell',
      kg: 1,
      poses: [[hanging], [bend(40, 46), curled]],
      declared: { cognitiveLoad: 1, balanceDemand: 3 },
      cues: {
        setup: 'Stand hip-wide, a weight in each hand, a steady chair in reach.',
        do: 'Hips back and weights up together; stand tall as they come down.',
        watch: 'Elbows stay by the ribs, heels on the floor.',
      },
    },
    {
      id: 'half',
      on: 'free',
      name: 'Half squat, medium weights',
      with: 'dumbbell',
      kg: 2,
      poses: [[hanging], [bend(62, 66), curled]],
      declared: { cognitiveLoad: 1, balanceDemand: 3 },
      met: 3.6,
      cues: {
        setup: 'Stand hip-wide, a weight in each hand, a steady chair in reach.',
        do: 'Hips further back as the weights come up; press the floor and lower them.',
        watch: 'When the back rounds, go on without the weights.',
      },
    },
  ],
})

const squatPress = ladder({
  ...BOTH_AT_ONCE,
  id: 'squat-press',
  name: 'Squat with a press',
  main: ['quadriceps', 'glutes', 'shoulders'],
  helping: ['triceps', 'upper-back'],
  everyday: 'putting something on a high shelf',
  pattern: ['squat', 'push'],
  serves: 'reaching',
  partners: ['row', 'squat-curl'],
  rpe: [2.5, 6],
  cues: { breath: 'Out as you rise and press.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, press the feet and reach up',
      poses: [[racked], [lean(2), arm('both', { raise: 125, plane: 75, elbow: 20 })]],
      cues: { do: 'Press both feet down while the hands go up; bring both home.', watch: 'Ribs stay down; only as high as the shoulders like.' },
    },
    {
      on: 'hold1',
      name: 'Quarter squat, one arm presses',
      side: 'one-then-other',
      poses: [[bend(34, 40), rackedRight], [reach('right', 140, 75, 16)]],
      cues: {
        do: 'From a small squat stand up and press the free hand to the ceiling.',
        watch: 'Knees are straight before the arm is.',
      },
    },
    {
      on: 'free',
      name: 'Quarter squat, both arms press',
      poses: [[bend(42, 48), racked], [pressed]],
      declared: { cognitiveLoad: 1, balanceDemand: 3 },
      cues: {
        do: 'Sit the hips back with hands at the shoulders; stand, and press both hands up.',
        watch: 'Look straight ahead, not after the hands.',
      },
    },
    {
      id: 'weights',
      on: 'free',
      name: 'Half squat, light weights',
      with: 'dumbbell',
      kg: 1,
      poses: [[bend(60, 64), racked], [pressed]],
      declared: { cognitiveLoad: 1, balanceDemand: 3 },
      met: 3.8,
      cues: {
        setup: 'Stand hip-wide, a weight at each shoulder, a steady chair in reach.',
        do: 'Half way down, then up in one go till the weights stand over the shoulders.',
        watch: 'The low back does not hollow as they go up.',
      },
    },
  ],
})

const squatPush = ladder({
  ...BOTH_AT_ONCE,
  id: 'squat-push',
  name: 'Squat with a front push',
  main: ['quadriceps', 'glutes', 'chest'],
  helping: ['shoulders', 'triceps'],
  everyday: 'pushing a heavy drawer shut',
  pattern: ['squat', 'push'],
  serves: 'getting-up',
  partners: ['row', 'squat-curl'],
  rpe: [2, 5],
  cues: { breath: 'Out as you push.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, lean and push forward',
      poses: [[arm('both', { raise: 30, plane: 70, elbow: 120 })], [lean(14), front(72, 10)]],
      cues: { do: 'Lean from the hips, press the feet and push both hands away; sit tall again.', watch: 'The back stays long as you lean.' },
    },
    {
      on: 'hold1',
      name: 'Quarter squat, one arm pushes',
      side: 'one-then-other',
      poses: [[reach('right', 30, 70, 120)], [bend(34, 40), reach('right', 74, 88, 10)]],
      cues: {
        do: 'Hips back while the free hand pushes away; rise as it comes home.',
        watch: 'Chest faces forward; it does not turn after the hand.',
      },
    },
    {
      on: 'free',
      name: 'Quarter squat, both arms push',
      poses: [[arm('both', { raise: 30, plane: 70, elbow: 120 })], [bend(44, 50), front(76, 8)]],
      declared: { cognitiveLoad: 1, balanceDemand: 3 },
      cues: { do: 'Hips back, hands away from the chest; stand tall and draw them in.', watch: 'Hands stay below the shoulders.' },
    },
    {
      id: 'half',
      on: 'free',
      name: 'Half squat, both arms push',
      step: 'lower',
      poses: [[arm('both', { raise: 30, plane: 70, elbow: 120 })], [bend(66, 70), front(80, 8)]],
      declared: { cognitiveLoad: 1, balanceDemand: 3 },
      cues: { do: 'Half way down with a strong push; up again, hands to the chest.', watch: 'Knees follow the toes; heels heavy.' },
    },
  ],
})

const splitRow = ladder({
  ...BOTH_AT_ONCE,
  purpose: 'strength-arms',
  gradedBy: ['intendedRpe', 'externalLoadKg', 'balanceDemand'],
  id: 'split-row',
  drawn: 'weight',
  name: 'Row in a split stance',
  side: 'one-then-other',
  main: ['upper-back', 'biceps'],
  helping: ['glutes', 'outer-hip', 'lower-back'],
  everyday: 'pulling a bag out from under a bench',
  pattern: ['pull', 'lunge'],
  serves: 'lifting',
  partners: ['chest-press', 'split-squat'],
  rpe: [2, 5],
  view: 75,
  cues: { breath: 'Out as you pull.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one arm rows',
      poses: [
        [lean(22), reach('right', 34, 88, 8)],
        [lean(22), reach('right', 24, -80, 95)],
      ],
      cues: {
        setup: 'Sit near the front, lean from the hips, left hand on the left thigh.',
        do: 'Draw the right elbow back along the ribs, and reach down again.',
        watch: 'Lean from the hips; the back does not round.',
      },
    },
    {
      on: 'hold1',
      name: 'Short stance, one hand on the chair',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [split('right', 6, SHORT, 14), reach('right', 22, 88, 8)],
        [split('right', 6, SHORT, 14), reach('right', 24, -80, 95)],
      ],
      cues: {
        do: 'One hand on the chair, one foot back; draw the weight to the ribs, lower it slowly.',
        watch: 'Both hips face the chair; the trunk does not turn with the elbow.',
      },
    },
    {
      on: 'free',
      name: 'Longer stance, free',
      with: 'dumbbell',
      kg: 1.5,
      poses: [
        [split('right', 12, undefined, 20), reach('right', 26, 88, 8)],
        [split('right', 12, undefined, 20), reach('right', 24, -80, 95)],
      ],
      declared: { cognitiveLoad: 1, balanceDemand: 4 },
      cues: {
        setup: 'One foot well ahead, a weight in the hand of that side, a steady chair in reach.',
        do: 'Lean over the front leg and row the weight to the hip.',
        watch: 'Front knee over the foot; back heel up.',
      },
    },
    {
      id: 'deep',
      on: 'free',
      name: 'Both knees bend with every row',
      step: 'the legs work as well',
      with: 'dumbbell',
      kg: 2,
      poses: [
        [split('right', 34, undefined, 20), reach('right', 30, 88, 8)],
        [split('right', 8, undefined, 20), reach('right', 24, -80, 95)],
      ],
      declared: { cognitiveLoad: 2, balanceDemand: 4 },
      met: 3.4,
      cues: {
        setup: 'One foot well ahead, a weight in the hand of that side, a steady chair in reach.',
        do: 'Sink with both knees as the arm goes down; rise as it rows.',
        watch: 'Go straight down; when you wobble, row without the bend.',
      },
    },
  ],
})

const armsOut = ladder({
  phase: 'main',
  purpose: 'strength-arms',
  id: 'arms-out-pulses',
  name: 'Arms held out: circles and pulses',
  main: ['shoulders'],
  helping: ['upper-back', 'rotator-cuff'],
  everyday: 'hanging out washing',
  tempoClass: 'on-the-beat',
  tempo: { out: 0.5, stay: 0, back: 0.5 },
  pattern: ['reach'],
  serves: 'reaching',
  partners: ['row', 'chest-press'],
  rpe: [2, 5],
  gradedBy: ['intendedRpe', 'shoulderAbductionDeg', 'externalLoadKg'],
  dose: { sets: 2, reps: 12, restSeconds: 40 },
  view: 20,
  cues: { breath: 'Count aloud, so that the breath goes on.' },
  steps: [
    {
      id: 'elbows',
      on: 'seatBack',
      name: 'Elbows bent, close and open',
      tempo: { out: 1, back: 1 },
      poses: [[arm('both', { raise: 50, plane: 75, elbow: 95 })], [arm('both', { raise: 52, plane: 20, elbow: 95 })]],
      cues: { do: 'Bring the bent arms together before the chest, and open them.', watch: 'Elbows low, well below the shoulders.' },
    },
    {
      id: 'low',
      on: 'seat',
      name: 'Sitting, small circles, arms low',
      poses: [[wide(52)], [wide(60)]],
      cues: { do: 'Arms out, well below the shoulder; draw small circles, half of them the other way.', watch: 'Shoulders away from the ears.' },
    },
    {
      id: 'level',
      on: 'seat',
      name: 'Sitting, small pulses up',
      step: 'arms nearly level',
      poses: [[wide(74)], [wide(82)]],
      cues: { do: 'Arms out to the side; small quick lifts, no more than a hand high.', watch: 'Down at once when the neck helps.' },
    },
    {
      on: 'free',
      name: 'Standing, pulses up and forward',
      poses: [[wide(76)], [wide(84)]],
      cues: { do: 'Eight small lifts to the side, eight small pushes forward.', watch: 'Knees soft, ribs over the hips.' },
    },
    {
      id: 'weights',
      on: 'free',
      name: 'Standing, light weights',
      with: 'dumbbell',
      kg: 0.5,
      poses: [[wide(76)], [wide(84)]],
      met: 3,
      cues: {
        setup: 'Stand hip-wide, a light weight in each hand, a steady chair in reach.',
        do: 'Small lifts with the weights; rest the arms after eight.',
        watch: 'Put them down before the shoulders rise.',
      },
    },
  ],
})

export const TWO_AT_ONCE = [squatCurl, squatPress, squatPush, splitRow, armsOut]
