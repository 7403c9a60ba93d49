import { arm, lean, leg, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { LANDED } from './rhythm'
import { bend, legOut, lift, offTheFloor, wide } from './shapes'

const LOOP = {
  purpose: 'strength-legs',
  phase: 'main',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'balanceDemand', 'externalLoadKg'],
  rpe: [2.5, 5],
} as const
const GRIP = { gripDemand: 2 } as const
/** A loop round both thighs: how it runs and how hard it is held. */
export const THIGHS = { with: 'band', bandRuns: 'thighs', declared: GRIP } as const
export const looped = (how: string) => `Check the loop band for nicks, put it round both thighs. ${how}`

const loopForward = ladder({
  ...LOOP,
  id: 'loop-knee-up',
  name: 'Knee up against a loop',
  side: 'one-then-other',
  main: ['hip-flexors'],
  helping: ['abdominals', 'outer-hip'],
  everyday: 'lifting a foot over a rope on deck',
  tempoClass: 'single-joint',
  pattern: ['balance'],
  serves: 'stairs',
  partners: ['loop-back-kick', 'march'],
  view: 70,
  cues: { breath: 'Out as the knee comes up.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one knee up against the loop',
      ...THIGHS,
      kg: 1,
      poses: [[lift('right', 90, 90)], [lift('right', 102, 92)]],
      cues: {
        setup: looped('Sit tall, feet flat.'),
        do: 'Draw one knee up a hand’s width against the loop, let it down slowly.',
        watch: 'The trunk does not lean back to help.',
      },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, light loop',
      ...THIGHS,
      kg: 1.5,
      poses: [[lift('right', 8, 20)], [lift('right', 40, 60)]],
      cues: {
        setup: looped('Both hands press on the chair.'),
        do: 'Draw one knee up against the loop, well below the hip; lower it slowly.',
        watch: 'The standing leg stays long.',
      },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, firmer loop',
      ...THIGHS,
      kg: 2.5,
      poses: [[lift('right', 8, 20)], [lift('right', 48, 66)]],
      cues: {
        setup: looped('One hand presses on the chair.'),
        do: 'Knee up against the loop, hold for two, lower it slowly.',
        watch: 'No hitching of the hip.',
      },
    },
  ],
})

const loopSquat = ladder({
  ...LOOP,
  id: 'loop-squat',
  name: 'Squat, knees out against a loop',
  main: ['outer-hip', 'quadriceps', 'glutes'],
  helping: ['hamstrings'],
  everyday: 'getting up from a low deck-chair',
  tempoClass: 'whole-body',
  pattern: ['squat'],
  serves: 'getting-up',
  partners: ['loop-side-kick', 'inner-thigh-stretch'],
  view: 20,
  cues: { breath: 'Out as you rise.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, knees open against the loop',
      ...THIGHS,
      kg: 1,
      poses: [[leg('both', { abduction: 6 })], [leg('both', { abduction: 20, rotation: 8 })]],
      cues: {
        setup: looped('Sit tall, feet flat.'),
        do: 'Press both knees open against the loop, hold for two, ease off.',
        watch: 'Feet stay flat; the loop never snaps back.',
      },
    },
    {
      on: 'hold2',
      name: 'Quarter squat, two hands on the chair, light loop',
      ...THIGHS,
      kg: 1.5,
      poses: [[bend(2, 2, 12, 10)], [bend(34, 40, 12, 10)]],
      cues: {
        setup: looped('Both hands press on the chair.'),
        do: 'Feet wide; hips back a little, knees pressed out against the loop; stand tall.',
        watch: 'Knees stay over the little toes.',
      },
    },
    {
      on: 'free',
      name: 'Half squat, free, firmer loop',
      ...THIGHS,
      kg: 2.5,
      poses: [[bend(2, 2, 12, 10)], [bend(52, 56, 12, 10), arm('both', { raise: 62, plane: 88, elbow: 14 })]],
      declared: { ...GRIP, balanceDemand: 3 },
      cues: {
        setup: looped('A steady chair in reach.'),
        do: 'Feet wide, arms forward; hips back and down, knees pressed out; stand tall.',
        watch: 'Stop above the point where the knees fall in.',
      },
    },
  ],
})

