import { hands, lean, leg, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { lift, parts, reach } from './shapes'

/** Weight on the hands, from a chair or a counter down to the mat. */
const HANDS = {
  purpose: 'strength-trunk',
  phase: 'main',
  side: 'both',
  tempoClass: 'single-joint',
  gradedBy: ['transferLevel', 'intendedRpe', 'met'],
  view: 88,
} as const
const FROM_THE_COUNTER = 'Stand a long step from the counter, both hands on its edge.'

/** Hips well back over long legs, hands ahead. */
const hipsHigh = (deg: number) => parts(lean(deg), leg('both', { flexion: deg + 6, knee: 8 }))

const highHips = ladder({
  ...HANDS,
  id: 'hips-high',
  name: 'Hips high, long back',
  purpose: 'flexibility',
  phase: 'cool-down',
  tempoClass: 'breath',
  tempo: { out: 3, stay: 20, back: 3 },
  dose: { sets: 1, reps: 2, holdSeconds: 20, restSeconds: 15 },
  main: ['hamstrings', 'upper-back'],
  helping: ['calves', 'shoulders'],
  everyday: 'stretching like the harbour cat',
  pattern: ['hinge'],
  serves: 'reaching',
  partners: ['hamstring-standing', 'calf-stretch'],
  rpe: [1.5, 3],
  declared: { endRangeStretch: true },
  cues: { breath: 'Long out-breaths; the back grows with each.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, hands slide forward on the thighs',
      poses: [
        [lean(10), hands('both', 'thigh')],
        [lean(28), hands('both', 'knee')],
      ],
      declared: { endRangeStretch: true, met: 1.6 },
      cues: { do: 'Hands slide to the knees, the hips stay back, the back grows long; stay.', watch: 'Fold at the hips, not in the middle.' },
    },
    {
      on: 'counter2',
      name: 'Hands on the counter, hips back',
      poses: [[hipsHigh(38)], [hipsHigh(50)]],
      declared: { endRangeStretch: true, balanceDemand: 1 },
      cues: {
        setup: FROM_THE_COUNTER,
        do: 'Send the hips back, the chest sinks a little between the arms; stay.',
        watch: 'Ears beside the arms; knees soft.',
      },
    },
    {
      on: 'chairSeat2',
      name: 'Hands on the seat of a chair, hips back',
      poses: [[hipsHigh(66)], [hipsHigh(73)]],
      declared: { endRangeStretch: true, balanceDemand: 2, wristExtLoad: 2 },
      cues: {
        do: 'Send the hips back and up; bend one knee, then the other; stay.',
        watch: 'Head no lower than the arms; come up slowly and stand a moment.',
      },
    },
  ],
})

const kneePlank = ladder({
  ...HANDS,
  id: 'knee-plank',
  name: 'Long line from the knees',
  tempo: { out: 2, stay: 8, back: 2 },
  dose: { sets: 2, reps: 1, holdSeconds: 8, restSeconds: 30 },
  main: ['abdominals'],
  helping: ['shoulders', 'glutes'],
  everyday: 'holding the boat steady while others climb in',
  pattern: ['push'],
  serves: 'getting-up',
  partners: ['back-lift', 'bridge'],
  rpe: [2, 4.5],
  cues: { breath: 'Count aloud, so that the breath goes on.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, hands press on the thighs, ribs in',
      poses: [
        [lean(4), hands('both', 'thigh')],
        [lean(12), hands('both', 'knee')],
      ],
      declared: { abdominalPressure: 1 },
      met: 1.8,
      cues: { do: 'Press the hands down, draw the ribs in, hold and count aloud.', watch: 'Shoulders low.' },
    },
    {
      on: 'counter2',
      name: 'Leaning on the counter, one long line',
      poses: [[lean(18)], [lean(26)]],
      declared: { abdominalPressure: 2 },
      met: 2.6,
      cues: {
        setup: FROM_THE_COUNTER,
        do: 'Lean in one long line from head to heels; hold and count aloud.',
        watch: 'The hips do not sink.',
      },
    },
    {
      on: 'allFours',
      name: 'On the mat, hands and knees, hips forward',
      poses: [[], [lean(72), leg('both', { flexion: 52, knee: 72 })]],
      declared: { abdominalPressure: 2, breathHoldRisk: 1 },
      met: 3,
      cues: {
        do: 'From hands and knees bring the hips forward over longer arms; hold, count aloud, come back.',
        watch: 'The low back stays long; rest when the breath stops.',
      },
    },
  ],
})

