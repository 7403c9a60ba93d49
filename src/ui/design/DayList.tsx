'use client'
import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import { dayWords } from '../shell/days'

/** Single days, in order, each to be taken away again. */
export function DayList({ label, hint, days, onChange }: { label: string; hint: string; days: string[]; onChange: (days: string[]) => void }) {
  const [typed, setTyped] = useState('')
  const add = () => {
    onChange([...new Set([...days, typed])].sort())
    setTyped('')
  }
  return (
    <fieldset>
      <legend className="font-serif text-[1.1rem]">{label}</legend>
      <p className="text-[0.94rem] text-soft">{hint}</p>
      <ul>
        {days.map((day) => (
          <li key={day} className="flex items-center justify-between border-b border-line">
            {dayWords(day)}
            <button
              type="button"
              className="icon"
              aria-label={`Take away ${dayWords(day)}`}
              onClick={() => onChange(days.filter((one) => one !== day))}
            >
              <X size={18} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex items-end gap-3">
        <label className="field">
          <span>Day</span>
          <input className="input" type="date" value={typed} onChange={(event) => setTyped(event.target.value)} />
        </label>
        <button type="button" className="quiet" disabled={typed === ''} onClick={add}>
          <Plus size={18} aria-hidden="true" /> Add
        </button>
      </div>
    </fieldset>
  )
}
