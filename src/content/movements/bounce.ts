import { arm, feet, hands, lean, leg, plants } from '@/core/body'
import { ladder } from '@/core/movement'
import { ON_SPOT, RHYTHM } from './rhythm'
import { legOut } from './shapes'

const give = (flexion: number, knee: number) => leg('both', { flexion, knee, ankle: knee - flexion })

const bounce = ladder({
  ...RHYTHM,
  id: 'bounce',
  name: 'Easy bounce',
  side: 'both',
  tempo: { out: 0.5, back: 0.5 },
  main: ['quadriceps', 'calves'],
  helping: ['glutes'],
  everyday: 'a light step along the planks of the pier',
  tempoClass: 'on-the-beat',
  pattern: ['squat'],
  serves: 'walking',
  partners: ['march', 'heel-raise'],
  rpe: [1.5, 4.5],
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  view: 60,
  cues: { breath: 'Breathe on; talk while you bounce.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, the heels bounce',
      poses: [[], [leg('both', { knee: 106, ankle: -22 }), feet('both', 'ball')]],
      cues: { do: 'Both heels up and down, light and even.', watch: 'Sit tall; the toes stay.' },
    },
    {
      on: 'hold2',
      name: 'On the floor, the knees give, two hands on the chair',
      poses: [[], [give(9, 18)]],
      declared: { impactLevel: 0 },
      cues: { do: 'Let both knees give a little and straighten, in an even beat.', watch: 'Heels stay down; hands press, never pull.' },
    },
    {
      on: 'trampoline',
      name: 'On the mini-trampoline, the feet stay on the mat',
      poses: [[give(4, 8)], [give(11, 22)]],
      declared: ON_SPOT,
      met: 3.2,
      cues: {
        do: 'Press the mat down with both heels and let it lift you; the feet stay on.',
        watch: 'Look ahead, not down; stop before you get off.',
      },
    },
    {
      id: 'trampoline-squat',
      on: 'trampoline',
      name: 'On the mini-trampoline, a deeper press',
      step: 'the knees bend further',
      poses: [[give(4, 8)], [give(28, 44)]],
      tempo: { out: 1, back: 1 },
      tempoClass: 'jump-or-punch',
      declared: ON_SPOT,
      met: 3.8,
      cues: { do: 'Sit back into a shallow squat, press the mat down, let it bring you up.', watch: 'Knees over the toes; both hands stay on.' },
    },
  ],
})

const matWide = ladder({
  ...RHYTHM,
  id: 'mat-walk-wide',
  name: 'Wide and home',
  main: ['outer-hip', 'quadriceps'],
  helping: ['inner-thigh', 'calves'],
  everyday: 'finding room for the feet on a narrow deck',
  tempoClass: 'jump-or-punch',
  pattern: ['step'],
  serves: 'walking',
  partners: ['bounce', 'march'],
  rpe: [1.5, 4],
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  view: 15,
  cues: { breath: 'Breathe on; talk while you step.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot out and home',
      poses: [[], [legOut('right', 22, 90, 88)]],
      cues: { do: 'One foot out wide, home; the other out, home, in an even beat.', watch: 'Both sit bones stay heavy.' },
    },
    {
      on: 'hold2',
      name: 'On the floor, out and home, two hands on the chair',
      poses: [[], [leg('both', { abduction: 12 }), plants('left')]],
      declared: ON_SPOT,
      cues: { do: 'One foot steps out wide, steps home; the other out, home.', watch: 'Soft knees; hands press, never pull.' },
    },
    {
      on: 'trampoline',
      name: 'On the mini-trampoline, out and home',
      poses: [[], [leg('both', { abduction: 10 }), plants('left')]],
      declared: ON_SPOT,
      met: 3.4,
      cues: {
        do: 'Step one foot out towards the edge of the mat and home; the other; both hands stay on.',
        watch: 'Well inside the frame; look ahead.',
      },
    },
  ],
})

const matFront = ladder({
  ...RHYTHM,
  id: 'mat-front-back',
  name: 'Weight forward and back',
  purpose: 'balance',
  side: 'one-then-other',
  main: ['quadriceps', 'calves'],
  helping: ['glutes', 'outer-hip'],
  everyday: 'standing in a boat that pitches',
  tempoClass: 'whole-body',
  tempo: { out: 1.5, back: 1.5 },
  pattern: ['balance'],
  serves: 'staying-steady',
  partners: ['bounce', 'rock-step'],
  rpe: [1.5, 4],
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  view: 75,
  cues: { breath: 'Breathe on, slow and low.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot ahead, weight forward and back',
      poses: [
        [leg('right', { flexion: 84, knee: 66 }), leg('left', { knee: 104 })],
        [lean(12), leg('right', { flexion: 96, knee: 66 }), leg('left', { flexion: 102, knee: 104 })],
      ],
      cues: { do: 'One foot ahead; tip over it from the hips, come back tall.', watch: 'A long back; both feet stay flat.' },
    },
    {
      on: 'hold2',
      name: 'On the floor, one foot ahead, two hands on the chair',
      poses: [
        [leg('right', { flexion: 14, knee: 4 }), leg('left', { flexion: -8, knee: 4 })],
        [leg('right', { flexion: 18, knee: 16 }), leg('left', { flexion: -8, knee: 9 })],
      ],
      cues: { do: 'One foot a step ahead; take the weight over it, and back to the other.', watch: 'Both feet stay flat; hands press, never pull.' },
    },
    {
      on: 'trampoline',
      name: 'On the mini-trampoline, one foot ahead',
      poses: [
        [leg('right', { flexion: 12, knee: 4 }), leg('left', { flexion: -6, knee: 4 })],
        [leg('right', { flexion: 16, knee: 14 }), leg('left', { flexion: -6, knee: 8 })],
      ],
      met: 2.8,
      cues: {
        do: 'One foot a little ahead; press into it, then into the other; both hands stay on.',
        watch: 'Small and slow; the mat tells you enough.',
      },
    },
  ],
})

