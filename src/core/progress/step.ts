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
  /** the next pair of weights; `overTenth`: more than the ten per cent of U1, so repetitions come first */
  | { kind: 'load'; fromKg: number; toKg: number; overTenth: boolean }
  | { kind: 'variant'; variant: string }
  /** there is nothing gentler: fewer sets and repetitions */
  | { kind: 'less' }
  /** there is nothing harder in this ladder */
  | { kind: 'top' }

const TENTH = 0.1

/**
 * The step that an answer means.
 *
 * @param pairsKg weights of the house, kg, ascending
 * @returns nothing where neither weight nor version changes
 */
export function stepOf({ entry, kg }: Done, { verdict, levels }: Progression, pairsKg: readonly number[]): ProgressStep | undefined {
  if (levels === 0) return verdict === 'down' ? { kind: 'less' } : undefined
  const up = verdict === 'up'
  const lifts = kg !== undefined && kg > 0 && entry.planned.externalLoadType === 'dumbbell'
  if (lifts) {
    const beyond = up ? pairsKg.filter((pair) => pair > kg) : pairsKg.filter((pair) => pair < kg).reverse()
    const toKg = beyond[Math.min(levels, beyond.length) - 1]
    if (toKg !== undefined) return { kind: 'load', fromKg: kg, toKg, overTenth: up && toKg > kg * (1 + TENTH) }
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
