import { feet, hands, jumps, lean, leg, plants, weightOn } from '@/core/body'
import { ladder } from '@/core/movement'
import { LANDED } from './rhythm'
import { bend, front, lift, offTheFloor, reach, SHORT, split, together } from './shapes'

const STRONG = {
  phase: 'main',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 6, restSeconds: 60 },
  gradedBy: ['intendedRpe', 'met', 'balanceDemand', 'externalLoadKg'],
} as const

const crossedBehind = (dip: number) => [
  leg('right', { flexion: dip, knee: dip + 8 }),
  leg('left', { flexion: -8, abduction: -20, knee: dip + 10, ankle: -26 }),
  feet('left', 'ball'),
  weightOn(0.3),
  plants('right'),
]
const lungeCurtsy = ladder({
  ...STRONG,
  id: 'side-lunge-curtsy',
  name: 'Side lunge, then curtsy',
  purpose: 'strength-legs',
  side: 'one-then-other',
  main: ['glutes', 'outer-hip'],
  helping: ['quadriceps', 'inner-thigh'],
  everyday: 'getting round a chair that stands in the way',
  tempoClass: 'two-moves',
  pattern: ['lunge', 'balance'],
  serves: 'turning',
  partners: ['side-lunge', 'curtsy'],
  rpe: [2, 5],
  view: 15,
  cues: { breath: 'Out each time you rise.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, foot wide and foot crossed',
      poses: [[], [leg('right', { abduction: 26, knee: 80 })], [], [leg('right', { abduction: -8, knee: 62 })]],
      cues: {
        setup: 'Sit tall on the front half of the chair, feet hip-wide.',
        do: 'Slide one foot wide, home, then across before the other, home; then the other foot.',
        watch: 'Both sit bones stay; the knee goes where the foot goes.',
      },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, wide and behind',
      poses: [[], [leg('right', { abduction: 20, flexion: 34, knee: 36 }), leg('left', { abduction: 18 })], [], crossedBehind(12)],
      declared: { impactLevel: 1, travel: 'sideways', balanceDemand: 3 },
      met: 3,
      cues: {
        setup: 'Stand behind a chair set against a wall, two hands on its back.',
        do: 'Step wide and bend; back; the other foot crosses behind, a small dip; back.',
        watch: 'Hips face the chair; stop at the first complaint of a knee.',
      },
    },
    {
      on: 'free',
      name: 'Standing free, wide and behind',
      poses: [
        [hands('both', 'hip')],
        [leg('right', { abduction: 22, flexion: 42, knee: 44 }), leg('left', { abduction: 20 }), hands('both', 'hip')],
        [hands('both', 'hip')],
        [...crossedBehind(24), hands('both', 'hip')],
      ],
      declared: { impactLevel: 1, travel: 'sideways', balanceDemand: 4 },
      met: 4,
      cues: {
        setup: 'Stand tall, hands on the hips, a steady chair in reach.',
        do: 'Step wide and sit back; stand; cross the other foot behind and dip; stand.',
        watch: 'Weight in the heel of the front foot; shorter when it wobbles.',
      },
    },
  ],
})

