'use client'
import { ArrowDown, ArrowUp, Copy, Trash2 } from 'lucide-react'
import type { ClassModel } from '@/core/evaluate'
import type { Track } from '@/core/music'
import { BLOCK_FORMATS, type Block, type BlockField, type BlockFormat, formatLabel, QUIET_KINDS, QUIET_POSITIONS, type QuietKind } from '@/core/plan'
import type { BlockForecast } from '@/core/timing'
import { NumberField } from '../shell/NumberField'
import { BlockPace } from './BlockPace'

export interface BlockIntents {
  onSet: (change: Partial<Record<BlockField, unknown>>, unset?: BlockField[]) => void
  onFormat: (format: BlockFormat) => void
  onMove: (by: -1 | 1) => void
  onCopy: () => void
  onRemove: () => void
  /** puts a new block after this one */
  onAddAfter: (format: BlockFormat) => void
}

interface NumberOf {
  key: BlockField
  label: string
  min: number
  max: number
  step?: number
  /** may be left empty, and what then holds */
  otherwise?: string
}
const REST_BETWEEN: NumberOf = { key: 'restBetweenSeconds', label: 'Between, s', min: 0, max: 600, step: 5, otherwise: 'as needed' }
const ROUNDS: NumberOf = { key: 'rounds', label: 'Rounds', min: 1, max: 30 }
const AFTER_ROUND: NumberOf = { key: 'restAfterRoundSeconds', label: 'After round, s', min: 0, max: 600, step: 5, otherwise: 'as needed' }
const FIELDS: Record<BlockFormat, NumberOf[]> = {
  straight: [REST_BETWEEN],
  alternated: [{ ...ROUNDS, label: 'Times', otherwise: 'by sets' }, REST_BETWEEN, AFTER_ROUND],
  circuit: [
    { ...ROUNDS, otherwise: 'by sets' },
    { key: 'optionalRounds', label: 'Spare rounds', min: 0, max: 29 },
    { key: 'workSeconds', label: 'Work, s', min: 5, max: 600, step: 5, otherwise: 'by dose' },
    { key: 'changeSeconds', label: 'To change, s', min: 0, max: 600, step: 5, otherwise: 'as needed' },
    AFTER_ROUND,
  ],
  intervals: [
    ROUNDS,
    { key: 'workSeconds', label: 'Work, s', min: 5, max: 600, step: 5 },
    { key: 'restSeconds', label: 'Rest, s', min: 0, max: 600, step: 5 },
    AFTER_ROUND,
  ],
  counts: [{ key: 'bpm', label: 'Beats a minute', min: 30, max: 240, otherwise: 'none' }],
  phrase: [
    { key: 'bpm', label: 'Beats a minute', min: 30, max: 240, otherwise: 'none' },
    { key: 'wholeTimes', label: 'The whole, times', min: 0, max: 64 },
  ],
  song: [{ key: 'seconds', label: 'Length, s', min: 30, max: 1200, step: 5 }],
  stations: [REST_BETWEEN],
  laps: [
    { key: 'laps', label: 'Laps', min: 1, max: 60 },
    { key: 'lapSeconds', label: 'One lap, s', min: 5, max: 600, step: 5 },
  ],
  open: [
    { key: 'expectedSeconds', label: 'Expected, s', min: 5, max: 900, step: 5 },
    { key: 'lastCounted', label: 'Last ones counted', min: 0, max: 20 },
    REST_BETWEEN,
  ],
  quiet: [{ key: 'seconds', label: 'Length, s', min: 5, max: 1800, step: 5 }],
}

const numberOf = (block: Block, key: BlockField) => (block as unknown as Record<BlockField, number | undefined>)[key]
const POSITION_WORDS: Record<(typeof QUIET_POSITIONS)[number], string> = {
  'seated-back-supported': 'sitting back',
  'seated-unsupported': 'sitting tall',
  'standing-two-hand': 'standing, two hands on the chair',
  'standing-one-hand': 'standing, one hand on the chair',
  'standing-free': 'standing free',
}

