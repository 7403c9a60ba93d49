import { arm, feet, lean, leg, neck, plants } from '@/core/body'
import { ladder } from '@/core/movement'
import { LANDED, ON_SPOT, RHYTHM } from './rhythm'
import { front, legOut, lift, offTheFloor, wide } from './shapes'

/** Phrases of steps with something more in them than the plain one. */
const PHRASE = { ...RHYTHM, tempoClass: 'jump-or-punch', gradedBy: ['intendedRpe', 'balanceDemand', 'met'], rpe: [2, 4.5] } as const

const liftSide = ladder({
  ...PHRASE,
  id: 'side-lift-step',
  name: 'Step and lift to the side',
  main: ['outer-hip'],
  helping: ['glutes', 'calves'],
  everyday: 'shaking sand off one foot and then the other',
  pattern: ['step', 'balance'],
  serves: 'staying-steady',
  partners: ['knee-lift-step', 'step-touch'],
  view: 15,
  cues: { breath: 'Out with each lift.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot out, twice on a side',
      poses: [[], [legOut('right', 18, 90, 70)]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'One foot floats out and home, twice; then the other, twice.', watch: 'Sit tall; it is the hip that opens.' },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, two lifts on a side',
      poses: [[], [legOut('right', 15)]],
      declared: { ...ON_SPOT, cognitiveLoad: 1 },
      cues: { do: 'Two low lifts to one side, two to the other.', watch: 'The trunk does not tip.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, twos and then singles',
      poses: [[], [legOut('right', 18), wide(20)]],
      declared: { ...ON_SPOT, cognitiveLoad: 2 },
      cues: { do: 'Two lifts a side, twice; then one a side, four times.', watch: 'Go back to twos when the feet get lost.' },
    },
  ],
})

const scoop = ladder({
  ...PHRASE,
  id: 'double-step-scoop',
  name: 'Double step with a scoop',
  main: ['outer-hip', 'quadriceps'],
  helping: ['shoulders', 'upper-back'],
  everyday: 'scooping leaves off the pond from both banks',
  pattern: ['step', 'reach'],
  serves: 'reaching',
  partners: ['step-touch', 'side-glide'],
  tempo: { out: 1.5, back: 1.5 },
  view: 15,
  declared: { cognitiveLoad: 1 },
  cues: { breath: 'Out with the scoop.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, both feet over, the arms scoop',
      poses: [[], [leg('both', { rotation: -6, abduction: 12 }), arm('both', { raise: 52, plane: 62, elbow: 34 })]],
      cues: { do: 'Feet walk two steps to one side, the hands scoop after them; and back.', watch: 'Sit bones heavy; the scoop stays before you.' },
    },
    {
      on: 'rail2',
      name: 'At the rail, two steps along it',
      poses: [[], [leg('both', { abduction: 13 }), plants('left')]],
      declared: { ...ON_SPOT, travel: 'sideways', cognitiveLoad: 1 },
      cues: { do: 'Side, together, side, together along the rail; then back.', watch: 'Slide the hands along with you.' },
    },
    {
      on: 'free',
      name: 'Free, two steps and a scoop',
      poses: [[], [leg('both', { abduction: 13, flexion: 12, knee: 20 }), arm('both', { raise: 58, plane: 62, elbow: 30 }), plants('left')]],
      declared: { ...ON_SPOT, travel: 'sideways', balanceDemand: 4, cognitiveLoad: 1 },
      cues: {
        do: 'Two steps to the side, soft knees, the hands scoop up before you; and back.',
        watch: 'Knees over the toes in the scoop.',
      },
    },
  ],
})

