import type { ItemTurn, LimitTurn, Turn, Turning } from '@/core/progress'
import { LIMIT_MERGE } from '@/core/safety/condition'
import { list, lower, sentence } from '../shell/list'

const weeksWord = (weeks: number): string => (weeks === 1 ? '1 week' : `${weeks} weeks`)

/** What turned, as a part of a sentence after somebody's name. @param nameOf name of a condition by its slug */
export function turningWords(what: Turning, nameOf: (slug: string) => string): string {
  switch (what.kind) {
    case 'gestation':
      return what.weeks === undefined ? 'no longer pregnant by the record' : `${weeksWord(what.weeks)} pregnant`
    case 'after-birth':
      return what.weeks === undefined ? 'nothing is known of a birth any more' : `${weeksWord(what.weeks)} after the birth`
    case 'since':
      return `${lower(nameOf(what.condition))}: ${weeksWord(what.weeks)} ago`
    case 'letter':
      return what.counts ? `the letter for ${lower(nameOf(what.condition))} counts` : `the letter for ${lower(nameOf(what.condition))} has ended`
    case 'condition':
      return what.begins ? `${lower(nameOf(what.condition))} begins` : `${lower(nameOf(what.condition))} is over`
    case 'form':
      return 'the health questions are to be answered again'
    case 'age':
      return `${what.years} years old`
    case 'programme':
      return `${weeksWord(what.weeks)} in the programme`
    case 'word':
      return 'what was agreed for one movement has ended, or begins'
    case 'said':
      return 'what was said at the door has ended'
  }
}

/** A movement that turned: what is now to be done of it. */
function itemWords({ movement, is, becomes }: ItemTurn): string {
  const WORDS: Record<ItemTurn['is'], string> = {
    'as-planned': 'as planned',
    modify: becomes === 'other' ? 'adjusted otherwise' : 'adjusted',
    swap: becomes === 'other' ? 'another version than before' : 'another version',
    'leave-out': 'sits it out',
  }
  return `${movement} (${WORDS[is]})`
}

type LimitName = LimitTurn['limit']
const LIMIT_SAID: Record<LimitName, { name: string; amount: (value: number) => string }> = {
  rpeCap: { name: 'Effort', amount: (value) => `${value} of 10 at most` },
  holdMaxSec: { name: 'Holds', amount: (value) => `${value} s at most` },
  supineMaxMin: { name: 'Flat on the back', amount: (value) => (value === 0 ? 'not at all' : `${value} min at one go at most`) },
  maxMet: { name: 'Energy', amount: (value) => `${value} MET at most` },
  loadMaxKg: { name: 'Load', amount: (value) => `${value} kg at most` },
  sessionMaxMin: { name: 'Active', amount: (value) => `${value} min at most` },
  stretchMaxSec: { name: 'Stretches', amount: (value) => `${value} s at most` },
  restMult: { name: 'Rests', amount: (value) => `${value} times as long` },
  warmMin: { name: 'Warm-up', amount: (value) => `${value} min at least` },
  coolMin: { name: 'Cool-down', amount: (value) => `${value} min at least` },
  pauseSec: { name: 'Pause on rising', amount: (value) => `${value} s` },
}
/** A limit that came, changed or fell; where it was a number before, that is said too. */
function limitTurnWords({ limit, was, is }: LimitTurn): string {
  const { name, amount } = LIMIT_SAID[limit]
  // a factor of one and a least of nothing are no limits
  const none = (value: number | undefined) =>
    value === undefined || (limit === 'restMult' ? value <= 1 : LIMIT_MERGE[limit] === 'highest' && value === 0)
  if (is === undefined || none(is)) return `${name}: no limit of their own any more.`
  return `${name}: ${amount(is)}${was === undefined || none(was) ? '' : `, ${amount(was)} before`}.`
}

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']
const counted = (many: number, one: string, several: string): string => `${COUNTS[many] ?? many} ${many === 1 ? one : several}`

/** What follows for the plan, in sentences; what a person must not do any more comes first. */
export function effectWords({ closes, opens, items, limits }: Turn): string[] {
  if (closes !== undefined) return [`Not before this is settled: ${closes}`]
  const of = (becomes: ItemTurn['becomes']) => items.filter((item) => item.becomes === becomes)
  const [stricter, easier, other] = [of('stricter'), of('easier'), of('other')]
  const said = (some: readonly ItemTurn[], words: string) =>
    some.length === 0 ? [] : [`${sentence(counted(some.length, 'movement', 'movements'))} ${words}: ${list(some.map(itemWords))}.`]
  return [
    ...(opens ? ['May take part again.'] : []),
    ...said(stricter, 'with more care'),
    ...limits.filter(({ tighter }) => tighter).map(limitTurnWords),
    ...said(easier, 'with less'),
    ...limits.filter(({ tighter }) => !tighter).map(limitTurnWords),
    ...said(other, 'otherwise'),
  ]
}

/** Why, after somebody's name. */
export const causeWords = ({ causes }: Turn, nameOf: (slug: string) => string): string =>
  causes.length === 0 ? 'by what the others need' : list(causes.map((what) => turningWords(what, nameOf)))
