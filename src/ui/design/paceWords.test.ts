import { expect, test } from 'vitest'
import { rangeWords, ratesWords, restsOn } from './paceWords'

test('what a forecast rests on', () => expect([0, 1, 24].map(restsOn)).toEqual(['house estimate', 'your pace, 1 class', 'your pace, 24 classes']))

test('a range reads as times', () => expect(rangeWords({ seconds: 2700, lowSeconds: 2601, highSeconds: 2799 })).toBe('43:21 to 46:39'))

test('a pace against that of the house', () =>
  expect(ratesWords({ counted: 0.88, held: 1.004, between: 1.2 })).toBe(
    'Counted repetitions 12 % quicker, holds as the house says, what is between 20 % slower',
  ))
