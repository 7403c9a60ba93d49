import { arm, feet, hands, lean, leg, spine, yaw } from '@/core/body'
import { ladder } from '@/core/movement'
import { behind, bend, overFeet, split } from './shapes'

/** Long holds on the feet and near to them, each with the same on a chair. */
const STAY = {
  purpose: 'flexibility',
  phase: 'cool-down',
  tempoClass: 'breath',
  tempo: { out: 3, stay: 20, back: 3 },
  dose: { sets: 1, reps: 2, holdSeconds: 20, restSeconds: 10 },
  gradedBy: ['intendedRpe', 'balanceDemand', 'met'],
  rpe: [1.5, 2.5],
} as const

/** Weight over one bent leg, the other long and wide; the feet stay where a stand of this width has them. */
const shifted = (knee: number, width: number) =>
  [
    leg('right', { flexion: knee * 1.05, knee, abduction: overFeet(knee, 12, width), rotation: 12 }),
    leg('left', { flexion: knee * 0.2, knee: 3, abduction: width + knee * 0.35, rotation: 8 }),
  ] as const

const shift = ladder({
  ...STAY,
  id: 'inner-thigh-shift',
  name: 'Inner-thigh shift',
  side: 'one-then-other',
  main: ['inner-thigh'],
  helping: ['hamstrings', 'outer-hip'],
  everyday: 'one foot on the quay, one in the boat',
  pattern: ['squat'],
  serves: 'staying-steady',
  partners: ['wide-squat', 'inner-thigh-stretch'],
  view: 10,
  cues: { breath: 'Let each out-breath take you a little further.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one leg wide and long',
      poses: [
        [leg('left', { flexion: 84, abduction: 24, knee: 44, rotation: 8 }), feet('left', 'flat')],
        [lean(6), leg('left', { flexion: 82, abduction: 38, knee: 24, rotation: 8 }), feet('left', 'flat')],
      ],
      met: 1.6,
      cues: {
        do: 'Slide one foot out wide till the inside of the thigh pulls mildly; stay.',
        watch: 'Both sit bones heavy; the toes point the way of the knee.',
      },
    },
    {
      on: 'hold2',
      name: 'Standing wide, two hands on the chair',
      poses: [[bend(4, 4, 22, 12)], [...shifted(34, 22)]],
      declared: { balanceDemand: 1 },
      met: 2,
      cues: {
        setup: 'Stand behind a chair set against a wall, feet wide, both hands pressing down.',
        do: 'Bend one knee and let the hips go to that side; the other leg stays long; stay.',
        watch: 'The bent knee goes the way of its toes.',
      },
    },
    {
      on: 'free',
      name: 'Standing wide, hands on the bent thigh',
      poses: [
        [bend(4, 4, 22, 12), hands('both', 'hip')],
        [...shifted(44, 22), hands('both', 'hip')],
      ],
      declared: { balanceDemand: 3 },
      met: 2.2,
      cues: {
        setup: 'Stand with feet wide, a steady chair in reach.',
        do: 'Bend one knee, hips to that side, hands on the hips; stay, and come back through the middle.',
        watch: 'The long leg’s foot stays flat.',
      },
    },
  ],
})

const wideFold = ladder({
  ...STAY,
  id: 'wide-fold',
  name: 'Wide fold',
  main: ['hamstrings', 'inner-thigh'],
  helping: ['lower-back', 'calves'],
  everyday: 'looking for a coin under the bench',
  pattern: ['hinge'],
  serves: 'dressing',
  partners: ['hamstring-standing', 'calf-stretch'],
  view: 60,
  declared: { endRangeStretch: true },
  cues: { breath: 'Long breaths; soften on the way out.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, feet wide, hands slide down the thighs',
      poses: [
        [leg('both', { abduction: 22 }), hands('both', 'thigh')],
        [lean(22), leg('both', { abduction: 22 }), hands('both', 'knee')],
      ],
      declared: { endRangeStretch: true, met: 1.6 },
      cues: {
        do: 'Feet wide; tip forward from the hips, hands sliding to the knees; stay.',
        watch: 'A long back; come up with the hands pushing.',
      },
    },
    {
      on: 'chairSeat2',
      name: 'Standing wide, hands on the seat',
      poses: [
        [bend(4, 68, 17, 10), lean(62)],
        [bend(4, 76, 17, 10), lean(70)],
      ],
      declared: { endRangeStretch: true, balanceDemand: 2 },
      cues: {
        setup: 'Feet wide before a heavy chair set against a wall; both hands press down on its seat.',
        do: 'Send the hips back, knees soft, until the backs of the thighs pull mildly; stay.',
        watch: 'Look at the seat; come up slowly and stand a moment.',
      },
    },
  ],
})

