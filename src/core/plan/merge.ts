import type { Block } from './formats'
import type { Item } from './item'
import type { Phase, PlanDraft } from './plan'

const same = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b)

/** Both changed the same thing, each otherwise. */
class Conflict extends Error {}

/** What of a value that two have changed from: the one that was changed; both the same way is no conflict. */
function either<T>(base: T, mine: T, theirs: T): T {
  if (same(mine, base) || same(mine, theirs)) return theirs
  if (same(theirs, base)) return mine
  throw new Conflict()
}

/** A plan as parts that are known by their ids: what each is, and which others it holds in what order. */
interface Parts {
  phases: Map<string, Omit<Phase, 'blocks'>>
  blocks: Map<string, Omit<Block, 'items'>>
  items: Map<string, Item>
  /** ids under an id; '' = the phases of the plan */
  holds: Map<string, string[]>
}

function partsOf(plan: PlanDraft): Parts {
  const parts: Parts = { phases: new Map(), blocks: new Map(), items: new Map(), holds: new Map([['', plan.phases.map(({ id }) => id)]]) }
  for (const { blocks, ...phase } of plan.phases) {
    parts.phases.set(phase.id, phase)
    parts.holds.set(
      phase.id,
      blocks.map(({ id }) => id),
    )
    for (const { items, ...block } of blocks) {
      parts.blocks.set(block.id, block)
      parts.holds.set(
        block.id,
        items.map(({ id }) => id),
      )
      for (const item of items) parts.items.set(item.id, item)
    }
  }
  return parts
}

function eitherOfAll<T>(base: ReadonlyMap<string, T>, mine: ReadonlyMap<string, T>, theirs: ReadonlyMap<string, T>): Map<string, T> {
  const found = new Map<string, T>()
  for (const id of new Set([...mine.keys(), ...theirs.keys()])) {
    const one = either(base.get(id), mine.get(id), theirs.get(id))
    // taken out by the one, and not touched by the other
    if (one !== undefined) found.set(id, one)
  }
  return found
}

/**
 * Two plans that were made from the same one, as one: with the changes of both where these touch different things, items or the order within
 * different blocks say.
 *
 * @returns undefined where both changed the same thing, each otherwise: then somebody has to look
 */
export function merged(base: PlanDraft, mine: PlanDraft, theirs: PlanDraft): PlanDraft | undefined {
  try {
    const [from, here, there] = [partsOf(base), partsOf(mine), partsOf(theirs)]
    const phases = eitherOfAll(from.phases, here.phases, there.phases)
    const blocks = eitherOfAll(from.blocks, here.blocks, there.blocks)
    const items = eitherOfAll(from.items, here.items, there.items)
    const holds = eitherOfAll(from.holds, here.holds, there.holds)
    const used = new Set<string>()
    const held = <T>(id: string, kind: ReadonlyMap<string, T>): [string, T][] =>
      (holds.get(id) ?? []).map((one) => {
        const found = kind.get(one)
        // in two places, or taken out by the one where the other kept or put it
        if (found === undefined || used.has(one)) throw new Conflict()
        used.add(one)
        return [one, found]
      })
    const made = held('', phases).map(
      ([phase, own]): Phase => ({
        ...own,
        blocks: held(phase, blocks).map(([block, frame]) => ({ ...frame, items: held(block, items).map(([, item]) => item) }) as Block),
      }),
    )
    // a part that is kept and has no place: the place was taken out with what it was in
    if (used.size !== phases.size + blocks.size + items.size) throw new Conflict()
    const { phases: _base, ...fields } = base
    const { phases: _mine, ...own } = mine
    const { phases: _theirs, ...other } = theirs
    const known = new Map(Object.entries(fields))
    const plain = eitherOfAll<unknown>(known, new Map(Object.entries(own)), new Map(Object.entries(other)))
    return { ...(Object.fromEntries(plain) as Omit<PlanDraft, 'phases'>), phases: made }
  } catch (error) {
    if (error instanceof Conflict) return undefined
    throw error
  }
}
