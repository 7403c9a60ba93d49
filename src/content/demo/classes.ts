import type { PlanInput } from '@/core/plan'
import type { DemoClass } from './people'

export interface DemoClassPlan {
  key: DemoClass
  weekday: number
  startTime: string
  plan: PlanInput
}

const items = (prefix: string, ...variants: string[]) => variants.map((variant, index) => ({ id: `${prefix}${index + 1}`, variant }))

/** Odile Marrow's four classes in the old boathouse. */
export const DEMO_CLASSES: DemoClassPlan[] = [
  {
    key: 'chairs',
    weekday: 1,
    startTime: '10:00',
    plan: {
      version: 2,
      title: 'Boathouse chairs',
      promisedMinutes: 20,
      room: { supportInReach: true, floorWork: false, kit: ['support', 'wall', 'band', 'dumbbell'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [{ id: 'warm-a', items: items('w', 'march/seated', 'shoulder-roll/seated', 'head-turn/seated') }],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Strong and steady',
          blocks: [
            {
              id: 'main-a',
              title: 'Strength',
              pauseAfter: 30,
              items: items('s', 'sit-to-stand/hands', 'row/band-light', 'leg-extension/seat'),
            },
            { id: 'main-b', title: 'Balance', items: items('b', 'steady-stand/tandem') },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [{ id: 'cool-a', items: items('c', 'hamstring-stretch/seated', 'breath-reach/half') }],
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
      promisedMinutes: 30,
      room: { supportInReach: true, floorWork: false, kit: ['support', 'wall', 'band', 'dumbbell'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [
            { id: 'warm-a', items: items('w', 'march/free', 'shoulder-roll/standing', 'weight-shift/one-hand', 'hinge/free', 'step-touch/hold2') },
          ],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Load the bones',
          blocks: [
            {
              id: 'main-a',
              title: 'Legs',
              pauseAfter: 40,
              items: items('s', 'sit-to-stand/arms-crossed', 'heel-raise/one-hand', 'side-leg-lift/one-hand'),
            },
            { id: 'main-b', title: 'Arms and back', items: items('a', 'row/band-firm', 'overhead-press/standing', 'band-pull-apart/seat') },
            { id: 'main-c', title: 'Balance', items: items('b', 'steady-stand/one-leg-one-hand', 'march-hold/hold1') },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [{ id: 'cool-a', items: items('c', 'hamstring-stretch/seated', 'chest-open/low-v', 'breath-reach/full') }],
        },
      ],
    },
  },
  {
    key: 'mothers',
    weekday: 3,
    startTime: '18:00',
    plan: {
      version: 2,
      title: 'Lantern evening, before and after birth',
      promisedMinutes: 30,
      room: { supportInReach: true, floorWork: true, kit: ['support', 'wall', 'band', 'dumbbell', 'wedge', 'mat'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [{ id: 'warm-a', items: items('w', 'march/free', 'shoulder-roll/elbow', 'weight-shift/free', 'hinge/held') }],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'Strength with breath',
          blocks: [
            {
              id: 'main-a',
              title: 'Standing',
              pauseAfter: 40,
              items: items('s', 'sit-to-stand/hands', 'side-leg-lift/one-hand', 'squat/hold2', 'row/band-light', 'steady-stand/tandem'),
            },
            { id: 'main-b', title: 'On the mat', items: items('m', 'brace-reach/bird-dog', 'clam/sideLie', 'bridge/floor') },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [
            {
              id: 'cool-a',
              items: items('c', 'chest-open/low-v', 'hamstring-stretch/seated', 'breath-reach/half'),
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
      promisedMinutes: 25,
      room: { supportInReach: true, floorWork: true, kit: ['support', 'wall', 'band', 'dumbbell', 'mat'] },
      phases: [
        {
          id: 'warm',
          kind: 'warm-up',
          title: 'Warm up',
          blocks: [{ id: 'warm-a', items: items('w', 'march/free', 'weight-shift/free', 'hinge/free', 'arch-and-round/seat') }],
        },
        {
          id: 'main',
          kind: 'main',
          title: 'A strong middle',
          blocks: [
            {
              id: 'main-a',
              title: 'On the feet',
              pauseAfter: 30,
              items: items('s', 'sit-to-stand/arms-crossed', 'row/band-firm', 'squat/hold1', 'steady-stand/one-leg-one-hand'),
            },
            { id: 'main-b', title: 'On the mat', items: items('m', 'brace-reach/bird-dog', 'bridge/floor') },
          ],
        },
        {
          id: 'cool',
          kind: 'cool-down',
          title: 'Come down',
          blocks: [{ id: 'cool-a', items: items('c', 'hamstring-stretch/seated', 'chest-open/behind', 'breath-reach/seated') }],
        },
      ],
    },
  },
]
