import { arm, feet, lean, leg, weightOn } from '@/core/body'
import { ladder } from '@/core/movement'
import { RHYTHM } from './rhythm'
import { behind, front, heelDig, kick, lift, reach, together, wide } from './shapes'

const SEATED = {
  ...RHYTHM,
  tempoClass: 'on-the-beat',
  pattern: ['step'],
  serves: 'walking',
  gradedBy: ['intendedRpe', 'met'],
  rpe: [2, 4.5],
  declared: { cognitiveLoad: 1 },
  view: 50,
} as const
const TALK = { breath: 'Talk while you do it.' }

const hopCurl = ladder({
  ...SEATED,
  id: 'side-step-curl',
  view: 30,
  name: 'Side steps with curls, sitting',
  main: ['outer-hip', 'biceps'],
  helping: ['inner-thigh', 'abdominals'],
  everyday: 'shuffling along a bench with a bag',
  partners: ['march', 'punch'],
  cues: { ...TALK },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, feet step out and in',
      poses: [
        [arm('both', { raise: 8, plane: 70, elbow: 20 })],
        [leg('right', { abduction: 24, knee: 75 }), arm('both', { raise: 10, plane: 80, elbow: 110 })],
      ],
      cues: { do: 'One foot steps out as the elbows bend; home as they straighten; change.', watch: 'Feet alone, or arms alone, is just as good.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall, both feet side to side',
      poses: [
        [arm('both', { raise: 8, plane: 70, elbow: 20 })],
        [leg('right', { abduction: 26, knee: 75 }), leg('left', { abduction: -6 }), arm('both', { raise: 10, plane: 80, elbow: 115 })],
      ],
      met: 2.8,
      cues: {
        do: 'Both feet step to one side as the elbows bend, and home; then to the other.',
        watch: 'Heavy on both sit bones; feet land softly.',
      },
    },
  ],
})

const crossPress = ladder({
  ...SEATED,
  id: 'cross-and-press',
  view: 30,
  name: 'Press and cross, sitting',
  main: ['shoulders', 'inner-thigh'],
  helping: ['abdominals', 'outer-hip'],
  everyday: 'sorting things to left and right',
  partners: ['march', 'curl-step'],
  cues: { ...TALK },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, wrists cross, knees open',
      poses: [
        [leg('both', { abduction: 22, knee: 80 }), wide(46, 20)],
        [leg('both', { abduction: 5 }), together(46, 40)],
      ],
      cues: {
        do: 'Arms and knees open; then the wrists cross and the knees come home.',
        watch: 'Only the wrists cross; knees and ankles stay apart.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, arms press forward and cross',
      poses: [
        [leg('both', { abduction: 26, knee: 75 }), wide(60, 14)],
        [leg('both', { abduction: 4 }), together(66, 16)],
      ],
      met: 2.8,
      cues: { do: 'Open wide, then press both hands forward with the wrists crossed.', watch: 'Shoulders stay down as the hands go out.' },
    },
  ],
})

const scissorJab = ladder({
  ...SEATED,
  id: 'scissor-jab',
  name: 'Scissor taps with jabs, sitting',
  main: ['hip-flexors', 'shoulders'],
  helping: ['quadriceps', 'triceps'],
  everyday: 'quick feet on a slippery jetty',
  pattern: ['step', 'push'],
  partners: ['row', 'curl-step'],
  cues: { ...TALK },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, heels tap, hands reach',
      poses: [[], [heelDig('right', true), reach('left', 60, 88, 30)]],
      cues: { do: 'One heel taps forward as the other hand reaches; change.', watch: 'Slow first; the beat can come later.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall, feet pass each other, hands jab',
      poses: [
        [kick('left', 40, 84), reach('right', 68, 88, 10), reach('left', 24, 60, 110)],
        [kick('right', 40, 84), reach('left', 68, 88, 10), reach('right', 24, 60, 110)],
      ],
      declared: { cognitiveLoad: 2 },
      met: 3,
      cues: { do: 'Feet pass side by side, low; the other hand jabs forward each time.', watch: 'Elbows stay a little bent.' },
    },
  ],
})

