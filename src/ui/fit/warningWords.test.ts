import { expect, test } from 'vitest'
import type { PlanWarning } from '@/core/evaluate'
import { neededKit, warningWords } from './warningWords'

const ITEMS: Record<string, string> = { a: 'Row', b: 'Row', c: 'Step touch' }
const nameOf = (item: string) => ITEMS[item] ?? item

test.each<[PlanWarning, string]>([
  [{ code: 'empty' }, 'Nothing is planned yet. Add a first movement below.'],
  [
    { code: 'overruns', bySeconds: 75, takes: [], fits: false },
    'With these people it runs 1:15 longer than promised. No set can be spared: take a movement out or promise more time.',
  ],
  [
    {
      code: 'overruns',
      bySeconds: 75,
      takes: [
        { item: 'a', sets: 1 },
        { item: 'c', sets: 2 },
      ],
      fits: true,
    },
    'With these people it runs 1:15 longer than promised. It would fit without one set of Row and 2 sets of Step touch.',
  ],
  [
    { code: 'overruns', bySeconds: 600, takes: [{ item: 'a', sets: 1 }], fits: false },
    'With these people it runs 10:00 longer than promised. It would be shorter, and still too long, without one set of Row.',
  ],
  [
    { code: 'warm-up-short', haveSeconds: 100, needSeconds: 240, from: ['heart'], person: 'Edda', gently: ['Edda'] },
    'Warming up takes 1:40; Edda needs 4:00 in a class of this length: 2:20 more of easy work up to effort 3. Until then Edda starts gently and joins the harder work later.',
  ],
  [
    { code: 'cool-down-short', haveSeconds: 60, needSeconds: 180, from: [], gently: [] },
    'Cooling down takes 1:00; this group needs 3:00 in a class of this length: 2:00 more of stretching, breathing or easy work up to effort 2.',
  ],
  [{ code: 'no-warm-up' }, 'Nothing easy comes first: the class begins above effort 3.'],
  [{ code: 'no-cool-down' }, 'Nothing brings the effort down at the end: after the last hard work comes no easy one.'],
  [
    { code: 'session-too-long', person: 'Edda', maxMinutes: 20, activeMinutes: 24, from: 'c' },
    'Edda should be active for 20 min at most: from Step touch on, rest or an early finish.',
  ],
  [{ code: 'floor-without-leave' }, 'Somebody goes to the floor, but this room allows no floor work.'],
  [
    { code: 'load-not-held', item: 'c', loadKg: 1.5 },
    'Step touch has 1.5 kg, but this version holds nothing: choose one that does, or take the load away.',
  ],
  [
    { code: 'kit-missing', item: 'a', kit: ['band', 'anchor'] },
    'Row needs bands and something fixed to tie a band to, which this room does not have.',
  ],
  // two items of one movement are one name, and so is what is said of it
  [
    { code: 'low-ceiling', items: ['a', 'b'], needCm: 250, haveCm: 230 },
    'Row reaches up to about 250 cm; the ceiling is at 230. Lower arms, or sit.',
  ],
  [
    { code: 'room-small', items: ['a', 'b', 'c'], needM2: 40, haveM2: 30 },
    'Row and Step touch need about 40 m² with these people; there are 30. Smaller steps, two rows in turn, or a version on the spot.',
  ],
  [
    { code: 'poor-footing', items: ['c'], footing: 'slippery' },
    'The ground is slippery: Step touch with a hand on something, without steps, or sitting.',
  ],
  [{ code: 'behind', items: ['c'] }, 'Nobody can safely step back in Step touch: turn the group, or put chairs behind it.'],
])('%j', (warning, words) => expect(warningWords(warning, nameOf, 'kg')).toBe(words))

test('a load is said in the unit of the house, and kit as one goes and gets it', () => {
  expect(warningWords({ code: 'load-not-held', item: 'a', loadKg: 2 }, nameOf, 'lb')).toContain('has 4 lb')
  expect(neededKit(['mat', 'step'])).toBe('mats and leave to go to the floor and a low step')
})
