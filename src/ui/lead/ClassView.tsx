'use client'
import { plannedIn } from '@/core/lead'
import { LeadVersions } from './LeadVersions'
import { countOf, groundOf, KIND_WORDS } from './leadWords'
import type { LeadPack } from './pack'
import { useLead } from './useLead'
import { useOnNow } from './useOnNow'
import { useFigures } from './useVariant'

/** For the room: the versions side by side as large figures, the count, and what comes. Nothing about any person. */
export function ClassView({ pack: given }: { pack: LeadPack }) {
  const lead = useLead(given, 'look')
  const { state, position, pack } = lead
  const { segment, item, next, waits, drive } = useOnNow(lead)
  const swapped = item && state.swaps[item.id]
  // what everybody changed to stands where the planned version stood
  const shown = item ? [...new Set(item.shown.map((id) => (swapped && id === plannedIn(item) ? swapped : id)))] : []
  const figures = useFigures(pack, shown)
  if (!segment) return null
  const count = countOf(segment, position - segment.startSeconds, pack.house.counting)
  const words =
    state.status === 'ready' ? 'In a moment' : state.status === 'ended' ? 'Thank you' : state.status === 'paused' ? 'Pause' : KIND_WORDS[segment.kind]
  return (
    <div className="flex min-h-dvh flex-col gap-4 p-8">
      <h1 className="text-[3rem]">{state.status === 'ended' ? 'Thank you' : (item?.movement ?? pack.title)}</h1>
      <div className="min-h-0 flex-1">
        {state.status !== 'ended' && (
          <LeadVersions
            pack={pack}
            tracks={shown.map((variant) => ({ variant, people: [] }))}
            figures={figures}
            moving={state.status === 'running' && segment.kind === 'work' && !waits}
            drive={drive}
            tall
          />
        )}
      </div>
      <div
        className={`lead-ground lead-${state.status === 'running' ? groundOf(segment) : 'rest'} flex flex-wrap items-baseline gap-x-8 px-8 py-4`}
        data-ground={state.status === 'running' ? groundOf(segment) : 'rest'}
      >
        <p className="text-[2.4rem] font-semibold">{words}</p>
        <p className="ml-auto font-serif text-[clamp(5rem,12vw,9rem)] leading-none" aria-hidden="true" data-testid="count">
          {state.status === 'ended' ? '' : count.big}
        </p>
        <p className="text-[1.8rem] sm:w-72">
          {count.small}
          {segment.sets !== undefined && segment.sets > 1 && `, set ${segment.set} of ${segment.sets}`}
        </p>
      </div>
      <p className="min-h-[2.6rem] text-[1.8rem] text-soft">{next && state.status !== 'ended' ? `Then: ${next.movement}` : ''}</p>
    </div>
  )
}
