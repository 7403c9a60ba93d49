import { feet, leg, plants } from '@/core/body'
import { ladder } from '@/core/movement'

const RAILS = 'Stand on a step that cannot slide, between two rails; a hand on each.'

const stepDown = ladder({
  id: 'step-down',
  name: 'Stepping down slowly',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'one-then-other',
  tempo: { out: 3, stay: 1, back: 2 },
  dose: { sets: 1, reps: 6, restSeconds: 45 },
  main: ['quadriceps', 'glutes'],
  helping: ['outer-hip', 'calves'],
  everyday: 'coming down the stairs of the boathouse',
  tempoClass: 'whole-body',
  pattern: ['step', 'squat'],
  serves: 'stairs',
  partners: ['step-up', 'heel-raise'],
  rpe: [2, 5],
  view: 70,
  cues: { breath: 'In as you lower, out as you come up.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot let down slowly',
      poses: [[leg('right', { flexion: 96, knee: 40 }), feet('right', 'free')], []],
      still: 0,
      cues: {
        do: 'Lift one foot off the floor, then let it down while you count three.',
        watch: 'The thigh brakes all the way; no dropping.',
      },
    },
    {
      id: 'front',
      on: 'rails2',
      name: 'One heel down in front, a hand on each rail',
      step: 'on the step, the standing knee brakes',
      with: 'step',
      poses: [
        [leg('both', { flexion: 3, knee: 3 }), feet('both', 'step')],
        [
          leg('left', { flexion: 24, knee: 40, ankle: 14 }),
          feet('left', 'step'),
          leg('right', { flexion: 30, knee: 8, ankle: 8 }),
          feet('right', 'free'),
        ],
      ],
      declared: { impactLevel: 0, travel: 'on-spot', externalLoadType: 'platform', kneeFlexionLoadedDeg: 60 },
      met: 3,
      cues: {
        setup: RAILS,
        do: 'Bend the standing knee, let the other heel come down in front; touch lightly, come back up.',
        watch: 'The knee points over the toes; the hips stay level.',
      },
    },
    {
      id: 'side',
      on: 'rails2',
      name: 'One foot down beside the step, a hand on each rail',
      step: 'down to the side',
      with: 'step',
      view: 20,
      poses: [
        [leg('both', { flexion: 3, knee: 3 }), feet('both', 'step')],
        [
          leg('left', { flexion: 34, knee: 56, ankle: 22 }),
          feet('left', 'step'),
          leg('right', { flexion: 12, knee: 4, abduction: 24, ankle: 10 }),
          feet('right', 'free'),
        ],
      ],
      declared: { impactLevel: 0, travel: 'on-spot', externalLoadType: 'platform', kneeFlexionLoadedDeg: 60 },
      met: 3.5,
      cues: {
        setup: 'Stand at the edge of a step that cannot slide, between two rails; a hand on each.',
        do: 'Bend the standing knee, let the outer foot sink beside the step, touch lightly and press up again.',
        watch: 'The knee does not fall inward; the hips stay level.',
      },
    },
  ],
})

const onStep = leg('right', { flexion: 34, knee: 46, abduction: 26 })

const sideUp = ladder({
  id: 'side-step-up',
  name: 'Stepping up sideways',
  purpose: 'strength-legs',
  phase: 'main',
  side: 'one-then-other',
  tempo: { out: 2, stay: 1, back: 3 },
  dose: { sets: 1, reps: 6, restSeconds: 45 },
  main: ['outer-hip', 'quadriceps', 'glutes'],
  helping: ['calves'],
  everyday: 'getting onto the jetty sideways from the boat',
  tempoClass: 'whole-body',
  pattern: ['step', 'squat'],
  serves: 'stairs',
  partners: ['step-down', 'step-up'],
  rpe: [2, 5],
  view: 15,
  cues: { breath: 'Out as you step up.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, one foot out and pressed down',
      poses: [[], [leg('right', { abduction: 22 })]],
      cues: { do: 'Set one foot a little out, press it down as if to rise on it, ease.', watch: 'Knee over the foot, not inside.' },
    },
    {
      id: 'tap',
      on: 'rail2',
      name: 'Both hands on the rail, one foot onto the step beside you',
      step: 'on the feet, the foot goes up',
      with: 'step',
      poses: [[], [onStep, feet('right', 'step')]],
      declared: { impactLevel: 0, travel: 'on-spot', externalLoadType: 'platform' },
      met: 2.6,
      cues: {
        setup: 'Face the rail, both hands on it, a step that cannot slide beside you.',
        do: 'Lift the near foot onto the step, all of it; press a little; set it down.',
        watch: 'The whole foot is on the step before it presses.',
      },
    },
    {
      id: 'press',
      on: 'rail2',
      name: 'Both hands on the rail, press until the other heel lifts',
      step: 'the leg on the step takes the weight',
      with: 'step',
      poses: [
        [onStep, feet('right', 'step')],
        [leg('right', { flexion: 26, knee: 36, abduction: 24 }), feet('right', 'step'), leg('left', { ankle: -24 }), feet('left', 'ball')],
      ],
      declared: { impactLevel: 0, travel: 'on-spot', externalLoadType: 'platform', kneeFlexionLoadedDeg: 60 },
      met: 3.2,
      cues: {
        setup: 'Face the rail, both hands on it, the near foot on a step that cannot slide.',
        do: 'Press through the foot on the step until the other heel lifts; lower for three.',
        watch: 'Hips level; no push from the foot below.',
      },
    },
    {
      id: 'up',
      on: 'rail2',
      name: 'Both hands on the rail, all the way up and down',
      step: 'the other foot comes up too',
      with: 'step',
      poses: [
        [onStep, feet('right', 'step')],
        [leg('right', { flexion: 3, knee: 4, abduction: 3 }), feet('both', 'step'), leg('left', { flexion: 3, knee: 4 }), plants('right')],
      ],
      declared: { impactLevel: 0, travel: 'on-spot', externalLoadType: 'platform', kneeFlexionLoadedDeg: 60 },
      met: 3.8,
      cues: {
        setup: 'Face the rail, both hands on it, the near foot on a step that cannot slide.',
        do: 'Press up and set the other foot beside the first; lower that foot for three; hands slide along.',
        watch: 'Both hands stay on the rail; change ends for the other leg.',
      },
    },
  ],
})

export const STEPPING = [stepDown, sideUp]
