import { describe, expect, test } from 'vitest'
import type { Concession, GivenUp, NoWay, Why } from '@/core/compose'
import { concessionWords, givenUpWords, noWayWords, whyWords, wishWords } from './composeWords'

const NAMES: Record<string, string> = { squat: 'Squat', march: 'March', 'down-and-up': 'Down to the floor and up' }
const nameOf = (movement: string) => NAMES[movement] ?? movement

test.each<[Why, string]>([
  [{ code: 'pinned' }, 'you wished for it'],
  [{ code: 'serves', use: 'getting-up' }, 'for getting up'],
  [{ code: 'area', muscle: 'quadriceps' }, 'works the front of the thigh'],
  [{ code: 'goal', quality: 'heart', minutes: 2.5 }, '2.5 min of heart and breath'],
  [{ code: 'warm-up' }, 'warms up without tiring'],
  [{ code: 'cool-down' }, 'lets go at the end'],
  [{ code: 'muscles', muscles: ['quadriceps', 'glutes'] }, 'works the front of the thigh and buttocks'],
])('why it is there: %j', (why, words) => expect(whyWords(why)).toBe(words))

test.each<[GivenUp, string]>([
  [{ code: 'goal', quality: 'strength', share: 0.604 }, 'Strength is at 60\u00a0% of the wish.'],
  [{ code: 'area', muscle: 'quadriceps' }, 'Nothing works the front of the thigh first.'],
  [{ code: 'serves', use: 'walking' }, 'Nothing is for walking.'],
  [{ code: 'lately', movements: ['march', 'squat'] }, 'Done lately too: march and squat.'],
])('what was given up: %j', (given, words) => expect(givenUpWords(given, nameOf)).toBe(words))

describe('wishes that clash', () => {
  test.each([
    ['minutes', 'the minutes'],
    ['warm-up', 'a warm-up as long as this group needs'],
    ['cool-down', 'a cool-down as long as this group needs'],
    ['trips to the floor', 'so few trips to the floor'],
    ['changes of position', 'so few changes of position'],
    ['new movements', 'so few new movements'],
    ['pinned squat', '“Squat” in it'],
  ])('%s', (wish, words) => expect(wishWords(wish, nameOf)).toBe(words))

  test.each<[Concession, string]>([
    [{ wish: 'minutes', by: 4.5 }, 'make it 4.5 min longer or shorter'],
    [{ wish: 'trips to the floor', by: 1 }, 'allow 1 more trip to the floor'],
    [{ wish: 'changes of position', by: 2 }, 'allow 2 more changes of position'],
    [{ wish: 'new movements', by: 2.2 }, 'allow 3 more new movements'],
    [{ wish: 'new movements', by: 0.4 }, 'allow 1 more new movement'],
    [{ wish: 'pinned squat', by: 1 }, 'leave out “Squat”'],
    [{ wish: 'warm-up', by: 3 }, 'warm-up: 3 min less than they need, which no class should'],
  ])('the nearest: %j', (concession, words) => expect(concessionWords(concession, nameOf)).toBe(words))
})

test.each<[NoWay, string]>([
  [{ code: 'unknown' }, 'the library does not have it'],
  [{ code: 'banned' }, 'it is also to be left out'],
  [{ code: 'place' }, 'none of its versions is where this class may be'],
  [{ code: 'kit' }, 'the room has not what it needs'],
  [{ code: 'effort', rpe: 5 }, 'its gentlest version here is planned at effort 5'],
  [{ code: 'resting' }, 'its muscles were worked hard less than two days before'],
  [{ code: 'people', names: ['Alba', 'Edda'] }, 'it has no version for Alba and Edda'],
  [{ code: 'people', names: [] }, 'no number of versions side by side serves everybody'],
])('why nothing is left of it: %j', (because, words) => expect(noWayWords(because)).toBe(words))
