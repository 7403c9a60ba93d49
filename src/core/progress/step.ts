import { type Band, GRAVITY } from '../body'
import { ownBand } from '../evaluate'
import { type Catalogue, type CatalogueEntry, demandsOf, encodeDemands } from '../movement'
import { type Assessment, demandingHits, type Judgement, judge } from '../safety'
import type { Progression } from './progression'

/** What somebody did last in a movement. */
export interface Done {
  entry: CatalogueEntry
  /** lifted, kg a hand or limb */
  kg?: number
}

/** What going up or down means: one thing at a time (rule base 5.2). */
export type ProgressStep =
  /** the next pair of weights, or another grip or band; `overTenth`: more than the ten per cent of U1, so repetitions come first */
  | { kind: 'load'; fromKg: number; toKg: number; overTenth: boolean; band?: GrippedBand }
  | { kind: 'variant'; variant: string }
  /** there is nothing gentler: fewer sets and repetitions */
  | { kind: 'less' }
  /** there is nothing harder in this ladder */
  | { kind: 'top' }

/** A band as it is to be held. */
export interface GrippedBand {
  name: string
  gripCm: number
  doubled: boolean
}

/** What a house has to lift and pull. */
export interface HouseLoads {
  /** weights, kg, ascending */
  pairsKg: readonly number[]
  bands: readonly Band[]
}

/** More load is two to ten per cent of it (rule base 5.2, U1). */
const [LEAST, TENTH] = [0.02, 0.1]
/** In the middle of that, so that a grip near it is found. */
const MIDDLE = (LEAST + TENTH) / 2

/** Another grip or band, a tenth more or less at most; nothing where none lies there, or where the next version of the ladder pulls no more than that. */
function bandStep(entry: CatalogueEntry, kg: number, change: number, { bands }: HouseLoads, statureCm: number | undefined): ProgressStep | undefined {
  const advice = ownBand(entry, { statureCm }, kg * (1 + change), bands)
  if (!advice) return undefined
  const toKg = Math.round((10 * advice.pullN) / GRAVITY) / 10
  const by = Math.abs(toKg / kg - 1)
  if (Math.sign(toKg - kg) !== Math.sign(change) || by < LEAST || by > Math.max(TENTH, Math.abs(change)) + 1e-9) return undefined
  const next = change > 0 ? entry.movement.variants[entry.step + 1] : undefined
  if (next?.kit.includes('band') && (next.dose.loadKg ?? 0) <= toKg) return undefined
  const band = { name: advice.band.name, gripCm: Math.round(100 * advice.usedM), doubled: advice.strands === 2 }
  return { kind: 'load', fromKg: kg, toKg, overTenth: false, band }
}

/**
 * The step that an answer means.
 *
 * @param statureCm of the person: the pull of a band goes with it
 * @returns nothing where neither weight nor version changes
 */
export function stepOf({ entry, kg }: Done, { verdict, levels }: Progression, house: HouseLoads, statureCm?: number): ProgressStep | undefined {
  if (levels === 0) return verdict === 'down' ? { kind: 'less' } : undefined
  const up = verdict === 'up'
  const lifts = kg !== undefined && kg > 0 && entry.planned.externalLoadType === 'dumbbell'
  if (lifts) {
    const { pairsKg } = house
    const beyond = up ? pairsKg.filter((pair) => pair > kg) : pairsKg.filter((pair) => pair < kg).reverse()
    const toKg = beyond[Math.min(levels, beyond.length) - 1]
    if (toKg !== undefined) return { kind: 'load', fromKg: kg, toKg, overTenth: up && toKg > kg * (1 + TENTH) }
  }
  if (kg !== undefined && kg > 0 && entry.planned.externalLoadType === 'band') {
    const step = bandStep(entry, kg, up ? MIDDLE : (1 - TENTH) ** levels - 1, house, statureCm)
    if (step) return step
  }
  const { variants } = entry.movement
  const to = up ? entry.step + 1 : Math.max(0, entry.step - levels)
  if (to >= variants.length) return { kind: 'top' }
  return to === entry.step ? { kind: 'less' } : { kind: 'variant', variant: variants[to]!.id }
}

/**
 * Why the rules do not let a step up be done as it is meant; nothing where they do. A version that is done with changes is let; a weight that the
 * rules would take down again is not.
 *
 * @param assessment of the person on the day on which it would be done
 */
export function stepBlocked(assessment: Assessment, { entry }: Pick<Done, 'entry'>, step: ProgressStep, catalogue: Catalogue): string | undefined {
  if (assessment.closed) return assessment.closed.text
  if (step.kind !== 'load' && step.kind !== 'variant') return undefined
  const to = step.kind === 'variant' ? catalogue.byId.get(step.variant) : entry
  if (!to) return undefined
  const { movement, variant, hands } = to
  const demands = step.kind === 'load' ? demandsOf(movement, variant, { ...variant.dose, loadKg: step.toKg }) : to.planned
  const judgement = judge(assessment, encodeDemands(demands), { movement: movement.id, freeHands: hands.free, loadedHands: hands.loaded })
  return isLet(judgement, step) ? undefined : (demandingHits(judgement.hits)[0]?.why ?? '')
}

const isLet = ({ verdict, changes }: Judgement, { kind }: ProgressStep): boolean =>
  verdict === 'as-planned' || (verdict === 'modify' && (kind === 'variant' || changes.every(({ attribute }) => attribute !== 'externalLoadKg')))
