'use client'
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react'
import { useEffect, useState } from 'react'
import type { Dose } from '@/core/movement'
import type { LadderView } from '@/workers/designerContract'
import { LadderSteps } from '../fit/LadderSteps'
import { Sheet } from '../shell/Sheet'

interface Field {
  key: keyof Dose
  label: string
  min: number
  max: number
  step: number
}
const FIELDS: Field[] = [
  { key: 'sets', label: 'Sets', min: 1, max: 10, step: 1 },
  { key: 'reps', label: 'Repetitions a side', min: 1, max: 100, step: 1 },
  { key: 'workSeconds', label: 'Work, s', min: 5, max: 1800, step: 5 },
  { key: 'holdSeconds', label: 'Hold, s', min: 0, max: 300, step: 1 },
  { key: 'restSeconds', label: 'Rest, s', min: 0, max: 600, step: 5 },
  { key: 'loadKg', label: 'Load, kg', min: 0, max: 60, step: 0.5 },
  { key: 'rpe', label: 'Effort, 0 to 10', min: 0, max: 10, step: 0.5 },
]

/** A number that is only passed on while it is within its range; what is typed stays. */
function DoseField({ field, value, onChange }: { field: Field; value: number; onChange: (value: number) => void }) {
  const [typed, setTyped] = useState(String(value))
  useEffect(() => setTyped(String(value)), [value])
  const number = Number(typed)
  const wrong =
    typed.trim() === '' || !Number.isFinite(number) || number < field.min || number > field.max || (field.step === 1 && !Number.isInteger(number))
  return (
    <label className="field w-28">
      <span>{field.label}</span>
      <input
        className="input"
        type="number"
        inputMode="decimal"
        min={field.min}
        max={field.max}
        step={field.step}
        value={typed}
        aria-invalid={wrong}
        onChange={(event) => {
          setTyped(event.target.value)
          const next = Number(event.target.value)
          const fits = event.target.value.trim() !== '' && next >= field.min && next <= field.max && (field.step !== 1 || Number.isInteger(next))
          if (fits) onChange(next)
        }}
      />
      {wrong && (
        <span className="wrong">
          {field.min} to {field.max}
        </span>
      )}
    </label>
  )
}

interface Props {
  ladder: LadderView | undefined
  /** how many are on the roster */
  people: number
  onClose: () => void
  onChoose: (variant: string) => void
  /** @param otherwise the dose that was on screen, for an item that has none of its own */
  onDose: (part: Partial<Dose>, otherwise: Dose) => void
  onMove: (by: -1 | 1) => void
  onRemove: () => void
  /** puts a movement of this version after the item */
  onAddAfter: (variant: string) => void
}

/** One item of the plan: its ladder with who stands where, its dose, its cues. */
export function ItemSheet({ ladder, people, onClose, onChoose, onDose, onMove, onRemove, onAddAfter }: Props) {
  return (
    <Sheet open onClose={onClose} title={ladder?.movement ?? 'Opening…'} wide>
      {ladder && (
        <div className="flex flex-col gap-6">
          <LadderSteps steps={ladder.steps} onChoose={onChoose} />
          {ladder.none.length > 0 && <p>On another movement or resting: {ladder.none.join(', ')}.</p>}
          <fieldset className="flex flex-wrap gap-4">
            <legend className="mb-1 font-serif text-[1.1rem]">Dose</legend>
            {FIELDS.filter(({ key }) => ladder.dose[key] !== undefined).map((field) => (
              <DoseField
                key={field.key}
                field={field}
                value={ladder.dose[field.key]!}
                onChange={(value) => onDose({ [field.key]: value }, ladder.dose)}
              />
            ))}
          </fieldset>
          <dl className="grid grid-cols-[7rem_1fr] gap-y-1">
            {(['setup', 'do', 'breath', 'watch'] as const).map((part) => (
              <div key={part} className="contents">
                <dt className="text-soft">{{ setup: 'Set up', do: 'Do', breath: 'Breath', watch: 'Watch for' }[part]}</dt>
                <dd>{ladder.cues[part]}</dd>
              </div>
            ))}
            <dt className="text-soft">Good for</dt>
            <dd>{ladder.everyday}</dd>
          </dl>
          {ladder.partners.length > 0 && (
            <section aria-label="Goes well after it">
              <h3>Goes well after it</h3>
              <ul className="mt-1 flex flex-wrap gap-3">
                {ladder.partners.map(({ id, movement, name, fits }) => (
                  <li key={id}>
                    <button type="button" className="quiet" onClick={() => onAddAfter(id)}>
                      <Plus size={18} aria-hidden="true" /> {movement}: {name}
                      {people > 0 && (
                        <span className="text-soft">
                          , fits {fits} of {people}
                        </span>
                      )}
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <div className="flex flex-wrap gap-3">
            <button type="button" className="quiet" onClick={() => onMove(-1)}>
              <ArrowUp size={18} aria-hidden="true" /> Earlier
            </button>
            <button type="button" className="quiet" onClick={() => onMove(1)}>
              <ArrowDown size={18} aria-hidden="true" /> Later
            </button>
            <button type="button" className="quiet" onClick={onRemove}>
              <Trash2 size={18} aria-hidden="true" /> Take out
            </button>
          </div>
        </div>
      )}
    </Sheet>
  )
}