const heelCurls = ladder({
  ...PHRASE,
  id: 'side-step-heel-curls',
  name: 'Side steps with heel curls',
  main: ['hamstrings', 'outer-hip'],
  helping: ['calves', 'glutes'],
  everyday: 'kicking wet sand off the soles on the way along the beach',
  pattern: ['step'],
  serves: 'walking',
  partners: ['curl-step', 'grapevine'],
  view: 70,
  declared: { cognitiveLoad: 1 },
  cues: { breath: 'Breathe on with the beat.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, heel draws back, once and three times',
      poses: [[], [leg('right', { knee: 106, ankle: -12 }), feet('right', 'ball')]],
      cues: { do: 'One heel draws back under the chair, home; then three of the same; change.', watch: 'The knee stays where it is.' },
    },
    {
      on: 'rail2',
      name: 'At the rail, step and one heel curl',
      poses: [[], [leg('right', { flexion: -2, knee: 70 }), feet('right', 'free')]],
      declared: { ...ON_SPOT, cognitiveLoad: 1 },
      cues: { do: 'Step to the side, the other heel curls up behind; and back.', watch: 'Knees side by side; no arching.' },
    },
    {
      on: 'free',
      name: 'Free, step and three curls',
      poses: [[], [leg('right', { flexion: -2, knee: 74 }), feet('right', 'free'), arm('both', { raise: 20, plane: 80, elbow: 80 })]],
      declared: { ...ON_SPOT, balanceDemand: 4, cognitiveLoad: 2 },
      cues: { do: 'Step to the side and three heel curls, elbows drawing back; change.', watch: 'One curl is enough when you sway.' },
    },
  ],
})

const rowStep = ladder({
  ...PHRASE,
  id: 'row-step-back',
  name: 'Row with a step back',
  main: ['upper-back', 'shoulders'],
  helping: ['glutes', 'calves'],
  everyday: 'hauling in a line hand over hand',
  pattern: ['pull', 'step'],
  serves: 'lifting',
  partners: ['punch', 'rope-pull'],
  tempo: { out: 1, back: 1 },
  view: 75,
  cues: { breath: 'Out as the elbows go back.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, elbows draw back',
      poses: [[front(62, 14)], [arm('both', { raise: 24, plane: -70, elbow: 105 })]],
      side: 'both',
      cues: { do: 'Arms forward, draw both elbows back, forward again.', watch: 'Shoulders low.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall, one foot slides back with the row',
      poses: [[front(62, 14)], [arm('both', { raise: 24, plane: -70, elbow: 105 }), leg('right', { knee: 108 }), feet('right', 'ball')]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'As the elbows draw back, one foot slides under the chair; change.', watch: 'The trunk stays tall.' },
    },
    {
      on: 'free',
      name: 'Free, one foot steps back with the row',
      poses: [
        [front(62, 14)],
        [arm('both', { raise: 24, plane: -70, elbow: 105 }), leg('right', { flexion: -16, knee: 12, ankle: -28 }), feet('right', 'touch')],
      ],
      declared: { ...ON_SPOT, balanceDemand: 4, cognitiveLoad: 1 },
      cues: {
        do: 'Elbows draw back as one foot taps behind; arms forward as it comes home.',
        watch: 'A small step; the weight stays in front.',
      },
    },
  ],
})

const halfTurn = ladder({
  ...PHRASE,
  id: 'quarter-turns',
  name: 'Turns in small steps',
  purpose: 'balance',
  main: ['outer-hip', 'calves'],
  helping: ['glutes', 'feet'],
  everyday: 'turning round in a small kitchen',
  pattern: ['step', 'rotate'],
  serves: 'turning',
  partners: ['turn-around', 'step-touch'],
  rpe: [1.5, 3.5],
  tempo: { out: 2, back: 2 },
  side: 'alternating',
  view: 25,
  declared: { cognitiveLoad: 1 },
  cues: { breath: 'Breathe on; nobody hurries.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, feet and eyes go to one side',
      poses: [[], [leg('both', { rotation: -8, abduction: 10 }), neck({ turn: 18 })]],
      cues: { do: 'Small steps of the feet to one side, the eyes go first; and back.', watch: 'Hips and chest follow as one.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, a quarter away and home',
      poses: [[], [neck({ turn: 20 }), lift('right', 18, 30)]],
      declared: { impactLevel: 1, travel: 'turn-in-place', cognitiveLoad: 1 },
      cues: { do: 'Eyes first; three small steps to a quarter turn, three home.', watch: 'Lift the feet; nothing twists on the floor.' },
    },
  ],
})

