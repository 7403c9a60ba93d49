import { addDays } from '@/core/client/calendar'
import type { BodyRegion, CheckIn } from '@/core/client/record'
import { SorePlaces } from '../people/BodyChart'
import { Chip } from '../shell/Chip'
import { Eleven } from '../shell/Eleven'
import { ReadingField } from './ReadingField'
import type { DayAsk, DoorPerson } from './useDoor'

const KEEP_DAYS = 7
/** What stops somebody at once, or for today. */
const SIGNS = [
  ['chestPainNow', 'Chest pain or pressure'],
  ['newBreathless', 'Newly breathless'],
  ['dizzyNow', 'Dizzy'],
  ['feverNow', 'Fever or stomach'],
] as const

interface Props {
  person: DoorPerson
  day: string
  onSay: (words: Partial<CheckIn>) => void
  onFinding: (key: string, said: boolean) => void
  onUsual: () => void
}

/** Pain; a second tap on the same takes it back. */
function Pain({ label, value, onChange }: { label: string; value: number | undefined; onChange: (value: number | undefined) => void }) {
  return (
    <fieldset>
      <legend>{label}</legend>
      <Eleven label={label} value={value ?? null} onScore={(score) => onChange(value === score ? undefined : score)} />
    </fieldset>
  )
}

/** What a condition asks about today: who has more due is asked this first. */
function Due({ person, onSay, onFinding }: Pick<Props, 'person' | 'onSay' | 'onFinding'>) {
  const { checkIn, asks, readings, findings, said } = person
  const about = (slug: string, change: Record<string, unknown>) => {
    const before = checkIn?.conditions?.[slug] ?? {}
    const next = Object.fromEntries(Object.entries({ ...before, ...change }).filter(([, value]) => value !== undefined))
    onSay({ conditions: { ...checkIn?.conditions, [slug]: next } })
  }
  const answerOf = (slug: string, field: string): unknown => (checkIn?.conditions?.[slug] as Record<string, unknown> | undefined)?.[field]
  return (
    <>
      {asks.map(({ slug, name, fields, pain, flare }: DayAsk) => (
        <fieldset key={slug}>
          <legend className="text-soft">{name}</legend>
          <div className="mt-1 flex flex-wrap gap-2">
            {fields.map(({ field, label, usual }) => (
              <Chip key={field} on={(answerOf(slug, field) as boolean | undefined) ?? usual} onToggle={(on) => about(slug, { [field]: on })}>
                {label}
              </Chip>
            ))}
            {flare && (
              <Chip on={answerOf(slug, 'variant') === flare} onToggle={(on) => about(slug, { variant: on ? flare : undefined })}>
                A bad day with it
              </Chip>
            )}
          </div>
          {pain && (
            <div className="mt-2">
              <Pain
                label="Pain from it, 0 to 10"
                value={answerOf(slug, 'painToday') as number | undefined}
                onChange={(painToday) => about(slug, { painToday })}
              />
            </div>
          )}
        </fieldset>
      ))}
      {readings.length > 0 && (
        <div className="flex flex-wrap gap-4">
          {readings.map((reading) => (
            <ReadingField key={reading} reading={reading} value={checkIn?.[reading]} onChange={(value) => onSay({ [reading]: value })} />
          ))}
        </div>
      )}
      <div className="flex flex-wrap gap-2">
        {findings.map(({ key, say }) => (
          <Chip key={key} on={said.includes(key)} onToggle={(on) => onFinding(key, on)}>
            {say}
          </Chip>
        ))}
      </div>
    </>
  )
}

/** What there is to say of today: what is due first, then where it is sore, and today's limits. */
export function TodayPanel({ person, day, onSay, onFinding, onUsual }: Props) {
  const { checkIn } = person
  const sore = checkIn?.sore ?? []
  const toggle = (region: BodyRegion) => onSay({ sore: sore.includes(region) ? sore.filter((one) => one !== region) : [...sore, region] })
  return (
    <div className="flex flex-col gap-4 border-l-4 border-plum py-3 pl-3">
      <Due person={person} onSay={onSay} onFinding={onFinding} />
      <fieldset>
        <legend className="text-soft">Today</legend>
        <div className="mt-1 flex flex-wrap gap-2">
          <Chip on={checkIn?.dayFeel === 'a-bit-off'} onToggle={(on) => onSay({ dayFeel: on ? 'a-bit-off' : 'well' })}>
            A bit off
          </Chip>
          <Chip on={checkIn?.sleptBadly ?? false} onToggle={(on) => onSay({ sleptBadly: on })}>
            Slept badly
          </Chip>
          <Chip on={checkIn?.dayFeel === 'unwell'} onToggle={(on) => onSay({ dayFeel: on ? 'unwell' : 'well' })}>
            Unwell
          </Chip>
          {SIGNS.map(([sign, label]) => (
            <Chip key={sign} on={checkIn?.[sign] ?? false} onToggle={(on) => onSay({ [sign]: on })}>
              {label}
            </Chip>
          ))}
        </div>
      </fieldset>
      <fieldset className="min-w-0">
        <legend className="text-soft">Sore here</legend>
        <SorePlaces sore={sore} onToggle={toggle} />
        {sore.includes('chest') && (
          <p className="border-l-4 border-effort pl-3">Pressure, tightness or pain that spreads is no soreness: tap “Chest pain or pressure”.</p>
        )}
        {sore.some((region) => region.endsWith('shin')) && (
          <p className="border-l-4 border-effort pl-3">
            A calf that is newly swollen, hot or sore on one side: no class today, and somebody looks at it the same day.
          </p>
        )}
        {sore.includes('head') && (
          <p className="border-l-4 border-effort pl-3">Sudden and the worst ever, or with changed sight, speech or a weak arm: ring for help.</p>
        )}
      </fieldset>
      <Pain label="Pain at rest, 0 to 10" value={checkIn?.painNow} onChange={(painNow) => onSay({ painNow })} />
      {checkIn?.painNow !== undefined && (
        <Pain label="Usual pain, 0 to 10" value={checkIn.usualPain} onChange={(usualPain) => onSay({ usualPain })} />
      )}
      <div className="flex flex-wrap items-end gap-3">
        <button type="button" className="quiet min-h-12" onClick={onUsual}>
          None of this: as usual
        </button>
        <button type="button" className="quiet min-h-12" onClick={() => onSay({ until: addDays(day, KEEP_DAYS) })}>
          Keep for a week
        </button>
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
    </div>
  )
}
