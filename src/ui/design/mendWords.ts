import { MUSCLE_WORDS } from '@/content/muscleWords'
import type { Fitting, Mending } from '@/core/compose'
import type { Since, Trouble } from '@/core/evaluate'
import { clock } from '@/core/timing'
import type { FitView, Names } from '@/workers/designerContract'
import { neededKit, warningWords } from '../fit/warningWords'
import { list, lower, sentence } from '../shell/list'
import { QUALITY_WORDS } from './coverageWords'

const SINCE_WORDS: Record<Since, string> = {
  new: 'who is new on the list',
  today: 'after what was said at the door',
  record: 'whose record was changed',
}
const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine']
const countWords = (many: number): string => `${NUMBERS[many] ?? many} ${many === 1 ? 'thing' : 'things'}`

/** What stands over the troubles of a class. */
export function troublesTitle(troubles: readonly Trouble[], since: Readonly<Record<string, Since>>): string {
  const isNew = troubles.every((trouble) => trouble.code === 'nothing-for' && since[trouble.person] !== undefined)
  const many = troubles.length
  if (isNew) return `${countWords(many)} ${many === 1 ? 'has' : 'have'} changed since you planned`
  return `${countWords(many)} ${many === 1 ? 'does' : 'do'} not fit`
}

/** What does not fit, as a sentence. @param nameOf what an item is called */
export function troubleWords(trouble: Trouble, nameOf: (item: string) => string, since: Readonly<Record<string, Since>>): string {
  const names = [...new Set(trouble.items.map(nameOf))]
  const named = list(names)
  const one = names.length === 1
  switch (trouble.code) {
    case 'nothing-for': {
      const why = since[trouble.person]
      return `${trouble.name}${why ? `, ${SINCE_WORDS[why]},` : ''} has nothing to do in ${list(names.map(lower))}.`
    }
    case 'versions':
      return `${named} ${one ? 'needs' : 'need'} more versions side by side than the ${trouble.most === 1 ? 'one' : trouble.most} that you show.`
    case 'kit':
      return `${named} ${one ? 'needs' : 'need'} ${neededKit(trouble.kit)}, which this room does not have.`
    case 'kit-few':
      return `${named} ${one ? 'needs' : 'need'} ${neededKit([trouble.kit])} for ${trouble.people} at a time; here is enough for ${trouble.enoughFor}.`
    case 'floor':
      return `${named} ${one ? 'is' : 'are'} done on the floor, and this class stays off it.`
    default:
      return warningWords(trouble, nameOf, 'kg')
  }
}

/** A movement with its version, as one says it. */
export function versionWords(variant: string, names: Names): string {
  const known = names[variant]
  return known ? `${known.movement}, ${lower(known.name)}` : variant
}

/** What becomes of an item. */
export function mendingWords(does: Mending, item: string, names: Names): string {
  const version = (id: string) => lower(names[id]?.name ?? id)
  switch (does.code) {
    case 'version':
      return `${item}: ${version(does.to)} instead of ${version(does.from)}`
    case 'instead':
      return `${versionWords(does.to, names)}, in the place of ${lower(item)}`
    case 'levels-off':
      return `${item}: one version and no levels`
    case 'own-versions-off':
      return `${item}: all sets in the same version`
    case 'out':
      return `${item} is left out`
    case 'stays':
      return `${item} stays, and who has nothing there rests`
  }
}

/** One step to another length. @param blockOf what a block is called */
export function fittingWords(does: Fitting, nameOf: (item: string) => string, blockOf: (block: string) => string, names: Names): string {
  const items = 'items' in does ? list([...new Set(does.items.map(nameOf))]) : ''
  switch (does.code) {
    case 'sets':
      return `${items}: ${does.to} ${does.to === 1 ? 'set' : 'sets'} instead of ${does.from}`
    case 'work':
      return `${items}: ${does.to} s instead of ${does.from}`
    case 'rounds':
      return `${blockOf(does.block)}: ${does.to} ${does.to === 1 ? 'round' : 'rounds'} instead of ${does.from}`
    case 'out':
      return `${items} ${does.items.length === 1 ? 'is' : 'are'} left out`
    case 'words':
      return `Words in ${blockOf(does.block)}: ${does.to} s instead of ${does.from}`
    case 'block-out':
      return `${blockOf(does.block)} is left out`
    case 'added':
      return `${versionWords(does.variant, names)}, at the end of the main part`
  }
}

/** What a class of another length has more or less of. */
export function priceWords({ qualities, lost }: Pick<FitView, 'qualities' | 'lost'>): string[] {
  const changed = qualities.map(({ quality, before, after }) => `${QUALITY_WORDS[quality]} ${clock(before)} → ${clock(after)}`)
  return [
    ...(changed.length > 0 ? [`${sentence(list(changed))}.`] : []),
    ...(lost.length > 0 ? [`Nothing is meant for ${list(lost.map((muscle) => `the ${MUSCLE_WORDS[muscle]}`))} any more.`] : []),
  ]
}

/** Seconds more or less. */
export const moreOrLess = (seconds: number): string => `${seconds < 0 ? '−' : '+'}${clock(Math.abs(seconds))}`