const swingPullPress = ladder({
  ...STRONG,
  id: 'swing-pull-press',
  name: 'Bend, swing, pull, press',
  purpose: 'strength-legs',
  side: 'both',
  main: ['glutes', 'shoulders'],
  helping: ['quadriceps', 'upper-back', 'abdominals'],
  everyday: 'lifting a bag from the floor onto a shelf',
  tempoClass: 'two-moves',
  tempo: { out: 3, stay: 0, back: 3 },
  pattern: ['squat', 'push'],
  serves: 'lifting',
  partners: ['wide-swing', 'squat-press'],
  rpe: [2, 5],
  view: 65,
  cues: { breath: 'In as you bend, out as you press.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, empty hands',
      poses: [
        [lean(16), leg('both', { abduction: 16 }), together(26, 16)],
        [leg('both', { abduction: 16 }), together(62, 14)],
        [leg('both', { abduction: 16 }), together(44, 96)],
        [leg('both', { abduction: 16 }), together(78, 12)],
      ],
      cues: {
        setup: 'Sit on the front half of the chair, feet wide, hands together.',
        do: 'Hands low, swing to the chest, pull in to the breastbone, press forward; and down.',
        watch: 'Bend from the hips; the chest stays open.',
      },
    },
    {
      on: 'free',
      name: 'Standing, empty hands',
      poses: [
        [bend(34, 50, 12, 12), together(30, 12)],
        [bend(8, 6, 12, 12), together(64, 12)],
        [bend(8, 6, 12, 12), together(44, 96)],
        [bend(8, 6, 12, 12), together(80, 10)],
      ],
      declared: { balanceDemand: 2 },
      met: 3.4,
      cues: {
        setup: 'Stand wide, toes a little out, a steady chair in reach.',
        do: 'Sit back, hands low; stand and swing to the chest, pull in, press forward.',
        watch: 'Four calm parts, not one fling.',
      },
    },
    {
      id: 'light',
      on: 'free',
      name: 'Standing, one light weight in both hands',
      with: 'dumbbell',
      drawn: 'weight',
      kg: 1,
      poses: [
        [bend(38, 56, 12, 12), together(30, 12)],
        [bend(8, 6, 12, 12), together(64, 12)],
        [bend(8, 6, 12, 12), together(44, 96)],
        [bend(8, 6, 12, 12), together(80, 10)],
      ],
      declared: { balanceDemand: 2 },
      met: 3.9,
      cues: {
        setup: 'Stand wide, one weight in both hands, a steady chair in reach.',
        do: 'Sit back, weight low; stand and lift it to the chest, pull in, press forward.',
        watch: 'The chest does not drop; set it down before the back rounds.',
      },
    },
  ],
})

const jogRow = ladder({
  phase: 'main',
  id: 'jog-row-lift',
  name: 'Jog, row and lift, sitting',
  purpose: 'aerobic',
  side: 'alternating',
  main: ['quadriceps', 'upper-back'],
  helping: ['hip-flexors', 'shoulders', 'calves'],
  everyday: 'getting warm on a cold morning',
  tempoClass: 'on-the-beat',
  tempo: { out: 0.5, stay: 0, back: 0.5 },
  dose: { sets: 1, reps: undefined, workSeconds: 45, restSeconds: 20 },
  pattern: ['step', 'pull'],
  serves: 'walking',
  partners: ['jog-press', 'seesaw-row'],
  rpe: [2, 4.5],
  view: 70,
  gradedBy: ['intendedRpe', 'met'],
  cues: { breath: 'You can still say a sentence.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, heels and easy rows',
      tempo: { out: 1, back: 1 },
      poses: [[front(46, 20)], [front(14, 96), leg('right', { ankle: -16 }), feet('right', 'ball')]],
      met: 2.2,
      cues: {
        setup: 'Sit back, feet flat, hands before the chest.',
        do: 'Hands out; one heel lifts as the elbows come back; next time the other.',
        watch: 'Elbows close; shoulders low.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, jog and row',
      poses: [[front(54, 14)], [front(14, 100), lift('right', 94, 90)]],
      declared: { cognitiveLoad: 1 },
      met: 3,
      cues: {
        setup: 'Sit tall on the front half of the chair.',
        do: 'Jog the feet; both arms out and back in time with them.',
        watch: 'Quiet feet; the arms slow down before the back leans.',
      },
    },
    {
      id: 'lift',
      on: 'seat',
      name: 'Sitting tall, jog, row, and lift',
      step: 'the arms lift as well',
      poses: [[front(54, 14)], [front(14, 100), lift('right', 94, 90)], [front(84, 8)], [front(14, 100), lift('right', 94, 90)]],
      declared: { cognitiveLoad: 2 },
      met: 3.4,
      cues: {
        setup: 'Sit tall on the front half of the chair.',
        do: 'Jog on: out, back, up to the shoulders, back.',
        watch: 'Arms no higher than the shoulders; heels and a march when it is much.',
      },
    },
  ],
})

