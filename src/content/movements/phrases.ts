import { arm, feet, lean, leg, plants, spine } from '@/core/body'
import { ladder } from '@/core/movement'
import { looped, SEATED, SHORTER, THIGHS, UNDERFOOT } from './loopAndBand'
import { ON_SPOT, RHYTHM } from './rhythm'
import { front, legBack, lift, reach, swingBack, tap, together, wide } from './shapes'

const PHRASE = {
  ...RHYTHM,
  tempoClass: 'on-the-beat',
  pattern: ['step'],
  serves: 'walking',
} as const
const BREATH = { breath: 'Breathe as it comes; count aloud.' }

const boxStep = ladder({
  ...PHRASE,
  id: 'box-step',
  name: 'Box step',
  main: ['quadriceps', 'outer-hip'],
  helping: ['calves'],
  everyday: 'stepping round somebody in a narrow kitchen',
  partners: ['step-touch', 'march'],
  rpe: [2, 4],
  cues: { ...BREATH },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, four corners with the feet',
      poses: [[], [leg('right', { flexion: 86, knee: 60 })], [leg('left', { flexion: 86, knee: 60 }), leg('right', { flexion: 86, knee: 60 })]],
      declared: { cognitiveLoad: 2 },
      cues: { do: 'Right foot forward, left beside it, right back, left back.', watch: 'Name the corners; change the leading foot half way.' },
    },
    {
      on: 'hold2',
      name: 'Small box, fingertips on the chair',
      poses: [[], [leg('right', { abduction: 12, flexion: 12, knee: 10 })]],
      declared: { ...ON_SPOT, cognitiveLoad: 2 },
      cues: {
        setup: 'Stand a long arm from a chair set against a wall; fingertips on its back.',
        do: 'Across with one foot, beside it with the other, back, and back.',
        watch: 'Small corners; no foot crosses the other.',
      },
    },
    {
      on: 'free',
      name: 'Free box, arms swing',
      poses: [[], [leg('right', { flexion: 22, knee: 12 }), swingBack()]],
      declared: { impactLevel: 1, travel: 'mixed', balanceDemand: 3, cognitiveLoad: 2 },
      cues: { do: 'Forward, beside, back, back: four even steps, then lead with the other foot.', watch: 'Look ahead; the steps back are short.' },
    },
  ],
})

const mambo = ladder({
  ...PHRASE,
  id: 'rock-step',
  name: 'Rock step, forward and back',
  main: ['quadriceps', 'calves'],
  helping: ['glutes', 'outer-hip'],
  everyday: 'catching yourself on a moving bus',
  serves: 'staying-steady',
  partners: ['step-touch', 'curl-step'],
  rpe: [2, 4],
  view: 70,
  cues: { ...BREATH },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot forward and home',
      poses: [[], [leg('right', { flexion: 86, knee: 58 })]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Step one foot forward, press it, bring it home; four times, then change.', watch: 'Sit tall while the foot presses.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair',
      poses: [[], [leg('right', { flexion: 20, knee: 14 }), plants('left')]],
      declared: { ...ON_SPOT, cognitiveLoad: 1 },
      cues: {
        do: 'Rock forward onto one foot, back onto the other, feet together; four, then change.',
        watch: 'The heel of the back foot may lift; the foot stays.',
      },
    },
    {
      on: 'free',
      name: 'Free, forward and back',
      poses: [[], [leg('right', { flexion: 24, knee: 16 }), swingBack(), plants('left')], [tap('right', 'back'), plants('left')]],
      declared: { ...ON_SPOT, balanceDemand: 3, cognitiveLoad: 2 },
      cues: { do: 'Rock forward, together; rock back, together.', watch: 'The step back is a small one, onto the ball of the foot.' },
    },
  ],
})

