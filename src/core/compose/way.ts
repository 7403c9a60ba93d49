import { type Quality, qualityOf } from '../coverage'
import type { CatalogueEntry, EverydayFunction, Muscle } from '../movement'
import type { Prescription } from '../plan'
import { levelOf } from '../timing'
import type { Place } from './brief'

/** Parts of a composed class. */
export const PARTS = ['warm-up', 'main', 'cool-down'] as const
export type Part = (typeof PARTS)[number]

/** A movement as a whole class would do it: the planned version and dose, and what the others take beside it. */
export interface Way {
  /** variant and sets: "squat/free ×2" */
  id: string
  movement: string
  variant: string
  sets: number
  parts: readonly Part[]
  /** stands with its neighbours in a block of the form that the main part has; otherwise by itself, in sets */
  isTogether: boolean
  /** of the whole item with its rests, showing and sides; ways to it are not in it */
  seconds: number
  workSeconds: number
  /** so much longer its work by the clock may be, s; the seconds around it stay */
  mostExtra: number
  /** work and the rests in it, s: what a cool-down is counted by (rule base 5.5) */
  quietSeconds: number
  /** work that trains, s: that of somebody who could do a higher step counts by how far up their own ladder they are, mean over the people */
  trainingSeconds: number
  /** what is changed, and versions that are shown beside the first, mean over the people */
  loss: number
  place: Place
  /** what is in the hands or under the feet; '' = nothing to fetch */
  kit: string
  quality: Quality
  serves: EverydayFunction
  /** movements that go well before or after it: the opposite, or the same in another way */
  partners: readonly string[]
  main: readonly Muscle[]
  helping: readonly Muscle[]
  rpe: number
  isNew: boolean
  wasLately: boolean
  /** versions shown, the planned one first */
  shown: readonly string[]
  prescription: Prescription
}

/** Effort that warm-up and cool-down stay under (rule base 5.5), 0 to 10. */
export const PART_RPE: Readonly<Record<Part, number>> = { 'warm-up': 3, main: 10, 'cool-down': 2 }
/** From this effort on work is hard for its muscles. */
export const HARD_RPE = 5
/** What a warm-up may do for longer than a set. */
export const AT_EASE: ReadonlySet<Quality> = new Set(['heart', 'mobility'])

export const placeOf = ({ planned }: CatalogueEntry): Place => levelOf(planned.basePosition)

/** What belongs into which part: a warm-up moves, a cool-down lets go. */
const PART_QUALITIES: Readonly<Record<Part, ReadonlySet<Quality>>> = {
  'warm-up': new Set(['heart', 'mobility', 'skill']),
  main: new Set(['strength', 'balance', 'power', 'heart', 'mobility', 'skill']),
  'cool-down': new Set(['stretch', 'calm', 'mobility']),
}

/** Parts in which a movement has its place. */
export function partsOf({ movement, planned }: CatalogueEntry): Part[] {
  const quality = qualityOf(movement.purpose)
  const fits = PARTS.filter((part) => planned.intendedRpe <= PART_RPE[part] && PART_QUALITIES[part].has(quality))
  switch (movement.phase) {
    case 'warm-up':
      return fits.filter((part) => part === 'warm-up')
    case 'main':
      return fits.filter((part) => part === 'main')
    case 'cool-down':
      return fits.filter((part) => part === 'cool-down')
    case 'any':
      return fits
  }
}
