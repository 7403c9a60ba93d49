import type { SeriesTurn } from '@/core/progress'
import { list } from '../shell/list'

/** A plan that can take its turn: a kept version by its name, or under none the plan of the class; with its movements, by id and name. */
export interface TurnPlan {
  name?: string
  movements: { id: string; name: string }[]
}

interface Props {
  turn: SeriesTurn
  /** its place in the order, from 0 */
  at: number
  plans: readonly TurnPlan[]
  onChange: (turn: SeriesTurn) => void
  /** undefined = it is the only one */
  onRemove: (() => void) | undefined
}

/** What is done at home is little, or nobody does it. */
const MOST_HOMEWORK = 5

/** One of the plans that take turns: which it is, what it is about, and what is done at home after it. */
export function TurnRow({ turn, at, plans, onChange, onRemove }: Props) {
  const own = plans.find(({ name }) => name === turn.version)
  const homework = turn.homework.flatMap((id) => own?.movements.find((one) => one.id === id)?.name ?? [])
  return (
    <li className="flex flex-wrap items-end gap-x-4 gap-y-1 border-t border-line py-2">
      <b className="w-5 pb-2">{at + 1}</b>
      <label className="field">
        <span>Plan</span>
        <select
          className="input w-64"
          value={turn.version ?? ''}
          onChange={({ target }) => {
            const { version: _before, ...rest } = turn
            // what is done at home is of this plan
            onChange({ ...rest, homework: [], ...(target.value !== '' && { version: target.value }) })
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
        <input className="input" maxLength={80} value={turn.focus} onChange={({ target }) => onChange({ ...turn, focus: target.value })} />
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
                  onChange({
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
      <button type="button" className="quiet" disabled={!onRemove} onClick={onRemove}>
        Take out
      </button>
    </li>
  )
}
