import { feet, hands, lean, leg } from '@/core/body'
import { ladder } from '@/core/movement'
import { parts, reach, SHORT, split } from './shapes'

/**
 * The links of the way up from the floor, each taught by itself: from the back onto the side and up on a forearm (`bed-roll`), onto hands and
 * knees and a hand to the seat, a foot forward, up (`down-and-up`).
 */
const LINK = {
  purpose: 'strength-legs',
  phase: 'main',
  side: 'one-then-other',
  tempo: { out: 2.5, stay: 1, back: 2.5 },
  dose: { sets: 1, reps: 5, restSeconds: 30 },
  tempoClass: 'whole-body',
  serves: 'to-the-floor',
  gradedBy: ['transferLevel', 'intendedRpe', 'met'],
} as const

const BESIDE = 'A heavy chair against a wall beside you, its seat towards you; a pad under the knee.'
/** On the knees, folded at the hips over a seat ahead. */
const folded = (deg: number) => [lean(deg), leg('both', { flexion: deg, knee: 90 }), hands('both', 'chairSeat')] as const
/** One foot flat before the other knee, a hand on the seat beside. */
const half = (deg: number, knee: number) =>
  [
    lean(deg),
    leg('right', { flexion: 88 + deg * 0.7, knee }),
    leg('left', { flexion: deg * 0.55 }),
    feet('right', 'flat'),
    hands('left', 'chairSeat'),
  ] as const

const foursToSeat = ladder({
  ...LINK,
  id: 'fours-to-seat',
  name: 'From hands and knees to the chair',
  main: ['shoulders', 'abdominals'],
  helping: ['triceps', 'glutes'],
  everyday: 'finding the bench with a hand after a slip',
  pattern: ['push', 'reach'],
  partners: ['down-and-up', 'bed-roll'],
  rpe: [1.5, 3.5],
  view: 80,
  cues: { breath: 'Out as the hand moves.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, lean on the thighs, one hand reaches ahead',
      poses: [
        [lean(22), hands('both', 'knee')],
        [lean(26), hands('left', 'knee'), reach('right', 62, 88, 14)],
      ],
      met: 1.6,
      cues: {
        do: 'Lean both hands on the thighs, reach one hand ahead as to a seat, bring it back.',
        watch: 'The arm that stays carries you; feet flat.',
      },
    },
    {
      on: 'chairSeat2',
      name: 'Standing, both hands on the seat, one hand off and on',
      poses: [[lean(36)], [lean(36), hands('right', 'hip')]],
      declared: { cognitiveLoad: 1, wristExtLoad: 2 },
      met: 2.2,
      cues: {
        do: 'Lean on both hands; take one to the hip, put it back on the seat.',
        watch: 'Shoulders stay level as the hand leaves.',
      },
    },
    {
      on: 'allFours',
      name: 'On hands and knees, one hand reaches ahead',
      poses: [[], [reach('left', 152, 88, 12)]],
      declared: { cognitiveLoad: 1 },
      met: 2.5,
      cues: {
        do: 'Take the weight on one hand, reach the other ahead as to a seat, set it back.',
        watch: 'Knees stay wide; rest on the forearms whenever you like.',
      },
    },
    {
      id: 'both',
      on: 'kneel',
      name: 'Kneeling, both hands on the seat, the chest lifts',
      step: 'both hands on the seat, the trunk comes up',
      poses: [folded(46), folded(16)],
      side: 'both',
      props: ['seatAhead'],
      declared: { cognitiveLoad: 2, wristExtLoad: 2 },
      met: 2.8,
      cues: {
        setup: 'A heavy chair against a wall ahead of you, its seat towards you; a pad under the knees.',
        do: 'Lean on both hands on the seat; press down and bring the chest up; lower it slowly.',
        watch: 'Wait when your head swims, with the hands on the seat.',
      },
    },
  ],
})

const back = (deg: number) => leg('right', { flexion: 78, knee: deg })
const footForward = ladder({
  ...LINK,
  id: 'foot-forward',
  name: 'One foot forward beside the chair',
  main: ['hip-flexors', 'quadriceps'],
  helping: ['glutes', 'abdominals', 'shoulders'],
  everyday: 'setting a foot under you to get up from the weeding',
  pattern: ['lunge', 'step'],
  partners: ['down-and-up', 'fours-to-seat'],
  rpe: [2, 4],
  view: 80,
  cues: { breath: 'Out as the foot comes forward.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting at the edge, one foot forward, one back',
      poses: [[back(112), feet('right', 'ball')], [parts(leg('right', { flexion: 92, knee: 62 }), feet('right', 'flat'))]],
      met: 1.8,
      cues: {
        setup: 'Sit near the front edge of a firm chair, hands on the thighs.',
        do: 'Draw one foot back under the seat, then set it well forward, flat.',
        watch: 'The foot is lifted, not dragged.',
      },
    },
    {
      on: 'chairSeat2',
      name: 'Standing, hands on the seat, one foot steps forward',
      poses: [[split('left', 30, SHORT, 50)], [split('right', 30, SHORT, 50)]],
      side: 'alternating',
      declared: { cognitiveLoad: 1, wristExtLoad: 2, travel: 'on-spot' },
      met: 2.6,
      cues: {
        do: 'One foot forward between the hands and you, lean on it, step back; change.',
        watch: 'Knee over the middle of the foot.',
      },
    },
    {
      on: 'kneel',
      name: 'Kneeling, a hand on the seat, one foot comes forward',
      poses: [[hands('left', 'chairSeat')], half(0, 92)],
      props: ['seatAhead'],
      declared: { cognitiveLoad: 2, wristExtLoad: 2, balanceDemand: 2 },
      met: 3,
      cues: {
        setup: BESIDE,
        do: 'Press one hand on the seat, bring the other foot forward flat, take it back.',
        watch: 'Help the knee with your hand if it will not come; the strong leg first.',
      },
    },
    {
      id: 'rock',
      on: 'kneel',
      name: 'Half kneeling, weight over the front foot',
      step: 'the front leg takes the weight',
      poses: [half(4, 90), half(24, 104)],
      props: ['seatAhead'],
      declared: { cognitiveLoad: 2, wristExtLoad: 2, balanceDemand: 2 },
      met: 3.2,
      cues: {
        setup: BESIDE,
        do: 'Foot flat in front: lean over it until the back knee grows light, and ease off.',
        watch: 'Nose over the knee, knee over the toes; the hand stays on the seat.',
      },
    },
  ],
})

export const FROM_THE_FLOOR = [foursToSeat, footForward]
