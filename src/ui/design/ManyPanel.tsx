'use client'
import { ArrowDown, ArrowUp, Copy, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { type SaidDose, sayDose } from '@/core/plan'

interface Props {
  names: readonly string[]
  onStep: (to: 'gentler' | 'harder') => void
  onSay: (said: SaidDose) => void
  onOptional: (optional: boolean) => void
  onMove: (by: -1 | 1) => void
  onCopy: () => void
  onRemove: () => void
}

/** Several movements at once: each change is one step for all of them, and one step back. */
export function ManyPanel({ names, onStep, onSay, onOptional, onMove, onCopy, onRemove }: Props) {
  const [typed, setTyped] = useState('')
  const said = sayDose(typed)
  const understood = typed.trim() !== '' && said.unknown.length === 0
  const say = () => {
    if (!understood) return
    onSay(said)
    setTyped('')
  }
  return (
    <div className="flex flex-col gap-4">
      <div className="flex items-start pr-9">
        <h2 className="grow">{names.length} movements</h2>
        <button type="button" className="icon !w-10" aria-label="All of them earlier" onClick={() => onMove(-1)}>
          <ArrowUp size={18} aria-hidden="true" />
        </button>
        <button type="button" className="icon !w-10" aria-label="All of them later" onClick={() => onMove(1)}>
          <ArrowDown size={18} aria-hidden="true" />
        </button>
        <button type="button" className="icon !w-10" aria-label="All of them once more" onClick={onCopy}>
          <Copy size={18} aria-hidden="true" />
        </button>
        <button type="button" className="icon !w-10" aria-label="Take all of them out" onClick={onRemove}>
          <Trash2 size={18} aria-hidden="true" />
        </button>
      </div>
      <ul>
        {names.map((name, index) => (
          <li key={index}>{name}</li>
        ))}
      </ul>
      <label className="field">
        <span>For each of them, as it is said</span>
        <input
          className="input"
          value={typed}
          placeholder="2 sets of 12, 30 rest"
          aria-invalid={typed.trim() !== '' && !understood}
          onChange={({ target }) => setTyped(target.value)}
          onKeyDown={(event) => event.key === 'Enter' && say()}
        />
        {said.unknown.length > 0 && <span className="wrong">Not understood: {said.unknown.join(', ')}</span>}
      </label>
      <div className="flex flex-wrap gap-x-3">
        <button type="button" className="quiet" disabled={!understood} onClick={say}>
          Give it to all
        </button>
        <button type="button" className="quiet" onClick={() => onStep('gentler')}>
          Gentler
        </button>
        <button type="button" className="quiet" onClick={() => onStep('harder')}>
          Harder
        </button>
        <button type="button" className="quiet" onClick={() => onOptional(true)}>
          Only if there is time
        </button>
        <button type="button" className="quiet" onClick={() => onOptional(false)}>
          In any case
        </button>
      </div>
      <p className="text-[0.94rem] text-soft">Shift with a press or an arrow takes more, Ctrl with a press one more or one less.</p>
    </div>
  )
}