const lowLunge = ladder({
  ...STAY,
  id: 'low-lunge-stretch',
  name: 'Low lunge stretch',
  side: 'one-then-other',
  main: ['hip-flexors'],
  helping: ['quadriceps', 'glutes'],
  everyday: 'looking into the boat from the jetty',
  pattern: ['lunge'],
  serves: 'to-the-floor',
  partners: ['hip-flexor-stretch', 'split-squat'],
  gradedBy: ['intendedRpe', 'met', 'kneeFlexionLoadedDeg'],
  view: 80,
  cues: { breath: 'Out as the hips sink.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting at the side of the chair, one foot back',
      poses: [[yaw(90)], [yaw(90), leg('left', { flexion: 46, knee: 100, ankle: -24 }), feet('left', 'ball')]],
      view: 10,
      met: 1.6,
      cues: {
        setup: 'Sit on one side of a firm chair, the outer thigh off it, hands on the thighs.',
        do: 'Draw one foot back under you until the front of that hip pulls mildly; stay.',
        watch: 'Chest up; the belly gently in.',
      },
    },
    {
      on: 'chairSeat2',
      name: 'Standing, both hands down on the seat',
      poses: [[split('right', 20, { front: 0.22, back: -0.78 }, 54)], [split('right', 46, { front: 0.22, back: -0.78 }, 57)]],
      declared: { wristExtLoad: 2 },
      met: 2.3,
      cues: {
        setup: 'A heavy chair set against a wall; both hands press on its seat, one foot well back.',
        do: 'Bend the front knee and let the hips sink; the back leg stays long; stay.',
        watch: 'Front knee over the foot; the hands carry you.',
      },
    },
    {
      on: 'kneel',
      name: 'Back knee on a pad, a hand on the seat beside',
      poses: [
        [leg('right', { flexion: 88, knee: 92 }), feet('right', 'flat'), hands('left', 'chairSeat')],
        [leg('right', { flexion: 98, knee: 98 }), leg('left', { flexion: -14, knee: 80 }), feet('right', 'flat'), hands('left', 'chairSeat')],
      ],
      props: ['seatAhead'],
      declared: { balanceDemand: 2 },
      met: 2.4,
      cues: {
        setup: 'A heavy chair against a wall beside you, its seat towards you; a pad under the knee.',
        do: 'From half kneeling let the hips come forward until the front of the back hip pulls; stay.',
        watch: 'Tailbone heavy, chest up; the hand stays on the seat.',
      },
    },
  ],
})

const claspedBehind = ladder({
  ...STAY,
  id: 'clasped-behind',
  name: 'Hands clasped behind',
  main: ['chest'],
  helping: ['shoulders', 'upper-back'],
  everyday: 'strolling along the front, hands behind the back',
  pattern: ['reach'],
  serves: 'reaching',
  partners: ['row', 'chest-open'],
  view: 60,
  cues: { breath: 'In to open, out to stay.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, hands behind on the seat',
      poses: [[hands('both', 'seat')], [hands('both', 'seat'), spine({ flexion: -8 })]],
      met: 1.5,
      cues: {
        do: 'Hands behind you on the seat; lift the breastbone, draw the shoulders back; stay.',
        watch: 'The chin does not poke up.',
      },
    },
    {
      on: 'free',
      name: 'Standing, hands hold behind, low',
      poses: [[arm('both', { raise: 14, plane: -99, elbow: 34 })], [arm('both', { raise: 26, plane: -98, elbow: 18 })]],
      declared: { balanceDemand: 2 },
      met: 1.9,
      cues: {
        do: 'Hold your hands, or a towel, behind you; draw them down and a little away; stay.',
        watch: 'Ribs stay down; nothing pinches in front of the shoulder.',
      },
    },
    {
      id: 'lift',
      on: 'free',
      name: 'Standing, hands lifted a little behind',
      step: 'the hands rise behind',
      poses: [[arm('both', { raise: 20, plane: -98, elbow: 24 })], [behind(40, 8)]],
      declared: { balanceDemand: 2 },
      met: 2,
      cues: {
        setup: 'Stand tall, a towel between the hands behind you, a steady chair in reach.',
        do: 'Arms long behind you; lift the towel away from the seat a hand’s width; stay.',
        watch: 'Stand tall; no leaning forward to get them higher.',
      },
    },
  ],
})

export const OPENINGS = [shift, wideFold, lowLunge, claspedBehind]
