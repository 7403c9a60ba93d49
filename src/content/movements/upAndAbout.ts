import { hands, lean, leg, neck, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { bend, diagonal, front, parts, reach, tap } from './shapes'

const EASY = {
  phase: 'any',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 1, reps: 8, restSeconds: 15 },
  rpe: [1, 2.5],
  gradedBy: ['intendedRpe', 'met'],
} as const

const wheelTurn = ladder({
  ...EASY,
  id: 'wheel-turn',
  name: 'Wheelchair turns',
  purpose: 'coordination',
  side: 'alternating',
  main: ['shoulders', 'triceps'],
  helping: ['upper-back', 'obliques', 'forearms-hands'],
  everyday: 'turning round in a narrow hall',
  tempoClass: 'single-joint',
  pattern: ['push', 'pull'],
  serves: 'turning',
  partners: ['wheel-push', 'turn-around'],
  seatIs: 'wheelchair',
  rpe: [1.5, 3.5],
  view: 55,
  cues: { breath: 'Breathe evenly; out as the hands change.' },
  steps: [
    {
      on: 'seatBack',
      name: 'The pattern, one hand forward and one back',
      poses: [
        [reach('right', 30, 88, 40), reach('left', 20, -80, 60)],
        [reach('left', 30, 88, 40), reach('right', 20, -80, 60)],
      ],
      cues: {
        setup: 'Brakes on. Sit right back, hands resting on the rims.',
        do: 'One hand traces the rim forward while the other traces it back; change.',
        watch: 'Thumbs clear of the spokes; shoulders low.',
      },
    },
    {
      on: 'seat',
      name: 'Longer strokes, look where you turn',
      step: 'longer strokes, and the head turns',
      poses: [
        [lean(4), reach('right', 40, 88, 20), reach('left', 32, -80, 66), neck({ turn: 16 })],
        [lean(4), reach('left', 40, 88, 20), reach('right', 32, -80, 66), neck({ turn: -16 })],
      ],
      met: 2.4,
      cues: {
        setup: 'Brakes on. Sit tall, hands on the rims.',
        do: 'Look to one side first; then one hand goes far forward, the other far back; change.',
        watch: 'The eyes go first, the hands follow.',
      },
    },
  ],
})

const wheelBrakes = ladder({
  ...EASY,
  id: 'wheel-brakes',
  name: 'Brakes on, brakes off',
  purpose: 'mobility',
  main: ['shoulders', 'triceps'],
  helping: ['forearms-hands', 'lower-back'],
  everyday: 'being sure that the chair stands still',
  tempoClass: 'single-joint',
  pattern: ['reach', 'push'],
  serves: 'reaching',
  partners: ['wheel-push', 'sit-and-reach-out'],
  seatIs: 'wheelchair',
  rpe: [1, 2.5],
  view: 60,
  cues: { breath: 'Out as the hand goes down.' },
  steps: [
    {
      on: 'seatBack',
      name: 'One hand to its brake',
      side: 'alternating',
      poses: [[], [reach('right', 30, 40, 6), spine({ sideBend: 6 })]],
      cues: {
        setup: 'Sit right back, hands on the thighs, brakes on.',
        do: 'Reach one hand down to its brake, touch it, come home; change.',
        watch: 'The other hand stays on the thigh, so that nobody slides.',
      },
    },
    {
      on: 'seat',
      name: 'Both hands to the brakes',
      step: 'both hands, and a lean',
      poses: [[], [lean(14), diagonal(38, 16)]],
      cues: {
        setup: 'Sit tall, feet on the floor or on the rests, brakes on.',
        do: 'Lean a little, both hands to the brakes; press as if locking them; come up tall.',
        watch: 'Lean from the hips and come up before the next.',
      },
    },
  ],
})

