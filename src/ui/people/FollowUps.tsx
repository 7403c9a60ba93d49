import { FOLLOW_UP_WORDS } from '@/content/screening/form'
import type { FollowAnswers, FollowUp } from '@/core/client/form'

const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December']
const choice = (on: boolean) => `min-h-11 min-w-11 border-b-4 px-3 ${on ? 'border-plum bg-plum-wash font-semibold' : 'border-line'}`

function Choices<T extends string | number | boolean>({
  label,
  options,
  value,
  onChange,
}: {
  label: string
  options: readonly (readonly [T, string])[]
  value: T | undefined
  onChange: (value: T | undefined) => void
}) {
  return (
    <fieldset className="flex flex-wrap items-center gap-1">
      <legend className="mb-1">{label}</legend>
      {options.map(([one, words]) => (
        <button
          key={String(one)}
          type="button"
          aria-pressed={value === one}
          className={choice(value === one)}
          onClick={() => onChange(value === one ? undefined : one)}
        >
          {words}
        </button>
      ))}
    </fieldset>
  )
}

/** A month by its name and a year; the year alone is enough. */
function When({ value, onChange }: { value: string | undefined; onChange: (value: string | undefined) => void }) {
  const [year = '', month = ''] = (value ?? '').split('-')
  const set = (nextYear: string, nextMonth: string) =>
    onChange(/^\d{4}$/.test(nextYear) ? `${nextYear}${nextMonth ? `-${nextMonth}` : ''}` : nextYear === '' ? undefined : nextYear)
  return (
    <fieldset>
      <legend className="mb-1">{FOLLOW_UP_WORDS.when}</legend>
      <div className="flex gap-3">
        <label className="field w-44">
          <span>Month, if you know it</span>
          <select className="input min-h-11" value={month} onChange={(event) => set(year, event.target.value)}>
            <option value="">not sure</option>
            {MONTHS.map((name, index) => (
              <option key={name} value={String(index + 1).padStart(2, '0')}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="field w-28">
          <span>Year</span>
          <input
            className="input min-h-11"
            inputMode="numeric"
            maxLength={4}
            value={year}
            onChange={(event) => set(event.target.value.replace(/\D/g, ''), month)}
          />
        </label>
      </div>
    </fieldset>
  )
}

interface Props {
  asks: readonly FollowUp[]
  value: FollowAnswers
  onChange: (change: FollowAnswers) => void
}

/** The questions behind an answer that was ticked. What somebody is not sure of stays open and is read on the cautious side. */
export function FollowUps({ asks, value, onChange }: Props) {
  return (
    <div className="mb-3 ml-9 flex flex-col gap-4 border-l-4 border-plum-wash pl-4">
      {asks.includes('side') && (
        <Choices
          label={FOLLOW_UP_WORDS.side}
          options={[
            ['left', 'Left'],
            ['right', 'Right'],
            ['both', 'Both'],
          ]}
          value={value.side}
          onChange={(side) => onChange({ side })}
        />
      )}
      {asks.includes('when') && <When value={value.when} onChange={(when) => onChange({ when })} />}
      {asks.includes('pain') && (
        <Choices
          label={FOLLOW_UP_WORDS.pain}
          options={Array.from({ length: 11 }, (_, pain) => [pain, String(pain)] as const)}
          value={value.pain}
          onChange={(pain) => onChange({ pain })}
        />
      )}
      {asks.includes('nights') && (
        <Choices
          label={FOLLOW_UP_WORDS.nights}
          options={[
            [true, 'Yes'],
            [false, 'No'],
          ]}
          value={value.nights}
          onChange={(nights) => onChange({ nights })}
        />
      )}
      {asks.includes('week') && (
        <fieldset>
          <legend className="mb-1">{FOLLOW_UP_WORDS.week}</legend>
          <div className="flex gap-3">
            <label className="field w-28">
              <span>Whole weeks</span>
              <input
                className="input min-h-11"
                inputMode="numeric"
                maxLength={2}
                value={value.week ?? ''}
                onChange={(event) => {
                  const week = Number(event.target.value.replace(/\D/g, ''))
                  onChange({ week: event.target.value === '' || week > 45 ? undefined : week })
                }}
              />
            </label>
            <label className="field w-44">
              <span>or due on</span>
              <input
                className="input min-h-11"
                type="date"
                value={value.due ?? ''}
                onChange={(event) => onChange({ due: event.target.value || undefined })}
              />
            </label>
          </div>
        </fieldset>
      )}
      {asks.includes('birth') && (
        <label className="field w-44">
          <span>{FOLLOW_UP_WORDS.birth}</span>
          <input
            className="input min-h-11"
            type="date"
            value={value.birth ?? ''}
            onChange={(event) => onChange({ birth: event.target.value || undefined })}
          />
        </label>
      )}
    </div>
  )
}
