'use client'
import Link from 'next/link'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { isWaiting, owedSides, takesIn } from '@/core/lead'
import { clock, segmentAt, treadLine } from '@/core/timing'
import { grouped, list } from '../shell/list'
import { TreadSilhouette } from '../tread/Silhouette'
import { KeysSheet } from './KeysSheet'
import { LeadControls } from './LeadControls'
import { LeadMusic } from './LeadMusic'
import { LeadNow } from './LeadNow'
import { LeadVersions } from './LeadVersions'
import { paceWords, tracksOf } from './leadWords'
import { Proposals, proposalsFor } from './Proposals'
import type { LeadPack } from './pack'
import { StopCard } from './StopCard'
import { StrapsSheet } from './StrapsSheet'
import { TakesSheet } from './TakesSheet'
import { useLead } from './useLead'
import { useLeadKeys } from './useLeadKeys'
import { useLeadSound } from './useLeadSound'
import { useStraps } from './useStraps'
import { useFigures } from './useVariant'
import { useWakeLock } from './useWakeLock'

interface Props {
  pack: LeadPack
  /** the class is tried out: fast, and nothing is kept */
  rehearsal?: boolean
}

/** What is on: legible across a room. Counts by itself, so that the instructor can look at people. */
export function LeadScreen({ pack: given, rehearsal = false }: Props) {
  const lead = useLead(given, rehearsal ? 'rehearse' : 'lead')
  const { state, position, now, loaded, open, leading, pack, view, tap, exactly } = lead
  const { timeline } = state
  const line = useMemo(() => treadLine(timeline), [timeline])
  const [sheet, setSheet] = useState<'stop' | 'takes' | 'keys' | 'straps'>()
  const [asked, setAsked] = useState<string>()
  const index = segmentAt(timeline, position)
  const segment = timeline.segments[index]
  const item = view.items.find(({ id }) => id === segment?.item)
  const upcoming = timeline.segments.slice(index + 1).find((next) => next.kind === 'work' && next.item !== segment?.item)
  const nextItem = view.items.find(({ id }) => id === upcoming?.item)
  const finished = state.status === 'running' && position >= timeline.totalSeconds
  const waits = isWaiting(state, now)
  const { tracks, resting } = item ? tracksOf(item, takesIn(item, state), pack, state.swaps[item.id]) : { tracks: [], resting: [] }
  const figures = useFigures(
    pack,
    tracks.map(({ variant }) => variant),
  )
  const ceilings = useMemo(
    () => Object.fromEntries(Object.entries(view.ceilings).flatMap(([person, { bpm }]) => (bpm === undefined ? [] : [[person, bpm]]))),
    [view],
  )
  const straps = useStraps(timeline, exactly, ceilings)
  const missingWake = useWakeLock(!rehearsal && state.status === 'running')
  const overSeconds =
    state.startedAt === undefined
      ? timeline.totalSeconds - pack.promisedSeconds
      : (now - state.startedAt) / 1000 + Math.max(0, state.heldUntil - now) / 1000 + timeline.totalSeconds - position - pack.promisedSeconds
  const endsAt = state.startedAt === undefined ? undefined : state.startedAt + (pack.promisedSeconds + overSeconds) * 1000
  const nameOf = (person: string) => pack.people.find(({ id }) => id === person)?.name ?? ''
  const sayItem = useCallback(
    (id: string, short: boolean): string => {
      const named = view.items.find((one) => one.id === id)
      if (!named) return ''
      if (short) return `Again: ${named.movement}`
      // the gentler version is spoken, not only shown
      const gentler = named.shown.length > 1 ? pack.variants[named.shown.at(-1) ?? '']?.name : undefined
      return gentler ? `${named.movement}. Gentler: ${gentler}` : named.movement
    },
    [view, pack],
  )
  const sound = useLeadSound({
    state,
    position,
    house: pack.house.sounds,
    counting: pack.house.counting,
    sayItem,
    silent: rehearsal || !leading || sheet === 'stop',
  })
  const firstCut = () => proposalsFor({ state, position, items: view.items, overSeconds }).cuts[0]
  useLeadKeys({
    state,
    now,
    inactive: sheet === 'stop' || !leading,
    tap,
    onSheet: setSheet,
    onCut: () => {
      const cut = firstCut()
      if (cut) tap('cut', { drops: cut.drops })
    },
  })
  // what is read from the drive has to be the same function, so that the figure does not begin anew
  const drive = useCallback(() => {
    const at = exactly()
    const here = timeline.segments[segmentAt(timeline, at)]
    if (!here) return 0
    return (at - here.startSeconds) / (here.repSeconds && here.reps ? here.repSeconds : 4)
  }, [exactly, timeline])
  useEffect(() => {
    // the worker keeps the shell of this screen, so that it opens without a network too
    if (!rehearsal && 'serviceWorker' in navigator) void navigator.serviceWorker.register('/lead-worker.js', { scope: '/' }).catch(() => undefined)
  }, [rehearsal])

  if (!segment) return <p className="p-8">This plan has nothing to lead yet.</p>
  const about = tracks[0] && pack.variants[tracks[0].variant]
  const closed = Object.entries(view.closed)
  const everySecond = Object.entries(view.ownRests).flatMap(([person, rests]) =>
    rests.some(({ code }) => code === 'every-second-set') ? [nameOf(person)] : [],
  )
  const sitsOut = Object.entries(view.ownRests).flatMap(([person, rests]) =>
    rests.flatMap((rest) =>
      rest.code === 'stretches' && rest.block === segment.block
        ? [{ name: nameOf(person), words: `leave out ${rest.leaves} of ${rest.of}` }]
        : rest.code === 'unbroken' && rest.block === segment.block
          ? [{ name: nameOf(person), words: 'a pause in between, with a chair near' }]
          : [],
    ),
  )
  const owed = owedSides(state, now)
  // by first name alone: whose pulse it is, and nothing of why it matters
  const highest = Object.entries(straps.worn).flatMap(([person, { state: told }]) =>
    told.bpm !== undefined && told.bpm > (ceilings[person] ?? Number.POSITIVE_INFINITY) ? [nameOf(person)] : [],
  )
  const { running, over } = { running: state.status === 'running', over: state.status === 'ended' || finished }
  return (
    <div className="flex h-dvh flex-col gap-2 px-6 pt-3 max-sm:px-3">
      <header className="flex flex-wrap items-baseline gap-x-5">
        <h1 className="min-w-0 flex-1 truncate text-[1.5rem]">
          {pack.title}
          {rehearsal && <span className="ml-3 font-sans text-[1rem] font-normal text-effort">Rehearsal, twenty times as fast: nothing is kept</span>}
        </h1>
        {!over && <LeadMusic music={pack.music} position={position} running={running && !rehearsal} block={segment.block} />}
        <p className="text-[1.3rem]" role="timer" aria-label="Time passed">
          {clock(position)} <span className="text-soft">of {clock(timeline.totalSeconds)}</span>
        </p>
        <p className={`min-w-72 whitespace-nowrap text-right text-[1.3rem] ${overSeconds >= 40 ? 'text-effort' : ''}`} data-testid="pace">
          {paceWords(overSeconds)}
          {endsAt !== undefined && !rehearsal && (
            <span className="text-soft">
              , ends {new Date(endsAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' })}
            </span>
          )}
        </p>
        <button type="button" className="quiet min-h-11" onClick={() => setSheet('straps')}>
          Pulse
          {highest.length > 0 && <span className="ml-2 text-effort">{list(highest)} above</span>}
        </button>
        <button type="button" className="quiet min-h-11 min-w-11 justify-center" onClick={() => setSheet('keys')} aria-label="Keys and sounds">
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
      <div className="relative hidden sm:block">
        <TreadSilhouette line={line} className="h-9 w-full opacity-80" />
        <span
          className="absolute inset-y-0 w-1 bg-effort"
          style={{ left: `${Math.min(100, (position / Math.max(1, timeline.totalSeconds)) * 100)}%` }}
          aria-hidden="true"
        />
      </div>
      {!leading && state.status !== 'ended' && (
        <p className="flex flex-wrap items-center gap-4 border-l-4 border-effort pl-4 text-[1.2rem]">
          Another device leads; this one follows.
          <button type="button" className="action min-h-12" onClick={() => tap('lead')}>
            Lead from here
          </button>
        </p>
      )}
      {over ? (
        <section className="flex flex-1 flex-col items-center justify-center gap-6">
          <p className="font-serif text-[3rem]">Well led.</p>
          {finished && leading && (
            <button type="button" className="action text-[1.3rem]" onClick={() => tap('end')}>
              End the class
            </button>
          )}
          {state.status === 'ended' && !rehearsal && (
            <Link href={`/sessions/${pack.session}`} className="action text-[1.3rem]">
              Write the log
            </Link>
          )}
          {state.status === 'ended' && rehearsal && (
            <Link href={`/lead/${pack.session}`} className="action text-[1.3rem]">
              To the class itself
            </Link>
          )}
        </section>
      ) : (
        <section className="grid min-h-0 flex-1 gap-6 overflow-y-auto md:grid-cols-[23rem_1fr]">
          <LeadNow
            status={state.status}
            segment={segment}
            into={position - segment.startSeconds}
            waits={waits}
            counting={pack.house.counting}
            inRest={pack.house.inRest}
            onSides={pack.house.onSides}
            breath={about?.breath ?? ''}
            exactly={exactly}
          />
          <div className="flex min-w-0 flex-col gap-1">
            <div className="flex items-baseline justify-between gap-6">
              <h2 className="min-w-0 truncate text-[2.4rem]">{item?.movement ?? 'A pause'}</h2>
              <p className="min-w-0 truncate text-[1.5rem] text-soft">{nextItem ? `Then: ${nextItem.movement}` : ''}</p>
            </div>
            <div className="min-h-0 flex-1">
              {item && (
                <LeadVersions
                  pack={pack}
                  tracks={tracks}
                  figures={figures}
                  moving={running && segment.kind === 'work' && !waits}
                  drive={drive}
                  onOpen={() => setSheet('takes')}
                />
              )}
            </div>
            <ul className="text-[1.35rem] leading-snug">
              {about?.cues.slice(0, 2).map((cue) => (
                <li key={cue}>{cue}</li>
              ))}
            </ul>
            <div className="text-[1.1rem]">
              {item && tracks.some(({ variant }) => (item.notFor[variant] ?? []).length > 0) && (
                <p className="text-effort">
                  {tracks
                    .flatMap(({ variant }) => {
                      const not = (item.notFor[variant] ?? []).map(nameOf)
                      return not.length > 0 ? [`${pack.variants[variant]?.name ?? ''} is not for ${list(not)}`] : []
                    })
                    .join('. ')}
                </p>
              )}
              {resting.length > 0 && <p>Resting and breathing: {list(resting)}</p>}
              {segment.set !== undefined && segment.set % 2 === 0 && everySecond.length > 0 && <p>Resting in this set: {list(everySecond)}</p>}
              {grouped(sitsOut).map(({ words, names }) => (
                <p key={words}>
                  {list(names)}: {words}.
                </p>
              ))}
              {owed.length > 0 && (
                <p className="text-effort">
                  Still owed:{' '}
                  {list(
                    owed.map(
                      ({ item: one, side }) => `the ${side} side of ${view.items.find(({ id }) => id === one)?.movement.toLowerCase() ?? one}`,
                    ),
                  )}
                </p>
              )}
              {closed.length > 0 && (
                <p className="flex flex-wrap items-baseline gap-x-3">
                  Watching today:
                  {closed.map(([person]) => (
                    <button
                      key={person}
                      type="button"
                      className="quiet min-h-11"
                      aria-expanded={asked === person}
                      onClick={() => setAsked(asked === person ? undefined : person)}
                    >
                      {nameOf(person)}
                    </button>
                  ))}
                </p>
              )}
              {asked && <p className="border-l-4 border-effort pl-3">{view.closed[asked]}</p>}
              {pack.leaders > 1 && (
                <p className="flex flex-wrap items-baseline gap-x-3">
                  {state.rolesChanged ? `The other counts, ${pack.instructor} shows.` : `${pack.instructor} counts, the other shows.`}
                  <button type="button" className="quiet min-h-11" onClick={() => tap('roles')}>
                    Change over
                  </button>
                </p>
              )}
            </div>
          </div>
        </section>
      )}
      {!over && leading && <Proposals state={state} position={position} now={now} items={view.items} overSeconds={overSeconds} tap={tap} />}
      <LeadControls state={state} finished={finished} following={!leading} tap={tap} onStop={() => setSheet('stop')} />

      {sheet === 'stop' && <StopCard pack={pack} now={now} running={running} tap={tap} onClose={() => setSheet(undefined)} />}
      {sheet === 'takes' && item && <TakesSheet item={item} state={state} pack={pack} tap={tap} onClose={() => setSheet(undefined)} />}
      {sheet === 'straps' && <StrapsSheet pack={pack} view={view} straps={straps} onClose={() => setSheet(undefined)} />}
      {sheet === 'keys' && (
        <KeysSheet
          onClose={() => setSheet(undefined)}
          sounds={sound.sounds}
          onSound={sound.set}
          missing={[
            ...(missingWake ? [missingWake] : []),
            ...(typeof window !== 'undefined' && !window.isSecureContext ? ['Over plain http it cannot be opened without a network.'] : []),
          ]}
        />
      )}
    </div>
  )
}
