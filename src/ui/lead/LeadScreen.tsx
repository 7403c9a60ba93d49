'use client'
import Link from 'next/link'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { KeysSheet } from './KeysSheet'
import { LeadControls } from './LeadControls'
import { LeadFar } from './LeadFar'
import { LeadHead } from './LeadHead'
import { LeadNow } from './LeadNow'
import { LeadPeople } from './LeadPeople'
import { LeadVersions } from './LeadVersions'
import { itemSaid } from './leadWords'
import { Proposals, proposalsFor } from './Proposals'
import type { LeadPack } from './pack'
import { StopCard } from './StopCard'
import { StrapsSheet } from './StrapsSheet'
import { TakesSheet } from './TakesSheet'
import { useFar } from './useFar'
import { type Lead, useLead } from './useLead'
import { useLeadKeys } from './useLeadKeys'
import { useLeadSound } from './useLeadSound'
import { type OnNow, useOnNow } from './useOnNow'
import { useStraps } from './useStraps'
import { useFigures } from './useVariant'
import { useWakeLock } from './useWakeLock'

interface Props {
  pack: LeadPack
  /** the class is tried out: fast, and nothing is kept */
  rehearsal?: boolean
}

/** The worker keeps the shell of this screen, so that it opens without a network too. */
function useShellKept(wanted: boolean) {
  useEffect(() => {
    // files of a server in development change under the same name
    if (wanted && process.env.NODE_ENV === 'production' && 'serviceWorker' in navigator)
      void navigator.serviceWorker.register('/lead-worker.js', { scope: '/' }).catch(() => undefined)
  }, [wanted])
}

