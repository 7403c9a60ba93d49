'use client'
import Link from 'next/link'
import { useEffect, useMemo, useState } from 'react'
import { STOP_LISTS, STOP_STEPS } from '@/content/screening/stopSigns'
import { isWaiting, owedSides } from '@/core/lead'
import { clock, type TreadLine as Line, type Segment, segmentAt, type Timeline, treadLine } from '@/core/timing'
import type { HouseRules } from '@/core/vocabulary'
import { type FigureVariant, MovingFigure } from '../figure/MovingFigure'
import { list } from '../shell/list'
import { Sheet } from '../shell/Sheet'
import { TreadLine } from '../tread/TreadLine'
import { LeadControls } from './LeadControls'
import { LeadMusic, type LeadMusicPlan } from './LeadMusic'
import { useLead } from './useLead'

export interface LeadVersion {
  id: string
  name: string
  cue: string
  breath: string
  words: string
  figure: FigureVariant
  /** first names with what each changes, if anything */
  people: { name: string; changes: string[] }[]
  /** of a level: who must not choose it */
  notFor: string[]
}
export interface LeadItem {
  id: string
  movement: string
  versions: LeadVersion[]
  resting: string[]
  /** who does only the 1st, 3rd, … set */
  everySecond: string[]
  /** what somebody leaves out of a block by the clock */
  sitsOut: string[]
}

interface Props {
  session: string
  title: string
  timeline: Timeline
  line: Line
  promisedSeconds: number
  items: LeadItem[]
  roster: { id: string; name: string }[]
  /** who may not take part today, with the reason */
  watching: { id: string; name: string; because: string }[]
  /** how the house counts, and what it says in a rest and of sides */
  house: { counting: HouseRules['counting']; inRest: string; onSides: string }
  music: LeadMusicPlan
}

const KIND_WORDS: Record<Segment['kind'], string> = {
  link: 'Next',
  'count-in': 'Get ready',
  change: 'Change place',
  kit: 'Kit',
  showing: 'Show it',
  talk: 'A word',
  pause: 'Stand a moment',
  work: 'Go',
  'side-change': 'Change sides',
  rest: 'Rest',
  water: 'Water',
}

/** The count that is said aloud: the repetition in work that is counted, else the seconds that are left. */
function countOf(segment: Segment, into: number, counting: HouseRules['counting']): { big: string; small: string } {
  const left = Math.max(0, Math.ceil(segment.seconds - into))
  if (segment.kind === 'work' && segment.reps && segment.reps > 2 && segment.repSeconds) {
    const rep = Math.min(segment.reps, Math.floor(into / segment.repSeconds) + 1)
    return counting === 'up' ? { big: String(rep), small: `of ${segment.reps}` } : { big: String(segment.reps - rep + 1), small: 'to go' }
  }
  return { big: left >= 60 ? clock(left) : String(left), small: left >= 60 ? 'left' : 's left' }
}

