import { groupedBy } from '../vocabulary'
import type { Way } from './way'

/** Less than this is no difference that anybody would notice: a share of seconds, and a loss. */
const NOTICED = { share: 0.05, loss: 0.1 } as const

/**
 * Of a movement and a number of sets, the ways that no other beats in everything that a class is built from. Of two that nobody would tell apart the
 * one that trains more stays.
 */
export function undominated(ways: readonly Way[]): Way[] {
  const serves = (a: Way, b: Way) =>
    (a.place === b.place || a.place === 'seat') && (a.kit === b.kit || a.kit === '') && b.parts.every((part) => a.parts.includes(part))
  const isAsGood = (a: Way, b: Way) =>
    serves(a, b) &&
    a.loss <= b.loss + NOTICED.loss &&
    a.seconds <= b.seconds * (1 + NOTICED.share) &&
    a.workSeconds >= b.workSeconds * (1 - NOTICED.share) &&
    a.trainingSeconds >= b.trainingSeconds * (1 - NOTICED.share) &&
    a.mostExtra >= b.mostExtra
  return [...groupedBy(ways, ({ movement, sets, isTogether }) => `${movement} ${sets} ${isTogether}`).values()].flatMap((group) => {
    const kept: Way[] = []
    const byTraining = group.toSorted((a, b) => b.trainingSeconds - a.trainingSeconds || a.loss - b.loss || (a.id < b.id ? -1 : 1))
    for (const way of byTraining) if (!kept.some((other) => isAsGood(other, way))) kept.push(way)
    return kept
  })
}
