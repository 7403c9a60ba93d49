import type { Verdict } from '../safety'
import type { Evaluation } from './evaluate'

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
/** With the names that are told, and never kept. */
export interface NamedCell extends JudgedCell {
  movement: string
  name: string
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

/** Every verdict of a class. */
export const cellsOf = ({ people, items }: Evaluation): NamedCell[] =>
  items.flatMap((item) =>
    people.map(({ id, name }, index) => ({
      item: item.prescription.item.id,
      what: whatOf(item),
      person: id,
      verdict: item.placements[index]!.judgement.verdict,
      movement: item.prescription.name,
      name,
    })),
  )

/** What is kept of a judgement. @param rules which rules gave it */
export const judgedOf = (rules: string, cells: readonly NamedCell[]): JudgedClass => ({
  rules,
  cells: cells.map(({ item, what, person, verdict }) => ({ item, what, person, verdict })),
})

/** Verdicts that are other now than those of the time; items and people that are new since then are left out. */
export function changedVerdicts(before: JudgedClass, now: readonly NamedCell[]): ChangedVerdict[] {
  const key = ({ item, what, person }: Omit<JudgedCell, 'verdict'>) => `${item} ${person} ${what}`
  const known = new Map(before.cells.map((cell) => [key(cell), cell.verdict]))
  return now.flatMap((cell): ChangedVerdict[] => {
    const { item, movement, person, name, verdict: is } = cell
    const was = known.get(key(cell))
    return was === undefined || was === is ? [] : [{ item, movement, person, name, was, is }]
  })
}