const loopStepTap = ladder({
  ...LOOP,
  id: 'loop-step-tap',
  name: 'Step and tap with a loop',
  side: 'alternating',
  main: ['outer-hip'],
  helping: ['glutes', 'calves'],
  everyday: 'side-stepping along the landing stage',
  tempoClass: 'two-moves',
  pattern: ['step'],
  serves: 'walking',
  partners: ['band-steps', 'march'],
  view: 15,
  cues: { breath: 'Breathe on with the steps.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot out and in',
      ...THIGHS,
      kg: 1,
      poses: [[], [legOut('right', 20, 90, 88)]],
      cues: {
        setup: looped('Sit tall, feet flat.'),
        do: 'One foot steps out against the loop, taps, comes in; change.',
        watch: 'Both sit bones stay heavy.',
      },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, a tap to the side',
      ...THIGHS,
      kg: 1.5,
      poses: [[leg('both', { abduction: 1 })], [legOut('right', 20)]],
      cues: {
        setup: looped('Both hands press on the chair.'),
        do: 'One foot taps out to the side against the loop and comes home; change.',
        watch: 'The trunk stays over the standing foot.',
      },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, a tap to the side and up',
      step: 'one hand less, a firmer loop',
      ...THIGHS,
      kg: 2.5,
      poses: [[bend(12, 13, 1)], [legOut('right', 22)]],
      cues: {
        setup: looped('One hand presses on the chair.'),
        do: 'Soft knees; one foot taps out, lifts for a moment, comes home; change.',
        watch: 'Turn round half way, so that each leg has its go.',
      },
      side: 'one-then-other',
    },
    {
      id: 'hop',
      on: 'hold2',
      name: 'Two hands on the chair, a small hop to the side',
      step: 'both feet leave the floor',
      ...THIGHS,
      kg: 2.5,
      tempo: { out: 1, stay: 0.4, back: 1 },
      poses: [[bend(14, 15, 1)], [leg('both', { abduction: 8 }), offTheFloor(0.05)], [bend(18, 20, 12)]],
      declared: { ...GRIP, ...LANDED },
      met: 5,
      rpe: 5,
      cues: {
        setup: looped('Both hands press on the chair.'),
        do: 'A small hop wide against the loop, land softly, tap one foot in and out; change.',
        watch: 'Step in place of the hop as soon as it gets loud.',
      },
    },
  ],
})

const BAND_ARMS = {
  purpose: 'strength-arms',
  phase: 'main',
  tempo: { out: 2, stay: 0, back: 3 },
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'externalLoadKg'],
  tempoClass: 'single-joint',
  with: 'band',
  rpe: [2, 4.5],
} as const
export const UNDERFOOT = 'Check the band for nicks. Stand on it, an end in each hand, a steady chair in reach.'
export const SHORTER = 'Check the band for nicks. Stand on it hip-wide, gripping it lower, a steady chair in reach.'
export const SEATED = 'Check the band for nicks. Sit tall, the band under both feet, an end in each hand.'

const bandSideRaise = ladder({
  ...BAND_ARMS,
  id: 'band-side-raise',
  name: 'Low side raise with a band underfoot',
  main: ['shoulders'],
  helping: ['upper-back', 'rotator-cuff'],
  everyday: 'holding two oars off the ground',
  pattern: ['push'],
  serves: 'lifting',
  partners: ['band-curl', 'band-pull-down'],
  view: 20,
  cues: { breath: 'Out on the way up.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, light band, a little way',
      kg: 1,
      poses: [[wide(18, 16)], [wide(42, 16)]],
      cues: { setup: SEATED, do: 'Float both hands a little way out against the band, come back slowly.', watch: 'Shoulders stay low.' },
    },
    {
      on: 'free',
      name: 'Standing on the band, well below the shoulder',
      kg: 1.5,
      poses: [[wide(10, 12)], [wide(50, 12)]],
      declared: { balanceDemand: 2 },
      cues: {
        setup: UNDERFOOT,
        do: 'Lift both hands out against the band, well below the shoulder; lower for three.',
        watch: 'Ribs stay over the hips.',
      },
    },
    {
      id: 'short',
      on: 'free',
      name: 'Standing, hands nearer to the feet',
      step: 'a shorter band',
      kg: 2.5,
      poses: [[wide(10, 12)], [wide(54, 12)]],
      declared: { balanceDemand: 2 },
      met: 3,
      cues: {
        setup: SHORTER,
        do: 'Lift out against more pull, stop early; lower even slower.',
        watch: 'Let go of no end under pull.',
      },
    },
  ],
})

