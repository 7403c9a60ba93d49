import type { LeadState } from './events'
import type { LedItem, LedUse, LedView } from './view'

/** What somebody does in an item while it is led. */
export interface Take {
  person: string
  /** nothing = rests and breathes */
  variant?: string
  changes: string[]
  kg?: number
  /** of the house's bands */
  band?: string
}

/** What an item's people do by the judgement alone, with what was tapped for all and for each: a version that somebody may not take is never taken. */
export function takesIn(item: LedItem, { swaps, versions, loads }: Pick<LeadState, 'swaps' | 'versions' | 'loads'>): Take[] {
  return Object.entries(item.uses).map(([person, use]): Take => {
    const way = wayOf(use, versions[item.id]?.[person], swaps[item.id])
    const tapped = loads[item.id]?.[person]
    // a weight belongs to the version in which it was judged
    const isOwn = way !== undefined && way.variant === use.takes?.variant
    const kg = isOwn ? (tapped !== undefined && use.loads.includes(tapped) ? tapped : use.kg) : undefined
    return {
      person,
      changes: way?.changes ?? [],
      ...(way && { variant: way.variant }),
      ...(kg !== undefined && { kg }),
      ...(isOwn && use.band !== undefined && { band: use.band }),
    }
  })
}

/** Everything that somebody may do, what they were given first. */
export const waysOf = ({ takes, may }: LedUse): NonNullable<LedUse['takes']>[] => [...(takes ? [takes] : []), ...may]

function wayOf(use: LedUse, own: string | undefined, swap: string | undefined): LedUse['takes'] {
  const ways = waysOf(use)
  if (own === 'rest') return undefined
  return ways.find(({ variant }) => variant === own) ?? (use.takes && ways.find(({ variant }) => variant === swap)) ?? use.takes
}

/** The next weight in one direction that somebody may lift; nothing where there is none. */
export function nextLoad({ loads, kg }: Pick<LedUse, 'loads' | 'kg'>, now: number | undefined, by: 'lighter' | 'heavier'): number | undefined {
  const from = now ?? kg
  if (from === undefined) return undefined
  const sorted = loads.toSorted((a, b) => a - b)
  return by === 'heavier' ? sorted.find((mass) => mass > from) : sorted.findLast((mass) => mass < from)
}

/** The item as it was judged when it was done. @param views those that the class was led by, by id */
export function itemAsLed(
  views: ReadonlyMap<string, LedView>,
  { view, viewOf }: Pick<LeadState, 'view' | 'viewOf'>,
  id: string,
): LedItem | undefined {
  return views.get(viewOf[id] ?? view ?? '')?.items.find((item) => item.id === id)
}