/** What only some formats ask. */
function OwnFields({ block, onSet }: { block: Block; onSet: BlockIntents['onSet'] }) {
  if (block.format === 'intervals')
    return (
      <>
        <Tick label="Rest comes first, set-up is in it" checked={block.restFirst} onChange={(restFirst) => onSet({ restFirst })} />
        <Tick
          label="Two sides share one stretch"
          checked={block.sidesIn === 'one-stretch'}
          onChange={(shared) => onSet({ sidesIn: shared ? 'one-stretch' : 'own-stretches' })}
        />
      </>
    )
  if (block.format === 'phrase')
    return (
      <>
        <Tick label="Built up part by part" checked={block.addOn} onChange={(addOn) => onSet({ addOn })} />
        <label className="field">
          <span>Leading foot</span>
          <select className="input" value={block.leads} onChange={({ target }) => onSet({ leads: target.value })}>
            <option value="both">right and left, even</option>
            <option value="right">right only</option>
            <option value="left">left only</option>
          </select>
        </label>
      </>
    )
  if (block.format !== 'quiet') return null
  return (
    <>
      <label className="field">
        <span>What for</span>
        <select className="input" value={block.what} onChange={({ target }) => onSet({ what: target.value as QuietKind })}>
          {Object.entries(QUIET_KINDS).map(([kind, words]) => (
            <option key={kind} value={kind}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <label className="field">
        <span>How people are held</span>
        <select
          className="input"
          value={block.position ?? ''}
          onChange={({ target }) => (target.value === '' ? onSet({}, ['position']) : onSet({ position: target.value }))}
        >
          <option value="">as they were</option>
          {QUIET_POSITIONS.map((position) => (
            <option key={position} value={position}>
              {POSITION_WORDS[position]}
            </option>
          ))}
        </select>
      </label>
      <Tick label="Weight is taken off the seat" checked={block.relief} onChange={(relief) => onSet({ relief })} />
      <label className="field">
        <span>To say</span>
        <textarea className="input" rows={3} maxLength={600} value={block.words} onChange={({ target }) => onSet({ words: target.value })} />
      </label>
    </>
  )
}

/** A block laid on a track: it counts by its beat, and one song is as long as the song. */
const laidOn = (block: Block, track: Track): Partial<Record<BlockField, unknown>> => ({
  track: track.id,
  ...(track.bpm !== undefined && (block.format === 'counts' || block.format === 'phrase') && { bpm: track.bpm }),
  ...(block.format === 'song' && { seconds: Math.min(SONG_MOST_SECONDS, Math.max(SONG_LEAST_SECONDS, track.seconds)) }),
})
const SONG_LEAST_SECONDS = 30
const SONG_MOST_SECONDS = 1200

function Tick({ label, checked, onChange }: { label: string; checked: boolean; onChange: (checked: boolean) => void }) {
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input type="checkbox" className="h-5 w-5" checked={checked} onChange={(event) => onChange(event.target.checked)} />
      {label}
    </label>
  )
}

interface Props extends BlockIntents {
  block: Block
  /** undefined until it was judged */
  forecast: BlockForecast | undefined
  pace: ClassModel['pace']
  /** of the class */
  tracks: readonly Track[]
  /** those of its items, by id */
  movements: readonly string[]
}

/** One block: how its items follow each other, and its place in the class. */
export function BlockPanel({ block, forecast, pace, tracks, movements, onSet, onFormat, onMove, onCopy, onRemove, onAddAfter }: Props) {
  // from a block with items to none and back would lose them
  const formats = BLOCK_FORMATS.filter((format) => (block.items.length > 0 ? format !== 'quiet' : true))
  return (
    <div className="flex flex-col gap-4">
      <div className="flex items-start pr-9">
        <h2 className="grow">Block</h2>
        <button type="button" className="icon" aria-label="Block earlier" onClick={() => onMove(-1)}>
          <ArrowUp size={18} aria-hidden="true" />
        </button>
        <button type="button" className="icon" aria-label="Block later" onClick={() => onMove(1)}>
          <ArrowDown size={18} aria-hidden="true" />
        </button>
        <button type="button" className="icon" aria-label="Block once more" onClick={onCopy}>
          <Copy size={18} aria-hidden="true" />
        </button>
        <button type="button" className="icon" aria-label="Take the block out" onClick={onRemove}>
          <Trash2 size={18} aria-hidden="true" />
        </button>
      </div>
      <label className="field">
        <span>Title</span>
        <input className="input" maxLength={80} value={block.title} onChange={({ target }) => onSet({ title: target.value })} />
      </label>
      <label className="field">
        <span>How it runs</span>
        <select className="input" value={block.format} onChange={({ target }) => onFormat(target.value as BlockFormat)}>
          {formats.map((format) => (
            <option key={format} value={format}>
              {formatLabel(format)}
            </option>
          ))}
        </select>
      </label>
      <div className="flex flex-wrap gap-x-3 gap-y-2">
        {FIELDS[block.format].map(({ key, otherwise, ...field }) => (
          <NumberField
            key={key}
            {...field}
            value={numberOf(block, key)}
            onChange={(value) => onSet({ [key]: value })}
            {...(otherwise !== undefined && { otherwise, onClear: () => onSet({}, [key]) })}
          />
        ))}
        <NumberField label="Pause after, s" min={0} max={600} step={5} value={block.pauseAfter} onChange={(pauseAfter) => onSet({ pauseAfter })} />
      </div>
      <OwnFields block={block} onSet={onSet} />
      {tracks.length > 0 && (
        <label className="field">
          <span>Music begins with</span>
          <select
            className="input"
            value={tracks.some(({ id }) => id === block.track) ? block.track : ''}
            onChange={({ target }) => {
              const track = tracks.find(({ id }) => id === target.value)
              if (track) onSet(laidOn(block, track))
              else onSet({}, ['track'])
            }}
          >
            <option value="">no music of its own</option>
            {tracks.map(({ id, title, bpm }) => (
              <option key={id} value={id}>
                {title}
                {bpm === undefined ? '' : `, ${bpm}`}
              </option>
            ))}
          </select>
        </label>
      )}
      {forecast?.scaled && <BlockPace block={block} forecast={forecast} pace={pace} movements={movements} onSet={onSet} />}
      <Tick
        label="Only if there is time"
        checked={block.optional ?? false}
        onChange={(optional) => (optional ? onSet({ optional }) : onSet({}, ['optional']))}
      />
      <NewBlock label="A new block after it" onAdd={onAddAfter} />
    </div>
  )
}

/** Formats to begin a block with. */
export function NewBlock({ label, onAdd }: { label: string; onAdd: (format: BlockFormat) => void }) {
  return (
    <section aria-label={label}>
      <h3>{label}</h3>
      <ul className="flex flex-wrap gap-x-3">
        {BLOCK_FORMATS.map((format) => (
          <li key={format}>
            <button type="button" className="min-h-11 underline-offset-4 hover:underline" onClick={() => onAdd(format)}>
              {formatLabel(format)}
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
