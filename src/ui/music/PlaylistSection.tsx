'use client'
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import type { ClassModel } from '@/core/evaluate'
import { type Playlist, RECIPES, type ReadTrack, type Track, tappedBpm, writeM3u, writeXspf } from '@/core/music'
import type { Edit, PlanDraft } from '@/core/plan'
import { clock } from '@/core/timing'
import { freshId } from '../design/selection'
import { NumberField } from '../shell/NumberField'
import { musicLines } from './musicWords'
import { readPlaylist } from './readPlaylist'
import { Sound } from './sound'

const asFile = (text: string, type: string): string => `data:${type};charset=utf-8,${encodeURIComponent(text)}`

/** Taps on a button as a tempo. */
function TapTempo({ onTempo }: { onTempo: (bpm: number) => void }) {
  const taps = useRef<number[]>([])
  return (
    <button
      type="button"
      className="quiet"
      onClick={() => {
        taps.current = [...taps.current.slice(-15), performance.now()]
        const bpm = tappedBpm(taps.current)
        if (bpm !== undefined) onTempo(bpm)
      }}
    >
      Tap
    </button>
  )
}

interface Props {
  plan: PlanDraft
  music: ClassModel['music']
  onEdit: (edit: Edit) => void
}

/** The music of a class: tracks from a playlist file, typed, or made here; what is cut and where it is silent. */
export function PlaylistSection({ plan, music, onEdit }: Props) {
  const list: Playlist = plan.playlist ?? { name: '', tracks: [] }
  const [refused, setRefused] = useState('')
  /** read, and without a length that anything could be laid on */
  const [unsaid, setUnsaid] = useState<ReadTrack[]>([])
  const [heard, setHeard] = useState<string>()
  const sound = useRef<Sound>(undefined)
  useEffect(() => () => sound.current?.stop(), [])
  const keep = (tracks: Track[]) => onEdit({ kind: 'set-plan', change: { playlist: { ...list, tracks } } })
  const add = (read: readonly ReadTrack[]) => {
    const known = read.flatMap(({ seconds, ...track }) => (seconds === undefined ? [] : [{ ...track, seconds, id: freshId('t') }]))
    if (known.length > 0) keep([...list.tracks, ...known].slice(0, 200))
    setUnsaid(read.filter(({ seconds }) => seconds === undefined))
  }
  const open = async (file: File | undefined) => {
    if (!file) return
    const read = readPlaylist(file.name, await file.text())
    if ('refused' in read) return setRefused(read.refused)
    setRefused('')
    add(read)
  }
  const change = (id: string, part: Partial<Track>, unset?: 'bpm') =>
    keep(
      list.tracks.map((track) => {
        if (track.id !== id) return track
        const { bpm: _bpm, ...rest } = track
        return { ...(unset ? rest : track), ...part }
      }),
    )
  const remove = (id: string) => {
    const begins = plan.phases.flatMap(({ blocks }) => blocks).filter(({ track }) => track === id)
    onEdit({
      kind: 'together',
      edits: [
        ...begins.map((block): Edit => ({ kind: 'set-block', block: block.id, change: {}, unset: ['track'] })),
        { kind: 'set-plan', change: { playlist: { ...list, tracks: list.tracks.filter((track) => track.id !== id) } } },
      ],
    })
  }
  const move = (at: number, by: -1 | 1) => {
    const next = [...list.tracks]
    const [track] = next.splice(at, 1)
    if (track) keep(next.toSpliced(at + by, 0, track))
  }
  const listen = (track: Track) => {
    sound.current ??= new Sound()
    const recipe = RECIPES.find(({ key }) => key === track.made)
    if (heard === track.id || !recipe) {
      sound.current.stop()
      return setHeard(undefined)
    }
    sound.current.play(recipe, 0)
    setHeard(track.id)
  }
  return (
    <fieldset className="border-t-2 border-line pt-3">
      <legend className="float-left w-full font-serif text-[1.1rem]">Music</legend>
      <p className="clear-both text-soft">
        A playlist file says what plays and how long; the music itself stays where it is. Which block begins with which track is said at the block.
      </p>
      <ol className="my-2">
        {list.tracks.map((track, at) => (
          <li key={track.id} className="flex flex-wrap items-end gap-x-3 gap-y-1 border-t border-line py-2">
            <span className="min-w-40 grow">
              <b>{track.title}</b> <span className="text-soft">{clock(track.seconds)}</span>
            </span>
            <NumberField
              label="Tempo"
              min={30}
              max={240}
              value={track.bpm}
              otherwise="?"
              onChange={(bpm) => change(track.id, { bpm })}
              onClear={() => change(track.id, {}, 'bpm')}
            />
            {track.made ? (
              <button type="button" className="quiet" aria-pressed={heard === track.id} onClick={() => listen(track)}>
                {heard === track.id ? 'Stop' : 'Listen'}
              </button>
            ) : (
              <TapTempo onTempo={(bpm) => change(track.id, { bpm })} />
            )}
            <button type="button" className="icon" disabled={at === 0} aria-label={`${track.title} earlier`} onClick={() => move(at, -1)}>
              <ArrowUp size={18} aria-hidden="true" />
            </button>
            <button
              type="button"
              className="icon"
              disabled={at === list.tracks.length - 1}
              aria-label={`${track.title} later`}
              onClick={() => move(at, 1)}
            >
              <ArrowDown size={18} aria-hidden="true" />
            </button>
            <button type="button" className="icon" aria-label={`Take ${track.title} out`} onClick={() => remove(track.id)}>
              <Trash2 size={18} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ol>
      {list.tracks.length > 0 && (
        <p className="flex flex-wrap gap-x-3">
          <a className="quiet" download={`${plan.title}.m3u8`} href={asFile(writeM3u(list), 'audio/x-mpegurl')}>
            As M3U
          </a>
          <a className="quiet" download={`${plan.title}.xspf`} href={asFile(writeXspf(list), 'application/xspf+xml')}>
            As XSPF
          </a>
        </p>
      )}
      {unsaid.length > 0 && (
        <div className="border-l-4 border-effort pl-3">
          <p>The file does not say how long these are. Type a length, and they are taken.</p>
          <ul>
            {unsaid.map((track, at) => (
              <li key={at} className="flex items-end gap-3">
                <span className="grow">{track.title}</span>
                <LengthField
                  onLength={(seconds) => {
                    setUnsaid(unsaid.filter((one) => one !== track))
                    keep([...list.tracks, { ...track, seconds, id: freshId('t') }])
                  }}
                />
              </li>
            ))}
          </ul>
        </div>
      )}
      {refused && (
        <p role="alert" className="wrong">
          {refused}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-3">
        <label className="quiet cursor-pointer">
          Open a playlist file
          <input type="file" accept=".m3u,.m3u8,.xspf" className="sr-only" onChange={({ target }) => void open(target.files?.[0])} />
        </label>
        {RECIPES.filter(({ key }) => !list.tracks.some(({ made }) => made === key)).map(({ key, title, bpm, seconds }) => (
          <button
            key={key}
            type="button"
            className="quiet"
            onClick={() => keep([...list.tracks, { id: freshId('t'), title, seconds, bpm, made: key }])}
          >
            + {title}, {bpm}
          </button>
        ))}
      </div>
      <ul className="mt-2 text-[0.94rem]" aria-label="What plays">
        {musicLines(plan, music).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </fieldset>
  )
}

function LengthField({ onLength }: { onLength: (seconds: number) => void }) {
  const [typed, setTyped] = useState('')
  const found = /^(\d+):([0-5]\d)$/.exec(typed.trim())
  return (
    <label className="field w-[7rem]">
      <span>Length, m:ss</span>
      <input
        className="input"
        value={typed}
        aria-invalid={typed !== '' && !found}
        onChange={({ target }) => setTyped(target.value)}
        onBlur={() => found && onLength(Math.max(1, Number(found[1]) * 60 + Number(found[2])))}
      />
    </label>
  )
}