const framePush = ladder({
  id: 'frame-push',
  name: 'Push on the frame',
  purpose: 'strength-arms',
  phase: 'main',
  side: 'both',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  main: ['chest', 'triceps'],
  helping: ['shoulders', 'abdominals'],
  everyday: 'pushing a dinghy off the sand',
  tempoClass: 'whole-body',
  pattern: ['push'],
  serves: 'getting-up',
  partners: ['row', 'push-up'],
  rpe: [2, 4.5],
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  view: 88,
  cues: { breath: 'In as you lean, out as you push.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, hands push from the thighs',
      poses: [
        [lean(10), hands('both', 'knee')],
        [lean(2), hands('both', 'thigh')],
      ],
      met: 1.8,
      cues: {
        do: 'Hands on the thighs near the knees; push and bring the trunk tall, lean back in slowly.',
        watch: 'Elbows bend and straighten; neck long.',
      },
    },
    {
      on: 'rail2',
      name: 'Standing on the floor, hands on the rail',
      poses: [
        [leg('both', { flexion: 6 }), lean(10)],
        [leg('both', { flexion: 6 }), lean(18)],
      ],
      declared: { abdominalPressure: 1 },
      cues: {
        do: 'In one long line lean towards the rail, elbows bend; push away again.',
        watch: 'The hips come along; heels may lift.',
      },
    },
    {
      on: 'trampoline',
      name: 'On the mini-trampoline, hands on its frame',
      poses: [
        [leg('both', { flexion: 4 }), lean(6)],
        [leg('both', { flexion: 4 }), lean(13)],
      ],
      declared: { abdominalPressure: 1 },
      met: 3,
      cues: {
        do: 'Feet still on the mat; lean to the frame in one line, push away slowly.',
        watch: 'Shallow is right: the mat moves under you.',
      },
    },
  ],
})

const pressReach = ladder({
  ...RHYTHM,
  id: 'press-down-reach',
  name: 'Press down, reach up',
  purpose: 'balance',
  side: 'one-then-other',
  main: ['quadriceps', 'shoulders'],
  helping: ['lower-back', 'glutes'],
  everyday: 'reaching the top shelf on a rolling ship',
  tempoClass: 'two-moves',
  tempo: { out: 1.5, back: 1.5 },
  pattern: ['squat', 'reach'],
  serves: 'reaching',
  partners: ['bounce', 'squat-press'],
  rpe: [2, 4],
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  view: 60,
  cues: { breath: 'Out as the hand goes up.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, feet press, one hand reaches up',
      poses: [[lean(8)], [arm('right', { raise: 120, plane: 75, elbow: 18 })]],
      cues: { do: 'Press both feet down as one hand reaches up; let both go.', watch: 'Only as high as the shoulder likes.' },
    },
    {
      on: 'hold1',
      name: 'On the floor, one hand on the chair',
      poses: [[give(14, 26)], [arm('right', { raise: 130, plane: 75, elbow: 16 })]],
      declared: { impactLevel: 0 },
      cues: { do: 'Soft knees, press the floor away, and the free hand reaches up.', watch: 'Ribs stay down as the hand goes.' },
    },
    {
      on: 'trampoline',
      name: 'On the mini-trampoline, one hand stays on the frame',
      poses: [
        [give(12, 24), hands('right', 'free')],
        [give(4, 8), hands('right', 'free'), arm('right', { raise: 110, plane: 75, elbow: 18 })],
      ],
      met: 3.2,
      cues: {
        do: 'Press the mat down; as it lifts you, the free hand reaches up; one hand stays on.',
        watch: 'Both hands on at the first wobble.',
      },
    },
  ],
})

const footUp = ladder({
  id: 'foot-up-lean',
  name: 'One foot up, lean in and out',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'one-then-other',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 2, reps: 6, restSeconds: 45 },
  main: ['quadriceps', 'glutes'],
  helping: ['calves', 'hip-flexors'],
  everyday: 'one foot on the gunwale before you step aboard',
  tempoClass: 'whole-body',
  pattern: ['lunge'],
  serves: 'stairs',
  partners: ['step-up', 'hip-flexor-stretch'],
  rpe: [2, 4.5],
  view: 80,
  cues: { breath: 'Out as you press back.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot ahead presses down',
      poses: [[leg('right', { flexion: 86, knee: 66 })], [lean(12), leg('right', { flexion: 98, knee: 66 })]],
      cues: { do: 'One foot ahead; lean over it and press it down, come back tall.', watch: 'Knee over the toes.' },
    },
    {
      on: 'rails2',
      name: 'One foot on a step, a hand on each rail',
      with: 'step',
      poses: [
        [leg('right', { flexion: 46, knee: 54 }), feet('right', 'step')],
        [
          leg('right', { flexion: 56, knee: 74, ankle: 10 }),
          leg('left', { flexion: -10, knee: 6, ankle: -26 }),
          feet('right', 'step'),
          feet('left', 'ball'),
        ],
      ],
      declared: { impactLevel: 0, externalLoadType: 'platform', kneeFlexionLoadedDeg: 75 },
      met: 3,
      cues: {
        setup: 'Stand before a step that cannot slide, between two rails, a hand on each.',
        do: 'One foot on the step; lean the knee over it, press back to the foot behind.',
        watch: 'The heel on the step stays down.',
      },
    },
  ],
})

export const BOUNCE = [bounce, matWide, matFront, framePush, pressReach, footUp]
