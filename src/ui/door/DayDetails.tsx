import { DOOR_FINDINGS } from '@/content/screening/door'
import { addDays } from '@/core/client/calendar'
import type { CheckIn } from '@/core/client/record'
import type { DoorPerson } from './DoorList'
import { ReadingField } from './ReadingField'

const SIGNS = [
  ['chestPainNow', 'chest pain or pressure now'],
  ['newBreathless', 'newly breathless'],
  ['dizzyNow', 'dizzy'],
  ['feverNow', 'fever or stomach upset'],
] as const
const PAINS = [
  ['painNow', 'Pain at rest, 0–10'],
  ['usualPain', 'Usual pain, 0–10'],
] as const
const KEEP_DAYS = 7

function Tick({ checked, onChange, children }: { checked: boolean; onChange: (ticked: boolean) => void; children: React.ReactNode }) {
  return (
    <label className="flex min-h-12 items-center gap-3">
      <input type="checkbox" className="size-6 shrink-0 accent-plum" checked={checked} onChange={(event) => onChange(event.target.checked)} />
      {children}
    </label>
  )
}

function Score({ label, value, onChange }: { label: string; value: number | undefined; onChange: (value: number | undefined) => void }) {
  return (
    <label className="field w-36">
      <span>{label}</span>
      <select
        className="input min-h-12"
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value === '' ? undefined : Number(event.target.value))}
      >
        <option value="">not asked</option>
        {Array.from({ length: 11 }, (_, score) => (
          <option key={score} value={score}>
            {score}
          </option>
        ))}
      </select>
    </label>
  )
}

interface Props {
  person: DoorPerson
  day: string
  onSay: (change: Partial<CheckIn>) => void
  onFinding: (key: string, said: boolean) => void
  onAbsent: () => void
}

/** What more there is to say about today. Each answer is kept by itself; none of them marks anybody present. */
export function DayDetails({ person, day, onSay, onFinding, onAbsent }: Props) {
  const { checkIn } = person
  const about = (slug: string, change: Record<string, unknown>) => {
    const before = checkIn?.conditions?.[slug] ?? {}
    const next = Object.fromEntries(Object.entries({ ...before, ...change }).filter(([, value]) => value !== undefined))
    onSay({ conditions: { ...checkIn?.conditions, [slug]: next } })
  }
  return (
    <div className="flex flex-col gap-4 py-3">
      <div className="flex flex-wrap gap-x-6">
        {SIGNS.map(([sign, label]) => (
          <Tick key={sign} checked={checkIn?.[sign] ?? false} onChange={(ticked) => onSay({ [sign]: ticked })}>
            {label}
          </Tick>
        ))}
      </div>
      {DOOR_FINDINGS.map(({ question, key, say }) => (
        <Tick key={question} checked={person.said.includes(key)} onChange={(ticked) => onFinding(key, ticked)}>
          {say}
        </Tick>
      ))}
      {person.asks.map(({ slug, name, fields, pain }) => (
        <fieldset key={slug}>
          <legend className="text-soft">Today, about {name.toLowerCase()}</legend>
          <div className="flex flex-wrap items-end gap-x-6">
            {fields.map(({ field, label, usual }) => (
              <Tick
                key={field}
                checked={((checkIn?.conditions?.[slug] as Record<string, unknown> | undefined)?.[field] as boolean | undefined) ?? usual}
                onChange={(ticked) => about(slug, { [field]: ticked })}
              >
                {label}
              </Tick>
            ))}
            {pain && (
              <Score label="Pain from it, 0–10" value={checkIn?.conditions?.[slug]?.painToday} onChange={(painToday) => about(slug, { painToday })} />
            )}
          </div>
        </fieldset>
      ))}
      <div className="flex flex-wrap gap-4">
        {PAINS.map(([field, label]) => (
          <Score key={field} label={label} value={checkIn?.[field]} onChange={(value) => onSay({ [field]: value })} />
        ))}
        {person.readings.map((reading) => (
          <ReadingField key={reading} reading={reading} value={checkIn?.[reading]} onChange={(value) => onSay({ [reading]: value })} />
        ))}
        <label className="field w-48">
          <span>Holds until</span>
          <input
            className="input min-h-12"
            type="date"
            min={day}
            value={checkIn?.until ?? ''}
            onChange={(event) => onSay({ until: event.target.value || undefined })}
          />
        </label>
      </div>
      <div className="flex flex-wrap gap-3">
        <button type="button" className="quiet min-h-12" onClick={() => onSay({ until: addDays(day, KEEP_DAYS) })}>
          Keep for a week
        </button>
        <button type="button" className="quiet min-h-12" onClick={onAbsent}>
          Not here
        </button>
      </div>
    </div>
  )
}