/** What is on: legible across a room. Counts by itself, so that the instructor can look at people. */
export function LeadScreen({ session, title, timeline: planned, line, promisedSeconds, items, roster, watching, house, music }: Props) {
  const { state, position, now, loaded, open, tap } = useLead(session, planned)
  // with the sets that were added or left out
  const { timeline } = state
  const shownLine = useMemo(() => (timeline === planned ? line : treadLine(timeline)), [timeline, planned, line])
  const [stopping, setStopping] = useState(false)
  const [asked, setAsked] = useState<string>()
  const index = segmentAt(timeline, position)
  const segment = timeline.segments[index]
  const item = items.find(({ id }) => id === segment?.item)
  const upcoming = timeline.segments.slice(index + 1).find((next) => next.kind === 'work' && next.item !== segment?.item)
  const nextItem = items.find(({ id }) => id === upcoming?.item)
  const finished = state.status === 'running' && position >= timeline.totalSeconds
  const waits = isWaiting(state, now)
  const owed = owedSides(state, now)

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (stopping || (event.target as HTMLElement).matches('input, textarea, select')) return
      // wherever the focus was
      if (event.key === ' ') {
        event.preventDefault()
        tap(state.status === 'ready' ? 'start' : state.status === 'running' ? 'pause' : 'resume')
      } else if (event.key === 'ArrowRight' || event.key === 'PageDown') {
        event.preventDefault()
        tap('next')
      } else if (event.key === 'ArrowLeft' || event.key === 'PageUp') {
        event.preventDefault()
        tap('back')
      } else if (event.key.toLowerCase() === 's') setStopping(true)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })

  if (!segment) return <p className="p-8">This plan has nothing to lead yet.</p>
  const count = countOf(segment, position - segment.startSeconds, house.counting)
  const late = state.startedAt === undefined ? 0 : Math.round(((state.endedAt ?? now) - state.startedAt) / 1000 - position)
  return (
    <div className="flex min-h-dvh flex-col gap-3 px-6 pt-4">
      <header className="flex flex-wrap items-baseline justify-between gap-x-8">
        <h1 className="text-[1.5rem]">{title}</h1>
        <p className="text-[1.3rem]" role="timer" aria-label="Time passed">
          {clock(position)} <span className="text-soft">of {clock(timeline.totalSeconds)}</span>
          {late > 20 && <span className="ml-4 text-effort">{clock(late)} behind</span>}
        </p>
        {!finished && <LeadMusic music={music} position={position} running={state.status === 'running'} block={segment.block} />}
        <p className="text-soft" role="status">
          {open.waiting > 0
            ? `${open.waiting === 1 ? 'One tap is' : `${open.waiting} taps are`} kept here, waiting for the server`
            : open.refused.length > 0
              ? `${open.refused.length === 1 ? 'One tap was' : `${open.refused.length} taps were`} not taken: ${open.refused[0]}`
              : loaded
                ? ''
                : 'Opening…'}
        </p>
      </header>
      <div className="hidden sm:block">
        <TreadLine line={shownLine} promisedSeconds={promisedSeconds} atSeconds={position} />
      </div>

      {state.status === 'ended' || finished ? (
        <section className="flex flex-1 flex-col items-center justify-center gap-6">
          <p className="font-serif text-[3rem]">Well led.</p>
          {finished && (
            <button type="button" className="action text-[1.3rem]" onClick={() => tap('end')}>
              End the class
            </button>
          )}
          {state.status === 'ended' && (
            <Link href={`/sessions/${session}`} className="action text-[1.3rem]">
              Write the log
            </Link>
          )}
        </section>
      ) : (
        <section className="grid flex-1 items-center gap-6 md:grid-cols-[minmax(15rem,22rem)_1fr]">
          <div>
            <p className="text-[1.5rem] font-semibold text-plum">
              {state.status === 'ready'
                ? 'Ready'
                : state.status === 'paused'
                  ? 'Paused'
                  : waits
                    ? 'Your count'
                    : segment.moving
                      ? 'Rest, moving'
                      : KIND_WORDS[segment.kind]}
              {segment.side === 'second' && ', second side'}
            </p>
            <p className="font-serif text-[clamp(160px,26vw,260px)] leading-[0.85]" aria-hidden="true">
              {count.big}
            </p>
            <p className="mt-2 text-[1.5rem]">
              {waits ? 'Next ends the set' : count.small}
              {segment.sets !== undefined && segment.sets > 1 && `, set ${segment.set} of ${segment.sets}`}
            </p>
            {segment.kind === 'rest' && !segment.moving && <p className="text-[1.1rem] text-soft">{house.inRest}</p>}
            {segment.side !== undefined && <p className="text-[1.1rem] text-soft">{house.onSides}</p>}
          </div>
          <div>
            <h2 className="text-[2.4rem]">{item?.movement ?? 'A pause'}</h2>
            {item && item.versions.length > 0 && (
              <ul className="mt-3 flex flex-wrap gap-x-8 gap-y-4">
                {item.versions.map((version) => (
                  <li key={version.id} className="min-w-56 flex-1">
                    <MovingFigure
                      variant={version.figure}
                      label={version.words}
                      moving={state.status === 'running' && segment.kind !== 'rest'}
                      className="h-56 w-full"
                    />
                    <p className="text-[1.25rem] font-semibold">{version.name}</p>
                    <p className="text-[1.1rem]">{version.cue}</p>
                    <p className="mt-1 text-[1.1rem]">
                      {version.people.map(({ name, changes }, place) => (
                        <span key={name} title={changes.join('; ')}>
                          {place > 0 && ', '}
                          <b>{name}</b>
                          {changes.length > 0 && <span className="text-soft"> ({changes.join('; ')})</span>}
                        </span>
                      ))}
                    </p>
                    {version.notFor.length > 0 && <p className="text-[1.1rem] text-effort">Not for {list(version.notFor)}</p>}
                  </li>
                ))}
              </ul>
            )}
            {watching.length > 0 && (
              <div className="mt-2 text-[1.1rem]">
                <p className="flex flex-wrap items-baseline gap-x-3">
                  Watching today:
                  {watching.map(({ id, name }) => (
                    <button
                      key={id}
                      type="button"
                      className="quiet min-h-11"
                      aria-expanded={asked === id}
                      onClick={() => setAsked(asked === id ? undefined : id)}
                    >
                      {name}
                    </button>
                  ))}
                </p>
                {asked && <p className="border-l-4 border-effort pl-3">{watching.find(({ id }) => id === asked)?.because}</p>}
              </div>
            )}
            {item && segment.set !== undefined && segment.set % 2 === 0 && item.everySecond.length > 0 && (
              <p className="mt-2 text-[1.1rem]">Resting in this set: {item.everySecond.join(', ')}</p>
            )}
            {item?.sitsOut.map((words) => (
              <p key={words} className="mt-2 text-[1.1rem]">
                {words}
              </p>
            ))}
            {owed.length > 0 && (
              <p className="mt-2 text-[1.1rem] text-effort">
                Still owed:{' '}
                {list(owed.map(({ item: one, side }) => `the ${side} side of ${items.find(({ id }) => id === one)?.movement.toLowerCase() ?? one}`))}
              </p>
            )}
            {item && item.resting.length > 0 && <p className="mt-2 text-[1.1rem]">Resting and breathing: {item.resting.join(', ')}</p>}
          </div>
        </section>
      )}

      <LeadControls state={state} finished={finished} tap={tap} onStop={() => setStopping(true)} next={nextItem?.movement} />

      {stopping && (
        <Sheet open onClose={() => setStopping(false)} title="Somebody stops" wide>
          <StopCard
            roster={roster}
            onNote={(kind, text, person) => {
              tap(kind, { text, ...(person && { person }) })
              setStopping(false)
            }}
          />
        </Sheet>
      )}
    </div>
  )
}

