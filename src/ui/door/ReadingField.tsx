import { useEffect, useState } from 'react'
import { type Reading, readingField } from '@/core/client/record'

interface Props {
  reading: Reading
  value: number | undefined
  onChange: (value: number | undefined) => void
}

/** A reading taken at the door. Going through it changes nothing; a value that no device shows says so and is not passed on. */
export function ReadingField({ reading, value, onChange }: Props) {
  const { label, unit, min, max } = readingField(reading)
  const [typed, setTyped] = useState(value === undefined ? '' : String(value))
  useEffect(() => setTyped(value === undefined ? '' : String(value)), [value])
  const number = typed.trim() === '' ? undefined : Number(typed.replace(',', '.'))
  const wrong = number !== undefined && (!Number.isFinite(number) || number < min || number > max)
  return (
    <label className="field w-40">
      <span>{label}</span>
      <input
        className="input min-h-12"
        inputMode="decimal"
        value={typed}
        aria-invalid={wrong}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => {
          if (!wrong && number !== value) onChange(number)
        }}
      />
      {wrong ? (
        <span className="wrong">
          not kept: {min} to {max} {unit}
        </span>
      ) : (
        <span className="text-[0.94rem] text-soft">{unit}</span>
      )}
    </label>
  )
}