const jumpTap = ladder({
  ...PHRASE,
  id: 'heel-dig-hop',
  name: 'Heel dig on a spring',
  purpose: 'power',
  main: ['calves', 'quadriceps'],
  helping: ['glutes', 'feet'],
  everyday: 'hopping from plank to plank',
  pattern: ['step'],
  serves: 'walking',
  partners: ['heel-dig', 'march'],
  rpe: [2, 6],
  gradedBy: ['intendedRpe', 'impactLevel', 'met'],
  tempo: { out: 0.8, back: 0.8 },
  dose: { reps: undefined, workSeconds: 20, restSeconds: 40 },
  view: 70,
  cues: { breath: 'Breathe on with the beat.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, heels dig forward in turn',
      poses: [[], [leg('right', { flexion: 84, knee: 30, ankle: 12 }), feet('right', 'heel')]],
      cues: { do: 'One heel digs forward, home; the other; light and even.', watch: 'Toes up, not the whole leg.' },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, quick heel digs',
      poses: [[], [leg('right', { flexion: 24, knee: 4, ankle: 14 }), feet('right', 'heel')]],
      declared: ON_SPOT,
      cues: { do: 'Heels dig forward in turn with a soft dip between.', watch: 'The standing knee gives.' },
    },
    {
      id: 'hop',
      on: 'hold2',
      name: 'Two hands on the chair, a low spring between',
      step: 'both feet leave the floor for a moment',
      poses: [
        [leg('both', { flexion: 8, knee: 16, ankle: 8 })],
        [leg('right', { flexion: 16, knee: 10 }), offTheFloor(0.05)],
        [leg('right', { flexion: 26, knee: 4, ankle: 14 }), feet('right', 'heel'), leg('left', { flexion: 8, knee: 16, ankle: 8 })],
      ],
      declared: LANDED,
      met: 5.5,
      cues: { do: 'A low spring from heel to heel; land softly through the whole foot.', watch: 'Back to the dips as soon as it gets loud.' },
    },
  ],
})

const squatJump = ladder({
  id: 'squat-jump',
  name: 'Quick up from a small squat',
  purpose: 'power',
  phase: 'main',
  side: 'both',
  tempoClass: 'jump-or-punch',
  tempo: { out: 0.6, stay: 0.4, back: 1 },
  dose: { sets: 2, reps: 5, restSeconds: 90 },
  main: ['quadriceps', 'glutes', 'calves'],
  helping: ['hamstrings'],
  everyday: 'getting up quickly for the bus',
  pattern: ['squat'],
  serves: 'getting-up',
  partners: ['sit-to-stand', 'heel-raise'],
  rpe: [2.5, 6],
  gradedBy: ['intendedRpe', 'impactLevel', 'met'],
  view: 75,
  cues: { breath: 'Out as you push off.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, quick push of both feet',
      poses: [[lean(12)], [lean(4), feet('both', 'ball'), leg('both', { ankle: -18 })]],
      cues: { do: 'Lean a little; push both feet quickly so the heels rise, let them down softly.', watch: 'Quick up, quiet down.' },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, quick up to the toes',
      poses: [[leg('both', { flexion: 28, knee: 32, ankle: 8 })], [feet('both', 'ball'), leg('both', { ankle: -26 })]],
      declared: { impactLevel: 1, ankleLoad: 2 },
      met: 3.2,
      cues: { do: 'Small squat, then quickly up onto the toes; lower slowly.', watch: 'Toes stay on the floor.' },
    },
    {
      id: 'jump',
      on: 'hold2',
      name: 'Two hands on the chair, a low jump',
      step: 'both feet leave the floor',
      poses: [[leg('both', { flexion: 32, knee: 36, ankle: 10 })], [offTheFloor(0.07)]],
      declared: LANDED,
      met: 6,
      cues: { do: 'Small squat, a low jump, land softly with bent knees and wait.', watch: 'A few well done; stop when a landing is loud.' },
    },
  ],
})

export const LIFTS_TURNS_JUMPS = [liftSide, scoop, heelCurls, rowStep, halfTurn, jumpTap, squatJump]
