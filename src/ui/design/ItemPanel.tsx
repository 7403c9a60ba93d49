'use client'
import { ArrowDown, ArrowUp, Copy, Plus, Trash2 } from 'lucide-react'
import type { ModelItem } from '@/core/evaluate'
import type { Item, PlanDose } from '@/core/plan'
import { kgOf, massIn } from '@/core/vocabulary'
import type { Beside, LadderView } from '@/workers/designerContract'
import { FigureDrawing } from '../figure/FigureDrawing'
import { useMassUnit } from '../shell/mass'
import { NumberField } from '../shell/NumberField'
import { Levels } from './Levels'
import { OwnSets } from './OwnSets'

export interface ItemIntents {
  onChoose: (variant: string) => void
  onDose: (part: Partial<PlanDose>, unset?: readonly (keyof PlanDose)[]) => void
  onOptional: (optional: boolean) => void
  /** undefined = in this block no movement can be a rest */
  onRest: ((asRest: boolean) => void) | undefined
  /** whether the group knows the movement, so that it needs no showing */
  onKnown: (known: boolean) => void
  onLevels: (levels: string[] | undefined) => void
  onMove: (by: -1 | 1) => void
  onCopy: () => void
  onRemove: () => void
  /** puts a movement of this version after the item */
  onAddAfter: (variant: string) => void
}

const SIDES = [
  ['', 'as in the library'],
  ['both', 'both together'],
  ['alternating', 'in turn'],
  ['one-then-other', 'one, then the other'],
  ['left', 'left only'],
  ['right', 'right only'],
] as const

/** What a set is counted in. */
function AmountFields({ dose, onDose }: { dose: PlanDose; onDose: ItemIntents['onDose'] }) {
  const field = (key: keyof PlanDose, label: string, min: number, max: number, step = 1) => (
    <NumberField label={label} min={min} max={max} step={step} value={dose[key] as number} onChange={(value) => onDose({ [key]: value })} />
  )
  return (
    <>
      {dose.eachSet === undefined && field('sets', 'Sets', 1, 20)}
      {dose.reps !== undefined && field('reps', 'Repetitions', 1, 200)}
      {dose.workSeconds !== undefined && field('workSeconds', 'Work, s', 5, 3600, 5)}
      {dose.workCounts !== undefined && field('workCounts', 'Counts', 1, 2000)}
      {dose.holdBreaths !== undefined && field('holdBreaths', 'Hold, breaths', 0, 40)}
      {dose.holdCounts !== undefined && field('holdCounts', 'Hold, counts', 0, 120)}
      {dose.holdBreaths === undefined && dose.holdCounts === undefined && field('holdSeconds', 'Hold, s', 0, 600)}
    </>
  )
}

