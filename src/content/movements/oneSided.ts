import { arm, hands, lean, leg, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { bend, front, legBack, legOut, lift, reach, wide } from './shapes'

const STATION = {
  phase: 'main',
  side: 'one-then-other',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 1, reps: 8, restSeconds: 30 },
  view: 65,
} as const

const backToKnee = ladder({
  ...STATION,
  id: 'back-to-knee-up',
  name: 'Leg behind, then knee up',
  purpose: 'balance',
  main: ['glutes', 'hip-flexors'],
  helping: ['outer-hip', 'abdominals'],
  everyday: 'stepping over a low rope',
  pattern: ['balance', 'step'],
  serves: 'staying-steady',
  partners: ['leg-extension', 'steady-stand'],
  rpe: [2, 4.5],
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  cues: { breath: 'Out as the knee comes up.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, foot back, then knee up',
      poses: [[leg('right', { knee: 106, ankle: -16 })], [lift('right', 102, 84)]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'One foot back under the chair, then the knee up a little; eight, and change.', watch: 'Sit tall; the other foot stays flat.' },
    },
    {
      on: 'hold2',
      poses: [[legBack('right', 10)], [lift('right', 46, 76)]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'One leg back a little, then swing it through to a low knee up.', watch: 'Slow enough to stop anywhere.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, free arm reaches',
      poses: [
        [legBack('right', 12), reach('right', 60, 88, 10)],
        [lift('right', 56, 78), reach('right', 20, -80, 40)],
      ],
      declared: { cognitiveLoad: 1, balanceDemand: 4 },
      cues: { do: 'Leg back as the arm goes forward; knee up as the elbow goes back.', watch: 'The standing knee stays soft.' },
    },
    {
      on: 'free',
      name: 'Free, hands press up with the knee',
      poses: [
        [legBack('right', 12), arm('both', { raise: 34, plane: 55, elbow: 132 })],
        [lift('right', 58, 78), arm('both', { raise: 120, plane: 70, elbow: 24 })],
      ],
      declared: { cognitiveLoad: 2, balanceDemand: 5 },
      cues: { do: 'Leg back with hands at the shoulders; knee up with hands up.', watch: 'Set the foot down whenever you need it.' },
    },
  ],
})

const armAndLegOut = ladder({
  ...STATION,
  id: 'squat-arm-leg-out',
  view: 22,
  name: 'Squat, then arm and leg out',
  purpose: 'strength-legs',
  main: ['outer-hip', 'quadriceps'],
  helping: ['glutes', 'shoulders'],
  everyday: 'getting out of a low car',
  pattern: ['squat', 'balance'],
  serves: 'getting-up',
  partners: ['row', 'inner-thigh-squeeze'],
  rpe: [2, 5],
  gradedBy: ['intendedRpe', 'balanceDemand', 'kneeFlexionLoadedDeg'],
  cues: { breath: 'In to sit back, out to open.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, press the feet, then open one side',
      poses: [[lean(8)], [leg('right', { abduction: 22 }), reach('right', 62, 4, 10)]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Press both feet; then one knee and arm out to the side, and home.', watch: 'Both sit bones stay heavy.' },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, leg out',
      poses: [[bend(30, 34)], [legOut('right', 18)]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'A small squat; rise and take one leg out to the side.', watch: 'Toes ahead; the trunk stays upright.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, arm and leg out',
      poses: [[bend(34, 38)], [legOut('right', 20), reach('right', 66, 4, 10)]],
      declared: { cognitiveLoad: 1, balanceDemand: 4 },
      cues: { do: 'A small squat; rise, and open arm and leg on the free side.', watch: 'Look ahead; the hand on the chair stays light.' },
    },
    {
      on: 'free',
      name: 'Free, both arms out',
      poses: [[bend(42, 46)], [legOut('right', 20), wide(66)]],
      declared: { cognitiveLoad: 1, balanceDemand: 5 },
      cues: { do: 'A quarter squat; rise onto one leg, both arms out.', watch: 'Touch down early rather than late.' },
    },
  ],
})

const heldSquat = ladder({
  phase: 'main',
  view: 65,
  id: 'held-squat-arms',
  name: 'Held squat, arms work',
  purpose: 'strength-legs',
  main: ['quadriceps', 'glutes'],
  helping: ['shoulders', 'biceps'],
  everyday: 'hovering over a seat while you turn',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 6, restSeconds: 60 },
  pattern: ['squat', 'reach'],
  serves: 'getting-up',
  partners: ['row', 'overhead-press'],
  rpe: [2.5, 5.5],
  gradedBy: ['intendedRpe', 'kneeFlexionLoadedDeg', 'balanceDemand'],
  cues: { breath: 'Count aloud, so that the breath goes on.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, feet press while the arms lift',
      poses: [[lean(12)], [lean(12), front(64, 10)]],
      cues: { do: 'Keep pressing both feet down; lift and lower both arms six times.', watch: 'Rest the feet between; the breath goes on.' },
    },
    {
      on: 'hold1',
      name: 'Held quarter squat, one arm lifts',
      side: 'one-then-other',
      poses: [[bend(32, 38)], [bend(32, 38), reach('right', 66, 88, 10)]],
      cues: { do: 'Stay in a quarter squat; the free arm lifts and lowers six times.', watch: 'Rise between the two arms.' },
    },
    {
      on: 'free',
      name: 'Held quarter squat, both arms lift',
      poses: [[bend(40, 46)], [bend(40, 46), front(68, 10)]],
      declared: { balanceDemand: 3 },
      cues: {
        do: 'Stay in a quarter squat; lift and lower both arms six times, then stand.',
        watch: 'Knees over the toes; stand up before they shake.',
      },
    },
  ],
})

const sideTurnKnee = ladder({
  ...STATION,
  id: 'bend-turn-knee',
  view: 25,
  name: 'Side bend, turn, knee up',
  purpose: 'coordination',
  main: ['obliques', 'hip-flexors'],
  helping: ['abdominals', 'outer-hip'],
  everyday: 'getting through a hedge gate',
  pattern: ['rotate', 'step'],
  serves: 'turning',
  partners: ['side-reach', 'trunk-turn'],
  rpe: [2, 4],
  gradedBy: ['intendedRpe', 'balanceDemand', 'met'],
  cues: { breath: 'Out with the bend, out with the turn, out with the knee.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, bend, turn, knee',
      poses: [[spine({ sideBend: 12 })], [spine({ twist: 14 })], [lift('right', 100, 84)]],
      declared: { cognitiveLoad: 2 },
      cues: { do: 'Lean a little to one side, turn a little, lift that knee; eight, and change.', watch: 'One after the other, not all at once.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair',
      poses: [[spine({ sideBend: 12 })], [spine({ twist: 14 })], [lift('right', 52, 78)]],
      declared: { cognitiveLoad: 2 },
      cues: { do: 'Lean, turn, and lift the knee on the free side.', watch: 'Each part small and finished.' },
    },
    {
      on: 'free',
      name: 'Free, hands on the hips',
      poses: [
        [spine({ sideBend: 14 }), hands('both', 'hip')],
        [spine({ twist: 18 }), hands('both', 'hip')],
        [lift('right', 56, 78), hands('both', 'hip')],
      ],
      declared: { cognitiveLoad: 2, balanceDemand: 5 },
      cues: { do: 'Hands on the hips; lean, turn, knee up, and set it down softly.', watch: 'Leave the knee out while you learn the order.' },
    },
  ],
})

export const ONE_SIDED = [backToKnee, armAndLegOut, heldSquat, sideTurnKnee]
