import { feet, hands, lean, leg, neck, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { MAT } from './lyingTrunk'
import { lift, parts, reach } from './shapes'

const TRUNK = {
  purpose: 'strength-trunk',
  phase: 'main',
  dose: { sets: 2, reps: 8, restSeconds: 30 },
  gradedBy: ['transferLevel', 'intendedRpe', 'met'],
} as const

/** Both knees up and to one side. */
const swept = (deg: number, knee = 94) =>
  parts(
    leg('left', { flexion: 88, knee, abduction: -deg }),
    leg('right', { flexion: 88, knee, abduction: deg }),
    feet('both', 'free'),
    spine({ twist: deg * 0.3 }),
  )

const knees = ladder({
  ...TRUNK,
  id: 'knees-swept',
  name: 'Bent knees swept from side to side',
  side: 'alternating',
  tempo: { out: 2, stay: 0.5, back: 2 },
  tempoClass: 'single-joint',
  main: ['obliques', 'abdominals'],
  helping: ['hip-flexors'],
  everyday: 'turning the legs out of bed without the arms',
  pattern: ['rotate'],
  serves: 'moving-in-bed',
  partners: ['bridge', 'knee-rock'],
  rpe: [1.5, 4.5],
  view: 60,
  cues: { breath: 'Out as the knees go over.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, knees sway together',
      poses: [[], [leg('right', { abduction: 12 }), leg('left', { abduction: -6 })]],
      met: 1.6,
      cues: { do: 'Knees together sway a little to one side, to the other; feet stay.', watch: 'The back keeps its touch with the chair.' },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, feet down, knees sway',
      poses: [[], [leg('right', { abduction: 14 }), leg('left', { abduction: -7 }), spine({ twist: 5 })]],
      met: 1.8,
      cues: { do: 'Knees together sway a little to one side, to the other; feet stay on the bed.', watch: 'Both shoulders stay heavy.' },
    },
    {
      id: 'up',
      on: 'supine',
      name: 'On the mat, both knees up, swept a little',
      step: 'the feet leave the mat',
      poses: [[swept(0)], [swept(14)]],
      declared: { abdominalPressure: 2 },
      met: 2.6,
      cues: {
        setup: MAT,
        do: 'Both knees over the hips; sweep them a little to one side, through the middle, to the other.',
        watch: 'Only as far as the back stays down; one foot down at once if it lifts.',
      },
    },
  ],
})

const touch = ladder({
  ...TRUNK,
  id: 'curl-to-touch',
  name: 'Curl and touch',
  side: 'one-then-other',
  tempo: { out: 2, stay: 0.5, back: 2 },
  tempoClass: 'single-joint',
  main: ['abdominals', 'obliques'],
  helping: ['hip-flexors'],
  everyday: 'reaching for the covers at the foot of the bed',
  pattern: ['rotate', 'reach'],
  serves: 'moving-in-bed',
  partners: ['back-lift', 'bridge'],
  rpe: [1.5, 4.5],
  view: 75,
  cues: { breath: 'Out as the hand goes.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, brace, one hand to the other knee',
      poses: [[], [reach('right', 52, 112, 20), lean(2)]],
      declared: { abdominalPressure: 1 },
      met: 1.6,
      cues: { do: 'Ribs in, one hand glides across towards the other knee; and home.', watch: 'Long neck; the chest stays open.' },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, head down, hand along the thigh',
      poses: [[hands('right', 'thigh')], [hands('right', 'knee'), neck({ flexion: 6 })]],
      declared: { abdominalPressure: 1 },
      met: 1.8,
      cues: {
        do: 'Nod a little, one hand slides up the thigh towards the knee; and back.',
        watch: 'The head stays on the pillow.',
      },
    },
    {
      on: 'supine',
      name: 'On the mat, one shoulder lifts, hand touches the shin',
      poses: [[lift('left', 88, 92)], [lift('left', 96, 96), spine({ flexion: 26, twist: 8 }), neck({ flexion: 12 }), reach('right', 78, 104, 6)]],
      declared: { abdominalPressure: 3 },
      met: 2.6,
      cues: {
        setup: MAT,
        do: 'One knee up; curl the other shoulder a little and touch the shin; lie back.',
        watch: 'Small; stop when the belly domes or the neck pulls.',
      },
    },
  ],
})

