import { items } from '../planInput'
import type { PlanTemplate } from './template'
import { VISITS } from './visits'

const quiet = (id: string, what: 'opening' | 'closing' | 'relaxation' | 'questions', seconds: number, words = '') => ({
  id,
  format: 'quiet' as const,
  what,
  seconds,
  words,
})
/** Classes to begin from. What somebody may not do is the rules' to say once people are on the roster. */
export const TEMPLATES: PlanTemplate[] = [
  {
    key: 'seated',
    title: 'All on the chair',
    forWhom: 'older adults and anybody who stays seated',
    plan: {
      version: 2,
      title: 'All on the chair',
      promisedMinutes: 40,
      room: { kit: ['support', 'wall', 'band', 'dumbbell'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [
            quiet('warm-o', 'opening', 90, 'Feet flat, sit tall. How was the week?'),
            {
              id: 'warm-a',
              items: items('w', ['march/seated', { workSeconds: 90, rpe: 2 }], 'shoulder-roll/seated', 'head-turn/seated', 'ankle-pump/seat', [
                'step-touch/seat',
                { workSeconds: 60, rpe: 3 },
              ]),
            },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Strength',
          blocks: [
            {
              id: 'main-a',
              title: 'Legs and back, two by two',
              format: 'alternated',
              restAfterRoundSeconds: 45,
              pauseAfter: 60,
              items: items('s', ['leg-extension/seat', { sets: 2, reps: 10 }], ['row/band-light', { sets: 2, reps: 12 }]),
            },
            {
              id: 'main-b',
              title: 'Arms and middle',
              format: 'alternated',
              restAfterRoundSeconds: 45,
              pauseAfter: 60,
              items: items('t', ['curl/one-kg', { sets: 2, reps: 10 }], ['side-bend/seat', { sets: 2, reps: 8 }]),
            },
            {
              id: 'main-c',
              title: 'A little breath',
              format: 'intervals',
              rounds: 5,
              workSeconds: 30,
              restSeconds: 30,
              restFirst: true,
              pauseAfter: 60,
              items: items('p', 'punch/seat', 'heel-dig/seat'),
            },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            { id: 'cool-a', items: items('c', 'hamstring-stretch/seated', 'chest-open/low-v', 'side-stretch/seat', 'breath-reach/seated') },
            quiet('cool-z', 'closing', 90, 'What got easier?'),
          ],
        },
      ],
    },
  },
  {
    key: 'standing',
    title: 'Up at the chair',
    forWhom: 'older adults who stand with a hand on the chair',
    plan: {
      version: 2,
      title: 'Up at the chair',
      promisedMinutes: 40,
      room: { kit: ['support', 'wall', 'band', 'dumbbell'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [
            quiet('warm-o', 'opening', 60),
            {
              id: 'warm-a',
              items: items(
                'w',
                ['march/held', { workSeconds: 90, rpe: 3 }],
                'arm-circles/free',
                'weight-shift/held',
                ['step-touch/hold2', { workSeconds: 60 }],
                'hinge/held',
              ),
            },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Strength',
          blocks: [
            {
              id: 'main-a',
              title: 'Up, and pull',
              format: 'alternated',
              restAfterRoundSeconds: 45,
              pauseAfter: 60,
              items: items('s', ['sit-to-stand/hands', { sets: 3, reps: 8 }], ['row/band-light', { sets: 3, reps: 12 }]),
            },
            {
              id: 'main-b',
              title: 'Hips and calves',
              format: 'stations',
              pauseAfter: 60,
              items: items('h', ['side-leg-lift/two-hands', { reps: 10 }], ['back-leg-lift/hold2', { reps: 8 }]),
            },
            {
              id: 'main-c',
              items: items(
                'e',
                ['heel-raise/two-hands', { sets: 2, reps: 12, restSeconds: 45 }],
                ['push-up/wall2', { sets: 2, reps: 8, restSeconds: 45 }],
              ),
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
              format: 'intervals',
              rounds: 3,
              workSeconds: 30,
              restSeconds: 20,
              restFirst: true,
              pauseAfter: 60,
              items: items('b', 'steady-stand/tandem', 'march-hold/hold2'),
            },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            { id: 'cool-a', items: items('c', 'calf-stretch/wall2', 'hamstring-stretch/seated', 'chest-open/low-v', 'breath-reach/seated') },
            quiet('cool-z', 'closing', 90),
          ],
        },
      ],
    },
  },
  {
    key: 'steady',
    title: 'Steps and balance',
    forWhom: 'people who want to walk and turn more surely',
    plan: {
      version: 2,
      title: 'Steps and balance',
      promisedMinutes: 30,
      room: { kit: ['support', 'wall'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [
            {
              id: 'warm-a',
              items: items('w', ['march/held', { workSeconds: 90, rpe: 3 }], 'weight-shift/held', 'ankle-circles/hold2', 'hinge/held'),
            },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Legs',
          blocks: [
            {
              id: 'main-a',
              pauseAfter: 60,
              items: items(
                's',
                ['sit-to-stand/hands', { sets: 2, reps: 8, restSeconds: 60 }],
                ['heel-raise/two-hands', { sets: 2, reps: 12, restSeconds: 45 }],
              ),
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
              rounds: 3,
              workSeconds: 40,
              restSeconds: 20,
              restFirst: true,
              pauseAfter: 60,
              items: items('b', 'steady-stand/tandem', 'clock-reach/hold2', 'heel-to-toe-walk/rail2'),
            },
            { id: 'balance-b', items: items('d', ['turn-around/hold1', { sets: 2, reps: 4, restSeconds: 30 }]) },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            { id: 'cool-a', items: items('c', 'calf-stretch/wall2', 'hip-flexor-stretch/hold2', 'breath-reach/seated') },
            quiet('cool-z', 'closing', 60),
          ],
        },
      ],
    },
  },
  {
    key: 'birth',
    title: 'Before and after birth',
    forWhom: 'pregnant clients and those back after a birth',
    plan: {
      version: 2,
      title: 'Before and after birth',
      promisedMinutes: 30,
      room: { kit: ['support', 'wall', 'band'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [
            quiet(
              'warm-o',
              'questions',
              90,
              'Anything new since last week? Bleeding, contractions, dizziness: tell me before we begin, nobody has to say it aloud.',
            ),
            {
              id: 'warm-a',
              items: items('w', ['march/held', { workSeconds: 75, rpe: 3 }], 'shoulder-roll/elbow', 'hip-circles/hold2', 'hinge/held'),
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
              restBetweenSeconds: 30,
              pauseAfter: 60,
              items: items(
                'q',
                ['sit-to-stand/hands', { sets: 2, reps: 10, restSeconds: 60 }],
                ['row/band-light', { sets: 2, reps: 12, restSeconds: 45 }],
                ['squat/hold2', { sets: 2, reps: 8, restSeconds: 60 }],
                ['side-leg-lift/two-hands', { sets: 2, reps: 8, restSeconds: 45 }],
              ),
            },
            { id: 'main-b', items: items('f', 'pelvic-floor-lift/seat', 'pelvic-tilt/seat') },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            { id: 'cool-a', items: items('c', 'chest-open/low-v', 'side-stretch/seat', ['breath-reach/seated', { reps: 6 }]) },
            quiet('cool-r', 'relaxation', 180, 'Back against the chair, hands on the ribs, nothing to do.'),
          ],
        },
      ],
    },
  },
  ...VISITS,
]
export type { PlanTemplate } from './template'
