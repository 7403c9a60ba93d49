import { feet, leg } from '@/core/body'
import { ladder } from '@/core/movement'
import { ON_SPOT, RHYTHM } from './rhythm'

const give = (flexion: number, knee: number) => leg('both', { flexion, knee, ankle: knee - flexion })

const bounce = ladder({
  ...RHYTHM,
  id: 'bounce',
  name: 'Easy bounce',
  side: 'both',
  tempo: { out: 0.5, back: 0.5 },
  main: ['quadriceps', 'calves'],
  helping: ['glutes'],
  everyday: 'a light step along the planks of the pier',
  tempoClass: 'on-the-beat',
  pattern: ['squat'],
  serves: 'walking',
  partners: ['march', 'heel-raise'],
  rpe: [1.5, 4.5],
  gradedBy: ['balanceDemand', 'intendedRpe', 'met'],
  view: 60,
  cues: { breath: 'Breathe on; talk while you bounce.' },
  steps: [
    {
      on: 'seat',
      name: 'Sitting, the heels bounce',
      poses: [[], [leg('both', { knee: 106, ankle: -22 }), feet('both', 'ball')]],
      cues: { do: 'Both heels up and down, light and even.', watch: 'Sit tall; the toes stay.' },
    },
    {
      on: 'hold2',
      name: 'On the floor, the knees give, two hands on the chair',
      poses: [[], [give(9, 18)]],
      declared: { impactLevel: 0 },
      cues: { do: 'Let both knees give a little and straighten, in an even beat.', watch: 'Heels stay down; hands press, never pull.' },
    },
    {
      on: 'trampoline',
      name: 'On the mini-trampoline, the feet stay on the mat',
      poses: [[give(4, 8)], [give(11, 22)]],
      declared: ON_SPOT,
      met: 3.2,
      cues: {
        do: 'Press the mat down with both heels and let it lift you; the feet stay on.',
        watch: 'Look ahead, not down; stop before you get off.',
      },
    },
    {
      id: 'trampoline-squat',
      on: 'trampoline',
      name: 'On the mini-trampoline, a deeper press',
      step: 'the knees bend further',
      poses: [[give(4, 8)], [give(28, 44)]],
      tempo: { out: 1, back: 1 },
      tempoClass: 'jump-or-punch',
      declared: ON_SPOT,
      met: 3.8,
      cues: { do: 'Sit back into a shallow squat, press the mat down, let it bring you up.', watch: 'Knees over the toes; both hands stay on.' },
    },
  ],
})

export const BOUNCE = [bounce]
