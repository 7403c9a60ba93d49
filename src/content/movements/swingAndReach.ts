import { arm, feet, hands, lean, leg, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { ON_SPOT, RHYTHM } from './rhythm'
import { bend, front, kick, lift, reach, split, swingBack, tap, together, wide } from './shapes'

const BEAT = { ...RHYTHM, tempoClass: 'on-the-beat', pattern: ['step'], serves: 'walking', gradedBy: ['intendedRpe', 'met'] } as const
const LEGS = {
  purpose: 'strength-legs',
  phase: 'main',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
} as const
const CLEAR = 'Stand hip-wide on clear floor, a steady chair in reach.'

const ropeStep = ladder({
  ...BEAT,
  id: 'rope-step',
  name: 'Rope step without a rope',
  main: ['calves', 'shoulders'],
  helping: ['forearms-hands', 'quadriceps'],
  everyday: 'quick feet on a slippery quay',
  partners: ['march', 'arms-out-pulses'],
  rpe: [2, 5],
  cues: { breath: 'Easy breaths; stop when you cannot talk.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, hands turn the rope, heels lift in turn',
      poses: [
        [reach('right', 20, 60, 80), reach('left', 20, 60, 80)],
        [leg('right', { ankle: -14 }), feet('right', 'ball'), reach('right', 24, 70, 66), reach('left', 24, 70, 66)],
      ],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Small circles from the wrists; one heel lifts, then the other.', watch: 'Shoulders stay low while the hands turn.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, weight from foot to foot',
      poses: [[reach('right', 20, 60, 80)], [leg('right', { flexion: 10, knee: 16, ankle: -14 }), feet('right', 'ball'), reach('right', 26, 70, 66)]],
      declared: { ...ON_SPOT, balanceDemand: 3, cognitiveLoad: 1 },
      met: 3,
      cues: { do: 'The free hand turns the rope; weight goes from foot to foot, one heel up at a time.', watch: 'Toes stay on the floor.' },
    },
    {
      on: 'free',
      name: 'Free, boxer’s step, one foot at a time',
      tempo: { out: 0.5, back: 0.5 },
      poses: [
        [reach('right', 20, 60, 80), reach('left', 20, 60, 80)],
        [lift('right', 14, 30), reach('right', 26, 70, 66), reach('left', 26, 70, 66)],
      ],
      declared: { ...ON_SPOT, balanceDemand: 3, cognitiveLoad: 2 },
      met: 4,
      cues: {
        setup: CLEAR,
        do: 'Turn the rope with both wrists; spring softly from one foot to the other, quick and low.',
        watch: 'One foot is always on the floor; land on the ball of the foot, then the heel.',
      },
    },
  ],
})

const stepLunge = ladder({
  ...BEAT,
  id: 'step-over-back',
  name: 'Step over, foot back',
  main: ['glutes', 'quadriceps'],
  helping: ['outer-hip', 'calves'],
  everyday: 'stepping aside and letting somebody through',
  partners: ['step-touch', 'heel-dig'],
  rpe: [2, 4.5],
  cues: { breath: 'Breathe as it comes; name the sides aloud.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot out, the other under the chair',
      poses: [[], [leg('right', { abduction: 20, knee: 76 }), leg('left', { knee: 104, ankle: -18 }), feet('left', 'ball')]],
      declared: { cognitiveLoad: 2 },
      cues: { do: 'One foot steps out, the other draws back under the chair; home; change.', watch: 'Foot flat before the next one moves.' },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, a small step and a toe back',
      poses: [[], [leg('left', { abduction: 10 }), tap('right', 'back')]],
      declared: { ...ON_SPOT, cognitiveLoad: 2 },
      cues: {
        do: 'Step a little to one side, touch the other toe behind, bring the feet together; change.',
        watch: 'The toe goes straight back, not behind the other leg.',
      },
    },
    {
      on: 'free',
      name: 'Free, step to the side and sink a little',
      poses: [[], [split('left', 16)]],
      declared: { impactLevel: 1, travel: 'sideways', balanceDemand: 4, cognitiveLoad: 2 },
      met: 3.8,
      cues: {
        setup: CLEAR,
        do: 'Step to the side, take the inside foot back and sink a little; up, together; change the lead.',
        watch: 'Front heel heavy; the back heel stays up.',
      },
    },
  ],
})

