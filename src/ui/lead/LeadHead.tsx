import Link from 'next/link'
import { clock } from '@/core/timing'
import { list } from '../shell/list'
import { TreadSilhouette } from '../tread/Silhouette'
import { LeadMusic } from './LeadMusic'
import { paceWords } from './leadWords'
import type { Lead } from './useLead'
import type { OnNow } from './useOnNow'

interface Props {
  lead: Lead
  on: OnNow
  rehearsal: boolean
  /** whose pulse is above its ceiling, by first name */
  above: readonly string[]
  onSheet: (sheet: 'keys' | 'straps') => void
  /** the room of the stair is needed for words */
  far: boolean
}

/** Further over its promise than this is said in another ink, s. */
const OVER_SECONDS = 40

/** Which class it is, how far it is, how it stands against its promise, and the stair as a thin line of progress. */
export function LeadHead({ lead, on, rehearsal, above, onSheet, far }: Props) {
  const { pack, state, position, open, loaded } = lead
  const { line, segment, overSeconds, endsAt, over, running } = on
  const total = state.timeline.totalSeconds
  return (
    <>
      <header className="flex flex-wrap items-baseline gap-x-5">
        <h1 className="min-w-0 flex-1 truncate text-[1.5rem]">
          {pack.title}
          {rehearsal && <span className="ml-3 font-sans text-[1rem] font-normal text-effort">Rehearsal, twenty times as fast: nothing is kept</span>}
        </h1>
        {!over && <LeadMusic music={pack.music} position={position} running={running && !rehearsal} block={segment?.block} />}
        <p className="text-[1.3rem]" role="timer" aria-label="Time passed">
          {clock(position)} <span className="text-soft">of {clock(total)}</span>
        </p>
        <p
          className={`min-w-72 whitespace-nowrap text-right text-[1.3rem] max-sm:min-w-0 ${overSeconds >= OVER_SECONDS ? 'text-effort' : ''}`}
          data-testid="pace"
        >
          {paceWords(overSeconds)}
          {endsAt !== undefined && !rehearsal && (
            <span className="text-soft">
              , ends {new Date(endsAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' })}
            </span>
          )}
        </p>
        <button type="button" className="quiet min-h-11" onClick={() => onSheet('straps')}>
          Pulse
          {above.length > 0 && <span className="ml-2 text-effort">{list(above)} above</span>}
        </button>
        <button type="button" className="quiet min-h-11 min-w-11 justify-center" onClick={() => onSheet('keys')} aria-label="Keys and sounds">
          ?
        </button>
        {!rehearsal && state.status === 'ready' && (
          <Link href={`/lead/${pack.session}/rehearsal`} className="quiet min-h-11">
            Rehearse
          </Link>
        )}
        {!rehearsal && (
          <Link href={`/lead/${pack.session}/class`} target="_blank" className="quiet min-h-11">
            Class view
          </Link>
        )}
        <p className="basis-full text-soft empty:hidden" role="status">
          {open.waiting > 0
            ? `${open.waiting === 1 ? 'One tap is' : `${open.waiting} taps are`} kept here, waiting for the server`
            : open.refused.length > 0
              ? `${open.refused.length === 1 ? 'One tap was' : `${open.refused.length} taps were`} not taken: ${open.refused[0]}`
              : loaded
                ? ''
                : 'Opening…'}
        </p>
      </header>
      <div className={`relative hidden ${far ? '' : 'sm:block'}`}>
        <TreadSilhouette line={line} className="h-9 w-full opacity-80" />
        <span
          className="absolute inset-y-0 w-1 bg-effort"
          style={{ left: `${Math.min(100, (position / Math.max(1, total)) * 100)}%` }}
          aria-hidden="true"
        />
      </div>
    </>
  )
}
