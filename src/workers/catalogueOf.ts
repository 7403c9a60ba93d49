import { LIBRARY } from '@/content/movements'
import { SPOKEN } from '@/content/movements/spoken'
import type { Drawing } from '@/core/body'
import { type Catalogue, pictureOf, type SearchIndex, searchIndex, type Variant, withOwn } from '@/core/movement'
import type { StoredOwn } from './designerContract'

let last: { own: readonly StoredOwn[]; catalogue: Catalogue } = { own: [], catalogue: LIBRARY }

/** The library with these own movements; they are measured once while they stay the same. */
export function catalogueOf(own: readonly StoredOwn[]): Catalogue {
  if (own !== last.own && JSON.stringify(own) !== JSON.stringify(last.own)) last = { own, catalogue: withOwn(LIBRARY, own) }
  return last.catalogue
}

const indices = new WeakMap<Catalogue, SearchIndex>()

/** Of a catalogue, built once. */
export function indexOf(catalogue: Catalogue): SearchIndex {
  const index = indices.get(catalogue) ?? searchIndex(catalogue, SPOKEN)
  indices.set(catalogue, index)
  return index
}

const drawings = new WeakMap<Variant, Drawing>()

/** The picture of a version, drawn once. */
export function drawingOf(variant: Variant): Drawing {
  const drawing = drawings.get(variant) ?? pictureOf(variant)
  drawings.set(variant, drawing)
  return drawing
}
