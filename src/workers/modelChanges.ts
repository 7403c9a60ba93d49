import type { ClassModel, ModelItem } from '@/core/evaluate'

type Rest = Omit<ClassModel, 'items'>

/** How a class reads now, told to somebody who knows how it read before: only what is other. */
export interface ModelChanges {
  /** parts of the class as a whole that are other */
  rest: Partial<Rest>
  /** items in their order, with when they begin: one edit moves all that come after it */
  order: { id: string; startSeconds: number }[]
  /** those that are other in anything else, or new */
  items: ModelItem[]
}

/** The same in all but when it begins. */
const sameItem = (one: ModelItem, other: ModelItem): boolean => {
  const { startSeconds: _one, cells, ...rest } = one
  const { startSeconds: _other, cells: otherCells, ...otherRest } = other
  return (
    // what was judged before is the very same
    (cells === otherCells ||
      (cells.length === otherCells.length &&
        cells.every((cell, index) => cell === otherCells[index] || JSON.stringify(cell) === JSON.stringify(otherCells[index])))) &&
    JSON.stringify(rest) === JSON.stringify(otherRest)
  )
}

const written = new WeakMap<object, string>()
/** A part of a class as text: each is written once, though it is compared with the one before it and the one after. */
function textOf(part: Rest[keyof Rest]): string {
  if (typeof part !== 'object') return String(part)
  const known = written.get(part) ?? JSON.stringify(part)
  written.set(part, known)
  return known
}

/** What of a class is other than before. */
export function changesOf(before: ClassModel, after: ClassModel): ModelChanges {
  const { items: itemsBefore, ...restBefore } = before
  const { items, ...rest } = after
  const known = new Map(itemsBefore.map((item) => [item.id, item]))
  const other = (Object.keys(rest) as (keyof Rest)[]).filter((key) => textOf(rest[key]) !== textOf(restBefore[key]))
  return {
    rest: Object.fromEntries(other.map((key) => [key, rest[key]])) as Partial<Rest>,
    order: items.map(({ id, startSeconds }) => ({ id, startSeconds })),
    items: items.filter((item) => {
      const old = known.get(item.id)
      return !old || !sameItem(old, item)
    }),
  }
}

/** The class as it reads now, from how it read before: what did not change is the very same object. */
export function withChanges(before: ClassModel, { rest, order, items }: ModelChanges): ClassModel {
  const known = new Map([...before.items, ...items].map((item) => [item.id, item]))
  return {
    ...before,
    ...rest,
    items: order.flatMap(({ id, startSeconds }) => {
      const item = known.get(id)
      return item ? [item.startSeconds === startSeconds ? item : { ...item, startSeconds }] : []
    }),
  }
}