const oneLegHop = ladder({
  phase: 'main',
  id: 'one-leg-hop',
  name: 'From one foot, up and softly down',
  purpose: 'power',
  side: 'one-then-other',
  main: ['calves', 'quadriceps'],
  helping: ['glutes', 'feet'],
  everyday: 'getting over a puddle',
  tempoClass: 'jump-or-punch',
  tempo: { out: 0.6, stay: 0.5, back: 0.8 },
  dose: { sets: 2, reps: 4, restSeconds: 90 },
  pattern: ['squat', 'balance'],
  serves: 'stairs',
  partners: ['small-jump', 'heel-raise'],
  rpe: [2.5, 6],
  view: 75,
  gradedBy: ['intendedRpe', 'impactLevel', 'balanceDemand', 'met'],
  cues: { breath: 'Out as you push off.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot pushes off its toes',
      poses: [[], [leg('right', { ankle: -28 }), feet('right', 'ball')]],
      declared: { impactLevel: 1 },
      cues: {
        setup: 'Sit tall on the front half of the chair, feet flat.',
        do: 'Push one heel off the floor quickly, let it down softly; then the other foot.',
        watch: 'Quick up, quiet down.',
      },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, quick rise on one foot',
      poses: [
        [leg('right', { flexion: 20, knee: 60 }), feet('right', 'free'), leg('left', { flexion: 12, knee: 20 })],
        [leg('right', { flexion: 30, knee: 60 }), feet('right', 'free'), leg('left', { ankle: -24 }), feet('left', 'ball')],
      ],
      declared: { impactLevel: 1, ankleLoad: 3 },
      met: 3,
      cues: {
        setup: 'Stand behind a chair set against a wall, two hands pressing down on its back.',
        do: 'On one foot: bend a little, rise quickly onto the ball, come down softly.',
        watch: 'The toes stay on the floor; knee over the toes.',
      },
    },
    {
      id: 'hop',
      on: 'hold2',
      name: 'Two hands on the chair, a low hop',
      step: 'the foot leaves the floor',
      poses: [
        [leg('right', { flexion: 20, knee: 60 }), feet('right', 'free'), leg('left', { flexion: 18, knee: 28 })],
        [leg('right', { flexion: 30, knee: 60 }), feet('right', 'free'), leg('left', { ankle: -34 }), feet('left', 'ball'), jumps(0.05)],
      ],
      declared: LANDED,
      met: 5,
      cues: {
        setup: 'Stand behind a chair set against a wall, two hands pressing down on its back.',
        do: 'A low hop on one foot; land through the ball to the heel, and wait.',
        watch: 'Four are enough; the rise alone when a landing is loud.',
      },
    },
  ],
})

const jumpOut = ladder({
  phase: 'main',
  id: 'wide-and-touch',
  name: 'Wide, and reach low',
  purpose: 'power',
  side: 'both',
  main: ['quadriceps', 'glutes'],
  helping: ['calves', 'inner-thigh'],
  everyday: 'a quick start after a ball that rolls away',
  tempoClass: 'jump-or-punch',
  tempo: { out: 0.8, stay: 0.3, back: 1 },
  dose: { sets: 2, reps: 6, restSeconds: 90 },
  pattern: ['squat', 'reach'],
  serves: 'lifting',
  partners: ['jack', 'wide-squat'],
  rpe: [2.5, 6],
  view: 20,
  gradedBy: ['intendedRpe', 'impactLevel', 'met'],
  cues: { breath: 'Out as you go low.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, feet wide and a reach to the shins',
      poses: [[], [leg('both', { abduction: 24, knee: 80 }), lean(24), front(48, 14)]],
      cues: {
        setup: 'Sit on the front half of the chair, feet together.',
        do: 'Step both feet wide, reach low between the knees; come up, feet home.',
        watch: 'Bend from the hips with a long back, only as far as is easy.',
      },
    },
    {
      on: 'free',
      name: 'Standing wide, bend and reach low',
      poses: [[bend(8, 6, 16, 12)], [bend(42, 58, 16, 12), front(40, 10)]],
      declared: { balanceDemand: 3 },
      met: 3.6,
      cues: {
        setup: 'Stand wide, toes a little out, clear floor round you, a steady chair in reach.',
        do: 'Bend quickly and reach low; stand up tall.',
        watch: 'The chest stays up; hands go to the shins, not the floor.',
      },
    },
    {
      id: 'jump',
      on: 'free',
      name: 'A small jump wide, and reach low',
      step: 'both feet leave the floor',
      poses: [[bend(10)], [leg('both', { abduction: 10 }), offTheFloor(0.06)], [bend(44, 60, 16, 12), front(40, 10)]],
      declared: { ...LANDED, balanceDemand: 4 },
      met: 6,
      cues: {
        setup: 'Stand with soft knees, clear floor round you, a steady chair in reach.',
        do: 'A small jump wide, land softly, reach low; step the feet home.',
        watch: 'Land quietly through the whole foot; step when it gets loud.',
      },
    },
  ],
})

