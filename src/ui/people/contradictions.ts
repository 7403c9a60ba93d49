import type { ConditionChoice } from '@/core/client'
import type { PersonDraft } from './draft'

/** Medicines and the conditions that they bring in, where the form says one thing of one and another of the other. In words. */
export function contradictions(choices: readonly ConditionChoice[], draft: Pick<PersonDraft, 'conditions'> & Record<string, unknown>): string[] {
  return choices.flatMap(({ slug, name, medicine }) =>
    medicine && draft[medicine] === 'no' && draft.conditions.some((one) => one.slug === slug)
      ? [`“${name}” is recorded, and the medicine says no. It counts as taken until one of the two is changed.`]
      : [],
  )
}
