import { items } from '../planInput'
import type { PlanTemplate } from './template'

/** Where there is no hall: one person at home, and a few minutes at a desk. */
export const VISITS: PlanTemplate[] = [
  {
    key: 'visit',
    title: 'A visit at home',
    forWhom: 'one person, with their own chair and kit',
    visit: true,
    plan: {
      version: 2,
      title: 'A visit at home',
      promisedMinutes: 25,
      tracks: 1,
      room: { kit: ['support', 'wall', 'band'] },
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
              seconds: 120,
              words: 'What has changed since last time? Is the way clear, the chair against the wall, water at hand?',
            },
            {
              id: 'warm-a',
              items: items('w', ['march/seated', { workSeconds: 60, rpe: 2 }], 'shoulder-roll/seated', 'ankle-pump/seat'),
            },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'For every day',
          blocks: [
            {
              id: 'main-a',
              title: 'Up from the chair, and pull',
              pauseAfter: 60,
              items: items(
                's',
                ['sit-to-stand/hands', { sets: 2, reps: 6, restSeconds: 60 }],
                ['row/band-light', { sets: 2, reps: 10, restSeconds: 60 }],
                ['leg-extension/seat', { sets: 2, reps: 8, restSeconds: 45 }],
                ['heel-raise/two-hands', { sets: 2, reps: 8, restSeconds: 45 }],
              ),
            },
            { id: 'main-b', title: 'Steady', pauseAfter: 60, items: items('b', 'steady-stand/together') },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            {
              id: 'cool-a',
              items: items('c', 'hamstring-stretch/seated', 'chest-open/low-v', 'breath-reach/seated'),
            },
            { id: 'cool-z', format: 'quiet', what: 'closing', seconds: 90, words: 'Which two of these will you do before I come again?' },
          ],
        },
      ],
    },
  },
  {
    key: 'desk',
    title: 'Ten minutes at the desk',
    forWhom: 'people at work, in their own chair',
    plan: {
      version: 2,
      title: 'Ten minutes at the desk',
      promisedMinutes: 10,
      tracks: 1,
      room: { kit: ['table', 'support'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Wake up',
          blocks: [
            {
              id: 'warm-a',
              items: items(
                'w',
                ['shoulder-roll/seated', { reps: 8 }],
                ['march/seated', { workSeconds: 60, rpe: 2 }],
                ['trunk-turn/seat', { reps: 6 }],
              ),
            },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Move',
          blocks: [
            {
              id: 'main-a',
              format: 'intervals',
              rounds: 1,
              workSeconds: 30,
              restSeconds: 15,
              items: items('s', 'blade-set/seatBack', 'heel-dig/seat', 'leg-extension/seat', 'wrist-work/seat'),
            },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            {
              id: 'cool-a',
              items: items(
                'c',
                ['chest-open/low-v', { workSeconds: 20, rpe: 2 }],
                ['forearm-stretch/seat', { workSeconds: 30, rpe: 2 }],
                ['long-out-breath/seat', { workSeconds: 45, rpe: 1 }],
              ),
            },
          ],
        },
      ],
    },
  },
]
