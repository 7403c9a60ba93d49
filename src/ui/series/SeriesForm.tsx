'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { SERIES_WEEKS, type Series } from '@/core/progress'
import { keepSeries } from '@/server/actions/classes'
import { answered, refusalWords } from '../shell/answered'
import { NumberField } from '../shell/NumberField'
import { type TurnPlan, TurnRow } from './TurnRow'

interface Props {
  classId: string
  /** of days, time and series */
  revision: number
  series: Series | null
  /** a series that is begun now begins on this day */
  from: string
  plans: readonly TurnPlan[]
}

const GENTLER = [2, 3, 4, 5, 6, 8]

/** Which plans take turns, for how long, with what in between; kept as one, or refused as one with all that was typed still here. */
export function SeriesForm({ classId, revision: first, series, from, plans }: Props) {
  const router = useRouter()
  const [made, setMade] = useState<Series>(
    series ?? { version: 1, from, weeks: 8, turns: [{ focus: '', homework: [] }], mostNew: 4, missed: 'shift', missedDays: [], later: [] },
  )
  const [revision, setRevision] = useState(first)
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const set = (change: Partial<Series>) => setMade((before) => ({ ...before, ...change }))
  const keep = (next: Series | null, done: string) =>
    start(async () => {
      const outcome = await answered(keepSeries({ id: classId, revision, series: next }))
      if (outcome.ok) {
        setRevision(outcome.revision)
        setMessage(done)
        router.refresh()
      } else if (outcome.kind === 'stale') {
        setRevision(outcome.revision)
        setMessage('Days or series of this class were changed in another window meanwhile. Nothing of yours was saved; press again to keep yours.')
      } else setMessage(refusalWords(outcome))
    })
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        keep(made, 'Kept.')
      }}
    >
      <div className="flex flex-wrap items-end gap-4">
        <label className="field">
          <span>First day</span>
          <input
            className="input"
            type="date"
            required
            value={made.from}
            onChange={({ target }) => target.value !== '' && set({ from: target.value })}
          />
        </label>
        <NumberField label="Weeks" value={made.weeks} min={SERIES_WEEKS.least} max={SERIES_WEEKS.most} onChange={(weeks) => set({ weeks })} />
        <label className="field">
          <span>A gentler week</span>
          <select
            className="input"
            value={made.gentlerEvery ?? ''}
            onChange={({ target }) => {
              const { gentlerEvery: _before, ...rest } = made
              setMade(target.value === '' ? rest : { ...rest, gentlerEvery: Number(target.value) })
            }}
          >
            <option value="">never</option>
            {GENTLER.map((every) => (
              <option key={every} value={every}>
                every {every} weeks
              </option>
            ))}
          </select>
        </label>
        <NumberField label="New, at most" value={made.mostNew} min={0} max={20} onChange={(mostNew) => set({ mostNew })} />
        <label className="field">
          <span>What is not held</span>
          <select className="input" value={made.missed} onChange={({ target }) => set({ missed: target.value as Series['missed'] })}>
            <option value="shift">comes the next time, and the series ends later</option>
            <option value="skip">is left out</option>
          </select>
        </label>
      </div>
      <fieldset>
        <legend className="font-serif text-[1.2rem]">Plans in turn, one a session</legend>
        <ol className="flex flex-col">
          {made.turns.map((turn, at) => (
            <TurnRow
              key={at}
              turn={turn}
              at={at}
              plans={plans}
              onChange={(next) => set({ turns: made.turns.with(at, next) })}
              onRemove={made.turns.length > 1 ? () => set({ turns: made.turns.filter((_, index) => index !== at) }) : undefined}
            />
          ))}
        </ol>
        <button
          type="button"
          className="quiet"
          disabled={made.turns.length >= 12}
          onClick={() => set({ turns: [...made.turns, { focus: '', homework: [] }] })}
        >
          Another plan in turn
        </button>
      </fieldset>
      <div className="flex flex-wrap items-center gap-4">
        <button type="submit" className="action" disabled={saving}>
          {series ? 'Keep the series' : 'Begin the series'}
        </button>
        {series && (
          <button
            type="button"
            className="quiet"
            disabled={saving}
            onClick={() => keep(null, 'The series is over: the class has the same plan every time.')}
          >
            End the series
          </button>
        )}
        <p role="status">{message}</p>
      </div>
    </form>
  )
}
