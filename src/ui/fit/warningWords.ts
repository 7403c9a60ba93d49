import type { PlanWarning } from '@/core/evaluate'
import { clock } from '@/core/timing'
import type { Kit } from '@/core/vocabulary'
import { type MassUnit, sayMass } from '@/core/vocabulary'
import { list } from '../shell/list'

export const KIT_WORDS: Record<Kit, string> = {
  chair: 'chairs',
  armchair: 'chairs with arms',
  support: 'something to hold',
  wall: 'a free wall in reach',
  table: 'a table',
  mat: 'mats and leave to go to the floor',
  bed: 'a bed or bench',
  wedge: 'wedges',
  dumbbell: 'weights',
  band: 'bands',
  anchor: 'something fixed to tie a band to',
  ball: 'light balls',
  cuff: 'cuff weights',
  towel: 'towels',
  step: 'a low step',
  stick: 'light sticks',
  pedals: 'pedals',
  'big-ball': 'large balls to sit on',
  trampoline: 'mini-trampolines with a frame',
}

/** Kit as a list in a sentence. */
export const neededKit = (kit: readonly Kit[]): string => list(kit.map((one) => KIT_WORDS[one]))

/** A warning as a sentence. @param nameOf what an item is called */
export function warningWords(warning: PlanWarning, nameOf: (item: string) => string, unit: MassUnit): string {
  const named = (items: readonly string[]) => [...new Set(items.map(nameOf))]
  // two items of one movement are said once
  const isOne = (items: readonly string[]) => named(items).length === 1
  switch (warning.code) {
    case 'empty':
      return 'Nothing is planned yet. Add a first movement below.'
    case 'overruns': {
      const takes = warning.takes.map(({ item, sets }) => `${sets === 1 ? 'one set' : `${sets} sets`} of ${nameOf(item)}`)
      const runs = `With these people it runs ${clock(warning.bySeconds)} longer than promised.`
      if (takes.length === 0) return `${runs} No set can be spared: take a movement out or promise more time.`
      return `${runs} ${warning.fits ? 'It would fit' : 'It would be shorter, and still too long,'} without ${list(takes)}.`
    }
    case 'warm-up-short':
    case 'cool-down-short': {
      const part = warning.code === 'warm-up-short' ? 'Warming up' : 'Cooling down'
      const fill = warning.code === 'warm-up-short' ? 'easy work up to effort 3' : 'stretching, breathing or easy work up to effort 2'
      const gently =
        warning.code === 'warm-up-short' && warning.gently.length > 0
          ? ` Until then ${list(warning.gently)} ${warning.gently.length === 1 ? 'starts gently and joins' : 'start gently and join'} the harder work later.`
          : ''
      return `${part} takes ${clock(warning.haveSeconds)}; ${warning.person ?? 'this group'} needs ${clock(warning.needSeconds)} in a class of this length: ${clock(warning.needSeconds - warning.haveSeconds)} more of ${fill}.${gently}`
    }
    case 'no-warm-up':
      return 'Nothing easy comes first: the class begins above effort 3.'
    case 'no-cool-down':
      return 'Nothing brings the effort down at the end: after the last hard work comes no easy one.'
    case 'session-too-long':
      return `${warning.person} should be active for ${warning.maxMinutes} min at most: from ${nameOf(warning.from)} on, rest or an early finish.`
    case 'floor-without-leave':
      return 'Somebody goes to the floor, but this room allows no floor work.'
    case 'replaced':
      return `${nameOf(warning.item)} stands here in place of a version that is gone: ${warning.because}.`
    case 'load-not-held':
      return `${nameOf(warning.item)} has ${sayMass(warning.loadKg, unit)}, but this version holds nothing: choose one that does, or take the load away.`
    case 'kit-missing':
      return `${nameOf(warning.item)} needs ${neededKit(warning.kit)}, which this room does not have.`
    case 'low-ceiling':
      return `${list(named(warning.items))} ${isOne(warning.items) ? 'reaches' : 'reach'} up to about ${warning.needCm} cm; the ceiling is at ${warning.haveCm}. Lower arms, or sit.`
    case 'room-small':
      return `${list(named(warning.items))} ${isOne(warning.items) ? 'needs' : 'need'} about ${warning.needM2} m² with these people; there are ${warning.haveM2}. Smaller steps, two rows in turn, or a version on the spot.`
    case 'poor-footing':
      return `The ground is ${warning.footing}: ${list(named(warning.items))} with a hand on something, without steps, or sitting.`
    case 'behind':
      return `Nobody can safely step back in ${list(named(warning.items))}: turn the group, or put chairs behind it.`
    case 'outdoors':
      return 'Outdoors: shade and water at hand, dry and even ground, loads and bands off the path, and a voice that carries.'
  }
}
