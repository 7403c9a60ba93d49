import type { CatalogueEntry } from '../movement'
import { type Assessment, judge } from '../safety'

const restCache = new WeakMap<Assessment, CatalogueEntry | undefined>()
/** The breathing or resting variant that a person can always be given in place of an item; undefined only when the session is closed. */
export function restOption(assessment: Assessment, entries: readonly CatalogueEntry[]): CatalogueEntry | undefined {
  if (assessment.closed) return undefined
  if (!restCache.has(assessment)) {
    const found = entries.find(
      (entry) => entry.movement.purpose === 'relaxation' && judge(assessment, entry.vector, { movement: entry.movement.id }).verdict === 'as-planned',
    )
    restCache.set(assessment, found)
  }
  return restCache.get(assessment)
}
