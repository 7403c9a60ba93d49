import { lean } from '@/core/body'
import { ladder } from '@/core/movement'
import { looped, THIGHS } from './loopAndBand'
import { legOut, reach, SHORT, split } from './shapes'

/** One arm works over the front foot, while the legs hold a long stance. */
const ONE_ARM = {
  phase: 'main',
  purpose: 'strength-arms',
  side: 'one-then-other',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  gradedBy: ['intendedRpe', 'externalLoadKg', 'balanceDemand'],
  rpe: [2, 4.5],
  drawn: 'weight',
  view: 75,
} as const
const HAND_ON = 'Stand beside a chair set against a wall, a hand on its back; outer foot ahead.'
const FREE = 'One foot well ahead, the weight on that side, a steady chair in reach.'

const splitCurl = ladder({
  ...ONE_ARM,
  id: 'split-curl',
  name: 'One-arm curl in a split stance',
  main: ['biceps'],
  helping: ['forearms-hands', 'glutes'],
  everyday: 'carrying a watering can along the path',
  pattern: ['pull', 'lunge'],
  serves: 'lifting',
  partners: ['split-row', 'chest-press'],
  cues: { breath: 'Out as the hand comes up.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one arm curls',
      with: 'dumbbell',
      kg: 1,
      poses: [[reach('right', 6, 80, 12)], [reach('right', 10, 80, 125)]],
      cues: { do: 'One weight: bend the elbow, let it down slowly. Then the other side.', watch: 'The elbow stays by the ribs.' },
    },
    {
      on: 'hold1',
      name: 'Short stance, one hand on the chair',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [split('right', 6, SHORT), reach('right', 6, 80, 12)],
        [split('right', 6, SHORT), reach('right', 10, 80, 125)],
      ],
      cues: {
        setup: HAND_ON,
        do: 'Both knees soft; curl the weight, let it down slowly. Turn round for the other side.',
        watch: 'The trunk does not swing.',
      },
    },
    {
      on: 'free',
      name: 'Longer stance, free',
      with: 'dumbbell',
      kg: 2,
      poses: [
        [split('right', 12), reach('right', 6, 80, 12)],
        [split('right', 12), reach('right', 10, 80, 125)],
      ],
      declared: { balanceDemand: 4 },
      cues: {
        setup: FREE,
        do: 'Stay a hand lower in the knees and curl; change arm and foot.',
        watch: 'Front knee over the foot; step together when you wobble.',
      },
    },
  ],
})

const splitKickBack = ladder({
  ...ONE_ARM,
  id: 'split-kick-back',
  name: 'One-arm kick-back in a split stance',
  main: ['triceps'],
  helping: ['shoulders', 'upper-back', 'glutes'],
  everyday: 'pushing a drawer shut behind you',
  pattern: ['push', 'lunge'],
  serves: 'getting-up',
  partners: ['split-curl', 'row'],
  cues: { breath: 'Out as the arm straightens.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting and leaning, one arm straightens behind',
      poses: [
        [lean(24), reach('right', 24, -80, 90)],
        [lean(24), reach('right', 26, -80, 12)],
      ],
      cues: {
        setup: 'Sit near the front, lean from the hips, left hand on the left thigh.',
        do: 'Elbow stays high beside the ribs; straighten the arm behind, bend it again.',
        watch: 'Only the elbow moves.',
      },
    },
    {
      on: 'hold1',
      name: 'Short stance, one hand on the chair',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [split('right', 6, SHORT, 18), reach('right', 24, -80, 90)],
        [split('right', 6, SHORT, 18), reach('right', 26, -80, 12)],
      ],
      cues: {
        setup: HAND_ON,
        do: 'Lean a little over the front leg; straighten the arm behind, bend it slowly.',
        watch: 'Long back; the shoulder stays away from the ear.',
      },
    },
    {
      on: 'free',
      name: 'Longer stance, free',
      with: 'dumbbell',
      kg: 1.5,
      poses: [
        [split('right', 12, undefined, 24), reach('right', 24, -80, 90)],
        [split('right', 12, undefined, 24), reach('right', 26, -80, 12)],
      ],
      declared: { balanceDemand: 4 },
      cues: {
        setup: FREE,
        do: 'One long line from back heel to head; straighten the arm behind and stay for one.',
        watch: 'The line stays long when the arm is tired.',
      },
    },
  ],
})

