import { PLACES, type Place } from './brief'
import type { ModelWriter, Row } from './lp'
import { PARTS, type Part } from './way'

/** Where two parts that follow each other meet: the place in which the one ends and the next begins, or none. */
export type Meetings = readonly [Place | undefined, Place | undefined]

const share = (one: ReadonlySet<Place>, other: ReadonlySet<Place>): Place[] => PLACES.filter((place) => one.has(place) && other.has(place))

/**
 * How warm-up, main part and cool-down meet so that the places of each are come to once, with the fewest changes between them: a main part of several
 * places cannot begin and end in the same one.
 *
 * @param places of each part, in the order of the parts
 */
export function meetingsOf([warm, main, cool]: readonly [ReadonlySet<Place>, ReadonlySet<Place>, ReadonlySet<Place>]): Meetings {
  const [first, second] = [share(warm, main), share(main, cool)]
  if (main.size < 2) return [first[0], second[0]]
  for (const begin of first) for (const end of second) if (begin !== end) return [begin, end]
  return first.length > 0 ? [first[0], undefined] : [undefined, second[0]]
}

/** Fewest changes between chair, feet, floor and bed in a class whose parts have these places; to the first place and from the last are not counted. */
export function fewestChanges(places: readonly [ReadonlySet<Place>, ReadonlySet<Place>, ReadonlySet<Place>]): number {
  const met = meetingsOf(places).filter((place) => place !== undefined).length
  return Math.max(0, places.reduce((sum, { size }) => sum + size, 0) - 1 - met)
}

/**
 * The same as rows of a model: each part is one place less than it has changes, two parts are one change apart unless they meet.
 *
 * @param used column of each place in each part, where something may stand there
 */
export function limitChanges(writer: ModelWriter, used: ReadonlyMap<Part, ReadonlyMap<Place, number>>, most: number): void {
  const total: Row['terms'] = [...used.values()].flatMap((columns) => [...columns.values()].map((column): [number, number] => [column, 1]))
  const met = [0, 1].map((index) => {
    const [before, after] = [used.get(PARTS[index]!), used.get(PARTS[index + 1]!)]
    const joins = new Map<Place, number>()
    for (const place of PLACES) {
      const both = [before?.get(place), after?.get(place)]
      if (both.some((column) => column === undefined)) continue
      const join = writer.column(`meet ${index} on the ${place}`, 0)
      for (const column of both)
        writer.row(
          'meet where both are',
          [
            [join, 1],
            [column!, -1],
          ],
          { upper: 0 },
        )
      joins.set(place, join)
      total.push([join, -1])
    }
    writer.row(
      'meet once',
      [...joins.values()].map((join): [number, number] => [join, 1]),
      { upper: 1 },
    )
    return joins
  })
  // who begins and ends the main part in one place is nowhere else in it
  for (const [place, join] of met[0]!) {
    const other = met[1]!.get(place)
    if (other === undefined) continue
    for (const [elsewhere, column] of used.get('main') ?? [])
      if (elsewhere !== place)
        writer.row(
          'begins and ends elsewhere',
          [
            [join, 1],
            [other, 1],
            [column, 1],
          ],
          { upper: 2 },
        )
  }
  writer.row('changes of position', total, { upper: most + 1, wish: 'changes of position' })
}
