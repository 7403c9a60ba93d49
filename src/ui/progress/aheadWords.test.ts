import { expect, test } from 'vitest'
import type { Turn } from '@/core/progress'
import { causeWords, effectWords } from './aheadWords'

const turn = (more: Partial<Turn>): Turn => ({ day: '2026-12-09', person: 'p', name: 'Petra', causes: [], items: [], limits: [], ...more })
const nameOf = () => 'Hip replacement'

test('causes read as what the calendar says, together as one sentence', () => {
  expect(causeWords(turn({ causes: [{ kind: 'gestation', weeks: 28 }] }), nameOf)).toBe('28 weeks pregnant')
  expect(
    causeWords(
      turn({
        causes: [
          { kind: 'since', condition: 'x', weeks: 12 },
          { kind: 'letter', condition: 'x', counts: false },
        ],
      }),
      nameOf,
    ),
  ).toBe('hip replacement: 12 weeks ago and the letter for hip replacement has ended')
  expect(causeWords(turn({}), nameOf)).toBe('by what the others need')
})

test('what must be done with more care comes before what may be done with less', () => {
  const item = { item: 'a', movement: 'Row' }
  expect(
    effectWords(
      turn({
        items: [
          { ...item, was: 'swap', is: 'as-planned', becomes: 'easier' },
          { ...item, movement: 'Squat', was: 'as-planned', is: 'leave-out', becomes: 'stricter' },
          { ...item, movement: 'March', was: 'modify', is: 'modify', becomes: 'other' },
        ],
        limits: [
          { limit: 'holdMaxSec', tighter: false, was: 10 },
          { limit: 'rpeCap', tighter: true, was: 6, is: 5 },
        ],
      }),
    ),
  ).toEqual([
    'One movement with more care: Squat (sits it out).',
    'Effort: 5 of 10 at most, 6 of 10 at most before.',
    'One movement with less: Row (as planned).',
    'Holds: no limit of their own any more.',
    'One movement otherwise: March (adjusted otherwise).',
  ])
})

test('whoever may not take part is told why, and nothing else', () => {
  expect(effectWords(turn({ closes: 'A word first.', items: [] }))).toEqual(['Not before this is settled: A word first.'])
  expect(effectWords(turn({ opens: true }))).toEqual(['May take part again.'])
})
