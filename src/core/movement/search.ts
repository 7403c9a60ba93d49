import type { Kit } from '../vocabulary'
import type { Catalogue } from './catalogue'
import { type BasePosition, familyOf } from './demands'
import type { Muscle } from './movement'

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

/** One line of the index: everything a search reads, made once. */
export interface IndexRow {
  movement: string
  text: string
  purpose: string
  muscles: readonly string[]
  variants: readonly { id: string; text: string; place: Place; kit: readonly Kit[] }[]
}

export const searchIndex = (catalogue: Catalogue): IndexRow[] =>
  catalogue.movements.map((movement) => ({
    movement: movement.id,
    text: [movement.name, movement.purpose, movement.everyday, movement.serves, ...movement.pattern, ...movement.main, ...movement.helping]
      .join(' ')
      .toLowerCase(),
    purpose: movement.purpose,
    muscles: [...movement.main, ...movement.helping],
    variants: catalogue.entries
      .filter((entry) => entry.movement.id === movement.id)
      .map(({ variant, planned }) => ({
        id: variant.id,
        text: `${variant.name} ${variant.step}`.toLowerCase(),
        place: placeOf(planned.basePosition),
        kit: variant.kit,
      })),
  }))

const ALWAYS_THERE: readonly Kit[] = ['chair']

/** Movements that fit, in the order of the library, each with the variants that fit. Words must all occur in the movement or one variant. */
export function search(index: readonly IndexRow[], query: MovementQuery): { movement: string; variants: string[] }[] {
  const words = query.words.toLowerCase().split(/\s+/).filter(Boolean)
  return index.flatMap((row) => {
    if (query.purpose && row.purpose !== query.purpose) return []
    if (query.muscle && !row.muscles.includes(query.muscle)) return []
    const variants = row.variants.filter(
      (variant) =>
        (!query.place || variant.place === query.place) &&
        (!query.kit || variant.kit.every((kit) => ALWAYS_THERE.includes(kit) || query.kit?.includes(kit))) &&
        (!query.only || query.only.has(variant.id)) &&
        words.every((word) => row.text.includes(word) || variant.text.includes(word)),
    )
    return variants.length > 0 ? [{ movement: row.movement, variants: variants.map(({ id }) => id) }] : []
  })
}
