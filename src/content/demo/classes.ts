import type { PlanInput } from '@/core/plan'
import type { SeriesInput } from '@/core/progress'
import { type ItemInput, items } from '../planInput'
import type { DemoClass } from './people'

export interface DemoClassPlan {
  key: DemoClass
  weekday: number
  startTime: string
  plan: PlanInput
  /** its series, begun so many weeks ago */
  series?: Omit<SeriesInput, 'version' | 'from'> & { weeksAgo: number }
}

type DoseInput = NonNullable<ItemInput['dose']>
const counts = (workCounts: number): DoseInput => ({ workCounts })

/** Odile Marrow's four classes in the old boathouse: each in formats of its own, as long as it promises. */
export const DEMO_CLASSES: DemoClassPlan[] = [
  {
    key: 'chairs',
    weekday: 1,
    startTime: '10:00',
    plan: {
      version: 2,
      title: 'Boathouse chairs',
      promisedMinutes: 35,
      familiar: [
        'march',
        'shoulder-roll',
        'head-turn',
        'heel-dig',
        'sit-to-stand',
        'row',
        'leg-extension',
        'overhead-press',
        'steady-stand',
        'hamstring-stretch',
        'chest-open',
        'breath-reach',
        'punch',
        'step-touch',
        'ankle-pump',
      ],
      room: { supportInReach: true, floorWork: false, kit: ['support', 'wall', 'band', 'dumbbell'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [
            {
              id: 'warm-o',
              format: 'quiet',
              what: 'opening',
              seconds: 60,
              words: 'How was the week? Feet flat, sit tall, anybody new to the left of me.',
            },
            {
              id: 'warm-a',
              title: 'To music',
              format: 'counts',
              bpm: 108,
              items: items(
                'w',
                ['march/seated', counts(96)],
                ['heel-dig/seat', counts(64)],
                ['shoulder-roll/seated', counts(64)],
                ['step-touch/seat', counts(96)],
                ['head-turn/seated', counts(48)],
              ),
            },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Strong and steady',
          blocks: [
            {
              id: 'main-a',
              title: 'Round the boathouse',
              format: 'circuit',
              rounds: 3,
              optionalRounds: 1,
              workSeconds: 40,
              changeSeconds: 20,
              restAfterRoundSeconds: 60,
              pauseAfter: 60,
              items: items('s', 'sit-to-stand/hands', 'row/band-light', 'leg-extension/seat', 'overhead-press/up-empty'),
            },
            { id: 'main-b', title: 'Steady', items: items('b', 'steady-stand/tandem', ['ankle-pump/seat', { sets: 2, reps: 20 }]) },
            {
              id: 'main-c',
              title: 'A little breath',
              format: 'intervals',
              rounds: 3,
              workSeconds: 30,
              restSeconds: 30,
              restFirst: true,
              items: items('p', 'punch/seat'),
            },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            { id: 'cool-a', items: items('c', 'hamstring-stretch/seated', 'chest-open/low-v', 'breath-reach/half') },
            { id: 'cool-z', format: 'quiet', what: 'closing', seconds: 120, words: 'What got easier? Put the bands in the basket by the door.' },
          ],
        },
      ],
    },
  },
  {
    key: 'bones',
    weekday: 2,
    startTime: '11:00',
    plan: {
      version: 2,
      title: 'Bones and balance',
      promisedMinutes: 40,
      familiar: [
        'march',
        'shoulder-roll',
        'weight-shift',
        'hinge',
        'step-touch',
        'sit-to-stand',
        'heel-raise',
        'side-leg-lift',
        'row',
        'overhead-press',
        'band-pull-apart',
        'steady-stand',
        'march-hold',
        'hamstring-stretch',
        'chest-open',
        'breath-reach',
        'calf-stretch',
      ],
      room: { supportInReach: true, floorWork: false, kit: ['support', 'wall', 'band', 'dumbbell'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [
            { id: 'warm-o', format: 'quiet', what: 'opening', seconds: 45, position: 'standing-two-hand' },
            {
              id: 'warm-a',
              items: items('w', 'weight-shift/one-hand', ['march/held', { workSeconds: 90, rpe: 3 }], 'arm-circles/free', 'hinge/free', [
                'step-touch/hold2',
                { workSeconds: 60 },
              ]),
            },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Load the bones',
          blocks: [
            {
              id: 'main-a',
              title: 'Legs and back, two by two',
              format: 'alternated',
              restAfterRoundSeconds: 45,
              pauseAfter: 60,
              items: items('s', ['sit-to-stand/arms-crossed', { sets: 3, reps: 10 }], ['row/band-firm', { sets: 3, reps: 12, loadKg: 4 }]),
            },
            {
              id: 'main-b',
              title: 'Hips and shoulders, two by two',
              format: 'alternated',
              restAfterRoundSeconds: 45,
              pauseAfter: 45,
              items: items('h', ['side-leg-lift/one-hand', { sets: 2, reps: 10 }], ['band-pull-apart/seat', { sets: 2, reps: 12 }]),
            },
            {
              id: 'main-c',
              title: 'Heels',
              items: items('e', ['heel-raise/one-hand', { sets: 3, restSeconds: 60, eachSet: [{ reps: 12 }, { reps: 10 }, { reps: 8 }] }]),
            },
          ],
        },
        {
          id: 'balance',
          kind: 'balance',
          title: 'Balance',
          blocks: [
            {
              id: 'balance-a',
              title: 'By the clock',
              format: 'intervals',
              rounds: 4,
              workSeconds: 40,
              restSeconds: 20,
              restFirst: true,
              items: items('b', 'steady-stand/one-leg-one-hand', 'march-hold/hold1'),
            },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            { id: 'cool-a', items: items('c', 'calf-stretch/wall2', 'hamstring-stretch/seated', 'chest-open/low-v', 'breath-reach/full') },
            { id: 'cool-z', format: 'quiet', what: 'closing', seconds: 60 },
          ],
        },
      ],
    },
  },
  {
    key: 'mothers',
    weekday: 3,
    startTime: '18:00',
    series: {
      weeksAgo: 2,
      weeks: 12,
      gentlerEvery: 4,
      turns: [
        { focus: 'Legs and rising', homework: ['sit-to-stand', 'shoulder-roll'] },
        { focus: 'Back and breath', homework: ['chest-open', 'breath-reach'] },
      ],
    },
    plan: {
      version: 2,
      title: 'Lantern evening, before and after birth',
      promisedMinutes: 35,
      familiar: [
        'march',
        'shoulder-roll',
        'weight-shift',
        'hinge',
        'sit-to-stand',
        'side-leg-lift',
        'squat',
        'row',
        'steady-stand',
        'brace-reach',
        'clam',
        'chest-open',
        'hamstring-stretch',
        'breath-reach',
        'step-touch',
        'leg-circle',
      ],
      room: { supportInReach: true, floorWork: true, kit: ['support', 'wall', 'band', 'dumbbell', 'wedge', 'mat'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [
            {
              id: 'warm-o',
              format: 'quiet',
              what: 'questions',
              seconds: 90,
              words: 'Anything new since last week? Bleeding, contractions, dizziness: tell me before we begin, nobody has to say it aloud.',
            },
            {
              id: 'warm-a',
              items: items('w', ['march/free', { workSeconds: 75, rpe: 3 }], 'shoulder-roll/elbow', 'weight-shift/free', 'hinge/held'),
            },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Strength with breath',
          blocks: [
            {
              id: 'main-a',
              title: 'One side of the chair, then the other',
              format: 'stations',
              pauseAfter: 60,
              items: items('s', ['side-leg-lift/one-hand', { reps: 12 }], ['leg-circle/hold2', { reps: 8 }]),
            },
            {
              id: 'main-b',
              title: 'Sit, stand and pull',
              restBetweenSeconds: 30,
              pauseAfter: 60,
              items: items(
                'q',
                ['sit-to-stand/hands', { sets: 2, reps: 10, restSeconds: 60 }],
                ['row/band-light', { sets: 2, reps: 12, restSeconds: 45 }],
                ['squat/hold2', { sets: 2, reps: 10, restSeconds: 60 }],
                'steady-stand/tandem',
              ),
            },
          ],
        },
        {
          id: 'floor',
          kind: 'floor',
          title: 'On the mat',
          blocks: [
            {
              id: 'floor-a',
              items: items('m', ['brace-reach/bird-dog', { sets: 2, reps: 6, restSeconds: 30 }], ['clam/sideLie', { sets: 1, reps: 12 }]),
            },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            { id: 'cool-a', items: items('c', 'chest-open/low-v', 'hamstring-stretch/seated', ['breath-reach/half', { reps: 6 }]) },
            {
              id: 'cool-r',
              format: 'quiet',
              what: 'relaxation',
              seconds: 270,
              position: 'seated-back-supported',
              words: 'Back against the chair, hands on the ribs, nothing to do.',
            },
          ],
        },
      ],
    },
  },
  {
    key: 'backs',
    weekday: 4,
    startTime: '09:30',
    plan: {
      version: 2,
      title: 'Long backs',
      promisedMinutes: 40,
      familiar: [
        'march',
        'weight-shift',
        'hinge',
        'arch-and-round',
        'sit-to-stand',
        'row',
        'squat',
        'steady-stand',
        'brace-reach',
        'bridge',
        'hamstring-stretch',
        'chest-open',
        'breath-reach',
        'walk',
        'heel-dig',
      ],
      room: { supportInReach: true, floorWork: true, kit: ['support', 'wall', 'band', 'dumbbell', 'mat'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [
            { id: 'warm-l', title: 'There and back', format: 'laps', laps: 6, lapSeconds: 35, items: items('l', 'walk/free') },
            { id: 'warm-a', items: items('w', 'weight-shift/free', 'hinge/free', 'arch-and-round/seat') },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'A strong middle',
          blocks: [
            {
              id: 'main-p',
              title: 'Four parts, put together',
              format: 'phrase',
              bpm: 104,
              wholeTimes: 4,
              pauseAfter: 45,
              items: items(
                'p',
                ['march/free', { sets: 2, workCounts: 8 }],
                ['step-touch/free', { sets: 2, workCounts: 8 }],
                ['heel-dig/free', { sets: 2, workCounts: 8 }],
                ['weight-shift/free', { sets: 2, workCounts: 8 }],
              ),
            },
            {
              id: 'main-a',
              title: 'On the feet',
              pauseAfter: 45,
              items: items(
                's',
                ['sit-to-stand/arms-crossed', { sets: 2, reps: 10, restSeconds: 60, tempo: { by: 'counts', up: 2, hold: 0, down: 4 } }],
                ['row/band-firm', { sets: 2, reps: 12, restSeconds: 60 }],
                ['squat/hold1', { sets: 2, reps: 8, restSeconds: 60, finish: { pulses: 8 } }],
              ),
            },
            {
              id: 'main-o',
              title: 'Until I call it',
              format: 'open',
              expectedSeconds: 40,
              lastCounted: 4,
              items: items('o', 'steady-stand/one-leg-one-hand'),
            },
          ],
        },
        {
          id: 'floor',
          kind: 'floor',
          title: 'On the mat',
          blocks: [
            {
              id: 'floor-a',
              items: items(
                'm',
                ['brace-reach/bird-dog', { sets: 2, reps: 8, restSeconds: 45 }],
                ['bridge/floor', { sets: 2, reps: 10, restSeconds: 60 }],
              ),
            },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            { id: 'cool-a', items: items('c', 'hamstring-stretch/seated', 'chest-open/behind', ['breath-reach/seated', { reps: 6 }]) },
            { id: 'cool-z', format: 'quiet', what: 'closing', seconds: 120 },
          ],
        },
      ],
    },
  },
]
