import type { PlanWarning } from '@/core/plan'
import { clock } from '@/core/timing'

/** A warning as a sentence. */
export function warningWords(warning: PlanWarning): string {
  switch (warning.code) {
    case 'empty':
      return 'Nothing is planned yet. Add a first movement below.'
    case 'overruns':
      return `It runs ${clock(warning.bySeconds)} longer than promised.`
    case 'warm-up-short':
    case 'cool-down-short':
      return `The ${warning.code === 'warm-up-short' ? 'warm-up' : 'cool-down'} has ${clock(warning.haveSeconds)}; ${warning.person ?? 'this group'} needs ${clock(warning.needSeconds)} in a class of this length.`
    case 'no-warm-up':
      return 'There is no warm-up.'
    case 'no-cool-down':
      return 'There is no cool-down.'
    case 'session-too-long':
      return `${warning.person} should be active ${warning.maxMinutes} min at most; plan a rest or an earlier finish.`
    case 'floor-without-leave':
      return 'Somebody goes to the floor, but this room allows no floor work.'
  }
}
