import type { Placement } from './options'

/** The versions of one item that are shown, and who takes which. */
export interface Tracks {
  /** variant ids, the planned one first when it is used */
  shown: string[]
  /** index into `shown` per person, in the order given; undefined = rest with breathing, no version fits */
  assignment: (number | undefined)[]
  totalLoss: number
}

/**
 * At most `most` versions such that everybody who has an accepted way gets one of their ways, with the least total loss; exact, by
 * branch and bound over the versions. A person whom the chosen number of versions cannot serve is never dropped: versions are added
 * beyond `most` until all are served, which the caller can see from the length of `shown`.
 */
export function tracksFor(placements: readonly Placement[], most: number, plannedId: string): Tracks {
  const [first] = placements
  if (!first) return choose([], most, plannedId)
  const asked = `${most} ${plannedId}`
  const same = ofSame.get(placements)?.get(asked)
  if (same) return same
  let known = chosen.get(first)
  if (!known) {
    known = new Map()
    chosen.set(first, known)
  }
  const key = `${placements.map(numberOf).join()} ${most} ${plannedId}`
  let tracks = known.get(key)
  if (!tracks) {
    tracks = choose(placements, most, plannedId)
    known.set(key, tracks)
  }
  ofSame.set(placements, (ofSame.get(placements) ?? new Map<string, Tracks>()).set(asked, tracks))
  return tracks
}

/** Remembered by the placements themselves: an edit of one item leaves the choice of the others as it was. */
const chosen = new WeakMap<Placement, Map<string, Tracks>>()
/** The very same list of placements needs no looking up. */
const ofSame = new WeakMap<readonly Placement[], Map<string, Tracks>>()
const numbers = new WeakMap<Placement, number>()
let next = 0
function numberOf(placement: Placement): number {
  let number = numbers.get(placement)
  if (number === undefined) {
    number = next++
    numbers.set(placement, number)
  }
  return number
}

function choose(placements: readonly Placement[], most: number, plannedId: string): Tracks {
  const people = placements
    .map(({ options }, index) => ({ index, lossOf: new Map(options.map((option) => [option.id, option.loss])) }))
    .filter(({ lossOf }) => lossOf.size > 0)
  const assignment: Tracks['assignment'] = placements.map(() => undefined)
  if (people.length === 0) return { shown: [], assignment, totalLoss: 0 }

  const count = new Map<string, number>()
  for (const { lossOf } of people) for (const id of lossOf.keys()) count.set(id, (count.get(id) ?? 0) + 1)
  const all = [...count.keys()].sort(
    (a, b) => Number(b === plannedId) - Number(a === plannedId) || count.get(b)! - count.get(a)! || a.localeCompare(b),
  )
  const loss = all.map((id) => people.map(({ lossOf }) => lossOf.get(id) ?? Number.POSITIVE_INFINITY))
  const ids = all.filter((_, a) => !loss.some((row, b) => b !== a && dominates(row, loss[a]!, b < a)))
  const rows = ids.map((id) => loss[all.indexOf(id)]!)

  for (let size = most; ; size++) {
    const best = cheapest(rows, people.length, Math.min(size, rows.length))
    if (!best) continue
    const shown = best.chosen.map((row) => ids[row]!).sort((a, b) => Number(b === plannedId) - Number(a === plannedId))
    for (const { index, lossOf } of people) {
      const ranked = shown.map((id, track) => ({ track, loss: lossOf.get(id) ?? Number.POSITIVE_INFINITY })).sort((a, b) => a.loss - b.loss)
      assignment[index] = ranked[0]!.track
    }
    return { shown, assignment, totalLoss: best.loss }
  }
}

/** Nobody loses more with `a` than with `b`; of two equal rows the earlier one stays. */
const dominates = (a: readonly number[], b: readonly number[], earlier: boolean) => {
  let better = false
  for (let i = 0; i < a.length; i++) {
    if (a[i]! > b[i]!) return false
    if (a[i]! < b[i]!) better = true
  }
  return better || earlier
}

function cheapest(rows: readonly (readonly number[])[], people: number, size: number): { chosen: number[]; loss: number } | undefined {
  let best: { chosen: number[]; loss: number } | undefined
  // the least that anybody can lose with the rows from here on, for the bound
  const suffix: number[][] = Array.from({ length: rows.length + 1 }, () => new Array<number>(people).fill(Number.POSITIVE_INFINITY))
  for (let row = rows.length - 1; row >= 0; row--) for (let i = 0; i < people; i++) suffix[row]![i] = Math.min(suffix[row + 1]![i]!, rows[row]![i]!)

  const visit = (from: number, chosen: number[], current: readonly number[]) => {
    const loss = current.reduce((sum, value) => sum + value, 0)
    // a further version is only worth showing when it takes loss away
    if (Number.isFinite(loss) && (!best || loss < best.loss - 1e-9)) best = { chosen: [...chosen], loss }
    if (chosen.length === size || from === rows.length) return
    let bound = 0
    for (let i = 0; i < people; i++) bound += Math.min(current[i]!, suffix[from]![i]!)
    if (!Number.isFinite(bound) || (best && bound >= best.loss - 1e-9)) return
    for (let row = from; row < rows.length; row++) {
      visit(
        row + 1,
        [...chosen, row],
        current.map((value, i) => Math.min(value, rows[row]![i]!)),
      )
    }
  }
  visit(0, [], new Array<number>(people).fill(Number.POSITIVE_INFINITY))
  return best
}