function StopCard({
  roster,
  onNote,
}: {
  roster: { id: string; name: string }[]
  onNote: (kind: 'stop-sign' | 'near-fall', text: string, person: string) => void
}) {
  const [person, setPerson] = useState('')
  const [text, setText] = useState('')
  return (
    <div className="flex flex-col gap-5">
      <ol className="list-decimal pl-6">
        {STOP_STEPS.map((step) => (
          <li key={step} className="mb-1">
            {step}
          </li>
        ))}
      </ol>
      <div className="grid gap-5 md:grid-cols-3">
        {STOP_LISTS.map((list) => (
          <section key={list.id}>
            <h3>
              {list.id}: {list.title}
            </h3>
            <ul>
              {list.signs.map((sign) => (
                <li key={sign}>
                  <button type="button" className="min-h-11 text-left hover:underline" onClick={() => setText(`${list.id}: ${sign}`)}>
                    {sign}
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <label className="field">
          <span>Who</span>
          <select className="input" value={person} onChange={(event) => setPerson(event.target.value)}>
            <option value="">not said</option>
            {roster.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="field min-w-60 flex-1">
          <span>What happened</span>
          <input className="input" value={text} maxLength={300} onChange={(event) => setText(event.target.value)} />
        </label>
        <button type="button" className="action" disabled={text.trim() === ''} onClick={() => onNote('stop-sign', text.trim(), person)}>
          Note it with the time
        </button>
        <button type="button" className="quiet" onClick={() => onNote('near-fall', text.trim() || 'nearly fell', person)}>
          A near-fall
        </button>
      </div>
    </div>
  )
}
