import { MUSCLE_WORDS } from '@/content/muscleWords'
import type { CoverageHint, Quality } from '@/core/coverage'
import type { ClassModel } from '@/core/evaluate'
import type { EverydayFunction } from '@/core/movement'
import type { Edit } from '@/core/plan'
import { clock } from '@/core/timing'

export const QUALITY_WORDS: Record<Quality, string> = {
  strength: 'strength',
  balance: 'balance',
  power: 'power',
  heart: 'heart and breath',
  mobility: 'moving easily',
  stretch: 'stretching',
  skill: 'remembering steps',
  calm: 'calming down',
}
export const EVERYDAY_WORDS: Record<EverydayFunction, string> = {
  'getting-up': 'getting up',
  walking: 'walking',
  stairs: 'stairs',
  'staying-steady': 'staying steady',
  turning: 'turning',
  'looking-round': 'looking round',
  reaching: 'reaching',
  lifting: 'lifting and carrying',
  hands: 'hands',
  dressing: 'dressing',
  'moving-in-bed': 'moving in bed',
  'to-the-floor': 'to the floor and back',
  'standing-tall': 'standing tall',
  'calming-down': 'calming down',
}
const sets = (n: number) => (n === 1 ? 'one set' : `${n} sets`)

/** What is worth a look, as a sentence. @param nameOf what an item is called */
export function hintWords(hint: CoverageHint, nameOf: (item: string) => string): string {
  switch (hint.code) {
    case 'same-muscles':
      return `${nameOf(hint.item)} works the ${hint.muscles.map((muscle) => MUSCLE_WORDS[muscle]).join(' and ')} again ${hint.afterSeconds} s after ${nameOf(hint.before)}: a minute between is kinder, or something else in between.`
    case 'short-rest':
      return `${nameOf(hint.item)}: ${hint.restSeconds} s between hard sets of the same muscles; ${hint.needSeconds} s is the usual.`
    case 'hold-early':
      return `${nameOf(hint.item)} is held for ${hint.holdSeconds} s before the work it would weaken a little: after it is better.`
    case 'hardest-late':
      return `${nameOf(hint.item)} is the hardest of all and comes last, when people are tired.`
    case 'more-new':
      return `${hint.have} movements are new to this group; ${hint.most} at a time is what most take in.`
    case 'push-without-pull':
      return `${sets(hint.sets)} of pushing and ${hint.other === 0 ? 'none' : sets(hint.other)} of pulling.`
    case 'pull-without-push':
      return `${sets(hint.sets)} of pulling and ${hint.other === 0 ? 'none' : sets(hint.other)} of pushing.`
    case 'one-side':
      return `${nameOf(hint.item)} is done on the ${hint.side} only.`
    case 'sitting-long':
      return `From ${clock(hint.fromSeconds)} on everybody sits for ${clock(hint.seconds)} without getting up.`
    case 'standing-long':
      return `From ${clock(hint.fromSeconds)} on everybody stands for ${clock(hint.seconds)} without sitting down.`
    case 'lying-long':
      return `From ${clock(hint.fromSeconds)} on everybody lies on the back for ${clock(hint.seconds)}.`
    case 'nothing-for':
      return `Nothing for ${QUALITY_WORDS[hint.quality]} yet.`
  }
}

/** A change that would mend it, with what it does; undefined where there is no one answer. */
export function hintMend(hint: CoverageHint, model: ClassModel, nameOf: (item: string) => string): { words: string; edit: Edit } | undefined {
  const doseOf = (id: string) => model.items.find(({ id: item }) => item === id)?.planDose
  switch (hint.code) {
    case 'short-rest': {
      const otherwise = doseOf(hint.item)
      return (
        otherwise && {
          words: `Rest ${hint.needSeconds} s`,
          edit: { kind: 'change-dose', item: hint.item, part: { restSeconds: hint.needSeconds }, otherwise },
        }
      )
    }
    case 'same-muscles': {
      const otherwise = doseOf(hint.before)
      return (
        otherwise && {
          words: `A minute after ${nameOf(hint.before)}`,
          edit: { kind: 'change-dose', item: hint.before, part: { restAfterSeconds: 60 }, otherwise },
        }
      )
    }
    case 'one-side': {
      const otherwise = doseOf(hint.item)
      return (
        otherwise && {
          words: 'Both, one after the other',
          edit: { kind: 'change-dose', item: hint.item, part: { sides: 'one-then-other' }, otherwise },
        }
      )
    }
    default:
      return undefined
  }
}