const toeBack = ladder({
  ...PHRASE,
  id: 'toe-back-arms',
  name: 'Toe back, arms change',
  main: ['glutes', 'shoulders'],
  helping: ['hamstrings', 'calves'],
  everyday: 'backing away from a door as it opens',
  partners: ['curl-step', 'knee-lift-step'],
  rpe: [2, 4.5],
  view: 70,
  cues: { breath: 'Out as the toe goes back.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, toe under the chair, hand forward',
      poses: [[], [leg('right', { knee: 108, ankle: -20 }), feet('right', 'ball'), reach('left', 62, 88, 10)]],
      declared: { cognitiveLoad: 2 },
      cues: { do: 'One toe back under the chair as the other hand goes forward; change.', watch: 'Hand and foot arrive together.' },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, toe back',
      poses: [[], [tap('right', 'back')]],
      declared: { ...ON_SPOT, cognitiveLoad: 1 },
      cues: { do: 'Touch one toe behind you, bring it home; then the other.', watch: 'The weight stays on the front foot.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, free arm reaches',
      poses: [[], [tap('right', 'back'), reach('right', 70, 88, 10)]],
      declared: { ...ON_SPOT, cognitiveLoad: 2 },
      met: 3.1,
      cues: { do: 'Toe back and free hand forward; home together; eight, then turn round.', watch: 'The hips stay level.' },
    },
    {
      on: 'free',
      name: 'Free, arms change: four, two, one',
      poses: [[], [tap('right', 'back'), front(76, 10)]],
      declared: { ...ON_SPOT, balanceDemand: 4, cognitiveLoad: 3 },
      cues: { do: 'Four toes back on one side, four on the other; then twos, then in turn.', watch: 'Lose the count, keep the step.' },
    },
  ],
})

const kneeClap = ladder({
  ...PHRASE,
  id: 'knee-up-clap',
  name: 'Knee up with a clap',
  main: ['hip-flexors', 'abdominals'],
  helping: ['quadriceps', 'shoulders'],
  everyday: 'climbing into a boat',
  serves: 'stairs',
  partners: ['curl-step', 'heel-dig'],
  rpe: [2, 5],
  cues: { breath: 'Out as the knee comes up.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, knee up, hands meet over it',
      poses: [[wide(50, 20)], [lift('right', 98, 86), together(52, 40)]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Lift one knee a little and clap over it; open the arms as it lowers.', watch: 'The back stays on the chair.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall, knee up and clap',
      poses: [[wide(62, 15)], [lift('right', 106, 84), together(56, 34)]],
      declared: { cognitiveLoad: 1 },
      cues: { do: 'Knee up, clap above it, arms wide; then the other.', watch: 'Tall as the knee comes; do not fold to meet it.' },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, touch the knee',
      poses: [[], [lift('right', 58, 80), reach('right', 48, 100, 50)]],
      declared: { ...ON_SPOT, cognitiveLoad: 1 },
      cues: {
        do: 'Lift the knee to the free hand; set it down softly; eight, then turn round.',
        watch: 'The knee comes to the hand, not the hand to the knee.',
      },
    },
    {
      on: 'free',
      name: 'Free, knee up and clap',
      poses: [[wide(66, 12)], [lift('right', 62, 80), together(60, 30)]],
      declared: { ...ON_SPOT, balanceDemand: 4, cognitiveLoad: 1 },
      cues: { do: 'Knee up and clap over it, arms wide as it goes down; change.', watch: 'Slower when the standing foot wobbles.' },
    },
  ],
})

const bandCurl = ladder({
  id: 'band-curl',
  name: 'Curl with a band underfoot',
  purpose: 'strength-arms',
  phase: 'main',
  main: ['biceps'],
  helping: ['forearms-hands'],
  everyday: 'carrying a crate from the jetty',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['pull'],
  serves: 'lifting',
  partners: ['triceps-kickback', 'chest-press'],
  rpe: [2, 5],
  dose: { sets: 2, reps: 10, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'externalLoadKg'],
  view: 65,
  cues: { breath: 'Out as you lift.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, light band',
      with: 'band',
      kg: 1.5,
      poses: [[arm('both', { raise: 10, plane: 70, elbow: 30 })], [arm('both', { raise: 10, plane: 80, elbow: 110 })]],
      cues: {
        setup: SEATED,
        do: 'Bend the elbows against the band, and let it pull you back slowly.',
        watch: 'Elbows stay at the ribs; wrists straight.',
      },
    },
    {
      on: 'free',
      name: 'Standing, one foot on the band',
      with: 'band',
      kg: 2.5,
      poses: [[arm('both', { raise: 8, plane: 70, elbow: 14 })], [arm('both', { raise: 10, plane: 80, elbow: 115 })]],
      declared: { balanceDemand: 2 },
      cues: {
        setup: UNDERFOOT,
        do: 'Curl both hands to the shoulders, lower for three.',
        watch: 'Trunk still; step off before the form goes.',
      },
    },
    {
      id: 'short',
      on: 'free',
      name: 'Standing, hands nearer to the feet',
      step: 'a shorter band',
      with: 'band',
      kg: 3.5,
      poses: [[arm('both', { raise: 8, plane: 70, elbow: 14 })], [arm('both', { raise: 10, plane: 80, elbow: 115 })]],
      declared: { balanceDemand: 2 },
      met: 3,
      cues: {
        setup: SHORTER,
        do: 'The same against more pull; lower even slower.',
        watch: 'Grip firm, not hard; open the hands between sets.',
      },
    },
  ],
})