const weakerArm = ladder({
  ...EASY,
  id: 'weight-on-arms',
  name: 'Weight through the arms',
  purpose: 'mobility',
  main: ['shoulders', 'triceps'],
  helping: ['upper-back', 'obliques'],
  everyday: 'leaning on the worktop while the other hand is busy',
  tempoClass: 'single-joint',
  pattern: ['push'],
  serves: 'staying-steady',
  partners: ['weight-shift', 'push-up'],
  rpe: [1, 2.5],
  view: 25,
  cues: { breath: 'Breathe on while the arm carries.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, hands press the thighs',
      poses: [[hands('both', 'thigh')], [hands('both', 'thigh'), neck({ flexion: -6 }), spine({ flexion: -4 })]],
      cues: {
        setup: 'Sit back, palms flat on the thighs, the stronger hand laid over the weaker where it helps.',
        do: 'Press both palms gently down and grow tall; let go.',
        watch: 'Fingers long; no pain in the shoulder.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting, a hand beside you and lean onto it',
      side: 'one-then-other',
      poses: [[hands('left', 'seat')], [hands('left', 'seat'), spine({ sideBend: -8 })]],
      cues: {
        setup: 'Sit tall, one palm on the seat beside you, fingers forward. The weaker arm first.',
        do: 'Let the weight lean a little onto that hand; stay a breath; come back to the middle.',
        watch: 'The elbow is soft, never pressed straight; both sit bones stay.',
      },
    },
    {
      on: 'counter2',
      view: 70,
      name: 'At the counter, weight from hand to hand',
      side: 'alternating',
      poses: [[spine({ sideBend: -3 })], [spine({ sideBend: 3 })]],
      cues: {
        setup: 'Face the counter, both palms flat on it, feet hip-wide.',
        do: 'Let the weight go slowly from one hand to the other.',
        watch: 'Both palms stay; stop before the shoulder sinks.',
      },
    },
  ],
})

