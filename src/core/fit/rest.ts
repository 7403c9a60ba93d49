import type { CatalogueEntry } from '../movement'
import { type Assessment, judge } from '../safety'

/** The breathing or resting variant that a person can always be given in place of an item; undefined only when the session is closed. */
export function restOption(assessment: Assessment, entries: readonly CatalogueEntry[]): CatalogueEntry | undefined {
  if (assessment.closed) return undefined
  return entries.find(
    (entry) => entry.movement.purpose === 'relaxation' && judge(assessment, entry.planned, entry.vector, entry.movement.id).verdict === 'as-planned',
  )
}
