import type { CatalogueEntry } from '../movement'
import { kitOf, type PlanDraft, type Prescription } from '../plan'
import type { Kit } from '../vocabulary'
import type { Use } from './evaluate'

/** A kind of kit of which there is less than people need at a time. */
export interface KitFew {
  kit: Kit
  /** who need it at a time */
  people: number
  enoughFor: number
}

/**
 * Kit that the room has, though not for all who would have it at a time.
 *
 * @param taken what each who takes part uses
 */
export function kitFew(taken: readonly (readonly Kit[])[], { enoughFor }: Pick<PlanDraft['room'], 'enoughFor'>): KitFew[] {
  return Object.entries(enoughFor).flatMap(([name, most]): KitFew[] => {
    const kit = name as Kit
    const people = taken.filter((own) => own.includes(kit)).length
    return most !== undefined && people > most ? [{ kit, people, enoughFor: most }] : []
  })
}

/** What each who takes part has in an item. */
export const usedIn = (prescription: Prescription, uses: readonly Use[]): (readonly Kit[])[] =>
  uses.flatMap((use) => (use.kind === 'does' ? [use.option.entry ? use.option.entry.variant.kit : kitOf(prescription)] : []))

/** The same of versions that are only thought of. */
export const usedBy = (entries: readonly (CatalogueEntry | undefined)[]): (readonly Kit[])[] =>
  entries.flatMap((entry) => (entry ? [entry.variant.kit] : []))
