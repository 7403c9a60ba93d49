import type { Evaluation } from '@/core/evaluate'
import type { Verdict } from '@/core/safety'

/** What the rules of a time said about a class, item by item and person by person. */
export interface JudgedClass {
  /** which rules */
  rules: string
  cells: JudgedCell[]
}
export interface JudgedCell {
  /** id of the item, and what was judged in it: a plan that was changed is not a rule that was */
  item: string
  what: string
  person: string
  verdict: Verdict
}

export interface ChangedVerdict {
  item: string
  movement: string
  person: string
  name: string
  was: Verdict
  is: Verdict
}

const whatOf = ({ prescription }: Evaluation['items'][number]): string =>
  JSON.stringify([prescription.item.variant ?? prescription.item.described?.name, prescription.dose, prescription.workSeconds])

export const judgedOf = (rules: string, { people, items }: Evaluation): JudgedClass => ({
  rules,
  cells: items.flatMap((item) =>
    people.map(({ id }, index) => ({
      item: item.prescription.item.id,
      what: whatOf(item),
      person: id,
      verdict: item.placements[index]!.judgement.verdict,
    })),
  ),
})

/** Verdicts that the present rules give otherwise than those of the time; items and people that are new since then are left out. */
export function changedVerdicts(before: JudgedClass, evaluation: Evaluation): ChangedVerdict[] {
  const key = ({ item, what, person }: Omit<JudgedCell, 'verdict'>) => `${item} ${person} ${what}`
  const known = new Map(before.cells.map((cell) => [key(cell), cell.verdict]))
  return evaluation.items.flatMap((item) =>
    evaluation.people.flatMap(({ id, name }, index): ChangedVerdict[] => {
      const was = known.get(key({ item: item.prescription.item.id, what: whatOf(item), person: id }))
      const is = item.placements[index]!.judgement.verdict
      const movement = item.prescription.name
      return was === undefined || was === is ? [] : [{ item: item.prescription.item.id, movement, person: id, name, was, is }]
    }),
  )
}
