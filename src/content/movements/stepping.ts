import { feet, leg } from '@/core/body'
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

export const STEPPING = [stepDown]