const lungeHook = ladder({
  ...BEAT,
  id: 'reach-and-hook',
  name: 'Three reaches and a hook',
  purpose: 'power',
  main: ['shoulders', 'obliques'],
  helping: ['quadriceps', 'chest'],
  everyday: 'catching a door before it slams',
  pattern: ['push', 'rotate'],
  partners: ['row', 'chest-open'],
  rpe: [2.5, 5.5],
  dose: { reps: undefined, workSeconds: 30, restSeconds: 30 },
  view: 45,
  cues: { breath: 'A short breath out on each reach.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, slow reaches, a small hook',
      poses: [
        [arm('both', { raise: 30, plane: 70, elbow: 118 })],
        [reach('right', 74, 92, 14), reach('left', 30, 70, 118)],
        [reach('right', 66, 62, 84, -50), reach('left', 30, 70, 118)],
      ],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Reach forward three times with one hand, then bring it round in a small hook; change.', watch: 'The elbow never locks.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall, with a foot forward',
      poses: [
        [arm('both', { raise: 30, plane: 70, elbow: 118 })],
        [leg('left', { flexion: 86, knee: 58 }), reach('right', 82, 92, 10), reach('left', 30, 70, 118)],
        [leg('left', { flexion: 86, knee: 58 }), reach('right', 74, 62, 86, -50), reach('left', 30, 70, 118), spine({ twist: 8 })],
      ],
      declared: { cognitiveLoad: 2 },
      met: 2.8,
      cues: {
        do: 'A foot forward: three reaches, then a strong hook; home, and change sides.',
        watch: 'The turn comes from the ribs, not the knee.',
      },
    },
    {
      on: 'free',
      name: 'Free, a foot forward, low reaches and a hook',
      poses: [
        [split('left', 6), arm('both', { raise: 30, plane: 70, elbow: 118 })],
        [split('left', 20), reach('right', 82, 92, 10), reach('left', 30, 70, 118)],
        [split('left', 14), reach('right', 74, 62, 86, -50), reach('left', 30, 70, 118), spine({ twist: 10 })],
      ],
      side: 'one-then-other',
      declared: { balanceDemand: 4, cognitiveLoad: 2 },
      met: 4,
      cues: {
        setup: 'Stand with one foot a step before the other, a steady chair in reach.',
        do: 'Sink a little on three reaches, then rise into the hook; half way, change feet.',
        watch: 'Both feet stay where they are; power from the muscles, not the joints.',
      },
    },
  ],
})

const squatKickOut = ladder({
  ...LEGS,
  id: 'squat-straighten',
  name: 'Squat, then straighten the knee',
  side: 'alternating',
  main: ['quadriceps', 'glutes'],
  helping: ['hip-flexors', 'shoulders'],
  everyday: 'rising from a chair and stepping over a threshold',
  pattern: ['squat', 'balance'],
  serves: 'getting-up',
  partners: ['hamstring-curl', 'row'],
  rpe: [2.5, 5],
  view: 70,
  cues: { breath: 'In to sink, out to rise and straighten.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, lean and press, then straighten one knee',
      poses: [[], [lean(20)], [kick('right', 8, 88), wide(54, 20)]],
      declared: { cognitiveLoad: 1 },
      cues: {
        do: 'Lean to press both feet; sit tall, straighten one knee and open the arms; change.',
        watch: 'The thigh stays on the seat; tall, not leaning back.',
      },
    },
    {
      on: 'rail2',
      name: 'At the rail, small squat, then one knee lifts',
      poses: [[], [bend(30)], [lift('right', 34, 60)]],
      declared: { cognitiveLoad: 1, balanceDemand: 3 },
      cues: { do: 'Sink a little, rise, lift one bent knee and set it down; change.', watch: 'Hips level; both hands press down.' },
    },
    {
      on: 'free',
      name: 'Free, squat, knee up, straighten it low, arms open',
      poses: [[], [bend(46), front(46, 30)], [lift('right', 42, 18), wide(58, 14)]],
      declared: { cognitiveLoad: 1, balanceDemand: 5 },
      met: 3.6,
      cues: {
        setup: CLEAR,
        do: 'Squat, rise, lift one knee and straighten it low before you as the arms open; change.',
        watch: 'Lower the knee rather than lean back.',
      },
    },
  ],
})

