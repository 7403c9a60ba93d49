import { feet, hands, lean, leg, neck, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { bend, front, lift, reach, tap, together, wide } from './shapes'

/** What is done at ease, by anybody, at any time of a class. */
export const EASY = {
  phase: 'any',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 1, reps: 8, restSeconds: 15 },
  rpe: [1, 2.5],
  gradedBy: ['intendedRpe', 'met'],
} as const

const clasped = ladder({
  ...EASY,
  id: 'clasped-reach',
  name: 'Clasped-hands reach',
  purpose: 'mobility',
  main: ['shoulders'],
  helping: ['upper-back', 'forearms-hands'],
  everyday: 'bringing a cup to the middle of the table',
  tempoClass: 'single-joint',
  pattern: ['reach'],
  serves: 'reaching',
  partners: ['arm-slide', 'sit-and-reach-out'],
  view: 65,
  cues: { breath: 'Out as the hands go.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, hands slide to the knees',
      poses: [[together(18, 78)], [together(34, 34)]],
      cues: {
        setup: 'Sit back in the chair, fingers laced, the stronger hand helping the other.',
        do: 'Slide the laced hands along the thighs to the knees, and slowly home.',
        watch: 'The helping hand carries the weight; no tug on the shoulder.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, reach low and forward',
      poses: [[together(22, 70)], [lean(14), together(56, 14)]],
      cues: {
        setup: 'Sit towards the front of the chair, feet flat, fingers laced.',
        do: 'Lean from the hips and reach the laced hands low before you; and home.',
        watch: 'Both feet carry weight, the slower one too.',
      },
    },
    {
      id: 'shoulder-high',
      on: 'seat',
      name: 'Sitting tall, reach as high as the shoulders',
      step: 'up to the shoulders',
      poses: [[together(24, 70)], [lean(6), together(80, 10)]],
      met: 1.7,
      cues: {
        setup: 'Sit tall on the front half of the chair, fingers laced.',
        do: 'Bring the laced hands forward and up, no higher than the shoulders; lower slowly.',
        watch: 'Stop below any pinch; the hands stay laced.',
      },
    },
  ],
})