const kickTap = ladder({
  ...SEATED,
  id: 'press-back-tap',
  name: 'Arms press back with a tap, sitting',
  main: ['upper-back', 'quadriceps'],
  helping: ['triceps', 'hip-flexors'],
  everyday: 'pushing a chair back with the arms',
  partners: ['chest-press', 'heel-dig'],
  cues: { breath: 'Out as the arms go back.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting tall, heel taps, arms back',
      poses: [[front(40, 20)], [heelDig('right', true), behind(24, 20)]],
      cues: { do: 'Both arms press back as one heel taps forward; change.', watch: 'Chest opens; the ribs stay down.' },
    },
    {
      id: 'lift',
      on: 'seat',
      name: 'Sitting tall, leg lifts, arms back',
      step: 'the leg leaves the floor',
      poses: [[front(50, 14)], [kick('right', 18, 90), behind(28, 12)]],
      met: 2.9,
      cues: { do: 'Arms press back as one leg straightens off the floor; change.', watch: 'Do not lean back to help the leg.' },
    },
  ],
})

const crissCross = ladder({
  ...SEATED,
  side: 'both',
  id: 'arm-criss-cross',
  name: 'Arms cross and open',
  purpose: 'mobility',
  main: ['chest', 'shoulders'],
  helping: ['upper-back'],
  everyday: 'folding a sheet',
  pattern: ['reach'],
  serves: 'reaching',
  partners: ['row', 'chest-open'],
  rpe: [1.5, 3],
  declared: {},
  cues: { breath: 'In to open, out to cross.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, low',
      poses: [[wide(38, 12)], [together(36, 24)]],
      cues: { do: 'Cross the arms low before you, and open them; change the upper arm.', watch: 'Shoulders stay away from the ears.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall, chest high',
      poses: [[wide(66, 10)], [together(66, 18)]],
      cues: { do: 'Cross at the height of the chest, open wide; eight, then lower and lower.', watch: 'Open only as far as the hands can be seen.' },
    },
    {
      on: 'free',
      name: 'Standing, low, middle, high',
      poses: [[wide(72, 8)], [together(74, 14)]],
      cues: { do: 'Cross and open at three heights, knees soft.', watch: 'The trunk stays still; only the arms travel.' },
    },
  ],
})

const CURLED = 120
const alternateCurl = ladder({
  id: 'alternate-curl',
  name: 'Curls in turn',
  purpose: 'strength-arms',
  phase: 'main',
  side: 'alternating',
  main: ['biceps'],
  helping: ['forearms-hands'],
  everyday: 'carrying two pails',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['pull'],
  serves: 'lifting',
  partners: ['triceps-kickback', 'chest-press'],
  rpe: [2, 4.5],
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'externalLoadKg'],
  view: 65,
  cues: { breath: 'Out as you lift.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, empty hands',
      poses: [[arm('both', { raise: 8, plane: 60, elbow: 15 })], [reach('right', 10, 80, CURLED), reach('left', 8, 60, 15)]],
      cues: {
        setup: 'Sit back, arms hanging, palms turned up.',
        do: 'Bend one elbow as the other arm straightens.',
        watch: 'Elbows stay at the ribs.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, light weights',
      with: 'dumbbell',
      kg: 1,
      poses: [[arm('both', { raise: 8, plane: 60, elbow: 12 })], [reach('right', 10, 80, CURLED), reach('left', 8, 60, 12)]],
      cues: {
        setup: 'Sit tall, a weight in each hand, arms hanging.',
        do: 'One weight up, down slowly; then the other.',
        watch: 'The resting arm hangs; it does not hold.',
      },
    },
    {
      on: 'free',
      name: 'Standing, medium weights',
      with: 'dumbbell',
      kg: 1.5,
      poses: [[arm('both', { raise: 8, plane: 60, elbow: 12 })], [reach('right', 10, 80, CURLED), reach('left', 8, 60, 12)]],
      declared: { balanceDemand: 2 },
      cues: {
        setup: 'Stand hip-wide, a weight in each hand, a steady chair in reach.',
        do: 'One up, one down, without a swing of the trunk.',
        watch: 'Knees soft; weight even on both feet.',
      },
    },
  ],
})