const thighLying = ladder({
  id: 'front-thigh-lying',
  name: 'Front thigh, lying',
  purpose: 'flexibility',
  phase: 'cool-down',
  side: 'one-then-other',
  tempoClass: 'breath',
  tempo: { out: 3, stay: 20, back: 3 },
  dose: { sets: 1, reps: 2, holdSeconds: 20, restSeconds: 10 },
  main: ['quadriceps'],
  helping: ['hip-flexors'],
  everyday: 'pulling a sock off behind you',
  pattern: ['lunge'],
  serves: 'dressing',
  partners: ['hamstring-stretch', 'hip-flexor-stretch'],
  gradedBy: ['transferLevel', 'intendedRpe', 'met'],
  rpe: [1.5, 2.5],
  view: 85,
  cues: { breath: 'Let it soften on the way out.' },
  steps: [
    {
      on: 'bedSide',
      name: 'On a bed, on the side, heel drawn back',
      poses: [[], [leg('left', { flexion: 12, knee: 100 })]],
      met: 1.4,
      cues: {
        do: 'Upper knee bends, the heel comes towards the seat; stay.',
        watch: 'Thighs side by side; the low back does not hollow.',
      },
    },
    {
      on: 'bedProne',
      name: 'On a bed, face down, one heel up',
      poses: [[], [leg('right', { knee: 88 })]],
      met: 1.5,
      cues: {
        do: 'Bend one knee and let the heel come towards the seat; stay.',
        watch: 'The hip stays down; a pillow under the belly if the back hollows.',
      },
    },
    {
      on: 'prone',
      name: 'On the mat, face down, towel round the ankle',
      poses: [[], [leg('right', { knee: 108 }), reach('right', 16, -80, 30)]],
      with: 'towel',
      drawn: 'ankleStrap',
      declared: { gripDemand: 1 },
      met: 1.6,
      cues: {
        setup: 'Chair beside the mat. Lie face down, a towel round one ankle.',
        do: 'Draw the heel towards the seat with the towel until the thigh pulls mildly; stay.',
        watch: 'Both hip bones stay on the mat.',
      },
    },
  ],
})

const edge = ladder({
  id: 'bed-edge-lift',
  name: 'Leg back at the edge of a bed',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'one-then-other',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  main: ['glutes'],
  helping: ['hamstrings', 'lower-back'],
  everyday: 'climbing back into the bunk',
  pattern: ['hinge'],
  serves: 'moving-in-bed',
  partners: ['squat', 'leg-extension'],
  gradedBy: ['intendedRpe', 'met', 'balanceDemand'],
  rpe: [1.5, 4],
  view: 80,
  cues: { breath: 'Out as the leg lifts.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, squeeze one side of the seat',
      poses: [[], [lean(6)]],
      met: 1.6,
      cues: { do: 'Tighten one buttock and press that foot down; hold for two, let go.', watch: 'Sit even again after each.' },
    },
    {
      on: 'bedProne',
      name: 'On a bed, face down, one leg long and light',
      poses: [[], [leg('right', { flexion: -8, knee: 4 })]],
      met: 2,
      cues: { do: 'Tighten the seat, let one leg grow long and lift a hand’s width; lower slowly.', watch: 'The hip bone stays on the bed.' },
    },
    {
      on: 'counter2',
      name: 'Trunk leaning on a high edge, one leg back',
      step: 'on the feet, the trunk carried by the hands',
      poses: [
        [lean(40), leg('both', { flexion: 32, knee: 8 })],
        [lean(40), leg('left', { flexion: 32, knee: 8 }), leg('right', { flexion: 14, knee: 6 }), feet('right', 'free')],
      ],
      declared: { balanceDemand: 2 },
      met: 2.4,
      cues: {
        setup: 'Lean both hands on a high bed or a counter, hips a little folded.',
        do: 'One leg grows long behind and lifts no higher than the hip; lower slowly.',
        watch: 'The low back stays quiet.',
      },
    },
  ],
})

const pressUp = ladder({
  id: 'lying-press-up',
  name: 'Chest up on the hands',
  purpose: 'mobility',
  phase: 'main',
  side: 'both',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 2, back: 3 },
  dose: { sets: 1, reps: 6, restSeconds: 30 },
  main: ['lower-back'],
  helping: ['abdominals', 'triceps'],
  everyday: 'looking up from a book on the beach',
  pattern: ['push'],
  serves: 'moving-in-bed',
  partners: ['curl-up', 'knee-hug'],
  gradedBy: ['intendedRpe', 'met'],
  rpe: [1.5, 4],
  view: 85,
  cues: { breath: 'Out as the arms press, in at the top.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, hands on the thighs press the chest up',
      poses: [
        [lean(10), hands('both', 'thigh')],
        [hands('both', 'thigh'), spine({ flexion: -6 })],
      ],
      met: 1.6,
      cues: { do: 'Tip forward a little; hands press on the thighs and bring the chest up and forward.', watch: 'The chin stays level.' },
    },
    {
      on: 'bedProne',
      name: 'On a bed, up as far as the forearms',
      poses: [[], [spine({ flexion: -14 }), hands('both', 'floorForearm')]],
      declared: { abdominalPressure: 1 },
      met: 2,
      cues: { do: 'Forearms beside you; press and let the chest come up a little; the hips stay.', watch: 'The seat muscles stay soft.' },
    },
    {
      on: 'prone',
      name: 'On the mat, press up on the hands',
      poses: [[], [spine({ flexion: -28 }), hands('both', 'floor')]],
      declared: { wristExtLoad: 2, abdominalPressure: 1 },
      met: 2.6,
      cues: {
        do: 'Press on the hands until the chest lifts; hips stay down.',
        watch: 'Shoulders low; stop at the first pinch.',
        setup: 'A heavy chair beside the mat. Lie face down, forehead on your hands or a towel.',
      },
    },
  ],
})

export const LYING_AND_RISING = [pressUp, knees, touch, thighLying, edge]
