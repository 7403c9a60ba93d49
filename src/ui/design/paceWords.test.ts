import { expect, test } from 'vitest'
import { minutesWords, rangeWords, ratesWords, restsOn } from './paceWords'

test('what a forecast rests on', () => expect([0, 1, 24].map(restsOn)).toEqual(['house estimate', 'your pace, 1 class', 'your pace, 24 classes']))

test('a range reads as times', () => expect(rangeWords({ seconds: 2700, lowSeconds: 2601, highSeconds: 2799 })).toBe('43:21 to 46:39'))

test('and as minutes that hold it', () => {
  expect(minutesWords({ seconds: 2700, lowSeconds: 2601, highSeconds: 2799 })).toBe('43 to 47 min')
  expect(minutesWords({ seconds: 600, lowSeconds: 600, highSeconds: 600 })).toBe('10 min')
})

test('a pace against that of the house', () =>
  expect(ratesWords({ counted: 0.88, held: 1.004, between: 1.2 })).toBe(
    'Counted repetitions 12 % quicker, holds as the house says, what is between 20 % slower',
  ))