const kneeToOther = ladder({
  ...HANDS,
  id: 'plank-knee-in',
  name: 'Leaning line, one knee in',
  side: 'alternating',
  tempo: { out: 1.5, stay: 0, back: 1.5 },
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  main: ['abdominals', 'hip-flexors'],
  helping: ['shoulders', 'obliques'],
  everyday: 'climbing over the side with the hands on the rail',
  pattern: ['push', 'step'],
  serves: 'stairs',
  partners: ['plank', 'march'],
  rpe: [2, 4.5],
  cues: { breath: 'Out as the knee comes in.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, hands press, one knee up',
      poses: [
        [lean(6), hands('both', 'thigh')],
        [lean(6), hands('both', 'thigh'), lift('right', 100, 88)],
      ],
      declared: { abdominalPressure: 1 },
      met: 1.9,
      cues: { do: 'Both hands press on the thighs; one knee lifts against its hand; change.', watch: 'The trunk stays where it is.' },
    },
    {
      on: 'wall2',
      name: 'Leaning on the wall, one knee in',
      poses: [[lean(12)], [lean(12), lift('right', 62, 78)]],
      declared: { abdominalPressure: 2, balanceDemand: 2 },
      met: 2.6,
      cues: {
        setup: 'Stand a step from the wall, hands flat on it at chest height.',
        do: 'Hold the long line; one knee comes towards the wall, and back; change.',
        watch: 'No bouncing; the standing leg stays long.',
      },
    },
    {
      on: 'counter2',
      name: 'Leaning on the counter, one knee in',
      poses: [[lean(24)], [lean(24), lift('right', 74, 84)]],
      declared: { abdominalPressure: 2, balanceDemand: 2 },
      met: 3,
      cues: {
        setup: FROM_THE_COUNTER,
        do: 'Hold the line; bring one knee in under you, set it back softly; change.',
        watch: 'Hips level; slower when they rock.',
      },
    },
  ],
})

const wallSide = ladder({
  ...HANDS,
  id: 'side-lean-hold',
  name: 'Side lean, held',
  side: 'one-then-other',
  tempo: { out: 2, stay: 8, back: 2 },
  dose: { sets: 1, reps: 2, holdSeconds: 8, restSeconds: 20 },
  main: ['obliques', 'outer-hip'],
  helping: ['shoulders'],
  everyday: 'leaning on a bollard to wait for the ferry',
  pattern: ['balance'],
  serves: 'staying-steady',
  partners: ['side-bend', 'side-leg-lift'],
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  rpe: [2, 4],
  view: 5,
  cues: { breath: 'Breathe into the open side.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one hand beside you, lean and lift',
      poses: [[hands('left', 'seat')], [hands('left', 'seat'), spine({ sideBend: 7 })]],
      met: 1.7,
      cues: { do: 'Press one hand into the seat beside you and grow long out of it; hold.', watch: 'Both sit bones stay down.' },
    },
    {
      on: 'rail1',
      name: 'Standing beside the rail, lean away from it',
      poses: [[spine({ sideBend: 0 })], [spine({ sideBend: -9 }), reach('right', 150, 20, 12)]],
      met: 2,
      cues: {
        do: 'Near hand on the rail; the far arm rises and the side grows long; hold.',
        watch: 'The hips stay over the feet.',
      },
    },
  ],
})

export const HANDS_DOWN = [highHips, kneePlank, kneeToOther, wallSide]
