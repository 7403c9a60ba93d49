import MiniSearch, { type SearchResult } from 'minisearch'

/** What can be found by words. What stands first counts most. */
export interface Sayable {
  id: string
  name: string
  /** other names of just this, with commas between */
  usual?: string
  /** words that lead to it, and to others */
  also?: string
  /** of this one among its kind */
  step?: string
  /** what it is for */
  text?: string
}

const FIELDS = ['name', 'usual', 'also', 'step', 'text'] as const
const BOOST = { name: 6, usual: 6, also: 3, step: 2, text: 1 }
const SAYS_NOTHING = new Set(['a', 'an', 'and', 'for', 'in', 'of', 'on', 'or', 'the', 'to', 'with'])
/** Shorter beginnings fit too much, and a slip in a short word is another word. */
const SHORTEST_BEGINNING = 3
const SHORTEST_WITH_SLIP = 5

/** A long list of other names makes none of them less right. */
const LENGTH_SAYS_LITTLE = { k: 1.2, b: 0.1, d: 0.5 }

const plain = (word: string) => word.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '')

/** One or many of a thing are the same thing. */
function singular(word: string): string {
  if (word.length < 3 || word === 'abs' || /(ss|us|is)$/.test(word)) return word
  if (/ies$/.test(word) && word.length > 4) return `${word.slice(0, -3)}y`
  if (/(ch|sh|x|ss)es$/.test(word)) return word.slice(0, -2)
  return word.replace(/s$/, '')
}
function term(word: string): string | null {
  const one = singular(plain(word))
  return SAYS_NOTHING.has(one) ? null : one
}

const split = (text: string) =>
  text
    .replace(/['’]s\b/gu, '')
    .split(/[^\p{L}\p{M}\p{N}]+/u)
    .filter(Boolean)
/** Words with a hyphen are found in two words, and written as one. */
const splitAndJoined = (text: string) => [
  ...split(text),
  ...(text.match(/[\p{L}\p{M}]+(-[\p{L}\p{M}]+)+/gu) ?? []).map((word) => word.replaceAll('-', '')),
]

const asTerms = (words: string) =>
  split(words)
    .flatMap((word) => term(word) ?? [])
    .join(' ')

/**
 * Finds by all of some words: whole, in the plural, with or without a hyphen, by their beginning, and with a slip in longer ones.
 *
 * @returns a function that gives the ids that fit, the best first, those that fit alike in the order given; of words that say nothing, all
 */
export function wordFinder(all: readonly Sayable[]): (words: string) => string[] {
  const index = new MiniSearch<Sayable>({
    fields: [...FIELDS],
    tokenize: splitAndJoined,
    processTerm: term,
    searchOptions: {
      tokenize: split,
      processTerm: term,
      boost: BOOST,
      combineWith: 'AND',
      weights: { prefix: 0.6, fuzzy: 0.2 },
      bm25: LENGTH_SAYS_LITTLE,
    },
  })
  index.addAll(all)
  const order = new Map(all.map(({ id }, at) => [id, at]))
  const names = new Map(all.map(({ id, name, usual = '' }) => [id, new Set([name, ...usual.split(',')].map(asTerms))]))
  return (words) => {
    if (split(words).every((word) => term(word) === null)) return all.map(({ id }) => id)
    // the last word may still be on its way
    const beginning = (word: string, at: number, terms: string[]) => word.length >= SHORTEST_BEGINNING || at === terms.length - 1
    const slips = (most: number) => (word: string) => (word.length >= SHORTEST_WITH_SLIP ? most : false)
    const once = index.search(words, { prefix: beginning, fuzzy: slips(1) })
    const found = once.length > 0 ? once : index.search(words, { prefix: beginning, fuzzy: slips(2) })
    const wanted = asTerms(words)
    // what is called just so comes before what has more to its name
    const just = ({ id, terms }: SearchResult) => Number(names.get(id)!.has(wanted) || names.get(id)!.has(terms.join(' ')))
    return found.sort((a, b) => just(b) - just(a) || b.score - a.score || order.get(a.id)! - order.get(b.id)!).map(({ id }) => String(id))
  }
}