const hanging = reach('right', 22, 88, 10)
const pulled = reach('right', 30, -70, 96)
/** A pull over the bent leg, then the other knee up. */
const pullThenKnee = [
  [split('left', 14, SHORT, 24), hanging],
  [split('left', 14, SHORT, 24), pulled],
  [reach('right', 24, -60, 90), lift('right', 62, 80), plants('left')],
] as const

const pullKnee = ladder({
  ...STRONG,
  id: 'pull-and-knee',
  name: 'Pull, and knee up',
  purpose: 'balance',
  side: 'one-then-other',
  main: ['upper-back', 'glutes', 'hip-flexors'],
  helping: ['quadriceps', 'biceps'],
  everyday: 'hauling in a line and stepping over it',
  tempoClass: 'as-written',
  tempo: { out: 3, stay: 1, back: 3 },
  pattern: ['pull', 'lunge'],
  serves: 'staying-steady',
  partners: ['split-row', 'step-up'],
  rpe: [2, 5],
  view: 80,
  cues: { breath: 'Out on the pull, in as the knee comes down.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one pull, then the knee',
      poses: [
        [lean(22), hanging],
        [lean(22), pulled],
        [reach('right', 24, -60, 90), lift('right', 104, 92)],
      ],
      cues: { do: 'Lean forward, pull one elbow back; sit tall and lift that knee; set it down.', watch: 'Two moves, not one swing.' },
    },
    {
      on: 'hold1',
      name: 'Split stance, one hand on the chair, no weight',
      poses: pullThenKnee,
      declared: { balanceDemand: 4 },
      met: 3,
      cues: {
        setup: 'Stand beside a heavy chair, near hand on its back; near foot ahead, knees soft.',
        do: 'Lean and pull one elbow back; stand tall as the back knee comes up; step back.',
        watch: 'Toes down in place of the knee when it wobbles.',
      },
    },
    {
      id: 'weight',
      on: 'hold1',
      name: 'Split stance, one hand on the chair, light weight',
      step: 'with weight',
      with: 'dumbbell',
      drawn: 'weight',
      kg: 1.5,
      poses: pullThenKnee,
      declared: { balanceDemand: 4 },
      met: 3.4,
      cues: {
        setup: 'Stand beside a heavy chair, near hand on its back, a weight in the other hand.',
        do: 'One pull with the weight; then tall, the back knee up, and back again.',
        watch: 'When you tire put the weight down, not the hand off the chair.',
      },
    },
    {
      id: 'step',
      on: 'hold1',
      name: 'Near foot on a low step, one pull, then the knee',
      step: 'the front foot on a step',
      needs: ['step'],
      props: ['step'],
      with: 'dumbbell',
      drawn: 'weight',
      kg: 1.5,
      poses: [
        [leg('left', { flexion: 52, knee: 58 }), feet('left', 'step'), leg('right', { flexion: -6 }), lean(18), hanging],
        [leg('left', { flexion: 52, knee: 58 }), feet('left', 'step'), leg('right', { flexion: -6 }), lean(18), pulled],
        [feet('left', 'step'), leg('left', { flexion: 6, knee: 8 }), lift('right', 62, 80), reach('right', 24, -60, 90), plants('left')],
      ],
      declared: { balanceDemand: 4, impactLevel: 0, travel: 'on-spot' },
      met: 4,
      cues: {
        setup: 'A step that cannot slide beside a heavy chair; near hand on the chair, near foot up.',
        do: 'Pull; then press through the foot on the step, stand up on it, knee up; step down.',
        watch: 'The whole foot is on the step; no weight the first time.',
      },
    },
  ],
})

export const CHAINED = [lungeCurtsy, swingPullPress, jogRow, oneLegHop, jumpOut, pullKnee]