const loopBack = ladder({
  id: 'loop-back-kick',
  name: 'Leg back against a loop',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'one-then-other',
  main: ['glutes'],
  helping: ['hamstrings', 'outer-hip'],
  everyday: 'pushing off up a slope',
  tempoClass: 'single-joint',
  tempo: { out: 2, stay: 1, back: 2 },
  pattern: ['hinge', 'balance'],
  serves: 'walking',
  partners: ['squat', 'leg-extension'],
  rpe: [2.5, 5],
  dose: { sets: 2, reps: 8, restSeconds: 40 },
  gradedBy: ['intendedRpe', 'balanceDemand', 'externalLoadKg'],
  view: 75,
  cues: { breath: 'Out as the leg goes back.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, heels pull back under the chair',
      poses: [[leg('both', { flexion: 86, knee: 62 })], [leg('both', { knee: 92 })]],
      cues: { do: 'Feet a little forward; press the heels down and back as if to drag the floor.', watch: 'Buttocks tighten; the trunk stays tall.' },
    },
    {
      on: 'hold2',
      name: 'Two hands on the chair, light loop',
      ...THIGHS,
      kg: 1.5,
      poses: [[legBack('right', 2, 4)], [legBack('right', 14, 4)]],
      cues: {
        setup: looped('Both hands press on the chair.'),
        do: 'One leg back against the loop, a hand wide; stay a moment, return slowly.',
        watch: 'The back does not hollow; small is right.',
      },
    },
    {
      on: 'hold1',
      name: 'One hand on the chair, firmer loop',
      ...THIGHS,
      kg: 2.5,
      poses: [[legBack('right', 2, 4)], [legBack('right', 16, 4)]],
      cues: {
        setup: looped('One hand presses on the chair.'),
        do: 'Leg back against the loop, toes down; hold, and return slowly.',
        watch: 'Both hips face forward.',
      },
    },
  ],
})

const ballStir = ladder({
  id: 'ball-stir',
  name: 'Stir the pot',
  purpose: 'strength-trunk',
  phase: 'main',
  main: ['abdominals', 'shoulders'],
  helping: ['obliques', 'forearms-hands'],
  everyday: 'stirring a heavy pot',
  tempoClass: 'two-moves',
  tempo: { out: 2, stay: 0, back: 2 },
  pattern: ['rotate', 'reach'],
  serves: 'hands',
  partners: ['row', 'side-bend'],
  rpe: [2, 4.5],
  dose: { sets: 2, reps: 8, restSeconds: 30 },
  gradedBy: ['intendedRpe', 'externalLoadKg', 'met'],
  view: 40,
  cues: { breath: 'One breath a circle.' },
  steps: [
    {
      on: 'seatBack',
      name: 'Sitting back, hands stir before the belly',
      poses: [[together(34, 60)], [together(40, 46), spine({ twist: 8 })]],
      cues: { do: 'Hands together; draw slow circles before the belly, four each way.', watch: 'Shoulders stay low and wide.' },
    },
    {
      on: 'seat',
      name: 'Sitting tall, with a ball',
      with: 'ball',
      kg: 0.5,
      poses: [[together(40, 50)], [lean(4), together(52, 30), spine({ twist: 12 })]],
      cues: {
        setup: 'Sit tall near the front of the chair, a small ball between the hands.',
        do: 'Larger circles with the ball, from the trunk; change the way.',
        watch: 'Sit bones stay heavy on the seat.',
      },
    },
    {
      on: 'free',
      name: 'Standing, with a ball',
      with: 'ball',
      kg: 1,
      poses: [[together(44, 46)], [together(58, 24), spine({ twist: 16 })]],
      declared: { balanceDemand: 3 },
      cues: {
        setup: 'Stand with feet wide, a ball between the hands, a steady chair in reach.',
        do: 'Slow large circles before you; the knees give a little.',
        watch: 'Eyes stay ahead; the hips face forward.',
      },
    },
  ],
})

export const PHRASES = [boxStep, mambo, toeBack, kneeClap, bandCurl, loopBack, ballStir]
