import type { Kit } from '../vocabulary'
import type { Catalogue, CatalogueEntry } from './catalogue'
import { type BasePosition, familyOf } from './demands'
import type { Muscle } from './movement'
import { type Sayable, wordFinder } from './words'

/** What somebody looks for; left out = does not matter. */
export interface MovementQuery {
  words: string
  purpose?: string
  muscle?: Muscle
  /** where the person is held */
  place?: Place
  /** kit that is there; a variant that needs other kit does not count */
  kit?: readonly Kit[]
  /** variants that may be done, e.g. by the people of a class */
  only?: ReadonlySet<string>
}

export const PLACES = ['chair', 'standing', 'bed', 'floor'] as const
export type Place = (typeof PLACES)[number]

export function placeOf(base: BasePosition): Place {
  if (base.startsWith('bed-')) return 'bed'
  const family = familyOf(base)
  return family === 'seated' ? 'chair' : family === 'standing' ? 'standing' : 'floor'
}

/** One movement as a search reads it. */
interface IndexRow {
  movement: string
  purpose: string
  muscles: readonly string[]
  variants: readonly { id: string; place: Place; kit: readonly Kit[] }[]
}
/** Everything a search reads, made once. */
export interface SearchIndex {
  rows: readonly IndexRow[]
  /** variants by words, the best first */
  byWords: (words: string) => string[]
}

/** @param spoken what else people call a movement, by its id */
export const searchIndex = (catalogue: Catalogue, spoken: Readonly<Record<string, string>> = {}): SearchIndex => ({
  byWords: wordFinder(catalogue.entries.map((entry) => sayable(entry, spoken))),
  rows: catalogue.movements.map((movement) => ({
    movement: movement.id,
    purpose: movement.purpose,
    muscles: [...movement.main, ...movement.helping],
    variants: catalogue.entries
      .filter((entry) => entry.movement.id === movement.id)
      .map(({ variant, planned }) => ({ id: variant.id, place: placeOf(planned.basePosition), kit: variant.kit })),
  })),
})

/** What stands before a semicolon is a usual name. */
function namesIn(spoken: string) {
  const [first = '', second] = spoken.split(';')
  return second === undefined ? { usual: '', also: first } : { usual: first, also: second }
}

/** A variant as it is found by words. */
export const sayable = ({ movement, variant }: CatalogueEntry, spoken: Readonly<Record<string, string>>): Required<Sayable> => ({
  id: variant.id,
  name: movement.name,
  ...namesIn(spoken[movement.id] ?? ''),
  step: `${variant.name} ${variant.step}`,
  text: [movement.purpose, movement.everyday, movement.serves, ...movement.pattern, ...movement.main, ...movement.helping].join(' '),
})

const ALWAYS_THERE: readonly Kit[] = ['chair']

/** Movements that fit, the best by words first, then in the order of the library, each with the variants that fit. */
export function search({ rows, byWords }: SearchIndex, query: MovementQuery): { movement: string; variants: string[] }[] {
  const rank = new Map(byWords(query.words).map((id, at) => [id, at]))
  return rows
    .flatMap((row) => {
      if (query.purpose && row.purpose !== query.purpose) return []
      if (query.muscle && !row.muscles.includes(query.muscle)) return []
      const variants = row.variants.filter(
        (variant) =>
          (!query.place || variant.place === query.place) &&
          (!query.kit || variant.kit.every((kit) => ALWAYS_THERE.includes(kit) || query.kit?.includes(kit))) &&
          (!query.only || query.only.has(variant.id)) &&
          rank.has(variant.id),
      )
      return variants.length > 0
        ? [{ movement: row.movement, variants: variants.map(({ id }) => id), best: Math.min(...variants.map(({ id }) => rank.get(id)!)) }]
        : []
    })
    .sort((a, b) => a.best - b.best)
    .map(({ movement, variants }) => ({ movement, variants }))
}
