import { arm, feet, hands, lean, leg } from '@/core/body'
import { ladder } from '@/core/movement'
import { RHYTHM } from './rhythm'
import { front, kick, lift, reach, SHORT, split, swing, swingBack } from './shapes'

/** Leaning from the hips with a long back, standing. */
const hinged = (deg: number, knee = 14) => leg('both', { flexion: deg, knee })
const armsDown = (raise: number) => arm('both', { raise, plane: 88, elbow: 8 })
/** Elbows close to the ribs, behind the back line. */
const elbowsBack = arm('both', { raise: 26, plane: -78, elbow: 98 })
/** Elbows out and high, hands below the chest. */
const elbowsHigh = arm('both', { raise: 62, plane: 4, elbow: 92 })

const hingeRow = ladder({
  id: 'hinge-row',
  name: 'Row in a hinge',
  purpose: 'strength-arms',
  phase: 'main',
  main: ['upper-back', 'biceps'],
  helping: ['hamstrings', 'glutes', 'lower-back'],
  everyday: 'lifting a bucket out of a boat',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['pull', 'hinge'],
  serves: 'lifting',
  partners: ['chest-press', 'squat-curl'],
  rpe: [2, 5.5],
  dose: { sets: 2, reps: 8, restSeconds: 45 },
  gradedBy: ['intendedRpe', 'externalLoadKg', 'met'],
  view: 75,
  cues: { breath: 'Out as you pull.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, leaning forward, empty hands',
      poses: [
        [lean(24), armsDown(34)],
        [lean(24), elbowsBack],
      ],
      cues: {
        do: 'Lean from the hips; draw both elbows back along the ribs, and reach down.',
        watch: 'The back stays long; the head goes on from it.',
      },
    },
    {
      id: 'narrow',
      on: 'free',
      name: 'Standing hinge, narrow, light weights',
      with: 'dumbbell',
      kg: 1,
      poses: [
        [hinged(34), armsDown(36)],
        [hinged(34), elbowsBack],
      ],
      declared: { balanceDemand: 2 },
      cues: {
        setup: 'Stand hip-wide, a weight in each hand, a steady chair in reach.',
        do: 'Fold at the hips and stay; row both weights to the ribs.',
        watch: 'Weight in the heels; rise at once when the back tires.',
      },
    },
    {
      id: 'high',
      on: 'free',
      name: 'Standing hinge, elbows high, medium weights',
      step: 'elbows out',
      with: 'dumbbell',
      kg: 1.5,
      poses: [
        [hinged(38), armsDown(40)],
        [hinged(38), elbowsHigh],
      ],
      declared: { balanceDemand: 2 },
      cues: {
        setup: 'Stand hip-wide, a weight in each hand, a steady chair in reach.',
        do: 'Fold at the hips; lift the elbows out to the side, weights under the chest.',
        watch: 'Neck long; the elbows stop at shoulder height.',
      },
    },
    {
      id: 'rise',
      on: 'free',
      name: 'Fold, row, and stand tall each time',
      step: 'the hips move as well',
      with: 'dumbbell',
      kg: 2,
      tempoClass: 'two-moves',
      poses: [[armsDown(6)], [hinged(40), armsDown(42)], [hinged(40), elbowsBack]],
      declared: { balanceDemand: 3, cognitiveLoad: 1 },
      met: 3.2,
      cues: {
        setup: 'Stand hip-wide, a weight in each hand, a steady chair in reach.',
        do: 'Fold, row once, let down, and stand tall.',
        watch: 'Leave the arms out when the fold gets worse.',
      },
    },
  ],
})

const foldedHeel = (deg: number, more = 0) =>
  [leg('right', { flexion: 30 + deg, knee: 4, ankle: 14 }), leg('left', { flexion: deg + 4, knee: 16 + more }), feet('right', 'heel')] as const