function DoseFields({ dose, onDose }: { dose: PlanDose; onDose: ItemIntents['onDose'] }) {
  const unit = useMassUnit()
  return (
    <fieldset className="flex flex-wrap gap-x-3 gap-y-2">
      <legend className="sr-only">Dose</legend>
      <AmountFields dose={dose} onDose={onDose} />
      <NumberField
        label="Rest, s"
        min={0}
        max={600}
        step={5}
        value={dose.restSeconds}
        otherwise="20"
        onChange={(restSeconds) => onDose({ restSeconds })}
        onClear={() => onDose({}, ['restSeconds'])}
      />
      <NumberField
        label={`Load, ${unit}`}
        min={0}
        max={Math.floor(massIn(60, unit))}
        step={0.5}
        value={dose.loadKg === undefined ? undefined : massIn(dose.loadKg, unit)}
        onChange={(mass) => onDose({ loadKg: kgOf(mass, unit) })}
        onClear={() => onDose({}, ['loadKg'])}
      />
      <NumberField
        label="Effort, 0–10"
        min={0}
        max={10}
        step={0.5}
        value={dose.rpe}
        onChange={(rpe) => onDose({ rpe })}
        onClear={() => onDose({}, ['rpe'])}
      />
      <label className="field w-[9rem]">
        <span>Tempo</span>
        <select
          className="input"
          value={dose.tempo === undefined ? '' : dose.tempo.by === 'controlled' ? 'controlled' : 'said'}
          onChange={({ target: { value } }) => (value === 'controlled' ? onDose({ tempo: { by: 'controlled' } }) : onDose({}, ['tempo']))}
        >
          <option value="">the group’s</option>
          <option value="controlled">slow, controlled</option>
          {dose.tempo !== undefined && dose.tempo.by !== 'controlled' && <option value="said">as typed</option>}
        </select>
      </label>
      <label className="field w-[11rem]">
        <span>Sides</span>
        <select
          className="input"
          value={dose.sides ?? ''}
          onChange={({ target: { value } }) => (value === '' ? onDose({}, ['sides']) : onDose({ sides: value as NonNullable<PlanDose['sides']> }))}
        >
          {SIDES.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <label className="field w-[9rem]">
        <span>The number is</span>
        <select
          className="input"
          value={dose.counted ?? 'per-side'}
          onChange={({ target: { value } }) => onDose({ counted: value as NonNullable<PlanDose['counted']> })}
        >
          <option value="per-side">for each side</option>
          <option value="in-all">in all</option>
        </select>
      </label>
    </fieldset>
  )
}

/** The ladder from top to bottom, gentlest first, each step standing further in, with who stands on it today. */
function LadderList({ ladder, onChoose }: { ladder: LadderView; onChoose: (variant: string) => void }) {
  return (
    <ol aria-label="Ladder, gentlest first">
      {ladder.steps.map((step, index) => (
        <li key={step.id} style={{ marginLeft: `${Math.min(index, 6) * 0.55}rem` }}>
          <button
            type="button"
            aria-pressed={step.planned}
            onClick={() => onChoose(step.id)}
            className={`flex w-full items-center gap-2 border-l-4 py-0.5 pl-2 text-left leading-tight ${step.planned ? 'border-plum bg-plum-wash' : 'border-line hover:border-plum'}`}
          >
            <span className="flex h-[50px] w-[50px] shrink-0 items-end justify-center">
              <FigureDrawing drawing={step.drawing} label={step.words} className="h-[50px] max-w-[50px]" />
            </span>
            <span className="min-w-0">
              <span className="block font-semibold">{step.name}</span>
              {step.standing.length > 0 && <span className="block text-[0.85rem] text-soft">{step.standing.join(', ')}</span>}
            </span>
          </button>
        </li>
      ))}
    </ol>
  )
}

const CUES = [
  ['setup', 'Set up'],
  ['do', 'Do'],
  ['breath', 'Breath'],
  ['watch', 'Watch for'],
] as const

interface Props extends ItemIntents {
  item: Item
  ladder: LadderView | undefined
  beside: Beside | undefined
  people: number
  known: boolean
  /** as judged, of an item with levels */
  levels: ModelItem['levels']
}

/** One item: what it is, how much of it, its ladder with everybody on it, what to say. */
export function ItemPanel({
  item,
  ladder,
  beside,
  people,
  known,
  levels,
  onChoose,
  onDose,
  onOptional,
  onRest,
  onKnown,
  onLevels,
  onMove,
  onCopy,
  onRemove,
  onAddAfter,
}: Props) {
  if (!ladder) return <p className="text-soft">Opening…</p>
  return (
    <div className="flex flex-col gap-4">
      <div className="pr-8">
        <h2>{ladder.movement}</h2>
        <p className="text-[0.94rem] text-soft">For {ladder.everyday}</p>
      </div>
      <div className="flex flex-wrap items-center">
        <button type="button" className="quiet !px-2" disabled={!beside?.gentler} onClick={() => beside?.gentler && onChoose(beside.gentler.id)}>
          Gentler
        </button>
        <button type="button" className="quiet !px-2" disabled={!beside?.harder} onClick={() => beside?.harder && onChoose(beside.harder.id)}>
          Harder
        </button>
        <span className="ml-auto flex">
          <button type="button" className="icon !w-10" aria-label="Earlier" onClick={() => onMove(-1)}>
            <ArrowUp size={18} aria-hidden="true" />
          </button>
          <button type="button" className="icon !w-10" aria-label="Later" onClick={() => onMove(1)}>
            <ArrowDown size={18} aria-hidden="true" />
          </button>
          <button type="button" className="icon !w-10" aria-label="Once more after it" onClick={onCopy}>
            <Copy size={18} aria-hidden="true" />
          </button>
          <button type="button" className="icon !w-10" aria-label="Take out" onClick={onRemove}>
            <Trash2 size={18} aria-hidden="true" />
          </button>
        </span>
      </div>
      <DoseFields dose={ladder.dose} onDose={onDose} />
      {item.variant !== undefined && (
        <>
          <OwnSets dose={ladder.dose} variant={item.variant} steps={ladder.steps} hasLevels={item.levels !== undefined} onDose={onDose} />
          {!ladder.dose.eachSet?.some(({ variant }) => variant !== undefined) && (
            <Levels item={item} steps={ladder.steps} judged={levels} onLevels={onLevels} />
          )}
        </>
      )}
      <label className="flex min-h-11 items-center gap-2">
        <input type="checkbox" className="h-5 w-5" checked={item.optional ?? false} onChange={(event) => onOptional(event.target.checked)} />
        Only if there is time
      </label>
      {onRest && (
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" className="h-5 w-5" checked={item.asRest ?? false} onChange={(event) => onRest(event.target.checked)} />
          Easily, as a moving rest between the others
        </label>
      )}
      {item.variant !== undefined && (
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" className="h-5 w-5" checked={known} onChange={(event) => onKnown(event.target.checked)} />
          The group knows it: no showing
        </label>
      )}
      <LadderList ladder={ladder} onChoose={onChoose} />
      {ladder.none.length > 0 && <p>On another movement or resting: {ladder.none.join(', ')}.</p>}
      <dl className="grid grid-cols-[5.2rem_1fr] gap-y-1">
        {CUES.map(([part, words]) => (
          <div key={part} className="contents">
            <dt className="text-soft">{words}</dt>
            <dd>{ladder.cues[part]}</dd>
          </div>
        ))}
      </dl>
      {ladder.partners.length > 0 && (
        <section aria-label="Goes well after it">
          <h3>Goes well after it</h3>
          <ul>
            {ladder.partners.map(({ id, movement, name, fits }) => (
              <li key={id}>
                <button type="button" className="flex min-h-11 w-full items-center gap-2 text-left hover:underline" onClick={() => onAddAfter(id)}>
                  <Plus size={18} aria-hidden="true" className="shrink-0" />
                  <span>
                    {movement}: {name}
                    {people > 0 && (
                      <span className="text-soft">
                        , fits {fits} of {people}
                      </span>
                    )}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}