const swing = ladder({
  ...LEGS,
  id: 'wide-swing',
  name: 'Swing between the knees',
  side: 'both',
  main: ['glutes', 'shoulders'],
  helping: ['hamstrings', 'quadriceps', 'forearms-hands'],
  everyday: 'lifting a basket over a low wall',
  pattern: ['hinge', 'reach'],
  serves: 'lifting',
  partners: ['chest-open', 'heel-raise'],
  rpe: [2.5, 5],
  view: 65,
  cues: { breath: 'Out as the hands come up.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, hands swing low and up',
      poses: [
        [lean(16), leg('both', { abduction: 18 }), together(24, 16)],
        [leg('both', { abduction: 18 }), together(66, 14)],
      ],
      cues: {
        do: 'Lean from the hips, hands low between the knees; sit tall and swing them up.',
        watch: 'The back stays long on the way down.',
      },
    },
    {
      on: 'free',
      name: 'Standing wide, empty hands',
      poses: [
        [bend(40, 58, 14, 12), together(30, 12)],
        [bend(8, 6, 14, 12), together(72, 12)],
      ],
      declared: { balanceDemand: 2 },
      met: 3.4,
      cues: {
        setup: 'Stand wide, toes a little out, a steady chair in reach.',
        do: 'Sit back with the hands low; stand up and let them swing to chest height.',
        watch: 'The hips do the work; the arms only follow.',
      },
    },
    {
      id: 'light',
      on: 'free',
      name: 'Standing wide, one light weight in both hands',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [bend(44, 62, 14, 12), together(30, 12)],
        [bend(8, 6, 14, 12), together(74, 12)],
      ],
      declared: { balanceDemand: 2 },
      met: 3.8,
      cues: {
        setup: 'Stand wide, one weight held in both hands, a steady chair in reach.',
        do: 'Sit back with the weight low; stand up and let it float to chest height.',
        watch: 'Long back, eyes ahead; set it down before the form goes.',
      },
    },
  ],
})

const openTurn = ladder({
  id: 'hinge-open-arm',
  name: 'Bent over, one arm opens',
  purpose: 'mobility',
  phase: 'any',
  side: 'alternating',
  main: ['obliques', 'upper-back'],
  helping: ['chest', 'shoulders'],
  everyday: 'turning to look who called while you bend',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 1, back: 2 },
  dose: { sets: 1, reps: 6, restSeconds: 20, rpe: 2.5 },
  pattern: ['rotate', 'reach'],
  serves: 'reaching',
  partners: ['row', 'chest-open'],
  gradedBy: ['intendedRpe'],
  rpe: [1.5, 3],
  view: 30,
  cues: { breath: 'In as the arm opens, out as it comes home.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, hands on the thighs, one arm opens',
      poses: [
        [hands('both', 'thigh'), lean(10)],
        [hands('left', 'thigh'), lean(10), reach('right', 62, 10, 10), spine({ twist: -8 })],
      ],
      cues: { do: 'Lean forward on one hand; the other arm opens to the side; change.', watch: 'Eyes go with the hand only as far as is easy.' },
    },
    {
      on: 'counter2',
      name: 'At the counter, one arm opens to the side',
      poses: [[lean(20)], [lean(20), hands('left', 'counter'), reach('right', 60, 8, 10), spine({ twist: -10 })]],
      cues: {
        setup: 'Stand a step from the counter, both hands on it, hips back, long back.',
        do: 'One hand stays; the other arm opens to the side; bring it home; change.',
        watch: 'Both hips stay at the same height.',
      },
    },
    {
      on: 'free',
      name: 'Standing hinge, half way, one arm opens',
      poses: [
        [leg('both', { flexion: 46, knee: 22 }), front(34, 10)],
        [leg('both', { flexion: 46, knee: 22 }), reach('left', 34, 88, 10), reach('right', 72, 8, 8), spine({ twist: -14 })],
      ],
      declared: { balanceDemand: 3 },
      cues: {
        setup: CLEAR,
        do: 'Fold half way at the hips, arms hanging; one arm opens to the side; home; change.',
        watch: 'Rise between, slowly; sit when the head swims.',
      },
    },
  ],
})