const hamstringStand = ladder({
  id: 'hamstring-standing',
  name: 'Hamstring fold, heel in front',
  purpose: 'flexibility',
  phase: 'cool-down',
  main: ['hamstrings'],
  helping: ['calves', 'glutes'],
  everyday: 'tying a shoe on a step',
  tempoClass: 'breath',
  tempo: { out: 3, stay: 20, back: 3 },
  side: 'one-then-other',
  pattern: ['hinge'],
  serves: 'dressing',
  partners: ['calf-stretch', 'quad-stretch'],
  gradedBy: ['intendedRpe', 'balanceDemand', 'met'],
  rpe: [1.5, 2.5],
  dose: { sets: 1, reps: 2, holdSeconds: 20, restSeconds: 10 },
  view: 85,
  declared: { endRangeStretch: true },
  cues: { breath: 'Let each out-breath soften it.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, heel in front',
      poses: [
        [leg('right', { flexion: 78, knee: 18, ankle: 12 }), feet('right', 'heel')],
        [lean(6), leg('right', { flexion: 80, knee: 16, ankle: 12 }), feet('right', 'heel')],
      ],
      declared: { endRangeStretch: true, met: 1.6 },
      cues: {
        setup: 'Sit near the front edge, one heel forward, toes up.',
        do: 'Tip forward from the hips until the thigh pulls mildly; stay.',
        watch: 'Chest open; the pull is in the thigh, not behind the knee.',
      },
    },
    {
      on: 'hold2',
      name: 'Standing, hands on the chair back',
      poses: [[...foldedHeel(10)], [...foldedHeel(28)]],
      declared: { endRangeStretch: true, balanceDemand: 1 },
      cues: { do: 'One heel a little ahead, toes up; send the hips back and fold; stay.', watch: 'The standing knee stays soft.' },
    },
    {
      on: 'free',
      name: 'Standing, hands on the thigh',
      poses: [
        [...foldedHeel(12), hands('both', 'hip')],
        [...foldedHeel(44, 6), front(28, 42)],
      ],
      declared: { endRangeStretch: true, balanceDemand: 3 },
      cues: {
        setup: 'Stand with a steady chair in reach, one heel a little ahead.',
        do: 'Hips back, hands on the standing thigh, back long; stay.',
        watch: 'Come up slowly, and stand a moment.',
      },
    },
    {
      id: 'shin',
      on: 'free',
      name: 'Standing, hands towards the shin',
      step: 'the hands go lower',
      poses: [
        [...foldedHeel(12), hands('both', 'hip')],
        [...foldedHeel(60, 8), front(52, 14)],
      ],
      declared: { endRangeStretch: true, balanceDemand: 3 },
      met: 2.2,
      cues: {
        setup: 'Stand with a steady chair in reach, one heel a little ahead, toes up.',
        do: 'Hips back, hands slide from the thigh towards the shin, back long; stay.',
        watch: 'No lower than the back stays long; come up with the hands on the thigh.',
      },
    },
  ],
})

const lowKick = ladder({
  id: 'low-kick',
  name: 'Low kicks',
  ...RHYTHM,
  main: ['quadriceps', 'hip-flexors'],
  helping: ['abdominals', 'calves'],
  everyday: 'kicking a ball back to a child',
  tempoClass: 'on-the-beat',
  pattern: ['step'],
  serves: 'walking',
  partners: ['curl-step', 'march'],
  rpe: [2, 4.5],
  view: 70,
  cues: { breath: 'Out with each kick.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, kick low',
      poses: [[], [kick('right', 30, 86)]],
      cues: { do: 'Straighten one knee with a small kick, toes up; then the other.', watch: 'Sit tall; the thigh stays on the seat.' },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair',
      poses: [[], [lift('right', 26, 10)]],
      declared: { impactLevel: 1, travel: 'on-spot' },
      cues: { do: 'Swing one foot forward, ankle-high, and set it down; change.', watch: 'The standing knee stays soft.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, arm swings',
      poses: [[], [lift('right', 32, 8), reach('right', 30, 88, 10)]],
      declared: { impactLevel: 1, travel: 'on-spot' },
      met: 3.2,
      cues: { do: 'Kick low with one foot while the free arm swings forward.', watch: 'Trunk still; it does not lean back.' },
    },
    {
      on: 'free',
      name: 'Free, arms swing against the legs',
      poses: [
        [lift('left', 34, 8), swing(40, 40)],
        [lift('right', 34, 8), swingBack(40, 40)],
      ],
      declared: { impactLevel: 1, travel: 'on-spot', balanceDemand: 4, cognitiveLoad: 1 },
      cues: { do: 'Low kicks in turn, the other arm coming forward each time.', watch: 'Feet land softly under you.' },
    },
  ],
})