const rowUpPress = ladder({
  id: 'row-push-forward',
  name: 'Row, then push forward',
  purpose: 'strength-arms',
  phase: 'main',
  main: ['upper-back', 'chest', 'shoulders'],
  helping: ['biceps', 'triceps'],
  everyday: 'drawing a heavy drawer out and shutting it',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['pull', 'push'],
  serves: 'reaching',
  partners: ['squat', 'external-rotation'],
  rpe: [2, 4.5],
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'externalLoadKg'],
  view: 60,
  cues: { breath: 'In to draw, out to push.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, empty hands',
      poses: [[arm('both', { raise: 26, plane: -78, elbow: 98 })], [front(66, 10)]],
      cues: {
        setup: 'Sit back, elbows bent at the sides.',
        do: 'Draw the elbows back, then push both hands forward below the shoulders.',
        watch: 'The back keeps its contact with the chair.',
      },
    },
    {
      on: 'seat',
      name: 'Sitting tall, light weights',
      with: 'dumbbell',
      kg: 1,
      poses: [[arm('both', { raise: 26, plane: -78, elbow: 98 })], [front(66, 10)]],
      cues: {
        setup: 'Sit tall, a weight in each hand, elbows bent.',
        do: 'Row the weights to the ribs, then push them forward, chest high.',
        watch: 'Wrists straight; elbows never lock.',
      },
    },
    {
      on: 'free',
      name: 'Standing, medium weights',
      with: 'dumbbell',
      kg: 1.5,
      poses: [[arm('both', { raise: 26, plane: -78, elbow: 98 })], [front(68, 10)]],
      declared: { balanceDemand: 2 },
      cues: {
        setup: 'Stand hip-wide, a weight in each hand, a steady chair in reach.',
        do: 'Row to the ribs, push away from the chest.',
        watch: 'The low back does not hollow as they go out.',
      },
    },
  ],
})

const kneeKick = ladder({
  id: 'knee-up-kick',
  name: 'Knee up, then kick',
  purpose: 'balance',
  phase: 'main',
  side: 'one-then-other',
  main: ['hip-flexors', 'quadriceps'],
  helping: ['abdominals', 'outer-hip'],
  everyday: 'stepping into trousers',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['balance', 'step'],
  serves: 'dressing',
  partners: ['curl-step', 'back-leg-lift'],
  rpe: [2, 4.5],
  dose: { sets: 1, reps: 8, restSeconds: 30 },
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  declared: { cognitiveLoad: 1 },
  view: 65,
  cues: { breath: 'Out with the kick.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, knee up, then straighten',
      poses: [[], [lift('right', 100, 84)], [kick('right', 24, 94)]],
      cues: { do: 'Lift one knee a little, straighten it low, bend, set down.', watch: 'Sit tall; the back does not round to help.' },
    },
    {
      id: 'tap',
      on: 'hold1',
      name: 'One hand on the chair, knee up, heel taps',
      poses: [
        [],
        [lift('right', 40, 70)],
        [leg('right', { flexion: 14, knee: 4, ankle: 14 }), feet('right', 'heel'), leg('left', { flexion: -2, knee: 8 }), weightOn(-0.3)],
      ],
      cues: { do: 'Knee up a little, heel down in front, and home.', watch: 'Most of the weight stays on the standing leg.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, knee up, kick low',
      step: 'the heel no longer lands in front',
      poses: [[], [lift('right', 54, 80)], [lift('right', 46, 14)]],
      declared: { cognitiveLoad: 1, balanceDemand: 4 },
      cues: { do: 'One hand on the chair: knee up, kick low, bend, set down.', watch: 'The standing knee stays soft; the hips stay level.' },
    },
  ],
})

const curlTiptoe = ladder({
  id: 'curl-tiptoe',
  name: 'Curl with the heels up',
  purpose: 'strength-legs',
  phase: 'main',
  main: ['calves', 'biceps'],
  helping: ['feet', 'forearms-hands'],
  everyday: 'lifting a bag onto a high hook',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['pull', 'balance'],
  serves: 'reaching',
  partners: ['toe-raise', 'triceps-kickback'],
  rpe: [2, 4.5],
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'ankleLoad', 'balanceDemand'],
  declared: { cognitiveLoad: 1 },
  view: 65,
  cues: { breath: 'Out as you rise and lift.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, heels up and curl',
      poses: [
        [arm('both', { raise: 8, plane: 70, elbow: 12 })],
        [leg('both', { ankle: -24 }), feet('both', 'ball'), lean(2), arm('both', { raise: 10, plane: 80, elbow: 118 })],
      ],
      cues: { do: 'Both heels rise as the elbows bend; lower both slowly.', watch: 'Weight on the big toes as well.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, one arm curls',
      side: 'one-then-other',
      poses: [[reach('right', 6, 70, 10)], [leg('both', { ankle: -24 }), feet('both', 'ball'), reach('right', 10, 80, 120)]],
      declared: { cognitiveLoad: 1, ankleLoad: 2 },
      cues: { do: 'Heels up as the free arm bends; lower both together.', watch: 'Rise straight up, not forward.' },
    },
  ],
})

export const SEATED_MIX = [hopCurl, crossPress, scissorJab, kickTap, crissCross, alternateCurl, rowUpPress, kneeKick, curlTiptoe]