const splitFrontRaise = ladder({
  ...ONE_ARM,
  id: 'split-front-raise',
  name: 'One-arm front raise in a split stance',
  main: ['shoulders'],
  helping: ['abdominals', 'glutes'],
  everyday: 'handing a parcel over the counter',
  pattern: ['reach', 'lunge'],
  serves: 'reaching',
  partners: ['split-row', 'split-kick-back'],
  cues: { breath: 'Out as the hand rises.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one arm forward',
      poses: [[reach('right', 20, 88, 10)], [reach('right', 84, 88, 8)]],
      cues: { do: 'Lift one arm forward to just under the shoulder, thumb up; lower it slowly.', watch: 'The shoulder stays low.' },
    },
    {
      on: 'hold1',
      name: 'Short stance, one hand on the chair',
      with: 'dumbbell',
      kg: 0.5,
      poses: [
        [split('right', 6, SHORT), reach('right', 12, 88, 10)],
        [split('right', 6, SHORT), reach('right', 82, 88, 10)],
      ],
      cues: {
        setup: HAND_ON,
        do: 'Lift the weight forward, no higher than the shoulder; lower it for three.',
        watch: 'Ribs stay down; the low back does not arch.',
      },
    },
    {
      on: 'free',
      name: 'Longer stance, free',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [split('right', 12), reach('right', 12, 88, 10)],
        [split('right', 12), reach('right', 82, 88, 10)],
      ],
      declared: { balanceDemand: 4 },
      cues: {
        setup: FREE,
        do: 'Stand firm in both feet; lift the weight forward, stay for one, lower it.',
        watch: 'The trunk does not lean back as the arm rises.',
      },
    },
  ],
})

const loopSide = ladder({
  id: 'loop-side-kick',
  name: 'Leg to the side against a loop',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'one-then-other',
  main: ['outer-hip'],
  helping: ['glutes', 'quadriceps'],
  everyday: 'stepping over the side of a boat',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 1, back: 2 },
  pattern: ['balance'],
  serves: 'staying-steady',
  partners: ['loop-back-kick', 'squat'],
  rpe: [2.5, 5],
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'balanceDemand', 'externalLoadKg'],
  view: 20,
  cues: { breath: 'Out as the leg goes out.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one knee out against the loop',
      ...THIGHS,
      kg: 1,
      poses: [[legOut('right', 2, 90, 92)], [legOut('right', 22, 90, 92)]],
      cues: {
        setup: looped('Sit tall, feet flat.'),
        do: 'Lift one foot a little and move that knee out against the loop; come back slowly.',
        watch: 'The other knee stays where it is.',
      },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, light loop',
      ...THIGHS,
      kg: 1.5,
      poses: [[legOut('right', 3)], [legOut('right', 16)]],
      cues: {
        setup: looped('Both hands press on the chair.'),
        do: 'One leg out to the side against the loop, toes to the front; return slowly.',
        watch: 'The trunk stays upright; small is right.',
      },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, firmer loop',
      ...THIGHS,
      kg: 2.5,
      poses: [[legOut('right', 3)], [legOut('right', 18)]],
      cues: {
        setup: looped('One hand presses on the chair.'),
        do: 'Leg out against the loop, hold for two, return slowly.',
        watch: 'The standing hip does not sink.',
      },
    },
  ],
})

export const SPLIT_STANCE = [splitCurl, splitKickBack, splitFrontRaise, loopSide]
