'use client'
import { useRef, useState, useTransition } from 'react'
import { letGuestIn } from '@/server/actions/door'
import { answered, refusalWords } from '../shell/answered'
import { Chip } from '../shell/Chip'
import { GUEST_WORDS } from './doorWords'
import type { DoorPerson } from './useDoor'

const PREGNANT = [
  ['no', 'not pregnant'],
  ['yes', 'pregnant'],
  ['not-said', 'not said'],
] as const

/** Somebody who has not been here: first name, age, and whether they are pregnant. Everything else is read on the cautious side. */
export function GuestForm({ session, onIn }: { session: string; onIn: (person: DoorPerson) => void }) {
  const [open, setOpen] = useState(false)
  const [given, setGiven] = useState('')
  const [age, setAge] = useState('')
  const [pregnant, setPregnant] = useState<(typeof PREGNANT)[number][0]>('not-said')
  const [problem, setProblem] = useState('')
  const [saving, start] = useTransition()
  const key = useRef('')
  if (!open)
    return (
      <button type="button" className="quiet min-h-12" onClick={() => setOpen(true)}>
        A guest
      </button>
    )
  const number = Number(age)
  // four digits are a year
  const said = age.length === 4 ? { birthYear: number } : { age: number }
  const ready = given.trim() !== '' && /^\d{1,4}$/.test(age)
  const letIn = () =>
    start(async () => {
      key.current ||= crypto.randomUUID()
      const outcome = await answered(letGuestIn({ key: key.current, id: session, given: given.trim(), ...said, pregnant }))
      if (!outcome.ok) return setProblem(refusalWords(outcome))
      onIn({
        id: outcome.id,
        name: given.trim(),
        guest: true,
        presence: 'present',
        checkIn: null,
        revision: 1,
        readings: [],
        asks: [],
        findings: [],
        said: [],
        notices: [GUEST_WORDS],
      })
      key.current = ''
      setGiven('')
      setAge('')
      setPregnant('not-said')
      setProblem('')
      setOpen(false)
    })
  return (
    <form
      className="flex flex-col gap-3 border-t-2 border-line py-3"
      onSubmit={(event) => {
        event.preventDefault()
        if (ready) letIn()
      }}
    >
      <div className="flex flex-wrap gap-3">
        <label className="field min-w-40 flex-1">
          <span>First name</span>
          {/* biome-ignore lint/a11y/noAutofocus: it was asked for by a press */}
          <input className="input min-h-12" autoFocus value={given} maxLength={60} onChange={({ target }) => setGiven(target.value)} />
        </label>
        <label className="field w-40">
          <span>Age, or year of birth</span>
          <input className="input min-h-12" inputMode="numeric" maxLength={4} value={age} onChange={({ target }) => setAge(target.value.trim())} />
        </label>
      </div>
      <fieldset className="flex gap-2">
        <legend className="sr-only">Pregnant</legend>
        {PREGNANT.map(([value, label]) => (
          <Chip key={value} on={pregnant === value} onToggle={() => setPregnant(value)}>
            {label}
          </Chip>
        ))}
      </fieldset>
      {problem && (
        <p role="alert" className="wrong">
          {problem}
        </p>
      )}
      <div className="flex gap-3">
        <button type="submit" className="action min-h-12" disabled={!ready || saving}>
          Let in
        </button>
        <button type="button" className="quiet min-h-12" onClick={() => setOpen(false)}>
          Leave it
        </button>
      </div>
    </form>
  )
}