/** What is on: legible across a room. Counts by itself, so that the instructor can look at people. */
export function LeadScreen({ pack: given, rehearsal = false }: Props) {
  const lead = useLead(given, rehearsal ? 'rehearse' : 'lead')
  const { state, position, now, leading, pack, view, tap, exactly } = lead
  const on = useOnNow(lead)
  const [sheet, setSheet] = useState<'stop' | 'takes' | 'keys' | 'straps'>()
  const close = () => setSheet(undefined)
  const [far, turnFar] = useFar()
  const ceilings = useMemo(
    () => Object.fromEntries(Object.entries(view.ceilings).flatMap(([person, { bpm }]) => (bpm === undefined ? [] : [[person, bpm]]))),
    [view],
  )
  const straps = useStraps(state.timeline, exactly, ceilings)
  const missingWake = useWakeLock(!rehearsal && on.running)
  useShellKept(!rehearsal)
  const sayItem = useCallback(
    (id: string, short: boolean): string => {
      const named = view.items.find((one) => one.id === id)
      return named ? itemSaid(named, pack.variants, short) : ''
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
  useLeadKeys({
    state,
    now,
    inactive: sheet === 'stop' || !leading,
    tap,
    onSheet: setSheet,
    onFar: turnFar,
    onCut: () => {
      const [cut] = proposalsFor({ state, position, items: view.items, overSeconds: on.overSeconds }).cuts
      if (cut) tap('cut', { drops: cut.drops })
    },
  })
  // by first name alone: whose pulse it is, and nothing of why it matters
  const above = Object.entries(straps.worn).flatMap(([person, { state: told }]) =>
    told.bpm !== undefined && told.bpm > (ceilings[person] ?? Number.POSITIVE_INFINITY)
      ? pack.people.filter(({ id }) => id === person).map(({ name }) => name)
      : [],
  )
  if (!on.segment) return <p className="p-8">This plan has nothing to lead yet.</p>
  return (
    <div className="flex h-dvh flex-col gap-2 px-6 pt-3 max-sm:px-3">
      <LeadHead lead={lead} on={on} rehearsal={rehearsal} above={above} onSheet={setSheet} far={far} />
      {!leading && state.status !== 'ended' && (
        <p className="flex flex-wrap items-center gap-4 border-l-4 border-effort pl-4 text-[1.2rem]">
          Another device leads; this one follows.
          <button type="button" className="action min-h-12" onClick={() => tap('lead')}>
            Lead from here
          </button>
        </p>
      )}
      {on.over ? <Over lead={lead} on={on} rehearsal={rehearsal} /> : <OnStage lead={lead} on={on} far={far} onTakes={() => setSheet('takes')} />}
      {!on.over && leading && <Proposals state={state} position={position} now={now} items={view.items} overSeconds={on.overSeconds} tap={tap} />}
      <LeadControls state={state} finished={on.finished} following={!leading} far={far} tap={tap} onFar={turnFar} onStop={() => setSheet('stop')} />

      {sheet === 'stop' && <StopCard pack={pack} now={now} running={on.running} tap={tap} onClose={close} />}
      {sheet === 'takes' && on.item && <TakesSheet item={on.item} state={state} pack={pack} tap={tap} onClose={close} />}
      {sheet === 'straps' && <StrapsSheet pack={pack} view={view} straps={straps} onClose={close} />}
      {sheet === 'keys' && (
        <KeysSheet
          onClose={close}
          sounds={sound.sounds}
          onSound={sound.set}
          missing={[
            ...(missingWake ? [missingWake] : []),
            ...(window.isSecureContext ? [] : ['Over plain http it cannot be opened without a network.']),
          ]}
        />
      )}
    </div>
  )
}

/** The count, the figures of the versions that people take, what to say, and who does otherwise. */
function OnStage({ lead, on, far, onTakes }: { lead: Lead; on: OnNow; far: boolean; onTakes: () => void }) {
  const { state, position, pack, exactly } = lead
  const { segment, item, tracks, next, waits, running, drive } = on
  const figures = useFigures(
    pack,
    tracks.map(({ variant }) => variant),
  )
  if (!segment) return null
  const about = tracks[0] && pack.variants[tracks[0].variant]
  return (
    <section
      className={`grid min-h-0 flex-1 gap-6 max-md:overflow-y-auto md:grid-rows-[minmax(0,1fr)] ${far ? 'md:grid-cols-[minmax(17rem,29%)_1fr]' : 'md:grid-cols-[minmax(19rem,29%)_1fr]'}`}
    >
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
        far={far}
      />
      {far ? (
        <LeadFar lead={lead} on={on} />
      ) : (
        <div className="flex min-w-0 flex-col gap-1 md:overflow-y-auto">
          <div className="flex items-baseline justify-between gap-6">
            <h2 className="min-w-0 truncate text-[clamp(2.4rem,3.3vw,4.5rem)] leading-tight">{item?.movement ?? 'A pause'}</h2>
            <p className="min-w-0 truncate text-[clamp(1.5rem,2vw,2.8rem)] text-soft">{next ? `Then: ${next.movement}` : ''}</p>
          </div>
          <ul className="text-[clamp(1.5rem,2vw,2.8rem)] leading-snug">
            {about?.cues.slice(0, 2).map((cue) => (
              <li key={cue}>{cue}</li>
            ))}
          </ul>
          <div className="flex-1">
            {item && (
              <LeadVersions
                pack={pack}
                tracks={tracks}
                figures={figures}
                moving={running && segment.kind === 'work' && !waits}
                drive={drive}
                onOpen={onTakes}
              />
            )}
          </div>
          <LeadPeople lead={lead} on={on} />
        </div>
      )}
    </section>
  )
}

/** After the last stretch: end it, and write it down. */
function Over({ lead: { state, pack, leading, tap }, on: { finished }, rehearsal }: { lead: Lead; on: OnNow; rehearsal: boolean }) {
  return (
    <section className="flex flex-1 flex-col items-center justify-center gap-6">
      <p className="font-serif text-[3rem]">Well led.</p>
      {finished && leading && (
        <button type="button" className="action text-[1.3rem]" onClick={() => tap('end')}>
          End the class
        </button>
      )}
      {state.status === 'ended' &&
        (rehearsal ? (
          <Link href={`/lead/${pack.session}`} className="action text-[1.3rem]">
            To the class itself
          </Link>
        ) : (
          <Link href={`/sessions/${pack.session}`} className="action text-[1.3rem]">
            Write the log
          </Link>
        ))}
    </section>
  )
}