const forwardLunge = ladder({
  id: 'forward-lunge',
  name: 'Lunge walk',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'alternating',
  main: ['quadriceps', 'glutes'],
  helping: ['hamstrings', 'outer-hip', 'calves'],
  everyday: 'stepping over a puddle',
  tempoClass: 'whole-body',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['lunge', 'step'],
  serves: 'stairs',
  partners: ['hinge-lift', 'back-step'],
  rpe: [2, 6],
  dose: { sets: 2, reps: 6, restSeconds: 60 },
  gradedBy: ['intendedRpe', 'kneeFlexionLoadedDeg', 'balanceDemand'],
  declared: { travel: 'forward', impactLevel: 1 },
  view: 80,
  cues: { breath: 'In to step and sink, out to rise.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, foot slides forward and presses',
      poses: [[], [leg('right', { flexion: 84, knee: 66 })]],
      declared: { travel: 'none', impactLevel: 0 },
      cues: { do: 'Slide one foot forward, press it into the floor, and draw it home.', watch: 'Press with the whole foot, heel as well.' },
    },
    {
      on: 'rails2',
      name: 'Between two rails, a small bend',
      poses: [[split('left', 12, SHORT)], [split('right', 12, SHORT)]],
      cues: {
        setup: 'Stand between two rails, or a rail and a counter, a hand on each.',
        do: 'Walk along; at every step bend both knees a little, and rise.',
        watch: 'The whole front foot is down before the knee bends.',
      },
    },
    {
      on: 'rail1',
      name: 'Along the rail, longer steps',
      poses: [[split('left', 32)], [split('right', 32)]],
      cues: { do: 'Longer steps along the rail; sink with both knees, rise, and step on.', watch: 'Trunk upright; feet on two tracks.' },
    },
    {
      on: 'free',
      name: 'Free, hands on the hips',
      poses: [
        [split('left', 42), hands('both', 'hip')],
        [split('right', 42), hands('both', 'hip')],
      ],
      declared: { balanceDemand: 4 },
      cues: {
        setup: 'Stand with a clear way before you, along a wall.',
        do: 'Walk in lunges, a hand from the wall; stop after each to stand.',
        watch: 'Shorter steps when it wobbles.',
      },
    },
  ],
})

const jogPress = ladder({
  id: 'jog-press',
  name: 'Jog and press, sitting',
  ...RHYTHM,
  main: ['hip-flexors', 'shoulders'],
  helping: ['abdominals', 'triceps'],
  everyday: 'hurrying with full arms',
  tempoClass: 'on-the-beat',
  pattern: ['step', 'push'],
  serves: 'walking',
  partners: ['punch', 'curl-step'],
  rpe: [2, 5],
  gradedBy: ['intendedRpe', 'met'],
  declared: { cognitiveLoad: 1 },
  view: 60,
  cues: { breath: 'Talk while you do it.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, heels and small presses',
      poses: [
        [arm('both', { raise: 34, plane: 55, elbow: 130 })],
        [leg('right', { ankle: -20 }), feet('right', 'ball'), arm('both', { raise: 70, plane: 70, elbow: 60 })],
      ],
      cues: { do: 'Lift one heel after the other, and push both hands up a little.', watch: 'Arms alone or feet alone is just as good.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall, feet lift, hands press up',
      poses: [[arm('both', { raise: 34, plane: 55, elbow: 132 })], [lift('right', 98, 84), arm('both', { raise: 118, plane: 70, elbow: 24 })]],
      met: 2.8,
      cues: { do: 'Jog with light feet; press both hands up on every second step.', watch: 'Hands go only as high as the shoulders like.' },
    },
    {
      id: 'quick',
      on: 'seat',
      name: 'Sitting tall, quick feet, hands in turn',
      step: 'quicker',
      tempo: { out: 0.5, back: 0.5 },
      poses: [
        [lift('left', 100, 82), reach('right', 124, 70, 18), reach('left', 34, 55, 132)],
        [lift('right', 100, 82), reach('left', 124, 70, 18), reach('right', 34, 55, 132)],
      ],
      declared: { cognitiveLoad: 2 },
      met: 3.4,
      cues: {
        do: 'Quick small steps; one hand presses up, then the other.',
        watch: 'Lean back a little when you get out of breath, and go on slower.',
      },
    },
  ],
})

export const HINGED = [hingeRow, hamstringStand, lowKick, forwardLunge, jogPress]
