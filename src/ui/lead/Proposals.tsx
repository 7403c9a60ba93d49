import { canUncut, cutsAhead, cutsFor, type LeadEvent, type LeadState, type LedItem, type Said, setsToAdd, withSetOf } from '@/core/lead'
import { clock, segmentAt } from '@/core/timing'
import { sentence } from '../shell/list'
import { cutWords, paceWords } from './leadWords'

/** So far from the promise something is proposed, s. */
const OVER_SECONDS = 40
const SPARE_SECONDS = 100
const MOST = 2

interface Props {
  state: LeadState
  position: number
  now: number
  items: readonly LedItem[]
  /** over the promise as it stands; less than 0 = to spare */
  overSeconds: number
  tap: (kind: LeadEvent['kind'], more?: Said) => void
}

/** What it would cost to end in time, cheapest first, with the end that follows; and what there is time for. One press takes it, one takes it back. */
export function proposalsFor({ state, position, items, overSeconds }: Pick<Props, 'state' | 'position' | 'items' | 'overSeconds'>) {
  const at = segmentAt(state.timeline, position)
  if (overSeconds > OVER_SECONDS) {
    const cuts = cutsAhead(state.timeline, at, items)
    const all = cutsFor(cuts, overSeconds)
    const singles = cuts.slice(0, MOST)
    const isOne = all !== undefined && singles.some(({ drops }) => JSON.stringify(drops) === JSON.stringify(all.drops))
    return { cuts: [...(all && !isOne ? [all] : []), ...singles].slice(0, MOST + 1), adds: [] }
  }
  if (overSeconds < -SPARE_SECONDS) {
    const adds = setsToAdd(state.timeline, at, (item) => withSetOf(state.timeline, at, item)).filter(({ seconds }) => seconds <= -overSeconds)
    const named = new Set<string>()
    const different = adds.filter(({ item }) => {
      const movement = items.find(({ id }) => id === item)?.movement ?? item
      return named.size < named.add(movement).size
    })
    return { cuts: [], adds: different.slice(0, MOST) }
  }
  return { cuts: [], adds: [] }
}

export function Proposals({ state, position, now, items, overSeconds, tap }: Props) {
  const { cuts, adds } =
    state.status === 'running' || state.status === 'paused' ? proposalsFor({ state, position, items, overSeconds }) : { cuts: [], adds: [] }
  const last = state.cuts.at(-1)
  const button = 'quiet min-h-11 px-3 text-left'
  return (
    // a line that is always there and never two, so that nothing jumps or is pushed out of view when there is something in it
    <fieldset className="flex min-h-12 items-center gap-x-3 overflow-x-auto whitespace-nowrap [scrollbar-width:none]" aria-label="Time">
      {last && canUncut(state, now) && (
        <button type="button" className={button} onClick={() => tap('uncut', { of: last.id })}>
          Take it back (X)
        </button>
      )}
      {cuts.map((cut, index) => (
        <button key={JSON.stringify(cut.drops)} type="button" className={button} onClick={() => tap('cut', { drops: cut.drops })}>
          {sentence(cutWords(cut, items))}: {paceWords(overSeconds - cut.seconds)}
          {index === 0 && ' (C)'}
        </button>
      ))}
      {adds.map(({ item, seconds }) => (
        <button key={item} type="button" className={button} onClick={() => tap('add', { item })}>
          {items.find(({ id }) => id === item)?.movement}: one set more, {clock(seconds)}
        </button>
      ))}
    </fieldset>
  )
}
