'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { SERIES_WEEKS, type Series, type SeriesTurn } from '@/core/progress'
import { keepSeries } from '@/server/actions/classes'
import { answered, refusalWords } from '../shell/answered'
import { list } from '../shell/list'
import { NumberField } from '../shell/NumberField'

/** A plan that can take its turn: a kept version by its name, or under none the plan of the class; with its movements, by id and name. */
export interface TurnPlan {
  name?: string
  movements: { id: string; name: string }[]
}

interface Props {
  classId: string
  /** of days, time and series */
  revision: number
  series: Series | null
  /** a series that is begun now begins on this day */
  from: string
  plans: readonly TurnPlan[]
}

/** What is done at home is little, or nobody does it. */
const MOST_HOMEWORK = 5
const GENTLER = [2, 3, 4, 5, 6, 8]

/** Which plans take turns, for how long, with what in between; kept as one, or refused as one with all that was typed still here. */
export function SeriesForm({ classId, revision: first, series, from, plans }: Props) {
  const router = useRouter()
  const [made, setMade] = useState<Series>(
    series ?? { version: 1, from, weeks: 8, turns: [{ focus: '', homework: [] }], mostNew: 4, missed: 'shift', missedDays: [] },
  )
  const [revision, setRevision] = useState(first)
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const set = (change: Partial<Series>) => setMade((before) => ({ ...before, ...change }))
  const setTurn = (at: number, turn: SeriesTurn) => set({ turns: made.turns.map((one, index) => (index === at ? turn : one)) })
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
          {made.turns.map((turn, at) => {
            const own = plans.find(({ name }) => name === turn.version)
            const homework = turn.homework.flatMap((id) => own?.movements.find((one) => one.id === id)?.name ?? [])
            return (
              <li key={at} className="flex flex-wrap items-end gap-x-4 gap-y-1 border-t border-line py-2">
                <b className="w-5 pb-2">{at + 1}</b>
                <label className="field">
                  <span>Plan</span>
                  <select
                    className="input w-64"
                    value={turn.version ?? ''}
                    onChange={({ target }) => {
                      const { version: _before, ...rest } = turn
                      // what is done at home is of this plan
                      setTurn(at, { ...rest, homework: [], ...(target.value !== '' && { version: target.value }) })
                    }}
                  >
                    {turn.version !== undefined && !own && <option value={turn.version}>{turn.version} (no longer kept)</option>}
                    {plans.map(({ name = '' }) => (
                      <option key={name} value={name}>
                        {name === '' ? 'the plan of the class' : name}
                      </option>
                    ))}
                  </select>
                </label>
                <label className="field grow">
                  <span>What it is about, as the group is told</span>
                  <input
                    className="input"
                    maxLength={80}
                    value={turn.focus}
                    onChange={({ target }) => setTurn(at, { ...turn, focus: target.value })}
                  />
                </label>
                <details className="relative min-w-64">
                  <summary className="quiet">{homework.length > 0 ? `At home: ${list(homework)}` : 'Nothing at home'}</summary>
                  <fieldset className="mt-1 grid max-h-64 gap-x-4 overflow-y-auto border border-line p-2">
                    <legend className="sr-only">At home till the next time, at most {MOST_HOMEWORK}</legend>
                    {(own?.movements ?? []).map(({ id, name }) => (
                      <label key={id} className="flex min-h-9 items-center gap-2">
                        <input
                          type="checkbox"
                          className="size-5"
                          checked={turn.homework.includes(id)}
                          disabled={!turn.homework.includes(id) && turn.homework.length >= MOST_HOMEWORK}
                          onChange={({ target }) =>
                            setTurn(at, {
                              ...turn,
                              homework: target.checked ? [...turn.homework, id] : turn.homework.filter((one) => one !== id),
                            })
                          }
                        />
                        {name}
                      </label>
                    ))}
                  </fieldset>
                </details>
                <button
                  type="button"
                  className="quiet"
                  disabled={made.turns.length === 1}
                  onClick={() => set({ turns: made.turns.filter((_, index) => index !== at) })}
                >
                  Take out
                </button>
              </li>
            )
          })}
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