const squeezes = ladder({
  ...EASY,
  id: 'pelvic-floor-short',
  name: 'Short squeezes, and letting go',
  purpose: 'pelvic-floor',
  main: ['pelvic-floor'],
  helping: ['abdominals'],
  everyday: 'a cough or a sneeze without a worry',
  tempoClass: 'single-joint',
  tempo: { out: 1, stay: 0, back: 2 },
  dose: { sets: 1, reps: 8, restSeconds: 20 },
  pattern: ['breathe'],
  serves: 'staying-steady',
  partners: ['pelvic-floor-lift', 'belly-breath'],
  rpe: [1, 2.5],
  view: 60,
  cues: { breath: 'Never hold it.' },
  steps: [
    {
      on: 'bedSide',
      name: 'Lying on the side, letting go',
      poses: [[hands('left', 'belly')], [hands('left', 'belly'), leg('both', { flexion: 50, knee: 74 })]],
      cues: {
        setup: 'Lie on your side, knees bent, a hand on the belly.',
        do: 'Breathe in and let everything below soften; breathe out and leave it soft.',
        watch: 'Jaw and belly loose; nothing is pushed.',
      },
    },
    {
      on: 'seatBack',
      name: 'Sitting back, squeeze and let go',
      poses: [[hands('both', 'belly')], [hands('both', 'belly'), lean(-6)]],
      met: 1.4,
      cues: {
        setup: 'Sit back, feet flat, hands on the belly.',
        do: 'Squeeze inside for a second, then let go for two; let go wholly before the next.',
        watch: 'Seat and thighs stay soft.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, squeeze before a small cough',
      poses: [[hands('both', 'belly')], [hands('both', 'belly'), lean(4)]],
      met: 1.5,
      cues: {
        setup: 'Sit tall on the front half of the chair, hands on the belly.',
        do: 'Squeeze inside first, give a small cough, then let go.',
        watch: 'The squeeze comes before the cough, and stays through it.',
      },
    },
    {
      on: 'hold2',
      name: 'Standing, squeeze before the knees bend',
      step: 'on the feet',
      poses: [[], [bend(16, 18)]],
      cues: {
        setup: 'Stand behind the chair, two hands on its back, feet hip-wide.',
        do: 'Squeeze inside, bend the knees a little, come up, let go.',
        watch: 'Let go wholly between two; tired is enough.',
      },
    },
  ],
})

const gaze = ladder({
  ...EASY,
  id: 'gaze-steady',
  name: 'Eyes still, head moves',
  purpose: 'balance',
  main: ['neck'],
  helping: ['upper-back'],
  everyday: 'reading a sign while you walk',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['rotate', 'balance'],
  serves: 'looking-round',
  partners: ['head-turn', 'head-turn-stand'],
  rpe: [1, 2.5],
  view: 25,
  gradedBy: ['intendedRpe', 'balanceDemand', 'met'],
  cues: { breath: 'Breathe on; pause if the room moves.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, a small turn',
      poses: [[neck({ turn: -10 })], [neck({ turn: 10 })]],
      cues: {
        setup: 'Sit back, a thumb or a letter at eye height on the wall.',
        do: 'Keep the eyes on the letter; turn the head a little to one side and the other.',
        watch: 'The letter stays sharp. Slower when it blurs.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, turn further',
      poses: [[neck({ turn: -20 })], [neck({ turn: 20 })]],
      cues: {
        setup: 'Sit tall, a letter at eye height before you.',
        do: 'Eyes stay on the letter; the head turns further, evenly to both sides.',
        watch: 'Only the head turns; the shoulders stay.',
      },
    },
    {
      on: 'hold2',
      name: 'Standing with two hands on the chair',
      poses: [[neck({ turn: -20 })], [neck({ turn: 20 })]],
      cues: {
        setup: 'Stand behind the chair, two hands on its back, a letter at eye height.',
        do: 'Eyes on the letter; turn the head evenly from side to side.',
        watch: 'Dizzy: eyes to the letter, sit down, wait.',
      },
    },
  ],
})

const rocking = ladder({
  ...EASY,
  id: 'rock-to-rise',
  name: 'Rocking to get going',
  purpose: 'mobility',
  main: ['hip-flexors', 'glutes'],
  helping: ['lower-back', 'quadriceps'],
  everyday: 'getting out of a deep armchair',
  tempoClass: 'whole-body',
  tempo: { out: 1.5, stay: 0, back: 1.5 },
  pattern: ['hinge'],
  serves: 'getting-up',
  partners: ['sit-to-stand', 'hinge'],
  rpe: [1, 3],
  view: 85,
  gradedBy: ['intendedRpe', 'hipFlexionDeg', 'met'],
  cues: { breath: 'Out as you come forward.' },
  steps: [
    {
      on: 'seatBack',
      name: 'From the chair back, a small rock',
      poses: [[lean(-6)], [lean(6)]],
      cues: {
        setup: 'Sit back, feet flat and hip-wide.',
        do: 'Come away from the chair back a little, and lean on it again, in an even swing.',
        watch: 'The heels stay down.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting free, nose over the knees',
      poses: [[lean(-2)], [lean(22), front(36, 20)]],
      cues: {
        setup: 'Sit on the front half of the chair, feet under the knees.',
        do: 'Rock forward until the nose is over the knees, hands ahead; rock back; each a little larger.',
        watch: 'The back stays long; it bends at the hips.',
      },
    },
    {
      id: 'count',
      on: 'seat',
      name: 'Sitting free, three rocks and press',
      step: 'weight onto the feet',
      poses: [[lean(-2)], [lean(34), front(48, 14)]],
      met: 2,
      cues: {
        setup: 'Sit on the front half of the chair, feet a little behind the knees.',
        do: 'Rock one, two, three; on three press the feet and feel the seat grow light.',
        watch: 'Say the numbers aloud; the seat stays on the chair.',
      },
    },
  ],
})

const bigOpen = ladder({
  ...EASY,
  id: 'big-open',
  name: 'Big open, big step',
  purpose: 'coordination',
  side: 'alternating',
  main: ['shoulders', 'outer-hip'],
  helping: ['upper-back', 'quadriceps'],
  everyday: 'greeting somebody across the quay',
  tempoClass: 'whole-body',
  pattern: ['reach', 'step'],
  serves: 'walking',
  partners: ['step-touch', 'step-reach'],
  rpe: [1.5, 4],
  view: 15,
  gradedBy: ['intendedRpe', 'balanceDemand', 'met'],
  cues: { breath: 'In as you open.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, arms open wide',
      poses: [[together(30, 60)], [wide(66, 6)]],
      cues: {
        setup: 'Sit back, hands together before the chest.',
        do: 'Open the arms as wide as they go, fingers long; and close.',
        watch: 'Larger than feels needed, and without pain.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, arms and one leg open',
      poses: [[together(34, 60)], [leg('right', { abduction: 26, knee: 80 }), wide(78, 6)]],
      met: 2.4,
      cues: {
        setup: 'Sit tall on the front half of the chair, knees together.',
        do: 'Open arms and one foot wide together; close; then the other foot.',
        watch: 'The whole foot lands; both sit bones stay.',
      },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, foot and arm out',
      poses: [[], [tap('right', 'side'), reach('right', 80, 4, 6)]],
      declared: { impactLevel: 1, travel: 'on-spot' },
      cues: {
        setup: 'Stand beside the chair, a hand on its back, feet together.',
        do: 'Reach foot and arm far out to the side; home; eight, then turn round.',
        watch: 'Weight stays over the standing foot.',
      },
    },
    {
      on: 'free',
      name: 'Standing free, both arms wide',
      poses: [[], [tap('right', 'side'), wide(80, 6)]],
      declared: { impactLevel: 1, travel: 'on-spot' },
      cues: {
        setup: 'Stand with the feet together, a steady chair in reach.',
        do: 'One foot far out, both arms wide, fingers long; home; then the other.',
        watch: 'As large at the last as at the first.',
      },
    },
  ],
})

const naming = ladder({
  ...EASY,
  id: 'step-and-name',
  name: 'Step and name',
  purpose: 'coordination',
  side: 'alternating',
  main: ['hip-flexors', 'quadriceps'],
  helping: ['outer-hip', 'abdominals'],
  everyday: 'talking on the way to the shop',
  tempoClass: 'two-moves',
  tempo: { out: 1, stay: 0, back: 1 },
  dose: { reps: undefined, workSeconds: 40, restSeconds: 20 },
  pattern: ['step'],
  serves: 'walking',
  partners: ['march', 'tap-pattern'],
  rpe: [1.5, 3.5],
  view: 40,
  gradedBy: ['intendedRpe', 'cognitiveLoad', 'balanceDemand', 'met'],
  cues: { breath: 'You name aloud, so you breathe.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, heels and days of the week',
      poses: [[], [leg('right', { ankle: -16 }), feet('right', 'ball')]],
      declared: { cognitiveLoad: 1 },
      cues: {
        setup: 'Sit back, feet flat.',
        do: 'Lift one heel, then the other; with each say the next day of the week.',
        watch: 'The heels go on when the word does not come.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, march and name flowers',
      poses: [[], [lift('right', 100, 84)]],
      declared: { cognitiveLoad: 2 },
      met: 2.2,
      cues: {
        setup: 'Sit tall on the front half of the chair.',
        do: 'March slowly; with every second step name a flower.',
        watch: 'Tall while you think.',
      },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, march and count down',
      poses: [[], [lift('right', 40, 62)]],
      declared: { cognitiveLoad: 2, impactLevel: 1, travel: 'on-spot' },
      met: 2.6,
      cues: {
        setup: 'Stand behind the chair, two hands on its back.',
        do: 'March on the spot; count down from thirty by threes.',
        watch: 'A wrong number is no matter; a steady foot is.',
      },
    },
    {
      on: 'free',
      name: 'Standing free, march and name towns',
      poses: [[], [lift('right', 40, 62)]],
      declared: { cognitiveLoad: 3, impactLevel: 1, travel: 'on-spot', balanceDemand: 3 },
      met: 2.8,
      cues: {
        setup: 'Stand tall, a steady chair in reach.',
        do: 'March on the spot; name a town for each letter the leader calls.',
        watch: 'Feet first. Stop the words when the steps grow short.',
      },
    },
  ],
})

const lyingReach = ladder({
  ...EASY,
  id: 'lying-long-reach',
  name: 'Opposite arm and leg grow long',
  purpose: 'mobility',
  side: 'alternating',
  main: ['abdominals', 'shoulders'],
  helping: ['hip-flexors', 'upper-back'],
  everyday: 'stretching out before getting up',
  tempoClass: 'two-moves',
  pattern: ['reach'],
  serves: 'moving-in-bed',
  partners: ['heel-slide', 'brace-reach'],
  rpe: [1, 3],
  view: 85,
  cues: { breath: 'Out as they grow long.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, arm forward and foot out',
      poses: [[], [reach('left', 70, 88, 8), leg('right', { flexion: 88, knee: 52 })]],
      cues: {
        setup: 'Sit back, feet flat, hands on the thighs.',
        do: 'One arm reaches forward as the other foot slides out; home; change.',
        watch: 'The back keeps its contact with the chair.',
      },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, arm up and heel away',
      poses: [[], [reach('left', 84, 88, 8), leg('right', { flexion: 8, knee: 10 }), feet('right', 'free')]],
      declared: { abdominalPressure: 1 },
      met: 2,
      cues: {
        setup: 'Lie on the bed, knees bent, arms beside you, a pillow under the head.',
        do: 'One arm points to the ceiling as the other heel slides away; home; change.',
        watch: 'The low back stays as it lies.',
      },
    },
    {
      on: 'supine',
      name: 'On the mat, arm by the ear and heel away',
      poses: [[], [reach('left', 150, 88, 8), leg('right', { flexion: 4, knee: 6 }), feet('right', 'free')]],
      declared: { abdominalPressure: 1 },
      met: 2.2,
      cues: {
        setup: 'A heavy chair beside the mat. Lie on your back, knees bent, head on a towel.',
        do: 'One arm goes back beside the ear as the other heel slides away; home; change.',
        watch: 'The ribs stay down as the arm goes back.',
      },
    },
  ],
})

const STRETCHED = {
  purpose: 'flexibility',
  phase: 'cool-down',
  tempo: { out: 3, stay: 20, back: 3 },
  dose: { sets: 1, reps: 2, holdSeconds: 20, restSeconds: 10 },
  rpe: [1, 2],
  tempoClass: 'breath',
} as const

const pushForward = ladder({
  ...STRETCHED,
  id: 'hands-pushed-forward',
  name: 'Laced hands pushed forward',
  main: ['upper-back', 'shoulders'],
  helping: ['forearms-hands'],
  everyday: 'easing the shoulder blades after rowing',
  pattern: ['reach'],
  serves: 'reaching',
  partners: ['chest-open', 'upper-back-hug'],
  view: 70,
  gradedBy: ['intendedRpe', 'spinalFlexionDeg', 'met'],
  cues: { breath: 'Let each out-breath widen the back.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, the back stays long',
      poses: [[together(40, 60)], [together(72, 14)]],
      cues: {
        setup: 'Sit back, fingers laced, palms turned away or towards you as is easy.',
        do: 'Push the laced hands forward below the shoulders; stay and breathe.',
        watch: 'The back keeps its contact with the chair; shoulders low.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, the upper back rounds a little',
      poses: [[together(44, 60)], [together(78, 10), spine({ flexion: 12 })]],
      declared: { endRangeStretch: true },
      cues: {
        setup: 'Sit tall on the front half of the chair, fingers laced.',
        do: 'Push the hands away and let the blades slide apart; stay.',
        watch: 'Only between the blades; the low back stays tall.',
      },
    },
    {
      on: 'free',
      name: 'Standing, the upper back rounds',
      poses: [
        [bend(10), together(44, 60)],
        [bend(12), together(80, 8), spine({ flexion: 14 })],
      ],
      declared: { endRangeStretch: true },
      cues: {
        setup: 'Stand hip-wide, knees soft, fingers laced, a steady chair in reach.',
        do: 'Push the hands away, the upper back widens; stay.',
        watch: 'The chin stays off the chest.',
      },
    },
  ],
})

const longBody = ladder({
  ...STRETCHED,
  id: 'long-body',
  name: 'Long-body stretch',
  main: ['abdominals', 'shoulders'],
  helping: ['hip-flexors', 'upper-back'],
  everyday: 'waking up in the morning',
  pattern: ['reach'],
  serves: 'moving-in-bed',
  partners: ['knee-hug', 'grow-tall'],
  view: 85,
  gradedBy: ['intendedRpe', 'overheadReachDeg', 'met'],
  cues: { breath: 'In to grow long, out to soften.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, arms forward and heels away',
      poses: [[], [front(70, 8), leg('both', { flexion: 88, knee: 50 })]],
      cues: {
        setup: 'Sit back, feet flat, hands on the thighs.',
        do: 'Slide both heels away and reach the arms forward; stay and breathe.',
        watch: 'The back keeps its contact with the chair.',
      },
    },
    {
      on: 'bedSupine',
      name: 'On a bed, arms up and legs long',
      poses: [[], [front(100, 8), leg('both', { flexion: 4, knee: 6 }), feet('both', 'free')]],
      met: 1.7,
      declared: { endRangeStretch: true },
      cues: {
        setup: 'Lie on the bed, knees bent, a pillow under the head.',
        do: 'Let the legs grow long one after the other; the arms float up; stay.',
        watch: 'Back to bent knees one leg at a time.',
      },
    },
    {
      on: 'supine',
      name: 'On the mat, arms by the ears and legs long',
      poses: [[], [front(152, 8), leg('both', { flexion: 3, knee: 4 }), feet('both', 'free')]],
      met: 1.8,
      declared: { endRangeStretch: true },
      cues: {
        setup: 'A heavy chair beside the mat. Lie on your back, knees bent, head on a towel.',
        do: 'Legs long one after the other, arms back beside the ears; grow both ways; stay.',
        watch: 'The ribs stay heavy; less far when the low back lifts.',
      },
    },
  ],
})

export const DAILY_CARE = [clasped, squeezes, gaze, rocking, bigOpen, naming, lyingReach, pushForward, longBody]
