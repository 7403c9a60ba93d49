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
              items: [
                { id: 'w1', variant: 'march/seated', dose: { workSeconds: 60, rpe: 2 } },
                { id: 'w2', variant: 'shoulder-roll/seated' },
                { id: 'w3', variant: 'ankle-pump/seat' },
              ],
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
              items: [
                { id: 's1', variant: 'sit-to-stand/hands', dose: { sets: 2, reps: 6, restSeconds: 60 } },
                { id: 's2', variant: 'row/band-light', dose: { sets: 2, reps: 10, restSeconds: 60 } },
                { id: 's3', variant: 'leg-extension/seat', dose: { sets: 2, reps: 8, restSeconds: 45 } },
                { id: 's4', variant: 'heel-raise/two-hands', dose: { sets: 2, reps: 8, restSeconds: 45 } },
              ],
            },
            { id: 'main-b', title: 'Steady', pauseAfter: 60, items: [{ id: 'b1', variant: 'steady-stand/together' }] },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            {
              id: 'cool-a',
              items: [
                { id: 'c1', variant: 'hamstring-stretch/seated' },
                { id: 'c2', variant: 'chest-open/low-v' },
                { id: 'c3', variant: 'breath-reach/seated' },
              ],
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
              items: [
                { id: 'w1', variant: 'shoulder-roll/seated', dose: { reps: 8 } },
                { id: 'w2', variant: 'march/seated', dose: { workSeconds: 60, rpe: 2 } },
                { id: 'w3', variant: 'trunk-turn/seat', dose: { reps: 6 } },
              ],
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
              items: [
                { id: 's1', variant: 'blade-set/seatBack' },
                { id: 's2', variant: 'heel-dig/seat' },
                { id: 's3', variant: 'leg-extension/seat' },
                { id: 's4', variant: 'wrist-work/seat' },
              ],
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
              items: [
                { id: 'c1', variant: 'chest-open/low-v', dose: { workSeconds: 20, rpe: 2 } },
                { id: 'c2', variant: 'forearm-stretch/seat', dose: { workSeconds: 30, rpe: 2 } },
                { id: 'c3', variant: 'long-out-breath/seat', dose: { workSeconds: 45, rpe: 1 } },
              ],
            },
          ],
        },
      ],
    },
  },
]