const bandKickBack = ladder({
  ...BAND_ARMS,
  id: 'band-kick-back',
  name: 'Kick-back with a band underfoot',
  main: ['triceps'],
  helping: ['upper-back', 'shoulders'],
  everyday: 'pushing the punt along',
  pattern: ['push'],
  serves: 'lifting',
  partners: ['band-curl', 'row'],
  view: 75,
  cues: { breath: 'Out as the arms straighten.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, light band',
      kg: 1,
      poses: [[arm('both', { raise: 18, plane: -80, elbow: 80 })], [arm('both', { raise: 20, plane: -80, elbow: 24 })]],
      cues: { setup: SEATED, do: 'Elbows a little behind; straighten both arms back, bend them slowly.', watch: 'The elbows stay where they are.' },
    },
    {
      on: 'free',
      name: 'Standing, soft knees, hips a little back',
      kg: 1.5,
      poses: [
        [bend(16, 34), arm('both', { raise: 30, plane: -80, elbow: 90 })],
        [bend(16, 34), arm('both', { raise: 34, plane: -80, elbow: 14 })],
      ],
      declared: { balanceDemand: 2 },
      cues: { setup: UNDERFOOT, do: 'Tip a little from the hips; straighten both arms back, bend for three.', watch: 'Long back, long neck.' },
    },
    {
      id: 'short',
      on: 'free',
      name: 'Standing, hands nearer to the feet',
      step: 'a shorter band',
      kg: 2.5,
      poses: [
        [bend(18, 40), arm('both', { raise: 34, plane: -80, elbow: 90 })],
        [bend(18, 40), arm('both', { raise: 38, plane: -80, elbow: 14 })],
      ],
      declared: { balanceDemand: 2 },
      met: 3,
      cues: {
        setup: SHORTER,
        do: 'Straighten against more pull, hold for one; bend even slower.',
        watch: 'Step off the band with care, one foot at a time.',
      },
    },
  ],
})

const upAndFold = ladder({
  id: 'band-up-and-fold',
  name: 'Band up, and fold over it',
  purpose: 'mobility',
  phase: 'any',
  side: 'both',
  tempo: { out: 4, stay: 1, back: 4 },
  dose: { sets: 1, reps: 5, restSeconds: 20 },
  main: ['upper-back', 'shoulders'],
  helping: ['hamstrings', 'chest'],
  everyday: 'reaching up for a sail and bending to its foot',
  tempoClass: 'as-written',
  pattern: ['reach', 'hinge'],
  serves: 'standing-tall',
  partners: ['chest-open', 'hamstring-stretch'],
  rpe: [1.5, 3.5],
  gradedBy: ['intendedRpe', 'met', 'overheadReachDeg'],
  view: 55,
  with: 'band',
  bandRuns: 'hands',
  cues: { breath: 'In as the hands rise, out as you fold.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, band to brow height, fold a little',
      kg: 0.5,
      poses: [
        [arm('both', { raise: 50, plane: 80, elbow: 30 })],
        [spine({ flexion: -6 }), arm('both', { raise: 108, plane: 66, elbow: 18 })],
        [lean(26), arm('both', { raise: 70, plane: 56, elbow: 8 })],
      ],
      cues: {
        setup: 'Check the band for nicks. Sit tall, hands wide on it, hardly stretched.',
        do: 'Lift the band to brow height and open the chest, then fold forward from the hips; come up.',
        watch: 'Hands wider when the shoulders complain.',
      },
    },
    {
      id: 'high',
      on: 'seat',
      name: 'Sitting, band over the head, and fold',
      step: 'the hands go over the head',
      kg: 0.5,
      poses: [
        [arm('both', { raise: 60, plane: 80, elbow: 24 })],
        [spine({ flexion: -8 }), arm('both', { raise: 148, plane: 58, elbow: 10 })],
        [lean(34), arm('both', { raise: 80, plane: 48, elbow: 6 })],
      ],
      cues: {
        setup: 'Check the band for nicks. Sit tall, hands wide on it, hardly stretched.',
        do: 'Band overhead, the breastbone lifts a little; then fold long over the thighs; come up.',
        watch: 'Eyes ahead, not to the ceiling.',
      },
    },
    {
      on: 'free',
      name: 'Standing, band over the head, and fold half way',
      kg: 1,
      poses: [
        [arm('both', { raise: 60, plane: 80, elbow: 24 }), leg('both', { flexion: 2, knee: 4 })],
        [spine({ flexion: -8 }), arm('both', { raise: 148, plane: 58, elbow: 10 }), leg('both', { flexion: 2, knee: 4 })],
        [leg('both', { flexion: 50, knee: 14 }), arm('both', { raise: 84, plane: 48, elbow: 6 })],
      ],
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'Check the band for nicks. Feet wide, hands wide on it, a steady chair in reach.',
        do: 'Band overhead, breastbone up a little; then hips back and fold half way; stand tall.',
        watch: 'Back long; the head stays above the heart.',
      },
    },
  ],
})

export const LOOP_AND_BAND = [loopForward, loopSquat, loopStepTap, bandSideRaise, bandKickBack, upAndFold]
