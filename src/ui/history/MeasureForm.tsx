'use client'
import { useState, useTransition } from 'react'
import { type Measured, MOST_MEASURED } from '@/core/client'
import { keepMeasured } from '@/server/actions/people'
import { answered, refusalWords } from '../shell/answered'
import { MEASURE_WORDS } from './measuredWords'

const FIELDS = [
  { key: 'rises', kind: 'chair-rises', label: MEASURE_WORDS['chair-rises'].name },
  { key: 'left', kind: 'one-leg', side: 'left', label: 'On the left leg, s' },
  { key: 'right', kind: 'one-leg', side: 'right', label: 'On the right leg, s' },
  { key: 'go', kind: 'get-up-and-go', label: 'Get up and go, s' },
] as const
type Key = (typeof FIELDS)[number]['key']
const EMPTY: Record<Key, string> = { rises: '', left: '', right: '', go: '' }

/** What was measured on a day; what is left empty was not. */
export function MeasureForm({ clientId, today }: { clientId: string; today: string }) {
  const [on, setOn] = useState(today)
  const [said, setSaid] = useState(EMPTY)
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const keep = () =>
    start(async () => {
      const measured = FIELDS.flatMap((field): Measured[] =>
        said[field.key].trim() === ''
          ? []
          : [{ kind: field.kind, on, value: Number(said[field.key].replace(',', '.')), ...('side' in field && { side: field.side }) }],
      )
      const outcome = await answered(keepMeasured({ clientId, measured }))
      if (outcome.ok) setSaid(EMPTY)
      setMessage(outcome.ok ? 'Kept. It is what the rules go by from now on.' : refusalWords(outcome))
    })
  return (
    <form
      className="flex flex-wrap items-end gap-4 print:hidden"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <label className="field">
        <span>Measured on</span>
        <input className="input" type="date" max={today} required value={on} onChange={({ target }) => setOn(target.value)} />
      </label>
      {FIELDS.map(({ key, kind, label }) => (
        <label key={key} className="field">
          <span>{label}</span>
          <input
            className="input w-32"
            inputMode="decimal"
            pattern="[0-9]+([.,][0-9]+)?"
            title={`0 to ${MOST_MEASURED[kind]}`}
            value={said[key]}
            onChange={({ target }) => setSaid({ ...said, [key]: target.value })}
          />
        </label>
      ))}
      <button type="submit" className="quiet" disabled={saving || Object.values(said).every((one) => one.trim() === '')}>
        Keep
      </button>
      <p role="status" className="basis-full empty:hidden">
        {message}
      </p>
    </form>
  )
}