const pelvicHold = ladder({
  ...EASY,
  id: 'pelvic-floor-hold',
  name: 'Long holds, pelvic floor',
  purpose: 'pelvic-floor',
  main: ['pelvic-floor'],
  helping: ['abdominals'],
  everyday: 'reaching the bathroom in time',
  tempoClass: 'breath',
  tempo: { out: 2, stay: 5, back: 3 },
  dose: { sets: 1, reps: 4, holdSeconds: 5, restSeconds: 20 },
  pattern: ['breathe'],
  serves: 'staying-steady',
  partners: ['pelvic-floor-short', 'pelvic-floor-lift'],
  rpe: [1, 2.5],
  view: 60,
  cues: { breath: 'Breathe on through the hold.' },
  steps: [
    {
      on: 'bedSide',
      name: 'Lying on the side, a three-second hold',
      poses: [[hands('left', 'belly')], [hands('left', 'belly'), leg('both', { flexion: 50, knee: 74 })]],
      dose: { holdSeconds: 3 },
      tempo: { stay: 3 },
      cues: {
        setup: 'Lie on your side, knees bent, a hand on the belly.',
        do: 'Lift inside, hold while you count to three aloud, let go for six.',
        watch: 'Counting aloud keeps the breath going; let go wholly.',
      },
    },
    {
      on: 'seatBack',
      name: 'Sitting back, a five-second hold',
      step: 'sitting, and held longer',
      poses: [[hands('both', 'belly')], [hands('both', 'belly'), lean(-6)]],
      met: 1.4,
      cues: {
        setup: 'Sit back, feet flat, hands on the belly.',
        do: 'Lift inside and hold it for five while you breathe; let go for ten.',
        watch: 'Seat, thighs and jaw stay soft. Shorter when it slips away.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, an eight-second hold',
      step: 'tall, and held longer',
      poses: [[hands('both', 'belly')], [hands('both', 'belly'), lean(4)]],
      dose: { holdSeconds: 8 },
      tempo: { stay: 8 },
      met: 1.5,
      cues: {
        setup: 'Sit tall on the front half of the chair, hands on the belly.',
        do: 'Lift inside and hold it for eight, breathing; let go for ten.',
        watch: 'As much letting go as lifting. Stop when it no longer lifts.',
      },
    },
    {
      on: 'hold2',
      name: 'Standing, hold while the knees bend and straighten',
      step: 'on the feet, and the knees move',
      poses: [[], [bend(14, 16)]],
      met: 1.9,
      cues: {
        setup: 'Stand behind the chair, two hands on its back, feet hip-wide.',
        do: 'Lift inside, bend and straighten the knees once within the hold, then let go.',
        watch: 'The breath goes on; a lighter hold is enough.',
      },
    },
  ],
})

/** Hands laid along the jaw. */
const atTheJaw = (raise: number) => parts(reach('left', raise, 100, 148, -38), reach('right', raise, 100, 148, -38))
const jaw = ladder({
  ...EASY,
  id: 'jaw-and-face',
  name: 'Jaw and face, softly',
  purpose: 'relaxation',
  main: ['neck'],
  helping: ['shoulders'],
  everyday: 'chewing and speaking with ease',
  tempoClass: 'breath',
  tempo: { out: 3, stay: 2, back: 3 },
  dose: { sets: 1, reps: 4, restSeconds: 10 },
  pattern: ['breathe'],
  serves: 'calming-down',
  partners: ['neck-tilt', 'belly-breath'],
  rpe: [0.5, 1],
  view: 25,
  cues: { breath: 'Sigh out through a loose mouth.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, brow and eyes',
      poses: [[], [neck({ flexion: -4 })]],
      cues: {
        setup: 'Sit back, hands on the thighs, glasses off if you like.',
        do: 'Raise the brows and open the eyes wide; let all of it go and close them softly.',
        watch: 'Lips apart, teeth apart; the hands lie heavy.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, hands along the jaw',
      step: 'the hands help',
      poses: [[atTheJaw(60)], [atTheJaw(66), neck({ flexion: -3 })]],
      met: 1.4,
      cues: {
        setup: 'Sit tall, fingertips on the hinges of the jaw, elbows low.',
        do: 'Circle the fingertips slowly and let the jaw hang; then chew slowly on nothing.',
        watch: 'No clicking on purpose, no pain; smaller is better.',
      },
    },
  ],
})

const towelPull = ladder({
  ...EASY,
  id: 'towel-pull',
  name: 'Towel or scarf pulled long',
  purpose: 'mobility',
  main: ['upper-back', 'shoulders'],
  helping: ['forearms-hands', 'obliques'],
  everyday: 'hanging a towel on the line',
  tempoClass: 'single-joint',
  pattern: ['pull', 'reach'],
  serves: 'reaching',
  partners: ['band-pull-apart', 'side-reach'],
  with: 'towel',
  rpe: [1.5, 3],
  view: 20,
  gradedBy: ['intendedRpe', 'overheadReachDeg', 'met'],
  cues: { breath: 'Out on the pull.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, low before the belly',
      poses: [[front(28, 60)], [diagonal(34, 40)]],
      cues: {
        setup: 'Sit back, a towel or scarf rolled long, a hand at each end, in the lap.',
        do: 'Pull the ends apart until it is taut, wait, and let go.',
        watch: 'The pull comes from between the blades; the grip stays easy.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, as high as the chest',
      step: 'higher',
      poses: [[front(40, 60)], [diagonal(72, 18)]],
      cues: {
        setup: 'Sit tall, the towel in both hands, wider than the shoulders.',
        do: 'Lift it to the chest and pull it taut; lower it.',
        watch: 'Wrists straight; shoulders stay away from the ears.',
      },
    },
    {
      id: 'overhead',
      on: 'seat',
      name: 'Sitting tall, overhead and to the side',
      step: 'overhead, and a lean to the side',
      side: 'alternating',
      poses: [[diagonal(132, 14)], [diagonal(132, 14), spine({ sideBend: 10 })]],
      met: 1.9,
      cues: {
        setup: 'Sit tall, the towel taut in both hands, lifted a little before the head.',
        do: 'Lean a little to one side as one long bow; come up; the other side.',
        watch: 'Both sit bones stay heavy; lower the arms when they tire.',
      },
    },
  ],
})

const bedRoll = ladder({
  ...EASY,
  id: 'bed-roll',
  name: 'Rolling over in bed',
  purpose: 'mobility',
  side: 'one-then-other',
  main: ['obliques', 'shoulders'],
  helping: ['chest', 'outer-hip'],
  everyday: 'turning onto your side at night',
  tempoClass: 'two-moves',
  tempo: { out: 2.5, stay: 1, back: 2.5 },
  dose: { sets: 1, reps: 5, restSeconds: 15 },
  pattern: ['rotate', 'reach'],
  serves: 'moving-in-bed',
  partners: ['knee-rock', 'bridge'],
  rpe: [1, 3],
  view: 70,
  gradedBy: ['intendedRpe', 'met'],
  cues: { breath: 'Out as you go over.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, one arm leads across',
      poses: [[], [reach('left', 62, 118, 14), neck({ turn: 14 })]],
      cues: {
        setup: 'Sit back, feet flat, hands on the thighs.',
        do: 'Look to one side, then reach the far arm across towards it; and home.',
        watch: 'The head goes first, the arm follows; the back stays on the chair.',
      },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, knees and arm go over together',
      poses: [
        [reach('left', 76, 88, 8)],
        [reach('left', 78, 122, 8), neck({ turn: 16 }), spine({ twist: 6 }), leg('left', { abduction: -6 }), leg('right', { abduction: 16 })],
      ],
      declared: { abdominalPressure: 1 },
      view: 35,
      met: 2,
      cues: {
        setup: 'Lie on the bed, knees bent, a pillow under the head, away from the edge.',
        do: 'Look to one side; far arm and both knees go that way together; come back.',
        watch: 'Hips and shoulders go as one; stop well before the edge.',
      },
    },
    {
      on: 'bedSide',
      name: 'On the side, push up and let down',
      step: 'the top hand pushes',
      poses: [[], [spine({ sideBend: -8 }), reach('left', 45, 95, 52)]],
      met: 2.2,
      cues: {
        setup: 'Lie on your side near the edge, knees bent, top palm on the bed before the chest.',
        do: 'Press the top palm, let head and shoulder come up a little; let them down slowly.',
        watch: 'Never twist to sit up: the side carries you.',
      },
    },
  ],
})

