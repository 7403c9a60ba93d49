import { type Band, bodyOfStature, REFERENCE_BODY } from '../body'
import { type BandAdvice, bandFor, type CatalogueEntry, demandsOf, encodeDemands } from '../movement'
import type { Prescription } from '../plan'
import type { Candidate } from '../safety'
import type { Kit } from '../vocabulary'

/** Kit that has a weight or a pull. */
const LOADED: ReadonlySet<Kit> = new Set(['dumbbell', 'band', 'ball', 'cuff'])
export const holdsLoad = ({ variant }: Pick<CatalogueEntry, 'variant'>): boolean => variant.kit.some((kit) => LOADED.has(kit))

const known = new WeakMap<object, Map<number, unknown>>()
/** The same load of the same thing is made once: what is judged is remembered by it. */
function once<T>(of: object, kg: number, make: () => T): T {
  const made = known.get(of) ?? new Map<number, unknown>()
  known.set(of, made)
  if (!made.has(kg)) made.set(kg, make())
  return made.get(kg) as T
}

/** An item as somebody does it who lifts something else in this movement than the plan says. */
export function withOwnLoad(planned: Prescription, ownLoads: Readonly<Record<string, number>> | undefined): Prescription {
  const kg = ownLoads?.[planned.movement]
  const { entry, side } = planned
  if (kg === undefined || !entry || !holdsLoad(entry) || kg === planned.dose.loadKg) return planned
  return once(planned, kg, (): Prescription => {
    const dose = { ...planned.dose, loadKg: kg }
    const demands = demandsOf(entry.movement, { ...entry.variant, side }, dose)
    return { ...planned, dose, demands, vector: encodeDemands(demands) }
  })
}

/** Another version of the movement, with no more than somebody lifts in it. @param kg of the person */
export function lightened(candidate: Candidate, entry: CatalogueEntry, kg: number): Candidate {
  if (!holdsLoad(entry) || candidate.planned.externalLoadKg <= kg) return candidate
  return once(candidate, kg, (): Candidate => {
    const planned = demandsOf(entry.movement, entry.variant, { ...entry.variant.dose, loadKg: kg })
    return { ...candidate, planned, vector: encodeDemands(planned) }
  })
}

/** The band that gives somebody the pull that they have in a version, at their height; nothing where it pulls no band. @param kg pull, as a mass */
export const ownBand = (
  { variant }: Pick<CatalogueEntry, 'variant'>,
  { statureCm }: { statureCm?: number | undefined },
  kg: number,
  bands: readonly Band[],
): BandAdvice | undefined => bandFor(variant, statureCm === undefined ? REFERENCE_BODY : bodyOfStature(statureCm), kg, bands)