const oneLegOverhead = ladder({
  id: 'light-foot-press',
  name: 'Light foot, slow press up',
  purpose: 'balance',
  phase: 'main',
  side: 'one-then-other',
  main: ['outer-hip', 'shoulders'],
  helping: ['calves', 'abdominals'],
  everyday: 'putting a jar on the shelf from tiptoe’s edge',
  tempoClass: 'breath',
  tempo: { out: 3, stay: 1, back: 3 },
  dose: { sets: 1, reps: 5, restSeconds: 30, rpe: 3 },
  pattern: ['balance', 'push'],
  serves: 'reaching',
  partners: ['row', 'heel-raise'],
  gradedBy: ['balanceDemand', 'intendedRpe'],
  rpe: [2, 4],
  view: 50,
  cues: { breath: 'Out as the hand goes up.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, heel light, one hand up',
      poses: [
        [arm('right', { raise: 40, plane: 20, elbow: 130 })],
        [leg('right', { ankle: -12 }), feet('right', 'ball'), reach('right', 128, 40, 22)],
      ],
      cues: {
        do: 'Lift one heel and reach that hand up in three counts; lower in three; then change.',
        watch: 'The ribs stay down; as high as the shoulder likes.',
      },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, toe light, the other up',
      poses: [[arm('right', { raise: 40, plane: 20, elbow: 130 })], [tap('right', 'side'), reach('right', 120, 40, 24)]],
      declared: { balanceDemand: 3 },
      cues: {
        do: 'Outer toe light on the floor; the free hand goes up in three counts, down in three.',
        watch: 'Tall over the standing foot.',
      },
    },
    {
      id: 'lifted',
      on: 'hold1',
      name: 'One hand on the chair, foot off the floor, the other up',
      step: 'one foot off the floor',
      poses: [[arm('right', { raise: 40, plane: 20, elbow: 130 })], [lift('right', 18, 34), reach('right', 124, 40, 22)]],
      declared: { balanceDemand: 4 },
      cues: {
        do: 'Outer foot a little off the floor; the free hand goes up in three counts, down in three.',
        watch: 'Toe down at the first wobble.',
      },
    },
  ],
})

const handOff = ladder({
  id: 'plank-hand-off',
  name: 'Plank, one hand off in turn',
  purpose: 'strength-trunk',
  phase: 'main',
  side: 'alternating',
  main: ['abdominals', 'triceps'],
  helping: ['shoulders', 'chest'],
  everyday: 'shifting your weight on the arms in bed',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 2, reps: 6, restSeconds: 45 },
  pattern: ['push'],
  serves: 'moving-in-bed',
  partners: ['row', 'chest-open'],
  gradedBy: ['wristExtLoad', 'intendedRpe'],
  rpe: [2.5, 5.5],
  view: 75,
  cues: { breath: 'Breathe on; count the changes.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, lean onto one thigh, then the other',
      poses: [
        [hands('both', 'thigh'), lean(14)],
        [hands('left', 'thigh'), lean(16), reach('right', 40, 92, 60)],
      ],
      declared: { abdominalPressure: 1 },
      cues: {
        do: 'Lean on both hands on the thighs; lift one hand off and lower it again; change.',
        watch: 'The shoulders stay level when a hand leaves.',
      },
    },
    {
      on: 'wall2',
      name: 'At the wall, one hand off in turn',
      poses: [[lean(12)], [lean(12), hands('left', 'wall'), hands('right', 'chest')]],
      declared: { abdominalPressure: 2 },
      cues: {
        setup: 'Stand a step from the wall, hands flat on it at chest height.',
        do: 'Lean in one long line; one hand comes to the chest and goes back; then the other.',
        watch: 'The hips stay square to the wall.',
      },
    },
    {
      on: 'chairSeat2',
      name: 'On the seat of a chair, one hand off in turn',
      poses: [[lean(44)], [lean(44), hands('left', 'chairSeat'), hands('right', 'chest')]],
      declared: { abdominalPressure: 3, breathHoldRisk: 2 },
      met: 3,
      cues: {
        setup: 'A heavy chair against a wall. Hands on its seat, feet back, one long line.',
        do: 'Hold the line; one hand comes off to the chest and goes back; the other hand next.',
        watch: 'The low back does not sag; stand up before it does.',
      },
    },
  ],
})

