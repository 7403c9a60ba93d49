import { useEffect, useLayoutEffect, useRef } from 'react'
import { list, sentence } from '../shell/list'
import { LeadPeople } from './LeadPeople'
import { farWords } from './leadWords'
import type { Lead } from './useLead'
import type { OnNow } from './useOnNow'

/**
 * Letters of 36 px stand 24 px high, which at 0.24 mm a pixel is 5 minutes of arc at 4 m: what a healthy eye can read (worked out). They are smaller only
 * where a group's words would not all be in view otherwise.
 */
const SIZES_VW = [2.85, 2.7, 2.5, 2.3, 2.1, 1.9]

/** The largest letters with which everything is in view. */
function settle(box: HTMLElement) {
  for (const size of SIZES_VW) {
    box.style.fontSize = `max(1.3rem, ${size}vw)`
    if (box.scrollHeight <= box.clientHeight) return
  }
}

/** What is on in words that are read across the room: what to say, what most do, and by name who does otherwise. Figures give way to it. */
export function LeadFar({ lead, on }: { lead: Lead; on: OnNow }) {
  const { pack } = lead
  const { item, tracks, next } = on
  const about = tracks[0] && pack.variants[tracks[0].variant]
  const { most, others } = farWords(tracks, (variant) => pack.variants[variant]?.name ?? variant)
  const box = useRef<HTMLDivElement>(null)
  const told = useRef<string>(undefined)
  // the screen is drawn at every tick, and its words are others only now and then
  useLayoutEffect(() => {
    const { current } = box
    if (!current || current.textContent === told.current) return
    told.current = current.textContent
    settle(current)
  })
  useEffect(() => {
    const { current } = box
    if (!current) return
    const watched = new ResizeObserver(() => settle(current))
    watched.observe(current)
    return () => watched.disconnect()
  }, [])
  return (
    <div ref={box} className="flex min-w-0 flex-col gap-[0.12em] overflow-y-auto pb-1.5 leading-[1.17]" data-testid="far">
      <h2 className="text-[1.25em] leading-[1.1]">{item?.movement ?? 'A pause'}</h2>
      <ul>
        {about?.cues.slice(0, 2).map((cue) => (
          <li key={cue}>{cue}</li>
        ))}
      </ul>
      <ul className="border-line border-t pt-[0.15em]">
        {most && (
          <li>
            {others.length > 0 ? 'Most: ' : ''}
            {most}
          </li>
        )}
        {others.map(({ names, words }) => (
          <li key={words}>
            <b>{list(names)}</b>: {words}
          </li>
        ))}
      </ul>
      <LeadPeople lead={lead} on={on} far />
      {next && <p className="mt-auto text-soft">{sentence(`then ${next.movement.toLowerCase()}`)}</p>}
    </div>
  )
}
