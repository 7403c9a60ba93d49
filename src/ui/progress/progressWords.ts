import type { Because, ProgressStep } from '@/core/progress'
import { type Day, type MassUnit, sayMass } from '@/core/vocabulary'
import { dayAndMonth } from '../shell/days'

const on = (day: Day): string => `on ${dayAndMonth(day)}`
const both = ([one, other]: readonly [Day, Day]): string => `on ${dayAndMonth(one)} and ${dayAndMonth(other)}`

/** The evidence, in one sentence. */
export function becauseWords(because: Because): string {
  switch (because.rule) {
    case 'stopped':
      return `Had to stop ${on(because.day)}.`
    case 'bad-days':
      return `Two bad days running: pain the day after was two or more above usual ${both(because.days)}.`
    case 'near-fall':
      return `Nearly fell ${on(because.day)}.`
    case 'pain-high':
      return `Pain of ${because.pain} of 10 in class ${on(because.day)}.`
    case 'next-day':
      return `Pain of ${because.pain} the day after ${dayAndMonth(because.day)}, where ${because.usual} is usual.`
    case 'form-lost':
      return `Lost form ${on(because.day)}.`
    case 'over-cap':
      return `Above effort ${because.cap} of 10 ${both(because.days)}.`
    case 'away':
      return `Missed ${because.missedWeeks === 1 ? 'a week' : `${because.missedWeeks} weeks`}.`
    case 'never':
      return 'With what is on file nothing is made harder by a log.'
    case 'settling':
      return `The day after ${dayAndMonth(because.day)} was bad: a level less for two classes.`
    case 'pain-some':
      return `Pain of ${because.pain} of 10 ${on(because.day)}: bearable, and nothing is added.`
    case 'new':
      return `Could have done more, and is in week ${Math.max(1, because.weeks)}: nothing is added in the first four.`
    case 'not-told': {
      const what = { exertion: 'how hard it was', 'pain-during': 'about pain in class', 'pain-next-day': 'how it was the day after' }[because.what]
      return `Could have done two more twice running; nobody has noted ${what} ${on(because.day)}.`
    }
    case 'two-for-two':
      return `Could have done two more ${both(because.days)}, in good form, without more pain then or the day after.`
    case 'steady':
      return because.times === 1 ? 'Done once.' : `Done ${because.times} times; nothing stands out.`
  }
}

/** What it means, as one does it. @param nameOf name of a version by its id @param share of sets and repetitions, where there is to be less */
export function stepWords(step: ProgressStep, share: number, unit: MassUnit, nameOf: (variant: string) => string): string {
  switch (step.kind) {
    case 'load':
      if (step.band) {
        const { name, gripCm, doubled } = step.band
        const [to, from] = [sayMass(step.toKg, unit), sayMass(step.fromKg, unit)]
        return `The band ${name}${doubled ? ', doubled' : ''}, ${gripCm} cm between the grips: a pull of ${to} in place of ${from}.`
      }
      return step.overTenth
        ? `More repetitions with ${sayMass(step.fromKg, unit)} first, up to twelve; then ${sayMass(step.toKg, unit)}.`
        : `${sayMass(step.toKg, unit)} in place of ${sayMass(step.fromKg, unit)}.`
    case 'variant':
      return `${nameOf(step.variant)}.`
    case 'less':
      return share < 1 ? `About ${Math.round(share * 100)} % of the sets and repetitions, and build up again.` : 'A set or some repetitions less.'
    case 'top':
      return 'The last step of its ladder: another movement, or more of it.'
  }
}