const diagonalPush = ladder({
  id: 'side-push-leg-out',
  name: 'Push to one side, leg out',
  purpose: 'balance',
  phase: 'main',
  side: 'one-then-other',
  main: ['outer-hip', 'shoulders'],
  helping: ['obliques', 'chest'],
  everyday: 'handing a parcel to somebody beside you',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  dose: { sets: 1, reps: 8, restSeconds: 30 },
  pattern: ['push', 'balance'],
  serves: 'reaching',
  partners: ['row', 'heel-raise'],
  gradedBy: ['balanceDemand', 'intendedRpe'],
  rpe: [2, 4],
  view: 40,
  cues: { breath: 'Out as you push.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, push to one side',
      poses: [[together(46, 96)], [together(62, 24), spine({ twist: 8 })]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Both hands at the chest; push them out to one side, bring them home; then the other side.', watch: 'Sit bones stay heavy.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall with a ball, the other foot slides out',
      with: 'ball',
      kg: 0.5,
      poses: [[together(46, 96)], [leg('right', { abduction: 22, knee: 75 }), together(66, 22), spine({ twist: 10 })]],
      declared: { cognitiveLoad: 1 },
      cues: {
        setup: 'Sit tall near the front of the chair, a small ball held at the chest.',
        do: 'Push the ball to one side as the other foot slides out; home together.',
        watch: 'Both sit bones stay on the seat.',
      },
    },
    {
      on: 'free',
      name: 'Standing with a ball, the other toe slides out',
      with: 'ball',
      kg: 0.5,
      poses: [[together(46, 96)], [tap('right', 'side'), together(68, 20), spine({ twist: 12 })]],
      declared: { cognitiveLoad: 1, balanceDemand: 4 },
      cues: {
        setup: 'Stand hip-wide, a small ball held at the chest, a steady chair in reach.',
        do: 'Push the ball to one side as the other toe slides out; home together.',
        watch: 'The toe stays on the floor; tall over the standing foot.',
      },
    },
  ],
})

const crossStep = ladder({
  ...BEAT,
  id: 'cross-step',
  name: 'Cross step and shuffle',
  main: ['quadriceps', 'outer-hip'],
  helping: ['inner-thigh', 'obliques'],
  everyday: 'sidling past chairs in a full hall',
  partners: ['side-shuffle', 'heel-dig'],
  rpe: [2, 5],
  view: 20,
  cues: { breath: 'Breathe freely; say “cross, side, side” aloud.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot steps across and back out',
      poses: [[], [leg('right', { abduction: -10, flexion: 84, knee: 62 })], [leg('right', { abduction: 22, knee: 75 })]],
      declared: { cognitiveLoad: 2 },
      cues: {
        do: 'One foot steps across before the other, then out to the side, then home; change.',
        watch: 'Who must not cross the legs steps forward instead.',
      },
    },
    {
      on: 'rail2',
      name: 'Facing the rail, cross in front, step out',
      poses: [[], [leg('right', { abduction: -17, flexion: 16, knee: 6 })], [leg('right', { abduction: 14 })]],
      declared: { ...ON_SPOT, balanceDemand: 3, cognitiveLoad: 2 },
      cues: { do: 'One foot crosses in front, then steps out wide, then home; change.', watch: 'Small crosses; the toes still point ahead.' },
    },
    {
      on: 'free',
      name: 'Free, cross, then two quick steps to the side',
      tempo: { out: 0.5, back: 0.5 },
      poses: [[], [leg('right', { abduction: -14, flexion: 18, knee: 8 }), swingBack()], [leg('right', { abduction: 16 })]],
      declared: { impactLevel: 1, travel: 'sideways', balanceDemand: 4, cognitiveLoad: 2 },
      met: 4.2,
      cues: {
        setup: 'Clear floor to both sides, shoes that grip, a steady chair in reach.',
        do: 'Cross in front, then two quick steps to the side; stop, and go back the other way.',
        watch: 'Look where you are going, not at your feet.',
      },
    },
  ],
})

/** Rhythm with more than one part, swings, and reaches that ask for balance. */
export const SWING_AND_REACH = [ropeStep, stepLunge, lungeHook, squatKickOut, swing, openTurn, oneLegOverhead, handOff, diagonalPush, crossStep]