const stepReaction = ladder({
  ...EASY,
  id: 'step-when-called',
  name: 'Step when called',
  phase: 'main',
  purpose: 'balance',
  main: ['outer-hip', 'quadriceps'],
  helping: ['calves', 'hip-flexors'],
  everyday: 'catching yourself when somebody brushes past',
  tempoClass: 'jump-or-punch',
  tempo: { out: 0.6, stay: 1, back: 1.2 },
  dose: { reps: undefined, workSeconds: 40, restSeconds: 30 },
  pattern: ['step', 'balance'],
  serves: 'staying-steady',
  partners: ['quick-step', 'clock-reach'],
  rpe: [2, 4],
  view: 40,
  gradedBy: ['intendedRpe', 'balanceDemand', 'cognitiveLoad', 'met'],
  cues: { breath: 'Breathe out as the foot lands.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, a foot goes where it is called',
      side: 'alternating',
      poses: [[], [leg('right', { flexion: 84, knee: 50 })]],
      declared: { cognitiveLoad: 2 },
      cues: {
        setup: 'Sit tall on the front half of the chair, feet under the knees.',
        do: 'The leader calls front, side or back: that foot goes there at once, and home.',
        watch: 'Land on the whole foot; a wrong way is no matter.',
      },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, front, side and back',
      side: 'alternating',
      poses: [[], [tap('right', 'side')], [], [tap('right', 'back')]],
      declared: { cognitiveLoad: 2, impactLevel: 1, travel: 'on-spot' },
      cues: {
        setup: 'Stand behind the chair, two hands on its back, feet hip-wide.',
        do: 'The foot goes where it is called, touches, waits a second, comes home.',
        watch: 'The hands stay on; small and sure before quick.',
      },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, and hold there',
      side: 'one-then-other',
      poses: [[], [tap('right', 'front')], [], [tap('right', 'side')], [], [tap('right', 'back')]],
      declared: { cognitiveLoad: 2, impactLevel: 1, travel: 'on-spot' },
      cues: {
        setup: 'Stand beside the chair, one hand on its back; the outer foot works.',
        do: 'Where it is called the foot touches and stays for a breath; home; then turn round.',
        watch: 'Stand tall over the other foot; sit when you are tired.',
      },
    },
  ],
})

export const UP_AND_ABOUT = [wheelTurn, wheelBrakes, weakerArm, pelvicHold, jaw, towelPull, bedRoll, stepReaction]
