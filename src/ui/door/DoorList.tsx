'use client'
import { useState, useTransition } from 'react'
import { addDays } from '@/core/client/calendar'
import type { CheckIn } from '@/core/client/record'
import { saveCheckIn } from '@/server/actions/sessions'

interface DoorPerson {
  id: string
  name: string
  came: boolean
  checkIn: CheckIn | null
  conditions: string[]
}

const FEELS = [
  ['well', 'Well'],
  ['a-bit-off', 'A bit off'],
  ['unwell', 'Unwell'],
] as const
const SIGNS = [
  ['chestPainNow', 'chest pain or pressure now'],
  ['newBreathless', 'newly breathless'],
  ['dizzyNow', 'dizzy'],
  ['feverNow', 'fever or stomach upset'],
] as const
type Reading = 'restSbp' | 'restDbp' | 'restHr' | 'glucoseMmol' | 'ketonesMmol' | 'spo2'
const READINGS: { field: Reading; label: string; for: RegExp }[] = [
  { field: 'restSbp', label: 'Upper pressure', for: /hypertension|aortic|wheelchair|pregnan/ },
  { field: 'restDbp', label: 'Lower pressure', for: /hypertension|aortic|pregnan/ },
  { field: 'restHr', label: 'Pulse', for: /atrial|heart|coronary|pacemaker/ },
  { field: 'glucoseMmol', label: 'Sugar, mmol/L', for: /diabetes/ },
  { field: 'spo2', label: 'Oxygen, %', for: /copd|lung/ },
]
const KEEP_DAYS = 7

/** How are you today: two taps a person. What is said here changes today's plan and not the record. */
export function DoorList({ session, day, people: start }: { session: string; day: string; people: DoorPerson[] }) {
  const [people, setPeople] = useState(start)
  const [open, setOpen] = useState<string>()
  const [failed, setFailed] = useState<Set<string>>(new Set())
  const [, startSaving] = useTransition()
  const put = (id: string, next: Partial<Pick<DoorPerson, 'came' | 'checkIn'>>) => {
    const person = people.find((one) => one.id === id)!
    const changed = { ...person, ...next }
    setPeople((now) => now.map((one) => (one.id === id ? changed : one)))
    startSaving(async () => {
      const ok = await saveCheckIn({ id: session, clientId: id, came: changed.came, checkIn: changed.checkIn }).then(
        (outcome) => outcome.ok,
        () => false,
      )
      setFailed((now) => (ok ? new Set([...now].filter((one) => one !== id)) : new Set([...now, id])))
    })
  }
  const say = (person: DoorPerson, change: Partial<CheckIn>) => {
    const checkIn = Object.fromEntries(
      Object.entries({ ...person.checkIn, ...change }).filter(([, value]) => value !== undefined && value !== false),
    ) as CheckIn
    put(person.id, { came: true, checkIn })
  }
  return (
    <ul>
      {people.map((person) => (
        <li key={person.id} className="border-t-2 border-line py-2">
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <p className="min-w-32 flex-1 text-[1.15rem] font-semibold">
              {person.name}
              {failed.has(person.id) && <span className="wrong ml-2">not saved yet</span>}
            </p>
            <fieldset className="flex" aria-label={`${person.name} today`}>
              {FEELS.map(([feel, label]) => {
                const on = person.came && (person.checkIn?.dayFeel ?? 'well') === feel
                return (
                  <button
                    key={feel}
                    type="button"
                    aria-pressed={on}
                    className={`min-h-12 min-w-20 border-b-4 px-2 ${on ? 'border-plum bg-plum-wash font-semibold' : 'border-line'}`}
                    onClick={() => say(person, { dayFeel: feel })}
                  >
                    {label}
                  </button>
                )
              })}
              <button
                type="button"
                aria-expanded={open === person.id}
                aria-label={`More about ${person.name}`}
                className="min-h-12 min-w-12 border-b-4 border-line"
                onClick={() => setOpen(open === person.id ? undefined : person.id)}
              >
                …
              </button>
            </fieldset>
          </div>
          {open === person.id && (
            <div className="flex flex-col gap-3 py-3">
              <div className="flex flex-wrap gap-x-6">
                {SIGNS.map(([sign, label]) => (
                  <label key={sign} className="flex min-h-12 items-center gap-3">
                    <input
                      type="checkbox"
                      className="size-6 accent-plum"
                      checked={person.checkIn?.[sign] ?? false}
                      onChange={(event) => say(person, { [sign]: event.target.checked })}
                    />
                    {label}
                  </label>
                ))}
              </div>
              <div className="flex flex-wrap gap-4">
                {(
                  [
                    ['painNow', 'Pain at rest, 0–10'],
                    ['usualPain', 'Usual pain, 0–10'],
                  ] as const
                ).map(([field, label]) => (
                  <label key={field} className="field w-36">
                    <span>{label}</span>
                    <select
                      className="input min-h-12"
                      value={person.checkIn?.[field] ?? ''}
                      onChange={(event) => say(person, { [field]: event.target.value === '' ? undefined : Number(event.target.value) })}
                    >
                      <option value="">not asked</option>
                      {Array.from({ length: 11 }, (_, value) => (
                        <option key={value} value={value}>
                          {value}
                        </option>
                      ))}
                    </select>
                  </label>
                ))}
                {READINGS.filter((reading) => person.conditions.some((slug) => reading.for.test(slug))).map(({ field, label }) => (
                  <label key={field} className="field w-32">
                    <span>{label}</span>
                    <input
                      className="input min-h-12"
                      type="number"
                      inputMode="decimal"
                      defaultValue={person.checkIn?.[field] ?? ''}
                      onBlur={(event) => say(person, { [field]: event.target.value === '' ? undefined : Number(event.target.value) })}
                    />
                  </label>
                ))}
                <label className="field w-48">
                  <span>Holds until</span>
                  <input
                    className="input min-h-12"
                    type="date"
                    min={day}
                    value={person.checkIn?.until ?? ''}
                    onChange={(event) => say(person, { until: event.target.value || undefined })}
                  />
                </label>
              </div>
              <div className="flex flex-wrap gap-3">
                <button type="button" className="quiet min-h-12" onClick={() => say(person, { until: addDays(day, KEEP_DAYS) })}>
                  Keep for a week
                </button>
                <button type="button" className="quiet min-h-12" onClick={() => put(person.id, { came: false, checkIn: null })}>
                  Not here
                </button>
              </div>
            </div>
          )}
        </li>
      ))}
    </ul>
  )
}
