'use client'
import { useEffect, useState } from 'react'

interface Props {
  label: string
  /** beside what it is about: its label is heard and not seen */
  inline?: boolean
  min: number
  max: number
  step?: number
  /** undefined = not said; shown empty */
  value: number | undefined
  /** what holds while nothing is said */
  otherwise?: string
  onChange: (value: number) => void
  /** given where it may be left empty */
  onClear?: () => void
}

/** A number that is only passed on while it is within its range; what is typed stays. */
export function NumberField({ label, inline = false, min, max, step = 1, value, otherwise, onChange, onClear }: Props) {
  const shown = value === undefined ? '' : String(value)
  const [typed, setTyped] = useState(shown)
  useEffect(() => setTyped(shown), [shown])
  const fits = (text: string) => {
    const number = Number(text)
    return text.trim() !== '' && number >= min && number <= max && (step !== 1 || Number.isInteger(number))
  }
  const wrong = typed.trim() === '' ? onClear === undefined : !fits(typed)
  return (
    <label className="field w-[6rem] shrink-0">
      <span className={inline ? 'sr-only' : undefined}>{label}</span>
      <input
        className="input"
        type="number"
        inputMode="decimal"
        min={min}
        max={max}
        step={step}
        value={typed}
        placeholder={otherwise}
        aria-invalid={wrong}
        onChange={(event) => {
          const text = event.target.value
          setTyped(text)
          if (text.trim() === '') onClear?.()
          else if (fits(text)) onChange(Number(text))
        }}
      />
      {wrong && (
        <span className="wrong">
          {min} to {max}
        </span>
      )}
    </label>
  )
}
