import { groupedBy } from '../vocabulary'
import { demandsOf, handsOf } from './computed'
import { encodeDemands, type PlannedDemands } from './demands'
import type { Movement, Variant } from './movement'

/** A variant with its place on the ladder and its encoded demands at the library dose. */
export interface CatalogueEntry {
  movement: Movement
  variant: Variant
  /** 0 = gentlest */
  step: number
  planned: PlannedDemands
  vector: Float64Array
  /** a chair to hold that its own kit brings */
  bringsSupport: boolean
  /** hands that can take a support, and how many of them carry a weight while there is one */
  hands: { free: number; loaded: number }
}

/** What stands in the place of a variant that is gone. */
export interface Successor {
  to: string
  /** why it is gone, in words that follow a colon */
  because: string
}

export interface Catalogue {
  movements: readonly Movement[]
  entries: readonly CatalogueEntry[]
  /** by id, and by the ids of variants that are gone: those give their successor */
  byId: ReadonlyMap<string, CatalogueEntry>
  successors: Readonly<Record<string, Successor>>
}

/**
 * Whether a version is done in a wheelchair of one's own. Nobody knows from a plan who sits in one, so it is offered where its movement is named, and
 * never put in the place of another.
 */
export const isInOwnWheelchair = ({ variant }: Pick<CatalogueEntry, 'variant'>): boolean => variant.props.includes('wheelchair')

/** Builds the searchable catalogue; the demands are computed once. @throws when an id is used twice or a successor is not there */
export function buildCatalogue(movements: readonly Movement[], successors: Catalogue['successors'] = {}): Catalogue {
  const entries = movements.flatMap((movement) =>
    movement.variants.map((variant, step): CatalogueEntry => {
      const planned = demandsOf(movement, variant)
      return {
        movement,
        variant,
        step,
        planned,
        vector: encodeDemands(planned),
        // a rail, a counter and a wall are of the room; a chair can be set in front
        bringsSupport: variant.kit.includes('support') && variant.props.includes('chairAhead'),
        hands: handsOf(movement, variant),
      }
    }),
  )
  const byId = new Map(entries.map((entry) => [entry.variant.id, entry]))
  if (byId.size !== entries.length) {
    const twice = entries.find((entry) => byId.get(entry.variant.id) !== entry)
    throw new Error(`variant id "${twice?.variant.id}" is used twice`)
  }
  for (const [gone, { to }] of Object.entries(successors)) {
    const entry = byId.get(to)
    if (!entry || byId.has(gone))
      throw new Error(`the successor of "${gone}" is "${to}", which ${entry ? 'replaces a variant that is there' : 'is not there'}`)
    byId.set(gone, entry)
  }
  return { movements, entries, byId, successors }
}

const ladders = new WeakMap<Catalogue, ReadonlyMap<string, readonly CatalogueEntry[]>>()
/** The ladder of a movement, gentlest first; the very same list each time, so that what is judged on it is remembered. */
export function ladderOf(catalogue: Catalogue, movementId: string): readonly CatalogueEntry[] {
  const known = ladders.get(catalogue) ?? groupedBy(catalogue.entries, ({ movement }) => movement.id)
  ladders.set(catalogue, known)
  return known.get(movementId) ?? []
}

/** A version as it is named beside a movement: by its own name, with that of its movement where it is another. A version that is gone keeps its id. */
export function versionName({ byId }: Pick<Catalogue, 'byId'>, variant: string, movement: string): string {
  const entry = byId.get(variant)
  if (!entry) return variant
  return entry.movement.name === movement ? entry.variant.name : `${entry.movement.name}, ${entry.variant.name}`
}
