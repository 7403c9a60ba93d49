import { MUSCLE_WORDS } from '@/content/muscleWords'
import type { Concession, GivenUp, MainForm, NoWay, Place, Why } from '@/core/compose'
import { QUALITIES, type Quality } from '@/core/coverage'
import { EVERYDAY_WORDS, QUALITY_WORDS } from '../design/coverageWords'
import { list, sentence } from '../shell/list'
import { percent } from '../shell/percent'

export const PLACE_WORDS: Record<Place, string> = { seat: 'on the chair', stand: 'on the feet', floor: 'on the floor', bed: 'on a bed' }

export const FORM_WORDS: Record<MainForm, string> = {
  sets: 'one after the other, in sets',
  pairs: 'in pairs, two sets in turn',
  'rounds-2': 'in two rounds',
  'rounds-3': 'in three rounds',
  clock: 'work and rest by the clock',
  sides: 'all of one side, then of the other',
  counts: 'counted to music, without a stop',
  phrases: 'its steps built up into patterns',
}

/** Why something stands in the class, after its name. */
export function whyWords(why: Why): string {
  switch (why.code) {
    case 'pinned':
      return 'you wished for it'
    case 'serves':
      return `for ${EVERYDAY_WORDS[why.use]}`
    case 'area':
      return `works the ${MUSCLE_WORDS[why.muscle]}`
    case 'goal':
      return `${why.minutes} min of ${QUALITY_WORDS[why.quality]}`
    case 'warm-up':
      return 'warms up without tiring'
    case 'cool-down':
      return 'lets go at the end'
    case 'muscles':
      return `works the ${list(why.muscles.map((muscle) => MUSCLE_WORDS[muscle]))}`
  }
}

/** What the brief asks and a class does not give, as a sentence. */
export function givenUpWords(given: GivenUp, nameOf: (movement: string) => string): string {
  switch (given.code) {
    case 'goal':
      return `${sentence(QUALITY_WORDS[given.quality])} is at ${percent(given.share)} of the wish.`
    case 'area':
      return `Nothing works the ${MUSCLE_WORDS[given.muscle]} first.`
    case 'serves':
      return `Nothing is for ${EVERYDAY_WORDS[given.use]}.`
    case 'lately':
      return `Done lately too: ${list(given.movements.map((movement) => nameOf(movement).toLowerCase()))}.`
  }
}

/** Of which quality there should be so many minutes, where a wish is that. */
const leastWished = (wish: string): Quality | undefined => QUALITIES.find((quality) => wish === `at least ${quality}`)

/** Something that is wished, as it stands in the brief. */
export function wishWords(wish: string, nameOf: (movement: string) => string): string {
  if (wish.startsWith('pinned ')) return `“${nameOf(wish.slice(7))}” in it`
  const asked = leastWished(wish)
  if (asked) return `so many minutes of ${QUALITY_WORDS[asked]}`
  switch (wish) {
    case 'minutes':
      return 'the minutes'
    case 'warm-up':
      return 'a warm-up as long as this group needs'
    case 'cool-down':
      return 'a cool-down as long as this group needs'
    case 'trips to the floor':
      return 'so few trips to the floor'
    case 'changes of position':
      return 'so few changes of position'
    case 'new movements':
      return 'so few new movements'
    case 'form':
      return 'a main part that runs like this'
    default:
      return wish
  }
}

/** The nearest class that there is: how far a wish gives way in it. */
export function concessionWords({ wish, by }: Concession, nameOf: (movement: string) => string): string {
  const many = Math.ceil(by)
  if (wish.startsWith('pinned ')) return `leave out “${nameOf(wish.slice(7))}”`
  const asked = leastWished(wish)
  if (asked) return `ask for ${by} min less of ${QUALITY_WORDS[asked]}`
  switch (wish) {
    case 'minutes':
      return `make it ${by} min longer or shorter`
    case 'trips to the floor':
      return `allow ${many} more ${many === 1 ? 'trip' : 'trips'} to the floor`
    case 'changes of position':
      return `allow ${many} more ${many === 1 ? 'change' : 'changes'} of position`
    case 'new movements':
      return `allow ${many} more new ${many === 1 ? 'movement' : 'movements'}`
    case 'form':
      return `let ${many} ${many === 1 ? 'movement' : 'movements'} fewer run like this in the main part`
    default:
      return `${wish}: ${by} min less than they need, which no class should`
  }
}

/** Why nothing is left of a movement that was wished for. */
export function noWayWords(because: NoWay): string {
  switch (because.code) {
    case 'unknown':
      return 'the library does not have it'
    case 'banned':
      return 'it is also to be left out'
    case 'place':
      return 'none of its versions is where this class may be'
    case 'kit':
      return 'the room has not what it needs'
    case 'effort':
      return `its gentlest version here is planned at effort ${because.rpe}`
    case 'resting':
      return 'its muscles were worked hard less than two days before'
    case 'people':
      return because.names.length > 0 ? `it has no version for ${list(because.names)}` : 'no number of versions side by side serves everybody'
  }
}
